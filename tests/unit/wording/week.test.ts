/** Texts of the week: every code has one, with nothing left unfilled. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { LateInWeek, NoBatch, WeekChangeOut } from '$core/usecases';
import { SCARCE } from '$core/week';
import { lateText, noBatchText, stillLateText, wayOutText } from '$wording/week';

const at = new Date('2026-12-04T14:25:00Z');
const sayMoment = (moment: Date) => moment.toISOString().slice(11, 16);
const sound = (text: string) => {
  assert.match(text, /\w/);
  assert.doesNotMatch(text, /undefined|NaN|\[object|\$\{/);
};

test('every reason and every way out has a text', () => {
  const reasons: LateInWeek['because'][] = [
    { code: 'fits-nowhere' },
    { code: 'begins-too-late', earliest: at },
    { code: 'too-much' },
    ...SCARCE.map((resource) => ({ code: 'in-use', resource }) as const),
  ];
  for (const reason of reasons) sound(lateText(reason, sayMoment));
  assert.match(lateText({ code: 'begins-too-late', earliest: at }, sayMoment), /14:25/);
  const changes: WeekChangeOut[] = [
    { what: 'due', batch: '1', due: at },
    { what: 'hours', person: 'Ada', from: at, to: at },
    { what: 'tin', tin: 'Long tin', count: 1 },
    { what: 'tin', tin: 'Long tin', count: 2 },
    { what: 'fewer-tins', batch: '1', tins: 1 },
    { what: 'apart', batches: ['1', '2'] },
  ];
  for (const change of changes) sound(wayOutText(change, () => 'Rye slice', sayMoment));
  assert.match(
    wayOutText(changes[4]!, () => 'Rye slice', sayMoment),
    /1 tin$/,
  );
  const say = (minutes: number) => `${minutes} min`;
  assert.deepEqual([stillLateText(0, say), stillLateText(5, say)], ['nothing late', 'still 5 min late']);
  const none: NoBatch[] = [
    { code: 'cut-undecided', slab: 1 },
    { code: 'slab-deleted', slab: 1 },
    { code: 'no-such-piece-type', slab: 1, kinds: [] },
    { code: 'no-pieces', slab: 1 },
  ];
  for (const one of none) sound(noBatchText(one, 'Rye slice'));
  assert.match(noBatchText(none[0]!, 'Rye slice'), /Rye slice/);
});
