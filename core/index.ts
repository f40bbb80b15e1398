/** Public names of the core, by domain. Pages, server, command line and scripts import from here only. */

export { ok, fail, issue, type Issue, type Result } from './result';
export { SOURCES } from './sources';
export { parseWith, shortValue } from './parse';

// units
export * from './units/units';
export { parseNumber } from './units/fraction';
export {
  displayUnit,
  parseShown,
  shown,
  shownBand,
  shownHeadStep,
  shownNumber,
  type Quantity,
  type UnitSystem,
  countText,
  rodText,
} from './units/display';
export { inUnits } from './units/in-text';
export { seekRules, seekSections } from './handbook/search';

// water
export * from './water/schema';
export { stillAssumed, unsaidWater, unsay, withSaid } from './water/said';
export { WANT_SCALES, wantFromFile, wantToFile } from './water/intent';
export {
  INTENT_QUESTIONS,
  intentAnswer,
  intentAnswers,
  intentAtDepth,
  withAnswer,
  withoutWants,
  type IntentQuestion,
} from './water/intent-words';
export { contradictions } from './water/contradictions';
export { isColdWater } from './water/cold-water';
export { CLARITY_SCALE, clarityOf, effectiveVisibilityM } from './water/clarity';

// tackle
export { HEAD_STYLES } from './tackle/heads';
export { HOOK_WIRES } from './tackle/hooks';
export { TRAILERS, TRAILER_KINDS, SOFTNESSES } from './tackle/trailers';
export * from './tackle/blades';
export * from './tackle/gear';
export {
  CLASS_TITLE,
  COLOURS,
  COLOUR_CLASSES,
  colourClassOf,
  colourSwatch,
  namedClass,
  type ColourClass,
} from './tackle/colours';

// rig
export { parseRig, uncutTrailer, PART_LIMITS, type Rig } from './rig/parts/schema';
export * from './rig/parts/box';
export { diffBox, type BoxDiff } from './rig/parts/box-diff';
export { computedMassG, countedMassG, massContradiction, WEIGHED_TRAYS } from './rig/body/part-mass';
export { catalogueBox, catalogueFor, DEFAULT_SKIRT, fibreGuard, plainHead } from './rig/parts/catalogue';
export { rigBody, type RigBody } from './rig/body/body';
export { VANE_START_BAND } from './rig/body/frame';
export { rigOutline, trailerFromMm } from './rig/outline/rig-outline';
export type { Bounds, Outline, OutlineShape } from './rig/outline/outline-shape';
export { skirtEnvelope } from './rig/outline/skirt-outline';
export { GALLERY, type GalleryEntry } from './rig/parts/gallery-table';
export { DRAWN_TRAYS, headFromFront, partOutline, type DrawnTray } from './rig/outline/part-outline';
export type { View } from './rig/outline/outline-shape';
export { massBandKg } from './rig/body/mass-band';
export type { FactorName } from './rig/body/known-factors';

// motion
export { fallenM, SEMI_TIGHT_MAX, secondsToBottom, steadyFall } from './motion/fall';
export { mediumAt, mediumOf } from './motion/medium';
export { FACTOR_SD, type Band } from './motion/bands';
export { driftBandMps, fallBandMps } from './motion/fall-bands';
export { fishesLikeBandOz, fishesLikeOz } from './motion/fishes-like';
export { KICK_ONSET_BAND, onsetOfMps } from './motion/kick';
export * from './motion/plan';
export { groundOf } from './motion/ground';
export { retrieve } from './motion/retrieve';
export { reelFor, reelRates } from './motion/tow';
export { lureOf } from './motion/towed';
export { holdSpeedMps, levelDepthM } from './motion/level';
export {
  calibrateBy,
  factorsAt,
  FACTOR_KEYS,
  isBelief,
  keyOf,
  priorSdOf,
  untested,
  type Belief,
  type FactorKey,
} from './motion/calibration';
export { frameStartMps } from './motion/vanes';
export { DEFAULT_TEMP_C, fallReport, SEMI_TIGHT_USUAL, type FallReport } from './motion/report';

// hold
export { guardCollapseN } from './hold/guard';
export { turnsPerS } from './hold/pace';
export { retrieveReport, type RetrieveReport } from './hold/retrieve-report';
export { SOLVE_FOR, solveRetrieve, withSetting, type Solved, type SolveFor } from './hold/solve';

// advice
export { advise, adviseInSteps, DEFAULT_TOP, type Advice, type Pick, type Told } from './advice/recommend/advise';
export { judgeRig, type Reason } from './advice/recommend/judge';
export { tippingPointsInSteps, tippingPointsOf, type TippingPoint } from './advice/recommend/tipping-points';
export { handle, CHOICES, type Choice, type HandlingId } from './advice/handling';
export { HANDBOOK, handbookRule, ruleInUnits, speaksAgainst } from './handbook/handbook';
export { faultText } from './locale/en/faults';
export { localRulesText, planText } from './wording/plans';
export { whatLifts } from './advice/measures/lift';
export { CHOICE_TITLE, HANDLING_TEXT } from './locale/en/handling';
export { NOT_A_JIG_TEXT } from './locale/en/not-a-jig';
export { type OtherTies } from './advice/recommend/other-schools';
export { isAsGood } from './advice/recommend/score-off';
export {
  missingIn,
  UNSCALED,
  wholeParts,
  type ScorePart,
  type ScorePartId,
  type WaterBest,
} from './advice/recommend/score-parts';
export { heedWaterBest, knownWaterBest } from './advice/recommend/known-best';
export { scaleOf } from './advice/recommend/water-best';
export { cutTable, type CutColumn, type CutNumber } from './advice/cuts/cut-table';
export { flipText } from './wording/flips';
export { fillGaps, type Gaps, type GapStep } from './advice/recommend/gaps';
export { gainsOver, purchasesOf, whatToBuy, type Gains, type Purchase } from './advice/recommend/purchases';
export { compileWater, type CompiledWater, type Want } from './advice/rules/wants';
export { compileAsked } from './advice/rules/asked';
export { AT_LEAST, WANT_IDS, type WantId } from './advice/rules/rule';
export { measureParts, type Has } from './advice/measures/rig-measures';
export { NOT_REELED, type ReeledBands } from './advice/measures/retrieve-measures';
export { ruleScorer, wantScorer } from './advice/search/score';
export { bandsMet, meets } from './advice/rules/want-fit';
export { candidateClasses } from './advice/candidates/candidate-classes';
export { rigOfParts } from './advice/candidates/rig-of-parts';
export { questionOf, schoolAnswers, type SchoolAnswers } from './advice/conditions/schools';
export { waterFacts } from './advice/conditions/water-facts';
export { FAULT_IDS, type Fault } from './advice/checks';
export { rigFaults, wordedFault, type WordedFault } from './wording/rig-faults';
export { rigReport } from './reports/rig-report';
export { isReeled, USUAL_REEL_MPS } from './advice/measures/working-speed';
export { adviceReport } from './reports/advice-report';
export { trimReport } from './reports/trim-report';
export { CUT_IDS, USUAL_CUTS, type CutId } from './advice/cuts/cut-options';
export { solveCuts, type SolvedCuts } from './advice/cuts/solve-cuts';
export { outOfReachText, toldCuts, type ToldCut } from './wording/cuts';
export { CUT_TITLE } from './locale/en/cuts';
export * from './wording/reasons';
export * from './wording/rig-titles';
export * from './wording/values';
export { dissentText, dissentTitle } from './wording/dissent';
export * from './locale/en/words';
export { NAME, type Named } from './locale/en/names';
export { BLADE_TITLE, HEAD_TITLE, TRAILER_TITLE } from './locale/en/tackle';
export { galleryWords } from './wording/gallery';
export { CONTRADICTION_TEXT } from './locale/en/contradictions';
export { QUESTION_TITLE, SCHOOL_BECAUSE, SCHOOL_WORDS } from './locale/en/schools';

// bench
export * from './edits/edits';
export * from './bench/handles';
export * from './bench/measure-build';
export { READOUT_IDS, READOUTS, type Readout, type ReadoutId } from './bench/readouts/table';
export type { Scale } from './bench/readouts/readout';
export * from './bench/compare';
export * from './bench/cut-list';
export { type StepId } from './bench/cut-steps-table';
export * from './bench/tuning';
export * from './bench/build';
export { mergeBuilds } from './bench/merge-builds';
export { faultPlace } from './bench/fault-places';
export type { PointMm } from './rig/outline/curve';
export { CRAWL_MPS, NEARLY_STILL_MPS, skirtSpreadM } from './rig/body/skirt-shape';
export { exitFromNoseMm } from './rig/body/body';
export { careFor } from './bench/care';
export * from './locale/en/bench';
export { EDIT_TITLE } from './locale/en/bench';
export { editValueText, optionText } from './wording/options';
export { layOutCard, type Card } from './reports/card/card';
export { layOutDay } from './reports/card/day-sheet';
export { PAPERS, type Paper } from './reports/card/sheets';
export { type CardItem } from './reports/card/draw';
export { cardSvg } from './reports/card/card-svg';
export { rigHeadOn } from './rig/outline/head-on';
export { trailerSheet } from './rig/outline/trailer-sheet';
export { ribsMm, ribsTaken } from './tackle/ribs';

// keeping
export { byField, decide, type Change, type Decision, type Meeting } from './keeping/decide';
export { mergeFields, sameJson, withTheirs, type Clash, type Merged } from './keeping/merge';

// scale
export { readScaleLine, type ScaleUnit } from './scale/reading';
export { weighing, type TimedMass, type WeighingVerdict } from './scale/weighing';

// ticket
export { cautionsFor } from './ticket/cautions';
export { makeTicket } from './ticket/make';
export { ticketSchema, type Ticket } from './ticket/schema';

// part-fields
export { fieldsAt, valueAt, withValue, type PartField } from './part-fields/described';
export { withFitting, withoutFitting } from './part-fields/filled';
export { FILE_UNITS } from './part-fields/kinds';
export { FITTINGS, type Fitting } from './part-fields/field-row';

// formats
export { checkFile } from './formats/check';
export { csvTemplate, writeBoxCsv } from './formats/box-csv/write';
export { COLUMNS } from './formats/box-csv/columns';
export { readBoxCsv } from './formats/box-csv/read';
export { asJson, asideSchema, setAside, type Aside, type ReadHow } from './formats/aside';
export { decodeText } from './formats/decode';
export { sniff } from './formats/sniff';
export { oneLine } from './units/one-line';
export { checkRows, readPanderoJson, type ReadFile } from './formats/pandero-json/read';
export { backupPieces, writeBackup, writeLog, writeTrip, writeBox, writeTickets } from './formats/pandero-json/write';
export { BACKUP_VERSION, JSON_KINDS, JSON_LIMIT_CHARS, type Backup } from './formats/pandero-json/format';
export { keptWaterSchema, type KeptWater } from './formats/pandero-json/kept-water';
export {
  SCREEN_LIMITS,
  screenSchema,
  settingsSchema,
  type MeasuredScreen,
  type Settings,
} from './formats/pandero-json/settings';
export { issueSays, issueText } from './locale/en/issues';
export { FAMILIAR_RIGS, familiarNumbers } from './bench/familiar';
export { SCORE_NUMBER, WANT_NUMBER, type NumberText } from './locale/en/numbers';
export { READOUT_TEXT } from './locale/en/readouts';
export { readoutChange, readoutNumber, readoutText } from './wording/readouts';
export { LINE_KINDS } from './tackle/gear';
export * from './map';
export * from './season';
export * from './tank';
export * from './gear';
export type { Angler } from './advice/conditions/angler';
export type { Fitted } from './advice/conditions/own-gear';
export { type OwnLog } from './advice/conditions/own-log';
export * from './deck';
export { deckNotes, deckProblems } from './wording/deck';
export { isStopsCsv, readStopsCsv, writeStopsCsv, type ListedPlace } from './formats/stops-csv';
export { readGpx, type GpxFile, type GpxPlace } from './formats/gpx/read';
export { writeGpx } from './formats/gpx/write';
export { deckReport } from './reports/deck-report';
export { CHANGE_TEXT, MARGIN_TEXT, NOT_ENOUGH } from './locale/en/gear';
export { breaksDownText, CAUSE_TEXT, HAPPENING_TEXT, MEASURE_TEXT, PROGRAMME_TEXT, WORKS_TEXT } from './locale/en/tank';
export { finishedIn } from './advice/search/progress';
export * from './log';
export { ratesReport } from './reports/rates-report';
export * from './wording/log';
export { LOG_COLUMNS, type LogColumn, isLogCsv, readLogCsv, writeLogCsv } from './formats/log-csv';
export { asSentence, readSentence, sentenceLines, type Reading } from './formats/nmea/sentence';
export {
  afterReading,
  boatGate,
  depthBelowSurfaceM,
  recordingInSteps,
  withoutPlace,
  type Recording,
} from './formats/nmea/recording';
