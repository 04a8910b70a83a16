/** A slab as a recipe document in English that reads back as the same slab. */
import {
  endPointC,
  type CutSpec,
  type Layer,
  type Place,
  type Preparation,
  type Slab,
  type Spread,
  type Step,
} from '$core/slab';
import type { AnyTin } from '$core/tin';
import { lineInWords } from '$core/recipe';

/** How a layer is applied. */
const LAYS: Readonly<Record<Spread, (name: string) => string>> = {
  level: (name) => `Spread the ${name} in the tin.`,
  shell: (name) => `Spread the ${name} over the floor and up the walls of the tin.`,
  'both-faces': (name) => `Spread the ${name} on top, turn the slab over and spread the rest.`,
  scatter: (name) => `Scatter over the ${name}.`,
  coat: (name) => `Dip each piece in the ${name}.`,
  'per-piece': (name) => `Put the ${name} on each piece.`,
};

/** A step of a recipe document. */
const howTo = (text: string) => ({ '@type': 'HowToStep', text });
const section = (name: string, steps: readonly string[]) => ({
  '@type': 'HowToSection',
  name,
  itemListElement: steps.map(howTo),
});

const WAITS: Readonly<Record<Place, (minutes: string) => string>> = {
  room: (minutes) => `Leave to set at room temperature${minutes}.`,
  fridge: (minutes) => `Chill in the fridge${minutes}.`,
  freezer: (minutes) => `Freeze${minutes}.`,
  marble: (minutes) => `Leave to set on the marble${minutes}.`,
};
const KEEPS: Readonly<Record<Place, string>> = {
  room: 'at room temperature',
  marble: 'at room temperature',
  fridge: 'in the fridge',
  freezer: 'in the freezer',
};

const plain = (value: number) => String(Number(value.toFixed(1)));

/** Adds a step's figures to its text, so that readers of the text get them too. */
function stepInWords(step: Step, preparation: Preparation): string {
  const { text, minutes, leastMinutes = minutes, mostMinutes = minutes, ovenC, coolTo, cooks } = step;
  const endC = cooks ? endPointC(preparation) : null;
  const time = leastMinutes === mostMinutes ? plain(minutes) : `${plain(leastMinutes)}-${plain(mostMinutes)}`;
  const details = [
    ovenC === undefined ? '' : `at ${plain(ovenC)} °C in the oven`,
    endC === null ? '' : `cook to ${plain(endC)} °C`,
    coolTo ? `cool to ${plain(coolTo.celsius)} °C` : '',
    minutes > 0 ? `${time} min` : '',
  ].filter(Boolean);
  // Added after the first clause, which names the action.
  const [, first = text, rest = ''] = /^([^;,]*?(?=[;,]|\.\s|\.?$))(.*)$/s.exec(text.trim()) ?? [];
  const whole = `${first}${details.length > 0 ? ` (${details.join(', ')})` : ''}${rest}`;
  return /[.!?]$/.test(whole) ? whole : `${whole}.`;
}

function tinStep(tin: AnyTin): string[] {
  if (tin.shape === 'rectangle')
    return [`Line a ${plain(tin.lengthMm)} x ${plain(tin.widthMm)} x ${plain(tin.depthMm)} mm tin with paper.`];
  return tin.shape === 'round'
    ? [`Line a ${plain(tin.diameterMm)} mm round tin with paper.`]
    : ['Line a sheet with paper.'];
}

function cutStep({ columns, rows, way = 'grid' }: CutSpec): string {
  switch (way) {
    case 'break':
      return 'Break into pieces.';
    case 'wedges':
      return 'Cut into wedges.';
    case 'grid':
    case 'mixed':
      return `Cut into ${columns} x ${rows}.`;
  }
}

/** "PT3H20M" for 200 minutes. */
const isoDuration = (minutes: number) => `PT${Math.floor(minutes / 60)}H${Math.round(minutes % 60)}M`;

/**
 * Returns a slab as a schema.org recipe. With several preparations, a line such as "For the base:" precedes the lines of each,
 * since the vocabulary has no ingredient groups. The method goes layer by layer, and reading it returns the tin, end points,
 * ovens, waits, cut and shelf life.
 *
 * @param pieces how many pieces it makes
 * @param totalMinutes from weighing out to packing, or null where that is not known
 * @see https://schema.org/Recipe
 */
export function jsonLdOf(
  slab: Slab,
  pieces: number,
  totalMinutes: number | null = null,
): Readonly<Record<string, unknown>> {
  const { preparations, layers, tin, cut, keep } = slab;
  const several = preparations.length > 1;
  const described = new Set<string>();
  const stepsOf = (preparation: Preparation) => {
    const steps = preparation.steps ?? [];
    const endC = endPointC(preparation);
    const isCooked = steps.some(({ cooks }) => cooks);
    return [
      ...steps.map((step) => stepInWords(step, preparation)),
      ...(endC === null || isCooked ? [] : [`Cook to ${plain(endC)} °C.`]),
    ];
  };
  const ofLayer = (layer: Layer) => {
    const own = preparations.filter(
      ({ id }) => layer.from.some(({ preparation }) => preparation === id) && !described.has(id),
    );
    for (const { id } of own) described.add(id);
    const { place = 'room', minMinutes } = layer.set ?? {};
    const waits = layer.set ? [WAITS[place](minMinutes ? ` for ${plain(minMinutes)} minutes` : '')] : [];
    const [last, ...others] = [...own].reverse();
    const lay = LAYS[layer.spread](layer.name);
    return [
      ...others.reverse().map((preparation) => section(preparation.name, stepsOf(preparation))),
      section(last?.name ?? layer.name, [...(last ? stepsOf(last) : []), lay, ...waits]),
    ];
  };
  const laid = layers.flatMap(ofLayer);
  const further = preparations
    .filter(({ id }) => !described.has(id))
    .map((preparation) => section(preparation.name, stepsOf(preparation)));
  const finish = [
    ...(cut ? [cutStep(cut)] : []),
    ...(keep?.days ? [`Keeps ${plain(keep.days)} days ${KEEPS[keep.place ?? 'room']}.`] : []),
  ];
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: slab.name,
    recipeYield: `${pieces} pieces`,
    ...(totalMinutes === null ? {} : { totalTime: isoDuration(totalMinutes) }),
    recipeIngredient: preparations.flatMap(({ name, lines, unread = [] }) => [
      ...(several ? [`For the ${name}:`] : []),
      ...lines.map(lineInWords),
      ...unread,
    ]),
    recipeInstructions: [
      ...tinStep(tin).map(howTo),
      ...further,
      ...laid,
      ...(finish.length > 0 ? [section('To finish', finish)] : []),
    ],
  };
}
