import { decodeHTML } from 'entities';

/** A recipe from a schema.org document: its name, its lines, and its method. */
export interface FoundRecipe {
  readonly name: string;
  readonly text: string;
}

type Node = Record<string, unknown>;
const isNode = (found: unknown): found is Node => typeof found === 'object' && found !== null && !Array.isArray(found);
const listOf = (found: unknown): unknown[] =>
  Array.isArray(found) ? found : found === undefined || found === null ? [] : [found];
const isOfType = (node: Node, type: string) => listOf(node['@type']).includes(type);

/** Maximum depth of the search in nested documents. */
const DEEPEST = 12;

function recipesIn(found: unknown, deep = 0): Node[] {
  if (deep > DEEPEST) return [];
  if (Array.isArray(found)) return found.slice(0, 1000).flatMap((part) => recipesIn(part, deep + 1));
  if (!isNode(found)) return [];
  if (isOfType(found, 'Recipe') || isOfType(found, 'https://schema.org/Recipe')) return [found];
  return ['@graph', 'mainEntity', 'itemListElement', 'item'].flatMap((key) => recipesIn(found[key], deep + 1));
}

const withoutTags = (text: string) => text.replace(/<[^>]*>/g, ' ');

/** Returns text without markup. Sites encode entities once, twice or not at all. */
function plainText(found: unknown): string {
  if (typeof found !== 'string') return '';
  const once = decodeHTML(withoutTags(found));
  return withoutTags(decodeHTML(withoutTags(once)))
    .replace(/\s+/g, ' ')
    .trim();
}

/** Returns "PT1H30M" as a line of a method. */
function totalTime(found: unknown): string[] {
  const time = typeof found === 'string' ? /^P(?:(\d+)D)?(?:T(?:(\d+)H)?(?:(\d+)M)?)?/i.exec(found) : null;
  const [days, hours, minutes] = (time?.slice(1) ?? []).map((part) => Number(part ?? 0));
  const all = ((days ?? 0) * 24 + (hours ?? 0)) * 60 + (minutes ?? 0);
  if (all <= 0) return [];
  const said = [all >= 60 ? `${Math.floor(all / 60)} h` : '', all % 60 > 0 ? `${all % 60} min` : ''].filter(Boolean);
  return [`Total time: ${said.join(' ')}.`];
}

function stepsIn(found: unknown, deep = 0): string[] {
  if (deep > DEEPEST) return [];
  return listOf(found).flatMap((node) => {
    // Some sites put a whole method into one text, with paragraphs as lines or as markup.
    if (typeof node === 'string') return node.split(/\n+|<\/?(?:p|li|br|div)[^>]*>/i).map(plainText);
    if (!isNode(node)) return [];
    const section = isOfType(node, 'HowToSection') ? plainText(node.name).replace(/:+$/, '') : '';
    if (section !== '') return [`${section}:`, ...stepsIn(node.itemListElement ?? node.steps, deep + 1)];
    const own = plainText(node.text) || (node.itemListElement === undefined ? plainText(node.name) : '');
    return [...(own === '' ? [] : [own]), ...stepsIn(node.itemListElement, deep + 1)];
  });
}

/**
 * Returns the recipes of a schema.org document: JSON-LD, or a saved web page that contains it.
 *
 * @param text the document
 * @returns none where the text is no such document; otherwise each recipe as lines that `readRecipe` takes
 * @see https://schema.org/Recipe
 */
export function recipesFromJsonLd(text: string): FoundRecipe[] {
  const scripts = [...text.matchAll(/<script[^>]*application\/ld\+json[^>]*>([\s\S]*?)<\/script>/gi)].map(
    ([, json]) => json!,
  );
  const documents = scripts.length > 0 ? scripts : /^\s*[[{]/.test(text) ? [text] : [];
  return documents.flatMap((json) => {
    let found: unknown;
    try {
      found = JSON.parse(json.replace(/^\uFEFF/, ''));
    } catch {
      return [];
    }
    return recipesIn(found).map((node): FoundRecipe => {
      const lines = listOf(node.recipeIngredient ?? node.ingredients)
        .map(plainText)
        .filter(Boolean);
      const yields = listOf(node.recipeYield ?? node.yield)
        .map(plainText)
        .find((text) => /\d/.test(text) && /\p{L}/u.test(text));
      const method = [
        ...stepsIn(node.recipeInstructions).filter(Boolean),
        ...(yields === undefined ? [] : [`Makes ${yields}.`]),
        ...totalTime(node.totalTime),
      ];
      const name = plainText(node.name).slice(0, 200);
      return { name, text: [...lines, ...(method.length > 0 ? ['', 'Method:', ...method] : [])].join('\n') };
    });
  });
}
