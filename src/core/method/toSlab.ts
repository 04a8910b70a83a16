import {
  freshId,
  USUAL_MINUTES,
  USUAL_OVEN_C,
  type CutSpec,
  type Layer,
  type Preparation,
  type Slab,
  type Step,
} from '../slab';
import type { AnyTin } from '../tin';
import type { CutRead } from './cutIn';
import type { StepKind } from './kinds';
import type { RecipeRead } from './read';
import type { StepRead } from './steps';

/** Below this end temperature a pot is warmed, not boiled, °C. */
const COOKS_FROM_C = 80;
/** Film thickness on dipped pieces, mm. */
const DIP_MM = 1.2;
/** Default shard mass, g. */
const BROKEN = { aimG: 30 } as const;
/** Length of a bar divided by its width. */
const BAR_RATIO = 2.5;

const WORK: Readonly<Partial<Record<StepKind, Pick<Step, 'hands' | 'occupies'>>>> = {
  bake: { hands: 'free', occupies: ['oven'] },
  boil: { hands: 'watch', occupies: ['ring'] },
  melt: { hands: 'watch', occupies: ['ring'] },
  set: { hands: 'free' },
};

/** Steps to skip: warnings, yields, and moving the pot. */
const NO_STEP =
  /^(?:don't|do not|never|avoid|makes|yields?|serves)\b|^(?:total|prep(?:aration)?|cook(?:ing)?|active|hands-on)(?: time)?:|^(?:remove|take)\b[^,;]{0,20}\b(?:from|off) (?:the )?heat\.?$/i;
/** Whisking by hand while another pot is watched is not possible. */
const BY_MACHINE: Pick<Step, 'hands' | 'occupies'> = { hands: 'watch', occupies: ['mixer'] };
const timesOf = ({
  kind,
  minutes,
}: Pick<StepRead, 'kind' | 'minutes'>): Pick<Step, 'minutes' | 'leastMinutes' | 'mostMinutes'> => {
  const [leastMinutes, usual, mostMinutes] = minutes
    ? [minutes[0], (minutes[0] + minutes[1]) / 2, minutes[1]]
    : USUAL_MINUTES[kind];
  const rounded = Math.round(usual * 10) / 10;
  return leastMinutes === mostMinutes ? { minutes: rounded } : { minutes: rounded, leastMinutes, mostMinutes };
};

/** A preparation while its steps are collected. */
interface Gathered {
  steps: Step[];
  /** Whether it is in the tin. */
  isLaid: boolean;
  isBaked: boolean;
  addedAt: Map<string, { step: string; share: number }[]>;
  cookTo: Preparation['cookTo'];
  layer: Partial<Layer>;
  /** Preparations mixed into it, which share its layer. */
  with: string[];
  /** The preparation that it is poured into hot. */
  meets: string | null;
  meetsAt: string | null;
}

/**
 * Returns the slab of a recipe with its method: steps with times, end points and oven temperatures, when each ingredient is
 * added, what each layer waits for and where, the tin, the cut and the shelf life. The text of the method stays in the notes.
 */
export function slabFromMethod({ slab, method }: RecipeRead): Slab {
  const gathered = new Map<string, Gathered>(
    slab.preparations.map(({ id }) => [
      id,
      {
        steps: [],
        isLaid: false,
        isBaked: false,
        addedAt: new Map(),
        cookTo: undefined,
        layer: {},
        with: [],
        meets: null,
        meetsAt: null,
      },
    ]),
  );
  for (const read of method.steps) take(read, gathered);
  const met = new Set([...gathered].flatMap(([id, { meets }]) => (meets === null ? [] : [id, meets])));
  const preparations = slab.preparations.map((preparation): Preparation => {
    const { steps, addedAt, cookTo, meets, meetsAt } = gathered.get(preparation.id)!;
    if (steps.length === 0) return preparation;
    // The last boil with an end point sets the preparation's end point.
    const cooks = steps.findLast(({ cooks }) => cooks)?.id;
    return {
      ...preparation,
      lines: preparation.lines.map((line) => goesInAt(line, addedAt.get(line.ingredient) ?? [], steps)),
      ...(cookTo ? { cookTo } : {}),
      ...(meets === null ? {} : { meets: { preparation: meets, ...(meetsAt === null ? {} : { atStep: meetsAt }) } }),
      steps: steps.map(({ cooks: _, ...step }) => ({
        ...step,
        ...(met.has(preparation.id) && step.id.startsWith('beat') ? BY_MACHINE : {}),
        ...(step.id === cooks ? { cooks: true } : {}),
      })),
    };
  });
  const layers = laidTogether(slab.layers, gathered).map((layer): Layer => ({
    ...layer,
    ...gathered.get(layer.from[0]?.preparation ?? '')?.layer,
  }));
  const tin = method.tin ?? slab.tin;
  return {
    ...slab,
    tin,
    preparations,
    layers,
    ...(method.cut ? { cut: cutFor(method.cut, tin, slab.cut) } : {}),
    ...(method.keep ? { keep: method.keep } : {}),
    ...(method.text === '' ? {} : { notes: [slab.notes, method.text].filter(Boolean).join('\n').slice(0, 20000) }),
  };
}

/** A preparation poured into another shares its layer. */
function laidTogether(layers: readonly Layer[], gathered: ReadonlyMap<string, Gathered>): Layer[] {
  const joined = new Set([...gathered.values()].flatMap((own) => own.with));
  return layers.flatMap((layer) => {
    const { preparation = '' } = layer.from[0] ?? {};
    if (joined.has(preparation)) return [];
    const others = (gathered.get(preparation)?.with ?? []).map((id) => ({ preparation: id, share: 1 }));
    return [others.length > 0 ? { ...layer, from: [...layer.from, ...others] } : layer];
  });
}

function take(read: StepRead, gathered: Map<string, Gathered>): void {
  const own = read.of === null ? undefined : gathered.get(read.of);
  if (!own) return;
  const { kind } = read;
  if (NO_STEP.test(read.text) && (kind === 'other' || kind === 'set')) return;
  const other = read.joins === null ? undefined : gathered.get(read.joins);
  const isOpen = (gathered: Gathered) => !gathered.isLaid && !gathered.isBaked && gathered.steps.length > 0;
  if (other && isOpen(other) && isOpen(own)) {
    own.with.push(read.joins!);
    if (kind === 'lay') {
      own.meets = read.joins;
      return;
    }
  }
  // "Lay the butter on top" of a pot's contents adds it.
  const isAdded =
    kind === 'lay' &&
    read.adds.length > 0 &&
    !own.isLaid &&
    !/\b(?:tin|pan|tray|base|sheet|frame|crust)\b/i.test(read.text);
  if ((kind === 'lay' && !isAdded) || kind === 'scatter') {
    const wasLaid = own.isLaid;
    own.isLaid = true;
    if (kind === 'lay' && own.layer.spread === 'scatter') own.layer = { ...own.layer, spread: 'level' };
    if (kind === 'scatter' && !wasLaid) own.layer = { ...own.layer, spread: 'scatter' };
    if (kind === 'lay' && read.celsius !== null) own.layer = { ...own.layer, pourC: read.celsius };
    if (read.adds.length > 0) note(own, read, own.steps.at(-1)?.id ?? null);
    return;
  }
  if (kind === 'set' && own.isLaid) {
    own.layer = { ...own.layer, set: waits(own.layer.set, read) };
    return;
  }
  if (kind === 'finish') {
    if (!own.isLaid && /\b(?:dip|coat|enrobe|half-dip)\b/i.test(read.text))
      own.layer = { ...own.layer, spread: 'coat', thicknessMm: DIP_MM };
    return;
  }
  if (kind === 'cut' || kind === 'pack') return;
  const step = stepFor(read, own);
  note(own, read, step.id);
  own.steps.push(step);
  if (own.meets !== null) own.meetsAt ??= step.id;
  if (kind === 'press') own.isLaid = true;
  if (kind === 'boil' && read.celsius !== null && read.celsius >= COOKS_FROM_C)
    own.cookTo = { celsius: read.celsius, ...(read.stage ? { stage: read.stage } : {}) };
  if (kind === 'bake' && read.adds.length === 0) bakes(step, read, own, gathered);
}

const hasPressed = ({ steps }: Pick<Gathered, 'steps'>) => steps.some(({ id }) => id.startsWith('press'));

function stepFor(read: StepRead, { steps, isLaid }: Gathered): Step {
  const { kind, celsius } = read;
  const last = steps.at(-1);
  const cools = kind === 'set' ? (celsius ?? (/\bluke ?warm\b/i.test(read.text) ? 40 : null)) : null;
  const isBake = kind === 'bake' && (isLaid || read.adds.length === 0);
  return {
    id: steps.some(({ id }) => id === kind) ? freshId(kind, steps) : kind,
    text: read.text.charAt(0).toUpperCase() + read.text.slice(1),
    ...timesOf(read),
    ...(WORK[kind] ?? { hands: 'busy' }),
    ...(kind === 'set' && read.place !== null && read.place !== 'room' ? { occupies: [read.place] } : {}),
    ...(isBake ? { ovenC: read.ovenC ?? USUAL_OVEN_C } : {}),
    ...(kind === 'boil' && celsius !== null && celsius >= COOKS_FROM_C ? { cooks: true } : {}),
    ...(cools === null ? {} : { coolTo: { celsius: cools } }),
    ...(last ? { after: [last.id] } : {}),
  };
}

/** Baking: everything raw in the tin bakes together; a layer on a base that is already baked is baked with it. */
function bakes(step: Step, { of }: StepRead, own: Gathered, gathered: Map<string, Gathered>): void {
  const below = [...gathered].filter(([id]) => id !== of).map(([, other]) => other);
  own.isLaid = true;
  if (below.some(({ isBaked }) => isBaked)) own.steps[own.steps.indexOf(step)] = { ...step, lays: true };
  for (const other of below.filter(
    ({ isLaid, isBaked, steps }) => isLaid && !isBaked && steps.length > 0 && hasPressed({ steps }),
  )) {
    other.steps.push({ ...step, id: freshId('bake', other.steps), after: other.steps.slice(-1).map(({ id }) => id) });
    other.isBaked = true;
  }
  own.isBaked = true;
}

/** Waits that follow one another add up, in the place of the longer one. */
function waits(before: Layer['set'], { minutes, place, celsius }: StepRead): Layer['set'] {
  const [was, now] = [before?.minMinutes ?? 0, minutes?.[0] ?? 0];
  const where = now >= was ? (place ?? before?.place) : (before?.place ?? place);
  return {
    ...before,
    place: where ?? 'room',
    ...(was + now > 0 ? { minMinutes: was + now } : {}),
    ...(celsius === null ? {} : { toC: celsius }),
  };
}

function note({ addedAt }: Gathered, { adds, shares }: StepRead, step: string | null): void {
  if (step === null) return;
  for (const ingredient of adds) {
    const share = shares[ingredient] ?? 1;
    addedAt.set(ingredient, [...(addedAt.get(ingredient) ?? []), { step, share }]);
  }
}

/** Returns a line with the step at which it is added, if that is not the first; partial amounts divide the line. */
function goesInAt(
  line: Preparation['lines'][number],
  at: readonly { step: string; share: number }[],
  steps: readonly Step[],
) {
  const [first, ...later] = at;
  if (!first) return line;
  const isFirst = first.step === steps[0]?.id;
  const divided = later.filter(({ step }) => step !== first.step).map(({ step, share }) => ({ share, addedAt: step }));
  return { ...line, ...(isFirst ? {} : { addedAt: first.step }), ...(divided.length > 0 ? { divided } : {}) };
}

/** Returns the cut for a tin: columns along its length, rows along its width. */
function cutFor(read: CutRead, tin: AnyTin, before: CutSpec | undefined): CutSpec {
  const cut: CutSpec = before ?? { columns: 6, rows: 4 };
  if (read.way === 'break') return { ...cut, way: 'break', break: BROKEN, tool: 'hand', kerfMm: 0 };
  const shaped: CutSpec = read.shape === 'rectangle' ? cut : { ...cut, shape: read.shape };
  if (read.columns !== null && read.rows !== null) return { ...shaped, columns: read.columns, rows: read.rows };
  if (tin.shape !== 'rectangle') return read.pieces === null ? shaped : { ...shaped, ...gridOf(read.pieces, 1, 1) };
  const trim = cut.trimMm ?? {};
  const lengthMm = tin.lengthMm - (trim.left ?? 0) - (trim.right ?? 0);
  const widthMm = tin.widthMm - (trim.front ?? 0) - (trim.back ?? 0);
  if (read.widthMm !== null) {
    const most = (mm: number, by: number) => Math.min(200, Math.max(1, Math.floor(mm / by + 0.05)));
    const [short, long] = [read.lengthMm ?? read.widthMm, read.widthMm].sort((a, b) => a - b) as [number, number];
    if (read.lengthMm !== null) {
      // Uses the orientation with more pieces.
      const along = most(lengthMm, short) * most(widthMm, long);
      const across = most(lengthMm, long) * most(widthMm, short);
      return along >= across
        ? { ...shaped, columns: most(lengthMm, short), rows: most(widthMm, long) }
        : { ...shaped, columns: most(lengthMm, long), rows: most(widthMm, short) };
    }
    return { ...shaped, columns: most(lengthMm, read.widthMm), rows: 1 };
  }
  return read.pieces === null
    ? shaped
    : { ...shaped, ...gridOf(read.pieces, lengthMm / widthMm, read.isLong ? BAR_RATIO : 1) };
}

/** Returns columns and rows with that number of pieces, or nearly, and faces closest to the wanted proportions. */
function gridOf(pieces: number, aspect: number, ratio: number): Pick<CutSpec, 'columns' | 'rows'> {
  let best = { columns: 1, rows: Math.min(200, pieces), badness: Infinity };
  for (let columns = 1; columns <= Math.min(200, pieces); columns++) {
    const rows = Math.min(200, Math.max(1, Math.round(pieces / columns)));
    const shape = Math.abs(Math.log((aspect * rows) / columns));
    const badness = Math.abs(columns * rows - pieces) * 2 + Math.abs(shape - Math.log(ratio));
    if (badness < best.badness) best = { columns, rows, badness };
  }
  return { columns: best.columns, rows: best.rows };
}
