import type { WantId } from '../../water/intent';
export const either = (joined: string | number): string => `either ${joined}`;
export const falls = (rigTitles: string | number, speed: string | number, inUnits: string | number): string =>
  `${rigTitles}: falls ${speed}. ${inUnits}`;
export const schoolOf = (question: string | number, inUnits: string | number): string =>
  `${question}: the school “${inUnits}”`;
export const countDown = (seconds: string | number): string => `count down ${seconds}`;
export const giveAtSplash = (line: string): string => `give ${line} of line at the splash`;
export const countDownGiving = (seconds: string | number, line: string): string =>
  `count down ${seconds} on an open spool, ${line} of line at most`;
export const reelAtEnd = (speed: string | number): string => `reel at ${speed} to the end`;
export const reelAtFor = (speed: string | number, seconds: string | number): string =>
  `reel at ${speed} for ${seconds}`;
export const toTheEnd = ' to the end';
export const forSeconds = (seconds: string | number): string => ` for ${seconds}`;
export const shake = (hz: string | number, speed: string | number, step: string | number): string =>
  `shake ${hz} times a second at ${speed}${step}`;
export const restOnTightLine = (seconds: string | number): string => `rest ${seconds} on a tight line`;
export const stopDead = (seconds: string | number): string => `stop dead for ${seconds}`;
export const letItFall = (seconds: string | number, line: string): string =>
  `give ${line} of line and let it fall ${seconds}`;
export const pitchIt = (cast: string): string => `pitch it ${cast} out`;
export const skipIt = (cast: string): string => `skip it ${cast} in`;
export const dragIt = (depth: string, time: string): string => `drag it ${depth} in ${time}`;
export const hopIt = (depth: string, time: string): string => `hop it ${depth} and rest ${time}`;
export const strokeIt = (depth: string, time: string): string => `stroke it ${depth} up, let it fall, rest ${time}`;
export const timesOver = (step: string, times: number): string => `${step} (${times} times)`;
export const liftAndDrop = (depth: string | number): string => `lift it ${depth} and let it drop`;
export const planOf = (
  capital: string | number,
  depth: string | number,
  lineStrength: string | number,
  kind: string | number,
): string => `${capital}; tip ${depth} up, ${lineStrength} ${kind}.`;
export const hooksToALine = (hooksPerLine: string | number): string => `hooks to a line: ${hooksPerLine}`;
export const trailerHook = 'trailer hook';
export const keepNoneUnder = (kept: string | number): string => `keep none under ${kept}`;
export const keepNoneOver = (kept: string | number): string => `keep none over ${kept}`;
export const andLittleLight = ' and little light';
export const deeperThan = 'deeper than';
export const higherThan = 'higher than';
export const isTheWanted = (
  want: string | number,
  value: string | number,
  place: string | number,
  band: string | number,
  ruleText: string | number,
): string => `${want} ${value} is ${place} the ${band} wanted. ${ruleText}`;
export const fallsSlowerThanWanted = 'falls slower than wanted';
export const fallsFasterThanWanted = 'falls faster than wanted';
export const lighterThanWanted = 'lighter than wanted';
export const heavierThanWanted = 'heavier than wanted';
export const movesLessWater = 'moves less water than wanted';
export const movesMoreWater = 'moves more water than wanted';
export const showsLessMotion = 'shows less motion than wanted';
export const showsMoreMotion = 'shows more motion than wanted';
export const shorterThanWanted = 'shorter than wanted';
export const longerThanWanted = 'longer than wanted';
export const slimmerThanTheirFood = 'slimmer than their food';
export const deeperThanTheirFood = 'deeper than their food';
export const hangsUpMore = 'hangs up more than this cover allows';
export const runsHigherThanWanted = 'runs higher than wanted';
export const runsDeeperThanWanted = 'runs deeper than wanted';
export const hasToCreep = 'has to creep to stay down';
export const hasToBeRaced = 'has to be raced to come up';
export const hasNoRoom = 'has no room for its speed here';
export const hasADeadTail = 'has a tail that is dead at this pace';
export const fallsAsWanted = (wantValue: string | number): string => `Falls ${wantValue}, as wanted.`;
export const but = (good: string | number, lowerFirst: string | number): string => `${good} But: ${lowerFirst}`;
export const it = (good: string | number, replace: string | number): string => `${good} It ${replace}.`;
export const cutTo = (mm: string | number): string => `cut to ${mm}`;
export const strandsOf = (thinned: string | number, material: string | number): string =>
  `${thinned} strands of ${material}`;
export const skirtLong = (mm: string | number): string => `skirt ${mm} long`;
export const plastic = (softness: string | number): string => `${softness} plastic`;
export const hook = (size: string | number): string => `hook ${size}`;
export const wire = (wire: string | number): string => `${wire} wire`;
export const guardOf = (fibres: string | number): string => `guard of ${fibres}`;
export const noGuard = 'no guard';
export const guardLong = (mm: string | number): string => `guard ${mm} long`;
export const keeper = (keeper: string | number): string => `${keeper} keeper`;
export const coreOf = (colour: string | number): string => `core of ${colour}`;
export const link = (link: string | number): string => `${link} link`;
export const armsPressedTogether = 'arms pressed together';
export const upperArm = (mm: string | number): string => `upper arm ${mm}`;
export const tailsSplit = 'tails split';
export const legsOff = (legsOff: string | number): string => `${legsOff} legs off`;
export const bellySlit = 'belly slit';
export const withARattle = 'with a rattle';
export const noSpeed = 'no speed';
export const nothingKicks = 'nothing kicks';
export const orMore = (wantValue: string | number): string => `${wantValue} or more`;
export const about = (high: string | number): string => `about ${high}`;
export const range = (slice: string | number, high: string | number): string => `${slice} to ${high}`;
export const withoutASkirt = ' without a skirt';
export const spinnerbait = (weight: string | number, dress: string | number, bladesText: string | number): string =>
  `${weight} spinnerbait${dress}, ${bladesText}`;
export const vibratingJig = (
  weight: string | number,
  dress: string | number,
  size: string | number,
  finish: string | number,
): string => `${weight} vibrating jig${dress}, ${size} ${finish} plate`;
export const withCams = 'with cams';
export const withoutAGuard = 'without a guard';
export const noTrailer = (head: string | number): string => `${head}, no trailer`;
export const onEdge = ' on edge';
export const upsideDown = ' upside down';
export const hungAtItsEnd = ' hung at its end';
export const all = (colour: string | number): string => `, all ${colour}`;
export const andWord = ' and ';
export const inColour = (colour: string): string => ` in ${colour}`;
export const orWord = ' or ';
export const insideIt = 'inside';
export const aboveIt = 'above';
export const belowIt = 'below';
export const isAllowed = (what: string): string => `${what} allowed`;
export const isForbidden = (what: string): string => `${what} forbidden`;
export const trebles = 'trebles';
export const lead = 'lead';
export const askedInHand = 'It is what you asked for.';
export const withinTheWaters = 'This water asks for much the same.';
export const waterAsksNothing = 'This water itself asks for nothing of the kind.';
export const thanTheWaterAsks = (how: string, band: string, because: string): string =>
  `${how} than this water asks (${band}): ${because}`;
export const notAskedHere = (want: string, family: string): string =>
  `${want} is in your hands, but ${family} are not judged by it here, so it counts for nothing.`;
export const noneReaches = (want: string, band: string, nearest: string): string =>
  `${want}, ${band}: no rig of this box can do that. The nearest comes to ${nearest}.`;
/** How a band an angler chose differs from the water's: what it is less than it, and more than it. */
export const DIFFERS: Readonly<Record<WantId, readonly [less: string, more: string]>> = {
  fall: ['Slower', 'Faster'],
  weight: ['Lighter', 'Heavier'],
  push: ['Moves less water', 'Moves more water'],
  show: ['Stiller', 'Livelier'],
  length: ['Shorter', 'Longer'],
  ratio: ['Slimmer', 'Deeper of body'],
  snag: ['Hangs up more', 'Hangs up less'],
  run: ['Higher', 'Deeper'],
  hold: ['Slower', 'Faster'],
  window: ['With less room', 'With more room'],
  kick: ['Nearer to dead', 'More alive'],
};

export const finesseHead = 'finesse';

/** What a change of one thing about a water is called, less and more of it. */
export const WATER_TURNS = {
  temperatureC: ['colder', 'warmer'],
  visibilityM: ['murkier', 'clearer'],
  depthM: ['shallower', 'deeper'],
} as const;
export const LIGHT_TURNS = {
  bright: 'if the light turns bright',
  mixed: 'if the light turns mixed',
  dark: 'if it turns dark',
} as const;
export const THEY_TURN = {
  active: 'if they become active',
  neutral: 'if they turn neither active nor slow',
  inactive: 'if they turn inactive',
} as const;
export const awayAt = (off: string, way: string, at: string): string => `${off} ${way}: at ${at}`;
export const tooCloseToCall = (way: string): string => `a hair ${way}: too close to call`;
export const nothingCleaner =
  'The first rig carries a fault all the same: of what was tried one part, cut or turn away, nothing does without one and answers as well.';
