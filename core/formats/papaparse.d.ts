/** Just what the CSV reader and writer use; the published types would pull Node's into the core. */
declare module 'papaparse' {
  /** One row, what is wrong with it, and how far the text was read with it. */
  interface Step {
    readonly data: readonly string[];
    readonly errors: readonly { readonly code: string }[];
    readonly meta: { readonly cursor: number };
  }
  const Papa: {
    parse(
      text: string,
      config: {
        delimiter: string;
        newline: string;
        skipEmptyLines: false;
        header: false;
        step(row: Step): void;
      },
    ): void;
    unparse(
      input: { fields: readonly string[]; data: readonly (readonly string[])[] },
      config?: { newline: string },
    ): string;
  };
  export default Papa;
}
