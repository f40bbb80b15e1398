/** Whether a module holds words of the locale. */
export function isWords(path: string): boolean;
/** The module in the made-up language. */
export function pseudoModule(source: string, from: string): string;
