import { bentStrand } from '../../rig/body/strand';
import { radFromDeg } from '../../units/units';
import { MEMORY, type Compared } from './comparison';
import { linkedStrand } from './strand-links';

/** Roots, degrees, and loads. */
const STRANDS = [
  [70, 1],
  [70, 30],
  [75, 1000],
  [25, 100],
] as const;

/** One strand against links with springs, and against what was found of filaments that bend. */
export function strandsCompared(): Compared[] {
  const links = STRANDS.flatMap(([deg, load]): Compared[] => {
    const [ours, theirs] = [bentStrand(radFromDeg(deg), load), linkedStrand(radFromDeg(deg), load)];
    const at = `of a strand with a root of ${deg}° at a load of ${load}`;
    const source = 'sixty links with springs (`core/testing/independent/strand-links.ts`)';
    return [
      { of: `reach ${at}`, unit: '', ours: ours.reach, theirs: theirs.reach, within: 0.02, source },
      { of: `drag ${at}`, unit: '', ours: ours.drag, theirs: theirs.drag, within: 0.02, source },
    ];
  });
  const slope = Math.log(bentStrand(Math.PI / 2, 1e5).drag / bentStrand(Math.PI / 2, 1e4).drag) / Math.log(10);
  return [
    ...links,
    {
      of: 'how the drag of a strand falls with the speed, far out (power)',
      ...{ unit: '', ours: 2 * slope, theirs: -2 / 3, within: 0.04 },
      source: `Alben, Shelley and Zhang 2002; Gosselin, de Langre and Machado-Almeida 2010, ${MEMORY}`,
    },
  ];
}
