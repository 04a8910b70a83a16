/** What is assumed for ingredients without a composition. */
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from 'node:test';
import { usualOf } from '$core/classify';
import { near } from '../figures';

interface Row {
  readonly name: string;
  readonly densityGPerMl?: number;
  readonly composition?: { readonly water: number; readonly sugars: number; readonly fat: number };
}
const list = 'starter/larder.json';
const starter = JSON.parse(readFileSync(list, 'utf8')) as readonly Row[];

test('an ingredient without a composition is taken as its kind, found by its name', () => {
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

test('law: what is assumed for a kind is near what the starter list has for it', () => {
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
  // Bran, popcorn and the like have names without a kind.
  assert.ok(off.length <= starter.length * 0.05, off.join('\n'));
});

test('each kind has its own word; the more specific one is tried first', () => {
  const words: Readonly<Record<string, string>> = {
    'coconut cream': 'coconut milk',
    'condensed milk': 'condensed milk',
    'evaporated milk': 'evaporated milk',
    'full cream milk powder': 'milk powder',
    'whey protein powder': 'milk powder',
    'cream cheese': 'cream cheese',
    'almond butter': 'nut paste',
    'almond and hazelnut paste': 'nut paste',
    'dark chocolate': 'chocolate',
    'cocoa powder': 'cocoa',
    'orange juice': 'juice',
    'rolled oats': 'oats',
    'digestive biscuits': 'biscuits',
    'puffed rice': 'puffed cereal',
    'mini marshmallows': 'marshmallows',
    'egg white powder': 'dried egg',
    'dried egg': 'dried egg',
    'egg whites': 'egg white',
    'egg yolks': 'egg yolk',
    'large eggs': 'egg',
    'desiccated coconut': 'coconut',
    'dried cranberries': 'dried fruit',
    currants: 'dried fruit',
    date: 'dried fruit',
    'chopped walnuts': 'nuts',
    'powdered sugar': 'icing sugar',
    'golden syrup': 'syrup',
    honey: 'syrup',
    'whipping cream': 'cream',
    'skimmed milk': 'milk',
    'leaf gelatine': 'gelatine',
    'sea salt': 'salt',
    'baking powder': 'leavening',
    'vanilla extract': 'extract',
    'raspberry jam': 'jam',
    'caraway seeds': 'spice',
    'fresh raspberries': 'berries',
    'ground ginger': 'spice',
    'candied peel': 'candied fruit',
    'freeze-dried raspberries': 'freeze-dried fruit',
    'lemon zest': 'zest',
    'sunflower oil': 'oil',
    'cold water': 'water',
  };
  assert.deepEqual(Object.fromEntries(Object.keys(words).map((name) => [name, usualOf(name).as])), words);
});

test('parts that are not given are the rest of 100 g', () => {
  near(Object.values(usualOf('egg whites').composition!), [88, 0.7, 0.2, 10.5, 0.6]);
  near(Object.values(usualOf('whipping cream').composition!), [60, 3, 35, 2, 0]);
  for (const name of ['sea salt', 'rolled oats', 'baking powder', 'lemon zest', 'sunflower oil']) {
    const { water, sugars, fat, protein, other } = usualOf(name).composition!;
    assert.ok(other >= 0);
    near([water + sugars + fat + protein + other], [100]);
  }
});
