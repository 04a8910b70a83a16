import type { Larder } from './larder';
import { scaledFor, type Asked } from './plan';
import { pouredLayers, settingOf, type PlaceStay, type Setting, type Standing } from './setting';
import { USUAL_SHOP, type Shop } from './shop';
import { laidOut, type Slab } from './slab';

/** What the tin stands on and under, where nobody says. */
export const USUAL_STANDING: Standing = { on: 'shelf', foil: false };

/**
 * How the layers of a slab set in its first tin: where the stays are not given, each in the place that its layers name most.
 *
 * @returns null for a slab without a layer that has a height
 */
export function settingFor(
  slab: Slab,
  larder: Larder,
  shop: Shop,
  asked: Asked = {},
  stays?: readonly PlaceStay[],
  standing: Standing = USUAL_STANDING,
): Setting | null {
  const laid = laidOut(slab);
  const { made, into } = scaledFor(laid, larder, shop, asked);
  const layers = pouredLayers(laid, made, into.slabs[0]!);
  if (layers.length === 0) return null;
  const usual = slab.layers.find(({ set }) => set?.place)?.set?.place ?? 'room';
  const where = stays && stays.length > 0 ? stays : [{ place: usual, minutes: 60 }];
  return settingOf(layers, where, { roomC: shop.roomC ?? USUAL_SHOP.roomC, fitted: shop.placeH }, standing);
}
