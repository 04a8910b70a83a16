<script lang="ts">
  import { onMount } from 'svelte';
  import 'carbon-components-svelte/css/all.css';
  import '@fontsource-variable/atkinson-hyperlegible-next';
  import '@fontsource-variable/bricolage-grotesque';
  import '$lib/ui/theme.css';
  import { Modal } from 'carbon-components-svelte';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { isFree, KEYS } from '$lib/keys';
  import Fills from '$lib/ui/Fills.svelte';
  import { untrack } from 'svelte';

  let { data, children } = $props();

  const ROOMS = [
    ['/slabs', 'Slabs'],
    ['/gather', 'Gather'],
    ['/larder', 'Larder'],
    ['/tins', 'Tins'],
    ['/settings', 'Settings'],
  ] as const;

  let night = $state(untrack(() => data.theme === 'night'));
  let keysShown = $state(false);

  function turnLight() {
    night = !night;
    const theme = night ? 'night' : 'day';
    document.documentElement.dataset.theme = theme;
    document.cookie = `theme=${theme}; path=/; max-age=31536000; samesite=lax`;
  }

  function onkeydown(event: KeyboardEvent) {
    if (!isFree(event)) return;
    if (event.key === '?') keysShown = true;
    else if (event.key === '/') {
      const find = document.querySelector<HTMLInputElement>('input[type="search"], input[role="searchbox"]');
      event.preventDefault();
      if (find) find.focus();
      else void goto('/slabs');
    }
  }

  // From here on the page answers to keys and fields; what drives it from outside can wait for this mark.
  onMount(() => {
    document.documentElement.dataset.ready = '';
  });
</script>

<svelte:window {onkeydown} />
<Fills />

<a class="skip" href="#main">Skip to the work</a>
<header>
  <a class="mark" href="/slabs">
    <svg viewBox="0 0 26 22" width="26" height="22" aria-hidden="true">
      <path fill="url(#fill-chocolate)" d="M0 3h26v4H0z" />
      <path fill="url(#fill-smooth)" d="M0 7h26v6H0z" />
      <path fill="url(#fill-crumb)" d="M0 13h26v7H0z" />
      <path stroke="var(--bar)" stroke-width="2" d="M9 0v22M18 0v22" />
    </svg>
    Knife Tray
  </a>
  {#if !data.isLocked}
    <nav aria-label="Rooms">
      {#each ROOMS as [path, name] (path)}
        <a href={path} aria-current={page.url.pathname.startsWith(path) ? 'page' : undefined}>{name}</a>
      {/each}
    </nav>
  {/if}
  {#if data.shop.name}<span class="shop">{data.shop.name}</span>{/if}
  <button type="button" onclick={turnLight} aria-pressed={night}>Night light</button>
  <button type="button" onclick={() => (keysShown = true)}>Keys</button>
</header>
<main id="main">{@render children()}</main>

{#if keysShown}<h2 class="unseen">Help</h2>{/if}
<Modal passiveModal bind:open={keysShown} modalHeading="Keys" size="sm">
  <dl class="keys">
    {#each KEYS as [key, does] (key)}
      <dt><kbd>{key}</kbd></dt>
      <dd>{does}</dd>
    {/each}
  </dl>
</Modal>

<style>
  header {
    display: flex;
    align-items: stretch;
    background: var(--bar);
    color: var(--on-bar);
    height: 46px;
    padding: 0 0.5rem 0 1rem;
  }

  header a,
  header button {
    display: flex;
    align-items: center;
    color: inherit;
    text-decoration: none;
    background: none;
    border: 0;
    font: inherit;
    padding: 0 0.8rem;
    cursor: pointer;
  }

  header a:focus-visible,
  header button:focus-visible {
    outline-color: var(--on-bar);
    outline-offset: -3px;
  }

  .mark {
    font-family: var(--display);
    font-weight: 700;
    font-size: 1.1rem;
    gap: 0.6rem;
    padding-left: 0;
    margin-right: 1rem;
  }

  nav {
    display: flex;
    flex: 1;
  }

  nav a[aria-current] {
    background: var(--ground);
    color: var(--ink);
    font-weight: 650;
  }

  .shop {
    align-self: center;
    padding: 0 0.8rem;
    font-size: 0.9rem;
    opacity: 0.85;
  }

  button[aria-pressed='true'] {
    text-decoration: underline;
  }

  .skip {
    position: absolute;
    left: -999px;
  }

  .skip:focus {
    left: 1rem;
    top: 0.5rem;
    z-index: 20;
    background: var(--panel);
    padding: 0.4rem 0.8rem;
  }

  .keys {
    display: grid;
    grid-template-columns: max-content 1fr;
    gap: 0.4rem 1.2rem;
  }

  kbd {
    font-weight: 650;
  }

  @media (max-width: 960px) {
    .shop {
      display: none;
    }
  }

  @media (max-width: 760px) {
    header a,
    header button {
      padding: 0 0.5rem;
    }
  }

  @media (max-width: 520px) {
    .mark {
      font-size: 0;
      margin-right: 0;
    }

    header {
      padding-left: 0.5rem;
      font-size: 0.92rem;
    }

    header a,
    header button {
      padding: 0 0.35rem;
    }
  }

  @media print {
    header,
    .skip {
      display: none;
    }
  }
</style>
