import type Database from 'better-sqlite3';

type Statement = Database.Statement;

/** Maximum number of cached statements. */
const MAX_KEPT = 1000;

/**
 * Makes a connection prepare each statement only once. A plucked statement is separate, so that others with the same text still
 * get whole rows.
 */
export function prepareOnce(db: Database.Database): void {
  const prepare = db.prepare.bind(db) as (sql: string) => Statement;
  const kept = new Map<string, Statement>();
  const once = (key: string, make: () => Statement): Statement => {
    const known = kept.get(key);
    if (known && !known.busy) return known;
    const made = make();
    if (kept.size >= MAX_KEPT) kept.clear();
    kept.set(key, made);
    return made;
  };
  const withPluck = (sql: string): Statement => {
    const statement = prepare(sql);
    const pluck = () => once(`pluck ${sql}`, () => prepare(sql).pluck());
    if (statement.reader) Object.defineProperty(statement, 'pluck', { value: pluck });
    return statement;
  };
  db.prepare = ((sql: string) => once(sql, () => withPluck(sql))) as typeof db.prepare;
}
