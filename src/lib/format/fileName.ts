/**
 * Returns the file name of a slab: letters, digits and hyphens, valid on every system.
 *
 * @example fileName('Rye and treacle slice') // 'rye-and-treacle-slice.slab.json'
 */
export function fileName(name: string): string {
  const plain = name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60);
  return `${plain || 'slab'}.slab.json`;
}
