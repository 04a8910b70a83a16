/** A layer followed minute by minute, worked by hand: when it takes the next, is cut, is packed, cracks, and is soft again. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { glassFirmness, type Firmness, type PouredLayer } from '$core/setting';
import { cutUntil, endsTooFirm, follow, newState, statesOf, type FirmState } from '$core/setting/firmState';
import { near } from '../figures';
import { still } from './still';

/** Firmness in tenths for each degree below 30 °C. */
const firmness: Firmness = {
  stuff: 'tempered chocolate',
  curve: [
    [20, 1],
    [30, 0],
  ],
  lagMinutes: 0,
  lagGrowsC: null,
  startsSoft: false,
  otherFat: 0,
  takesNext: 0.3,
  cuts: 0.5,
  packs: 0.8,
  tooFirm: 0.9,
  softIsFine: false,
};
const layer: PouredLayer = { ...still, pourC: 35, setC: null, firmness, brittle: true };
const alike = (celsius: number) => ({
  warmestC: celsius,
  meanC: celsius,
  middleC: celsius,
  lowerC: celsius,
  upperC: celsius,
});
/** Followed from a minute on, through a series of temperatures. */
function followed(of: PouredLayer, from: number, ...celsius: readonly number[]): FirmState {
  const state = newState(of);
  celsius.forEach((at, i) => follow(state, of, alike(at), from + i, 20));
  return state;
}

test('poured at minute 10: the next at 27 °C, cut at 25, packed at 22, cracks at 21, each from its pour', () => {
  const state = followed(layer, 10, 35, 27, 25, 22, 21);
  assert.deepEqual(
    [state.pouredAt, state.takesNextAt, state.cutsAt, state.packsAt, state.tooFirmAt],
    [10, 11, 12, 13, 14],
  );
  assert.deepEqual(statesOf(state), { cuts: 2, packs: 3 });
  near([state.face, state.middle], [0.9, 0.9]);
  // A minute earlier it is not ready.
  const soft = followed(layer, 10, 35, 27.1, 25.1);
  assert.deepEqual([soft.takesNextAt, soft.cutsAt], [12, null]);
  const cold = followed(layer, 0, 22.1, 21.1);
  assert.deepEqual([cold.cutsAt, cold.packsAt, cold.tooFirmAt], [0, 1, null]);
  assert.deepEqual(statesOf(newState(layer)), { cuts: null, packs: null });
});

test('the face decides about the next layer, the middle about the knife, the warmest part about packing', () => {
  const state = newState(layer);
  follow(state, layer, { ...alike(35), upperC: 20 }, 0, 20);
  assert.deepEqual([state.takesNextAt, state.cutsAt], [0, null]);
  follow(state, layer, { ...alike(35), middleC: 20 }, 1, 20);
  assert.deepEqual([state.cutsAt, state.packsAt], [1, null]);
  follow(state, layer, { ...alike(20), warmestC: 25.1 }, 2, 20);
  assert.equal(state.packsAt, null);
  follow(state, layer, { ...alike(20), warmestC: 25 }, 3, 20);
  assert.equal(state.packsAt, 3);
});

test('nothing happens to a layer before its minimum time, counted from its pour', () => {
  const state = followed({ ...layer, minMinutes: 3 }, 50, 20, 20, 20, 20);
  assert.deepEqual([state.takesNextAt, state.cutsAt, state.packsAt, state.tooFirmAt], [53, 53, 53, 53]);
  const early = followed({ ...layer, minMinutes: 4 }, 50, 20, 20, 20, 20);
  assert.deepEqual([early.takesNextAt, early.cutsAt, early.packsAt, early.tooFirmAt], [null, null, null, null]);
});

test('warmed again it may be a fiftieth softer and is still cut; softer, it is neither cut nor packed until firm again', () => {
  const firm = [20, 25.19];
  assert.deepEqual(statesOf(followed(layer, 0, ...firm)), { cuts: 0, packs: 0 });
  assert.deepEqual(statesOf(followed(layer, 0, ...firm, 25.21)), { cuts: null, packs: null });
  // The next layer counts as laid: that happened when it was firm.
  assert.equal(followed(layer, 0, ...firm, 25.21).takesNextAt, 0);
  assert.deepEqual(statesOf(followed(layer, 0, ...firm, 25.21, 24, 22)), { cuts: 3, packs: 4 });
  // With the maker's own setting temperature, a kelvin more.
  const said: PouredLayer = { ...layer, setC: 24 };
  assert.deepEqual(statesOf(followed(said, 0, 25, 24.1)), { cuts: null, packs: null });
  assert.deepEqual(statesOf(followed(said, 0, 25, 24)), { cuts: 1, packs: 1 });
  assert.deepEqual(statesOf(followed(said, 0, 25, 24, 25)), { cuts: 1, packs: 1 });
  assert.deepEqual(statesOf(followed(said, 0, 25, 24, 25.1)), { cuts: null, packs: null });
});

test('a firmness with a lag gains nothing in the minute of its pour, and a minute’s share in each after it', () => {
  const slow: PouredLayer = { ...layer, firmness: { ...firmness, lagMinutes: 10 } };
  assert.equal(followed(slow, 5, 20).middle, 0);
  near([followed(slow, 5, 20, 20).middle, followed(slow, 5, 20, 20).face], [1 - Math.exp(-0.1), 1 - Math.exp(-0.1)]);
  near([followed(slow, 5, 20, 20, 20).middle], [1 - Math.exp(-0.2)]);
});

test('it cracks once it is cut and too firm; what does not crack never does', () => {
  const never = followed({ ...layer, firmness: { ...firmness, tooFirm: null } }, 0, 20, 20);
  assert.deepEqual([never.cutsAt, never.tooFirmAt], [0, null]);
  // Too firm to cut cleanly before it is set: it has not cracked.
  const stiff: Firmness = { ...firmness, cuts: 0.95 };
  const state = followed({ ...layer, firmness: stiff }, 0, 21, 20.5, 20.6);
  assert.deepEqual([state.cutsAt, state.tooFirmAt], [1, 1]);
  assert.equal(followed({ ...layer, firmness: stiff }, 0, 21).tooFirmAt, null);
});

test('until when the top cuts clean: until it cracks, at least twenty minutes; as long again as it took where only that is known', () => {
  const until = (top: Partial<PouredLayer>, tooFirmAt: number | null, from: number, pouredAt: number | null = 100) => {
    const state = { ...newState(layer), pouredAt, tooFirmAt };
    return (
      cutUntil(
        [
          { ...layer, brittle: false },
          { ...layer, ...top },
        ],
        [newState(layer), state],
        from,
      )?.minute ?? null
    );
  };
  assert.equal(until({ brittle: false }, 170, 130), null);
  assert.equal(until({}, null, 130), null);
  assert.equal(until({}, 170, 130), 170);
  assert.equal(until({}, 131, 130), 150);
  assert.equal(until({ setC: 25 }, 170, 145), 190);
  assert.equal(until({ setC: 25 }, null, 110), 130);
  assert.equal(until({ firmness: { ...firmness, stuff: 'glass' } }, 170, 145), 190);
  assert.equal(until({ setC: 25 }, null, 30, null), 60);
});

/** A caramel with its glass transition at -6 °C: firm enough to cut 53 K above it, too firm from 26 K above it, at 20 °C. */
const caramel: PouredLayer = { ...layer, name: 'Caramel', brittle: false, firmness: glassFirmness(-6, false) };

test('a caramel is too firm to cut from 26 K above its glass transition, whatever the blade; warmed up again it is not', () => {
  const at = (...celsius: number[]) => followed(caramel, 0, ...celsius).tooFirmAt;
  assert.equal(at(60, 47, 21, 20.1), null);
  assert.equal(at(60, 47, 21, 20, 19), 3);
  assert.equal(at(60, 47, 20, 20.5), 2, 'a breath of air changes nothing');
  assert.equal(at(60, 47, 20, 24), null);
  // A tenth of nuts holds it 5 K sooner, and it is cut down to the same 20 °C.
  const nutty = { ...caramel, firmness: glassFirmness(-6, false, 0.1) };
  assert.equal(followed(nutty, 0, 52, 21, 20).tooFirmAt, 2);
  assert.equal(glassFirmness(-6, false, 0.2).tooFirm, null, 'it is as firm as it gets before');
});

test('the latest moment to cut is the earliest of its limits, with what sets it', () => {
  const state = (tooFirmAt: number | null) => ({ ...newState(layer), pouredAt: 0, tooFirmAt });
  const until = (of: readonly (readonly [PouredLayer, number | null])[], from: number) =>
    cutUntil(
      of.map(([its]) => its),
      of.map(([, at]) => state(at)),
      from,
    );
  const chocolate = { ...layer, name: 'Chocolate' };
  const tooFirm = { layer: 'Caramel', why: 'too-firm' };
  assert.deepEqual(until([[caramel, 90]], 60), { minute: 90, limit: tooFirm });
  assert.deepEqual(until([[caramel, 40]], 60), { minute: 60, limit: tooFirm }, 'by then it already is');
  assert.equal(until([[caramel, null]], 60), null);
  assert.deepEqual(
    until(
      [
        [caramel, 90],
        [chocolate, 85],
      ],
      60,
    ),
    { minute: 85, limit: { layer: 'Chocolate', why: 'cracks' } },
  );
  assert.deepEqual(
    until(
      [
        [caramel, 90],
        [chocolate, 95],
      ],
      60,
    ),
    { minute: 90, limit: tooFirm },
  );
  assert.deepEqual(
    until(
      [
        [caramel, 90],
        [{ ...chocolate, brittle: false }, 70],
      ],
      60,
    ),
    { minute: 90, limit: tooFirm },
  );
});

test('a place sets the limit where the layer ends up too firm there: a caramel in the fridge, a brittle top', () => {
  assert.deepEqual([endsTooFirm(caramel, true, 20.1), endsTooFirm(caramel, false, 20)], [false, true]);
  // 90 % firm at 21 °C.
  assert.deepEqual([endsTooFirm(layer, true, 21), endsTooFirm(layer, true, 21.1)], [true, false]);
  assert.ok(!endsTooFirm(layer, false, 5), 'below the top');
  assert.ok(!endsTooFirm({ ...layer, brittle: false }, true, 5));
  assert.ok(!endsTooFirm({ ...layer, setC: 25 }, true, 5));
  assert.ok(!endsTooFirm({ ...caramel, firmness: glassFirmness(38, true) }, true, 5));
});
