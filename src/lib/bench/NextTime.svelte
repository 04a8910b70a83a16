<!-- Form for a change for next time, in terms of the slab, so that it can be applied to a draft. -->
<script lang="ts">
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import type { Quantity } from '$core/measure';
  import type { RunPlan, SlabChange } from '$core/run';
  import { asTin, tinInWords, type RackTin } from '$core/tin';
  import { shopFigures } from '$lib/format/shopFigures';
  import NumberField from '$lib/ui/NumberField.svelte';

  interface Props {
    plan: RunPlan;
    rack: readonly (RackTin & { readonly id: number })[];
    onnote: (change: SlabChange, why: string) => void;
  }
  let { plan, rack, onnote }: Props = $props();

  const figures = $derived(shopFigures());
  interface Choice {
    readonly text: string;
    readonly label: string;
    readonly quantity?: Quantity;
    readonly make: (by: number) => SlabChange;
  }
  /** Possible changes, each with the meaning of its number. */
  const choices: readonly Choice[] = $derived([
    ...plan.boils.map(({ preparation }) => ({
      text: `End point of ${potName(preparation)}`,
      label: 'Change (negative lowers it)',
      quantity: 'degrees' as const,
      make: (byC: number): SlabChange => ({ what: 'end point', preparation, byC }),
    })),
    ...plan.pots.map(({ preparation, name }) => ({
      text: `Amount of ${name}`,
      label: 'Change, % (negative for less)',
      make: (by: number): SlabChange => ({ what: 'amount', preparation, factor: Math.max(0.05, 1 + by / 100) }),
    })),
    ...plan.steps.flatMap(({ id, of, text }) =>
      plan.pots.some(({ preparation }) => preparation === of)
        ? [
            {
              text: `Time for "${text}"`,
              label: 'Change, min (negative for shorter)',
              make: (by: number): SlabChange => ({
                what: 'minutes',
                preparation: of,
                step: id.slice(of.length + 1).replace(/#.*$/, ''),
                byMinutes: by,
              }),
            },
          ]
        : [],
    ),
    ...plan.layers.map(({ id, name }) => ({
      text: `Setting time of ${name}`,
      label: 'Change, min (negative for shorter)',
      make: (by: number): SlabChange => ({ what: 'set', layer: id, byMinutes: by }),
    })),
  ]);
  const potName = (id: string) => plan.pots.find(({ preparation }) => preparation === id)?.name ?? id;

  let chosen = $state('');
  let by: number | null = $state(null);
  let why = $state('');
  const typed: Record<string, string> = $state({});
  const LIMITS = { min: -600, max: 600 };
  const TIN = 'tin ';
  const tin = $derived(chosen.startsWith(TIN) ? rack.find(({ id }) => `${TIN}${id}` === chosen) : undefined);
  const choice = $derived(chosen === '' || tin ? undefined : choices[Number(chosen)]);
  const change = $derived.by((): SlabChange | null => {
    if (tin) return { what: 'tins', tins: [{ tin: tin.tin, count: 1 }] };
    return choice && by !== null && by !== 0 ? choice.make(by) : null;
  });

  function note() {
    if (!change || why.trim() === '') return;
    onnote(change, why.trim());
    chosen = '';
    by = null;
    why = '';
  }
</script>

<div class="fields">
  <Select
    size="xl"
    labelText="What to change"
    selected={chosen}
    on:change={(event) => (chosen = (event.target as HTMLSelectElement).value)}
  >
    <SelectItem value="" text="Choose what to change" />
    {#each choices as { text }, i (i)}<SelectItem value={String(i)} {text} />{/each}
    {#each rack as { id, name, tin: its } (id)}
      <SelectItem value="{TIN}{id}" text="Use the {name}, {tinInWords(asTin(its), figures)}" />
    {/each}
  </Select>
  {#if choice}
    <NumberField
      label={choice.label}
      quantity={choice.quantity}
      limits={LIMITS}
      optional
      value={by}
      name="next-by"
      {typed}
      onvalue={(value) => (by = value)}
    />
  {/if}
  {#if chosen !== ''}
    <TextInput size="xl" labelText="Reason" placeholder="for example, too hard to bite" bind:value={why} />
    <Button disabled={!change || why.trim() === ''} on:click={note}>Add for next time</Button>
  {/if}
</div>

<style>
  .fields {
    display: grid;
    gap: 0.6rem;
    align-items: end;
  }
</style>
