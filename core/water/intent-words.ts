import type { Intent, WantId } from './intent';

type Bands = Readonly<Partial<Record<WantId, readonly [from: number, to: number]>>>;

/**
 * What a rig should do, said in words: each answer takes some wants in hand, in the units of files; `run` is a share of the depth.
 * @source adr-0022
 */
export const INTENT_WORDS = {
  falls: {
    stone: { fall: [0.75, 1.2] },
    steady: { fall: [0.5, 0.7] },
    slowly: { fall: [0.32, 0.46] },
    glides: { fall: [0.15, 0.3] },
  },
  acts: {
    still: { show: [0, 0.15] },
    breathes: { show: [0.15, 0.45] },
    kicks: { show: [0.55, 1] },
    thumps: { show: [0.55, 1], push: [72, 100] },
  },
  runs: {
    high: { run: [0, 0.3] },
    middle: { run: [0.35, 0.65] },
    down: { run: [0.85, 1] },
  },
  looks: {
    minnow: { ratio: [0.08, 0.18], length: [0.09, 0.13] },
    panfish: { ratio: [0.22, 0.45], length: [0.09, 0.13] },
    crayfish: { ratio: [0.16, 0.26], length: [0.07, 0.105], run: [0.85, 1] },
  },
} as const satisfies Readonly<Record<string, Readonly<Record<string, Bands>>>>;

export type IntentQuestion = keyof typeof INTENT_WORDS;
export type IntentAnswer<Q extends IntentQuestion = IntentQuestion> = Q extends IntentQuestion
  ? keyof (typeof INTENT_WORDS)[Q]
  : never;
export const INTENT_QUESTIONS = Object.keys(INTENT_WORDS) as readonly IntentQuestion[];
export const intentAnswers = <Q extends IntentQuestion>(question: Q): readonly IntentAnswer<Q>[] =>
  Object.keys(INTENT_WORDS[question]) as IntentAnswer<Q>[];

const bandsOf = (question: IntentQuestion, answer: string): Bands =>
  (INTENT_WORDS[question] as Readonly<Record<string, Bands>>)[answer]!;

/** Depths are told to the centimetre, so that what was said is recognised when it is read. */
const centimetres = (m: number): number => Math.round(m * 100) / 100;

/** The wants an answer takes in hand on a water of a depth. */
function said(question: IntentQuestion, answer: string, depthM: number): Intent {
  const bands = Object.entries(bandsOf(question, answer)) as [WantId, readonly [number, number]][];
  return Object.fromEntries(
    bands.map(([id, [from, to]]) => [
      id,
      id === 'run'
        ? { from: centimetres(from * depthM), to: Math.min(depthM, centimetres(to * depthM)) }
        : { from, to },
    ]),
  );
}

const same = (a: Intent, b: Intent, id: WantId): boolean => a[id]?.from === b[id]?.from && a[id]?.to === b[id]?.to;

/** Whether an intent says just this. */
const says = (intent: Intent, question: IntentQuestion, answer: string, depthM: number): boolean => {
  const wanted = said(question, answer, depthM);
  return (Object.keys(wanted) as WantId[]).every((id) => same(intent, wanted, id));
};

/** Wants of the answer that most wants agree with: thumping is kicking and more. */
const sizeOf = (question: IntentQuestion, answer: string): number => Object.keys(bandsOf(question, answer)).length;

/** The answer an intent amounts to, where it amounts to one of ours. */
export function intentAnswer(
  intent: Intent | undefined,
  question: IntentQuestion,
  depthM: number,
): IntentAnswer | null {
  if (intent === undefined) return null;
  const fitting = intentAnswers(question).filter((answer) => says(intent, question, answer, depthM));
  return fitting.sort((a, b) => sizeOf(question, b) - sizeOf(question, a))[0] ?? null;
}

/** An intent without some wants; undefined where nothing is left of it. */
export function withoutWants(intent: Intent | undefined, ids: readonly WantId[]): Intent | undefined {
  const left = Object.fromEntries(Object.entries(intent ?? {}).filter(([id]) => !ids.includes(id as WantId)));
  return Object.keys(left).length === 0 ? undefined : left;
}

/**
 * An intent with a question answered in words, or given back to the water with `null`: what the answer before took in hand goes
 * with it, what was taken by hand since stays.
 */
export function withAnswer(
  intent: Intent | undefined,
  question: IntentQuestion,
  answer: string | null,
  depthM: number,
): Intent | undefined {
  const before = intentAnswer(intent, question, depthM);
  const asked = before ?? answer;
  const left = asked === null ? intent : withoutWants(intent, Object.keys(bandsOf(question, asked)) as WantId[]);
  return answer === null ? left : { ...left, ...said(question, answer, depthM) };
}

const DEPTH_QUESTIONS = INTENT_QUESTIONS.filter((question) =>
  intentAnswers(question).some((answer) => 'run' in bandsOf(question, answer)),
);

/** An intent on a water that became deeper or shallower: what was said in words is said again, a depth in hand stays above the bottom. */
export function intentAtDepth(intent: Intent | undefined, fromM: number, toM: number): Intent | undefined {
  let next = intent;
  for (const question of DEPTH_QUESTIONS) {
    const answer = intentAnswer(next, question, fromM);
    if (answer !== null && 'run' in bandsOf(question, answer)) {
      next = withAnswer(withAnswer(next, question, null, fromM), question, answer, toM);
    }
  }
  const run = next?.run;
  if (!run || run.to <= toM) return next;
  return { ...next, run: { from: Math.min(run.from, toM), to: toM } };
}
