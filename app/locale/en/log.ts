import type { LogColumn } from '@core';
import { plural } from '../intl';

export const logTitle = 'The log';
export const parts = 'Parts of the log';
export const onTheWater = 'On the water';
export const outings = 'Outings';
export const whatItSays = 'What it says';
export const tests = 'Tests';

export const goOut = 'Begin an outing';
export const goOutSays = 'What is on each rod? Everything else fills itself in: the time, the stop and the water.';
export const place = 'Place';
export const rodNamed = (number: number): string => `Rod ${number}`;
export const rigFrom = 'Rig from';
export const fromPlan = 'the plan on the deck';
export const fromBench = 'the bench';
export const fromTicket = (name: string): string => `ticket: ${name}`;
export const fromPick = 'the first pick';
export const nothingToTie =
  'An outing needs to know what is tied on: take a rig of the box, write a ticket, cut one on the bench or plan a day.';
export const addRod = 'One rod more';
export const ofTheBox = 'A rig of the box';
export const fromBox = 'the box';
export const whichHead = 'Which head?';
export const whichTrailer = 'What is behind it?';
export const anotherHead = 'Another head';
export const noTrailer = 'No trailer';
export const plannedFor = (day: string): string =>
  `The plan on the deck is for ${day}: nothing of it is filled in. Its rigs stand in the lists.`;
export const takeRodAway = 'Take this rod away';
export const begin = 'Tie on, and begin';
export const choose = 'choose';

export const running = (time: string): string => `out for ${time}`;
export const hoursMinutes = (hours: number, minutes: number): string =>
  `${hours} h ${String(minutes).padStart(2, '0')}`;
export const rodsInUse = 'Rods in use';
export const rodSays = (number: number, rig: string, bites: number, landed: number): string =>
  `Rod ${number}: ${rig}. ${plural(bites, { one: '1 bite', other: `${bites} bites` })}, ${landed} landed`;
export const counts = (bites: number, landed: number): string => `${bites} · ${landed}`;
export const countsSay = 'bites · landed';
export const reTie = 'Re-tie';
export const putDown = 'Put down';
export const keys = 'What happened';
export const storing = (what: string): string => `${what}: being stored`;
export const stored = (what: string, clock: string): string => `${what}, ${clock}: stored`;
export const notStored = (what: string): string =>
  `${what} is noted on this page but not on the disk yet. It is tried again until it is.`;
export const takeBack = (what: string, clock: string): string => `Take back: ${what}, ${clock}`;
export const nothingToTakeBack = 'Nothing to take back';
export const takenBack = (what: string): string => `${what} is taken back.`;
export const whereHooked = 'Where was it hooked?';
export const howLong = 'How long?';
export const longer = 'Longer';
export const shorter = 'Shorter';
export const noLength = 'not measured';
export const lengthIn = (unit: string): string => `How long, ${unit}`;
export const lengthFrom = (least: string, most: string): string => `A length from ${least} to ${most}.`;
export const stopAndWater = 'Stop and water';
export const here = 'Here';
export const nextStop = 'Next stop';
export const movedTo = (stop: string): string => `Now at ${stop}.`;
export const endOuting = 'End the outing';
export const ended = 'The outing is ended and kept.';
export const endAt = (moment: string): string => `End it at ${moment}`;
export const tieOnTitle = (rod: string): string => `Tie on: ${rod}`;
export const theSame = (rig: string): string => `The same anew: ${rig}`;
export const tieIt = 'Tie it on';
export const neverMind = 'Never mind';
export const barbs = 'Hooks in a fish, hooks in a hand: pliers first, and never toward a face.';
export const snagCaution = 'Pulling a snag free can send the lead back: turn your face away.';
export const releaseCaution = 'Wet hands, and back in the water: take the length there.';
export const coldCaution = 'The water is cold enough to take your breath: the life jacket is on, is it not?';

export const sounder = 'Sounder';
export const sounderListen = 'Listen to the sounder';
export const sounderStop = 'Stop listening';
export const sounderNone =
  'No sounder is heard. It works where the small server runs aboard: start it with --sounder 10110, or npm run sounder to practise.';
export const sounderQuiet =
  'The sounder has gone quiet: its last numbers stand no longer. It is listened to again by itself.';
export const sounderLost = 'The link to the server is lost. It is tried again by itself.';
export const sounderSays = (parts_: string): string => `Sounder: ${parts_}`;
export const sounderTake = 'Use it for the water at hand';
export const sounderTaken = 'Depth and temperature are the sounder’s now.';
export const sounderTrack = (points: number): string =>
  plural(points, { one: '1 point of track kept', other: `${points} points of track kept` });
export const sounderUnread = (corrupt: number): string => `${corrupt} sentences could not be read`;
export const mounted = 'Transducer below the surface';
export const chooseFile = 'Choose a file…';
export const recordingFile = 'Recording of a sounder (.nmea)';
export const recordingReads = (percent: number): string => `Reading, ${percent} %`;
export const recordingSays = (points: number, readings: number, corrupt: number): string =>
  `${plural(points, { one: '1 point', other: `${points} points` })} of ${readings} readings${corrupt > 0 ? `, ${corrupt} could not be read` : ''}.`;
export const recordingTo = 'Keep its track with';
export const recordingKeep = 'Keep the track';
export const recordingKept = 'The track is kept with the outing.';
export const recordingWater = 'Use its middle depth and temperature for the water at hand';
export const trackOf = 'Depth along the track';

export const none = 'No outing yet';
export const noneSays =
  'Begin one on the water, take in a log from a file, or look at the two seasons of the made-up mere: what they say is worked out here.';
export const loadDemo = 'Load the made-up seasons';
export const demoLoaded = (count: number): string => `${count} outings of the made-up mere are in the log.`;
export const demoSays =
  'Some of these outings were never fished: a script made them, with rates that are known. Below, the truth stands beside what the log makes of it.';
export const trueTitle = 'What is true, and what the log found';
export const trueRig = 'Rig';
export const trueLanded = 'Landed of bitten, true';
export const trueFound = 'Landed of bitten, found';
export const trueBites = 'Bites an hour, true';
export const trueBitesFound = 'Bites an hour, found';
export const holdsTruth = 'holds the truth';
export const missesTruth = 'misses it';
export const heldOf = (held: number, of: number): string =>
  `${held} of ${of} bands hold what is true: four in five are meant to.`;
export const takeDemoAway = 'Take the made-up outings away';
export const demoGone = 'The made-up outings are gone.';
export const takeIn = 'Take in a log';
export const saveLog = 'Save as a file';
export const saveCsv = 'Save as a table';
export const saved = (count: number): string =>
  plural(count, { one: '1 outing saved.', other: `${count} outings saved.` });
export const timesSay = 'Every time carries its clock, as +01:00.';

export const filter = 'Which outings';
export const fromDay = 'From';
export const toDay = 'To';
export const everywhere = 'everywhere';
export const everyFamily = 'all';
export const family = 'Family';
export const outingsCount = (count: number): string => plural(count, { one: '1 outing', other: `${count} outings` });
export const rowSays = (hours: string, bites: number, landed: number): string =>
  `${hours} h · ${plural(bites, { one: '1 bite', other: `${bites} bites` })} · ${landed} landed`;
export const isRunning = 'running';
export const isMadeUp = 'made up';
export const isOdd = 'look at it';
export const list = 'Outings, the latest first';
export const back = 'Back to the list';
export const begins = 'Begins';
export const ends = 'Ends';
export const stillRunning = 'it still runs';
export const events = 'What was noted';
export const when = 'When';
export const what = 'What';
export const rod = 'Rod';
export const where = 'Hooked';
export const length = 'Length';
export const remark = 'Remark';
export const stop = 'Stop';
export const change = 'Change';
export const remove = 'Take out';
export const removed = (what_: string): string => `${what_} is taken out.`;
export const addEvent = 'Add an event';
export const splitHere = 'Split here';
export const splitSays = 'The outing is two now.';
export const joinWith = 'Join with';
export const join = 'Join the two';
export const joined = 'The two are one outing now.';
export const clockWrong = 'The clock was wrong: move all its times by';
export const minutes = 'minutes';
export const moveTimes = 'Move them';
export const moved = 'All its times are moved.';
export const deleteOuting = 'Delete this outing';
export const outingDeleted = 'The outing is deleted.';
export const undo = 'Undo';
export const keepIt = 'Keep';
export const cancel = 'Cancel';
export const notALength = 'No length that can be read: write it as 14 1/2 in or 37 cm, or leave it empty.';
export const notARod = 'Rods are numbered from 1 to 1000.';
export const notAMoment = 'Write it as 2026-09-26 07:40.';
export const tellsBand = (value: string, low: string, high: string): string => `${value} (${low} – ${high})`;
export const trackKept = 'The sounder’s track';

export const analysing = 'Counting';
export const hoursFished = 'Hours';
export const bites = 'Bites';
export const perHour = 'Bites an hour';
export const landed = 'Landed of hooked';
export const band = '80 % of it';
export const by = 'By';
export const groups = 'Rates';
export const groupsSay =
  'Each group learns a little from the others; the bar is where the true rate lies four times in five.';
export const compare = 'Like with like';
export const compareOne = 'The one';
export const compareOther = 'The other';
export const inLike = (one: string, other: string): string => `Hours in like waters: ${one} and ${other}.`;
export const hookTitle = 'Does a trailer hook pay';
export const hookSaved = (count: number): string =>
  plural(count, { one: '1 fish hung on it alone.', other: `${count} fish hung on it alone.` });
export const placesTitle = 'Where the hook was, against what was computed';
export const computedFor = 'Computed';
export const fish = 'Fish';
export const noPlaces = 'Nobody noted yet where fish were hooked.';
export const noneOff = 'No rig contradicts what was computed for it by more than chance.';
export const schoolsTitle = 'Which school this log favours';
export const schoolsAsk = 'Find out';
export const schoolsSearching = (percent: number): string => `Looking, ${percent} %`;
export const schoolsNone = 'No question divides what was tied so that both sides have hours.';
export const schoolSays = (school: string, over: string, chance: string, hours: string, other: string): string =>
  `“${school}” over “${over}”: chance ${chance} (${hours} h against ${other} h)`;
export const schoolNotComparable = (school: string, over: string): string =>
  `“${school}” and “${over}”: not comparable, no hours in like waters`;
export const charts = 'Pictures';
export const chartRates = 'Bites an hour, with where the truth lies four times in five';
export const chartMonths = 'Month by month';
export const chartHours = 'By the hour of the day';
export const chartWaters = 'Temperature over sight';
export const clarity = 'Sight';
export const temperature = 'Temperature';
export const asTable = 'As a table';
export const savePng = 'Save the picture';
export const saveTable = 'Save the table';
export const nothingCounted = 'No hours with these filters.';
export const inPick = 'Picks weigh this; in Pick, “Log” switches it off.';

export const columns = 'Columns of such a table';
export const template = 'Save an example to fill in';
/** What each column of a log holds; dates and numbers as they are written there. */
export const COLUMN_SAYS: Readonly<Record<LogColumn, string>> = {
  outing: 'a name of its own for the outing, the same in all its rows; needed',
  place: 'where it was',
  from: 'when it began, with its clock: 2026-09-26T06:40:00-02:00; needed in the first row of an outing',
  to: 'when it ended, in the same way',
  at: 'when this happened, in the same way',
  what: 'tie-on, put-down, bite, nip, hooked, landed, lost, snag or note; left empty where nothing happened',
  rod: 'which rod, from 0; needed where something is tied on',
  stop: 'the stop, where it changed; the last one said holds',
  hookedBy: 'front, corner or trailer-hook',
  lengthMm: 'length of the fish, mm',
  says: 'a remark',
  rig: 'the rig that is tied on, as its JSON',
  water: 'the water, as its JSON, where it changed; the last one said holds',
};
export const tooFewToSay =
  'The log is young: two kinds of trailer with five hours each, and it begins to say which is bitten more often.';
