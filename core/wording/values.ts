import { shown, shownBand, shownHeadStep, type Quantity, type UnitSystem } from '../units/display';
import { inFromLengthM, lengthMFromMm, massKgFromOz } from '../units/units';
import { HEADS } from '../tackle/heads';
import type { PartOf } from '../rig/parts/box';
import type { Rig } from '../rig/parts/schema';
import type { Pick } from '../advice/recommend/advise';
import { AT_LEAST, type WantId } from '../advice/rules/rule';
import { NOSE_NAME } from '../locale/en/words';
import { BLADE_TITLE, HEAD_TITLE, TRAILER_TITLE } from '../locale/en/tackle';
import * as phrases from '../locale/en/phrases';
import { NAME } from '../locale/en/names';

/** What each want measures: how its ends are typed, and in which steps they move. */
export const WANT_QUANTITY: Readonly<Record<WantId, Quantity>> = {
  fall: 'speed',
  weight: 'headMass',
  push: 'index',
  show: 'share',
  length: 'rigLength',
  ratio: 'share',
  snag: 'share',
  run: 'depth',
  hold: 'speed',
  window: 'times',
  kick: 'times',
};

/** Value of a want as people read it, with its unit. Scales without a unit run to 100. */
export function wantValue(id: WantId, value: number, system: UnitSystem): string {
  switch (id) {
    case 'fall':
      return shown('speed', value, system);
    case 'weight':
      return shownHeadStep(value, system);
    case 'length':
      return lengthText(value, system);
    case 'run':
      return Number.isFinite(value) ? shown('depth', value, system) : '–';
    case 'hold':
      if (value === 0) return phrases.noSpeed;
      return Number.isFinite(value) ? shown('speed', value, system) : '–';
    case 'window':
    case 'kick':
      if (!Number.isFinite(value)) return id === 'kick' ? phrases.nothingKicks : 'any';
      return `${value.toFixed(value < 9.95 ? 1 : 0)}×`;
    case 'push':
      return String(Math.round(value));
    case 'show':
    case 'ratio':
    case 'snag':
      return String(Math.round(100 * value));
  }
}

/** Length of a rig: nobody reads eighths here, a decimal is enough. */
export const lengthText = (lengthM: number, system: UnitSystem): string =>
  system === 'us' ? `${inFromLengthM(lengthM).toFixed(1)} in` : shown('partLength', lengthM, system);

/** A band as people read it, with its unit once. */
export function wantBand({ id, from, to }: Band, system: UnitSystem): string {
  if (id === 'fall' || id === 'hold') return shownBand('speed', from, to, system);
  if (id === 'run') return shownBand('depth', from, to, system);
  if (AT_LEAST.has(id)) return phrases.orMore(wantValue(id, from, system));
  const [low, high] = [wantValue(id, from, system), wantValue(id, to, system)];
  const unit = / (oz|g|in|mm)$/.exec(low)?.[0];
  return low === high ? phrases.about(high) : phrases.range(unit ? low.slice(0, -unit.length) : low, high);
}
type Band = { readonly id: WantId; readonly from: number; readonly to: number };

/** What a frame carries, as it is asked for over a counter: `gold Colorado 3 and nickel willow 4`. */
function bladesText(blades: NonNullable<Rig['blades']>): string {
  return blades.map(({ shape, size, finish }) => `${NAME[finish]} ${BLADE_TITLE[shape]} ${size}`).join(phrases.andWord);
}

/** Colour of its skirt, or that it wears none; where the trailer has the same colour, that is said once at the end. */
function dressText({ skirt, trailer, family }: Rig): string {
  if (!skirt) return family === 'skirted' ? phrases.withoutASkirt : '';
  return trailer?.colour === skirt.colour ? '' : phrases.inColour(skirt.colour);
}

/** Head of a rig in a few words; blades and plates say more about theirs than the shape of the lead. */
function headText(rig: Rig, system: UnitSystem): string {
  const weight = shownHeadStep(massKgFromOz(rig.head.weightOz), system);
  const dress = dressText(rig);
  if (rig.family === 'spinner' && rig.blades) return phrases.spinnerbait(weight, dress, bladesText(rig.blades));
  if (rig.family === 'vibrating' && rig.blade) {
    return phrases.vibratingJig(weight, dress, NAME[rig.blade.size], rig.blade.finish);
  }
  return `${jigHeadText(rig.head, rig, system)}${dress}`;
}

/** Head of a jig: its weight, and what tells it from others of its style. */
const jigHeadText = (
  { weightOz, style, finesse, metal, nose, cams }: Rig['head'],
  { guard, keeper }: { readonly guard?: object | null; readonly keeper?: Rig['keeper'] | undefined },
  system: UnitSystem,
): string =>
  [
    shownHeadStep(massKgFromOz(weightOz), system),
    ...(finesse ? [phrases.finesseHead] : []),
    ...(metal === 'lead' ? [] : [NAME[metal]]),
    ...(nose === undefined || nose === HEADS[style].nose ? [] : [NOSE_NAME[nose]]),
    HEAD_TITLE[style],
    ...(cams ? [phrases.withCams] : []),
    ...(!guard && keeper === 'screw' && style !== 'bullet' ? [phrases.withoutAGuard] : []),
  ].join(' ');

/** Name of a head of the box, as a rig with it is called: one with blades is a spinnerbait, one with a plate a vibrating jig. */
export function headPartTitle(part: PartOf<'heads'>, system: UnitSystem): string {
  const weight = shownHeadStep(massKgFromOz(part.weightOz), system);
  if (part.blade) return phrases.vibratingJig(weight, '', NAME[part.blade.size], part.blade.finish);
  if (part.blades && part.blades.length > 0) return phrases.spinnerbait(weight, '', bladesText(part.blades));
  return jigHeadText(part, part, system);
}

/** Short name of a rig, with its colours: `3/8 oz casting in brown, 4 in black/blue flat-tail bug on edge`. */
export function rigTitle(rig: Rig, system: UnitSystem): string {
  const head = headText(rig, system);
  if (!rig.trailer) return phrases.noTrailer(head);
  const { kind, lengthMm, orientation, hang, colour } = rig.trailer;
  const size = shown('partLength', lengthMFromMm(lengthMm), system);
  const alike = rig.skirt?.colour === colour;
  const turned = orientation === 'edge' ? phrases.onEdge : orientation === 'inverted' ? phrases.upsideDown : '';
  return [
    `${head}, ${size} `,
    ...(alike ? [] : [`${colour} `]),
    `${TRAILER_TITLE[kind]}${turned}${hang === 'hung' ? phrases.hungAtItsEnd : ''}`,
    ...(alike ? [phrases.all(colour)] : []),
  ].join('');
}

/** "Fishes like" in words, null when it has no answer. */
export const fishesLikeText = (fall: Pick['fall'], system: UnitSystem): string | null =>
  fall.fishesLikeOz === null ? null : shownHeadStep(massKgFromOz(fall.fishesLikeOz), system);
