import type { StationName } from '../../station-names';
import { plural } from '../intl';

export const keyboardAndHelp = 'Keyboard and help';
export const howItGoes = 'How it goes';
/** What each station is for, in the order of a first day. */
export const stationHelp: Readonly<Record<StationName, string>> = {
  water: ': say what is in front of you. What it asks for is worked out beside it.',
  box: ': fill it from a list, or with the made-up demo box.',
  pick: ': every rig your box allows, ranked; open a row for all its reasons and for what the other school would tie.',
  bench: ': cut it, turn it, and see at once what that does; keep versions, compare them, print the cut card.',
  tank: ': run it over this bottom before you tie it: its path, what you would feel, two falls side by side.',
  deck: ': name the stops of a day; which rig on which rod answers them best is proven, with what to pack and a sheet to print.',
  log: ': what happened on the water, one key an event; at home rates with how sure they are, and timed drops that teach the model.',
  tickets: ': the chosen rig with its numbers, to keep, print or hand on.',
};
export const theMarks = 'The marks';
export const marksHelp =
  'Hatched green is what the water wants. A dot is what a rig has; a hollow red ring lies outside. The short bar is how sure the number is: four times in five the truth lies in it.';
export const theHandbook = 'The handbook';
export const handbookHelp = 'holds every rule by which rigs are judged.';
export const close = 'Close';
export const setAside = 'Set aside';
export const asideHelp =
  'They could not be read and are kept as they came, here and in every backup. A newer version may read them: try again after an update, or export them and mend them by hand.';
export const tryAgain = 'Try again';
export const exportThem = 'Export them';
export const clearEverything = 'Clear everything';
export const clearEverythingAsked = 'Clear everything?';
export const whatIsCleared =
  'All of this leaves this browser: waters, the box, builds, days, tickets, the log and its tests. Export it first if you may want it again.';
export const exportFirst = 'Export first';
export const clear = 'Clear';
export const keep = 'Keep';
export const exportEverything = 'Export everything';
export const importAFileItem = 'Import a file…';
export const setAsideItem = 'Set aside…';
export const whereKeptItem = 'Where it is kept…';
export const clearEverythingItem = 'Clear everything…';
export const whatNumberMeans = 'What a number means';
export const rangeSign = 'to';
export const inTheWaterAtHand = 'In the water at hand';
export const likely = 'likely';
export const aRule = 'A rule of the handbook';
export const speaksWhen = 'Speaks when';
export const does = 'Does';
export const counts = 'Counts';
export const school = 'School';
export const whatSpeaksAgainst = 'What speaks against it';
export const noRuleSpeaksAgainst = 'No rule of ours does. The fish may.';
export const theSchool = '· the school “';
export const readItInTheHandbook = 'Read it in the handbook';
export const whereKept = 'Where it is kept';
export const keptHereAlone =
  'In this browser on this machine, nowhere else: no account, no server. Another browser, or another address of this page, has a store of its own; a backup file carries everything from one to the other.';
export const room = 'Room';
export const stored = 'Stored';
export const backup = 'Backup';
export const forGood = 'For good';
export const keptForGood = 'Yes: the browser will not clear it to make room.';
export const notPromised = 'Not promised: short of room, the browser may clear it. Save backups.';
export const askTheBrowser = 'Ask the browser';
export const roomNotTold = 'The browser does not say. Save backups.';
export const plainHttp =
  'This page came over plain http, as from a laptop on the boat’s own network. Everything works while that laptop serves it. From a host with https it could also be installed, and open with no signal and no laptop.';
export const goTo = (title: string | number): string => `go to ${title}`;
export const keyUnits = 'switch between US and metric units';
export const keyHead = 'on the bench: a lighter, a heavier head';
export const keyTurn = 'on the bench: turn the trailer, go to the next cut, compare versions';
export const keyTank = 'run or pause the tank, moment before, next moment';
export const keyPrint = 'print the ticket that is open; on the bench, write it';
export const keyStep = 'one step more or less in a number';
export const thisPage = 'this page';
export const noneCanBeRead = 'None of them can be read yet.';
export const putBack = (done: string | number): string => `${done} put back in their places.`;
export const deleted = 'Deleted.';
export const deleteIt = (from: string | number, key: string | number): string => `Delete ${from} ${key}`;
export const nothingCleared = (why: string | number): string =>
  `Nothing was cleared, since it could not be brought back again. ${why}`;
export const clearAllTheSame = 'Clear all the same';
export const cleared = 'Waters, box, builds, days, tickets, log and tests are cleared.';
export const score = 'Score';
export const always = 'Always';
export const when = (when: string | number): string => `When ${when}`;
export const everythingIsStored = 'Everything entered is stored.';
export const withinADay = 'within a day';
export const lastBackup = (agoText: string | number): string => `Last backup: ${agoText}`;
export const ofUsed = (sizeText: string | number, sizeText2: string | number): string =>
  `${sizeText} of ${sizeText2} used`;
export const inThisBrowserAlone = 'In this browser alone';
export const andMore = (count: number): string => `and ${count} more.`;
export const rowsSetAside = (count: number): string =>
  plural(count, { one: '1 row set aside', other: `${count} rows set aside` });
export const rowsNotRead = (count: number): string =>
  plural(count, { one: '1 row that could not be read', other: `${count} rows that could not be read` });
export const changesWait = (count: number): string =>
  plural(count, {
    one: '1 change waits to be stored; noted already.',
    other: `${count} changes wait to be stored; noted already.`,
  });
export const daysAgo = (days: number): string => plural(days, { one: 'a day ago', other: `${days} days ago` });
export const never = 'never';
export const hasNone = 'none';
export const scoreNotYet = 'not known before this water is answered';
