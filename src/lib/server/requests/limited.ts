import type { NumberLimits } from '$core/validation';
import { number, whole } from '$core/validation';

/** A number within the limits of its field on screen. */
export const limited = ({ min, max, whole: isWhole }: NumberLimits) => (isWhole ? whole(min, max) : number(min, max));
