import type { Scale, Slab, TinCount } from '../slab';
import { areaMm2At, thicknessMmOf, volumeMlTo, type Tin } from '../tin';
import type { Prepared } from './prepared';
import { coveredMm2, hasHeight, writtenLayers, type WrittenLayer } from './written';

/** A layer laid in the chosen tin. */
export interface LaidLayer {
  readonly id: string;
  readonly name: string;
  readonly massG: number;
  readonly volumeMl: number;
  readonly fromMm: number;
  readonly thicknessMm: number;
  readonly areaMm2: number;
  /** Times as much of this layer as is written. */
  readonly factor: number;
}

/** One slab of those that are made; `count` of them are alike. */
export interface LaidSlab {
  readonly tin: Tin;
  readonly count: number;
  readonly layers: readonly LaidLayer[];
  readonly heightMm: number;
  readonly massG: number;
}

/** How much of one preparation is made for all slabs together, and where it goes. */
export interface ScaledPreparation {
  readonly id: string;
  readonly multiple: number;
  /** Share of what is made that goes to each layer, over all slabs. */
  readonly shares: ReadonlyMap<string, number>;
  readonly leftoverShare: number;
}

export interface Scaled {
  readonly written: readonly WrittenLayer[];
  readonly slabs: readonly LaidSlab[];
  readonly preparations: readonly ScaledPreparation[];
}

/**
 * A slab put in other tins.
 *
 * `same-thickness` and `layer-thickness` fix the thickness of each layer and find its volume, V(h0 + t) - V(h0);
 * `multiple` fixes the amounts, shared between the tins by their base area, and finds the thickness. A preparation is made
 * as many times as its layers need, with the written leftover in proportion.
 *
 * @param made what each preparation gives as written, by id
 * @param tins at least one
 */
export function scaled(
  slab: Slab,
  made: ReadonlyMap<string, Prepared>,
  tins: readonly TinCount[],
  scale: Scale,
): Scaled {
  const written = writtenLayers(slab, made);
  const allMm2 = tins.reduce((sum, { tin, count }) => sum + count * areaMm2At(tin, 0), 0);
  const slabs = tins.map(({ tin, count }): LaidSlab => {
    const by = scale.mode === 'multiple' ? (scale.by * areaMm2At(tin, 0)) / allMm2 : null;
    const layers = laidIn(tin, slab.tin, written, scale, by);
    const last = layers.at(-1);
    return {
      tin,
      count,
      layers,
      heightMm: last ? last.fromMm + last.thicknessMm : 0,
      massG: layers.reduce((sum, { massG }) => sum + massG, 0),
    };
  });
  const unused = scale.mode === 'multiple' ? scale.by : allMm2 / areaMm2At(slab.tin, 0);
  const preparations = slab.preparations.map(({ id }) => madeOf(id, written, slabs, unused));
  return { written, slabs, preparations };
}

function laidIn(tin: Tin, from: Tin, written: readonly WrittenLayer[], scale: Scale, by: number | null): LaidLayer[] {
  const wider = areaMm2At(tin, 0) / areaMm2At(from, 0);
  let fromMm = 0;
  return written.map((one) => {
    const { layer } = one;
    let factor = by ?? wider;
    let thicknessMm = 0;
    if (hasHeight(layer) && one.volumeMl > 0) {
      if (by !== null) {
        thicknessMm = thicknessMmOf(tin, fromMm, one.volumeMl * by);
      } else {
        thicknessMm = thicknessAsked(scale, layer.id) ?? one.thicknessMm;
        factor = (volumeMlTo(tin, fromMm + thicknessMm) - volumeMlTo(tin, fromMm)) / one.volumeMl;
      }
    } else if (by === null) {
      factor = areaMm2At(tin, fromMm) / areaMm2At(from, one.fromMm);
    }
    const volumeMl = one.volumeMl * factor;
    const laid: LaidLayer = {
      id: layer.id,
      name: layer.name,
      massG: one.massG * factor,
      volumeMl,
      fromMm,
      thicknessMm,
      areaMm2: coveredMm2(tin, fromMm, thicknessMm, volumeMl),
      factor,
    };
    fromMm += thicknessMm;
    return laid;
  });
}

function thicknessAsked(scale: Scale, id: string): number | undefined {
  return scale.mode === 'layer-thickness' && Object.hasOwn(scale.mm, id) ? scale.mm[id] : undefined;
}

function madeOf(
  id: string,
  written: readonly WrittenLayer[],
  slabs: readonly LaidSlab[],
  unused: number,
): ScaledPreparation {
  let takenShare = 0;
  let needed = 0;
  const toLayer = new Map<string, number>();
  written.forEach(({ layer, shares }, at) => {
    const share = shares.get(id) ?? 0;
    if (share === 0) return;
    const factor = slabs.reduce((sum, { layers, count }) => sum + count * layers[at]!.factor, 0);
    takenShare += share;
    needed += share * factor;
    toLayer.set(layer.id, share * factor);
  });
  if (takenShare === 0) return { id, multiple: unused, shares: new Map(), leftoverShare: 1 };
  const multiple = needed / takenShare;
  const shares = new Map([...toLayer].map(([layer, share]) => [layer, share / multiple]));
  return { id, multiple, shares, leftoverShare: Math.max(0, 1 - takenShare) };
}
