import { guardCollapseN, guardToPointMm, PAST_POINT_MM, STIFF_N } from '../../hold/guard';
import { rollUp } from '../../hold/hook-point';
import { arrivingSetN, dragSetN, isStoutBraid, leastSetN, neededSetN, straightensN } from '../../hold/hook-set';
import { fibreGuard } from '../../rig/parts/catalogue';
import type { Guard, Rig } from '../../rig/parts/schema';
import { classesFor, colourClassOf } from '../../tackle/colours';
import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import type { Water } from '../../water/schema';
import {
  adviseIf,
  cannotTell,
  doesNotApply,
  onWater,
  withGuard,
  withHead,
  withSkirt,
  withTrailer,
  type Checked,
  type RigCheck,
} from './check';
import { mistakeCheck } from './mistake-check';
import { again } from './trailer-checks';

/** Strands left where a skirt is thinned for clear water, and from which it is bulky. @source craft-practice */
const CLEAR_STRANDS = 40;
const BULKY_STRANDS = 55;
/** Power of the rod and line out with which a hook-set is judged: a usual one, half a cast. @source craft-practice */
const SET_WITH = { power: 'medium-heavy', lineOutM: 12.5 } as const;

/** A colour of ours for each food. @source craft-practice */
const FOOD_COLOUR: Readonly<Record<Water['forage'][number], string>> = {
  shad: 'white',
  minnow: 'white',
  panfish: 'bluegill mix',
  crayfish: 'brown/orange',
  perch: 'green pumpkin',
};

const jig = ({ rig }: Checked): boolean => rig.family === 'skirted';

const guardN = (rig: Rig): number => (rig.guard ? guardCollapseN(rig.guard) : 0);

/** The first of some guards with which a fault is gone. */
function guardThatCures(
  checked: Checked,
  check: RigCheck,
  parts: readonly Partial<Guard>[],
): ReturnType<RigCheck['cure']> {
  for (const part of parts) {
    const cured = withGuard(checked.rig, part);
    if ('rig' in cured && check.judge(again(checked, cured.rig)).verdict !== 'advises') return cured;
  }
  return null;
}

/** Fewer fibres, down to a few. */
const fewer = ({ rig }: Checked): Partial<Guard>[] =>
  Array.from({ length: rig.guard!.fibres }, (_, less) => rig.guard!.fibres - less)
    .filter((fibres) => fibres >= 4)
    .map((fibres) => ({ fibres, spread: 'fanned' as const }));

const guardHoldsPointFlat: RigCheck = {
  id: 'guard-holds-point-flat',
  judge(checked) {
    const { rig, body } = checked;
    if (!jig(checked) || !rig.guard) return doesNotApply;
    return adviseIf(rollUp(rig, body, guardN(rig)) === 'lies-flat' && rollUp(rig, body, 0) === 'turns-up');
  },
  cure(checked) {
    return guardThatCures(checked, this, fewer(checked));
  },
};

const guardTooStiff: RigCheck = {
  id: 'guard-too-stiff',
  judge: (checked) =>
    jig(checked) && checked.rig.guard?.kind === 'fibre'
      ? adviseIf(guardN(checked.rig) > STIFF_N, { collapseN: guardN(checked.rig) })
      : doesNotApply,
  cure(checked) {
    return guardThatCures(checked, this, [{ spread: 'fanned' }, { spread: 'wings' }, ...fewer(checked)]);
  },
};

const guardOffTheBarb: RigCheck = {
  id: 'guard-off-the-barb',
  judge(checked) {
    const { rig } = checked;
    if (!jig(checked) || rig.guard?.kind !== 'fibre') return doesNotApply;
    const pastMm = rig.guard.lengthMm - guardToPointMm(rig);
    return adviseIf(pastMm < PAST_POINT_MM.from || pastMm > PAST_POINT_MM.to, { pastMm });
  },
  cure: ({ rig }) => withGuard(rig, { lengthMm: Math.round(guardToPointMm(rig) + PAST_POINT_MM.cut) }),
};

const tieSwingsHookOut: RigCheck = {
  id: 'tie-swings-hook-out',
  judge: (checked) =>
    jig(checked) ? adviseIf(rollUp(checked.rig, checked.body, guardN(checked.rig)) === 'swings-out') : doesNotApply,
  cure: ({ rig }) => ({ rig: { ...rig, guard: fibreGuard(14) } }),
};

const wireOutgunsLine: RigCheck = {
  id: 'wire-outguns-line',
  judge(checked) {
    if (checked.plan === null) return cannotTell;
    const neededN = neededSetN(checked.rig);
    const arrivesN = arrivingSetN(checked.plan.line, SET_WITH.power, SET_WITH.lineOutM);
    return adviseIf(arrivesN < leastSetN(checked.rig), { neededN, arrivesN });
  },
  cure: (checked) => {
    const lines = [
      { kind: 'fluorocarbon', lb: 20 },
      { kind: 'braid', lb: 30 },
      { kind: 'braid', lb: 50 },
      { kind: 'braid', lb: 65 },
    ] as const;
    const leastN = leastSetN(checked.rig);
    const line = lines.find((one) => arrivingSetN(one, SET_WITH.power, SET_WITH.lineOutM) >= leastN);
    return line ? { plan: { ...checked.plan!, line } } : null;
  },
};

const lineOutgunsWire: RigCheck = {
  id: 'line-outguns-wire',
  judge({ rig, plan }) {
    if (plan === null) return cannotTell;
    const [opensN, dragN] = [straightensN(rig.head.hook), dragSetN(plan.line)];
    // a heavy drag is set only with line made for it
    return isStoutBraid(plan.line) ? adviseIf(opensN < dragN, { opensN, pullN: 2 * dragN }) : doesNotApply;
  },
  cure: ({ rig, plan }) => {
    const dragN = dragSetN(plan!.line);
    const wire = (['medium', 'heavy', 'extra-heavy'] as const).find(
      (one) => straightensN({ size: rig.head.hook.size, wire: one }) >= dragN,
    );
    return wire ? withHead(rig, { hook: { size: rig.head.hook.size, wire } }) : null;
  },
};

const known = (colour: string | undefined): boolean => colour === undefined || colourClassOf(colour) !== null;

/** A colour nobody knows counts as natural, which may not be what it is. */
const colourUnknown: RigCheck = {
  id: 'colour-unknown',
  judge: ({ rig: { skirt, trailer, core } }) => adviseIf(![skirt, trailer, core].every((part) => known(part?.colour))),
  cure: ({ rig }) => {
    const plain = <T extends { colour: string }>(part: T): T =>
      known(part.colour) ? part : { ...part, colour: 'green pumpkin' };
    return {
      rig: {
        ...rig,
        ...(rig.skirt ? { skirt: plain(rig.skirt) } : {}),
        ...(rig.trailer ? { trailer: plain(rig.trailer) } : {}),
        ...(rig.core ? { core: plain(rig.core) } : {}),
      },
    };
  },
};

/** Checks of heads, wires, guards, skirts and colours. @source craft-practice */
export const HEAD_AND_GUARD_CHECKS: readonly RigCheck[] = [
  guardHoldsPointFlat,
  guardTooStiff,
  guardOffTheBarb,
  tieSwingsHookOut,
  wireOutgunsLine,
  lineOutgunsWire,
  colourUnknown,
  mistakeCheck('one-wire-in-twigs', ({ rig }) => ({
    rig: {
      ...rig,
      guard: fibreGuard(rig.head.finesse ? 10 : 18, Math.round(guardToPointMm(rig) + PAST_POINT_MM.cut)),
    },
  })),
  mistakeCheck('pointed-nose-in-forks', ({ rig }) => withHead(rig, { nose: 'round' })),
  mistakeCheck('football-in-riprap', ({ rig }) => withHead(rig, { cams: true })),
  mistakeCheck('legs-in-branches', ({ rig }) => withTrailer(rig, { kind: 'flat-bug', orientation: 'flat' })),
  mistakeCheck('claws-in-thick-brush', ({ rig }) => withTrailer(rig, { kind: 'flat-bug', orientation: 'flat' })),
  mistakeCheck('ball-head-in-weed', ({ rig }) => withHead(rig, { style: 'casting' })),
  mistakeCheck('lively-for-cold-fish', ({ rig }) => withTrailer(rig, { kind: 'flat-bug', orientation: 'flat' })),
  mistakeCheck('edge-in-a-mat', ({ rig }) => withTrailer(rig, { orientation: 'flat' })),
  onWater(
    'skirt-too-bulky-for-clear',
    ({ rig }) => !!rig.skirt && rig.skirt.material !== 'hair',
    (w, { rig }) => w.seenM >= lengthMFromFt(3) && rig.skirt!.strands - rig.skirt!.thinned >= BULKY_STRANDS,
    ({ rig }) => withSkirt(rig, { thinned: rig.skirt!.strands - CLEAR_STRANDS }),
  ),
  onWater(
    'too-bright-for-clear',
    ({ rig }) => rig.family === 'skirted' && !!rig.skirt,
    (w, { rig }) => w.seenM >= lengthMFromFt(4) && colourClassOf(rig.skirt!.colour) === 'bright',
    ({ rig }) => withSkirt(rig, { colour: 'green pumpkin' }),
  ),
  onWater(
    'not-the-colour-of-their-food',
    ({ rig, schools }) => !!rig.skirt && (schools === null || schools['colour-order'].school === 'forage-first'),
    (w, { rig }) => {
      const passing = w.water.forage.flatMap(classesFor);
      const colour = colourClassOf(rig.skirt!.colour);
      return passing.length > 0 && w.seenM >= lengthMFromIn(14) && colour !== null && !passing.includes(colour);
    },
    ({ rig, water }) => withSkirt(rig, { colour: FOOD_COLOUR[water!.forage[0]!] }),
  ),
];
