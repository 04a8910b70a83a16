<!-- Compares two versions or two tins: weights, thicknesses and costs. -->
<script lang="ts">
  import { COMPARED_NAMES } from '$wording/terms';
  import { larderOf, type Larder } from '$core/larder';
  import { Checkbox, Select, SelectItem, Table } from 'carbon-components-svelte';
  import { comparePlans, isDifferent, type Beside, plan } from '$core/usecases';
  import type { Slab } from '$core/slab';
  import { asTin, tinInWords } from '$core/tin';

  import { money } from '$lib/format/money';
  import { slabWork } from '$lib/draft/slabContext';
  import Section from '$lib/ui/Section.svelte';
  import { sectionTallMm } from '$lib/ui/sectionDrawing';
  import { shopDates } from '$lib/format/shopDates';
  import { shopFigures } from '$lib/format/shopFigures';

  let { data } = $props();

  const figures = $derived(shopFigures());
  const dates = $derived(shopDates());
  const work = slabWork();

  /** `now`, or a version number; and its tin: as saved, or one of the rack. */
  let versions = $state({ a: 'now', b: 'now' });
  let tins = $state({ a: 'own', b: 'own' });
  let onlyChanged = $state(false);
  let touched = $state(false);

  // Starts with the previous version; without one, with another tin.
  $effect(() => {
    if (touched) return;
    const before = data.versions.find(({ version }) => work.draft.changed || version < work.draft.baseVersion);
    if (before) versions.a = String(before.version);
    else tins.b = String(work.rack.at(-1)?.id ?? 'own');
    touched = true;
  });

  function slabOf(side: 'a' | 'b'): Slab {
    const slab =
      versions[side] === 'now'
        ? work.draft.slab
        : (data.versions.find(({ version }) => String(version) === versions[side])?.slab ?? work.draft.slab);
    const rack = work.rack.find(({ id }) => String(id) === tins[side]);
    if (!rack) return slab;
    const { scale: _scale, ...rest } = slab;
    return { ...rest, tins: [{ tin: rack.tin, count: 1 }] };
  }
  const theirs = $derived(larderOf(data.theirIngredients));
  /** Larder entries of this window and of the versions. */
  const larder = $derived<Larder>({ get: (name) => work.larder.get(name) ?? theirs.get(name) });
  const sides = $derived(
    (['a', 'b'] as const).map((side) => {
      const slab = slabOf(side);
      return {
        side,
        slab,
        plan: plan(slab, larder, work.shop),
        names: {
          preparations: new Map(slab.preparations.map(({ id, name }) => [id, name])),
          layers: new Map(slab.layers.map(({ id, name }) => [id, name])),
        },
      };
    }),
  );
  const both = $derived(comparePlans(sides[0]!, sides[1]!));
  /** Both drawings have one scale. */
  const besideMm = $derived(Math.max(...sides.map(({ plan: planned }) => sectionTallMm(planned.slabs[0]!))));
  const currency = $derived(work.shop.currency);

  const SHOW = {
    pieces: (value: number) => value.toFixed(0),
    g: (value: number) => figures.mass.say(value),
    mm: (value: number) => figures.length.say(value),
    money: (value: number) => money(value, currency),
  };
  type Unit = keyof typeof SHOW;
  const said = (value: number | null, unit: Unit) => (value === null ? '-' : SHOW[unit](value));
  function change({ a, b }: Pick<Beside, 'a' | 'b'>, unit: Unit): string {
    if (a === null || b === null) return a === b ? '' : a === null ? 'new' : 'gone';
    if (!isDifferent({ a, b })) return '';
    const sign = b > a ? '+' : '−';
    const by = SHOW[unit](Math.abs(b - a));
    return `${sign}${by}${a > 0 ? ` (${sign}${Math.abs((b / a - 1) * 100).toFixed(0)} %)` : ''}`;
  }
</script>

{#snippet cells(beside: Pick<Beside, 'a' | 'b'>, unit: Unit)}
  <td class="num">{said(beside.a, unit)}</td>
  <td class="num"><b>{said(beside.b, unit)}</b></td>
  <td class="num change">{change(beside, unit)}</td>
{/snippet}

<div class="two">
  {#each sides as { side, slab, plan: planned } (side)}
    <div class="panel">
      <div class="which">
        <Select size="sm" labelText={side === 'a' ? 'Left: version' : 'Right: version'} bind:selected={versions[side]}>
          <SelectItem value="now" text={work.draft.changed ? 'current, unsaved' : 'current'} />
          {#each data.versions as { version, keptAt } (version)}
            <SelectItem value={String(version)} text="version {version}, {dates.moment(Date.parse(keptAt))}" />
          {/each}
        </Select>
        <Select size="sm" labelText={side === 'a' ? 'Left: made in' : 'Right: made in'} bind:selected={tins[side]}>
          <SelectItem value="own" text="its own tins" />
          {#each work.rack as { id, name, tin } (id)}<SelectItem
              value={String(id)}
              text="{name}, {tinInWords(asTin(tin), figures)}"
            />{/each}
        </Select>
      </div>
      <div class="face"><Section {slab} planned={planned.slabs[0]!} {besideMm} /></div>
    </div>
  {/each}
</div>

<Checkbox labelText="Only differences" bind:checked={onlyChanged} />
<div class="tables">
  <div class="stack">
    <Table size="compact" class="table">
      <caption>Whole slab</caption>
      <thead
        ><tr
          ><th><span class="unseen">What</span></th><th class="num">Left</th><th class="num">Right</th><th class="num"
            >Change</th
          ></tr
        ></thead
      >
      <tbody>
        {#each both.whole.filter((figure) => !onlyChanged || isDifferent(figure)) as figure (figure.figure)}
          <tr class:differs={isDifferent(figure)}
            ><th scope="row">{COMPARED_NAMES[figure.figure]}</th>{@render cells(figure, figure.unit)}</tr
          >
        {/each}
      </tbody>
    </Table>
    <Table size="compact" class="table">
      <caption>Layers, from the top</caption>
      <thead
        ><tr
          ><th><span class="unseen">What</span></th><th class="num">Left</th><th class="num">Right</th><th class="num"
            >Change</th
          ></tr
        ></thead
      >
      <tbody>
        {#each [...both.layers].reverse() as layer, i (i)}
          {#each [['mm', layer.mm], ['g', layer.massG], ['money', layer.cost]] as const as [unit, beside] (unit)}
            {#if !onlyChanged || isDifferent(beside)}
              <tr class:differs={isDifferent(beside)}
                ><th scope="row"
                  >{layer.name}<span class="quiet">{`, ${{ mm: 'thickness', g: 'weight', money: 'cost' }[unit]}`}</span
                  ></th
                >{@render cells(beside, unit)}</tr
              >
            {/if}
          {/each}
        {/each}
      </tbody>
    </Table>
  </div>
  <Table size="compact" class="table">
    <caption>Ingredients</caption>
    <thead
      ><tr
        ><th><span class="unseen">What</span></th><th class="num">Left</th><th class="num">Right</th><th class="num"
          >Change</th
        ><th class="num">Cost</th></tr
      ></thead
    >
    <tbody>
      {#each both.lines.filter(({ massG, cost }) => !onlyChanged || isDifferent(massG) || isDifferent(cost)) as line, i (i)}
        <tr class:differs={isDifferent(line.massG)}
          ><th scope="row">{line.massG.name}<span class="quiet">{` in ${line.preparation}`}</span></th>{@render cells(
            line.massG,
            'g',
          )}<td class="num change">{change(line.cost, 'money')}</td></tr
        >
      {:else}
        <tr><td colspan="5">No differences.</td></tr>
      {/each}
    </tbody>
  </Table>
</div>

<style>
  .face {
    height: 150px;
    margin-top: 0.5rem;
  }

  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.8rem;
    margin-bottom: 0.4rem;
  }

  .panel {
    padding: 0.6rem 0.8rem;
  }

  .which {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.6rem;
    margin-bottom: 0.6rem;
  }

  .tables {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 0.8rem;
    align-items: start;
    margin-top: 0.4rem;
  }

  caption {
    text-align: left;
    font-weight: 650;
    padding-bottom: 0.2rem;
  }

  .stack {
    display: grid;
    gap: 0.8rem;
  }

  .differs td,
  .differs th {
    background: var(--hot-ground);
  }

  .change {
    font-size: 0.88rem;
  }

  .differs .change {
    color: var(--hot);
  }

  @media (max-width: 599px) {
    .tables :global(.table th),
    .tables :global(.table td) {
      padding-left: 0.35rem;
      padding-right: 0.35rem;
    }
  }

  @media (max-width: 1000px) {
    .two,
    .tables {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
