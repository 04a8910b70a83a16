import type { NumberLimits } from '$core/validation';
import { number, whole } from '$core/validation';

/** A number within the limits that its field on screen has, too. */
export const limited = ({ min, max, whole: isWhole }: NumberLimits) => (isWhole ? whole(min, max) : number(min, max));
