import { stepNoteText } from '$wording/reading';
/** Single sentences: times, temperatures, tins, cuts, storage; each case worked by reading it. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { cutIn } from '$core/method/cutIn';
import { endPointIn, ovenIn, stageIn } from '$core/method/degrees';
import { keepIn, placeIn } from '$core/method/keepIn';
import { clausesOf } from '$core/method/joints';
import { minutesIn } from '$core/method/minutes';
import { inFigures } from '$core/method/plainWords';
import { portionIn } from '$core/method/portions';
import { sentencesOf } from '$core/method/sentences';
import { tinIn } from '$core/method/tinIn';

test('numbers in words, fractions and halves of hours become figures', () => {
  const cases: readonly (readonly [string, string])[] = [
    ['Bake for twenty-five minutes', 'Bake for 25 minutes'],
    ['Chill for one and a half hours', 'Chill for 1.5 hours'],
    ['Leave half an hour, then a quarter of an hour', 'Leave 30 minutes, then 15 minutes'],
    ['an hour and a half', '90 minutes'],
    ['Cut into 1½ inch squares', 'Cut into 1.5 inch squares'],
    ['an 8 × 8 inch tin', 'an 8 x 8 inch tin'],
    ['at 180ºC', 'at 180°C'],
    ['two thirds of the chocolate', 'two thirds of the chocolate'],
    ['cut into inch squares', 'cut into 1 inch squares'],
  ];
  for (const [written, plain] of cases) assert.equal(inFigures(written), plain);
});

test('times: ranges, sums, seconds, nights; other lengths of time are not the step’s', () => {
  const cases: readonly (readonly [string, readonly (readonly number[])[]])[] = [
    ['bake for 20-25 minutes', [[20, 25]]],
    ['20 to 25 min', [[20, 25]]],
    ['between 10 and 12 mins', [[10, 12]]],
    ['1 hour 20 minutes', [[80, 80]]],
    ['1 hour and 20 minutes', [[80, 80]]],
    ['45 minutes to 1 hour', [[45, 60]]],
    ['for 30 seconds', [[0.5, 0.5]]],
    ['2 h', [[120, 120]]],
    ['25-20 minutes', [[20, 25]]],
    [
      'for 2 hours or overnight',
      [
        [120, 120],
        [480, 720],
      ],
    ],
    ['every 5 minutes', []],
    ['in 30-second bursts', []],
    ['10 minutes before the end', []],
    ['for 2 weeks', []],
  ];
  for (const [sentence, minutes] of cases) assert.deepEqual(minutesIn(sentence), minutes, sentence);
});

test('ovens: two scales, fans, gas marks, bare degrees; disagreements and slips are asked about', () => {
  const read = (sentence: string, isUs = false) => {
    const { celsius, ask } = ovenIn(sentence, isUs);
    return [celsius, ask === null ? '' : stepNoteText(ask).split('.')[0]];
  };
  assert.deepEqual(read('oven to 180C/160C fan/gas 4'), [180, '']);
  assert.deepEqual(read('fan oven 160C'), [160, '']);
  assert.deepEqual(read('oven to 350°F (180°C)'), [180, '']);
  assert.deepEqual(read('oven to gas mark 3'), [160, '']);
  assert.deepEqual(read('oven to 350 degrees'), [176.7, '']);
  assert.deepEqual(read('oven to 225 degrees'), [225, 'Celsius or Fahrenheit? Celsius is used']);
  assert.deepEqual(read('oven to 225 degrees', true), [107.2, '']);
  assert.deepEqual(read('Oven 165'), [165, '']);
  assert.deepEqual(read('oven to 350°F (200°C)'), [200, 'Both 200 °C and 177 °C are written']);
  assert.deepEqual(read('oven to 900 C'), [null, '900 °C is impossible here']);
});

test('end points: degrees before stages, the last of several, Fahrenheit over 200, a stage alone is asked about', () => {
  const read = (sentence: string) => {
    const { celsius, stage, ask } = endPointIn(sentence);
    return [celsius, stage, ask !== null];
  };
  assert.deepEqual(read('boil to 118C (firm ball)'), [118, 'firm ball', false]);
  assert.deepEqual(read('sugar to 170 °C, cream in, cook to 117 °C'), [117, null, false]);
  assert.deepEqual(read('boil to 245°F/118°C'), [118, null, false]);
  assert.deepEqual(read('boil to 238 degrees'), [114.4, null, false]);
  assert.deepEqual(read('between 112 and 114°C'), [114, null, false]);
  assert.deepEqual(read('112-114°C'), [113, null, false]);
  assert.deepEqual(read('to the soft-ball stage'), [114, 'soft ball', true]);
  assert.deepEqual(read('to a light amber caramel'), [165, 'light caramel', true]);
  assert.deepEqual(read('245°F (130°C)'), [130, null, true]);
  assert.deepEqual(read('until thick'), [null, null, false]);
});

test('tins: square, round, long, deep, in inches without a unit, in parts of a sheet; pots and pieces are not tins', () => {
  const read = (sentence: string) => {
    const tin = tinIn(sentence);
    if (tin === null) return null;
    return tin.shape === 'rectangle'
      ? [tin.lengthMm, tin.widthMm, tin.depthMm]
      : tin.shape === 'round'
        ? [tin.diameterMm]
        : [];
  };
  assert.deepEqual(read('Line a 20 cm square tin'), [200, 200, 50]);
  assert.deepEqual(read('a 20 x 30cm tin, 4cm deep'), [300, 200, 40]);
  assert.deepEqual(read('a 9x13-inch pan'), [330.2, 228.6, 40]);
  assert.deepEqual(read('an 8 x 8 pan'), [203.2, 203.2, 50]);
  assert.deepEqual(read('an 8x8x2-inch pan'), [203.2, 203.2, 50.8]);
  assert.deepEqual(read('a 23 x 33 tin'), [330, 230, 40]);
  assert.deepEqual(read('a 300 x 200 x 45 mm tin'), [300, 200, 45]);
  assert.deepEqual(read('a 23cm/9in round springform tin'), [230]);
  assert.deepEqual(read('a quarter sheet pan'), [300, 210, 25]);
  assert.equal(read('in a 20 cm saucepan'), null);
  assert.equal(read('cut into 5 x 5 cm squares'), null);
  assert.equal(read('a tin of tomatoes'), null);
});

test('cuts: by count, grid and size, triangles, broken, "as many as it makes"', () => {
  const read = (sentence: string) => {
    const cut = cutIn(sentence);
    return (
      cut && [cut.pieces, cut.columns, cut.rows, cut.lengthMm, cut.widthMm, cut.way === 'grid' ? cut.shape : cut.way]
    );
  };
  assert.deepEqual(read('cut into 24 squares'), [24, null, null, null, null, 'rectangle']);
  assert.deepEqual(read('Makes 16-20 bars'), [16, null, null, null, null, 'rectangle']);
  assert.deepEqual(read('cut into 4 x 6'), [24, 4, 6, null, null, 'rectangle']);
  assert.deepEqual(read('cut into 1.5 inch squares'), [null, null, null, 38.1, 38.1, 'rectangle']);
  assert.deepEqual(read('slice into 2 x 6 cm bars'), [null, null, null, 20, 60, 'rectangle']);
  assert.deepEqual(read('cut into 32 triangles'), [32, null, null, null, null, 'triangle']);
  assert.deepEqual(read('break into shards'), [null, null, null, null, null, 'break']);
  assert.equal(cutIn('cut into 12 bars')!.isLong, true);
  assert.equal(cutIn('cut the butter into the flour'), null);
  assert.equal(cutIn('line a 20 cm square slice tin'), null);
});

test('storage: days, weeks, months; a place to avoid is no place to keep it', () => {
  assert.deepEqual(keepIn('Keeps in an airtight tin for 2 weeks'), { place: 'room', days: 14 });
  assert.deepEqual(keepIn('Store in the fridge for up to 5 days'), { place: 'fridge', days: 5 });
  assert.deepEqual(keepIn('Keeps 1 week in a tin or 3 months in the freezer'), { place: 'room', days: 7 });
  assert.equal(keepIn('Keep stirring for 5 minutes'), null);
  assert.equal(placeIn('leave somewhere cool, not in the fridge'), 'room');
  assert.equal(placeIn('in the tin in the freezer'), 'freezer');
  assert.equal(placeIn('until set'), null);
});

test('a sentence is split where another action begins, and only there', () => {
  const kinds = (sentence: string) => clausesOf(sentence).map(({ kind }) => kind);
  assert.deepEqual(kinds('Press into the tin and bake for 20 minutes.'), ['press', 'bake']);
  assert.deepEqual(kinds('Melt the butter, sugar and cream together.'), ['melt']);
  assert.deepEqual(kinds('Bring to the boil and simmer for 5 minutes, stirring.'), ['boil']);
  assert.deepEqual(kinds('Bake until golden and set.'), ['bake']);
  assert.deepEqual(kinds('Take off the heat and stir in the butter.'), ['mix']);
  assert.deepEqual(kinds('Cool 1 hour; refrigerate 2 hours.'), ['set', 'set']);
  assert.deepEqual(kinds('For the base, rub the butter into the flour.'), ['mix']);
  assert.deepEqual(kinds('Pour over and chill.'), ['lay', 'set']);
  assert.deepEqual(kinds("Don't put it in the fridge."), ['other']);
  assert.deepEqual(kinds('Den Ofen vorheizen.'), [null]);
  // Parts are substrings of the sentence.
  const sentence = 'Press into the tin and bake for 20 minutes.';
  assert.deepEqual(
    clausesOf(sentence).map(({ text }) => text),
    ['Press into the tin', 'bake for 20 minutes.'],
  );
});

test('sentences: step numbers are dropped, abbreviations do not end a sentence', () => {
  assert.deepEqual(sentencesOf('1. Melt the butter. Bake for approx. 20 min. at 160 °C!'), [
    'Melt the butter.',
    'Bake for approx. 20 min. at 160 °C!',
  ]);
  assert.deepEqual(sentencesOf('Step 3: Pour.'), ['Pour.']);
  assert.deepEqual(sentencesOf('---'), []);
});

test('portions: half of something, the rest of it, and what is set aside', () => {
  assert.deepEqual(portionIn('stir in half the butter', 'butter'), { share: 0.5, isRest: false, isReserved: false });
  assert.deepEqual(portionIn('melt two thirds of the dark chocolate', 'dark chocolate').share, 2 / 3);
  assert.equal(portionIn('stir in the remaining butter', 'butter').isRest, true);
  assert.equal(portionIn('reserve half of the nuts', 'nuts').isReserved, true);
  assert.deepEqual(portionIn('half an hour in the butter', 'sugar'), { share: null, isRest: false, isReserved: false });
});

test('minutes without a unit behind hours, and words after them', () => {
  assert.deepEqual(minutesIn('Leave 1 hr 30 to harden'), [[90, 90]]);
  assert.deepEqual(minutesIn('Bake 1 hour 20-25 min'), [
    [60, 60],
    [20, 25],
  ]);
  // What stands behind the rewritten time is still seen where it is.
  assert.deepEqual(minutesIn('Rest 1 hr 30, then stir in 30-second bursts'), [[90, 90]]);
});

test('a count alone, halves for each piece, and a thread that is poured', () => {
  assert.equal(cutIn('16 pieces.')?.pieces, 16);
  assert.equal(cutIn('mark into 15 squares and put a walnut half on each')?.pieces, 15);
  assert.equal(stageIn('Pour in the syrup in a thin thread'), null);
  assert.equal(stageIn('Boil to the thread stage'), 'thread');
});

test('steps numbered without a full stop, and sentences that end in degrees', () => {
  assert.deepEqual(sentencesOf('2 Whizz the flour and butter. Press in.'), [
    'Whizz the flour and butter.',
    'Press in.',
  ]);
  assert.deepEqual(sentencesOf('boil to 108C. pour on'), ['boil to 108C.', 'pour on']);
});

test('a side without a unit has that of the other one', () => {
  assert.deepEqual(tinIn('squash into 20x15 tin'), tinIn('squash into a 20 x 15 cm tin'));
  assert.deepEqual(tinIn('a 9x13 pan'), tinIn('a 9 x 13 inch pan'));
});
