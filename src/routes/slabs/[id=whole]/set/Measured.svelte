<!-- Form for a measured setting time, which fits a place of the shop. -->
<script lang="ts">
  import { Accordion, AccordionItem, Button, Select, SelectItem } from 'carbon-components-svelte';
  import type { LayerWait } from '$core/setting';
  import type { Place } from '$core/slab';
  import { PLACE_AIR } from '$core/setting';
  import { slabWork } from '$lib/draft/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';

  interface Props {
    layers: readonly LayerWait[];
    /** Place of a layer, or `null` if it is moved. */
    placeOf: (layer: string) => Place | null;
    fit: (layer: string, minutes: number, place: Place) => void;
    fitted: string;
  }
  let { layers, placeOf, fit, fitted }: Props = $props();

  const work = slabWork();
  let chosen = $state('');
  let minutes: number | null = $state(null);
  let typed: Record<string, string> = $state({});
  const layer = $derived(layers.some(({ id }) => id === chosen) ? chosen : (layers[0]?.id ?? ''));
  const place = $derived(placeOf(layer));
</script>

<div class="panel">
  <Accordion size="sm"
    ><AccordionItem title="Did it take longer or shorter in your {place ?? 'shop'}?">
      <form
        onsubmit={(event) => {
          event.preventDefault();
          if (minutes !== null && place !== null) fit(layer, minutes, place);
        }}
      >
        <Select
          size="sm"
          labelText="Layer"
          selected={layer}
          on:change={(event) => (chosen = (event.target as HTMLSelectElement).value)}
        >
          {#each layers as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
        </Select>
        <NumberField
          label="Set after"
          quantity="duration"
          optional
          value={minutes}
          limits={{ min: 1, max: 5000 }}
          name="measured"
          {typed}
          onvalue={(value) => (minutes = value)}
        />
        <Button size="small" type="submit" disabled={minutes === null || place === null}
          >Use this for my {place ?? 'place'}</Button
        >
      </form>
      <p class="quiet">
        {#if place === null}Measured times can be used only if the tin stays in one place.{:else}The {place} uses {(
            work.shop.placeH?.[place] ?? PLACE_AIR[place].h
          ).toFixed(1)} W per m² and degree{work.shop.placeH?.[place]
            ? ', fitted from your own measurement'
            : ', a typical value'}.{/if}
      </p>
      <p role="status">{fitted}</p>
    </AccordionItem></Accordion
  >
</div>

<style>
  form {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 7rem max-content;
    gap: 0.6rem;
    align-items: end;
    margin: 0.4rem 0;
  }
</style>
