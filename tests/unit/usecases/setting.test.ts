/** Setting of whole slabs: places, depth, moves, measured waits, condensation, and too much work. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { larderOf } from '$core/larder';
import { fittedCoefficient, settingFor, settingProblems } from '$core/usecases';
import { PLACE_AIR } from '$core/setting';
import type { Preparation, Slab } from '$core/slab';
import { demoLarder, demoSlabs, ryeSlice, shop } from '../things';

const cool = { ...shop, roomC: 19 };

test('each layer of the demo sets, is poured when the one below is set, and keeps its minimum wait', () => {
  for (const slab of demoSlabs) {
    const setting = settingFor(slab, demoLarder, cool)!;
    assert.ok(setting.cutWindow.fromMinutes !== null, slab.name);
    setting.layers.forEach((layer, i) => {
      const wanted = slab.layers.find(({ id }) => id === layer.id)!.set;
      assert.ok(layer.setAfterMinutes! >= (wanted?.minMinutes ?? 0), `${slab.name} ${layer.name}`);
      const below = setting.layers[i - 1];
      if (below) assert.equal(layer.pouredAt, below.pouredAt + below.nextFromMinutes!);
    });
  }
});

test('a deeper layer waits longer, a colder place less, and a room that is too warm is reported', () => {
  const minutes = (slab: Slab, place: 'room' | 'fridge', scale = 1, roomC = 19) =>
    settingFor(slab, demoLarder, { ...shop, roomC }, { scale: { mode: 'scaleFactor', by: scale } }, [
      { place, minutes: 60 },
    ])!.cutWindow.fromMinutes;
  assert.ok(minutes(ryeSlice, 'room', 1.5)! > 1.3 * minutes(ryeSlice, 'room')!);
  assert.ok(minutes(ryeSlice, 'fridge')! < minutes(ryeSlice, 'room')!);
  const warm = settingFor(ryeSlice, demoLarder, { ...shop, roomC: 27 })!;
  assert.equal(warm.cutWindow.fromMinutes, null);
  const { reason } = warm.layers.at(-1)!;
  assert.ok(reason.code === 'never-firm' && Math.floor(reason.staysAtC) === 27 && reason.layer === 'Chocolate top');
});

test('moved later: an hour in the room, then the fridge, is between the two', () => {
  // Without the waits of its own file, which are the same everywhere.
  const free = { ...ryeSlice, layers: ryeSlice.layers.map((layer) => ({ ...layer, set: {} })) };
  const at = (stays: Parameters<typeof settingFor>[4]) =>
    settingFor(free, demoLarder, cool, {}, stays)!.cutWindow.fromMinutes!;
  const room = at([{ place: 'room', minutes: 60 }]);
  const both = at([
    { place: 'room', minutes: 60 },
    { place: 'fridge', minutes: 60 },
  ]);
  const fridge = at([{ place: 'fridge', minutes: 60 }]);
  assert.ok(fridge < both && both < room, `${fridge} ${both} ${room}`);
});

test('each layer sets in its own place: moving one of them to the fridge shortens its wait and no other', () => {
  const waits = (slab: Slab) =>
    settingFor(slab, demoLarder, cool)!.layers.map(({ setAfterMinutes }) => setAfterMinutes!);
  const [base, caramel] = waits(ryeSlice) as [number, number, number];
  const cold: Slab = {
    ...ryeSlice,
    layers: ryeSlice.layers.map((layer) =>
      layer.id === 'l2' ? { ...layer, set: { ...layer.set, place: 'fridge' } } : layer,
    ),
  };
  const [sameBase, colder] = waits(cold) as [number, number, number];
  assert.equal(sameBase, base);
  assert.ok(colder < caramel);
  // Equal to moving the tin in the schedule at that moment.
  const moved = settingFor(ryeSlice, demoLarder, cool, {}, [
    { place: 'room', minutes: base },
    { place: 'fridge', minutes: 1 },
  ])!;
  assert.equal(moved.layers[1]!.setAfterMinutes, colder);
});

test('layers that bake together are hot at once, and cool as one', () => {
  const oats = demoSlabs.find(({ name }) => name === 'Orchard oat bake')!;
  const { layers, cutWindow } = settingFor(oats, demoLarder, cool)!;
  assert.deepEqual(
    layers.map(({ pouredAt, nextFromMinutes }) => [pouredAt, nextFromMinutes === 0]),
    [
      [0, true],
      [0, true],
      [0, false],
    ],
  );
  // Apples and oats below cool later than the top.
  assert.equal(cutWindow.fromMinutes, Math.max(...layers.map(({ pouredAt, states }) => pouredAt + states.cuts!)));
});

test('a pour that is too hot for the chocolate below melts it, and one at its limit does not', () => {
  const poured = (pourC: number): Slab => ({
    ...ryeSlice,
    layers: [
      { ...ryeSlice.layers[2]!, id: 'c' },
      { ...ryeSlice.layers[1]!, id: 'h', pourC },
    ],
  });
  const hot = settingFor(poured(80), demoLarder, cool)!.layers[1]!;
  assert.ok(hot.meltsBelow && hot.contactC! > 28 && hot.pourAtMostC! < 80);
  const mild = settingFor(poured(Math.floor(hot.pourAtMostC!)), demoLarder, cool)!.layers[1]!;
  assert.ok(!mild.meltsBelow && mild.contactC! <= 28);
});

test('a layer of unknown composition says what was assumed', () => {
  const strange = (preparation: Preparation) => ({
    ...preparation,
    lines: preparation.lines.map((line) => ({ ...line, ingredient: 'moon dust', unit: 'g' as const })),
  });
  const setting = settingFor({ ...ryeSlice, preparations: ryeSlice.preparations.map(strange) }, larderOf([]), cool)!;
  assert.equal(setting.layers[0]!.reason.isAssumed, true);
});

test('law: a place fitted to the time calculated for it is that place again', () => {
  for (const place of ['room', 'fridge'] as const) {
    const bare = {
      ...ryeSlice,
      layers: ryeSlice.layers.map(({ set, ...layer }) => ({ ...layer, set: { ...set, minMinutes: 0 } })),
    };
    const [base] = settingFor(bare, demoLarder, cool, {}, [{ place, minutes: 60 }])!.layers;
    const h = fittedCoefficient(bare, demoLarder, cool, { layer: base!.id, minutes: base!.setAfterMinutes!, place })!;
    assert.ok(Math.abs(h / PLACE_AIR[place].h - 1) < 0.05, `${place} ${h}`);
    // A place in which it took twice as long has a smaller coefficient, and the next calculation uses it.
    const slow = fittedCoefficient(bare, demoLarder, cool, {
      layer: base!.id,
      minutes: 2 * base!.setAfterMinutes!,
      place,
    })!;
    assert.ok(slow < h);
    const [again] = settingFor(bare, demoLarder, { ...cool, placeH: { [place]: slow } }, {}, [
      { place, minutes: 60 },
    ])!.layers;
    assert.ok(Math.abs(again!.setAfterMinutes! - 2 * base!.setAfterMinutes!) <= 2);
  }
  assert.equal(fittedCoefficient(ryeSlice, demoLarder, cool, { layer: 'l2', minutes: 1, place: 'room' }), null);
});

test('a slab from the fridge collects condensation in a damp room until it has warmed up, and not in a dry one', () => {
  const wrapped = (humidityPercent: number) =>
    settingFor(ryeSlice, demoLarder, { ...cool, humidityPercent }, {}, [{ place: 'fridge', minutes: 60 }])!
      .wrappedMinutes;
  assert.ok(wrapped(80) > 10 && wrapped(80) > wrapped(65));
  assert.equal(wrapped(15), 0);
});

test('too much work is refused before it begins', () => {
  const tall: Slab = {
    ...ryeSlice,
    tin: { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 1000 },
    layers: Array.from({ length: 40 }, (_, i) => ({
      ...ryeSlice.layers[0]!,
      id: `l${i}`,
      from: [{ preparation: 'base', share: 0.025 }],
    })),
    scale: { mode: 'total-height', mm: 1000 },
  };
  assert.deepEqual(
    settingProblems(tall, demoLarder, shop).map(({ path, code }) => [path, code]),
    [['/slab/layers', 'too-much-setting']],
  );
  assert.deepEqual(settingProblems(ryeSlice, demoLarder, shop), []);
});
