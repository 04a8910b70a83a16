/** How pastes, creams and thick boils set, by what they are made of. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { larderOf } from '$core/larder';
import { firmAt, firmnessOf, grainFirmness, pouredLayers, type PouredLayer } from '$core/setting';
import { blankSlab, expandDividedLines, type Preparation } from '$core/slab';
import { scaleSlab } from '$core/usecases';
import { demoIngredients, shop, starterIngredients } from '../things';

const larder = larderOf([...demoIngredients, ...starterIngredients]);

function layerOf(
  lines: readonly (readonly [string, number])[],
  part: Partial<Preparation> = {},
  pourC?: number,
): PouredLayer {
  const slab = expandDividedLines({
    ...blankSlab('Paste'),
    preparations: [
      {
        id: 'p',
        name: 'P',
        lines: lines.map(([ingredient, quantity]) => ({ ingredient, quantity, unit: 'g' })),
        ...part,
      },
    ],
    layers: [
      {
        ...{ id: 'l', name: 'L', spread: 'level', from: [{ preparation: 'p', share: 1 }] },
        ...(pourC === undefined ? {} : { pourC }),
      },
    ],
  });
  const { mixtures, scaling } = scaleSlab(slab, larder, shop, {});
  return pouredLayers(slab, mixtures, scaling.slabs[0]!, 20)[0]!;
}
const stuffOf = (...given: Parameters<typeof layerOf>) => layerOf(...given).firmness.stuff;

test('a boil thick with condensed milk sets like bought caramel, whatever its end point; one of cream stays a syrup', () => {
  const to = (celsius: number) => ({ cookTo: { celsius } });
  assert.equal(
    stuffOf(
      [
        ['condensed milk', 395],
        ['butter', 125],
        ['golden syrup', 60],
      ],
      to(106),
    ),
    'sweet paste',
  );
  assert.equal(
    stuffOf(
      [
        ['caster sugar', 330],
        ['whipping cream', 330],
        ['butter', 60],
      ],
      to(118),
    ),
    'glass',
  );
  // Nuts have protein too, and are not milk.
  assert.equal(
    stuffOf(
      [
        ['caster sugar', 200],
        ['honey', 100],
        ['chopped almonds', 150],
      ],
      to(118),
    ),
    'glass',
  );
});

test('chocolate with cream is a ganache, which tempering does not set; dry and poured cool it counts as tempered', () => {
  assert.equal(
    stuffOf(
      [
        ['white chocolate', 300],
        ['whipping cream', 100],
      ],
      {},
      32,
    ),
    'melted chocolate',
  );
  assert.equal(stuffOf([['white chocolate', 300]], {}, 32), 'tempered chocolate');
  assert.equal(stuffOf([['white chocolate', 300]], {}, 36), 'melted chocolate');
});

test('sugar pastes stiffen; icing without fat dries and milk swells, both slower; nut pastes and jams do neither', () => {
  const paste = layerOf([
    ['fondant', 300],
    ['water', 15],
  ]).firmness;
  assert.deepEqual([paste.stuff, paste.lagMinutes], ['sweet paste', firmnessOf('sweet paste').lagMinutes]);
  for (const lines of [
    [
      ['icing sugar', 250],
      ['water', 35],
    ],
    [
      ['condensed milk', 400],
      ['icing sugar', 400],
      ['desiccated coconut', 330],
    ],
  ] as const) {
    const { stuff, lagMinutes } = layerOf(lines).firmness;
    assert.deepEqual([stuff, lagMinutes], ['sweet paste', 60]);
  }
  assert.equal(
    stuffOf([
      ['ground almonds', 250],
      ['icing sugar', 250],
    ]),
    'cold',
  );
  assert.equal(stuffOf([['raspberry jam', 200]]), 'cold');
});

test('cream cheese and cream firm up over hours; marshmallows only cool; a butter cream sets by its fat', () => {
  const cream = layerOf([
    ['cream cheese', 400],
    ['whipping cream', 200],
    ['icing sugar', 80],
  ]).firmness;
  assert.deepEqual([cream.stuff, cream.startsSoft], ['slow gel', true]);
  assert.equal(
    stuffOf([
      ['marshmallows', 280],
      ['butter', 45],
      ['crisped rice', 170],
    ]),
    'sweet paste',
  );
  assert.equal(
    stuffOf([
      ['icing sugar', 200],
      ['butter', 120],
    ]),
    'milk fat',
  );
});

test('fudge is as firm five kelvins warmer for each degree that it is boiled beyond 114', () => {
  const beaten = (celsius: number) =>
    layerOf(
      [
        ['caster sugar', 900],
        ['condensed milk', 397],
        ['butter', 120],
      ],
      {
        cookTo: { celsius },
        steps: [{ id: 's', text: 'Beat until it thickens', minutes: 8 }],
      },
    ).firmness;
  assert.equal(beaten(114).stuff, 'grain');
  assert.equal(firmAt(beaten(116), 34), firmAt(beaten(114), 24));
  assert.deepEqual(grainFirmness(112), firmnessOf('grain'));
});
