/**
 * Installs packages, compiles the database module and builds the application, each only when it is out of date.
 * This file and whatever it imports use nothing but Node's own modules: it runs before any package is installed.
 */
import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { digestOf, filesIn, isCurrent, root, writeMark } from './marks.mjs';

export { root };

const LOCKFILE = 'package-lock.json';
const INSTALLED = 'node_modules/.knife-tray-installed.json';
const COMPILED = 'node_modules/.knife-tray-compiled.json';
const BUILT = 'build/.knife-tray-built.json';
const DATABASE_MODULE = 'node_modules/better-sqlite3/build/Release/better_sqlite3.node';

/** Everything that goes into a build. */
export const BUILD_SOURCES = [
  'src',
  'demo',
  'devices',
  'starter',
  'static',
  'docs/bench.md',
  'package.json',
  LOCKFILE,
  'tsconfig.json',
  'svelte.config.js',
  'vite.config.ts',
  'scripts/aliases.cjs',
  'scripts/tasks.mjs',
];

/** Runs a command in the project folder and shows its output. Exits with the command's code if it fails. */
export function run(command, args, options = {}) {
  const { status, error } = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  if (error) console.error(error.message);
  if (status !== 0) process.exit(status ?? 1);
}

/**
 * Runs a command next to others and prints its output when it ends. Exits with the command's code if it fails.
 *
 * @param {{ quiet?: boolean }} options `quiet` prints the output only if the command fails
 */
export async function runBeside(command, args, { quiet = false } = {}) {
  const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
  const stop = () => child.kill();
  process.once('exit', stop);
  const output = [];
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => output.push(chunk));
  const [status] = await once(child, 'close');
  process.off('exit', stop);
  if (!quiet || status !== 0) process.stdout.write(Buffer.concat(output));
  if (status !== 0) process.exit(status ?? 1);
}

/** Returns the path of a command that a package provides. */
export const tool = (name) => join(root, 'node_modules', '.bin', name);

/** Lists the packages of the lockfile that are missing from `node_modules`, or present in another version. */
function missingPackages() {
  const { packages } = JSON.parse(readFileSync(join(root, LOCKFILE), 'utf8'));
  return Object.entries(packages).filter(([path, { version, optional, link }]) => {
    if (path === '' || optional || link) return false;
    const manifest = join(root, path, 'package.json');
    return !existsSync(manifest) || JSON.parse(readFileSync(manifest, 'utf8')).version !== version;
  });
}

/**
 * Installs the packages of the lockfile unless all of them are present. An interrupted install is repeated. No package's install
 * script runs: `compileDatabase` does the one that is needed.
 */
export function install() {
  const digest = digestOf([LOCKFILE], [process.platform, process.arch]);
  if (isCurrent(INSTALLED, digest) && missingPackages().length === 0) return;
  console.log('Installing packages…');
  run('npm', ['ci', '--ignore-scripts', '--no-audit', '--no-fund']);
  writeMark(INSTALLED, digest);
}

/**
 * Compiles the database module for this Node version unless that has been done. Other work can go on meanwhile; the compiler
 * stops with this process.
 */
export async function compileDatabase() {
  const digest = digestOf(['node_modules/better-sqlite3/package.json'], [process.versions.modules, process.arch]);
  if (isCurrent(COMPILED, digest)) return;
  console.log('Compiling the database module. This takes about two minutes the first time…');
  // SQLite's authors build and test it with -O2; the module's own -O3 takes half as long again and is no faster here.
  const env = { CFLAGS: '-O2', CXXFLAGS: '-O2', ...process.env };
  // A process group of its own, so that stopping this process also stops the compiler's children.
  const compiler = spawn('npm', ['rebuild', 'better-sqlite3'], { cwd: root, env, stdio: 'inherit', detached: true });
  const stop = () => process.kill(-compiler.pid);
  const interrupted = () => process.exit(130);
  process.once('exit', stop).once('SIGINT', interrupted).once('SIGTERM', interrupted);
  const [status] = await once(compiler, 'exit');
  process.off('exit', stop).off('SIGINT', interrupted).off('SIGTERM', interrupted);
  if (status !== 0) process.exit(status ?? 1);
  writeMark(COMPILED, digest, [DATABASE_MODULE]);
}

/** Builds the application unless the build is complete and up to date. */
export async function build() {
  const digest = digestOf(BUILD_SOURCES);
  if (isCurrent(BUILT, digest)) return;
  console.log('Building…');
  await runBeside(tool('vite'), ['build', '--logLevel', 'warn'], { quiet: true });
  // Its packages exist only after `install`.
  const { buildTasks } = await import('./tasks.mjs');
  await buildTasks();
  // Sources that were changed during the build are built again next time.
  writeMark(BUILT, digest, filesIn('build'));
}

/** Prepares everything that the application needs to start: packages, database module and build. */
export async function prepare() {
  install();
  const compiled = compileDatabase();
  await build();
  await compiled;
}
