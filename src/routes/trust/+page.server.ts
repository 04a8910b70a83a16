import { codeOfAddress } from '$lib/server/addresses';

/** Where a tablet finds this page, so that it can be read there, too. */
export const load = async () => ({ elsewhere: await codeOfAddress('/trust') });
