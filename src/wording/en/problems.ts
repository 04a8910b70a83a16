/** Texts of refused values, files and requests, with what to do about them. */
import type { Problem, Reason, ReasonCode, ReasonFigures } from '$core/validation';
import { percent, plural } from './grammar';
import type { RefusalCode } from './refusals';

type Sentences = { readonly [C in ReasonCode]: string | ((of: ReasonFigures[C]) => string) };

const anyOf = (allowed: readonly string[]) => `Use one of: ${allowed.join(', ')}`;
const tooMuch = (times: number, advice: string) =>
  `This takes ${times} times as much work as one request may. ${advice}`;

const SENTENCES: Sentences = {
  missing: 'This is missing',
  blank: 'Enter some text',
  null: 'A value is missing here. Enter one, or leave the field out',
  unusable: 'This value cannot be used here',
  'not-text': 'Enter text here',
  'too-long': ({ max }) => `Use at most ${max} characters`,
  'not-a-number': 'Enter a number',
  'out-of-range': ({ min, max }) => `Enter a number from ${min} to ${max}`,
  'below-min': ({ min }) => `Enter ${min} or more`,
  'above-max': ({ max }) => `Enter ${max} or less`,
  'not-positive': 'Enter a number above 0',
  'not-whole': 'Enter a whole number',
  'not-a-flag': 'Enter true or false',
  'not-one-of': ({ allowed }) => anyOf(allowed),
  'not-a-list': 'A list is needed here',
  'too-many': ({ max }) => `At most ${max} are allowed`,
  'too-few': ({ min }) => `At least ${min} ${min === 1 ? 'is' : 'are'} needed`,
  'not-an-object': 'An object with named fields is needed here',
  'not-a-table': 'An object with named numbers is needed here',
  'not-pairs': 'A list of pairs is needed here',
  'not-a-pair': ({ what }) => `A pair of numbers is needed here: ${what}`,
  'too-many-pairs': ({ max }) => `At most ${max} are allowed. Send the latest ones`,
  'not-a-day': 'Enter a date such as 2026-05-31',
  'no-such-day': 'This date does not exist in the calendar',
  'not-a-moment': 'Enter a date and time with a time zone, such as 2026-12-04T12:00:00+01:00',
  'not-a-utc-moment': 'Enter a date and time in UTC, such as 2026-11-27T10:15:00Z',
  'no-such-moment': 'This date and time does not exist',
  'not-a-time-of-day': 'Enter a time such as 07:30',
  'not-a-uuid': 'A UUID is needed here',
  'not-a-currency': 'Enter a currency code of three letters, such as EUR',
  'not-a-time-zone': 'Enter a time zone such as Europe/Dublin',
  'not-a-locale': 'Enter a locale such as en-GB',
  'not-a-repeat': 'Enter a rule that repeats by days, weeks or months, such as FREQ=WEEKLY;BYDAY=TU,FR',
  'slab-or-assortment': 'Name a slab or an assortment, not both',
  'due-in-past': 'This time has passed. Enter a later one',
  'orders-or-demand': 'Give either orders or the pieces that are wanted',
  'cut-undecided': 'This slab is not cut yet. Decide its cut first',
  'no-pieces-in-tins': 'None of these tins gives such pieces. Choose other tins',
  'orders-or-batches': 'Give either orders or batches',
  'not-a-period': ({ days }) => `Enter an end after the beginning, at most ${days} days later`,
  'named-twice': 'Two batches have this name. Give each its own',
  'ends-before-it-begins': 'This ends before it begins. Enter a later end',
  'hours-overlap': 'These hours overlap with others of the same person. Change one of them',
  'no-such-tin': ({ names }) =>
    names.length === 0
      ? 'No tin on the rack has this name. Add it to the tins first'
      : `No tin on the rack has this name. Choose one of ${names.join(', ')}`,
  'no-such-slab': 'This slab does not exist any more. Choose another',
  'no-such-piece-type': ({ kinds }) =>
    kinds.length === 0
      ? 'This slab is cut into one kind of piece'
      : `This slab has no such piece type. ${anyOf(kinds)}`,
  'no-such-assortment': 'This assortment does not exist any more. Choose another',
  'no-such-ingredient': 'The larder has no ingredient of this name. Add it to the larder first',
  'ingredient-or-slab': 'Give either an ingredient or a slab',
  'change-or-count': 'Give either a change, or what was counted in a stocktake',
  'unit-of-ingredient': 'Ingredients are held in g',
  'batches-or-week': 'Give either batches or a week',
  'not-a-buying-range': ({ days }) => `Give an end after the beginning, at most ${days} days later`,
  'too-many-entries': ({ max }) => `Send at most ${max} entries at once`,
  'more-sold-than-taken': 'More was sold than taken. Correct one of the two',
  'leftover-worth-too-high': 'The value of a left-over piece must be below its cost',
  'not-undoable': 'This entry is undone already, or was made by a run or an order. Change that instead',

  'number-expected': 'Enter a number such as 12, 1.5 or 1 1/2',
  'number-empty': 'Enter a number',
  'number-ambiguous': ({ text, decimal, thousands }) => `${text} has two meanings. Enter ${decimal} or ${thousands}`,
  'unit-partly-missing': 'Enter a unit after each number, or after none',
  'temperature-expected': 'Enter °C or °F after the number',
  'density-expected': ({ unit }) => `Enter a number in ${unit}, or a weight per volume such as 120 g per cup`,
  'mass-not-volume': ({ unit }) => `${unit} is a volume. Enter the weight in g or oz`,
  'length-expected': 'Enter a length such as 230 mm, 23 cm or 9 in',
  'mass-expected': 'Enter a weight such as 250 g, 1 kg or 9 oz',
  'volume-expected': 'Enter a volume such as 250 ml, 2 tsp or 1 cup',
  'duration-expected': 'Enter a time such as 20 min or 1 h 30 min',
  'altitude-expected': 'Enter a height such as 300 m or 1000 ft',
  'pack-price-expected': 'Enter a price and a pack size, such as 2.75 for 250 g',
  'pack-size-expected': 'Enter the pack size in g or kg',

  'damaged-slab-file': 'The file is incomplete or damaged. Get a new copy of it',
  'not-a-slab-file': 'This is not a slab file. Choose a file that ends in .slab.json',
  'newer-slab-file': ({ version }) =>
    `This file has format version ${version}, and this program reads version 1. Ask for the file in version 1`,
  'not-version-1': 'The format version must be 1',
  'not-a-run-file': 'This is not a run file',
  'damaged-zip-entry': 'This file is damaged. Make the zip file again',
  'not-json': 'The body is not valid JSON. Check that it is complete',
  'nested-too-deep': ({ max }) => `This is nested more than ${max} levels deep. Send a flatter structure`,
  'forbidden-name': ({ name }) => `A field cannot be named ${name}. Rename it`,
  'too-many-fields': ({ max }) => `This has more than ${max} fields. Send it in parts`,
  'too-many-links': ({ max }) => `At most ${max} links between steps are allowed`,
  'too-many-events': ({ max }) => `At most ${max} events are allowed`,

  'too-many-in-slab': ({ what, count, max }) => `The slab has ${count} ${what}, and at most ${max} are allowed`,
  'id-used-twice': ({ id }) => `The id "${id}" is used twice. Use a different one`,
  'min-above-usual': ({ usual }) => `This is longer than the usual time. Enter ${usual} or less`,
  'max-below-usual': ({ usual }) => `This is shorter than the usual time. Enter ${usual} or more`,
  'max-wait-below-min': ({ min }) => `This is shorter than the minimum wait. Enter ${min} or more`,
  'preparation-unknown': ({ id }) => `No mixture has the id "${id}"`,
  'layers-over-whole': ({ preparation, share }) =>
    `The layers use ${percent(share)} of ${preparation}. Reduce their shares to 1 in total`,
  'parts-over-whole': ({ ingredient, share }) =>
    `The parts of ${ingredient} add up to ${percent(share)}. Reduce them to 1 in total`,
  'scales-disagree': ({ apartC }) =>
    `The Celsius and Fahrenheit figures are ${apartC.toFixed(0)} °C apart. Keep the right one and delete the other`,
  'margin-of-whole-price': 'No price gives a margin of 100 % or more. Enter less than 100 %',
  'composition-over-100': 'The parts of 100 g add up to more than 101 g',
  'corner-too-large': 'A corner radius is at most half of the shorter side',
  'ends-when-it-begins': 'Enter a time that differs from the start',
  'range-not-rising': 'toC must be above fromC',
  'start-and-deadline': 'Enter either a start or a deadline',
  'size-or-slab': 'Give the size of the slab, or a slab',
  'most-below-least': ({ least }) => `At least ${least} are asked for. Enter ${least} or more`,

  'too-many-rows': ({ max }) => `At most ${max} rows can be imported at once. Split the table`,
  'column-missing': ({ column, columns }) =>
    `The table has no column "${column}". Its columns are: ${columns.join(', ')}`,
  'too-many-changes': ({ count, max }) =>
    `This table changes ${count} rows, and at most ${max} can be changed at once. Split it`,
  'name-missing': 'Enter the name of the ingredient',
  'pack-name-missing': 'Enter the name of the pack',
  'pack-price-missing': 'Enter the price of the pack',
  'pack-mass-missing': ({ pack }) => `Enter the weight of ${pack}, g`,
  'not-in-larder': ({ ingredient }) => `The larder has no "${ingredient}". Add it first`,
  'value-not-one-of': ({ value, allowed }) => `"${value}" is not known. ${anyOf(allowed)}`,
  'in-part': ({ part, reason }) => `${part}: ${reasonText(reason)}`,
  'composition-incomplete': 'Enter all five: water, sugars, fat, protein, other',

  'too-much-cutting': ({ times }) =>
    tooMuch(times, 'Cut fewer columns and rows, use fewer kinds of tin, or fewer layers'),
  'too-much-setting': ({ times }) => tooMuch(times, 'Use fewer or thinner layers, or fewer kinds of tin'),
  'too-much-heat': ({ times }) =>
    tooMuch(times, 'Send fewer or thinner layers, a shorter time, or a longer interval between readings'),
  'too-many-heat-notes': ({ max }) => `At most ${max} temperatures are returned. Use a longer interval`,
  'too-many-box-places': ({ max }) =>
    `The boxes hold more than ${max} pieces together. Send fewer boxes, or larger pieces`,
  'too-many-recipe-lines': ({ max }) => `At most ${max} lines can be read at once. Send only the recipe`,
  'label-too-long': ({ entries, max }) =>
    `The ingredient list has ${plural(entries, 'entry', 'entries')} with all ingredients of products, and at most ${max} fit. Shorten "Ingredients of this product" in the larder`,

  'file-too-large': ({ maxMb }) => `This file is larger than ${maxMb} MB. A slab file is a few thousand bytes`,
  'zip-too-large': ({ maxMb }) => `The files of this zip are larger than ${maxMb} MB together. Split it`,
  'too-many-files': ({ max }) => `At most ${max} files can be imported at once`,
  'slab-file-not-named': 'Name the slab file that this run belongs to',
  'slab-file-not-in-zip': ({ file }) => `Its slab ${file} is not in this zip. Add it`,
  'not-a-jpeg': 'This is not a JPEG picture. Send a JPEG',
  'not-a-picture': 'This file is not a picture. Choose a photo',
  'picture-too-large': ({ maxPx }) => `The picture is too large. Make its longer edge at most ${maxPx} pixels`,
  'template-too-large': ({ sheets, paper, max }) =>
    `This slab needs ${sheets} sheets of ${paper}, and at most ${max} are printed. Use the template as SVG or DXF`,
  'not-cut-along-lines': 'This slab is not cut along lines, so it has no template',
  'labels-too-wide': ({ reachMm, paperMm }) =>
    `The labels need ${Math.ceil(reachMm)} mm across, and the paper is ${paperMm} mm wide. Use fewer columns or narrower labels`,
  'labels-too-high': ({ reachMm, paperMm }) =>
    `The labels need ${Math.ceil(reachMm)} mm down, and the paper is ${paperMm} mm high. Use fewer rows or lower labels`,
  'label-text-does-not-fit': ({ widthMm, heightMm }) =>
    `The text does not fit on a label of ${widthMm} x ${heightMm} mm at a readable size. Choose larger labels in the settings`,
  'no-layer-with-height': 'No layer of this slab has a height. Add a layer',
  'no-schedule': ({ because }) => `This slab cannot be scheduled: ${because}`,

  'outside-slab': ({ endMm }) => `This is outside the slab, which ends at ${endMm.toFixed(0)} mm`,
  'readings-below-zero': 'With these readings the slab would have no thickness somewhere. Check them',
  'no-room-for-pieces': 'Trims and cuts leave no room for pieces. Trim less, or cut fewer pieces',
};

/** Returns why something is refused, and what to do about it. */
export function reasonText({ code, figures }: Reason): string {
  const sentence = SENTENCES[code] as string | ((of: Reason['figures']) => string);
  return typeof sentence === 'string' ? sentence : sentence(figures);
}

/** A problem as services return it and screens show it. `code` is missing if only the server can tell what is wrong. */
export interface ProblemMessage {
  /** JSON pointer to the value. */
  readonly path: string;
  readonly code?: ReasonCode | RefusalCode;
  readonly message: string;
}

/** Returns a problem with its message. */
export const problemMessage = (problem: Problem): ProblemMessage => ({
  path: problem.path,
  code: problem.code,
  message: reasonText(problem),
});
