/** Money as every screen writes it. */
export { money } from '$core/cost/money';
