import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import { always, type BandRule, type ShiftRule } from '../rule';

const inches = lengthMFromIn;
const feet = lengthMFromFt;

/** Length from nose to tail. @source craft-practice */
export const LENGTH_BANDS = [
  {
    id: 'length-choosy',
    when: (w) => w.seenM >= feet(3) && (w.water.mood === 'inactive' || w.water.pressure === 'high'),
    from: inches(2.6),
    to: inches(3.9),
  },
  { id: 'length-cold', when: (w) => w.belowF(50), from: inches(3), to: inches(4.3) },
  { id: 'length-big-fish', when: (w) => w.water.aim === 'size', from: inches(4), to: inches(5.5) },
  { id: 'length-usual', when: always, from: inches(3.5), to: inches(4.9) },
] as const satisfies readonly BandRule[];

export const LENGTH_SHIFTS = [
  { id: 'length-small-prey', when: (w) => w.water.forage.length === 1 && w.water.forage[0] === 'minnow', times: 0.85 },
  { id: 'length-murk', when: (w) => w.seenM < inches(12), times: 1.08 },
] as const satisfies readonly ShiftRule[];

/** Height over length, wanted only when the food is known. @source craft-practice */
export const RATIO_BANDS = [
  { id: 'ratio-panfish', when: (w) => w.water.forage[0] === 'panfish', from: 0.22, to: 0.45 },
  { id: 'ratio-crayfish', when: (w) => w.water.forage[0] === 'crayfish', from: 0.16, to: 0.26 },
  { id: 'ratio-slim', when: (w) => w.water.forage.length > 0, from: 0.08, to: 0.18 },
] as const satisfies readonly BandRule[];

/** Share of contacts a rig comes back from. @source craft-practice */
export const SNAG_BANDS = [
  { id: 'snag-thick', when: (w) => w.density === 3, from: 0.72, to: 1 },
  { id: 'snag-medium', when: (w) => w.density === 2, from: 0.6, to: 1 },
  { id: 'snag-sparse', when: (w) => w.density === 1, from: 0.45, to: 1 },
  { id: 'snag-open', when: always, from: 0.25, to: 1 },
] as const satisfies readonly BandRule[];
