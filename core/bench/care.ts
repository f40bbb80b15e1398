import type { Rig } from '../rig/parts/schema';

/** What to do with a rig after the day. */
export const CARE_IDS = [
  'trailer-off',
  'dry-hook',
  'touch-up-point',
  'rubber-dark',
  'rinse-skirt',
  'blades-apart',
  'arm-check',
  'plate-check',
  'plastics-by-kind',
  'lead-hands',
] as const;
export type CareId = (typeof CARE_IDS)[number];

const APPLIES: Readonly<Record<CareId, (rig: Rig) => boolean>> = {
  'trailer-off': (rig) => !!rig.trailer,
  'dry-hook': () => true,
  'touch-up-point': () => true,
  'rubber-dark': (rig) => rig.skirt?.material === 'rubber',
  'rinse-skirt': (rig) => !!rig.skirt,
  'blades-apart': (rig) => rig.family === 'spinner',
  'arm-check': (rig) => rig.family === 'spinner',
  'plate-check': (rig) => rig.family === 'vibrating',
  'plastics-by-kind': (rig) => !!rig.trailer,
  'lead-hands': (rig) => rig.head.metal === 'lead',
};

export const careFor = (rig: Rig): CareId[] => CARE_IDS.filter((id) => APPLIES[id](rig));
