<!-- Description of the services for other programs. The viewer is part of the application and asks nobody else. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { onMount } from 'svelte';
  import Notice from '$lib/ui/Notice.svelte';

  /** Attributes of the viewer, once it is loaded. */
  let settings: Readonly<Record<string, string>> | null = $state.raw(null);
  let hasFailed = $state(false);

  onMount(async () => {
    try {
      await import('openapi-explorer/dist/browser/openapi-explorer.min.js');
    } catch {
      hasFailed = true;
      return;
    }
    const colour = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim();
    settings = {
      'spec-url': '/api/openapi.json',
      'server-url': window.location.origin,
      'hide-authentication': '',
      'hide-server-selection': '',
      'hide-defaults': '',
      layout: 'column',
      'bg-color': colour('--panel'),
      'text-color': colour('--ink'),
      'primary-color': colour('--primary'),
      'secondary-color': colour('--primary-deep'),
      'nav-accent-color': colour('--primary'),
      'nav-bg-color': colour('--sunk'),
      'nav-text-color': colour('--ink'),
      'nav-hover-text-color': colour('--primary'),
    };
  });
</script>

<svelte:head><title>Services - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head">
    <h1>Services for other programs</h1>
    <div class="acts">
      <Button size="small" kind="tertiary" href="/settings/programs">Tokens</Button>
      <Button size="small" kind="ghost" href="/api/openapi.json" download="knife-tray-openapi.json"
        >Download OpenAPI 3.1</Button
      >
    </div>
  </div>
  {#if hasFailed}
    <Notice harm title="The description could not be shown. Reload the page, or download it." problems={[]} />
  {:else if !settings}
    <p class="quiet">Loading the description…</p>
  {/if}
  <p class="quiet">
    Requests that are tried here go to this server, and what they change is changed. Copy the data folder first, or try
    them on a demo shop.
  </p>
  <div class="viewer panel">
    {#if settings}<openapi-explorer {...settings}></openapi-explorer>{/if}
  </div>
</div>

<style>
  .acts {
    display: flex;
    gap: 0.6rem;
  }

  .viewer {
    min-height: 60vh;
    overflow: hidden;
  }

  .viewer :global(openapi-explorer) {
    height: 75vh;
    overflow: auto;
    font-family: var(--body);
  }
</style>
