/** Marks that tell whether a piece of work is up to date: a digest of what went in, and the files that came out. */
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The project folder. */
export const root = fileURLToPath(new URL('..', import.meta.url));

/** Lists all files under a path, relative to the project, in a fixed order. */
export function filesIn(path, folder = root) {
  const full = join(folder, path);
  if (!existsSync(full)) return [];
  if (!statSync(full).isDirectory()) return [path];
  return readdirSync(full)
    .sort()
    .flatMap((name) => filesIn(join(path, name), folder));
}

/**
 * Returns a digest of files by content and path relative to the project, so that a copied project has the same one.
 *
 * @param {readonly string[]} paths files and folders, relative to the project
 * @param {readonly string[]} facts whatever else the work depends on, such as a version
 */
export function digestOf(paths, facts = [], folder = root) {
  const hash = createHash('sha256');
  for (const file of paths.flatMap((path) => filesIn(path, folder)))
    hash
      .update(`${relative('.', file)}\0`)
      .update(readFileSync(join(folder, file)))
      .update('\0');
  for (const fact of facts) hash.update(`${fact}\0`);
  return hash.digest('hex');
}

/** Tells whether work was finished for a digest, and all files that it made are still there in their size. */
export function isCurrent(mark, digest, folder = root) {
  try {
    const { digest: done, made } = JSON.parse(readFileSync(join(folder, mark), 'utf8'));
    return done === digest && made.every(([file, bytes]) => statSync(join(folder, file)).size === bytes);
  } catch {
    return false;
  }
}

/** Records that work was finished for a digest, and which files it made. */
export function writeMark(mark, digest, files = [], folder = root) {
  const made = files.map((file) => [file, statSync(join(folder, file)).size]);
  mkdirSync(dirname(join(folder, mark)), { recursive: true });
  writeFileSync(join(folder, mark), JSON.stringify({ digest, made }));
}
