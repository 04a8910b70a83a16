import type { PlanOptions } from '$core/usecases';
import { type Shop, shopSchema } from '$core/shop';
import { cutProblems, cutSchema, renameOlderMode, scaleSchema, parseSlab, type Slab } from '$core/slab';
import { type Problem, problem, problemsOf, type Read, problemsUnder } from '$core/validation';
import { tinsSchema } from '$core/tin';

/** A request for a plan: a slab, and options that replace its own. */
export interface PlanRequest extends PlanOptions {
  readonly slab: Slab;
  readonly shop?: Partial<Shop> | undefined;
}

const PARTS = { tins: tinsSchema, scale: scaleSchema, cut: cutSchema, shop: shopSchema } as const;

/**
 * Reads the body of `POST /api/plan`.
 *
 * @param found parsed JSON
 * @returns the request, or its problems; those of the slab carry paths within the slab file
 */
export function readPlanRequest(found: unknown): Read<PlanRequest> {
  if (typeof found !== 'object' || found === null || Array.isArray(found)) {
    return { ok: false, problems: [problem('', 'not-an-object')] };
  }
  const asked = found as PlanRequest;
  const problems: Problem[] = [];
  const slab = parseSlab(asked.slab);
  if (!slab.ok) problems.push(...slab.problems);
  const request: PlanRequest = {
    ...asked,
    ...(asked.scale === undefined ? {} : { scale: renameOlderMode(asked.scale) as PlanRequest['scale'] }),
    ...(slab.ok ? { slab: slab.value } : {}),
  };
  for (const [name, schema] of Object.entries(PARTS)) {
    const inPart = problemsOf(schema, request[name as keyof typeof PARTS]);
    problems.push(...problemsUnder(`/${name}`, inPart));
  }
  if (problems.length === 0) {
    const { layers, tin, ...own } = request.slab;
    const { tins = own.tins ?? [{ tin, count: 1 }], cut = own.cut, scale = own.scale } = request;
    problems.push(...cutProblems({ layers, tins, cut, scale }));
  }
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: request };
}
