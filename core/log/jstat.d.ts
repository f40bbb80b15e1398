/** The functions of the statistics library that are used here. */
declare module 'jstat' {
  const jStat: {
    /** natural logarithm of the gamma function */
    gammaln(x: number): number;
    readonly gamma: { inv(p: number, shape: number, scale: number): number };
    readonly beta: { inv(p: number, a: number, b: number): number };
  };
  export default jStat;
}
