import type { Larder } from '../larder';
import { scaledFor, type Asked } from './plan';
import {
  dewPointC,
  fittedH,
  pouredLayers,
  settingOf,
  settingWork,
  type PlaceSettings,
  type PlaceStay,
  type Setting,
  type Standing,
} from '../setting';
import { USUAL_SHOP, type Shop } from '../shop';
import { laidOut, type Place, type Slab } from '../slab';
import type { Problem } from '../validation';

/** What the tin stands on and under, where nobody says. */
export const USUAL_STANDING: Standing = { on: 'shelf', foil: false };

/**
 * How the layers of a slab set: where the stays are not given, each layer in its own place.
 *
 * @param tin in which of the kinds of tin it is made in
 * @returns null for a slab without a layer that has a height
 */
export function settingFor(
  slab: Slab,
  larder: Larder,
  shop: Shop,
  asked: Asked = {},
  stays: readonly PlaceStay[] = [],
  standing: Standing = USUAL_STANDING,
  tin = 0,
): Setting | null {
  const layers = layersOf(slab, larder, shop, asked, tin);
  if (layers.length === 0) return null;
  return settingOf(layers, stays, placesOf(shop), standing);
}

/**
 * What is too much to work out of how a slab sets, reckoned before any of it is begun: high stacks of many layers, in many tins.
 *
 * @returns one problem, or none
 */
export function settingProblems(slab: Slab, larder: Larder, shop: Shop, asked: Asked = {}): Problem[] {
  const laid = laidOut(slab);
  const { made, into } = scaledFor(laid, larder, shop, asked);
  const work = into.slabs.reduce((sum, one) => sum + settingWork(pouredLayers(laid, made, one)), 0);
  if (work <= 1) return [];
  const message = `That is ${Math.ceil(work)} times as much as can be worked out at once: lay fewer or thinner layers, or take fewer kinds of tin`;
  return [{ path: '/slab/layers', message }];
}

function layersOf(slab: Slab, larder: Larder, shop: Shop, asked: Asked, tin = 0) {
  const laid = laidOut(slab);
  const { made, into } = scaledFor(laid, larder, shop, asked);
  return pouredLayers(laid, made, into.slabs[tin]!);
}

function placesOf({
  roomC = USUAL_SHOP.roomC,
  humidityPercent = USUAL_SHOP.humidityPercent,
  placeH,
}: Shop): PlaceSettings {
  return { roomC, fitted: placeH, dewC: dewPointC(roomC, humidityPercent / 100) };
}

/**
 * The surface coefficient of one of the shop's places, from the time that a layer really took there, W/m2 K.
 *
 * @param layer id of the layer that was measured
 * @param minutes from its pour until it was set
 * @returns null where no coefficient gives that time, or the layer has no height
 */
export function fittedFor(
  slab: Slab,
  larder: Larder,
  shop: Shop,
  {
    layer,
    minutes,
    place,
    standing = USUAL_STANDING,
  }: { layer: string; minutes: number; place: Place; standing?: Standing },
): number | null {
  const layers = layersOf(slab, larder, shop, {});
  const at = layers.findIndex(({ id }) => id === layer);
  return at === -1 ? null : fittedH(layers, at, minutes, place, placesOf(shop), standing);
}
