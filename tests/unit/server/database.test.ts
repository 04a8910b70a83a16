import assert from 'node:assert/strict';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import Database from 'better-sqlite3';
import { openDatabase, type Migration } from '../../../src/lib/server/db/open';
import { allIngredients, shelve } from '../../../src/lib/server/larder';
import { addSlab, allSlabs, keepSlab, removeSlab, slabById } from '../../../src/lib/server/slabs';
import { saveShop, shopSettings } from '../../../src/lib/server/shop';
import { addTin, allTins, changeTin } from '../../../src/lib/server/tins';
import { deepSquare, demoIngredients, ryeSlice } from '../things';

const folders: string[] = [];
after(() => folders.forEach((folder) => rmSync(folder, { recursive: true, force: true })));

function newFolder(): string {
  const folder = mkdtempSync(join(tmpdir(), 'knife-tray-db-'));
  folders.push(folder);
  return folder;
}

const place = new URL('../../../src/lib/server/db/migrations/', import.meta.url);
const migrations: Migration[] = readdirSync(place)
  .sort()
  .map((name) => ({ number: Number.parseInt(name, 10), name, sql: readFileSync(new URL(name, place), 'utf8') }));
const now = '2026-01-02T03:04:05.000Z';
const extra = (sql: string): Migration => ({ number: migrations.at(-1)!.number + 1, name: 'next', sql });

test('migrations are numbered without gaps, and the schema is strict, durable and checked', async () => {
  assert.deepEqual(
    migrations.map(({ number }) => number),
    migrations.map((_, i) => i + 1),
  );
  const db = await openDatabase(newFolder(), migrations);
  const tables = db.prepare<[], { sql: string }>(`SELECT sql FROM sqlite_master WHERE type = 'table'`).all();
  for (const { sql } of tables) assert.match(sql, /STRICT/);
  assert.equal(db.pragma('journal_mode', { simple: true }), 'wal');
  assert.equal(db.pragma('synchronous', { simple: true }), 2);
  assert.equal(db.pragma('foreign_keys', { simple: true }), 1);
  assert.throws(() => db.prepare(`INSERT INTO slab_version VALUES (99, 1, '{}', 'now')`).run(), /FOREIGN KEY/);
  db.close();
});

test('before a migration the file is copied aside, and a migration that fails changes nothing', async () => {
  const folder = newFolder();
  const before = await openDatabase(folder, migrations);
  addSlab(before, ryeSlice, now);
  before.close();
  const broken = extra(`ALTER TABLE slab ADD COLUMN mark TEXT; INSERT INTO nowhere VALUES (1);`);
  await assert.rejects(openDatabase(folder, [...migrations, broken]), /nowhere/);
  const copy = join(folder, `before-schema-${broken.number}.sqlite`);
  assert.ok(existsSync(copy));
  const aside = new Database(copy, { readonly: true });
  assert.equal(aside.prepare('SELECT count(*) AS n FROM slab_version').pluck().get(), 1);
  aside.close();
  const same = await openDatabase(folder, migrations);
  assert.equal(allSlabs(same).length, 1);
  assert.ok(
    !same
      .prepare(`SELECT * FROM slab`)
      .columns()
      .some(({ name }) => name === 'mark'),
  );
  same.close();
  const next = await openDatabase(folder, [...migrations, extra('ALTER TABLE slab ADD COLUMN mark TEXT;')]);
  assert.equal(allSlabs(next).length, 1);
  next.close();
  await assert.rejects(openDatabase(folder, migrations), /newer Knife Tray/);
});

test('every keep makes a version, and a keep over an unseen version writes nothing', async () => {
  const db = await openDatabase(newFolder(), migrations);
  const id = addSlab(db, ryeSlice, now);
  assert.deepEqual(keepSlab(db, id, 1, { ...ryeSlice, name: 'Second' }, now), { ok: true, version: 2 });
  const late = keepSlab(db, id, 1, { ...ryeSlice, name: 'Late' }, now);
  assert.ok(!late.ok && late.reason === 'kept-elsewhere' && late.latest.slab.name === 'Second');
  assert.equal(slabById(db, id)?.version, 2);
  assert.ok(removeSlab(db, id, now));
  assert.equal(slabById(db, id), null);
  assert.deepEqual(keepSlab(db, id, 2, ryeSlice, now), { ok: false, reason: 'gone' });
  assert.equal(db.prepare('SELECT count(*) FROM slab_version').pluck().get(), 2);
  db.close();
});

test('the larder and the rack give back what was put in, and changes over unseen ones are refused', async () => {
  const db = await openDatabase(newFolder(), migrations);
  for (const one of demoIngredients) assert.ok(shelve(db, one).ok);
  const found = allIngredients(db);
  for (const one of demoIngredients) {
    const { id: _id, revision: _revision, ...rest } = found.find(({ name }) => name === one.name)!;
    assert.deepEqual(rest, one);
  }
  const butter = found.find(({ name }) => name === 'butter')!;
  assert.deepEqual(shelve(db, { name: ' BUTTER ' }), { ok: false, reason: 'name-taken' });
  assert.ok(shelve(db, { ...butter, densityGPerMl: 0.92 }, butter).ok);
  assert.deepEqual(shelve(db, { ...butter, densityGPerMl: 0.93 }, butter), { ok: false, reason: 'changed-elsewhere' });
  addTin(db, { name: 'Deep square', count: 2, tin: deepSquare });
  const [tin] = allTins(db);
  assert.deepEqual(tin!.tin, deepSquare);
  assert.ok(changeTin(db, { ...tin!, count: 3 }));
  assert.ok(!changeTin(db, { ...tin!, count: 4 }));
  db.close();
});

test('prices keep their figures when the currency changes to one with other coins', async () => {
  const db = await openDatabase(newFolder(), migrations);
  shelve(db, { name: 'butter', packs: [{ name: 'block', massG: 250, price: 3 }] });
  const price = () => allIngredients(db)[0]!.packs![0]!.price;
  for (const currency of ['JPY', 'KWD', 'EUR']) {
    saveShop(db, { ...shopSettings(db), currency });
    assert.equal(price(), 3, currency);
  }
  db.close();
});
