import { MAX_ENTRIES, stockEntrySchema, type StockEntry } from '$core/stock';
import { problem, problemsOf, problemsUnder, type Problem, type Read } from '$core/validation';

/** An entry with its place in the request: empty for one that was sent alone. */
export interface SentEntry {
  readonly path: string;
  readonly entry: StockEntry;
}

/** Accepted entries, and what is wrong with the others. */
export interface EntriesRead {
  readonly entries: readonly SentEntry[];
  readonly problems: readonly Problem[];
}

/** Reads one entry of the ledger, or a list of them: invalid entries of a list are refused separately. */
export function readStockEntries(found: unknown): Read<EntriesRead> {
  const isList = Array.isArray(found);
  const sent: readonly unknown[] = isList ? found : [found];
  if (sent.length > MAX_ENTRIES)
    return { ok: false, problems: [problem('', 'too-many-entries', { max: MAX_ENTRIES })] };
  const entries: SentEntry[] = [];
  const problems: Problem[] = [];
  sent.forEach((entry, i) => {
    const path = isList ? `/${i}` : '';
    const wrong = problemsOf(stockEntrySchema, entry);
    if (wrong.length === 0) entries.push({ path, entry: entry as StockEntry });
    else problems.push(...problemsUnder(path, wrong));
  });
  return isList || problems.length === 0 ? { ok: true, value: { entries, problems } } : { ok: false, problems };
}

/**
 * Returns an entry with its moment as the server's clock has it. Nothing happens later than now: what a device dates ahead happened now.
 *
 * @param offsetMs how far the server's clock is ahead of the device's
 */
export function correctedEntry(entry: StockEntry, offsetMs: number, nowMs: number): StockEntry {
  const atMs = Math.min(Date.parse(entry.at) + offsetMs, nowMs);
  return { ...entry, at: new Date(atMs).toISOString() };
}
