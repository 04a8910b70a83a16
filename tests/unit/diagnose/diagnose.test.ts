/** Causes of symptoms: the laws of weighing evidence, and planted faults. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { randomFrom } from '../../../devices/random.mjs';
import { canHappen, FAULTS, seenOf } from '../../../demo/runs/faults';
import { PLAIN, simulateRun } from '../../../demo/runs/simulator';
import { CAUSES, diagnose, FACT_IDS, SEEN, type CauseId, type FactId, type Told, type Trait } from '$core/diagnose';
import { diagnoseSlab, positionOf, traitsOf } from '$core/usecases';
import { causeText } from '../../../src/wording/en/causes';
import { demoLarder, demoSlabs, runPlanFor, ryeSlice, shop } from '../things';

const ALL: ReadonlySet<Trait> = new Set([
  ...['boiled', 'beaten', 'baked', 'chocolate', 'layers', 'gel', 'crumb', 'tin', 'this chocolate'],
] as Trait[]);
const told = (holds: boolean): Told => ({ holds, finding: { code: 'chocolate-at', celsius: 40 } });

test('by hand: two causes, one fact', () => {
  const grainy = diagnose(['grainy'], new Map<FactId, Told>([['cooledLittle', told(true)]]), ALL);
  const weight = (cause: string) => grainy.find((found) => found.cause === cause)!.weight;
  // 0.1 x 0.8 x 0.85 / 0.07 beside 0.1 x 0.85 x 0.05 / 0.12.
  assert.ok(
    Math.abs(weight('beatenHot') / weight('seeded') - (0.1 * 0.8 * (0.85 / 0.07)) / (0.1 * 0.85 * (0.05 / 0.12))) <
      1e-9,
  );
  assert.equal(grainy[0]!.cause, 'beatenHot');
  assert.deepEqual(grainy[0]!.because, [{ code: 'chocolate-at', celsius: 40 }]);
});

test('every symptom has a cause that shows it, and every fact supports one', () => {
  for (const seen of SEEN)
    assert.ok(
      Object.values(CAUSES).some(({ shows }) => (shows as Record<string, number>)[seen]! >= 0.5),
      seen,
    );
  const named = new Set(Object.values(CAUSES).flatMap(({ facts }) => Object.keys(facts)));
  assert.deepEqual(
    FACT_IDS.filter((fact) => !named.has(fact)),
    [],
  );
  for (const { facts, shows } of Object.values(CAUSES))
    for (const often of [...Object.values(facts).flat(), ...Object.values(shows)]) assert.ok(often > 0 && often < 1);
});

const anyFacts = fc
  .dictionary(fc.constantFrom(...FACT_IDS), fc.boolean())
  .map((holds) => new Map(Object.entries(holds).map(([fact, is]) => [fact as FactId, told(is)])));
const anySeen = fc.uniqueArray(fc.constantFrom(...SEEN), { minLength: 1, maxLength: 4 });

test('law: weights lie between 0 and 1, sum to less than 1, and are in order; impossible causes are absent', () => {
  fc.assert(
    fc.property(anySeen, anyFacts, fc.subarray([...ALL]), (seen, facts, some) => {
      const traits = new Set(some);
      const found = diagnose(seen, facts, traits);
      const sum = found.reduce((all, { weight }) => all + weight, 0);
      assert.ok(sum > 0 && sum < 1);
      found.slice(1).forEach(({ weight }, i) => assert.ok(weight <= found[i]!.weight));
      for (const { cause } of found) for (const trait of CAUSES[cause].needs) assert.ok(traits.has(trait));
    }),
  );
});

test('law: a fact that is more frequent with a cause makes it likelier than the same fact denied', () => {
  fc.assert(
    fc.property(anySeen, fc.constantFrom(...Object.keys(CAUSES)), (seen, id) => {
      const cause = CAUSES[id as keyof typeof CAUSES];
      for (const [fact, [withIt, without]] of Object.entries(cause.facts) as [FactId, readonly [number, number]][]) {
        // Besides unlisted causes, which no fact supports.
        const weight = (holds: boolean) => {
          const found = diagnose(seen, new Map([[fact, told(holds)]]), ALL);
          const unknown = 1 - found.reduce((sum, { weight }) => sum + weight, 0);
          return found.find(({ cause }) => cause === id)!.weight / unknown;
        };
        assert.equal(weight(true) > weight(false), withIt > without, `${id} ${fact}`);
      }
    }),
    { numRuns: 40 },
  );
});

test('planted faults of the demo slabs are usually named first, each kind of them', () => {
  const plans = demoSlabs.map((slab) => runPlanFor(slab, { hands: 2 }));
  const traits = demoSlabs.map((slab) => traitsOf(slab, demoLarder, shop));
  for (const fault of FAULTS.filter(({ tinTimes }) => !tinTimes)) {
    const random = randomFrom(11);
    let found = 0;
    let made = 0;
    for (let i = 0; i < demoSlabs.length * 2; i++) {
      const s = i % demoSlabs.length;
      if (!canHappen(fault, plans[s]!, traits[s]!)) continue;
      const events = simulateRun(plans[s]!, { ...PLAIN, noted: 1 }, fault, {}, random);
      const run = { plan: plans[s]!, events };
      const [first] = diagnoseSlab(demoSlabs[s]!, demoLarder, shop, run, seenOf(fault, random));
      made += 1;
      if (first!.cause === fault.cause) found += 1;
    }
    assert.ok(made > 0 && found / made >= 0.5, `${fault.cause}: ${found} of ${made}`);
  }
});

test('without a run only prior knowledge counts, and only of what the slab is made of', () => {
  const found = diagnoseSlab(ryeSlice, demoLarder, shop, null, ['soft', 'sticky']);
  assert.equal(found[0]!.cause, 'boiledTooLittle');
  assert.deepEqual(
    found.flatMap(({ because }) => because),
    [],
  );
  const uncooked = demoSlabs.find(({ name }) => name === 'Lime and coconut two-tone')!;
  assert.ok(diagnoseSlab(uncooked, demoLarder, shop, null, ['soft']).every(({ cause }) => cause !== 'boiledTooLittle'));
});

test('a chocolate top that cracks: too hard, too cold and not scored come first, without the caramel below', () => {
  const top = ryeSlice.layers.at(-1)!.id;
  const found = diagnoseSlab(ryeSlice, demoLarder, shop, null, ['cracked'], top);
  const first = found.slice(0, 4).map(({ cause }) => cause);
  for (const cause of ['chocolateTooHard', 'notScored', 'cutLate'] as const)
    assert.ok(first.includes(cause), `${cause} in ${first.join(', ')}`);
  assert.ok(found.every(({ cause }) => cause !== 'boiledTooFar' && cause !== 'bakedTooLong'));
  // It is thin, which contradicts that cause.
  const thick = found.find(({ cause }) => cause === 'chocolateTooThick')!;
  assert.ok(thick.against.some(({ code }) => code === 'layer-thickness'));
  // For the whole slab the boil is a cause; for one layer only questions that fit it are asked.
  const whole = diagnoseSlab(ryeSlice, demoLarder, shop, null, ['cracked']).map(({ cause }) => cause);
  assert.ok(whole.includes('boiledTooFar') && !whole.includes('notScored'));
});

test('advice fits the place of the layer: nothing under or on another one goes back into the pot', () => {
  const [first, last] = [ryeSlice.layers[0]!.id, ryeSlice.layers.at(-1)!.id];
  assert.deepEqual(
    [positionOf(ryeSlice, first), positionOf(ryeSlice, last), positionOf(ryeSlice)],
    ['covered', 'top', 'covered'],
  );
  assert.equal(positionOf({ layers: ryeSlice.layers.slice(0, 1) }, first), 'alone');
  for (const cause of Object.keys(CAUSES) as CauseId[])
    for (const position of ['top', 'covered'] as const)
      assert.doesNotMatch(
        causeText(cause, position).now,
        /back into the pot,|boil it|pour it again|Bake it longer/,
        cause,
      );
  assert.match(causeText('boiledTooLittle', 'alone').now, /back into the pot/);
});
