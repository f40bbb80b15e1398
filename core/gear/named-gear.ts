import { usable, type Box } from '../rig/parts/box';

/** What rigs go on. */
export type GearTrays = Pick<Box, 'rods' | 'reels' | 'lines'>;
/** Trays with nothing but what is named, where that is there; each as it is where nothing is. */
export function gearNamed(
  { rods, reels, lines }: GearTrays,
  named: { readonly rod?: string; readonly reel?: string; readonly line?: string } = {},
): GearTrays {
  const one = <T extends { readonly id?: string; readonly quantity?: number }>(
    parts: readonly T[],
    id?: string,
  ): T[] => {
    const able = parts.filter(usable);
    const found = able.filter((part) => id !== undefined && part.id === id);
    return found.length > 0 ? found : able;
  };
  return { rods: one(rods, named.rod), reels: one(reels, named.reel), lines: one(lines, named.line) };
}
