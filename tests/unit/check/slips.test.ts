/** Checks for slips: each rule on a slab that breaks it, and on one that nearly does. */
import { plan, type PlanOptions } from '$core/usecases';
import type { CheckCode } from '$core/check';
import type { Ingredient } from '$core/larder';
import type { Line, Slab } from '$core/slab';
import { demoLarder, ryeSlice, shop } from '../things';
import { added, changed, holds as check } from './holds';

const more: Ingredient[] = ['honey', 'whole egg', 'citric acid', 'baking powder'].map((name) => ({
  name,
  unitMassG: 50,
  packs: [{ name: 'pack', massG: 500, price: 2 }],
  composition: { water: 20, sugars: 70, fat: 0, protein: 0, other: 10 },
}));
const checks = (slab: Slab, asked: PlanOptions = {}) => plan({ ...slab, larder: more }, demoLarder, shop, asked).checks;

const holds = (
  code: CheckCode,
  broken: Slab,
  nearly: Slab,
  askedBroken: PlanOptions = {},
  askedNearly: PlanOptions = {},
) =>
  check(
    code,
    ([slab, asked]: readonly [Slab, PlanOptions]) => checks(slab, asked),
    [broken, askedBroken],
    [nearly, askedNearly],
  );

const thickness = (l3: number): PlanOptions => ({ scale: { mode: 'layer-thickness', mm: { l3 } } });
holds('layer-thin', ryeSlice, ryeSlice, thickness(1.9), thickness(2));
holds('layer-thick', ryeSlice, ryeSlice, thickness(61), thickness(60));
// The base and the caramel are 18.9 mm: a top of 6.3 mm is a quarter of the height.
holds('chocolate-top-thick', ryeSlice, ryeSlice, thickness(6.5), thickness(6.1));

const takes = (share: number): Slab => ({
  ...ryeSlice,
  layers: ryeSlice.layers.map((layer) =>
    layer.id === 'l2' ? { ...layer, from: [{ preparation: 'treacle', share }] } : layer,
  ),
});
holds('leftover-large', takes(0.89), takes(0.91));
holds('preparation-unused', takes(0), takes(0.01));

const by = (times: number): PlanOptions => ({ scale: { mode: 'scaleFactor', by: times } });
holds('cook-over-limit', ryeSlice, ryeSlice, by(2.1), by(2));

const egg: Line = { ingredient: 'whole egg', quantity: 1, unit: 'each' };
holds('raw-egg', added(2, egg), added(0, egg));
holds('raw-egg', added(2, egg), added(2, { ingredient: 'pasteurised egg white', quantity: 30, unit: 'g' }));
holds('honey-infants', added(0, { ingredient: 'honey', quantity: 5, unit: 'g' }), ryeSlice);

// 843.9 g of caramel with 6 g of salt in it: 15 g more are 2.4 %, 18 g more are 2.8 %.
holds(
  'salt-share',
  added(1, { ingredient: 'sea salt', quantity: 18, unit: 'g' }),
  added(1, { ingredient: 'sea salt', quantity: 15, unit: 'g' }),
);
holds(
  'salt-share',
  changed(1, {
    lines: ryeSlice.preparations[1]!.lines.map((line) => (line.unit === 'tsp' ? { ...line, quantity: 4 } : line)),
  }),
  ryeSlice,
);
holds(
  'acid-share',
  added(1, { ingredient: 'citric acid', quantity: 18, unit: 'g' }),
  added(1, { ingredient: 'citric acid', quantity: 16, unit: 'g' }),
);
holds(
  'leavening-share',
  added(0, { ingredient: 'baking powder', quantity: 20, unit: 'g' }),
  added(0, { ingredient: 'baking powder', quantity: 19, unit: 'g' }),
);
holds(
  'extract-share',
  added(1, { ingredient: 'vanilla extract', quantity: 27, unit: 'g' }),
  added(1, { ingredient: 'vanilla extract', quantity: 25, unit: 'g' }),
);
holds(
  'gelatine-share',
  added(1, { ingredient: 'gelatine leaf', quantity: 27, unit: 'each' }),
  added(1, { ingredient: 'gelatine leaf', quantity: 26, unit: 'each' }),
);

holds('end-point-burns', changed(1, { cookTo: { celsius: 181 } }), changed(1, { cookTo: { celsius: 180 } }));
const butter = (quantity: number) =>
  changed(0, {
    lines: ryeSlice.preparations[0]!.lines.map((line) => (line.ingredient === 'butter' ? { ...line, quantity } : line)),
  });
// 270 g of flour and 120 g of sugar with b g of butter at 82 % fat: 18 % fat takes 103 g.
holds('fat-low', butter(102), butter(103));
