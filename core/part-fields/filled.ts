import type { Tray } from '../rig/parts/box';
import { PART_FIELDS, putAt, valueAt } from './described';
import { FITTINGS, type Fitting } from './field-row';

/** What a head without a fitting has in its place: nothing said, or said to have none. */
const BARE: Readonly<Record<Fitting, null | undefined>> = {
  guard: null,
  skirt: null,
  blade: undefined,
  arms: undefined,
};

const copyOf = (value: unknown): unknown => {
  if (Array.isArray(value)) return value.map(copyOf);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([name, inner]) => [name, copyOf(inner)]));
};

const filledIn = (tray: Tray, part: Record<string, unknown>, isAsked: (place: string) => boolean): void => {
  const told = { ...part };
  for (const { place, fill } of PART_FIELDS[tray]) {
    if (fill && isAsked(place) && valueAt(part, place) === undefined) putAt(part, place, fill(told));
  }
};

/**
 * A part of which little was said, with what an empty cell means, so that a short list is enough to start with. A fitting
 * of which nothing was said is not there; one of which something was said is whole.
 */
export function filled(tray: Tray, part: Readonly<Record<string, unknown>>): Record<string, unknown> {
  const made = copyOf(part) as Record<string, unknown>;
  if (tray !== 'heads') {
    filledIn(tray, made, () => true);
    return made;
  }
  const said = new Set(Object.keys(made).filter((name) => made[name] !== null && made[name] !== undefined));
  if (said.has('blades')) said.add('arms');
  filledIn(tray, made, (place) => {
    const [outer = '', at = ''] = place.split('.');
    if (outer === 'blades') return valueAt(made, `blades.${at}`) !== undefined;
    return !(FITTINGS as readonly string[]).includes(outer) || said.has(outer);
  });
  for (const name of FITTINGS) {
    if (made[name] === undefined && BARE[name] !== undefined) made[name] = BARE[name];
  }
  return made;
}

/** A head that is given a fitting it lacked, as it usually comes; a frame comes with a blade. */
export function withFitting(head: object, name: Fitting): Record<string, unknown> {
  const plain = { ...head, ...(name === 'arms' ? { blades: [{}], arms: {} } : { [name]: {} }) };
  return filled('heads', plain);
}

/** A head whose fitting was taken off; a frame takes its blades along. */
export function withoutFitting(head: object, name: Fitting): Record<string, unknown> {
  const left: Record<string, unknown> = { ...head };
  for (const gone of name === 'arms' ? ['arms', 'blades'] : [name]) delete left[gone];
  if (BARE[name] !== undefined) left[name] = BARE[name];
  return left;
}
