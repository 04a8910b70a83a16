import type { Layer, Scale, Slab } from '../slab';
import { type TinCount, areaMm2At, type SheetTin, type Tin } from '../tin';
import { stackIn, type FacesOf, type LaidLayer } from './laid';
import type { Prepared } from './prepared';
import { standingIn, writtenTin } from './standing';
import { writtenLayers, type WrittenLayer } from './written';

/** One slab of those that are made; `count` of them are alike. */
export interface LaidSlab {
  readonly tin: Tin;
  /** The sheet that it lies on, where it is one. */
  readonly sheet: SheetTin | null;
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
  /** The tin that the slab is written for, with the outline it has there. */
  readonly writtenTin: Tin;
  readonly written: readonly WrittenLayer[];
  readonly slabs: readonly LaidSlab[];
  readonly preparations: readonly ScaledPreparation[];
}

/**
 * A slab put in other tins.
 *
 * `same-thickness`, `layer-thickness` and `total-height` fix the film of each layer and find its volume; `multiple` fixes
 * the amounts, shared between the tins by their base area, and finds the film. (`as-far-as` is a multiple once it is known
 * which one; see `asFarAs`. `pieces` keeps the thickness, or takes a total height: its tins have been chosen for the order by then.) A preparation is made as many times as its
 * layers need, with the written leftover in proportion.
 *
 * @param made what each preparation gives as written, by id
 * @param tins at least one
 * @param facesOf what a cut slab offers to a coat, in the tin and at the height given
 */
export function scaled(
  slab: Slab,
  made: ReadonlyMap<string, Prepared>,
  tins: readonly TinCount[],
  scale: Exclude<Scale, { mode: 'as-far-as' }>,
  facesOf: FacesOf,
): Scaled {
  const own = writtenTin(slab, made);
  const written = writtenLayers(slab, own, made, facesOf);
  const standing = standingIn(slab, made, tins, scale.mode === 'multiple' ? scale.by : null);
  const allMm2 = standing.reduce((sum, { tin, count }) => sum + count * areaMm2At(tin, 0), 0);
  const filmIn = filmsAsked(scale, written);
  const slabs = standing.map(({ tin, sheet, count }): LaidSlab => {
    const wider = areaMm2At(tin, 0) / areaMm2At(own, 0);
    const by = scale.mode === 'multiple' ? (scale.by * areaMm2At(tin, 0)) / allMm2 : null;
    const { films, places, heightMm } = stackIn(tin, slab.layers, facesOf, (at) =>
      by === null ? { film: filmIn(at) } : { volumeMl: written[at]!.volumeMl * by },
    );
    const layers = written.map(({ layer, massG, volumeMl }, at): LaidLayer => {
      const { film, volumeMl: laidMl } = films[at]!;
      const factor = volumeMl > 0 ? laidMl / volumeMl : (by ?? wider);
      const { id, name, spread } = layer;
      return { id, name, spread, massG: massG * factor, volumeMl: laidMl, film, factor, ...places[at]! };
    });
    return { tin, sheet, count, layers, heightMm, massG: layers.reduce((sum, { massG }) => sum + massG, 0) };
  });
  const unused = scale.mode === 'multiple' ? scale.by : allMm2 / areaMm2At(own, 0);
  const preparations = slab.preparations.map(({ id }) => madeOf(id, written, slabs, unused));
  return { writtenTin: own, written, slabs, preparations };
}

/** The film of each layer that a scaling asks for. A total height is shared out in proportion to the written layers. */
function filmsAsked(scale: Scale, written: readonly WrittenLayer[]): (at: number) => number {
  const heightMm = scale.mode === 'total-height' ? scale.mm : scale.mode === 'pieces' ? scale.heightMm : undefined;
  if (heightMm !== undefined) {
    const writtenMm = written.reduce((sum, { layer, film }) => sum + film * heights(layer), 0);
    const times = writtenMm > 0 ? heightMm / writtenMm : 1;
    return (at) => written[at]!.film * (heights(written[at]!.layer) > 0 ? times : 1);
  }
  const mm = scale.mode === 'layer-thickness' ? scale.mm : {};
  return (at) => {
    const { layer, film, volumeMl } = written[at]!;
    const asked = Object.hasOwn(mm, layer.id) && layer.spread !== 'per-piece' && layer.spread !== 'scatter';
    return asked && volumeMl > 0 ? mm[layer.id]! : film;
  };
}

/** How often a layer's film counts towards the height of the slab. */
function heights({ spread }: Layer): number {
  return spread === 'both-faces' ? 2 : spread === 'level' || spread === 'shell' ? 1 : 0;
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
