/** What a tin's faces meet in each place, the contact temperature of a pour, and when a face collects condensation. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { contactC, dewPointC, facesIn, pourAtMostC, warmFaceFactor } from '$core/setting';
import { close } from '../figures';

test('faces: on a shelf the base gets half the air, on a rack all; foil halves the top; marble draws sixty', () => {
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

test('a warm face loses heat faster: as in handbooks 9 W/m² K at 10 K above the room, 13.3 at 75 K', () => {
  assert.ok(Math.abs(8 * warmFaceFactor(31, 21) - 9) < 0.5);
  assert.ok(Math.abs(8 * warmFaceFactor(96, 21) - 13.3) < 0.5);
  assert.deepEqual([warmFaceFactor(21, 21), warmFaceFactor(5, 21)], [1, 1]);
  const faces = facesIn('room', { roomC: 20 }, { on: 'shelf', foil: true }, { top: 130, bottom: 75 });
  assert.deepEqual([faces.top.h, faces.bottom.h], [8, 6]);
  const stone = facesIn('marble', { roomC: 20 }, { on: 'rack', foil: false }, { top: 20, bottom: 130 });
  assert.equal(stone.bottom.h, 60);
});

test('the contact temperature of two equal layers is the mean; a pour at its limit meets the lower layer just as it softens', () => {
  const a = { k: 0.25, rho: 1250, cp: 1900 };
  const b = { k: 0.4, rho: 900, cp: 2600 };
  assert.ok(close(contactC({ ...a, celsius: 60 }, { ...a, celsius: 20 }), 40));
  const most = pourAtMostC(a, { ...b, celsius: 18 }, 28);
  assert.ok(close(contactC({ ...a, celsius: most }, { ...b, celsius: 18 }), 28));
});

test('two bodies meet at a temperature weighted by their effusivity: sqrt(k rho cp)', () => {
  const like = { k: 0.25, rho: 1200, cp: 2000 };
  assert.ok(close(contactC({ ...like, celsius: 80 }, { ...like, celsius: 20 }), 50));
  // Four times the conductivity is twice the effusivity: two parts of the one, one of the other.
  assert.ok(close(contactC({ ...like, k: 1, celsius: 80 }, { ...like, celsius: 20 }), 60));
  assert.ok(close(pourAtMostC(like, { ...like, celsius: 20 }, 28), 36));
  assert.ok(close(pourAtMostC({ ...like, k: 1 }, { ...like, celsius: 20 }, 28), 32));
});

test('a heavy syrup at 100 C on a light crumb at 20 C meets it at 76 C, and has to be poured at 55.7 C to keep it at 45 C', () => {
  const syrup = { k: 0.3, rho: 1300, cp: 2500 }; // sqrt(975,000) = 987.42
  const crumb = { k: 0.2, rho: 600, cp: 1500, celsius: 20 }; // sqrt(180,000) = 424.26
  assert.ok(close(contactC({ ...syrup, celsius: 100 }, crumb), (98_742.1 + 8485.3) / 1411.68, 1e-4));
  assert.ok(close(pourAtMostC(syrup, crumb, 45), 45 + (424.264 / 987.421) * 25, 1e-5));
});

test('dew points of psychrometric tables: 21 C at 60 % is 12.9 C, 25 C at 50 % is 13.9 C', () => {
  assert.ok(Math.abs(dewPointC(21, 0.6) - 12.9) < 0.1);
  assert.ok(Math.abs(dewPointC(25, 0.5) - 13.9) < 0.1);
  assert.ok(close(dewPointC(18, 1), 18, 1e-6));
});

test('condensation: at 21 C and 60 % below 12.9 C, at 100 % at once; a dry room counts as one percent', () => {
  assert.equal(dewPointC(21, 0.6).toFixed(1), '12.9');
  assert.equal(dewPointC(21, 1).toFixed(3), '21.000');
  assert.equal(dewPointC(21, 1.4), dewPointC(21, 1));
  assert.equal(dewPointC(21, 0), dewPointC(21, 0.01));
});
