import fc from 'fast-check';
import { HEAD_STYLES, METALS } from '../tackle/heads';
import { TRAILER_KINDS, TRAILERS, type TrailerKind } from '../tackle/trailers';
import { fibreGuard } from '../rig/catalogue';
import { uncutTrailer, type Rig } from '../rig/schema';

interface Parts {
  readonly oz?: number;
  readonly style?: Rig['head']['style'];
  readonly metal?: Rig['head']['metal'];
  readonly strands?: number;
  readonly material?: 'silicone' | 'rubber' | 'hair';
  readonly trailer?: TrailerKind | null;
  readonly lengthIn?: number;
  readonly more?: Partial<NonNullable<Rig['trailer']>>;
}

/** The rig most tests start from: 3/8 casting, 5/0 medium, 50 strands of silicone. */
export function jig({
  oz = 0.375,
  style = 'casting',
  metal = 'lead',
  strands = 50,
  material = 'silicone',
  ...rest
}: Parts = {}): Rig {
  const kind = rest.trailer === undefined ? 'chunk' : rest.trailer;
  return {
    family: 'skirted',
    head: { style, finesse: false, weightOz: oz, metal, hook: { size: '5/0', wire: 'medium' } },
    keeper: 'barb',
    guard: fibreGuard(20),
    skirt:
      strands === 0 ? null : { material, strands, lengthMm: 55, thinned: 0, trim: 'none', colour: 'green pumpkin' },
    trailer:
      kind === null
        ? null
        : {
            ...uncutTrailer({
              kind,
              lengthMm: (rest.lengthIn ?? TRAILERS[kind].nominalIn) * 25.4,
              softness: 'medium',
              colour: 'green pumpkin',
            }),
            ...rest.more,
          },
    core: null,
  };
}

/** Any skirted rig that could be tied. */
export const anyRig: fc.Arbitrary<Rig> = fc
  .record({
    oz: fc.double({ min: 1 / 16, max: 1.5, noNaN: true }),
    style: fc.constantFrom(...HEAD_STYLES),
    metal: fc.constantFrom(...METALS),
    strands: fc.integer({ min: 10, max: 90 }),
    material: fc.constantFrom('silicone', 'rubber'),
    trailer: fc.option(fc.constantFrom(...TRAILER_KINDS)),
    lengthIn: fc.double({ min: 2, max: 5.5, noNaN: true }),
  })
  .map((parts) => jig(parts as Parts));
