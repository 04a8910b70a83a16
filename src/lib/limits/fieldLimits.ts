import { ingredientSchema } from '$core/larder';
import { shopSchema } from '$core/shop';
import { slabSchema } from '$core/slab';
import { rackTinSchema } from '$core/tin';
import { limitsAt } from '$core/validation';

/** Limits of number fields on screen, the same as those of the file and the larder. Paths as for `limitsAt`. */
export const slabLimits = (path: string) => limitsAt(slabSchema, path);
export const larderLimits = (path: string) => limitsAt(ingredientSchema, path);
export const shopLimits = (path: string) => limitsAt(shopSchema, path);
export const rackLimits = (path: string) => limitsAt(rackTinSchema, path);
