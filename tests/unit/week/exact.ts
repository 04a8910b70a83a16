/** Small weeks of one day as time-indexed integer programs (Pritsker and others 1969), for HiGHS, to compare plans with. */
import type { LegacyHighs } from 'highs';
import { steadyRandom, type Activity } from '$core/time';
import { stepsOfBatch, type BatchSteps, type WeekQuestion, type Workroom } from '$core/week';

const UNIT = 10;
const DAY = 1440;
const OPENS = 8 * 60;
const CLOSES = 13 * 60;

/** Returns a small week: up to four batches of six to ten steps, all on one day, with one person, one oven and two rings. */
export function smallWeek(seed: number): WeekQuestion {
  const random = steadyRandom(seed * 7919 + 1);
  const pick = (low: number, high: number) => low + Math.floor(random() * (high - low + 1));
  const count = 2;
  const batches = Array.from({ length: count }, (_, b): BatchSteps => {
    const step = (id: string, units: number, part: Partial<Activity>): Activity => ({
      ...{ id, of: id, title: { code: 'mix', name: id }, minutes: units * UNIT, hands: 'busy', occupies: [] },
      ...{ ovenC: null, caution: null, after: [] },
      ...part,
    });
    const link = (on: string, least: number, most: number | null) => ({
      ...{ on, least: least * UNIT, most: most === null ? null : most * UNIT },
    });
    const bakes = random() < 0.6;
    const activities = [
      step('weigh', 1, {}),
      step('base', pick(1, 2), { after: [link('weigh', 0, null)] }),
      bakes
        ? step('bake', pick(2, 3), { hands: 'free', occupies: ['oven'], ovenC: 160, after: [link('base', 0, 3)] })
        : step('rest', pick(1, 3), { hands: 'free', after: [link('base', 0, 0)] }),
      step('boil', pick(1, 3), { hands: 'watch', occupies: ['ring'], after: [link('weigh', 0, null)] }),
      step('lay', 1, { after: [link(bakes ? 'bake' : 'rest', 0, null), link('boil', 0, 1)] }),
      step('set', pick(2, 6), { hands: 'free', after: [link('lay', 0, 0)] }),
      step('cut', pick(1, 2), { after: [link('set', 0, pick(6, 20))] }),
      step('pack', 1, { after: [link('cut', 0, null)] }),
    ];
    const due = DAY + CLOSES - pick(0, 12) * UNIT;
    return stepsOfBatch({ id: String(b), activities, tins: [], notBefore: 0, due })!;
  });
  const workroom: Workroom = {
    people: [{ name: 'Maker', hours: [{ from: DAY + OPENS, to: DAY + CLOSES }] }],
    ovens: [{ name: 'oven 1', shelves: 2, heatUpMinutes: 0 }],
    ...{ rings: 2, mixers: 1, boards: 1, fridgeMm2: null, freezerMm2: null, tins: new Map(), blocked: [] },
  };
  const days = [0, DAY, 2 * DAY];
  return { workroom, batches, minutes: 2 * DAY, days, kept: new Map(), running: [], before: null };
}

/** Returns the program: late minutes and the time from the first to the last attended step, in units, as little as possible. */
function programOf({ batches }: WeekQuestion): string {
  const [open, close] = [OPENS / UNIT, CLOSES / UNIT];
  const all = batches.flatMap(({ batch, steps }, b) =>
    steps.map((step, i) => ({ step, name: `${b}_${i}`, b, d: step.minutes / UNIT, due: (batch.due - DAY) / UNIT })),
  );
  const times = Array.from({ length: close - open + 1 }, (_, t) => open + t);
  const x = (name: string, t: number) => `x${name}_${t}`;
  const startOf = (name: string, sign: string) => times.map((t) => `${sign} ${t} ${x(name, t)}`).join(' ');
  const rows: string[] = [];
  const add = (row: string) => rows.push(` r${rows.length}: ${row}`);
  for (const { step, name, b, d, due } of all) {
    add(`${times.map((t) => x(name, t)).join(' + ')} = 1`);
    if (step.isAttended) {
      for (const t of times) if (t + d > close) add(`${x(name, t)} = 0`);
      add(`${startOf(name, '+')} - first >= 0`);
      add(`last ${startOf(name, '-')} >= ${d}`);
    }
    add(`late${b} ${startOf(name, '-')} >= ${d - due}`);
    for (const { at, least, most } of step.before) {
      const before = all.find((other) => other.b === b && other.step === batches[b]!.steps[at])!;
      add(`${startOf(name, '+')} ${startOf(before.name, '-')} >= ${before.d + least / UNIT}`);
      if (Number.isFinite(most)) add(`${startOf(name, '+')} ${startOf(before.name, '-')} <= ${before.d + most / UNIT}`);
    }
  }
  const limit = (most: number, of: (step: BatchSteps['steps'][number]) => number) => {
    for (const t of times) {
      const terms = all.flatMap(({ step, name, d }) =>
        of(step) === 0 ? [] : times.filter((u) => u <= t && u > t - d).map((u) => `${of(step)} ${x(name, u)}`),
      );
      if (terms.length > 0) add(`${terms.join(' + ')} <= ${most}`);
    }
  };
  limit(2, ({ halves }) => halves);
  limit(2, ({ activity }) => (activity.occupies.includes('ring') ? 1 : 0));
  limit(2, ({ activity }) => (activity.occupies.includes('oven') ? 1 : 0));
  const late = batches.map((_, b) => `late${b}`);
  return [
    ...['Minimize', ` obj: ${late.join(' + ')} + last - first`, 'Subject To', ...rows, 'Binary'],
    ` ${all.flatMap(({ name }) => times.map((t) => x(name, t))).join(' ')}`,
    'End',
  ].join('\n');
}

/** Returns the least possible total of lateness and presence, min; `null` if it is not proven within the time, or there is no plan. */
export function exactWeek(highs: LegacyHighs, question: WeekQuestion, seconds: number): number | null {
  const found = highs.solve(programOf(question), { time_limit: seconds, mip_rel_gap: 0 });
  return found.Status === 'Optimal' ? found.ObjectiveValue * UNIT : null;
}
