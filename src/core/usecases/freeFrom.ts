import { allergensOf, componentsOf, declaresAllergens, ingredientNamed, larderOf, type Larder } from '../larder';
import { nutritionOf } from '../label';
import { massOf } from '../measure';
import type { Shop } from '../shop';
import { expandDividedLines, type Line, type Slab } from '../slab';
import { madeOfSlab } from './label';
import { plan } from './plan';
import { scaleSlab } from './scaling';
import { settingFor } from './setting';

type Allergen = NonNullable<Slab['freeFrom']>[number];

/** A line that contained the allergen, and what replaces it. */
export interface Swap {
  /** JSON pointer into the slab file. */
  readonly where: string;
  readonly preparation: string;
  readonly from: string;
  /** The substitute; `null` if the line is left out. */
  readonly to: string | null;
  /** Grams of the substitute per gram replaced. */
  readonly ratio: number;
  readonly changes: string;
}

/** A line that contains the allergen, or may contain it, and has no substitute yet. */
export interface OpenLine {
  readonly where: string;
  readonly preparation: string;
  readonly ingredient: string;
  /** Substitutes that contain it too, may contain it, or are not in the larder. */
  readonly tried: readonly string[];
  /** Whether its allergens are not declared, so that it may contain the allergen. */
  readonly isUnknown: boolean;
  /** Ingredients of the same mixture without the allergen, more of which could replace it. */
  readonly others: readonly string[];
}

/** The answer that leaves a line out. */
export const LEFT_OUT = '';

/** Figures of a slab before and after. */
export interface Measure {
  readonly what: 'fat' | 'water' | 'piece-cost' | 'energy' | 'piece-mass' | 'cut-after';
  readonly unit: 'percent' | 'money' | 'kcal' | 'g' | 'min';
  readonly before: number | null;
  readonly after: number | null;
}

/** A slab without an allergen: a copy with substitutes from the larder. */
export interface WithoutAllergen {
  readonly slab: Slab;
  readonly swaps: readonly Swap[];
  /** While there are any, the slab still contains the allergen. */
  readonly open: readonly OpenLine[];
  readonly changes: readonly Measure[];
}

const WEIGHED = new Set(['g', 'kg', 'oz', 'lb']);

/** Returns a line with another ingredient in proportion, by weight if it was a volume. */
function swapped(line: Line, to: string, ratio: number, massG: number | null): Line {
  const { text: _text, also: _also, packG: _packG, state: _state, ...kept } = line;
  if (WEIGHED.has(line.unit) || massG === null) return { ...kept, ingredient: to, quantity: line.quantity * ratio };
  return { ...kept, ingredient: to, quantity: Number((massG * ratio).toPrecision(6)), unit: 'g' };
}

/**
 * Returns a copy of a slab without an allergen: each line that contains it gets a substitute from the larder, and lines without
 * one are listed. The copy is marked as free from it, so that the checks verify the claim.
 *
 * An ingredient with undeclared allergens, or with such a component, may contain the allergen, so its line needs an answer too.
 *
 * @param answers the name of a substitute by the place of its line, or `LEFT_OUT`; by default the larder's first substitute
 */
export function withoutAllergen(
  slab: Slab,
  larder: Larder,
  shop: Shop,
  allergen: Allergen,
  answers: Readonly<Record<string, string>> = {},
): WithoutAllergen {
  const slabLarder = slab.larder ? larderOf(slab.larder) : undefined;
  const measures = slab.measures ?? shop.measures;
  const isFreeFrom = (name: string) => {
    const components = [...componentsOf(name, larder, slabLarder).values()];
    return components.every((each) => declaresAllergens(each) && !each.allergens?.includes(allergen));
  };
  const isFree = ({ ingredient: name, quantity }: Line) => quantity === 0 || isFreeFrom(name);
  const swaps: Swap[] = [];
  const open: OpenLine[] = [];
  const preparations = slab.preparations.map((preparation, p) => ({
    ...preparation,
    lines: preparation.lines.flatMap((line, l): Line[] => {
      if (isFree(line)) return [line];
      const ingredient = ingredientNamed(line.ingredient, larder, slabLarder) ?? { name: line.ingredient };
      const where = `/preparations/${p}/lines/${l}`;
      const asked = answers[where];
      if (asked === LEFT_OUT) {
        swaps.push({ where, preparation: preparation.name, from: line.ingredient, to: null, ratio: 0, changes: '' });
        return [];
      }
      const listed = ingredient.alternatives?.find((alternative) => alternative.ingredient === asked);
      const answer = asked
        ? (listed ?? { ingredient: asked, ratio: 1, changes: '' })
        : ingredient.alternatives?.find((alternative) => isFreeFrom(alternative.ingredient));
      if (!answer) {
        const tried = (ingredient.alternatives ?? []).map((alternative) => alternative.ingredient);
        const others = preparation.lines.filter(isFree).map((other) => other.ingredient);
        const isUnknown = !allergensOf(ingredient, larder, slabLarder).has(allergen);
        open.push({
          ...{ where, preparation: preparation.name, ingredient: line.ingredient, tried, isUnknown },
          others: [...new Set(others)],
        });
        return [line];
      }
      const weighed = massOf(line, ingredient, measures);
      const { ingredient: to, ratio, changes = '' } = answer;
      swaps.push({ where, preparation: preparation.name, from: line.ingredient, to, ratio, changes });
      return [swapped(line, to, ratio, weighed.ok ? weighed.massG : null)];
    }),
  }));
  const freeFrom = [...new Set([...(slab.freeFrom ?? []), allergen])];
  // Texture and label texts of the old lines do not apply to the new ones.
  const { known: _known, ...kept } = slab;
  const copy: Slab = { ...kept, name: `${slab.name}, without ${allergen}`.slice(0, 200), preparations, freeFrom };
  return { slab: copy, swaps, open, changes: swaps.length > 0 ? changesOf(slab, copy, larder, shop) : [] };
}

function changesOf(before: Slab, after: Slab, larder: Larder, shop: Shop): Measure[] {
  const [was, is] = [before, after].map((slab) => {
    const laid = expandDividedLines(slab);
    const of = madeOfSlab(laid, scaleSlab(laid, larder, shop, {}));
    const planned = plan(slab, larder, shop);
    const [piece] = planned.cut.pieces;
    const nutrition = nutritionOf(of);
    const water = planned.preparations.reduce<number | null>(
      (sum, { waterShare, massOutG }) => (sum === null || waterShare === null ? null : sum + waterShare * massOutG),
      0,
    );
    return {
      fat: nutrition.fat,
      water: water === null || of.massG === 0 ? null : (water / of.massG) * 100,
      kcal: nutrition.kcal,
      cost: planned.cost.perPiece,
      mass: piece?.massG ?? null,
      cut: settingFor(slab, larder, shop)?.cutWindow.fromMinutes ?? null,
    };
  }) as [Figures, Figures];
  return [
    { what: 'fat', unit: 'percent', before: was.fat, after: is.fat },
    { what: 'water', unit: 'percent', before: was.water, after: is.water },
    { what: 'energy', unit: 'kcal', before: was.kcal, after: is.kcal },
    { what: 'piece-cost', unit: 'money', before: was.cost, after: is.cost },
    { what: 'piece-mass', unit: 'g', before: was.mass, after: is.mass },
    { what: 'cut-after', unit: 'min', before: was.cut, after: is.cut },
  ];
}

interface Figures {
  readonly fat: number | null;
  readonly water: number | null;
  readonly kcal: number | null;
  readonly cost: number;
  readonly mass: number | null;
  readonly cut: number | null;
}
