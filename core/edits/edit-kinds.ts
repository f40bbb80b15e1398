import type { Rig } from '../rig/parts/schema';

/** Parts of a build, in the order in which they stand on the bench. */
export const BENCH_PARTS = ['head', 'arms', 'blades', 'guard', 'skirt', 'trailer', 'core', 'second-hook'] as const;
export type BenchPart = (typeof BENCH_PARTS)[number];

/** Everything that can be cut, turned or changed at the bench. */
export const EDIT_IDS = [
  'weight',
  'arm-length',
  'arm-twist',
  'squeeze',
  'blade-1',
  'finish-1',
  'blade-2',
  'finish-2',
  'guard-length',
  'guard-fibres',
  'guard-bevel',
  'guard-spread',
  'skirt-length',
  'skirt-side',
  'thin',
  'nose',
  'tail',
  'legs',
  'split',
  'slit',
  'hang',
  'turn',
  'push',
  'core',
  'second-hook',
] as const;
export type EditId = (typeof EDIT_IDS)[number];

/** Why a value is not taken. */
export type RefusalId =
  | 'no-negative'
  | 'cut-to-nothing'
  | 'past-the-bend'
  | 'core-longer-than-body'
  | 'core-covers-the-shank'
  | 'shorter-than-collar'
  | 'cannot-grow'
  | 'strands-must-stay'
  | 'fibres-must-stay'
  | 'too-short-a-guard'
  | 'too-short-an-arm'
  | 'no-more-legs'
  | 'keeper-full'
  | 'bent-too-far';

interface Shared {
  readonly id: EditId;
  readonly part: BenchPart;
  readonly applies: (rig: Rig) => boolean;
}
/** A number: mm, a count, or degrees. */
export interface AmountEdit extends Shared {
  readonly kind: 'amount';
  readonly unit: 'mm' | 'count' | 'degrees';
  /** one press of a key; with Shift ten */
  readonly step: number;
  /** `base` is the rig before any cut: what is cut does not grow back past it */
  readonly limits: (rig: Rig, base: Rig) => Limits;
  readonly read: (rig: Rig) => number;
  readonly write: (rig: Rig, value: number) => Rig;
}
/** One of a few words; a switch has `no` and `yes`. */
export interface ChoiceEdit extends Shared {
  readonly kind: 'choice';
  readonly options: (rig: Rig) => readonly string[];
  readonly read: (rig: Rig) => string;
  readonly write: (rig: Rig, value: string) => Rig;
}
export type Edit = AmountEdit | ChoiceEdit;

export interface Limits {
  readonly min: number;
  readonly max: number;
  readonly below: RefusalId;
  readonly above: RefusalId;
}
