import { sveltekit } from '@sveltejs/kit/vite';
import { optimizeCss } from 'carbon-preprocess-svelte';
import { defineConfig, type Plugin } from 'vite';

/** Blocks of Carbon's stylesheet whose components are not used here; whoever uses one takes it off this list. */
const UNUSED =
  /\.bx--(action-list|action-set|batch|big-number|breadcrumb|checkbox-group|combo-box|combo-button|contained-list|content-switcher|copy-btn|copy-input|date-picker|dropdown|file|header-panel|header-search|header-switcher|interstitial-screen|list-box|loading-overlay|menu-button|multi-select|number|pagination|parent-row|pin-code|progress|search|skeleton|slider|snippet|structured-list|table-toolbar|tabs|tag|tile|time-picker|toast-notification|toggle|toggle-input|text-truncate|toolbar-action|toolbar-search|tooltip--definition|tooltip--icon|tooltip-portal|tree|user-avatar)(?![a-z])/;

/** The selectors of a rule; commas in brackets are their own. */
function selectorsIn(text: string): string[] {
  const parts = [''];
  let depth = 0;
  for (const sign of text) {
    if (sign === '(') depth += 1;
    if (sign === ')') depth -= 1;
    if (sign === ',' && depth === 0) parts.push('');
    else parts[parts.length - 1] += sign;
  }
  return parts;
}

/** A stylesheet with only the selectors that are wanted. */
const withOnly = (css: string, isWanted: (selector: string) => boolean) =>
  css.replace(/([^{}]+)\{([^{}]*)\}/g, (rule, selectors: string, body: string) => {
    if (selectors.trim().startsWith('@')) return rule;
    const all = selectorsIn(selectors);
    const used = all.filter(isWanted);
    return used.length === 0 ? '' : used.length === all.length ? rule : `${used.join(',')}{${body}}`;
  });

/** Carbon's ready stylesheet names fonts on a remote host. They are dropped; ours ship with the application. */
function ownCarbon(): Plugin {
  return {
    name: 'own-carbon',
    enforce: 'pre',
    transform(code, id) {
      if (!/carbon-components-svelte\/css\/.*\.css/.test(id)) return null;
      // all.css?block=tabs is the one block of a component that few screens use; they bring it with them.
      const block = /[?&]block=([a-z-]+)/.exec(id)?.[1];
      const wanted = block ? new RegExp(`\\.bx--${block}(?![a-z])`) : null;
      return withOnly(code, (selector) => (wanted ? wanted.test(selector) : !UNUSED.test(selector)))
        .replace(/@font-face\s*\{[^}]*\}/g, '')
        .replaceAll(/"?IBM Plex Sans"?/g, "'Atkinson Hyperlegible Next Variable'")
        .replaceAll(/"?IBM Plex Mono"?/g, "'Atkinson Hyperlegible Next Variable'");
    },
  };
}

export default defineConfig({
  plugins: [ownCarbon(), sveltekit(), optimizeCss()],
  build: {
    rollupOptions: {
      // A file of its own costs a page a request: what is smaller than this, in bytes, goes with what it is used with.
      output: { experimentalMinChunkSize: 20_000 },
      // The core does nothing when it is imported: a page gets the rooms that it calls, and not all that their doors name.
      treeshake: { moduleSideEffects: (id) => !id.includes('/src/core/') },
    },
  },
});
