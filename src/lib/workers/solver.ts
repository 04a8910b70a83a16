import type { LegacyHighs } from 'highs';
import type { SolveProgram } from '$core/fit';

/** Exact solver for the core. Only a proven optimum counts as an answer. */
export function solverOf(highs: LegacyHighs): SolveProgram {
  return (program) => {
    const { Status, Columns } = highs.solve(program, { mip_rel_gap: 0, mip_abs_gap: 0 });
    if (Status !== 'Optimal') return Promise.resolve(null);
    return Promise.resolve(
      new Map(Object.entries(Columns).map(([name, column]) => [name, 'Primal' in column ? Number(column.Primal) : 0])),
    );
  };
}
