/** @jest-environment ./scripts/page-environment.mjs */
import { describe, expect, test } from '@jest/globals';
import {
  at,
  choose,
  every,
  goTo,
  group,
  heading,
  inApp,
  key,
  noDialog,
  press,
  reopen,
  says,
  saysNot,
  the,
  type,
  until,
  user,
} from '../../testing/in-app';
import { useAdvice } from '../../stores/advice';

const texts = (selector: string): string[] =>
  [...document.querySelectorAll(selector)].map(({ textContent }) => (textContent ?? '').replace(/\s+/g, ' ').trim());

describe('with the demo box', () => {
  inApp('demo', '/pick', 'all');

  test('no two picks read the same, and each says its colours; a fault and its cure stand in the row', async () => {
    await at('pick-12');
    const names = texts('.pick-row__name');
    expect(names).toHaveLength(12);
    expect(new Set(names).size).toBe(names.length);
    for (const name of names) expect(name).toMatch(/ in [a-z/ ]+,|, all [a-z/ ]+/);
    await until(() => expect(texts('[data-testid="row-fault"]')[0]).toMatch(/\w\. \w/));
  });

  test('while only the first rig is known, a family shows the rig it had, or that it is looked for, never that it has none', async () => {
    const store = useAdvice();
    await until(() => expect(store.ranking).toBe(false));
    await says('families', /spinnerbait in/);
    const whole = store.advice!;
    store.$patch((state) => {
      state.before = { advice: whole, water: state.answered! };
      state.isFirstOnly = true;
      state.advice = {
        ...whole,
        picks: whole.picks.slice(0, 1),
        families: whole.families.map((row) => ({ ...row, best: null })),
      };
    });
    await says('families', /spinnerbait in/);
    await saysNot('families', 'none in this box');
    store.before = null;
    await says('families', 'Looking…');
    await saysNot('families', 'none in this box');
    store.isFirstOnly = false;
    await says('families', 'none in this box');
  });

  test('all three families are compared, and it is said which suits; spinnerbaits alone are ranked on how they run', async () => {
    await at('pick-1');
    await until(() => expect(useAdvice().ranking).toBe(false));
    await until(async () =>
      expect(every('heading', undefined, await at('families')).map(({ textContent }) => textContent?.trim())).toEqual([
        'Jigs',
        'Vibrating jigs',
        'Spinnerbaits',
      ]),
    );
    await saysNot('families', 'Thick cover in shallow water');
    await press('Why these');
    await says('families', 'Thick cover in shallow water');
    await press('jigs', group('Among'));
    await press('vibrating', group('Among'));
    await says('pick-1', /oz spinnerbait in [a-z/ ]+, \w+ \w+ \d/);
    expect(document.querySelector('[data-testid="families"]')).toBeNull();
    // the last family cannot be let go
    await press('spinnerbaits', group('Among'));
    expect(every('button', 'spinnerbaits', await group('Among'))[0]!.getAttribute('aria-pressed')).toBe('true');
    await press(/.*/, 'pick-1');
    await says('pick-1', /Runs at [\d.]+ ft is (inside|deeper than|higher than)/);
    await press('Write the ticket for this rig', 'pick-1');
    await says('ticket', 'Holds at');
    await until(() => expect(every('heading')[0]!.textContent).toContain('spinnerbait'));
    await reopen();
    await says('ticket', 'Holds at');
  });

  test('a because-line leads to its rule, to what speaks against it, and to the handbook', async () => {
    await press(/.*/, 'pick-1');
    await press(/.*/, the('region', 'For it'));
    await says('rule-card', 'Speaks when');
    await heading('What speaks against it');
    const id = (await at('rule-card')).querySelector('code')!.textContent;
    await press('Read it in the handbook', 'rule-card');
    await heading('Handbook');
    await until(() => expect(document.querySelector(`article#${id}`)).toBe(document.activeElement));
    await type('Look for', 'willow below 60');
    await until(() => expect(texts('[role=status]').join()).toMatch(/rules?/));
    await type('Look for', 'snorkel');
    await says(document.body, 'No rule speaks of that.');
  });

  test('what would flip it, how to fish it, what is wrong with it: a remedy is applied, taken back, and goes on the ticket', async () => {
    await press(/.*/, 'pick-1');
    await says('flips', /from|down to|if/);
    await says('handling', 'Bring it back');
    await says('pick-1', /It answers \d+ of 100/);
    await says('score-sum', /Fall\d+ of \d+/);
    // the first is made ready and clean; the first that carries a fault stands further down
    await press(/.*/, 'pick-1');
    const faulty = (await at('row-fault')).closest('article')!.dataset['testid']!;
    expect(faulty).not.toBe('pick-1');
    await press(/.*/, faulty);
    await at('faults');
    const apply = every('button', /^Apply/, await at('faults'))[0]!;
    const remedy = apply.getAttribute('aria-label')!;
    await user.click(apply);
    await until(() => expect(every('button', remedy)).toEqual([]));
    await press('Back to the rig as it was picked', 'faults');
    await press(remedy, 'faults');
    await press('Write the ticket for this rig', faulty);
    await says('ticket', 'Bring it back');
  });

  test('another school is chosen, and its reasons count', async () => {
    await press(/^Schools/);
    await choose(/^On weight/, 'slow hand');
    await press('Done');
    await noDialog();
    await the('button', 'Schools: 1 chosen…');
    await press(/.*/, 'pick-1');
    await says('pick-1', 'On weight: “slow hand”, because you chose it.');
  });

  test('in metric no sentence speaks of inches, ounces or pounds', async () => {
    const said = (): string[] =>
      ((document.querySelector('#main') as HTMLElement).textContent ?? '').match(
        /.{0,40}\d (?:in|oz|ft|lb|ft\/s|lbf)\b(?! front).{0,20}|.{0,40}°F.{0,20}/g,
      ) ?? [];
    await key('u');
    await press(/.*/, 'pick-1');
    await at('handling');
    await saysNot('flips', 'Looking');
    await says('pick-1', 'm/s');
    expect(said()).toEqual([]);
    await goTo('Water');
    await at('want-snag');
    expect(said()).toEqual([]);
    await user.click(await the('link', /^Handbook/));
    for (const typed of ['line', 'rod', 'deep', 'weight']) {
      await type('Look for', typed);
      await until(() => expect(texts('[role=status]').join()).toMatch(/\d+ rules/));
      expect(said()).toEqual([]);
    }
  });

  test('a number says what it is and which end is which; Escape goes back to it', async () => {
    for (const name of ['Push', 'Snag-proof', 'Motion']) {
      const asked = await the('button', name);
      asked.focus();
      await key('Enter');
      await says('number-card', '3/8 oz casting, 3 in chunk');
      await says('number-card', '4 in flapper craw');
      await key('Escape');
      await until(() => expect(document.querySelector('[data-testid="number-card"]')).toBeNull());
      await until(() => expect(document.activeElement).toBe(asked));
    }
  });
});

describe('without a box', () => {
  inApp('empty', '/pick');

  test('the catalogue answers, and goes on after the page is opened anew', async () => {
    await heading('Nothing to pick from yet');
    await says(document.body, 'No head in this box');
    await press('Pick from every kind there is');
    await at('pick-1');
    await heading(/^[\d,]{9} rigs$/);
    await reopen();
    await at('pick-1');
  });
});
