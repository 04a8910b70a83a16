import type { WantRecipe } from './corpus';

/** From a workshop, a letter, and two kitchens far apart. */
export const letters: readonly WantRecipe[] = [
  {
    name: 'Ginger crunch',
    measures: 'au',
    lines:
      'For the base:\n125 g butter\n90 g caster sugar\n225 g plain flour\n1 tsp baking powder\n1 tsp ground ginger\n\nFor the icing:\n75 g butter\n2 tbsp golden syrup\n120 g icing sugar\n3 tsp ground ginger',
    method: [
      ['Preheat oven to 190°C (170°C fan-forced).', { kind: 'other', ovenC: 190 }],
      ['Grease and line a 20 cm x 30 cm slice tin.', { kind: 'other' }],
      [
        'Cream butter and sugar until light and fluffy.',
        { kind: 'beat', of: 'base', adds: ['butter', 'caster sugar'] },
      ],
      [
        'Sift together flour, baking powder and ginger; mix into the creamed mixture.',
        { kind: 'mix', of: 'base', adds: ['plain flour', 'baking powder', 'ground ginger'] },
      ],
      ['Turn the dough out onto a floured board and knead lightly.', { kind: 'mix', of: 'base' }],
      [
        'Press into the prepared tin and bake for 20-25 minutes or until light brown.',
        { kind: 'press', of: 'base' },
        { kind: 'bake', of: 'base', minutes: [20, 25], ovenC: 190 },
      ],
      [
        'While the base is baking, put the icing ingredients in a small saucepan and heat until the butter has melted, stirring constantly.',
        { kind: 'melt', of: 'icing', adds: ['butter', 'golden syrup', 'icing sugar', 'ground ginger'] },
      ],
      [
        'Pour the hot icing over the base as it comes out of the oven and leave to set.',
        { kind: 'lay', of: 'icing' },
        { kind: 'set', of: 'icing' },
      ],
      ['Cut into fingers before it gets cold.', { kind: 'cut' }],
      ['Store in an airtight container for up to one week.', { kind: 'pack', place: 'room' }],
    ],
    tin: [300, 200],
    cut: { way: 'grid' },
    keep: { place: 'room', days: 7 },
  },
  {
    name: 'Almond brittle',
    measures: 'us',
    lines:
      '1 1/2 cups sugar\n1/2 cup light corn syrup\n1/4 cup water\n2 cups almonds\n2 tbsp butter\n1 tsp baking soda\n1/2 tsp salt',
    method: [
      ['Generously butter a rimmed 13 x 18 inch baking sheet and have a spatula ready.', { kind: 'other' }],
      [
        'Stir sugar, corn syrup and water in a medium saucepan over medium-low heat until sugar dissolves.',
        { kind: 'melt', adds: ['sugar', 'light corn syrup', 'water'] },
      ],
      [
        'Increase heat to medium-high and boil without stirring until syrup turns pale gold and registers 290°F, about 8 minutes.',
        { kind: 'boil', celsius: 143.3, minutes: [8, 8] },
      ],
      [
        'Mix in the almonds and keep cooking to 300°F, 2 to 3 minutes more.',
        { kind: 'mix', adds: ['almonds'] },
        { kind: 'boil', celsius: 148.9, minutes: [2, 3] },
      ],
      [
        'Off heat, quickly stir in butter, baking soda and salt; the mixture will foam.',
        { kind: 'mix', adds: ['butter', 'baking soda', 'salt'] },
      ],
      ['Immediately scrape onto sheet and spread as thin as you can.', { kind: 'lay' }],
      ['Cool completely, at least 45 minutes.', { kind: 'set', minutes: [45, 45] }],
      ['Crack into bite-size pieces.', { kind: 'cut' }],
      ['Brittle can be made 2 weeks ahead; store airtight at room temperature.', { kind: 'pack', place: 'room' }],
    ],
    tin: [457.2, 330.2],
    cut: { way: 'break' },
    keep: { place: 'room', days: 14 },
  },
  {
    name: 'Workshop sheet: raspberry marshmallow on biscuit',
    measures: 'metric',
    lines:
      'For the biscuit:\n300 g plain flour\n200 g butter\n100 g icing sugar\n\nFor the marshmallow:\n400 g sugar\n120 g raspberry puree\n100 g invert sugar\n22 g gelatine\n110 g water',
    method: [
      [
        'Biscuit: mix all ingredients to a paste, rest 1 h in the fridge.',
        { kind: 'mix', of: 'biscuit', adds: ['plain flour', 'butter', 'icing sugar'] },
        { kind: 'set', of: 'biscuit', minutes: [60, 60], place: 'fridge' },
      ],
      ['Roll out between guides to 5 mm, fit into a 360 x 280 mm frame.', { kind: 'press', of: 'biscuit' }],
      [
        'Bake at 160 °C for 25 min, leave to cool in the frame.',
        { kind: 'bake', of: 'biscuit', minutes: [25, 25], ovenC: 160 },
        { kind: 'set', of: 'biscuit' },
      ],
      [
        'Marshmallow: soak the gelatine in the cold water for 10 minutes.',
        { kind: 'other', of: 'marshmallow', minutes: [10, 10], adds: ['gelatine', 'water'] },
      ],
      [
        'Boil sugar, puree and half of the invert sugar to 110 °C.',
        { kind: 'boil', of: 'marshmallow', celsius: 110, adds: ['sugar', 'raspberry puree', 'invert sugar'] },
      ],
      [
        'Pour onto the rest of the invert sugar in the mixer bowl, add the gelatine and whip for 10-12 minutes until cooled to 35 °C.',
        { kind: 'mix', of: 'marshmallow' },
        { kind: 'beat', of: 'marshmallow', minutes: [10, 12], celsius: 35 },
      ],
      ['Spread over the biscuit and level.', { kind: 'lay', of: 'marshmallow' }],
      [
        'Leave uncovered for 12 hours at 18-20 °C.',
        { kind: 'set', of: 'marshmallow', minutes: [720, 720], place: 'room' },
      ],
      ['Release from the frame and cut on the wire cutter into 30 mm squares.', { kind: 'cut' }],
      ['Enrobe at once in tempered chocolate.', { kind: 'finish' }],
      ['Shelf life 6 weeks below 18 °C.', { kind: 'pack', place: 'room' }],
    ],
    tin: [360, 280],
    cut: { lengthMm: 30, widthMm: 30 },
    keep: { place: 'room', days: 42 },
  },
  {
    name: 'Date and coconut squares, from a letter',
    measures: 'imperial',
    lines: '8 oz dates\n4 oz butter\n4 oz brown sugar\n4 oz crisped rice\n3 oz desiccated coconut',
    method: [
      [
        'Chop the dates small and put them in a pan with the butter and sugar.',
        { kind: 'other', adds: ['dates'] },
        { kind: 'mix', adds: ['butter', 'brown sugar'] },
      ],
      [
        'Let them melt slowly together, stirring, for about ten minutes, till you have a soft mush.',
        { kind: 'melt', minutes: [10, 10] },
      ],
      [
        'Take the pan off and tip in the crisped rice and most of the coconut.',
        { kind: 'mix', adds: ['crisped rice', 'desiccated coconut'] },
      ],
      ['Press the lot into a greased tin about 8 inches square.', { kind: 'press' }],
      ['The rest of the coconut goes on top.', { kind: 'lay', adds: ['desiccated coconut'] }],
      [
        'I put mine in the larder for three hours but the fridge will do it in one.',
        { kind: 'set', minutes: [180, 180], place: 'room' },
      ],
      ['You ought to get sixteen good squares.', { kind: 'other' }],
    ],
    tin: [203.2, 203.2],
    cut: { pieces: 16 },
  },
];
