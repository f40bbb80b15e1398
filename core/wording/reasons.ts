import { shown, type UnitSystem } from '../units/display';
import { inUnits } from '../units/in-text';
import type { Water } from '../water/schema';
import type { Has } from '../advice/measures/rig-measures';
import type { Advice, Pick } from '../advice/recommend/advise';
import type { Reason } from '../advice/recommend/judge';
import type { WantId } from '../advice/rules/rule';
import { isMistake } from '../advice/rules/mistakes';
import { SEVERITY } from '../advice/rules/severity';
import { IN_HAND, type Want } from '../advice/rules/wants';
import { waterFacts } from '../advice/conditions/water-facts';
import { faultText } from '../locale/en/faults';
import { RULE_TEXT } from '../locale/en/rules';
import { logReasonText } from './log';
import { wantBand, wantValue } from './values';
import {
  COVER_NAME,
  EXCLUDED_TEXT,
  FAMILY_NAME,
  MISSING_PART,
  TOO_MANY_PAIRS,
  unknownColoursText,
  WANT_TITLE,
} from '../locale/en/words';
import * as phrases from '../locale/en/phrases';

/** Fills the braces of a rule's line with this water. */
export function ruleText(rule: string, water: Water, system: UnitSystem): string {
  if (rule === IN_HAND) return phrases.askedInHand;
  if (isMistake(rule)) return faultText(rule, {}, system).says;
  const facts = waterFacts(water);
  const cover = facts.mainCover ? COVER_NAME[facts.mainCover.kind] : 'cover';
  const words: Readonly<Record<string, string>> = {
    temp: shown('temperature', water.temperatureC, system),
    vis: shown('visibility', water.visibilityM, system),
    depth: shown('depth', water.depthM, system),
    cover,
    light: water.sky === 'dark' ? phrases.andLittleLight : '',
  };
  const text = RULE_TEXT[rule as keyof typeof RULE_TEXT] ?? rule;
  return inUnits(
    text.replace(/\{(\w+)\}/g, (braced, name: string) => words[name] ?? braced),
    system,
  );
}

const allRules = (rules: readonly string[], water: Water, system: UnitSystem): string =>
  rules.map((rule) => ruleText(rule, water, system)).join(' ');

/** What a band in the angler's hands costs: how it differs from what the water itself asks, and why the water asks it. */
export function intentCost({ id, from, to, inHand }: Want, water: Water, system: UnitSystem): string {
  if (!inHand) return phrases.waterAsksNothing;
  const [less, more] = phrases.DIFFERS[id];
  const middle = (from + to) / 2;
  if (middle >= inHand.from && middle <= inHand.to) return phrases.withinTheWaters;
  const how = middle < inHand.from ? less : more;
  return phrases.thanTheWaterAsks(how, wantBand({ id, ...inHand }, system), allRules(inHand.rules, water, system));
}

/** Why a band lies where it lies: the rule that set it and those that moved it; of one in hand, what it costs. */
export const wantBecause = (want: Want, water: Water, system: UnitSystem): string =>
  want.inHand === undefined
    ? allRules(want.rules, water, system)
    : `${phrases.askedInHand} ${intentCost(want, water, system)}`;

/** A reason in words; for a want it names the number, the band and why the band lies there. */
export function reasonText(reason: Reason, has: Has, wants: readonly Want[], water: Water, system: UnitSystem): string {
  if (reason.logged) return logReasonText(reason.logged);
  const want = wants.find(({ id }) => id === reason.want);
  if (!want) return ruleText(reason.rule, water, system);
  const value = wantValue(want.id, has[want.id], system);
  const band = wantBand(want, system);
  const over = has[want.id] > want.to;
  const [above, below] =
    want.id === 'run' ? [phrases.deeperThan, phrases.higherThan] : [phrases.aboveIt, phrases.belowIt];
  const place = reason.for ? phrases.insideIt : over ? above : below;
  return phrases.isTheWanted(WANT_TITLE[want.id], value, place, band, ruleText(want.rules[0]!, water, system));
}

/** How a rig strays from a want, in plain words. */
const STRAYS: Readonly<Record<WantId, readonly [below: string, above: string]>> = {
  fall: [phrases.fallsSlowerThanWanted, phrases.fallsFasterThanWanted],
  weight: [phrases.lighterThanWanted, phrases.heavierThanWanted],
  push: [phrases.movesLessWater, phrases.movesMoreWater],
  show: [phrases.showsLessMotion, phrases.showsMoreMotion],
  length: [phrases.shorterThanWanted, phrases.longerThanWanted],
  ratio: [phrases.slimmerThanTheirFood, phrases.deeperThanTheirFood],
  snag: [phrases.hangsUpMore, ''],
  run: [phrases.runsHigherThanWanted, phrases.runsDeeperThanWanted],
  hold: [phrases.hasToCreep, phrases.hasToBeRaced],
  window: [phrases.hasNoRoom, ''],
  kick: [phrases.hasADeadTail, ''],
};

/** On how many of the picks a rule speaks for: what all share tells nothing about one. */
const sharedBy = (rule: string, { picks }: Advice): number =>
  picks.filter(({ reasons }) => reasons.some((reason) => reason.rule === rule && reason.for)).length;

/** A reason that is about no want: a rule’s line, or what the log says. */
const plainText = ({ rule, logged }: Reason, water: Water, system: UnitSystem): string =>
  logged ? logReasonText(logged) : ruleText(rule, water, system);

/** One plain sentence for a row: what speaks for it more than for the others, then what speaks most against it. */
export function pickSentence(pick: Pick, advice: Advice, water: Water, system: UnitSystem): string {
  const { wants } = pick;
  const forRig = pick.reasons
    .filter((reason) => reason.for && reason.want === null && !EVERYDAY.has(reason.rule))
    .map((reason) => ({ reason, worth: reason.weight / sharedBy(reason.rule, advice) }))
    .sort((a, b) => b.worth - a.worth)[0]?.reason;
  const against = pick.reasons.find((reason) => !reason.for && reason.weight > 0.2);
  const good = forRig
    ? plainText(forRig, water, system)
    : phrases.fallsAsWanted(wantValue('fall', pick.has.fall, system));
  if (!against) return good;
  const want = wants.find(({ id }) => id === against.want);
  if (!want) return phrases.but(good, lowerFirst(plainText(against, water, system)));
  const [below, above] = STRAYS[want.id];
  return phrases.it(
    good,
    pick.has[want.id] > want.to
      ? above.replace(/^(longer|heavier|deeper)/, 'is $1')
      : below.replace(/^(shorter|lighter|slimmer)/, 'is $1'),
  );
}

/** Rules too general to open a row with. */
const EVERYDAY: ReadonlySet<string> = new Set([
  'trailer-matches-skirt',
  'soft-guard-in-open',
  'full-guard-in-cover',
  'fine-wire-in-open',
]);

const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

const isSpoilt = (pick: Pick | undefined): boolean => pick?.faults.some((id) => SEVERITY[id] < 3) === true;

/** Warnings that come with an answer. */
export function adviceWarnings(advice: Advice, system: UnitSystem): string[] {
  const asked = (id: WantId): Want => advice.wants.find((want) => want.id === id)!;
  const family = FAMILY_NAME[advice.families[0]!.family];
  return [
    ...advice.unheeded.map((id) => phrases.notAskedHere(WANT_TITLE[id], family)),
    ...advice.outOfReach.map(({ want, nearest }) =>
      phrases.noneReaches(WANT_TITLE[want], wantBand(asked(want), system), wantValue(want, nearest, system)),
    ),
    ...(isSpoilt(advice.picks[0]) ? [phrases.nothingCleaner] : []),
    ...advice.missing.map((tray) => MISSING_PART[tray]),
    ...advice.forbidden.map((row) => EXCLUDED_TEXT[row.by](row.heads)),
    ...(advice.unknownColours.length > 0 ? [unknownColoursText(advice.unknownColours)] : []),
    ...(advice.tooManyPairs > 0 ? [TOO_MANY_PAIRS] : []),
  ];
}
