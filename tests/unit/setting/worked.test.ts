/** Figures of the setting worked by hand: what each behaviour lays, sets and softens at, places, feet and foil, the cut window. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  ASSUMED_THERMAL,
  contactC,
  dewPointC,
  facesIn,
  firmnessOf,
  heatRun,
  heatWork,
  pouredLayers,
  pourAtMostC,
  settingOf,
  settingWork,
  thermalOf,
  type PouredLayer,
  type Stuff,
} from '../../../src/core/setting';
import { expandDividedLines, type Layer, type Preparation, type Slab } from '../../../src/core/slab';
import { scaleSlab, settingFor, settingProblems } from '../../../src/core/usecases';
import { close } from '../figures';
import { demoLarder, ryeSlice, shop } from '../things';

const tin = { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 60 } as const;
const lines = (...of: readonly [string, number][]): Preparation['lines'] =>
  of.map(([ingredient, quantity]) => ({ ingredient, quantity, unit: 'g' }));
const slabOf = (preparation: Omit<Preparation, 'id' | 'name'>, layer: Partial<Layer> = {}): Slab => ({
  ...ryeSlice,
  tin,
  preparations: [{ id: 'p', name: 'P', ...preparation }],
  layers: [{ id: 'l', name: 'L', spread: 'level', from: [{ preparation: 'p', share: 1 }], ...layer }],
});
function poured(slab: Slab): PouredLayer {
  const laid = expandDividedLines(slab);
  const { mixtures, scaling } = scaleSlab(laid, demoLarder, shop, {});
  return pouredLayers(laid, mixtures, scaling.slabs[0]!, 21)[0]!;
}
const baked = { steps: [{ id: 'b', text: 'Bake', minutes: 20, ovenC: 165 }] };

test('what each kind of layer is laid at, becomes firm by, softens at, and whether it cracks under a cold blade', () => {
  const cases: readonly (readonly [string, Slab, number, Stuff, number | null, boolean])[] = [
    ['chocolate', slabOf({ lines: lines(['dark chocolate', 300]) }), 32, 'melted chocolate', 28, true],
    ['a gel', slabOf({ lines: lines(['water', 200], ['gelatine leaf', 6]) }), 20, 'slow gel', 27, false],
    [
      'a hard boil',
      slabOf({ lines: lines(['caster sugar', 300], ['water', 90]), cookTo: { celsius: 146 } }),
      146,
      'glass',
      null,
      true,
    ],
    [
      'a soft boil',
      slabOf({ lines: lines(['caster sugar', 300], ['whipping cream', 200]), cookTo: { celsius: 104 } }),
      104,
      'glass',
      60,
      false,
    ],
    [
      'a hot soft boil',
      slabOf({ lines: lines(['caster sugar', 300], ['whipping cream', 200]), cookTo: { celsius: 118 } }),
      105,
      'glass',
      60,
      false,
    ],
    ['a baked base', slabOf({ lines: lines(['rye flour', 200], ['butter', 150]), ...baked }), 90, 'baked', null, false],
    ['a crumb', slabOf({ lines: lines(['oat biscuit crumbs', 200], ['butter', 90]) }), 20, 'milk fat', null, false],
    ['a butter cream', slabOf({ lines: lines(['icing sugar', 200], ['butter', 150]) }), 20, 'milk fat', 25, false],
    ['a jam', slabOf({ lines: lines(['pear puree', 300]) }), 20, 'cold', null, false],
  ];
  for (const [name, slab, pourC, stuff, softensC, brittle] of cases) {
    const layer = poured({ ...slab, cut: { columns: 6, rows: 4, tool: 'cold blade' } });
    assert.deepEqual(
      [layer.pourC, layer.setC, layer.firmness.stuff, layer.softensC, layer.brittle],
      [pourC, null, stuff, softensC, brittle],
      name,
    );
  }
  const said = poured(
    slabOf(
      { lines: lines(['dark chocolate', 300]) },
      { pourC: 45, set: { toC: 16, minMinutes: 9, maxMinutes: 70, place: 'fridge' } },
    ),
  );
  assert.deepEqual([said.pourC, said.setC, said.minMinutes, said.maxMinutes, said.place], [45, 16, 9, 70, 'fridge']);
  assert.deepEqual(
    [poured(slabOf({ lines: lines(['pear puree', 300]) })).place, poured(slabOf({ lines: [] })) ?? null],
    ['room', null],
  );
});

test('a warm blade cracks nothing, and what is frozen, tempered, beaten or whipped becomes firm in its own way', () => {
  const chocolate = slabOf({ lines: lines(['dark chocolate', 300]) });
  for (const [tool, cracks] of [
    ['hot blade', false],
    ['score and snap', false],
    ['wire', true],
  ] as const)
    assert.equal(poured({ ...chocolate, cut: { columns: 1, rows: 1, tool } }).brittle, cracks);
  const stuff = (...from: Parameters<typeof slabOf>) => poured(slabOf(...from)).firmness.stuff;
  const step = (text: string) => ({ steps: [{ id: 's', text, minutes: 5 }] });
  const dark = lines(['dark chocolate', 300]);
  assert.equal(stuff({ lines: dark, ...step('Melt two thirds, stir in the rest') }), 'tempered chocolate');
  assert.equal(stuff({ lines: dark }, { pourC: 32 }), 'tempered chocolate');
  assert.equal(stuff({ lines: dark }, { pourC: 40 }), 'melted chocolate');
  const fudge = { lines: lines(['caster sugar', 300], ['whipping cream', 200]), cookTo: { celsius: 114 } };
  assert.equal(stuff({ ...fudge, ...step('Beat until it loses its gloss') }), 'grain');
  assert.equal(stuff(fudge, { texture: 'crystal' }), 'glass');
  assert.equal(stuff({ lines: lines(['water', 200], ['agar', 3]) }), 'fast gel');
  const whipped = { lines: lines(['caster sugar', 300], ['pasteurised egg white', 90]), cookTo: { celsius: 121 } };
  assert.deepEqual([stuff(whipped, { densityGPerMl: 0.5 }), stuff(whipped)], ['slow gel', 'glass']);
  assert.equal(stuff({ lines: lines(['pear puree', 300]) }, { set: { place: 'freezer' } }), 'ice');
  assert.equal(stuff({ lines: lines(['oat biscuit crumbs', 200], ['coconut oil', 90]) }), 'coconut fat');
});

test('heat that is given back: 45 J for each g of chocolate, that of milk fat, both where there are both', () => {
  const half = poured(slabOf({ lines: lines(['dark chocolate', 100], ['golden syrup', 100]), lossPercent: 0 }));
  assert.deepEqual(
    half.latents.map(({ jPerKg }) => jPerKg),
    [22_500],
  );
  // 150 g of butter in 300 g: 82 % of a half is fat, half of which is solid in the cold.
  const butter = poured(slabOf({ lines: lines(['icing sugar', 150], ['butter', 150]), lossPercent: 0 }));
  const sum = butter.latents.reduce((all, { jPerKg }) => all + jPerKg, 0);
  assert.ok(close(sum, 80_000 * 0.41 * 0.5, 0.03), String(sum));
  assert.deepEqual(poured(slabOf({ lines: lines(['pear puree', 300]) })).latents, []);
  const both = poured(slabOf({ lines: lines(['dark chocolate', 150], ['butter', 50]), lossPercent: 0 }));
  assert.ok(both.latents.length > 1 && both.firmness.stuff === 'melted chocolate');
  const unknown = poured(slabOf({ lines: lines(['moon dust', 300]) }));
  assert.ok(
    unknown.assumed &&
      unknown.k === ASSUMED_THERMAL.k &&
      unknown.rho === ASSUMED_THERMAL.rho &&
      unknown.cp === ASSUMED_THERMAL.cp,
  );
  assert.deepEqual(ASSUMED_THERMAL, { k: 0.3, rho: 1200, cp: 2300, latents: [] });
});

test('faces: a shelf lets half the air to the foot, a rack all; foil halves the top; marble draws sixty', () => {
  const places = { roomC: 19 };
  const on = (place: 'room' | 'fridge' | 'freezer' | 'marble', support: { on: 'shelf' | 'rack'; foil: boolean }) => {
    const { top, bottom } = facesIn(place, places, support);
    return [top.h, top.airC, bottom.h, bottom.airC];
  };
  const shelf = { on: 'shelf', foil: false } as const;
  assert.deepEqual(on('room', shelf), [8, 19, 4, 19]);
  assert.deepEqual(on('room', { on: 'rack', foil: false }), [8, 19, 8, 19]);
  assert.deepEqual(on('room', { on: 'rack', foil: true }), [4, 19, 8, 19]);
  assert.deepEqual(on('fridge', shelf), [7, 4, 3.5, 4]);
  assert.deepEqual(on('freezer', shelf), [9, -18, 4.5, -18]);
  assert.deepEqual(on('marble', { on: 'rack', foil: false }), [8, 19, 60, 19]);
  const own = facesIn('fridge', { roomC: 19, fitted: { fridge: 12 } }, { on: 'rack', foil: false });
  assert.deepEqual([own.top.h, own.bottom.h], [12, 12]);
});

const still: PouredLayer = {
  ...ASSUMED_THERMAL,
  id: 'a',
  name: 'A',
  thicknessMm: 12,
  pourC: 60,
  setC: 25,
  firmness: firmnessOf('cold'),
  minMinutes: 0,
  maxMinutes: null,
  softensC: null,
  brittle: false,
  place: 'room',
  together: false,
  assumed: false,
};
const support = { on: 'shelf', foil: false } as const;
const room = { roomC: 18 };

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
  // What lies below a soft top may be brittle: the top decides.
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

test('a layer whose next one has to come within two hours is laid on while it is hot; with longer it waits', () => {
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

test('what never sets is shown for four hours, what has set for an hour more; two days are looked at', () => {
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

test('in another place from the minute on which it is moved, and its last place goes on', () => {
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

test('two bodies meet between them by what each holds: sqrt(k rho cp)', () => {
  const like = { k: 0.25, rho: 1200, cp: 2000 };
  assert.ok(close(contactC({ ...like, celsius: 80 }, { ...like, celsius: 20 }), 50));
  // Four times the conductivity is twice the effusivity: two parts of the one, one of the other.
  assert.ok(close(contactC({ ...like, k: 1, celsius: 80 }, { ...like, celsius: 20 }), 60));
  assert.ok(close(pourAtMostC(like, { ...like, celsius: 20 }, 28), 36));
  assert.ok(close(pourAtMostC({ ...like, k: 1 }, { ...like, celsius: 20 }, 28), 32));
});

test('dew: 21 C at 60 % sweats below 12.9 C, at 100 % at once; a dry room counts as one percent', () => {
  assert.equal(dewPointC(21, 0.6).toFixed(1), '12.9');
  assert.equal(dewPointC(21, 1).toFixed(3), '21.000');
  assert.equal(dewPointC(21, 1.4), dewPointC(21, 1));
  assert.equal(dewPointC(21, 0), dewPointC(21, 0.01));
});

test('properties: water is water, and half of it air insulates', () => {
  const water = { water: 100, sugars: 0, fat: 0, protein: 0, other: 0 };
  const { k, rho, cp } = thermalOf(water, null, 30)!;
  // Choi and Okos at 30 C: 0.57109 + 0.052875 - 0.006033; 4176.2 - 2.726 + 4.926.
  assert.equal(k.toFixed(5), '0.61793');
  assert.equal(cp.toFixed(1), '4178.4');
  assert.equal(rho.toFixed(0), '997');
  const foam = thermalOf(water, 0.4985, 30)!;
  assert.equal(foam.rho.toFixed(1), '498.5');
  // Maxwell and Eucken with half of it air, k 0.026: 0.61793 x (1.26186 - 0.59193) / (1.26186 + 0.29597) = 0.26574.
  assert.equal(foam.k.toFixed(4), '0.2657');
  assert.equal(thermalOf({ ...water, water: 0 }, null), null);
});

test('heat out is heat lost, and work is reckoned before it is done', () => {
  const stack = [{ ...still, startC: 60 }];
  const face = { h: 8, airC: 20 };
  const run = heatRun(stack, [{ minutes: 240, top: face, bottom: face }], 10);
  assert.ok(close(run.outflowJ, run.enthalpyDropJ, 1e-6));
  // rho cp d: what 12 mm hold over so many degrees, J/m2.
  const degrees = 60 - run.layers[0]!.meanC.at(-1)!;
  assert.ok(close(run.enthalpyDropJ, 1200 * 2300 * 0.012 * degrees, 1e-6));
  assert.equal(run.minutes.length, 25);
  // 12 mm are 24 cells; a day takes 60 + 135 + 200 short steps and one a minute, and notes besides.
  assert.ok(close(heatWork(stack, 1440, Infinity), ((60 + 135 + 200 + 1440) * 24) / 15e6));
  assert.ok(close(heatWork(stack, 1440, 1), ((395 + 2880) * 24) / 15e6));
  const melting = [{ thicknessMm: 12, latents: [{ jPerKg: 1, fromC: 1, toC: 2 }] }];
  assert.ok(close(heatWork(melting, 1440, Infinity), 3 * heatWork(stack, 1440, Infinity)));
  // Thin layers have four cells, thick ones four hundred.
  assert.ok(close(heatWork([{ thicknessMm: 0.1, latents: [] }], 0, Infinity), (395 * 4) / 15e6));
  assert.ok(close(heatWork([{ thicknessMm: 5000, latents: [] }], 0, Infinity), (395 * 400) / 15e6));
  const thick = Array.from({ length: 50 }, (_, i) => ({ ...still, id: `t${i}`, thicknessMm: 25 }));
  assert.ok(settingWork(thick) > 1 && settingWork(thick.slice(0, 5)) < 1);
  const tall: Slab = {
    ...ryeSlice,
    tin: { ...tin, depthMm: 1000 },
    layers: Array.from({ length: 40 }, (_, i) => ({
      ...ryeSlice.layers[0]!,
      id: `l${i}`,
      from: [{ preparation: 'base', share: 0.025 }],
    })),
    scale: { mode: 'total-height', mm: 1000 },
  };
  assert.match(
    settingProblems(tall, demoLarder, shop)[0]!.message,
    /times as much as can be worked out at once: lay fewer/,
  );
  assert.deepEqual(settingProblems(ryeSlice, demoLarder, shop), []);
});

test('foil and a rack are followed: covered it sets later, on a rack sooner', () => {
  const minutes = (on: 'shelf' | 'rack', foil: boolean) =>
    settingFor(ryeSlice, demoLarder, { ...shop, roomC: 18 }, {}, [{ place: 'room', minutes: 60 }], { on, foil })!
      .cutWindow.fromMinutes!;
  assert.ok(minutes('shelf', true) > minutes('shelf', false));
  assert.ok(minutes('rack', false) < minutes('shelf', false));
});

test('properties of pure parts at 80 C, by the polynomials worked by hand', () => {
  const none = { water: 0, sugars: 0, fat: 0, protein: 0, other: 0 };
  for (const [part, k, cp] of [
    ['water', 0.66919, 4203.96],
    ['protein', 0.25708, 2096.51],
    ['fat', 0.15749, 2071.34],
    ['sugars', 0.28468, 1667.78],
    ['other', 0.28468, 1667.78],
  ] as const) {
    const found = thermalOf({ ...none, [part]: 100 }, null, 80)!;
    assert.ok(close(found.k, k, 1e-4), `${part} ${found.k}`);
    assert.ok(close(found.cp, cp, 1e-5), `${part} ${found.cp}`);
  }
});

test('a heavy syrup at 100 C on a light crumb at 20 C meets it at 76 C, and has to be poured at 55.7 C to keep it at 45 C', () => {
  const syrup = { k: 0.3, rho: 1300, cp: 2500 }; // sqrt(975,000) = 987.42
  const crumb = { k: 0.2, rho: 600, cp: 1500, celsius: 20 }; // sqrt(180,000) = 424.26
  assert.ok(close(contactC({ ...syrup, celsius: 100 }, crumb), (98_742.1 + 8485.3) / 1411.68, 1e-4));
  assert.ok(close(pourAtMostC(syrup, crumb, 45), 45 + (424.264 / 987.421) * 25, 1e-5));
});

test('a wait says why: cold right through, cold before its time, never cold here, and what was assumed', () => {
  const why = (part: Partial<PouredLayer>) => settingOf([{ ...still, ...part }], [], room, support).layers[0]!.why;
  assert.equal(why({}), 'A is down to 25 °C right through.');
  assert.equal(why({ minMinutes: 600 }), 'A is ready sooner, and needs its 600 minutes.');
  const took = settingOf([still], [], room, support).layers[0]!.setAfterMinutes!;
  assert.match(why({ minMinutes: took - 1 }), /needs its/);
  assert.match(why({ minMinutes: took - 2 }), /right through/);
  // Cold from the start is not cold before its time where no time is asked for.
  assert.match(why({ pourC: 20 }), /right through/);
  assert.match(
    why({ setC: 10 }),
    /^A does not get down to 10 °C here: it stays at 18\.\d °C\. Move it somewhere colder\.$/,
  );
  assert.match(why({ assumed: true }), /right through\. What A is made of is not known:/);
});

test('what meets: only a softer layer below melts, at more than it softens at; the lowest meets nothing', () => {
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
  // Alike, they meet half way between 60 C and a face at about 24 C: 42 C.
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
  // Warmed again by the pour, the lower layer is cut no sooner than it has cooled anew.
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

test('wrapped from the freezer until it no longer sweats: longer the damper the room, never where it is dry', () => {
  const cold = { ...still, place: 'freezer', minMinutes: 300 } as const;
  const wrapped = (dewC: number | undefined, on: 'shelf' | 'rack' = 'shelf') =>
    settingOf([cold], [], { ...room, dewC }, { on, foil: false }).wrappedMinutes;
  assert.equal(wrapped(undefined), 0);
  assert.equal(wrapped(-20), 0);
  assert.ok(wrapped(2) > 0 && wrapped(10) > wrapped(2) && wrapped(10) % 5 === 0);
  assert.ok(wrapped(10, 'rack') < wrapped(10));
  // A room at its own dew point is never come up to: six hours are as long as is looked at.
  assert.equal(wrapped(18), 360);
  // Under foil: the same slab left bare warms sooner.
  const bare = heatRun([{ ...cold, startC: -17 }], [{ minutes: 360, ...facesIn('room', room, support) }], 5);
  assert.ok(bare.minutes[bare.layers[0]!.meanC.findIndex((celsius) => celsius >= 10)]! < wrapped(10));
});

test('a stack higher than ten centimetres is worked out in coarser cells, so that it costs no more', () => {
  const stack = (layers: number) =>
    Array.from({ length: layers }, (_, i) => ({ ...still, id: `t${i}`, thicknessMm: 25 }));
  // While one sets, those above it are not there: half of (n + 1) runs of the whole.
  assert.ok(close(settingWork([still]), heatWork([still], 2880, Infinity)));
  assert.ok(close(settingWork(stack(3)), 2 * heatWork(stack(3), 2880, Infinity)));
  // Eight of them are twice as high as fine cells go: cells of twice the size, half as many.
  assert.ok(close(settingWork(stack(8)), 4.5 * heatWork(stack(8), 2880, Infinity, 1)));
});
