import type { WantRecipe } from './corpus';

/** Chatty and Australian: remarks, asides, times in words. */
export const chatty: readonly WantRecipe[] = [
  {
    name: 'Weekend rocky slab',
    measures: 'au',
    lines:
      'For the slab:\n300 g milk chocolate\n100 g butter\n3 tbsp golden syrup\n200 g digestive biscuits\n100 g marshmallows',
    method: [
      [
        'First things first: grease a 20cm square slice tin and line it with foil, leaving some hanging over.',
        { kind: 'other' },
      ],
      [
        'Pop the chocolate, butter and golden syrup into a big bowl and melt it all in short bursts in the microwave, stirring in between.',
        { kind: 'melt', of: 'slab', adds: ['milk chocolate', 'butter', 'golden syrup'] },
      ],
      [
        'Bash up the biscuits (great job for kids) and chuck them in along with the marshmallows.',
        { kind: 'mix', of: 'slab', adds: ['digestive biscuits', 'marshmallows'] },
      ],
      ['Give everything a really good stir so no dry bits are left.', { kind: 'mix', of: 'slab' }],
      ['Tip the lot into your tin and squash it down with the back of a spoon.', { kind: 'press', of: 'slab' }],
      [
        'Now the hard part: bung it in the fridge for a couple of hours, or overnight if you can wait.',
        { kind: 'set', of: 'slab', minutes: [120, 120], place: 'fridge' },
      ],
      ['When it is rock solid, lift it out by the foil and slice it into about 25 little squares.', { kind: 'cut' }],
      ['It keeps for ages in the fridge, well, 10 days in our house.', { kind: 'pack', place: 'fridge' }],
    ],
    tin: [200, 200],
    cut: { pieces: 25 },
    keep: { place: 'fridge', days: 10 },
  },
  {
    name: 'Lamington tray jam bars',
    measures: 'au',
    lines: '250 g plain flour\n125 g butter\n100 g caster sugar\n1 egg\n250 g raspberry jam\n60 g desiccated coconut',
    method: [
      ['Get your oven on to 180 degrees (160 fan-forced).', { kind: 'other', ovenC: 180 }],
      ['I use a 30 x 20 cm lamington tray lined with baking paper.', { kind: 'other' }],
      [
        'Beat butter and caster sugar with electric beaters till pale and creamy, then beat in the egg.',
        { kind: 'beat', adds: ['butter', 'caster sugar', 'egg'] },
      ],
      ['Sift over the flour and fold it through.', { kind: 'mix', adds: ['plain flour'] }],
      [
        'Press the dough over the base of the tray and spread with the jam.',
        { kind: 'press' },
        { kind: 'lay', adds: ['raspberry jam'] },
      ],
      [
        'Sprinkle with coconut and into the oven it goes for 25 mins or so.',
        { kind: 'scatter', adds: ['desiccated coconut'] },
        { kind: 'bake', minutes: [25, 25], ovenC: 180 },
      ],
      [
        'Let it cool in the tray for at least an hour before you even think of cutting.',
        { kind: 'set', minutes: [60, 60], place: 'room' },
      ],
      ['Slice into 18 bars.', { kind: 'cut' }],
      ['They freeze well for up to three months.', { kind: 'pack', place: 'freezer' }],
    ],
    tin: [300, 200],
    cut: { pieces: 18 },
    keep: { place: 'freezer', days: 90 },
  },
  {
    name: 'Grandmother nougat',
    measures: 'metric',
    lines:
      'For the syrup:\n300 g honey\n400 g caster sugar\n100 ml water\n\nFor the whites:\n2 egg whites\n\nFor the nuts:\n250 g almonds\n100 g pistachios',
    method: [
      [
        'Start by warming the nuts in a low oven, about 100°C, for ten to fifteen minutes.',
        { kind: 'bake', of: 'nuts', minutes: [10, 15], ovenC: 100, adds: ['almonds', 'pistachios'] },
      ],
      ['Whisk the egg whites to firm peaks.', { kind: 'beat', of: 'whites', adds: ['egg whites'] }],
      [
        'In a heavy saucepan cook the honey, sugar and water to 143 °C.',
        { kind: 'boil', of: 'syrup', celsius: 143, adds: ['honey', 'caster sugar', 'water'] },
      ],
      [
        'With the machine running, pour the hot syrup onto the whites in a thin stream and keep beating for another 8 minutes.',
        { kind: 'lay', of: 'syrup' },
        { kind: 'beat', of: 'whites', minutes: [8, 8] },
      ],
      ['Fold in the almonds and pistachios while everything is still warm.', { kind: 'mix' }],
      ['Scrape the nougat into a paper-lined frame, 25 by 25 cm, and cover with a second sheet.', { kind: 'lay' }],
      ['Leave it overnight somewhere cool, not in the fridge.', { kind: 'set', minutes: [480, 720], place: 'room' }],
      ['The next day cut it in bars of 2 x 6 cm with a hot knife.', { kind: 'cut' }],
      ['Wrapped one by one it keeps a month.', { kind: 'pack' }],
    ],
    tin: [250, 250],
    cut: { lengthMm: 20, widthMm: 60 },
    keep: { place: 'room', days: 30 },
  },
  {
    name: 'No-bake peanut fingers',
    measures: 'metric',
    lines: '250 g peanut butter\n80 g honey\n60 g coconut oil\n200 g rolled oats\n150 g dark chocolate',
    method: [
      ["Honestly, this couldn't be easier.", { kind: 'other' }],
      [
        'Warm the peanut butter, honey and coconut oil together in a little pan until runny.',
        { kind: 'melt', adds: ['peanut butter', 'honey', 'coconut oil'] },
      ],
      ['Tumble in the oats and mix well.', { kind: 'mix', adds: ['rolled oats'] }],
      ['Pack it into a 450 g loaf tin lined with cling film, really pushing it into the corners.', { kind: 'press' }],
      [
        'Freeze for a quarter of an hour while you melt the chocolate.',
        { kind: 'set', minutes: [15, 15], place: 'freezer' },
        { kind: 'melt', adds: ['dark chocolate'] },
      ],
      ['Pour the melted chocolate on top and tilt the tin to cover.', { kind: 'lay' }],
      ['Back in the freezer for an hour or two.', { kind: 'set', minutes: [60, 120], place: 'freezer' }],
      ['Snap or slice into twelve fingers.', { kind: 'cut' }],
      ['Best eaten within five days, straight from the fridge.', { kind: 'pack', place: 'fridge' }],
    ],
    tin: [150, 80],
    cut: { pieces: 12 },
    keep: { place: 'fridge', days: 5 },
  },
];
