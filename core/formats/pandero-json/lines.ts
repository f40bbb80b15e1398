import { visit } from 'jsonc-parser';
import { issue, type Issue } from '../../result';

/** Line numbers of a text, counted from 1, looked up by offset. */
export function lineFinder(text: string): (offset: number) => number {
  const ends: number[] = [];
  for (let at = text.indexOf('\n'); at !== -1; at = text.indexOf('\n', at + 1)) ends.push(at);
  return (offset) => {
    let [low, high] = [0, ends.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (ends[middle]! < offset) low = middle + 1;
      else high = middle;
    }
    return low + 1;
  };
}

/** Places that are looked for, as a tree of keys. */
interface Wanted {
  line: number | null;
  readonly inner: Map<string | number, Wanted>;
}
const wanted = (): Wanted => ({ line: null, inner: new Map() });

/** `rig.trailer.kind` or `cover[0].topM` as the keys of a JSON location. */
const keysOf = (path: string): (string | number)[] =>
  [...path.matchAll(/([^.[\]]+)|\[(\d+)\]/g)].map(([, name, index]) =>
    index === undefined ? (name ?? '') : Number(index),
  );

/** Writes down the line of every place that is looked for; the text is gone through once, however many they are. */
function findLines(text: string, root: Wanted): void {
  /** for each open bracket: what is looked for inside, the key or index the next value stands at, and whether it is a list */
  const open: { readonly looked: Wanted | null; key: string | number; readonly list: boolean }[] = [];
  const value = (line: number): Wanted | null => {
    const around = open.at(-1);
    const here = around ? (around.looked?.inner.get(around.key) ?? null) : root;
    if (here && here.line === null) here.line = line + 1;
    return here;
  };
  const begin = (list: boolean, line: number): void => {
    open.push({ looked: value(line), key: list ? 0 : '', list });
  };
  visit(text, {
    onObjectBegin: (_offset, _length, line) => begin(false, line),
    onArrayBegin: (_offset, _length, line) => begin(true, line),
    onObjectEnd: () => void open.pop(),
    onArrayEnd: () => void open.pop(),
    onObjectProperty: (key) => {
      open.at(-1)!.key = key;
    },
    onLiteralValue: (_value, _offset, _length, line) => void value(line),
    onSeparator: (mark) => {
      const around = open.at(-1);
      if (mark === ',' && around?.list) around.key = Number(around.key) + 1;
    },
  });
}

/** Adds the line of each problem's field, as far as the field exists; a missing one gets the line of what should hold it. */
export function withLines(issues: readonly Issue[], text: string): Issue[] {
  const root = wanted();
  const trails = issues.map(({ path }) =>
    keysOf(path).reduce<Wanted[]>(
      (trail, key) => {
        const at = trail.at(-1)!;
        if (!at.inner.has(key)) at.inner.set(key, wanted());
        return [...trail, at.inner.get(key)!];
      },
      [root],
    ),
  );
  findLines(text.replace(/^\uFEFF/, ''), root);
  return issues.map((found, at) => {
    const lines = trails[at]!.flatMap((place) => place.line ?? []);
    const line = lines.at(-1);
    return line === undefined ? found : issue(found.code, found.path, found.data, line);
  });
}
