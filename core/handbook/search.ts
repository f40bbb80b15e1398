import type { UnitSystem } from '../units/display';
import { questionOf } from '../advice/conditions/schools';
import { QUESTION_TITLE, SCHOOL_WORDS } from '../locale/en/schools';
import { HANDBOOK, ruleInUnits, type HandbookRule } from './handbook';

/** What anglers type, and the words our rules use for it. A rule is found by any of them. */
const ALSO: readonly (readonly [typed: string, ...words: string[]])[] = [
  ['bladed jig', 'vibrating', 'plate'],
  ['bladed', 'vibrating', 'plate'],
  ['crawfish', 'craw'],
  ['crawdad', 'craw'],
  ['crayfish', 'craw'],
  ['trailer hook', 'trailer hook', 'treble'],
  ['stinger', 'trailer hook'],
  ['skip', 'skip', 'dock', 'roof'],
  ['punch', 'matted', 'mat '],
  ['flip', 'flip', 'pitch'],
  ['pitch', 'pitch', 'flip'],
  ['bluegill', 'panfish'],
  ['bream', 'panfish'],
  ['sunfish', 'panfish'],
  ['baitfish', 'shad', 'minnow'],
  ['dirty', 'mud', 'colour'],
  ['murky', 'mud', 'colour'],
  ['stained', 'stained', 'mud', 'colour'],
  ['vegetation', 'weed', 'grass'],
  ['grass', 'grass', 'weed'],
  ['timber', 'wood', 'laydown'],
  ['swimbait', 'paddle'],
  ['weedguard', 'guard'],
  ['brush guard', 'guard'],
  ['slow roll', 'rolled slowly', 'slow roll', 'roll'],
  ['spinner bait', 'spinnerbait', 'blades'],
  ['fluoro', 'fluorocarbon'],
];

/** A word without the endings that say when or how often: skipping and skips are found as skip. */
function stem(word: string): string {
  const bare = word.replace(/(?:ing|ed|es|s)$/, '');
  if (bare.length < 3) return word;
  return /([bdfgklmnprt])\1$/.test(bare) && !/(?:ll|ss)$/.test(bare) ? bare.slice(0, -1) : bare;
}

/** What is typed as terms that must all be met, each by any of its words. */
function termsOf(typed: string): readonly (readonly string[])[] {
  const terms: string[][] = [];
  let left = ` ${typed.trim().toLowerCase().replace(/\s+/g, ' ')} `;
  for (const [asked, ...words] of ALSO) {
    if (!asked.includes(' ') || !left.includes(` ${asked}`)) continue;
    terms.push(words);
    left = left.replace(new RegExp(` ${asked}\\w*`), ' ');
  }
  for (const word of left.split(' ').filter(Boolean)) {
    const bare = stem(word);
    const known = ALSO.find(([asked]) => asked === word || asked === bare);
    terms.push([...new Set([...(known?.slice(1) ?? []), word, bare])]);
  }
  return terms;
}

const haystack = ({ id, says, when, does, school }: HandbookRule): string =>
  [
    id.replace(/-/g, ' '),
    says,
    when,
    does ?? '',
    ...(school ? [SCHOOL_WORDS[school].name, QUESTION_TITLE[questionOf(school)]] : []),
  ]
    .join(' ')
    .toLowerCase();
const speaksOf = (text: string, terms: readonly (readonly string[])[]): boolean =>
  terms.every((words) => words.some((word) => text.includes(word)));

/** Sections of the handbook whose name is what is typed, or the beginning of it; none where nothing is typed. */
export function seekSections(typed: string): (typeof HANDBOOK)[number][] {
  const terms = termsOf(typed);
  return terms.length === 0 ? [] : HANDBOOK.filter(({ title }) => speaksOf(title.toLowerCase(), terms));
}

/**
 * Rules that speak of what is typed, in the order of the handbook; anglers' other words for a thing are understood.
 * @returns null where nothing is typed
 */
export function seekRules(typed: string, system: UnitSystem): readonly HandbookRule[] | null {
  const terms = termsOf(typed);
  if (terms.length === 0) return null;
  return HANDBOOK.flatMap(({ rules }) => rules)
    .map((rule) => ruleInUnits(rule, system))
    .filter((rule) => speaksOf(haystack(rule), terms));
}
