import { plural } from '../intl';

export const importAFile = 'Import a file';
export const whatCanBeTakenIn =
  'A box list (CSV), a log (CSV), or a box, tickets, a day, a log or a backup (JSON). Nothing is taken in unless all of it is right, or you say that the rest may be left out.';
export const file = 'Choose a file…';
export const noFile = 'none chosen yet';
export const howFarItIs = 'How far it is';
export const rowsSetAside = 'Rows set aside';
export const whatIsOdd = 'What is odd';
export const takeWhatCanBeRead = 'Take what can be read, set the rest aside';
export const takeItIn = 'Take it in';
export const cancel = 'Cancel';
export const howToFishIt = 'How to cut, fit and fish it';
export const school = 'school “';
export const nothingFound = 'Nothing found.';
export const likely = 'likely';
export const wantedBand = (want: string, band: string): string => `${want}: wanted ${band}`;
export const inside = 'inside';
export const outside = 'outside';
export const has = (asked: string, value: string, side: string): string => `${asked}; has ${value}, ${side}`;
export const someSetAside = (aside: number, count: number): string => ` ${aside} of ${count} rows set aside.`;
export const readWithoutProblem = (counted: string | number, rest: string | number): string =>
  `${counted}, read without a problem.${rest}`;
export const ticketsToBeAdded = (counted: string | number, rest: string | number): string =>
  `${counted}, to be added; one that is here already is replaced.${rest}`;
export const dayToBeAdded = (counted: string): string => `A day of ${counted}, to be laid on the deck with its box.`;
export const outingsToBeAdded = (counted: string, rest: string): string =>
  `A log of ${counted}: what is here already is put together with it, nothing twice.${rest}`;
export const outingsMet = (fresh: number, met: number, added: number, differ: number): string =>
  [
    plural(fresh, { one: '1 outing is new.', other: `${fresh} outings are new.` }),
    ...(met > 0
      ? [
          `${plural(met, { one: '1 was here already', other: `${met} were here already` })}, with ${plural(added, { one: '1 event', other: `${added} events` })} more.`,
        ]
      : []),
    ...(differ > 0
      ? [
          `${plural(differ, { one: '1 event is', other: `${differ} events are` })} told differently: what was here stands.`,
        ]
      : []),
  ].join(' ');
export const backupReplaces = (day: string, rest: string): string =>
  `A full backup of ${day}: it replaces the waters, the box, all builds, tickets, days, outings and tests.${rest}`;
export const asideInFiles = (aside: string | number): string => ` ${aside} set aside: Files, “Set aside”.`;
export const backupIsBack = 'The backup is back in place.';
export const takenIn = (counted: string | number): string => `${counted} taken in.`;
export const forIt = 'For it';
export const againstIt = 'Against it';
export const weight = (points: string): string => `weight ${points}`;
export const range = (low: string, high: string): string => `${low} to ${high}`;
export const runsAt = 'Runs half way back at';
export const theBottom = (depth: string | number): string => `the bottom, ${depth}`;
export const runsLevelAt = 'Runs level where wanted at';
export const noSpeed = 'no speed';
export const itsBladesTurnFrom = 'Its blades turn from';
export const itsPlateBeatsFrom = 'Its plate beats from';
export const itsTailAliveFrom = 'Its tail is alive from';
export const fallsSlackLine = 'Falls, slack line';
export const fallsSemiTight = 'Falls, semi-tight';
export const toTheBottom = (depth: string | number): string => `To the bottom, ${depth}`;
export const fishesLike = 'Fishes like a plain chunk jig of';
export const noSuchHead = 'no such head';
export const driftsWhileFalling = 'Drifts while falling';
export const weighsAllTold = 'Weighs, all told';
export const noseToTail = 'Nose to tail';
export const emptyEnter = (limits: string): string => `Empty. Enter ${limits}; until then the last value counts.`;
export const notANumber = (unit: string | number, limits: string | number): string =>
  `Not a number in ${unit}. Enter ${limits}.`;
export const outsideTheModel = (limits: string): string => `Outside ${limits}, where the model holds.`;
export const lessOf = (field: string): string => `Less ${field}`;
export const moreOf = (field: string): string => `More ${field}`;
export const jigs = 'Jigs';
export const vibratingJigs = 'Vibrating jigs';
export const spinnerbaits = 'Spinnerbaits';
/** After the name of the file. */
export const wasNotTakenIn = (count: number): string =>
  `was not taken in: ${plural(count, { one: 'one problem', other: `${count} problems` })}. Correct the file and choose it again.`;
export const andMore = (count: number): string => `and ${count} more.`;
/** What a file holds, counted. */
export const countedOf = {
  parts: (count: number): string => plural(count, { one: '1 part', other: `${count} parts` }),
  tickets: (count: number): string => plural(count, { one: '1 ticket', other: `${count} tickets` }),
  trip: (count: number): string => plural(count, { one: '1 stop', other: `${count} stops` }),
  outings: (count: number): string => plural(count, { one: '1 outing', other: `${count} outings` }),
  backup: (count: number): string => plural(count, { one: '1 row', other: `${count} rows` }),
} as const;
export const never = 'never';

export const whatItShouldDo = 'What it should do';
export const asTheWaterAsks = 'as asked';
export const leaveItToTheWater = 'Leave it all to the water';
export const intent = {
  falls: {
    label: 'Falls',
    answers: { stone: 'like a stone', steady: 'steadily', slowly: 'slowly', glides: 'hangs, glides' },
  },
  acts: { label: 'Acts', answers: { still: 'dead still', breathes: 'breathes', kicks: 'kicks', thumps: 'thumps' } },
  runs: { label: 'Runs', answers: { high: 'high', middle: 'middle', down: 'down' } },
  looks: {
    label: 'Looks',
    answers: { minnow: 'slim minnow', panfish: 'deep panfish', crayfish: 'bottom crayfish' },
  },
} as const;
export const endOf = {
  from: (want: string): string => `${want}, least`,
  to: (want: string): string => `${want}, most`,
} as const;
export const yours = 'yours';
export const takeInHand = (want: string): string => `Take ${want.toLowerCase()} in hand`;
export const giveBack = (want: string): string => `Give ${want.toLowerCase()} back to the water`;
export const inHand = 'Take in hand';
export const back = 'Give back';
export const least = 'Least';
export const most = 'Most';
export const rigsAreCompared = 'Rigs for this water are being compared…';
export const noRigPicked = 'Nothing is picked yet: fill the box, or rank from every kind there is.';
export const toThePicks = 'To the picks';
export const rigFromTheSide = (title: string): string => `${title}, from the side`;
