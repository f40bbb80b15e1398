import { fail, issue, ok, type Result } from '../result';
import * as formats from '../locale/en/formats';

/** How the bytes of a file were read as text. */
export const ENCODINGS = ['utf-8', 'utf-16le', 'utf-16be', 'windows-1252'] as const;
export type Encoding = (typeof ENCODINGS)[number];

/** Bytes looked at to tell what a file is. */
const LOOK_AT = 4096;
/** Share of zero bytes on one side of every pair from which a text is taken for two bytes a letter. */
const WIDE_SHARE = 0.3;

/** Beginnings of files that are no text, and what they are. */
const BINARY: readonly (readonly [name: string, bytes: readonly number[]])[] = [
  [formats.zipped, [0x50, 0x4b, 0x03, 0x04]],
  [formats.oldSpreadsheet, [0xd0, 0xcf, 0x11, 0xe0]],
  ['a PDF', [0x25, 0x50, 0x44, 0x46]],
  ['a picture', [0x89, 0x50, 0x4e, 0x47]],
  ['a picture', [0xff, 0xd8, 0xff]],
  [formats.packed, [0x1f, 0x8b]],
];

const begins = (bytes: Uint8Array, ...marks: readonly number[]): boolean =>
  marks.every((mark, at) => bytes[at] === mark);

/** Whether every second byte is mostly zero: two bytes a letter without a mark that says so. */
function wideWithoutMark(bytes: Uint8Array): Encoding | null {
  const looked = bytes.subarray(0, LOOK_AT);
  const zeros = [0, 0];
  looked.forEach((byte, at) => {
    if (byte === 0) zeros[at % 2]!++;
  });
  const [even, odd] = zeros.map((count) => count / (looked.length / 2)) as [number, number];
  if (odd > WIDE_SHARE && even < WIDE_SHARE) return 'utf-16le';
  return even > WIDE_SHARE && odd < WIDE_SHARE ? 'utf-16be' : null;
}

function encodingOf(bytes: Uint8Array): Encoding | null {
  if (begins(bytes, 0xef, 0xbb, 0xbf)) return 'utf-8';
  if (begins(bytes, 0xff, 0xfe, 0, 0) || begins(bytes, 0, 0, 0xfe, 0xff)) return null;
  if (begins(bytes, 0xff, 0xfe)) return 'utf-16le';
  if (begins(bytes, 0xfe, 0xff)) return 'utf-16be';
  const wide = wideWithoutMark(bytes);
  if (wide) return wide;
  if (bytes.subarray(0, LOOK_AT).includes(0)) return null;
  return 'utf-8';
}

/** A text and how its bytes were read. */
export interface Decoded {
  readonly text: string;
  readonly encoding: Encoding;
}

/**
 * Reads the bytes of a file as text: UTF-8, UTF-16 with or without its mark, and the one byte a letter that older spreadsheets write.
 * @returns the text without a byte-order mark and how it was read, or what the file is when it is no text
 */
export function decodeText(bytes: Uint8Array): Result<Decoded> {
  const binary = BINARY.find(([, marks]) => begins(bytes, ...marks));
  if (binary) return fail([issue('not-text', '', { got: binary[0] })]);
  const encoding = encodingOf(bytes);
  if (encoding === null) return fail([issue('not-text', '', { got: formats.noText })]);
  try {
    return ok({ text: new TextDecoder(encoding, { fatal: true }).decode(bytes), encoding });
  } catch {
    if (encoding !== 'utf-8') return fail([issue('not-text', '', { got: formats.broken(encoding.toUpperCase()) })]);
    return ok({ text: new TextDecoder('windows-1252').decode(bytes), encoding: 'windows-1252' });
  }
}
