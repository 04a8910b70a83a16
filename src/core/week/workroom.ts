import { USUAL_SHOP, type Shop } from '../shop';
import { workingWindows } from '../time';
import type { Span, Workroom } from './types';

type WorkroomOf = Pick<
  Shop,
  | 'people'
  | 'hands'
  | 'hours'
  | 'zone'
  | 'ovens'
  | 'ovenShelves'
  | 'ovenHeatUpMinutes'
  | 'rings'
  | 'mixers'
  | 'boards'
  | 'fridgeMm2'
  | 'freezerMm2'
  | 'rack'
>;

/** Returns the people of a shop by name, with their weekly hours. */
export function peopleOf({ people, hands = USUAL_SHOP.hands, hours = [] }: WorkroomOf) {
  if (people && people.length > 0) return people.map((person) => ({ name: person.name, hours: person.hours ?? hours }));
  return Array.from({ length: hands }, (_, i) => ({ name: hands === 1 ? 'Maker' : `Maker ${i + 1}`, hours }));
}

/**
 * Returns the workroom of a shop over some days.
 *
 * @param origin the moment that minutes count from
 * @param daysAfter days from then on that hours are given for
 */
export function workroomOf(shop: WorkroomOf, origin: Date, daysAfter: number): Workroom {
  const { zone = 'UTC', ovens = USUAL_SHOP.ovens, rings = USUAL_SHOP.rings } = shop;
  const { ovenShelves = USUAL_SHOP.ovenShelves, ovenHeatUpMinutes = USUAL_SHOP.ovenHeatUpMinutes } = shop;
  const { mixers = USUAL_SHOP.mixers, boards = USUAL_SHOP.boards, fridgeMm2 = null, freezerMm2 = null } = shop;
  return {
    people: peopleOf(shop).map(({ name, hours }) => ({
      name,
      hours: workingWindows(hours, zone, origin, 1, daysAfter)
        .map(([from, to]): Span => ({ from: Math.round(from), to: Math.round(to) }))
        .filter(({ to }) => to > 0),
    })),
    ovens: Array.from({ length: ovens }, (_, i) => ({
      name: `oven ${i + 1}`,
      shelves: ovenShelves,
      heatUpMinutes: Math.ceil(ovenHeatUpMinutes),
    })),
    ...{ rings, mixers, boards, fridgeMm2, freezerMm2 },
    tins: new Map((shop.rack ?? []).map(({ name, count }) => [name, count])),
    blocked: [],
  };
}

/** Returns the hours of each person of a shop over some days, as moments in ms. */
export function gridHours(
  shop: WorkroomOf,
  from: Date,
  to: Date,
): { name: string; hours: { from: number; to: number }[] }[] {
  const days = Math.ceil((to.getTime() - from.getTime()) / 86_400_000);
  const at = (minute: number) => from.getTime() + minute * 60_000;
  return workroomOf(shop, from, days).people.map(({ name, hours }) => ({
    name,
    hours: hours.map((span) => ({ from: at(span.from), to: at(span.to) })),
  }));
}
