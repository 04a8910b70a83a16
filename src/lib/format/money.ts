/** Formats money. */
export { money } from '$core/cost/money';
