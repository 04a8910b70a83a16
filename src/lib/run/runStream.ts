import type { RunEvent } from '$core/run';
import type { RunFollower } from './runFollower.svelte';
import { shopClock } from './shopClock';

const TICK_MS = 1000;
/** Retry interval of a refused stream. */
const AGAIN_MS = 4000;

/**
 * Follows several runs with one stream, since browsers open few connections at once.
 *
 * @param last the sequence of the last event that this page was loaded with
 * @returns what ends it
 */
export function followRuns(followers: readonly RunFollower[], last: number): () => void {
  const byId = new Map(followers.map((follower) => [follower.id, follower]));
  let known = last;
  let stream: EventSource;
  let again: ReturnType<typeof setTimeout> | undefined;
  const listen = () => {
    stream = new EventSource(`/api/runs/stream?runs=${[...byId.keys()].join()}&after=${known}`);
    stream.onmessage = ({ data, lastEventId }: MessageEvent<string>) => {
      known = Number(lastEventId);
      const { run, event } = JSON.parse(data) as { run: number; event: RunEvent };
      byId.get(run)?.received(event);
    };
    stream.addEventListener('caught-up', () => {
      for (const follower of followers) follower.caughtUp();
    });
    stream.addEventListener('now', ({ data }: MessageEvent<string>) => shopClock.sync(Number(data)));
    stream.onopen = () => {
      for (const follower of followers) {
        follower.isReached = true;
        void follower.send();
      }
    };
    stream.onerror = () => {
      for (const follower of followers) follower.isReached = false;
      // Browsers reconnect after a broken connection, but not after a refusal.
      if (stream.readyState !== EventSource.CLOSED) return;
      clearTimeout(again);
      again = setTimeout(listen, AGAIN_MS);
    };
  };
  if (followers.length > 0) listen();
  for (const follower of followers) void follower.start();
  const tick = setInterval(() => {
    for (const follower of followers) follower.nowMs = shopClock.now();
  }, TICK_MS);
  return () => {
    clearInterval(tick);
    clearTimeout(again);
    stream?.close();
    for (const follower of followers) follower.close();
  };
}
