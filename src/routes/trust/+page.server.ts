import { codeOfAddress } from '$lib/server/addresses';

/** Loads the address of this page for a tablet. */
export const load = async () => ({ elsewhere: await codeOfAddress('/trust') });
