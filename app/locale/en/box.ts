import { plural } from '../intl';

export const whatToBuy = 'What to buy';
export const buyHelp = 'Kinds and sizes, no shops: what one more part would add to what you own.';
export const nothingWorthNaming = 'Nothing: no single part would add anything worth naming.';
export const coloursToBeTold = 'Colours to be told';
export const whatIsMissing = 'What is missing for this water';
export const whatIsMissingAsked = 'What is missing for this water?';
export const nothingMissing = 'Nothing: the best your box allows answers';
export const of100TheBest = 'of 100, the best there is';
export const bestAnswers = 'Your best answers';
export const of100Asked = 'of 100 of what this water asks; the best there is,';
export const buildsNoRig = 'Your box builds no rig yet.';
export const withParts = 'with';
export const forRig = 'for';
export const fewestParts = 'The fewest parts that fill the gap.';
export const missingHere = 'Missing for the water at hand:';
export const bestAnswersNow = '(your best answers';
export const of100WithIt = 'of 100; with it';
export const nothingMissingHere = 'Nothing is missing here for the water at hand.';
export const lookingForMissing = 'Looking for what is missing here for the water at hand…';
export const findAPart = 'Find a part';
export const findExample = '4 in green';
export const fillWithDemoParts = 'Fill with the demo parts';
export const importAList = 'Import a list…';
export const exportTheBox = 'Export the box';
export const emptyTheBox = 'Empty the box';
export const boxCannotRead = 'The box cannot be read.';
export const needsThreeParts = 'A rig needs three parts: a';
export const head = 'head';
export const withItsHookGuard = 'with its hook and guard, a';
export const skirt = 'skirt';
export const andOne = ', and a';
export const trailer = 'trailer';
export const oneOfEach =
  '. Put in one of each and Pick has something to rank; the more you add, the more it can weigh against each other.';
export const startByAdding =
  'Choose a tray below and press “Add”: every kind is shown with its outline, what it is for and its sizes.';
export const startByTelling =
  'Open a part to say what is different about yours: colour, strands, wire, or what your scale said.';
export const startByList = 'Or bring everything at once as a list from a spreadsheet, one CSV file a tray.';
export const trays = 'Trays';
export const addA = 'Add a';
export const olderEntries =
  'entries of an older box fit no tray; they are kept as they came and leave with every export.';
export const openAPart = 'Open a part to see it at true scale, measure it, or change it.';
export const thePart = 'The part';
export const listsAsCsv = 'Lists as CSV';
export const needed = '(needed)';
export const freshParts = 'new,';
export const thereParts = 'there already,';
export const unnamedParts = 'in the box that the list does not name.';
export const howToTakeItIn = 'How to take it in';
export const modeMerge = 'Add what is new, raise the number of what is there';
export const modeAdd = 'Add every line as a part of its own';
export const modeReplace = 'Replace the tray by this list';
export const whatWouldChange = 'What would change';
export const inColour = 'In';
export const done = 'Done';
export const measured = 'Measured';
export const measuredBesideComputed = 'Measured, beside computed';
export const computed = ', computed';
export const weighIt = 'Weigh it…';
export const scaleAgainstSize = 'Scale against size';
export const theScaleSays = 'The scale says';
export const sizeComputesTo = ', the size computes to';
export const askWhichCounts =
  ': over 40 % apart. Look again at unit, tare and size. Both numbers are kept; which one counts?';
export const theScale = 'The scale';
export const theSize = 'The size';
export const closeTheSheet = 'Close the sheet';
export const howMany = 'How many';
export const oneLess = 'One less';
export const oneMore = 'One more';
export const usedUp = 'Used up';
export const leftOutPicks = 'Left out of the picks:';
export const whatItCarries = 'What it carries';
export const lastRightValueStays = 'The last right value stays.';
export const duplicate = 'Duplicate';
export const takeOutThis = 'Take out this';
export const startItsProgram = '. Start its program, then listen again; or read the scale yourself and type the mass.';
export const listenAgain = 'Listen again';
export const standInScale =
  'This is the stand-in scale: made-up parts come and go on its pan until you put one on with';
export const average = 'Average';
export const spreadReading = 'Spread of a reading';
export const averageLies = 'The average lies in';
export const readings = 'Readings';
export const theScaleShows = 'The scale shows';
export const turnedIntoGrams = '; it is turned into grams here.';
export const keep = 'Keep';
export const tareEmptyPan = 'Tare the empty pan';
export const startOver = 'Start over';
export const close = 'Close';
export const waterAtHand = 'the water at hand';
export const choose = 'choose…';
export const looking = 'Looking…';
export const lookForFewestParts = 'Look for the fewest parts';
export const openItsSheet = (title: string | number, about: string | number): string =>
  `${title}, ${about}: open its sheet`;
export const quantity = (quantity: string | number): string => `quantity ${quantity}`;
export const takeOut = (title: string | number): string => `Take out ${title}`;
export const foundFor = (sought: string | number): string => `Found for ${sought}`;
export const takenOut = (title: string | number): string => `${title} taken out.`;
export const partsTakenOut = (count: string | number): string => `${count} parts taken out.`;
export const yourBoxEmpty = 'Your box is empty';
export const nothingFound = 'Nothing of that name. Try fewer words: a size, a kind, a colour.';
export const noYet = (tray: string | number): string => `No ${tray} yet.`;
export const soManyMore = (quantityText: string | number): string => ` (${quantityText} more)`;
export const emptyEnter = (say: string | number, say2: string | number): string =>
  `Empty. Enter ${say} to ${say2}; until then the last value counts.`;
export const inUnit = (unit: string | number): string => ` in ${unit}`;
export const notANumber = (unit: string | number): string => `Not a number${unit}.`;
export const outsideTo = (say: string | number, say2: string | number): string => `Outside ${say} to ${say2}.`;
export const wholePiecesOnly = 'Whole pieces only.';
export const addOne = 'Add one';
export const add = (title: string | number): string => `Add ${title}`;
export const addSize = (title: string | number, says: string | number): string => `Add ${title}, ${says}`;
export const isInTheBox = (tellPart: string | number): string => `${tellPart} is in the box.`;
export const addAPart = (tray: string | number): string => `Add a ${tray}`;
export const pressASize = 'Press a size to put one in the box.';
export const added = (added: string | number): string => `${added} added.`;
export const itsOutline = (title: string | number): string => `${title}, its outline`;
export const fromTheFront = (title: string | number): string => `${title}, from the front`;
export const asComputed = 'as computed';
export const notKnown = 'not known';
export const measuredField = (label: string | number, unitOf: string | number): string =>
  `${label} measured, ${unitOf}`;
export const fromTheSide = 'from the side';
export const fromAbove = 'from above';
export const copyIsInTheBox = (title: string | number): string => `A copy of ${title} is in the box.`;
export const itsSheet = (title: string | number): string => `${title}, its sheet`;
export const withoutFitting = 'Without';
export const withFitting = 'With';
export const weighItTitle = 'Weigh it';
export const piecesOnPan = 'Pieces on the pan';
export const waitingForFirstReading = 'Waiting for a first reading…';
export const scaleSilent = 'The scale has stopped sending. Wake it, or check its cable; what you entered is untouched.';
export const panIsEmpty = 'The pan is empty. Lay the part on it.';
export const settling = 'Settling…';
export const readingCreeps = 'The reading creeps. Let it settle, or tare the empty pan and lay the part on again.';
export const readingJumps = 'The reading jumps about too much to average. Shield it from wind and hold still.';
export const steady = 'Steady.';
export const scaleUnreadable = (lastUnread: string | number): string =>
  `The scale writes “${lastUnread}”, which is no mass with a unit. Switch it to grams.`;
export const noScaleHeard = 'No scale is heard';
export const scaleHasGone = 'The scale has gone';
export const noneIsConnected = 'none is connected';
export const ofOne = ' of one';
export const rangeG = (result: string | number, result2: string | number): string => `${result} to ${result2} g`;
export const slipsSetAside = (slips: string | number): string => `, ${slips} set aside`;
export const skirtOf = (tellPart: string | number, colour: string | number): string =>
  `skirt of ${tellPart}, ${colour}`;
export const heads = 'Heads';
export const skirts = 'Skirts';
export const trailers = 'Trailers';
export const blades = 'Blades';
export const hooks = 'Hooks';
export const lines = 'Lines';
export const rods = 'Rods';
export const reels = 'Reels';
export const notCounted = ', not counted';
export const weighed = (mass: string | number, countedMassG: string | number): string =>
  `weighed ${mass}${countedMassG}`;
export const hookAndWire = (size: string | number, wire: string | number): string => `${size} ${wire} wire`;
export const wireGuard = 'wire guard';
export const fibreCount = (fibres: string | number): string => `${fibres} fibres`;
export const noGuard = 'no guard';
export const screwKeeper = 'screw keeper';
export const comesWithItsSkirt = 'comes with its skirt';
export const plateLink = (size: string | number, link: string | number): string => `${size} plate, ${link} link`;
export const strands = (strands: string | number, material: string | number): string =>
  `${strands} strands ${material}`;
export const softnessOf = (softness: string | number): string => `${softness} plastic`;
export const hookKind = (size: string | number, kind: string | number): string => `${size} ${kind} hook`;
export const wireWeight = (wire: string | number): string => `${wire} wire`;
export const andMeasured = ', measured';
export const thick = (thickness: string | number, part: string | number): string => `${thickness} thick${part}`;
export const actionOf = (action: string | number): string => `${action} action`;
export const castsTo = (shownHeadStep: string | number, shownHeadStep2: string | number): string =>
  `casts ${shownHeadStep} to ${shownHeadStep2}`;
export const isUsedUp = 'used up';
export const keptUntilHasBlades = 'kept until it has blades';
export const countsAs = (part: string | number): string => `counts as ${part}`;
export const coloursUnknown = (count: number): string =>
  plural(count, {
    one: 'One colour is no word of ours. Until it is told what each is most like, it counts as natural.',
    other: `${count} colours are no word of ours. Until it is told what each is most like, it counts as natural.`,
  });
export const rankEveryKindFor = (waters: number): string =>
  plural(waters, { one: 'Rank every kind for this water', other: `Rank every kind for ${waters} waters` });
export const wouldAnswer = (water: string, from: number, to: number, rig: string): string =>
  `${water}: ${from} to ${to} of 100, as ${rig}.`;
export const andMoreWaters = (count: number): string => `And ${count} more.`;
export const inYourBox = (count: number): string =>
  plural(count, { one: '1 part in your box', other: `${count} parts in your box` });
export const andMore = (count: number): string => `and ${count} more.`;
export const isNew = 'new';
export const isThere = 'there already';
export const leaves = 'leaves';
export const asCsvList = (tray: string): string => `${tray} as a CSV list`;
export const templateFor = (tray: string): string => `Template for ${tray}`;
export const exportTray = (tray: string): string => `Export ${tray}`;
export const columnsOf = (tray: string): string => `Columns of ${tray}`;
export const percentMore = (percent: number): string => `${percent} % more`;
export const percentLess = (percent: number): string => `${percent} % less`;
export const reelRatio = (ratio: number): string => `${ratio}:1 reel`;
export const lineOfATurn = (length: string): string => `${length} a turn`;
export const frameOf = (name: string): string => `${name} frame`;
/** One of what lies in a tray. */
export const one = {
  heads: 'head',
  skirts: 'skirt',
  trailers: 'trailer',
  blades: 'blade',
  hooks: 'hook',
  lines: 'line',
  rods: 'rod',
  reels: 'reel',
} as const;
/** Trays in the middle of a sentence. */
export const trayNamed = {
  heads: 'heads',
  skirts: 'skirts',
  trailers: 'trailers',
  blades: 'blades',
  hooks: 'hooks',
  lines: 'lines',
  rods: 'rods',
  reels: 'reels',
} as const;
export const lessOf = (field: string): string => `Less: ${field}`;
export const moreOf = (field: string): string => `More: ${field}`;
export const some = 'some';
export const fitting = {
  guard: 'guard',
  skirt: 'skirt of its own',
  blade: 'plate in front',
  arms: 'spinner frame',
} as const;
export const oneAndTheOther = (parts: readonly string[]): string => parts.join(' and ');
export const skirtOrBare = 'With a skirt or bare';
export const withItsSkirt = 'with its skirt';
export const bareHead = 'bare';
