import { momentOf } from '@core';

/** A date as a moment, by the clock of where the page is. */
export const momentHere = (ms: number): string => momentOf(ms, -new Date(ms).getTimezoneOffset());
