import { plural } from '../intl';

export { nothingToTie, tellsBand, tests } from './log';

export const testsSay =
  'Time a drop, read how far aside it lands, or count the turns of the handle at which a lure just breaks the surface: what is computed for your lures moves to where they really fall, everywhere.';
export const newDrop = 'Time a drop';
export const newWake = 'Count a wake';
export const newAside = 'Read how far aside';
export const newOf = { drop: newDrop, aside: newAside, wake: newWake } as const;
/** how each goes, before the first one was made */
export const howSteps = {
  drop: [
    'Measure the depth: a tube, a pool wall, a jetty.',
    'Let the rig go on slack line and press; press again when it touches.',
    'Three times or more. What differs among them is your hand.',
  ],
  aside: [
    'Hold the tip still over water that does not move.',
    'Let the rig fall straight on slack line.',
    'Read how far from below the tip it lies.',
  ],
  wake: [
    'Reel until the rig just breaks the surface half way back.',
    'Keep that pace for ten seconds and count the turns.',
    'Once more: two that agree are enough.',
  ],
} as const;
export const whatItTeaches = 'What it teaches';
export const exampleOf =
  'An example, made up: a flapper craw over five feet. The band that was anybody’s becomes yours, on every station.';
/** the test that would tell most of a rig */
export const proposes = {
  drop: (rig: string): string => `Next for ${rig}: a drop, since how fast it falls decides most.`,
  aside: (rig: string): string =>
    `Next for ${rig}: how far aside it lands, since the angle of its fall is known by eye alone.`,
  wake: (rig: string): string => `Next for ${rig}: a wake, since what lifts its blades is a guess.`,
} as const;
export const testRig = 'Rig';
export const depth = 'Depth of the drop';
export const waterTemperature = 'Water';
export const handLate = 'Your hand';
export const handLateIs = (seconds: string, isMeasured: boolean): string =>
  isMeasured ? `is ${seconds} s late, as measured` : `counts as ${seconds} s late: measure it`;
export const measureHand = 'Measure it';
export const tapWhen = 'Tap when the ring fills. Five times.';
export const wait = 'Wait for it …';
export const now = 'Now!';
export const tooSoon = 'Too soon: that one does not count.';
export const tapsSoFar = (count: number): string => `${count} of 5`;
export const dropHow =
  'Let it go and press; press again when it touches the bottom. Slack line all the way. Three times or more.';
export const letGo = 'Let go';
export const touched = 'It touched';
export const spaceKey = 'or the space bar';
export const asideHow =
  'Let it go straight under the rod on slack line, in still water, and read how far from below the tip it lies: one fall a reading.';
export const asideWas = 'Landed aside';
export const landedAside = (value: string): string => `${value} aside`;
export const wakeHow =
  'Find the pace at which it just breaks the surface half way back, then count the turns of the handle in ten seconds. Press, turn and count; it ends by itself.';
export const startTen = 'Start ten seconds';
export const tenRuns = (left: string): string => `${left} s left: count`;
export const turnsWere = 'Turns';
export const addReading = 'Add it';
export const perTurn = 'Line a turn brings in';
export const cast = 'Cast';
export const tip = 'Rod tip above water';
export const line = 'Line';
export const reading = (value: string): string => `${value} s`;
export const turns = (value: number): string => plural(value, { one: '1 turn', other: `${value} turns` });
export const putOut = 'Put out';
export const putIn = 'Let it count again';
export const oddReading = 'far from the others: a slip of the thumb?';
export const keepTest = 'Keep the test';
export const discard = 'Throw it away';
export const before = 'before any test';
export const measured = 'measured';
export const after = 'now';
export const practice = 'practice, teaches nothing';
export const isPractice = 'In the practice tube: it is made up, so it teaches nothing about your lures';
export const farOff = 'Lies far from what was expected: was it this rig, and this depth? It can be put out.';
export const testsKept = 'Tests that were made';
export const seconds = (value: string): string => `${value} s`;
export const deleteTest = 'Delete';
export const testDeleted = 'The test is deleted.';
export const excludeTest = 'Put the whole test out';
export const includeTest = 'Let it count again';
export const openTube = 'Open this rig in the practice tube';
export const tubeSays = (command: string): string =>
  `A made-up tube to practise on is a program of its own: ${command} opens it, and this page times it the real way.`;
export const taughtSo = 'What these tests teach is in every number from here on.';
export const dropOf = (depth_: string): string => `Drop, ${depth_}`;
export const wakeOf = 'Wake';
export const asideOf = (depth_: string): string => `Landed aside, ${depth_}`;
export const nothingComputed = 'nothing is computed for it: it does not sink, or never wakes';
export const tooShortATime = (least: string, most: string): string =>
  `That was no fall: it does not count under ${least} s, nor over ${most} s. Press again when it is let go.`;
