import { behaviourOf, isBaked, isBoiled, type Thing } from '../classify';
import { diagnose, factsOf, type Diagnosis, type Seen, type Trait } from '../diagnose';
import { ingredientNamed, larderOf, type Larder } from '../larder';
import { runRecord, type RunEvent, type RunPlan } from '../run';
import { layerParts } from '../scale';
import type { Shop } from '../shop';
import { expandDividedLines, type Slab } from '../slab';
import { stepsOf } from '../time';
import { areaMm2At } from '../tin';
import { planAsMade } from './asMade';
import { plan as planOf } from './plan';
import type { Plan } from './planned';
import { scaleSlab } from './scaling';

const DAY_MS = 86_400_000;

/** Returns what a slab is made with, as far as it matters for faults. */
export function traitsOf(slab: Slab, larder: Larder, shop: Shop): ReadonlySet<Trait> {
  const laid = expandDividedLines(slab);
  const { mixtures } = scaleSlab(laid, larder, shop, {});
  const behaviours = laid.layers.map((layer) => behaviourOf(layerParts(layer, laid, mixtures)));
  const steps = slab.preparations.flatMap((preparation) => stepsOf(preparation));
  const lies: Readonly<Record<Trait, boolean>> = {
    boiled: slab.preparations.some(isBoiled),
    beaten: steps.some(({ coolTo }) => coolTo !== undefined) && slab.preparations.some(isBoiled),
    baked: slab.preparations.some(isBaked),
    chocolate: behaviours.includes('chocolate'),
    layers: slab.layers.length > 1,
    gel: behaviours.includes('gel'),
    crumb: behaviours.some((behaviour) => behaviour === 'crumb' || behaviour === 'baked'),
    tin: slab.tin.shape !== 'sheet',
  };
  return new Set((Object.keys(lies) as Trait[]).filter((trait) => lies[trait]));
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
 */
export function diagnoseSlab(
  slab: Slab,
  larder: Larder,
  shop: Shop,
  run: { readonly plan: RunPlan; readonly events: readonly RunEvent[] } | null,
  seen: readonly Seen[],
): Diagnosis[] {
  const traits = traitsOf(slab, larder, shop);
  if (!run) return diagnose(seen, new Map(), traits);
  const record = runRecord(run.plan, run.events);
  const slabLarder = slab.larder ? larderOf(slab.larder) : undefined;
  const checkedOn = shop.probes?.[0]?.checkedOn;
  const areaFactor = record.tins
    ? faceMm2(planAsMade(slab, larder, shop, record)) / faceMm2(planOf(slab, larder, shop))
    : 1;
  const facts = factsOf({
    plan: run.plan,
    ...{ record, areaFactor },
    thingNamed: (name): Thing => ({ name, ingredient: ingredientNamed(name, larder, slabLarder) }),
    humidityPercent: shop.humidityPercent ?? null,
    probeCheckedDaysAgo: checkedOn ? Math.round((record.begunAt - Date.parse(checkedOn)) / DAY_MS) : null,
  });
  return diagnose(seen, facts, traits);
}
