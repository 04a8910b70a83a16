import { database } from '$lib/server/db';
import { door } from '$lib/server/passphrase';
import { allTokens } from '$lib/server/tokens';

/** Loads the tokens of other programs. */
export const load = () => ({ tokens: allTokens(database()), hasPassphrase: door !== null });
