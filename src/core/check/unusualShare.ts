import type { IngredientKind } from '../classify';
import { sharesOf } from './named';
import type { Rule } from './types';

/** The most that is usual of some strong things, as a share of the preparation. */
const USUAL: readonly {
  readonly code: string;
  readonly kind: IngredientKind;
  readonly most: number;
  readonly what: string;
}[] = [
  { code: 'salt-share', kind: 'salt', most: 0.025, what: 'salt' },
  { code: 'leavening-share', kind: 'leavening', most: 0.03, what: 'leavening' },
  { code: 'extract-share', kind: 'extract', most: 0.03, what: 'extract' },
  { code: 'acid-share', kind: 'acid', most: 0.02, what: 'acid' },
  { code: 'egg-share', kind: 'egg', most: 0.6, what: 'egg' },
  { code: 'gelatine-share', kind: 'gelling agent', most: 0.06, what: 'gelling agent' },
];

/** So much of a strong thing that it is likely a slip: a tablespoon for a teaspoon. */
export const unusualShare: Rule = (facts) =>
  USUAL.flatMap(({ code, kind, most, what }) =>
    sharesOf(facts, kind).flatMap(({ p, l, share }) =>
      share <= most || facts.slab.preparations[p]!.lines.length < 3
        ? []
        : [
            {
              code,
              where: `/preparations/${p}/lines/${l}`,
              message: `${(share * 100).toFixed(1)} % of ${facts.slab.preparations[p]!.name} is ${what}; over ${(most * 100).toFixed(1)} % is unusual. Was a tablespoon written for a teaspoon? Check the amount and its unit`,
            },
          ],
    ),
  );
