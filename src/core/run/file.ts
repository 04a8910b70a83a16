import { ALLERGENS, ingredientSchema } from '../larder';
import { MEANS } from '../shop';
import { HANDS, type Slab } from '../slab';
import { BLOCKABLE } from '../time';
import {
  asMessage,
  fields,
  flag,
  isMoment,
  list,
  note,
  number,
  oneOf,
  problem,
  problemsOf,
  reason,
  REQUIRED,
  text,
  whole,
  type Problem,
  type Read,
} from '../validation';
import { runEventSchema, type RunEvent } from './events';
import { wholeRunPlan, type RunPlan } from './types';

/** A run as a file: its plan, and all events. */
export interface RunFile {
  readonly format: 'knife-tray/run';
  readonly version: 1;
  /** Slab file that it belongs to, if exported with others. */
  readonly file?: string | undefined;
  readonly slab: Slab;
  readonly plan: RunPlan;
  readonly events: readonly RunEvent[];
  /** Snapshot of slab, ingredients and settings that the plan was computed from. */
  readonly ingredients: readonly unknown[];
  readonly shop: object;
}

const MAX_STEPS = 500;
const MAX_LINES = 2000;
/** Maximum number of links between all steps together. */
const MAX_LINKS = 3000;
const MAX_EVENTS = 20_000;
const MAX_MINUTES = 1e6;

const id = text(200);
const minutes = number(-MAX_MINUTES, MAX_MINUTES);
const allergen = oneOf(ALLERGENS).required(REQUIRED);
const amount = number(0, 1e9).required(REQUIRED);
const tinRange = fields({ from: whole(1, 1e6).required(REQUIRED), to: whole(1, 1e6).required(REQUIRED) });
const step = fields({
  ...{ id, of: id, text: text(2000) },
  minutes: number(0, MAX_MINUTES).required(REQUIRED),
  hands: oneOf(HANDS).required(REQUIRED),
  occupies: list(text(), 20).required(REQUIRED),
  ovenC: number(0, 500).nullable().defined(REQUIRED),
  ...{ isHot: flag(), waitsForPot: flag() },
  ...{ shelves: whole(1, 100), share: number(0, 1), areaMm2: number(0, 1e9) },
  ...{ inTins: tinRange, lifts: tinRange },
  after: list(
    fields({ on: id, least: minutes.required(REQUIRED), most: minutes.nullable().defined(REQUIRED) }).required(
      REQUIRED,
    ),
    50,
  ).required(REQUIRED),
  caution: note(2000).nullable().defined(REQUIRED),
  planned: fields({ from: minutes.required(REQUIRED), to: minutes.required(REQUIRED) }).required(REQUIRED),
});
const line = fields({
  ...{ preparation: id, preparationName: text(200), line: whole(0, MAX_LINES).required(REQUIRED), ingredient: id },
  massG: number(0, 1e9).nullable().defined(REQUIRED),
  ...{ goesIn: note(200).defined(REQUIRED), measured: note(200).defined(REQUIRED) },
  inPotOf: note(200),
});
const celsius = number(-100, 500).required(REQUIRED);
const planSchema = fields({
  ...{ name: text(200), version: whole(1, 1e9).required(REQUIRED), lot: text(200), begin: text(40) },
  means: fields({
    hands: whole(1, 100).required(REQUIRED),
    ovens: whole(0, 100).required(REQUIRED),
    rings: whole(0, 100).required(REQUIRED),
    ovenShelves: whole(1, 20),
    ...{ fridgeMm2: MEANS.fridgeMm2, freezerMm2: MEANS.freezerMm2 },
    blocked: list(
      fields({
        what: oneOf(BLOCKABLE).required(REQUIRED),
        from: minutes.required(REQUIRED),
        to: minutes.required(REQUIRED),
      }).required(REQUIRED),
      50,
    ),
  }),
  steps: list(step.required(REQUIRED), MAX_STEPS).required(REQUIRED),
  lines: list(line.required(REQUIRED), MAX_LINES).required(REQUIRED),
  boils: list(fields({ step: id, preparation: id, targetC: celsius, showsC: celsius }).required(REQUIRED), MAX_STEPS),
  layers: list(
    fields({
      ...{ id, name: text(200), preparations: list(id, 100).required(REQUIRED) },
      ...{ thicknessMm: amount, areaMm2: amount, massG: amount },
    }).required(REQUIRED),
    MAX_STEPS,
  ),
  pots: list(
    fields({
      preparation: id,
      name: text(200),
      evaporatedG: amount,
      massOutG: amount,
      othersG: number(0, 1e9),
    }).required(REQUIRED),
    MAX_STEPS,
  ),
  ...{ pieces: amount, pieceG: amount, slabG: number(0, 1e9), trimG: number(0, 1e9) },
  allergens: fields({
    contains: list(allergen, ALLERGENS.length).required(REQUIRED),
    assumed: list(allergen, ALLERGENS.length).required(REQUIRED),
    unknownFor: list(text(200), MAX_LINES).required(REQUIRED),
  }),
});

const runFileSchema = fields({
  format: oneOf(['knife-tray/run']).required(asMessage(reason('not-a-run-file'))),
  version: whole(1, 1).required(REQUIRED),
  file: note(500),
  plan: planSchema.required(REQUIRED),
  ingredients: list(ingredientSchema.required(REQUIRED), MAX_LINES).required(REQUIRED),
});

/**
 * Reads the file of a run, but for the slab and the shop in it, which have readers of their own.
 *
 * Lengths are checked before items, so that a list that is too long costs nothing.
 */
export function readRunFile(found: unknown): Read<Omit<RunFile, 'slab' | 'shop'>> {
  const { events } = Object(found) as { events?: unknown };
  const problems: Problem[] = problemsOf(runFileSchema, found);
  const { plan } = Object(found) as { plan?: Partial<RunPlan> };
  if (problems.length === 0 && !isMoment(plan?.begin ?? '')) problems.push(problem('/plan/begin', 'no-such-moment'));
  if (problems.length === 0 && plan!.steps!.reduce((sum, { after }) => sum + after.length, 0) > MAX_LINKS)
    problems.push(problem('/plan/steps', 'too-many-links', { max: MAX_LINKS }));
  if (!Array.isArray(events)) problems.push(problem('/events', 'not-a-list'));
  else if (events.length > MAX_EVENTS) problems.push(problem('/events', 'too-many-events', { max: MAX_EVENTS }));
  else
    for (const [at, event] of events.entries()) {
      for (const wrong of problemsOf(runEventSchema, event))
        problems.push({ ...wrong, path: `/events/${at}${wrong.path}` });
      if (problems.length > 0) break;
    }
  if (problems.length > 0) return { ok: false, problems };
  const file = found as RunFile;
  return { ok: true, value: { ...file, plan: wholeRunPlan(file.plan) } };
}
