/** Puts shards in bags, away from the screen: every way of two dozen is some seconds' work. */
import { bagged, type Bagged } from '$core/fit';

export interface BagsAsked {
  readonly shardsG: readonly number[];
  readonly bagG: number;
}

addEventListener('message', (event: MessageEvent<BagsAsked>) => {
  const found: Bagged = bagged(event.data.shardsG, event.data.bagG);
  postMessage(found);
});
