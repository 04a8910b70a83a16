import adapter from '@sveltejs/adapter-node';
import { readdir, readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';
import { optimizeImports } from 'carbon-preprocess-svelte';
import alias from './scripts/aliases.cjs';

const COMPRESSED = /\.(?:js|css|svg|json|wasm)$/;
/** The highest quality of Brotli saves 6 % more and takes fifteen times as long, a third of the whole build. */
const BROTLI_QUALITY = 9;

/** Writes a gzip and a Brotli copy beside every text file of a folder. @param {string} folder */
async function compress(folder) {
  const names = await readdir(folder, { recursive: true }).catch(() => []);
  for (const file of names.filter((name) => COMPRESSED.test(name)).map((name) => join(folder, name))) {
    const bytes = await readFile(file);
    const params = { [constants.BROTLI_PARAM_QUALITY]: BROTLI_QUALITY };
    await writeFile(`${file}.br`, await promisify(brotliCompress)(bytes, { params }));
    await writeFile(`${file}.gz`, await promisify(gzip)(bytes));
  }
}

const node = adapter({ precompress: true });

/** @type {import('@sveltejs/kit').Config} */
export default {
  preprocess: [vitePreprocess(), optimizeImports()],
  kit: {
    alias,
    adapter: { ...node, adapt: (builder) => node.adapt({ ...builder, compress }) },
    // The bench page needs it; no other page is cached on a device.
    serviceWorker: { register: false },
    csp: {
      mode: 'auto',
      directives: {
        'default-src': ['self'],
        'script-src': ['self'],
        // Charts and drawings set sizes and colours on elements; styles come from nowhere else.
        'style-src': ['self', 'unsafe-inline'],
        'img-src': ['self', 'data:'],
        'font-src': ['self'],
        'connect-src': ['self'],
        'worker-src': ['self'],
        'object-src': ['none'],
        'base-uri': ['self'],
        'form-action': ['self'],
        'frame-ancestors': ['none'],
      },
    },
    typescript: {
      config: (config) => ({
        ...config,
        include: [...config.include, '../tests/**/*.ts', '../scripts/**/*.{mjs,ts}', '../*.ts', '../*.js'],
      }),
    },
  },
};
