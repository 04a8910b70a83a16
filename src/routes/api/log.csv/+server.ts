import { database } from '$lib/server/db';
import { allRunIds, pieceByPiece, runRow, runsHead } from '$lib/server/logOut';

/** Returns all runs with their figures, one row each. */
export function GET() {
  const db = database();
  const ids = allRunIds(db);
  return new Response(
    pieceByPiece(ids.length, (at) => runRow(db, ids[at]!), runsHead(), ''),
    {
      headers: { 'Content-Type': 'text/csv; charset=utf-8', 'Content-Disposition': 'attachment; filename="runs.csv"' },
    },
  );
}
