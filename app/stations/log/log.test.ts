/** @jest-environment ./scripts/page-environment.mjs */
import { expect, test } from '@jest/globals';
import { fireEvent } from '@testing-library/dom';
import { steadyFall, rigBody, mediumOf, writeLogCsv, keptOutingOf, outingOf, type KeptOuting } from '@core';
import { demoSeasons } from '../../../demo/seasons';
import { db } from '../../db/database';
import { addOutings } from '../../db/add';
import { useAdvice } from '../../stores/advice';
import { useBench } from '../../stores/bench';
import { useBox } from '../../stores/box';
import { useLearned } from '../../stores/learned';
import { useOutings } from '../../stores/outings';
import { useSettings } from '../../stores/settings';
import { useTests } from '../../stores/tests';
import { useWater } from '../../stores/water';
// read before the page asks for them side by side: the loader of the tests takes one at a time
import './LogBegin.vue';
import './LogOut.vue';
import './OutTie.vue';
import './LogList.vue';
import './LogRecording.vue';
import './LogOuting.vue';
import './LogSays.vue';
import './LogHooks.vue';
import './LogSchools.vue';
import './LogCharts.vue';
import './LogTrue.vue';
import './LogTests.vue';
import './LogDrop.vue';
import './LogWake.vue';
import './LogHand.vue';
import '../../parts/FileImport.vue';
import {
  at,
  choose,
  downloaded,
  every,
  giveFile,
  gone,
  inApp,
  key,
  noDialog,
  press,
  says,
  the,
  type,
  until,
  user,
} from '../../testing/in-app';
import { momentFrom } from './moment-from';

inApp('demo with its log', '/log');

const part = (name: string): Promise<void> => press(name, the('group', 'Parts of the log'));
const stored = async (): Promise<KeptOuting | undefined> => db.outings.get(useOutings().running!.id);
async function begin(): Promise<void> {
  await part('On the water');
  await press('Tie on, and begin');
  await at('log-out');
}

test('an outing begins with what is on the rods, and every key is on the disk before it says so', async () => {
  await begin();
  await press('Bite');
  await says('stored', /^Bite, \d\d:\d\d: stored$/);
  expect((await stored())!.events.map(({ what }) => what)).toEqual(['tie-on', 'bite']);
  await key('n');
  await says('stored', /Nip.*stored/);
  await key('l');
  await says('stored', /Landed.*stored/);
  await press('corner');
  await press('Longer');
  await until(async () => {
    const last = (await stored())!.events.at(-1)!;
    expect(last).toMatchObject({ what: 'landed', rod: 0, hookedBy: 'corner', lengthMm: 355.6 });
  });
  // time, rod and water filled themselves in
  const [first] = (await stored())!.events;
  expect(first!.water).toMatchObject({ temperatureC: useWater().water.temperatureC });
  await press(/^Take back: Landed/);
  await until(async () => expect((await stored())!.events.map(({ what }) => what)).toEqual(['tie-on', 'bite', 'nip']));
  await press('End the outing');
  await until(async () => expect((await db.outings.toArray()).filter(({ to }) => to === null)).toEqual([]));
});

test('short strikes are counted, and what the craft would change is said with its because', async () => {
  await begin();
  await press('Nip');
  await says('stored', /Nip/);
  expect(document.querySelector('[data-testid=short-strikes]')).toBeNull();
  await press('Nip');
  await says('short-strikes', /2 short strikes/);
  await says('short-strikes', /Fish something slower|Shorten the plastic/);
});

test('a rig that lies on the bench and is the first pick stands in the list once; any of the box is two taps away', async () => {
  await begin();
  const first = useAdvice().picks[0]!.rig;
  await useBench().start(first);
  await press('Re-tie');
  const list = await the('combobox', 'Rig from');
  await until(() => {
    const offered = [...list.querySelectorAll('option')].map(({ textContent }) => textContent ?? '');
    expect(offered.filter((title) => title.startsWith('the bench: '))).toHaveLength(1);
    expect(offered.filter((title) => title.startsWith('the first pick: '))).toEqual([]);
  });
  const [head] = useBox().box.heads;
  const [trailer] = useBox().box.trailers;
  await user.click((await at('box-rig')).querySelectorAll('button')[0]!);
  // no trailer stands first
  await until(async () => expect((await at('box-rig')).querySelector('button')!.textContent).toBe('No trailer'));
  await user.click((await at('box-rig')).querySelectorAll('button')[1]!);
  await until(async () =>
    expect((await stored())!.events.at(-1)).toMatchObject({
      what: 'tie-on',
      rod: 0,
      rig: {
        head: { style: head!.style, weightOz: head!.weightOz },
        trailer: { kind: trailer!.kind, lengthMm: trailer!.lengthMm },
      },
    }),
  );
});

test('a rig is tied anew, a rod is added and put down; the water at hand goes with the next event once it changed', async () => {
  await begin();
  await press('Re-tie');
  await press('Tie it on');
  await until(async () => expect((await stored())!.events.map(({ what }) => what)).toEqual(['tie-on', 'tie-on']));
  await press('One rod more');
  await press('Tie it on');
  await until(async () => expect((await stored())!.events.at(-1)).toMatchObject({ what: 'tie-on', rod: 1 }));
  useWater().change({ temperatureC: 11 });
  await press('Bite');
  await until(async () =>
    expect((await stored())!.events.at(-1)).toMatchObject({ rod: 1, water: { temperatureC: 11 } }),
  );
  await press('Bite');
  await until(async () => expect((await stored())!.events).toHaveLength(5));
  expect((await stored())!.events.at(-1)!.water).toBeUndefined();
  await press('Re-tie');
  await press('Put down');
  await until(async () => expect((await stored())!.events.at(-1)).toMatchObject({ what: 'put-down', rod: 1 }));
});

test('an outing that was left running for two days offers the end it most likely had', async () => {
  await begin();
  const outings = useOutings();
  const old = outings.running!;
  const back = (moment: string): string =>
    new Date(Date.parse(moment) - 50 * 3_600_000).toISOString().replace('Z', '+00:00');
  await outings.put(
    { ...old, from: back(old.from), events: old.events.map((event) => ({ ...event, at: back(event.at) })) },
    old,
  );
  await press(/^End it at/);
  await until(async () => {
    const ended = (await db.outings.get(old.id))!;
    expect(ended.to).not.toBeNull();
    expect(Date.parse(ended.to!) - Date.parse(ended.from)).toBeLessThan(3_600_000);
  });
});

test('one that runs and is split goes on in its second half, and whole again once that is taken back', async () => {
  await begin();
  await press('Bite');
  await says('stored', /Bite.*stored/);
  const outings = useOutings();
  const whole = outings.running!;
  const split = await outings.split(whole, whole.events.at(-1)!.at);
  expect(split.ok).toBe(true);
  expect(outings.running).toMatchObject({ to: null });
  expect(outings.running!.id).not.toBe(whole.id);
  expect((await db.settings.get('on-water'))?.value).toBe(outings.running!.id);
  await press('Undo');
  await until(() => expect(outings.running?.id).toBe(whole.id));
  await until(async () => expect((await db.outings.get(whole.id))!.events).toEqual(whole.events));
});

test('what was heard of the sounder’s track goes with the outing that is ended, and a long track stays light', async () => {
  await begin();
  const outings = useOutings();
  outings.track(
    Array.from({ length: 2500 }, (_, s): [number, null, null, number, null] => [4 * s, null, null, 3, null]),
  );
  await until(async () => expect((await stored())!.track).toHaveLength(1250));
  const { id } = outings.running!;
  await press('End the outing');
  await until(async () => expect((await db.outings.get(id))!.to).not.toBeNull());
  expect((await db.outings.get(id))!.track).toHaveLength(1250);
});

test('the list is filtered; an event is changed, added, taken out and comes back; what cannot be is said', async () => {
  await part('Outings');
  await says('log-list', '67 outings');
  await type('Place', 'dam');
  await until(() => expect(every('listitem').length).toBeLessThan(60));
  await type('Place', '');
  const [last] = useOutings().rows!;
  await user.click((await at('outing'))!);
  await at('outing-page');
  const before = (await db.outings.get(last!.id))!;
  await press('Take out');
  await until(async () => expect((await db.outings.get(last!.id))!.events).toHaveLength(before.events.length - 1));
  // without its tie-on what follows counts on no rig
  await says('oddities', /nothing was tied on/);
  await press('Undo');
  await until(async () => expect((await db.outings.get(last!.id))!.events).toEqual(before.events));
  await press('Add an event');
  await type('When', 'soon');
  await press('Keep');
  await says('outing-page', 'Write it as 2026-09-26 07:40.');
  await type('When', `${before.from.slice(0, 10)} 23:59`);
  await press('Keep');
  await until(async () => {
    const now = (await db.outings.get(last!.id))!;
    expect(now.events).toHaveLength(before.events.length + 1);
    expect(now.to!.slice(11, 16)).toBe('23:59');
  });
});

test('an outing is split, joined, moved in time and deleted, and each comes back', async () => {
  await part('Outings');
  const [last] = useOutings().rows!;
  const before = (await db.outings.get(last!.id))!;
  const count = await db.outings.count();
  await user.click((await at('outing'))!);
  await press('Split here');
  await until(async () => expect(await db.outings.count()).toBe(count + 1));
  await press('Undo');
  await until(async () => {
    expect(await db.outings.count()).toBe(count);
    expect((await db.outings.get(last!.id))!.events).toEqual(before.events);
  });
  await press('Move them');
  await until(async () =>
    expect(Date.parse((await db.outings.get(last!.id))!.from)).toBe(Date.parse(before.from) + 3_600_000),
  );
  await press('Undo');
  await until(async () => expect((await db.outings.get(last!.id))!.from).toBe(before.from));
  // the list follows the store a moment later
  await until(() => expect([useOutings().rows!.length, useOutings().rows![0]!.from]).toEqual([count, before.from]));
  const [, other] = useOutings().rows!;
  await choose('Join with', `${other!.from.slice(0, 10)} ${other!.from.slice(11, 16)} Brindle Mere`);
  await press('Join the two');
  await until(async () => expect(await db.outings.count()).toBe(count - 1));
  await press('Undo');
  await until(async () => expect(await db.outings.count()).toBe(count));
});

test('what the log says: rates by everything, two beside each other, the hook, where it held, schools, pictures, the truth', async () => {
  await part('What it says');
  await says('log-rates', /flapper craw/);
  for (const by of [
    'Rig',
    'Turn of the trailer',
    'Head weight',
    'School about weight',
    'Water',
    'Family',
    'Trailer hook',
  ]) {
    await press(by, 'log-rates');
    await says('log-rates', /\d\.\d\d/);
  }
  await press('Trailer', 'log-rates');
  await choose('The one', 'chunk', 'log-rates');
  await says('compared', /Chance that “.*” is bitten more often than/);
  await says('hook-verdict', /trailer hook/);
  await says('hook-places', /turns its point up/);
  await press('Find out');
  await says('log-schools', /chance \d+ %/);
  await press('Month by month');
  await press('As a table');
  await says('log-charts', '2026-05');
  expect(await downloaded(() => press('Save the table'))).toContain('2026-05');
  await says('log-true', /bands hold what is true/);
  await choose('Family', 'spinnerbaits');
  // blades have no plastic behind them in these seasons: one group is left
  await until(() => expect(document.querySelectorAll('[data-testid=rate]')).toHaveLength(1));
  await says('log-rates', /no trailer/);
});

test('the log is saved and taken in again, nothing twice; a table with a wrong line is refused by line and field', async () => {
  await part('Outings');
  const before = await db.outings.toArray();
  const csv = await downloaded(() => press('Save as a table'));
  const [first] = before;
  await db.outings.delete(first!.id);
  await press('Take in a log');
  await giveFile('log.csv', csv);
  await press(/^Take in|^Take it in|^Add/, the('dialog', 'Import a file'));
  await until(async () => expect(await db.outings.count()).toBe(before.length));
  expect((await db.outings.get(first!.id))!.events).toEqual(first!.events);
  await noDialog();
  // the same once more changes nothing
  const again = await addOutings(before.map(outingOf));
  expect(again).toMatchObject({ ok: true, value: { fresh: 0, met: before.length, added: 0, differ: 0 } });
  await press('Take in a log');
  await giveFile('bad.csv', csv.replace('landed', 'ate'));
  await until(() => expect(document.body.textContent).toMatch(/[Ll]ine \d+/));
});

test('two devices, one with its clock an hour wrong: the copies meet, the wrong one can be moved and joined', async () => {
  const [one] = demoSeasons();
  const log = writeLogCsv({ kind: 'log', version: 1, outings: [outingOf(one!)] });
  expect(log).toContain('-02:00');
  const late = keptOutingOf({ ...outingOf(one!), id: 'from-the-phone' }, new Date().toISOString());
  await useOutings().add([{ ...late, events: [], from: one!.from, to: one!.to! }]);
  await until(() => {
    const row = useOutings().rows!.find(({ id }) => id === 'from-the-phone');
    expect(row?.odd.map(({ what }) => what)).toContain('overlaps');
  });
});

test('a drop is timed, kept, told before and after, worked with everywhere, put out and deleted', async () => {
  await part('Tests');
  // how each goes stands there until there is one
  await says('how-tests-go', /An example, made up.*before any test.*measured.*now/);
  await press('Time a drop');
  await at('drop');
  const watch = await at('watch');
  const fallBefore = useAdvice().picks[0]!.fall.speedMps;
  for (const seconds of [3.1, 3.2, 3.15]) {
    const from = performance.now();
    const down = (ms: number) =>
      Object.defineProperty(new Event('pointerdown', { bubbles: true, cancelable: true }), 'timeStamp', { value: ms });
    watch.dispatchEvent(down(from));
    watch.dispatchEvent(down(from + 1000 * seconds));
  }
  await says('readings', '3.10 s');
  await press('Keep the test');
  await gone('drop');
  await until(() => expect(useLearned().belief).not.toBeNull());
  await says('test-bands', /before any test.*measured.*now/);
  await gone('how-tests-go');
  // the numbers of the page move at once, and the answer follows
  const { rig } = useTests().rows[0]!;
  const now = steadyFall(rigBody(rig), mediumOf(useWater().water)).speedMps;
  await until(() => expect(useAdvice().picks[0]!.fall.speedMps).not.toBe(fallBefore));
  await press('Put out');
  await until(() => expect(useTests().rows[0]!.readings[0]).toMatchObject({ isOut: true }));
  await press('Put the whole test out');
  await until(() => expect(useLearned().belief).toBeNull());
  expect(steadyFall(rigBody(rig), mediumOf(useWater().water)).speedMps).not.toBe(now);
  await press('Delete');
  await until(async () => expect(await db.tests.count()).toBe(0));
});

test('a wake is counted; practice teaches nothing', async () => {
  await part('Tests');
  await press('Count a wake');
  await press('Add it');
  await says('readings', '12 turns');
  await user.click(document.querySelector<HTMLElement>('.wake input[type=checkbox]')!);
  await press('Keep the test');
  await until(async () => expect(await db.tests.count()).toBe(1));
  await says('log-tests', 'practice, teaches nothing');
  expect(useLearned().belief).toBeNull();
});

test('the test that tells most is proposed; how far aside a rig lands is read, kept and told in the units of the reader', async () => {
  await part('Tests');
  await says('proposed', 'a drop, since how fast it falls decides most');
  await press('Read how far aside');
  await at('aside-test');
  await press('Add it');
  await press('Add it');
  await says('readings', '1 ft aside');
  await press('Keep the test');
  await gone('aside-test');
  await until(() => expect(useLearned().belief).not.toBeNull());
  await says('test', 'Landed aside');
  await says('test-bands', /before any test.*ft.*measured.*1 ft.*now/);
  await press('Delete');
  await until(async () => expect(await db.tests.count()).toBe(0));
});

test('how late the hand is, is measured by five taps; one that comes too soon does not count', async () => {
  await part('Tests');
  await press('Time a drop');
  await press('Measure it');
  const ring = async (state: string): Promise<HTMLElement> => {
    await until(() => expect(document.querySelector('.hand__ring')?.getAttribute('data-state')).toBe(state));
    return document.querySelector<HTMLElement>('.hand__ring')!;
  };
  await fireEvent.keyDown(await ring('waiting'), { key: 'Enter' });
  await fireEvent.keyDown(await ring('soon'), { key: 'Enter' });
  for (let tap = 0; tap < 5; tap++) {
    const now = await ring('now');
    await new Promise((resolve) => setTimeout(resolve, 120));
    await fireEvent.keyDown(now, { key: 'Enter' });
  }
  await gone('hand');
  expect(useSettings().settings.reactionS).toBeGreaterThan(0);
  await says('drop', 'as measured');
});

test('Pick says what the log says, with its hours; one switch turns it off', async () => {
  const learned = useLearned();
  await until(() => expect(Object.keys(learned.ownLog).length).toBeGreaterThan(0));
  await until(() => expect(useAdvice().picks.some(({ logged }) => logged !== null)).toBe(true));
  await useSettings().change({ pickLog: 'none' });
  await until(() => expect(useAdvice().picks.every(({ logged }) => logged === null)).toBe(true));
});

test('a recording of a sounder is read, kept with its outing, and told where it is none', async () => {
  await part('Outings');
  const sentence = (body: string): string => {
    let sum = 0;
    for (const letter of body) sum ^= letter.charCodeAt(0);
    return `$${body}*${sum.toString(16).toUpperCase().padStart(2, '0')}`;
  };
  const lines = Array.from({ length: 40 }, (_, at_) => [
    sentence(`SDDPT,${(3 + at_ / 10).toFixed(1)},0.3`),
    sentence('SDMTW,14.2,C'),
  ]).flat();
  const input = (): HTMLInputElement => document.querySelector<HTMLInputElement>('.recording input[type=file]')!;
  await until(() => expect(input()).not.toBeNull());
  const give = (text: string): Promise<void> =>
    user.upload(input(), new File([text], 'track.nmea', { type: 'text/plain' }));
  await give('hello');
  await until(() =>
    expect(document.querySelector('.recording')!.textContent).toMatch(/no depth, temperature or place/),
  );
  await give([...lines, '$SDDPT,9.9,0.3*00'].join('\r\n'));
  await says('recording', /40 points of 80 readings, 1 could not be read/);
  await press('Keep the track');
  const [last] = useOutings().rows!;
  await until(async () => expect((await db.outings.get(last!.id))!.track).toHaveLength(40));
});

test('moments are read as they are typed, and nonsense is not', () => {
  expect(momentFrom('2026-09-26 07:40', -120)).toBe('2026-09-26T07:40:00.000-02:00');
  expect(momentFrom('2026-9-6 7:40', 60)).toBe('2026-09-06T07:40:00.000+01:00');
  for (const text of ['', 'soon', '2026-02-30 07:40', '2026-09-26 25:00', '2026-09-26 07:61'])
    expect(momentFrom(text, 0)).toBeNull();
});
