import {
  TRAILER_KINDS,
  type AppendageShape,
  type Softness,
  type TrailerKind,
  type TrailerTrait,
} from './trailer-kinds';
import { TRAILERS } from './trailer-table';

export * from './trailer-kinds';
export { TRAILERS } from './trailer-table';

/** Thickness of an appendage, m, and the shares of its area that count from above and from the side. @source adr-0004 */
export const APPENDAGE = { thicknessM: 0.0022, planShare: 0.8, sideShare: 0.15 } as const;

/** How an appendage lies in the plane of the body: used for drawing it and for the span of its legs. @source adr-0004 */
export interface AppendageForm {
  /** length along its centre line over the straight distance from root to tail end */
  readonly stretch: number;
  /** direction at the root away from straight back, degrees */
  readonly spreadDeg: number;
  /** how far that direction has turned at the tip, degrees */
  readonly turnDeg: number;
}

export const APPENDAGE_FORMS: Readonly<Record<Exclude<AppendageShape, 'none' | 'foot'>, AppendageForm>> = {
  flap: { stretch: 1, spreadDeg: 7, turnDeg: 3 },
  leg: { stretch: 1.1, spreadDeg: 27, turnDeg: -22 },
  claw: { stretch: 1.1, spreadDeg: 30, turnDeg: -24 },
  curl: { stretch: 1.4, spreadDeg: 6, turnDeg: 285 },
};

/** How fast plastic stiffens as it cools, 1/°C, by hardness. @source adr-0004 */
export const COLD_STIFFENING_PER_C: Readonly<Record<Softness, number>> = { soft: 0.03, medium: 0.04, tough: 0.05 };

/** Softness at 20 °C against the medium plastic: the stiffness ratio E20. @source adr-0004 */
export const STIFFNESS_AT_20: Readonly<Record<Softness, number>> = { soft: 0.7, medium: 1, tough: 1.5 };

export const hasTrait = (kind: TrailerKind | null | undefined, trait: TrailerTrait): boolean =>
  !!kind && TRAILERS[kind].traits.includes(trait);
/** Every kind with a trait, in the order of the table. */
export const trailersWith = (trait: TrailerTrait): TrailerKind[] =>
  TRAILER_KINDS.filter((kind) => hasTrait(kind, trait));
