import { json } from '@sveltejs/kit';
import { larderOf } from '../../../core/larder';
import { readSettingRequest } from '../../../lib/server/requests/services';
import { heatRun } from '../../../core/setting';
import { settingFor } from '../../../core/usecases/setting';
import { database } from '$lib/server/db';
import { bodyJson, problem, refused } from '$lib/server/http';
import { allIngredients } from '$lib/server/larder';
import { wholeShop } from '$lib/server/shop';

/** Heat through layers: raw, or how the layers of a slab set in the places it stays in. */
export async function POST({ request }) {
  const body = await bodyJson(request);
  if (!body.ok) return body.response;
  const read = readSettingRequest(body.value);
  if (!read.ok) return refused(read.problems);
  if ('raw' in read.value) {
    const { layers, minutes, everyMinutes, top, bottom } = read.value.raw;
    const run = heatRun(
      layers.map(({ latent = null, ...layer }) => ({ ...layer, latent })),
      [{ minutes, top, bottom }],
      everyMinutes,
    );
    return json({ minutes: run.minutes, layers: run.layers });
  }
  const { slab, shop, stays, ...asked } = read.value.slab;
  const db = database();
  const setting = settingFor(slab, larderOf(allIngredients(db)), { ...wholeShop(db), ...shop }, asked, stays);
  if (!setting) return problem('This slab has no layer with a height: lay one', '/slab/layers');
  return json({
    layers: setting.layers.map(({ curve: _curve, ...one }) => one),
    cutWindow: setting.cutWindow,
  });
}
