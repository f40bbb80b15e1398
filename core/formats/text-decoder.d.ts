/** The one piece of the web platform the readers use; browsers, workers and Node all have it. */
declare class TextDecoder {
  constructor(label?: string, options?: { readonly fatal?: boolean; readonly ignoreBOM?: boolean });
  decode(input: Uint8Array): string;
}
