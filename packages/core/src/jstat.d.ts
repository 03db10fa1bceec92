/** The little of jStat that the tests hold the statistics against. */
declare module 'jstat' {
  export const jStat: {
    models: { ols(y: readonly number[], x: readonly (readonly number[])[]): { coef: number[]; t: { se: number[] } } };
    studentt: { inv(p: number, dof: number): number };
  };
}
