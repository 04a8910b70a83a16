/** What has to be there before anything runs: packages and a build, each made only when it is out of date. */
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('..', import.meta.url));
const SOURCES = ['src', 'demo', 'static', 'svelte.config.js', 'vite.config.ts', 'package-lock.json'];

/** Runs a command in the project's folder, showing what it prints; ends this process with its code when it fails. */
export function run(command, args, options = {}) {
  const { status, error } = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  if (error) console.error(error.message);
  if (status !== 0) process.exit(status ?? 1);
}

/** The path of a command that a package brings. */
export const tool = (name) => join(root, 'node_modules', '.bin', name);

function print(paths) {
  const hash = createHash('sha256');
  const add = (path) => {
    if (!existsSync(path)) return;
    if (statSync(path).isDirectory()) for (const name of readdirSync(path).sort()) add(join(path, name));
    else hash.update(path).update(readFileSync(path));
  };
  for (const path of paths) add(join(root, path));
  return hash.digest('hex');
}

/** Does a piece of work unless its mark says that it was done for the same files. */
function unlessDone(mark, sources, work) {
  const file = join(root, mark);
  const now = print(sources);
  if (existsSync(file) && readFileSync(file, 'utf8') === now) return;
  work();
  mkdirSync(join(file, '..'), { recursive: true });
  writeFileSync(file, now);
}

/** Installs the packages of the lockfile if they are not there or not these. */
export function install() {
  unlessDone('node_modules/.knife-tray-installed', ['package-lock.json'], () => {
    console.log('Installing packages; the database module is compiled, which takes some minutes the first time.');
    // Of all install scripts only the one that compiles the database module is wanted, whatever npm's version allows.
    run('npm', ['ci', '--ignore-scripts', '--no-audit', '--no-fund']);
    run('npm', ['rebuild', 'better-sqlite3']);
  });
}

/** Builds the application if its sources have changed since it was built. */
export function build() {
  unlessDone('build/.knife-tray-built', SOURCES, () => {
    console.log('Building.');
    run(tool('vite'), ['build', '--logLevel', 'warn']);
  });
}
