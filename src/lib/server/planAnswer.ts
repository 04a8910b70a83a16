import { figuresIn } from '../../core/measure';
import type { Shop } from '../../core/shop';
import type { Slab } from '../../core/slab';
import type { Plan } from '../../core/usecases';
import { checkText } from '../../wording/en/checks';

/**
 * A plan as `/api/plan` answers it: each check with its message. `warnings` and `settled` are the older names of `checks` and
 * `acknowledged`.
 */
export function planAnswer(plan: Plan, slab: Pick<Slab, 'measures'>, shop: Shop) {
  const say = figuresIn(shop.shownIn, slab.measures ?? shop.measures);
  const checks = plan.checks.map((check) => ({ ...check, message: checkText(check, say) }));
  const acknowledged = plan.acknowledged.map((check) => ({ ...check, message: checkText(check, say) }));
  return { ...plan, checks, acknowledged, warnings: checks, settled: acknowledged };
}
