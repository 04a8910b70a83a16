import limits from './bodyLimits.json';

/** Maximum body of a service, bytes. `scripts/serve.mjs` reads the same file. */
export const BODY_LIMIT = limits.body;
/** Maximum zip, which may contain photos. */
export const ZIP_LIMIT = limits.zip;
/** Maximum body of a sign-in, which is read before anyone is signed in. */
export const ENTER_LIMIT = limits.passphrase;
