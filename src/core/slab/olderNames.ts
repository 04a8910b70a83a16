/** Older names in slab files, which are still read and no longer written. */

/** Fields of a preparation: the older name, and the name now. */
const PREPARATION_FIELDS = { maxMultiple: 'maxScaleFactor' } as const;
/** Ways to scale: the older name, and the name now. */
const SCALE_MODES: Readonly<Record<string, string>> = { multiple: 'scaleFactor' };

/** Older names by their place in the JSON Schema, for its `deprecated` entries. */
export const DEPRECATED_FIELDS = { preparations: PREPARATION_FIELDS } as const;

type Fields = Readonly<Record<string, unknown>>;
const isFields = (found: unknown): found is Fields =>
  typeof found === 'object' && found !== null && !Array.isArray(found);

function preparationNow(found: unknown): unknown {
  if (!isFields(found)) return found;
  const older = Object.entries(PREPARATION_FIELDS).filter(([name]) => Object.hasOwn(found, name));
  if (older.length === 0) return found;
  const rest = Object.fromEntries(Object.entries(found).filter(([name]) => !older.some(([old]) => old === name)));
  // Where both are written the new name counts.
  return { ...Object.fromEntries(older.map(([old, now]) => [now, found[old]])), ...rest };
}

/** Gives a way to scale its name of today. @param found anything read from JSON */
export function scaleNow(found: unknown): unknown {
  if (!isFields(found) || typeof found.mode !== 'string' || !Object.hasOwn(SCALE_MODES, found.mode)) return found;
  return { ...found, mode: SCALE_MODES[found.mode] };
}

/** Gives fields of a slab file their names of today. @param found anything read from JSON; what is no slab stays as it is */
export function slabNow(found: unknown): unknown {
  if (!isFields(found)) return found;
  const { preparations, scale } = found;
  const now = {
    ...(Array.isArray(preparations) ? { preparations: preparations.map(preparationNow) } : {}),
    ...(scale === undefined ? {} : { scale: scaleNow(scale) }),
  };
  const isChanged =
    now.scale !== scale || (now.preparations ?? []).some((item, at) => item !== (preparations as unknown[])[at]);
  return isChanged ? { ...found, ...now } : found;
}
