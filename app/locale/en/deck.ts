import { plural } from '../intl';

export const deckTitle = 'The deck';
export const emptyTitle = 'No day is planned';
export const emptySays =
  'Name the stops of a day, and the rods you take: which rig on which rod answers them all best is worked out here.';
export const startADay = 'Begin a day at the water at hand';
export const dayTakenAway = 'The day is taken away.';
export const stopTakenOut = 'The stop is taken out.';
export const days = 'Days';
export const dayName = 'Name';
export const day = 'Day';
export const from = 'Begins';
export const until = 'Has to end';
export const rodsTaken = 'Rods';
export const fewerRods = 'One rod less';
export const moreRods = 'One rod more';
export const reTies = 'Tie on the way';
export const neverTie = 'no';
export const mayTie = 'yes';
export const reTieMinutes = 'Minutes a tie takes';
export const latitude = 'Latitude';
export const longitude = 'Longitude';
export const clock = 'Hours from Greenwich';
export const placeOfDay = 'Where it is, for the light';
export const newDay = 'New day';
export const takeAway = 'Take this day away';
export const untitled = 'A day without a name';
export const lessOf = (name: string): string => `less: ${name}`;
export const moreOf = (name: string): string => `more: ${name}`;
export const betweenNumbers = (from_: number, to: number): string => `Between ${from_} and ${to}.`;

export const planning = (percent: number): string => `Planning, ${percent} %`;
export const proven = 'Proven: no other plan of these rigs answers the day better.';
export const gapIs = (percent: string): string => `Not proven: another plan might be ${percent} % better, and no more.`;
export const notProven = 'Not proven in time: a better plan may exist.';
export const answersDay = (percent: number): string => `${percent} of 100`;
export const daySays = 'How well the day is answered';
export const greedySays = (percent: string): string => `${percent} more than taking the best rod one after another.`;
export const problemAt = (stop: string, says: string): string => `“${stop}” ${says}`;
export const theBox = (says: string): string => `The box ${says}`;
export const needsStop = 'Add a stop: a day without one has nothing to answer.';

export const grid = 'Rods down, stops across';
export const rod = 'Rod';
export const atHome = 'Stays at home';
export const stopTitle = (at: number, name: string): string => (name === '' ? `Stop ${at}` : name);
export const stopOf = (at: number, count: number): string => `stop ${at} of ${count}`;
export const moveStop = (name: string): string => `Move ${name}: drag it, or use the arrow keys`;
export const movedTo = (name: string, at: number, count: number): string => `${name} is now stop ${at} of ${count}`;
export const earlier = (name: string): string => `${name} one place earlier`;
export const later = (name: string): string => `${name} one place later`;
export const choose = (name: string): string => `Show ${name}`;
export const lockHere = (rodName: string, stop: string): string => `Lock ${rodName} to ${stop}`;
export const unlock = (rodName: string, stop: string): string => `Take the lock of ${rodName} from ${stop}`;
export const tieHere = 'tie on';
export const wouldBe = (value: number): string => `would be ${value}`;
export const notCarried = 'not carried here';
export const answers = (value: number): string => `answers ${value} of 100`;
export const nobody = 'nobody';
export const notPlannedYet = 'not planned yet';
export const withGear = (reel: string, line: string): string => `${reel} · ${line}`;
export const banPart = (part: string): string => `Leave ${part} out of this plan`;
export const bans = 'Left out of this plan';
export const allowAgain = (part: string): string => `Let ${part} in again`;
export const letIn = 'Let in again';
export const leaveOut = 'Leave out';
export const partsOfRig = 'Parts of this plan';
export const marginsTitle = 'What the gear has in hand';
export const marginsSay = '1× is just enough. The weakest of each rod is framed.';
export const marginsTable = 'Margins, rod by rod';
export const none = '–';

export const strip = 'The day by the clock: light, stops, water';
export const sunUpDown = (up: string, down: string): string => `sun up ${up}, down ${down}`;
export const sunAllDay = 'the sun does not set';
export const noSun = 'the sun does not rise';
export const noPlaceForLight = 'Say where it is, and on which day: then the light is told too.';
export const minutesShort = (minutes: number): string => `${minutes} min`;
export const stripStop = (name: string, from_: string, to: string): string => `${name}, ${from_} to ${to}`;

export const addFrom = 'Add a stop at';
export const addAtHand = 'the water at hand';
export const addIt = 'Add it';
export const stopName = 'Name of the stop';
export const minutes = 'Minutes';
export const weight = 'Counts';
export const begins = 'Begins at';
export const coverLength = 'Cover to fish';
export const theWater = 'Its water';
export const temperature = 'Temperature';
export const visibility = 'Visibility';
export const depth = 'Depth';
export const waterFrom = 'Take another water';
export const keepWater = 'as it is';
export const atHandNow = 'the water at hand';
export const putAtHand = 'Edit on the Water station';
export const putAtHandSays = (name: string): string => `The water of ${name} is at hand.`;
export const byTheHour = 'By the hour';
export const hour = 'At';
export const wind = 'Wind';
export const sky = 'Sky';
export const asTheWater = 'as the water';
export const addHour = 'Add an hour';
export const dropHour = (at: string): string => `Take the hour ${at} out`;
export const hoursForAll = 'Give this course to every stop';
export const hoursGiven = 'Every stop has this course now.';
export const takeOut = 'Take this stop out';
export const pace = 'Pace';
export const castsAnHour = (casts: number, from_: number, to: number): string =>
  `${casts} casts an hour (${from_} to ${to})`;
export const coverAnHour = (cover: string, band: string): string => `${cover} of cover an hour (${band})`;
export const withHead = (weight_: string, casts: number, cover: string): string =>
  `with ${weight_}: about ${casts} casts, ${cover} an hour`;
export const coverFitsAll = (minutes_: number): string => `All of its cover takes about ${minutes_} min: it fits.`;
export const coverNearlyFits = (minutes_: number): string =>
  `All of its cover takes about ${minutes_} min: too close to tell whether it fits.`;
export const coverDoesNotFit = (cover: string, minutes_: number): string =>
  `In its minutes ${cover} of it are fished; all of it takes about ${minutes_} min.`;
export const answeredBy = 'Answered by';
export const toTheBench = 'To the bench';

export const more = 'What more would add';
export const eachRod = 'Each rod more';
export const eachRodSays = (rods: number, score: number, adds: string): string => `${rods}: ${score} (${adds})`;
export const askEachRod = 'What each rod adds';
export const onePart = 'One part more in the box';
export const askOnePart = 'What one part more would add';
export const askingMore = (percent: number): string => `Trying parts, ${percent} %`;
export const nothingMore = 'No single part adds anything worth naming to this day.';
export const partAdds = (part: string, adds: string): string => `${part}: ${adds}`;
export const anotherOne = 'another one';
export const plusPoints = (points: string): string => `+${points} of 100`;
export const kit = 'The smallest kit for the year';
export const askKit = 'Find the smallest kit';
export const askingKit = (percent: number): string => `Going through the year, ${percent} %`;
export const kitSays = (parts: number, covered: number, of: number): string =>
  `${parts} parts cover ${covered} of ${of} months`;
export const kitMeans = (share: number): string =>
  `A month is covered where a rig of the kit comes to ${share} of 100 of what the whole box would. The year is the one drawn on Pick, for the waters of the longest stops.`;
export const kitParts = 'Its parts';
export const kitLeft = (months: string): string => `Not covered: ${months}.`;
export const kitNone = 'The box makes no rig for these waters.';
export const partsMost = 'Parts';

export const packing = 'To pack';
export const packCount = (count: number, spare: number): string =>
  spare > 0 ? `${count} + ${spare} spare` : String(count);
export const tools = 'And';
export const TOOL_TEXT = {
  licence: 'Licence, and the local rules of this water',
  'life-jacket': 'Life jacket, worn',
  pliers: 'Pliers, for hooks and barbs',
  scissors: 'Scissors, closed while the boat runs',
  blade: 'Blade and board for plastics, in a sheath',
  'eye-protection': 'Eye protection, for snags that come free',
  lamp: 'Lamp: some of it is in the dark',
  'warm-clothes': 'Warm clothes: the water is cold enough to take your breath',
  bag: 'A bag for torn plastic, taken home',
} as const;

export const paper = 'On paper and in files';
export const printSheet = 'Sheet for the night before (PDF)';
export const saveTrip = 'Day as a file';
export const saveGpx = 'Stops as GPX';
export const saveCsv = 'Plan as CSV';
export const csvTemplate = 'Empty list of stops (CSV)';
export const stopsFromFile = 'Stops from a file';
export const handOver = 'Hand over to a phone';
export const withoutPlace = (count: number): string =>
  plural(count, {
    one: '1 stop has no place and is not in the file.',
    other: `${count} stops have no place and are not in the file.`,
  });
export const noPlaces = 'No stop has a place: a GPX file would be empty. Give stops a latitude and longitude.';
export const sheetMade = (sheets: number): string =>
  plural(sheets, { one: 'PDF, 1 sheet', other: `PDF, ${sheets} sheets` });

export const placesTitle = 'Stops from a file';
export const placesSay = 'A GPX file of waypoints, or a list of stops as CSV. Nothing is taken before you say so.';
export const file = 'Choose a file…';
export const placesFound = (count: number): string =>
  plural(count, { one: '1 place is in it.', other: `${count} places are in it.` });
export const placesRoom = (left: number): string =>
  plural(left, { one: 'The day takes 1 stop more.', other: `The day takes ${left} stops more.` });
export const seekPlace = 'Find a place';
export const placesShown = (shown: number, of: number): string => `The first ${shown} of ${of}: find others by name.`;
export const takePlaces = (count: number): string =>
  plural(count, { one: 'Take 1 stop', other: `Take ${count} stops` });
export const cancel = 'Cancel';
export const placeWithoutName = (at: number): string => `place ${at}`;
export const waterAsHere = 'What they do not say of their water is taken from the water at hand.';
export const readingFile = 'Reading the file';
export const notTaken = 'It was not taken:';

export const codeTitle = 'Hand this day to a phone';
export const codeSays =
  'A phone’s camera reads this code and opens the plan there. What it carries stands behind the # of the address: no server sees it.';
export const codeLocal =
  'This page runs for this machine alone, so that a phone cannot open the address. Start the server for the boat’s network (--host 0.0.0.0), or use the file.';
export const codeTooLarge = 'This day is too large for one code. Use the file: the phone opens it under Files.';
export const codeOldBrowser = 'This browser is too old to make the code. Use the file: the phone opens it under Files.';
export const codeAlt = (name: string): string => `Code that opens “${name}” on a phone`;
export const codeFile = 'The same as a file';
export const codeCopy = 'Copy the address';
export const codeByHand =
  'This browser copies nothing over a plain connection: the address is marked, copy it by hand.';
export const sampleStop = 'long hedgerow';
export const codeCopied = 'The address is copied.';
export const close = 'Close';
export const takenFromCode = (name: string): string => `“${name}” is on the deck.`;

export const now = 'Now';
export const next = 'Next';
export const previousStop = 'Stop before';
export const nextStop = 'Next stop';
export const untilTime = (at: string): string => `until ${at}`;
export const fromTime = (at: string): string => `from ${at}`;
export const changeOfRod = (rodName: string): string => `take ${rodName}`;
export const sameRod = 'same rod, same rig';
export const reTieOn = (rodName: string): string => `tie it on ${rodName}`;
export const lastStop = 'This is the last stop.';
export const dayAhead = 'The day';
export const showPlan = 'Plan the day';
export const showNow = 'Now and next';
export const noAnswer = 'No rig of the box answers this stop.';
export const wasHandedOver = 'This day came with its own box.';
export const useMyBox = 'Plan from my box';
export const fish = 'Fish it';
export const cut = 'Cut';
export const letter = 'Letter';
export const toAPhone = 'To a phone, or to somebody';
export const placesAndTables = 'Places and tables';
export const theStop = 'The stop';
export const placeOfStop = 'Where it is';
export const fromTheSide = (rigTitle: string): string => `${rigTitle}, from the side`;
