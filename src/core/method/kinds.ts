/** Kinds of steps in a method. */
export const STEP_KINDS = [
  'mix',
  'press',
  'bake',
  'boil',
  'melt',
  'beat',
  'lay',
  'scatter',
  'set',
  'cut',
  'finish',
  'pack',
  'other',
] as const;
export type StepKind = (typeof STEP_KINDS)[number];

/** Verbs by kind, at the start of a clause. */
const VERBS: Readonly<Record<StepKind, string>> = {
  mix: 'mix|stir|fold|combine|rub|blitz|pulse|crush|blend|toss|add|sift|process|knead|incorporate|work|tint|colou?r|bring together|bash|whiz|whizz|mash|cut in|massage|bind|tumble|lift under|give (?:it|everything|the [a-z]+) a (?:[a-z]+ )*stir',
  press:
    'press|pat|tamp|pack (?:it |this |the [a-z ]+)?(?:firmly|tightly|down|into)|flatten|level|firm|push|compact|roll (?:it |the |this |your )?(?:[a-z-]+ ){0,3}?(?:out|flat)|squash',
  bake: '\\d{3} ?°?c?(?: fan)?,? (?:for )?\\d+(?:-\\d+)? ?(?:mins?|minutes?)|bake|roast|back (?:in|into) the oven|(?:in|into) the oven|return (?:it |the [a-z]+ )?to the oven|cook (?:it )?in the oven|slide (?:it )?into the oven',
  boil: 'boil|simmer|deglaze|bring|cook|caramelise|caramelize|reduce|bubble|heat|warm|scald|swirl the pan|continue (?:to cook|cooking|to boil|boiling|simmering)|keep (?:boiling|cooking|stirring)|turn up the heat|increase the heat|raise the heat|lower the heat|turn the heat|reduce the heat',
  melt: 'melt|soften|brown|dissolve|temper|microwave|zap',
  beat: 'beat|whisk|whip|mount|cream|paddle',
  lay: '(?:in|into|onto) the (?:tin|pan|tray|frame|mould)|put|pop|stick|chuck|bung|shove|slide|pour|spread|tip|spoon|top|scrape|turn(?! (?:(?:clear|pale|light|deep|dark|rich) )?(?:golden|brown|amber|clear|pale|dark|thick|white|translucent|glossy)\\b| to (?:brown|turn)\\b| the (?:heat|gas|flame|hob)\\b)|transfer|place|dollop|swirl|marble|cover|smooth|lay|layer|distribute|drop|ripple|ladle|add (?:another|a second|the next) layer|ease|level off|skim|arrange',
  scatter: 'scatter|sprinkle|strew|stud|shower|throw|dot',
  set: '(?:fridge|freezer) (?:for )?\\d+|crystallise|crystallize|chill|cool|refrigerate|freeze|set|leave|let|stand|rest|allow|return|wait|back (?:in|into|to) the (?:fridge|freezer)|(?:in|into) the (?:fridge|freezer)|bring .{0,20}to room temperature|stash',
  cut: 'cut|slice|score|mark|break|smash|snap|portion|divide|trim|chop into|lift|shatter|crack|bash into|invert|unmould|unmold|run a knife|peel off|remove',
  finish: 'dip|coat|drizzle|decorate|dust|pipe|enrobe|roll|finish|brush|half-dip',
  pack: 'store|keep|wrap|box|bag|pack|seal|layer (?:them )?between|serve|eat|label',
  other:
    'preheat|pre-heat|line|grease|butter|oil|chop|peel|grate|zest|core|soak|bloom|weigh|measure|prepare|make|gather|separate|heat the oven|heat oven|set the oven|turn (?:on )?the oven|turn off|take|toast|drain|squeeze|pat dry|repeat|reserve|save|check|test|position|clip|have|get|start|begin|halve|cover loosely|season|taste|use|discard|wash|dampen|dry|sterilise|warm the tin|strain|crumble|sieve',
};

const forms = (verb: string) => `(?:${verb})`;
const LEADS: readonly (readonly [StepKind, RegExp])[] = (
  ['other', 'press', 'bake', 'melt', 'beat', 'scatter', 'pack', 'finish', 'lay', 'cut', 'boil', 'set', 'mix'] as const
).map((kind) => [kind, new RegExp(`^${forms(VERBS[kind])}\\b`, 'i')]);

const ADVERBS =
  /^(?:(?:after (?:about |another )?\d[\d.-]* (?:minutes?|mins?|hours?|hrs?)|very|gently|carefully|immediately|quickly|slowly|lightly|firmly|evenly|thoroughly|finally|lastly|next|now|first|firstly|meanwhile|again|well|briefly|just|simply|please|also|vigorously|constantly|generously|roughly|finely|loosely|once more|straight away|at once|secondly|thirdly|afterwards|in the meantime|when ready|to finish|to serve|to store|to assemble|by hand|working quickly|using a [a-z -]+?|with a [a-z -]+?|with (?:your|the) [a-z -]+?|(?:as soon as|once|when|while|after|before|if|until) [^,]*,|(?:once|when|as soon as) [^,]{3,40}\b(?:reach(?:es|ed)?|hits?|is at|gets to) \d+ ?°? ?[cf]?\b(?= (?:begin|start|pour|turn|whisk|whip|beat|add|switch))),?[,:]?\s+)+/i;

/** Kinds whose verbs may also follow "until" as a result. */
const BECOMES = /\b(?:until|till|so that|to|when|is|are|has|have|or)\b[^,;]*$/i;

/** "Into a buttered tin", without a verb. */
const INTO_TIN =
  /^(?:straight |then )?(?:in|into|onto) (?:(?:a|an|the|your) )?(?:[\w-]+ ){0,4}(?:tin|tray|frame|mould|mold)$/i;

/** Phrases that decide the kind anywhere in a clause, before verbs are considered. */
const PHRASES: readonly (readonly [StepKind, RegExp])[] = [
  ['lay', INTO_TIN],
  [
    'set',
    /^(?:put|place|leave|stand)\b[^.;]{0,24}\d ?(?:hours?|hrs?|h|minutes?|min)\b[^.;]{0,16}\b(?:cold|cool|fridge)\b/i,
  ],
  ['mix', /^cut in (?!(?:to\b|half|\d|bars|squares|pieces|slices|cubes))/i],
  ['other', /^(?:pre-?heat|heat|set|turn on|get|warm|crank|fire up|switch on)\b[^.;]{0,25}\b(?:oven)\b/i],
  ['other', /^(?!toast|roast|bake|dry)(?=.*\boven (?:on|to|at|goes on)\b.{0,20}\d)|^oven:? \d/i],
  ['boil', /^turn (?:it )?(?:up|down)(?=$|[,.]| (?:to|a)\b)/i],
  ['boil', /^(?:turn up|increase|raise|lower|reduce|turn down) the heat\b/i],
  ['boil', /^(?:keep|continue|carry on) (?:on )?(?:cooking|boiling|simmering|bubbling)\b/i],
  ['boil', /^(?:return|put)\b[^.;,]{0,30}\b(?:to|on|over|back on) (?:a |the )?(?:\w+ )?(?:heat|hob|stove)\b/i],
  ['melt', /^(?:let|leave|allow)\b[^.;,]{0,30}\b(?:melt|dissolve)\b/i],
  ['boil', /^(?:let|leave|allow)\b[^.;,]{0,30}\b(?:bubble|boil|simmer|cook)\b/i],
  [
    'mix',
    /^(?:tip|throw|pour|chuck|drop|put|scrape) in\b(?! (?:(?:the|a|an|your) )?(?:\w+ )?(?:fridge|freezer|refrigerator|oven|tin|pan|tray)\b)/i,
  ],
  ['other', /^turn (?:it |them |the \w+ )?out\b/i],
  ['other', /^(?:don't|do not|never|avoid)\b/i],
  [
    'other',
    /^(?:mark|score|drag|pattern|make (?:a pattern|waves|lines))\b[^.;,]*\bwith (?:a|the) (?:fork|comb|spatula)\b/i,
  ],
  [
    'other',
    /^(?:coat|spray|brush|dust|flour|wipe) (?:a|an|the|your)\b[^.;]{0,40}\b(?:tin|pan|tray|dish|mould|frame|sheet)\b/i,
  ],
  [
    'other',
    /^(?:sprinkle|scatter)\b[^.;]*\bgelatine?\b[^.;]*\b(?:over|on|onto)\b[^.;]*\b(?:water|milk|juice|cream)\b/i,
  ],
  ['scatter', /^crumble\b[^.;]*\b(?:over|on|on top)\b/i],
  ['set', /^\d[\d. -]*(?:hours?|hrs?|minutes?|mins?|min|h)\b[^.;]{0,12}\bto (?:set|cool|firm)/i],
  [
    'set',
    /^\d[\d. -]*(?:hours?|hrs?|minutes?|mins?|min|h)\b[^.;]{0,30}\b(?:on the (?:side|counter|bench)|fridge|freezer|at room|rack)\b/i,
  ],
  ['beat', /^(?:keep|continue|carry on) (?:on )?(?:beating|whisking|whipping)\b/i],
  ['mix', /^(?:let|leave|allow)\b[^.;,]{0,30}\b(?:trickle|rain|run|flow|fall) in\b/i],
  ['mix', /^(?:keep|continue|carry on) (?:on )?(?:stirring|mixing|folding)\b/i],
  [
    'mix',
    /^(?![^.;]*\d\s*(?:x|by)\s*\d)(?:put|pop|place|stick|chuck|tip|throw|measure)\b[^.;]{0,80}\b(?:bowl|pan|saucepan|processor|mixer|jug|blender|pot|cooker)\b/i,
  ],
  ['bake', /\bin a (?:\w+ )?oven\b/i],
  ['other', /^(?:line|grease|butter|oil|lightly (?:grease|butter|oil))\b/i],
  ['other', /^keep (?:it|them|the \w+) (?:warm|hot|aside)\b/i],
  ['other', /^(?:turn|switch) (?:off\b|(?:it|the (?:heat|gas|flame|hob|cooker)) off\b)/i],
  ['other', /^(?:turn|switch|set|start) (?:on )?(?:the |your )?(?:stand |hand )?mixer\b/i],
  ['other', /^set (?:aside|to one side|it aside|them aside|the [a-z ]+ aside)\b/i],
  ['other', /^(?:leave|put) (?:it |them |the [a-z ]+ )?(?:to one side|aside)\b/i],
  ['other', /\b(?:while it bakes|in a dry (?:frying )?pan)\b/i],
  [
    'pack',
    /\b(?:keeps?(?! (?:stirring|whisking|beating|cooking|boiling|mixing|whipping|going|moving|warm|hot|an eye)\b)|best kept|best (?:within|eaten|enjoyed)|lasts?(?= (?:for|up|about|at|a|several|\d))|shelf life|use within|will keep|stores?|stored|conserves?|they hold|it holds|freezes? well|best eaten|airtight|air-tight)\b/i,
  ],
  [
    'cut',
    /\b(?:cut|sliced?|scored?|marked?|mark|broken|break|snap|portion|divided?|cuts|slices) (?:it |them |this |the [a-z ]+? |up |through |neatly |immediately )?(?:in)?to (?:\w+ |[\d.x -]+|rough |even |neat |small |large )*?(?:squares?|bars?|fingers?|pieces?|slices?|rectangles?|triangles?|diamonds?|shards?|chunks?|portions?|wedges?|cubes?|strips?|bites?|inch|cm|by\b|rows?)/i,
  ],
  [
    'bake',
    /\b(?:in|into) (?:the |a )?(?:hot |preheated )?oven (?:for|it goes)\b|\b(?:goes|go|pop|put|place|slide|stick|bung|shove|return)\b[^.;]{0,30}\b(?:in|into|back in|to) (?:the |a )?(?:hot |preheated |cooler )?oven\b/i,
  ],
  [
    'set',
    /\b(?:goes|go|pop|put|place|stick|bung|shove|return|transfer|slide|stash|move|back|tuck|take|bring)\b[^.;]{0,40}\b(?:in|into|to|in to) (?:the |a )?(?:fridge|refrigerator|freezer|cool(?:est)? (?:place|room)|larder|pantry)\b/i,
  ],
  [
    'set',
    /\b(?:leave|let|allow|allowed|left|wait|stand|rest)\b[^.;]{0,60}\b(?:to (?:cool|set|firm|chill|harden|stand|rest|settle)|cool|set|firm up|rest|stand|sit|alone|undisturbed|overnight)\b/i,
  ],
  [
    'boil',
    /\b(?:bring|brought|comes?|come)\b[^.;]{0,40}\b(?:to (?:a|the) (?:\w+ )?(?:boil|simmer)|boil)\b|\bsugar thermometer\b|\b(?:soft|firm|hard)[- ](?:ball|crack)\b/i,
  ],
  [
    'melt',
    /\b(?:heat|warm|stir|cook)\b[^.;]*\buntil (?:(?:the )?[a-z]+ (?:and (?:the )?[a-z]+ )?|just |completely )?(?:has |have |is |are )?(?:just |completely |all )?(?:melted|dissolved|dissolves?|melts?|runny|liquid)\b/i,
  ],
];

/** Verbs in any form, for clauses that do not start with one. */
const ANYWHERE: readonly (readonly [StepKind, RegExp])[] = [
  ['bake', /\b(?:bak(?:e|es|ed|ing)|roast(?:s|ed|ing)?|oven)\b/i],
  ['boil', /\b(?:boil(?:s|ed|ing)?|simmer(?:s|ed|ing)?|bubbl(?:e|es|ing))\b/i],
  ['melt', /\b(?:melt(?:s|ed|ing)?|temper(?:ed|ing)?)\b/i],
  ['press', /\bpress(?:es|ed|ing)?\b/i],
  [
    'set',
    /\b(?:chill(?:s|ed|ing)?|refrigerat(?:e|ed|ing)|fridge|freez(?:e|er|ing)|frozen|cool(?:s|ed|ing)?|set(?:s|ting)?)\b/i,
  ],
  ['beat', /\b(?:beat(?:s|en|ing)?|whisk(?:s|ed|ing)?|whip(?:s|ped|ping)?)\b/i],
  ['scatter', /\b(?:scatter(?:s|ed|ing)?|sprinkl(?:e|es|ed|ing))\b/i],
  ['lay', /\b(?:pour(?:s|ed|ing)?|spread(?:s|ing)?|goes on top|on top|go on)\b/i],
  ['cut', /\b(?:cut(?:s|ting)?|slic(?:e|es|ed|ing)|scor(?:e|ed|ing)|snap(?:s|ped)?|break(?:s|ing)?)\b/i],
  ['finish', /\b(?:dip(?:s|ped|ping)?|drizzl(?:e|ed|ing)|dust(?:ed|ing)?|coat(?:ed|ing)?)\b/i],
  [
    'mix',
    /\b(?:mix(?:es|ed|ing)?|stir(?:s|red|ring)?|fold(?:s|ed|ing)?|combin(?:e|ed|ing)|goes? in|add(?:s|ed|ing)?)\b/i,
  ],
  ['pack', /\b(?:wrap(?:ped)?|box(?:ed)?|stor(?:e|ed|ing))\b/i],
];

/** Introductions of a clause: "For the base,", "Now the hard part:", "In a heavy pan". */
const INTRO =
  /^(?:(?:in|on|over|using|with) (?:a|an|the|your|another) (?:[\w-]+ ){0,3}(?:saucepan|pan|bowl|processor|mixer|jug|pot|blender|heat|sheet)|[^,:;]{1,70}[,:])\s+/i;

/** Returns a clause without the words before its verb. @param isNext whether it follows a joint, where a list is no introduction */
function headOf(clause: string, isNext = false): string {
  const plain = clause.trim().replace(/^(?:and|then|,|so|but|or)\s+/i, '');
  const own = plain.replace(ADVERBS, '').replace(/^(?:start|begin|finish) (?:(?:off )?by|to)\s+/i, '');
  if (isLed(own) || (isNext && !LEADS_UP.test(plain))) return own;
  for (const behind of [plain.replace(INTRO, ''), own.replace(INTRO, '')]) {
    const head = behind.replace(ADVERBS, '');
    if (isLed(head)) return head;
  }
  return own;
}
const isLed = (text: string) => LEADS.some(([, verb]) => verb.test(text));

/** Returns the kind of the first verb of a clause; `null` if it does not start with one. */
export function leadKind(clause: string, isNext = false): StepKind | null {
  const head = headOf(clause, isNext);
  return LEADS.find(([, verb]) => verb.test(head))?.[0] ?? null;
}

/** Roasting on the hob. */
const ON_HOB = /\b(?:flame|hob|stove|frying pan|dry pan|skillet|wok|kadhai|(?:low|medium|high|gentle) heat)\b/i;

/** Returns the kind of a clause; `null` without a trade verb. */
export function kindOf(clause: string): StepKind | null {
  const head = headOf(clause).replace(/\bbaking (?=paper|sheet|tray|parchment|powder|soda|tin|pan|dish)/gi, '');
  const phrase = PHRASES.find(([, words]) => words.test(head));
  if (phrase) return phrase[0];
  const lead = leadKind(clause);
  if (lead === 'boil' && /\b(?:melted|melts|dissolved|dissolves)\b/i.test(head) && !/\bboil|simmer\b/i.test(head))
    return 'melt';
  if (lead === 'bake' && ON_HOB.test(head) && !/\b(?:oven|bake)\b/i.test(head)) return 'boil';
  if (lead === 'other' && /^toast\b/i.test(head) && /\d\s*(?:°|c\b|f\b|degrees|gas)|oven/i.test(head)) return 'bake';
  if (
    lead === 'cut' &&
    /^(?:remove|lift|invert|peel off|run a knife)\b/i.test(head) &&
    !/\b(?:cut|slice|squares?|pieces|bars)\b/i.test(head)
  )
    return 'other';
  return lead ?? ANYWHERE.find(([, verb]) => verb.test(head))?.[0] ?? null;
}

const BOUNDARY =
  /\s*;\s*|\s*,?\s*\b(?:and )?then\b,?\s*|,\s+(?:and\s+|before\s+)?|\s+and,?\s+(?:then\s+)?|\s+while you\s+|\s+before\s+(?=\w+ing\b)|\s+before you\s+(?=(?:cut|slice|break|serve|dip|turn)\b)|:\s+/gi;

/** Part of a sentence with one action. */
export interface Clause {
  readonly text: string;
  /** `null` without a trade verb. */
  readonly kind: StepKind | null;
}

const NO_NOUNS: ReadonlySet<string> = new Set();

/** Splits a sentence where another action begins: "Press into the tin and bake for 20 minutes" becomes two. @param nouns words of the ingredients, which begin no action */
export function clausesOf(sentence: string, nouns: ReadonlySet<string> = NO_NOUNS): Clause[] {
  const parts: Part[] = [];
  let from = 0;
  for (const match of sentence.matchAll(BOUNDARY)) {
    const rest = sentence.slice(match.index + match[0].length);
    const before = sentence.slice(from, match.index);
    const isBefore = /before(?: you)?\s*$/i.test(match[0]);
    const isNext = isBefore || (/then/i.test(match[0]) && TIME.test(rest));
    const next = isNext ? kindOf(rest) : leadKind(rest, true);
    // An introduction stays with its clause.
    if (
      next === null ||
      before.trim() === '' ||
      (leadKind(before) === null && LEADS_UP.test(before) && !INTO_TIN.test(before.trim()))
    )
      continue;
    // "Fold in the pistachios and peel": an ingredient is no action.
    const noun = /^(?:the )?(\p{L}+)(?=\s*(?:[,.;:]|$|and\b|or\b))/iu.exec(rest)?.[1]?.toLowerCase();
    if (noun !== undefined && nouns.has(noun)) continue;
    // "Whisk eggs, brown sugar and vanilla": the name of an ingredient may begin like an action.
    const words =
      rest
        .toLowerCase()
        .match(/^(?:the )?((?:\p{L}+[ -]?){2,3})/u)?.[1]
        ?.trim()
        .split(/\s+/) ?? [];
    if ([2, 3].some((count) => words.length >= count && nouns.has(words.slice(0, count).join(' ')))) continue;
    const isPlainJoint = /^,?\s*(?:and)?$/i.test(match[0].trim());
    const becomes = BECOMES.test(before) && MAY_BE_STATE.test(headOf(rest)) && !DONE_TO.test(headOf(rest));
    if (isPlainJoint && (becomes || THINGS.test(rest.trim()))) continue;
    parts.push({ from, to: match.index });
    from = match.index + match[0].length;
  }
  parts.push({ from, to: sentence.length });
  return joined(
    sentence,
    parts.filter(({ from, to }) => sentence.slice(from, to).trim() !== ''),
  );
}

/** Starts of introductions. */
const LEADS_UP =
  /^\s*(?:(?:and|then|so) )?(?:for|in|into|on|over|off|with|using|when|once|while|as|after|before|meanwhile|now|first|to|by|if|until|at|from|under|without)\b/i;

/** Words after "until ... and" that describe a result. */
const MAY_BE_STATE =
  /^(?:set|cool|firm|press|level|smooth|keep|box|seal|top|oil|butter|cream|coat|dust|stick|mark|rest|bubble|boil|work|melt|drop|turn|leave|roll|bar|finish|use|test|dry|core|score|place|crack|snap)\b/i;
const DONE_TO = /^(?:set|leave) (?:it |aside|to|in|for|on)|^\w+ (?:for |it |them |in |into )?\d/i;

/** Words that can be verbs or nouns: "butter, sugar and cream" is a list. */
const THINGS =
  /^(?:butter|oil)\b(?! (?:the|a|an|your)\b)|^cream\b(?! (?:the|your|butter|it|them)\b)|^(?:salt|dust|top|mark|core|zest|cover|temper|pack|box|bag|score|cut|drop|rest|work|set)\b(?!\s+(?:\d|the|it|them|in|into|to|with|over|on|for|up|together|until|a|an|through|down|aside|each|lightly|and beat|firmly)\b)|^cream in\b/i;

/** Position of a clause in its sentence. */
interface Part {
  readonly from: number;
  readonly to: number;
}

/** Merges neighbours with the same kind, or with no action in one of them. */
function joined(sentence: string, parts: readonly Part[]): Clause[] {
  const textOf = ({ from, to }: Part) => sentence.slice(from, to).trim();
  const out: (Part & { kind: StepKind | null })[] = [];
  for (const part of parts) {
    const kind = kindOf(textOf(part));
    const last = out.at(-1);
    const as = last ? jointKind({ text: textOf(last), kind: last.kind }, { text: textOf(part), kind }) : undefined;
    if (last && as !== undefined) out[out.length - 1] = { from: last.from, to: part.to, kind: as };
    else out.push({ ...part, kind });
  }
  return out.map(({ kind, ...part }) => ({ text: textOf(part), kind }));
}

const TIME = /\d\s*-?\s*(?:h|m|hours?|hrs?|min|mins|minutes?|secs?|seconds?)\b/i;
/** Actions that matter though they have no kind. */
const OWN_WORK = /\d|\boven\b|\b(?:soak|bloom|chop|peel|grate|zest|toast|line|grease)\b/i;

/** Returns the kind of two merged neighbours, or `undefined` if they stay separate. */
function jointKind(before: Clause, after: Clause): StepKind | null | undefined {
  if (after.kind === null) return before.kind;
  if (before.kind === null) return after.kind;
  // "Lay them on top and cover with the cream" lays two things.
  if (
    before.kind === 'lay' &&
    after.kind === 'lay' &&
    /^(?:cover|top) (?:it |them )?with\b(?! (?:an?|the|another) (?:\w+ )?(?:sheet|paper|foil|film|lid|cloth))/i.test(
      headOf(after.text),
    )
  )
    return undefined;
  // "Dip in the sauce, then roll in the coconut": two coats.
  if (before.kind === 'finish' && after.kind === 'finish' && DIPS.test(before.text) && ROLLS.test(headOf(after.text)))
    return undefined;
  // "Place one half in the tin, spread the cream over".
  if (before.kind === 'lay' && after.kind === 'lay' && ONE_HALF.test(before.text)) return undefined;
  // "Spread the jam over the base, dollop over the frangipane".
  if (
    before.kind === 'lay' &&
    after.kind === 'lay' &&
    LAYS_MORE.test(headOf(after.text)) &&
    !/\b(?:swirl|marble|ripple|rest|remaining)\b/i.test(after.text)
  )
    return undefined;
  if (before.kind === after.kind) return TIME.test(before.text) && TIME.test(after.text) ? undefined : before.kind;
  if (after.kind === 'other' && !OWN_WORK.test(after.text)) return before.kind;
  if (before.kind === 'other' && !OWN_WORK.test(before.text)) return after.kind;
  if (before.kind === 'other' && after.kind === 'bake' && /\boven\b/i.test(before.text)) return 'bake';
  if (
    GATHERS.test(headOf(before.text)) &&
    (before.kind === 'mix' || before.kind === 'lay') &&
    GATHERED.includes(after.kind)
  )
    return after.kind;
  if (
    before.kind === 'mix' &&
    after.kind === 'lay' &&
    /^(?:chuck|throw|tip|put|pop|drop) (?:them|it|these|those|everything) in\b/i.test(headOf(after.text))
  )
    return 'mix';
  if (before.kind === 'lay' && after.kind === 'press')
    return /^(?:level|flatten)\b/i.test(headOf(after.text)) ? 'lay' : 'press';
  return joins(before.kind, after.kind, headOf(after.text)) ? before.kind : undefined;
}

const DIPS = /\b(?:dip|coat|brush|enrobe)\b/i;
const ROLLS = /^(?:roll|toss|dredge|dust|sprinkle)\b/i;
const ONE_HALF =
  /^(?:and |then )*(?:place|put|lay|set) (?:the )?(?:one|1|first|bottom) (?:half|sheet|piece|rectangle)\b/i;

/** Another thing that is laid on what was just laid. */
const LAYS_MORE =
  /^(?:dollop|spoon|pour|ladle|arrange|lay) (?:over|on) (?:the|your) (?!base|top|tin|pan|tray|crust|slab)/i;

/** Adding things to a pot or bowl, which is no step by itself. */
const GATHERS = /^(?:put|pop|place|stick|chuck|throw|combine|measure|add)\b/i;
const GATHERED: readonly StepKind[] = ['melt', 'boil', 'beat'];

/** Small actions that belong to the previous step: stirring, smoothing. */
function joins(before: StepKind, kind: StepKind, head: string): boolean {
  const stirs = kind === 'mix' && /^(?:stir|keep stirring)\b(?! (?:in|through|into)\b)/i.test(head) && !/\d/.test(head);
  if (before === 'boil' || before === 'melt') return stirs;
  if (before === 'press') return kind === 'lay' && /^(?:smooth|level)\b/i.test(head);
  return before === 'mix' && kind === 'beat' && /^beat well\b/i.test(head);
}
