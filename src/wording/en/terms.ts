/** Names of things. */
import type { Behaviour, Foam } from '$core/classify';
import type { Measures } from '$core/measure';
import type { Stuff } from '$core/setting';
import type { ComparedFigure } from '$core/usecases';

/** Names of layer behaviours. */
export const BEHAVIOUR_NAMES: Readonly<Record<Behaviour, string>> = {
  'hard boil': 'hard boiled sugar',
  'soft boil': 'soft boiled sugar',
  gel: 'a gel',
  chocolate: 'chocolate',
  crumb: 'a crumb base',
  baked: 'a baked base',
  'butter-bound': 'bound with butter',
  loose: 'loose',
};

/** Names of beaten layers. */
export const FOAM_NAMES: Readonly<Record<Foam, string>> = {
  marshmallow: 'beaten marshmallow',
  nougat: 'beaten nougat',
  meringue: 'meringue',
  'whipped cream': 'whipped cream',
  'butter cream': 'butter cream beaten pale',
  sponge: 'a sponge with air',
};

/** Names of setting mechanisms. */
export const STUFF_NAMES: Readonly<Record<Stuff, string>> = {
  'tempered chocolate': 'tempered chocolate',
  'melted chocolate': 'untempered chocolate',
  'sweet paste': 'caramel as bought',
  'milk fat': 'butter',
  'coconut fat': 'coconut fat',
  glass: 'boiled sugar',
  grain: 'beaten fudge',
  'slow gel': 'gelatine or whipped sugar',
  'fast gel': 'agar or pectin',
  baked: 'a baked base',
  ice: 'something frozen',
  cold: 'something that only cools',
};

/** Names of cup and spoon standards. */
export const MEASURES_NAMES: Readonly<Record<Measures, string>> = {
  us: 'US cups and spoons',
  metric: 'metric cups and spoons',
  au: 'Australian cups and spoons',
  imperial: 'imperial cups and spoons',
};

/** Names of the compared figures. */
export const COMPARED_NAMES: Readonly<Record<ComparedFigure, string>> = {
  pieces: 'Pieces',
  pieceG: 'Average piece',
  trimmedG: 'Trims',
  heightMm: 'Height',
  massG: 'Total weight',
  usedCost: 'Cost of ingredients used',
  pieceCost: 'Ingredients per piece',
};

/** Statuses of a run. */
export const RUN_STATUSES = {
  planned: 'Planned',
  'in-progress': 'In progress',
  finished: 'Finished',
  stopped: 'Stopped',
} as const;
