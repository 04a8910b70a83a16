<!-- Storage and shelf life of the slab, and ingredients that limit it. -->
<script lang="ts">
  import { keepText } from '$wording/label';
  import { keepingReasonText, keepingText } from '$wording/reading';
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import { type Keeping } from '$core/label';
  import { PLACES, type Place, type Slab } from '$core/slab';
  import { proposedKeeping } from '$core/usecases';
  import { slabLimits } from '$lib/limits/fieldLimits';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { slabWork } from '$lib/draft/slabContext';
  import { PLACE_NAMES } from '../set/places';

  let { keeping }: { keeping: Keeping } = $props();

  const work = slabWork();
  const { draft } = work;
  const keep = $derived(draft.slab.keep);
  const proposed = $derived(keeping.days === null ? proposedKeeping(draft.slab, work.larder, work.shop) : null);
  const set = (part: Partial<NonNullable<Slab['keep']>>) =>
    draft.change({ ...draft.slab, keep: { place: keeping.place, ...keep, ...part } }, 'keep');
</script>

<div class="panel keeps">
  <Select
    size="sm"
    labelText="Storage"
    selected={keeping.place}
    on:change={(event) => set({ place: (event.target as HTMLSelectElement).value as Place })}
  >
    {#each PLACES.filter((place) => place !== 'marble') as place (place)}<SelectItem
        value={place}
        text={PLACE_NAMES[place]}
      />{/each}
  </Select>
  <NumberField
    label="Shelf life, days"
    optional
    value={keep?.days}
    limits={slabLimits('keep.days')}
    name="keep days"
    typed={draft.typed}
    onvalue={(days) => set({ days: days ?? undefined })}
  />
  <p class:harm={keeping.limit !== null}>
    {#if keeping.limit}{keeping.limit.name} keeps only {keeping.limit.days} days there, so the label uses that.
    {:else if keeping.days === null}No shelf life yet, so the label has no date.
      {#if proposed}
        {keepingReasonText(proposed)} Follow your own tests and local rules.
        <Button size="small" kind="tertiary" on:click={() => set({ place: proposed.place, days: proposed.days[0] })}
          >Use {keepingText(proposed)}</Button
        >
      {/if}
    {:else}{keepText(keeping.place)}.{/if}
  </p>
</div>

<style>
  .keeps {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.6rem;
    padding: 0.6rem 0.8rem;
  }

  p {
    grid-column: 1 / -1;
    font-size: 0.9rem;
    color: var(--quiet);
  }

  p.harm {
    color: var(--harm);
  }
</style>
