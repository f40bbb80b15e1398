import { lengthMFromFt, lengthMFromIn, tempCFromF } from '../../units/units';
import { SCHOOL_QUESTIONS, type SchoolOf, type SchoolQuestion, type SchoolRef } from '../../water/schema';
import { coverHas } from '../../water/cover';
import type { WaterFacts } from './water-facts';

/** Why a school answers here: the angler chose it, or what about this water decided. */
export const SCHOOL_REASONS = [
  'chosen',
  'cold',
  'inactive',
  'saturate',
  'usual',
  'in-cover',
  'muddied',
  'riprap',
  'forks',
  'junk',
  'above-weed',
  'under-weed',
  'pressured',
  'forage-known',
  'forage-unknown',
  'moving',
  'clear-bottom',
  'all-speak',
  'computed',
  'stems',
  'wooded',
  'cold-mud',
  'blades',
  'plate',
  'matched',
  'warm-edge',
  'fine-line',
  'crawled',
  'panfish',
  'chasing',
  'coloured',
] as const;
export type SchoolReason = (typeof SCHOOL_REASONS)[number];

/** The school that answers a question on a water; null where every school has its say. */
export interface SchoolAnswer<Q extends SchoolQuestion = SchoolQuestion> {
  readonly school: SchoolOf<Q> | null;
  readonly reason: SchoolReason;
  /** near the limit that decides, the other one has a say too, 0 to a half */
  readonly beside?: { readonly school: SchoolOf<Q>; readonly share: number };
}
export type SchoolAnswers = { readonly [Q in SchoolQuestion]: SchoolAnswer<Q> };

/** Width of the ramp about a temperature that decides, °C: as wide as that of the rules. @source adr-0024 */
const RAMP_C = 2.2;

/** What answers on the cold side of a temperature and what on the warm one; near it both have their say. */
function byCold<Q extends SchoolQuestion>(
  w: WaterFacts,
  tempF: number,
  cold: SchoolAnswer<Q>,
  warm: SchoolAnswer<Q>,
): SchoolAnswer<Q> {
  const off = (w.tempC - tempCFromF(tempF)) / RAMP_C;
  const [own, other] = w.belowF(tempF) ? [cold, warm] : [warm, cold];
  const share = Math.max(0, 0.5 - Math.abs(off));
  return share === 0 || other.school === null || own.school === other.school
    ? own
    : { ...own, beside: { school: other.school, share } };
}

const usual = <S extends string>(school: S): { readonly school: S; readonly reason: 'usual' } => ({
  school,
  reason: 'usual',
});

/** Colour of the water a jig on the bottom may no longer hide its puffing skirt in. @source craft-practice */
const CLEAR_FOR_BOTTOM_M = lengthMFromFt(3);
/** Usual visibility from which a water counts as a clear one that has muddied. @source craft-practice */
const CLEAR_RESERVOIR_M = lengthMFromFt(4);

/** Sight from which a plate may hunt and still be found. @source craft-practice */
const SEEN_AT_A_PLATE_M = lengthMFromFt(1.5);

/** Where nobody chose, the water decides. One row a question. @source craft-practice */
const BY_WATER: { readonly [Q in SchoolQuestion]: (w: WaterFacts) => SchoolAnswer<Q> } = {
  weight: (w) => {
    const cold = { school: 'slow-hand', reason: 'cold' } as const;
    if (w.water.mood === 'inactive') return w.belowF(55) ? cold : { school: 'slow-hand', reason: 'inactive' };
    if (w.water.aim === 'saturate') return w.belowF(55) ? cold : { school: 'slow-hand', reason: 'saturate' };
    return byCold(w, 55, cold, usual('heaviest'));
  },
  'mud-weight': (w) => {
    if (w.family === 'spinner') return { school: 'heavy-thump', reason: 'blades' };
    // who searches needs the cast; who crawls it off the bottom needs it light
    return w.bottom || w.water.aim === 'search'
      ? usual('one-weight-big-trailer')
      : { school: 'light-high', reason: 'crawled' };
  },
  'mud-colour': (w) => {
    if (w.family === 'spinner') return { school: 'bright', reason: 'blades' };
    if ((w.water.usualVisibilityM ?? 0) >= CLEAR_RESERVOIR_M && w.muddied) {
      return { school: 'natural-core', reason: 'muddied' };
    }
    return { school: 'dark', reason: w.inCover ? 'in-cover' : 'usual' };
  },
  'vibrating-kicker': (w) => {
    const isWooded = w.water.cover.some(({ kind, density }) => density !== 'sparse' && coverHas(kind, 'wood'));
    if (w.stems) return { school: 'stems-and-panfish', reason: 'stems' };
    if (isWooded) return { school: 'stems-and-panfish', reason: 'wooded' };
    return w.water.forage.includes('panfish') ? { school: 'stems-and-panfish', reason: 'panfish' } : usual('mud-only');
  },
  'plate-tail': (w) => {
    if (w.seenM < SEEN_AT_A_PLATE_M) return { school: 'boot', reason: 'coloured' };
    return byCold(w, 50, { school: 'boot', reason: 'cold' }, usual('straight'));
  },
  // told by two numbers (what-lifts.ts); no rule waits for it, since every rig's own depth is computed
  'vibrating-lift': () => ({ school: null, reason: 'computed' }),
  'spinner-trailer': (w) =>
    w.seenM < lengthMFromIn(12)
      ? byCold(w, 60, { school: 'drag-in-mud', reason: 'cold-mud' }, usual('none'))
      : usual('none'),
  'spinner-blades-mud': (w) => byCold(w, 55, { school: 'double-colorado', reason: 'cold' }, usual('single-large')),
  'spinner-blades-spring': () => usual('colorado-below-60'),
  'spinner-bump': () => usual('pause'),
  'spinner-rod': () => usual('by-cover'),
  // from a medium pace up it costs little where nothing catches on it
  'trailer-hook': (w) =>
    w.family === 'spinner' && !w.inCover && w.water.mood === 'active' && !w.belowF(60)
      ? { school: 'on-when-fast', reason: 'chasing' }
      : usual('off-until-losing'),
  'heavy-swim-tail': () => usual('rolling'),
  // rig by rig: steady where tail and head fit, else shaken
  'swim-retrieve': () => ({ school: null, reason: 'computed' }),
  'swim-bottom': (w) => byCold(w, 50, { school: 'creep', reason: 'cold' }, usual('never-rest')),
  'trailer-colour': () => usual('match'),
  'colour-order': (w) =>
    w.water.forage.length > 0
      ? { school: 'forage-first', reason: 'forage-known' }
      : { school: 'clarity-first', reason: 'forage-unknown' },
  'pointed-in-wood': (w) => (w.forked ? { school: 'avoid', reason: 'forks' } : usual('use')),
  'football-in-rock': (w) => (w.has('riprap') ? { school: 'cammed', reason: 'riprap' } : usual('use')),
  'vertical-tie': () => usual('vertical-only'),
  guard: (w) => {
    // twigs in twigs, or weed among wood: there a guard only gathers more
    const isTangle = w.grass ? w.wood : w.has('brush') && w.has('flooded-bush');
    return w.junk && isTangle ? { school: 'guardless', reason: 'junk' } : usual('tune');
  },
  'grass-weight': (w) =>
    w.overWeed
      ? { school: 'float-over', reason: 'above-weed' }
      : { school: 'punch-through', reason: w.grass ? 'under-weed' : 'usual' },
  'grass-jig': () => usual('pointed-jig'),
  'clear-water': (w) =>
    w.water.pressure === 'high' ? { school: 'biggest-they-take', reason: 'pressured' } : usual('biggest-they-take'),
  'cold-brake': () => usual('still-chunk'),
  'cold-action': (w) => {
    if (w.family === 'vibrating') return { school: 'tight', reason: 'plate' };
    return w.family === 'spinner' ? { school: 'big-thump', reason: 'blades' } : usual('still');
  },
  'trailer-matters': () => usual('above-quarter'),
  'skirt-flare': (w) => {
    if (!w.bottom) return { school: 'want', reason: 'moving' };
    return w.seenM >= CLEAR_FOR_BOTTOM_M ? { school: 'hide', reason: 'clear-bottom' } : usual('want');
  },
  'kick-by': () => ({ school: null, reason: 'all-speak' }),
};

/** memo by facts object: every rig checked on a water asks for the same answers */
const known = new WeakMap<WaterFacts, SchoolAnswers>();

/** Which school answers each question on this water, and why. */
export function schoolAnswers(facts: WaterFacts): SchoolAnswers {
  const found = known.get(facts) ?? answersOn(facts);
  known.set(facts, found);
  return found;
}
function answersOn(facts: WaterFacts): SchoolAnswers {
  const chosen = facts.water.schools ?? {};
  return Object.fromEntries(
    SCHOOL_QUESTIONS.map((question) => {
      const own = chosen[question];
      return [question, own === undefined ? BY_WATER[question](facts) : { school: own, reason: 'chosen' }];
    }),
  ) as unknown as SchoolAnswers;
}

/** Whether a school has its say: it was chosen, or its question is left to all of them. */
export function schoolSpeaks(answers: SchoolAnswers, ref: SchoolRef | undefined): boolean {
  if (ref === undefined) return true;
  const at = ref.indexOf(':');
  const answer = answers[ref.slice(0, at) as SchoolQuestion];
  return answer.school === null || answer.school === ref.slice(at + 1);
}

/** How far a school has its say, 0 to 1: near the limit that decides between two, both. */
export function schoolShare(answers: SchoolAnswers, ref: SchoolRef | undefined): number {
  if (ref === undefined) return 1;
  const at = ref.indexOf(':');
  const answer: SchoolAnswer = answers[ref.slice(0, at) as SchoolQuestion];
  if (answer.school === null) return 1;
  const other = answer.beside?.share ?? 0;
  if (answer.school === ref.slice(at + 1)) return 1 - other;
  return answer.beside?.school === ref.slice(at + 1) ? other : 0;
}

export const questionOf = (ref: SchoolRef): SchoolQuestion => ref.slice(0, ref.indexOf(':')) as SchoolQuestion;
