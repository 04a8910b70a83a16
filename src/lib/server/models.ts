import { MODELS } from './modelList';
import bench from '../../../docs/bench.md?raw';

/** A model that figures on the screens rest on, told by the docstring of the function that works it out. */
export interface Model {
  readonly title: string;
  readonly says: readonly string[];
  readonly sources: readonly string[];
  /** For what it holds. */
  readonly holds: string;
  /** How far off it was when it was last measured; null where it is exact, or not measured. */
  readonly measured: string | null;
}

const files = import.meta.glob<string>('$core/**/*.ts', { query: '?raw', import: 'default', eager: true });

/** The docstring that stands before an exported name: its prose by paragraphs, and its sources. */
function docstringOf(file: string, name: string): { says: string[]; sources: string[] } {
  const text = files[`../../core/${file}`] ?? '';
  const at = text.search(new RegExp(`\\nexport (?:async )?(?:function\\*?|const) ${name}\\b`));
  const from = at === -1 ? -1 : text.lastIndexOf('/**', at);
  if (from === -1) throw new Error(`${file} has no docstring before ${name}`);
  const lines = text
    .slice(from + 3, text.indexOf('*/', from))
    .split('\n')
    .map((line) => line.replace(/^\s*\* ?/, '').trim());
  const tags = lines.findIndex((line) => line.startsWith('@'));
  const prose = (tags === -1 ? lines : lines.slice(0, tags)).join('\n').trim();
  const says = prose
    .split(/\n\s*\n/)
    .map((paragraph) => paragraph.replace(/\s+/g, ' ').replaceAll('`', '').replaceAll('deg C', '°C'));
  const sources = lines.filter((line) => line.startsWith('@see ')).map((line) => line.slice(5));
  return { says, sources };
}

/** What `npm run bench` printed of a thing, without the dash before it. */
function printedOf(begins: string): string {
  const line = bench.split('\n').find((printed) => printed.startsWith(`- ${begins}`));
  if (line === undefined) throw new Error(`docs/bench.md has no figure that begins with "${begins}"`);
  return line.slice(2);
}

/** All models by where their figures stand, each from the words of the code that works it out and of the figures last printed. */
export const models = (): readonly { readonly at: string; readonly models: readonly Model[] }[] =>
  Object.entries(MODELS).map(([at, list]) => ({
    at,
    models: list.map(({ title, file, name, holds, source, bench: begins }) => {
      const { says, sources } = docstringOf(file, name);
      return {
        title,
        says,
        holds,
        sources: source === undefined ? sources : [source],
        measured: begins === undefined ? null : printedOf(begins),
      };
    }),
  }));
