export const tankEmpty = 'The tank is empty';
export const putARigIn = 'Put a rig in, and see what it does over this bottom before you tie it.';
export const putIn = 'Put it in the tank';
export const pickForWater = (rank: number): string => `pick ${rank} for this water`;
export const fromATicket = 'from a ticket';
export const fromTheBench = 'on the bench';
export const inTheTank = 'in the tank';
export const rig = 'Rig';
export const beside = 'Beside it';
export const nothingBeside = 'nothing';
export const swap = 'Swap';
export const scene = (title: string): string => `${title} in the water, from the side`;
export const drawnStretched = (times: string): string => `depth drawn ${times} times as tall as distance`;
export const lureDrawn = (times: string): string => `lure ${times} times its size`;
export const ribbonSays = 'shaded: where it may run, four times in five';
export const band = 'wanted here';
export const play = 'Run';
export const pause = 'Pause';
export const next = 'Next moment';
export const previous = 'Moment before';
export const fast = '4×';
export const realTime = '1×';
export const speedOfTime = 'Pace of the film';
export const time = 'Time';
export const atTime = (now: string, end: string): string => `${now} of ${end}`;
export const seconds = (s: number): string => `${s.toFixed(1)} s`;
/** Empty where nobody knows, or where it reads the same from end to end. */
export const secondsAround = (band: readonly [number, number] | null | undefined): string =>
  band && seconds(band[0]) !== seconds(band[1]) ? `${band[0].toFixed(1)} to ${seconds(band[1])}` : '';
export const whatIsFelt = 'What you would feel and see';
export const depth = 'Depth';
export const distance = 'From the rod';
export const throughTheWater = 'Through the water';
export const beats = 'Beats a second';
export const turns = 'Turns a second';
export const noseUp = 'Nose up';
export const noseDown = 'Nose down';
export const degrees = (deg: number): string => `${Math.abs(deg).toFixed(0)}°`;
export const skirtWide = 'Skirt across';
export const midCast = 'Half way back';
export const deepest = 'Deepest';
export const inBand = 'In the band';
export const contacts = 'Touches';
export const whereItBreaks = 'Where it breaks down';
export const breaksNowhere = 'Nothing speaks against this retrieve with this rig.';
export const sections = 'Work in the tank';
export const sectionProgramme = 'Retrieve';
export const sectionFalls = 'Falls';
export const sectionCharts = 'Charts';
export const sectionVersus = 'Compare';
export const sectionSolve = 'Solve';
export const programme = 'Begin with';
export const byHand = 'made by hand';
export const steps = 'Steps';
export const stepNames = {
  countdown: 'let it sink',
  reel: 'reel',
  pause: 'pause on a tight line',
  kill: 'kill on a dead line',
  'lift-drop': 'lift and drop',
  hop: 'hop',
  stroke: 'stroke',
  drag: 'drag',
  pitch: 'pitch (the cast)',
  skip: 'skip (the cast)',
  shake: 'shake while reeling',
} as const;
export const stepName = (at: number, name: string): string => `Step ${at}, ${name}`;
export const addStep = 'Add a step';
export const removeStep = (at: number): string => `Delete step ${at}`;
export const earlier = (at: number): string => `Step ${at} earlier`;
export const later = (at: number): string => `Step ${at} later`;
export const lasts = 'Lasts';
export const toTheEnd = 'goes on to the end';
export const pace = 'Pace';
export const turnsOfTheHandle = (turns: string): string => `${turns} turns of the handle a second`;
export const height = 'How high';
export const rhythm = 'Shakes a second';
export const neverMoves = 'A programme must come back: keep one reel, shake or lift and drop.';
export const mostSteps = 'Sixty steps are the most a programme takes.';
export const castAndLine = 'Cast, line and water';
export const cast = 'Cast';
export const lineGiven = 'Line given';
export const givenAtSplash = 'Line given at the splash';
export const tip = 'Rod tip above water';
export const lineKind = 'Line';
export const lineStrength = 'Strength';
export const lineKinds = { nylon: 'nylon', fluorocarbon: 'fluorocarbon', braid: 'braid' } as const;
export const drift = 'Boat drifts away';
export const current = 'Current, away from you';
export const wind = 'Wind, from behind you';
export const bottomNear = 'Bottom under the rod';
export const bottomFar = 'Bottom at the end of the cast';
export const deeperThanTheWater = (depth: string): string => `The water is ${depth} deep: change it on Water first.`;
export const castTooShort = (least: string): string => `A cast needs at least ${least} at this height of the tip.`;
export const semiTight = 'the line carries';
export const ofItsWeight = (percent: number): string => `${percent} % of its weight`;
export const drop = 'Drop them';
export const again = 'Drop again';
export const fallsAt = 'Falls at';
export const reachesBottom = 'On the bottom after';
export const driftsAside = 'Aside by then';
export const floats = 'floats';
export const fishesLike = 'Fishes like';
export const weightThatFalls = (speed: string): string => `At ${speed} it takes`;
export const noWeightFalls = 'no head does';
export const sameFall = 'To fall as the other';
export const chooseBeside = 'Choose a rig to stand beside it, above.';
export const a = 'this rig';
export const b = 'the other';
export const measure = 'Number';
export const mostOfIt = 'Most of it';
export const noDifference = 'no difference';
export const tooClose = 'too close to tell';
export const isComparing = 'Both are being run…';
export const deeperBy = (by: string): string => `${by} deeper`;
export const shallowerBy = (by: string): string => `${by} shallower`;
export const moreBy = (by: string): string => `${by} more`;
export const lessBy = (by: string): string => `${by} less`;
export const solveFor = 'Turn';
export const solveNames = {
  weight: 'weight of the head',
  speed: 'reel speed',
  countdown: 'countdown',
  line: 'line',
} as const;
export const runsAt = 'until it runs half way back at';
export const found = 'It takes';
export const thenRuns = (depth: string, band: string): string => `Then it runs at ${depth}${band ? `, ${band}` : ''}.`;
export const isSolving = 'It is being run…';
export const nearestSold = (value: string, depth: string, band: string): string =>
  `${value} is the nearest there is: ${depth}${band ? `, ${band}` : ''}.`;
export const takeIt = 'Set it';
export const chartDepthSpeed = 'Depth of an endless level run, by reel speed';
export const endlessSays =
  'Where it would run in the end, reeled half a cast off without an end. A cast is shorter: after the splash its line is still bent, and it may not come there.';
export const chartPath = 'Depth along the way back';
export const chartFall = 'Fall by weight';
export const chartWorks = 'What works, by speed';
export const asTable = 'As a table';
export const asChart = 'As a chart';
export const savePng = 'Save PNG';
export const saveCsv = 'Save CSV';
export const chart = 'Chart';
export const uncutOf = (title: string): string => `${title}, uncut`;
export const lowEnd = (name: string): string => `${name}, from`;
export const highEnd = (name: string): string => `${name}, to`;
export const mayBe = 'May be';
export const bandOf = (from: string, to: string): string => `${from} to ${to}`;
export const bandSays = 'Shaded: four times in five it lies there.';
export const nothingWorks = 'Nothing on this rig kicks or turns.';
export const reducedMotion = 'Motion is reduced on this machine: moments are shown one by one.';
export const goesOn = 'It goes on like this: the first minute is shown.';
export const bottomRaised = (depth: string): string =>
  `The bottom of this retrieve lies deeper than the water: it is drawn at ${depth}.`;
export const whichOfTheBox = 'Which rigs of the box run there?';
export const ableFound = (count: number): string =>
  count === 1
    ? 'One rig of the box runs there with this retrieve.'
    : `${count} rigs of the box run there with this retrieve.`;
export const noneOfTheBox = 'No rig of the box runs there with this retrieve. Turn speed, countdown or tip.';
export const tooManyForAll =
  'This box has too many heads and trailers to run them all: take some out, or solve for one rig.';
export const isRunning = 'The box is being run…';
export const nearIt = (depth: string): string => `in the band, within ${depth} of it`;
export const putItIn = 'Put it in';
export const cutItThere = 'Cut this rig until it runs there';
export const cutFound = (depth: string): string => `Cut like this it runs at ${depth}:`;
export const cutNearest = (depth: string): string => `No cut brings it there; nearest it runs at ${depth}:`;
export const withBand = (amount: string, band: string): string => (band ? `${amount} (${band})` : amount);
export const runsThere = 'It runs there as it is.';
export const noCutHelps = 'No cut brings it nearer.';
export const neverHalfWay = 'With this retrieve it never comes half way back.';
export const cutLine = (what: string, to: string): string => `${what}: ${to}`;
export const noSettingReaches = (depth: string): string =>
  `No setting of this brings it to ${depth}. Turn something else, or cut it.`;
export const jumpsPast = (depth: string): string =>
  `It jumps past ${depth}: a little less runs above it, a little more below.`;
export const castLength = 'How far';
export const draggedFor = 'How far it is dragged';
export const ringSays = 'ring: as far as it is seen';
