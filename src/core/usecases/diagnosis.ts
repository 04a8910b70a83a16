import { behaviourOf, isBaked, isBoiled, type Thing } from '../classify';
import { chocolateFactsOf, diagnose, factsOf, type Diagnosis, type Seen, type Trait } from '../diagnose';
import { ingredientNamed, larderOf, type Larder } from '../larder';
import { runRecord, type RunEvent, type RunPlan } from '../run';
import { layerParts } from '../scale';
import { pouredLayers } from '../setting';
import { USUAL_SHOP, type Shop } from '../shop';
import { expandDividedLines, type Slab } from '../slab';
import { stepsOf } from '../time';
import { areaMm2At } from '../tin';
import { planAsMade } from './asMade';
import { plan as planOf } from './plan';
import type { Plan } from './planned';
import { scaleSlab } from './scaling';

const DAY_MS = 86_400_000;

/** Returns the traits of a slab, or of one of its layers, as far as they matter for faults. */
export function traitsOf(slab: Slab, larder: Larder, shop: Shop, layerId?: string): ReadonlySet<Trait> {
  const laid = expandDividedLines(slab);
  const { mixtures } = scaleSlab(laid, larder, shop, {});
  const asked = laid.layers.find(({ id }) => id === layerId);
  const layers = asked ? [asked] : laid.layers;
  const used = new Set(layers.flatMap(({ from }) => from.map(({ preparation }) => preparation)));
  const preparations = slab.preparations.filter(({ id }) => !asked || used.has(id));
  const behaviours = layers.map((layer) => behaviourOf(layerParts(layer, laid, mixtures)));
  const steps = preparations.flatMap((preparation) => stepsOf(preparation));
  const lies: Readonly<Record<Trait, boolean>> = {
    boiled: preparations.some(isBoiled),
    beaten: steps.some(({ coolTo }) => coolTo !== undefined) && preparations.some(isBoiled),
    baked: preparations.some(isBaked),
    chocolate: behaviours.includes('chocolate'),
    'this chocolate': asked !== undefined && behaviours.includes('chocolate'),
    layers: slab.layers.length > 1,
    gel: behaviours.includes('gel'),
    crumb: behaviours.some((behaviour) => behaviour === 'crumb' || behaviour === 'baked'),
    tin: slab.tin.shape !== 'sheet',
  };
  return new Set((Object.keys(lies) as Trait[]).filter((trait) => lies[trait]));
}

/** Where a layer lies: by itself, on others, or under others. What can be done about it depends on that. */
export type LayerPosition = 'alone' | 'top' | 'covered';

/** Returns where a layer of a slab lies; the whole of a slab of several layers counts as covered. */
export function positionOf({ layers }: Pick<Slab, 'layers'>, layerId?: string): LayerPosition {
  if (layers.length < 2) return 'alone';
  return layers.at(-1)?.id === layerId ? 'top' : 'covered';
}

/** Returns what is known of an asked chocolate layer from the slab alone; nothing for other layers. */
function slabFacts(slab: Slab, larder: Larder, shop: Shop, layerId: string | undefined, traits: ReadonlySet<Trait>) {
  if (!traits.has('this chocolate')) return [];
  const laid = expandDividedLines(slab);
  const { mixtures, scaling } = scaleSlab(laid, larder, shop, {});
  const layer = pouredLayers(laid, mixtures, scaling.slabs[0]!, shop.roomC ?? USUAL_SHOP.roomC).find(
    ({ id }) => id === layerId,
  );
  if (!layer) return [];
  const isScored = slab.cut?.tool === 'score and snap';
  return chocolateFactsOf({ thicknessMm: layer.thicknessMm, softFatShare: layer.firmness.otherFat, isScored });
}

/** Total area of all slabs, mm². */
const faceMm2 = ({ slabs }: Pick<Plan, 'slabs'>) =>
  slabs.reduce((sum, { tin, count }) => sum + count * areaMm2At(tin, 0), 0);

/**
 * Returns what went wrong with a slab, from its symptoms and the record of its run.
 *
 * @param slab that it was made by
 * @param run its plan and events; null where it was not followed on the bench
 * @param seen at least one
 * @param layer id of the layer in which it is seen; without one, the whole slab
 */
export function diagnoseSlab(
  slab: Slab,
  larder: Larder,
  shop: Shop,
  run: { readonly plan: RunPlan; readonly events: readonly RunEvent[] } | null,
  seen: readonly Seen[],
  layer?: string,
): Diagnosis[] {
  const traits = traitsOf(slab, larder, shop, layer);
  const known = slabFacts(slab, larder, shop, layer, traits);
  if (!run) return diagnose(seen, new Map(known), traits);
  const record = runRecord(run.plan, run.events);
  const slabLarder = slab.larder ? larderOf(slab.larder) : undefined;
  const checkedOn = shop.probes?.[0]?.checkedOn;
  const areaFactor = record.tins
    ? faceMm2(planAsMade(slab, larder, shop, { lines: record.lines, tins: record.tins })) /
      faceMm2(planOf(slab, larder, shop))
    : 1;
  const facts = factsOf({
    plan: run.plan,
    ...{ record, areaFactor },
    thingNamed: (name): Thing => ({ name, ingredient: ingredientNamed(name, larder, slabLarder) }),
    humidityPercent: shop.humidityPercent ?? null,
    probeCheckedDaysAgo: checkedOn ? Math.round((record.begunAt - Date.parse(checkedOn)) / DAY_MS) : null,
  });
  return diagnose(seen, new Map([...facts, ...known]), traits);
}
