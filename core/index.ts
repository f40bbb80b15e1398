/** Public names of the core, by domain. Pages, server, command line and scripts import from here only. */

export { ok, fail, issue, type Issue, type IssueCode, type Result } from './result';
export { SOURCES, type SourceId } from './sources';
export { parseWith, shortValue } from './parse';

// units
export * from './units/units';
export { fractionText, nearestFraction, parseNumber, type Fraction } from './units/fraction';
export {
  DISPLAY_UNITS,
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
export { seekRules } from './handbook/search';

// water
export * from './water/schema';
export { WANT_SCALES, wantFromFile, wantToFile, type Intent } from './water/intent';
export {
  INTENT_QUESTIONS,
  intentAnswer,
  intentAnswers,
  intentAtDepth,
  withAnswer,
  withoutWants,
  type IntentQuestion,
} from './water/intent-words';
export { contradictions, CONTRADICTIONS, type ContradictionId } from './water/contradictions';
export { isColdWater } from './water/cold-water';
export { CLARITY_SCALE, clarityOf, effectiveVisibilityM, type ClarityId } from './water/clarity';
export { freshWaterDensityKgM3, WATER_MODEL_RANGE_C, WaterRangeError } from './water/density';
export { waterKinematicViscosityM2ps, waterViscosityPaS } from './water/viscosity';

// tackle
export { HEADS, HEAD_STYLES, METALS, NOSES, type HeadStyle, type Metal, type Nose } from './tackle/heads';
export { HOOKS, HOOK_SIZES, HOOK_WIRES, WIRE_DIAMETER_MM, type HookSize, type HookWire } from './tackle/hooks';
export { SKIRTS, SKIRT_MATERIALS, type SkirtMaterial } from './tackle/skirts';
export { TRAILERS, TRAILER_KINDS, SOFTNESSES, type Softness, type TrailerKind } from './tackle/trailers';
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
export {
  KEEPERS,
  parseRig,
  rigSchema,
  uncutTrailer,
  ORIENTATIONS,
  PART_LIMITS,
  type Rig,
  type Orientation,
} from './rig/parts/schema';
export * from './rig/parts/box';
export { diffBox, partIdentity, type BoxDiff } from './rig/parts/box-diff';
export {
  computedMassG,
  countedMassG,
  headOf,
  massContradiction,
  MASS_CONTRADICTION,
  WEIGHED_TRAYS,
  type WeighedTray,
} from './rig/body/part-mass';
export { catalogueBox, catalogueFor, fibreGuard, plainHead } from './rig/parts/catalogue';
export { rigBody, headBody, skirtBody, type RigBody } from './rig/body/body';
export { frameBody, VANE_START_BAND, vaneStartMps, type FrameBody, type Vane } from './rig/body/frame';
export { nominalTrailerMassKg, trailerBody, isRoundBody } from './rig/body/trailer-body';
export { guardLine, rigOutline, trailerFromMm } from './rig/outline/rig-outline';
export type { Bounds, Outline, OutlinePart, OutlineShape } from './rig/outline/outline-shape';
export { skirtEnvelope } from './rig/outline/skirt-outline';
export { GALLERY, type GalleryEntry } from './rig/parts/gallery-table';
export { DRAWN_TRAYS, headFromFront, partOutline, type DrawnTray } from './rig/outline/part-outline';
export type { View } from './rig/outline/outline-shape';
export { massBandKg } from './rig/body/mass-band';
export type { DragFactors, FactorName, KnownFactors } from './rig/body/known-factors';
export { rigProfile, type Profile } from './rig/body/profile';

// motion
export { fallenM, SEMI_TIGHT_MAX, secondsToBottom, steadyFall, submergedWeightN } from './motion/fall';
export { mediumAt, mediumOf } from './motion/medium';
export { driftBandMps, fallBandMps, FACTOR_SD, type Band } from './motion/bands';
export { fishesLikeBandOz, fishesLikeOz } from './motion/fishes-like';
export { awakeAt, KICK_ONSET_BAND, kickOnsetMps, onsetOfMps } from './motion/kick';
export * from './motion/plan';
export { groundOf, type Ground } from './motion/ground';
export { secondsBetween, type PathPoint } from './motion/path';
export { retrieve, type Retrieved } from './motion/retrieve';
export { reelFor, reelRates } from './motion/tow';
export { lureOf, type Lure, type Towline } from './motion/towed';
export { holdSpeedMps, levelDepthM } from './motion/level';
export { linearBand, logBand } from './motion/path-bands';
export {
  calibrateBy,
  factorsAt,
  dropNoiseSd,
  FACTOR_KEYS,
  isBelief,
  learn,
  predict,
  priorBelief,
  untested,
  wakeNoiseSd,
  type Belief,
  type Predicted,
} from './motion/calibration';
export { blowOverMps, rollRad, uprightOnContact } from './motion/roll';
export { bladeTurnsHz, flashCm2, frameStartMps, hunting, plateBeatHz, thumpCm2 } from './motion/vanes';
export { tailBeatHz, wagMatch, type WagMatch, type WagVerdict } from './motion/tail';
export { pinnedAboveMps, puffRatio, pulseIndex, seeThrough, strandHz } from './motion/skirt-motion';
export { DEFAULT_TEMP_C, fallReport, SEMI_TIGHT_USUAL, type FallReport } from './motion/report';

// hold
export { guardCollapseN, GUARD_BAND } from './hold/guard';
export { hookPoint, rollUp, type HookPoint, type RollUp } from './hold/hook-point';
export { keeperSlipMps, KEEPER_HOLD_N } from './hold/keeper';
export { arrivingSetN, neededSetN, straightensN } from './hold/hook-set';
export { castLoad, paceOf, PER_TURN_M, turnsPerS, type CastLoad, type Pace } from './hold/pace';
export { slowestWorkingMps, workingWindow, type FastLimit, type WorkingWindow } from './hold/working-window';
export { prepareRetrieve, retrieveReport, type RetrieveReport } from './hold/retrieve-report';
export { SOLVE_FOR, solveRetrieve, withSetting, type Solved, type SolveFor } from './hold/solve';

// advice
export {
  advise,
  adviseInSteps,
  DEFAULT_TOP,
  judgeRig,
  reasonsFor,
  type Advice,
  type FamilyVerdict,
  type Judged,
  type Pick,
  type Reason,
  type Told,
} from './advice/recommend/advise';
export { familiesSuit, leadingFamily, type FamilySuits } from './advice/rules/family-suits';
export {
  tippingPointsInSteps,
  tippingPointsOf,
  TIPPING_FIELDS,
  type TippingPoint,
  type TippingField,
} from './advice/recommend/tipping-points';
export {
  handle,
  CHOICES,
  HANDLING_RULES,
  type Choice,
  type Handled,
  type Handling,
  type HandlingId,
} from './advice/handling';
export { type Excluded } from './advice/conditions/excluded';
export { notAJig, type NotAJigId } from './advice/rules/not-a-jig';
export {
  HANDBOOK,
  handbookRule,
  ruleInUnits,
  speaksAgainst,
  type Chapter,
  type HandbookRule,
} from './handbook/handbook';
export { faultText } from './locale/en/faults';
export { localRulesText, planText } from './wording/plans';
export { whatLifts, type WhatLifts } from './advice/measures/lift';
export { CHOICE_TITLE, HANDLING_TEXT } from './locale/en/handling';
export { NOT_A_JIG_TEXT } from './locale/en/not-a-jig';
export { type Dissent, type OtherTies } from './advice/recommend/other-schools';
export { isAsGood } from './advice/recommend/score-off';
export { cutTable, type CutCell, type CutColumn, type CutNumber, type CutTable } from './advice/cuts/cut-table';
export { flipText } from './wording/flips';
export { fillGaps, type Gaps, type GapStep } from './advice/recommend/gaps';
export { gainsOver, purchasesOf, whatToBuy, type Gains, type Purchase } from './advice/recommend/purchases';
export { compileWater, LIVE_SCHOOLS, type CompiledWater, type Want } from './advice/rules/wants';
export { AT_LEAST, WANT_IDS, type WantId } from './advice/rules/rule';
export { measureParts, type Has } from './advice/measures/rig-measures';
export { NOT_REELED, type ReeledBands } from './advice/measures/retrieve-measures';
export { meets, ruleScorer, wantScorer } from './advice/search/score';
export { candidateClasses } from './advice/candidates/candidate-classes';
export {
  questionOf,
  schoolAnswers,
  type SchoolAnswer,
  type SchoolAnswers,
  type SchoolReason,
} from './advice/conditions/schools';
export { waterFacts, type WaterFacts } from './advice/conditions/water-facts';
export { FAULT_IDS, type CheckedWith, type Fault, type FaultId } from './advice/checks';
export { rigFaults, wordedFault, type WordedFault } from './wording/rig-faults';
export { rigReport, type RigReport } from './reports/rig-report';
export { isReeled, USUAL_REEL_MPS } from './advice/measures/working-speed';
export { adviceReport, type AdviceReport } from './reports/advice-report';
export { trimReport, type TrimReport } from './reports/trim-report';
export { CUT_IDS, USUAL_CUTS, type CutId } from './advice/cuts/cut-options';
export { type Cut } from './advice/cuts/cut-told';
export { solveCuts, type CutSolution, type SolvedCuts } from './advice/cuts/solve-cuts';
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
export type { ReadoutUnit, ReadoutWord, Scale } from './bench/readouts/readout';
export * from './bench/compare';
export * from './bench/cut-list';
export { STEP_IDS, type BenchCaution, type StepId } from './bench/cut-steps-table';
export * from './bench/tuning';
export * from './bench/build';
export { mergeBuilds } from './bench/merge-builds';
export { faultPlace } from './bench/fault-places';
export type { PointMm } from './rig/outline/curve';
export { hookMarks } from './rig/outline/hook-shape';
export { CRAWL_MPS, NEARLY_STILL_MPS, skirtSpreadM } from './rig/body/skirt-shape';
export { exitFromNoseMm } from './rig/body/body';
export { guardToPointMm } from './hold/guard';
export { careFor, type CareId } from './bench/care';
export * from './locale/en/bench';
export { EDIT_TITLE } from './locale/en/bench';
export { editValueText, optionText } from './wording/options';
export { layOutCard, type Card, type CardInput } from './reports/card/card';
export { layOutDay, type DaySheetInput, type SheetStop } from './reports/card/day-sheet';
export { PAPERS, type Paper } from './reports/card/sheets';
export { type CardItem, type CardPage } from './reports/card/draw';
export { cardSvg } from './reports/card/card-svg';
export { rigHeadOn } from './rig/outline/head-on';
export { trailerSheet } from './rig/outline/trailer-sheet';
export { ribsMm, ribsTaken } from './tackle/ribs';

// keeping
export { byField, decide, type Change, type Decision, type Meeting } from './keeping/decide';
export { mergeFields, sameJson, withTheirs, type Clash, type Merged } from './keeping/merge';

// scale
export { readScaleLine, type ScaleReading, type ScaleUnit } from './scale/reading';
export { weighing, type TimedMass, type Weighing, type WeighingVerdict } from './scale/weighing';

// ticket
export { cautionsFor, type CautionId } from './ticket/cautions';
export { makeTicket } from './ticket/make';
export { ticketSchema, TICKET_VERSION, type Ticket } from './ticket/schema';

// part-fields
export { fieldsAt, PART_FIELDS, valueAt, withValue, type PartField } from './part-fields/described';
export { filled, withFitting, withoutFitting } from './part-fields/filled';
export { FILE_UNITS, type FileUnit } from './part-fields/kinds';
export { FITTINGS, type Fitting } from './part-fields/table';

// formats
export { checkFile, type FileReport } from './formats/check';
export { csvTemplate, writeBoxCsv } from './formats/box-csv/write';
export { COLUMNS, type Column } from './formats/box-csv/columns';
export { CSV_LIMITS, readBoxCsv, type TrayParts } from './formats/box-csv/read';
export { asJson, asideSchema, setAside, type Aside, type ReadHow } from './formats/aside';
export { decodeText, type Decoded, type Encoding } from './formats/decode';
export { sniff, type Sniffed } from './formats/sniff';
export { oneLine } from './units/one-line';
export { checkRows, readJson, readPanderoJson, type PanderoFile, type ReadFile } from './formats/pandero-json/read';
export { backupPieces, writeBackup, writeLog, writeTrip, writeBox, writeTickets } from './formats/pandero-json/write';
export {
  BACKUP_VERSION,
  JSON_KINDS,
  JSON_LIMIT_CHARS,
  type Backup,
  type JsonKind,
  type TicketsFile,
} from './formats/pandero-json/format';
export { keptWaterSchema, type KeptWater } from './formats/pandero-json/kept-water';
export {
  SCREEN_LIMITS,
  screenSchema,
  settingsSchema,
  type MeasuredScreen,
  type Settings,
} from './formats/pandero-json/settings';
export { issuePlace, issueSays, issueText } from './locale/en/issues';
export { FAMILIAR_RIGS, familiarNumbers } from './bench/familiar';
export { SCORE_NUMBER, WANT_NUMBER, type NumberText } from './locale/en/numbers';
export { READOUT_TEXT } from './locale/en/readouts';
export { readoutChange, readoutNumber, readoutText } from './wording/readouts';
export { LINE_KINDS, type LineKind } from './tackle/gear';
export * from './map';
export * from './season';
export * from './tank';
export * from './gear';
export type { Angler } from './advice/conditions/angler';
export type { Fitted, OwnGear } from './advice/conditions/own-gear';
export { loggedKind, logSaid, YOUR_LOG, type Logged, type LogSaid, type OwnLog } from './advice/conditions/own-log';
export * from './deck';
export { deckNotes, deckProblems } from './wording/deck';
export {
  isStopsCsv,
  readStopsCsv,
  STOP_COLUMNS,
  writeStopsCsv,
  type ListedPlace,
  type WrittenStop,
} from './formats/stops-csv';
export { readGpx, USUAL_MINUTES, type GpxFile, type GpxPlace } from './formats/gpx/read';
export { writeGpx } from './formats/gpx/write';
export { deckReport } from './reports/deck-report';
export { CHANGE_TEXT, MARGIN_TEXT, NOT_ENOUGH } from './locale/en/gear';
export { breaksDownText, CAUSE_TEXT, HAPPENING_TEXT, MEASURE_TEXT, PROGRAMME_TEXT, WORKS_TEXT } from './locale/en/tank';
export { finished, finishedIn } from './advice/search/progress';
export * from './log';
export { ratesReport } from './reports/rates-report';
export * from './wording/log';
export { LOG_COLUMNS, type LogColumn, isLogCsv, readLogCsv, writeLogCsv } from './formats/log-csv';
export {
  asSentence,
  checksumOf,
  readSentence,
  sentenceLines,
  type Reading,
  type Sentence,
} from './formats/nmea/sentence';
export {
  afterReading,
  depthBelowSurfaceM,
  recordingInSteps,
  TRACK_POINTS,
  type Recording,
  type TrackPoint,
} from './formats/nmea/recording';
