/** Finds the best cut into several piece types in a worker, and reports each better one. */
import loader from 'highs';
import wasm from 'highs/runtime?url';
import { mixedCut, type MixedAnswer, type MixedQuestion } from '$core/fit';
import { linearSolverOf } from './linearSolver';

export interface MixedAsked {
  readonly question: MixedQuestion;
  readonly seconds: number;
}
/** Best cut so far; `failed` if the solver could not start. */
export type MixedReply = { readonly answer: MixedAnswer; readonly done: boolean } | { readonly failed: true };

const ready = loader({ locateFile: () => wasm }).then(linearSolverOf);

addEventListener('message', (event: MessageEvent<MixedAsked>) => {
  const { question, seconds } = event.data;
  const tell = (reply: MixedReply) => postMessage(reply);
  ready
    .then((solve) => mixedCut(question, solve, seconds, (answer) => tell({ answer, done: false })))
    .then(
      (answer) => tell({ answer, done: true }),
      () => tell({ failed: true }),
    );
});
