<!-- Altitude and climate of the workroom, and its thermometers with their last checks. -->
<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import { USUAL_SHOP, type Probe, type Shop, type ThermometerKind } from '$core/shop';
  import { checkHolds, waterBoilsC } from '$core/sugar';
  import type { ProblemMessage } from '$wording/problems';
  import { shopLimits } from '$lib/limits/fieldLimits';
  import { problemAt } from '$lib/api';
  import DayField from '$lib/ui/DayField.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { replaced, without } from './replaced';
  import EquipmentRow from './EquipmentRow.svelte';
  import { shopFigures } from '$lib/format/shopFigures';

  interface Props {
    shop: Pick<Shop, 'altitudeM' | 'roomC' | 'humidityPercent' | 'probes'>;
    typed: Record<string, string>;
    problems: readonly ProblemMessage[];
    onshop: (part: Partial<Shop>) => void;
  }
  let { shop, typed, problems, onshop }: Props = $props();

  const probes = $derived(shop.probes ?? []);
  const altitudeM = $derived(shop.altitudeM ?? USUAL_SHOP.altitudeM);
  const figures = $derived(shopFigures());
  /** Degrees of the shop's unit in one degree Celsius, for a difference. */
  const perUnit = $derived(figures.temperature.unit.includes('F') ? 1.8 : 1);
  const set = (at: number, part: Partial<Probe>) => onshop({ probes: replaced(probes, at, part) });
</script>

<fieldset>
  <legend>Workroom</legend>
  <div class="three">
    <NumberField
      label="Altitude"
      quantity="altitude"
      value={altitudeM}
      limits={shopLimits('altitudeM')}
      name="altitude"
      helper="Water boils at {figures.temperature.say(waterBoilsC(altitudeM), 1)}"
      {typed}
      onvalue={(value) => value !== null && onshop({ altitudeM: value })}
    />
    <NumberField
      label="Room temperature"
      quantity="temperature"
      value={shop.roomC ?? USUAL_SHOP.roomC}
      limits={shopLimits('roomC')}
      name="room"
      {typed}
      onvalue={(value) => value !== null && onshop({ roomC: value })}
    />
    <NumberField
      label="Humidity, %"
      value={shop.humidityPercent ?? USUAL_SHOP.humidityPercent}
      limits={shopLimits('humidityPercent')}
      name="humidity"
      {typed}
      onvalue={(value) => value !== null && onshop({ humidityPercent: value })}
    />
  </div>
</fieldset>
<fieldset>
  <legend>Thermometers and their last check</legend>
  {#each probes as probe, at (at)}
    <EquipmentRow
      name={probe.name}
      problem={problemAt(problems, `/probes/${at}/name`)}
      columns="1.6fr 1.5fr 1.3fr 1.4fr 1.6fr"
      onname={(name) => set(at, { name })}
      onremove={() => onshop({ probes: without(probes, at) })}
    >
      <Select
        size="sm"
        labelText="Measures"
        selected={probe.kind ?? 'probe'}
        on:change={(event) => set(at, { kind: (event.target as HTMLSelectElement).value as ThermometerKind })}
      >
        <SelectItem value="probe" text="inside the pot" />
        <SelectItem value="infrared" text="the surface (infrared)" />
      </Select>
      <NumberField
        label="Reading in boiling water"
        quantity="temperature"
        optional
        value={probe.boilC}
        limits={shopLimits('probes.boilC')}
        name="probe {at} boil"
        {typed}
        onvalue={(value) => set(at, { boilC: value ?? undefined, checkedAtM: value === null ? undefined : altitudeM })}
      />
      <NumberField
        label="Reading in ice water"
        quantity="temperature"
        optional
        value={probe.iceC}
        limits={shopLimits('probes.iceC')}
        name="probe {at} ice"
        {typed}
        onvalue={(value) => set(at, { iceC: value ?? undefined })}
      />
      {#if probe.boilC === undefined && probe.iceC === undefined}
        <NumberField
          label="or reads high by, {figures.temperature.unit}"
          optional
          value={probe.readsHighC === undefined ? null : Number((probe.readsHighC * perUnit).toFixed(2))}
          limits={{ min: -20 * perUnit, max: 20 * perUnit }}
          name="probe {at} high"
          {typed}
          onvalue={(value) => set(at, { readsHighC: value === null ? undefined : value / perUnit })}
        />
      {/if}
      {#if !checkHolds(probe, altitudeM)}
        <p class="harm">Checked at another altitude. Check it in boiling water here, and enter the reading.</p>
      {/if}
      <DayField
        label="Checked on"
        optional
        value={probe.checkedOn ?? ''}
        name="probe {at} day"
        {typed}
        onvalue={(day) => set(at, { checkedOn: day ?? undefined })}
      />
    </EquipmentRow>
  {/each}
  <p>
    <Button size="small" kind="tertiary" on:click={() => onshop({ probes: [...probes, { name: '' }] })}
      >Add a thermometer</Button
    >
  </p>
</fieldset>

<style>
  .harm {
    grid-column: 1 / -1;
    font-size: 0.85rem;
    color: var(--harm);
  }

  .three {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 0.6rem;
    align-items: start;
  }
</style>
