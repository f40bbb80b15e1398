import { fail, handOverOf, issue, ok, parseWith, tripSchema, type Result, type Trip } from '@core';

/** Most letters of an address that one code holds and a camera still reads. */
export const CODE_LETTERS = 2600;
/** Most a day in an address may come to once it is unpacked, bytes. */
const UNPACKED_BYTES = 400_000;

const toText = (bytes: Uint8Array): string =>
  btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''))
    .replace(/\+/g, '-')
    .replace(/\//g, '_')
    .replace(/=+$/, '');
const fromText = (text: string): Uint8Array<ArrayBuffer> =>
  Uint8Array.from(atob(text.replace(/-/g, '+').replace(/_/g, '/')), (letter) => letter.charCodeAt(0));

/** Whether this browser packs and unpacks: older ones do not. */
export const canPack = (): boolean =>
  typeof CompressionStream === 'function' && typeof DecompressionStream === 'function';

/** A planned day as it stands behind the # of an address; null where there is no plan, or this browser cannot pack it. */
export async function dayToCode(trip: Trip): Promise<string | null> {
  const { plan } = trip;
  if (!plan || !canPack()) return null;
  const json = JSON.stringify(handOverOf({ ...trip, plan }));
  const packed = new Blob([json]).stream().pipeThrough(new CompressionStream('deflate-raw'));
  return toText(new Uint8Array(await new Response(packed).arrayBuffer()));
}

/** Bytes of a stream, up to a limit: a few letters can unpack to more than a machine holds. */
async function unpacked(stream: ReadableStream<Uint8Array>): Promise<string | null> {
  const reader = stream.getReader();
  const decoder = new TextDecoder();
  let text = '';
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return text + decoder.decode();
    size += value.byteLength;
    if (size > UNPACKED_BYTES) {
      await reader.cancel();
      return null;
    }
    text += decoder.decode(value, { stream: true });
  }
}

/** The day an address carries, checked as any file is. */
export async function dayFromCode(code: string): Promise<Result<Trip>> {
  const broken = fail([issue('broken-code', '')]);
  if (!canPack()) return fail([issue('cannot-unpack', '')]);
  if (!/^[\w-]+$/.test(code) || code.length > 100_000) return broken;
  try {
    const stream = new Blob([fromText(code)]).stream().pipeThrough(new DecompressionStream('deflate-raw'));
    const text = await unpacked(stream);
    if (text === null) return broken;
    const read = parseWith(tripSchema, JSON.parse(text) as unknown);
    return read.ok ? ok(read.value) : read;
  } catch {
    // cut short, or not packed by us
    return broken;
  }
}
