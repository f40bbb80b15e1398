import type { CoverKind } from '@core';

/** Where a silhouette stands in the picture, px: its middle, how wide, its top, the bottom and the surface. */
export interface CoverPlace {
  readonly x: number;
  readonly width: number;
  readonly topY: number;
  readonly bottomY: number;
  readonly surfaceY: number;
  /** 1 sparse, 2 medium, 3 thick */
  readonly density: number;
}

/** Lines and filled outlines of a silhouette. */
export interface CoverShape {
  readonly lines: string;
  readonly fills: string;
  /** what kind of ink: wood and stone are brown, weed is green, what people built is dark */
  readonly ink: 'wood' | 'weed' | 'stone' | 'built';
}

type Draw = (place: CoverPlace) => CoverShape;
const n = (value: number): string => value.toFixed(1);
const line = (...points: readonly (readonly [number, number])[]): string =>
  points.map(([x, y], at) => `${at === 0 ? 'M' : 'L'}${n(x)} ${n(y)}`).join('');
const closed = (...points: readonly (readonly [number, number])[]): string => `${line(...points)}Z`;
const curve = (x: number, y: number, cx: number, cy: number, tx: number, ty: number): string =>
  `M${n(x)} ${n(y)}Q${n(cx)} ${n(cy)} ${n(tx)} ${n(ty)}`;

/** Evenly spread places across a silhouette's width, a little out of line so that nothing looks ruled. */
const spread = ({ x, width }: CoverPlace, count: number): number[] =>
  Array.from({ length: count }, (_, i) => {
    const share = count === 1 ? 0 : i / (count - 1) - 0.5;
    return x + share * width * 0.9 + (((i * 37) % 7) - 3) * 0.8;
  });

const blades: Draw = (place) => ({
  lines: spread(place, 3 + 4 * place.density)
    .map((at, i) => {
      const tip = place.topY + ((i * 29) % 5) * 0.03 * (place.bottomY - place.topY);
      const sway = ((i % 3) - 1) * 7;
      return curve(at, place.bottomY, at - sway, (tip + place.bottomY) / 2, at + sway, tip);
    })
    .join(''),
  fills: '',
  ink: 'weed',
});

/** A stem with pairs of branches that turn upward. */
function bush(x: number, topY: number, bottomY: number, reach: number, pairs: number): string {
  const tall = bottomY - topY;
  const stem = curve(x, bottomY, x + 3, bottomY - tall / 2, x, topY);
  const branches = Array.from({ length: pairs }, (_, i) => {
    const y = bottomY - tall * (0.18 + (0.66 * i) / Math.max(1, pairs - 1));
    const out = reach * (1 - 0.5 * (i / pairs));
    return (
      curve(x, y, x + out * 0.7, y - 4, x + out, y - tall * 0.16) +
      curve(x, y + 5, x - out * 0.7, y + 1, x - out, y + 5 - tall * 0.16)
    );
  });
  return stem + branches.join('');
}

function stones(place: CoverPlace, count: number, square: boolean): string {
  const tall = place.bottomY - place.topY;
  return spread(place, count)
    .map((at, i) => {
      const high = tall * (0.55 + 0.45 * (((i * 5) % 4) / 3));
      const half = Math.max(9, place.width / count / 1.5);
      const top = place.bottomY - high;
      return square
        ? closed(
            [at - half, place.bottomY],
            [at - half * 0.9, top + 3],
            [at + half * 0.7, top],
            [at + half, place.bottomY],
          )
        : `M${n(at - half)} ${n(place.bottomY)}Q${n(at - half)} ${n(top)} ${n(at)} ${n(top)}Q${n(at + half)} ${n(top)} ${n(at + half)} ${n(place.bottomY)}Z`;
    })
    .join('');
}

const none = '';
const DRAW: Readonly<Record<Exclude<CoverKind, 'open'>, Draw>> = {
  rock: (place) => ({ lines: none, fills: stones(place, 1 + place.density, false), ink: 'stone' }),
  riprap: (place) => ({ lines: none, fills: stones(place, 3 + place.density, true), ink: 'stone' }),
  ledge: ({ x, width, topY, bottomY }) => ({
    lines: none,
    fills: closed(
      [x - width / 2, bottomY],
      [x - width / 2, topY],
      [x + width * 0.1, topY],
      [x + width * 0.16, bottomY],
    ),
    ink: 'stone',
  }),
  'gravel-bar': ({ x, width, topY, bottomY }) => ({
    lines: none,
    fills: `M${n(x - width / 2)} ${n(bottomY)}Q${n(x)} ${n(2 * topY - bottomY)} ${n(x + width / 2)} ${n(bottomY)}Z`,
    ink: 'stone',
  }),
  brush: (place) => ({
    lines: spread(place, 3 + 2 * place.density)
      .map((at, i) => {
        const lean = (at - place.x) * 0.5;
        const tip = place.topY + (i % 3) * 0.12 * (place.bottomY - place.topY);
        return curve(place.x + (at - place.x) * 0.3, place.bottomY, at, (tip + place.bottomY) / 2, at + lean, tip);
      })
      .join(''),
    fills: none,
    ink: 'wood',
  }),
  laydown: ({ x, width, topY, bottomY, density }) => ({
    lines: Array.from({ length: 2 + density }, (_, i) => {
      const share = 0.25 + (0.6 * i) / (1 + density);
      const [at, y] = [x - width / 2 + width * share, bottomY + (topY - bottomY) * share];
      const up = (bottomY - topY) * 0.28;
      return (
        line([at, y], [at + 10, y - up * 0.6], [at + 6, y - up]) +
        line([at + 10, y - up * 0.6], [at + 20, y - up * 0.8])
      );
    }).join(''),
    fills: closed(
      [x - width / 2, bottomY - 7],
      [x + width / 2, topY],
      [x + width / 2, topY + 4],
      [x - width / 2, bottomY + 4],
    ),
    ink: 'wood',
  }),
  hardwood: (place) => ({
    lines: spread(place, place.density)
      .map((at) => {
        const fork = place.topY + 0.35 * (place.bottomY - place.topY);
        return (
          line([at, place.bottomY], [at, fork], [at - 11, place.topY]) +
          line([at, fork], [at + 12, place.topY + 8]) +
          line([at, fork + 22], [at + 9, fork + 6])
        );
      })
      .join(''),
    fills: none,
    ink: 'wood',
  }),
  stumps: (place) => ({
    lines: none,
    fills: spread(place, place.density)
      .map((at) =>
        closed([at - 12, place.bottomY], [at - 7, place.topY + 3], [at + 6, place.topY], [at + 11, place.bottomY]),
      )
      .join(''),
    ink: 'wood',
  }),
  dock: ({ x, width, bottomY, surfaceY }) => ({
    lines: [-0.42, 0, 0.42]
      .map((share) => line([x + share * width, surfaceY - 6], [x + share * width, bottomY]))
      .join(''),
    fills: closed(
      [x - width / 2, surfaceY - 12],
      [x + width / 2, surfaceY - 12],
      [x + width / 2, surfaceY - 6],
      [x - width / 2, surfaceY - 6],
    ),
    ink: 'built',
  }),
  houseboat: ({ x, width, surfaceY, topY }) => ({
    lines: none,
    fills:
      closed(
        [x - width / 2, surfaceY - 8],
        [x + width / 2, surfaceY - 8],
        [x + width * 0.4, Math.max(topY, surfaceY + 9)],
        [x - width * 0.4, Math.max(topY, surfaceY + 9)],
      ) +
      closed(
        [x - width * 0.3, surfaceY - 8],
        [x - width * 0.3, surfaceY - 24],
        [x + width * 0.2, surfaceY - 24],
        [x + width * 0.2, surfaceY - 8],
      ),
    ink: 'built',
  }),
  'grass-submerged': blades,
  'grass-matted': (place) => {
    const { x, width, topY } = place;
    return {
      ...blades(place),
      fills: `M${n(x - width / 2)} ${n(topY - 4)}Q${n(x)} ${n(topY - 9)} ${n(x + width / 2)} ${n(topY - 3)}L${n(x + width / 2)} ${n(topY + 7)}Q${n(x)} ${n(topY + 13)} ${n(x - width / 2)} ${n(topY + 6)}Z`,
    };
  },
  pads: (place) => {
    const stems = spread(place, 1 + place.density);
    return {
      lines: stems
        .map((at, i) =>
          curve(at + (i % 2 ? 5 : -5), place.bottomY, at + 5, (place.bottomY + place.topY) / 2, at, place.topY),
        )
        .join(''),
      fills: stems.map((at) => `M${n(at - 15)} ${n(place.topY)}a15 4.5 0 1 0 30 0a15 4.5 0 1 0 -30 0Z`).join(''),
      ink: 'weed',
    };
  },
  reeds: (place) => ({
    lines: spread(place, 3 + 2 * place.density)
      .map((at, i) =>
        line([at, place.bottomY], [at + (i % 3) - 1, Math.min(place.topY, place.surfaceY) - 12 - (i % 3) * 6]),
      )
      .join(''),
    fills: none,
    ink: 'weed',
  }),
  'flooded-bush': (place) => ({
    lines: spread(place, 1 + place.density)
      .map((at, i) => bush(at, place.topY + (i % 2) * 0.12 * (place.bottomY - place.topY), place.bottomY, 24, 5))
      .join(''),
    fills: none,
    ink: 'wood',
  }),
};

export const coverShape = (kind: CoverKind, place: CoverPlace): CoverShape =>
  kind === 'open' ? { lines: none, fills: none, ink: 'wood' } : DRAW[kind](place);

/** Share of the depth a kind usually reaches up when nobody said how high: 0 the surface, 1 the bottom. */
export const USUAL_TOP: Readonly<Record<CoverKind, number>> = {
  open: 1,
  rock: 0.8,
  riprap: 0.78,
  ledge: 0.6,
  'gravel-bar': 0.8,
  brush: 0.6,
  laydown: 0.45,
  hardwood: 0.2,
  stumps: 0.75,
  dock: 0,
  houseboat: 0.08,
  'grass-submerged': 0.5,
  'grass-matted': 0,
  pads: 0,
  reeds: 0,
  'flooded-bush': 0.25,
};
