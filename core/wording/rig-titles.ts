import { shown, type UnitSystem } from '../units/display';
import { lengthMFromMm } from '../units/units';
import type { Rig } from '../rig/parts/schema';
import { rigTitle } from './values';
import * as phrases from '../locale/en/phrases';
import { NAME } from '../locale/en/names';

type Detail = (rig: Rig, system: UnitSystem) => string | null;

const mm = (length: number, system: UnitSystem): string => shown('cut', lengthMFromMm(length), system);

/** What a short name leaves out, the most telling first. Null where the rig has nothing of it. */
const DETAILS: readonly Detail[] = [
  ({ trailer }, system) => {
    const cut = trailer ? trailer.cutNoseMm + trailer.cutTailMm : 0;
    return trailer && cut > 0 ? phrases.cutTo(mm(trailer.lengthMm - cut, system)) : null;
  },
  ({ skirt }) => (skirt ? phrases.strandsOf(skirt.strands - skirt.thinned, NAME[skirt.material]) : null),
  ({ skirt }, system) => (skirt ? phrases.skirtLong(mm(skirt.lengthMm, system)) : null),
  ({ trailerHook }) =>
    trailerHook ? `${trailerHook.kind === 'treble' ? 'treble' : phrases.trailerHook} ${trailerHook.size}` : null,
  ({ trailer }) => (trailer && trailer.softness !== 'medium' ? phrases.plastic(trailer.softness) : null),
  ({ head }) => phrases.hook(head.hook.size),
  ({ head }) => phrases.wire(NAME[head.hook.wire]),
  ({ guard }) => (guard ? phrases.guardOf(guard.fibres) : phrases.noGuard),
  ({ guard }, system) => (guard ? phrases.guardLong(mm(guard.lengthMm, system)) : null),
  ({ keeper }) => (keeper ? phrases.keeper(keeper) : null),
  ({ core }) => (core ? phrases.coreOf(core.colour) : null),
  ({ blade }) => (blade ? phrases.link(blade.link) : null),
  ({ arms }) => (arms?.squeezed ? phrases.armsPressedTogether : null),
  ({ arms }, system) => (arms ? phrases.upperArm(mm(arms.upperMm, system)) : null),
  ({ trailer }) => (trailer?.splitTails ? phrases.tailsSplit : null),
  ({ trailer }) => (trailer && trailer.legsOff > 0 ? phrases.legsOff(trailer.legsOff) : null),
  ({ trailer }) => (trailer?.slit ? phrases.bellySlit : null),
  ({ trailer }) => (trailer?.rattle ? phrases.withARattle : null),
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
