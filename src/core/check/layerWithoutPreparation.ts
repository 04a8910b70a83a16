import type { Rule } from './types';

/** A layer that is laid from nothing. */
export const layerWithoutPreparation: Rule = ({ slab }) =>
  slab.layers.flatMap(({ name, from }, at) =>
    from.some(({ share }) => share > 0)
      ? []
      : [
          {
            code: 'layer-without-preparation',
            where: `/layers/${at}`,
            message: `${name} takes 0 % of any preparation, so it weighs nothing. Say what it is laid from, or remove it`,
          },
        ],
  );
