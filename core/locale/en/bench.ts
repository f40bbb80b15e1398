import { shown, type UnitSystem } from '../../units/display';
import { inUnits } from '../../units/in-text';
import { lengthMFromMm } from '../../units/units';
import type { CareId } from '../../bench/care';
import type { CutStep } from '../../bench/cut-list';
import type { BenchCaution, StepId } from '../../bench/cut-steps-table';
import type { BenchPart, EditId, RefusalId } from '../../edits/edits';

export const PART_TITLE: Readonly<Record<BenchPart, string>> = {
  head: 'Head',
  arms: 'Arms',
  blades: 'Blades',
  guard: 'Guard',
  skirt: 'Skirt',
  trailer: 'Trailer',
  core: 'Core',
  'second-hook': 'Trailer hook',
};

export const EDIT_TITLE: Readonly<Record<EditId, string>> = {
  weight: 'Head weight',
  'arm-length': 'Upper arm',
  'arm-twist': 'Arm twist',
  squeeze: 'Arms',
  'blade-1': 'Front blade',
  'finish-1': 'Its finish',
  'blade-2': 'Rear blade',
  'finish-2': 'Its finish, rear',
  'guard-length': 'Guard length',
  'guard-fibres': 'Fibres',
  'guard-bevel': 'Guard end',
  'guard-spread': 'Fibres stand',
  'skirt-length': 'Skirt from the collar',
  'skirt-side': 'Trimmed',
  thin: 'Strands clipped',
  nose: 'Off the nose',
  tail: 'Off the tail',
  legs: 'Legs off',
  split: 'Tails',
  slit: 'Belly',
  hang: 'On the hook',
  turn: 'Turned',
  push: 'Pushed up',
  core: 'Bright core',
  'second-hook': 'Trailer hook',
};

/** Words of the choices at the bench; what is not listed is named as everywhere. */
export const OPTION_TEXT: Partial<Record<EditId, Readonly<Record<string, string>>>> = {
  'blade-2': { none: 'none' },
  squeeze: { no: 'open', yes: 'pressed' },
  'guard-bevel': { no: 'square', yes: 'on a slant' },
  'guard-spread': { none: 'as a bundle', fanned: 'fanned', wings: 'in two wings' },
  'skirt-side': { all: 'all round', under: 'underside only' },
  split: { no: 'joined', yes: 'split' },
  slit: { no: 'whole', yes: 'slit' },
  hang: { threaded: 'threaded', hung: 'hung by its end' },
  turn: { flat: 'flat', edge: 'on edge', inverted: 'upside down' },
  'second-hook': { none: 'none', 'single-up': 'point up', 'single-down': 'point down', treble: 'treble' },
};
/** Why a value is not taken, and what can be done instead. */
export const REFUSAL_TEXT: Readonly<Record<RefusalId, (limit: string) => string>> = {
  'no-negative': () => 'Less than nothing cannot be cut. Zero leaves it whole.',
  'cut-to-nothing': (limit) => `That would leave no trailer. ${limit} is the most that can go.`,
  'past-the-bend': (limit) =>
    `A cut there goes past the bend: the hook would have no plastic to come out of. ${limit} is the most.`,
  'core-longer-than-body': (limit) =>
    `The core would be longer than the body that is left for it. ${limit} is the longest.`,
  'core-covers-the-shank': (limit) => `A core that long leaves the trailer no shank. ${limit} is the longest.`,
  'shorter-than-collar': (limit) => `Shorter than that, the collar has nothing to hold. ${limit} is the shortest.`,
  'cannot-grow': (limit) => `Scissors take off, they do not put on: it came at ${limit}.`,
  'strands-must-stay': (limit) => `At most ${limit} strands can go; with fewer left it is no skirt.`,
  'fibres-must-stay': (limit) => `At least ${limit} has to stand. For no guard choose a head without one.`,
  'too-short-a-guard': (limit) => `Under ${limit} a guard covers nothing and is too stiff to fold.`,
  'too-short-an-arm': (limit) => `Under ${limit} the blade would beat against the head.`,
  'no-more-legs': (limit) => `It has ${limit}.`,
  'keeper-full': (limit) => `The collar takes no more than ${limit} of nose.`,
  'bent-too-far': () => 'Wire bent further than 45° breaks. Straighten it in small steps.',
};

const STEP_TITLE: Readonly<Record<StepId, string>> = {
  'swap-blades': 'Blades',
  'shorten-arm': 'Upper arm',
  'press-arms': 'Press the arms',
  'cut-core': 'Core',
  'cut-nose': 'Nose',
  'cut-tail': 'Tail',
  'legs-off': 'Legs',
  'split-tails': 'Tails',
  'slit-belly': 'Belly',
  'sweep-skirt': 'Skirt aside',
  'core-on': 'Core on',
  turn: 'Turn',
  thread: 'Thread',
  'hang-once': 'Hang',
  'push-up': 'Push up',
  'trim-skirt': 'Skirt',
  'trim-under': 'Underside',
  'thin-skirt': 'Thin',
  'cut-guard': 'Guard',
  'bevel-guard': 'Guard end',
  'guard-fibres-out': 'Fibres out',
  'fan-guard': 'Fan',
  'guard-wings': 'Wings',
  'line-up-arm': 'Line up',
  'second-hook': 'Trailer hook',
  'look-over': 'Look it over',
};

const amount = (count: number, one: string, many = `${one}s`): string => `${count} ${count === 1 ? one : many}`;
type Text = (data: CutStep['data'], mm: (value: number | string | undefined) => string) => string;
const STEP_TEXT: Readonly<Record<StepId, Text>> = {
  'swap-blades': ({ from, to }) => `Take off ${from}, put on ${to}. Clevis and swivel must turn freely.`,
  'shorten-arm': ({ fromMm, toMm }, mm) =>
    `Nip the upper arm from ${mm(fromMm)} to ${mm(toMm)} past its bend and turn a new eye for the swivel.`,
  'press-arms': () => 'Press upper and lower arm together with the fingers, evenly: slim enough to tear through weed.',
  'cut-core': ({ mm: long, colour }, mm) => `Cut ${mm(long)} of ${colour} stick worm, both ends square.`,
  'cut-nose': ({ mm: long, ribs, forCoreMm }, mm) => {
    const what = Number(ribs) > 0 ? `${amount(Number(ribs), 'rib')}, ${mm(long)}` : mm(long);
    const core = Number(forCoreMm) > 0 ? ` ${mm(forCoreMm)} of it make room for the core.` : '';
    return `Take ${what} off the nose, square.${core}`;
  },
  'cut-tail': ({ mm: long }, mm) => `Take ${mm(long)} off the tail.`,
  'legs-off': ({ count }) => `Snip ${amount(Number(count), 'leg')} off at the root.`,
  'split-tails': () => 'Slit the web between the tails up to where they join the body.',
  'slit-belly': ({ mm: long }, mm) => `Slit the belly along the middle, from the nose for ${mm(long)}, half through.`,
  'sweep-skirt': () => 'Fold the skirt forward over the head and hold the lure on its back.',
  'core-on': ({ mm: long, sooner }, mm) =>
    `Thread the core straight up to the head, ${mm(long)} of shank gone.${Number(sooner) > 0 ? ' The trailer stops that much sooner.' : ''}`,
  turn: ({ to }) =>
    to === 'edge'
      ? 'Turn it on its edge: the wide face stands upright.'
      : 'Turn it over: its back goes down, tail and all.',
  thread: ({ exitMm, overhangMm, cut }, mm) =>
    Number(exitMm) > 0
      ? `In at the middle of the ${Number(cut) > 0 ? 'cut' : 'nose'}, straight along the body, out at ${mm(exitMm)}. ${mm(overhangMm)} trail behind the bend.`
      : 'Straight along the body; it ends before the bend.',
  'hang-once': ({ mm: from }, mm) => `Hook it once through its end, ${mm(from)} in, and let it trail.`,
  'push-up': ({ mm: far, keepers }, mm) =>
    `Shove it home over ${Number(keepers) === 2 ? 'both keepers' : 'the keeper'}: ${mm(far)} of nose go up under the collar. Then draw it straight.`,
  'trim-skirt': ({ toMm, offMm }, mm) =>
    `Take the whole skirt between two fingers, inner strands too, and cut at ${mm(toMm)} from the collar: ${mm(offMm)} off. Shorter, it stands wider.`,
  'trim-under': ({ toMm, offMm }, mm) =>
    `Point down: cut only the strands on the underside at ${mm(toMm)} from the collar, ${mm(offMm)} off.`,
  'thin-skirt': ({ count, left }) =>
    `Belly up, the skirt turned back over the head: clip ${amount(Number(count), 'strand')} {in 3/8..1/2} from the collar. Pulled out, they would leave it loose. ${left} stay.`,
  'cut-guard': ({ toMm, offMm, pastMm }, mm) =>
    Number(pastMm) >= 0
      ? `Cut the guard to ${mm(toMm)}, ${mm(offMm)} off: it ends ${mm(pastMm)} past the point.`
      : `Cut the guard to ${mm(toMm)}, ${mm(offMm)} off: it ends ${mm(-Number(pastMm))} short of the point.`,
  'bevel-guard': () => 'Cut the end of the guard on a slant, lowest towards the point.',
  'guard-fibres-out': ({ count, left }) => `Nip ${amount(Number(count), 'fibre')} out at the root; ${left} stay.`,
  'fan-guard': () => 'Spread all fibres to left and right with the thumbs; take none out.',
  'guard-wings': () =>
    'Slip a small band down to the root, divide the fibres into two equal wings, and stretch the back of the band over the head between them.',
  'line-up-arm': ({ offDeg }) =>
    Number(offDeg) === 0
      ? 'Nose towards you: upper arm and hook must lie on one line, and the lower arm too.'
      : `Nose towards you: the upper arm stands ${Math.abs(Math.round(Number(offDeg)))}° to the ${Number(offDeg) > 0 ? 'right' : 'left'}. Bend it back until it covers the hook.`,
  'second-hook': ({ kind, point, size }) =>
    kind === 'treble'
      ? `Slip a ${size} treble over the point on to the bend, and a stop behind it.`
      : `Slip a short stiff ${size} over the point on to the bend, point ${point}, and a stop behind it.`,
  'look-over': ({ tail, skirt }) =>
    [
      Number(tail) > 0 ? 'Trailer straight and in line, tail free.' : '',
      Number(skirt) > 0 ? 'All strands back behind the head.' : '',
      'Pull it beside the boat once: it must run upright.',
    ]
      .filter(Boolean)
      .join(' '),
};

/** A step of the cut list in words. */
export const stepText = (
  { id, data }: CutStep,
  system: UnitSystem,
): { readonly title: string; readonly text: string } => ({
  title: STEP_TITLE[id],
  text: inUnits(
    STEP_TEXT[id](data, (value) => shown('cut', lengthMFromMm(Number(value ?? 0)), system)),
    system,
  ),
});

export const BENCH_CAUTION_TEXT: Readonly<Record<BenchCaution, string>> = {
  scissors: 'Cut on a board, away from the hand that holds; not while the boat moves.',
  'bare-hook': 'The point is bare: hold the bend in pliers, keep it from faces.',
  'fibres-fly': 'Clipped fibres fly: turn them away from eyes.',
  'wire-springs': 'Nipped wire springs off: cover it with the hand and shade your eyes.',
  offcuts: 'Pocket what you cut off; none of it belongs in the water.',
  'two-hooks': 'Two hooks now: check that this water allows it, and mind nets and hands.',
  'lead-hands': 'Wash your hands: the head is lead.',
};

export const CARE_TEXT: Readonly<Record<CareId, string>> = {
  'trailer-off': 'Take the trailer off: wet plastic left on rusts the hook and stains the skirt.',
  'dry-hook': 'Let it dry before the lid closes.',
  'touch-up-point': 'Draw the point over a nail; where it slides, sharpen it or retire it.',
  'rubber-dark': 'Keep rubber strands dark and cool, or they stick together.',
  'rinse-skirt': 'Comb the strands straight with wet fingers; count those that are gone.',
  'blades-apart': 'Store it so that nothing presses on blades and wire.',
  'arm-check': 'After a fish look along the arm again: it bends more often than it seems.',
  'plate-check': 'See that the plate swings freely and nothing is wound round its link.',
  'plastics-by-kind': 'Back into its own bag: plastics of different makes melt into each other.',
  'lead-hands': 'Lead head: wash your hands, and keep it from children.',
};
