/** What a solver says of a linear or an integer program. */
export interface LinearFound {
  readonly status: 'optimal' | 'limit' | 'infeasible';
  readonly value: number;
  /** Empty where no solution is known. */
  readonly columns: ReadonlyMap<string, number>;
  /** Of a linear program: what one more of a row's limit would be worth. */
  readonly duals: ReadonlyMap<string, number>;
}

/** Solves a program given as text in CPLEX LP format, within some seconds. */
export type SolveLinear = (program: string, seconds: number) => Promise<LinearFound>;
