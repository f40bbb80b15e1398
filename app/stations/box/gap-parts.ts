import type { GapStep, RigTray, UnitSystem } from '@core';
import { tellPart } from '../../parts/part-text';
import * as words from '../../locale/en/box';

/** A part that a step asks for, as it is asked for over a counter. */
export function gapPart({ rig }: GapStep, tray: RigTray, system: UnitSystem): string {
  switch (tray) {
    case 'heads':
      return tellPart('heads', { ...rig.head, guard: rig.guard ?? null }, system).title;
    case 'skirts': {
      if (!rig.skirt) return 'a skirt';
      const { thinned: _thinned, trim: _trim, ...skirt } = rig.skirt;
      return words.skirtOf(tellPart('skirts', skirt, system).title, rig.skirt.colour);
    }
    case 'trailers': {
      if (!rig.trailer) return 'a trailer';
      const { kind, lengthMm, softness, colour } = rig.trailer;
      return `${tellPart('trailers', { kind, lengthMm, softness, colour }, system).title}, ${colour}`;
    }
  }
}
