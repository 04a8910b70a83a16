import { parseSlab, type Slab } from '$core/slab';
import { tinSchema, type RackTin, type TinCount } from '$core/tin';
import { isPeriod, MAX_WEEK_DAYS, type WeekAsk } from '$core/usecases';
import {
  fields,
  list,
  momentSchema,
  number,
  problem,
  problemsUnder,
  readBy,
  REQUIRED,
  text,
  whole,
  type Held,
  type Problem,
  type Read,
} from '$core/validation';
import * as yup from 'yup';

const MAX_BATCHES = 100;
const MAX_SECONDS = 12;

const span = { from: momentSchema.required(REQUIRED), to: momentSchema.required(REQUIRED) };
const spans = list(fields(span).required(REQUIRED), 400);

/** A tin by its name on the rack, or by its measures. */
export const namedTins = list(
  fields({ tin: yup.mixed().required(REQUIRED), count: whole(1, 100).required(REQUIRED) }).required(REQUIRED),
  20,
  1,
);

const workroomSchema = fields({
  hands: list(fields({ name: text(100), hours: spans.required(REQUIRED) }).required(REQUIRED), 10),
  ovens: list(
    fields({
      name: text(100),
      shelves: whole(1, 20).required(REQUIRED),
      heatUpMinutes: number(0, 120),
    }).required(REQUIRED),
    10,
  ),
  ...{ rings: whole(0, 20), mixers: whole(0, 10), boards: whole(1, 10) },
  ...{ fridgeMm2: number(0, 1e8), freezerMm2: number(0, 1e8) },
});

export const weekSchema = fields({
  ...span,
  orders: list(whole(1, Number.MAX_SAFE_INTEGER).required(REQUIRED), 1000),
  batches: list(
    fields({
      id: yup.mixed().required(REQUIRED),
      slab: yup.mixed().required(REQUIRED),
      tins: namedTins,
      notBefore: momentSchema,
      due: momentSchema.required(REQUIRED),
      takes: list(fields({ preparation: text(200), from: yup.mixed().required(REQUIRED) }).required(REQUIRED), 50),
    }).required(REQUIRED),
    MAX_BATCHES,
  ),
  workroom: workroomSchema,
  blocked: list(fields({ resource: text(100), ...span }).required(REQUIRED), 100),
  keep: list(
    fields({ batch: yup.mixed().required(REQUIRED), step: text(200), start: momentSchema.required(REQUIRED) }).required(
      REQUIRED,
    ),
    2000,
  ),
  seconds: number(0.1, MAX_SECONDS),
}).required(REQUIRED);

/** Body of `POST /api/week`. */
export type WeekRequest = Held<typeof weekSchema>;
type BatchRequest = NonNullable<WeekRequest['batches']>[number];

/** Reads the body of `POST /api/week`. */
export function readWeekRequest(found: unknown): Read<WeekRequest> {
  const read = readBy(weekSchema, found) as Read<WeekRequest>;
  if (!read.ok) return read;
  const { from, to, batches, orders, workroom, blocked = [] } = read.value;
  const problems: Problem[] = [];
  if ((orders === undefined) === (batches === undefined)) problems.push(problem('/batches', 'orders-or-batches'));
  if (!isPeriod(from, to)) problems.push(problem('/to', 'not-a-period', { days: MAX_WEEK_DAYS }));
  const names = new Set<string>();
  batches?.forEach(({ id }, i) => {
    if (names.has(String(id))) problems.push(problem(`/batches/${i}/id`, 'named-twice'));
    names.add(String(id));
  });
  blocked.forEach(({ from: begin, to: end }, i) => {
    if (Date.parse(begin) >= Date.parse(end)) problems.push(problem(`/blocked/${i}/to`, 'ends-before-it-begins'));
  });
  workroom?.hands?.forEach(({ hours }, p) => problems.push(...hoursProblems(hours, `/workroom/hands/${p}/hours`)));
  return problems.length > 0 ? { ok: false, problems } : read;
}

/** Returns what is wrong with hours: those that end before they begin, or overlap. */
function hoursProblems(hours: readonly { readonly from: string; readonly to: string }[], at: string): Problem[] {
  const parsed = hours.map(({ from, to }, i) => ({ i, from: Date.parse(from), to: Date.parse(to) }));
  return parsed.flatMap(({ i, from, to }): Problem[] => {
    if (from >= to) return [problem(`${at}/${i}/to`, 'ends-before-it-begins')];
    const over = parsed.some((other) => other.i < i && other.from < to && other.to > from);
    return over ? [problem(`${at}/${i}/from`, 'hours-overlap')] : [];
  });
}

/** Reads tins that are named, or given by their measures. */
export function tinsNamed(
  tins: readonly { readonly tin: unknown; readonly count: number }[],
  rack: readonly RackTin[],
  at: string,
): Read<TinCount[]> {
  const problems: Problem[] = [];
  const found = tins.flatMap(({ tin, count }, i): TinCount[] => {
    const named = typeof tin === 'string' ? rack.find(({ name }) => name === tin)?.tin : undefined;
    if (named) return [{ tin: named, count }];
    if (typeof tin === 'string') {
      problems.push(problem(`${at}/${i}/tin`, 'no-such-tin', { names: rack.map(({ name }) => name) }));
      return [];
    }
    const read = readBy(tinSchema, tin) as Read<TinCount['tin']>;
    if (read.ok) return [{ tin: read.value, count }];
    problems.push(...problemsUnder(`${at}/${i}/tin`, read.problems));
    return [];
  });
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: found };
}

/** Returns the slab of a batch, by its number or as a file. */
function slabOf(slab: unknown, at: string, byId: (id: number) => Slab | null): Read<Slab> {
  if (typeof slab !== 'number') {
    const read = parseSlab(slab);
    return read.ok ? { ok: true, value: read.value } : { ok: false, problems: problemsUnder(at, read.problems) };
  }
  const found = byId(slab);
  return found ? { ok: true, value: found } : { ok: false, problems: [problem(at, 'no-such-slab')] };
}

/** Returns the batches of a request with their slabs and tins. */
export function batchesOf(
  batches: readonly BatchRequest[],
  rack: readonly RackTin[],
  byId: (id: number) => Slab | null,
): Read<WeekAsk['batches']> {
  const problems: Problem[] = [];
  const read = batches.flatMap(({ id, slab, tins, notBefore, due, takes }, i): WeekAsk['batches'][number][] => {
    const file = slabOf(slab, `/batches/${i}/slab`, byId);
    const named = tins && tinsNamed(tins, rack, `/batches/${i}/tins`);
    if (!file.ok) problems.push(...file.problems);
    if (named && !named.ok) problems.push(...named.problems);
    if (!file.ok || (named && !named.ok)) return [];
    return [
      {
        ...{ id: String(id), slab: file.value, due: new Date(due) },
        ...(named ? { tins: named.value } : {}),
        ...(notBefore === undefined ? {} : { notBefore: new Date(notBefore) }),
        takes: (takes ?? []).map(({ preparation, from }) => ({ preparation, from: String(from) })),
      },
    ];
  });
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: read };
}

/** Returns the question of a request about batches. */
export function weekAskOf(asked: WeekRequest, batches: WeekAsk['batches']): WeekAsk {
  const dates = ({ from, to }: { readonly from: string; readonly to: string }) => ({
    from: new Date(from),
    to: new Date(to),
  });
  const { hands, ovens, ...counts } = asked.workroom ?? {};
  return {
    ...dates(asked),
    batches,
    workroom: {
      ...counts,
      ...(ovens
        ? {
            ovens: ovens.map(({ heatUpMinutes = 0, ...oven }) => ({
              ...oven,
              heatUpMinutes: Math.ceil(heatUpMinutes),
            })),
          }
        : {}),
    },
    ...(hands ? { people: hands.map(({ name, hours }) => ({ name, hours: hours.map(dates) })) } : {}),
    blocked: (asked.blocked ?? []).map(({ resource, ...span }) => ({ resource, ...dates(span) })),
    keep: (asked.keep ?? []).map(({ batch, step, start }) => ({ batch: String(batch), step, start: new Date(start) })),
  };
}
