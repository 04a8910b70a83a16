/** The built stylesheet has the style of every Carbon component in use, and loads no font from another host. */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import postcss, { type Root } from 'postcss';
import { expect, test } from '@playwright/test';

const CARBON = 'node_modules/carbon-components-svelte';
const CLASS = /bx--[\w-]+/g;

const filesIn = (folder: string, end: string) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith(end))
    .map((name) => join(folder, name));

/** All classes that a stylesheet has a rule for. */
function styledIn(sheet: Root): Set<string> {
  const found = new Set<string>();
  sheet.walkRules(({ selector }) => {
    for (const name of selector.match(CLASS) ?? []) found.add(name);
  });
  return found;
}

/** The source of every Carbon component that our own import by name, and of those that these import, by file. */
function componentsUsed(): Map<string, string> {
  const files = filesIn(join(CARBON, 'src'), '.svelte').filter((file) => !file.includes('/icons/'));
  const fileOf = new Map(files.map((file) => [/(\w+)\.svelte$/.exec(file)![1]!, file]));
  const asked = filesIn('src', '.svelte').flatMap((file) =>
    [...readFileSync(file, 'utf8').matchAll(/import \{([^}]*)\} from 'carbon-components-svelte'/g)].flatMap(
      ([, names]) => names!.split(',').flatMap((name) => fileOf.get(name.trim()) ?? []),
    ),
  );
  const used = new Map<string, string>();
  for (let next = asked; next.length > 0;) {
    const fresh = [...new Set(next)].filter((file) => !used.has(file));
    for (const file of fresh) used.set(file, readFileSync(file, 'utf8'));
    next = fresh.flatMap((file) =>
      [...used.get(file)!.matchAll(/from "(\.[^"]+\.svelte)"/g)].map(([, from]) => join(file, '..', from!)),
    );
  }
  return used;
}

const built = () =>
  postcss.parse(
    filesIn('build/client', '.css')
      .map((file) => readFileSync(file, 'utf8'))
      .join('\n'),
  );

test('no Carbon component in use has lost its style', () => {
  const whole = styledIn(postcss.parse(readFileSync(join(CARBON, 'css', 'all.css'), 'utf8')));
  const kept = styledIn(built());
  const used = componentsUsed();
  expect(used.size).toBeGreaterThan(30);
  const lost = [...used].flatMap(([name, source]) =>
    [...new Set(source.match(CLASS) ?? [])]
      .filter((style) => whole.has(style) && !kept.has(style))
      .map((style) => `${name} ${style}`),
  );
  expect(lost).toEqual([]);
  // Unused styles are left out.
  expect(kept.size).toBeLessThan(whole.size);
});

test('fonts come from the application itself', () => {
  const remote: string[] = [];
  built().walkAtRules('font-face', (rule) => {
    if (/https?:|\/\//.test(rule.toString())) remote.push(rule.toString());
  });
  built().walkDecls((declaration) => {
    if (declaration.value.includes('IBM Plex')) remote.push(declaration.toString());
  });
  expect(remote).toEqual([]);
});
