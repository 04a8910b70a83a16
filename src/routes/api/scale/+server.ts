import { env } from 'node:process';
import { refusalToStream } from '$lib/server/streams';
import { deviceStream } from '$lib/server/deviceStream';

const USUAL = 'http://127.0.0.1:4192';

/** Streams the readings of the bench scale. */
export const GET = ({ url, request, locals }) =>
  refusalToStream(locals.client, request.signal) ??
  deviceStream(`${env.KNIFE_TRAY_SCALE ?? USUAL}/readings${url.search}`, request, 'no-scale');
