import { reasonText } from '$wording/problems';
/** Figures in the shop's own units, and quantities as they are typed. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { figuresLike } from '../figures';
import {
  benchMass,
  figuresIn,
  inInches,
  METRIC,
  readQuantity,
  SHOWN_IN,
  type Quantity,
  type ShownIn,
} from '$core/measure';

const US = figuresIn({ temperature: 'fahrenheit', length: 'inches', mass: 'ounces', volume: 'cups' }, 'us');
const wide = { min: -1e9, max: 1e9 };
const readIn = (figures: typeof METRIC, quantity: Quantity, text: string, limits = wide, densityGPerMl?: number) => {
  const read = readQuantity(text, limits, { quantity, figures, measures: 'us', densityGPerMl });
  return read.ok ? read.value : reasonText(read.reason);
};

test('lengths in sixteenths of an inch, in lowest terms, and thin ones in hundredths', () => {
  assert.deepEqual([0, 25.4, 36.5, 12.7, 101.6].map(inInches), ['0', '1', '1 7/16', '1/2', '4']);
  assert.deepEqual([1.6, 3, 6.3].map(inInches), ['0.06', '0.12', '0.25']);
  assert.equal(inInches(-36.5), '-1 7/16');
});

test('law: a length in sixteenths is within a thirty-second of an inch', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 600, noNaN: true }), (lengthMm) => {
      assert.ok(Math.abs(figuresLike(inInches(lengthMm)) * 25.4 - lengthMm) <= 25.4 / 32 + 1e-9);
    }),
  );
});

test('figures are rounded to the digits they deserve', () => {
  assert.deepEqual(
    [0, 1e-13, 5.26, 9.96, 237.6].map((massG) => METRIC.mass.figure(massG)),
    ['0', '0', '5.3', '10', '238'],
  );
  assert.deepEqual(
    [10.26, 0].map((lengthMm) => METRIC.length.figure(lengthMm)),
    ['10.3', '0.0'],
  );
  assert.equal(METRIC.volume.say(850), '850 ml');
  assert.equal(METRIC.volume.say(4230), '4.2 l');
});

test('a shop that uses cups, ounces, inches and Fahrenheit reads its own figures', () => {
  assert.equal(US.temperature.say(118.333), '245 °F');
  assert.equal(US.bothTemperatures(118.333), '245 °F, 118.3 °C');
  assert.equal(METRIC.bothTemperatures(118.333), '118.3 °C, 245 °F');
  // A difference has no freezing point: 5 °C apart are 9 °F.
  assert.equal(US.degrees.say(5), '9 °F');
  assert.equal(US.size(228.6, 330.2), '9 x 13 in');
  assert.equal(US.mass.say(226.796), '8.0 oz');
  assert.equal(US.mass.say(1000), '2 lb 3.3 oz');
  assert.equal(US.mass.say(453.5924), '1 lb');
  assert.equal(US.mass.say(453), '1 lb');
  assert.equal(US.mass.say(7), '0.25 oz');
  assert.equal(US.massRange(40, 45), '1.4-1.6 oz');
  assert.equal(METRIC.massRange(40.1, 40.4), '40 g');
  // Flour at 0.53 g per mL: a US cup of it weighs 4.4 ounces.
  assert.equal(US.density.say(0.53), '4.4 oz per cup');
  assert.equal(figuresIn({ volume: 'cups' }, 'us').density.say(0.53), '125 g per cup');
  assert.equal(US.altitude.say(1609.344), '5280 ft');
  assert.equal(US.priceMass.unit, 'lb');
  assert.equal(benchMass(250, 28.349523125 / 4, US).text, '8.75 oz');
});

test('quantities are read in any unit, a bare number in the shop’s own', () => {
  assert.equal(readIn(METRIC, 'length', '9 in'), 228.6);
  assert.equal(readIn(METRIC, 'length', '9 1/2"'), 241.3);
  assert.equal(readIn(METRIC, 'length', '1\' 1"'), 330.2);
  assert.equal(readIn(METRIC, 'length', '23 cm'), 230);
  assert.equal(readIn(METRIC, 'length', '230'), 230);
  assert.equal(readIn(US, 'length', '9'), 228.6);
  assert.equal(readIn(US, 'length', '230mm'), 230);
  assert.equal(readIn(METRIC, 'mass', '1 kg'), 1000);
  assert.equal(readIn(METRIC, 'mass', '1 lb 2 oz'), 510.291);
  assert.equal(readIn(METRIC, 'mass', '.5 kilo'), 500);
  assert.equal(readIn(METRIC, 'temperature', '237F'), 113.8889);
  assert.equal(readIn(METRIC, 'temperature', '237 °F'), 113.8889);
  assert.equal(readIn(US, 'temperature', '237'), 113.8889);
  assert.equal(readIn(US, 'temperature', '113C'), 113);
  assert.equal(readIn(METRIC, 'degrees', '9 F'), 5);
  assert.equal(readIn(METRIC, 'temperature', '-18'), -18);
  assert.equal(readIn(METRIC, 'volume', '2 tsp'), 9.858);
  assert.equal(readIn(METRIC, 'volume', '1 qt'), 946.352);
  assert.equal(readIn(METRIC, 'volume', '8 fl oz'), 236.592);
  assert.equal(readIn(METRIC, 'duration', '1 h 30 min'), 90);
  assert.equal(readIn(METRIC, 'duration', '2 days'), 2880);
  assert.equal(readIn(METRIC, 'altitude', '5280 ft'), 1609.344);
  assert.equal(readIn(METRIC, 'density', '125 g per cup'), 0.5283446);
  assert.equal(readIn(METRIC, 'density', '0.9'), 0.9);
  // Two teaspoons of honey at 1.42 g per mL weigh 14 g.
  assert.equal(readIn(METRIC, 'mass', '2 tsp', wide, 1.42), 13.99836);
});

test('the understood amount is shown where another unit was typed, and only there', () => {
  const said = (text: string) => {
    const read = readQuantity(text, wide, { quantity: 'length', figures: METRIC, measures: 'us' });
    return read.ok ? read.understood : reasonText(read.reason);
  };
  assert.equal(said('9 in'), '228.6 mm');
  assert.equal(said('230 mm'), '');
  assert.equal(said('230'), '');
});

test('what is not the quantity is answered with what to type, in the shop’s unit', () => {
  assert.match(String(readIn(METRIC, 'mass', '2 tsp')), /a volume.*g or oz/);
  assert.match(String(readIn(METRIC, 'length', '9 oz')), /such as 230 mm/);
  assert.match(String(readIn(METRIC, 'temperature', '113 K')), /°C or °F/);
  assert.match(String(readIn(METRIC, 'mass', '1 lb 2')), /a unit after each/);
  assert.match(String(readIn(METRIC, 'length', 'wide')), /such as 12/);
  assert.match(String(readIn(METRIC, 'length', '')), /Enter a number/);
  assert.equal(readIn(US, 'length', '1', { min: 50.8, max: 5000 }), 'Enter 2 in or more');
  assert.equal(readIn(US, 'temperature', '700', { min: 0, max: 300 }), 'Enter 572 °F or less');
});

const quantities: Quantity[] = [
  'temperature',
  'length',
  'mass',
  'volume',
  'density',
  'duration',
  'altitude',
  'degrees',
];
const anyShown = fc.record({
  temperature: fc.constantFrom(...SHOWN_IN.temperature),
  length: fc.constantFrom(...SHOWN_IN.length),
  mass: fc.constantFrom(...SHOWN_IN.mass),
  volume: fc.constantFrom(...SHOWN_IN.volume),
}) as fc.Arbitrary<ShownIn>;

test('law: what a field shows is read back as the same value, with and without its unit', () => {
  fc.assert(
    fc.property(
      anyShown,
      fc.constantFrom(...quantities),
      fc.double({ min: 0.01, max: 5000, noNaN: true }),
      (shownIn, quantity, size) => {
        // Nothing in a kitchen is denser than 25 g per mL.
        const value = quantity === 'density' ? size / 200 : size;
        const figures = figuresIn(shownIn, 'us');
        const written = figures[quantity];
        const shown = written.typed(value);
        for (const text of [shown, `${shown} ${written.unit}`]) {
          const read = readIn(figures, quantity, text);
          assert.equal(typeof read, 'number', `${text}: ${read}`);
          assert.equal(written.typed(read as number), shown);
        }
      },
    ),
  );
});

test('law: whatever is typed is read within the limits or refused with a message', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme' }), fc.constantFrom(...quantities), (text, quantity) => {
      const read = readIn(METRIC, quantity, text, { min: 1, max: 200 });
      if (typeof read === 'number') assert.ok(read >= 1 && read <= 200);
      else assert.ok(read.length > 5);
    }),
  );
});
