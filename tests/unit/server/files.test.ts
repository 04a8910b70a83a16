import assert from 'node:assert/strict';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import fc from 'fast-check';
import { strToU8, zipSync } from 'fflate';
import { openDatabase, type Migration } from '../../../src/lib/server/db/open';
import { allIngredients, foundIngredients, priceHistory, shelve } from '../../../src/lib/server/larder';
import { larderCsv, previewCsv, takeCsv } from '../../../src/lib/server/larderCsv';
import { slabCards } from '../../../src/lib/server/slabCards';
import { slabsInZip, zipOf } from '../../../src/lib/server/slabFiles';
import { addSlabs, keepSlab, slabVersions } from '../../../src/lib/server/slabs';
import { demoIngredients, demoSlabs, ryeSlice } from '../things';

const folders: string[] = [];
after(() => folders.forEach((folder) => rmSync(folder, { recursive: true, force: true })));
const place = new URL('../../../src/lib/server/db/migrations/', import.meta.url);
const migrations: Migration[] = readdirSync(place)
  .sort()
  .map((name) => ({ number: Number.parseInt(name, 10), name, sql: readFileSync(new URL(name, place), 'utf8') }));

async function shopWithLarder() {
  const folder = mkdtempSync(join(tmpdir(), 'knife-tray-files-'));
  folders.push(folder);
  const db = await openDatabase(folder, migrations);
  for (const one of demoIngredients) shelve(db, one);
  return db;
}
const named = (db: Awaited<ReturnType<typeof shopWithLarder>>, name: string) =>
  allIngredients(db).find((one) => one.name === name)!;

test('law: the larder as a table, taken in again, changes nothing', async () => {
  const db = await shopWithLarder();
  for (const table of ['larder', 'prices'] as const) {
    const { added, changed, bad } = previewCsv(db, larderCsv(db, table), table);
    assert.deepEqual({ added, changed, bad }, { added: [], changed: [], bad: [] });
  }
  db.close();
});

test('a table is looked at first, then taken: bad rows are left out and told, the rest is one change', async () => {
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
  assert.deepEqual(takeCsv(db, text, 'larder', '2026-11-24'), seen);
  assert.equal(named(db, 'butter').heldG, 2.5);
  assert.deepEqual(named(db, 'moss').packs, [{ name: 'bag', massG: 100, price: 1.2, pricedOn: '2026-11-24' }]);
  assert.match(previewCsv(db, 'what,ever\n1,2', 'larder').bad[0]!.messages[0]!, /no column "name"/);
  db.close();
});

test('prices over time become history, whatever order they come in; a typed-over price holds from today', async () => {
  const db = await shopWithLarder();
  const { id, revision, ...nuts } = named(db, 'hazelnuts');
  takeCsv(
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
  assert.ok(shelve(db, dearer, { id, revision: named(db, 'hazelnuts').revision }, '2026-11-24').ok);
  assert.deepEqual(history(), [...three, ['2026-11-24', 15]]);
  assert.equal(revision, 1);
  db.close();
});

test('fuzz: any table is previewed without a fault, and tells of every row', async () => {
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

test('a cell that a spreadsheet would run as a formula comes out quoted and goes back in as it was', async () => {
  const db = await shopWithLarder();
  shelve(db, { name: '=1+1' });
  assert.match(larderCsv(db, 'larder'), /'=1\+1/);
  assert.deepEqual(previewCsv(db, larderCsv(db, 'larder'), 'larder').added, []);
  db.close();
});

test('law: slabs in a zip come out as they went in; what is no slab is told, and a damaged zip is none', () => {
  const back = slabsInZip(zipOf([...demoSlabs, ryeSlice]));
  assert.deepEqual(
    back?.slabs.map(({ slab }) => slab),
    [...demoSlabs, ryeSlice],
  );
  const odd = slabsInZip(
    zipSync({ 'a/b.slab.json': strToU8('{'), 'readme.txt': strToU8('x'), '__MACOSX/c.slab.json': strToU8('{}') }),
  );
  assert.deepEqual([odd?.slabs.length, odd?.refused.map(({ file }) => file)], [0, ['a/b.slab.json']]);
  const large = slabsInZip(zipSync({ 'large.slab.json': new Uint8Array(2_000_000) }));
  assert.match(large!.refused[0]!.problems[0]!.message, /over 1 MB/);
  fc.assert(fc.property(fc.uint8Array({ maxLength: 300 }), (bytes) => void slabsInZip(bytes)));
  assert.equal(slabsInZip(strToU8('no zip')), null);
});

test('long lists: a page of cards is the newest, found by name, and follows every change', async () => {
  const db = await shopWithLarder();
  const ids = addSlabs(
    db,
    Array.from({ length: 30 }, (_, i) => ({ ...ryeSlice, name: `Slab ${i}` })),
    '2026-01-01T00:00:00.000Z',
  );
  const first = slabCards(db, '', 0, 24);
  assert.deepEqual([first.cards.length, first.count, first.all], [24, 30, 30]);
  assert.equal(slabCards(db, '', 24, 24).cards.length, 6);
  assert.deepEqual(
    slabCards(db, 'slab 29', 0, 24).cards.map(({ name }) => name),
    ['Slab 29'],
  );
  keepSlab(db, ids[29]!, 1, { ...ryeSlice, name: 'Newest' }, '2026-01-02T00:00:00.000Z');
  assert.equal(slabCards(db, '', 0, 24).cards[0]!.name, 'Newest');
  assert.deepEqual(
    slabVersions(db, ids[29]!).map(({ version }) => version),
    [2, 1],
  );
  const { ingredients, count } = foundIngredients(db, 'SUGAR', 0, 3);
  assert.ok(ingredients.length === 3 && count > 3 && ingredients.every(({ packs }) => packs!.length > 0));
  assert.equal(foundIngredients(db, '100%_', 0, 10).count, 0);
  db.close();
});
