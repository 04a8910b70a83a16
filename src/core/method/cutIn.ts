import { MM_PER_INCH } from '../measure';

/** How a method divides the slab. */
export interface CutRead {
  /** Number of pieces; `null` if it is not stated, or the slab is broken by hand. */
  readonly pieces: number | null;
  /** Columns along the length and rows along the width, if both are stated. */
  readonly columns: number | null;
  readonly rows: number | null;
  /** Size of a piece, mm. */
  readonly lengthMm: number | null;
  readonly widthMm: number | null;
  /** Whether they are bars or fingers, longer than wide. */
  readonly isLong: boolean;
  readonly shape: 'rectangle' | 'triangle' | 'diamond';
  readonly way: 'grid' | 'break' | 'wedges';
}

const N = String.raw`(\d+(?:\.\d+)?)`;
const UNIT = String.raw`\s*-?\s*(cm|mm|inch(?:es)?|in\b\.?|"|'')`;
const PIECES = String.raw`(?:even |equal |neat |small |large |generous |thin |long |bite-?sized? |chunky |little |big |good |nice |same-sized )*(squares?|bars?|fingers?|pieces?|pcs?|slices?|rectangles?|triangles?|diamonds?|wedges?|portions?|cubes?|bites?|strips?|chunks?|servings?|people)`;
const ABOUT = String.raw`(?:about |around |roughly |approximately |approx\.? |some |up to )?`;
const GRID = new RegExp(
  `(?<![\\d.])(\\d{1,2})\\s*(?:x|by)\\s*(\\d{1,2})(?!\\s*-?\\s*(?:cm|mm|in|"|tin|pan|\\.\\d|x\\b))`,
  'i',
);
const ROWS =
  /(\d{1,2})\s*(?:strips|columns|slices|rows)\s*(?:one way|across|lengthways|down|along)?[^.;]{0,30}?\b(?:by|and|then|into)\s*(\d{1,2})/i;
const SIZED = new RegExp(`${N}(?:${UNIT})?\\s*(?:x|by)\\s*${N}${UNIT}`, 'i');
const SQUARE_OF = new RegExp(
  `${N}${UNIT}[ -]*(?:even |neat |small |wide )*(squares?|cubes?|diamonds?|pieces?|strips?|fingers?|bars?|bites?|lengths?|chunks?)\\b(?!\\s+(?:[a-z-]+\\s+){0,3}(?:tin|pan|tray|dish|frame|mould)\\b)`,
  'i',
);
/** "Diamonds of 3 cm". */
const OF_SIZE = new RegExp(
  `\\b(squares?|cubes?|diamonds?|pieces?|slices?|strips?|bars?|fingers?) (?:of )?(?:about |around |roughly )?${N}${UNIT}(?!\\s*(?:x|by)\\b)`,
  'i',
);
const COUNT = new RegExp(`(?<![\\d.x-])(\\d{1,3})(?:\\s*(?:-|to|or)\\s*(\\d{1,3}))?\\s+${PIECES}\\b`, 'i');
const MAKES = new RegExp(
  `\\b(?:makes|yields?|gives|(?:you )?(?:ought to|should|will) get|serves|servings?|enough for)[: ]+(?:you )?${ABOUT}(\\d{1,3})(?:\\s*(?:-|to|or)\\s*(\\d{1,3}))?\\b(?!\\.\\d|\\s*(?:g\\b|kg|cm|mm|inch|ml|x\\b|lbs?\\b|pounds?\\b|oz\\b|ounces?\\b|cups?\\b))`,
  'i',
);
const CUTS =
  /\b(?:cut|cuts|cutting|slic(?:e|es|ed|ing)|divid(?:e|ed)|portion(?:ed)?|mark(?:ed)?|scor(?:e|ed|ing)|chop|trim|separate(?= (?:the |into )))\b/i;
const BREAKS =
  /\b(?:break|breaks|broken|snap|shatter|crack|bash|smash)\b[^.;]{0,60}\b(?:shards?|pieces?|chunks?|bits|bark|clusters?)\b|\bshards\b|\b(?:break|smash|bash|snap|crack|shatter) (?:it|them|the (?:slab|toffee|bark|sheet|honeycomb)) (?:up|apart)\b|^(?:break|smash|snap) up\b(?! the\b)|^(?:break|snap|shatter)[.!]?$|\bbreak (?:it )?up with\b/i;

const PARTS_OF =
  /\b(?:divide|portion|split)\b[^.;]*\b(?:in|into|in to|between) (?:2|half|halves|3|thirds|equal|even|2 equal)\b/i;

/** Biscuits broken up for a base are no slab. */
const OF_BISCUITS = /\b(?:biscuits?|cookies|crackers|digestives|freezer bag|in a bag|rolling pin)\b/i;

const WHEN_SET = /\b(?:once|when) (?:it is |it's |completely )?(?:cool|cold|set|hard|firm)|\bhammer\b/i;
/** "Makes 2 lb (64 pieces)". */
const MAKES_SOME = /^\W*(?:makes|yields?)\b/i;

/** "16 pieces." */
const COUNT_ALONE = new RegExp(`^(\\d{1,3}) ${PIECES}[.!]?$`, 'i');

const mm = (value: string, unit: string) =>
  Number(value) * (/^cm/i.test(unit) ? 10 : /^mm/i.test(unit) ? 1 : MM_PER_INCH);
const round = (value: number) => Math.round(value * 10) / 10;

/** The size of a tin, which is none of a piece: "a 28 x 18 cm slice pan". */
const OF_TIN =
  /[\d.]+\s*(?:cm|mm|inch|in|")?\s*(?:x|by)\s*[\d.]+\s*-?\s*(?:cm|mm|inch(?:es)?|in\b\.?|")?\s+(?:[\w-]+ ){0,3}(?:tins?|pans?|trays?|dish|frame|mould)\b/gi;

/**
 * Reads the cut or the number of pieces from a sentence with numbers as figures; `null` if it states neither.
 *
 * @example cutIn('cut into 4 x 6') // 24 pieces, 4 columns, 6 rows
 */
export function cutIn(text: string): CutRead | null {
  const sentence = text.replace(OF_TIN, ' ');
  // "Divide the mixture in two" makes parts of it, not pieces.
  const isCut = CUTS.test(sentence) && !(PARTS_OF.test(sentence) && !new RegExp(`\\b${PIECES}\\b`, 'i').test(sentence));
  const none = {
    pieces: null,
    columns: null,
    rows: null,
    lengthMm: null,
    widthMm: null,
    isLong: /\b(?:bars?|fingers?|strips?|slices|rectangles?|batons?)\b/i.test(sentence),
    shape: 'rectangle',
    way: 'grid',
  } as const;
  const shape = /\btriangles?\b/i.test(sentence)
    ? 'triangle'
    : /\bdiamonds?\b/i.test(sentence)
      ? 'diamond'
      : 'rectangle';
  const isEither = /\bbreak or cut\b|\bcut or (?:break|snap)\b/i.test(sentence) && !/\d/.test(sentence);
  if ((!isCut || isEither) && BREAKS.test(sentence) && (WHEN_SET.test(sentence) || !OF_BISCUITS.test(sentence)))
    return { ...none, way: 'break' };
  const makes = MAKES.exec(sentence);
  const alone = COUNT_ALONE.exec(sentence.trim());
  if (alone) return { ...none, shape, pieces: Number(alone[1]) };
  if (!isCut && !makes && !(MAKES_SOME.test(sentence) && COUNT.test(sentence))) return null;
  const way = /\bwedges?\b/i.test(sentence) ? 'wedges' : 'grid';
  const division = isCut ? divisionIn(sentence) : null;
  if (division) return { ...none, shape, way, ...division };
  const sized = isCut ? SIZED.exec(sentence) : null;
  if (sized) {
    const unit = sized[4]!;
    return {
      ...none,
      shape,
      way,
      lengthMm: round(mm(sized[1]!, sized[2] ?? unit)),
      widthMm: round(mm(sized[3]!, unit)),
      pieces: countIn(sentence),
    };
  }
  const before = isCut ? SQUARE_OF.exec(sentence) : null;
  const behind = isCut && !before ? OF_SIZE.exec(sentence) : null;
  const square = before ?? behind;
  if (square) {
    const [value, unit, name] = before ? [before[1]!, before[2]!, before[3]!] : [behind![2]!, behind![3]!, behind![1]!];
    const side = round(mm(value, unit));
    const isSquare = /^(?:square|cube|diamond|piece|bite|chunk)/i.test(name);
    return {
      ...none,
      shape,
      way,
      lengthMm: isSquare ? side : null,
      widthMm: side,
      pieces: countIn(sentence.replace(square[0], '')),
    };
  }
  const grid = isCut ? (GRID.exec(sentence) ?? ROWS.exec(sentence)) : null;
  if (grid) {
    const [columns, rows] = [Number(grid[1]), Number(grid[2])];
    if (columns > 0 && rows > 0) return { ...none, shape, way, columns, rows, pieces: columns * rows };
  }
  const pieces = countIn(sentence) ?? (makes ? Number(makes[1]) : null);
  if (pieces !== null && pieces > 0) return { ...none, shape, way, pieces };
  return isCut && /\b(?:squares|bars|fingers|pieces|slices|triangles|diamonds|wedges)\b/i.test(sentence)
    ? { ...none, shape, way }
    : null;
}

const PARTS: Readonly<Record<string, number>> = { half: 2, halve: 2, third: 3, quarter: 4 };

/** Reads halves of halves: "in halves, then each half in thirds, and across into 6". */
function divisionIn(sentence: string): Pick<CutRead, 'pieces' | 'columns' | 'rows'> | null {
  const parts = [
    ...sentence.matchAll(
      /(?<!each )\b(half|halves|halve|thirds?|quarters?)\b(?! (?:sheet|an?\b|the\b|of\b|(?:on|for|over) (?:each|every)))/gi,
    ),
  ];
  if (parts.length === 0 || !/\beach\b|\bacross\b|\bthe other way\b/i.test(sentence)) return null;
  const rows = parts.reduce(
    (product, [, word]) => product * (PARTS[word!.toLowerCase().replace(/ves$/, 'f').replace(/s$/, '')] ?? 1),
    1,
  );
  const across = /\b(?:across|the other way)\b[^.;]{0,25}?(\d{1,3})\b/i.exec(sentence);
  const columns = across ? Number(across[1]) : 1;
  return { columns, rows, pieces: columns * rows };
}

/** Returns the lower number of pieces in a sentence. */
function countIn(sentence: string): number | null {
  const count = COUNT.exec(sentence);
  if (count) return Number(count[1]);
  const into =
    /\b(?:into|in)\s+(?:about |around |roughly )?(\d{1,3})(?!\s*(?:\.\d|x|by|cm|mm|in|-|"|°|min|hour|the\b))/i.exec(
      sentence,
    );
  return into ? Number(into[1]) : null;
}
