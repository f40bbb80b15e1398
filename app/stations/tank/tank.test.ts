/** @jest-environment ./scripts/page-environment.mjs */
import { describe, expect, test } from '@jest/globals';
import { EMPTY_TANK, planSchema, type Rig, type Tank } from '@core';
import { db, type SettingsRow } from '../../db/database';
import { kindOf } from '../../db/kinds';
import { useTank } from '../../stores/tank';
import { useWater } from '../../stores/water';
import {
  at,
  choose,
  every,
  goTo,
  heading,
  inApp,
  press,
  says,
  saysNot,
  the,
  type,
  until,
  user,
} from '../../testing/in-app';
import { comesBack, NEW_STEPS, settled, STEP_KINDS, withSeconds } from './steps';
import { csvOf } from './useTankCharts';

inApp('demo', '/tank');

const stored = async (): Promise<Tank | undefined> => (await db.settings.get('tank'))?.value as Tank | undefined;
const steps = (): string[] => useTank().tank.plan.steps.map(({ do: does }) => does);

const jigLike = (style: Rig['head']['style'], weightOz: number): Rig => ({
  family: 'skirted',
  head: { style, finesse: false, weightOz, metal: 'lead', hook: { size: '5/0', wire: 'medium' } },
  guard: null,
  skirt: null,
  trailer: null,
  core: null,
});
const HOP = ['countdown', ...Array.from({ length: 6 }, () => ['lift-drop', 'reel']).flat(), 'reel'];

async function putFirst(): Promise<void> {
  if (useTank().tank.rig === null) await press('Put it in the tank');
  await at('tank');
}

test('an empty tank offers the picks; what is put in runs its own retrieve, and is kept', async () => {
  await heading('The tank is empty');
  await putFirst();
  await until(async () => expect((await stored())?.rig).toEqual(useTank().tank.rig));
  const scene = await at('tank-scene');
  expect(Number(scene.dataset['xM'])).toBeCloseTo(useTank().tank.plan.castM, 1);
  await says('tank', 'Half way back');
});

test('a pick is run from its row, with the retrieve that goes with it', async () => {
  await goTo('Pick');
  await press(/.*/, 'pick-1');
  await press('Run it in the tank', 'pick-1');
  await at('tank');
  expect(useTank().tank.programme).toBeNull();
  expect(planSchema.safeParse(useTank().tank.plan).success).toBe(true);
});

test('the strip of moments: each brings the film there, within a centimetre of the path', async () => {
  await putFirst();
  const told = useTank().told;
  for (const moment of [told[1]!, told.at(-1)!]) {
    await user.click(every('button', new RegExp(`${moment.timeS.toFixed(1)} s`))[0]!);
    const scene = await at('tank-scene');
    await until(() => expect(Number(scene.dataset['timeS'])).toBeCloseTo(moment.timeS, 2));
    expect(Number(scene.dataset['zM'])).toBeCloseTo(moment.zM, 2);
  }
});

test('a programme is begun with, stepped, typed, and a step added, moved and deleted', async () => {
  await putFirst();
  await choose('Begin with', 'Hop');
  await until(() => expect(useTank().tank.programme).toBe('hop'));
  await says('tank-programme', 'Lifted a hand or two');
  expect(steps()).toEqual(HOP);
  await type('Lasts, s', '7');
  await until(() => expect(useTank().tank.plan.steps[0]).toMatchObject({ do: 'countdown', s: 7 }));
  await type('Line given, ft', '2');
  await until(() =>
    expect(useTank().tank.plan.steps[0]).toEqual({ do: 'countdown', s: 7, slackM: expect.closeTo(0.61, 2) }),
  );
  await type('Line given, ft', '0');
  await until(() => expect(useTank().tank.plan.steps[0]).toEqual({ do: 'countdown', s: 7 }));
  await press('Add a step');
  expect(steps()).toEqual(['countdown', 'pause', ...HOP.slice(1)]);
  await press('Step 2 later');
  expect(steps()).toEqual(['countdown', 'lift-drop', 'pause', ...HOP.slice(2)]);
  await press('Delete step 3');
  expect(steps()).toEqual(HOP);
  await until(async () => expect((await stored())?.plan.steps).toEqual(useTank().tank.plan.steps));
});

test('a programme that never comes back is refused in words, and stays as it was', async () => {
  await putFirst();
  await choose('Begin with', 'Steady');
  await until(() => expect(steps()).toEqual(['countdown', 'reel']));
  await user.click(await the('button', 'reel'));
  await press('Delete step 2');
  await says('tank-programme', 'must come back');
  expect(steps()).toEqual(['countdown', 'reel']);
});

test('a bottom deeper than the water, a cast shorter than the rod is high: said, and not taken', async () => {
  await putFirst();
  const { bottom } = useTank().tank.plan;
  await user.click(document.querySelector('.cast summary')!);
  await type('Bottom at the end of the cast, ft', '30');
  await says('tank-programme', /The water is .* deep/);
  expect(useTank().tank.plan.bottom).toEqual(bottom);
  await type('Rod tip above water, ft', '13');
  await type('Cast, ft', '10');
  await says('tank-programme', 'A cast needs at least');
});

test('a bottom that lies below a water that fell is raised to it, and that is said', async () => {
  await putFirst();
  const { castM } = useTank().tank.plan;
  await useTank().setPlan({
    bottom: [
      [0, 1],
      [castM, 1.2],
    ],
  });
  useWater().change({ depthM: 0.9, cover: [] });
  await says('tank', 'lies deeper than the water');
  expect(useTank().film!.prepared.ground.depthAt(castM)).toBeCloseTo(0.9, 6);
});

test('two rigs fall side by side and are compared; without a second one it is said', async () => {
  await putFirst();
  await press('Compare', 'tank');
  await says('tank', 'Choose a rig to stand beside it');
  const beside = (await the('combobox', 'Beside it')) as HTMLSelectElement;
  await until(() => expect([...beside.options].map(({ value }) => value)).toContain('pick-3'));
  await user.selectOptions(beside, 'pick-3');
  await says('tank-versus', 'Free fall');
  // each number with its band
  await says('tank-versus', /Free fall[\d.]+ ft\/s[\d.]+ to [\d.]+ ft\/s/);
  await says('tank-versus', /the (plastic|weight of the head|shape of the head|cuts|skirt|hook)/);
  await press('Falls', 'tank');
  await says('tank-falls', 'To fall as the other');
  await says('tank-falls', 'On the bottom after');
  await press('Swap');
  await until(async () => expect((await stored())?.other).toEqual(useTank().tank.other));
});

test('a depth is solved for, and what was found is set', async () => {
  await putFirst();
  await choose('Begin with', 'Steady');
  await press('Solve', 'tank');
  await choose('Turn', 'reel speed');
  await type('until it runs half way back at, ft', '1.5');
  await says('tank-solve', 'It takes');
  await says('tank-solve', /Then it runs at 1\.5 ft, [\d.]+ to [\d.]+ ft/);
  await press('Set it', 'tank-solve');
  await until(() => expect(useTank().film?.done.midCastDepthM).toBeCloseTo(1.5 * 0.3048, 1));
  await saysNot('tank-solve', 'no setting');
  await type('until it runs half way back at, ft', '2.5');
  await press('Cut this rig until it runs there');
  await says('tank-cut', /runs|brings/);
  await type('until it runs half way back at, ft', '1.5');
  await press('Which rigs of the box run there?');
  await says('tank-solve', /rigs? of the box runs? there/);
  await press('Put it in', 'tank-able');
  await until(async () => expect((await stored())?.rig).toEqual(useTank().tank.rig));
});

test('two tabs: another rig here and another plan there are both kept, and no rig is half of each', () => {
  const { merge } = kindOf('setting').meeting;
  const row = (part: Partial<Tank>): SettingsRow => ({ key: 'tank', value: { ...EMPTY_TANK, ...part } });
  const [swim, football] = [jigLike('swim', 0.25), jigLike('football', 0.5)];
  const plan = { ...EMPTY_TANK.plan, castM: 12 };
  const met = merge(row({}), row({ rig: swim }), row({ plan, programme: 'hop' })).value.value as Tank;
  expect([met.rig, met.plan, met.programme]).toEqual([swim, plan, 'hop']);
  const clash = merge(row({}), row({ rig: swim }), row({ rig: football })).value.value as Tank;
  expect(clash.rig).toEqual(swim);
});

test('what another tab sets or clears is seen here', async () => {
  await putFirst();
  await until(async () => expect((await stored())?.rig).toEqual(useTank().tank.rig));
  const theirs = { ...useTank().tank, semiTight: 0.3 };
  await db.settings.put({ key: 'tank', value: theirs });
  await until(() => expect(useTank().tank.semiTight).toBe(0.3));
  await db.settings.delete('tank');
  await until(() => expect(useTank().tank).toEqual(EMPTY_TANK));
});

describe('steps', () => {
  test('only the last that reels may go on to the end', () => {
    const two = settled([
      { do: 'reel', mPerS: 0.5 },
      { do: 'reel', mPerS: 0.7 },
    ]);
    expect(two[0]).toEqual({ do: 'reel', mPerS: 0.5, s: 4 });
    expect(two[1]).toEqual({ do: 'reel', mPerS: 0.7 });
  });
  test('a new step of each kind is one that files take, with a reel behind it', () => {
    for (const kind of STEP_KINDS) {
      const plan = { ...useTank().tank.plan, steps: settled([NEW_STEPS[kind], { do: 'reel', mPerS: 0.6 }]) };
      expect([kind, planSchema.safeParse(plan).success]).toEqual([kind, true]);
    }
    expect(comesBack([NEW_STEPS.pause, NEW_STEPS.kill])).toBe(false);
    expect(comesBack([NEW_STEPS['lift-drop']])).toBe(true);
  });
  test('a time stays within what a programme takes', () => {
    expect(withSeconds(NEW_STEPS.pause, -4)).toEqual({ do: 'pause', s: 0.1 });
    expect(withSeconds(NEW_STEPS.countdown, -4)).toEqual({ do: 'countdown', s: 0 });
    expect(withSeconds(NEW_STEPS.kill, 1e9)).toEqual({ do: 'kill', s: 300 });
    expect(withSeconds(NEW_STEPS['lift-drop'], 9)).toEqual(NEW_STEPS['lift-drop']);
  });
});

test('a chart as comma-separated values: one column for the scale, three for each line, names quoted', () => {
  const text = csvOf({
    lines: [
      {
        name: '1/4 "oz"',
        isOwn: true,
        points: [
          [1, 2, [1.5, 2.75]],
          [2, null, null],
        ],
      },
      { name: 'b', isOwn: false, points: [[1, 3, null]] },
    ],
    xName: 'pace, ft/s',
    yName: 'ft',
    down: true,
  });
  const names =
    '"pace, ft/s","1/4 ""oz"", ft","1/4 ""oz"", ft, from","1/4 ""oz"", ft, to","b, ft","b, ft, from","b, ft, to"';
  expect(text).toBe(`${names}\r\n1,2,1.5,2.75,3,,\r\n2,,,,,,\r\n`);
});
