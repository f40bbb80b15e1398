/** Just what the CSV reader and writer use; the published types would pull Node's into the core. */
declare module 'papaparse' {
  interface ParseResult {
    readonly data: string[][];
    readonly errors: readonly { readonly code: string; readonly message: string; readonly row?: number }[];
  }
  const Papa: {
    parse(text: string, config: { delimiter: string; skipEmptyLines: false; header: false }): ParseResult;
    unparse(
      input: { fields: readonly string[]; data: readonly (readonly string[])[] },
      config?: { newline: string },
    ): string;
  };
  export default Papa;
}
