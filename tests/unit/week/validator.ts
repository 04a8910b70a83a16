/**
 * Checks the plan of a week minute by minute from what it says of itself: written apart from the scheduler, and without its code.
 */
export interface StatedStep {
  readonly batch: string;
  readonly step: string;
  readonly start: Date;
  readonly end: Date;
  readonly hands: string | null;
  readonly attention: number;
  readonly attended: boolean;
  readonly uses: readonly {
    readonly resource: string;
    readonly celsius?: number;
    readonly shelves?: number;
    readonly areaMm2?: number;
    readonly until?: Date;
  }[];
  readonly tins: readonly { readonly tin: string; readonly count: number }[];
  readonly after: readonly {
    readonly step: string;
    readonly batch?: string;
    readonly leastMinutes: number;
    readonly mostMinutes: number | null;
  }[];
}

export interface StatedRoom {
  readonly people: readonly { readonly name: string; readonly hours: readonly { from: Date; to: Date }[] }[];
  readonly ovens: readonly { readonly name: string; readonly shelves: number; readonly heatUpMinutes: number }[];
  readonly rings: number;
  readonly mixers: number;
  readonly fridgeMm2: number | null;
  readonly freezerMm2: number | null;
  readonly tins: ReadonlyMap<string, number>;
  readonly blocked: readonly { readonly resource: string; readonly from: Date; readonly to: Date }[];
}

export interface StatedWeek {
  readonly from: Date;
  readonly batches: readonly { readonly id: string; readonly notBefore?: Date | undefined; readonly due: Date }[];
  readonly room: StatedRoom;
  readonly steps: readonly StatedStep[];
  readonly late: readonly { readonly batch: string; readonly minutes: number | null }[];
}

const MINUTE = 60_000;
const minutesBetween = (a: Date, b: Date) => (b.getTime() - a.getTime()) / MINUTE;
const overlap = (a: { from: Date; to: Date }, b: { from: Date; to: Date }) => a.from < b.to && b.from < a.to;

/** Returns everything that is wrong, in words. */
export function wrongsOf({ from, batches, room, steps, late }: StatedWeek): string[] {
  const wrongs: string[] = [];
  const say = ({ batch, step }: StatedStep) => `${batch} ${step}`;
  const byName = new Map(steps.map((step) => [say(step), step]));

  for (const step of steps) {
    if (step.start < from) wrongs.push(`${say(step)} starts before the week`);
    if (step.end < step.start) wrongs.push(`${say(step)} ends before it starts`);
    for (const { step: on, batch: of = step.batch, leastMinutes, mostMinutes } of step.after) {
      const before = byName.get(`${of} ${on}`);
      if (!before) {
        wrongs.push(`${say(step)} waits for ${on}, which is not planned`);
        continue;
      }
      const wait = minutesBetween(before.end, step.start);
      if (wait < leastMinutes || (mostMinutes !== null && wait > mostMinutes))
        wrongs.push(`${say(step)} waits ${wait} for ${on}: allowed ${leastMinutes} to ${mostMinutes}`);
    }
    if (step.attention > 0 && step.hands === null) wrongs.push(`${say(step)} has nobody`);
  }

  /** Goes through the minutes of a span. */
  const eachMinute = (span: { from: Date; to: Date }, visit: (minute: number) => void) => {
    for (let t = span.from.getTime(); t < span.to.getTime(); t += MINUTE) visit(t);
  };
  const sums = new Map<string, Map<number, number>>();
  const use = (what: string, span: { from: Date; to: Date }, amount: number) =>
    eachMinute(span, (t) => {
      const own = sums.get(what) ?? new Map<number, number>();
      sums.set(what, own.set(t, (own.get(t) ?? 0) + amount));
    });
  const isOut = (what: readonly string[], span: { from: Date; to: Date }) =>
    room.blocked.some((blocked) => what.includes(blocked.resource) && overlap(blocked, span));
  const isThere = (name: string, t: number) => {
    const person = room.people.find((own) => own.name === name);
    const minute = { from: new Date(t), to: new Date(t + MINUTE) };
    return (
      (person?.hours.some(({ from, to }) => from.getTime() <= t && to.getTime() >= t + MINUTE) ?? false) &&
      !isOut(['people', name], minute)
    );
  };

  for (const step of steps) {
    const span = { from: step.start, to: step.end };
    if (step.hands !== null) {
      use(`person ${step.hands}`, span, step.attention);
      eachMinute(span, (t) => {
        if (!isThere(step.hands!, t)) wrongs.push(`${say(step)} by ${step.hands} who is not there`);
      });
    }
    if (step.attended)
      eachMinute(span, (t) => {
        if (!room.people.some(({ name }) => isThere(name, t))) wrongs.push(`${say(step)} is hot and nobody is there`);
      });
    for (const { resource, shelves = 1, areaMm2 = 0, until } of step.uses) {
      const used = { from: step.start, to: until ?? step.end };
      const isOven = resource.startsWith('oven');
      use(resource, used, isOven ? shelves : resource === 'fridge' || resource === 'freezer' ? areaMm2 : 1);
      if (isOut(isOven ? [resource, 'oven'] : [resource], used)) wrongs.push(`${say(step)} uses ${resource}, blocked`);
    }
  }

  const capacity = (what: string): number | null => {
    if (what.startsWith('person ')) return 1;
    if (what.startsWith('tin ')) return room.tins.get(what.slice(4)) ?? null;
    switch (what) {
      case 'ring':
        return room.rings;
      case 'mixer':
        return room.mixers;
      case 'fridge':
        return room.fridgeMm2;
      case 'freezer':
        return room.freezerMm2;
      case 'board':
      case 'marble':
        return 1;
      default:
        return room.ovens.find(({ name }) => name === what)?.shelves ?? 0;
    }
  };

  // At each minute a batch uses at least as many tins of a name as one of its steps states.
  for (const { id } of batches) {
    const own = steps.filter(({ batch }) => batch === id);
    for (const name of new Set(own.flatMap(({ tins }) => tins.map(({ tin }) => tin)))) {
      const most = new Map<number, number>();
      for (const { start, end, tins } of own) {
        const count = tins.filter(({ tin }) => tin === name).reduce((sum, { count }) => sum + count, 0);
        eachMinute({ from: start, to: end }, (t) => most.set(t, Math.max(most.get(t) ?? 0, count)));
      }
      for (const [t, count] of most) use(`tin ${name}`, { from: new Date(t), to: new Date(t + MINUTE) }, count);
    }
  }

  for (const [what, minutes] of sums) {
    const most = capacity(what);
    if (most === null) continue;
    for (const [t, sum] of minutes)
      if (sum > most + 1e-6) {
        wrongs.push(`${what} is used ${sum} of ${most} at ${new Date(t).toISOString()}`);
        break;
      }
  }

  for (const { name, heatUpMinutes } of room.ovens) {
    const bakes = steps.flatMap((step) =>
      step.uses.filter(({ resource }) => resource === name).map(({ celsius = 0 }) => ({ step, celsius })),
    );
    for (const a of bakes)
      for (const b of bakes) {
        if (a === b || a.celsius === b.celsius || a.step.start > b.step.start) continue;
        if (minutesBetween(a.step.end, b.step.start) < heatUpMinutes)
          wrongs.push(`${say(b.step)} at ${b.celsius} follows ${say(a.step)} at ${a.celsius} in ${name} too soon`);
      }
  }

  for (const { id, notBefore, due } of batches) {
    const own = steps.filter(({ batch }) => batch === id);
    const stated = late.find(({ batch }) => batch === id);
    if (own.length === 0) {
      if (stated?.minutes !== null) wrongs.push(`${id} is not planned, and not said to be`);
      continue;
    }
    const end = new Date(Math.max(...own.map((step) => step.end.getTime())));
    const minutes = minutesBetween(due, end);
    if (minutes > 0 && stated?.minutes !== minutes) wrongs.push(`${id} is ${minutes} late, and not said to be`);
    if (minutes <= 0 && stated) wrongs.push(`${id} is said to be late, and is not`);
    if (notBefore && own.some(({ start }) => start < notBefore)) wrongs.push(`${id} starts too early`);
  }
  return [...new Set(wrongs)];
}
