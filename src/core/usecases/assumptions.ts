import { behaviourOf, type Behaviour, type Foam } from '../classify';
import type { Larder } from '../larder';
import type { Unit } from '../measure';
import { foamOfLayer, layerParts } from '../scale';
import { pouredLayers, type Stuff } from '../setting';
import { USUAL_SHOP, type Shop } from '../shop';
import { expandDividedLines, type Slab } from '../slab';
import type { StepTitle } from '../slab';
import { stepsOf } from '../time';
import { scaleSlab } from './scaling';

/** Figures of each assumption. Masses in g, temperatures in °C, shares 0 to 1. */
export interface AssumptionFigures {
  /** A line whose amount the recipe does not state. */
  amount: {
    readonly ingredient: string;
    readonly preparation: string;
    readonly quantity: number;
    readonly unit: Unit;
  };
  /** A line treated like a similar ingredient: its mass, `null` if that is known, and whether its composition is assumed too. */
  line: {
    readonly ingredient: string;
    readonly preparation: string;
    readonly massG: number | null;
    readonly isCompositionAssumed: boolean;
    readonly as: string;
  };
  /** Loss that sticks to the pot or bowl. */
  loss: { readonly preparation: string; readonly share: number };
  density: { readonly preparation: string; readonly gPerMl: number };
  /** Air that a beaten layer holds: its density and its usual range, g/mL. */
  foam: {
    readonly layer: string;
    readonly foam: Foam;
    readonly gPerMl: number;
    readonly range: readonly [number, number];
  };
  steps: {
    readonly preparation: string;
    readonly steps: readonly { readonly title: StepTitle; readonly minutes: number }[];
  };
  'pour temperature': { readonly layer: string; readonly pourC: number; readonly behaviour: Behaviour };
  firmness: { readonly layer: string; readonly stuff: Stuff; readonly behaviour: Behaviour };
  /** Thermal conductivity of a layer of unknown composition. */
  conduction: { readonly layer: string };
}
export type AssumptionCode = keyof AssumptionFigures;

/** An assumption for something the slab does not state. */
export type Assumption = {
  [C in AssumptionCode]: {
    readonly code: C;
    /** JSON pointer to the field that would replace it. */
    readonly where: string;
    readonly figures: AssumptionFigures[C];
  };
}[AssumptionCode];

const assumption = <C extends AssumptionCode>(code: C, where: string, figures: AssumptionFigures[C]): Assumption =>
  ({ code, where, figures }) as Assumption;

/** Lists what a slab's plan, waits and schedule assume because its file does not say it, in the order of its mixtures and layers. */
export function assumptionsOf(slab: Slab, larder: Larder, shop: Shop): Assumption[] {
  const laid = expandDividedLines(slab);
  const { mixtures, scaling } = scaleSlab(laid, larder, shop, {});
  const pots = slab.preparations.flatMap((preparation, p): Assumption[] => {
    const { name, lines, lossPercent, steps = [] } = preparation;
    const { massInG, massOutG, stuckG, densityFrom, densityGPerMl } = mixtures[p]!;
    if (lines.length === 0 || massInG === 0) return [];
    const at = (field: string) => `/preparations/${p}/${field}`;
    return [
      ...lines.flatMap(({ ingredient, quantity, unit, amountAssumed }, l) =>
        amountAssumed
          ? [assumption('amount', at(`lines/${l}/quantity`), { ingredient, preparation: name, quantity, unit })]
          : [],
      ),
      ...mixtures[p]!.lines.flatMap(({ guess, massG }, l) => {
        if (!guess) return [];
        // Parts of lines divided elsewhere have no line of their own here.
        const where = l < lines.length ? at(`lines/${l}`) : `/preparations/${p}`;
        return [
          assumption('line', where, {
            ...{ ingredient: laid.preparations[p]!.lines[l]!.ingredient, preparation: name, as: guess.as },
            massG: guess.of.includes('mass') ? massG : null,
            isCompositionAssumed: guess.of.includes('composition'),
          }),
        ];
      }),
      ...(lossPercent === undefined
        ? [assumption('loss', at('lossPercent'), { preparation: name, share: stuckG / (massOutG + stuckG) })]
        : []),
      ...(densityFrom === 'assumed' || densityFrom === 'airy'
        ? [assumption('density', at('densityGPerMl'), { preparation: name, gPerMl: densityGPerMl })]
        : []),
      ...(steps.length === 0
        ? [
            assumption('steps', at('steps'), {
              preparation: name,
              steps: stepsOf(preparation).map(({ title, minutes }) => ({ title, minutes })),
            }),
          ]
        : []),
    ];
  });
  const [first] = scaling.slabs;
  const poured = first ? pouredLayers(laid, mixtures, first, shop.roomC ?? USUAL_SHOP.roomC) : [];
  const byId = new Map(mixtures.map((mixture) => [mixture.id, mixture]));
  const foamIn = (layer: Slab['layers'][number], where: string): Assumption[] => {
    const foam = foamOfLayer(layer, laid, byId);
    if (!foam) return [];
    const { kind, gPerMl, range } = foam;
    return [assumption('foam', where, { layer: layer.name, foam: kind, gPerMl, range })];
  };
  const layers = poured.flatMap(({ id, name, pourC, firmness, assumed }): Assumption[] => {
    const l = slab.layers.findIndex((layer) => layer.id === id);
    const layer = slab.layers[l]!;
    const behaviour = behaviourOf(layerParts(layer, laid, mixtures));
    const at = (field: string) => `/layers/${l}/${field}`;
    return [
      ...foamIn(layer, at('densityGPerMl')),
      ...(layer.pourC === undefined
        ? [assumption('pour temperature', at('pourC'), { layer: name, pourC, behaviour })]
        : []),
      ...(layer.set?.toC === undefined
        ? [assumption('firmness', at('set'), { layer: name, stuff: firmness.stuff, behaviour })]
        : []),
      ...(assumed ? [assumption('conduction', at('from'), { layer: name })] : []),
    ];
  });
  return [...pots, ...layers];
}
