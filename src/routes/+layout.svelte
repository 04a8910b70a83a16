<script lang="ts">
  import { onMount } from 'svelte';
  import 'carbon-components-svelte/css/all.css';
  import '@fontsource-variable/atkinson-hyperlegible-next';
  import '@fontsource-variable/bricolage-grotesque';
  import '$lib/ui/theme.css';
  import {
    Header,
    HeaderGlobalAction,
    HeaderNav,
    HeaderNavItem,
    HeaderUtilities,
    Modal,
    SideNav,
    SideNavItems,
    SideNavLink,
  } from 'carbon-components-svelte';
  import Asleep from 'carbon-icons-svelte/lib/Asleep.svelte';
  import Keyboard from 'carbon-icons-svelte/lib/Keyboard.svelte';
  import Light from 'carbon-icons-svelte/lib/Light.svelte';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { isFree, KEYS } from '$lib/forms/keys';
  import Confirm from '$lib/ui/Confirm.svelte';
  import Fills from '$lib/ui/Fills.svelte';
  import Notice from '$lib/ui/Notice.svelte';
  import { untrack } from 'svelte';

  let { data, children } = $props();

  const ROOMS = [
    ['/today', 'Today'],
    ['/orders', 'Orders'],
    ['/week', 'Week'],
    ['/slabs', 'Slabs'],
    ['/larder', 'Stock'],
    ['/prices', 'Prices'],
    ['/runs', 'Runs'],
    ['/settings', 'Settings'],
  ] as const;

  /** Stock has pages of its own beside the larder. */
  const STOCK = /^\/(larder|stock|lots)/;
  const isIn = (path: string) =>
    path === '/larder' ? STOCK.test(page.url.pathname) : page.url.pathname.startsWith(path);

  let night = $state(untrack(() => data.theme === 'night'));
  let keysShown = $state(false);
  let menuOpen = $state(false);
  /** Below this width the main menu is collapsed. */
  const NARROW_PX = 860;

  function turnLight() {
    night = !night;
    const theme = night ? 'night' : 'day';
    document.documentElement.dataset.theme = theme;
    document.cookie = `theme=${theme}; path=/; max-age=31536000; samesite=lax`;
  }

  function onkeydown(event: KeyboardEvent) {
    // Escape leaves a field, so that shortcuts work again.
    if (event.key === 'Escape' && !event.defaultPrevented) leaveField(event.target);
    if (!isFree(event)) return;
    if (event.key === '?') keysShown = true;
    else if (event.key === '/') {
      const find = document.querySelector<HTMLInputElement>('input[type="search"], input[role="searchbox"]');
      event.preventDefault();
      if (find) find.focus();
      else void goto('/slabs');
    }
  }

  function leaveField(target: EventTarget | null) {
    if (!(target instanceof HTMLElement) || target.closest('[role="dialog"]')) return;
    if (target.matches('input, textarea, select')) target.blur();
  }

  // Marks that the page responds to input; automated tests wait for it.
  onMount(() => {
    document.documentElement.dataset.ready = '';
  });
</script>

<svelte:window {onkeydown} />
<Fills />

<a class="skip" href={/(build|size|cook|set|cut|price|pack)$/.test(page.route.id ?? '') ? '#hand' : '#main'}
  >Skip to the main content</a
>
<Header
  href="/"
  uiShellAriaLabel="Knife Tray"
  expandedByDefault={false}
  expansionBreakpoint={NARROW_PX}
  bind:isSideNavOpen={menuOpen}
>
  <span slot="platform" class="mark">
    <svg viewBox="0 0 26 22" width="26" height="22" aria-hidden="true">
      <path fill="var(--chocolate-lit)" d="M0 3h26v4H0z" />
      <path fill="var(--smooth)" d="M0 7h26v6H0z" />
      <path fill="var(--crumb)" d="M0 13h26v7H0z" />
      <path stroke="var(--bar)" stroke-width="2" d="M9 0v22M18 0v22" />
    </svg>
    Knife Tray
  </span>
  {#if !data.isLocked}
    <HeaderNav aria-label="Main menu">
      {#each ROOMS as [path, name] (path)}
        <HeaderNavItem href={path} text={name} isSelected={isIn(path)} />
      {/each}
    </HeaderNav>
  {/if}
  <HeaderUtilities>
    {#if data.shop.name}<span class="shop">{data.shop.name}</span>{/if}
    <HeaderGlobalAction
      iconDescription="Dark theme"
      icon={night ? Light : Asleep}
      aria-pressed={night}
      on:click={turnLight}
    />
    <HeaderGlobalAction iconDescription="Keyboard shortcuts" icon={Keyboard} on:click={() => (keysShown = true)} />
  </HeaderUtilities>
</Header>
{#if !data.isLocked}
  <div class="narrow">
    <SideNav ariaLabel="Main menu" expansionBreakpoint={NARROW_PX} bind:isOpen={menuOpen}>
      <SideNavItems>
        {#each ROOMS as [path, name] (path)}
          <SideNavLink href={path} text={name} isSelected={isIn(path)} on:click={() => (menuOpen = false)} />
        {/each}
      </SideNavItems>
    </SideNav>
  </div>
{/if}
<main id="main" tabindex="-1">
  {#if data.storageFault}<Notice harm>{data.storageFault}.</Notice>{/if}
  {@render children()}
</main>

<Confirm />
{#if keysShown}<h2 class="unseen">Help</h2>{/if}
<Modal passiveModal bind:open={keysShown} modalHeading="Keyboard shortcuts" size="sm">
  <dl class="keys">
    {#each KEYS as [key, does] (key)}
      <dt><kbd>{key}</kbd></dt>
      <dd>{does}</dd>
    {/each}
  </dl>
</Modal>

<style>
  main {
    padding-top: 48px;
  }

  .mark {
    display: flex;
    align-items: center;
    gap: 0.6rem;
    font-family: var(--display);
    font-weight: 700;
    font-size: 1.1rem;
  }

  .shop {
    align-self: center;
    padding: 0 0.8rem;
    font-size: 0.9rem;
    white-space: nowrap;
  }

  .skip {
    position: absolute;
    left: -999px;
  }

  .skip:focus {
    left: 1rem;
    top: 0.5rem;
    z-index: 9000;
    background: var(--panel);
    padding: 0.4rem 0.8rem;
  }

  .narrow {
    display: none;
  }

  .keys {
    display: grid;
    grid-template-columns: max-content 1fr;
    gap: 0.4rem 1.2rem;
  }

  kbd {
    font-weight: 650;
  }

  @media (max-width: 1120px) {
    .shop {
      display: none;
    }
  }

  @media (max-width: 859px) {
    .narrow {
      display: contents;
    }
  }

  @media print {
    main {
      padding-top: 0;
    }

    .skip {
      display: none;
    }
  }
</style>
