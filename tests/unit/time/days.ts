/** Generated problems for the scheduler, of eight to forty steps, all in multiples of five minutes, the same in every run. */
import type { Activity, Link, Means, Windows } from '$core/time';

export interface MadeUpDay {
  readonly activities: readonly Activity[];
  readonly means: Means;
  readonly windows: Windows;
}

export const UNIT_MINUTES = 5;
const DAY = 1440;

function random(seed: number): (below: number) => number {
  let state = (seed * 7919 + 17) % 2147483647;
  for (let i = 0; i < 5; i++) state = (state * 48271) % 2147483647;
  return (below) => {
    state = (state * 48271) % 2147483647;
    return Math.floor((state / 2147483647) * below);
  };
}

/**
 * A problem of some pots and bowls, each with its steps, laid one on another with waits between, then cut and packed. Some pots meet,
 * a boil is laid at once, an oven holds one temperature; in some of them nobody works at noon.
 */
export function madeUpDay(seed: number, steps: number): MadeUpDay {
  const under = random(seed);
  const pick = <T>(list: readonly T[]): T => list[under(list.length)]!;
  const minutes = (least: number, most: number) => UNIT_MINUTES * (least + under(most - least + 1));
  const activities: Activity[] = [];
  const add = (part: Partial<Activity>, after: readonly Link[]): string => {
    const id = `a${activities.length}`;
    activities.push({
      ...{
        id,
        of: 'x',
        title: { code: 'written', text: `Step ${id}` } as const,
        minutes: 5,
        hands: 'busy',
        occupies: [],
        ovenC: null,
        after,
        caution: null,
      },
      ...part,
    });
    return id;
  };
  const link = (on: string, least = 0, most: number | null = null): Link => ({ on, least, most });
  const potStep = (after: Link): Link => {
    const [part, goesOn] = pick([
      () => [{ minutes: minutes(3, 8), hands: 'free', occupies: ['oven'], ovenC: pick([150, 170]) }, null] as const,
      () => [{ minutes: minutes(2, 5), hands: 'watch', occupies: ['ring'] }, pick([0, 5, 10])] as const,
      () => [{ minutes: minutes(1, 3), hands: pick(['watch', 'free'] as const), occupies: ['mixer'] }, 30] as const,
      () => [{ minutes: minutes(4, 20), hands: 'free', occupies: ['fridge'] }, null] as const,
      () => [{ minutes: minutes(1, 4), hands: 'busy' }, pick([30, 60, null])] as const,
    ])();
    return link(add(part, [after]), 0, goesOn);
  };
  const first = add({ minutes: minutes(1, 3) }, []);
  const slabs = 1 + under(3);
  const ends: string[] = [];
  for (let slab = 1; slab <= slabs; slab++) {
    // A step to cut each slab, and one to pack them all.
    const upTo = Math.floor(((steps - 1) * slab) / slabs) - 1;
    let below: Link[] = [];
    while (activities.length < upTo) {
      const pots: string[] = [];
      for (let pot = 1 + under(2); pot > 0 && activities.length < upTo - 1; pot--) {
        let last = link(first);
        for (let n = 1 + under(3); n > 0 && activities.length < upTo - 1; n--) last = potStep(last);
        pots.push(last.on);
      }
      const within = pick([0, 10, 60, null]);
      const lay = add({ minutes: minutes(1, 2) }, [...pots.map((on) => link(on, 0, within)), ...below]);
      const least = minutes(0, 12);
      below = [link(lay, least, pick([null, least + 120]))];
    }
    ends.push(add({ minutes: minutes(2, 5) }, below));
  }
  add(
    { minutes: minutes(1, 3) },
    ends.map((on) => link(on)),
  );
  const rests = under(3) === 0;
  return {
    activities,
    means: { hands: 1 + under(2), ovens: 1, rings: pick([2, 4]) },
    windows: Array.from({ length: 3 }, (_, day) => day * DAY).flatMap((from) =>
      rests
        ? ([
            [from, from + 240],
            [from + 285, from + 720],
          ] as const)
        : ([[from, from + 1435]] as const),
    ),
  };
}

/** The sixty problems that schedules are measured on. */
export const DAYS: readonly MadeUpDay[] = Array.from({ length: 60 }, (_, i) =>
  madeUpDay(i, 8 + Math.round((i * 32) / 59)),
);
