import { database, storageFault } from '$lib/server/db';
import { keptSettings, type KeptSettings } from '$lib/server/shop';

/** Shop data shown before sign-in: none. */
const UNKNOWN: KeptSettings = {
  revision: 0,
  settings: { name: '', currency: 'EUR', measures: 'metric', scaleStepG: 1 },
};

export function load({ cookies, locals }) {
  const { settings, revision } = locals.isLocked ? UNKNOWN : keptSettings(database());
  return {
    shop: settings,
    shopRevision: revision,
    isLocked: locals.isLocked,
    /** What is wrong with the data file, or `null`. */
    storageFault: storageFault(),
    theme: cookies.get('theme') === 'night' ? 'night' : 'day',
  };
}
