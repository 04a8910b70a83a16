import { writtenAmount } from '../measure';
import { endPointC, type Line, type Slab } from '../slab';

/** A recipe found in a schema.org document: its name, its lines one below the other, and its method. */
export interface FoundRecipe {
  readonly name: string;
  readonly text: string;
}

type Node = Record<string, unknown>;
const isNode = (found: unknown): found is Node => typeof found === 'object' && found !== null && !Array.isArray(found);
const listOf = (found: unknown): unknown[] =>
  Array.isArray(found) ? found : found === undefined || found === null ? [] : [found];
const isOfType = (node: Node, type: string) => listOf(node['@type']).includes(type);

/** The deepest that documents are searched, so that one made to be deep does no harm. */
const DEEPEST = 12;

function recipesIn(found: unknown, deep = 0): Node[] {
  if (deep > DEEPEST) return [];
  if (Array.isArray(found)) return found.slice(0, 1000).flatMap((one) => recipesIn(one, deep + 1));
  if (!isNode(found)) return [];
  if (isOfType(found, 'Recipe') || isOfType(found, 'https://schema.org/Recipe')) return [found];
  return ['@graph', 'mainEntity', 'itemListElement', 'item'].flatMap((key) => recipesIn(found[key], deep + 1));
}

const entities: Readonly<Record<string, string>> = {
  amp: '&',
  lt: '<',
  gt: '>',
  quot: '"',
  apos: "'",
  nbsp: ' ',
  frac12: '½',
  frac14: '¼',
  frac34: '¾',
};

/** Text without markup, as sites put it into such documents. */
function plainText(found: unknown): string {
  if (typeof found !== 'string') return '';
  return found
    .replace(/<[^>]*>/g, ' ')
    .replace(/&(?:#(\d{1,6})|([a-z0-9]{2,8}));/gi, (all, code?: string, name?: string) => {
      if (code !== undefined) return Number(code) <= 0x10ffff ? String.fromCodePoint(Number(code)) : all;
      return entities[name!.toLowerCase()] ?? all;
    })
    .replace(/\s+/g, ' ')
    .trim();
}

function stepsIn(found: unknown, deep = 0): string[] {
  if (deep > DEEPEST) return [];
  return listOf(found).flatMap((node) => {
    if (typeof node === 'string') return node.split(/\n+/).map(plainText);
    if (!isNode(node)) return [];
    const own = plainText(node.text) || (node.itemListElement === undefined ? plainText(node.name) : '');
    return [...(own === '' ? [] : [own]), ...stepsIn(node.itemListElement, deep + 1)];
  });
}

/**
 * The recipes of a schema.org document: JSON-LD, or a web page that was saved with it inside.
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
      const method = stepsIn(node.recipeInstructions).filter(Boolean);
      const name = plainText(node.name).slice(0, 200);
      return { name, text: [...lines, ...(method.length > 0 ? ['', 'Method:', ...method] : [])].join('\n') };
    });
  });
}

/**
 * A line as one writes it down; reading it gives the same amount back.
 *
 * @example lineInWords({ ingredient: 'butter', quantity: 150, unit: 'g', state: 'cold' }) // '150 g butter, cold'
 */
export function lineInWords({ ingredient, quantity, unit, state, packG, optional }: Omit<Line, 'text'>): string {
  const amount = writtenAmount(quantity, unit);
  const said =
    unit === 'each'
      ? amount.replace(/ each$/, '')
      : unit === 'pack' && packG !== undefined
        ? `${amount.replace(/ pack$/, '')} x ${Number(packG.toPrecision(6))} g pack`
        : amount;
  return `${said} ${ingredient}${state ? `, ${state}` : ''}${optional ? ' (optional)' : ''}`;
}

/**
 * A slab as a schema.org recipe. Where there are several preparations, a line such as "For the base:" stands before the lines
 * of each, since the vocabulary knows no groups of ingredients.
 *
 * @param pieces how many pieces it makes
 */
export function jsonLdOf(slab: Slab, pieces: number): Node {
  const several = slab.preparations.length > 1;
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: slab.name,
    recipeYield: `${pieces} pieces`,
    recipeIngredient: slab.preparations.flatMap(({ name, lines, unread = [] }) => [
      ...(several ? [`For the ${name}:`] : []),
      ...lines.map(lineInWords),
      ...unread,
    ]),
    recipeInstructions: slab.preparations.map((preparation) => {
      const endC = endPointC(preparation);
      const steps = (preparation.steps ?? []).map(({ text, minutes }) => `${text} (${minutes} min)`);
      const cook = endC === null ? [] : [`Cook to ${endC.toFixed(0)} °C`];
      return {
        '@type': 'HowToSection',
        name: preparation.name,
        itemListElement: [...steps, ...cook].map((text) => ({ '@type': 'HowToStep', text })),
      };
    }),
  };
}
