import type { Cut } from '../advice/cuts/cut-told';
import type { CutOutOfReach, SolvedCuts } from '../advice/cuts/solve-cuts';
import type { Want } from '../advice/rules/wants';
import type { StepId } from '../bench/cut-steps-table';
import { cutList, type CutStep } from '../bench/cut-list';
import { stepText } from '../locale/en/bench';
import * as words from '../locale/en/cuts';
import { WANT_TITLE } from '../locale/en/words';
import type { Rig } from '../rig/parts/schema';
import type { UnitSystem } from '../units/display';
import type { Water } from '../water/schema';
import { rigFaults } from './rig-faults';
import { wantBand, wantValue } from './values';

/** A cut of a solution in words: what to do, what it gains, why. */
export interface ToldCut {
  readonly step: StepId;
  readonly says: string;
  readonly from: number | string;
  readonly to: number | string;
  readonly unit: Cut['unit'];
  readonly gains: number;
  readonly because: string;
  readonly edits: readonly Cut['edit'][];
}

/** The step of the cut list that an edit is made by. */
function stepOf({ edit }: Cut, { skirt, guard, trailer }: Rig): StepId {
  switch (edit) {
    case 'nose':
      return 'cut-nose';
    case 'tail':
      return 'cut-tail';
    case 'legs':
      return 'legs-off';
    case 'split':
      return 'split-tails';
    case 'slit':
      return 'slit-belly';
    case 'core':
      return 'core-on';
    case 'skirt-length':
    case 'skirt-side':
      return skirt?.trim === 'under' ? 'trim-under' : 'trim-skirt';
    case 'thin':
      return 'thin-skirt';
    case 'guard-length':
      return 'cut-guard';
    case 'guard-spread':
      return guard?.spread === 'wings' ? 'guard-wings' : 'fan-guard';
    case 'guard-fibres':
      return 'guard-fibres-out';
    case 'hang':
      return trailer?.hang === 'hung' ? 'hang-once' : 'thread';
    case 'push':
      return 'push-up';
    case 'turn':
      return 'turn';
    case 'guard-bevel':
      return 'bevel-guard';
    case 'arm-length':
      return 'shorten-arm';
    case 'arm-twist':
      return 'line-up-arm';
    case 'squeeze':
      return 'press-arms';
    case 'blade-1':
    case 'finish-1':
    case 'blade-2':
    case 'finish-2':
      return 'swap-blades';
    case 'second-hook':
      return 'second-hook';
    // a head is not cut to another weight: it is another head
    case 'weight':
      throw new Error('stepOf(weight): no cut');
  }
}

/** Why a cut is made, in the units of the reader. */
function becauseOf({ reason }: Cut, came: Rig, wants: readonly Want[], water: Water, system: UnitSystem): string {
  if (reason === null) return words.rulesSpeak;
  if ('fault' in reason) {
    const fault = rigFaults(came, { water }, system).find(({ id }) => id === reason.fault);
    return fault ? words.without(fault.says) : words.rulesSpeak;
  }
  const want = wants.find(({ id }) => id === reason.want)!;
  const say = reason.meets ? words.brings : words.bringsNearer;
  return say(
    WANT_TITLE[want.id],
    wantValue(want.id, reason.was, system),
    wantValue(want.id, reason.is, system),
    wantBand(want, system),
  );
}

/**
 * The cuts of a solution in the order of the work, as the cut list tells them; two edits that are one movement are told as one.
 * @param came  the rig before them
 */
export function toldCuts(
  { rig, cuts }: SolvedCuts['best'],
  came: Rig,
  wants: readonly Want[],
  water: Water,
  system: UnitSystem,
): ToldCut[] {
  const steps = cutList(rig, came);
  const told = new Map<StepId, ToldCut>();
  for (const cut of cuts) {
    const step = stepOf(cut, rig);
    const before = told.get(step);
    if (before) {
      told.set(step, { ...before, gains: Math.max(before.gains, cut.gains), edits: [...before.edits, cut.edit] });
      continue;
    }
    const row: CutStep | undefined = steps.find(({ id }) => id === step);
    told.set(step, {
      step,
      says: row ? stepText(row, system).text : words.turnFlat,
      from: cut.from,
      to: cut.to,
      unit: cut.unit,
      gains: cut.gains,
      because: becauseOf(cut, came, wants, water, system),
      edits: [cut.edit],
    });
  }
  const at = (step: StepId): number => steps.findIndex(({ id }) => id === step);
  return [...told.values()].sort((a, b) => at(a.step) - at(b.step));
}

export const outOfReachText = ({ want, nearest }: CutOutOfReach, wants: readonly Want[], system: UnitSystem): string =>
  words.outOfReach(
    WANT_TITLE[want],
    wantBand(
      wants.find(({ id }) => id === want)!,
      system,
    ),
    wantValue(want, nearest, system),
  );
