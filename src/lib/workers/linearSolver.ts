import type { LegacyHighs } from 'highs';
import type { LinearFound, SolveLinear } from '$core/fit';

const none: LinearFound = { status: 'limit', value: 0, columns: new Map(), duals: new Map() };

/** Solver of linear and integer programs for the core; returns the best solution so far when time is up. */
export function linearSolverOf(highs: LegacyHighs): SolveLinear {
  return (program, seconds) => {
    const found = highs.solve(program, { mip_rel_gap: 0, mip_abs_gap: 0, time_limit: seconds });
    if (found.Status === 'Infeasible') return Promise.resolve({ ...none, status: 'infeasible' });
    const optimal = found.Status === 'Optimal';
    if (!optimal && found.Status !== 'Time limit reached') return Promise.resolve(none);
    const numbers = (of: object, field: string) =>
      new Map(Object.entries(of).map(([name, row]) => [name, Number((row as Record<string, unknown>)[field] ?? 0)]));
    const columns = numbers(found.Columns, 'Primal');
    const isKnown = [...columns.values()].every(Number.isFinite) && columns.size > 0;
    const rows = Object.values(found.Rows) as readonly { readonly Name?: string; readonly Dual?: number }[];
    const duals = rows.flatMap(({ Name, Dual }) =>
      Name !== undefined && Dual !== undefined ? [[Name, Dual] as const] : [],
    );
    return Promise.resolve({
      status: optimal ? 'optimal' : 'limit',
      value: found.ObjectiveValue,
      columns: isKnown ? columns : new Map<string, number>(),
      duals: new Map(duals),
    });
  };
}
