import type { WantRecipe } from './corpus';

/** British and metric: terse to usual. */
export const plain: readonly WantRecipe[] = [
  {
    name: 'Oat and treacle slice',
    measures: 'metric',
    lines:
      'For the base:\n180 g rye flour\n120 g butter\n60 g caster sugar\n\nFor the caramel:\n200 g brown sugar\n80 g black treacle\n200 ml double cream\n40 g butter\n1 tsp sea salt\n\nFor the topping:\n200 g dark chocolate\n1 tbsp sunflower oil',
    method: [
      [
        'Heat the oven to 170C/150C fan/gas 3 and line a 20 x 30cm tin with baking parchment.',
        { kind: 'other', ovenC: 170 },
      ],
      [
        'For the base, rub the butter into the flour until it looks like breadcrumbs, then stir in the sugar.',
        { kind: 'mix', of: 'base', adds: ['rye flour', 'butter', 'caster sugar'] },
      ],
      [
        'Press firmly into the tin and bake for 20-25 minutes until the edges colour.',
        { kind: 'press', of: 'base' },
        { kind: 'bake', of: 'base', minutes: [20, 25], ovenC: 170 },
      ],
      ['Leave to cool in the tin for half an hour.', { kind: 'set', of: 'base', minutes: [30, 30], place: 'room' }],
      [
        'For the caramel, put the brown sugar, treacle and cream in a deep pan and bring to the boil over a medium heat.',
        { kind: 'boil', of: 'caramel', adds: ['brown sugar', 'black treacle', 'double cream'] },
      ],
      [
        'Boil, stirring, until it reaches 118C on a sugar thermometer, about 15 minutes.',
        { kind: 'boil', of: 'caramel', celsius: 118, minutes: [15, 15] },
      ],
      [
        'Take off the heat and stir in the butter and salt.',
        { kind: 'mix', of: 'caramel', adds: ['butter', 'sea salt'] },
      ],
      [
        'Pour over the base and leave to set for 1 hour.',
        { kind: 'lay', of: 'caramel' },
        { kind: 'set', of: 'caramel', minutes: [60, 60] },
      ],
      [
        'Melt the chocolate with the oil in a bowl over barely simmering water.',
        { kind: 'melt', of: 'topping', adds: ['dark chocolate', 'sunflower oil'] },
      ],
      [
        'Spread over the caramel and chill for at least 45 minutes.',
        { kind: 'lay', of: 'topping' },
        { kind: 'set', of: 'topping', minutes: [45, 45], place: 'fridge' },
      ],
      ['Cut into 24 squares with a warm knife.', { kind: 'cut' }],
      ['Keeps in an airtight tin for up to 2 weeks.', { kind: 'pack', place: 'room' }],
    ],
    tin: [300, 200],
    cut: { pieces: 24 },
    keep: { place: 'room', days: 14 },
  },
  {
    name: 'Hazelnut bark',
    measures: 'metric',
    lines: '400 g dark chocolate\n100 g hazelnuts\n5 g flaky salt',
    method: [
      [
        'Toast the hazelnuts at 160C for 12 minutes, then chop roughly.',
        { kind: 'bake', minutes: [12, 12], ovenC: 160, adds: ['hazelnuts'] },
        { kind: 'other' },
      ],
      ['Melt two thirds of the chocolate to 45°C.', { kind: 'melt', celsius: 45, adds: ['dark chocolate'] }],
      [
        'Stir in the rest of the chocolate until it falls to 31-32°C.',
        { kind: 'mix', celsius: 31.5, adds: ['dark chocolate'] },
      ],
      ['Pour onto a lined sheet and spread 5 mm thick.', { kind: 'lay' }],
      ['Scatter over the nuts and the salt.', { kind: 'scatter', adds: ['flaky salt'] }],
      ['Leave in a cool room for 40-60 min.', { kind: 'set', minutes: [40, 60], place: 'room' }],
      ['Break into shards.', { kind: 'cut' }],
    ],
    cut: { way: 'break' },
  },
  {
    name: 'Cream fudge',
    measures: 'metric',
    lines: '450 g granulated sugar\n300 ml double cream\n75 g butter\n1 tsp vanilla extract',
    method: [
      ['Butter an 18cm square tin.', { kind: 'other' }],
      [
        'Gently heat the sugar, cream and butter until dissolved.',
        { kind: 'melt', adds: ['granulated sugar', 'double cream', 'butter'] },
      ],
      ['Bring to the boil and boil steadily to 115°C (soft ball).', { kind: 'boil', celsius: 115 }],
      ['Cool, without stirring, to 50°C: about an hour.', { kind: 'set', celsius: 50, minutes: [60, 60] }],
      [
        'Beat in the vanilla until thick and no longer glossy, 5 to 10 minutes.',
        { kind: 'beat', minutes: [5, 10], adds: ['vanilla extract'] },
      ],
      [
        'Scrape into the tin, smooth the top and leave to set at room temperature for 2-3 hours.',
        { kind: 'lay' },
        { kind: 'set', minutes: [120, 180], place: 'room' },
      ],
      ['Cut into 36 pieces.', { kind: 'cut' }],
      ['Store in an airtight container for 3 weeks.', { kind: 'pack', place: 'room' }],
    ],
    tin: [180, 180],
    cut: { pieces: 36 },
    keep: { place: 'room', days: 21 },
  },
  {
    name: 'Honeycomb, gas',
    measures: 'metric',
    lines: '200 g caster sugar\n5 tbsp golden syrup\n2 tsp bicarbonate of soda',
    method: [
      ['Line a 23 cm square tin with oiled paper.', { kind: 'other' }],
      [
        'Warm the sugar and syrup in a heavy pan until the sugar dissolves.',
        { kind: 'melt', adds: ['caster sugar', 'golden syrup'] },
      ],
      ['Turn up the heat and boil to hard crack, 149°C.', { kind: 'boil', celsius: 149 }],
      ['Off the heat, whisk in the bicarbonate of soda.', { kind: 'beat', adds: ['bicarbonate of soda'] }],
      [
        'Tip straight into the tin and leave alone for one and a half hours.',
        { kind: 'lay' },
        { kind: 'set', minutes: [90, 90] },
      ],
      ['Smash into pieces.', { kind: 'cut' }],
      ['Will keep for a week in a sealed jar; never refrigerate.', { kind: 'pack', place: 'room' }],
    ],
    tin: [230, 230],
    cut: { way: 'break' },
    keep: { place: 'room', days: 7 },
  },
  {
    name: 'Gas mark shortbread fingers',
    measures: 'imperial',
    lines: '12 oz plain flour\n8 oz butter\n4 oz caster sugar',
    method: [
      ['Set the oven to gas mark 3.', { kind: 'other', ovenC: 160 }],
      ['Cream the butter and sugar together.', { kind: 'beat', adds: ['butter', 'caster sugar'] }],
      ['Work in the flour to a soft dough.', { kind: 'mix', adds: ['plain flour'] }],
      [
        'Press into a 7 x 11 inch tin, prick all over and chill for twenty minutes.',
        { kind: 'press' },
        { kind: 'set', minutes: [20, 20], place: 'fridge' },
      ],
      ['Bake for forty to forty-five minutes.', { kind: 'bake', minutes: [40, 45], ovenC: 160 }],
      ['Mark into 16 fingers while hot.', { kind: 'cut' }],
      ['Cool in the tin.', { kind: 'set', place: 'room' }],
    ],
    tin: [279.4, 177.8],
    cut: { pieces: 16 },
  },
  {
    name: 'Two ovens',
    measures: 'metric',
    lines: 'For the crust:\n150 g plain flour\n90 g butter\n\nFor the filling:\n3 eggs\n200 g caster sugar\n2 lemons',
    method: [
      ['Preheat the oven to 200°C (400°F).', { kind: 'other', ovenC: 200 }],
      [
        'Blitz the flour and butter to crumbs, tip into a 20 cm square tin and press down.',
        { kind: 'mix', of: 'crust', adds: ['plain flour', 'butter'] },
        { kind: 'press', of: 'crust' },
      ],
      [
        'Bake for 10 minutes, then reduce the oven to 160°C and bake for a further 15 minutes.',
        { kind: 'bake', of: 'crust', minutes: [10, 10], ovenC: 200 },
        { kind: 'bake', of: 'crust', minutes: [15, 15], ovenC: 160 },
      ],
      [
        'Meanwhile whisk the eggs with the sugar, and add the juice of the lemons.',
        { kind: 'beat', of: 'filling', adds: ['eggs', 'caster sugar'] },
        { kind: 'mix', of: 'filling', adds: ['lemons'] },
      ],
      [
        'Pour the filling onto the hot crust and return to the oven for 18-20 minutes, until just set.',
        { kind: 'lay', of: 'filling' },
        { kind: 'bake', of: 'filling', minutes: [18, 20], ovenC: 160 },
      ],
      [
        'Cool completely, then refrigerate overnight.',
        { kind: 'set', of: 'filling', minutes: [480, 720], place: 'fridge' },
      ],
      ['Dust with icing sugar and cut into 4 x 4.', { kind: 'finish' }, { kind: 'cut' }],
    ],
    tin: [200, 200],
    cut: { columns: 4, rows: 4 },
  },
];
