import { evenWays, type EvenWays, type Reading } from '../cut';
import type { Larder } from '../larder';
import type { Shop } from '../shop';
import type { Slab } from '../slab';
import { outlineAt } from '../tin';
import { problem, type Problem, type Read } from '../validation';
import { plan } from './plan';
import type { PlanOptions } from './planned';
import { UNCUT } from './scaling';

/**
 * Cuts a slab of the first tin into equal weights by thickness readings.
 *
 * @param readings at least one, from the left and from the front
 * @returns the three ways; or what is wrong with the readings or the cut
 */
export function evenSlab(
  slab: Slab,
  larder: Larder,
  shop: Shop,
  options: PlanOptions,
  readings: readonly Reading[],
): Read<EvenWays> {
  const cut = options.cut ?? slab.cut ?? UNCUT;
  const { tin, slab: laid, layers } = plan(slab, larder, shop, options).slabs[0]!;
  const inside = outlineAt(tin, laid.heightMm / 2);
  const outside = readings.flatMap(({ xMm, yMm }, at): Problem[] => [
    ...(xMm > inside.lengthMm + 1e-6 ? [far(`/readings/${at}/xMm`, inside.lengthMm)] : []),
    ...(yMm > inside.widthMm + 1e-6 ? [far(`/readings/${at}/yMm`, inside.widthMm)] : []),
  ]);
  if (outside.length > 0) return { ok: false, problems: outside };
  const found = evenWays(tin, laid.heightMm, layers, cut, readings);
  if (typeof found !== 'string') return { ok: true, value: found };
  const wrong =
    found === 'below-zero' ? problem('/readings', 'readings-below-zero') : problem('/cut', 'no-room-for-pieces');
  return { ok: false, problems: [wrong] };
}

const far = (path: string, endMm: number): Problem => problem(path, 'outside-slab', { endMm });
