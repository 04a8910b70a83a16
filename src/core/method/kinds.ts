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
  bake: '\\d{3} ?°?c?(?: fan)?,? (?:for )?\\d+(?:-\\d+)? ?(?:mins?|minutes?)|bake|(?:blind|par|pre)[- ]?bake|roast|back (?:in|into) the oven|(?:in|into) the oven|return (?:it |the [a-z]+ )?to the oven|cook (?:it )?in the oven|slide (?:it )?into the oven',
  boil: 'boil|simmer|deglaze|bring|cook|caramelise|caramelize|reduce|bubble|heat|warm|scald|swirl the pan|continue (?:to cook|cooking|to boil|boiling|simmering)|keep (?:boiling|cooking|stirring)|turn up the heat|increase the heat|raise the heat|lower the heat|turn the heat|reduce the heat',
  melt: 'melt|soften|brown|dissolve|temper|microwave|zap',
  beat: 'beat|whisk|whip|mount|cream|paddle',
  lay: '(?:in|into|onto) the (?:tin|pan|tray|frame|mould)|put|pop|stick|chuck|bung|shove|slide|pour|spread|tip|spoon|top|scrape|turn(?! (?:(?:clear|pale|light|deep|dark|rich) )?(?:golden|brown|amber|clear|pale|dark|thick|white|translucent|glossy)\\b| to (?:brown|turn)\\b| the (?:heat|gas|flame|hob)\\b)|transfer|place|dollop|swirl|marble|cover|smooth|lay|layer|distribute|drop|ripple|ladle|stream|add (?:another|a second|the next) layer|ease|level off|skim|arrange',
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

/** "When the honey reaches 115 °C begin to whip": a lead without a comma. */
export const REACHED = String.raw`(?:once|when|as soon as) [^,]{3,40}\b(?:reach(?:es|ed)?|hits?|is at|gets to) \d+ ?°? ?[cf]?\b(?= (?:begin|start|pour|turn|whisk|whip|beat|add|switch))`;

/** Words before the verb of a clause. */
const ADVERBS = new RegExp(
  String.raw`^(?:(?:after (?:about |another )?\d[\d.-]* (?:minutes?|mins?|hours?|hrs?)|very|gradually|gently|carefully|immediately|quickly|slowly|lightly|firmly|evenly|thoroughly|finally|lastly|next|now|first|firstly|meanwhile|again|well|briefly|just|simply|please|also|vigorously|constantly|generously|roughly|finely|loosely|once more|straight away|at once|secondly|thirdly|afterwards|in the meantime|when ready|to finish|to serve|to store|to assemble|by hand|working quickly|using a [a-z -]+?|with a [a-z -]+?|with (?:your|the) [a-z -]+?|(?:as soon as|once|when|while|after|before|if|until) [^,]*,|${REACHED}),?[,:]?\s+)+`,
  'i',
);

/** "Into a buttered tin", without a verb. */
export const INTO_TIN =
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
export function headOf(clause: string, isNext = false): string {
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

/** Starts of introductions. */
export const LEADS_UP =
  /^\s*(?:(?:and|then|so) )?(?:for|in|into|on|over|off|with|using|when|once|while|as|after|before|meanwhile|now|first|to|by|if|until|at|from|under|without)\b/i;
