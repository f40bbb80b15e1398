import { COLOURS, type CompiledWater } from '@core';

const KEY = 'pandero-last-colour';
type Coloured = 'skirts' | 'trailers' | 'heads';
/** Until a colour was chosen, and where the water asks for none. */
const USUAL = 'green pumpkin';

/** The colour somebody last chose for a part of this tray; null where none was yet. */
function chosen(tray: Coloured): string | null {
  try {
    return globalThis.localStorage?.getItem(`${KEY}-${tray}`) ?? null;
  } catch {
    return null;
  }
}

/** Remembers the colour for the next part of this tray. A browser that keeps nothing asks the water again. */
export function rememberColour(tray: Coloured, colour: string): void {
  try {
    globalThis.localStorage?.setItem(`${KEY}-${tray}`, colour);
  } catch {
    // it is only a beginning
  }
}

/** The class of colour that the rules speaking here are most for. */
function askedFor({ prefers }: Pick<CompiledWater, 'prefers'>, tray: Coloured): string | null {
  const axis = tray === 'trailers' ? 'trailerColour' : 'skirtColour';
  const worth = new Map<string, number>();
  for (const { target, weight } of prefers)
    for (const of of target[axis] ?? []) worth.set(of, (worth.get(of) ?? 0) + weight);
  const [best] = [...worth].sort((a, b) => b[1] - a[1]);
  return best && best[1] > 0 ? best[0] : null;
}

/** The colour a part of this tray comes in: the last that was chosen, else what the water asks for. */
export function firstColour(tray: Coloured, water: Pick<CompiledWater, 'prefers'>): string {
  const asked = askedFor(water, tray);
  return chosen(tray) ?? COLOURS.find((row) => row.of === asked)?.name ?? USUAL;
}
