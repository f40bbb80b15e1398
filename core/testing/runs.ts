/** Share of the runs of a long proof that `npm test` makes: enough to notice a line that is broken. */
const SHARE = 5;

/**
 * How often a proof that goes by thousands is run: all of it in `npm run soak`, one part in five in `npm test`.
 * @param whole  runs of the whole proof
 */
export const runs = (whole: number): number => (process.env['SOAK'] ? whole : Math.ceil(whole / SHARE));
/** Whether one of many like cases is looked at: every one in `npm run soak`, one in some in `npm test`. */
export const isSampled = (at: number, oneIn = SHARE): boolean => Boolean(process.env['SOAK']) || at % oneIn === 0;
