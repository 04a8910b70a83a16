import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { plan, weighOutSlabs } from '$core/usecases';
import { linerPapers, type Tin } from '$core/tin';
import { deepSquare, tins } from '../tins';
import { close, sum } from '../figures';
import { demoLarder, demoSlabs, ryeSlice, shop } from '../things';

const work = (slab: (typeof demoSlabs)[number], key: string, tin?: Tin) => ({
  key,
  slab,
  plan: plan(slab, demoLarder, shop, tin ? { tins: [{ tin, count: 1 }] } : {}),
});

test('law: the weigh-out list is what the plans need, each ingredient once, and its divisions add up', () => {
  fc.assert(
    fc.property(fc.subarray(demoSlabs, { minLength: 1 }), tins, (chosen, tin) => {
      const works = chosen.map((slab, at) => work(slab, String(at), tin));
      const { items, mixtures } = weighOutSlabs(works, demoLarder, shop);
      assert.equal(new Set(items.map(({ key }) => key)).size, items.length);
      const asked = sum(works.flatMap(({ plan: plan }) => plan.preparations.map(({ massInG }) => massInG)));
      assert.ok(close(sum(items.map(({ massG }) => massG!)), asked, 1e-7));
      for (const { massG, divisions } of items)
        assert.ok(close(sum(divisions.map((part) => part.massG!)), massG!, 1e-9));
      const out = sum(works.flatMap(({ plan: plan }) => plan.preparations.map(({ massOutG }) => massOutG)));
      assert.ok(close(sum(mixtures.flatMap(({ goesInto }) => goesInto.map(({ massOutG }) => massOutG))), out, 1e-9));
    }),
    { numRuns: 40 },
  );
});

test('one mixture in three slabs is cooked as one, in batches that its limit allows', () => {
  const works = ['a', 'b', 'c'].map((key) => work({ ...ryeSlice, name: key }, key, deepSquare));
  const { mixtures, items } = weighOutSlabs(works, demoLarder, shop);
  assert.deepEqual(
    mixtures.map(({ name, goesInto }) => [name, goesInto.map(({ slab }) => slab)]),
    ryeSlice.preparations.map(({ name }) => [name, ['a', 'b', 'c']]),
  );
  const caramel = mixtures[1]!;
  assert.ok(close(caramel.scaleFactor, 3 * works[0]!.plan.preparations[1]!.scaleFactor, 1e-9));
  assert.equal(caramel.batches, Math.ceil(caramel.scaleFactor / 2));
  const butter = items.find(({ name }) => name === 'butter')!;
  assert.deepEqual(
    butter.divisions.map(({ name }) => name),
    ['Rye shortbread', 'Treacle caramel'],
  );
});

test('two lines of one ingredient in one bowl are one amount to weigh', () => {
  const [base, ...others] = ryeSlice.preparations;
  const twice = { ...ryeSlice, preparations: [{ ...base!, lines: [...base!.lines, ...base!.lines] }, ...others] };
  const butterOf = (slab: (typeof demoSlabs)[number]) =>
    weighOutSlabs([work(slab, 'a')], demoLarder, shop).items.find(({ name }) => name === 'butter')!;
  const [once, doubled] = [butterOf(ryeSlice), butterOf(twice)];
  assert.deepEqual(
    doubled.divisions.map(({ name }) => name),
    once.divisions.map(({ name }) => name),
  );
  const [base1, caramel1] = once.divisions.map(({ massG }) => massG!);
  const [base2, caramel2] = doubled.divisions.map(({ massG }) => massG!);
  assert.ok(close(base2!, 2 * base1!, 1e-9) && close(caramel2!, caramel1!, 1e-9));
  assert.ok(close(doubled.massG!, 2 * base1! + caramel1!, 1e-9));
});

test('what goes in at a later step is weighed later, and what is in stock is not bought', () => {
  const { items, basket } = weighOutSlabs([work(ryeSlice, 'a')], demoLarder, { ...shop, vessels: [] });
  const at = (name: string) => items.findIndex((item) => item.name === name);
  assert.ok(at('sea salt') > at('whipping cream'));
  const cream = items[at('whipping cream')]!;
  const flour = items[at('rye flour')]!;
  assert.equal(flour.toBuy!.packs, 0);
  assert.ok(cream.massG! < cream.heldG! && cream.toBuy!.packs === 0);
  const none = new Map([...demoLarder].map(([key, ingredient]) => [key, { ...ingredient, heldG: 0 }]));
  const all = weighOutSlabs([work(ryeSlice, 'a')], none, shop);
  assert.equal(all.items.find(({ name }) => name === 'butter')!.toBuy!.packs, 2); // 285 g in blocks of 250 g
  assert.ok(all.basket > basket && close(all.basket, work(ryeSlice, 'a').plan.cost.toBuy));
});

test('the smallest vessel that is large enough is named, and none where none is', () => {
  const vessels = [
    { name: 'kettle', kind: 'pot' as const, volumeMl: 9000 },
    { name: 'pan', kind: 'pot' as const, volumeMl: 2600 },
    { name: 'cup', kind: 'bowl' as const, volumeMl: 100 },
  ];
  const { vessels: found } = weighOutSlabs([work(ryeSlice, 'a')], demoLarder, { ...shop, vessels });
  assert.deepEqual(
    found.map(({ vessel }) => vessel),
    [null, 'pan', null],
  );
});

test('lining for 300 x 200 x 40: one sheet is base, walls and flaps; strips are as wide as the base', () => {
  const tin: Tin = { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40 };
  const size = (lining: Parameters<typeof linerPapers>[1]) =>
    linerPapers(tin, lining).map(({ lengthMm, widthMm }) => [lengthMm, widthMm]);
  assert.deepEqual(size('one sheet'), [[460, 360]]);
  assert.deepEqual(size('crossed strips'), [
    [460, 200],
    [360, 300],
  ]);
  assert.deepEqual(size('turned out'), [[380, 280]]);
});
