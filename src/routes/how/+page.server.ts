import { models } from '$lib/server/models';

export const load = () => ({ rooms: models() });
