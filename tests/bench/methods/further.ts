import type { WantRecipe } from './corpus';

/** Written after the reader was built, and first read before anything was fixed: terse notes, old books, numbered steps. */
export const further: readonly WantRecipe[] = [
  {
    name: 'Kitchen notes',
    measures: 'metric',
    lines:
      'For the base:\n200 g spelt flour\n130 g butter\n70 g icing sugar\n\nFor the caramel:\n300 g caster sugar\n100 g glucose syrup\n300 g cream\n50 g butter',
    method: [
      ['Oven 165.', { kind: 'other', ovenC: 165 }],
      [
        'Base: rub in, press into frame 30 x 40 cm, dock, bake 22 min.',
        { kind: 'mix', of: 'base' },
        { kind: 'press', of: 'base' },
        { kind: 'bake', of: 'base', minutes: [22, 22], ovenC: 165 },
      ],
      ['Cool to 35 °C before covering.', { kind: 'set', of: 'base', celsius: 35 }],
      [
        'Caramel: sugar and glucose to 170 °C, deglaze with hot cream, cook to 117 °C.',
        { kind: 'boil', of: 'caramel', celsius: 117, adds: ['caster sugar', 'glucose syrup', 'cream'] },
      ],
      [
        'Butter in off the heat, pour at 95 °C.',
        { kind: 'mix', of: 'caramel', adds: ['butter'] },
        { kind: 'lay', of: 'caramel', celsius: 95 },
      ],
      [
        'Set 2 h at room temp, then 30 min fridge.',
        { kind: 'set', of: 'caramel', minutes: [120, 120], place: 'room' },
        { kind: 'set', of: 'caramel', minutes: [30, 30], place: 'fridge' },
      ],
      ['Cut 3 x 10 cm bars, hot knife.', { kind: 'cut' }],
      ['Keeps 4 weeks wrapped.', { kind: 'pack' }],
    ],
    tin: [400, 300],
    cut: { lengthMm: 30, widthMm: 100 },
    keep: { place: 'room', days: 28 },
  },
  {
    name: 'From an old book',
    measures: 'imperial',
    lines: '1 lb sugar\n1/2 pint milk\n2 oz butter\n2 oz preserved ginger',
    method: [
      [
        'Put the sugar and milk into a strong saucepan and let them stand one hour.',
        { kind: 'mix', adds: ['sugar', 'milk'] },
        { kind: 'set', minutes: [60, 60] },
      ],
      [
        'Add the butter, place over a gentle fire and stir until the sugar is dissolved.',
        { kind: 'melt', adds: ['butter'] },
      ],
      ['Boil to 238 degrees, stirring occasionally.', { kind: 'boil', celsius: 114.4 }],
      [
        'Remove the pan to a cold surface and stir in the ginger, cut small.',
        { kind: 'mix', adds: ['preserved ginger'] },
      ],
      [
        'Allow the mixture to cool until lukewarm, then beat it with a wooden spoon till it grains.',
        { kind: 'set' },
        { kind: 'beat' },
      ],
      ['Turn quickly into an oiled tin measuring seven inches square.', { kind: 'lay' }],
      ['When nearly cold mark into inch squares.', { kind: 'cut' }],
      ['It is best kept for two days before it is eaten.', { kind: 'pack' }],
    ],
    tin: [177.8, 177.8],
    cut: { lengthMm: 25.4, widthMm: 25.4 },
    keep: { place: 'room', days: 2 },
  },
  {
    name: 'Numbered and bracketed',
    measures: 'us',
    lines:
      'For the brownie:\n6 oz bittersweet chocolate\n3/4 cup unsalted butter\n1 1/4 cups granulated sugar\n3 large eggs\n3/4 cup flour\n\nFor the mint layer:\n4 tbsp butter\n2 cups confectioners sugar\n2 tbsp cream\n1 tsp peppermint extract',
    method: [
      ['1. Position a rack in the middle of the oven; preheat to 325 degrees.', { kind: 'other', ovenC: 162.8 }],
      ['2. Coat a 9-inch square baking pan with cooking spray and line with foil.', { kind: 'other' }],
      [
        '3. Melt chocolate and butter in a double boiler, stirring now and then (about 5 minutes).',
        { kind: 'melt', of: 'brownie', minutes: [5, 5], adds: ['bittersweet chocolate', 'unsalted butter'] },
      ],
      [
        '4. Remove from heat and whisk in sugar, then eggs one at a time.',
        { kind: 'beat', of: 'brownie', adds: ['granulated sugar', 'large eggs'] },
      ],
      ['5. Using a rubber spatula, fold in flour.', { kind: 'mix', of: 'brownie', adds: ['flour'] }],
      [
        '6. Transfer to pan and bake for 30-35 minutes (a tester should come out almost clean).',
        { kind: 'lay', of: 'brownie' },
        { kind: 'bake', of: 'brownie', minutes: [30, 35], ovenC: 162.8 },
      ],
      [
        '7. Let cool in pan on a rack for 1 hour 30 minutes.',
        { kind: 'set', of: 'brownie', minutes: [90, 90], place: 'room' },
      ],
      [
        '8. For the mint layer, beat butter, confectioners sugar, cream and peppermint extract until fluffy.',
        { kind: 'beat', of: 'mint-layer', adds: ['butter', 'confectioners sugar', 'cream', 'peppermint extract'] },
      ],
      [
        '9. Spread over cooled brownie; freeze 20 minutes.',
        { kind: 'lay', of: 'mint-layer' },
        { kind: 'set', of: 'mint-layer', minutes: [20, 20], place: 'freezer' },
      ],
      ['10. Lift out using foil; trim edges and cut into 1 x 3-inch bars.', { kind: 'cut' }],
      ['11. Refrigerate in an airtight container for up to one week.', { kind: 'pack', place: 'fridge' }],
    ],
    tin: [228.6, 228.6],
    cut: { lengthMm: 25.4, widthMm: 76.2 },
    keep: { place: 'fridge', days: 7 },
  },
  {
    name: 'Pub fudge, told at the bar',
    measures: 'metric',
    lines: '397 g condensed milk\n150 ml milk\n450 g demerara sugar\n115 g butter\n2 tbsp stout',
    method: [
      ['You want a really big pan for this, because it climbs.', { kind: 'other' }],
      [
        'Everything except the stout goes in, and you melt it over a low flame for ten minutes or so.',
        { kind: 'melt', minutes: [10, 10], adds: ['condensed milk', 'milk', 'demerara sugar', 'butter'] },
      ],
      [
        "Then crank it up and let it bubble for 10-15 minutes, stirring the whole time, till it's at soft ball (116C if you own a thermometer).",
        { kind: 'boil', minutes: [10, 15], celsius: 116 },
      ],
      [
        'Off the heat now, in goes the stout, and beat like mad for ten minutes.',
        { kind: 'beat', minutes: [10, 10], adds: ['stout'] },
      ],
      ['Into the tin with it, a 20cm square one lined with parchment.', { kind: 'lay' }],
      [
        'An hour on the side, then mark it up 6 by 6.',
        { kind: 'set', minutes: [60, 60], place: 'room' },
        { kind: 'cut' },
      ],
      ["Don't put it in the fridge, it sweats.", { kind: 'other' }],
      ['It lasts a fortnight, in theory.', { kind: 'pack' }],
    ],
    tin: [200, 200],
    cut: { columns: 6, rows: 6 },
    keep: { place: 'room', days: 14 },
  },
  {
    name: 'Jelly squares',
    measures: 'metric',
    lines: '500 g blackcurrant puree\n450 g sugar\n12 g pectin\n100 g glucose\n8 g citric acid',
    method: [
      ['Line a frame of 24 x 24 cm with film.', { kind: 'other' }],
      ['Mix the pectin with 50 g of the sugar.', { kind: 'mix', adds: ['pectin', 'sugar'] }],
      [
        'Warm the puree to 40 °C and whisk in the pectin mixture.',
        { kind: 'boil', celsius: 40, adds: ['blackcurrant puree'] },
        { kind: 'beat' },
      ],
      ['Bring to a rolling boil and boil for one minute.', { kind: 'boil', minutes: [1, 1] }],
      ['Add the rest of the sugar in three goes, then the glucose.', { kind: 'mix', adds: ['sugar', 'glucose'] }],
      ['Cook to 107 °C (75 °Brix).', { kind: 'boil', celsius: 107 }],
      [
        'Remove from the heat, add the citric acid dissolved in a little water, and pour at once into the frame.',
        { kind: 'mix', adds: ['citric acid'] },
        { kind: 'lay' },
      ],
      ['Leave to set for 12 to 24 hours at room temperature.', { kind: 'set', minutes: [720, 1440], place: 'room' }],
      ['Cut into 25 mm squares and roll in sugar.', { kind: 'cut' }, { kind: 'finish' }],
      ['Store airtight between layers of paper; use within 3 months.', { kind: 'pack', place: 'room' }],
    ],
    tin: [240, 240],
    cut: { lengthMm: 25, widthMm: 25 },
    keep: { place: 'room', days: 90 },
  },
];
