/** Public names of the core, by domain. Pages, server, command line and scripts import from here only. */

export { ok, fail, issue, type Issue, type IssueCode, type Result } from './result';
export { SOURCES, type SourceId } from './sources';
export { parseWith } from './parse';

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
} from './units/display';

// water
export * from './water/schema';
export { CLARITY_SCALE, clarityOf, effectiveVisibilityM, type ClarityId } from './water/clarity';
export { freshWaterDensityKgM3, WATER_MODEL_RANGE_C, WaterRangeError } from './water/density';
export { waterKinematicViscosityM2ps, waterViscosityPaS } from './water/viscosity';

// tackle
export { HEADS, HEAD_STYLES, METALS, NOSES, type HeadStyle, type Metal, type Nose } from './tackle/heads';
export { HOOKS, HOOK_SIZES, HOOK_WIRES, WIRE_DIAMETER_MM, type HookSize, type HookWire } from './tackle/hooks';
export { SKIRTS, SKIRT_MATERIALS, type SkirtMaterial } from './tackle/skirts';
export { TRAILERS, TRAILER_KINDS, SOFTNESSES, type Softness, type TrailerKind } from './tackle/trailers';
export { COLOURS, COLOUR_CLASSES, colourClassOf, colourSwatch, type ColourClass } from './tackle/colours';

// rig
export { parseRig, rigSchema, uncutTrailer, ORIENTATIONS, PART_LIMITS, type Rig, type Orientation } from './rig/schema';
export {
  boxSchema,
  emptyBox,
  headPartSchema,
  LATER_TRAYS,
  parseBox,
  partCount,
  skirtPartSchema,
  trailerPartSchema,
  TRAYS,
  type Box,
  type HeadPart,
  type LaterTray,
  type SkirtPart,
  type TrailerPart,
  type Tray,
} from './rig/box';
export { catalogueBox, fibreGuard, plainHead } from './rig/catalogue';
export { rigBody, headBody, skirtBody, type RigBody } from './rig/body';
export { nominalTrailerMassKg, trailerBody, isRoundBody } from './rig/trailer-body';
export { rigOutline, type Bounds, type Outline, type OutlinePart, type OutlineShape } from './rig/outline';
export type { View } from './rig/outline-trailer';
export { massBandKg } from './rig/mass-band';
export { rigProfile, type Profile } from './rig/profile';

// motion
export { mediumAt, SEMI_TIGHT_MAX, secondsToBottom, steadyFall, submergedWeightN } from './motion/fall';
export { driftBandMps, fallBandMps, FACTOR_SD, type Band } from './motion/bands';
export { fishesLikeBandOz, fishesLikeOz } from './motion/fishes-like';
export { kickOnsetMps } from './motion/kick';
export { DEFAULT_TEMP_C, fallReport, SEMI_TIGHT_USUAL, type FallReport } from './motion/report';

// advice
export { advise, DEFAULT_TOP, reasonsFor, type Advice, type Dissent, type Pick, type Reason } from './advice/rank';
export { compileWater, type CompiledWater, type Want } from './advice/wants';
export { WANT_IDS, type WantId } from './advice/rule';
export type { Has } from './advice/measure';
export { otherWeightSchool, weightSchool } from './advice/schools';
export { rigFaults, type Fault } from './advice/checks';
export { rigReport, type RigReport } from './advice/rig-report';
export { adviceReport, type AdviceReport } from './advice/advice-report';
export * from './advice/messages/speak';
export * from './advice/messages/words-en';

// ticket
export { cautionsFor, type CautionId } from './ticket/cautions';
export { makeTicket } from './ticket/make';
export { ticketSchema, TICKET_VERSION, type Ticket } from './ticket/schema';

// formats
export { checkFile, type FileReport } from './formats/check';
export { csvTemplate, writeBoxCsv } from './formats/box-csv/write';
export { COLUMNS, type Column } from './formats/box-csv/columns';
export { CSV_LIMITS, readBoxCsv, type TrayParts } from './formats/box-csv/read';
export { readJson, readPanderoJson, type PanderoFile } from './formats/pandero-json/read';
export { writeBackup, writeBox, writeTickets } from './formats/pandero-json/write';
export {
  BACKUP_VERSION,
  JSON_KINDS,
  settingsSchema,
  type Backup,
  type JsonKind,
  type Settings,
  type TicketsFile,
} from './formats/pandero-json/format';
export { issuePlace, issueSays, issueText } from './messages/issues-en';
