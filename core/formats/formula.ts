/** Beginnings that make a spreadsheet take a cell for a formula, however many of our own marks stand before them. */
const FORMULA = /^'*[=+\-@\t\r]/;
/** A number below nought alone is none. */
const NUMBER = /^-\d+([.,]\d+)?$/;

/** A cell as it may be written: what a spreadsheet would run is marked as text. */
export const guarded = (cell: string): string => (FORMULA.test(cell) && !NUMBER.test(cell) ? `'${cell}` : cell);

/** The cell that was meant: our own mark is taken off again. */
export const unguarded = (cell: string): string => (/^'+[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell);
