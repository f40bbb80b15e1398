import type { FaultId } from '../checks/check';

const mm = (value: number | undefined): string => `${Math.round(value ?? 0)} mm`;

/** What is wrong with a rig and what cures it. */
export const FAULT_TEXT: Readonly<
  Record<FaultId, (data: Readonly<Record<string, number>>) => { readonly says: string; readonly remedy: string }>
> = {
  'edge-on-round-body': () => ({
    says: 'Turning a round body on edge does nothing here.',
    remedy: 'Hang it any way up, or take a flat-bodied trailer.',
  }),
  'skirt-hides-tail': ({ beyondMm, shortenMm }) => ({
    says:
      (beyondMm ?? 0) < 0
        ? `The skirt reaches ${mm(-(beyondMm ?? 0))} past the trailer and hides it.`
        : `Only ${mm(beyondMm)} of trailer show behind the skirt.`,
    remedy: `Shorten the skirt by ${mm(shortenMm)} or take a longer trailer.`,
  }),
  'bare-point-in-plastic': () => ({
    says: 'No guard, and nothing to bury the point in.',
    remedy: 'Fit a guard, or use a screw keeper and bury the point in the trailer.',
  }),
  'core-longer-than-body': ({ coreMm, bodyMm }) => ({
    says: `The core (${mm(coreMm)}) is longer than the trailer behind it (${mm(bodyMm)}).`,
    remedy: 'Cut the core shorter than the trailer.',
  }),
};
