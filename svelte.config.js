import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';
import { optimizeImports } from 'carbon-preprocess-svelte';

/** @type {import('@sveltejs/kit').Config} */
export default {
  preprocess: [vitePreprocess(), optimizeImports()],
  kit: {
    adapter: adapter({ precompress: true }),
    // The bench asks for it; no other page is held on a device.
    serviceWorker: { register: false },
    csp: {
      mode: 'auto',
      directives: {
        'default-src': ['self'],
        'script-src': ['self'],
        // Charts and drawings set sizes and colours on elements; no style comes from anywhere else.
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
