<script lang="ts">
  import { Button, FileUploaderButton, OverflowMenu, OverflowMenuItem } from 'carbon-components-svelte';
  import { onMount } from 'svelte';
  import { goto, invalidateAll } from '$app/navigation';
  import type { ProblemMessage } from '$wording/problems';
  import { recipesFromJsonLd } from '$core/recipe';
  import { ask } from '$lib/api';
  import { confirmation } from '$lib/forms/confirm.svelte';
  import { slabsWithDrafts } from '$lib/draft/draftStore';
  import { storeText } from '$lib/devices/deviceStore';

  import { money } from '$lib/format/money';
  import ListFind from '$lib/ui/ListFind.svelte';
  import Pager from '$lib/ui/Pager.svelte';
  import NewSlab from './NewSlab.svelte';
  import Patterns from './Patterns.svelte';
  import SmallSection from '$lib/ui/SmallSection.svelte';
  import WaitFor from '$lib/ui/WaitFor.svelte';
  import { shopFigures } from '$lib/format/shopFigures';
  import { BODY_LIMIT, ZIP_LIMIT } from '$lib/limits/bodyLimits';
  import Notice from '$lib/ui/Notice.svelte';

  let { data } = $props();

  const figures = $derived(shopFigures());

  let unkept: ReadonlySet<number> = $state.raw(new Set());
  onMount(() => (unkept = slabsWithDrafts()));
  let making = $state(false);
  let problems = $state<readonly ProblemMessage[]>([]);
  let about = $state('');
  let taken = $state('');

  async function takeIn(text: string) {
    const answer = await ask<{ id: number }>('POST', '/api/slabs', text);
    if (answer.ok) await goto(`/slabs/${answer.value.id}/build`);
    else problems = answer.problems;
  }

  async function fromFile(file: File | undefined) {
    if (!file) return;
    about = file.name;
    problems = [];
    const isZip = /\.zip$/i.test(file.name);
    if (file.size > (isZip ? ZIP_LIMIT : BODY_LIMIT)) {
      const message = isZip
        ? `This zip is over ${ZIP_LIMIT / BODY_LIMIT} MB. Split it`
        : 'This file is over 1 MB; a slab file is a few thousand bytes. Choose a file that ends in .slab.json';
      problems = [{ path: '', message }];
    } else if (isZip) {
      await takeZip(file);
    } else {
      const text = await file.text();
      if (recipesFromJsonLd(text).length === 0) {
        await takeIn(text);
        return;
      }
      // A recipe document is reviewed line by line before it becomes a slab.
      storeText(
        'window',
        'knife-tray.paste',
        JSON.stringify({ text, name: '', measures: data.shop.measures, corrected: {} }),
      );
      await goto('/slabs/paste');
    }
  }

  interface ZipTaken {
    readonly ids: readonly number[];
    readonly runs: number;
    readonly refused: readonly { readonly file: string; readonly problems: readonly ProblemMessage[] }[];
  }

  async function takeZip(file: File) {
    const answer = await ask<ZipTaken>('POST', '/api/slabs/zip', file);
    const { ids = [], runs = 0, refused = [] } = (answer.value ?? {}) as Partial<ZipTaken>;
    problems = [
      ...(answer.ok ? [] : answer.problems),
      ...refused.flatMap((refusal) =>
        refusal.problems.map(({ path, message }) => ({ path: `${refusal.file} ${path}`, message })),
      ),
    ];
    if (ids.length > 0) {
      taken = `${ids.length} ${ids.length === 1 ? 'slab was' : 'slabs were'} imported${runs > 0 ? `, with ${runs} ${runs === 1 ? 'run' : 'runs'}` : ''}`;
      await invalidateAll();
    }
  }

  async function demo() {
    const answer = await ask('POST', '/api/demo?today=yes');
    if (answer.ok) await invalidateAll();
    else problems = answer.problems;
  }

  async function remove(id: number, called: string) {
    if (!(await confirmation.ask(`Delete ${called}?`, 'Delete'))) return;
    const answer = await ask('DELETE', `/api/slabs/${id}`);
    about = '';
    problems = answer.ok ? [] : answer.problems;
    await invalidateAll();
  }
</script>

<svelte:head><title>Slabs - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head">
    <h1>Slabs</h1>
    <div class="find"><ListFind path="/slabs" label="Find a slab" sought={data.sought} /></div>
    <Button kind="tertiary" size="field" href="/slabs/paste">Paste a recipe</Button>
    <FileUploaderButton
      kind="tertiary"
      size="field"
      labelText="Import a file"
      disableLabelChanges
      aria-label="Slab file"
      accept={['.json', '.jsonld', '.zip', '.html', '.htm']}
      on:change={({ detail }) => fromFile(detail[0])}
    />
    {#if data.all > 0}<Button kind="ghost" size="field" href="/api/slabs/zip" download="slabs.zip">Export all</Button
      >{/if}
    <Button size="field" on:click={() => (making = true)}>New slab</Button>
  </div>

  {#if problems.length > 0}
    <Notice harm title={about ? `${about} was not imported` : 'The change was not saved'} {problems} />
  {/if}

  <div role="status">
    {#if taken}<Notice>{taken}</Notice>{/if}
  </div>

  {#if data.all === 0}
    <div class="doors">
      <section class="panel door">
        <h2>Explore the demo shop</h2>
        <p>Eight slabs of a made-up shop with its larder, tins and prices, to try out and change.</p>
        <Button on:click={demo}>Load the demo slabs</Button>
      </section>
      <section class="panel door">
        <h2>Paste a recipe</h2>
        <p>Paste any recipe, in cups or grams. You see how each line is read before it becomes a slab.</p>
        <Button href="/slabs/paste">Paste a recipe</Button>
      </section>
      <section class="panel door wide">
        <h2>Start from a template</h2>
        <p>Its ingredients are added to your larder from the starter list. You enter the prices.</p>
        <Patterns onproblems={(found) => (problems = found)} />
      </section>
    </div>
  {:else if data.slabs.length === 0}
    <p class="quiet">No slabs found.</p>
  {/if}

  <ul class="cards">
    {#each data.slabs as slab (slab.id)}
      <li class="panel">
        <a href="/slabs/{slab.id}/build">
          {#if slab.drawn}<SmallSection tin={slab.drawn.tin} layers={slab.drawn.layers} />{/if}
          <h2 class="slab-name">{slab.name}</h2>
        </a>
        {#if unkept.has(slab.id)}<p class="unkept">has unsaved changes on this device</p>{/if}
        {#if slab.drawn}
          <p class="quiet">{slab.drawn.tinWords}</p>
          <p class="figures">
            {#if slab.drawn.perPiece === null}
              <b>{figures.mass.say(slab.drawn.massG)}</b>, no pieces yet
            {:else}
              <b>{slab.drawn.pieces}</b> pieces of <b>{figures.mass.say(slab.drawn.eachG)}</b>, ingredients
              <b>{money(slab.drawn.perPiece, data.shop.currency)}</b> each
            {/if}
          </p>
        {:else if slab.drawn === null}
          <p>This slab cannot be calculated. Check its tin, its cut and its amounts.</p>
        {/if}
        <OverflowMenu
          flipped
          size="sm"
          class="more"
          aria-label="More actions for {slab.name}"
          iconDescription="More actions"
        >
          <OverflowMenuItem text="Schedule" href="/slabs/{slab.id}/schedule" />
          <OverflowMenuItem text="Weigh out" href="/slabs/{slab.id}/weigh-out" />
          <OverflowMenuItem text="History" href="/slabs/{slab.id}/history" />
          <OverflowMenuItem danger hasDivider text="Delete" on:click={() => remove(slab.id, slab.name)} />
        </OverflowMenu>
      </li>
    {/each}
  </ul>
  {#if data.slabs.some(({ drawn }) => drawn === undefined)}<WaitFor />{/if}
  {#if data.all > 0}<Pager
      path="/slabs"
      sought={data.sought}
      from={data.from}
      most={data.most}
      count={data.count}
      all={data.all}
    />{/if}
</div>

{#if making}<NewSlab measures={data.shop.measures} onclose={() => (making = false)} />{/if}

<style>
  .find {
    width: 17rem;
  }

  .doors {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(320px, 100%), 1fr));
    gap: 1rem;
  }

  .door {
    padding: 1.2rem;
    display: grid;
    gap: 0.6rem;
    justify-items: start;
    align-content: start;
  }

  .door.wide {
    grid-column: 1 / -1;
    justify-items: stretch;
  }

  .cards {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(320px, 1fr));
    gap: 1rem;
  }

  .cards li {
    position: relative;
    padding: 0.9rem 1rem 0.9rem;
  }

  .cards a {
    color: inherit;
    text-decoration: none;
    display: block;
  }

  .cards p:last-of-type {
    padding-right: 2rem;
  }

  .cards h2 {
    font-size: 1.3rem;
    margin-top: 0.6rem;
    overflow-wrap: anywhere;
  }

  .cards a:hover h2 {
    color: var(--primary);
  }

  .cards p {
    margin-top: 0.2rem;
  }

  .unkept {
    color: var(--hot);
    font-size: 0.88rem;
  }

  li :global(.more) {
    position: absolute;
    right: 0.2rem;
    bottom: 0.2rem;
  }
</style>
