import assert from 'node:assert/strict';
import { test } from 'node:test';
import { contactC, dewPointC, pourAtMostC, thermalOf } from '../../../src/core/setting';
import { close } from '../figures';
import { demoIngredients } from '../things';

test('properties of foods: water, fat and sugar as the tables say, and air makes a crumb insulate', () => {
  const pure = (part: string) => ({ water: 0, sugars: 0, fat: 0, protein: 0, other: 0, [part]: 1 });
  const water = thermalOf(pure('water'), null, 20)!;
  assert.ok(close(water.k, 0.6037, 2e-3) && close(water.cp, 4176.6, 2e-3) && close(water.rho, 997, 1e-9));
  const chocolate = demoIngredients.find(({ name }) => name === 'dark chocolate')!.composition!;
  const solid = thermalOf(chocolate, null)!;
  assert.ok(solid.k > 0.15 && solid.k < 0.3 && solid.cp > 1500 && solid.cp < 2100, JSON.stringify(solid));
  assert.ok(thermalOf(chocolate, 0.6)!.k < solid.k / 1.5);
});

test('the contact of two alike is half way; a pour at its limit meets the lower layer just as it softens', () => {
  const a = { k: 0.25, rho: 1250, cp: 1900 };
  const b = { k: 0.4, rho: 900, cp: 2600 };
  assert.ok(close(contactC({ ...a, celsius: 60 }, { ...a, celsius: 20 }), 40));
  const most = pourAtMostC(a, { ...b, celsius: 18 }, 28);
  assert.ok(close(contactC({ ...a, celsius: most }, { ...b, celsius: 18 }), 28));
});

test('dew points by psychrometric tables: 21 C at 60 % is 12.9 C, 25 C at 50 % is 13.9 C', () => {
  assert.ok(Math.abs(dewPointC(21, 0.6) - 12.9) < 0.1);
  assert.ok(Math.abs(dewPointC(25, 0.5) - 13.9) < 0.1);
  assert.ok(close(dewPointC(18, 1), 18, 1e-6));
});
