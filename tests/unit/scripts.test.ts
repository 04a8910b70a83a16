/** Scripts that run before packages are installed, marks of up-to-date work, and the lock of a data folder. */
import assert from 'node:assert/strict';
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { cpSync, mkdtempSync, mkdirSync, readFileSync, readdirSync, rmSync, utimesSync, writeFileSync } from 'node:fs';
import { builtinModules } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { lock, lockedBy } from '../../scripts/lock.mjs';
import { digestOf, filesIn, isCurrent, writeMark } from '../../scripts/marks.mjs';
import { BUILD_SOURCES } from '../../scripts/setup.mjs';

const folder = mkdtempSync(join(tmpdir(), 'knife-tray-scripts-'));
after(() => rmSync(folder, { recursive: true, force: true }));

const IMPORT = /^import [^;]*?from '([^']+)'|^import '([^']+)'/gm;

/** Lists everything that a module and the modules it imports load before they run. */
function importsOf(file: string, seen = new Set<string>()): string[] {
  if (seen.has(file)) return [];
  seen.add(file);
  const text = readFileSync(file, 'utf8');
  return [...text.matchAll(IMPORT)].flatMap(([, from, bare]) => {
    const name = (from ?? bare)!;
    return name.startsWith('.') ? importsOf(join(file, '..', name), seen) : [name];
  });
}

test('every npm script loads nothing but Node’s own modules before it has installed packages', () => {
  const { scripts } = JSON.parse(readFileSync('package.json', 'utf8')) as { scripts: Record<string, string> };
  assert.ok(Object.keys(scripts).length > 10);
  for (const [name, command] of Object.entries(scripts)) {
    const file = /^node ((?:scripts|devices)\/\w+\.mjs)$/.exec(command)?.[1];
    assert.ok(file, `${name} starts as "${command}", which needs something installed`);
    const packages = importsOf(file).filter((from) => !builtinModules.includes(from.replace(/^node:/, '')));
    assert.deepEqual(packages, [], `${name} imports packages`);
  }
});

test('the mark of a build covers everything that the configuration and the sources read', () => {
  for (const needed of ['src', 'starter', 'demo', 'static', 'docs/bench.md', 'package.json', 'tsconfig.json'])
    assert.ok(BUILD_SOURCES.includes(needed), needed);
  const imported = filesIn('src')
    .filter((file) => /\.(ts|svelte)$/.test(file))
    .flatMap((file) =>
      [...readFileSync(file, 'utf8').matchAll(/(?:from|glob[^(]*\(|import\() ?\[?\s*'(\.\.?\/[^'?*]+)/g)].map(
        ([, to]) => join(file, '..', to!),
      ),
    )
    .filter((path) => !path.startsWith('src/') && !path.startsWith('.svelte-kit'));
  assert.ok(imported.length > 5);
  for (const path of imported)
    assert.ok(
      BUILD_SOURCES.some((source) => path === source || path.startsWith(`${source}/`)),
      `${path} goes into the build`,
    );
});

test('a digest depends on content and names, and not on where the project is or when it was copied', () => {
  const [a, b] = [join(folder, 'a'), join(folder, 'b')];
  mkdirSync(join(a, 'src', 'inner'), { recursive: true });
  writeFileSync(join(a, 'src', 'one.ts'), 'one');
  writeFileSync(join(a, 'src', 'inner', 'two.ts'), 'two');
  cpSync(a, b, { recursive: true });
  utimesSync(join(b, 'src', 'one.ts'), 1, 1);
  assert.equal(digestOf(['src'], ['20'], a), digestOf(['src'], ['20'], b));
  assert.notEqual(digestOf(['src'], ['22'], a), digestOf(['src'], ['20'], a));
  writeFileSync(join(b, 'src', 'one.ts'), 'on');
  writeFileSync(join(b, 'src', 'inner', 'two.ts'), 'etwo');
  assert.notEqual(digestOf(['src'], ['20'], a), digestOf(['src'], ['20'], b));
});

test('work is repeated when its mark, its digest or one of its files is missing', () => {
  const place = join(folder, 'marks');
  mkdirSync(join(place, 'out'), { recursive: true });
  for (const name of ['a.js', 'b.js']) writeFileSync(join(place, 'out', name), name);
  assert.equal(isCurrent('out/mark.json', 'd1', place), false);
  writeMark('out/mark.json', 'd1', filesIn('out', place), place);
  assert.equal(isCurrent('out/mark.json', 'd1', place), true);
  assert.equal(isCurrent('out/mark.json', 'd2', place), false);
  writeFileSync(join(place, 'out', 'b.js'), 'cut off here');
  assert.equal(isCurrent('out/mark.json', 'd1', place), false);
  rmSync(join(place, 'out', 'b.js'));
  assert.equal(isCurrent('out/mark.json', 'd1', place), false);
  writeFileSync(join(place, 'out', 'mark.json'), '{"dig');
  assert.equal(isCurrent('out/mark.json', 'd1', place), false);
});

test('the lock of a data folder keeps a second process out, and a dead process’s lock is taken over', async (t) => {
  const data = join(folder, 'data');
  const holder = () => {
    const child = spawn(process.execPath, [
      '--input-type=module',
      '-e',
      `import { lock } from ${JSON.stringify(join(process.cwd(), 'scripts/lock.mjs'))};
       try { lock(${JSON.stringify(data)}); console.log('locked'); setInterval(() => {}, 1e6); }
       catch (error) { console.log(error.message); }`,
    ]);
    // A failed assertion must not leave it running.
    t.after(() => child.kill('SIGKILL'));
    return child;
  };
  const outputOf = async (child: ReturnType<typeof holder>) => String((await once(child.stdout, 'data'))[0]).trim();
  const first = holder();
  assert.equal(await outputOf(first), 'locked');
  assert.equal(lockedBy(data), first.pid);
  const second = holder();
  assert.match(await outputOf(second), new RegExp(`process ${first.pid}\\) is using the data in `));
  assert.throws(() => lock(data), { cause: first.pid });
  first.kill('SIGKILL');
  await once(first, 'exit');
  assert.equal(lockedBy(data), null);
  // Of several processes that find the lock of a killed one, exactly one gets it.
  const rivals = Array.from({ length: 5 }, holder);
  const answers = await Promise.all(rivals.map(outputOf));
  assert.equal(answers.filter((answer) => answer === 'locked').length, 1);
  for (const rival of rivals) rival.kill('SIGTERM');
  await Promise.all(rivals.map((rival) => rival.exitCode ?? rival.signalCode ?? once(rival, 'exit')));
  // A process with the number of the one that took the lock, but not the same one.
  writeFileSync(join(data, 'knife-tray.lock'), `${process.ppid} 1\n`);
  assert.equal(lockedBy(data), null);
  assert.deepEqual(
    readdirSync(data).filter((name) => name !== 'knife-tray.lock'),
    [],
  );
});
