import { TRAYS, type AnyPart, type Box, type Tray } from './box';

/** What an incoming list would do to a box: parts it brings, parts that are there already, and parts it does not name. */
export interface BoxDiff {
  readonly fresh: readonly { readonly tray: Tray; readonly part: AnyPart }[];
  /** the same part is in the box; `at` is its place in the tray */
  readonly there: readonly { readonly tray: Tray; readonly part: AnyPart; readonly at: number }[];
  /** parts of the trays the list speaks of that it does not name */
  readonly unnamed: readonly { readonly tray: Tray; readonly part: AnyPart; readonly at: number }[];
  /** lines of the list that say the same as an earlier one, by their place in it */
  readonly repeated: readonly { readonly tray: Tray; readonly at: number; readonly first: number }[];
}

const NOT_IDENTITY: ReadonlySet<string> = new Set(['id', 'quantity', 'condition', 'massG', 'massTrust']);

/** Fields in one order; what is null, false or plain counts as left out. */
function settled(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(settled);
  if (typeof value !== 'object' || value === null)
    return typeof value === 'number' ? Math.round(value * 1e3) / 1e3 : value;
  return Object.fromEntries(
    Object.entries(value)
      .filter(([, inner]) => inner !== null && inner !== undefined && inner !== false && inner !== '')
      .map(([name, inner]) => [name, settled(inner)])
      .sort(([a], [b]) => String(a).localeCompare(String(b))),
  );
}

/** What a part is, whatever its number, state and mass: two piles of one kind share it. */
export function partIdentity(tray: Tray, part: object): string {
  const own = Object.entries(part).filter(([name]) => !NOT_IDENTITY.has(name));
  return `${tray} ${JSON.stringify(settled(Object.fromEntries(own)))}`;
}

/**
 * Compares a list with a box, part by part.
 * @param incoming  trays the list speaks of; trays it leaves out are not compared
 */
export function diffBox(box: Box, incoming: Partial<Record<Tray, readonly object[]>>): BoxDiff {
  const fresh: BoxDiff['fresh'][number][] = [];
  const there: BoxDiff['there'][number][] = [];
  const unnamed: BoxDiff['unnamed'][number][] = [];
  const repeated: BoxDiff['repeated'][number][] = [];
  for (const tray of TRAYS) {
    const list = incoming[tray] as readonly AnyPart[] | undefined;
    if (!list || list.length === 0) continue;
    const own: readonly AnyPart[] = box[tray];
    const at = new Map<string, number>();
    own.forEach((part, index) => {
      const key = partIdentity(tray, part);
      if (!at.has(key)) at.set(key, index);
    });
    const named = new Set<string>();
    const firstLine = new Map<string, number>();
    list.forEach((part, index) => {
      const key = partIdentity(tray, part);
      named.add(key);
      const before = firstLine.get(key);
      if (before !== undefined) repeated.push({ tray, at: index, first: before });
      else firstLine.set(key, index);
      const known = at.get(key);
      if (known === undefined) fresh.push({ tray, part });
      else there.push({ tray, part, at: known });
    });
    own.forEach((part, index) => {
      if (!named.has(partIdentity(tray, part))) unnamed.push({ tray, part, at: index });
    });
  }
  return { fresh, there, unnamed, repeated };
}
