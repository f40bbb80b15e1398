import { familyOfHead, frameBlocks, usable, type Box, type HeadPart, type SkirtPart } from '../../rig/parts/box';
import { headOf } from '../../rig/body/part-mass';
import { headBody, skirtBody, type HeadBody, type SkirtBody } from '../../rig/body/body';
import { frameBody, type FrameBody } from '../../rig/body/frame';
import { trailerBody, type TrailerBody } from '../../rig/body/trailer-body';
import type { Head, Rig, Skirt, Trailer } from '../../rig/parts/schema';
import { hooksAllowed, leadAllowed, type Family } from '../../water/schema';
import type { WaterFacts } from '../conditions/water-facts';
import { colourClassOf } from '../../tackle/colours';
import { ATTRIBUTES, ATTRIBUTE_NAMES, ATTRIBUTE_OF, attributeValues, type Attribute } from './attributes';
import { coreOf, waysToHang, type TrailerChoice } from './ways-to-hang';

/**
 * An equivalence class of parts: alike in everything the model and the rules see. It holds the part, how many parts of the box it stands
 * for, and its body.
 */
interface ClassOf<Body> {
  /** how many choices of the box are like this one */
  readonly count: number;
  readonly body: Body;
  /** the first class of its kind that differs from this one in colour at most: the water cannot tell them apart */
  readonly alike: number;
  /** place on each axis that looks at this part, by the order of ATTRIBUTE_NAMES */
  readonly axes: Uint8Array;
}

export interface HeadClass extends ClassOf<HeadBody> {
  readonly head: Head;
  readonly family: Family;
  /** blades, arms or plate as they go into its rigs, and as the water meets them */
  readonly blocks: Pick<Rig, 'blade' | 'blades' | 'arms'>;
  readonly frame: FrameBody | null;
  readonly guard: HeadPart['guard'];
  readonly keeper: HeadPart['keeper'];
  /** the skirts it can wear: an index into `skirtSets` */
  readonly skirtSet: number;
}

export interface SkirtClass extends ClassOf<SkirtBody | null> {
  /** its place among the skirts of the space */
  readonly place: number;
  readonly skirt: Skirt | null;
}

export interface TrailerClass extends ClassOf<TrailerBody | null> {
  readonly trailer: Trailer | null;
  readonly core: NonNullable<Rig['core']> | null;
}

/**
 * Every rig a box allows, without listing them: classes of heads, skirts and trailers. A rig is one of each; skirts come from
 * the head's own set. Classes keep the order of the box, so that "the first of equals" means the same everywhere.
 */
export interface CandidateClasses {
  readonly heads: readonly HeadClass[];
  readonly skirts: readonly SkirtClass[];
  readonly skirtSets: readonly { readonly classes: readonly number[]; readonly count: number }[];
  readonly trailers: readonly TrailerClass[];
  readonly considered: number;
}

type SkirtLook = Pick<SkirtPart, 'material' | 'strands' | 'lengthMm' | 'colour' | 'massG'>;

const asSkirt = (part: SkirtLook): Skirt => ({
  material: part.material,
  strands: part.strands,
  lengthMm: part.lengthMm,
  thinned: 0,
  trim: 'none',
  colour: part.colour,
  ...(part.massG === undefined ? {} : { massG: part.massG }),
});

/** Groups what is alike, keeping the first of each and the order. */
function classesOf<T, C>(
  items: readonly T[],
  keyOf: (item: T) => string,
  bareKeyOf: (item: T) => string,
  make: (first: T, count: number, alike: number, place: number) => C,
) {
  const at = new Map<string, number>();
  const found: { first: T; count: number }[] = [];
  const classOfItem = items.map((item) => {
    const key = keyOf(item);
    const known = at.get(key);
    if (known !== undefined) {
      found[known]!.count++;
      return known;
    }
    at.set(key, found.length);
    found.push({ first: item, count: 1 });
    return found.length - 1;
  });
  const firstBare = new Map<string, number>();
  const classes = found.map(({ first, count }, index): C => {
    const bare = bareKeyOf(first);
    if (!firstBare.has(bare)) firstBare.set(bare, index);
    return make(first, count, firstBare.get(bare)!, index);
  });
  return { classes, classOfItem };
}

/** Blades and plate without their looks. */
const unfinished = ({ blades, blade, arms }: HeadClass['blocks']): unknown => [
  blades?.map(({ shape, size }) => [shape, size]),
  blade && [blade.size, blade.link],
  arms,
];

const EMPTY_HEAD: Head = {
  style: 'ball',
  finesse: false,
  weightOz: 1,
  metal: 'lead',
  hook: { size: '4/0', wire: 'medium' },
};

/** Places on the axes one part decides; the others stay at 0. */
function axesOf(part: 'head' | 'skirt' | 'trailer', rig: Partial<Rig>): Uint8Array {
  const values = attributeValues({ family: 'skirted', head: EMPTY_HEAD, ...rig });
  return Uint8Array.from(ATTRIBUTE_NAMES, (name: Attribute) =>
    ATTRIBUTE_OF[name] === part ? (ATTRIBUTES[name] as readonly (string | boolean)[]).indexOf(values[name]) : 0,
  );
}

const colourKey = (colour: string): string => colourClassOf(colour) ?? 'natural';
const key = (...parts: unknown[]): string => JSON.stringify(parts);
const uncoloured = (part: { colour: string } | null): string => key(part === null ? null : { ...part, colour: '' });

/** The parts of a box that local rules and the way of fishing allow. */
export interface SpaceFor {
  /** lead heads may be fished here */
  readonly lead: boolean;
  /** anything with a hook may be fished here */
  readonly hooks: boolean;
  /** trailers are turned on edge and upside down too: worth it only where rigs are reeled */
  readonly reeled: boolean;
}
const ANYTHING: SpaceFor = { lead: true, hooks: true, reeled: false };

export const spaceFor = ({ water, reeled }: Pick<WaterFacts, 'water' | 'reeled'>): SpaceFor => ({
  lead: leadAllowed(water.localRules),
  hooks: hooksAllowed(water.localRules),
  reeled,
});

/** Trailers of one box, laid out once for all families: the families hang the same. */
export type SharedTrailers = Map<string, readonly TrailerClass[]>;

function trailerClasses(choices: readonly TrailerChoice[], hasBodies: boolean): readonly TrailerClass[] {
  // what differs in colour alone has one body
  const bodies = new Map<string, TrailerBody>();
  const bodyOf = (trailer: Trailer): TrailerBody | null => {
    if (!hasBodies) return null;
    const bare = uncoloured(trailer);
    const body = bodies.get(bare) ?? trailerBody(trailer);
    bodies.set(bare, body);
    return body;
  };
  return classesOf(
    choices,
    ({ trailer, core }) =>
      key(trailer === null ? null : { ...trailer, colour: colourKey(trailer.colour) }, core !== null),
    ({ trailer, core }) => `${uncoloured(trailer)} ${core !== null}`,
    ({ trailer, core }, count, alike): TrailerClass => ({
      trailer,
      alike,
      core,
      count,
      body: trailer ? bodyOf(trailer) : null,
      axes: axesOf('trailer', { trailer, core }),
    }),
  ).classes;
}

/** Lays out every rig of some families a box allows. Parts that are used up, torn, rusty or not allowed are left out. */
export function candidateClasses(
  box: Box,
  families: readonly Family[] = ['skirted'],
  { lead, hooks, reeled }: SpaceFor = ANYTHING,
  shared: SharedTrailers = new Map(),
): CandidateClasses {
  const headParts = box.heads.filter((part) => {
    const family = familyOfHead(part);
    return usable(part) && family !== null && families.includes(family) && hooks && (lead || part.metal !== 'lead');
  });
  const loose = box.skirts.filter(usable).map(asSkirt);
  const core = coreOf(box);
  const choices: TrailerChoice[] = [
    { trailer: null, core: null },
    ...box.trailers.filter(usable).flatMap((part) => waysToHang(part, core, reeled)),
  ];

  const skirtKey = (skirt: Skirt | null): string =>
    skirt === null ? 'none' : key({ ...skirt, colour: colourKey(skirt.colour) });
  // loose skirts first, then those that came with heads, in the order they are met
  const own = headParts.map(({ skirt }) => (skirt ? asSkirt(skirt) : loose.length > 0 ? undefined : null));
  const worn: (Skirt | null)[] = [...loose, ...own.filter((skirt) => skirt !== undefined)];
  const { classes: skirts, classOfItem: skirtClass } = classesOf(
    worn,
    skirtKey,
    uncoloured,
    (skirt, count, alike, place): SkirtClass => ({
      skirt,
      place,
      count,
      alike,
      body: skirt ? skirtBody(skirt) : null,
      axes: axesOf('skirt', { skirt }),
    }),
  );

  const skirtSets: { classes: number[]; count: number }[] = [
    { classes: [...new Set(skirtClass.slice(0, loose.length))], count: loose.length },
  ];
  const setOfClass = new Map<number, number>();
  let next = loose.length;
  const setOfHead = own.map((skirt) => {
    if (skirt === undefined) return 0;
    const of = skirtClass[next++]!;
    const known = setOfClass.get(of);
    if (known !== undefined) return known;
    skirtSets.push({ classes: [of], count: 1 });
    setOfClass.set(of, skirtSets.length - 1);
    return skirtSets.length - 1;
  });

  const { classes: heads } = classesOf(
    headParts.map((part, at) => ({ part, set: setOfHead[at]!, head: headOf(part) })),
    ({ part, set, head }) => key(head, part.guard ?? null, part.keeper ?? 'barb', set, frameBlocks(part)),
    // the water meets no finish of a blade, and no skirt of another set
    ({ part, set, head }) => key(head, part.guard ?? null, part.keeper ?? 'barb', set, unfinished(frameBlocks(part))),
    ({ part, set, head }, count, alike): HeadClass => ({
      head,
      alike,
      family: familyOfHead(part)!,
      blocks: frameBlocks(part),
      frame: frameBody(part),
      guard: part.guard ?? null,
      keeper: part.keeper ?? 'barb',
      skirtSet: set,
      count,
      body: headBody(head),
      axes: axesOf('head', {
        family: familyOfHead(part)!,
        head,
        guard: part.guard ?? null,
        keeper: part.keeper ?? 'barb',
        ...frameBlocks(part),
      }),
    }),
  );
  // without a head nobody asks for a body
  const hasBodies = headParts.length > 0;
  const trailers =
    shared.get(`${reeled} true`) ?? shared.get(`${reeled} ${hasBodies}`) ?? trailerClasses(choices, hasBodies);
  shared.set(`${reeled} ${hasBodies}`, trailers);
  const trailerChoices = choices.length;
  return {
    heads,
    skirts,
    skirtSets,
    trailers,
    considered: heads.reduce((sum, head) => sum + head.count * skirtSets[head.skirtSet]!.count, 0) * trailerChoices,
  };
}

/** The rig of three classes, in the shape of files. */
export function rigOf(head: HeadClass, skirt: SkirtClass, trailer: TrailerClass): Rig {
  return {
    family: head.family,
    ...head.blocks,
    head: head.head,
    keeper: head.keeper ?? 'barb',
    guard: head.guard ?? null,
    skirt: skirt.skirt,
    trailer: trailer.trailer,
    core: trailer.core,
  };
}
