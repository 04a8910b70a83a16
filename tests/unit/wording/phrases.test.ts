/** Phrases that this project does not use, in texts of screens, wording and docs. Each has its replacement. */
import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { test } from 'node:test';

const ROOT = new URL('../../../', import.meta.url);

/** A phrase, and its replacement. */
const PHRASES: readonly (readonly [RegExp, string])[] = [
  [/\btake (?:it )?off the list\b/i, 'Delete'],
  [/\btake back the last\b/i, 'Undo last entry'],
  [/\bput it off\b/i, 'Postpone'],
  [/\bleave it out\b/i, 'Skip step'],
  [/\bwhat came of it\b/i, 'Result'],
  [/\bin the mean\b/i, 'on average'],
  [/\bgive or take\b/i, '±'],
  [/\bso many pieces\b/i, 'number of pieces'],
  [/\bspeaks? up\b/i, 'Warn'],
  [/\bpairs? of hands\b/i, 'people, or labour'],
  [/\bsecond reader\b/i, 'Checks'],
  [/\bstoreys?\b/i, 'Layers in the box'],
  [/\bload the page anew\b/i, 'Reload the page'],
  [/\bcould not be begun\b/i, 'could not start'],
  [/\bthat did not work\b/i, 'say what failed and what to do'],
  [/\bnobody has said\b/i, 'is missing'],
  [/\bnobody small\b/i, 'keep children away'],
  [/\bwhatever its name says\b/i, 'say what the file is'],
  [/\bpay(?:s)? for itself once\b/i, 'Break-even'],
  [/\brent and the like\b/i, 'Overheads'],
  [/\bwhat it asks of the knife\b/i, 'How to cut it'],
  [/\border of strokes\b/i, 'Cutting order'],
  [/\bmay lie the other way\b/i, 'may be rotated'],
  [/\bwhose cups and spoons\b/i, 'Cup and spoon sizes'],
  [/\bkept as text\b/i, 'Not recognised'],
  [/\bis being laid out\b/i, 'Calculating…'],
  [/\bworking it out\b/i, 'Calculating…'],
  [/\bnot on this shelf\b/i, 'Page not found'],
  [/\btold anew\b/i, 'say it plainly'],
  [/\bmake (?:the zip|it) anew\b/i, 'make … again'],
  [/\bequal cooks\b/i, 'equal boils'],
  [/\btwo ways: type\b/i, 'has two meanings'],
  [/\breckoned\b/i, 'calculated'],
  [/\bby the slab's own\b/i, 'say which value'],
];

/** Texts of a component or a page: without comments and styles, and without code in backticks of a page. */
function shownBy(source: string): string {
  return source
    .replace(/<style[\s\S]*?<\/style>/g, '')
    .replace(/<!--[\s\S]*?-->/g, '')
    .replace(/\/\*[\s\S]*?\*\//g, '')
    .replace(/(^|[\s>])\/\/.*$/gm, '$1');
}

const filesIn = (folder: string, ending: RegExp) =>
  readdirSync(new URL(folder, ROOT), { recursive: true, encoding: 'utf8' })
    .filter((name) => ending.test(name))
    .map((name) => `${folder}${name}`);

test('no text of a screen, of the wording or of the docs uses a phrase that has a replacement', () => {
  const texts = [
    ...filesIn('src/routes/', /\.svelte$/),
    ...filesIn('src/lib/', /\.svelte$/),
    ...filesIn('src/wording/', /\.ts$/),
    ...filesIn('docs/', /^(?!bench).*\.md$/),
    'README.md',
    'CONTRIBUTING.md',
  ];
  assert.ok(texts.length > 120);
  const found = texts.flatMap((file) => {
    const source = readFileSync(new URL(file, ROOT), 'utf8');
    const text = file.endsWith('.md') ? source.replace(/`[^`]*`/g, '') : shownBy(source);
    return PHRASES.flatMap(([phrase, instead]) => {
      const match = phrase.exec(text);
      return match ? [`${file}: "${match[0]}". Instead: ${instead}`] : [];
    });
  });
  assert.deepEqual(found, []);
});

test('comments, styles and paths are not screen texts', () => {
  const source =
    '<!-- in the mean -->\n<script>// in the mean\n/* in the mean */</script><p>Mean</p><style>in the mean</style>';
  assert.doesNotMatch(shownBy(source), /in the mean/);
  assert.match(shownBy('<p>in the mean</p>'), /in the mean/);
});
