/** Adds `evenness`, the older name of `massVariation`, to what a service answers. */
export const withEvenness = <T extends { readonly massVariation: number }>(cut: T) => ({
  ...cut,
  evenness: cut.massVariation,
});
