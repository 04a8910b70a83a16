/** What each kind of layer is laid at, what it becomes firm by and gives back as it does, at what it softens, and whether it cracks. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { ASSUMED_THERMAL } from '../../../src/core/heat';
import { pouredLayers, type PouredLayer, type Stuff } from '../../../src/core/setting';
import { expandDividedLines, type Layer, type Preparation, type Slab } from '../../../src/core/slab';
import { scaleSlab } from '../../../src/core/usecases';
import { close } from '../figures';
import { demoLarder, ryeSlice, shop } from '../things';

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

test('what each kind of layer is laid at, becomes firm by, softens at, and whether it cracks under a cold blade', () => {
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

test('a warm blade cracks nothing, and what is frozen, tempered, beaten or whipped becomes firm in its own way', () => {
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

test('heat that is given back: 45 J for each g of chocolate, that of milk fat, both where there are both', () => {
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
