<!-- Two people at the settings: the later one is told, sees both, and chooses. -->
<script lang="ts">
  import { Button, Table } from 'carbon-components-svelte';
  import type { KeptSettings, Settings } from '$lib/server/shop';
  import { changedSettings } from './changed';
  import Notice from '$lib/ui/Notice.svelte';

  interface Props {
    base: KeptSettings;
    latest: KeptSettings;
    mine: Partial<Settings>;
    onmine: () => void;
    ontheirs: () => void;
  }
  let { base, latest, mine, onmine, ontheirs }: Props = $props();

  const theirs = $derived(changedSettings(base.settings, latest.settings));
  const fields = $derived([...new Set([...Object.keys(mine), ...Object.keys(theirs)])] as (keyof Settings)[]);
  const NAMES: Readonly<Record<keyof Settings, string>> = {
    name: 'Name of the shop',
    currency: 'Currency',
    measures: 'Cups and spoons',
    shownIn: 'Figures are shown in',
    scaleStepG: 'Steps of the scale, in g',
    vessels: 'Pots and bowls',
    boxes: 'Boxes',
    bags: 'Bags',
    wraps: 'Papers',
    pricing: 'Prices',
    power: 'Power',
    channels: 'Channels',
    labels: 'Labels',
    pieceKinds: 'Kinds of piece',
    altitudeM: 'Height above the sea, m',
    roomC: 'Room, in °C',
    humidityPercent: 'Humidity, percent',
    probes: 'Probes',
    hours: 'Working hours',
    zone: 'Time zone',
    locale: 'Days and times are written',
    hands: 'Pairs of hands',
    ovens: 'Ovens',
    rings: 'Rings on the hob',
    placeH: 'Places as measured',
  };

  /** A setting in a few words: things of a list by their names. */
  function inWords(value: unknown): string {
    if (value === undefined) return '-';
    if (Array.isArray(value)) return value.map(inWords).join('; ') || 'none';
    if (typeof value !== 'object' || value === null) return String(value);
    return Object.values(value).map(inWords).join(' ');
  }
</script>

<div role="alertdialog" aria-labelledby="elsewhere">
  <Notice harm>
    <h2 id="elsewhere">Someone kept other settings while you were changing these</h2>
    <Table size="compact" class="table">
      <thead><tr><th>What</th><th>Yours</th><th>Theirs</th></tr></thead>
      <tbody>
        {#each fields as field (field)}
          <tr>
            <th scope="row">{NAMES[field]}</th>
            <td>{inWords(field in mine ? mine[field] : base.settings[field])}</td>
            <td>{inWords(latest.settings[field])}</td>
          </tr>
        {/each}
      </tbody>
    </Table>
    <p>
      <Button size="small" on:click={onmine}>Keep mine beside theirs</Button>
      <Button size="small" kind="tertiary" on:click={ontheirs}>Take theirs</Button>
    </p>
    <p class="quiet">What only they have changed stays as they have it either way.</p>
  </Notice>
</div>
