import { rigBody } from '../body/body';
import { movedPath } from './curve';
import { frameBlocks, type HeadPart, type PartOf, type Tray } from '../parts/box';
import { headOf } from '../body/part-mass';
import { bladeOutline } from './blade-shape';
import { rigOutline } from './rig-outline';
import { boundsOf, outlineOf, type Outline, type OutlinePart, type OutlineShape, type View } from './outline-shape';
import { rigHeadOn } from './head-on';
import { uncutTrailer, type Rig } from '../parts/schema';
import { looseHookShapes } from './trailer-hook-shape';

/** A head to hang a single part on while its outline is taken; it is not drawn. */
const BLANK: Rig = {
  family: 'skirted',
  head: { style: 'ball', finesse: false, weightOz: 0.25, metal: 'lead', hook: { size: '3/0', wire: 'medium' } },
  guard: null,
  skirt: null,
  trailer: null,
  core: null,
};

/** Some parts of a rig, moved so that they begin at 0: a rule under them starts at their nose. */
function only(rig: Rig, view: View, parts: readonly OutlinePart[]): OutlineShape[] {
  const shapes = rigOutline(rig, rigBody(rig), view).shapes.filter(({ part }) => parts.includes(part));
  const { x } = boundsOf(shapes);
  return shapes.map((shape) => ({ ...shape, d: movedPath(shape.d, [-x, 0]) }));
}

function headShapes(part: HeadPart, view: View): OutlineShape[] {
  const rig: Rig = {
    ...BLANK,
    head: headOf(part),
    guard: part.guard ?? null,
    skirt: part.skirt ? { ...part.skirt, thinned: 0, trim: 'none' } : null,
    ...frameBlocks(part),
  };
  return [...rigOutline(rig, rigBody(rig), view).shapes];
}

/** Trays whose parts are drawn. */
export const DRAWN_TRAYS = ['heads', 'skirts', 'trailers', 'blades', 'hooks'] as const satisfies readonly Tray[];
export type DrawnTray = (typeof DRAWN_TRAYS)[number];

const DRAW: { readonly [T in DrawnTray]: (part: PartOf<T>, view: View) => OutlineShape[] } = {
  heads: headShapes,
  skirts: (part, view) =>
    only({ ...BLANK, skirt: { ...part, thinned: 0, trim: 'none' } }, view, ['skirt', 'skirt-shade', 'collar']),
  trailers: (part, view) => only({ ...BLANK, trailer: uncutTrailer(part) }, view, ['trailer', 'crease']),
  blades: (part) => bladeOutline(part.shape, part.size, part.finish, [0, 0], 0),
  hooks: (part, view) => looseHookShapes({ kind: part.kind, point: 'up', size: part.size }, [0, 0], view),
};

/**
 * True-scale drawing of one part, millimetres, from the same profiles that motion integrates.
 * @returns paths in painting order and the box around them
 */
export function partOutline<T extends DrawnTray>(tray: T, part: PartOf<T>, view: View): Outline {
  const shapes = DRAW[tray](part, view);
  return outlineOf(shapes);
}

/** A head as the fish sees it, with all it came with: what tells wide ones from narrow ones, and plates from each other. */
export function headFromFront(part: HeadPart): Outline {
  const rig: Rig = { ...BLANK, head: headOf(part), guard: part.guard ?? null, ...frameBlocks(part) };
  return rigHeadOn(rig, rigBody(rig), 0);
}
