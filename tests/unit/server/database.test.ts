import assert from 'node:assert/strict';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import Database from 'better-sqlite3';
import { openDatabase, type Migration } from '../../../src/lib/server/db/open';
import { pricePerGram } from '$core/cost';
import { copyOfDay } from '../../../src/lib/server/db/copies';
import {
  allIngredients,
  ingredientsNamed,
  removeIngredient,
  saveIngredient,
  type StoredIngredient,
} from '../../../src/lib/server/larder';
import { priceHistory } from '../../../src/lib/server/packs';
import { storageSentence } from '../../../src/lib/server/storage';
import {
  addSlab,
  allSlabs,
  keepSlab,
  removeSlab,
  slabById,
  slabNames,
  slabVersions,
} from '../../../src/lib/server/slabs';
import { keptSettings, saveSettings, shopSettings } from '../../../src/lib/server/shop';
import { table } from '../../../src/lib/server/tasks/tasks';
import { addTin, allTins, changeTin, removeTin } from '../../../src/lib/server/tins';
import { demoIngredients, ryeSlice } from '../things';
import { migrations } from './migrations';
import { deepSquare } from '../tins';

const folders: string[] = [];
after(() => folders.forEach((folder) => rmSync(folder, { recursive: true, force: true })));

function newFolder(): string {
  const folder = mkdtempSync(join(tmpdir(), 'knife-tray-db-'));
  folders.push(folder);
  return folder;
}

const now = '2026-01-02T03:04:05.000Z';
const extra = (sql: string): Migration => ({ number: migrations.at(-1)!.number + 1, name: 'next', sql });

test('migrations are numbered without gaps, and the schema is strict, durable and checked', async () => {
  assert.deepEqual(
    migrations.map(({ number }) => number),
    migrations.map((_, i) => i + 1),
  );
  const db = await openDatabase(newFolder(), migrations);
  // SQLite makes tables of its own for a word index, which need not be strict.
  const tables = db
    .prepare<[], { name: string; strict: number }>(
      `SELECT name, strict FROM pragma_table_list WHERE schema = 'main' AND type = 'table' AND name NOT LIKE 'sqlite_%'`,
    )
    .all();
  assert.ok(tables.length > 10);
  for (const { name, strict } of tables) assert.equal(strict, 1, name);
  assert.equal(db.pragma('journal_mode', { simple: true }), 'wal');
  assert.equal(db.pragma('synchronous', { simple: true }), 2);
  assert.equal(db.pragma('foreign_keys', { simple: true }), 1);
  assert.throws(() => db.prepare(`INSERT INTO slab_version VALUES (99, 1, '{}', 'now')`).run(), /FOREIGN KEY/);
  db.close();
});

test('before a migration the file is copied, and a migration that fails changes nothing', async () => {
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

test('stored slab files get today’s field names, and a note that quotes an older name keeps it', async () => {
  const folder = newFolder();
  const before = await openDatabase(
    folder,
    migrations.filter(({ number }) => number < 8),
  );
  const [base, caramel, top] = ryeSlice.preparations;
  const { maxScaleFactor, ...rest } = caramel!;
  const notes = 'It said "maxMultiple": 2 and "mode":"multiple"';
  const older = {
    ...{ ...ryeSlice, notes, preparations: [base, { ...rest, maxMultiple: maxScaleFactor }, top] },
    scale: { mode: 'multiple', by: 2 },
  };
  const id = addSlab(before, older as unknown as typeof ryeSlice, now);
  before.close();
  const { slab } = slabById(await openDatabase(folder, migrations), id)!;
  assert.deepEqual(slab, { ...ryeSlice, notes, scale: { mode: 'scaleFactor', by: 2 } });
});

test('every save makes a version, and a save over an unseen version writes nothing', async () => {
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

test('the larder and the rack return what was saved, and changes over unseen ones are refused', async () => {
  const db = await openDatabase(newFolder(), migrations);
  for (const ingredient of demoIngredients) assert.ok(saveIngredient(db, ingredient).ok);
  const found = allIngredients(db);
  for (const ingredient of demoIngredients) {
    const { id: _id, revision: _revision, ...rest } = found.find(({ name }) => name === ingredient.name)!;
    assert.deepEqual(rest, ingredient);
  }
  const butter = found.find(({ name }) => name === 'butter')!;
  assert.deepEqual(saveIngredient(db, { name: ' BUTTER ' }), { ok: false, reason: 'name-taken' });
  assert.ok(saveIngredient(db, { ...butter, densityGPerMl: 0.92 }, butter).ok);
  assert.deepEqual(saveIngredient(db, { ...butter, densityGPerMl: 0.93 }, butter), {
    ok: false,
    reason: 'changed-elsewhere',
  });
  addTin(db, { name: 'Deep square', count: 2, tin: deepSquare });
  const [tin] = allTins(db);
  assert.deepEqual(tin!.tin, deepSquare);
  assert.ok(changeTin(db, { ...tin!, count: 3 }));
  assert.ok(!changeTin(db, { ...tin!, count: 4 }));
  db.close();
});

test('prices keep the currency they were entered in: to another one and back loses nothing', async () => {
  const db = await openDatabase(newFolder(), migrations);
  saveIngredient(db, { name: 'butter', packs: [{ name: 'block', massG: 250, price: 1.99, pricedOn: '2026-01-01' }] });
  const pack = () => allIngredients(db)[0]!.packs![0]!;
  const before = pack();
  const to = (currency: string, rate: number | null = null) => {
    assert.ok(saveSettings(db, keptSettings(db).revision, { currency }, rate, '2026-11-24').ok);
    return pack();
  };
  assert.deepEqual(to('JPY'), { ...before, currency: 'EUR' });
  assert.equal(pricePerGram(allIngredients(db)[0]!), null);
  assert.deepEqual(to('KWD'), { ...before, currency: 'EUR' });
  // Kept as it is, its price is still in euro.
  const { id, revision, ...butter } = allIngredients(db)[0]!;
  assert.ok(saveIngredient(db, { ...butter, unitMassG: 10 }, { id, revision }).ok);
  assert.deepEqual(to('EUR'), before);
  assert.equal(priceHistory(db, id).length, 1);
  // With a rate the price is a new one, from today on.
  assert.deepEqual(to('JPY', 160), { name: 'block', massG: 250, price: 318, pricedOn: '2026-11-24' });
  assert.deepEqual(
    priceHistory(db, id).map(({ price, currency }) => `${price} ${currency}`),
    ['1.99 EUR', '318 JPY'],
  );
  db.close();
});

test('prices of the shop’s piece types keep their currency too, or change with the rate to whole coins', async () => {
  const db = await openDatabase(newFolder(), migrations);
  const finger = { name: 'Finger', lengthMm: 75, widthMm: 25, price: 1.99 };
  const plain = { name: 'Bite', lengthMm: 28, widthMm: 28 };
  const to = (currency: string, rate: number | null = null) => {
    assert.ok(saveSettings(db, keptSettings(db).revision, { currency }, rate).ok);
    return shopSettings(db).pieceKinds;
  };
  assert.ok(saveSettings(db, keptSettings(db).revision, { pieceKinds: [finger, plain] }).ok);
  assert.deepEqual(to('JPY'), [{ ...finger, currency: 'EUR' }, plain]);
  assert.deepEqual(to('EUR'), [finger, plain]);
  assert.deepEqual(to('JPY', 160), [{ ...finger, price: 318 }, plain]);
  db.close();
});

test('settings changed by somebody else are not overwritten, and missing fields stay', async () => {
  const db = await openDatabase(newFolder(), migrations);
  const { revision } = keptSettings(db);
  assert.ok(saveSettings(db, revision, { name: 'A', roomC: 18 }).ok);
  const late = saveSettings(db, revision, { name: 'B' });
  assert.ok(!late.ok && late.latest.settings.name === 'A' && late.latest.revision === revision + 1);
  assert.ok(saveSettings(db, revision + 1, { name: 'B' }).ok);
  assert.deepEqual([shopSettings(db).name, shopSettings(db).roomC], ['B', 18]);
  db.close();
});

test('an ingredient or a tin changed by somebody else is not deleted', async () => {
  const db = await openDatabase(newFolder(), migrations);
  saveIngredient(db, { name: 'butter' });
  const [{ id, revision }] = allIngredients(db) as [StoredIngredient];
  saveIngredient(db, { name: 'butter', heldG: 1 }, { id, revision });
  assert.deepEqual(removeIngredient(db, id, revision), { ok: false, reason: 'changed-elsewhere' });
  assert.ok(removeIngredient(db, id, revision + 1).ok);
  assert.deepEqual(removeIngredient(db, id, revision + 1), { ok: false, reason: 'gone' });
  const tin = addTin(db, { name: 'T', count: 1, tin: deepSquare });
  assert.equal(removeTin(db, tin, 7), 'changed-elsewhere');
  assert.equal(removeTin(db, tin, 1), 'removed');
  assert.equal(removeTin(db, tin, 1), 'gone');
  db.close();
});

test('a database of the first release opens: prices are in its currency, aliases are found', async () => {
  const folder = newFolder();
  const old = await openDatabase(folder, migrations.slice(0, 2));
  old.exec(`UPDATE shop SET currency = 'JPY';
    INSERT INTO ingredient (name, plain_name, facts) VALUES ('butter', 'butter', '{"aliases":["Best  BUTTER"],"__proto__":{"x":1}}');
    INSERT INTO pack (ingredient_id, position, name, mass_g, price_minor) VALUES (1, 0, 'block', 250, 300);
    INSERT INTO pack_price (ingredient_id, pack_name, mass_g, price_minor, priced_on) VALUES (1, 'block', 250, 300, '2026-01-01');`);
  old.close();
  const db = await openDatabase(folder, migrations);
  assert.deepEqual(ingredientsNamed(db, ['best butter'])[0]?.packs, [{ name: 'block', massG: 250, price: 300 }]);
  assert.ok(!Object.keys(allIngredients(db)[0]!).includes('__proto__'));
  assert.equal(priceHistory(db, 1)[0]!.currency, 'JPY');
  db.close();
});

test('the last version saved is the newest, whatever the clock said', async () => {
  const db = await openDatabase(newFolder(), migrations);
  const [a, b] = [addSlab(db, ryeSlice, '2026-05-01T00:00:00.000Z'), addSlab(db, ryeSlice, '2026-05-02T00:00:00.000Z')];
  keepSlab(db, a, 1, { ...ryeSlice, name: 'Set back' }, '2020-01-01T00:00:00.000Z');
  assert.deepEqual(
    slabNames(db).map(({ id, version }) => [id, version]),
    [
      [a, 2],
      [b, 1],
    ],
  );
  assert.equal(slabVersions(db, a)[0]!.version, 2);
  db.close();
});

test('a full disk, a locked and a read-only database have messages of their own', async () => {
  const folder = newFolder();
  const db = await openDatabase(folder, migrations);
  const fault = (work: () => unknown) => {
    try {
      work();
    } catch (error) {
      return storageSentence(error) ?? 'none';
    }
    return 'no fault';
  };
  db.pragma(`max_page_count = ${db.pragma('page_count', { simple: true }) as number}`);
  const large = { ...ryeSlice, notes: 'n'.repeat(20_000) };
  assert.match(
    fault(() => Array.from({ length: 50 }, () => addSlab(db, large, now))),
    /The disk is full. Nothing was lost/,
  );
  assert.equal(db.pragma('quick_check', { simple: true }), 'ok');
  const file = join(folder, 'knife-tray.sqlite');
  const other = new Database(file, { timeout: 0 });
  db.exec('BEGIN IMMEDIATE');
  assert.match(
    fault(() => addSlab(other, ryeSlice, now)),
    /Another program is using the data/,
  );
  db.exec('ROLLBACK');
  other.close();
  const reader = new Database(file, { readonly: true });
  assert.match(
    fault(() => addSlab(reader, ryeSlice, now)),
    /folder is read-only/,
  );
  reader.close();
  // A thread shares nothing with the server: its result is what a structured clone keeps.
  const outOfThread = (database: string) => {
    try {
      return table({ text: '', of: 'larder', file: database });
    } catch (error) {
      throw structuredClone(error);
    }
  };
  assert.match(
    fault(() => outOfThread(join(folder, 'gone.sqlite'))),
    /data folder cannot be opened/,
  );
  assert.equal(storageSentence(new Error('other')), null);
  db.close();
});

test('a copy a day is made, seven are kept, and a damaged database names the newest good one', async () => {
  const folder = newFolder();
  const db = await openDatabase(folder, migrations);
  for (let i = 0; i < 60; i++) addSlab(db, ryeSlice, now);
  for (let day = 1; day <= 9; day++) await copyOfDay(db, folder, `2026-03-0${day}`);
  await copyOfDay(db, folder, '2026-03-09');
  const copies = readdirSync(join(folder, 'copies')).sort();
  assert.deepEqual([copies.length, copies[0]], [7, 'knife-tray-2026-03-03.sqlite']);
  db.close();
  const bytes = readFileSync(join(folder, 'knife-tray.sqlite'));
  bytes.fill(0x55, 8192, 60_000);
  writeFileSync(join(folder, 'knife-tray.sqlite'), bytes);
  writeFileSync(join(folder, 'copies', 'knife-tray-2026-03-09.sqlite'), 'no database');
  await assert.rejects(
    openDatabase(folder, migrations),
    /knife-tray\.sqlite is damaged .*2026-03-08\.sqlite.*npm run restore/s,
  );
});
