import {
  editOf,
  fullSkirtMm,
  guardCollapseN,
  lengthMFromMm,
  massKgFromOz,
  optionText,
  shown,
  shownHeadStep,
  TRAILERS,
  type BenchPart,
  type Rig,
  type UnitSystem,
} from '@core';

/** A part of a build in two short lines: what it is, and what was done to it. */
export interface PartLines {
  readonly name: string;
  readonly state: string;
}

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
const list = (words: readonly string[], none: string): string => words.filter(Boolean).join(', ') || none;

const LINES: Readonly<Record<BenchPart, (rig: Rig, system: UnitSystem) => PartLines>> = {
  head: ({ head }, system) => ({
    name: `${capital(head.style)}, ${shownHeadStep(massKgFromOz(head.weightOz), system)} ${head.metal}`,
    state: `${head.hook.size} hook, ${head.hook.wire} wire`,
  }),
  arms: (rig, system) => {
    const arms = rig.arms;
    const twist = Math.round(arms?.twistDeg ?? 0);
    return {
      name: arms ? `${shown('cut', lengthMFromMm(arms.upperMm), system)} upper arm` : 'As made',
      state: list(
        [
          twist === 0 ? 'in line' : `${Math.abs(twist)}° to the ${twist > 0 ? 'right' : 'left'}`,
          arms?.squeezed ? 'pressed' : '',
        ],
        '',
      ),
    };
  },
  blades: ({ blades }) => ({
    name: (blades ?? []).map(({ shape, size }) => `${capital(shape)} ${size}`).join(' + '),
    state: (blades ?? []).map(({ finish }) => finish).join(', '),
  }),
  guard: (rig, system) => ({
    name: rig.guard
      ? rig.guard.kind === 'wire'
        ? 'One wire'
        : `${rig.guard.fibres} fibres, ${optionText('guard-spread', rig.guard.spread, system)}`
      : 'None',
    state: rig.guard
      ? `${shown('cut', lengthMFromMm(rig.guard.lengthMm), system)}${rig.guard.bevel ? ' on a slant' : ''}, folds at ${shown('force', guardCollapseN(rig.guard), system)}`
      : '',
  }),
  skirt: ({ skirt }, system) => ({
    name: skirt ? `${capital(skirt.material)}, ${skirt.strands - skirt.thinned} strands` : 'None',
    state: skirt
      ? list(
          [
            skirt.colour,
            `${shown('cut', lengthMFromMm(skirt.lengthMm), system)}${skirt.lengthMm < fullSkirtMm(skirt) ? (skirt.trim === 'under' ? ' underneath' : ' after trim') : ''}`,
          ],
          '',
        )
      : '',
  }),
  trailer: ({ trailer }, system) => {
    if (!trailer) return { name: 'None', state: '' };
    const cut = (mm: number, where: string): string =>
      mm > 0 ? `${shown('cut', lengthMFromMm(mm), system)} off the ${where}` : '';
    return {
      name: `${capital(TRAILERS[trailer.kind].title)}, ${shown('partLength', lengthMFromMm(trailer.lengthMm), system)}`,
      state: list(
        [
          cut(trailer.cutNoseMm, 'nose'),
          cut(trailer.cutTailMm, 'tail'),
          trailer.legsOff > 0 ? `${trailer.legsOff} legs off` : '',
          trailer.splitTails ? 'tails split' : '',
          trailer.slit ? 'belly slit' : '',
          trailer.orientation === 'flat' ? '' : optionText('turn', trailer.orientation, system),
          trailer.hang === 'hung' ? 'hung by its end' : '',
          (trailer.pushMm ?? 0) > 0 ? 'pushed up' : '',
        ],
        `${trailer.colour}, whole, flat`,
      ),
    };
  },
  core: ({ core }, system) => ({
    name: core ? `${shown('cut', lengthMFromMm(core.lengthMm), system)}, ${core.colour}` : 'None',
    state: core ? 'in front of the trailer' : '',
  }),
  'second-hook': (rig, system) => ({
    name: capital(optionText('second-hook', String(editOf('second-hook').read(rig)), system)),
    state: rig.trailerHook ? `${rig.trailerHook.size}` : '',
  }),
};

export const partText = (part: BenchPart, rig: Rig, system: UnitSystem): PartLines => LINES[part](rig, system);
