<!-- Two people edited the settings: the later one sees both versions and chooses. -->
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
    name: 'Shop name',
    currency: 'Currency',
    measures: 'Cup and spoon sizes',
    shownIn: 'Units shown',
    scaleStepG: 'Scale resolution, g',
    vessels: 'Pots and bowls',
    boxes: 'Boxes',
    bags: 'Bags',
    wraps: 'Papers',
    pricing: 'Prices',
    power: 'Average power, kW',
    channels: 'Channels',
    labels: 'Labels',
    pieceKinds: 'Piece types',
    altitudeM: 'Altitude, m',
    roomC: 'Room temperature, °C',
    humidityPercent: 'Humidity, %',
    probes: 'Thermometers',
    hours: 'Working hours',
    zone: 'Time zone',
    locale: 'Date and time format',
    hands: 'People',
    ovens: 'Ovens',
    rings: 'Rings on the hob',
    fridgeMm2: 'Shelf area in the fridge',
    freezerMm2: 'Shelf area in the freezer',
    people: 'People and their hours',
    ovenShelves: 'Shelves in each oven',
    ovenHeatUpMinutes: 'Oven heating, min',
    mixers: 'Mixers',
    boards: 'Cutting boards',
    placeH: 'Fitted cooling of places',
  };

  /** Describes a setting in a few words: items of a list by their names. */
  function inWords(value: unknown): string {
    if (value === undefined) return '-';
    if (Array.isArray(value)) return value.map(inWords).join('; ') || 'none';
    if (typeof value !== 'object' || value === null) return String(value);
    return Object.values(value).map(inWords).join(' ');
  }
</script>

<div role="alertdialog" aria-labelledby="elsewhere">
  <Notice harm>
    <h2 id="elsewhere">Someone else saved settings while you were editing</h2>
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
      <Button size="small" on:click={onmine}>Save my changes too</Button>
      <Button size="small" kind="tertiary" on:click={ontheirs}>Use theirs</Button>
    </p>
    <p class="quiet">Settings that only they changed stay as they saved them.</p>
  </Notice>
</div>
