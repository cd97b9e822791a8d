declare module 'quadprog' {
  /** Minimises ½ x′Dx − d′x with A′x ≥ b, the first meq of them equal. Arrays begin at 1. */
  export function solveQP(
    d: number[][],
    dvec: number[],
    a: number[][],
    b: number[],
    meq?: number,
  ): { solution: number[]; value: number[]; message: string }
}

declare module 'jstat' {
  interface Distribution {
    cdf: (x: number, ...of: number[]) => number
  }
  const jstat: { binomial: Distribution; chisquare: Distribution }
  export default jstat
}
