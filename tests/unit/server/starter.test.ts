/** The starter list and the templates: plausible facts, names that are found, slabs that can be made at once. */
import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { test } from 'node:test';
import { allergensInName, larderOf, plainName } from '$core/larder';
import { larderMatch } from '$core/recipe';
import { readSlab } from '$core/slab';
import { plan, settingFor, workOf } from '$core/usecases';
import { readIngredient } from '../../../src/lib/server/requests/kept';
import { shop } from '../things';

const folder = new URL('../../../starter/', import.meta.url);
const rows = (JSON.parse(readFileSync(new URL('larder.json', folder), 'utf8')) as unknown[]).map((row) => {
  const read = readIngredient(row);
  assert.ok(read.ok, JSON.stringify(read));
  return read.value;
});
const starter = larderOf(rows);

test('at least 350 ingredients, each with density, composition, usual share and source, and none with a price', () => {
  assert.ok(rows.length >= 350, String(rows.length));
  const names = rows.flatMap(({ name, aliases = [] }) => [name, ...aliases].map(plainName));
  assert.equal(new Set(names).size, names.length);
  for (const { name, densityGPerMl, composition, usualPercent, source, packs } of rows) {
    assert.ok(densityGPerMl && composition && usualPercent && source, name);
    assert.equal(packs, undefined, name);
    assert.ok(usualPercent.from < usualPercent.to, name);
  }
});

test('law: the parts of 100 g are 100 g; saturates are part of fat, starch and fibre of the rest, kinds of sugar of the sugars', () => {
  for (const { name, composition, sugarKinds = {} } of rows) {
    const { water, sugars, fat, protein, other, saturates = 0, starch = 0, fibre = 0 } = composition!;
    const sum = water + sugars + fat + protein + other;
    assert.ok(sum > 99 && sum <= 101, `${name}: ${sum}`);
    assert.ok(saturates <= fat, name);
    // Food tables measure each part by itself; a few g are between them.
    assert.ok(starch + fibre <= other + 2.5, `${name}: ${starch} + ${fibre} in ${other}`);
    const kinds = Object.values(sugarKinds).reduce((all, part) => all + (part ?? 0), 0);
    assert.ok(kinds <= sugars + 0.1, `${name}: ${kinds} of ${sugars}`);
    assert.ok(fat < 95 || water < 5, name);
  }
});

test('published values: butter, caster sugar, plain flour, whole egg and golden syrup as in food tables', () => {
  const of = (name: string) => larderMatch(name, starter)!;
  assert.deepEqual([of('unsalted butter').composition!.fat, of('butter').composition!.saturates], [81.1, 50.5]);
  assert.deepEqual([of('granulated sugar').composition!.sugars, of('caster sugar').densityGPerMl], [99.8, 0.85]);
  assert.deepEqual(
    [of('all-purpose flour').composition!.protein, of('plain flour').allergens],
    [10.3, ['gluten', 'wheat']],
  );
  assert.deepEqual([of('eggs').unitMassG, of('egg yolk').unitMassG, of('egg white').unitMassG], [50, 17, 33]);
  assert.ok(of('golden syrup').densityGPerMl! > 1.4);
});

test('every template names only what the starter list knows, weighs, sets and is scheduled', () => {
  const files = readdirSync(new URL('patterns/', folder));
  assert.equal(files.length, 6);
  for (const file of files) {
    const read = readSlab(readFileSync(new URL(`patterns/${file}`, folder), 'utf8'));
    assert.ok(read.ok, file);
    const slab = read.value;
    for (const { ingredient } of slab.preparations.flatMap(({ lines }) => lines))
      assert.equal(larderMatch(ingredient, starter)?.name, ingredient, file);
    const { preparations, checks } = plan(slab, starter, shop);
    assert.ok(
      preparations.every(({ lines }) => lines.every(({ massG }) => massG !== null)),
      file,
    );
    const told = checks.map(({ code }) => code).filter((code) => !['no-price', 'tin-not-on-rack'].includes(code));
    assert.deepEqual(told, [], file);
    const setting = settingFor(slab, starter, { ...shop, roomC: 20 }, {}, []);
    assert.ok(setting && setting.layers.every(({ setAfterMinutes }) => setAfterMinutes !== null), file);
    assert.equal(workOf(slab, starter, { ...shop, roomC: 20 }).hindrance, null, file);
  }
});

test('law: an entry declares every allergen that its name or an alias states, unless it differs from product to product', () => {
  for (const { name, aliases = [], allergens } of rows) {
    if (!allergens) continue;
    const stated = [name, ...aliases].flatMap((called) => allergensInName(called));
    assert.deepEqual(
      stated.filter((allergen) => !allergens.includes(allergen)),
      [],
      name,
    );
  }
});
