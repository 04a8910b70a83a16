/** Prices worked by hand, and their laws: exact coins, no margin lost to rounding, tables that add up. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import {
  askedPrice,
  billOf,
  channelPriceFor,
  channelSale,
  COST_ITEMS,
  earnedBy,
  inCoins,
  settledPricing,
  taxOf,
  upTheLadder,
  type Run,
  type SettledPricing,
} from '$core/cost';
import type { Shop } from '$core/shop';
import { close, sum } from '../figures';
import { shop } from '../things';

const usual = (part: Partial<SettledPricing> = {}): SettledPricing => ({ ...settledPricing(undefined, shop), ...part });
const cost = (coins: number, per = 1) => ({ coins: BigInt(coins), per: BigInt(per) });

test('net prices by margin and by markup: a cost of 1.50 at a margin of 60 % is 3.75, as at a markup of 150 %', () => {
  const byMargin = askedPrice(cost(150), usual({ ask: { by: 'margin', share: 0.6 } }), 2);
  assert.deepEqual(byMargin, { price: 375, tax: 0, net: 375 });
  assert.deepEqual(askedPrice(cost(150), usual({ ask: { by: 'markup', share: 1.5 } }), 2), byMargin);
  // A third of a coin is rounded up to a whole one.
  assert.equal(askedPrice(cost(100, 3), usual({ ask: { by: 'markup', share: 0 } }), 2).price, 34);
});

test('tax included and added: 13.5 % of 2.00 net is 0.27, and 2.27 includes 0.27', () => {
  assert.equal(taxOf(200n, 13.5, false), 27n);
  assert.equal(taxOf(227n, 13.5, true), 27n);
  const asked = { ask: { by: 'margin', share: 0.5 }, taxPercent: 20 } as const;
  assert.deepEqual(askedPrice(cost(100), usual({ ...asked, taxIncluded: true }), 2), { price: 240, tax: 40, net: 200 });
  assert.deepEqual(askedPrice(cost(100), usual({ ...asked, taxIncluded: false }), 2), {
    price: 240,
    tax: 40,
    net: 200,
  });
  // Price endings apply to what the buyer reads: with tax, or without.
  const ladder = [0.5, 0.9];
  assert.equal(askedPrice(cost(100), usual({ ...asked, taxIncluded: true, ladder }), 2).price, 250);
  assert.equal(askedPrice(cost(100), usual({ ...asked, taxIncluded: false, ladder }), 2).net, 250);
});

test('up to the next price ending, never below the asking price', () => {
  const up = (coins: number, ladder: number[], digits = 2) => Number(upTheLadder(BigInt(coins), ladder, digits));
  assert.equal(up(310, [0.5, 0.9]), 350);
  assert.equal(up(350, [0.9, 0.5]), 350);
  assert.equal(up(351, [0.5, 0.9]), 390);
  assert.equal(up(395, [0.5, 0.9]), 450);
  assert.equal(up(123, [0]), 200);
  assert.equal(up(0, [0]), 100);
  assert.equal(up(77, []), 77);
  // Yen have no fraction; endings within a hundred.
  assert.equal(up(231, [50, 80], 0), 250);
  assert.equal(up(285, [50, 80], 0), 350);
  assert.equal(up(1234, [0.25], 3), 1250);
  // Half a yen is not an ending.
  assert.equal(up(243, [0.5, 0.95], 0), 243);
});

test('a fixed price is kept to the coin', () => {
  assert.deepEqual(
    askedPrice(cost(150), usual({ ask: { by: 'price', price: 2.5 }, ladder: [0.9], taxPercent: 25 }), 2),
    {
      price: 250,
      tax: 50,
      net: 200,
    },
  );
});

test('law: at least the margin or markup is left, whatever the tax, price endings and currency', () => {
  const digits = fc.constantFrom(0, 2, 3);
  const share = fc.integer({ min: 0, max: 990 }).map((thousandths) => thousandths / 1000);
  const rungs = fc.array(fc.integer({ min: 0, max: 99 }), { maxLength: 4 });
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 5_000_000 }),
      fc.integer({ min: 1, max: 400 }),
      share,
      fc.boolean(),
      fc.integer({ min: 0, max: 1000 }),
      fc.boolean(),
      rungs,
      digits,
      (coins, per, part, byMargin, tenths, taxIncluded, endings, places) => {
        const ask = byMargin ? ({ by: 'margin', share: part } as const) : ({ by: 'markup', share: part } as const);
        const ladder = endings.map((ending) => (places === 0 ? ending : ending / 100));
        const asked = usual({ ask, taxPercent: tenths / 10, taxIncluded, ladder });
        const { price, tax, net } = askedPrice(cost(coins, per), asked, places);
        assert.equal(price, net + tax);
        // net (1 - margin) >= cost, or net >= cost (1 + markup), in whole numbers.
        const thousand = BigInt(Math.round(part * 1000));
        const [left, right] = byMargin
          ? [BigInt(net) * BigInt(per) * (1000n - thousand), BigInt(coins) * 1000n]
          : [BigInt(net) * BigInt(per) * 1000n, BigInt(coins) * (1000n + thousand)];
        assert.ok(left >= right);
        const said = taxIncluded ? price : net;
        if (ladder.length > 0) assert.equal(Number(upTheLadder(BigInt(said), ladder, places)), said);
      },
    ),
  );
});

const run: Run = {
  usedCost: 12.4,
  leftoverCost: 0.4,
  trimG: 250,
  packingCost: 1.2,
  liningM2: 0.25,
  minutes: { busy: 60, watch: 40, oven: 30, ring: 45, mixer: 0, fridge: 120, freezer: 0 },
  slabs: 2,
};

test('a run calculated by hand: labour, power, packing, overhead, trims sold, rejects', () => {
  const pricing = usual({
    labourPerHour: 18,
    watchShare: 0.25,
    energyPerKWh: 0.3,
    power: { oven: 2, ring: 1, mixer: 0, fridge: 0.1, freezer: 0 },
    overhead: { by: 'slab', amount: 1.5 },
    trim: 'sell',
    trimPerKg: 8,
    rejectShare: 0.2,
  });
  const { coins, total, handsMinutes } = billOf(run, pricing, 2);
  // 60 + 40/4 = 70 minutes at 18; 1 + 0.75 + 0.2 = 1.95 kWh at 0.3; 0.25 kg at 8.
  assert.equal(handsMinutes, 70);
  assert.equal(coins.ingredients, 1240);
  assert.equal(coins.labour, 2100);
  assert.ok(Math.abs(coins.energy - 58.5) <= 0.5);
  assert.equal(coins.packing, 120);
  assert.equal(coins.overhead, 300);
  assert.equal(coins.trimSold, -200);
  // 12.4 + 21 + 0.585 + 1.2 + 3 - 2 = 36.185, a quarter of which pays for the fifth that is not sold.
  assert.ok(Math.abs(coins.rejects - 904.6) <= 1);
  assert.equal(total, 4523);
  assert.equal(sum(COST_ITEMS.map((item) => coins[item])), total);
});

test('leftovers charged or carried over, overhead by the hour and by percent, an unknown schedule', () => {
  assert.equal(billOf(run, usual({ leftover: 'carry' }), 2).coins.ingredients, 1200);
  assert.equal(billOf(run, usual({ overhead: { by: 'hour', amount: 6 } }), 2).coins.overhead, 700);
  assert.equal(billOf(run, usual({ overhead: { by: 'percent', amount: 10 } }), 2).coins.overhead, 136);
  const unknown = billOf({ ...run, minutes: null }, usual({ labourPerHour: 18 }), 2);
  assert.equal(unknown.coins.labour, 0);
  assert.equal(unknown.handsMinutes, null);
});

test('lining paper by hand: a quarter of a square metre at 0.80, included in the base of overheads by percent', () => {
  const { coins } = billOf(run, usual({ liningPerM2: 0.8, overhead: { by: 'percent', amount: 10 } }), 2);
  assert.equal(coins.lining, 20);
  // A tenth of 12.4 + 1.2 + 0.2.
  assert.equal(coins.overhead, 138);
});

test('the profit of a run by hand: 24 pieces at 2.50 that cost 36.00', () => {
  const bill = billOf({ ...run, usedCost: 34.8, packingCost: 1.2, trimG: 0 }, usual(), 2);
  assert.equal(bill.total, 3600);
  const pricing = usual({ ask: { by: 'price', price: 2.5 }, askedBy: 'slab' });
  const pieces = [{ id: null, name: null, count: 24, massG: 50 }];
  const { margin, marginShare, marginPerHour, breakEvenPieces, kinds } = earnedBy(bill, pieces, pricing, 2);
  assert.equal(kinds[0]!.cost, 150);
  assert.equal(margin, 24 * 250 - 3600);
  assert.equal(marginShare, 0.4);
  // 34.80 are spent in any case; each piece leaves 2.50 less its 0.05 of packing: 14.2.
  assert.equal(breakEvenPieces, 15);
  // 24.00 in 70 minutes.
  assert.ok(close(marginPerHour!, (2400 * 6) / 7));
  assert.equal(earnedBy({ ...bill, handsMinutes: null }, pieces, pricing, 2).marginPerHour, null);
  const cheap = earnedBy(bill, pieces, usual({ ask: { by: 'price', price: 0.04 } }), 2);
  assert.equal(cheap.breakEvenPieces, null);
});

test('a fifth unsold adds a quarter to the cost, reduces the profit, and leaves the break-even as it is', () => {
  const fifth = { rejectShare: 0.2 };
  const bill = billOf({ ...run, usedCost: 34.8, packingCost: 1.2, trimG: 0 }, usual(fifth), 2);
  assert.equal(bill.total, 4500);
  const pricing = usual({ ...fifth, ask: { by: 'price', price: 2.5 }, askedBy: 'slab' });
  const earned = earnedBy(bill, [{ id: null, name: null, count: 24, massG: 50 }], pricing, 2);
  // Four fifths of 60.00, less the 36.00 that were spent.
  assert.equal(earned.margin, 1200);
  assert.equal(earned.marginShare, 0.25);
  assert.equal(earned.breakEvenPieces, 15);
});

test('a pricing in another currency keeps its percentages and drops its amounts', () => {
  const abroad = {
    currency: 'GBP',
    price: 3,
    labourPerHour: 20,
    energyPerKWh: 0.2,
    trimPerKg: 5,
    ladder: [0.5],
    taxPercent: 20,
  };
  const percent = { by: 'percent', amount: 10 } as const;
  const { ask, askedBy, labourPerHour, energyPerKWh, trimPerKg, ladder, taxPercent, overhead } = settledPricing(
    { ...abroad, overhead: percent },
    shop,
  );
  assert.deepEqual([ask, askedBy], [{ by: 'margin', share: 0.6 }, 'nobody']);
  assert.deepEqual([labourPerHour, energyPerKWh, trimPerKg, ladder], [0, 0, 0, []]);
  assert.deepEqual([taxPercent, overhead], [20, percent]);
  const bySlab = { by: 'slab', amount: 4 } as const;
  assert.deepEqual(settledPricing({ ...abroad, overhead: bySlab }, shop).overhead, { by: 'slab', amount: 0 });
  const here = settledPricing({ ...abroad, currency: shop.currency, overhead: bySlab }, shop);
  assert.deepEqual([here.ask, here.askedBy, here.labourPerHour], [{ by: 'price', price: 3 }, 'slab', 20]);
  assert.deepEqual(here.overhead, bySlab);
});

test('piece types share the cost by mass, keep the shop’s own price, and a fixed price follows the mass', () => {
  const bill = billOf({ ...run, usedCost: 30, packingCost: 0 }, usual(), 2);
  const kinds = [
    { id: 'a', name: 'Finger', count: 10, massG: 60, ownPrice: 2.2 },
    { id: 'b', name: 'Bite', count: 30, massG: 20 },
  ];
  const [finger, bite] = earnedBy(bill, kinds, usual({ ask: { by: 'markup', share: 1 } }), 2).kinds;
  assert.equal(finger!.cost, 150);
  assert.equal(bite!.cost, 50);
  assert.equal(finger!.price, 220);
  assert.equal(bite!.price, 100);
  // Mean piece 30 g at 1.50: the finger of 60 g at 3.00, the bite of 20 g at 1.00.
  const named = earnedBy(bill, kinds, usual({ ask: { by: 'price', price: 1.5 }, askedBy: 'slab' }), 2).kinds;
  assert.deepEqual(
    named.map(({ price }) => price),
    [300, 100],
  );
});

test('a channel by hand: six at 2.50 less 20 %, 10 % commission and 0.30 a sale, a box for 0.34', () => {
  const terms = { discountPercent: 20, feePercent: 10, feeEach: 30, taxPercent: null, pieces: 6, packCoins: 34 };
  const sale = channelSale({ price: 250, tax: 50, net: 200 }, 100, terms, { taxPercent: 25, taxIncluded: true });
  assert.deepEqual(sale, {
    price: 1200,
    tax: 240,
    net: 960,
    cost: 600,
    packing: 34,
    fee: 150,
    saleCosts: 0,
    margin: 176,
    marginShare: 176 / 960,
  });
  // With a tax of its own the discount applies to the net price.
  const free = channelSale(
    { price: 250, tax: 50, net: 200 },
    100,
    { ...terms, taxPercent: 0 },
    { taxPercent: 25, taxIncluded: true },
  );
  assert.deepEqual([free.price, free.tax, free.net], [960, 0, 960]);
  // Where tax is added it is added to what the channel leaves: 25 % of 9.60.
  const piece = { price: 250, tax: 50, net: 200 };
  const onTop = channelSale(piece, 100, terms, { taxPercent: 25, taxIncluded: false });
  assert.deepEqual([onTop.price, onTop.tax, onTop.net], [1200, 240, 960]);
  const tenth = channelSale(piece, 100, { ...terms, taxPercent: 10 }, { taxPercent: 25, taxIncluded: true });
  assert.deepEqual([tenth.price, tenth.tax, tenth.net], [1056, 96, 960]);
  // A free sample has no profit share.
  const given = channelSale(piece, 100, { ...terms, discountPercent: 100 }, { taxPercent: 25, taxIncluded: true });
  assert.deepEqual([given.net, given.marginShare], [0, null]);
});

test('law: over ten thousand runs every table adds up to the coin, and nothing drifts', () => {
  const money = fc.double({ min: 0, max: 900, noNaN: true });
  const minutes = fc.double({ min: 0, max: 900, noNaN: true });
  fc.assert(
    fc.property(
      fc.record({
        usedCost: money,
        leftover: fc.double({ min: 0, max: 1, noNaN: true }),
        trimG: fc.double({ min: 0, max: 3000, noNaN: true }),
        packingCost: money,
        liningM2: fc.double({ min: 0, max: 20, noNaN: true }),
        busy: minutes,
        watch: minutes,
        count: fc.integer({ min: 1, max: 400 }),
        massG: fc.double({ min: 1, max: 400, noNaN: true }),
        margin: fc.double({ min: 0, max: 0.95, noNaN: true }),
        rejectShare: fc.double({ min: 0, max: 0.6, noNaN: true }),
        taxPercent: fc.double({ min: 0, max: 40, noNaN: true }),
        digits: fc.constantFrom(0, 2, 3),
        trim: fc.constantFrom('waste' as const, 'sell' as const),
      }),
      ({
        usedCost,
        leftover,
        trimG,
        packingCost,
        liningM2,
        busy,
        watch,
        count,
        massG,
        margin,
        digits,
        trim,
        ...rest
      }) => {
        const pricing = usual({
          ...rest,
          trim,
          trimPerKg: 7,
          labourPerHour: 21,
          liningPerM2: 0.8,
          ask: { by: 'margin', share: margin },
        });
        const made: Run = {
          ...{ usedCost, trimG, packingCost, liningM2, slabs: 1 },
          leftoverCost: usedCost * leftover,
          minutes: { busy, watch, oven: busy, ring: watch, mixer: 0, fridge: 0, freezer: 0 },
        };
        const bill = billOf(made, pricing, digits);
        assert.equal(sum(COST_ITEMS.map((item) => bill.coins[item])), bill.total);
        const kinds = [{ id: null, name: null, count, massG }];
        const { kinds: priced, margin: earned } = earnedBy(bill, kinds, pricing, digits);
        const { price, net, tax, cost: each } = priced[0]!;
        assert.equal(net + tax, price);
        // The parts of one piece add up to its price, coin by coin.
        const shown = inCoins(
          [...COST_ITEMS.map((item) => bill.coins[item] / count), net - bill.total / count, tax],
          0,
        );
        assert.equal(sum(shown), price);
        assert.ok(Math.abs(each * count - bill.total) <= count * 1e-5 + 1e-6);
        // Computed again from the same coins it is the same money.
        const sold = BigInt(Math.round((1 - pricing.rejectShare) * 1e6));
        const exact = (BigInt(net) * BigInt(count) - BigInt(bill.total)) * sold;
        assert.ok(Math.abs(Number(exact) / 1e6 - earned) <= 0.5);
      },
    ),
    { numRuns: 10_000 },
  );
});

test('deductions count in the table as well', () => {
  assert.deepEqual(inCoins([2.005, -0.505, 1], 2), [201, -51, 100]);
});

test('the slab’s own pricing outranks the shop’s, and amounts in another currency are not counted', () => {
  const of: Pick<Shop, 'pricing' | 'power' | 'currency'> = {
    currency: 'EUR',
    pricing: { margin: 0.5, labourPerHour: 15, taxPercent: 10 },
    power: { oven: 3 },
  };
  const settled = settledPricing({ markup: 2 }, of);
  assert.deepEqual(settled.ask, { by: 'markup', share: 2 });
  assert.equal(settled.askedBy, 'slab');
  assert.equal(settled.labourPerHour, 15);
  assert.equal(settled.power.oven, 3);
  const foreign = settledPricing({ price: 3, taxPercent: 5, currency: 'USD' }, of);
  assert.deepEqual(foreign.ask, { by: 'margin', share: 0.5 });
  assert.equal(foreign.taxPercent, 5);
  assert.equal(settledPricing(undefined, { currency: 'EUR' }).askedBy, 'nobody');
});

test('the price to ask over a channel that takes 35 %: for the same profit 153.85, for the same margin more', () => {
  const terms = { discountPercent: 0, feePercent: 35, feeEach: 0, taxPercent: null, pieces: 1, packCoins: 0 };
  // Costs 60 and leaves 40 of 100 over the counter: (60 + 40) / 0.65.
  assert.equal(channelPriceFor({ profit: 4000 }, 6000, terms, 0), 15385);
  // A margin of 40 %: 60 / (0.6 - 0.35).
  assert.equal(channelPriceFor({ marginShare: 0.4 }, 6000, terms, 0), 24000);
  // A fee above what is kept leaves no price.
  assert.equal(channelPriceFor({ marginShare: 0.7 }, 6000, terms, 0), null);
});

test('law: the price to ask leaves the wanted profit, and a coin less does not', () => {
  fc.assert(
    fc.property(
      fc.record({
        costEach: fc.integer({ min: 1, max: 5000 }),
        profit: fc.integer({ min: 0, max: 20_000 }),
        pieces: fc.integer({ min: 1, max: 24 }),
        feePercent: fc.integer({ min: 0, max: 60 }),
        feeEach: fc.integer({ min: 0, max: 300 }),
        packCoins: fc.integer({ min: 0, max: 500 }),
        saleCosts: fc.integer({ min: 0, max: 900 }),
        taxPercent: fc.integer({ min: 0, max: 25 }),
      }),
      ({ costEach, profit, taxPercent, ...rest }) => {
        const terms = { discountPercent: 0, taxPercent: null, ...rest };
        const price = channelPriceFor({ profit }, costEach, terms, taxPercent)!;
        const left = (coins: number) => {
          const tax = Number(taxOf(BigInt(coins), taxPercent, true));
          const piece = { price: coins, tax, net: coins - tax };
          const whole = { ...terms, pieces: 1 };
          return channelSale(piece, costEach * rest.pieces, whole, { taxPercent, taxIncluded: true }).margin;
        };
        // Tax and fee are rounded to whole coins, each by half a coin at most.
        assert.ok(left(price) >= profit - 1, `${left(price)} ${profit}`);
        assert.ok(left(Math.max(0, price - 4)) <= profit + 1);
      },
    ),
  );
});
