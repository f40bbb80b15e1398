import {
  editOf,
  fullSkirtMm,
  guardCollapseN,
  lengthMFromMm,
  massKgFromOz,
  optionText,
  shown,
  shownHeadStep,
  TRAILER_TITLE,
  type BenchPart,
  type Rig,
  type UnitSystem,
  NAME,
  HEAD_TITLE,
  BLADE_TITLE,
} from '@core';
import * as words from '../../locale/en/bench';

/** A part of a build in two short lines: what it is, and what was done to it. */
export interface PartLines {
  readonly name: string;
  readonly state: string;
}

const capital = (given: string): string => given.charAt(0).toUpperCase() + given.slice(1);
const list = (given: readonly string[], none: string): string => given.filter(Boolean).join(', ') || none;

const LINES: Readonly<Record<BenchPart, (rig: Rig, system: UnitSystem) => PartLines>> = {
  head: ({ head }, system) => ({
    name: `${capital(HEAD_TITLE[head.style])}, ${shownHeadStep(massKgFromOz(head.weightOz), system)} ${NAME[head.metal]}`,
    state: words.hookWire(head.hook.size, NAME[head.hook.wire]),
  }),
  arms: (rig, system) => {
    const arms = rig.arms;
    const twist = Math.round(arms?.twistDeg ?? 0);
    return {
      name: arms ? words.upperArm(shown('cut', lengthMFromMm(arms.upperMm), system)) : words.asMade,
      state: list(
        [
          twist === 0 ? words.inLine : words.toThe(Math.abs(twist), twist > 0 ? words.right : words.left),
          arms?.squeezed ? words.pressedArms : '',
        ],
        '',
      ),
    };
  },
  blades: ({ blades }) => ({
    name: (blades ?? []).map(({ shape, size }) => `${capital(BLADE_TITLE[shape])} ${size}`).join(' + '),
    state: (blades ?? []).map(({ finish }) => NAME[finish]).join(', '),
  }),
  guard: (rig, system) => ({
    name: rig.guard
      ? rig.guard.kind === 'wire'
        ? words.oneWire
        : words.fibres(rig.guard.fibres, optionText('guard-spread', rig.guard.spread, system))
      : words.none,
    state: rig.guard
      ? words.foldsAt(
          shown('cut', lengthMFromMm(rig.guard.lengthMm), system),
          rig.guard.bevel ? words.onASlant : '',
          shown('force', guardCollapseN(rig.guard), system),
        )
      : '',
  }),
  skirt: ({ skirt }, system) => ({
    name: skirt ? words.strands(capital(NAME[skirt.material]), skirt.strands - skirt.thinned) : words.none,
    state: skirt
      ? list(
          [
            skirt.colour,
            `${shown('cut', lengthMFromMm(skirt.lengthMm), system)}${skirt.lengthMm < fullSkirtMm(skirt) ? (skirt.trim === 'under' ? words.underneath : words.afterTrim) : ''}`,
          ],
          '',
        )
      : '',
  }),
  trailer: ({ trailer }, system) => {
    if (!trailer) return { name: words.none, state: '' };
    const cut = (mm: number, where: string): string =>
      mm > 0 ? words.offThe(shown('cut', lengthMFromMm(mm), system), where) : '';
    return {
      name: `${capital(TRAILER_TITLE[trailer.kind])}, ${shown('partLength', lengthMFromMm(trailer.lengthMm), system)}`,
      state: list(
        [
          cut(trailer.cutNoseMm, words.noseWord),
          cut(trailer.cutTailMm, words.tailWord),
          trailer.legsOff > 0 ? words.legsOff(trailer.legsOff) : '',
          trailer.splitTails ? words.tailsSplit : '',
          trailer.slit ? words.bellySlit : '',
          trailer.orientation === 'flat' ? '' : optionText('turn', trailer.orientation, system),
          trailer.hang === 'hung' ? words.hungByItsEnd : '',
          (trailer.pushMm ?? 0) > 0 ? words.pushedUp : '',
        ],
        words.wholeFlat(trailer.colour),
      ),
    };
  },
  core: ({ core }, system) => ({
    name: core ? `${shown('cut', lengthMFromMm(core.lengthMm), system)}, ${core.colour}` : words.none,
    state: core ? words.frontTrailer : '',
  }),
  'second-hook': (rig, system) => ({
    name: capital(optionText('second-hook', String(editOf('second-hook').read(rig)), system)),
    state: rig.trailerHook ? `${rig.trailerHook.size}` : '',
  }),
};

export const partText = (part: BenchPart, rig: Rig, system: UnitSystem): PartLines => LINES[part](rig, system);
