/** The solver of a thread, loaded with the first program. */
import loader from 'highs';
import { linearSolverOf } from '$lib/workers/linearSolver';
import { solverOf } from '$lib/workers/solver';

let highs: ReturnType<typeof loader> | null = null;
const loaded = () => (highs ??= loader());

/** Solves integer programs; only a proven optimum counts. */
export const programSolver = () => loaded().then(solverOf);

/** Solves linear and integer programs within a time. */
export const linearSolver = () => loaded().then(linearSolverOf);
