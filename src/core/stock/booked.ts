import { inThousandths, oldestFirst, takeOldest, type FromLot, type HeldLot } from './held';

/**
 * Returns the changes that bring what is booked for something to what it should be: from the lots that were named, otherwise from the oldest.
 * What no lot has comes from the last named lot, or from stock without a lot, which then shows less than nothing.
 *
 * Nothing changes while the total is right and only named lots are booked, so that later deliveries move nothing.
 *
 * @param amount that should be taken altogether, g or pieces
 * @param booked what was taken so far from each lot, positive
 * @param held lots as they are now, after what was taken
 * @param named lots that were entered for it
 * @returns what to take from each lot besides; negative for what goes back
 */
export function bookingChanges(
  amount: number,
  booked: readonly FromLot[],
  held: readonly HeldLot[],
  named: readonly string[] = [],
  now?: string,
): FromLot[] {
  const wanted = inThousandths(amount);
  const taken = booked.reduce((sum, { thousandths }) => sum + thousandths, 0);
  const isNamed =
    named.length === 0 || booked.every(({ lot, thousandths }) => thousandths === 0 || named.includes(lot));
  if (wanted === taken && isNamed) return [];
  if (named.length === 0 && wanted > taken) return moreFrom(held, wanted - taken, '', now);
  if (named.length === 0) return backTo(booked, held, taken - wanted);
  // Lots were named: everything is booked again from them.
  const before = new Map(booked.map(({ lot, thousandths }) => [lot, thousandths]));
  const heldBefore = named.map((lot): HeldLot => {
    const own = held.find((one) => one.lot === lot);
    return { lot, keepsUntil: own?.keepsUntil ?? null, thousandths: (own?.thousandths ?? 0) + (before.get(lot) ?? 0) };
  });
  const next = new Map(
    moreFrom(heldBefore, wanted, named.at(-1)!, undefined).map(({ lot, thousandths }) => [lot, thousandths]),
  );
  return [...new Set([...before.keys(), ...next.keys()])].flatMap((lot) => {
    const thousandths = (next.get(lot) ?? 0) - (before.get(lot) ?? 0);
    return thousandths === 0 ? [] : [{ lot, thousandths }];
  });
}

/** Takes from the oldest lots; what they lack comes from one lot, whatever it holds. */
function moreFrom(held: readonly HeldLot[], thousandths: number, rest: string, now: string | undefined): FromLot[] {
  const { taken, lacking } = takeOldest(held, thousandths, now);
  if (lacking === 0) return [...taken];
  const own = taken.find(({ lot }) => lot === rest);
  return [...taken.filter((part) => part !== own), { lot: rest, thousandths: (own?.thousandths ?? 0) + lacking }];
}

/** Gives back what was taken, the newest lot first. */
function backTo(booked: readonly FromLot[], held: readonly HeldLot[], thousandths: number): FromLot[] {
  const dated = booked.map(({ lot, thousandths }) => ({
    ...{ lot, thousandths },
    keepsUntil: held.find((one) => one.lot === lot)?.keepsUntil ?? null,
  }));
  let left = thousandths;
  return dated
    .sort(oldestFirst)
    .reverse()
    .flatMap(({ lot, thousandths: taken }) => {
      const part = Math.min(left, Math.max(0, taken));
      left -= part;
      return part === 0 ? [] : [{ lot, thousandths: -part }];
    });
}
