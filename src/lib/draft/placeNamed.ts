/**
 * Returns the place of a field in a slab in words: the names of its parents, then the field.
 *
 * @param found the slab, or anything else read from JSON
 * @param pointer JSON pointer into it (RFC 6901)
 * @returns '' for the whole
 * @example placeNamed(slab, '/preparations/1/steps/0/mostMinutes') // 'Treacle caramel, Boil to the end point, most minutes'
 */
export function placeNamed(found: unknown, pointer: string): string {
  const names: string[] = [];
  let at = found;
  let field = '';
  for (const part of pointer.split('/').slice(1)) {
    const key = part.replaceAll('~1', '/').replaceAll('~0', '~');
    at = typeof at === 'object' && at !== null ? (at as Record<string, unknown>)[key] : undefined;
    const name = nameOf(at);
    if (name) names.push(name);
    field = name || /^\d+$/.test(key) ? '' : key;
  }
  const words = field.replaceAll(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
  return [...names, ...(words ? [words] : [])].join(', ');
}

function nameOf(at: unknown): string {
  if (typeof at !== 'object' || at === null) return '';
  const { name, text, ingredient } = at as Record<string, unknown>;
  return [name, text, ingredient].find((text) => typeof text === 'string' && text.trim() !== '')?.toString() ?? '';
}
