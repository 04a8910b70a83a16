/** A slab that shares its caramel with the rye slice of the demo. */
import type { Slab } from '$core/slab';
import { demoSlabs } from '../things';

export const rye = demoSlabs.find(({ name }) => name === 'Rye and treacle slice')!;
export const cloud = demoSlabs.find(({ name }) => name === 'Buckthorn cloud bar')!;
export const treacle = rye.preparations.find(({ id }) => id === 'treacle')!;

/** A no-bake bar with the same caramel, half as much of it. */
export const oat: Slab = {
  ...rye,
  name: 'Oat and treacle bar',
  tin: cloud.tin,
  tins: cloud.tins,
  preparations: [
    cloud.preparations.find(({ id }) => id === 'base')!,
    { ...treacle, id: 'caramel', lines: treacle.lines.map((line) => ({ ...line, quantity: line.quantity / 2 })) },
  ],
  layers: [
    cloud.layers.find(({ from }) => from[0]!.preparation === 'base')!,
    { id: 'caramel', name: 'Caramel', from: [{ preparation: 'caramel', share: 1 }], spread: 'level' },
  ],
};
