/** Looks there are for regions: a colour and a hatch each. */
export const REGION_LOOKS = 8;

/** The look of the region with a number, counted from 1. */
export const regionLook = (nth: number): number => (nth - 1) % REGION_LOOKS;
