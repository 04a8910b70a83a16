/** Fills bags with shards in a worker: two dozen shards take some seconds. */
import { bagged, type Bagged } from '$core/fit';

export interface BagsAsked {
  readonly shardsG: readonly number[];
  readonly bagG: number;
}

addEventListener('message', (event: MessageEvent<BagsAsked>) => {
  const found: Bagged = bagged(event.data.shardsG, event.data.bagG);
  postMessage(found);
});
