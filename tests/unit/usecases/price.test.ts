/** Cost and profit of a run, worked by hand on a plan with round figures. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { channelSale, type RunMinutes } from '$core/cost';
import type { Channel, Shop } from '$core/shop';
import { packedPiece, priceSlab, runMinutesOf, soldKinds, type Plan } from '$core/usecases';
import { near } from '../figures';

type Kind = Plan['cut']['pieces'][number];
const kind = (of: Partial<Kind>): Kind =>
  ({ kind: 'piece', count: 1, massG: 30, lengthMm: 50, widthMm: 25, heightMm: 20, ...of }) as Kind;

const TIN = { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40, cornerMm: 0, flareDegrees: 0 };

/** Forty bars of 30 g from ingredients for 20, of which 2 are left over, and 100 g of trims, in two slabs. */
const planOf = (pieces: readonly Kind[] = [kind({ count: 40 })], cost: Partial<Plan['cost']> = {}) =>
  ({
    cut: { pieces, trimG: 100 },
    cost: {
      ...{ used: 20, leftover: 2, toBuy: 31 },
      byIngredient: [
        { name: 'salt', cost: null },
        { name: 'oats', cost: 4 },
        { name: 'butter', cost: 12 },
        { name: 'water', cost: 0 },
      ],
      ...cost,
    },
    slabs: [
      { count: 1, tin: TIN },
      { count: 1, tin: TIN },
    ],
  }) as unknown as Plan;

const SHOP: Shop = {
  ...{ name: 'Shop', currency: 'EUR', measures: 'metric', scaleStepG: 1 },
  bags: [
    { name: 'bag', holdsPieces: 4, price: 0.1 },
    { name: 'sack', holdsPieces: 50, price: 1 },
    { name: 'foreign', holdsPieces: 4, price: 9, currency: 'GBP' },
  ],
  pricing: { price: 2, taxPercent: 0 },
};
const MINUTES: RunMinutes = { busy: 60, watch: 0, oven: 0, ring: 0, mixer: 0, fridge: 0, freezer: 0 };
const channelOf = (channel: Omit<Channel, 'name'>, slab: Parameters<typeof priceSlab>[0] = {}, minutes = null) =>
  priceSlab(slab, { ...SHOP, channels: [{ name: 'cafe', ...channel }] }, planOf(), minutes).channels[0]!;

test('each tin takes cold storage once, for its longest stay; what draws no power, and unpaid people, cost nothing', () => {
  const step = (of: string, minutes: number, hands: 'busy' | 'watch' | 'free', ...occupies: string[]) => ({
    ...{ of, minutes, hands, occupies },
  });
  assert.deepEqual(
    runMinutesOf([
      step('a', 5, 'busy', 'mixer', 'bench'),
      step('a', 7, 'free', 'freezer'),
      step('b', 3, 'busy', 'ring'),
      step('a', 4, 'free', 'freezer'),
      step('b', 2, 'watch', 'fridge', 'ring'),
      step('c', 1, 'free', 'room', 'busy'),
    ]),
    { busy: 8 + 1, watch: 2, oven: 0, ring: 5, mixer: 5, fridge: 2, freezer: 7 },
  );
});

test('rim pieces are sold like the others; named piece types at the shop’s price in its own currency', () => {
  const pieces = [
    kind({ count: 10, massG: 30 }),
    kind({ kind: 'rim', count: 2, massG: 24 }),
    kind({ id: 'f', name: 'Finger', count: 4, massG: 60 }),
    kind({ id: 'f', name: 'Finger', count: 1, massG: 50 }),
    kind({ id: 'b', name: 'Bite', count: 3, massG: 10 }),
  ];
  const size = { lengthMm: 50, widthMm: 20 };
  const pieceKinds = [
    { name: 'Finger', ...size, price: 3.5 },
    { name: 'Bite', ...size, price: 1, currency: 'GBP' },
  ];
  assert.deepEqual(soldKinds({ pieces }, { pieceKinds }), [
    { id: null, name: null, count: 12, massG: 29, ownPrice: undefined },
    { id: 'f', name: 'Finger', count: 5, massG: 58, ownPrice: 3.5 },
    { id: 'b', name: 'Bite', count: 3, massG: 10, ownPrice: undefined },
  ]);
  assert.deepEqual(
    soldKinds({ pieces }, {}).map(({ ownPrice }) => ownPrice),
    [undefined, undefined, undefined],
  );
});

test('what is packed is as long, wide, high and heavy as the largest in each dimension', () => {
  const pieces = [kind({ lengthMm: 80, massG: 20 }), kind({ widthMm: 30, heightMm: 24 })];
  assert.deepEqual(packedPiece({ pieces }), { lengthMm: 80, widthMm: 30, heightMm: 24, massG: 30 });
  assert.deepEqual(packedPiece({ pieces: [] }), { lengthMm: 0, widthMm: 0, heightMm: 0, massG: 0 });
});

test('the bill takes ingredients, leftovers, trims, labour, packing and slabs from the plan', () => {
  const pricing = {
    labourPerHour: 15,
    trim: 'sell',
    trimPerKg: 5,
    leftover: 'carry',
    overhead: { by: 'slab', amount: 3 },
  } as const;
  const { bill, earned, ...price } = priceSlab({ pricing, packing: { in: 'bag' } }, SHOP, planOf(), MINUTES);
  assert.deepEqual(bill.coins, {
    ...{
      ingredients: 1800,
      labour: 1500,
      energy: 0,
      lining: 0,
      packing: 100,
      overhead: 600,
      trimSold: -50,
      rejects: 0,
    },
  });
  assert.equal(earned.margin, 40 * 200 - 3950);
  assert.deepEqual([price.currency, price.digits, price.pieces, price.toBuy], ['EUR', 2, 40, 31]);
  assert.deepEqual([price.packed.perPack, price.packed.packs], [4, 10]);
  assert.deepEqual(price.channels, []);
});

test('lining paper is charged by the square metre, for every tin and as the slab is lined', () => {
  const liningOf = (lining?: 'one sheet' | 'crossed strips' | 'turned out') =>
    priceSlab({ pricing: { liningPerM2: 10 }, lining }, SHOP, planOf(), null).bill.coins.lining;
  // One sheet of 460 x 360 mm a tin; two strips of 460 x 200 and 360 x 300; 380 x 280 without flaps.
  assert.equal(liningOf(), 331);
  assert.equal(liningOf('one sheet'), 331);
  assert.equal(liningOf('crossed strips'), 400);
  assert.equal(liningOf('turned out'), 213);
});

test('a rise of a tenth grows with overheads in percent and with rejects; the dearest first, without what costs nothing', () => {
  const pricing = { overhead: { by: 'percent', amount: 20 }, rejectShare: 0.04 } as const;
  const { rises } = priceSlab({ pricing }, SHOP, planOf(), null);
  assert.deepEqual(
    rises.map(({ ingredient }) => ingredient),
    ['butter', 'oats'],
  );
  near([rises[0]!.costMore, rises[1]!.costMore], [(1.2 * 1.2) / 0.96, (0.4 * 1.2) / 0.96]);
  near([rises[0]!.costMoreEach], [(1.2 * 1.2) / 0.96 / 40]);
  const bySlab = priceSlab({ pricing: { overhead: { by: 'slab', amount: 20 } } }, SHOP, planOf(), null).rises;
  near([bySlab[0]!.costMore], [1.2]);
  const none = priceSlab({}, SHOP, planOf([]), null);
  near([none.rises[0]!.costMoreEach], [1.2]);
  assert.deepEqual([none.pieces, none.channels], [0, []]);
});

test('a channel sells its own pack, otherwise the slab’s, otherwise single pieces or its own number', () => {
  const bag = { packing: { in: 'bag' } };
  assert.deepEqual([channelOf({}).pieces, channelOf({}).packed], [1, null]);
  assert.deepEqual([channelOf({ pieces: 6 }).pieces, channelOf({ pieces: 6 }).packed], [6, null]);
  assert.equal(channelOf({}, bag).pieces, 4);
  assert.equal(channelOf({ pieces: 3 }, bag).pieces, 3);
  assert.equal(channelOf({}, { packing: { in: 'bag', pieces: 2 } }).pieces, 2);
  assert.equal(channelOf({ in: '' }, bag).packed!.container!.name, 'bag');
  const sack = channelOf({ in: 'sack' }, bag);
  assert.deepEqual([sack.pieces, sack.packed!.container!.name, sack.packed!.packs], [50, 'sack', 1]);
  assert.equal(channelOf({ in: 'sack', pieces: 12 }, { packing: { in: 'bag', pieces: 2 } }).pieces, 12);
  // Missing packaging packs nothing: pieces are sold loose.
  assert.deepEqual([channelOf({ in: 'gone' }).pieces, channelOf({ in: 'gone', pieces: 5 }).pieces], [1, 5]);
});

test('a sale through a channel: cost without the run’s packing, its own pack, discount, fees and tax', () => {
  const slab = { packing: { in: 'bag' } };
  const shop = (channel: Channel): Shop => ({ ...SHOP, channels: [channel] });
  const saleOf = (channel: Channel) => {
    const { channels, earned, pricing } = priceSlab(slab, shop(channel), planOf(), null);
    return { ...channels[0]!, first: earned.kinds[0]!, pricing };
  };
  const terms = { discountPercent: 30, feePercent: 2, feeEach: 0.25, taxPercent: 10 };
  const { sale, first, pricing } = saleOf({ name: 'cafe', ...terms });
  // Ingredients of 20 over 40 pieces are 50 each; a bag is 10.
  assert.deepEqual(sale, channelSale(first, 50, { ...terms, feeEach: 25, packCoins: 10, pieces: 4 }, pricing));
  assert.deepEqual([sale.net, sale.cost, sale.packing, sale.fee, sale.tax], [560, 200, 10, 12 + 25, 56]);
  const plain = saleOf({ name: 'stall' });
  assert.deepEqual([plain.sale.net, plain.sale.tax, plain.sale.fee, plain.sale.packing], [800, 0, 0, 10]);
  // Fees in another currency, and packs priced in one, are not counted.
  assert.equal(saleOf({ name: 'abroad', feeEach: 3, currency: 'GBP' }).sale.fee, 0);
  assert.equal(saleOf({ name: 'abroad', in: 'foreign' }).sale.packing, 0);
  assert.equal(saleOf({ name: 'gone', in: 'gone' }).sale.packing, 0);
});
