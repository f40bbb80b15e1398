import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEFAULT_WATER, parseWater } from './schema';
import { WANT_IDS, WANT_SCALES, wantFromFile, wantToFile, type WantId } from './intent';
import {
  INTENT_QUESTIONS,
  INTENT_WORDS,
  intentAnswer,
  intentAnswers,
  withAnswer,
  withoutWants,
  type IntentQuestion,
} from './intent-words';

const problems = (intent: unknown): string[] => {
  const parsed = parseWater({ ...DEFAULT_WATER, intent });
  return parsed.ok ? [] : parsed.issues.map(({ code, path }) => `${path} ${code}`);
};

describe('an intent in a water', () => {
  test('every want may be taken in hand, on the ends of its scale and not beyond', () => {
    for (const id of WANT_IDS) {
      const { min, max } = WANT_SCALES[id];
      const top = id === 'run' ? DEFAULT_WATER.depthM : max;
      expect([id, problems({ [id]: { from: min, to: top } })]).toEqual([id, []]);
      expect([id, problems({ [id]: { from: min - 0.01, to: top } })]).toEqual([id, [`intent.${id}.from too-small`]]);
      expect(problems({ [id]: { from: min, to: max + 0.01 } })).toContain(`intent.${id}.to too-large`);
    }
  });
  test.each([
    [{ fall: { from: 0.5, to: 0.4 } }, 'intent.fall upside-down-want'],
    [{ fall: { from: 0.5 } }, 'intent.fall.to missing'],
    [{ fall: { from: '0.5', to: 1 } }, 'intent.fall.from not-a-number'],
    [{ fal: { from: 0.5, to: 1 } }, 'intent.fal unknown-field'],
    [{ run: { from: 0, to: 1.83 } }, 'intent.run.to below-the-bottom'],
    [[], 'intent wrong-type'],
  ])('%j is refused: %s', (intent, problem) => expect(problems(intent)).toEqual([problem]));
  test('a band of one value is a band', () => expect(problems({ fall: { from: 0.4, to: 0.4 } })).toEqual([]));
  test('weights are ounces in files, all else is as the core holds it', () => {
    expect(wantFromFile('weight', 1)).toBeCloseTo(0.028_349_5, 6);
    expect(wantToFile('weight', 0.028_349_523_125)).toBeCloseTo(1, 9);
    for (const id of WANT_IDS) {
      expect(wantToFile(id, wantFromFile(id, 0.37))).toBeCloseTo(0.37, 12);
      if (id !== 'weight') expect(wantFromFile(id, 0.37)).toBe(0.37);
    }
  });
});

describe('an intent in words', () => {
  const all = INTENT_QUESTIONS.flatMap((question) =>
    intentAnswers(question).map((answer) => [question, answer] as const),
  );
  test.each(all)('%s: %s is a water that can be read, and is recognised', (question, answer) => {
    for (const depthM of [0.4, 1.2, 4, 22]) {
      const intent = withAnswer(undefined, question, answer, depthM);
      expect(parseWater({ ...DEFAULT_WATER, cover: [], depthM, intent })).toMatchObject({ ok: true });
      expect(intentAnswer(intent, question, depthM)).toBe(answer);
      expect(withAnswer(intent, question, null, depthM)).toBeUndefined();
    }
  });
  test('another answer takes the place of the one before, wholly', () => {
    const thumps = withAnswer(undefined, 'acts', 'thumps', 2);
    expect(Object.keys(thumps!)).toEqual(['show', 'push']);
    expect(withAnswer(thumps, 'acts', 'still', 2)).toEqual({ show: { from: 0, to: 0.15 } });
  });
  test('thumping is not taken for kicking, though its motion is the same', () => {
    expect(INTENT_WORDS.acts.kicks.show).toEqual(INTENT_WORDS.acts.thumps.show);
    expect(intentAnswer(withAnswer(undefined, 'acts', 'kicks', 2), 'acts', 2)).toBe('kicks');
    expect(intentAnswer(withAnswer(undefined, 'acts', 'thumps', 2), 'acts', 2)).toBe('thumps');
  });
  test('what was dragged since is no answer of ours, and giving the question back leaves it', () => {
    const own = { fall: { from: 0.4, to: 0.6 } };
    expect(intentAnswer(own, 'falls', 2)).toBeNull();
    expect(withAnswer(own, 'falls', null, 2)).toEqual(own);
    expect(withAnswer(own, 'falls', 'glides', 2)).toEqual({ fall: { from: 0.15, to: 0.3 } });
  });
  test('property: answers in any order leave one of each question, and giving them all back leaves nothing', () => {
    const any = fc.array(
      fc.constantFrom(...all.filter(([question, answer]) => question !== 'runs' && answer !== 'crayfish')),
    );
    fc.assert(
      fc.property(any, (given) => {
        let intent = undefined as ReturnType<typeof withAnswer>;
        const last = new Map<IntentQuestion, string>();
        for (const [question, answer] of given) {
          intent = withAnswer(intent, question, answer, 3);
          last.set(question, answer);
        }
        for (const [question, answer] of last) expect(intentAnswer(intent, question, 3)).toBe(answer);
        for (const question of INTENT_QUESTIONS) intent = withAnswer(intent, question, null, 3);
        expect(intent).toBeUndefined();
      }),
    );
  });
  test('wants are taken out by name', () => {
    const intent = { fall: { from: 0.1, to: 0.2 }, show: { from: 0, to: 0.2 } };
    expect(withoutWants(intent, ['fall'] satisfies WantId[])).toEqual({ show: { from: 0, to: 0.2 } });
    expect(withoutWants(intent, ['fall', 'show'])).toBeUndefined();
    expect(withoutWants(undefined, ['fall'])).toBeUndefined();
  });
});
