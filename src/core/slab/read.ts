import { cutProblems } from './cutWork';
import { isOverTaken, scalesDisagreeC, sharesTaken } from './judge';
import { parsedJson, problemsOf, type Problem, type Read } from '../validation';
import { MOST_IN_ALL, slabSchema } from './schema';
import type { Slab } from './types';

/**
 * Reads the text of a slab file.
 *
 * @param text JSON, at most 1 MB (the caller's limit)
 * @returns the slab with all its fields, known or not, as they were; or what is wrong and where
 */
export function readSlab(text: string): Read<Slab> {
  const found = parsedJson(
    text,
    /^\s*\{/.test(text)
      ? 'The file stops in the middle or is damaged: fetch it again from where it came'
      : 'This is not a slab file: choose a file that ends in .slab.json',
  );
  return found.ok ? parseSlab(found.value) : found;
}

/**
 * Reads a slab from parsed JSON. First every field is held against the schema, then what the fields say of one another.
 */
export function parseSlab(found: unknown): Read<Slab> {
  if (isRecord(found) && typeof found.version === 'number' && found.version > 1 && found.format === 'knife-tray/slab') {
    return refuse(
      '/version',
      `This file is of version ${found.version}; this program reads version 1. Ask for it as version 1`,
    );
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

/** The text of a slab file: two spaces deep, one line feed at the end. Reading it gives the same slab back. */
export function writeSlab(slab: Slab): string {
  return `${JSON.stringify(slab, null, 2)}\n`;
}

function refuse(path: string, message: string): Read<never> {
  return { ok: false, problems: [{ path, message }] };
}

function isRecord(found: unknown): found is Record<string, unknown> {
  return typeof found === 'object' && found !== null;
}

/** More lines or steps in all than anything can be worked out from at once. */
function tooMany({ preparations }: Slab): Problem[] {
  return (['lines', 'steps'] as const).flatMap((room) => {
    const count = preparations.reduce((sum, preparation) => sum + (preparation[room]?.length ?? 0), 0);
    if (count <= MOST_IN_ALL[room]) return [];
    return [
      { path: '/preparations', message: `${count} ${room} are too many: at most ${MOST_IN_ALL[room]} are possible` },
    ];
  });
}

function doubledIds(slab: Slab): Problem[] {
  return (['preparations', 'layers'] as const).flatMap((room) =>
    slab[room].flatMap(({ id }, at) =>
      slab[room].findIndex((item) => item.id === id) === at
        ? []
        : [{ path: `/${room}/${at}/id`, message: `"${id}" is used twice: give each its own id` }],
    ),
  );
}

/** Steps of a preparation with one id, or with times that do not rise. */
function muddledSteps(slab: Slab): Problem[] {
  return slab.preparations.flatMap(({ steps = [] }, p) =>
    steps.flatMap(({ id, minutes, leastMinutes = minutes, mostMinutes = minutes, wait }, at): Problem[] => {
      const path = `/preparations/${p}/steps/${at}`;
      const doubled = steps.findIndex((step) => step.id === id) !== at;
      return [
        ...(doubled ? [{ path: `${path}/id`, message: `"${id}" is used twice: give each step its own id` }] : []),
        ...(leastMinutes > minutes
          ? [{ path: `${path}/leastMinutes`, message: `Write ${minutes} or less: it is longer than the usual time` }]
          : []),
        ...(mostMinutes < minutes
          ? [{ path: `${path}/mostMinutes`, message: `Write ${minutes} or more: it is shorter than the usual time` }]
          : []),
        ...((wait?.minMinutes ?? 0) > (wait?.maxMinutes ?? Infinity)
          ? [
              {
                path: `${path}/wait/maxMinutes`,
                message: `Write ${wait!.minMinutes} or more: it is shorter than the least wait`,
              },
            ]
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
        : [
            {
              path: `/layers/${at}/from/${part}/preparation`,
              message: `There is no preparation with the id "${preparation}"`,
            },
          ],
    ),
  );
}

function overTaken(slab: Slab): Problem[] {
  const taken = sharesTaken(slab);
  return slab.preparations.flatMap(({ id, name }) => {
    const share = taken.get(id) ?? 0;
    if (!isOverTaken(share)) return [];
    const at = slab.layers.findLastIndex(({ from }) => from.some(({ preparation }) => preparation === id));
    return [
      {
        path: `/layers/${at}/from`,
        message: `The layers take ${Math.round(share * 100)} % of ${name}: bring the shares down to 1 in total`,
      },
    ];
  });
}

function overDivided(slab: Slab): Problem[] {
  const known = new Set(slab.preparations.map(({ id }) => id));
  return slab.preparations.flatMap(({ lines }, p) =>
    lines.flatMap(({ divided = [], ingredient }, l) => {
      const path = `/preparations/${p}/lines/${l}/divided`;
      const lost = divided.findIndex(({ preparation }) => preparation !== undefined && !known.has(preparation));
      if (lost !== -1) {
        const message = `There is no preparation with the id "${divided[lost]!.preparation!}"`;
        return [{ path: `${path}/${lost}/preparation`, message }];
      }
      const total = divided.reduce((sum, { share }) => sum + share, 0);
      if (!isOverTaken(total)) return [];
      const message = `The parts of ${ingredient} are ${Math.round(total * 100)} % of it: bring them down to 1 in total`;
      return [{ path, message }];
    }),
  );
}

function disagreeing(slab: Slab): Problem[] {
  return slab.preparations.flatMap(({ cookTo }, at) => {
    const apart = cookTo && scalesDisagreeC(cookTo);
    if (!apart) return [];
    return [
      {
        path: `/preparations/${at}/cookTo`,
        message: `Celsius and Fahrenheit are ${apart.toFixed(0)} degrees C apart: keep the right one and drop the other`,
      },
    ];
  });
}
