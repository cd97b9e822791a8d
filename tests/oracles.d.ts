declare module 'quadprog' {
  /** Minimises ½ x′Dx − d′x with A′x ≥ b, the first meq of them equal. Arrays begin at 1. */
  export function solveQP(d: number[][], dvec: number[], a: number[][], b: number[], meq?: number): { solution: number[], value: number[], message: string }
}
