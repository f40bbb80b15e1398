import { guardToPointMm } from '../hold/guard';
import { hookPoint } from '../hold/hook-point';
import { rigBody } from '../rig/body/body';
import { DEFAULT_ARMS, type Rig, type Trailer } from '../rig/parts/schema';
import { ribsTaken } from '../tackle/ribs';
import { coreIsCutOut, fullSkirtMm, type EditId } from '../edits/edits';
import type { BenchView } from './handles';

/** What can be done to a build, one movement of the hands each. */
export const STEP_IDS = [
  'swap-blades',
  'shorten-arm',
  'press-arms',
  'cut-core',
  'cut-nose',
  'cut-tail',
  'legs-off',
  'split-tails',
  'slit-belly',
  'sweep-skirt',
  'core-on',
  'turn',
  'thread',
  'hang-once',
  'push-up',
  'trim-skirt',
  'trim-under',
  'thin-skirt',
  'cut-guard',
  'bevel-guard',
  'guard-fibres-out',
  'fan-guard',
  'guard-wings',
  'line-up-arm',
  'second-hook',
  'look-over',
] as const;
export type StepId = (typeof STEP_IDS)[number];

export type BenchCaution =
  'scissors' | 'bare-hook' | 'fibres-fly' | 'wire-springs' | 'offcuts' | 'two-hooks' | 'lead-hands';

export type Stage = 'frame' | 'board' | 'hook' | 'skirt' | 'guard' | 'tune' | 'end';

/** Numbers of a step: mm, counts, degrees, names of parts. */
export type StepData = Readonly<Record<string, number | string>>;

export interface StepRow {
  readonly id: StepId;
  readonly stage: Stage;
  readonly edit: EditId | null;
  readonly view: BenchView;
  readonly cautions: readonly BenchCaution[];
  /** null where there is nothing to do */
  readonly needed: (now: Rig, base: Rig) => StepData | null;
  readonly apply?: (state: Rig, now: Rig) => Rig;
}

const trailerWith = (state: Rig, part: Partial<Trailer>): Rig =>
  state.trailer ? { ...state, trailer: { ...state.trailer, ...part } } : state;
const guardWith = (state: Rig, part: Partial<NonNullable<Rig['guard']>>): Rig =>
  state.guard ? { ...state, guard: { ...state.guard, ...part } } : state;
const armsWith = (state: Rig, part: Partial<NonNullable<Rig['arms']>>): Rig => ({
  ...state,
  arms: { ...(state.arms ?? DEFAULT_ARMS), ...part },
});
const bladesText = ({ blades }: Rig): string =>
  (blades ?? []).map(({ shape, size, finish }) => `${shape} ${size} ${finish}`).join(' + ');
/** Arm and hook count as in line up to this, degrees. */
const IN_LINE_DEG = 1;

export const STEP_ROWS: readonly StepRow[] = [
  {
    id: 'swap-blades',
    stage: 'frame',
    edit: 'blade-1',
    view: 'side',
    cautions: [],
    needed: (now, base) =>
      bladesText(now) === bladesText(base) ? null : { from: bladesText(base), to: bladesText(now) },
    apply: (state, now) => ({ ...state, blades: now.blades! }),
  },
  {
    id: 'shorten-arm',
    stage: 'frame',
    edit: 'arm-length',
    view: 'side',
    cautions: ['wire-springs'],
    needed: (now, base) => {
      const [to, from] = [now.arms?.upperMm, base.arms?.upperMm];
      return to === undefined || from === undefined || to >= from ? null : { fromMm: from, toMm: to };
    },
    apply: (state, now) => armsWith(state, { upperMm: now.arms!.upperMm }),
  },
  {
    id: 'press-arms',
    stage: 'frame',
    edit: 'squeeze',
    view: 'side',
    cautions: ['bare-hook'],
    needed: (now, base) => (now.arms?.squeezed && !base.arms?.squeezed ? {} : null),
    apply: (state) => armsWith(state, { squeezed: true }),
  },
  {
    id: 'cut-core',
    stage: 'board',
    edit: 'core',
    view: 'sheet',
    cautions: ['scissors'],
    needed: (now) => (now.core ? { mm: now.core.lengthMm, colour: now.core.colour } : null),
  },
  {
    id: 'cut-nose',
    stage: 'board',
    edit: 'nose',
    view: 'sheet',
    cautions: ['scissors', 'offcuts'],
    needed: (now) => {
      const { trailer, core } = now;
      if (!trailer || trailer.cutNoseMm === 0) return null;
      const ribs = ribsTaken(trailer.kind, trailer.lengthMm, trailer.cutNoseMm);
      const forCoreMm = core && coreIsCutOut(now) ? Math.min(core.lengthMm, trailer.cutNoseMm) : 0;
      return { mm: trailer.cutNoseMm, ribs: ribs ?? 0, forCoreMm };
    },
    apply: (state, now) => trailerWith(state, { cutNoseMm: now.trailer!.cutNoseMm }),
  },
  {
    id: 'cut-tail',
    stage: 'board',
    edit: 'tail',
    view: 'sheet',
    cautions: ['scissors', 'offcuts'],
    needed: ({ trailer }) => (trailer && trailer.cutTailMm > 0 ? { mm: trailer.cutTailMm } : null),
    apply: (state, now) => trailerWith(state, { cutTailMm: now.trailer!.cutTailMm }),
  },
  {
    id: 'legs-off',
    stage: 'board',
    edit: 'legs',
    view: 'sheet',
    cautions: ['scissors', 'offcuts'],
    needed: ({ trailer }) => (trailer && trailer.legsOff > 0 ? { count: trailer.legsOff } : null),
    apply: (state, now) => trailerWith(state, { legsOff: now.trailer!.legsOff }),
  },
  {
    id: 'split-tails',
    stage: 'board',
    edit: 'split',
    view: 'sheet',
    cautions: ['scissors'],
    needed: ({ trailer }) => (trailer?.splitTails ? {} : null),
    apply: (state) => trailerWith(state, { splitTails: true }),
  },
  {
    id: 'slit-belly',
    stage: 'board',
    edit: 'slit',
    view: 'sheet',
    cautions: ['scissors'],
    needed: (now) => (now.trailer?.slit ? { mm: hookPoint(now, rigBody(now)).exitMm ?? 0 } : null),
    apply: (state) => trailerWith(state, { slit: true }),
  },
  {
    id: 'sweep-skirt',
    stage: 'hook',
    edit: null,
    view: 'side',
    cautions: ['bare-hook'],
    needed: (now) => (now.family === 'spinner' && now.trailer && now.skirt ? {} : null),
  },
  {
    id: 'core-on',
    stage: 'hook',
    edit: 'core',
    view: 'side',
    cautions: ['bare-hook'],
    needed: (now) => (now.core ? { mm: now.core.lengthMm, sooner: coreIsCutOut(now) ? 0 : 1 } : null),
    apply: (state, now) => ({ ...state, core: now.core! }),
  },
  {
    id: 'turn',
    stage: 'hook',
    edit: 'turn',
    view: 'front',
    cautions: [],
    needed: ({ trailer }) => (trailer && trailer.orientation !== 'flat' ? { to: trailer.orientation } : null),
    apply: (state, now) => trailerWith(state, { orientation: now.trailer!.orientation }),
  },
  {
    id: 'thread',
    stage: 'hook',
    edit: 'hang',
    view: 'side',
    cautions: ['bare-hook'],
    needed: (now) => {
      if (!now.trailer || now.trailer.hang === 'hung') return null;
      const { exitMm, overhangMm } = hookPoint(now, rigBody(now));
      return { exitMm: exitMm ?? 0, overhangMm, cut: now.trailer.cutNoseMm > 0 ? 1 : 0 };
    },
  },
  {
    id: 'hang-once',
    stage: 'hook',
    edit: 'hang',
    view: 'side',
    cautions: ['bare-hook'],
    needed: (now) => (now.trailer?.hang === 'hung' ? { mm: hookPoint(now, rigBody(now)).exitMm ?? 0 } : null),
    apply: (state) => trailerWith(state, { hang: 'hung' }),
  },
  {
    id: 'push-up',
    stage: 'hook',
    edit: 'push',
    view: 'side',
    cautions: ['bare-hook'],
    needed: ({ trailer, family }) => {
      const mm = trailer?.hang === 'threaded' ? (trailer.pushMm ?? 0) : 0;
      return mm > 0 ? { mm, keepers: family === 'spinner' ? 2 : 1 } : null;
    },
    apply: (state, now) => trailerWith(state, { pushMm: now.trailer!.pushMm! }),
  },
  {
    id: 'trim-skirt',
    stage: 'skirt',
    edit: 'skirt-length',
    view: 'side',
    cautions: ['scissors', 'bare-hook', 'offcuts'],
    needed: ({ skirt }) =>
      skirt?.trim === 'all' ? { toMm: skirt.lengthMm, offMm: fullSkirtMm(skirt) - skirt.lengthMm } : null,
    apply: (state, now) => ({ ...state, skirt: { ...now.skirt!, thinned: 0 } }),
  },
  {
    id: 'trim-under',
    stage: 'skirt',
    edit: 'skirt-length',
    view: 'side',
    cautions: ['scissors', 'bare-hook', 'offcuts'],
    needed: ({ skirt }) =>
      skirt?.trim === 'under' && skirt.lengthMm < fullSkirtMm(skirt)
        ? { toMm: skirt.lengthMm, offMm: fullSkirtMm(skirt) - skirt.lengthMm }
        : null,
    apply: (state, now) => ({ ...state, skirt: { ...now.skirt!, thinned: 0 } }),
  },
  {
    id: 'thin-skirt',
    stage: 'skirt',
    edit: 'thin',
    view: 'side',
    cautions: ['scissors', 'offcuts'],
    needed: ({ skirt }) =>
      skirt && skirt.thinned > 0 ? { count: skirt.thinned, left: skirt.strands - skirt.thinned } : null,
    apply: (state, now) => ({ ...state, skirt: now.skirt! }),
  },
  {
    id: 'cut-guard',
    stage: 'guard',
    edit: 'guard-length',
    view: 'side',
    cautions: ['scissors', 'fibres-fly'],
    needed: (now, base) => {
      const [to, from] = [now.guard?.lengthMm, base.guard?.lengthMm];
      if (to === undefined || from === undefined || to >= from) return null;
      return { toMm: to, offMm: from - to, pastMm: to - guardToPointMm(now) };
    },
    apply: (state, now) => guardWith(state, { lengthMm: now.guard!.lengthMm }),
  },
  {
    id: 'bevel-guard',
    stage: 'guard',
    edit: 'guard-bevel',
    view: 'side',
    cautions: ['scissors', 'fibres-fly'],
    needed: (now, base) => (now.guard?.bevel && !base.guard?.bevel ? {} : null),
    apply: (state) => guardWith(state, { bevel: true }),
  },
  {
    id: 'guard-fibres-out',
    stage: 'guard',
    edit: 'guard-fibres',
    view: 'side',
    cautions: ['scissors', 'fibres-fly'],
    needed: (now, base) => {
      const [left, came] = [now.guard?.fibres, base.guard?.fibres];
      return left === undefined || came === undefined || left >= came ? null : { count: came - left, left };
    },
    apply: (state, now) => guardWith(state, { fibres: now.guard!.fibres }),
  },
  {
    id: 'fan-guard',
    stage: 'guard',
    edit: 'guard-spread',
    view: 'front',
    cautions: ['bare-hook'],
    needed: ({ guard }, base) => (guard?.spread === 'fanned' && base.guard?.spread !== 'fanned' ? {} : null),
    apply: (state) => guardWith(state, { spread: 'fanned' }),
  },
  {
    id: 'guard-wings',
    stage: 'guard',
    edit: 'guard-spread',
    view: 'front',
    cautions: ['bare-hook'],
    needed: ({ guard }, base) => (guard?.spread === 'wings' && base.guard?.spread !== 'wings' ? {} : null),
    apply: (state) => guardWith(state, { spread: 'wings' }),
  },
  {
    id: 'line-up-arm',
    stage: 'tune',
    edit: 'arm-twist',
    view: 'front',
    cautions: ['bare-hook'],
    needed: ({ family, arms }) =>
      family === 'spinner' ? { offDeg: Math.abs(arms?.twistDeg ?? 0) <= IN_LINE_DEG ? 0 : arms!.twistDeg } : null,
  },
  {
    id: 'second-hook',
    stage: 'end',
    edit: 'second-hook',
    view: 'side',
    cautions: ['two-hooks'],
    needed: ({ trailerHook }) =>
      trailerHook ? { kind: trailerHook.kind, point: trailerHook.point, size: trailerHook.size } : null,
    apply: (state, now) => ({ ...state, trailerHook: now.trailerHook! }),
  },
  {
    id: 'look-over',
    stage: 'end',
    edit: null,
    view: 'top',
    cautions: ['lead-hands'],
    needed: (now) => ({ tail: now.trailer ? 1 : 0, skirt: now.skirt ? 1 : 0, lead: now.head.metal === 'lead' ? 1 : 0 }),
    apply: (_, now) => now,
  },
];
