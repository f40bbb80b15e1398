import { plural } from '../intl';

export const builds = 'Builds';
export const nameOfTheBuild = 'Name of the build on the bench';
export const takeItUp = 'Take it up';
export const deleteIt = 'Delete';
export const close = 'Close';
export const makeItTrue = 'Make a millimetre a millimetre';
export const holdACard =
  'Hold a bank card against the screen and drag until the frame is just as wide. It stays with this screen.';
export const widthCardOnScreen = 'Width of the card on this screen';
export const itFits = 'It fits';
export const leaveIt = 'Leave it';
export const cutCard = 'Cut card';
export const whatTheCardHolds = 'Drawings at true size, with cuts, hook exit, numbers, cut list and cautions.';
export const printAt100 = 'Print it at 100 % and lay a rule on both check scales: 100 mm and 4 in.';
export const paper = 'Paper';
export const saveAsPdf = 'Save as PDF';
export const saveAsSvg = 'Save as SVG';
export const firstSheet = 'First sheet of the cut card';
export const compareVersions = 'Compare versions';
export const whatChanged = 'What changed, and by how much';
export const against = 'Against';
export const earlierBuild = 'The earlier build, from the side';
export const asNow = 'as it is now';
export const buildAsItIs = 'The build as it is now, from the side';
export const nothingDifferentYet = 'Nothing is different yet.';
export const changes = 'Changes';
export const cutsAndTurns = 'Cuts and turns';
export const wants = 'Wants';
export const whatWaterAsks = 'What this water asks';
export const answered = 'answered';
export const by = 'by';
export const of100 = 'of 100';
export const numbers = 'Numbers';
export const number = 'Number';
export const then = 'Then';
export const now = 'Now';
export const change = 'Change';
export const goBack = 'Go back to the earlier one';
export const cutList = 'Cut list';
export const stepByStep = 'Step by step';
export const steps = 'Steps';
export const benchEmpty = 'The bench is empty';
export const layRigOnCut = 'Lay a rig on it to cut it, turn it and see what that does.';
export const layOnBench = 'Lay it on the bench';
export const readOuts = 'Read-outs';
export const at = 'At';
export const speedLookedAt = 'Speed at which the build is looked at';
export const asWaterAsks = 'as this water asks';
export const whatBuildDoes = 'What the build does';
export const afterTheDay = 'After the day';
export const whatItDidAndFaults = 'What it did, and faults';
export const whatItDid = 'What the last change did';
export const faults = 'Faults';
export const mendIt = 'Mend it';
export const skirtDotsNearlyStill = 'skirt: dots nearly still, dashes at speed';
export const noTrailerOn = 'No trailer on it.';
export const goByModelAgain = 'Go by the model again';
export const closeTheSteps = 'Close the steps';
export const mind = 'Mind';
export const back = 'Back';
export const benchTools = 'Bench tools';
export const undo = 'Undo';
export const redo = 'Redo';
export const nameVersion = 'Name of this version';
export const keep = 'Keep';
export const keepVersion = 'Keep version';
export const compare = 'Compare';
export const scaleDrawing = 'Scale of the drawing';
export const ticket = 'Ticket';
export const tuning = 'Tuning';
export const emptyLastCounts = 'Empty; until then the last value counts.';
export const inUnit = (unit: string | number): string => ` in ${unit}`;
export const notANumber = (unit: string | number): string => `Not a number${unit}.`;
export const wholePiecesOnly = 'Whole pieces only.';
export const less = (edit: string | number): string => `Less: ${edit}`;
export const more = (edit: string | number): string => `More: ${edit}`;
export const fromTheSide = (title: string | number): string => `${title}, from the side`;
export const deleteBuild = (row: string | number): string => `Delete ${row}`;
export const pixelsAMillimetre = (pxPerMm: string | number): string => `${pxPerMm} pixels a millimetre`;
export const letter = 'Letter';
export const tiledOn = (tiles: string | number): string =>
  `; the drawings lie on ${tiles} of them, marked where they overlap`;
export const pdfFailed = (tring: string | number): string =>
  `The PDF could not be made: ${tring}. Save the SVG instead; the build is kept.`;
export const asItCame = 'as it came';
export const changesNoNumber = 'changes none of the numbers';
export const worsens = (map: string | number): string => `worsens ${map}`;
export const changesNothingAsked = 'changes nothing that is asked for';
export const worse = 'worse';
export const better = 'better';
export const stepShowIt = (at: string | number, title: string | number): string => `Step ${at}, ${title}: show it`;
export const pickForWater = (rank: string | number): string => `pick ${rank} for this water`;
export const fromATicket = 'from a ticket';
export const drawnToScale = (title: string | number): string => `${title}, drawn to scale`;
export const rigAsCame = 'the rig as it came';
export const answeredWorseBy = (by: string | number): string => `answered worse by ${by} of 100`;
export const answeredBetterBy = (by: string | number): string => `answered better by ${by} of 100`;
export const worseBy = (by: string | number): string => `worse −${by}`;
export const betterBy = (by: string | number): string => `better +${by}`;
export const viewFromTheSide = 'From the side';
export const viewFromAbove = 'From above';
export const viewHeadOn = 'Head-on';
export const trailerOnBoard = 'Trailer on the board';
export const inTheBox = ', in the box';
export const weighIt = 'Weigh it…';
export const pressOnScale = 'Press it on the scale…';
export const measured = 'Measured';
export const weighedWhole = 'Weighed whole';
export const pressGuardOnPan = 'Press the guard on the pan';
export const weighAsNow = 'Weigh it as it is now';
export const howToPressTheGuard =
  'Hold the jig by its head, lay the tip of the guard on the pan and press until it folds; hold it there.';
export const howToWeigh = 'Lay it on the pan, cut or whole: what was cut off is added back.';
export const cutListOf = (title: string | number): string => `Cut list, step by step: ${title}`;
export const buildAfterStep = (title: string | number): string => `${title}: the build after this step`;
export const done = 'Done';
export const next = 'Next';
export const fit = 'Fit';
export const isItTrue = 'Is 1:1 true?';
export const calibrated = 'Calibrated';
export const armAgainstHook = 'Arm against hook';
export const inLine = 'in line';
export const armCoversTheHook = 'Head-on the arm covers the hook. Look at the lower arm too.';
export const showsWillLean = ' This shows: it will lean.';
export const bendTheArm = (bend: string | number, off: string | number, tuning: string | number): string =>
  `Bend the upper arm to the ${bend} by ${off}°.${tuning}`;
export const leans = 'Leans';
export const leansBy = (
  deg: string | number,
  deg2: string | number,
  deg3: string | number,
  speed: string | number,
  speed2: string | number,
): string =>
  `${deg} to ${deg2} at this speed; ${deg3} with the arm in line. Blows over at ${speed}, in line at ${speed2}.`;
export const opening = 'Opening';
export const pressedBy = (cut: string | number): string =>
  `Pressed together ${cut}: slimmer in grass, nearer to the hook.`;
export const armOverBranch = 'Arm over a branch';
export const tippedOverSo = (seconds: string | number): string =>
  `So long it can be tipped over; ${seconds} with an arm 10 mm shorter. It orders frames, no more.`;
export const whereShouldLie = ', where it should lie';
export const outsideWhereShouldLie = ', outside where it should lie';
export const likely = (band: string | number): string => `, likely ${band}`;
export const changedBy = (change: string | number): string => `changed by ${change}`;
export const hookWire = (size: string | number, wire: string | number): string => `${size} hook, ${wire} wire`;
export const upperArm = (cut: string | number): string => `${cut} upper arm`;
export const asMade = 'As made';
export const right = 'right';
export const left = 'left';
export const toThe = (abs: string | number, twist: string | number): string => `${abs}° to the ${twist}`;
export const oneWire = 'One wire';
export const fibres = (fibres: string | number, optionText: string | number): string =>
  `${fibres} fibres, ${optionText}`;
export const none = 'None';
export const onASlant = ' on a slant';
export const foldsAt = (cut: string | number, rig: string | number, force: string | number): string =>
  `${cut}${rig}, folds at ${force}`;
export const strands = (capital: string | number, thinned: string | number): string => `${capital}, ${thinned} strands`;
export const afterTrim = ' after trim';
export const offThe = (cut: string | number, where: string | number): string => `${cut} off the ${where}`;
export const legsOff = (legsOff: string | number): string => `${legsOff} legs off`;
export const tailsSplit = 'tails split';
export const bellySlit = 'belly slit';
export const hungByItsEnd = 'hung by its end';
export const pushedUp = 'pushed up';
export const wholeFlat = (colour: string | number): string => `${colour}, whole, flat`;
export const frontTrailer = 'in front of the trailer';
export const hookOutAt = (along: string | number): string => `hook out at ${along}`;
export const saidAsItCame = (said: string | number): string => `${said}: as it came.`;
export const saidDoesNothing = (said: string | number): string => `${said}: does nothing here that Pandero computes.`;
export const saidChangesNothing = (said: string | number): string => `${said}: changes nothing that is asked for.`;
export const byOf100 = (want: string | number, max: string | number): string => `${want} by ${max} of 100`;
export const saidWorsens = (said: string | number, join: string | number): string =>
  `${said}: worsens ${join}, against the rig as it came.`;
/** @param parts  how its drawings are laid out, or nothing */
export const sheets = (count: number, parts: string): string =>
  plural(count, { one: `1 sheet${parts}.`, other: `${count} sheets${parts}.` });
export const withRibs = (cut: string, count: number): string =>
  plural(count, { one: `${cut}, 1 rib`, other: `${cut}, ${count} ribs` });
export const changedAt = (when: string, versions: number): string => `${when}, ${versions} versions kept`;
export const bankCard = (widthMm: number): string => `bank card, ${widthMm} mm wide`;
export const ofCount = (count: number): string => `of ${count}`;
export const changesAgainst = (what: string): string => `changes, of 100, against ${what}`;
export const notOnThisBuild = (what: string): string => `Not on this build: ${what}.`;
export const theModelSays = (force: string): string => `(the model says ${force})`;
export const pressedArms = 'pressed';
export const underneath = ' underneath';
export const version = 'version';

export const noseWord = 'nose';
export const tailWord = 'tail';
export const solveTheCuts = 'Solve the cuts';
export const solve = 'Solve…';
export const solution = { best: 'Best', fewest: 'Fewest cuts' } as const;
export const bestAndFewest = 'Best, and no fewer would do';
export const asItIs = (score: number, fall: string): string => `As it is it answers ${score} of 100 and falls ${fall}.`;
export const mayBeDone = 'May be done';
export const allowAtLeastOne = 'Nothing may be cut: allow at least one.';
export const answers = (score: number): string => `· answers ${score} of 100`;
export const gains = (points: number): string => `+${points} of 100`;
export const takeThis = 'Take this';
export const takeAll = 'Take them all';
export const nothingToCut = 'Nothing: as it is it answers best.';
export const noFewerNeeded = 'None: as it is, as much lies in its bands as any cut would put there.';
export const outOfReach = 'Out of reach';
export const proposedCuts = 'Proposed cuts';
export const proposedOnTheSheet = (title: string): string => `Proposed, in broken lines: ${title.toLowerCase()}`;
export const takeCut = (says: string): string => `Take this: ${says}`;
export const putAway = 'Put them away';
export const showOnTheSheet = 'Show it on the drawing';
export const table = 'Table…';
export const asItLies = 'As it lies here';
export const asksNothing = 'this water asks nothing';
export const tableAsks = (what: string, band: string): string => `${what} asked for: ${band}.`;
export const printTable = 'Print the table';
export const backToTheBench = 'Back to the bench';
export const weightsAgainstCuts = (title: string): string => `Head weights against cuts: ${title}`;
export const howTableReads =
  'Each column makes one cut or turn to the build as it lies here, the others left alone. A tick is what this water asks for; above how it falls or runs, below how much it shows, of 100. How sure such a number is stands with the numbers of the bench.';
export const headWeight = 'Head';
export const wantedHere = 'wanted here';
export const cannotBeCut = 'cannot be';
export const answersSoMany = (met: number, all: number): string => `answers ${met} of ${all}`;
export const faultCount = (count: number): string =>
  plural(count, { one: '1 fault', other: count === 0 ? 'no fault' : `${count} faults` });
export const scoreIs = (score: number): string => `${score} of 100`;
