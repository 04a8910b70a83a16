import type { AllergenStatement } from '$core/larder';
import { figuresIn } from '$core/measure';
import type { Shop } from '$core/shop';
import type { Slab } from '$core/slab';
import type { Plan } from '$core/usecases';
import { checkText } from '$wording/checks';
import { withEvenness } from './olderNames';

/**
 * A plan as `/api/plan` answers it: each check with its message. Older names stay beside those of today: `warnings` (`checks`),
 * `settled` (`acknowledged`), `multiple` (`scaleFactor`), `cooks` (`batches`) and `evenness` (`massVariation`).
 */
export function planAnswer(plan: Plan, slab: Pick<Slab, 'measures'>, shop: Shop, allergens: AllergenStatement) {
  const say = figuresIn(shop.shownIn, slab.measures ?? shop.measures);
  const checks = plan.checks.map((check) => ({ ...check, message: checkText(check, say) }));
  const acknowledged = plan.acknowledged.map((check) => ({ ...check, message: checkText(check, say) }));
  return {
    ...plan,
    allergens,
    ...{ checks, acknowledged, warnings: checks, settled: acknowledged },
    preparations: plan.preparations.map((made) => ({ ...made, multiple: made.scaleFactor, cooks: made.batches })),
    cut: withEvenness(plan.cut),
    slabs: plan.slabs.map((made) => ({ ...made, cut: withEvenness(made.cut) })),
  };
}
