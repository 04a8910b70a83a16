/** For each kind of layer: the temperature it is laid at, its setting, latent heat, softening point, and whether it cracks. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { ASSUMED_THERMAL } from '$core/heat';
import { glassTransitionC, pouredLayers, type PouredLayer, type Stuff } from '$core/setting';
import { expandDividedLines, type Layer, type Preparation, type Slab } from '$core/slab';
import { sugarShareAtBoil } from '$core/sugar';
import { scaleSlab } from '$core/usecases';
import { close } from '../figures';
import { demoLarder, demoSlabs, ryeSlice, shop } from '../things';

const tin = { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 60 } as const;
const lines = (...of: readonly [string, number][]): Preparation['lines'] =>
  of.map(([ingredient, quantity]) => ({ ingredient, quantity, unit: 'g' }));
const slabOf = (preparation: Omit<Preparation, 'id' | 'name'>, layer: Partial<Layer> = {}): Slab => ({
  ...ryeSlice,
  tin,
  preparations: [{ id: 'p', name: 'P', ...preparation }],
  layers: [{ id: 'l', name: 'L', spread: 'level', from: [{ preparation: 'p', share: 1 }], ...layer }],
});
function poured(slab: Slab): PouredLayer {
  const laid = expandDividedLines(slab);
  const { mixtures, scaling } = scaleSlab(laid, demoLarder, shop, {});
  return pouredLayers(laid, mixtures, scaling.slabs[0]!, 21)[0]!;
}
const baked = { steps: [{ id: 'b', text: 'Bake', minutes: 20, ovenC: 165 }] };

test('for each kind of layer: laid at, firm at, softens at, and whether it cracks under a cold blade', () => {
  const cases: readonly (readonly [string, Slab, number, Stuff, number | null, boolean])[] = [
    ['chocolate', slabOf({ lines: lines(['dark chocolate', 300]) }), 32, 'melted chocolate', 28, true],
    ['a gel', slabOf({ lines: lines(['water', 200], ['gelatine leaf', 6]) }), 20, 'slow gel', 27, false],
    [
      'a hard boil',
      slabOf({ lines: lines(['caster sugar', 300], ['water', 90]), cookTo: { celsius: 146 } }),
      146,
      'glass',
      null,
      true,
    ],
    [
      'a soft boil',
      slabOf({ lines: lines(['caster sugar', 300], ['whipping cream', 200]), cookTo: { celsius: 104 } }),
      104,
      'glass',
      60,
      false,
    ],
    [
      'a hot soft boil',
      slabOf({ lines: lines(['caster sugar', 300], ['whipping cream', 200]), cookTo: { celsius: 118 } }),
      105,
      'glass',
      60,
      false,
    ],
    ['a baked base', slabOf({ lines: lines(['rye flour', 200], ['butter', 150]), ...baked }), 90, 'baked', null, false],
    ['a crumb', slabOf({ lines: lines(['oat biscuit crumbs', 200], ['butter', 90]) }), 20, 'milk fat', null, false],
    ['a butter cream', slabOf({ lines: lines(['icing sugar', 200], ['butter', 150]) }), 20, 'milk fat', 25, false],
    ['a jam', slabOf({ lines: lines(['pear puree', 300]) }), 20, 'cold', null, false],
  ];
  for (const [name, slab, pourC, stuff, softensC, brittle] of cases) {
    const layer = poured({ ...slab, cut: { columns: 6, rows: 4, tool: 'cold blade' } });
    assert.deepEqual(
      [layer.pourC, layer.setC, layer.firmness.stuff, layer.softensC, layer.brittle],
      [pourC, null, stuff, softensC, brittle],
      name,
    );
  }
  const said = poured(
    slabOf(
      { lines: lines(['dark chocolate', 300]) },
      { pourC: 45, set: { toC: 16, minMinutes: 9, maxMinutes: 70, place: 'fridge' } },
    ),
  );
  assert.deepEqual([said.pourC, said.setC, said.minMinutes, said.maxMinutes, said.place], [45, 16, 9, 70, 'fridge']);
  assert.deepEqual(
    [poured(slabOf({ lines: lines(['pear puree', 300]) })).place, poured(slabOf({ lines: [] })) ?? null],
    ['room', null],
  );
});

test('a warm blade cracks nothing, and frozen, tempered, beaten or whipped layers become firm in their own way', () => {
  const chocolate = slabOf({ lines: lines(['dark chocolate', 300]) });
  for (const [tool, cracks] of [
    ['hot blade', false],
    ['score and snap', false],
    ['wire', true],
  ] as const)
    assert.equal(poured({ ...chocolate, cut: { columns: 1, rows: 1, tool } }).brittle, cracks);
  const stuff = (...from: Parameters<typeof slabOf>) => poured(slabOf(...from)).firmness.stuff;
  const step = (text: string) => ({ steps: [{ id: 's', text, minutes: 5 }] });
  const dark = lines(['dark chocolate', 300]);
  assert.equal(stuff({ lines: dark, ...step('Melt two thirds, stir in the rest') }), 'tempered chocolate');
  assert.equal(stuff({ lines: dark }, { pourC: 32 }), 'tempered chocolate');
  assert.equal(stuff({ lines: dark }, { pourC: 40 }), 'melted chocolate');
  const fudge = { lines: lines(['caster sugar', 300], ['whipping cream', 200]), cookTo: { celsius: 114 } };
  assert.equal(stuff({ ...fudge, ...step('Beat until it loses its gloss') }), 'grain');
  assert.equal(stuff(fudge, { texture: 'crystal' }), 'glass');
  assert.equal(stuff({ lines: lines(['water', 200], ['agar', 3]) }), 'fast gel');
  const whipped = { lines: lines(['caster sugar', 300], ['pasteurised egg white', 90]), cookTo: { celsius: 121 } };
  assert.deepEqual([stuff(whipped, { densityGPerMl: 0.5 }), stuff(whipped)], ['slow gel', 'glass']);
  assert.equal(stuff({ lines: lines(['pear puree', 300]) }, { set: { place: 'freezer' } }), 'ice');
  assert.equal(stuff({ lines: lines(['oat biscuit crumbs', 200], ['coconut oil', 90]) }), 'coconut fat');
});

test('latent heat: 45 J for each g of chocolate, that of milk fat, both where there are both', () => {
  const half = poured(slabOf({ lines: lines(['dark chocolate', 100], ['golden syrup', 100]), lossPercent: 0 }));
  assert.deepEqual(
    half.latents.map(({ jPerKg }) => jPerKg),
    [22_500],
  );
  // 150 g of butter in 300 g: 82 % of a half is fat, half of which is solid in the cold.
  const butter = poured(slabOf({ lines: lines(['icing sugar', 150], ['butter', 150]), lossPercent: 0 }));
  const sum = butter.latents.reduce((all, { jPerKg }) => all + jPerKg, 0);
  assert.ok(close(sum, 80_000 * 0.41 * 0.5, 0.03), String(sum));
  assert.deepEqual(poured(slabOf({ lines: lines(['pear puree', 300]) })).latents, []);
  const both = poured(slabOf({ lines: lines(['dark chocolate', 150], ['butter', 50]), lossPercent: 0 }));
  assert.ok(both.latents.length > 1 && both.firmness.stuff === 'melted chocolate');
  const unknown = poured(slabOf({ lines: lines(['moon dust', 300]) }));
  assert.ok(
    unknown.assumed &&
      unknown.k === ASSUMED_THERMAL.k &&
      unknown.rho === ASSUMED_THERMAL.rho &&
      unknown.cp === ASSUMED_THERMAL.cp,
  );
  assert.deepEqual(ASSUMED_THERMAL, { k: 0.3, rho: 1200, cp: 2300, latents: [] });
});

const two = (
  first: Omit<Preparation, 'id' | 'name'>,
  second: Omit<Preparation, 'id' | 'name'>,
  shares: readonly [number, number],
  part: Partial<Layer> = {},
): Slab => ({
  ...slabOf(first, part),
  preparations: [
    { id: 'p', name: 'P', ...first },
    { id: 'q', name: 'Q', ...second },
  ],
  layers: [
    {
      id: 'l',
      name: 'L',
      spread: 'level',
      from: [
        { preparation: 'p', share: shares[0] },
        { preparation: 'q', share: shares[1] },
      ],
      ...part,
    },
  ],
});
const plain = (...of: readonly [string, number][]) => ({ lines: lines(...of), lossPercent: 0 });

test('two mixtures count by how much of each is laid', () => {
  // Half of 100 g of water and a quarter of 200 g of sugar: half and half, by mass.
  const half = poured(two(plain(['water', 100]), plain(['caster sugar', 200]), [0.5, 0.25]));
  const mixed = poured(slabOf(plain(['water', 50], ['caster sugar', 50])));
  assert.ok(close(half.cp, mixed.cp, 1e-6) && close(half.k, mixed.k, 2e-2), `${half.cp} ${mixed.cp}`);
  // A mixture of which nothing is used counts for nothing, and makes nothing unknown.
  const none = poured(two(plain(['water', 100]), plain(['moon dust', 200]), [1, 0]));
  const water = poured(slabOf(plain(['water', 100])));
  assert.deepEqual([none.assumed, none.cp], [false, water.cp]);
  assert.equal(poured(two(plain(['water', 100]), plain(['moon dust', 200]), [1, 0.5])).assumed, true);
  assert.equal(poured(two(plain(['moon dust', 100]), plain(['water', 200]), [1, 0.5])).assumed, true);
});

test('laid as warm as the warmer of two cooled mixtures; a baked one beside a cold one is warm', () => {
  const cool = (celsius: number) => ({
    ...plain(['water', 500]),
    steps: [{ id: `c${celsius}`, text: 'Let it cool', minutes: 30, coolTo: { celsius } }],
  });
  assert.equal(poured(two(cool(40), cool(55), [0.5, 0.5])).pourC, 55);
  assert.equal(poured(two(cool(55), cool(40), [0.5, 0.5])).pourC, 55);
  assert.equal(poured(two(cool(40), plain(['water', 100]), [0.5, 0.5])).pourC, 20);
  const base = { lines: lines(['rye flour', 200], ['butter', 150]), ...baked };
  assert.equal(poured(two(base, plain(['oat biscuit crumbs', 100]), [1, 1])).pourC, 90);
});

test('cold blades crack what is brittle; without a cut nothing does; what bakes together is laid hot, except the lowest', () => {
  const chocolate = slabOf({ lines: lines(['dark chocolate', 300]) });
  const cracks = (tool: 'cold blade' | 'serrated' | 'wire' | 'rollers' | 'hot blade') =>
    poured({ ...chocolate, cut: { columns: 1, rows: 1, tool } }).brittle;
  assert.deepEqual((['cold blade', 'serrated', 'wire', 'rollers', 'hot blade'] as const).map(cracks), [
    true,
    true,
    true,
    true,
    false,
  ]);
  const { cut: _cut, ...uncut } = chocolate;
  assert.equal(poured(uncut).brittle, false);
  const oats = demoSlabs.find(({ name }) => name === 'Orchard oat bake')!;
  const laid = expandDividedLines(oats);
  const { mixtures, scaling } = scaleSlab(laid, demoLarder, shop, {});
  assert.deepEqual(
    pouredLayers(laid, mixtures, scaling.slabs[0]!, 21).map(({ together }) => together),
    [false, true, true],
  );
  assert.equal(poured(chocolate).together, false);
});

test('syrups in a boil lower its glass transition by their share of its sugars, up to twelve kelvins', () => {
  const snapsC = (...of: readonly [string, number][]) =>
    poured(slabOf({ lines: lines(...of), cookTo: { celsius: 150 }, lossPercent: 0 })).firmness.curve[0]![0] - 5;
  const dry = 1 - sugarShareAtBoil(150);
  const share = (syrupsG: number, sugarsG: number) => glassTransitionC(dry, syrupsG / sugarsG);
  const sugars = (name: string) => demoLarder.get(name)!.composition!.sugars / 100;
  const [caster, syrup] = [sugars('caster sugar'), sugars('golden syrup')];
  assert.ok(close(snapsC(['caster sugar', 300], ['water', 90]), share(0, 1), 1e-9));
  assert.ok(
    close(
      snapsC(['caster sugar', 300], ['golden syrup', 100], ['water', 50]),
      share(100 * syrup, 100 * syrup + 300 * caster),
      1e-6,
    ),
  );
  // An ingredient in no list: it is taken as seven tenths sugar.
  const unknown = snapsC(['caster sugar', 300], ['moon syrup', 100], ['water', 50]);
  assert.ok(unknown < snapsC(['caster sugar', 300], ['water', 90]) && unknown > share(1, 1));
  // Of two boils the hotter end point counts.
  const boil = (celsius: number) => ({ lines: lines(['caster sugar', 300], ['water', 90]), cookTo: { celsius } });
  const both = [two(boil(150), boil(140), [0.5, 0.5]), two(boil(140), boil(150), [0.5, 0.5])].map(
    (slab) => poured(slab).firmness.curve[0]![0],
  );
  assert.deepEqual(both, [glassTransitionC(dry, 0) + 5, glassTransitionC(dry, 0) + 5]);
});

test('other fats soften a chocolate by their share of all its fat; coconut fat binds where it exceeds the milk fat', () => {
  const fat = (name: string) => demoLarder.get(name)!.composition!.fat / 100;
  const [dark, butter] = [300 * fat('dark chocolate'), 40 * fat('butter')];
  const begins = (...of: readonly [string, number][]) => poured(slabOf(plain(...of))).firmness.curve.at(-1)![0];
  assert.equal(begins(['dark chocolate', 300]), 26.5);
  assert.ok(close(begins(['dark chocolate', 300], ['butter', 40]), 26.5 - (15 * butter) / (dark + butter), 1e-6));
  const bound = (butterG: number, coconutG: number) =>
    poured(slabOf(plain(['icing sugar', 300], ['butter', butterG], ['coconut oil', coconutG]))).firmness.stuff;
  assert.equal(bound(80, 60), 'milk fat');
  assert.equal(bound(60, 80), 'coconut fat');
  assert.equal(bound(0, 30), 'coconut fat');
  // A twentieth of it does not bind.
  assert.equal(poured(slabOf(plain(['icing sugar', 300], ['coconut oil', 10]))).firmness.stuff, 'sweet paste');
});

test('in the freezer what is a third water freezes; what is dry is as firm as elsewhere', () => {
  const inFreezer = (waterG: number) =>
    poured(slabOf(plain(['water', waterG], ['caster sugar', 1000 - waterG]), { set: { place: 'freezer' } })).firmness
      .stuff;
  assert.deepEqual([inFreezer(310), inFreezer(290)], ['ice', 'cold']);
});
