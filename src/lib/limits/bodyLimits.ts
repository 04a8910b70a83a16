import limits from './bodyLimits.json';

/** The largest body that a service reads, in bytes. `scripts/serve.mjs` reads the same file. */
export const BODY_LIMIT = limits.body;
/** The largest zip, which may hold photos. */
export const ZIP_LIMIT = limits.zip;
/** A passphrase, the one body that is read before anybody has signed in. */
export const ENTER_LIMIT = limits.passphrase;
