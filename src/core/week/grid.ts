import type { Oven, Span, WeekStep, Workroom } from './types';

/** What is left of a resource in each minute. */
type Left = Int32Array;

/** A step in the workroom: its start, person and oven, by index; -1 where it needs none. */
export interface Place {
  readonly start: number;
  readonly person: number;
  readonly oven: number;
}

/** Whether a search goes on to later or to earlier moments. */
export type Direction = 1 | -1;

interface OvenMinutes extends Oven {
  /** Shelves in use, and the temperature of what bakes there, °C. */
  readonly shelvesUsed: Int16Array;
  readonly celsius: Float64Array;
}

/** Shelves in use of an oven that is blocked. */
const OUT_OF_ORDER = 1000;
/** What is left of a resource whose amount is not known: it limits nothing, but can be blocked. */
const UNLIMITED = 1e9;
const FULL_PERSON = 2;
/** How far a watched step is moved to overlap another watched one, min. */
const BESIDE_MINUTES = 120;
const NOWHERE = -1;

/** Returns the last or first minute of a range in which less is left than needed; -1 if there is none. */
function shortage(left: Left | Int8Array, need: number, from: number, to: number, direction: Direction): number {
  if (direction > 0) {
    for (let m = to - 1; m >= from; m--) if (left[m]! < need) return m;
  } else for (let m = from; m < to; m++) if (left[m]! < need) return m;
  return NOWHERE;
}

/** Returns the first start in a direction that is clear of a minute. */
const past = (minute: number, lasts: number, direction: Direction) => (direction > 0 ? minute + 1 : minute - lasts);

/** The workroom minute by minute: what is free of each resource. */
export class Grid {
  readonly minutes: number;
  /** Work left of each person, in halves; none outside their hours. */
  readonly people: readonly Int8Array[];
  readonly ovens: readonly OvenMinutes[];
  /** 1 while somebody is there. */
  readonly staffed: Int8Array;
  readonly #resources = new Map<string, Left>();
  readonly #tins = new Map<string, Left>();
  /** Start of the stretch in which somebody is there, and the next and last moment at which somebody can take something out. */
  readonly #staffedFrom: Int32Array;
  readonly #nextOut: Int32Array;
  readonly #lastOut: Int32Array;

  /** @param minutes length of the time in which everything has to happen */
  constructor(workroom: Workroom, minutes: number) {
    this.minutes = minutes;
    const within = ({ from, to }: Span): readonly [number, number] => [Math.max(0, from), Math.min(minutes, to)];
    this.people = workroom.people.map(({ name, hours }) => {
      const left = new Int8Array(minutes);
      for (const span of hours) left.fill(FULL_PERSON, ...within(span));
      for (const { resource, ...span } of workroom.blocked)
        if (resource === 'people' || resource === name) left.fill(0, ...within(span));
      return left;
    });
    this.ovens = workroom.ovens.map((oven) => {
      const [shelvesUsed, celsius] = [new Int16Array(minutes), new Float64Array(minutes)];
      for (const { resource, ...span } of workroom.blocked)
        if (resource === 'oven' || resource === oven.name) shelvesUsed.fill(OUT_OF_ORDER, ...within(span));
      return { ...oven, shelvesUsed, celsius };
    });
    const amounts = {
      ...{ ring: workroom.rings, mixer: workroom.mixers, board: workroom.boards, marble: 1 },
      ...{ fridge: workroom.fridgeMm2, freezer: workroom.freezerMm2 },
    };
    for (const [name, amount] of Object.entries(amounts))
      this.#resources.set(name, new Int32Array(minutes).fill(amount ?? UNLIMITED));
    for (const [tin, count] of workroom.tins) this.#tins.set(tin, new Int32Array(minutes).fill(count));
    for (const { resource, ...span } of workroom.blocked) this.#resources.get(resource)?.fill(0, ...within(span));
    this.staffed = new Int8Array(minutes);
    for (const left of this.people) left.forEach((halves, m) => halves > 0 && (this.staffed[m] = 1));
    this.#staffedFrom = new Int32Array(minutes + 1);
    this.#nextOut = new Int32Array(minutes + 1).fill(minutes);
    this.#lastOut = new Int32Array(minutes + 1);
    const isOut = (m: number) => this.staffed[m] === 1 || (m > 0 && this.staffed[m - 1] === 1);
    for (let m = 1; m <= minutes; m++) {
      this.#staffedFrom[m] = this.staffed[m] === 1 && this.staffed[m - 1] === 1 ? this.#staffedFrom[m - 1]! : m;
      this.#lastOut[m] = isOut(m) ? m : this.#lastOut[m - 1]!;
    }
    for (let m = minutes - 1; m >= 0; m--) this.#nextOut[m] = isOut(m) ? m : this.#nextOut[m + 1]!;
  }

  /** Returns until when a step uses its place in the cold: the slab comes out when somebody is there. */
  outAt(step: WeekStep, start: number): number {
    const end = start + step.minutes;
    return isCold(step) ? this.#nextOut[Math.min(end, this.minutes)]! : end;
  }

  /** Returns the first place for a step in a direction, from a start on. `null` if there is none within the time. */
  find(step: WeekStep, from: number, direction: Direction, low: number, high: number): Place | null {
    const lasts = step.minutes;
    let start = from;
    for (;;) {
      if (start < low || start + lasts > high) return null;
      let next = this.#clear(step, start, direction);
      let person = NOWHERE;
      let oven = NOWHERE;
      if (next === start && step.halves > 0) [next, person] = this.#person(step, start, direction);
      if (next === start && step.activity.ovenC !== null && step.activity.occupies.includes('oven'))
        [next, oven] = this.#oven(step, start, direction);
      if (next === start) return { start, person, oven };
      start = next;
    }
  }

  /**
   * Returns the place for a watched step, at most two hours away in a direction, that overlaps other watched steps the most, so that one
   * person looks after both. The nearest of equal ones; `null` if none overlaps.
   */
  findBeside(step: WeekStep, from: number, direction: Direction, low: number, high: number): Place | null {
    let best: Place | null = null;
    let most = 0;
    let start = from;
    const end = Math.min(high - step.minutes, from + BESIDE_MINUTES);
    const begin = Math.max(low, from - BESIDE_MINUTES);
    while (direction > 0 ? start <= end : start >= begin) {
      const place = this.find(step, start, direction, begin, end + step.minutes);
      if (place === null) break;
      const left = this.people[place.person]!;
      let shared = 0;
      for (let m = place.start; m < place.start + step.minutes; m++) shared += Number(left[m] === 1);
      if (shared > most) [best, most] = [place, shared];
      if (shared === step.minutes) break;
      start = place.start + direction;
    }
    return best;
  }

  /** Returns the start itself if hours and shared resources allow it, otherwise the next start worth trying. */
  #clear(step: WeekStep, start: number, direction: Direction): number {
    const end = start + step.minutes;
    if (step.isAttended) {
      const closed = shortage(this.staffed, 1, start, end, direction);
      if (closed !== NOWHERE) return past(closed, step.minutes, direction);
    }
    for (const resource of step.activity.occupies) {
      const left = this.#resources.get(resource);
      if (!left) continue;
      const to = resource === 'fridge' || resource === 'freezer' ? this.outAt(step, start) : end;
      const short = shortage(left, needOf(step, resource), start, to, direction);
      if (short === NOWHERE) continue;
      if (direction < 0 && short >= end) return this.#lastOut[Math.max(0, end - 1)]! - step.minutes;
      return past(short, step.minutes, direction);
    }
    return start;
  }

  /** Returns the start itself and a person who is free, otherwise the next start worth trying. */
  #person(step: WeekStep, start: number, direction: Direction): readonly [number, number] {
    const end = start + step.minutes;
    let next = direction > 0 ? Infinity : -Infinity;
    let best = NOWHERE;
    let bestNear = -1;
    for (let p = 0; p < this.people.length; p++) {
      const left = this.people[p]!;
      const short = shortage(left, step.halves, start, end, direction);
      if (short === NOWHERE) {
        // Somebody who is at work right before or after, so that others can leave.
        const near = Number(start > 0 && left[start - 1] === 0) + Number(left[end] === 0);
        if (near > bestNear) [best, bestNear] = [p, near];
      } else if (direction > 0) next = Math.min(next, short + 1);
      else next = Math.max(next, short - step.minutes);
    }
    if (best !== NOWHERE) return [start, best];
    return [Number.isFinite(next) ? next : direction > 0 ? this.minutes : -1, NOWHERE];
  }

  /** Returns the start itself and an oven that is free and can be at temperature, otherwise the next start worth trying. */
  #oven(step: WeekStep, start: number, direction: Direction): readonly [number, number] {
    let next = direction > 0 ? Infinity : -Infinity;
    for (let o = 0; o < this.ovens.length; o++) {
      const clear = this.#ovenClear(this.ovens[o]!, step, start, direction);
      if (clear === start) return [start, o];
      next = direction > 0 ? Math.min(next, clear) : Math.max(next, clear);
    }
    return [Number.isFinite(next) ? next : direction > 0 ? this.minutes : -1, NOWHERE];
  }

  #ovenClear(oven: OvenMinutes, step: WeekStep, start: number, direction: Direction): number {
    const { shelves, heatUpMinutes, shelvesUsed, celsius } = oven;
    const end = start + step.minutes;
    const needs = Math.min(step.activity.shelves ?? 1, shelves);
    const heated = this.#staffedFrom[start]! + heatUpMinutes;
    if (start < heated) return direction > 0 ? heated : this.#staffedFrom[start]! - step.minutes;
    const wrongAt = (m: number) => {
      if (shelvesUsed[m]! >= OUT_OF_ORDER) return m < end;
      if (shelvesUsed[m] === 0) return false;
      if (celsius[m] !== step.activity.ovenC) return true;
      return m >= start && m < end && shelvesUsed[m]! + needs > shelves;
    };
    const [low, high] = [Math.max(0, start - heatUpMinutes), Math.min(this.minutes, end + heatUpMinutes)];
    if (direction > 0) {
      for (let m = high - 1; m >= low; m--)
        if (wrongAt(m))
          return Math.max(
            start + 1,
            m + 1 + (shelvesUsed[m]! >= OUT_OF_ORDER || this.#differs(oven, m, step) ? heatUpMinutes : 0),
          );
    } else
      for (let m = low; m < high; m++)
        if (wrongAt(m))
          return Math.min(start - 1, m - step.minutes - (this.#differs(oven, m, step) ? heatUpMinutes : 0));
    return start;
  }

  #differs({ shelvesUsed, celsius }: OvenMinutes, m: number, { activity }: WeekStep): boolean {
    return shelvesUsed[m]! < OUT_OF_ORDER && celsius[m] !== activity.ovenC;
  }

  /** Takes (`by` 1) or frees (`by` -1) everything that a step uses. */
  take(step: WeekStep, { start, person, oven }: Place, by: 1 | -1): void {
    const end = start + step.minutes;
    const own = this.people[person];
    if (own) add(own, start, end, -by * step.halves);
    const used = this.ovens[oven];
    if (used) {
      const needs = Math.min(step.activity.shelves ?? 1, used.shelves);
      for (let m = start; m < end; m++) {
        if (by > 0 && used.shelvesUsed[m] === 0) used.celsius[m] = step.activity.ovenC!;
        used.shelvesUsed[m]! += by * needs;
      }
    }
    for (const resource of step.activity.occupies) {
      const left = this.#resources.get(resource);
      if (!left) continue;
      const to = resource === 'fridge' || resource === 'freezer' ? this.outAt(step, start) : end;
      add(left, start, to, -by * needOf(step, resource));
    }
  }

  /** Returns the first or last minute of a range in which tins of a name are short; -1 if there are enough. */
  tinShortage(tin: string, count: number, from: number, to: number, direction: Direction): number {
    const left = this.#tins.get(tin);
    return left ? shortage(left, count, Math.max(0, from), Math.min(this.minutes, to), direction) : NOWHERE;
  }

  takeTins(tin: string, count: number, from: number, to: number, by: 1 | -1): void {
    const left = this.#tins.get(tin);
    if (left) add(left, from, to, -by * count);
  }
}

function add(left: Left | Int8Array, from: number, to: number, by: number): void {
  for (let m = from; m < to; m++) left[m]! += by;
}

export const isCold = ({ activity: { occupies } }: WeekStep): boolean =>
  occupies.includes('fridge') || occupies.includes('freezer');

/** Returns how much of a resource a step needs: mm2 in the cold, at least one, otherwise one for each mention. */
export const needOf = ({ activity: { occupies, areaMm2 = 0 } }: WeekStep, resource: string): number =>
  resource === 'fridge' || resource === 'freezer'
    ? Math.max(1, Math.ceil(areaMm2))
    : occupies.filter((other) => other === resource).length;
