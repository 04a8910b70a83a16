/** What is booked from which lot: the total is right, the oldest goes first, and nothing moves without a reason. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { bookingChanges, takeOldest, type FromLot, type HeldLot } from '$core/stock';

const lots = fc.uniqueArray(
  fc.record(
    {
      lot: fc.constantFrom('a', 'b', 'c', 'd', ''),
      thousandths: fc.integer({ min: 0, max: 5000 }),
      keepsUntil: fc.constantFrom(null, '2027-01-01', '2027-02-01', '2027-03-01'),
    },
    { noNullPrototype: true },
  ),
  { selector: ({ lot }) => lot, maxLength: 5 },
);
const sum = (parts: readonly FromLot[]) => parts.reduce((all, { thousandths }) => all + thousandths, 0);
const after = (held: readonly HeldLot[], changes: readonly FromLot[]) =>
  held.map((one) => ({
    ...one,
    thousandths: one.thousandths - (changes.find(({ lot }) => lot === one.lot)?.thousandths ?? 0),
  }));

test('the oldest lots are used up first, and nothing is taken past its date', () => {
  fc.assert(
    fc.property(lots, fc.integer({ min: 1, max: 12_000 }), (held, wanted) => {
      const { taken, lacking } = takeOldest(held, wanted, '2027-01-15');
      assert.equal(sum(taken) + lacking, wanted);
      for (const { lot, thousandths } of taken) {
        const own = held.find((one) => one.lot === lot)!;
        assert.ok(thousandths <= own.thousandths && (own.keepsUntil ?? '~') >= '2027-01-15');
        // An older lot that still keeps is empty before this one is touched.
        for (const older of held)
          if ((older.keepsUntil ?? '~') >= '2027-01-15' && (older.keepsUntil ?? '~') < (own.keepsUntil ?? '~'))
            assert.equal(taken.find((one) => one.lot === older.lot)?.thousandths ?? 0, older.thousandths);
      }
    }),
  );
});

test('changes bring the total to what it should be, once: booked again they are none, and back to nothing they cancel out', () => {
  fc.assert(
    fc.property(
      lots,
      fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 1, maxLength: 5 }),
      fc.subarray(['a', 'b', 'c']),
      (start, amounts, named) => {
        let held: readonly HeldLot[] = start;
        let booked: FromLot[] = [];
        for (const amount of [...amounts, 0]) {
          const changes = bookingChanges(amount, booked, held, named);
          const keys = new Set([...booked, ...changes].map(({ lot }) => lot));
          const of = (parts: readonly FromLot[], lot: string) => parts.find((one) => one.lot === lot)?.thousandths ?? 0;
          held = after(held, changes);
          booked = [...keys].map((lot) => ({ lot, thousandths: of(booked, lot) + of(changes, lot) }));
          assert.equal(sum(booked), amount * 1000);
          assert.deepEqual(bookingChanges(amount, booked, held, named), []);
        }
        assert.deepEqual(held, start);
      },
    ),
  );
});
