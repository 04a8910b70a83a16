import { hasHeight } from '../scale';
import type { Rule } from './types';

/** A layer that is carried by weight only: its film is not followed over walls and faces. */
export const filmByWeight: Rule = ({ slab }) =>
  slab.layers.flatMap((layer, at) =>
    hasHeight(layer) || layer.spread === 'scatter'
      ? []
      : [
          {
            code: 'film-by-weight',
            where: `/layers/${at}/spread`,
            message: `${layer.name} is reckoned by weight, in proportion to the slab's face, and adds 0 mm of height. Check that it covers before you scale it far`,
          },
        ],
  );
