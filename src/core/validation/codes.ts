/** Names of table columns or file fields that a reason concerns. */
type Names = readonly string[];
/** Marks a reason without figures. */
type None = Readonly<Record<never, never>>;

/** Reasons for refusing a value, by code, with their figures. Limits with a unit are already formatted. */
export interface ReasonFigures {
  // One value.
  missing: None;
  blank: None;
  null: None;
  unusable: None;
  'not-text': None;
  'too-long': { readonly max: number };
  'not-a-number': None;
  'out-of-range': { readonly min: number; readonly max: number };
  'below-min': { readonly min: number | string };
  'above-max': { readonly max: number | string };
  'not-positive': None;
  'not-whole': None;
  'not-a-flag': None;
  'not-one-of': { readonly allowed: Names };
  'not-a-list': None;
  'too-many': { readonly max: number };
  'too-few': { readonly min: number };
  'not-an-object': None;
  'not-a-table': None;
  'not-pairs': None;
  'not-a-pair': { readonly what: string };
  'too-many-pairs': { readonly max: number };
  'not-a-day': None;
  'no-such-day': None;
  'not-a-moment': None;
  'not-a-utc-moment': None;
  'no-such-moment': None;
  'not-a-time-of-day': None;
  'not-a-uuid': None;
  'not-a-currency': None;
  'not-a-time-zone': None;
  'not-a-locale': None;
  'not-a-repeat': None;
  'slab-or-assortment': None;
  'due-in-past': None;
  'orders-or-batches': None;
  'orders-or-demand': None;
  'cut-undecided': None;
  'no-pieces-in-tins': None;
  'not-a-period': { readonly days: number };
  'named-twice': None;
  'ends-before-it-begins': None;
  'hours-overlap': None;
  'no-such-tin': { readonly names: Names };
  'no-such-slab': None;
  'no-such-piece-type': { readonly kinds: Names };
  'no-such-assortment': None;
  'no-such-ingredient': None;
  'ingredient-or-slab': None;
  'change-or-count': None;
  'unit-of-ingredient': None;
  'not-undoable': None;
  'more-sold-than-taken': None;
  'leftover-worth-too-high': None;
  'too-many-entries': { readonly max: number };
  'batches-or-week': None;
  'not-a-buying-range': { readonly days: number };
  // Typed numbers and quantities.
  'number-expected': None;
  'number-empty': None;
  'number-ambiguous': { readonly text: string; readonly decimal: string; readonly thousands: string };
  'unit-partly-missing': None;
  'temperature-expected': None;
  'density-expected': { readonly unit: string };
  'mass-not-volume': { readonly unit: string };
  'length-expected': None;
  'mass-expected': None;
  'volume-expected': None;
  'duration-expected': None;
  'altitude-expected': None;
  'pack-price-expected': None;
  'pack-size-expected': None;
  // JSON and files.
  'damaged-slab-file': None;
  'not-a-slab-file': None;
  'newer-slab-file': { readonly version: number };
  'not-version-1': None;
  'not-a-run-file': None;
  'damaged-zip-entry': None;
  'not-json': None;
  'nested-too-deep': { readonly max: number };
  'forbidden-name': { readonly name: string };
  'too-many-fields': { readonly max: number };
  'too-many-links': { readonly max: number };
  'too-many-events': { readonly max: number };
  // Combinations of fields of a slab, an ingredient, a tin or the settings.
  'too-many-in-slab': { readonly what: 'lines' | 'steps'; readonly count: number; readonly max: number };
  'id-used-twice': { readonly id: string };
  'min-above-usual': { readonly usual: number };
  'max-below-usual': { readonly usual: number };
  'max-wait-below-min': { readonly min: number };
  'preparation-unknown': { readonly id: string };
  'layers-over-whole': { readonly preparation: string; readonly share: number };
  'parts-over-whole': { readonly ingredient: string; readonly share: number };
  'scales-disagree': { readonly apartC: number };
  'margin-of-whole-price': None;
  'composition-over-100': None;
  'corner-too-large': None;
  'ends-when-it-begins': None;
  'range-not-rising': None;
  'start-and-deadline': None;
  'size-or-slab': None;
  'most-below-least': { readonly least: number };
  // Tables and their rows.
  'too-many-rows': { readonly max: number };
  'column-missing': { readonly column: string; readonly columns: Names };
  'too-many-changes': { readonly count: number; readonly max: number };
  'name-missing': None;
  'pack-name-missing': None;
  'pack-price-missing': None;
  'pack-mass-missing': { readonly pack: string };
  'not-in-larder': { readonly ingredient: string };
  'value-not-one-of': { readonly value: string; readonly allowed: Names };
  'in-part': { readonly part: string; readonly reason: Reason };
  'composition-incomplete': None;
  // Requests that are too much work.
  'too-much-cutting': { readonly times: number };
  'too-much-setting': { readonly times: number };
  'too-much-heat': { readonly times: number };
  'too-many-heat-notes': { readonly max: number };
  'too-many-box-places': { readonly max: number };
  'too-many-recipe-lines': { readonly max: number };
  'label-too-long': { readonly entries: number; readonly max: number };
  // Files, pictures and printed pages.
  'file-too-large': { readonly maxMb: number };
  'zip-too-large': { readonly maxMb: number };
  'too-many-files': { readonly max: number };
  'slab-file-not-named': None;
  'slab-file-not-in-zip': { readonly file: string };
  'not-a-jpeg': None;
  'not-a-picture': None;
  'picture-too-large': { readonly maxPx: number };
  'template-too-large': { readonly sheets: number; readonly paper: string; readonly max: number };
  'not-cut-along-lines': None;
  'labels-too-wide': { readonly reachMm: number; readonly paperMm: number };
  'labels-too-high': { readonly reachMm: number; readonly paperMm: number };
  'label-text-does-not-fit': { readonly widthMm: number; readonly heightMm: number };
  // Slabs that cannot be planned.
  'no-layer-with-height': None;
  'no-schedule': { readonly because: string };
  // Thickness readings and cuts.
  'outside-slab': { readonly endMm: number };
  'readings-below-zero': None;
  'no-room-for-pieces': None;
}

export type ReasonCode = keyof ReasonFigures;

/** Why a value is refused: a code and its figures. */
export type Reason = { [C in ReasonCode]: { readonly code: C; readonly figures: ReasonFigures[C] } }[ReasonCode];

/** A refused value: the JSON pointer to it, and the reason. */
export type Problem = Reason & { readonly path: string };

/** Codes without figures. */
type PlainCode = {
  [C in ReasonCode]: ReasonFigures[C] extends None ? (keyof ReasonFigures[C] extends never ? C : never) : never;
}[ReasonCode];

/** Makes a reason. */
export function reason(code: PlainCode): Reason;
export function reason<C extends ReasonCode>(code: C, figures: ReasonFigures[C]): Reason;
export function reason(code: ReasonCode, figures: object = {}): Reason {
  return { code, figures } as Reason;
}

/** Makes a problem. */
export function problem(path: string, code: PlainCode): Problem;
export function problem<C extends ReasonCode>(path: string, code: C, figures: ReasonFigures[C]): Problem;
export function problem(path: string, code: ReasonCode, figures: object = {}): Problem {
  return { path, code, figures } as Problem;
}

/** Returns the problems of a part, with paths from the whole. @param at JSON pointer to the part */
export const problemsUnder = (at: string, problems: readonly Problem[]): Problem[] =>
  problems.map((problem) => ({ ...problem, path: at + problem.path }));
