<script lang="ts">
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { tick, untrack } from 'svelte';
  import { invalidateAll } from '$app/navigation';
  import { MEASURES, MEASURES_NAMED } from '../../core/measure';
  import type { Shop } from '../../core/shop';
  import { LEAST, type Problem } from '../../core/validation';
  import { shopLimits } from '$lib/limits';
  import { ask, problemAt } from '$lib/api';
  import NumberField from '$lib/ui/NumberField.svelte';
  import type { KeptSettings, Settings } from '$lib/server/shop';
  import { changedSettings } from './changed';
  import Hours from './Hours.svelte';
  import SettingsElsewhere from './SettingsElsewhere.svelte';
  import ShownUnits from './ShownUnits.svelte';
  import Room from './Room.svelte';
  import Equipment from './Equipment.svelte';
  import PieceKinds from './PieceKinds.svelte';
  import Notice from '$lib/ui/Notice.svelte';

  let { data } = $props();

  const CURRENCIES = Intl.supportedValuesOf('currency');
  const currencyNames = new Intl.DisplayNames('en', { type: 'currency' });
  /** As they were read, and what is made of them here. */
  let base: KeptSettings = $state.raw(untrack(() => ({ settings: data.shop, revision: data.shopRevision })));
  let form = $state(untrack(() => ({ ...data.shop })));
  let rate: number | null = $state(null);
  let typed: Record<string, string> = $state({});
  let problems: readonly Problem[] = $state.raw([]);
  let said = $state('');
  /** What someone else kept since these settings were read. */
  let elsewhere: KeptSettings | null = $state.raw(null);

  /** Problems that no field shows itself. */
  const unplaced = $derived(
    problems.filter(({ path }) => path !== '/name' && !/^\/(vessels|boxes|pieceKinds|probes|hours)\//.test(path)),
  );
  const otherCurrency = $derived(form.currency !== base.settings.currency);

  function take(part: Partial<Shop>) {
    Object.assign(form, part);
    said = '';
  }

  /** Only what was changed here is sent, so that what was changed elsewhere stays. */
  const changes = () => changedSettings(base.settings, $state.snapshot(form) as Settings);

  /** The page is long: what is wrong may stand out of sight. */
  async function showFirstWrong() {
    await tick();
    document.querySelector<HTMLElement>('main .bx--text-input--invalid, main [aria-invalid="true"]')?.focus();
  }

  async function save() {
    if (Object.keys(typed).length > 0) return showFirstWrong();
    const settings = changes();
    const sent = { revision: base.revision, settings, ...(otherCurrency && rate !== null ? { rate } : {}) };
    const answer = await ask<{ revision: number }>('PUT', '/api/shop', sent);
    problems = answer.ok
      ? []
      : answer.problems.map(({ path, message }) => ({ path: path.replace(/^\/settings/, ''), message }));
    said = answer.ok ? 'Kept' : '';
    elsewhere = answer.ok ? null : ((answer.value as { latest?: KeptSettings } | null)?.latest ?? null);
    if (!answer.ok) return showFirstWrong();
    base = { settings: { ...base.settings, ...settings }, revision: answer.value.revision };
    rate = null;
    await invalidateAll();
  }

  /** Goes on from what someone else kept: with what was changed here, or without. */
  function goOnFrom(latest: KeptSettings, mine: Partial<Settings>) {
    base = latest;
    form = { ...latest.settings, ...mine };
    elsewhere = null;
    problems = [];
  }

  async function keepOver(latest: KeptSettings) {
    goOnFrom(latest, changes());
    await save();
  }
</script>

<svelte:head><title>Settings - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head">
    <h1>Settings</h1>
    <Button size="field" kind="ghost" href="/how">How it is worked out</Button>
  </div>
  {#if elsewhere}
    {@const latest = elsewhere}
    <SettingsElsewhere
      {base}
      {latest}
      mine={changes()}
      onmine={() => keepOver(latest)}
      ontheirs={() => goOnFrom(latest, {})}
    />
  {/if}
  <form
    class="panel"
    onsubmit={(event) => {
      event.preventDefault();
      void save();
    }}
    oninput={() => (said = '')}
  >
    <TextInput
      size="sm"
      labelText="Name of the shop"
      bind:value={form.name}
      invalid={problemAt(problems, '/name') !== ''}
      invalidText={problemAt(problems, '/name')}
    />
    <Select
      size="sm"
      labelText="Currency"
      bind:selected={form.currency}
      helperText={otherCurrency ? '' : 'Of all prices and costs'}
    >
      {#each CURRENCIES as code (code)}<SelectItem value={code} text="{code}, {currencyNames.of(code)}" />{/each}
    </Select>
    {#if otherCurrency}
      <NumberField
        label="One {base.settings.currency} is how many {form.currency}"
        optional
        value={rate}
        limits={{ min: LEAST, max: 1e6 }}
        name="rate"
        helper="Prices are turned into {form.currency} by it. Left empty, they stay in {base.settings
          .currency} and count again once you are back"
        {typed}
        onvalue={(value) => (rate = value)}
      />
    {/if}
    <Select
      size="sm"
      labelText="Cups and spoons"
      bind:selected={form.measures}
      helperText="For slabs that do not say whose spoons they mean"
    >
      {#each MEASURES as measure (measure)}<SelectItem value={measure} text={MEASURES_NAMED[measure]} />{/each}
    </Select>
    <NumberField
      label="The scale shows steps of"
      quantity="mass"
      value={form.scaleStepG}
      limits={shopLimits('scaleStepG')}
      name="step"
      {typed}
      onvalue={(value) => value !== null && (form.scaleStepG = value)}
    />
    <ShownUnits shownIn={form.shownIn} onshop={take} />
    <Room shop={form} {typed} {problems} onshop={take} />
    <Hours shop={form} {typed} {problems} onshop={take} />
    <Equipment bind:vessels={form.vessels} bind:boxes={form.boxes} {typed} {problems} />
    <PieceKinds bind:kinds={form.pieceKinds} currency={base.settings.currency} {typed} {problems} />
    {#if unplaced.length > 0}<Notice harm problems={unplaced} />{/if}
    <p><Button size="small" type="submit">Keep</Button> <span role="status">{said}</span></p>
  </form>
</div>

<style>
  form {
    display: grid;
    gap: 1.1rem;
    max-width: 46rem;
    padding: 1.2rem;
  }

  form :global(fieldset) {
    display: grid;
    gap: 0.5rem;
  }

  form :global(legend) {
    font-weight: 650;
    margin-bottom: 0.3rem;
  }
</style>
