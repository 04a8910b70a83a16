/** What is taken of things of which nothing is known. */
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { usualOf } from '../../../src/core/classify';

interface Row {
  readonly name: string;
  readonly densityGPerMl?: number;
  readonly composition?: { readonly water: number; readonly sugars: number; readonly fat: number };
}
const list = 'starter/larder.json';
const starter = JSON.parse(readFileSync(list, 'utf8')) as readonly Row[];

test('a thing is taken as what it is called', () => {
  const taken = [
    'bread flour',
    'cornflour',
    'golden caster sugar',
    'oat milk',
    'peanut butter',
    'salted butter',
    'cream of tartar',
    'ripe pears',
    'silver pearls',
  ];
  assert.deepEqual(
    taken.map((name) => usualOf(name).as),
    ['flour', 'starch', 'sugar', 'plant drink', 'nut paste', 'butter', 'most things', 'fruit', 'most things'],
  );
  assert.equal(usualOf('egg whites').unitMassG, 33);
  assert.equal(usualOf('moon dust').as, 'most things');
  assert.equal(usualOf('moon dust').composition, undefined);
});

test('law: what is taken of a kind is near what the starter list has of it', () => {
  const off: string[] = [];
  for (const { name, densityGPerMl, composition } of starter) {
    const usual = usualOf(name);
    const times = densityGPerMl ? usual.densityGPerMl / densityGPerMl : 1;
    if (times < 0.5 || times > 2) off.push(`${name} as ${usual.as}: ${densityGPerMl} taken as ${usual.densityGPerMl}`);
    if (!composition || !usual.composition) continue;
    for (const part of ['water', 'sugars', 'fat'] as const) {
      const by = Math.abs(usual.composition[part] - composition[part]);
      if (by > 35) off.push(`${name} as ${usual.as}: ${part} ${composition[part]} taken as ${usual.composition[part]}`);
    }
  }
  // Bran, popcorn and the like are called after nothing that tells.
  assert.ok(off.length <= starter.length * 0.05, off.join('\n'));
});
