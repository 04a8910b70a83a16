import { problem } from '../validation';
import type { Larder } from '../larder';
import type { PlanOptions } from './planned';
import { scaleSlab } from './scaling';
import {
  dewPointC,
  fittedH,
  pouredLayers,
  settingOf,
  settingRange,
  settingWork,
  type PlaceSettings,
  type PlaceStay,
  type RangedSetting,
  type Setting,
  type TinSupport,
} from '../setting';
import { USUAL_SHOP, type Shop } from '../shop';
import { expandDividedLines, type Place, type Slab } from '../slab';
import type { Problem } from '../validation';

/** Default support and cover of a tin. Only the faces count, not the edges. */
export const USUAL_SUPPORT: TinSupport = { on: 'shelf', foil: false };

/**
 * Returns how the layers of a slab set; without stays, each layer in its own place.
 *
 * @param tin in which of the kinds of tin it is made in
 * @returns null for a slab without a layer that has a height
 */
export function settingFor(
  slab: Slab,
  larder: Larder,
  shop: Shop,
  options: PlanOptions = {},
  stays: readonly PlaceStay[] = [],
  support: TinSupport = USUAL_SUPPORT,
  tin = 0,
): Setting | null {
  const layers = layersOf(slab, larder, shop, options, tin);
  if (layers.length === 0) return null;
  return settingOf(layers, stays, placesOf(shop), support);
}

/** The same with the range of each wait; three times the work. */
export function rangedSettingFor(
  slab: Slab,
  larder: Larder,
  shop: Shop,
  options: PlanOptions = {},
  stays: readonly PlaceStay[] = [],
  support: TinSupport = USUAL_SUPPORT,
): RangedSetting | null {
  const layers = layersOf(slab, larder, shop, options);
  return layers.length === 0 ? null : settingRange(layers, stays, placesOf(shop), support);
}

/**
 * Finds settings that are too much work, before any of it begins: high stacks of many layers in many tins.
 *
 * @returns one problem, or none
 */
export function settingProblems(slab: Slab, larder: Larder, shop: Shop, options: PlanOptions = {}): Problem[] {
  const laid = expandDividedLines(slab);
  const { mixtures, scaling } = scaleSlab(laid, larder, shop, options);
  const work = scaling.slabs.reduce(
    (sum, laidSlab) => sum + settingWork(pouredLayers(laid, mixtures, laidSlab, roomOf(shop))),
    0,
  );
  if (work <= 1) return [];
  return [problem('/slab/layers', 'too-much-setting', { times: Math.ceil(work) })];
}

const roomOf = ({ roomC = USUAL_SHOP.roomC }: Shop) => roomC;

function layersOf(slab: Slab, larder: Larder, shop: Shop, options: PlanOptions, tin = 0) {
  const laid = expandDividedLines(slab);
  const { mixtures, scaling } = scaleSlab(laid, larder, shop, options);
  return pouredLayers(laid, mixtures, scaling.slabs[tin]!, roomOf(shop));
}

function placesOf(shop: Shop): PlaceSettings {
  const { humidityPercent = USUAL_SHOP.humidityPercent, placeH } = shop;
  const roomC = roomOf(shop);
  return { roomC, fitted: placeH, dewC: dewPointC(roomC, humidityPercent / 100) };
}

/**
 * Returns the surface coefficient of a place from a measured setting time, W/m² K.
 *
 * @param layer id of the layer that was measured
 * @param minutes from its pour until it was set
 * @returns null where no coefficient gives that time, or the layer has no height
 */
export function fittedCoefficient(
  slab: Slab,
  larder: Larder,
  shop: Shop,
  {
    layer,
    minutes,
    place,
    support = USUAL_SUPPORT,
  }: { layer: string; minutes: number; place: Place; support?: TinSupport },
): number | null {
  const layers = layersOf(slab, larder, shop, {});
  const at = layers.findIndex(({ id }) => id === layer);
  return at === -1 ? null : fittedH(layers, at, minutes, place, placesOf(shop), support);
}
