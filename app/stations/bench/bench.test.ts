/** @jest-environment ./scripts/page-environment.mjs */
import { fireEvent } from '@testing-library/dom';
import { describe, expect, test } from '@jest/globals';
import type { Rig } from '@core';
import { jig } from '../../../core/testing/fixtures/rigs';
import { useBench } from '../../stores/bench';
import { at, every, goTo, group, inApp, key, press, reopen, says, the, type, until, user } from '../../testing/in-app';

inApp('demo', '/bench');

/** A jig nobody has cut, its bug on edge. */
const UNCUT: Rig = {
  ...jig({ style: 'flipping', trailer: 'kick-bug', lengthIn: 4, more: { orientation: 'edge' } }),
  head: {
    style: 'flipping',
    finesse: false,
    weightOz: 0.5,
    metal: 'lead',
    nose: 'round',
    hook: { size: '5/0', wire: 'heavy' },
  },
  guard: { kind: 'fibre', fibres: 26, lengthMm: 28, spread: 'none', bevel: false },
};
const lay = async (): Promise<void> => {
  await useBench().start(UNCUT, UNCUT);
  await at('open-steps');
};
const input = async (edit: string): Promise<HTMLInputElement> => (await at(`edit-${edit}`)).querySelector('input')!;
async function enter(edit: string, text: string): Promise<void> {
  await fireEvent.input(await input(edit), { target: { value: text } });
}
const openPart = async (part: string): Promise<void> => user.click(await at(`part-${part}`));
const handle = (edit: string): Promise<HTMLElement> => at(`handle-${edit}`);
const chosen = (edit: string): string =>
  document.querySelector(`[data-testid="edit-${edit}"] button[aria-pressed=true]`)?.textContent?.trim() ?? '';
const now = async (edit: string): Promise<string> => (await handle(edit)).getAttribute('aria-valuenow') ?? '';
const told = async (edit: string): Promise<string> => (await handle(edit)).getAttribute('aria-valuetext') ?? '';

describe('cuts that cannot be made are refused with their reason', () => {
  test.each([
    ['trailer', 'nose', '3.4', /past the bend/],
    ['trailer', 'nose', '-1', /Less than nothing/],
    ['trailer', 'tail', 'abc', /Not a number/],
    ['trailer', 'legs', '9', /It has 2/],
    ['skirt', 'thin', '-4', /Less than nothing/],
    ['skirt', 'thin', '4.5', /Whole pieces only/],
    ['skirt', 'thin', '49', /no skirt/],
    ['skirt', 'skirt-length', '0.2', /nothing to hold/],
    ['skirt', 'skirt-length', '9', /take off, they do not put on/],
    ['core', 'core', '3', /no shank/],
  ] as const)('%s: %s by %s', async (part, edit, typed, why) => {
    await lay();
    await openPart(part);
    await enter(edit, typed);
    await says(`edit-${edit}`, why);
    expect((every('button', 'Undo')[0] as HTMLButtonElement).disabled).toBe(true);
  });
});

test('by keys alone: head by steps, over the cuts, as far as each may go, back and forth', async () => {
  await lay();
  await says('part-head', '1/2 oz');
  await key('[');
  await says('part-head', '7/16 oz');
  await key(']');
  await says('part-head', '1/2 oz');
  await key('o');
  await until(() => expect(chosen('turn')).toBe('upside down'));
  const seen = new Set<string>();
  for (let step = 0; step < 17; step++) {
    await key('x');
    seen.add(document.activeElement?.getAttribute('data-testid') ?? '');
  }
  const cuts = [
    'guard-length',
    'guard-spread',
    'skirt-length',
    'thin',
    'nose',
    'tail',
    'legs',
    'turn',
    'hang',
    'second-hook',
  ];
  for (const edit of cuts) expect(seen).toContain(`handle-${edit}`);

  (await handle('nose')).focus();
  for (let rib = 0; rib < 4; rib++) await key('ArrowRight');
  await until(async () => expect(await told('nose')).toMatch(/4 ribs/));
  await key('End');
  await until(async () => expect(await now('nose')).toBe((await handle('nose')).getAttribute('aria-valuemax')));
  await key('Home');
  await until(async () => expect(await now('nose')).toBe('0'));
  await user.keyboard('{Control>}z{/Control}');
  await user.keyboard('{Control>}z{/Control}');
  await until(async () => expect(await told('nose')).toMatch(/4 ribs/));
  (await handle('guard-spread')).focus();
  await key('ArrowRight');
  await until(() => expect(chosen('guard-spread')).toBe('fanned'));
  (await handle('second-hook')).focus();
  await key('ArrowUp');
  await says('part-second-hook', 'Point up');
  await user.click(await at('open-steps'));
  await at('steps');
  await key('ArrowRight');
  await says('steps', '2 of');
  await key('Escape');
});

test('a turn that does nothing on a round body is said, not refused, and mended', async () => {
  await useBench().start(jig({ trailer: 'stick-worm', lengthIn: 4.75 }));
  await at('bench');
  await says('part-trailer', 'Stick worm');
  await press('on edge', 'edit-turn');
  await says('bench-says', 'does nothing here');
  await at('fault-mark-edge-on-round-body');
  await press('Mend it', 'bench-fault-edge-on-round-body');
  await until(() => expect(chosen('turn')).toBe('flat'));
});

test('a version is kept and compared; what is on the bench is there when the page is opened anew', async () => {
  await lay();
  await openPart('core');
  await enter('core', '0.4');
  await says('part-core', '0.40 in, chartreuse');
  await press('Undo');
  await says('part-core', 'None');
  await press('Redo');
  await says('part-core', '0.40 in');
  await press('Keep version…');
  await type('Name of this version', 'with a core');
  await press('Keep');
  await the('button', 'Keep version 2…');
  await openPart('trailer');
  await enter('tail', '0.4');
  await press('Compare');
  await says('compare', 'Off the tail');
  expect(every('listitem', undefined, await the('region', 'Changes'))).toHaveLength(1);
  await press('Close', 'compare');
  await reopen();
  await says('part-core', '0.40 in');
  await says(the('region', 'Cut list'), /Cut 0\.40 in of chartreuse stick worm/);
  await press('Ticket');
  await says('ticket', 'chartreuse');
});

test('a spinner is pressed, shortened and bladed', async () => {
  await goTo('Pick');
  await press('jigs', group('Among'));
  await press('vibrating', group('Among'));
  await says('pick-1', 'spinnerbait');
  await press(/.*/, 'pick-1');
  await press('Cut and hang it on the bench');
  await at('bench');
  (await handle('arm-twist')).focus();
  await key('ArrowRight');
  await says('tuning', /to the (left|right) by/);
  await openPart('arms');
  await press('pressed', 'edit-squeeze');
  await says('part-arms', 'pressed');
});

test('the cuts are solved: what may be done is chosen, one is taken, all are taken, and each can be taken back', async () => {
  const long: Rig = { ...UNCUT, guard: { ...UNCUT.guard!, lengthMm: 45 } };
  await useBench().start(long, long);
  await at('open-steps');
  await press('Solve…');
  await at('solve');
  await says('solve', /As it is it answers \d+ of 100 and falls/);
  await says('solve', /answers \d+ of 100/);
  const before = useBench().build!.past.length;
  const first = (): HTMLElement => document.querySelector<HTMLElement>('[data-testid="solved-cut-guard"] .v-btn')!;
  await until(() => expect(first()).not.toBeNull());
  await user.click(first());
  await until(() => expect(useBench().build!.past.length).toBeGreaterThan(before));
  // what was taken is no longer proposed
  const taken = useBench().rig;
  expect(taken!.guard!.lengthMm).toBeLessThan(45);
  await until(() => expect(document.querySelector('[data-testid=solved-cut-guard]')).toBeNull());
  await key('Escape');
  await user.keyboard('{Control>}z{/Control}');
  await until(() => expect(useBench().build!.past.length).toBe(before));
});

test('proposals lie as a ghost on the drawing, and are taken one by one, or put away', async () => {
  const long: Rig = { ...UNCUT, guard: { ...UNCUT.guard!, lengthMm: 45 } };
  await useBench().start(long, long);
  await at('open-steps');
  await press('Solve…');
  await at('solve');
  await press('Show it on the drawing', 'solve');
  const bar = await at('ghost');
  expect(document.querySelector('[data-testid=ghost-side] path')).not.toBeNull();
  const left = (): number => bar.querySelectorAll('li').length;
  const proposed = left();
  expect(proposed).toBeGreaterThan(1);
  await user.click(bar.querySelector<HTMLElement>('li .v-btn')!);
  await until(() => expect(left()).toBe(proposed - 1));
  expect(useBench().build!.past.length).toBeGreaterThan(0);
  await press('Put them away', 'ghost');
  await until(() => expect(document.querySelector('[data-testid=ghost-side]')).toBeNull());
});

test('weights against cuts lie on one page, what is wanted marked, and back again', async () => {
  await lay();
  await press('Table…');
  const page = await at('cut-table');
  await says('cut-table', /Fall asked for: [\d.]+ to [\d.]+ ft\/s/);
  await says('cut-table', 'Off the nose');
  expect(page.querySelectorAll('tbody tr').length).toBeGreaterThan(3);
  expect(page.querySelectorAll('.cuts__own')).toHaveLength(1);
  expect(page.querySelectorAll('.cuts__wanted').length).toBeGreaterThan(2);
  await press('Back to the bench');
  await at('open-steps');
});

test('where nothing may be done nothing is proposed, and that is said', async () => {
  await lay();
  await press('Solve…');
  const may = await group('May be done');
  for (const name of [
    'cut the nose',
    'cut the tail',
    'take legs off',
    'split the tails',
    'slit the belly',
    'cut the skirt',
    'thin the skirt',
    'see to the guard',
    'turn it',
    'hang it otherwise',
    'push it up',
  ])
    await press(name, may);
  await says('solve', 'Nothing may be cut: allow at least one.');
});
