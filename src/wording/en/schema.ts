/** Texts of the JSON Schema of the slab file. */
export const SLAB_SCHEMA_TEXTS = {
  title: 'Slab file, version 1',
  description: 'One slab: preparations with their lines, layers, tin and cut. Fields not named here are kept.',
} as const;
