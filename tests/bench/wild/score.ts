/** How many facts of whole recipes their slabs have. */
import { readMethod, slabFromMethod } from '$core/method';
import { measuresOf, readRecipe } from '$core/recipe';
import type { Layer, Preparation, Slab } from '$core/slab';
import type { AnyTin } from '$core/tin';
import { larderOf } from '$core/larder';
import { starterIngredients } from '../../unit/things';
import type { WildRecipe } from './recipe';

/** Facts of recipes, and those that the slab has; `wrong` describes the others. */
export interface WildScore {
  readonly facts: number;
  readonly right: number;
  readonly wrong: readonly string[];
}

const starter = larderOf(starterIngredients);

/** Lines that go into no mixture. */
const NOT_FOOD = /rice paper|wafer (?:paper|sheet)|sheets? of wafer/i;
const NEAR_C = 3;

/** Reads the text of a recipe as the paste screen does. */
export function readOf(text: string) {
  const measures = measuresOf(text) ?? 'metric';
  return readMethod(readRecipe(text, measures, starter), '', measures);
}
export const slabOf = (text: string): Slab => slabFromMethod(readOf(text));

function tinText(tin: AnyTin): string {
  return tin.shape === 'rectangle' ? `${tin.lengthMm.toFixed(0)}x${tin.widthMm.toFixed(0)}` : tin.shape;
}

/** The lines of each preparation, and those that only a part of goes there. */
function linesIn(slab: Slab): ReadonlyMap<string, readonly string[]> {
  const found = new Map<string, string[]>(slab.preparations.map(({ id }) => [id, []]));
  for (const { id, lines } of slab.preparations)
    for (const { ingredient, text, divided = [] } of lines) {
      const written = `${text ?? ''} ${ingredient}`.toLowerCase();
      if (NOT_FOOD.test(written)) continue;
      const away = divided.filter(({ preparation }) => preparation !== undefined && preparation !== id);
      if (away.reduce((sum, { share }) => sum + share, 0) < 0.999) found.get(id)!.push(written);
      for (const { preparation } of away) found.get(preparation!)?.push(written);
    }
  return found;
}

const keysOf = (wanted: string) =>
  wanted
    .replace(/@.*/, '')
    .split(',')
    .map((key) => key.trim().toLowerCase());
const endOf = (wanted: string) => /@(\d+)/.exec(wanted)?.[1];

/** How many of the wanted keys and of the lines agree, 0 to 1. */
function agreement(keys: readonly string[], lines: readonly string[]): number {
  const named = keys.filter((key) => lines.some((line) => line.includes(key))).length;
  const known = lines.filter((line) => keys.some((key) => line.includes(key))).length;
  return lines.length === 0 ? 0 : (named / keys.length) * (known / lines.length);
}

/** Scores the slab of one recipe. */
export function scoreSlab(recipe: WildRecipe, slab: Slab): WildScore {
  let [facts, right] = [0, 0];
  const wrong: string[] = [];
  const fact = (name: string, isRight: boolean, found: unknown) => {
    facts += 1;
    if (isRight) right += 1;
    else wrong.push(`${recipe.name}: ${name}, found ${JSON.stringify(found)}`);
  };
  if (recipe.tin !== null) fact(`tin ${recipe.tin}`, sameTin(recipe.tin, slab.tin), tinText(slab.tin));

  const lines = linesIn(slab);
  const used = slab.preparations.filter(({ id }) => lines.get(id)!.length > 0);
  const mixtures = Object.entries(recipe.mixtures);
  fact(
    `${mixtures.length} mixtures`,
    used.length === mixtures.length,
    used.map(({ name }) => name),
  );
  const preparationOf = new Map<string, Preparation>();
  const pairs = mixtures
    .flatMap(([name, wanted]) =>
      used.map((made) => ({ name, made, by: agreement(keysOf(wanted), lines.get(made.id)!) })),
    )
    .sort((a, b) => b.by - a.by);
  for (const { name, made, by } of pairs)
    if (by > 0.2 && !preparationOf.has(name) && ![...preparationOf.values()].includes(made))
      preparationOf.set(name, made);
  for (const [name, wanted] of mixtures) {
    const made = preparationOf.get(name);
    const has = made ? lines.get(made.id)! : [];
    fact(`${name} of ${wanted}`, agreement(keysOf(wanted), has) > 0.999, has);
    const end = endOf(wanted);
    const found = made?.cookTo?.celsius;
    if (end !== undefined || found !== undefined)
      fact(`${name} cooked to ${end ?? 'nothing'}`, Math.abs(Number(end) - (found ?? NaN)) <= NEAR_C, found ?? null);
  }

  const shown = (layer: Layer) => `${layer.from.map(({ preparation }) => preparation).join('+')}:${layer.spread}`;
  fact(`${recipe.layers.length} layers`, slab.layers.length === recipe.layers.length, slab.layers.map(shown));
  recipe.layers.forEach((wanted, at) => {
    const [names = '', spread = 'level'] = wanted.split(':');
    const ids = names.split('+').map((name) => preparationOf.get(name)?.id);
    const layer = slab.layers[at];
    const from = layer?.from.map(({ preparation }) => preparation) ?? [];
    const isMade = ids.length === from.length && ids.every((id) => id !== undefined && from.includes(id));
    fact(`layer ${at + 1} ${wanted}`, isMade && layer?.spread === spread, layer ? shown(layer) : null);
  });

  const bakes = bakesOf(slab);
  const wantedBakes = recipe.bakes ?? [];
  for (let at = 0; at < Math.max(bakes.length, wantedBakes.length); at++)
    fact(`bake ${wantedBakes[at] ?? 'none'}`, sameBake(wantedBakes[at], bakes[at]), bakes[at] ?? null);

  for (const [name, wanted] of Object.entries(recipe.waits ?? {})) {
    const [place, minutes] = wanted.split(' ');
    const id = preparationOf.get(name)?.id;
    const at = slab.layers.findLastIndex(({ from }) => from.some(({ preparation }) => preparation === id));
    // What is scattered waits with what it lies on.
    const near = slab.layers.filter(
      ({ spread }, l) =>
        l === at || (l === at + 1 && spread === 'scatter') || (l === at - 1 && slab.layers[at]?.spread === 'scatter'),
    );
    const waits = near.map(({ set }) => ({ place: set?.place ?? 'room', min: set?.minMinutes ?? 0 }));
    const isRight = waits.some(
      (own) => own.place === place && (Number(minutes) === 0 || Math.abs(own.min - Number(minutes)) <= 1),
    );
    fact(`${name} waits ${wanted}`, at >= 0 && isRight, waits);
  }
  const { cut } = slab;
  const pieces = cut === undefined ? null : cut.way === 'break' ? 'break' : cut.columns * cut.rows;
  fact(`cut ${recipe.cut}`, pieces === recipe.cut, pieces);
  const keep = slab.keep ? `${slab.keep.place} ${slab.keep.days}` : null;
  fact(`keeps ${recipe.keep}`, keep === recipe.keep, keep);
  return { facts, right, wrong };
}

function sameTin(wanted: string, tin: AnyTin): boolean {
  if (tin.shape !== 'rectangle') return false;
  const [length = NaN, width = NaN] = wanted.split('x').map(Number);
  return Math.abs(tin.lengthMm - length) <= 2 && Math.abs(tin.widthMm - width) <= 2;
}

interface Bake {
  readonly minutes: number;
  readonly ovenC: number;
}
/** The bakes of a slab; one that bakes several layers together counts once. */
function bakesOf({ preparations }: Slab): Bake[] {
  const found = new Map<string, Bake>();
  for (const { steps = [] } of preparations)
    for (const { text, ovenC, minutes, leastMinutes } of steps)
      if (ovenC !== undefined) found.set(text, { minutes: leastMinutes ?? minutes, ovenC });
  return [...found.values()];
}

function sameBake(wanted: string | undefined, found: Bake | undefined): boolean {
  const [minutes, ovenC] = wanted?.split(' @').map(Number) ?? [];
  return (
    found !== undefined &&
    minutes !== undefined &&
    Math.abs(found.minutes - minutes) <= 1 &&
    Math.abs(found.ovenC - ovenC!) <= NEAR_C
  );
}

/** Scores recipes together. */
export function scoreWild(recipes: readonly WildRecipe[], slabFor: (text: string) => Slab = slabOf): WildScore {
  const scores = recipes.map((recipe) => scoreSlab(recipe, slabFor(recipe.text)));
  const sum = (of: (score: WildScore) => number) => scores.reduce((total, score) => total + of(score), 0);
  return {
    facts: sum(({ facts }) => facts),
    right: sum(({ right }) => right),
    wrong: scores.flatMap(({ wrong }) => wrong),
  };
}
