/** The migrations of the database, as in the built server. */
import { readdirSync, readFileSync } from 'node:fs';
import type { Migration } from '../../../src/lib/server/db/open';

const place = new URL('../../../src/lib/server/db/migrations/', import.meta.url);

export const migrations: readonly Migration[] = readdirSync(place)
  .sort()
  .map((name) => ({ number: Number.parseInt(name, 10), name, sql: readFileSync(new URL(name, place), 'utf8') }));
