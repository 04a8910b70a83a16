/** The state of a run from its events: worked by hand, and the laws that make it the same on every device. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import {
  beginsWith,
  countedEvents,
  lastDone,
  runEventSchema,
  runState,
  wholeRunPlan,
  type RunEvent,
  type RunPlan,
} from '$core/run';
import { problemsOf } from '$core/validation';
import { demoSlabs, runPlanFor } from '../things';
import { after, step } from './steps';

const BEGIN = '2026-11-27T08:00:00Z';
const beginMs = Date.parse(BEGIN);
const at = (minute: number) => new Date(beginMs + minute * 60_000).toISOString();
const ms = (minute: number) => beginMs + minute * 60_000;
const uuid = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;

/** Weigh 10, boil 20, lay 5, set 60 unattended, cut 10 within 30 of that; a syrup of 15 beside it. */
const plan: RunPlan = {
  ...wholeRunPlan({ name: 'Slab', version: 1, lot: 'L261127', begin: BEGIN, pieces: 24, pieceG: 50 }),
  steps: [
    step('weigh', 0, 10, { of: 'all' }),
    step('boil', 10, 30, { hands: 'watch', occupies: ['ring'], after: [after('weigh')] }),
    step('lay', 30, 35, { after: [after('boil', 0, 6)] }),
    step('set', 35, 95, { hands: 'free', after: [after('lay', 0, 0)] }),
    step('syrup', 35, 50, { after: [after('weigh')] }),
    step('cut', 95, 105, { after: [after('set', 0, 30)] }),
  ],
  lines: [
    {
      ...{
        preparation: 'p',
        preparationName: 'Pot',
        line: 0,
        ingredient: 'sugar',
        massG: 300,
        measured: '300 g',
        goesIn: 'boil',
      },
    },
  ],
};

let next = 0;
const event = (minute: number, part: Omit<RunEvent, 'id' | 'at'> & Record<string, unknown>) =>
  ({ id: uuid(++next), at: at(minute), ...part }) as RunEvent;
const done = (minute: number, id: string) => event(minute, { kind: 'step-done', step: id });
const begun = (minute: number, id: string) => event(minute, { kind: 'step-begun', step: id });

test('at the start the first step is current, and the projected end is as planned', () => {
  const state = runState(plan, [], ms(0));
  assert.equal(state.now!.step.id, 'weigh');
  assert.equal(state.now!.status, 'ready');
  assert.equal(state.endsAt, ms(105));
  assert.equal(state.lateMinutes, 0);
  assert.deepEqual(state.dangers, []);
});

test('a step that takes 12 minutes longer moves the rest by as much', () => {
  const state = runState(plan, [begun(0, 'weigh'), done(22, 'weigh'), begun(22, 'boil')], ms(22));
  assert.equal(state.now!.step.id, 'boil');
  assert.equal(state.endsAt, ms(117));
  assert.equal(state.lateMinutes, 12);
});

test('a step in progress beyond its minutes ends now at the earliest; unattended ones are listed apart', () => {
  const events = [
    begun(0, 'weigh'),
    done(10, 'weigh'),
    begun(10, 'boil'),
    done(30, 'boil'),
    begun(30, 'lay'),
    done(35, 'lay'),
  ];
  const state = runState(plan, [...events, begun(35, 'set'), begun(36, 'syrup')], ms(60));
  assert.equal(state.now!.step.id, 'syrup');
  assert.equal(state.now!.to, ms(60));
  assert.deepEqual(
    state.byItself.map((stepNow) => stepNow.step.id),
    ['set'],
  );
  assert.equal(state.byItself[0]!.to, ms(95));
});

test('an exceeded wait is reported: a boil that stands while something else is done', () => {
  const events = [begun(0, 'weigh'), done(10, 'weigh'), begun(10, 'boil'), done(30, 'boil'), begun(30, 'syrup')];
  const state = runState(plan, events, ms(31));
  assert.deepEqual(state.dangers, [{ step: 'lay', waitsMinutes: 15, mostMinutes: 6, behind: 'boil' }]);
});

test('a delayed step comes after the rest; a skipped one is over; undone, it never happened', () => {
  const weighed = [begun(0, 'weigh'), done(10, 'weigh')];
  const off = event(10, { kind: 'step-put-off', step: 'boil' });
  assert.equal(runState(plan, [...weighed, off], ms(10)).now!.step.id, 'syrup');
  const skipped = event(11, { kind: 'step-skipped', step: 'boil' });
  assert.equal(runState(plan, [...weighed, skipped], ms(11)).steps[1]!.status, 'skipped');
  assert.equal(runState(plan, [...weighed, skipped], ms(11)).now!.step.id, 'lay');
  const back = event(12, { kind: 'taken-back', event: skipped.id });
  assert.equal(runState(plan, [...weighed, skipped, back], ms(12)).steps[1]!.status, 'ready');
  const again = event(13, { kind: 'taken-back', event: back.id });
  assert.equal(runState(plan, [...weighed, skipped, back, again], ms(13)).steps[1]!.status, 'skipped');
});

test('setting starts with the laying; nothing that needs the hob or a person starts by itself', () => {
  const events = [
    begun(0, 'weigh'),
    done(10, 'weigh'),
    begun(10, 'boil'),
    done(30, 'boil'),
    begun(30, 'lay'),
    done(35, 'lay'),
  ];
  assert.deepEqual(
    beginsWith(runState(plan, events, ms(35)), 'lay').map(({ id }) => id),
    ['set'],
  );
  assert.deepEqual(beginsWith(runState(plan, events.slice(0, 2), ms(10)), 'weigh'), []);
});

test('a boil that is laid hot starts when its base will be firm, and not as soon as somebody is free', () => {
  const steps = [
    step('press', 0, 10, { of: 'base' }),
    step('bake', 10, 40, { of: 'base', hands: 'free', occupies: ['oven'], after: [after('press')] }),
    step('firm', 40, 60, { of: 'base', hands: 'free', after: [after('bake', 0, 0)] }),
    step('boil', 34, 54, { hands: 'watch', after: [] }),
    step('lay', 60, 65, { after: [after('boil', 0, 6), after('firm')] }),
  ];
  const state = runState({ ...plan, steps }, [begun(0, 'press'), done(10, 'press'), begun(10, 'bake')], ms(11));
  const of = (id: string) => state.steps.find((stepNow) => stepNow.step.id === id)!;
  assert.equal(of('boil').from, ms(34));
  assert.equal(of('lay').from, ms(60));
  assert.deepEqual(state.dangers, []);
  // Started too early all the same, the state says so.
  const soon = runState(
    { ...plan, steps },
    [begun(0, 'press'), done(10, 'press'), begun(10, 'bake'), begun(11, 'boil')],
    ms(12),
  );
  assert.deepEqual(soon.dangers, [{ step: 'lay', waitsMinutes: 29, mostMinutes: 6, behind: 'boil' }]);
});

test('a set reading and a temperature move no step; a second start or end does not count', () => {
  const events = [
    begun(0, 'weigh'),
    begun(4, 'weigh'),
    done(10, 'weigh'),
    done(14, 'weigh'),
    event(15, { kind: 'temperature', step: 'boil', celsius: 90 }),
    event(16, { kind: 'set-reading', step: 'set', reading: 'firm' }),
    event(16, { kind: 'temperature', celsius: 21 }),
    begun(16, 'no such step'),
  ];
  const { steps } = runState(plan, events, ms(16));
  assert.deepEqual([steps[0]!.begunAt, steps[0]!.endedAt], [ms(0), ms(10)]);
  assert.deepEqual(
    steps.map(({ status }) => status),
    ['done', 'ready', 'waiting', 'waiting', 'ready', 'waiting'],
  );
});

test('before anything happened a run ends as planned, unless its time is past; once started, delays count', () => {
  assert.equal(runState(plan, [], ms(-60)).endsAt, ms(105));
  assert.equal(runState(plan, [], ms(20)).endsAt, ms(125));
  // Noted early, it goes on from then.
  assert.equal(runState(plan, [event(-30, { kind: 'note', text: 'so' })], ms(-30)).endsAt, ms(75));
});

test('Next lists what is still to come, in time order, without the current step', () => {
  const events = [begun(0, 'weigh'), done(10, 'weigh'), begun(10, 'boil')];
  const { now, next: coming } = runState(plan, events, ms(12));
  assert.equal(now!.step.id, 'boil');
  assert.deepEqual(
    coming.map(({ step: { id } }) => id),
    ['lay', 'set', 'syrup', 'cut'],
  );
});

test('what starts by itself: not what is in progress or over, nor what waits for more, or may wait', () => {
  const steps = [
    step('lay', 0, 5),
    step('other', 0, 20),
    step('sets', 5, 65, { hands: 'free', after: [after('lay', 0, 0)] }),
    step('both', 20, 40, { hands: 'free', after: [after('lay', 0, 0), after('other')] }),
    step('may wait', 5, 9, { hands: 'free', after: [after('lay', 0, 5)] }),
    step('any time', 5, 9, { hands: 'free', after: [after('lay')] }),
    step('by hand', 5, 9, { after: [after('lay', 0, 0)] }),
    step('bakes', 5, 9, { hands: 'free', occupies: ['oven'], after: [after('lay', 0, 0)] }),
    step('elsewhere', 5, 9, { hands: 'free', after: [after('other', 0, 0)] }),
  ];
  const starts = (...events: RunEvent[]) =>
    beginsWith(runState({ ...plan, steps }, [done(5, 'lay'), ...events], ms(6)), 'lay').map(({ id }) => id);
  assert.deepEqual(starts(), ['sets']);
  assert.deepEqual(starts(done(5, 'other')), ['sets', 'both']);
  assert.deepEqual(starts(begun(5, 'sets')), []);
  assert.deepEqual(starts(event(5, { kind: 'step-skipped', step: 'sets' })), []);
});

test('two bakes in one oven follow each other as planned, and a third planned beside the second does not wait', () => {
  const bake = (id: string, from: number, to: number) => step(id, from, to, { hands: 'free', occupies: ['oven'] });
  const steps = [bake('a', 0, 30), bake('b', 30, 60), bake('c', 40, 55)];
  const state = runState({ ...plan, steps }, [begun(10, 'a')], ms(10));
  assert.deepEqual(
    state.steps.map(({ from, to }) => [(from - beginMs) / 60_000, (to - beginMs) / 60_000]),
    [
      [10, 40],
      [40, 70],
      [40, 55],
    ],
  );
});

test('the last weight of a line counts; finished is finished', () => {
  const weigh = (minute: number, massG: number) => event(minute, { kind: 'weighed', preparation: 'p', line: 0, massG });
  const state = runState(plan, [weigh(2, 300), weigh(3, 280), event(200, { kind: 'finished' })], ms(201));
  assert.equal(state.lines[0]!.weighedG, 280);
  assert.equal(state.status, 'finished');
});

test('undo takes back the event that arrived last, whatever the clocks said: its time may have been corrected', () => {
  const first = begun(3, 'weigh');
  const second = event(2, { kind: 'note', text: 'sifted' });
  const reading = event(4, { kind: 'temperature', pot: 'caramel', celsius: 90 });
  assert.equal(lastDone([first, second, reading]), second);
  const back = event(2, { kind: 'taken-back', event: second.id });
  assert.equal(lastDone([first, second, reading, back]), first);
  assert.equal(lastDone([reading]), null);
});

const anyEvents = fc
  .array(
    fc.record({
      minute: fc.integer({ min: 0, max: 200 }),
      kind: fc.constantFrom(
        'step-begun',
        'step-done',
        'step-skipped',
        'step-put-off',
        'taken-back',
        'note',
        'finished',
      ),
      of: fc.integer({ min: 0, max: 6 }),
    }),
    { maxLength: 40 },
  )
  .map((list) =>
    list.map(({ minute, kind, of }, i): RunEvent => {
      const base = { id: uuid(i), at: at(minute) };
      if (kind === 'taken-back') return { ...base, kind, event: uuid(Math.max(0, i - 1 - of)) };
      if (kind === 'note') return { ...base, kind, text: 'so' };
      if (kind === 'finished') return { ...base, kind };
      return { ...base, kind: kind as 'step-done', step: plan.steps[of]?.id ?? 'not there' };
    }),
  );

test('law: the state is the same in whatever order events arrive, and however often', () => {
  fc.assert(
    fc.property(anyEvents, fc.infiniteStream(fc.double({ min: 0, max: 1, noNaN: true })), (events, chance) => {
      const shuffled = events
        .map((event) => ({ event, by: chance.next().value as number }))
        .sort((a, b) => a.by - b.by)
        .map(({ event }) => event);
      const doubled = [...shuffled, ...shuffled.slice(0, 5)];
      assert.deepEqual(runState(plan, doubled, ms(210)), runState(plan, events, ms(210)));
    }),
  );
});

test('law: no step ends before it begins, only steps in progress or over lie in the past, and one person does one thing at a time', () => {
  fc.assert(
    fc.property(anyEvents, fc.integer({ min: 0, max: 300 }), (events, minute) => {
      const state = runState(plan, events, ms(minute));
      const open = state.steps.filter(({ status }) => status === 'ready' || status === 'waiting');
      for (const { from, to } of state.steps) assert.ok(to >= from);
      for (const { from } of open) assert.ok(from >= ms(minute));
      const busy = open.filter((stepNow) => stepNow.step.hands === 'busy').sort((a, b) => a.from - b.from);
      busy.slice(1).forEach((stepNow, i) => assert.ok(stepNow.from >= busy[i]!.to));
      assert.ok(countedEvents(events).every(({ kind }) => kind !== 'taken-back'));
    }),
  );
});

test('events are read by kind, and invalid ones are refused with their place', () => {
  const sound = { id: uuid(1), at: BEGIN, kind: 'temperature', celsius: 118 };
  assert.deepEqual(problemsOf(runEventSchema, sound), []);
  const paths = (event: object) => problemsOf(runEventSchema, event).map(({ path }) => path);
  assert.deepEqual(paths({ ...sound, celsius: 900 }), ['/celsius']);
  assert.deepEqual(paths({ ...sound, id: 'x' }), ['/id']);
  assert.deepEqual(paths({ ...sound, at: 'now' }), ['/at']);
  assert.deepEqual(paths({ ...sound, kind: 'danced' }), ['/kind']);
});

test('every demo slab starts as planned, for one person and for more: no dangers, and done on time', () => {
  for (const slab of demoSlabs)
    for (const hands of [1, 2, 3]) {
      const begun = runPlanFor(slab, { hands, begin: BEGIN });
      const state = runState(begun, [], beginMs);
      assert.deepEqual(state.dangers, [], slab.name);
      assert.ok(Math.abs(state.lateMinutes) <= 1, `${slab.name}, ${hands}: ${state.lateMinutes}`);
      for (const { step, from } of state.steps)
        assert.ok((from - beginMs) / 60_000 <= step.planned.from + 1, `${slab.name}, ${hands}: ${step.id}`);
      assert.ok(
        begun.lines.every(({ goesIn }) => goesIn !== ''),
        slab.name,
      );
    }
});

test('two pots that must be ready together wait for each other, also when one of them is late', () => {
  const steps = [
    step('boil', 0, 20, { of: 'a', hands: 'watch' }),
    step('whisk', 15, 20, { of: 'b', hands: 'watch' }),
    step('join', 20, 24, { hands: 'watch', after: [after('boil', 0, 0), after('whisk', 0, 1)] }),
  ];
  const late = runState({ ...plan, steps }, [begun(10, 'boil')], ms(12));
  const of = (id: string) => late.steps.find((stepNow) => stepNow.step.id === id)!;
  assert.equal(of('boil').to, ms(30));
  assert.equal(of('join').from, ms(30));
  assert.equal(of('whisk').to, ms(29));
  assert.deepEqual(late.dangers, []);
});

test('a maximum wait that is already exceeded is reported, and everything else is scheduled soon after now', () => {
  const steps = [
    step('boil', 0, 10, { hands: 'watch' }),
    step('whisk', 5, 10, { hands: 'watch' }),
    step('join', 10, 14, { after: [after('boil', 0, 0), after('whisk', 0, 1)] }),
  ];
  const state = runState({ ...plan, steps }, [begun(0, 'boil'), done(10, 'boil')], ms(40));
  assert.deepEqual(
    state.dangers.map(({ step: id, behind }) => [id, behind]),
    [['join', 'boil']],
  );
  assert.ok(state.endsAt <= ms(60));
});

test('two people end one step, a moment apart: it ended at the earlier moment', () => {
  const events = [begun(0, 'weigh'), done(10, 'weigh'), done(12, 'weigh'), begun(1, 'weigh')];
  const [weigh] = runState(plan, events, ms(13)).steps;
  assert.deepEqual([weigh!.status, weigh!.begunAt, weigh!.endedAt], ['done', ms(0), ms(10)]);
});

test('what is in counts from the moment it is weighed: another amount, and what was changed after it', () => {
  const lines = [{ preparation: 'treacle', preparationName: 'Treacle', line: 0, ingredient: 'black treacle' }].map(
    (line) => ({ ...line, massG: 90, goesIn: 'boil', measured: '90 g' }),
  );
  const of = { preparation: 'treacle', line: 0 };
  const massIn = (...events: RunEvent[]) =>
    runState({ ...plan, lines }, events, Date.parse(plan.begin)).lines[0]!.massInG;
  const weighed = event(1, { kind: 'weighed', ...of, massG: 110 });
  assert.equal(massIn(), 90);
  assert.equal(massIn(weighed), 110);
  assert.equal(massIn(weighed, event(2, { kind: 'amount-changed', ...of, byG: -10 })), 100);
  assert.equal(massIn(event(2, { kind: 'amount-changed', ...of, byG: 5 })), 95);
});
