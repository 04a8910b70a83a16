<!-- Mixtures to finish together, and when to start each. -->
<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import { meetingsOf, withPreparation } from '$core/slab';
  import { slabLimits } from '$lib/limits/fieldLimits';
  import { formatDuration } from '$lib/format/figures';
  import { slabWork } from '$lib/draft/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';

  const work = slabWork();
  const { draft } = work;
  const slab = $derived(draft.slab);
  const meetings = $derived(meetingsOf(slab));
  let first = $state('');
  let second = $state('');

  const atOf = (id: string) => slab.preparations.findIndex((preparation) => preparation.id === id);
  const set = (id: string, meets: (typeof slab.preparations)[number]['meets']) =>
    draft.change(withPreparation(slab, atOf(id), { meets }), `${id} meets`);
  const from = $derived(slab.preparations.some(({ id }) => id === first) ? first : (slab.preparations[0]?.id ?? ''));
  const to = $derived(
    slab.preparations.some(({ id }) => id === second && id !== from)
      ? second
      : (slab.preparations.find(({ id }) => id !== from)?.id ?? ''),
  );
</script>

{#if slab.preparations.length > 1}
  <section class="panel" aria-label="Mixtures to finish together">
    <h2>Mixtures to finish together</h2>
    {#each meetings as { preparation, other, aheadMinutes, startsAfterMinutes } (preparation.id)}
      <div class="row">
        <p>
          <b>{preparation.name}</b>, ready {aheadMinutes > 0
            ? `${formatDuration(aheadMinutes)} before`
            : 'at the same time as'}
          <b>{other.name}</b>: start {#if Math.round(startsAfterMinutes) === 0}both at once{:else}{formatDuration(
              Math.abs(startsAfterMinutes),
            )}
            {startsAfterMinutes > 0 ? 'after' : 'before'} it{/if}.
        </p>
        <NumberField
          label="Ready earlier by"
          quantity="duration"
          value={aheadMinutes}
          limits={slabLimits('preparations.meets.aheadMinutes')}
          name="{preparation.id} ahead"
          typed={draft.typed}
          onvalue={(value) => value !== null && set(preparation.id, { ...preparation.meets!, aheadMinutes: value })}
        />
        <Select
          size="sm"
          labelText="{other.name} goes in at"
          selected={preparation.meets?.atStep ?? ''}
          on:change={(event) =>
            set(preparation.id, {
              ...preparation.meets!,
              atStep: (event.target as HTMLSelectElement).value || undefined,
            })}
        >
          <SelectItem value="" text="the end of both" />
          {#each preparation.steps ?? [] as step (step.id)}<SelectItem value={step.id} text={step.text} />{/each}
        </Select>
        <Button size="small" kind="ghost" on:click={() => set(preparation.id, undefined)}>Unlink</Button>
      </div>
    {/each}
    <div class="link">
      <Select
        size="sm"
        labelText="Mixture"
        selected={from}
        on:change={(event) => (first = (event.target as HTMLSelectElement).value)}
      >
        {#each slab.preparations as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
      </Select>
      <Select
        size="sm"
        labelText="is ready together with"
        selected={to}
        on:change={(event) => (second = (event.target as HTMLSelectElement).value)}
      >
        {#each slab.preparations.filter(({ id }) => id !== from) as { id, name } (id)}<SelectItem
            value={id}
            text={name}
          />{/each}
      </Select>
      <Button size="small" kind="tertiary" disabled={to === ''} on:click={() => set(from, { preparation: to })}
        >Link</Button
      >
    </div>
  </section>
{/if}

<style>
  section {
    padding: 0.7rem 0.9rem;
    margin-bottom: 0.7rem;
    display: grid;
    gap: 0.5rem;
  }

  .row {
    display: grid;
    grid-template-columns: 1fr 6rem 12rem max-content;
    gap: 0.6rem;
    align-items: end;
  }

  .link {
    display: grid;
    grid-template-columns: 1fr 1fr max-content;
    gap: 0.6rem;
    align-items: end;
  }

  @media (max-width: 759px) {
    .row {
      grid-template-columns: 6rem minmax(0, 1fr);
    }

    .row p,
    .row > :global(.bx--btn) {
      grid-column: 1 / -1;
    }

    .link {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
