import { behaviourOf } from '../classify';
import type { Larder } from '../larder';
import { figuresIn } from '../measure';
import { layerParts, type LineGuess } from '../scale';
import { pouredLayers, STUFF_WORDS } from '../setting';
import { USUAL_SHOP, type Shop } from '../shop';
import { expandDividedLines, type Slab } from '../slab';
import { stepsOf } from '../time';
import { scaleSlab } from './scaling';

/** Something that nobody has said and that is taken as usual for such a thing. */
export interface Guess {
  /** Where in the slab file it would be said. */
  readonly where: string;
  /** What is taken. */
  readonly taken: string;
  /** What that rests on. */
  readonly restsOn: string;
}

/** All that a slab's plan, its waits and its day rest on and that its file does not say, in the order of its pots and layers. */
export function guessesOf(slab: Slab, larder: Larder, shop: Shop): Guess[] {
  const laid = expandDividedLines(slab);
  const { mixtures, scaling, measures } = scaleSlab(laid, larder, shop, {});
  const figures = figuresIn(shop.shownIn, measures);
  const guessOf = (guess: LineGuess | null, massG: number | null, of: string, ingredient: string, where: string) => {
    if (!guess) return [];
    const { as } = guess;
    const weighs = guess.of.includes('mass') && massG !== null ? [`weighs ${figures.mass.say(massG)}`] : [];
    const made = guess.of.includes('composition') ? ['is made up'] : [];
    const taken = `${ingredient} in ${of} ${[...weighs, ...made].join(' and ')} as is usual for ${as}`;
    return [{ where, taken, restsOn: 'its name: the larder does not say' }];
  };
  const pots = slab.preparations.flatMap((preparation, p): Guess[] => {
    const { name, lines, lossPercent, steps = [] } = preparation;
    const { massInG, massOutG, stuckG, densityFrom, densityGPerMl } = mixtures[p]!;
    if (lines.length === 0 || massInG === 0) return [];
    const lost = ((stuckG / (massOutG + stuckG)) * 100).toFixed(0);
    const at = (field: string) => `/preparations/${p}/${field}`;
    return [
      ...mixtures[p]!.lines.flatMap(({ guess, massG }, l) => {
        // What comes from a line that was divided elsewhere has no line of its own here.
        const where = l < lines.length ? at(`lines/${l}`) : `/preparations/${p}`;
        return guessOf(guess, massG, name, laid.preparations[p]!.lines[l]!.ingredient, where);
      }),
      ...(lossPercent === undefined
        ? [{ where: at('lossPercent'), taken: `${name}: ${lost} % stays in the pot or bowl`, restsOn: 'what is usual' }]
        : []),
      ...(densityFrom === 'assumed'
        ? [
            {
              where: at('densityGPerMl'),
              taken: `${name}: ${figures.density.say(densityGPerMl)}`,
              restsOn: 'what such things are usually made of: the larder does not say',
            },
          ]
        : []),
      ...(steps.length === 0
        ? [
            {
              where: at('steps'),
              taken: stepsOf(preparation, figures)
                .map(({ text, minutes }) => `${text}, ${minutes} min`)
                .join('; '),
              restsOn: 'its kind: nobody has written its steps',
            },
          ]
        : []),
    ];
  });
  const [first] = scaling.slabs;
  const poured = first ? pouredLayers(laid, mixtures, first, shop.roomC ?? USUAL_SHOP.roomC) : [];
  const layers = poured.flatMap(({ id, name, pourC, firmness, assumed }): Guess[] => {
    const l = slab.layers.findIndex((layer) => layer.id === id);
    const layer = slab.layers[l]!;
    const kind = behaviourOf(layerParts(layer, laid, mixtures));
    const at = (field: string) => `/layers/${l}/${field}`;
    return [
      ...(layer.pourC === undefined
        ? [
            {
              where: at('pourC'),
              taken: `${name} is laid at ${figures.temperature.say(pourC)}`,
              restsOn: `its kind, ${kind}`,
            },
          ]
        : []),
      ...(layer.set?.toC === undefined
        ? [
            {
              where: at('set'),
              taken: `${name} becomes firm as ${STUFF_WORDS[firmness.stuff]} does`,
              restsOn: `its kind, ${kind}`,
            },
          ]
        : []),
      ...(assumed
        ? [
            {
              where: at('from'),
              taken: `Heat goes through ${name} as through something between a syrup and a cream`,
              restsOn: 'nothing: the larder does not say what it is made of',
            },
          ]
        : []),
    ];
  });
  return [...pots, ...layers];
}
