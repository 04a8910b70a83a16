import type { WantRecipe } from './corpus';

/** American: Fahrenheit, inches, sheets and cups. */
export const american: readonly WantRecipe[] = [
  {
    name: 'Brown butter blondie slab',
    measures: 'us',
    lines:
      '1 cup butter\n2 cups brown sugar\n2 eggs\n1 tbsp vanilla\n2 cups all-purpose flour\n1 tsp salt\n1 cup walnuts',
    method: [
      [
        'Preheat oven to 350°F. Line a 9x13-inch pan with parchment.',
        { kind: 'other', ovenC: 176.7 },
        { kind: 'other' },
      ],
      [
        'Brown the butter in a light-colored saucepan over medium heat, 5-7 minutes.',
        { kind: 'melt', minutes: [5, 7], adds: ['butter'] },
      ],
      ['Cool for 10 minutes.', { kind: 'set', minutes: [10, 10] }],
      ['Whisk in brown sugar, eggs and vanilla.', { kind: 'beat', adds: ['brown sugar', 'eggs', 'vanilla'] }],
      [
        'Fold in flour and salt just until combined; stir in walnuts.',
        { kind: 'mix', adds: ['all-purpose flour', 'salt', 'walnuts'] },
      ],
      ['Spread batter evenly in the prepared pan.', { kind: 'lay' }],
      [
        'Bake 25 to 28 min, until a toothpick comes out with moist crumbs.',
        { kind: 'bake', minutes: [25, 28], ovenC: 176.7 },
      ],
      ['Cool completely on a wire rack, about 2 hours.', { kind: 'set', minutes: [120, 120], place: 'room' }],
      ['Cut into 1 1/2-inch squares.', { kind: 'cut' }],
    ],
    tin: [330.2, 228.6],
    cut: { lengthMm: 38.1, widthMm: 38.1 },
  },
  {
    name: 'Sea salt toffee',
    measures: 'us',
    lines:
      'For the toffee:\n2 cups butter\n2 cups sugar\n1/4 cup water\n\nFor the chocolate:\n2 cups semisweet chocolate chips\n1 cup pecans',
    method: [
      ['Line a half-sheet pan with a silicone mat.', { kind: 'other' }],
      [
        'In a heavy 4-quart saucepan, combine butter, sugar, and water.',
        { kind: 'mix', of: 'toffee', adds: ['butter', 'sugar', 'water'] },
      ],
      [
        'Cook over medium heat, stirring constantly, until a candy thermometer registers 300 degrees F (hard-crack stage), 15 to 20 minutes.',
        { kind: 'boil', of: 'toffee', celsius: 148.9, minutes: [15, 20] },
      ],
      ['Immediately pour onto the prepared pan.', { kind: 'lay', of: 'toffee' }],
      [
        'Sprinkle chocolate chips over the hot toffee; let stand 5 minutes, then spread smooth.',
        { kind: 'scatter', of: 'chocolate', adds: ['semisweet chocolate chips'] },
        { kind: 'set', of: 'chocolate', minutes: [5, 5] },
        { kind: 'lay', of: 'chocolate' },
      ],
      ['Top with pecans, pressing lightly.', { kind: 'lay', of: 'chocolate', adds: ['pecans'] }],
      ['Refrigerate until firm, about 1 hour.', { kind: 'set', of: 'chocolate', minutes: [60, 60], place: 'fridge' }],
      ['Break into pieces.', { kind: 'cut' }],
      ['Store between sheets of wax paper in an airtight container up to 1 month.', { kind: 'pack', place: 'room' }],
    ],
    tin: [415, 300],
    cut: { way: 'break' },
    keep: { place: 'room', days: 30 },
  },
  {
    name: 'Penuche',
    measures: 'us',
    lines: '3 cups light brown sugar\n1 cup half-and-half\n2 tbsp butter\n1 tsp vanilla\n1 cup pecans',
    method: [
      ['Butter an 8x8x2-inch pan; set aside.', { kind: 'other' }],
      ['Combine sugar and half-and-half in saucepan.', { kind: 'mix', adds: ['light brown sugar', 'half-and-half'] }],
      ['Cook and stir over medium heat to boiling.', { kind: 'boil' }],
      ['Clip candy thermometer to side of pan.', { kind: 'other' }],
      [
        'Continue boiling at a moderate, steady rate, stirring often, until thermometer registers 236°F, soft-ball stage (15 to 20 minutes).',
        { kind: 'boil', celsius: 113.3, minutes: [15, 20] },
      ],
      ['Remove from heat.', { kind: 'other' }],
      ['Add butter and vanilla, but do not stir.', { kind: 'mix', adds: ['butter', 'vanilla'] }],
      ['Cool, without stirring, to 110°F (about 50 minutes).', { kind: 'set', celsius: 43.3, minutes: [50, 50] }],
      [
        'Beat vigorously with a wooden spoon until penuche just begins to thicken; add nuts.',
        { kind: 'beat' },
        { kind: 'mix', adds: ['pecans'] },
      ],
      [
        'Continue beating until very thick and just starts to lose its gloss, about 10 minutes total.',
        { kind: 'beat', minutes: [10, 10] },
      ],
      ['Quickly spread in prepared pan.', { kind: 'lay' }],
      ['Score into squares while warm.', { kind: 'cut' }],
      ['Makes 64 pieces.', { kind: 'other' }],
    ],
    tin: [203.2, 203.2, 50.8],
    cut: { pieces: 64 },
  },
  {
    name: 'Lemon bars, disagreeing',
    measures: 'us',
    lines:
      'For the crust:\n1 cup butter\n2 cups flour\n1/2 cup powdered sugar\n\nFor the lemon layer:\n4 eggs\n1 1/2 cups sugar\n1/2 cup lemon juice',
    method: [
      ['Heat oven to 325°F (180°C).', { kind: 'other', ovenC: 180 }],
      [
        'Crust: Beat butter, flour and powdered sugar with mixer on low speed.',
        { kind: 'beat', of: 'crust', adds: ['butter', 'flour', 'powdered sugar'] },
      ],
      ['Pat in bottom of ungreased quarter sheet pan.', { kind: 'press', of: 'crust' }],
      ['Bake 20 min or until light golden brown.', { kind: 'bake', of: 'crust', minutes: [20, 20], ovenC: 180 }],
      [
        'Lemon layer: Whisk remaining ingredients until smooth.',
        { kind: 'beat', of: 'lemon-layer', adds: ['eggs', 'sugar', 'lemon juice'] },
      ],
      ['Pour over hot crust.', { kind: 'lay', of: 'lemon-layer' }],
      ['Bake 20 to 25 min longer.', { kind: 'bake', of: 'lemon-layer', minutes: [20, 25], ovenC: 180 }],
      [
        'Cool 1 hour; refrigerate 2 hours.',
        { kind: 'set', of: 'lemon-layer', minutes: [60, 60] },
        { kind: 'set', of: 'lemon-layer', minutes: [120, 120], place: 'fridge' },
      ],
      ['Cut into 6 rows by 4 rows.', { kind: 'cut' }],
      ['Store covered in refrigerator up to 4 days.', { kind: 'pack', place: 'fridge' }],
    ],
    tin: [300, 210],
    cut: { columns: 6, rows: 4 },
    keep: { place: 'fridge', days: 4 },
  },
];
