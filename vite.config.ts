import { sveltekit } from '@sveltejs/kit/vite';
import { optimizeCss } from 'carbon-preprocess-svelte';
import { defineConfig, type Plugin } from 'vite';

/** Carbon's ready stylesheet names fonts on a remote host. They are dropped; ours ship with the application. */
function ownFonts(): Plugin {
  return {
    name: 'own-fonts',
    enforce: 'pre',
    transform(code, id) {
      if (!/carbon-components-svelte\/css\/.*\.css/.test(id)) return null;
      return code
        .replace(/@font-face\s*\{[^}]*\}/g, '')
        .replaceAll(/"?IBM Plex Sans"?/g, "'Atkinson Hyperlegible Next Variable'")
        .replaceAll(/"?IBM Plex Mono"?/g, "'Atkinson Hyperlegible Next Variable'");
    },
  };
}

export default defineConfig({
  plugins: [ownFonts(), sveltekit(), optimizeCss()],
});
