import Papa from 'papaparse';
import { guardedCell } from '$core/larder';
import { RUN_FIGURES, runFigures, type RunFigureId } from '$core/logbook';
import { countedEvents, type RunEvent, type RunPlan } from '$core/run';
import { loggedRun } from '$core/usecases';
import type { Db } from './db/open';
import { runToLog } from './runLog';
import { runById } from './runs';

const FIGURES = Object.keys(RUN_FIGURES) as RunFigureId[];
const UNITS = { minutes: 'min', share: 'share', g: 'g', degrees: 'C', count: '', money: 'each' } as const;

/** Returns the numbers of all runs, the oldest first. */
export const allRunIds = (db: Db): number[] =>
  db.prepare<[], number>('SELECT id FROM run ORDER BY begun_at, id').pluck().all();

/** Head of the table of all runs. */
export const runsHead = (): string =>
  `${Papa.unparse([
    [
      'slab',
      'lot',
      'version',
      'begun',
      'stands',
      ...FIGURES.map((id) => [id, UNITS[RUN_FIGURES[id].unit]].filter(Boolean).join(' ')),
    ],
  ])}\r\n`;

/** Returns a run as a table row; empty if it was deleted meanwhile. */
export function runRow(db: Db, id: number): string {
  const run = runById(db, id);
  if (!run) return '';
  const logged = loggedRun(runToLog(db, run));
  const figures = runFigures(logged);
  const { name, lot, version } = run.plan;
  const cells = [
    ...[guardedCell(name), guardedCell(lot), String(version)],
    ...[new Date(logged.record.begunAt).toISOString(), logged.record.status],
    ...FIGURES.map((figure) => (figures[figure] === null ? '' : String(Number(figures[figure].toFixed(4))))),
  ];
  return `${Papa.unparse([cells])}\r\n`;
}

/** Returns a run as a file: its snapshot and all events. */
export function runFile(db: Db, id: number): object | null {
  const run = runById(db, id);
  if (!run) return null;
  const { plan, slab, ingredients, shop, events } = runToLog(db, run);
  return { format: 'knife-tray/run', version: 1, slab, plan, events, ingredients, shop };
}

/** Returns the events of a run as a table, without cancelled ones. */
export function eventsTable(plan: RunPlan, events: readonly RunEvent[]): string {
  const rows = countedEvents(events).map(({ id: _id, at, kind, ...rest }) => {
    const body: Record<string, unknown> = rest;
    const text = (key: string) => {
      const value = body[key];
      if (value === undefined) return '';
      return guardedCell(typeof value === 'string' ? value : JSON.stringify(value));
    };
    const step = plan.steps.find((step) => step.id === body.step)?.text ?? body.step;
    return {
      ...{ at, kind, step: guardedCell(typeof step === 'string' ? step : '') },
      ...{ preparation: text('preparation'), line: text('line'), layer: text('layer'), ingredient: text('ingredient') },
      ...{ lot: text('lot'), celsius: text('celsius'), massG: text('massG'), byG: text('byG'), mm: text('mm') },
      ...{
        count: text('count'),
        reading: text('reading'),
        text: text('text'),
        why: text('why'),
        change: text('change'),
      },
    };
  });
  return Papa.unparse(rows);
}

/** Creates a body piece by piece on demand, so that a long log blocks nobody. */
export function pieceByPiece(
  count: number,
  piece: (at: number) => string,
  head: string,
  end: string,
): ReadableStream<Uint8Array> {
  const bytes = new TextEncoder();
  let at = -1;
  return new ReadableStream<Uint8Array>(
    {
      pull(to) {
        at += 1;
        if (at === 0) to.enqueue(bytes.encode(head));
        if (at < count) to.enqueue(bytes.encode(piece(at)));
        else {
          to.enqueue(bytes.encode(end));
          to.close();
        }
        // Lets other requests go first.
        return new Promise((next) => setImmediate(next));
      },
    },
    { highWaterMark: 0 },
  );
}
