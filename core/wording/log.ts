import type { LogSaid } from '../advice/conditions/own-log';
import {
  EITHER,
  EXPECTED_AT,
  lastMoment,
  NEITHER,
  NO_TRAILER,
  SETTLED,
  UNKNOWN,
  type Comparison,
  type Grouping,
  type KeptOuting,
  type Oddity,
  type OffRig,
  type ShortStrikeAdvice,
  type TrailerHookVerdict,
  type Unlike,
} from '../log';
import * as words from '../locale/en/log';
import { NAME } from '../locale/en/names';
import { SCHOOL_WORDS } from '../locale/en/schools';
import { TRAILER_TITLE } from '../locale/en/tackle';
import { FAMILY_NAME } from '../locale/en/words';
import { shown, shownHeadStep, type UnitSystem } from '../units/display';
import { inUnits } from '../units/in-text';
import { lengthMFromMm, massKgFromOz } from '../units/units';
import { rigTitle } from './values';

export {
  EVENT_TITLE,
  GROUPING_TITLE,
  HOOKED_AT,
  notBoth,
  notComputedFor,
  notComparable,
  ROLL_UP_TITLE,
  SHORT_STRIKE_TITLE,
  shortStrikesOn,
} from '../locale/en/log';

const percent = (share: number): string => `${Math.round(100 * share)} %`;
/** A class of sight or warmth in words; hours stand as they are. */
const classText = (what: Unlike['what'], value: string): string =>
  value === UNKNOWN
    ? words.notSaid
    : what === 'clarity'
      ? NAME[value as keyof typeof NAME]
      : what === 'temperature'
        ? words.TEMPERATURE_TITLE[value as keyof typeof words.TEMPERATURE_TITLE]
        : value;
export const unlikeText = ({ what, one, other, share }: Unlike): string =>
  words.UNLIKE_TEXT[what](classText(what, one), classText(what, other), percent(share));
export const verdictText = (verdict: TrailerHookVerdict): string =>
  words.verdictText(verdict, percent(verdict.chance), percent(verdict.bitesGivenUp), percent(verdict.breakEven));

/** What the log says of a rig that is picked, with its hours. */
export const logReasonText = ({ weight, perHour, band, meanPerHour, hours, bites }: LogSaid): string =>
  words.logReason(
    weight > 0,
    perHour.toFixed(2),
    [band[0].toFixed(2), band[1].toFixed(2)],
    meanPerHour.toFixed(2),
    hours.toFixed(1),
    bites,
  );

/** What a group of a log is called. */
export function groupTitle(by: Grouping, value: string, system: UnitSystem): string {
  if (value === UNKNOWN) return words.notSaid;
  switch (by) {
    case 'trailer':
      return value === NO_TRAILER ? words.noTrailerAtAll : TRAILER_TITLE[value as keyof typeof TRAILER_TITLE];
    case 'orientation':
      return value === NO_TRAILER ? words.noTrailerAtAll : words.TURN_TITLE[value as keyof typeof words.TURN_TITLE];
    case 'weight':
      return shownHeadStep(massKgFromOz(Number(value)), system);
    case 'family':
      return FAMILY_NAME[value as keyof typeof FAMILY_NAME];
    case 'trailerHook':
      return value === 'with' ? words.withHook : words.withoutHook;
    case 'school': {
      if (value === EITHER) return words.eitherSchool;
      if (value === NEITHER) return words.neitherSchool;
      const said = SCHOOL_WORDS[`weight:${value}` as keyof typeof SCHOOL_WORDS];
      return inUnits(said.name, system);
    }
    case 'water': {
      const [clarity, temperature] = value.split('/');
      return words.waterClassOf(
        NAME[clarity as keyof typeof NAME],
        words.TEMPERATURE_TITLE[temperature as keyof typeof words.TEMPERATURE_TITLE],
      );
    }
    case 'rig':
      return value;
  }
}

/** What two groups come to beside each other: a chance like with like, or that there is nothing to compare. */
export function comparisonText(one: string, other: string, { chance, hoursToSettle }: Comparison): string {
  if (chance === null) return words.notComparable;
  const [first, second, leads] = chance >= 0.5 ? [one, other, chance] : [other, one, 1 - chance];
  const settled = leads >= SETTLED ? words.isSettled : words.settlesAfter(hoursToSettle);
  return words.beatsText(first, second, percent(leads), settled);
}

/** What a log says of two trailers, as a person would say it: how much more often, how sure, and what is missing. */
export function headlineText(one: string, other: string, { chance, ratio, hoursToSettle }: Comparison): string {
  if (chance === null || ratio === null) return words.nothingAlike(words.withTrailer(one), words.withTrailer(other));
  const isOne = chance >= 0.5;
  const [first, second] = (isOne ? [one, other] : [other, one]).map(words.withTrailer) as [string, string];
  const [leads, times] = isOne ? [chance, ratio] : [1 - chance, 1 / ratio];
  if (leads >= SETTLED) return words.bitesSettled(first, second, words.howMuchMore(times));
  return words.bitesSoFar(first, second, percent(leads), words.settlesAfter(hoursToSettle));
}

/** As closely as a thumb tells it on the water. */
const aboutMm = (mm: number, system: UnitSystem): number =>
  system === 'us' ? (Math.round((mm / 25.4) * 4) / 4) * 25.4 : Math.round(mm);
export const shortStrikeBecause = ({ because, mm }: ShortStrikeAdvice, system: UnitSystem): string =>
  words.SHORT_STRIKE_BECAUSE[because](shown('partLength', lengthMFromMm(aboutMm(mm, system)), system));

/** @param clock  writes a moment as people read it; @param titleOf  names another outing */
export function oddityText(
  oddity: Oddity,
  how: { clock(moment: string): string; titleOf(id: string): string },
): string {
  switch (oddity.what) {
    case 'no-rig':
      return words.ODDITY_TEXT['no-rig'](oddity.count);
    case 'landed-over-hooked':
      return words.ODDITY_TEXT['landed-over-hooked'](oddity.landed, oddity.hooked);
    case 'left-running':
      return words.ODDITY_TEXT['left-running'](Math.round(oddity.hours), how.clock(oddity.last));
    case 'very-long':
      return words.ODDITY_TEXT['very-long'](Math.round(oddity.hours));
    case 'in-the-future':
      return words.ODDITY_TEXT['in-the-future'];
    case 'overlaps':
      return words.ODDITY_TEXT.overlaps(how.titleOf(oddity.other));
  }
}

/** A moment as its own place reads it: day and clock. */
export const momentText = (moment: string): string => `${moment.slice(0, 10)} ${moment.slice(11, 16)}`;
export const outingTitle = (outing: KeptOuting): string =>
  [outing.place, momentText(outing.from)].filter((part) => part !== '').join(' · ');
export const lastMomentText = (outing: KeptOuting): string => momentText(lastMoment(outing));

/** A rig whose fish hang elsewhere than computed. */
export const offRigText = ({ rig, rollUp, fish, asExpected, chance }: OffRig, system: UnitSystem): string =>
  words.offRigText(
    rigTitle(rig, system),
    words.ROLL_UP_TITLE[rollUp],
    words.HOOKED_AT[EXPECTED_AT[rollUp]],
    `${asExpected} of ${fish}`,
    `${(100 * chance).toFixed(chance < 0.01 ? 1 : 0)} %`,
  );
