import { env } from 'node:process';
import { refusalToStream } from '$lib/server/streams';
import { deviceStream } from '$lib/server/deviceStream';

const USUAL = 'http://127.0.0.1:4191';

/** Streams the readings of the probe. */
export const GET = ({ url, request, locals }) =>
  refusalToStream(locals.client, request.signal) ??
  deviceStream(`${env.KNIFE_TRAY_PROBE ?? USUAL}/readings${url.search}`, request, 'no-thermometer');
