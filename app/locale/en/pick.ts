export const nothingPickFrom = 'Nothing to pick from';
export const nothingPickFromYet = 'Nothing to pick from yet';
export const fillWithDemoParts = 'Fill the box with the demo parts';
export const goToTheBox = 'Go to the box';
export const pickFromEveryKind = 'Pick from every kind there is';
export const whatIsWrong = 'What is wrong with it';
export const apply = 'Apply';
export const needsOtherTackle = 'needs other tackle';
export const backToThePick = 'Back to the rig as it was picked';
export const tieThis = 'Tie this';
export const writeItsTicket = 'Write its ticket';
export const whatWouldFlip = 'What would flip it';
export const looking = 'Looking…';
export const nothingWouldFlip = 'Nothing a day may change: it stays the answer in this place.';
export const askedFor = 'Asked for';
export const shareRanked = 'Share of the ranking done';
export const stopRanking = 'Stop ranking';
export const rankingWasStopped =
  'Ranking was stopped. What stands below, if anything, belongs to the water or box before.';
export const rankAgain = 'Rank again';
export const bearInMind = 'Bear in mind';
export const writeTheTicket = 'Write the ticket for this rig';
export const runItInTheTank = 'Run it in the tank';
export const cutItOnTheBench = 'Cut and hang it on the bench';
export const moreOfItsKind =
  'more rigs share its head and kind of trailer, in other weights, sizes, skirts or colours; this is the best of them.';
export const hasAgainstWanted = 'What it has against what is wanted';
export const of100Parts = 'of 100. At 100 stands the best rig of every kind and size on this water.';
export const wouldTie = ', would tie';
export const wouldFish = ', would fish it otherwise';
export const why = 'Why';
export const schools = 'Schools';
export const whereAnglersDisagree = 'Where anglers disagree';
export const schoolsHelp =
  'Each question has its schools. Until you choose, the water decides; what you choose goes with this water.';
export const done = 'Done';
export const leaveAllToTheWater = 'Leave all to the water';
export const pickFrom = 'Pick from';
export const among = 'Among';
export const somethingElse = 'Something else is the answer here';
export const whichFamily = 'Which family';
export const nothingIsWrong = 'Nothing is wrong with it now';
export const applyRemedy = (remedy: string | number): string => `Apply: ${remedy}`;
export const fromTheSide = (title: string | number): string => `${title}, from the side`;
export const isRanking = 'ranking…';
export const fromSideWithRule = (part: string | number): string => `${part}, from the side, with a rule`;
export const fromAbove = (part: string | number): string => `${part}, from above`;
export const rigFromTheSide = (rigTitle: string | number): string => `${rigTitle}, from the side`;
export const runsAndHolds = (wantValue: string | number, wantValue2: string | number): string =>
  `runs at ${wantValue}, holds at ${wantValue2}`;
export const andFishesLike = (like: string | number): string => `, fishes like ${like}`;
export const falls = (speed: string | number, like: string | number): string => `falls ${speed}${like}`;
export const fishesLike = (like: string | number): string => `fishes like ${like}`;
export const whatNumbersSayOfIt = (says: string | number, depth: string | number, depth2: string | number): string =>
  `${says} Half way back at an ordinary reel {oz 1/2} runs at ${depth} with a {in 3 3/4} paddle-tail and at ${depth2} with a {in 4} flat bug, face level.`;
export const allOfThemSay =
  'Steady where tail and head fit; shaken where they do not, or along a warm edge with active fish.';
export const whatNumbersSay = 'what the numbers say';
export const allOfThem = 'all of them';
export const byTheWater = (left: string | number): string => `${left} (by the water)`;
export const myBox = (count: string | number): string => `my box (${count})`;
export const everyKindThereIs = 'every kind there is';
export const noneInThisBox = 'none in this box';
export const forIt = 'for it';
export const againstIt = 'against it';
export const rigsCompared = (count: string): string => `${count} rigs`;
export const itAnswers = 'It answers';
export const hasStopped = 'stopped';
export const isCompared = 'compared';
/** Families as they are switched on and off. */
export const familyChoice = { skirted: 'jigs', vibrating: 'vibrating', spinner: 'spinnerbaits' } as const;
export const schoolsItem = 'Schools…';
export const schoolsChosen = (count: number): string => `Schools: ${count} chosen…`;
export const tie = 'Tie';
export const cutAndHang = 'Cut it';
export const fish = 'Fish it';
export const asItCame = 'As it comes: no cut would gain anything.';
export const uncut = (fall: string, score: number): string => `Uncut it would fall ${fall} and answer ${score} of 100.`;
export const cutShort = (cuts: string): string => `Cut: ${cuts}.`;
export const answersOf100 = (score: number): string => `answers ${score} of 100`;
export const of100 = 'of 100';
export const staysFirst = 'of 100; stays first, too close to call';
export const fromTheAnswerBefore = 'From the answer before; these follow in a moment.';
export const asGoodAsFirst = 'as good as the first';
export const moreButMissesMore = (points: number): string => `${points} more, but misses more of what is asked`;
export const lessThanFirst = (points: number): string => `${points} less than the first`;
export const wouldTieTheSame = (questions: string): string =>
  `Over these nobody would tie anything else out of this box: ${questions}.`;
export const schoolsThatTurnIt = 'These change today’s first rig, or were chosen by you';
export const otherQuestions = (count: number): string => `The other ${count} questions`;
export const typeTheEnds = (what: string, band: string): string => `${what}, ${band}: type its ends`;
export const mapOfPicks = 'Map of picks';
export const theYear = 'The year';
export const onGear = 'On';
export const gearLacks = (margin: string, value: string, less: string): string => `${margin} ${value}×: ${less}`;
export const gearChoice = 'Gear';
export const logChoice = 'Log';
export const logWeighs = 'has its say';
export const logSilent = 'is not asked';
export const gearOwn = 'what I have';
export const gearAsked = 'what it should have';
export const tooMuchGear =
  'That is more gear than can be gone through for each rig: picks get what they should have. Name a rod, reel or line in the margins of a pick.';
export const scorePart = {
  craft: 'Craft',
  faults: 'Faults',
  gear: 'Your gear',
  log: 'Your log',
  family: 'What another family does better here',
} as const;
export const scaleIsSought = 'its score follows';
export const scaleUnknown = '…';
export const addsUp = 'What it adds up from';
export const gotOf = (got: number, of: number): string => `${got} of ${of}`;
export const itLacks = 'What it lacks, the largest first';
export const lacksNothing = 'Nothing of a whole point.';
export const lacks = (part: string, points: number): string => `${part}: ${points}`;
export const bestThereIs = (title: string): string => `The best there is of its family here: ${title}.`;
export const bandsGiveWay = (wants: string): string =>
  `The best of its family, of every kind and size there is, does not meet all that is asked here either; it gives way on ${wants}.`;
export const whyFamilies = 'Why these';
export const sayInWords = 'Say what it should do';
export const saidInWords = (count: number): string => `Said what it should do: ${count}`;
export const madeFrom = 'Box, families, schools';
export const toTheFirstRig = 'To the first rig';
