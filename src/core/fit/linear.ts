/** Result of a linear or an integer program. */
export interface LinearFound {
  readonly status: 'optimal' | 'limit' | 'infeasible';
  readonly value: number;
  /** Empty if no solution is known. */
  readonly columns: ReadonlyMap<string, number>;
  /** Dual values of a linear program: the gain from increasing a row's limit by one. */
  readonly duals: ReadonlyMap<string, number>;
}

/** Solves a program in CPLEX LP format within a time limit, s. */
export type SolveLinear = (program: string, seconds: number) => Promise<LinearFound>;
