/** Refusals of whole requests, by code: HTTP status, message, and the part of the request that is meant. */

interface Refusal {
  readonly status: number;
  readonly message: string | ((...figures: never[]) => string);
  /** JSON pointer, or the parameter of the address. */
  readonly path?: string;
}

const BUSY = 'The server is busy. Try again in a few seconds';
const OTHER_SITE = 'This request comes from another site. Open the application itself';

export const REFUSALS = {
  // The request itself.
  'other-site': { status: 403, message: OTHER_SITE },
  'content-type': {
    status: 415,
    message: 'Send JSON, CSV, a zip or a JPEG with the matching Content-Type header',
  },
  'too-large': { status: 413, message: (limit: string) => `This is over ${limit}` },
  incomplete: { status: 400, message: 'The request was incomplete. Send it again' },
  'sign-in-first': { status: 401, message: 'Sign in first: open the application and enter the passphrase' },
  'unknown-token': { status: 401, message: 'This token does not exist or was revoked. Make one in Settings' },
  'read-only-token': { status: 403, message: 'This token may read and calculate, and change nothing' },
  'no-programs': { status: 403, message: 'Programs may not do this: sign in and use Settings' },
  'too-many-tokens': { status: 422, message: (most: number) => `There are ${most} tokens. Revoke one first` },
  'no-token': { status: 404, message: 'There is no such token' },
  'too-many-attempts': { status: 429, message: 'Too many attempts. Wait a minute and try again', path: '/passphrase' },
  'wrong-passphrase': { status: 403, message: 'Wrong passphrase. Check the spelling', path: '/passphrase' },
  'too-many-pages': {
    status: 429,
    message: 'Too many pages are open at once. Close some and reload this page',
  },
  // The server.
  busy: { status: 503, message: BUSY },
  cancelled: { status: 499, message: 'The request was cancelled' },
  'too-slow': {
    status: 422,
    message: (seconds: number, smaller: string) => `This takes longer than ${seconds} s. ${smaller}`,
  },
  'too-much-memory': {
    status: 422,
    message: (smaller: string) => `This takes more memory than is available. ${smaller}`,
  },
  'prices-to-come': {
    status: 503,
    message: 'The price list is still being calculated. Try again in a few seconds',
  },
  storage: { status: 503, message: (why: string) => why },
  'no-thermometer': {
    status: 503,
    message: 'No thermometer answers on this computer. Start the simulated one with npm run probe',
  },
  'no-scale': { status: 503, message: 'No scale answers on this computer. Start the simulated one with npm run scale' },
  // Slabs.
  'no-slab': { status: 404, message: 'This slab was deleted or never existed' },
  'no-such-slab': { status: 404, message: 'This slab does not exist', path: '/slab' },
  'slab-deleted': { status: 404, message: 'This slab was deleted. Save yours as a new slab' },
  'copied-slab-deleted': { status: 404, message: 'The slab to copy was deleted. Choose another' },
  'no-version': { status: 404, message: 'This version of the slab does not exist' },
  'no-version-to-make': { status: 404, message: 'This slab or version does not exist', path: '/slab' },
  'version-changed': {
    status: 409,
    message: 'Someone else saved another version of this slab. Compare both and save again',
    path: '/seen',
  },
  'version-missing': { status: 422, message: 'Send the version that your change is based on', path: '/seen' },
  'too-many-learnt': { status: 422, message: (max: number) => `Give at most ${max} run numbers`, path: '/learnt' },
  'not-a-zip': { status: 422, message: 'This is not a zip file, or it is damaged. Choose another file' },
  'no-slabs-in-zip': {
    status: 422,
    message: 'This zip contains no slab files. Slab files end in .slab.json',
  },
  'no-paper': { status: 422, message: (papers: string) => `Use one of: ${papers}`, path: '/paper' },
  'no-template': { status: 404, message: 'This template does not exist. Choose one from the list' },
  // Runs.
  'no-run': { status: 404, message: 'This run does not exist' },
  'no-run-of-slab': { status: 404, message: 'This slab has no such run', path: '/run' },
  'run-full': { status: 422, message: 'This run has reached its size limit. Finish it and start another' },
  'too-many-runs': {
    status: 422,
    message: (max: number) => `Give at most ${max} run numbers, for example ?runs=1,2`,
    path: '/runs',
  },
  'no-photo': { status: 404, message: 'This photo does not exist' },
  'too-many-photos': { status: 422, message: (max: number) => `This run has ${max} photos already` },
  'photo-id-used': { status: 409, message: 'A different photo already has this id' },
  // Orders.
  'no-order': { status: 404, message: 'This order was deleted or never existed' },
  'no-occurrence': { status: 404, message: 'This is no due time of a standing order', path: '/occurrence' },
  'no-batch': { status: 404, message: 'This batch was deleted or never existed' },
  'batch-begun': { status: 409, message: 'This batch has been started at the bench. Change its run instead' },
  'week-changed': { status: 409, message: 'Someone else changed the week. Reload it and plan again' },
  'no-blocked-time': { status: 404, message: 'This blocked time was removed already' },
  'order-changed': { status: 409, message: 'Someone else changed this order. Compare both versions and save again' },
  'no-market-day': { status: 404, message: 'This market was deleted already' },
  'no-assortment': { status: 404, message: 'This assortment was deleted or never existed' },
  'assortment-changed': { status: 409, message: 'Someone else changed this assortment. Reload it and change it again' },
  'not-a-range': {
    status: 422,
    message: (name: string) => `Give ${name} as a date and time with a time zone, such as 2026-12-04T12:00:00Z`,
  },
  'no-such-status': { status: 422, message: (statuses: string) => `Use one of: ${statuses}`, path: '/status' },
  'not-days': {
    status: 422,
    message: 'Give "from" and "to" as days, such as 2026-12-04, at most five years apart, the earlier one first',
    path: '/from',
  },
  'no-such-rows': { status: 422, message: (rows: string) => `Use one of: ${rows}`, path: '/by' },
  'too-many-sales': {
    status: 422,
    message: 'There are too many sales in this time. Choose a shorter one',
    path: '/to',
  },
  // The larder and the tins.
  'tin-changed': {
    status: 409,
    message: 'Someone else changed this tin since you opened it. Write down your figures, reload, and enter them again',
  },
  'tin-to-delete-changed': {
    status: 409,
    message: 'Someone else changed this tin since you opened it. Reload and check it again',
  },
  'no-tin': { status: 404, message: 'This tin is no longer on the rack' },
  'name-taken': { status: 409, message: 'Another ingredient has this name. Choose a different one', path: '/name' },
  'name-in-larder': {
    status: 409,
    message: 'The larder already has an ingredient of this name. Edit that one, or choose a different name',
    path: '/name',
  },
  'ingredient-changed': {
    status: 409,
    message:
      'Someone else changed this ingredient since you opened it. Write down your figures, reload, and enter them again',
  },
  'ingredient-to-delete-changed': {
    status: 409,
    message: 'Someone else changed this ingredient since you opened it. Reload and check it again',
  },
  'settings-changed': {
    status: 409,
    message: 'Someone else changed the settings since you opened them. Compare both below',
  },
  'no-ingredient': { status: 404, message: 'This ingredient is no longer in the larder' },
  'larder-changed': {
    status: 409,
    message: 'The larder was changed since you previewed this table. Preview it again',
  },
} as const satisfies Readonly<Record<string, Refusal>>;

export type RefusalCode = keyof typeof REFUSALS;
/** Figures that the message of a refusal needs. */
export type RefusalFigures<C extends RefusalCode> = (typeof REFUSALS)[C]['message'] extends (
  ...figures: infer F
) => string
  ? F
  : [];

/** Returns the message of a refusal. */
export function refusalText<C extends RefusalCode>(code: C, ...figures: RefusalFigures<C>): string {
  const message = REFUSALS[code].message as string | ((...figures: unknown[]) => string);
  return typeof message === 'string' ? message : message(...figures);
}

/** What to reduce in a request that takes too long or too much memory, by its task. */
export const LESS_WORK = {
  plan: 'Ask for fewer pieces, or fewer kinds of tin',
  planInItsTins: 'Cut fewer pieces, or use fewer kinds of tin',
  cuts: 'Ask for fewer pieces',
  even: 'Ask for fewer pieces',
  mixed: 'Ask for fewer piece types',
  bags: 'Weigh fewer shards at once',
  buying: 'Ask for fewer batches',
  uses: 'Delete slabs that you do not make any more',
  setting: 'Use fewer or thinner layers',
  heat: 'Send fewer or thinner layers, or a shorter time',
  price: 'Use fewer or thinner layers, or fewer kinds of tin',
  listed: 'Use fewer or thinner layers, or fewer kinds of tin',
  slabLog: 'Ask for fewer runs',
  runOutcome: 'Cut fewer pieces, or use fewer kinds of tin',
  runCosts: 'Choose a shorter time',
  label: 'Ask for fewer pieces, or fewer kinds of tin',
  labelsPdf: 'Print fewer labels',
  template: 'Use the template as SVG or DXF, or cut fewer pieces',
  freeFrom: 'Use fewer lines or layers',
  timeline: 'Use fewer steps or layers',
  runPlan: 'Use fewer steps or layers',
  batches: 'Ask for fewer pieces, or fewer due times',
  pots: 'Plan fewer orders at once',
  week: 'Plan fewer batches or fewer days at once',
  forecast: 'Send fewer readings',
  method: 'Send the recipe alone, without the text around it',
  proposals: 'Send a shorter recipe',
  table: 'Split the table',
  unzip: 'Send fewer files at once',
  zip: 'Ask for fewer slabs at once',
} as const;
