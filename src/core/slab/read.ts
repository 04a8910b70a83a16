import { cutProblems } from './cutWork';
import { isOverTaken, scalesDisagreeC, sharesTaken } from './judge';
import { parsedJson, problem, problemsOf, reason, type Problem, type Read } from '../validation';
import { renameOlderFields } from './olderNames';
import { MAX_IN_ALL, slabSchema } from './schema';
import type { Slab } from './types';

/**
 * Reads the text of a slab file.
 *
 * @param text JSON, at most 1 MB (the caller's limit)
 * @returns the slab with all its fields, known or not, as they were; or what is wrong and where
 */
export function readSlab(text: string): Read<Slab> {
  const found = parsedJson(text, reason(/^\s*\{/.test(text) ? 'damaged-slab-file' : 'not-a-slab-file'));
  return found.ok ? parseSlab(found.value) : found;
}

/**
 * Reads a slab from parsed JSON: first every field against the schema, then fields against one another. Older field names are
 * accepted and replaced.
 */
export function parseSlab(given: unknown): Read<Slab> {
  const found = renameOlderFields(given);
  if (isRecord(found) && typeof found.version === 'number' && found.version > 1 && found.format === 'knife-tray/slab') {
    return { ok: false, problems: [problem('/version', 'newer-slab-file', { version: found.version })] };
  }
  const inFields = problemsOf(slabSchema, found);
  if (inFields.length > 0) return { ok: false, problems: inFields };
  const slab = found as Slab;
  const across = [
    ...tooMany(slab),
    ...cutProblems({ ...slab, tins: slab.tins ?? [{ tin: slab.tin, count: 1 }] }),
    ...doubledIds(slab),
    ...muddledSteps(slab),
    ...lostReferences(slab),
    ...overTaken(slab),
    ...overDivided(slab),
    ...disagreeing(slab),
  ];
  return across.length > 0 ? { ok: false, problems: across } : { ok: true, value: slab };
}

/** Writes a slab as JSON: two spaces of indentation, one line feed at the end. Reading it returns the same slab. */
export function writeSlab(slab: Slab): string {
  return `${JSON.stringify(slab, null, 2)}\n`;
}

function isRecord(found: unknown): found is Record<string, unknown> {
  return typeof found === 'object' && found !== null;
}

/** Maximum number of lines and of steps in total. */
function tooMany({ preparations }: Slab): Problem[] {
  return (['lines', 'steps'] as const).flatMap((room) => {
    const count = preparations.reduce((sum, preparation) => sum + (preparation[room]?.length ?? 0), 0);
    if (count <= MAX_IN_ALL[room]) return [];
    return [problem('/preparations', 'too-many-in-slab', { what: room, count, max: MAX_IN_ALL[room] })];
  });
}

function doubledIds(slab: Slab): Problem[] {
  return (['preparations', 'layers'] as const).flatMap((room) =>
    slab[room].flatMap(({ id }, at) =>
      slab[room].findIndex((item) => item.id === id) === at
        ? []
        : [problem(`/${room}/${at}/id`, 'id-used-twice', { id })],
    ),
  );
}

/** Finds steps of a preparation with duplicate ids, or with shortest, typical and longest times out of order. */
function muddledSteps(slab: Slab): Problem[] {
  return slab.preparations.flatMap(({ steps = [] }, p) =>
    steps.flatMap(({ id, minutes, leastMinutes = minutes, mostMinutes = minutes, wait }, at): Problem[] => {
      const path = `/preparations/${p}/steps/${at}`;
      const doubled = steps.findIndex((step) => step.id === id) !== at;
      return [
        ...(doubled ? [problem(`${path}/id`, 'id-used-twice', { id })] : []),
        ...(leastMinutes > minutes ? [problem(`${path}/leastMinutes`, 'min-above-usual', { usual: minutes })] : []),
        ...(mostMinutes < minutes ? [problem(`${path}/mostMinutes`, 'max-below-usual', { usual: minutes })] : []),
        ...((wait?.minMinutes ?? 0) > (wait?.maxMinutes ?? Infinity)
          ? [problem(`${path}/wait/maxMinutes`, 'max-wait-below-min', { min: wait!.minMinutes! })]
          : []),
      ];
    }),
  );
}

function lostReferences(slab: Slab): Problem[] {
  const known = new Set(slab.preparations.map(({ id }) => id));
  return slab.layers.flatMap((layer, at) =>
    layer.from.flatMap(({ preparation }, part) =>
      known.has(preparation)
        ? []
        : [problem(`/layers/${at}/from/${part}/preparation`, 'preparation-unknown', { id: preparation })],
    ),
  );
}

function overTaken(slab: Slab): Problem[] {
  const taken = sharesTaken(slab);
  return slab.preparations.flatMap(({ id, name }) => {
    const share = taken.get(id) ?? 0;
    if (!isOverTaken(share)) return [];
    const at = slab.layers.findLastIndex(({ from }) => from.some(({ preparation }) => preparation === id));
    return [problem(`/layers/${at}/from`, 'layers-over-whole', { preparation: name, share })];
  });
}

function overDivided(slab: Slab): Problem[] {
  const known = new Set(slab.preparations.map(({ id }) => id));
  return slab.preparations.flatMap(({ lines }, p) =>
    lines.flatMap(({ divided = [], ingredient }, l) => {
      const path = `/preparations/${p}/lines/${l}/divided`;
      const lost = divided.findIndex(({ preparation }) => preparation !== undefined && !known.has(preparation));
      if (lost !== -1) {
        return [problem(`${path}/${lost}/preparation`, 'preparation-unknown', { id: divided[lost]!.preparation! })];
      }
      const total = divided.reduce((sum, { share }) => sum + share, 0);
      if (!isOverTaken(total)) return [];
      return [problem(path, 'parts-over-whole', { ingredient, share: total })];
    }),
  );
}

function disagreeing(slab: Slab): Problem[] {
  return slab.preparations.flatMap(({ cookTo }, at) => {
    const apart = cookTo && scalesDisagreeC(cookTo);
    if (!apart) return [];
    return [problem(`/preparations/${at}/cookTo`, 'scales-disagree', { apartC: apart })];
  });
}
