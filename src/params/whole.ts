/** A whole number as it stands in an address. */
export function match(param: string): boolean {
  return /^[1-9]\d{0,14}$/.test(param);
}
