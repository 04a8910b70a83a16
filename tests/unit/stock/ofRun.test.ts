/** What a run uses, still needs and makes follows from its events, whatever their order. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import type { RunEvent, RunPlan } from '$core/run';
import { madeByRun, stillNeededByRun, usedByRun } from '$core/stock';

const steps = ['gather', 'melt', 'boil'] as const;
/** Lines of 1, 2, 4, ... g, so that a sum tells which of them it has. */
const lines = [0, 1, 2, 3, 4].map((line) => ({
  preparation: 'caramel',
  line,
  ingredient: 'sugar',
  massG: 2 ** line,
  goesIn: steps[line % steps.length]!,
}));
const plan = { lines, begin: '2026-05-04T08:00:00Z' } as unknown as RunPlan;

const uuidOf = (i: number) => `00000000-0000-4000-8000-${String(i).padStart(12, '0')}`;
const eventsOf = (parts: readonly object[]) =>
  parts.map((part, i) => ({
    id: uuidOf(i),
    at: `2026-05-04T09:${String(i).padStart(2, '0')}:00Z`,
    ...part,
  })) as unknown as RunEvent[];

const anyEvents = fc
  .uniqueArray(
    fc.oneof(
      fc.record({ kind: fc.constantFrom('step-done', 'step-skipped'), step: fc.constantFrom(...steps) }),
      fc.nat({ max: 4 }).map((line) => ({ kind: 'weighed', preparation: 'caramel', line, massG: 2 ** line })),
      fc.constant({ kind: 'finished' }),
    ),
    { selector: (one) => JSON.stringify('step' in one ? one.step : one), maxLength: 8 },
  )
  .map(eventsOf);

const totalUsed = (events: readonly RunEvent[]) => usedByRun(plan, events).reduce((sum, { massG }) => sum + massG, 0);

test('a line is used, still needed, or left out with a skipped step: never two of them', () => {
  fc.assert(
    fc.property(anyEvents, (events) => {
      const used = totalUsed(events);
      const needed = stillNeededByRun(plan, events).get('sugar') ?? 0;
      assert.equal(used & needed, 0);
      const weighed = new Set(events.flatMap((event) => (event.kind === 'weighed' ? [event.line] : [])));
      const skipped = new Set(events.flatMap((event) => (event.kind === 'step-skipped' ? [event.step] : [])));
      const leftOut = lines.filter(({ line, goesIn }) => skipped.has(goesIn) && !weighed.has(line));
      assert.equal(used + needed + leftOut.reduce((sum, { massG }) => sum + massG, 0), 31);
      if (events.some(({ kind }) => kind === 'finished')) assert.equal(needed, 0);
    }),
  );
});

test('what is used and still needed does not depend on the order in which events come in', () => {
  fc.assert(
    fc.property(anyEvents, fc.infiniteStream(fc.nat()), (events, order) => {
      const shuffled = events
        .map((event) => ({ event, at: order.next().value as number }))
        .sort((a, b) => a.at - b.at)
        .map(({ event }) => event);
      assert.deepEqual(usedByRun(plan, shuffled), usedByRun(plan, events));
      assert.deepEqual(stillNeededByRun(plan, shuffled), stillNeededByRun(plan, events));
    }),
  );
});

test('a stopped run needs nothing more, keeps what it used, and makes nothing', () => {
  const events = eventsOf([{ kind: 'weighed', preparation: 'caramel', line: 4, massG: 17 }, { kind: 'stopped' }]);
  assert.equal(totalUsed(events), 17);
  assert.equal(stillNeededByRun(plan, events).size, 0);
  assert.deepEqual(madeByRun({ pieces: 24, pieceTypes: [], pieceG: 40 } as unknown as RunPlan, events), []);
});

test('a count without types is divided as planned, in whole pieces', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 4 }),
      fc.integer({ min: 0, max: 200 }),
      (counts, pieces) => {
        const pieceTypes = counts.map((count, i) => ({ kind: `type ${i}`, count }));
        const planned = counts.reduce((sum, count) => sum + count, 0);
        const made = madeByRun(
          { pieces: planned, pieceTypes, pieceG: 40 } as unknown as RunPlan,
          eventsOf([{ kind: 'pieces', count: pieces, massG: null, each: [] }, { kind: 'finished' }]),
        );
        assert.equal(
          made.reduce((sum, one) => sum + one.pieces, 0),
          pieces,
        );
        for (const one of made) {
          const share = (pieces * pieceTypes.find(({ kind }) => kind === one.kind)!.count) / planned;
          assert.ok(Math.abs(one.pieces - share) < 1, `${one.pieces} for a share of ${share}`);
        }
      },
    ),
  );
});
