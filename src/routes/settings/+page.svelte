<script lang="ts">
  import { MEASURES_NAMES } from '$wording/terms';
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { onMount, tick, untrack } from 'svelte';
  import { invalidateAll, replaceState } from '$app/navigation';
  import { page } from '$app/state';
  import { MEASURES } from '$core/measure';
  import type { Shop } from '$core/shop';
  import { MIN_POSITIVE } from '$core/validation';
  import type { ProblemMessage } from '$wording/problems';
  import { shopLimits } from '$lib/limits/fieldLimits';
  import { ask, problemAt } from '$lib/api';
  import NumberField from '$lib/ui/NumberField.svelte';
  import type { KeptSettings, Settings } from '$lib/server/shop';
  import { changedSettings } from './changed';
  import Equipment from './Equipment.svelte';
  import Hours from './Hours.svelte';
  import SettingsConflict from './SettingsConflict.svelte';
  import ShownUnits from './ShownUnits.svelte';
  import Room from './Room.svelte';
  import Labels from './Labels.svelte';
  import Prices from './Prices.svelte';
  import EquipmentTable from './EquipmentTable.svelte';
  import { BAGS, BOXES, channelsIn, PIECES, POTS, WRAPS, type Kind } from './things';
  import Tabs, { type TabItem } from '$lib/ui/Tabs.svelte';
  import Notice from '$lib/ui/Notice.svelte';

  let { data } = $props();

  const TABS = [
    { key: 'shop', name: 'Shop' },
    { key: 'room', name: 'Workroom' },
    { key: 'hours', name: 'Hours' },
    { key: 'pots', name: 'Pots' },
    { key: 'pieces', name: 'Pieces' },
    { key: 'packing', name: 'Packing' },
    { key: 'prices', name: 'Prices' },
    { key: 'channels', name: 'Channels' },
    { key: 'labels', name: 'Labels' },
  ] as const satisfies readonly TabItem[];
  type Key = (typeof TABS)[number]['key'];
  /** The tab that an address names: /settings#prices. */
  const keyIn = (hash: string): Key => TABS.find(({ key }) => `#${key}` === hash)?.key ?? 'shop';
  let activeTab: Key = $state('shop');
  onMount(() => (activeTab = keyIn(page.url.hash)));
  function openTab(key: Key) {
    if (key === activeTab) return;
    activeTab = key;
    replaceState(`#${key}`, {});
  }
  /** Tab of a setting, by the field of a problem or an invalid text. */
  const LEAF_OF: Readonly<Record<string, Key>> = {
    vessels: 'pots',
    pieceKinds: 'pieces',
    boxes: 'packing',
    bags: 'packing',
    wraps: 'packing',
    pricing: 'prices',
    power: 'prices',
    channels: 'channels',
    labels: 'labels',
    probes: 'room',
    ovens: 'room',
    hours: 'hours',
    people: 'hours',
    zone: 'hours',
  };

  const CURRENCIES = Intl.supportedValuesOf('currency');
  const currencyNames = new Intl.DisplayNames('en', { type: 'currency' });
  const WRONG = 'main .bx--text-input--invalid, main [aria-invalid="true"]';
  /** Fields whose invalid texts do not start with the setting's name. */
  const LEAF_BY_FIELD: readonly (readonly [RegExp, Key])[] = [
    [/^(altitude|room|humidity|probe|oven|rings|mixers|boards|fridge|freezer)/, 'room'],
    [/^(hours|hands|person|day|from|to)/, 'hours'],
    [/^(shop asks|least margin|tax|labour|watch|shop rejects|overhead|tariff|ladder|power)/, 'prices'],
    [/^(step|rate|name)/, 'shop'],
  ];
  /** Settings as read, and as edited here. */
  let base: KeptSettings = $state.raw(untrack(() => ({ settings: data.shop, revision: data.shopRevision })));
  let form = $state(untrack(() => ({ ...data.shop })));
  const KINDS = $derived({
    pots: [POTS],
    pieces: [PIECES],
    packing: [BOXES, BAGS, WRAPS],
    channels: [channelsIn([...(form.boxes ?? []), ...(form.bags ?? [])].map(({ name }) => name).filter(Boolean))],
  } satisfies Partial<Record<Key, readonly Kind[]>>);
  let rate: number | null = $state(null);
  let typed: Record<string, string> = $state({});
  let problems: readonly ProblemMessage[] = $state.raw([]);
  let said = $state('');
  /** What someone else saved since these settings were read. */
  let elsewhere: KeptSettings | null = $state.raw(null);

  /** Problems without a field. */
  const unplaced = $derived(
    problems.filter(
      ({ path }) =>
        path !== '/name' && !/^\/(vessels|boxes|bags|wraps|channels|pieceKinds|probes|hours|people)\//.test(path),
    ),
  );
  const otherCurrency = $derived(form.currency !== base.settings.currency);

  function take(part: Partial<Shop>) {
    Object.assign(form, part);
    said = '';
  }

  /** Only changed settings are sent, so that changes made elsewhere stay. */
  const changes = () => changedSettings(base.settings, $state.snapshot(form) as Settings);

  /** The invalid field may be on another tab, or out of sight. */
  async function showFirstWrong() {
    await tick();
    if (!document.querySelector(WRONG)) {
      const [first = ''] = [...problems.map(({ path }) => path.split('/')[1] ?? ''), ...Object.keys(typed)];
      const key = LEAF_OF[first.split(' ')[0]!] ?? LEAF_BY_FIELD.find(([field]) => field.test(first))?.[1];
      if (key) openTab(key);
      await tick();
    }
    document.querySelector<HTMLElement>(WRONG)?.focus();
  }

  async function save() {
    if (Object.keys(typed).length > 0) return showFirstWrong();
    const settings = changes();
    const sent = { revision: base.revision, settings, ...(otherCurrency && rate !== null ? { rate } : {}) };
    const answer = await ask<{ revision: number }>('PUT', '/api/shop', sent);
    problems = answer.ok
      ? []
      : answer.problems.map(({ path, message }) => ({ path: path.replace(/^\/settings/, ''), message }));
    said = answer.ok ? 'Saved' : '';
    elsewhere = answer.ok ? null : ((answer.value as { latest?: KeptSettings } | null)?.latest ?? null);
    if (!answer.ok) return showFirstWrong();
    base = { settings: { ...base.settings, ...settings }, revision: answer.value.revision };
    rate = null;
    await invalidateAll();
  }

  /** Continues from what someone else saved: with the changes made here, or without. */
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

<svelte:window onhashchange={() => (activeTab = keyIn(location.hash))} />
<svelte:head><title>Settings - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head">
    <h1>Settings</h1>
    <Button size="field" kind="tertiary" href="/tins">Tins</Button>
    <Button size="field" kind="tertiary" href="/settings/programs">Other programs</Button>
    <Button size="field" kind="ghost" href="/how">How it is calculated</Button>
  </div>
  {#if elsewhere}
    {@const latest = elsewhere}
    <SettingsConflict
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
    <Tabs label="Shop settings" tabs={TABS} bind:active={() => activeTab, openTab}>
      {#snippet content(key)}
        <div class="leaf">
          {#if key === 'shop'}
            <TextInput
              size="sm"
              labelText="Shop name"
              bind:value={form.name}
              invalid={problemAt(problems, '/name') !== ''}
              invalidText={problemAt(problems, '/name')}
            />
            <Select
              size="sm"
              labelText="Currency"
              bind:selected={form.currency}
              helperText={otherCurrency ? '' : 'For all prices and costs'}
            >
              {#each CURRENCIES as code (code)}<SelectItem
                  value={code}
                  text="{code}, {currencyNames.of(code)}"
                />{/each}
            </Select>
            {#if otherCurrency}
              <NumberField
                label="Exchange rate: {form.currency} per {base.settings.currency}"
                optional
                value={rate}
                limits={{ min: MIN_POSITIVE, max: 1e6 }}
                name="rate"
                helper="All prices are converted at this rate. If you leave it empty, prices stay in {base.settings
                  .currency} and are not counted until you switch back"
                {typed}
                onvalue={(value) => (rate = value)}
              />
            {/if}
            <Select
              size="sm"
              labelText="Cup and spoon sizes"
              bind:selected={form.measures}
              helperText="Used for slabs that do not set their own"
            >
              {#each MEASURES as measure (measure)}<SelectItem value={measure} text={MEASURES_NAMES[measure]} />{/each}
            </Select>
            <NumberField
              label="Scale resolution"
              quantity="mass"
              value={form.scaleStepG}
              limits={shopLimits('scaleStepG')}
              name="step"
              {typed}
              onvalue={(value) => value !== null && (form.scaleStepG = value)}
            />
            <ShownUnits shownIn={form.shownIn} onshop={take} />
          {:else if key === 'room'}
            <Room shop={form} {typed} {problems} onshop={take} />
            <Equipment shop={form} {typed} onshop={take} />
          {:else if key === 'hours'}<Hours shop={form} {typed} {problems} onshop={take} />
          {:else if key === 'prices'}
            <Prices shop={form} currency={base.settings.currency} {typed} {problems} onshop={take} />
          {:else if key === 'labels'}<Labels labels={form.labels} {typed} onshop={take} />
          {:else}
            {#each KINDS[key] as kind (kind.path)}
              <EquipmentTable
                {kind}
                things={form[kind.path]}
                currency={base.settings.currency}
                {typed}
                {problems}
                onshop={take}
              />
            {/each}
          {/if}
        </div>
      {/snippet}
    </Tabs>
    {#if unplaced.length > 0}<Notice harm problems={unplaced} />{/if}
    <p class="keep"><Button size="small" type="submit">Save</Button> <span role="status">{said}</span></p>
  </form>
</div>

<style>
  .page {
    display: flex;
    flex-direction: column;
    height: calc(100dvh - 48px);
    max-width: 64rem;
  }

  form {
    display: flex;
    flex-direction: column;
    flex: 0 1 auto;
    min-height: 0;
    padding: 0.4rem 1rem 0.9rem;
  }

  .leaf {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 1rem;
    padding-bottom: 0.6rem;
  }

  .keep {
    padding-top: 0.7rem;
    border-top: 1px solid var(--rule);
  }

  form :global(fieldset) {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 0.5rem;
  }

  form :global(legend) {
    font-weight: 650;
    margin-bottom: 0.3rem;
  }

  @media (max-width: 759px) {
    .page {
      height: auto;
    }
  }
</style>
