declare module 'highs' {
  interface Column {
    readonly Primal: number
  }
  interface Solution {
    readonly Status: string
    readonly ObjectiveValue: number
    readonly Columns: Readonly<Record<string, Column>>
  }
  /** Loads the solver; what it gives solves a problem in the LP format. */
  export default function load(
    options?: object,
  ): Promise<{ solve: (lp: string, options?: object) => Solution }>
}
