<script lang="ts">
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { untrack } from 'svelte';
  import { invalidateAll } from '$app/navigation';
  import { MEASURES, MEASURES_NAMED } from '../../core/measure';
  import type { Shop } from '../../core/shop';
  import type { Problem } from '../../core/validation';
  import { shopLimits } from '$lib/limits';
  import { ask, problemAt } from '$lib/api';
  import NumberField from '$lib/ui/NumberField.svelte';
  import Hours from './Hours.svelte';
  import Room from './Room.svelte';
  import Things from './Things.svelte';

  let { data } = $props();

  const CURRENCIES = Intl.supportedValuesOf('currency');
  const currencyNames = new Intl.DisplayNames('en', { type: 'currency' });
  let form = $state(untrack(() => ({ ...data.shop })));
  let typed: Record<string, string> = $state({});
  let problems: readonly Problem[] = $state.raw([]);
  let said = $state('');

  function take(part: Partial<Shop>) {
    Object.assign(form, part);
    said = '';
  }

  async function save(event: SubmitEvent) {
    event.preventDefault();
    if (Object.keys(typed).length > 0) return;
    const answer = await ask('PUT', '/api/shop', form);
    problems = answer.ok ? [] : answer.problems;
    said = answer.ok ? 'Kept' : '';
    if (answer.ok) await invalidateAll();
  }
</script>

<svelte:head><title>Settings - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head"><h1>Settings</h1></div>
  <form class="panel" onsubmit={save} oninput={() => (said = '')}>
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
      helperText="Prices keep their figures, rounded to the coins of the new currency"
    >
      {#each CURRENCIES as code (code)}<SelectItem value={code} text="{code}, {currencyNames.of(code)}" />{/each}
    </Select>
    <Select
      size="sm"
      labelText="Cups and spoons"
      bind:selected={form.measures}
      helperText="For slabs that do not say whose spoons they mean"
    >
      {#each MEASURES as one (one)}<SelectItem value={one} text={MEASURES_NAMED[one]} />{/each}
    </Select>
    <NumberField
      label="The scale shows steps of, g"
      value={form.scaleStepG}
      limits={shopLimits('scaleStepG')}
      name="step"
      {typed}
      onvalue={(value) => value !== null && (form.scaleStepG = value)}
    />
    <Room shop={form} {typed} {problems} onshop={take} />
    <Hours shop={form} {typed} {problems} onshop={take} />
    <Things bind:vessels={form.vessels} bind:boxes={form.boxes} {typed} {problems} />
    {#each problems.filter(({ path }) => path !== '/name' && !/^\/(vessels|boxes|probes|hours)\//.test(path)) as { path, message } (path + message)}<p
        class="said harm"
        role="alert"
      >
        {message}
      </p>{/each}
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
