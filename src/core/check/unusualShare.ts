import type { IngredientKind } from '../classify';
import { sharesOf } from './named';
import { check } from './codes';
import type { Rule } from './types';

/** Usual maximum of strong ingredients as a share of the preparation. */
const USUAL: readonly {
  readonly code: `${'salt' | 'leavening' | 'extract' | 'acid' | 'egg' | 'gelatine'}-share`;
  readonly kind: IngredientKind;
  readonly most: number;
}[] = [
  { code: 'salt-share', kind: 'salt', most: 0.025 },
  { code: 'leavening-share', kind: 'leavening', most: 0.03 },
  { code: 'extract-share', kind: 'extract', most: 0.03 },
  { code: 'acid-share', kind: 'acid', most: 0.02 },
  { code: 'egg-share', kind: 'egg', most: 0.6 },
  { code: 'gelatine-share', kind: 'gelling agent', most: 0.06 },
];

/** Finds strong ingredients above their usual maximum, for example a tablespoon instead of a teaspoon. */
export const unusualShare: Rule = (facts) =>
  USUAL.flatMap(({ code, kind, most }) =>
    sharesOf(facts, kind).flatMap(({ p, l, share }) =>
      share <= most || facts.slab.preparations[p]!.lines.length < 3
        ? []
        : [
            check(code, `/preparations/${p}/lines/${l}`, {
              ...{ preparation: facts.slab.preparations[p]!.name, share, usualMost: most },
            }),
          ],
    ),
  );
