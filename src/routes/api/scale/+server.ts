import { env } from 'node:process';
import { refusalToStream } from '$lib/server/streams';
import { deviceStream } from '$lib/server/deviceStream';

const USUAL = 'http://127.0.0.1:4192';
const GONE = 'No scale answers on this computer. Start the simulated one with npm run scale';

/** Streams the readings of the bench scale. */
export const GET = ({ url, request, locals }) =>
  refusalToStream(locals.client, request.signal) ??
  deviceStream(`${env.KNIFE_TRAY_SCALE ?? USUAL}/readings${url.search}`, request, GONE);
