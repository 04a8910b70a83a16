import { sveltekit } from '@sveltejs/kit/vite';
import { optimizeCss } from 'carbon-preprocess-svelte';
import type { Plugin } from 'postcss';
import { defineConfig } from 'vite';

const OWN_FONT = "'Atkinson Hyperlegible Next Variable'";

/** Replaces the fonts that Carbon's stylesheet loads from a remote host. Ours ship with the application. */
const ownFonts: Plugin = {
  postcssPlugin: 'own-fonts',
  AtRule: {
    'font-face': (rule) => {
      if (/https?:/.test(rule.toString())) rule.remove();
    },
  },
  Declaration(declaration) {
    if (declaration.value.includes('IBM Plex'))
      declaration.value = declaration.value.replaceAll(/(["']?)IBM Plex \w+\1/g, OWN_FONT);
  },
};

export default defineConfig({
  plugins: [sveltekit(), optimizeCss()],
  css: { postcss: { plugins: [ownFonts] } },
  build: {
    rolldownOptions: {
      // Every file costs a page a request, so modules that most pages use are put together.
      output: {
        codeSplitting: {
          groups: [
            { name: 'shared', minShareCount: 12 },
            { name: 'slab', minShareCount: 6 },
          ],
        },
      },
      // The core has no side effects on import: a page gets the functions that it calls, and not everything an index names.
      treeshake: { moduleSideEffects: (id) => !id.includes('/src/core/') },
    },
  },
});
