// The grammar of a clause: what is acted on, and where it goes.
import model from 'wink-eng-lite-web-model';
import winkNLP, { type ItsFunction, type PartOfSpeech, type WinkMethods } from 'wink-nlp';

/** The noun phrases of a clause, as texts to look for names in. */
export interface Grammar {
  /** Words of the clause without where something goes. */
  readonly objects: string;
  /** Where something goes: "the base" of "pour the caramel over the base". */
  readonly targets: readonly string[];
}

let tagger: WinkMethods | null = null;
/** Loads the model of the language once, when the first clause is read. */
const loaded = (): WinkMethods => (tagger ??= winkNLP(model, ['pos']));

/** Prepositions before the place where something goes. */
const TO_PLACE: ReadonlySet<string> = new Set([
  ...['over', 'onto', 'into', 'on', 'to', 'across', 'through', 'inside', 'atop', 'upon', 'between', 'around'],
]);
/** Parts of speech inside a noun phrase. */
const IN_PHRASE: ReadonlySet<PartOfSpeech> = new Set(['DET', 'ADJ', 'NOUN', 'PROPN', 'NUM', 'PRON', 'PART']);

/** A part of something, as the words right behind a verb name it. */
const PART = /^(?:half|most|(?:the )?(?:rest|remaining|remainder|other))\b/;

interface Token {
  readonly word: string;
  readonly pos: PartOfSpeech;
}

function tokensOf(clause: string): Token[] {
  const { its } = loaded();
  const tokens = loaded().readDoc(clause).tokens();
  const words = tokens.out();
  const tags = tokens.out(its.pos as ItsFunction<PartOfSpeech>) as unknown as PartOfSpeech[];
  return words.map((word, at) => ({ word, pos: tags[at]! }));
}

/** Returns the end of the noun phrase that begins at a token. */
function endOfPhrase(tokens: readonly Token[], from: number): number {
  let end = from;
  let hasNoun = false;
  for (; end < tokens.length; end++) {
    const { word, pos } = tokens[end]!;
    const next = tokens[end + 1];
    const isOf = hasNoun && word.toLowerCase() === 'of';
    // "the melted chocolate", "the remaining fudge", "the top": what follows an article is a noun or stands before one.
    const isAfterArticle =
      end > from &&
      (tokens[end - 1]!.pos === 'DET' || tokens[end - 1]!.pos === 'ADJ' || tokens[end - 1]!.pos === 'VERB');
    const isHyphen = word === '-' && next !== undefined;
    if (!(IN_PHRASE.has(pos) || isOf || isHyphen || (pos === 'VERB' && (isAfterArticle || !hasNoun)))) break;
    if (pos === 'NOUN' || pos === 'PROPN' || pos === 'PRON' || (pos === 'VERB' && isAfterArticle)) hasNoun = true;
  }
  return end;
}

/** Clauses are asked for several times while they are followed. */
const MAX_REMEMBERED = 500;
const remembered = new Map<string, Grammar>();

/**
 * Tells what a clause acts on from where it goes.
 *
 * @example grammarOf('pour the hot syrup over the whites in a thin stream') // targets ['the whites']
 */
export function grammarOf(clause: string): Grammar {
  const known = remembered.get(clause);
  if (known) return known;
  if (remembered.size >= MAX_REMEMBERED) remembered.clear();
  const grammar = parsed(clause);
  remembered.set(clause, grammar);
  return grammar;
}

function parsed(clause: string): Grammar {
  const tokens = tokensOf(clause);
  const objects: string[] = [];
  const targets: string[] = [];
  for (let at = 0; at < tokens.length;) {
    const word = tokens[at]!.word.toLowerCase();
    if (!TO_PLACE.has(word)) {
      objects.push(tokens[at]!.word);
      at += 1;
      continue;
    }
    // "on top of the base", "on to the base"
    let from = at + 1;
    if (word === 'on' && /^top$/i.test(tokens[from]?.word ?? '') && /^of$/i.test(tokens[from + 1]?.word ?? ''))
      from += 2;
    if (/^to$/i.test(tokens[from]?.word ?? '')) from += 1;
    const end = endOfPhrase(tokens, from);
    // "Spread over half of the custard": right behind the verb, a part of something is what is spread.
    const behind = tokens
      .slice(from, from + 2)
      .map((token) => token.word.toLowerCase())
      .join(' ');
    if (objects.length <= 1 && PART.test(behind)) {
      objects.push(...tokens.slice(from, end).map((token) => token.word));
      at = Math.max(end, at + 1);
      continue;
    }
    if (end > from)
      targets.push(
        tokens
          .slice(from, end)
          .map((token) => token.word)
          .join(' '),
      );
    at = Math.max(end, at + 1);
  }
  return { objects: objects.join(' '), targets };
}
