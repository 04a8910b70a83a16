/** Waits of layers that were neither boiled nor tempered: bought caramel, pastes, creams, melted chocolate. Usual ranges. */
import type { Layer, Place, Preparation } from '$core/slab';
import type { UsualWait } from './usualWaits';

type Lines = readonly (readonly [ingredient: string, grams: number])[];
type Laid = UsualWait['layers'][number];

const BAKED = { steps: [{ id: 'b', text: 'Bake', minutes: 20, ovenC: 165 }] } as const;
const shortbread: Lines = [
  ['plain flour', 270],
  ['butter', 225],
  ['caster sugar', 120],
];
const coolBase: Laid = { lines: shortbread, mm: 9, pourC: 21, place: 'room', part: BAKED };
const coldBase: Laid = { lines: shortbread, mm: 12, pourC: 5, place: 'fridge', part: BAKED };
const on = (
  base: Laid,
  lines: Lines,
  [mm, pourC, place]: readonly [number, number, Place],
  part?: Partial<Preparation>,
  layer?: Partial<Layer>,
): readonly Laid[] => [base, { lines, mm, pourC, place, part, layer }];

const meltedCaramels: Lines = [
  ['soft caramels', 300],
  ['whole milk', 30],
];

export const FURTHER_WAITS: readonly UsualWait[] = [
  {
    what: 'bought caramels melted with a little milk, 8 mm at 65 C, room: take chocolate',
    layers: on(coolBase, meltedCaramels, [8, 65, 'room']),
    state: 'takesNext',
    usual: [30, 75],
  },
  {
    what: 'the same, fridge',
    layers: on(coolBase, meltedCaramels, [8, 65, 'fridge']),
    state: 'takesNext',
    usual: [15, 40],
  },
  {
    what: 'caramel from a can 8 mm at 22 C, fridge: takes chocolate',
    layers: on(coldBase, [['caramelised condensed milk', 380]], [8, 22, 'fridge']),
    state: 'takesNext',
    usual: [10, 40],
  },
  {
    what: 'dulce de leche 6 mm at 40 C, room: takes chocolate',
    layers: on(coolBase, [['dulce de leche', 400]], [6, 40, 'room']),
    state: 'takesNext',
    usual: [20, 60],
  },
  {
    what: 'fondant warmed to 55 C, 5 mm, room: cuts',
    layers: on(
      coolBase,
      [
        ['fondant', 300],
        ['water', 15],
      ],
      [5, 55, 'room'],
    ),
    state: 'cuts',
    usual: [25, 70],
  },
  {
    what: 'icing-sugar paste with little butter 5 mm at 24 C, room: takes chocolate',
    layers: on(
      coolBase,
      [
        ['icing sugar', 250],
        ['butter', 30],
        ['whole milk', 25],
      ],
      [5, 24, 'room'],
    ),
    state: 'takesNext',
    usual: [20, 60],
  },
  {
    what: 'the same, fridge',
    layers: on(
      coldBase,
      [
        ['icing sugar', 250],
        ['butter', 30],
        ['whole milk', 25],
      ],
      [5, 24, 'fridge'],
    ),
    state: 'takesNext',
    usual: [12, 35],
  },
  {
    what: 'peanut butter filling 10 mm at 25 C, fridge: takes a lid',
    layers: on(
      coldBase,
      [
        ['peanut butter', 200],
        ['icing sugar', 150],
        ['butter', 60],
      ],
      [10, 25, 'fridge'],
    ),
    state: 'takesNext',
    usual: [20, 50],
  },
  {
    what: 'milk chocolate, not tempered, 3 mm at 38 C on a cold stack, fridge: cuts',
    layers: on(coldBase, [['milk chocolate', 300]], [3, 38, 'fridge']),
    state: 'cuts',
    usual: [15, 45],
  },
  {
    what: 'milk chocolate, not tempered, 3 mm at 38 C, room: cuts',
    layers: on(coolBase, [['milk chocolate', 300]], [3, 38, 'room']),
    state: 'cuts',
    usual: [120, 360],
  },
  {
    what: 'dark chocolate, not tempered, 4 mm at 40 C, room: cuts',
    layers: on(coolBase, [['dark chocolate', 300]], [4, 40, 'room']),
    state: 'cuts',
    usual: [90, 240],
  },
  {
    what: 'boiled nut topping 6 mm at 105 C on a cool cake, room: cuts',
    layers: on(
      coolBase,
      [
        ['butter', 75],
        ['caster sugar', 75],
        ['honey', 40],
        ['whipping cream', 40],
        ['flaked almonds', 150],
      ],
      [6, 105, 'room'],
      { cookTo: { celsius: 114 } },
    ),
    state: 'cuts',
    usual: [25, 60],
  },
  {
    what: 'ganache of dark chocolate and cream 12 mm at 35 C, fridge: cuts',
    layers: on(
      coolBase,
      [
        ['dark chocolate', 260],
        ['whipping cream', 150],
      ],
      [12, 35, 'fridge'],
    ),
    state: 'cuts',
    usual: [60, 180],
  },
  {
    what: 'peanut butter and milk chocolate 10 mm at 34 C, fridge: cuts',
    layers: on(
      coolBase,
      [
        ['milk chocolate', 250],
        ['peanut butter', 200],
      ],
      [10, 34, 'fridge'],
    ),
    state: 'cuts',
    usual: [40, 120],
  },
  {
    what: 'crumb crust 10 mm from the oven at 150 C, room: takes a filling',
    layers: [
      {
        lines: [
          ['oat biscuit crumbs', 250],
          ['butter', 110],
        ],
        mm: 10,
        pourC: 150,
        place: 'room',
        part: { steps: [{ id: 'b', text: 'Bake', minutes: 10, ovenC: 177 }] },
      },
    ],
    state: 'takesNext',
    usual: [20, 50],
  },
  {
    what: 'white chocolate, tempered, 4 mm at 29 C, room: cuts',
    layers: on(coolBase, [['white chocolate', 300]], [4, 29, 'room'], {
      steps: [{ id: 't', text: 'Bring into temper', minutes: 10 }],
    }),
    state: 'cuts',
    usual: [40, 100],
  },
];
