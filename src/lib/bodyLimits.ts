/** The largest body that a service reads, in bytes, and the largest zip, which may hold photos; `scripts/serve.mjs` holds requests to the same. */
export const BODY_LIMIT = 1_048_576;
/** A passphrase, the one body that is read before anybody is known. */
export const ENTER_LIMIT = 1024;
export const ZIP_LIMIT = 8 * BODY_LIMIT;
