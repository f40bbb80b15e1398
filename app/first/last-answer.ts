/** One path of a drawing, as it was painted. */
export interface LastPath {
  readonly d: string;
  readonly of: string;
  readonly style: string;
}

/** What was tied on last, kept beside the store so that the next visit can show it before anything else is read. */
export interface LastAnswer {
  readonly version: 1;
  readonly theme: 'light' | 'night';
  readonly title: string;
  readonly frame: string;
  readonly paths: readonly LastPath[];
}

const KEY = 'pandero-last-answer';
/** Longest that is kept: a drawing is some 20 kB. */
const MOST = 100_000;

/** The browser's own small store, where it gives one. */
function place(): Storage | null {
  try {
    return globalThis.localStorage ?? null;
  } catch {
    return null;
  }
}

/** The last answer, or null where there is none that can be read. */
export function lastAnswer(): LastAnswer | null {
  try {
    const text = place()?.getItem(KEY) ?? null;
    if (text === null) return null;
    const found = JSON.parse(text) as LastAnswer;
    const isOurs = found.version === 1 && typeof found.title === 'string' && Array.isArray(found.paths);
    return isOurs ? found : null;
  } catch {
    return null;
  }
}

/** Keeps an answer for the next visit; null forgets it. What finds no room is no loss: the next visit waits a moment longer. */
export function keepLastAnswer(answer: LastAnswer | null): void {
  try {
    const text = answer === null ? null : JSON.stringify(answer);
    if (text === null || text.length > MOST) place()?.removeItem(KEY);
    else place()?.setItem(KEY, text);
  } catch {
    place()?.removeItem(KEY);
  }
}
