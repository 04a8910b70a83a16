import { database } from '$lib/server/db';
import { allRunIds, pieceByPiece, runFile } from '$lib/server/logOut';

/** Returns all runs with plans, events and snapshots. */
export function GET() {
  const db = database();
  const ids = allRunIds(db);
  const piece = (at: number) => `${at === 0 ? '' : ',\n'}${JSON.stringify(runFile(db, ids[at]!))}`;
  return new Response(pieceByPiece(ids.length, piece, '{"format":"knife-tray/log","version":1,"runs":[\n', '\n]}\n'), {
    headers: { 'Content-Type': 'application/json', 'Content-Disposition': 'attachment; filename="runs.json"' },
  });
}
