import { database, storageFault } from '$lib/server/db';
import { keptSettings, type KeptSettings } from '$lib/server/shop';

/** What is shown of the shop before the passphrase has been given: nothing. */
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
    /** What is wrong with the data file; null where nothing is. */
    storageFault: storageFault(),
    theme: cookies.get('theme') === 'night' ? 'night' : 'day',
  };
}
