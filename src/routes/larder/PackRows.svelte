<!-- Packs of an ingredient with their prices. -->
<script lang="ts">
  import { Button, TextInput } from 'carbon-components-svelte';
  import type { Pack } from '$core/larder';
  import type { Expected } from '$core/measure';
  import type { ProblemMessage } from '$wording/problems';
  import { larderLimits } from '$lib/limits/fieldLimits';
  import { problemAt } from '$lib/api';
  import DayField from '$lib/ui/DayField.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';

  interface Props {
    packs: readonly Partial<Pack>[];
    /** What a pack can be entered in besides its mass: 1 L, a dozen. */
    countable: Pick<Expected, 'densityGPerMl' | 'piece'>;
    /** The shop's currency. */
    currency: string;
    typed: Record<string, string>;
    problems: readonly ProblemMessage[];
    onpacks: (packs: readonly Pack[]) => void;
  }
  let { packs, countable, currency, typed, problems, onpacks }: Props = $props();

  const set = (at: number, part: Partial<Pack>) =>
    onpacks(packs.map((pack, i) => (i === at ? { ...pack, ...part } : pack)) as Pack[]);
  const first = (at: number) => onpacks([packs[at], ...packs.filter((_, i) => i !== at)] as Pack[]);
</script>

{#each packs as pack, at (at)}
  <div class="pack">
    <TextInput
      size="sm"
      labelText="Pack"
      value={pack.name ?? ''}
      on:input={(event) => set(at, { name: String(event.detail ?? '') })}
      invalid={problemAt(problems, `/packs/${at}/name`) !== ''}
      invalidText={problemAt(problems, `/packs/${at}/name`)}
    />
    <NumberField
      label="Net weight"
      quantity="mass"
      {countable}
      value={pack.massG}
      limits={larderLimits('packs.massG')}
      problem={problemAt(problems, `/packs/${at}/massG`)}
      name="pack {at} mass"
      {typed}
      onvalue={(value) => set(at, { massG: value ?? undefined })}
    />
    <NumberField
      label={pack.currency ? `Price, ${pack.currency}` : 'Price'}
      helper={pack.currency ? `Enter it in ${currency}` : ''}
      optional
      value={pack.price}
      limits={larderLimits('packs.price')}
      name="pack {at} price"
      {typed}
      onvalue={(value) => set(at, { price: value ?? undefined, currency: undefined })}
    />
    <DayField
      label="Price since"
      optional
      value={pack.pricedOn ?? ''}
      name="pack {at} since"
      problem={problemAt(problems, `/packs/${at}/pricedOn`)}
      {typed}
      onvalue={(day) => set(at, { pricedOn: day ?? undefined })}
    />
    <TextInput
      size="sm"
      labelText="Supplier"
      value={pack.supplier ?? ''}
      maxlength={100}
      on:input={(event) => set(at, { supplier: String(event.detail ?? '') || undefined })}
    />
    <Button kind="ghost" size="small" disabled={at === 0} on:click={() => first(at)}>Move to top</Button>
    <Button kind="ghost" size="small" on:click={() => onpacks(packs.filter((_, i) => i !== at) as Pack[])}
      >Remove</Button
    >
  </div>
{/each}
<Button kind="tertiary" size="small" on:click={() => onpacks([...packs, { name: '' }] as Pack[])}>Add a pack</Button>

<style>
  .pack {
    display: grid;
    grid-template-columns: 4.4fr 2.4fr 2fr 3.4fr 2.8fr max-content max-content;
    gap: 0.4rem;
    align-items: end;
    margin-bottom: 0.5rem;
  }

  .pack :global(.bx--btn) {
    padding: 0 0.4rem;
  }
</style>
