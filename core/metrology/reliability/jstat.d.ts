/** As much of the package as is used: it ships no types. */
declare module 'jstat' {
  interface Distribution1 {
    inv(p: number, df: number): number
  }
  interface Distribution2 {
    inv(p: number, df1: number, df2: number): number
  }
  const jstat: { readonly centralF: Distribution2; readonly chisquare: Distribution1 }
  export default jstat
}
