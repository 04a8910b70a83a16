import assert from 'node:assert/strict';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import fc from 'fast-check';
import { strToU8, zipSync } from 'fflate';
import { openDatabase, type Db } from '../../../src/lib/server/db/open';
import { larderOf } from '$core/larder';
import { plan } from '$core/usecases';
import { wholeShop } from '../../../src/lib/server/shop';
import { allIngredients, foundIngredients, ingredientsFor, saveIngredient } from '../../../src/lib/server/larder';
import { priceHistory } from '../../../src/lib/server/packs';
import { importCsv, larderCsv, shelfNow, writeInTurns, writeTaken } from '../../../src/lib/server/larderCsv';
import { readTable, type LarderTable } from '../../../src/lib/server/larderTable';
import { slabCards } from '../../../src/lib/server/slabCards';
import { slabsInZip, zipOf } from '../../../src/lib/server/slabFiles';
import { addSlab, keepSlab, slabVersions } from '../../../src/lib/server/slabs';
import { writeSlab, type Slab } from '$core/slab';
import { addEntry } from '../../../src/lib/server/stock/ledger';
import { demoIngredients, demoSlabs, ryeSlice } from '../things';
import { migrations } from './migrations';

const folders: string[] = [];
after(() => folders.forEach((folder) => rmSync(folder, { recursive: true, force: true })));

async function shopWithLarder() {
  const folder = mkdtempSync(join(tmpdir(), 'knife-tray-files-'));
  folders.push(folder);
  const db = await openDatabase(folder, migrations);
  for (const ingredient of demoIngredients) saveIngredient(db, ingredient);
  return db;
}
const named = (db: Db, name: string) => allIngredients(db).find((ingredient) => ingredient.name === name)!;

const previewCsv = (db: Db, text: string, table: LarderTable) => readTable(text, table, shelfNow(db).shelf).changes;
const filesOf = (slabs: readonly Slab[]) => slabs.map((slab) => ({ name: slab.name, text: writeSlab(slab) }));

test('law: the larder exported as a table and imported again changes nothing', async () => {
  const db = await shopWithLarder();
  for (const table of ['larder', 'prices'] as const) {
    const { added, changed, bad } = previewCsv(db, larderCsv(db, table), table);
    assert.deepEqual({ added, changed, bad }, { added: [], changed: [], bad: [] });
  }
  db.close();
});

test('a table is previewed, then applied: invalid rows are left out and reported, the rest is one change', async () => {
  const db = await shopWithLarder();
  const text = 'Name;Held g;Pack;Pack g;Price\nbutter;2,5;;;\nmoss;;bag;100;1,20\n;1;;;\nhoney;much;;;\n';
  const seen = previewCsv(db, text, 'larder');
  assert.deepEqual(seen.added, ['moss']);
  assert.deepEqual(seen.changed, [{ name: 'butter', fields: [{ field: 'held_g', before: '1500', after: '2.5' }] }]);
  assert.deepEqual(
    seen.bad.map(({ row }) => row),
    [4, 5],
  );
  assert.equal(named(db, 'butter').heldG, 1500);
  assert.deepEqual(importCsv(db, text, 'larder', '2026-11-24'), seen);
  assert.equal(named(db, 'butter').heldG, 2.5);
  assert.deepEqual(named(db, 'moss').packs, [{ name: 'bag', massG: 100, price: 1.2, pricedOn: '2026-11-24' }]);
  assert.equal(previewCsv(db, 'what,ever\n1,2', 'larder').bad[0]!.problems[0]!.code, 'column-missing');
  db.close();
});

test('prices over time become history in any order; a new price counts from today', async () => {
  const db = await shopWithLarder();
  const { id, revision, ...nuts } = named(db, 'hazelnuts');
  importCsv(
    db,
    'ingredient,pack,price,priced_on\nhazelnuts,"bag, 1 kg",11.9,2025-10-06\nhazelnuts,"bag, 1 kg",14.9,2026-05-11\nhazelnuts,"bag, 1 kg",13.8,2026-09-01\n',
    'prices',
    '2026-11-24',
  );
  const history = () => priceHistory(db, id).map(({ price, pricedOn }) => [pricedOn, price]);
  const three = [
    ['2025-10-06', 11.9],
    ['2026-05-11', 14.9],
    ['2026-09-01', 13.8],
  ];
  assert.deepEqual(history(), three);
  assert.equal(named(db, 'hazelnuts').packs![0]!.price, 13.8);
  const dearer = { ...nuts, packs: [{ ...nuts.packs![0]!, price: 15 }] };
  assert.ok(saveIngredient(db, dearer, { id, revision: named(db, 'hazelnuts').revision }, '2026-11-24').ok);
  assert.deepEqual(history(), [...three, ['2026-11-24', 15]]);
  assert.equal(revision, 1);
  db.close();
});

test('fuzz: any table is previewed without an error, and every row is accounted for', async () => {
  const db = await shopWithLarder();
  fc.assert(
    fc.property(
      fc.oneof(
        fc.string({ unit: 'binary' }),
        fc
          .array(fc.array(fc.string(), { maxLength: 6 }))
          .map((rows) => ['name,water,pack,price', ...rows.map((row) => row.join(','))].join('\n')),
      ),
      (text) => {
        previewCsv(db, text, 'larder');
        previewCsv(db, text, 'prices');
      },
    ),
    { numRuns: 60 },
  );
  db.close();
});

test('a cell that a spreadsheet would run as a formula is exported quoted and imported unchanged', async () => {
  const db = await shopWithLarder();
  saveIngredient(db, { name: '=1+1' });
  assert.match(larderCsv(db, 'larder'), /'=1\+1/);
  saveIngredient(db, { name: 'sly', aliases: ['plain', '=2+2', '@x', '-1'], madeOf: [{ ingredient: '+3' }] });
  const text = larderCsv(db, 'larder');
  assert.match(text, /plain; '=2\+2; '@x; -1/);
  assert.match(text, /'\+3/);
  assert.deepEqual(previewCsv(db, text, 'larder').added, []);
  assert.deepEqual(previewCsv(db, text, 'larder').changed, []);
  db.close();
});

test('law: slabs in a zip are imported as they were exported; other files are reported, and a damaged zip is refused', () => {
  const back = slabsInZip(zipOf(filesOf([...demoSlabs, ryeSlice])));
  assert.deepEqual(
    back?.slabs.map(({ slab }) => slab),
    [...demoSlabs, ryeSlice],
  );
  const odd = slabsInZip(
    zipSync({ 'a/b.slab.json': strToU8('{'), 'readme.txt': strToU8('x'), '__MACOSX/c.slab.json': strToU8('{}') }),
  );
  assert.deepEqual([odd?.slabs.length, odd?.refused.map(({ file }) => file)], [0, ['a/b.slab.json']]);
  const large = slabsInZip(zipSync({ 'large.slab.json': new Uint8Array(2_000_000) }));
  assert.equal(large!.refused[0]!.problems[0]!.code, 'file-too-large');
  fc.assert(fc.property(fc.uint8Array({ maxLength: 300 }), (bytes) => void slabsInZip(bytes)));
  assert.equal(slabsInZip(strToU8('no zip')), null);
});

test('long lists: a page of cards has the newest, is searched by name, and follows every change', async () => {
  const db = await shopWithLarder();
  const ids = Array.from({ length: 30 }, (_, i) =>
    addSlab(db, { ...ryeSlice, name: `Slab ${i}` }, '2026-01-01T00:00:00.000Z'),
  );
  const first = await slabCards(db, '', 0, 24);
  assert.deepEqual([first.cards.length, first.count, first.all], [24, 30, 30]);
  assert.equal((await slabCards(db, '', 24, 24)).cards.length, 6);
  assert.deepEqual(
    (await slabCards(db, 'slab 29', 0, 24)).cards.map(({ name }) => name),
    ['Slab 29'],
  );
  keepSlab(db, ids[29]!, 1, { ...ryeSlice, name: 'Newest' }, '2026-01-02T00:00:00.000Z');
  assert.equal((await slabCards(db, '', 0, 24)).cards[0]!.name, 'Newest');
  assert.deepEqual(
    slabVersions(db, ids[29]!).map(({ version }) => version),
    [2, 1],
  );
  const { ingredients, count } = foundIngredients(db, 'SUGAR', 0, 3);
  assert.ok(ingredients.length === 3 && count > 3 && ingredients.every(({ packs }) => packs!.length > 0));
  assert.equal(foundIngredients(db, '100%_', 0, 10).count, 0);
  db.close();
});

/** A zip whose directory and headers understate the size of a file. */
function lying(name: string, size: number): Uint8Array {
  const zip = zipSync({ [name]: new Uint8Array(size) }, { level: 9 });
  const view = new DataView(zip.buffer, zip.byteOffset, zip.byteLength);
  for (let at = 0; at + 4 < zip.length; at++) {
    const mark = view.getUint32(at, true);
    if (mark === 0x04034b50) view.setUint32(at + 22, 100, true);
    if (mark === 0x02014b50) view.setUint32(at + 24, 100, true);
  }
  return zip;
}

test('a zip that understates the size of its files is stopped at the limit', () => {
  const read = slabsInZip(lying('bomb.slab.json', 200_000_000));
  assert.equal(read?.slabs.length, 0);
  assert.equal(read!.refused[0]!.problems[0]!.code, 'file-too-large');
  const many = Object.fromEntries(Array.from({ length: 520 }, (_, i) => [`${i}.slab.json`, strToU8('{}')]));
  assert.equal(
    slabsInZip(zipSync(many))!.refused.filter(({ problems }) => problems[0]!.code === 'too-many-files').length,
    20,
  );
});

test('a previewed table is applied only while the larder is unchanged', async () => {
  const db = await shopWithLarder();
  const { shelf, stamp } = shelfNow(db);
  const { taken } = readTable('name,held_g\nbutter,7\n', 'larder', shelf);
  const { id, revision, ...nuts } = named(db, 'hazelnuts');
  assert.ok(saveIngredient(db, { ...nuts, heldG: 1 }, { id, revision }).ok);
  assert.equal(writeTaken(db, taken, stamp, '2026-11-24'), false);
  assert.equal(named(db, 'butter').heldG, 1500);
  assert.ok(writeTaken(db, taken, shelfNow(db).stamp, '2026-11-24'));
  assert.equal(named(db, 'butter').heldG, 7);
  db.close();
});

test('a long table is written in turns: others come between, and a change of theirs stops it', async () => {
  const count = (db: Db) => db.prepare("SELECT count(*) FROM ingredient WHERE name LIKE 'thing %'").pluck().get();
  const text = `name,held_g\n${Array.from({ length: 500 }, (_, i) => `thing ${i},${i}`).join('\n')}\n`;
  const db = await shopWithLarder();
  const { shelf, stamp } = shelfNow(db);
  const { taken } = readTable(text, 'larder', shelf);
  const writing = writeInTurns(db, taken, stamp, '2026-11-24');
  assert.equal(count(db), 40);
  assert.ok(saveIngredient(db, { name: 'between', packs: [] }).ok);
  assert.equal(await writing, false);
  assert.equal(count(db), 40);
  const again = shelfNow(db);
  const rest = readTable(text, 'larder', again.shelf);
  assert.equal(rest.changes.same, 40);
  assert.ok(await writeInTurns(db, rest.taken, again.stamp, '2026-11-24'));
  assert.equal(count(db), 500);
  assert.ok(await writeInTurns(db, [], shelfNow(db).stamp, '2026-11-24'));
  db.close();
});

test('long tables are read in parts, or refused with how to split them; invalid cells are stored nowhere', async () => {
  const db = await shopWithLarder();
  const rows = (n: number, row: (i: number) => string) => Array.from({ length: n }, (_, i) => row(i)).join('\n');
  const bad = previewCsv(db, `name,water\n${rows(2000, () => 'butter,wet')}`, 'larder');
  assert.deepEqual([bad.badCount, bad.bad.length], [2000, 200]);
  const first = (preview: typeof bad) => preview.bad[0]!.problems[0]!;
  assert.equal(first(previewCsv(db, `name\n${rows(20_001, (i) => `n${i}`)}`, 'larder')).code, 'too-many-rows');
  const packs = previewCsv(db, `ingredient,pack,pack_g,price\n${rows(60, (i) => `butter,p${i},100,1`)}`, 'prices');
  assert.ok(packs.badCount > 0 && first(packs).path === '/packs');
  const moves = previewCsv(db, `ingredient,pack,pack_g,price\n${rows(6000, (i) => `butter,p,100,${i}`)}`, 'prices');
  assert.equal(first(moves).code, 'too-many-changes');
  assert.match(first(moves).message, /changes 6000 rows/);
  const sly = previewCsv(db, 'name,g_per_ml_by_state,__proto__\nmoss,__proto__=0.5,x\n', 'larder');
  assert.deepEqual([first(sly).path, first(sly).code], ['/densities/__proto__', 'forbidden-name']);
  db.close();
});

test('law: the part of the larder that a slab needs weighs, prices and declares it like the whole larder', async () => {
  const db = await shopWithLarder();
  saveIngredient(db, { name: 'rye slice crumbs', aliases: ['crumbs'], madeOf: [{ ingredient: 'praline paste' }] });
  saveIngredient(db, { name: 'aa first', aliases: ['CRUMBS'], unitMassG: 5 });
  const whole = larderOf(allIngredients(db));
  const crumbs = { ingredient: 'Crumbs', quantity: 3, unit: 'each' } as const;
  for (const slab of [...demoSlabs, { ...ryeSlice, preparations: [{ id: 'base', name: 'B', lines: [crumbs] }] }]) {
    const part = ingredientsFor(db, [slab]);
    assert.ok(part.length < 40);
    assert.deepEqual(plan(slab, larderOf(part), wholeShop(db)), plan(slab, whole, wholeShop(db)), slab.name);
  }
  db.close();
});

test('a table that does not change what is in stock leaves it, also if the bench has used some since it was read', async () => {
  const db = await shopWithLarder();
  const { shelf } = shelfNow(db);
  const { taken } = readTable('name,source\nbutter,a label\n', 'larder', shelf);
  const { id } = named(db, 'butter');
  db.transaction(() =>
    addEntry(db, {
      of: { ingredient: id, lot: '' },
      ...{ name: 'butter', change: -200_000, why: 'used', at: new Date().toISOString() },
    }),
  )();
  assert.ok(writeTaken(db, taken, shelfNow(db).stamp, '2026-11-24'));
  assert.deepEqual([named(db, 'butter').heldG, named(db, 'butter').source], [1300, 'a label']);
  db.close();
});
