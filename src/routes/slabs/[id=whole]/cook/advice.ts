import { isHardBoil, isKind, type IngredientKind } from '$core/classify';
import { ingredientNamed, type Larder } from '$core/larder';
import type { Preparation } from '$core/slab';

/** What to do with the spoon in one phase of a boil, and why. */
export interface Stirring {
  readonly phase: string;
  readonly what: string;
  readonly why: string;
}

/** Whether a preparation holds something of a kind, by what the larder knows of it. */
const holds = ({ lines }: Preparation, larder: Larder, ...kinds: readonly IngredientKind[]) =>
  lines.some(({ ingredient: name }) =>
    kinds.some((kind) => isKind(kind, { name, ingredient: ingredientNamed(name, larder) })),
  );

/** When to stir a boil and when not: sugar alone wants rest, what has milk or butter in it wants the spoon, fudge wants both in turn. */
export function stirring(preparation: Preparation, larder: Larder): Stirring[] {
  const milky = holds(preparation, larder, 'milk', 'milk fat');
  const beaten = preparation.steps?.some(({ text }) => /beat/i.test(text)) ?? false;
  const warming: Stirring = {
    phase: 'Until it boils',
    what: 'stir over a low heat until no grain is felt',
    why: 'A crystal that is left seeds the whole pot',
  };
  if (beaten) {
    return [
      warming,
      {
        phase: 'While it boils',
        what: milky ? 'stir along the bottom now and then' : 'leave it alone',
        why: milky ? 'Milk catches; steady strokes do no harm while it is hot and thin' : 'Stirring starts crystals',
      },
      {
        phase: 'While it cools',
        what: 'do not touch it',
        why: 'Stirred warm it grains coarsely; cooled still it can be beaten fine',
      },
      { phase: 'Then', what: 'beat until it loses its shine', why: 'Many small crystals at once make it smooth' },
    ];
  }
  if (milky) {
    return [
      warming,
      {
        phase: 'While it boils',
        what: 'stir all the time, along the bottom',
        why: 'Milk catches and butter splits off when it stands',
      },
    ];
  }
  return [warming, { phase: 'While it boils', what: 'leave it alone', why: 'Stirring a clear syrup starts crystals' }];
}

/** What keeps crystals off the wall of the pot; what the recipe has already is told. */
export function wallCrystals(preparation: Preparation, larder: Larder): string[] {
  const acid = holds(preparation, larder, 'keeps from graining');
  return [
    'Put the lid on for the first three minutes of the boil: the steam washes the wall',
    'Or wash the wall down with a wet brush above the syrup, never into it',
    acid
      ? 'The syrup or acid in this pot holds crystals back by itself'
      : isHardBoil(preparation)
        ? 'Or put a tenth of glucose syrup to the sugar: it cannot grain then'
        : 'Or a pinch of cream of tartar: it turns some of the sugar, which then holds the rest apart',
  ];
}
