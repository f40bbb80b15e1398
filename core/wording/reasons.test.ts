import { describe, expect, test } from '@jest/globals';
import { DEMO_BOX, NORTH_ARM } from '../../demo/brindle-mere';
import { jig, spinner, vibrating } from '../testing/fixtures/rigs';
import { massKgFromOz } from '../units/units';
import { COVER_KINDS } from '../water/schema';
import { advise } from '../advice/recommend/advise';
import { WANT_IDS } from '../advice/rules/rule';
import { type Want, LIVE_SCHOOLS } from '../advice/rules/wants';
import { adviceWarnings, pickSentence, wantBecause } from './reasons';
import { rigTitles } from './rig-titles';
import { fishesLikeText, lengthText, rigTitle, wantBand, wantValue } from './values';
import { dissentText, dissentTitle } from './dissent';
import { questionOf } from '../advice/conditions/schools';
import { QUESTION_TITLE, SCHOOL_WORDS } from '../locale/en/schools';
import { CAUTION_TEXT, COVER_NAME, WANT_TITLE } from '../locale/en/words';
import { isSampled } from '../testing/runs';

const want = (id: Want['id'], from: number, to: number): Want => ({ id, from, to, weight: 1, rules: ['snag-open'] });

describe('numbers of wants', () => {
  test.each([
    ['fall', 0.52, 'us', '1.7 ft/s'],
    ['fall', 0.52, 'metric', '0.52 m/s'],
    ['weight', massKgFromOz(0.5), 'us', '1/2 oz'],
    ['weight', massKgFromOz(0.5), 'metric', '14.2 g'],
    ['length', 0.122, 'us', '4.8 in'],
    ['length', 0.122, 'metric', '122 mm'],
    ['push', 74.6, 'us', '75'],
    ['show', 0.7, 'us', '70'],
    ['ratio', 0.296, 'us', '30'],
    ['snag', 0.77, 'metric', '77'],
    ['run', 0.9, 'us', '3 ft'],
    ['run', 0.9, 'metric', '0.9 m'],
    ['run', Infinity, 'us', '–'],
    ['hold', 0.7, 'metric', '0.70 m/s'],
    ['hold', 0, 'us', 'no speed'],
    ['window', 1.62, 'us', '1.6×'],
    ['window', Infinity, 'us', 'any'],
    ['kick', 12.4, 'us', '12×'],
    ['kick', Infinity, 'us', 'nothing kicks'],
  ] as const)('%s %p in %s reads %s', (id, value, system, text) => expect(wantValue(id, value, system)).toBe(text));

  test.each([
    [want('fall', 0.4, 0.58), 'us', '1.3 to 1.9 ft/s'],
    [want('weight', massKgFromOz(0.375), massKgFromOz(0.5)), 'us', '3/8 to 1/2 oz'],
    [want('weight', massKgFromOz(0.26), massKgFromOz(0.24)), 'us', 'about 1/4 oz'],
    [want('length', 0.1, 0.14), 'metric', '100 to 140 mm'],
    [want('push', 54, 86), 'us', '54 to 86'],
    [want('snag', 0.72, 1), 'us', '72 or more'],
    [want('run', 0.3, 1), 'metric', '0.3 to 1 m'],
    [want('hold', 0.5, 0.8), 'metric', '0.50 to 0.80 m/s'],
    [want('kick', 1.1, 2), 'us', '1.1× or more'],
  ] as const)('band %# reads with its unit once', (row, system, text) => expect(wantBand(row, system)).toBe(text));

  test('lengths of rigs are said to a tenth of an inch', () => expect(lengthText(0.1234, 'us')).toBe('4.9 in'));
});

describe('names of rigs', () => {
  test.each([
    [jig(), '3/8 oz casting, 3 in chunk, all green pumpkin'],
    [jig({ trailer: null }), '3/8 oz casting in green pumpkin, no trailer'],
    [
      spinner([
        ['colorado', 3],
        ['willow', 4],
      ]),
      '1/2 oz spinnerbait in green pumpkin, gold Colorado 3 and gold willow 4, no trailer',
    ],
    [vibrating('compact'), '1/2 oz vibrating jig, compact black plate, 4 in straight minnow, all green pumpkin'],
    [jig({ metal: 'tungsten', oz: 0.5 }), '1/2 oz tungsten casting, 3 in chunk, all green pumpkin'],
    [jig({ more: { orientation: 'edge' } }), '3/8 oz casting, 3 in chunk on edge, all green pumpkin'],
    [jig({ more: { hang: 'hung' } }), '3/8 oz casting, 3 in chunk hung at its end, all green pumpkin'],
    [
      jig({ trailer: 'paddle-tail', more: { orientation: 'inverted' } }),
      '3/8 oz casting, 3 3/4 in paddle-tail upside down, all green pumpkin',
    ],
    [{ ...jig(), head: { ...jig().head, finesse: true } }, '3/8 oz finesse casting, 3 in chunk, all green pumpkin'],
    [
      { ...jig(), head: { ...jig().head, style: 'football' as const, cams: true } },
      '3/8 oz football with cams, 3 in chunk, all green pumpkin',
    ],
    [
      { ...jig(), head: { ...jig().head, style: 'flipping' as const, nose: 'round' as const } },
      '3/8 oz round-nosed flipping, 3 in chunk, all green pumpkin',
    ],
    [
      { ...jig(), head: { ...jig().head, style: 'flipping' as const, nose: 'pointed' as const } },
      '3/8 oz flipping, 3 in chunk, all green pumpkin',
    ],
  ])('%#: %s', (rig, title) => expect(rigTitle(rig, 'us')).toBe(title));
  test('in metric', () => expect(rigTitle(jig(), 'metric')).toBe('10.6 g casting, 76 mm chunk, all green pumpkin'));
  test('each colour is said where they differ', () => {
    const dressed = { ...jig({ more: { colour: 'white' } }), skirt: { ...jig().skirt!, colour: 'black/blue' } };
    expect(rigTitle(dressed, 'us')).toBe('3/8 oz casting in black/blue, 3 in white chunk');
    expect(rigTitle({ ...jig(), skirt: null }, 'us')).toBe('3/8 oz casting without a skirt, 3 in green pumpkin chunk');
  });
  test('no two of a list read the same while they differ', () => {
    const soft = jig({ more: { softness: 'soft' } });
    const bigHook = { ...jig(), head: { ...jig().head, hook: { ...jig().head.hook, size: '2/0' as const } } };
    const cut = jig({ more: { cutNoseMm: 12 } });
    const said = rigTitles([jig(), soft, bigHook, cut, jig({ oz: 0.5 })], 'us');
    expect(new Set(said).size).toBe(5);
    expect(said[1]).toBe('3/8 oz casting, 3 in chunk, all green pumpkin, soft plastic');
    expect(said[3]).toMatch(/, cut to 2\.\d+ in$/);
    expect(said[4]).toBe('1/2 oz casting, 3 in chunk, all green pumpkin');
    expect(rigTitles([jig(), jig()], 'us')[0]).toBe(rigTitle(jig(), 'us'));
  });
  test('picks of many waters never read the same', () => {
    const waters = [6, 14, 24].flatMap((temperatureC) =>
      [0.2, 0.8, 2].map((visibilityM) => ({ ...NORTH_ARM, temperatureC, visibilityM })),
    );
    for (const water of waters.filter((_, at) => isSampled(at))) {
      const rigs = advise(water, DEMO_BOX, 12, { asks: 'own-school' }).picks.map(({ rig }) => rig);
      expect(new Set(rigTitles(rigs, 'us')).size).toBe(rigs.length);
    }
  });
});

describe('sentences', () => {
  const advice = advise(NORTH_ARM, DEMO_BOX, 8);
  test('a want says the rule that set it and those that moved it', () => {
    const fall = advice.wants.find(({ id }) => id === 'fall')!;
    expect(wantBecause(fall, NORTH_ARM, 'us')).toBe(
      '57 °F is still cool: slow enough to be taken, quick enough to keep you in touch. It has to drop through thick hedgerow, not hang on top.',
    );
    expect(wantBecause(fall, NORTH_ARM, 'metric')).toMatch(/^13\.9 °C/);
  });
  test('rows do not all say the same', () => {
    const sentences = advice.picks.map((pick) => pickSentence(pick, advice, NORTH_ARM, 'us'));
    expect(new Set(sentences).size).toBeGreaterThan(4);
    for (const sentence of sentences) expect(sentence).toMatch(/^[A-Z].*\.$/);
  });
  test('a rig with nothing special for it says how it falls', () => {
    const pick = { ...advice.picks[0]!, reasons: [] };
    expect(pickSentence(pick, advice, NORTH_ARM, 'us')).toMatch(/^Falls \d\.\d ft\/s, as wanted\.$/);
  });
  test('straying is said in plain words, each way', () => {
    const pick = advice.picks[0]!;
    const said = (has: Partial<typeof pick.has>, id: Want['id']): string =>
      pickSentence(
        { ...pick, has: { ...pick.has, ...has }, reasons: [{ rule: 'fall-cool', want: id, weight: 2, for: false }] },
        advice,
        NORTH_ARM,
        'us',
      );
    expect(said({ fall: 3 }, 'fall')).toMatch(/It falls faster than wanted\.$/);
    expect(said({ fall: 0.1 }, 'fall')).toMatch(/It falls slower than wanted\.$/);
    expect(said({ weight: 1 }, 'weight')).toMatch(/It is heavier than wanted\.$/);
    expect(said({ length: 0.01 }, 'length')).toMatch(/It is shorter than wanted\.$/);
    expect(said({ ratio: 0.9 }, 'ratio')).toMatch(/It is deeper than their food\.$/);
    expect(said({ snag: 0.1 }, 'snag')).toMatch(/It hangs up more than this cover allows\.$/);
  });
  test('the dissent names school, rig, fall and why', () => {
    const other = advice.picks[0]!.dissent.find(({ question }) => question === 'weight');
    expect(dissentTitle(other!, 'us')).toBe('On weight: the school “slow hand”');
    expect(dissentText(other!, advice.picks[0]!.rig, 'us')).toMatch(/oz .*: falls \d\.\d ft\/s\. Take a lighter head/);
  });
  test('"fishes like" is a head that is sold, or nothing', () => {
    const { fall } = advice.picks[0]!;
    expect(fishesLikeText(fall, 'us')).toMatch(/^\d+\/\d+ oz$/);
    expect(fishesLikeText({ ...fall, fishesLikeOz: null }, 'us')).toBeNull();
  });
  test('a full box has no warnings', () => expect(adviceWarnings(advice, 'us')).toEqual([]));
});

describe('words', () => {
  test('every id has its words', () => {
    expect(Object.keys(WANT_TITLE).sort()).toEqual([...WANT_IDS].sort());
    expect(Object.keys(COVER_NAME)).toEqual([...COVER_KINDS]);
    for (const ref of LIVE_SCHOOLS) {
      expect([ref, (QUESTION_TITLE[questionOf(ref)] ?? '').length > 4]).toEqual([ref, true]);
      expect([ref, (SCHOOL_WORDS[ref]?.says ?? '').length > 15]).toEqual([ref, true]);
    }
  });
  test('cautions are sentences, and local rules come with the licence', () => {
    for (const line of Object.values(CAUTION_TEXT)) expect(line).toMatch(/^[A-Z].*\.$/);
    expect(CAUTION_TEXT['local-rules']).toMatch(/licence come first/);
  });
});
