/** What has to be there before anything runs: packages and a build, each made only when it is out of date. */
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { once } from 'node:events';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('..', import.meta.url));
const SOURCES = [
  'src',
  'demo',
  'static',
  'svelte.config.js',
  'vite.config.ts',
  'scripts/tasks.mjs',
  'package-lock.json',
];

/** Runs a command in the project's folder, showing what it prints; ends this process with its code when it fails. */
export function run(command, args, options = {}) {
  const { status, error } = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  if (error) console.error(error.message);
  if (status !== 0) process.exit(status ?? 1);
}

/** Runs a command beside others, and shows what it printed once it has ended; ends this process with its code when it fails. */
export async function beside(command, args) {
  const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
  const stop = () => child.kill();
  process.once('exit', stop);
  const printed = [];
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => printed.push(chunk));
  const [status] = await once(child, 'close');
  process.off('exit', stop);
  process.stdout.write(Buffer.concat(printed));
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

/** Does a piece of work unless its mark says that it was done for the same files; work may take its time. */
async function unlessDone(mark, sources, work) {
  const file = join(root, mark);
  const now = print(sources);
  if (existsSync(file) && readFileSync(file, 'utf8') === now) return;
  await work();
  mkdirSync(join(file, '..'), { recursive: true });
  writeFileSync(file, now);
}

/** Installs the packages of the lockfile if they are not there or not these; nothing of them is run or compiled. */
export function install() {
  return unlessDone('node_modules/.knife-tray-installed', ['package-lock.json'], () => {
    console.log('Installing packages.');
    // Of all install scripts only the one that compiles the database module is wanted, whatever npm's version allows.
    run('npm', ['ci', '--ignore-scripts', '--no-audit', '--no-fund']);
  });
}

/** Compiles the database module if that has not been done, beside whatever else is run meanwhile; ends with this process. */
export function compileDatabase() {
  return unlessDone('node_modules/.knife-tray-compiled', ['package-lock.json'], async () => {
    console.log('Compiling the database module, which takes some minutes the first time.');
    // In a group of its own, so that whatever ends this process ends the compiler's own children too.
    const compiler = spawn('npm', ['rebuild', 'better-sqlite3'], { cwd: root, stdio: 'inherit', detached: true });
    const stop = () => process.kill(-compiler.pid);
    const interrupted = () => process.exit(130);
    process.once('exit', stop).once('SIGINT', interrupted).once('SIGTERM', interrupted);
    const [status] = await once(compiler, 'exit');
    process.off('exit', stop).off('SIGINT', interrupted).off('SIGTERM', interrupted);
    if (status !== 0) process.exit(status ?? 1);
  });
}

/** Builds the application if its sources have changed since it was built. */
export function build() {
  return unlessDone('build/.knife-tray-built', SOURCES, async () => {
    console.log('Building.');
    await beside(tool('vite'), ['build', '--logLevel', 'warn']);
    // Only now: its packages are there once they have been installed.
    const { buildTasks } = await import('./tasks.mjs');
    await buildTasks();
  });
}

/** Packages, database module and build: all that the application needs to start. */
export async function prepare() {
  await install();
  const compiled = compileDatabase();
  await build();
  await compiled;
}
