import { readSentence, sentenceLines, type Reading } from './sentence';

/** What a sounder says by now, each field as it was told last. */
export type State = Reading;

/** The state after another reading. */
export const afterReading = (state: State, reading: Reading): State => ({ ...state, ...reading });

/** Faster than this no boat goes, m/s; and so often a place has to be told before it is believed that one is there after all. */
const FASTEST_MPS = 45;
const BELIEVED_AFTER = 3;
const M_PER_DEGREE = 111_320;

/**
 * Holds places against the one before: a jump no boat makes is set aside, unless it is told again and again.
 * @returns takes a place and the second it was told at; whether it is where one can be
 */
export function boatGate(): (lat: number, lon: number, atS: number) => boolean {
  let last: { readonly lat: number; readonly lon: number; readonly atS: number } | null = null;
  let off = 0;
  return (lat, lon, atS) => {
    const around = Math.abs(lon - (last?.lon ?? lon));
    const east = Math.min(around, 360 - around) * Math.cos((lat * Math.PI) / 180);
    const m = M_PER_DEGREE * Math.hypot(lat - (last?.lat ?? lat), east);
    // a fix a second wobbles by some metres whatever the boat does
    const isThere = last === null || m <= 30 + FASTEST_MPS * Math.abs(atS - last.atS) || ++off >= BELIEVED_AFTER;
    if (isThere) [last, off] = [{ lat, lon, atS }, 0];
    return isThere;
  };
}
/** A reading without its place. */
export function withoutPlace({ lat: _lat, lon: _lon, ...rest }: Reading): Reading {
  return rest;
}

/** Depth below the surface of a state, m: with the offset of the transducer, where one was told or is known. */
export function depthBelowSurfaceM({ depthM, offsetM }: State, mountedM = 0): number | null {
  if (depthM === undefined) return null;
  // an offset above 0 is the way to the surface, one below 0 the way to the keel
  return depthM + (offsetM !== undefined && offsetM > 0 ? offsetM : mountedM);
}

/** A point of a track: seconds since it began, place, depth below the surface and water temperature, where they were told. */
export type TrackPoint = readonly [
  sinceS: number,
  lat: number | null,
  lon: number | null,
  depthM: number | null,
  temperatureC: number | null,
];
export interface Recording {
  readonly track: readonly TrackPoint[];
  /** day and second it began, UTC; null where no time was told */
  readonly day: string | null;
  readonly startS: number | null;
  readonly sentences: number;
  readonly readings: number;
  readonly foreign: Readonly<Record<string, number>>;
  readonly corrupt: number;
  readonly noise: number;
}

/** Points a track keeps: of more, every other one is let go, again and again. */
export const TRACK_POINTS = 4000;
const DAY_S = 86_400;
/** Sentences between two reports of progress. */
const REPORT_EVERY = 5000;

/**
 * Reads a recording, a step for every few thousand sentences.
 * @param mountedM  how deep the transducer hangs, m, where the sentences do not say
 * @yields          share of it that is read
 */
export function* recordingInSteps(text: string, mountedM = 0): Generator<number, Recording> {
  let state: State = {};
  let points: TrackPoint[] = [];
  let every = 1;
  let seen = 0;
  let startS: number | null = null;
  let lastS = 0;
  let past = 0;
  let [sentences, readings, corrupt, noise] = [0, 0, 0, 0];
  const foreign: Record<string, number> = {};
  const isThere = boatGate();
  const hear = (line: string): void => {
    const sentence = readSentence(line);
    sentences++;
    if (sentence.kind === 'noise') return void noise++;
    if (sentence.kind === 'corrupt') return void corrupt++;
    if (sentence.kind === 'foreign') {
      foreign[sentence.of] = (foreign[sentence.of] ?? 0) + 1;
      return;
    }
    readings++;
    const { timeS, lat, lon } = sentence.reading;
    const isJump = lat !== undefined && lon !== undefined && !isThere(lat, lon, past + (timeS ?? lastS));
    if (isJump) corrupt++;
    state = afterReading(state, isJump ? withoutPlace(sentence.reading) : sentence.reading);
    if (timeS !== undefined) {
      // past midnight the clock begins anew
      if (startS !== null && timeS < lastS - DAY_S / 2) past += DAY_S;
      startS ??= timeS;
      lastS = timeS;
    }
    if (sentence.reading.depthM === undefined && (lat === undefined || isJump)) return;
    if (seen++ % every !== 0) return;
    points.push([
      Number((past + lastS - (startS ?? lastS)).toFixed(1)),
      state.lat ?? null,
      state.lon ?? null,
      depthBelowSurfaceM(state, mountedM),
      state.temperatureC ?? null,
    ]);
    if (points.length > TRACK_POINTS) {
      points = points.filter((_, at) => at % 2 === 0);
      every *= 2;
    }
  };
  const feed = sentenceLines(hear);
  let from = 0;
  while (from < text.length) {
    let to = from;
    for (let lines = 0; lines < REPORT_EVERY && to !== -1 && to < text.length; lines++) {
      const next = text.indexOf('\n', to);
      to = next === -1 ? text.length : next + 1;
    }
    feed(text.slice(from, to));
    from = to;
    yield from / text.length;
  }
  feed('\n');
  return { track: points, day: state.day ?? null, startS, sentences, readings, foreign, corrupt, noise };
}
