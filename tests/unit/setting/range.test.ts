/** The range of waits, and what a measured wait says about a place. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { fittedH, settingOf, settingRange } from '$core/setting';
import { room, still, support } from './still';

const thin = { ...still, thicknessMm: 3 };
const two = [thin, { ...thin, id: 'b' }];

test('the short end of a range with half as much heat transfer again, the long end with two thirds of it', () => {
  const range = settingRange(two, [], room, support);
  const [usual, quick, slow] = [1, 1.5, 0.65].map((airFactor) => settingOf(two, [], { ...room, airFactor }, support));
  assert.deepEqual(range.cutWindow, usual!.cutWindow);
  assert.deepEqual(range.minutes, usual!.minutes);
  for (const [part, state] of [
    ['takesNextAfterMinutes', 'takesNext'],
    ['cutsAfterMinutes', 'cuts'],
    ['packsAfterMinutes', 'packs'],
  ] as const)
    range.layers.forEach((layer, at) => {
      const [q, u, s] = [quick, usual, slow].map((setting) => setting!.layers[at]!.states[state]);
      assert.deepEqual(layer[part], { quick: q, usual: u, slow: s });
      assert.ok(q! < u! && u! < s!, `${part} ${at}: ${q} ${u} ${s}`);
    });
});

test('a layer that never sets at the long end of its range is reported, with the short end all the same', () => {
  // In still air the lower one takes the next only after its hours are over.
  const never = settingRange([{ ...thin, setC: 17 }, two[1]!], [], room, support);
  assert.deepEqual(never.layers[0]!.takesNextAfterMinutes, { quick: null, usual: null, slow: null });
  assert.equal(never.layers.length, 1);
});

test('the heat transfer of a place fitted to a measured wait gives that wait', () => {
  const places = { ...room, dewC: 10 };
  const waits = (h: number) => settingOf([thin], [], { ...room, fitted: { room: h } }, support).layers[0]!;
  const measured = waits(5).setAfterMinutes!;
  assert.ok(measured > 20);
  const h = fittedH([thin], 0, measured, 'room', places, support)!;
  assert.ok(Math.abs(h - 5) < 0.2, `${h}`);
  // Waits are whole minutes: the smallest coefficient that gives it, and a thousandth less takes a minute more.
  assert.deepEqual([waits(1.001 * h).setAfterMinutes, waits(0.999 * h).setAfterMinutes], [measured, measured + 1]);
  // The wait of the recipe does not depend on the air.
  assert.equal(fittedH([{ ...thin, minMinutes: 500 }], 0, measured, 'room', places, support), h);
  // Below another one it is ready once it takes the next; only the layers below are considered.
  const below = fittedH([thin, { ...thin, id: 'b', setC: 1 }], 0, measured, 'room', places, support)!;
  assert.ok(Math.abs(below - 5) < 0.2, `${below}`);
  // Each place has its own coefficient: in the fridge, that of the room does not matter.
  const cold = fittedH([thin], 0, 12, 'fridge', { ...room, fitted: { room: 5 } }, support)!;
  const inFridge = (fridge: number) =>
    settingOf([thin], [{ place: 'fridge', minutes: 1 }], { ...room, fitted: { fridge } }, support).layers[0]!;
  assert.deepEqual([inFridge(1.001 * cold).setAfterMinutes, inFridge(0.999 * cold).setAfterMinutes], [12, 13]);
});

test('a wait that no heat transfer gives is not fitted', () => {
  assert.equal(fittedH([thin], 0, 1, 'room', room, support), null);
  assert.equal(fittedH([thin], 0, 2000, 'room', room, support), null);
});
