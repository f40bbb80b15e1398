import { trailersWith, type TrailerKind } from '../../tackle/trailers';
import { attributeValues, isAimedAt } from '../candidates/attributes';
import { questionOf } from '../conditions/schools';
import { handle, HANDLING_RULES, type HandlingId } from '../handling';
import { measureRig, type Has } from '../measures/rig-measures';
import { fallReport, type FallReport } from '../../motion/report';
import { makeReady, judgedWhole, type Ready } from '../ready/make-ready';
import { rigBody } from '../../rig/body/body';
import type { Rig } from '../../rig/parts/schema';
import { spoiling } from '../rules/severity';
import { compileWater, type CompiledWater, type Want } from '../rules/wants';
import { fit } from '../rules/want-fit';
import { judgeOf, type Found, type Judge } from '../search/best-first';
import { pointsAt, rigAt, type Field } from '../search/per-family';
import { scaled } from '../search/progress';
import { SCHOOLS, type SchoolQuestion, type SchoolRef, type Water } from '../../water/schema';
import type { Finalist } from './neighbours';
import { otherSchools } from './schools-at-stake';

/** What another school would tie, made ready as it would, and its numbers. */
export interface Dissent {
  readonly question: SchoolQuestion;
  readonly school: string;
  /** as that school would fish it: cut, hung and fitted */
  readonly rig: Rig;
  readonly base: Rig;
  readonly has: Has;
  readonly fall: FallReport;
  /** where it parts in how the same rig is fished, not in the rig: the line of handling it goes by */
  readonly rule?: HandlingId;
}

/** Numbers of one rig on a field's wants. */
export const numbersIn = ({ compiled, medium }: Field, rig: Rig): { has: Has; fall: FallReport } => ({
  has: measureRig(rig, rigBody(rig), medium, compiled.facts),
  fall: fallReport(rig, medium, 0, compiled.facts.depthM),
});

const withSchool = (water: Water, ref: SchoolRef): Water => {
  const question = questionOf(ref);
  return { ...water, schools: { ...water.schools, [question]: ref.slice(question.length + 1) } };
};

/** Another school on one water, as a judge of the rigs of a field. */
interface Dissenter {
  readonly ref: SchoolRef;
  readonly compiled: CompiledWater;
  readonly judge: Judge;
  /** by nothing but what this school itself asks for */
  readonly own: Judge;
  /** wants that lie elsewhere than ours because this school speaks */
  readonly moved: readonly Want[];
}

/** The other schools that have something to say in a field. */
function dissentersOf(water: Water, field: Field): Dissenter[] {
  return otherSchools(field.compiled).map((ref) => {
    const compiled = compileWater(withSchool(water, ref), field.suits.family, field.compiled.own);
    const moved = compiled.wants.filter((want) => {
      const own = field.compiled.wants.find(({ id }) => id === want.id);
      return own?.from !== want.from || own.to !== want.to;
    });
    const asked = compiled.prefers.filter(({ school }) => school === ref);
    const own = judgeOf(field.space, { ...compiled, prefers: asked, wants: moved });
    return { ref, compiled, judge: judgeOf(field.space, compiled), own, moved };
  });
}

/** How much a rig is what a school asks for: its own rules, and how near it comes to the bands it moves. */
function asItSays({ ref, compiled, moved }: Dissenter, rig: Rig, has: Has): number {
  const values = attributeValues(rig);
  const rules = compiled.prefers.filter(({ school, target }) => school === ref && isAimedAt(target, values));
  return (
    rules.reduce((sum, { weight }) => sum + weight, 0) +
    moved.reduce((sum, want) => sum + want.weight * fit(want, has[want.id]), 0)
  );
}

/** Points by which a rig must suit the other school better than ours does to count as that school's rig. */
const CLEARLY = 0.25;
const OZ_APART = 0.01;
/** Share of its score another school is willing to give up for what it insists on. */
const NOT_IN_THE_BOX = 0.13;

/** Plastic of a trailer that was not cut away, mm; 0 without one. */
const lengthLeftMm = ({ trailer }: Rig): number =>
  trailer ? trailer.lengthMm - trailer.cutNoseMm - trailer.cutTailMm : 0;
const LEGS: ReadonlySet<TrailerKind> = new Set(trailersWith('legs'));
const hasLegs = ({ rig: { trailer } }: Tested): boolean => !!trailer && LEGS.has(trailer.kind);
/** What a school says of a rig beside ours, where words and numbers can be held against each other. */
const TESTS: Partial<Record<SchoolRef, (theirs: Tested, ours: Tested) => boolean>> = {
  'weight:slow-hand': (a, b) =>
    a.rig.head.weightOz < b.rig.head.weightOz - OZ_APART &&
    a.has.fall <= b.has.fall &&
    lengthLeftMm(a.rig) >= lengthLeftMm(b.rig) - 1,
  'weight:heaviest': (a, b) => a.rig.head.weightOz > b.rig.head.weightOz + OZ_APART && a.has.fall >= b.has.fall,
  'mud-weight:light-high': (a, b) => a.rig.head.weightOz < b.rig.head.weightOz - OZ_APART,
  'mud-weight:one-weight-big-trailer': (a, b) => a.rig.head.weightOz > b.rig.head.weightOz + OZ_APART,
  'vibrating-kicker:stems-and-panfish': (a, b) => hasLegs(a) && !hasLegs(b),
  'vibrating-kicker:mud-only': (a, b) => hasLegs(a) !== hasLegs(b),
  'vibrating-kicker:never': (a, b) => !hasLegs(a) && hasLegs(b),
  'mud-weight:heavy-thump': (a, b) => a.rig.head.weightOz > b.rig.head.weightOz + OZ_APART,
  'grass-weight:float-over': (a, b) => a.rig.head.weightOz < b.rig.head.weightOz - OZ_APART,
  'grass-weight:punch-through': (a, b) => a.rig.head.weightOz > b.rig.head.weightOz + OZ_APART,
  'swim-bottom:creep': (a, b) => a.rig.head.style === 'swim' && b.rig.head.style !== 'swim',
  'cold-brake:claw-brake': (a, b) => a.has.fall < b.has.fall,
};
/** Questions of colour leave the shape alone. */
const OF_COLOUR: ReadonlySet<SchoolQuestion> = new Set(['mud-colour', 'colour-order', 'trailer-colour']);
interface Tested {
  readonly rig: Rig;
  readonly has: Has;
}

/**
 * Whether a school would really tie a rig rather than ours: by its own words, by its own judgement, and not to its harm.
 * @param worth  the score it would give ours
 */
function wouldTie(school: Dissenter, theirs: Ready, ours: Ready, worth: number): boolean {
  if (spoiling(theirs.faults) > spoiling(ours.faults)) return false;
  const test = TESTS[school.ref];
  if (test && !test(theirs, ours)) return false;
  if (!test && asItSays(school, theirs.rig, theirs.has) < asItSays(school, ours.rig, ours.has) + CLEARLY) return false;
  if (OF_COLOUR.has(questionOf(school.ref)) && theirs.rig.trailer?.kind !== ours.rig.trailer?.kind) return false;
  // where words and numbers show it, a school ties its own even where the box has no equal of ours in it
  const given = test ? NOT_IN_THE_BOX : 0;
  return theirs.score > worth - given;
}

/** Upper bound on how much cutting changes the difference of two rigs, as a share of the score, and on what a school gives up besides. */
const CUT_GAINS = 0.05 + NOT_IN_THE_BOX;
/** Rigs that are made ready for a school before it is said that it has none. */
const TRIED = 2;

/** The most promising rigs of a school one part away from ours: only heads, only plastics, only skirts that are more of what it asks for. */
function onePartAway(field: Field, { ref, judge, own }: Dissenter, pick: Found): Found[] {
  const { space } = field;
  const ours = pointsAt(field, own, pick);
  const least = pointsAt(field, judge, pick) / judge.best - CUT_GAINS;
  const found = (part: Partial<Found>): Found => {
    const row = { ...pick, ...part };
    // what is no more of what it asks for is no answer of this school
    const asked = pointsAt(field, own, row) > ours;
    return { ...row, score: asked ? pointsAt(field, judge, row) / judge.best : -1 };
  };
  const { skirtSet } = space.heads[pick.head]!;
  // who slows the hand by a lighter head goes up in the trailer where the box has a larger one of its kind
  const ownTrailer = space.trailers[pick.trailer]!.trailer;
  const larger =
    ref === 'weight:slow-hand' && ownTrailer
      ? space.trailers.flatMap(({ trailer }, at) =>
          trailer && trailer.kind === ownTrailer.kind && trailer.lengthMm > ownTrailer.lengthMm + 1 ? [at] : [],
        )
      : [];
  const lighterToo = space.heads.flatMap((row, at) =>
    row.skirtSet === skirtSet && row.head.weightOz < space.heads[pick.head]!.head.weightOz - OZ_APART
      ? larger.map((trailer) => found({ head: at, trailer }))
      : [],
  );
  return [
    ...lighterToo,
    ...space.heads.flatMap((row, at) => (at !== pick.head && row.skirtSet === skirtSet ? [found({ head: at })] : [])),
    ...space.trailers.flatMap((_, at) => (at === pick.trailer ? [] : [found({ trailer: at })])),
    ...space.skirtSets[skirtSet]!.classes.flatMap((at) => (at === pick.skirt ? [] : [found({ skirt: at })])),
  ]
    .filter(({ score }) => score >= Math.max(0, least))
    .sort((a, b) => b.score - a.score);
}

/**
 * What other schools would tie instead of one pick, each with the fewest parts changed that make it theirs; none where theirs is ours, or
 * where nothing in the box is what they ask for.
 * @yields  after each school
 */
function* dissentOf(
  field: Field,
  dissenters: readonly Dissenter[],
  found: Found,
  ours: Ready,
): Generator<number, Dissent[]> {
  const dissents: Dissent[] = [];
  for (const [at, school] of dissenters.entries()) {
    yield at / dissenters.length;
    const question = questionOf(school.ref);
    // one answer a question: of several schools the first that has one here
    if (dissents.some((told) => told.question === question)) continue;
    const near = onePartAway(field, school, found).slice(0, 3 * TRIED);
    if (near.length === 0) continue;
    const wanted = TESTS[school.ref] ? near : near.slice(0, TRIED);
    const worth = judgedWhole(school.compiled, ours.rig).score;
    for (const one of wanted) {
      const bare = rigAt(field, one);
      if (!wouldTie(school, makeReady(school.compiled, bare, 'in-turn'), ours, worth)) continue;
      // what is told is cut as closely as a pick, and has to be theirs still
      const theirs = makeReady(school.compiled, bare);
      if (!wouldTie(school, theirs, ours, worth)) continue;
      dissents.push({
        question,
        school: school.ref.slice(question.length + 1),
        rig: theirs.rig,
        base: theirs.base,
        ...numbersIn(field, theirs.rig),
      });
      break;
    }
  }
  return dissents;
}

/** The same rig with a trailer hook, where another school would put one on, or without, where another would leave it off. */
function hookDissent(water: Water, field: Field, { rig, base }: Ready): Dissent[] {
  const { school } = field.compiled.schools['trailer-hook'];
  const other = school === 'on-when-fast' ? 'off-until-losing' : 'on-when-fast';
  const ref = `trailer-hook:${other}` as const;
  const theirs = handle(compileWater(withSchool(water, ref), field.suits.family, field.compiled.own), rig).trailerHook;
  const ours = rig.trailerHook ?? null;
  if ((theirs === null) === (ours === null)) return [];
  const hooked: Rig = { ...rig, trailerHook: theirs };
  return [{ question: 'trailer-hook', school: other, rig: hooked, base, ...numbersIn(field, hooked) }];
}

/** Questions on how a rig is fished and on what: another school ties the same. */
const OF_PLAN = ['spinner-bump', 'spinner-rod'] as const satisfies readonly SchoolQuestion[];

/** Whether a line about the rod asks for the very rod that is asked for here already. */
function isSameRod(rule: HandlingId, told: ReadonlySet<HandlingId>): boolean {
  const rodOf = (id: HandlingId): string => JSON.stringify(HANDLING_RULES.find((row) => row.id === id)?.rod ?? null);
  return rodOf(rule) !== 'null' && [...told].some((id) => rodOf(id) === rodOf(rule));
}

/** How another school would fish the same rig, where that is not how it is fished here and does it no harm. */
function planDissents(water: Water, field: Field, ours: Ready): Dissent[] {
  const told = new Set(ours.handled.steps.map(({ rule }) => rule));
  return OF_PLAN.flatMap((question): Dissent[] => {
    for (const school of SCHOOLS[question]) {
      const ref = `${question}:${school}` as SchoolRef;
      if (field.compiled.schools[question].school === school) continue;
      const theirs = judgedWhole(
        compileWater(withSchool(water, ref), field.suits.family, field.compiled.own),
        ours.rig,
      );
      const step = theirs.handled.steps.find((one) => one.school === ref && !told.has(one.rule));
      if (!step || spoiling(theirs.faults) > spoiling(ours.faults) || isSameRod(step.rule, told)) continue;
      const { rig, base } = ours;
      return [{ question, school, rig, base, ...numbersIn(field, rig), has: theirs.has, rule: step.rule }];
    }
    return [];
  });
}

/** Heads, trailers and skirts beyond which nobody asks what others would tie: each has to be measured. */
const MOST_PARTS = 4000;
const isTooLarge = ({ space }: Field): boolean =>
  space.heads.length + space.trailers.length + space.skirts.length > MOST_PARTS;

/** What other schools say to one pick. */
export interface OtherTies {
  readonly dissent: readonly Dissent[];
  /** questions on which anglers part here, and on which the other school has nothing else in this box to tie */
  readonly agree: readonly SchoolQuestion[];
}
export const NOT_ASKED: OtherTies = { dissent: [], agree: [] };

/**
 * What other schools say to each of the picks of a water.
 * @yields  share of the work done
 */
export function* dissentsOf(water: Water, picks: readonly Finalist[]): Generator<number, OtherTies[]> {
  const known = new Map<Field, readonly Dissenter[]>();
  const told: OtherTies[] = [];
  for (const [at, { field, found, ready }] of picks.entries()) {
    if (isTooLarge(field)) {
      told.push(NOT_ASKED);
      continue;
    }
    const others = known.get(field) ?? dissentersOf(water, field);
    known.set(field, others);
    const rigs = yield* scaled(dissentOf(field, others, found, ready), at / picks.length, (at + 1) / picks.length);
    const dissent = [...rigs, ...hookDissent(water, field, ready), ...planDissents(water, field, ready)];
    const answered = new Set(dissent.map(({ question }) => question));
    const asked = new Set(others.map(({ ref }) => questionOf(ref)));
    told.push({ dissent, agree: [...asked].filter((question) => !answered.has(question)) });
  }
  return told;
}
