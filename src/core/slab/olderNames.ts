/** Older names in slab files, which are read but not written. */

/** Fields of a preparation: older and current name. */
const PREPARATION_FIELDS = { maxMultiple: 'maxScaleFactor' } as const;
/** Scaling modes: older and current name. */
const SCALE_MODES: Readonly<Record<string, string>> = { multiple: 'scaleFactor' };

/** Older names by their place in the JSON Schema, for its `deprecated` entries. */
export const DEPRECATED_FIELDS = { preparations: PREPARATION_FIELDS } as const;

type Fields = Readonly<Record<string, unknown>>;
const isFields = (found: unknown): found is Fields =>
  typeof found === 'object' && found !== null && !Array.isArray(found);

function renamePreparationFields(found: unknown): unknown {
  if (!isFields(found)) return found;
  const older = Object.entries(PREPARATION_FIELDS).filter(([name]) => Object.hasOwn(found, name));
  if (older.length === 0) return found;
  const rest = Object.fromEntries(Object.entries(found).filter(([name]) => !older.some(([old]) => old === name)));
  // The current name wins if both are present.
  return { ...Object.fromEntries(older.map(([old, now]) => [now, found[old]])), ...rest };
}

/** Renames an older way to scale. @param found anything read from JSON */
export function renameOlderMode(found: unknown): unknown {
  if (!isFields(found) || typeof found.mode !== 'string' || !Object.hasOwn(SCALE_MODES, found.mode)) return found;
  return { ...found, mode: SCALE_MODES[found.mode] };
}

/** Renames older fields and ways to scale of a slab file. @param found anything read from JSON; other values are returned unchanged */
export function renameOlderFields(found: unknown): unknown {
  if (!isFields(found)) return found;
  const { preparations, scale } = found;
  const now = {
    ...(Array.isArray(preparations) ? { preparations: preparations.map(renamePreparationFields) } : {}),
    ...(scale === undefined ? {} : { scale: renameOlderMode(scale) }),
  };
  const isChanged =
    now.scale !== scale || (now.preparations ?? []).some((item, at) => item !== (preparations as unknown[])[at]);
  return isChanged ? { ...found, ...now } : found;
}
