/** Figures of the setting worked by hand: what each behaviour lays, sets and softens at, places, feet and foil, the cut window. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  ASSUMED_THERMAL,
  contactC,
  dewPointC,
  facesIn,
  heatRun,
  heatWork,
  pouredLayers,
  pourAtMostC,
  settingOf,
  settingWork,
  thermalOf,
  type PouredLayer,
} from '../../../src/core/setting';
import { expandDividedLines, type Layer, type Preparation, type Slab } from '../../../src/core/slab';
import { scaleSlab, settingFor, settingProblems } from '../../../src/core/usecases';
import { close, demoLarder, ryeSlice, shop } from '../things';

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
  return pouredLayers(laid, mixtures, scaling.slabs[0]!)[0]!;
}
const baked = { steps: [{ id: 'b', text: 'Bake', minutes: 20, ovenC: 165 }] };

test('what each kind of layer is laid at, sets at, softens at, and whether it cracks', () => {
  const cases: readonly (readonly [string, Slab, number, number, number | null, boolean])[] = [
    ['chocolate', slabOf({ lines: lines(['dark chocolate', 300]) }), 32, 22, 28, true],
    ['a gel', slabOf({ lines: lines(['water', 200], ['gelatine leaf', 6]) }), 20, 25, 27, false],
    [
      'a hard boil',
      slabOf({ lines: lines(['caster sugar', 300], ['water', 90]), cookTo: { celsius: 146 } }),
      105,
      25,
      null,
      true,
    ],
    [
      'a soft boil',
      slabOf({ lines: lines(['caster sugar', 300], ['whipping cream', 200]), cookTo: { celsius: 104 } }),
      104,
      25,
      60,
      false,
    ],
    [
      'a hot soft boil',
      slabOf({ lines: lines(['caster sugar', 300], ['whipping cream', 200]), cookTo: { celsius: 118 } }),
      105,
      25,
      60,
      false,
    ],
    ['a baked base', slabOf({ lines: lines(['rye flour', 200], ['butter', 150]), ...baked }), 90, 25, null, false],
    ['a crumb', slabOf({ lines: lines(['oat biscuit crumbs', 200], ['butter', 90]) }), 20, 25, null, false],
    ['a butter cream', slabOf({ lines: lines(['icing sugar', 200], ['butter', 150]) }), 20, 25, 25, false],
    ['a jam', slabOf({ lines: lines(['pear puree', 300]) }), 20, 25, null, false],
  ];
  for (const [name, slab, pourC, setC, softensC, brittle] of cases) {
    const layer = poured(slab);
    assert.deepEqual([layer.pourC, layer.setC, layer.softensC, layer.brittle], [pourC, setC, softensC, brittle], name);
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

test('heat that is given back: 45 J for each g of chocolate, 40 for each g of butterfat, the larger of them', () => {
  const half = poured(slabOf({ lines: lines(['dark chocolate', 100], ['golden syrup', 100]), lossPercent: 0 }));
  assert.deepEqual(half.latent, { jPerKg: 22_500, fromC: 18, toC: 24 });
  // 150 g of butter in 300 g: 82 % of a half is fat.
  const butter = poured(slabOf({ lines: lines(['icing sugar', 150], ['butter', 150]), lossPercent: 0 }));
  assert.ok(close(butter.latent!.jPerKg, 40_000 * 0.41) && butter.latent!.fromC === 8 && butter.latent!.toC === 22);
  assert.equal(poured(slabOf({ lines: lines(['pear puree', 300]) })).latent, null);
  const unknown = poured(slabOf({ lines: lines(['moon dust', 300]) }));
  assert.ok(
    unknown.assumed &&
      unknown.k === ASSUMED_THERMAL.k &&
      unknown.rho === ASSUMED_THERMAL.rho &&
      unknown.cp === ASSUMED_THERMAL.cp,
  );
  assert.deepEqual(ASSUMED_THERMAL, { k: 0.3, rho: 1200, cp: 2300, latent: null });
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
  const melting = [{ thicknessMm: 12, latent: { jPerKg: 1, fromC: 1, toC: 2 } }];
  assert.ok(close(heatWork(melting, 1440, Infinity), 3 * heatWork(stack, 1440, Infinity)));
  // Thin layers have four cells, thick ones four hundred.
  assert.ok(close(heatWork([{ thicknessMm: 0.1, latent: null }], 0, Infinity), (395 * 4) / 15e6));
  assert.ok(close(heatWork([{ thicknessMm: 5000, latent: null }], 0, Infinity), (395 * 400) / 15e6));
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
