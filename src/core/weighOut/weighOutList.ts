import { cashToBuy, packsToBuy } from '../cost';
import { ingredientNamed, plainName, type Ingredient, type Larder } from '../larder';
import { benchAmount, benchMass, type Figures, type Measures, type Unit } from '../measure';
import type { Vessel } from '../tin';
import { poursOf, sharedMixturesOf, type Pour, type SharedMixture, type PlannedWork } from './sharedMixtures';

/** Destination of a part of an ingredient. */
export interface Division {
  readonly mixture: string;
  readonly name: string;
  readonly massG: number | null;
  /** Amount as measured at the bench. */
  readonly measured: string;
  readonly state: string | null;
}

/** One ingredient to weigh: the whole amount, then divided. */
export interface WeighOutItem {
  readonly key: string;
  readonly name: string;
  /** Total mass, g; `null` if a part of it cannot be weighed. */
  readonly massG: number | null;
  readonly measured: string;
  readonly divisions: readonly Division[];
  readonly heldG: number | null;
  /** Whole usual packs missing from the stock; `null` if the larder has no pack. */
  readonly toBuy: { readonly packs: number; readonly pack: string; readonly cash: number | null } | null;
}

export interface WeighOutVessel {
  readonly mixture: string;
  readonly name: string;
  readonly kind: 'pot' | 'bowl';
  readonly neededMl: number;
  readonly batches: number;
  /** What goes from which boil into which tin. */
  readonly pours: readonly Pour[];
  /** The shop's smallest vessel that holds it; `null` if none does or none are listed. */
  readonly vessel: string | null;
}

export interface WeighOutList {
  /** In the order of use. */
  readonly items: readonly WeighOutItem[];
  readonly mixtures: readonly SharedMixture[];
  readonly vessels: readonly WeighOutVessel[];
  /** Cost of the whole packs to buy. */
  readonly basket: number;
}

interface Where {
  readonly larder: Larder;
  readonly measures: Measures;
  readonly scaleStepG: number;
  /** How the shop displays figures. */
  readonly figures: Figures;
  readonly vessels: readonly Vessel[];
}

/** Amount of an ingredient that one mixture needs in one state and unit, from all of its lines. */
interface Portion {
  readonly mixture: string;
  readonly name: string;
  readonly state: string | null;
  readonly unit: Unit;
  quantity: number;
  massG: number | null;
}

interface Found {
  readonly name: string;
  readonly ingredient: Ingredient | null;
  readonly portions: Portion[];
}

/**
 * Returns everything to weigh for planned slabs in the order of use, each ingredient once with its divisions; the pots and bowls
 * needed; and what to buy beyond the stock.
 *
 * @param works the slabs, planned, with the parts of divided lines laid out
 * @param owns the entries that a slab file brings, by the work's key
 */
export function weighOutList(
  works: readonly PlannedWork[],
  { larder, measures, scaleStepG, figures, vessels }: Where,
  owns: ReadonlyMap<string, Larder> = new Map(),
): WeighOutList {
  const mixtures = sharedMixturesOf(works, vessels);
  const found = new Map<string, Found>();
  for (const { id, name, goesInto, lines } of mixtures) {
    for (const { line, massG, quantity } of lines) {
      if (quantity <= 0) continue;
      const ingredient = ingredientNamed(line.ingredient, larder, owns.get(goesInto[0]!.key));
      const key = plainName(ingredient?.name ?? line.ingredient);
      const item = found.get(key) ?? {
        name: ingredient?.name ?? line.ingredient,
        ingredient,
        portions: [],
      };
      addPortion(item.portions, { mixture: id, name, state: line.state ?? null, unit: line.unit, quantity, massG });
      found.set(key, item);
    }
  }
  const items = [...found].map(([key, item]) => itemOf(key, item, measures, scaleStepG, figures));
  return {
    items,
    mixtures,
    vessels: mixtures.map((mixture) => vesselFor(mixture, vessels)),
    basket: items.reduce((sum, { toBuy }) => sum + (toBuy?.cash ?? 0), 0),
  };
}

function addPortion(portions: Portion[], more: Portion) {
  const same = portions.find(
    ({ mixture, state, unit }) => mixture === more.mixture && state === more.state && unit === more.unit,
  );
  if (!same) return void portions.push(more);
  same.quantity += more.quantity;
  same.massG = same.massG === null || more.massG === null ? null : same.massG + more.massG;
}

function itemOf(
  key: string,
  { name, ingredient, portions }: Found,
  measures: Measures,
  stepG: number,
  figures: Figures,
): WeighOutItem {
  const divisions = portions.map(({ mixture, name, state, unit, quantity, massG }) => ({
    mixture,
    name,
    state,
    massG,
    measured: benchAmount(quantity, unit, massG, measures, stepG, figures).text,
  }));
  const known = portions.every(({ massG }) => massG !== null);
  const massG = known ? portions.reduce((sum, portion) => sum + portion.massG!, 0) : null;
  const quantity = portions.reduce((sum, portion) => sum + portion.quantity, 0);
  const unit = portions[0]?.unit;
  const measured =
    unit !== undefined && portions.every((portion) => portion.unit === unit)
      ? benchAmount(quantity, unit, massG, measures, stepG, figures).text
      : massG === null
        ? 'see below'
        : benchMass(massG, stepG, figures).text;
  const heldG = ingredient?.heldG ?? null;
  const lacksG = massG === null ? 0 : Math.max(0, massG - (heldG ?? 0));
  const pack = ingredient?.packs?.[0];
  return {
    key,
    name,
    massG,
    measured,
    divisions,
    heldG,
    toBuy: pack
      ? { packs: packsToBuy(ingredient, lacksG) ?? 0, pack: pack.name, cash: cashToBuy(ingredient, lacksG) }
      : null,
  };
}

function vesselFor(mixture: SharedMixture, vessels: readonly Vessel[]): WeighOutVessel {
  const { id, name, vessel, batches } = mixture;
  const holding = vessels
    .filter(({ kind, volumeMl }) => kind === vessel.kind && volumeMl >= vessel.volumeMl)
    .sort((a, b) => a.volumeMl - b.volumeMl);
  return {
    ...{ mixture: id, name, kind: vessel.kind, neededMl: vessel.volumeMl, batches },
    ...{ pours: poursOf(mixture), vessel: holding[0]?.name ?? null },
  };
}
