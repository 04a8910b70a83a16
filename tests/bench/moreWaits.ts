/** Two dozen more waits of every family, written down before the model calculated any of them. Usual ranges. */
import type { Layer, Place, Preparation } from '$core/slab';
import type { UsualWait } from './usualWaits';

type Lines = readonly (readonly [ingredient: string, grams: number])[];
type Poured = readonly [mm: number, pourC: number, place: Place];
type Laid = UsualWait['layers'][number];

const base: Laid = {
  lines: [
    ['plain flour', 270],
    ['butter', 225],
    ['caster sugar', 120],
  ],
  ...{ mm: 10, pourC: 21, place: 'room' },
  part: { steps: [{ id: 'b', text: 'Bake', minutes: 20, ovenC: 165 }] },
};
const laid = (lines: Lines, [mm, pourC, place]: Poured, part?: Partial<Preparation>, layer?: Partial<Layer>): Laid => ({
  ...{ lines, mm, pourC, place, part, layer },
});
const step = (text: string, ovenC?: number): Partial<Preparation> => ({
  steps: [{ id: 's', text, minutes: 10, ...(ovenC === undefined ? {} : { ovenC }) }],
});
const to = (celsius: number): Partial<Preparation> => ({ cookTo: { celsius } });

/** Name, the topmost layer, what is waited for, minutes; on a cool shortbread base, or alone. */
const onBase = (what: string, top: Laid, state: UsualWait['state'], usual: readonly [number, number]): UsualWait => ({
  ...{ what, layers: [base, top], state, usual },
});
const alone = (what: string, top: Laid, state: UsualWait['state'], usual: readonly [number, number]): UsualWait => ({
  ...{ what, layers: [top], state, usual },
});

const cannedCaramel: Lines = [
  ['condensed milk', 395],
  ['butter', 125],
  ['golden syrup', 60],
  ['light brown sugar', 60],
];
const creamCaramel: Lines = [
  ['caster sugar', 330],
  ['glucose syrup', 90],
  ['whipping cream', 330],
  ['butter', 60],
];

export const MORE_WAITS: readonly UsualWait[] = [
  onBase(
    'tempered milk chocolate 2 mm at 30 C, room: dry',
    laid([['milk chocolate', 200]], [2, 30, 'room'], step('Temper')),
    'takesNext',
    [5, 15],
  ),
  onBase(
    'white chocolate and cream 8 mm at 32 C, fridge: cuts',
    laid(
      [
        ['white chocolate', 300],
        ['whipping cream', 100],
      ],
      [8, 32, 'fridge'],
    ),
    'cuts',
    [50, 150],
  ),
  alone(
    'cream and milk with gelatine 15 mm at 30 C, fridge: cuts',
    laid(
      [
        ['whipping cream', 300],
        ['whole milk', 100],
        ['caster sugar', 50],
        ['gelatine leaf', 8],
      ],
      [15, 30, 'fridge'],
    ),
    'cuts',
    [150, 300],
  ),
  alone(
    'agar jelly 8 mm at 60 C, room: cuts',
    laid(
      [
        ['water', 300],
        ['caster sugar', 100],
        ['agar powder', 4],
      ],
      [8, 60, 'room'],
    ),
    'cuts',
    [20, 60],
  ),
  onBase(
    'lemon curd top from the oven at 85 C, 14 mm, room: cuts',
    laid(
      [
        ['whole egg', 200],
        ['caster sugar', 250],
        ['lemon juice', 120],
        ['plain flour', 30],
      ],
      [14, 85, 'room'],
      step('Bake', 160),
    ),
    'cuts',
    [50, 120],
  ),
  alone(
    'brownie 25 mm from the oven at 95 C, room: cuts',
    laid(
      [
        ['dark chocolate', 200],
        ['butter', 180],
        ['caster sugar', 250],
        ['whole egg', 150],
        ['plain flour', 90],
      ],
      [25, 95, 'room'],
      step('Bake', 170),
    ),
    'cuts',
    [60, 150],
  ),
  alone(
    'crisped rice and marshmallow 25 mm at 55 C, room: cuts',
    laid(
      [
        ['marshmallows', 280],
        ['butter', 45],
        ['crisped rice', 170],
      ],
      [25, 55, 'room'],
    ),
    'cuts',
    [30, 75],
  ),
  alone(
    'cinder toffee 20 mm at 145 C, room: snaps',
    laid(
      [
        ['caster sugar', 200],
        ['golden syrup', 100],
        ['bicarbonate of soda', 8],
      ],
      [20, 145, 'room'],
      to(150),
    ),
    'cuts',
    [40, 100],
  ),
  alone(
    'peanut brittle 5 mm at 150 C, room: snaps',
    laid(
      [
        ['caster sugar', 300],
        ['glucose syrup', 150],
        ['peanuts', 250],
        ['butter', 30],
      ],
      [5, 150, 'room'],
      to(150),
    ),
    'cuts',
    [15, 45],
  ),
  alone(
    'coconut and condensed milk 20 mm at 21 C, fridge: cuts',
    laid(
      [
        ['condensed milk', 400],
        ['icing sugar', 400],
        ['desiccated coconut', 330],
      ],
      [20, 21, 'fridge'],
    ),
    'cuts',
    [60, 180],
  ),
  alone(
    'chocolate, butter and biscuits 30 mm at 38 C, fridge: cuts',
    laid(
      [
        ['dark chocolate', 300],
        ['butter', 130],
        ['golden syrup', 60],
        ['oat biscuit crumbs', 200],
        ['marshmallows', 100],
      ],
      [30, 38, 'fridge'],
    ),
    'cuts',
    [90, 200],
  ),
  alone(
    'dates, almonds and coconut oil 15 mm at 22 C, fridge: cuts',
    laid(
      [
        ['dates', 200],
        ['almonds', 150],
        ['coconut oil', 40],
      ],
      [15, 22, 'fridge'],
    ),
    'cuts',
    [30, 120],
  ),
  alone(
    'cream cheese and cream 25 mm at 12 C, fridge: cuts',
    laid(
      [
        ['cream cheese', 400],
        ['whipping cream', 200],
        ['icing sugar', 80],
      ],
      [25, 12, 'fridge'],
    ),
    'cuts',
    [90, 300],
  ),
  onBase(
    'chocolate with a tenth of coconut oil 3 mm at 35 C, fridge: cuts',
    laid(
      [
        ['dark chocolate', 270],
        ['coconut oil', 30],
      ],
      [3, 35, 'fridge'],
    ),
    'cuts',
    [12, 40],
  ),
  onBase(
    'condensed milk caramel of 106 C, 10 mm at 95 C, room: takes chocolate',
    laid(cannedCaramel, [10, 95, 'room'], to(106)),
    'takesNext',
    [45, 120],
  ),
  onBase('the same, fridge', laid(cannedCaramel, [10, 95, 'fridge'], to(106)), 'takesNext', [25, 60]),
  alone(
    'hard-ball caramel of 125 C, 12 mm at 105 C, room: cuts',
    laid(creamCaramel, [12, 105, 'room'], to(125)),
    'cuts',
    [35, 90],
  ),
  alone(
    'flapjack 22 mm from the oven at 110 C, room: cuts',
    laid(
      [
        ['rolled oats', 250],
        ['butter', 125],
        ['light brown sugar', 125],
        ['golden syrup', 60],
      ],
      [22, 110, 'room'],
      step('Bake', 160),
    ),
    'cuts',
    [45, 120],
  ),
  onBase(
    'icing of sugar and water 2 mm at 21 C, room: dry',
    laid(
      [
        ['icing sugar', 250],
        ['water', 35],
      ],
      [2, 21, 'room'],
    ),
    'takesNext',
    [20, 90],
  ),
  onBase(
    'jam 3 mm at 60 C, room: takes the next',
    laid([['raspberry jam', 200]], [3, 60, 'room']),
    'takesNext',
    [12, 45],
  ),
  alone(
    'condensed milk and chocolate fudge 20 mm at 40 C, fridge: cuts',
    laid(
      [
        ['condensed milk', 397],
        ['dark chocolate', 400],
        ['butter', 30],
      ],
      [20, 40, 'fridge'],
    ),
    'cuts',
    [75, 240],
  ),
  alone(
    'beaten butter tablet 15 mm at 90 C, room: cuts',
    laid(
      [
        ['caster sugar', 900],
        ['condensed milk', 397],
        ['butter', 120],
        ['whole milk', 150],
      ],
      [15, 90, 'room'],
      { ...to(116), ...step('Beat until it thickens') },
    ),
    'cuts',
    [30, 100],
  ),
  onBase(
    'pecan top from the oven at 95 C, 12 mm, room: cuts',
    laid(
      [
        ['glucose syrup', 250],
        ['whole egg', 150],
        ['light brown sugar', 150],
        ['pecans', 200],
        ['butter', 40],
      ],
      [12, 95, 'room'],
      step('Bake', 175),
    ),
    'cuts',
    [50, 130],
  ),
  alone(
    'hazelnut paste and milk chocolate 12 mm at 28 C, fridge: cuts',
    laid(
      [
        ['milk chocolate', 200],
        ['hazelnut paste', 200],
      ],
      [12, 28, 'fridge'],
    ),
    'cuts',
    [30, 100],
  ),
];
