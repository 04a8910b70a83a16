/** Results are calculated once for the same inputs, names are found by their letters, and statements are prepared once. */
import assert from 'node:assert/strict';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { setTimeout } from 'node:timers/promises';
import fc from 'fast-check';
import { plainName } from '$core/larder';
import { openDatabase, type Db } from '../../../src/lib/server/db/open';
import { foundIngredients, ingredientsNamed, removeIngredient, saveIngredient } from '../../../src/lib/server/larder';
import { knownResult, quickResult, resultKey, resultOf } from '../../../src/lib/server/results';
import { keptSettings, saveSettings } from '../../../src/lib/server/shop';
import { addSlab, keepSlab, removeSlab, slabNamesFound } from '../../../src/lib/server/slabs';
import { ryeSlice } from '../things';
import { withoutPrices } from '../../../src/lib/server/tasks/cached';
import { migrations } from './migrations';

const folder = mkdtempSync(join(tmpdir(), 'knife-tray-results-'));
const NOW = '2026-11-27T09:00:00.000Z';
let db: Db;
before(async () => {
  db = await openDatabase(folder, migrations);
});
after(() => {
  db.close();
  rmSync(folder, { recursive: true, force: true });
});

test('a key depends on everything that a result depends on, and on nothing else', () => {
  assert.equal(resultKey('price', { a: 1 }, [2]), resultKey('price', { a: 1 }, [2]));
  const others = [
    resultKey('price', { a: 2 }, [2]),
    resultKey('price', { a: 1 }, [3]),
    resultKey('day', { a: 1 }, [2]),
    resultKey('price', [{ a: 1 }, [2]]),
    resultKey('price', { a: 1 }),
  ];
  assert.equal(new Set([...others, resultKey('price', { a: 1 }, [2])]).size, 6);
});

test('results are kept; requests meanwhile wait for the same work; failed work is tried again', async () => {
  let times = 0;
  const work = async () => {
    times += 1;
    await setTimeout(120);
    return { n: times, never: Infinity, at: new Date(5) };
  };
  const key = resultKey('test', 1);
  const [a, b] = await Promise.all([resultOf(db, key, work), resultOf(db, key, work)]);
  assert.deepEqual([a, b, await resultOf(db, key, work)], [a, a, a]);
  assert.equal(times, 1);
  // It took long, so it is also in the database, unchanged.
  const value = db.prepare<[string], Buffer>('SELECT value FROM result WHERE key = ?').pluck().get(key)!;
  assert.ok(value.length > 0);
  for (let i = 0; i < 600; i++) quickResult(`other ${i}`, () => i);
  assert.deepEqual(knownResult(db, key), { n: 1, never: Infinity, at: new Date(5) });
  const missing = resultKey('test', 2);
  assert.equal(await resultOf(db, missing, () => Promise.resolve(null)), null);
  await assert.rejects(
    resultOf(db, missing, () => Promise.reject(new Error('no'))),
    /no/,
  );
  assert.equal(await resultOf(db, missing, () => Promise.resolve(7)), 7);
  // Quick results are not stored.
  assert.equal(db.prepare('SELECT count(*) FROM result WHERE key = ?').pluck().get(missing), 0);
});

test('a name is found by any letters in it or in its other names, exactly as by reading all of them', () => {
  const letters = fc.stringMatching(/^[a-c%_\\ ]{1,5}$/);
  fc.assert(
    fc.property(
      fc.uniqueArray(letters, { maxLength: 8, selector: plainName }),
      letters,
      letters,
      (names, alias, sought) => {
        db.exec('DELETE FROM ingredient; DELETE FROM ingredient_letters');
        const kept = names.filter((name) => plainName(name) !== '');
        for (const [i, name] of kept.entries()) saveIngredient(db, { name, ...(i === 0 ? { aliases: [alias] } : {}) });
        const expected = kept.filter(
          (name, i) =>
            plainName(name).includes(plainName(sought)) || (i === 0 && plainName(alias).includes(plainName(sought))),
        );
        const found = foundIngredients(db, sought, 0, 100);
        assert.deepEqual(found.ingredients.map(({ name }) => name).sort(), [...expected].sort());
        assert.equal(found.count, expected.length);
      },
    ),
    { numRuns: 150 },
  );
  db.exec('DELETE FROM ingredient; DELETE FROM ingredient_letters');
});

test('changed or removed names are no longer found', () => {
  saveIngredient(db, { name: 'Crème fraîche', aliases: ['soured cream'] });
  const [cream] = foundIngredients(db, 'FRAÎCHE', 0, 9).ingredients;
  assert.ok(cream && foundIngredients(db, 'oured cr', 0, 9).count === 1);
  saveIngredient(db, { name: 'quark' }, cream);
  assert.deepEqual(
    ['fraîche', 'soured', 'quark'].map((sought) => foundIngredients(db, sought, 0, 9).count),
    [0, 0, 1],
  );
  removeIngredient(db, cream.id, cream.revision + 1);
  assert.equal(foundIngredients(db, 'quark', 0, 9).count, 0);
  const slab = addSlab(db, ryeSlice, NOW);
  assert.deepEqual(
    slabNamesFound(db, 'reacl', 0, 9).names.map(({ id }) => id),
    [slab],
  );
  keepSlab(db, slab, 1, { ...ryeSlice, name: 'Nut bar' }, NOW);
  assert.deepEqual([slabNamesFound(db, 'reacl', 0, 9).count, slabNamesFound(db, 'nut', 0, 9).count], [0, 1]);
  removeSlab(db, slab, NOW);
  assert.deepEqual(slabNamesFound(db, 'nut', 0, 9), { names: [], count: 0, all: 0 });
});

test('a statement is prepared once, and one that returns a single column stays apart from one that does not', () => {
  const sql = 'SELECT 1 AS n';
  const whole = db.prepare(sql);
  const plucked = db.prepare(sql).pluck();
  assert.equal(db.prepare(sql), whole);
  assert.equal(db.prepare(sql).pluck(), plucked);
  assert.deepEqual([whole.get(), plucked.get(), whole.get()], [{ n: 1 }, 1, { n: 1 }]);
  const rows = db.prepare<[], { n: number }>('SELECT 1 AS n UNION SELECT 2');
  const pairs: number[][] = [];
  // A statement whose rows are still being read is not reused.
  for (const { n } of rows.iterate())
    for (const { n: m } of db.prepare<[], { n: number }>('SELECT 1 AS n UNION SELECT 2').iterate()) pairs.push([n, m]);
  assert.equal(pairs.length, 4);
});

test('a written value is read again, and what a transaction rolls back is not remembered', () => {
  const names = () => ingredientsNamed(db, ['fudge base']).map(({ densityGPerMl }) => densityGPerMl);
  assert.deepEqual(names(), []);
  saveIngredient(db, { name: 'fudge base', densityGPerMl: 1 });
  assert.deepEqual(names(), [1]);
  assert.throws(
    () =>
      db.transaction(() => {
        const [base] = ingredientsNamed(db, ['fudge base']);
        saveIngredient(db, { name: 'fudge base', densityGPerMl: 2 }, base);
        assert.deepEqual(names(), [2]);
        throw new Error('taken back');
      })(),
    /taken back/,
  );
  assert.deepEqual(names(), [1]);
  saveSettings(db, keptSettings(db).revision, { roomC: 17 });
  assert.equal(keptSettings(db).settings.roomC, 17);
});

test('a result that would fill memory and disk is returned, and not kept', async () => {
  const key = resultKey('large', 1);
  const large = 'x'.repeat(300_000);
  assert.equal(await resultOf(db, key, () => Promise.resolve(large)), large);
  assert.equal(knownResult(db, key), undefined);
});

test('a new price changes nothing that a setting time or a schedule depends on; the mass of a pack does', () => {
  const butter = {
    name: 'butter',
    revision: 3,
    packs: [{ name: 'block', massG: 250, price: 2.2, pricedOn: '2026-11-02' }],
  };
  const dearer = { ...butter, revision: 4, packs: [{ ...butter.packs[0]!, price: 2.6, pricedOn: '2026-11-30' }] };
  const larger = { ...butter, packs: [{ ...butter.packs[0]!, massG: 500 }] };
  const key = (ingredient: typeof butter) => resultKey('setting', withoutPrices([ingredient]));
  assert.equal(key(butter), key(dearer));
  assert.notEqual(key(butter), key(larger));
});
