import type * as z from 'zod/mini';
import { PART_SCHEMAS, TRAYS, type Tray } from '../rig/parts/box';
import { limitOf } from '../rig/parts/schema';
import type { FieldRow, Fitting } from './field-row';
import { FIELD_ROWS } from './table';

/** What the schema says of a field. */
export interface Allowed {
  /** ends of a number */
  readonly min: number;
  readonly max: number;
  readonly whole: boolean;
  /** it may be left out */
  readonly optional: boolean;
}

/** A field with what its schema allows. */
export type PartField = FieldRow & Allowed & { readonly required: boolean };

interface Def {
  readonly type: string;
  readonly innerType?: z.ZodMiniType;
  readonly element?: z.ZodMiniType;
  readonly shape?: Readonly<Record<string, z.ZodMiniType>>;
}
const OPTIONAL = ['optional', 'nullable'];

/** A schema without what says that it may be left out. */
function bare(schema: z.ZodMiniType): z.ZodMiniType {
  const { type, innerType } = schema.def as Def;
  return OPTIONAL.includes(type) && innerType ? bare(innerType) : schema;
}

/** What the schema of a tray allows at a place; throws where there is none, so that no row can name one. */
export function allowedAt(tray: Tray, place: string): Allowed {
  let schema: z.ZodMiniType = PART_SCHEMAS[tray];
  for (const name of place.split('.')) {
    const { shape, element } = bare(schema).def as Def;
    const next = shape ? shape[name] : element;
    if (next === undefined) throw new Error(`allowedAt: no field ${place} in the schema of ${tray}`);
    schema = next;
  }
  const { min = -Infinity, max = Infinity, whole = false } = limitOf(bare(schema)) ?? {};
  return { min, max, whole, optional: OPTIONAL.includes((schema.def as Def).type) };
}

function described(tray: Tray, row: FieldRow): PartField {
  const allowed = allowedAt(tray, row.place);
  return { ...row, ...allowed, required: !allowed.optional && row.fill === undefined };
}

/** Every field of the parts of each tray, in the order lists are written. */
export const PART_FIELDS = Object.fromEntries(
  TRAYS.map((tray) => [tray, FIELD_ROWS[tray].map((row) => described(tray, row))]),
) as unknown as Readonly<Record<Tray, readonly PartField[]>>;

const isFlag = ({ of }: PartField): number => (of.kind === 'flag' ? 1 : 0);
const isOwnWords = ({ place }: PartField): number => (place === 'label' ? 1 : 0);

/** Fields of one part of the form; what is ticked comes after what is chosen, the angler's own words last. */
export const fieldsAt = (tray: Tray, at: 'part' | 'measured' | Fitting): readonly PartField[] =>
  PART_FIELDS[tray]
    .filter(({ form }) => form?.at === at)
    .sort((a, b) => isOwnWords(a) - isOwnWords(b) || isFlag(a) - isFlag(b));

/** Value at `outer`, `outer.inner` or `outer.0.inner`. */
export const valueAt = (part: unknown, place: string): unknown =>
  place.split('.').reduce<unknown>((at, name) => (at as Record<string, unknown> | null | undefined)?.[name], part);

/** Puts a value at a place of a part that is being made. */
export function putAt(target: Record<string, unknown>, place: string, value: unknown): void {
  const keys = place.split('.');
  let at = target;
  keys.slice(0, -1).forEach((name, depth) => {
    const next = keys[depth + 1]!;
    at[name] ??= /^\d+$/.test(next) ? [] : {};
    at = at[name] as Record<string, unknown>;
  });
  at[keys.at(-1)!] = value;
}

/** A copy with a value put at `outer` or `outer.inner`; `undefined` takes the field away. */
export function withValue(part: object, place: string, value: unknown): Record<string, unknown> {
  const [outer = '', inner] = place.split('.');
  const copy: Record<string, unknown> = { ...part };
  if (inner !== undefined) copy[outer] = withValue((copy[outer] as object | null | undefined) ?? {}, inner, value);
  else if (value === undefined) delete copy[outer];
  else copy[outer] = value;
  return copy;
}
