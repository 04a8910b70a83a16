/** When a layer takes the next, is cut, and until when: figures of one still layer, worked by hand or checked another way. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { heatRun, HeatStack, heatWork } from '$core/heat';
import { facesIn, glassFirmness, settingOf, settingWork, type PouredLayer } from '$core/setting';
import { close } from '../figures';
import { room, still, support } from './still';

test('the cut window: none for what is soft; as long again as it took to set for what is brittle, at least 20 min', () => {
  const soft = settingOf([still], [], room, support);
  const took = soft.layers[0]!.setAfterMinutes!;
  assert.deepEqual(soft.cutWindow, { fromMinutes: took, toMinutes: null });
  const brittle = settingOf([{ ...still, brittle: true }], [], room, support);
  assert.ok(took > 20);
  assert.deepEqual(brittle.cutWindow, { fromMinutes: took, toMinutes: 2 * took });
  const quick = settingOf([{ ...still, brittle: true, pourC: 26 }], [], room, support);
  assert.ok(quick.layers[0]!.setAfterMinutes! < 20);
  assert.equal(quick.cutWindow.toMinutes! - quick.cutWindow.fromMinutes!, 20);
  // The layers below a soft top may be brittle: the top decides.
  const under = settingOf(
    [
      { ...still, brittle: true },
      { ...still, id: 'b' },
    ],
    [],
    room,
    support,
  );
  assert.equal(under.cutWindow.toMinutes, null);
});

test('a layer that must be covered within two hours is laid on while hot; with longer it waits', () => {
  const next = { ...still, id: 'b' };
  const waits = (part: Partial<PouredLayer>) =>
    settingOf([{ ...still, thicknessMm: 40, ...part }, next], [], room, support).layers[0]!;
  const set = waits({}).setAfterMinutes!;
  assert.ok(set > 150);
  assert.equal(waits({ maxMinutes: 121 }).nextFromMinutes, set);
  assert.equal(waits({ maxMinutes: 120 }).nextFromMinutes, 0);
  assert.equal(waits({ minMinutes: 7, maxMinutes: 60 }).nextFromMinutes, 7);
  assert.equal(waits({ minMinutes: 90, maxMinutes: 60 }).nextFromMinutes, 60);
  assert.equal(settingOf([still, { ...next, together: true }], [], room, support).layers[0]!.nextFromMinutes, 0);
  assert.equal(waits({ minMinutes: set + 33 }).setAfterMinutes, set + 33);
});

test('a layer that never sets is shown for four hours, one that has set for an hour more; two days are searched', () => {
  const never = settingOf([{ ...still, setC: 10 }], [], room, support);
  assert.deepEqual(
    [never.layers[0]!.setAfterMinutes, never.layers[0]!.nextFromMinutes, never.minutes.length],
    [null, null, 241],
  );
  assert.equal(never.cutWindow.fromMinutes, null);
  const done = settingOf([still], [], room, support);
  assert.equal(done.minutes.length, done.layers[0]!.setAfterMinutes! + 61);
  const slow = settingOf([{ ...still, minMinutes: 48 * 60 }], [], room, support);
  assert.equal(slow.layers[0]!.setAfterMinutes, 48 * 60);
  assert.equal(settingOf([{ ...still, minMinutes: 48 * 60 + 1 }], [], room, support).layers[0]!.setAfterMinutes, null);
});

test('in another place from the minute it is moved, and its last place goes on', () => {
  const moved = settingOf(
    [still],
    [
      { place: 'room', minutes: 10 },
      { place: 'freezer', minutes: 1 },
    ],
    room,
    support,
  );
  const only = settingOf([still], [{ place: 'room', minutes: 1 }], room, support);
  assert.deepEqual(moved.layers[0]!.curve.meanC.slice(0, 11), only.layers[0]!.curve.meanC.slice(0, 11));
  assert.ok(moved.layers[0]!.curve.meanC[12]! < only.layers[0]!.curve.meanC[12]! - 0.5);
  assert.ok(moved.layers[0]!.setAfterMinutes! < only.layers[0]!.setAfterMinutes!);
});

test('foil and a rack count: covered it sets later, on a rack sooner', () => {
  const minutes = (on: 'shelf' | 'rack', foil: boolean) =>
    settingOf([still], [], room, { on, foil }).cutWindow.fromMinutes!;
  assert.ok(minutes('shelf', true) > minutes('shelf', false));
  assert.ok(minutes('rack', false) < minutes('shelf', false));
});

test('a wait has its reason: cooled through, cold before its time, never cold here, and what was assumed', () => {
  const why = (part: Partial<PouredLayer>) => settingOf([{ ...still, ...part }], [], room, support).layers[0]!.reason;
  const of = { layer: 'A', isAssumed: false };
  assert.deepEqual(why({}), { ...of, code: 'cooled', toC: 25 });
  assert.deepEqual(why({ minMinutes: 600 }), { ...of, code: 'minimum-wait', minutes: 600 });
  const took = settingOf([still], [], room, support).layers[0]!.setAfterMinutes!;
  assert.equal(why({ minMinutes: took - 1 }).code, 'minimum-wait');
  assert.equal(why({ minMinutes: took - 2 }).code, 'cooled');
  // Cold from the start is not "cold before its time" without a minimum time.
  assert.equal(why({ pourC: 20 }).code, 'cooled');
  const never = why({ setC: 10 });
  assert.ok(never.code === 'never-cold' && never.neededC === 10 && never.staysAtC > 18 && never.staysAtC < 19);
  assert.deepEqual(why({ assumed: true }), { ...of, isAssumed: true, code: 'cooled', toC: 25 });
});

test('contact: only a softer layer below melts, above its softening point; the lowest meets nothing', () => {
  const on = (softensC: number | null, pourC: number) =>
    settingOf(
      [
        { ...still, softensC },
        { ...still, id: 'b', pourC },
      ],
      [],
      room,
      support,
    ).layers;
  const [low, top] = on(28, 60);
  assert.deepEqual([low!.contactC, low!.meltsBelow, low!.pourAtMostC], [null, false, null]);
  // Two equal layers meet half way between 60 C and a face at about 24 C: 42 C.
  assert.ok(top!.contactC! > 38 && top!.contactC! < 43 && top!.meltsBelow);
  const face = 2 * top!.contactC! - 60;
  assert.ok(close(top!.pourAtMostC!, 2 * 28 - face, 1e-6));
  assert.equal(on(28, 30)[1]!.meltsBelow, false);
  assert.deepEqual([on(null, 60)[1]!.meltsBelow, on(null, 60)[1]!.pourAtMostC], [false, null]);
  assert.equal(on(null, 60)[1]!.contactC, top!.contactC);
});

test('minute by minute: the face is the end of the last curve, and time goes on from pour to pour', () => {
  const setting = settingOf([still, { ...still, id: 'b' }], [], room, support);
  assert.deepEqual(setting.minutes.slice(0, 4), [0, 1, 2, 3]);
  assert.equal(setting.layers[1]!.pouredAt, setting.layers[0]!.nextFromMinutes);
  assert.ok(Math.abs(setting.faceC - setting.layers[1]!.curve.upperC.at(-1)!) < 0.2);
  // Warmed again by the pour, the lower layer is cut only after it has cooled again.
  const cutsAt = setting.layers.map(({ pouredAt, states }) => pouredAt + states.cuts!);
  assert.equal(setting.cutWindow.fromMinutes, Math.max(...cutsAt));
  const never = settingOf(
    [
      { ...still, setC: 10 },
      { ...still, id: 'b' },
    ],
    [],
    room,
    support,
  );
  assert.deepEqual([never.layers.length, never.cutWindow.fromMinutes], [1, null]);
});

test('wrapped from the freezer until there is no more condensation: longer in a damp room, never where it is dry', () => {
  const cold = { ...still, place: 'freezer', minMinutes: 300 } as const;
  const wrapped = (dewC: number | undefined, on: 'shelf' | 'rack' = 'shelf') =>
    settingOf([cold], [], { ...room, dewC }, { on, foil: false }).wrappedMinutes;
  assert.equal(wrapped(undefined), 0);
  assert.equal(wrapped(-20), 0);
  assert.ok(wrapped(2) > 0 && wrapped(10) > wrapped(2) && wrapped(10) % 5 === 0);
  assert.ok(wrapped(10, 'rack') < wrapped(10));
  // A room at its own dew point is never reached: the search ends after six hours.
  assert.equal(wrapped(18), 360);
  // Under foil: the same slab without it warms sooner.
  const bare = heatRun([{ ...cold, startC: -17 }], [{ minutes: 360, ...facesIn('room', room, support) }], 5);
  assert.ok(bare.minutes[bare.layers[0]!.meanC.findIndex((celsius) => celsius >= 10)]! < wrapped(10));
});

test('a stack higher than ten centimetres is calculated in coarser cells, so that it costs no more', () => {
  const stack = (layers: number) =>
    Array.from({ length: layers }, (_, i) => ({ ...still, id: `t${i}`, thicknessMm: 25 }));
  // While one sets, those above it are not there: half of (n + 1) runs of the whole.
  assert.ok(close(settingWork([still]), heatWork([still], 2880, Infinity)));
  assert.ok(close(settingWork(stack(3)), 2 * heatWork(stack(3), 2880, Infinity)));
  // Eight of them are twice as high as fine cells go: cells of twice the size, half as many.
  assert.ok(close(settingWork(stack(8)), 4.5 * heatWork(stack(8), 2880, Infinity, 1)));
  const thick = Array.from({ length: 50 }, (_, i) => ({ ...still, id: `t${i}`, thicknessMm: 25 }));
  assert.ok(settingWork(thick) > 1 && settingWork(thick.slice(0, 5)) < 1);
});

test('checked another way: minute by minute through both places and both pours, from the heat alone', () => {
  const stays = [
    { place: 'room', minutes: 10 },
    { place: 'fridge', minutes: 1 },
  ] as const;
  const layers = [
    { ...still, minMinutes: 20, maxMinutes: 20 },
    { ...still, id: 'b', pourC: 45 },
  ];
  const found = settingOf(layers, stays, room, support);
  /** Coefficients of the faces at their actual temperature. */
  const meets = (place: 'room' | 'fridge', stack: HeatStack) =>
    facesIn(place, room, support, {
      top: stack.layer(stack.layerCount - 1).upperC,
      bottom: stack.layer(0).lowerC,
    });
  const first = new HeatStack([{ ...layers[0]!, startC: 60 }]);
  const means: number[] = [];
  for (let minute = 0; minute < 20; minute++) {
    means.push(first.layer(0).meanC);
    if (minute < 10) first.advance(meets('room', first), minute * 60, 60);
    else first.advance(meets('fridge', first), (minute - 10) * 60, 60);
  }
  const both = new HeatStack(
    layers.map((layer) => ({ ...layer, startC: layer.pourC })),
    first.celsius,
  );
  // After a pour everything starts again: short steps.
  for (let minute = 0; minute < 15; minute++) {
    means.push(both.layer(0).meanC);
    both.advance(meets('fridge', both), minute * 60, 60);
  }
  assert.equal(found.layers[0]!.nextFromMinutes, 20);
  assert.deepEqual(found.layers[0]!.curve.meanC.slice(0, 35), means);
  assert.deepEqual(found.layers[1]!.curve.meanC.slice(0, 20), Array(20).fill(NaN));
  assert.equal(found.layers[1]!.curve.meanC[20], 45);
  assert.equal(found.layers[1]!.curve.meanC[35], both.layer(1).meanC);
});

test('the final face is the end of what is shown, set or not', () => {
  for (const layers of [[still], [{ ...still, setC: 10 }], [still, { ...still, id: 'b' }]]) {
    const { faceC, layers: waits } = settingOf(layers, [], room, support);
    assert.equal(faceC, waits.at(-1)!.curve.upperC.at(-1));
  }
});

test('hot on hot: the lower layer alone has no result of its own', () => {
  const alone = settingOf([still], [], room, support).layers[0]!;
  const set = alone.setAfterMinutes!;
  const next = { ...still, id: 'b' };
  const on = (part: Partial<PouredLayer>) => settingOf([{ ...still, ...part }, next], [], room, support).layers;
  // Set within its time, it is laid on as soon as it is set; a minute later than that it is still hot.
  assert.equal(on({ maxMinutes: set })[0]!.nextFromMinutes, set);
  const hot = on({ maxMinutes: set - 1 });
  assert.equal(hot[0]!.nextFromMinutes, 0);
  // Below another hot one it is firm later than alone.
  assert.ok(hot[0]!.states.cuts! > set + 20, `${hot[0]!.states.cuts} ${set}`);
  assert.equal(hot[0]!.setAfterMinutes, set);
});

test('times from each layer’s own pour: when it takes the next one, and when it can be cut after the last', () => {
  const three = [still, { ...still, id: 'b' }, { ...still, id: 'c' }];
  const { layers, cutWindow } = settingOf(three, [], room, support);
  assert.ok(layers[1]!.pouredAt > 20 && layers[2]!.pouredAt > layers[1]!.pouredAt);
  assert.equal(layers[1]!.states.takesNext, layers[1]!.nextFromMinutes);
  assert.equal(layers[2]!.nextFromMinutes, cutWindow.fromMinutes! - layers[2]!.pouredAt);
  const never = settingOf([{ ...still, setC: 10, brittle: true }], [], room, support);
  assert.deepEqual(never.cutWindow, { fromMinutes: null, toMinutes: null });
});

test('the others are followed for eight hours after the last is set, and it is packed when it is cool enough', () => {
  const top = { ...still, id: 'b', together: true };
  const below = (minMinutes: number) => settingOf([{ ...still, minMinutes }, top], [], room, support);
  const set = below(0).layers[1]!.setAfterMinutes!;
  assert.equal(below(set + 480).layers[0]!.states.cuts, set + 480);
  assert.equal(below(set + 480).cutWindow.fromMinutes, set + 480);
  assert.equal(below(set + 481).layers[0]!.states.cuts, null);
  assert.equal(below(set + 481).cutWindow.fromMinutes, set);
  // Set at 40 °C, it is packed at 25 °C, hours later.
  const { states, setAfterMinutes } = settingOf([{ ...still, thicknessMm: 40, setC: 45 }], [], room, support)
    .layers[0]!;
  assert.ok(states.packs! > setAfterMinutes! + 100);
});

test('a hard-ball caramel is cut while lukewarm, and in the fridge sooner; a softer one at any time in the room', () => {
  const caramel = (transitionC: number): PouredLayer => ({
    ...{ ...still, name: 'Caramel', setC: null, pourC: 100 },
    firmness: glassFirmness(transitionC, false),
  });
  const of = (transitionC: number, place: 'room' | 'fridge') =>
    settingOf([{ ...caramel(transitionC), place }], [], room, support);
  const firm = of(-2, 'room');
  const { fromMinutes, toMinutes } = firm.cutWindow;
  // From 53 K above its glass transition to 26 K above it, in a room of 18 °C.
  const middle = firm.layers[0]!.curve.middleC;
  assert.ok(middle[fromMinutes!]! <= 51 && middle[fromMinutes! - 1]! > 51);
  assert.ok(toMinutes! > fromMinutes! + 20);
  if (toMinutes! < middle.length) assert.ok(middle[toMinutes!]! <= 24 && middle[toMinutes! - 1]! > 24);
  assert.deepEqual(firm.cutLimit, { layer: 'Caramel', why: 'too-firm' });
  assert.ok(of(-2, 'fridge').cutWindow.toMinutes! < toMinutes!);
  const soft = of(-20, 'room');
  assert.deepEqual([soft.cutWindow.toMinutes, soft.cutLimit], [null, null]);
  assert.notEqual(of(-20, 'fridge').cutWindow.toMinutes, null);
});
