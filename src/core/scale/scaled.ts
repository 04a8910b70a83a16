import type { Layer, Scale, Slab } from '../slab';
import { type TinCount, areaMm2At, type SheetTin, type Tin } from '../tin';
import { stackIn, type FacesOf, type LaidLayer } from './laid';
import type { Mixture } from './mixture';
import { doseOf, namedDose, SPREAD } from './spreads';
import { placedTins, writtenTin } from './placedTins';
import { writtenLayers, type WrittenLayer } from './written';

/** A slab in one kind of tin; `count` of them are made. */
export interface LaidSlab {
  readonly tin: Tin;
  /** The sheet below, for a free-form slab. */
  readonly sheet: SheetTin | null;
  readonly count: number;
  readonly layers: readonly LaidLayer[];
  readonly heightMm: number;
  readonly massG: number;
}

/** Total amount of a preparation for all slabs, and its use. */
export interface ScaledPreparation {
  readonly id: string;
  /** Factor on the base recipe. */
  readonly scaleFactor: number;
  /** Share of the output that goes to each layer, over all slabs. */
  readonly shares: ReadonlyMap<string, number>;
  readonly leftoverShare: number;
}

export interface Scaled {
  /** The tin of the base recipe with its outline. */
  readonly writtenTin: Tin;
  readonly written: readonly WrittenLayer[];
  readonly slabs: readonly LaidSlab[];
  readonly preparations: readonly ScaledPreparation[];
}

/** A scaling with a known scale factor. */
type KnownScale = Exclude<Scale, { mode: 'as-far-as' }>;

/**
 * Scales a slab to other tins.
 *
 * `same-thickness`, `layer-thickness` and `total-height` fix the dose of each layer and find its volume; `scaleFactor` fixes the
 * amounts, shared between the tins by their base area, and finds the dose. (`as-far-as` becomes a scale factor when stock is known:
 * see `stockLimitOf`. `pieces` keeps the thickness, or takes a total height: its tins have been chosen for the order by then.) A
 * preparation is made as many times as its layers need, with the written leftover in proportion.
 *
 * @param mixtures what each preparation gives as written, by id
 * @param tins at least one
 * @param facesOf what a cut slab offers to a coat, in the tin and at the height given
 */
export function scaled(
  slab: Slab,
  mixtures: ReadonlyMap<string, Mixture>,
  tins: readonly TinCount[],
  scale: KnownScale,
  facesOf: FacesOf,
): Scaled {
  const asWritten = writtenTin(slab, mixtures);
  const writtenAreaMm2 = areaMm2At(asWritten, 0);
  const written = writtenLayers(slab, asWritten, mixtures, facesOf);
  const target = targetOf(scale);
  const placed = placedTins(slab, mixtures, tins, target.scaleFactor);
  const totalAreaMm2 = placed.reduce((sum, { tin, count }) => sum + count * areaMm2At(tin, 0), 0);
  const doseIn = dosesAsked(target, written);
  const slabs = placed.map(({ tin, sheet, count }): LaidSlab => {
    const areaMm2 = areaMm2At(tin, 0);
    const ofAmounts = target.scaleFactor === null ? null : (target.scaleFactor * areaMm2) / totalAreaMm2;
    const { doses, places, heightMm } = stackIn(tin, slab.layers, facesOf, (at) =>
      ofAmounts === null ? { dose: doseIn(at) } : { volumeMl: written[at]!.volumeMl * ofAmounts },
    );
    const layers = written.map(({ layer, massG, volumeMl }, at): LaidLayer => {
      const { dose, volumeMl: laidMl } = doses[at]!;
      const scaleFactor = volumeMl > 0 ? laidMl / volumeMl : (ofAmounts ?? areaMm2 / writtenAreaMm2);
      const { id, name, spread } = layer;
      return {
        id,
        name,
        spread,
        massG: massG * scaleFactor,
        volumeMl: laidMl,
        ...namedDose(layer, dose),
        scaleFactor,
        ...places[at]!,
      };
    });
    return { tin, sheet, count, layers, heightMm, massG: layers.reduce((sum, { massG }) => sum + massG, 0) };
  });
  const ofUnused = target.scaleFactor ?? totalAreaMm2 / writtenAreaMm2;
  const preparations = slab.preparations.map(({ id }) => scaledPreparation(id, written, slabs, ofUnused));
  return { writtenTin: asWritten, written, slabs, preparations };
}

/** What a scaling fixes: the amounts, the height of the slab, or thicknesses by layer, mm. The rest follows the base recipe. */
interface Target {
  readonly scaleFactor: number | null;
  readonly heightMm: number | null;
  readonly layersMm: Readonly<Record<string, number>>;
}

const AS_WRITTEN: Target = { scaleFactor: null, heightMm: null, layersMm: {} };

function targetOf(scale: KnownScale): Target {
  switch (scale.mode) {
    case 'same-thickness':
      return AS_WRITTEN;
    case 'layer-thickness':
      return { ...AS_WRITTEN, layersMm: scale.mm };
    case 'total-height':
      return { ...AS_WRITTEN, heightMm: scale.mm };
    case 'pieces':
      return { ...AS_WRITTEN, heightMm: scale.heightMm ?? null };
    case 'scaleFactor':
      return { ...AS_WRITTEN, scaleFactor: scale.by };
  }
}

/** Returns the dose of each layer for a scaling. A total height is divided in proportion to the base recipe's layers. */
function dosesAsked({ heightMm, layersMm: mm }: Target, written: readonly WrittenLayer[]): (at: number) => number {
  if (heightMm !== null) {
    const writtenMm = written.reduce((sum, { layer, filmMm }) => sum + filmMm * filmsInHeight(layer), 0);
    const scaleFactor = writtenMm > 0 ? heightMm / writtenMm : 1;
    return (at) => doseOf(written[at]!) * (filmsInHeight(written[at]!.layer) > 0 ? scaleFactor : 1);
  }
  return (at) => {
    const { layer, volumeMl } = written[at]!;
    const byHand = Object.hasOwn(mm, layer.id) && SPREAD[layer.spread].takesThickness && volumeMl > 0;
    return byHand ? mm[layer.id]! : doseOf(written[at]!);
  };
}

const filmsInHeight = ({ spread }: Layer) => SPREAD[spread].filmsInHeight;

/** Returns the scale factor of a preparation for all slabs, and its use. */
function scaledPreparation(
  id: string,
  written: readonly WrittenLayer[],
  slabs: readonly LaidSlab[],
  ofUnused: number,
): ScaledPreparation {
  let takenShare = 0;
  let needed = 0;
  const toLayer = new Map<string, number>();
  written.forEach(({ layer, shares }, at) => {
    const share = shares.get(id) ?? 0;
    if (share === 0) return;
    const ofLayer = slabs.reduce((sum, { layers, count }) => sum + count * layers[at]!.scaleFactor, 0);
    takenShare += share;
    needed += share * ofLayer;
    toLayer.set(layer.id, share * ofLayer);
  });
  if (takenShare === 0) return { id, scaleFactor: ofUnused, shares: new Map(), leftoverShare: 1 };
  const scaleFactor = needed / takenShare;
  const shares = new Map([...toLayer].map(([layer, share]) => [layer, share / scaleFactor]));
  return { id, scaleFactor, shares, leftoverShare: Math.max(0, 1 - takenShare) };
}
