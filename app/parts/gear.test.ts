/** @jest-environment ./scripts/page-environment.mjs */
import { expect, test } from '@jest/globals';
import { marginsOf, fishedOn, gearAt } from '@core';
import { jig } from '../../core/testing/fixtures/rigs';
import { db } from '../db/database';
import { useBench } from '../stores/bench';
import { useBox } from '../stores/box';
import { useSettings } from '../stores/settings';
import { useWater } from '../stores/water';
import { at, every, inApp, press, reopen, says, the, until, user } from '../testing/in-app';

inApp('demo', '/bench');

const RIG = jig({ style: 'casting', oz: 0.5, trailer: 'chunk' });
const lay = async (): Promise<void> => {
  await useBench().start(RIG, RIG);
  await at('gear');
  await until(() => expect(useBox().box.rods.length).toBeGreaterThan(3));
};
async function pick(of: 'Rod' | 'Reel' | 'Line', option: string | RegExp): Promise<void> {
  const list = (await the('combobox', of, 'gear')) as HTMLSelectElement;
  const found = [...list.options].find(({ text }) =>
    typeof option === 'string' ? text === option : option.test(text),
  )!;
  await user.selectOptions(list, found);
}
const stored = async (): Promise<unknown> => ((await db.settings.get('settings'))?.value as { gear?: unknown }).gear;

test('the best of the box is told with its margins; what is chosen instead is kept, and comes back', async () => {
  await lay();
  await says('gear', /best of the box: /);
  await says('gear', /Hook-set[\d.]+×[\d.]+ to [\d.]+×/);
  await pick('Line', /^10 lb fluorocarbon/);
  const at10 = useBox().box.lines.findIndex(({ lb }) => lb === 10);
  const { id } = useBox().box.lines[at10]! as { id: string };
  await until(async () => expect(await stored()).toEqual({ line: id }));
  await says('gear', 'The line is weaker than this rig and its cover ask.');
  await pick('Rod', /^finesse, /);
  await pick('Reel', /^6\.3:1/);
  await until(async () => expect(Object.keys((await stored()) as object).sort()).toEqual(['line', 'reel', 'rod']));
  // what is told is what the core computes of just that gear
  const { rods, reels } = useBox().box;
  const gear = gearAt(useBox().box, {
    rod: rods.findIndex(({ label }) => label === 'finesse'),
    reel: reels.findIndex(({ ratio }) => ratio === 6.3),
    line: at10,
  })!;
  const [first] = marginsOf(fishedOn(useWater().water, RIG), gear);
  await until(() =>
    expect(document.querySelector('[data-margin="hook-set"]')?.textContent).toContain(`${first!.value.toFixed(2)}×`),
  );
  await reopen();
  await until(() => expect(useSettings().settings.gear?.line).toBe(id));
  await pick('Line', /^best of the box/);
  await until(async () => expect(Object.keys((await stored()) as object).sort()).toEqual(['reel', 'rod']));
});

test('what would lift the weakest is named; what the box has is taken with one tap', async () => {
  await lay();
  await pick('Line', /^10 lb fluorocarbon/);
  await at('gear-change');
  await says('gear-change', /Spool .*lb/);
  await press('Take it', 'gear');
  await until(() => expect(every('button', 'Take it')).toHaveLength(0));
  await says('gear', 'All of it is enough.');
});

test('a line that is used up is chosen no more: the best of what is left is taken, and others can still be chosen', async () => {
  await lay();
  await pick('Line', /^10 lb fluorocarbon/);
  await until(async () => expect(await stored()).toHaveProperty('line'));
  const row = useBox()
    .tray('lines')
    .find(({ part }) => (part as { lb?: number }).lb === 10)!;
  await useBox().replace(row, { ...row.part, quantity: 0 });
  await says('gear', /best of the box: (15 lb|50 lb|17 lb)/);
  const list = (await the('combobox', 'Line', 'gear')) as HTMLSelectElement;
  expect(list.value).toBe('best');
  expect([...list.options].some(({ text }) => text.startsWith('10 lb'))).toBe(false);
});

test('a box without reels says what is missing, and nothing of margins', async () => {
  await lay();
  for (const row of useBox().tray('reels')) await useBox().remove(row);
  await says('gear', 'The box has no rod, reel and line together');
  expect(document.querySelector('[data-margin]')).toBeNull();
});
