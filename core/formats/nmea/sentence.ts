/** Sentences of sounders and plotters, NMEA 0183: depth, water temperature, place and time. @source nmea-0183 */

/** What one sentence says; a field that is empty says nothing. */
export interface Reading {
  /** depth below the transducer, m, and where the transducer hangs: what has to be added for the depth below the surface, or null */
  readonly depthM?: number;
  readonly offsetM?: number;
  readonly temperatureC?: number;
  readonly lat?: number;
  readonly lon?: number;
  /** seconds after midnight, UTC */
  readonly timeS?: number;
  /** day, UTC: `2026-09-26` */
  readonly day?: string;
}
export type Sentence =
  | { readonly kind: 'reading'; readonly of: string; readonly reading: Reading }
  /** a sentence of another kind: no error */
  | { readonly kind: 'foreign'; readonly of: string }
  /** its checksum is wrong, or it says what cannot be */
  | { readonly kind: 'corrupt' }
  /** no sentence at all */
  | { readonly kind: 'noise' };

/** What no sounder on fresh or coastal water measures: a sentence that says more is one that was read or measured wrongly. */
const PLAUSIBLE = { depthM: [0, 500], offsetM: [-20, 20], temperatureC: [-2, 45] } as const;
const isPlausible = (reading: Reading): boolean =>
  Object.entries(PLAUSIBLE).every(([name, [least, most]]) => {
    const value = reading[name as keyof typeof PLAUSIBLE];
    return value === undefined || (value >= least && value <= most);
  });

/** Longest sentence the standard allows, with room for those who add to it. */
const MOST_LETTERS = 200;
const M_PER_FT = 0.3048;
const M_PER_FATHOM = 1.8288;

const number = (text: string | undefined): number | undefined => {
  if (text === undefined || !/^[+-]?\d+(\.\d*)?$|^[+-]?\.\d+$/.test(text)) return undefined;
  return Number(text);
};
/** A field that was told, under its name. */
const said = <K extends keyof Reading>(name: K, value: Reading[K] | undefined): Partial<Reading> =>
  value === undefined ? {} : { [name]: value };

/** `4530.123,N`: degrees and minutes. */
function degrees(text: string | undefined, side: string | undefined, most: number): number | undefined {
  const value = number(text);
  if (value === undefined || value < 0 || !side || !/^[NSEW]$/.test(side)) return undefined;
  const whole = Math.floor(value / 100);
  const minutes = value - 100 * whole;
  const found = whole + minutes / 60;
  if (minutes >= 60 || found > most) return undefined;
  return side === 'S' || side === 'W' ? -found : found;
}
const place = (lat?: string, ns?: string, lon?: string, ew?: string): Partial<Reading> => {
  const [y, x] = [degrees(lat, ns, 90), degrees(lon, ew, 180)];
  return y === undefined || x === undefined ? {} : { lat: y, lon: x };
};
function clock(text: string | undefined): number | undefined {
  const found = /^(\d\d)(\d\d)(\d\d(?:\.\d*)?)$/.exec(text ?? '');
  if (!found) return undefined;
  const [h, m, s] = [Number(found[1]), Number(found[2]), Number(found[3])];
  return h < 24 && m < 60 && s < 61 ? 3600 * h + 60 * m + s : undefined;
}
function calendar(text: string | undefined): string | undefined {
  const found = /^(\d\d)(\d\d)(\d\d)$/.exec(text ?? '');
  if (!found) return undefined;
  const [, d, m, y] = found;
  if (Number(m) < 1 || Number(m) > 12 || Number(d) < 1 || Number(d) > 31) return undefined;
  // two figures of a year: until 2079 this century’s
  return `${Number(y) >= 80 ? 19 : 20}${y!}-${m!}-${d!}`;
}

const READERS: Readonly<Record<string, (fields: readonly string[]) => Partial<Reading>>> = {
  DPT: ([depth, offset]) => {
    const depthM = number(depth);
    return depthM === undefined || depthM < 0 ? {} : { depthM, ...said('offsetM', number(offset)) };
  },
  DBT: ([feet, f, metres, m, fathoms, fa]) => {
    const inM = m === 'M' ? number(metres) : undefined;
    const inFt = f === 'f' ? number(feet) : undefined;
    const inFa = fa === 'F' ? number(fathoms) : undefined;
    const depthM =
      inM ??
      (inFt === undefined ? undefined : inFt * M_PER_FT) ??
      (inFa === undefined ? undefined : inFa * M_PER_FATHOM);
    return depthM === undefined || depthM < 0 ? {} : { depthM };
  },
  MTW: ([value, unit]) => said('temperatureC', unit === 'C' ? number(value) : undefined),
  // a fix that is void says its time, and no place
  RMC: ([time, status, lat, ns, lon, ew, , , date]) => ({
    ...said('timeS', clock(time)),
    ...said('day', calendar(date)),
    ...(status === 'A' ? place(lat, ns, lon, ew) : {}),
  }),
  GGA: ([time, lat, ns, lon, ew, quality]) => ({
    ...said('timeS', clock(time)),
    ...(quality !== undefined && quality !== '' && quality !== '0' ? place(lat, ns, lon, ew) : {}),
  }),
};

/** The checksum of a sentence: everything between its mark and the star, put together. */
export function checksumOf(body: string): string {
  let sum = 0;
  for (let at = 0; at < body.length; at++) sum ^= body.charCodeAt(at);
  return (sum & 0xff).toString(16).toUpperCase().padStart(2, '0');
}

/** Reads one sentence of any talker; a checksum is believed when it is given, and refused when it is wrong. */
export function readSentence(line: string): Sentence {
  const plain = line.trim().replace(/^\\[^\\]*\\/, '');
  if (plain.length > MOST_LETTERS || !/^[$!]/.test(plain)) return { kind: 'noise' };
  const found = /^[$!]([^*]*)(?:\*([0-9A-Fa-f]{2}))?$/.exec(plain);
  if (!found) return { kind: 'corrupt' };
  const [, body = '', sum] = found;
  if (sum !== undefined && checksumOf(body) !== sum.toUpperCase()) return { kind: 'corrupt' };
  const [address = '', ...fields] = body.split(',');
  const of = address.startsWith('P') ? address : address.slice(-3);
  if (!/^[A-Z]{2}[A-Z0-9]{3}$/.test(address))
    return { kind: address === '' ? 'noise' : 'foreign', of: address } as Sentence;
  const reader = READERS[of];
  if (!reader) return { kind: 'foreign', of };
  const reading = reader(fields);
  return isPlausible(reading) ? { kind: 'reading', of, reading } : { kind: 'corrupt' };
}

/** A sentence with its checksum. */
export const asSentence = (body: string): string => `$${body}*${checksumOf(body)}`;

/**
 * Puts sentences together that come in pieces: several in one datagram, or one over two.
 * @param hear  called with each whole line
 */
export function sentenceLines(hear: (line: string) => void): (data: string) => void {
  let rest = '';
  return (data) => {
    // a piece that ends a sentence by its checksum needs no line end: the next begins with its mark
    const text = (rest + data).replace(/(\*[0-9A-Fa-f]{2})(?=[$!\\])/g, '$1\n');
    const lines = text.split(/\r\n|\n|\r/);
    const last = lines.pop() ?? '';
    const isWhole = /\*[0-9A-Fa-f]{2}$/.test(last);
    rest = isWhole ? '' : last.slice(-MOST_LETTERS);
    for (const line of isWhole ? [...lines, last] : lines) if (line.trim() !== '') hear(line);
  };
}
