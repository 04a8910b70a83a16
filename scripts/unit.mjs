/** Runs test files in one process, so that their imports are loaded once: `node --import tsx scripts/unit.mjs FILE...` */
import { resolve } from 'node:path';
import { pathToFileURL } from 'node:url';

for (const file of process.argv.slice(2)) await import(pathToFileURL(resolve(file)).href);
