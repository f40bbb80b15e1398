import { shown, type UnitSystem } from '../units/display';
import { lengthMFromMm } from '../units/units';
import type { Rig } from '../rig/parts/schema';
import { rigTitle } from './values';

type Detail = (rig: Rig, system: UnitSystem) => string | null;

const mm = (length: number, system: UnitSystem): string => shown('cut', lengthMFromMm(length), system);

/** What a short name leaves out, the most telling first. Null where the rig has nothing of it. */
const DETAILS: readonly Detail[] = [
  ({ trailer }, system) => {
    const cut = trailer ? trailer.cutNoseMm + trailer.cutTailMm : 0;
    return trailer && cut > 0 ? `cut to ${mm(trailer.lengthMm - cut, system)}` : null;
  },
  ({ skirt }) => (skirt ? `${skirt.strands - skirt.thinned} strands of ${skirt.material}` : null),
  ({ skirt }, system) => (skirt ? `skirt ${mm(skirt.lengthMm, system)} long` : null),
  ({ trailerHook }) =>
    trailerHook ? `${trailerHook.kind === 'treble' ? 'treble' : 'trailer hook'} ${trailerHook.size}` : null,
  ({ trailer }) => (trailer && trailer.softness !== 'medium' ? `${trailer.softness} plastic` : null),
  ({ head }) => `hook ${head.hook.size}`,
  ({ head }) => `${head.hook.wire} wire`,
  ({ guard }) => (guard ? `guard of ${guard.fibres}` : 'no guard'),
  ({ guard }, system) => (guard ? `guard ${mm(guard.lengthMm, system)} long` : null),
  ({ keeper }) => (keeper ? `${keeper} keeper` : null),
  ({ core }) => (core ? `core of ${core.colour}` : null),
  ({ blade }) => (blade ? `${blade.link} link` : null),
  ({ arms }) => (arms?.squeezed ? 'arms pressed together' : null),
  ({ arms }, system) => (arms ? `upper arm ${mm(arms.upperMm, system)}` : null),
  ({ trailer }) => (trailer?.splitTails ? 'tails split' : null),
  ({ trailer }) => (trailer && trailer.legsOff > 0 ? `${trailer.legsOff} legs off` : null),
  ({ trailer }) => (trailer?.slit ? 'belly slit' : null),
  ({ trailer }) => (trailer?.rattle ? 'with a rattle' : null),
];

/**
 * Names of rigs that stand in one list: those that would read the same say what tells them apart.
 * @returns a name for each rig, in their order
 */
export function rigTitles(rigs: readonly Rig[], system: UnitSystem): readonly string[] {
  const titles = rigs.map((rig) => rigTitle(rig, system));
  for (const detail of DETAILS) {
    for (const like of alike(titles)) {
      const told = like.map((at) => detail(rigs[at]!, system));
      if (new Set(told).size < 2) continue;
      like.forEach((at, i) => {
        if (told[i] !== null) titles[at] += `, ${told[i]}`;
      });
    }
  }
  return titles;
}

/** Places of names that read the same, group by group. */
function alike(titles: readonly string[]): readonly (readonly number[])[] {
  const groups = new Map<string, number[]>();
  titles.forEach((title, at) => groups.set(title, [...(groups.get(title) ?? []), at]));
  return [...groups.values()].filter(({ length }) => length > 1);
}
