import { database } from '$lib/server/db';
import { allRunIds, pieceByPiece, runRow, runsHead } from '$lib/server/logOut';

/** All runs of the shop with their figures, a row each. */
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
