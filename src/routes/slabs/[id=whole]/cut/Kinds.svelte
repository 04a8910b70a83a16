<!-- Several piece types from one slab: values and counts, and the best cut found. -->
<script lang="ts">
  import { mixedRefusalText } from '$wording/cut';
  import { Button, Checkbox, InlineLoading, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import Add from 'carbon-icons-svelte/lib/Add.svelte';
  import TrashCan from 'carbon-icons-svelte/lib/TrashCan.svelte';
  import { onDestroy } from 'svelte';
  import { invalidateAll } from '$app/navigation';
  import { page } from '$app/state';
  import { ask } from '$lib/api';
  import { proposedSizes, type MixedAnswer, type ProposedSizes } from '$core/fit';
  import type { CutSpec } from '$core/slab';
  import { kindsOf, mixedQuestion, stripsOfAnswer } from '$core/usecases';
  import { slabLimits } from '$lib/limits/fieldLimits';
  import { percent } from '$lib/format/figures';
  import { shopFigures } from '$lib/format/shopFigures';
  import { slabWork } from '$lib/draft/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';
  import Notice from '$lib/ui/Notice.svelte';
  import MixedWorker from '$lib/workers/mixed.worker?worker';
  import type { MixedAsked, MixedReply } from '$lib/workers/mixed.worker';

  interface Props {
    cut: CutSpec;
    onchange: (part: Partial<CutSpec>, field: string) => void;
  }
  let { cut, onchange }: Props = $props();

  const figures = $derived(shopFigures());
  const work = slabWork();
  const { draft } = work;
  type Kind = NonNullable<CutSpec['kinds']>[number];
  const kinds = $derived(cut.kinds ?? []);
  const SECONDS = 10;

  let worker: Worker | null = null;
  let busy = $state(false);
  let answer: MixedAnswer | null = $state.raw(null);
  let failed = $state(false);
  /** The question asked, so that its answer is not shown for another. */
  let askedFor = $state('');
  const now = $derived(JSON.stringify([kinds, cut.trimMm, cut.kerfMm]));

  function set(at: number, part: Partial<Kind>, field: string) {
    onchange({ kinds: kinds.map((kind, i) => (i === at ? { ...kind, ...part } : kind)) }, `kind ${at} ${field}`);
  }
  /** Saved piece types that this slab does not have yet. */
  const remembered = $derived(
    (work.shop.pieceKinds ?? []).filter(({ name }) => !kinds.some((kind) => kind.name === name)),
  );
  const isRemembered = ({ name, lengthMm, widthMm, value }: Kind) =>
    (work.shop.pieceKinds ?? []).some(
      (kind) => kind.name === name && kind.lengthMm === lengthMm && kind.widthMm === widthMm && kind.price === value,
    );
  let refused = $state('');
  /** Saves the piece type for the shop, under its name. */
  async function remember({ name, lengthMm, widthMm, value }: Kind) {
    const others = (work.shop.pieceKinds ?? []).filter((kind) => kind.name !== name);
    const pieceKinds = [...others, { name, lengthMm, widthMm, price: value }];
    const answer = await ask('PUT', '/api/shop', {
      revision: page.data.shopRevision as number,
      settings: { pieceKinds },
    });
    refused = answer.ok ? '' : (answer.problems[0]?.message ?? '');
    if (answer.ok) await invalidateAll();
  }
  function addRemembered(name: string) {
    const kind = remembered.find((kind) => kind.name === name);
    if (kind) addKind({ ...kind, value: kind.currency === undefined ? kind.price : undefined });
  }
  function add() {
    const first = kinds.length === 0;
    addKind({ name: first ? 'Finger' : 'Square', lengthMm: first ? 75 : 50, widthMm: first ? 25 : 50 });
  }
  function addKind({ name, lengthMm, widthMm, value }: Omit<Kind, 'id'>) {
    const id = `kind-${Math.max(0, ...kinds.map((kind) => Number(/\d+$/.exec(kind.id)?.[0] ?? 0))) + 1}`;
    onchange({ kinds: [...kinds, { id, name, lengthMm, widthMm, value }] }, 'kinds');
  }

  /** How many of each size are wanted from this slab, to propose sizes for. */
  const WANTED = { min: 1, max: 500 };
  let small = $state(40);
  let large = $state(20);
  const proposals = $derived(
    kinds.length > 0 ? [] : proposedSizes(mixedQuestion(work.plan.slabs[0]!, cut, []), { small, large }),
  );
  function takeSizes(proposal: ProposedSizes) {
    const kind = (id: string, name: string, count: number, size: ProposedSizes['small']): Kind => ({
      ...{ id, name, ...size, least: count, most: count },
    });
    onchange(
      { kinds: [kind('kind-1', 'Small', small, proposal.small), kind('kind-2', 'Large', large, proposal.large)] },
      'kinds',
    );
    find();
  }

  function stop() {
    worker?.terminate();
    worker = null;
    busy = false;
  }
  onDestroy(stop);

  function find() {
    stop();
    busy = true;
    failed = false;
    answer = null;
    askedFor = now;
    worker = new MixedWorker();
    worker.addEventListener('message', ({ data }: MessageEvent<MixedReply>) => {
      if ('failed' in data) {
        failed = true;
        stop();
        return;
      }
      answer = data.answer;
      if (data.done) stop();
      if (answer.value !== null) onchange({ strips: stripsOfAnswer(answer, cut) }, 'mixed');
    });
    worker.addEventListener('error', () => {
      failed = true;
      stop();
    });
    const question = mixedQuestion(work.plan.slabs[0]!, cut, kindsOf(cut));
    const asked: MixedAsked = { question, seconds: SECONDS };
    worker.postMessage(JSON.parse(JSON.stringify(asked)));
  }
</script>

{#if kinds.length === 0}
  <div class="wanted">
    <NumberField
      label="Small pieces"
      value={small}
      limits={WANTED}
      name="wanted small"
      typed={draft.typed}
      onvalue={(count) => count !== null && (small = count)}
    />
    <NumberField
      label="Large pieces, twice the size"
      value={large}
      limits={WANTED}
      name="wanted large"
      typed={draft.typed}
      onvalue={(count) => count !== null && (large = count)}
    />
    {#if proposals.length > 0}<p class="quiet">Sizes for this slab:</p>{/if}
    {#each proposals as proposal (JSON.stringify(proposal))}
      <Button size="small" kind="tertiary" on:click={() => takeSizes(proposal)}>
        {figures.size(proposal.small.lengthMm, proposal.small.widthMm)} and {figures.size(
          proposal.large.lengthMm,
          proposal.large.widthMm,
        )}, {percent(proposal.wasteShare)} waste
      </Button>
    {/each}
  </div>
{/if}
<ul>
  {#each kinds as kind, at (kind.id)}
    <li>
      <div class="fields">
        <TextInput
          size="sm"
          labelText="Piece type {at + 1}"
          maxlength={200}
          value={kind.name}
          on:input={({ detail }) => {
            const name = String(detail ?? '');
            if (name.trim() !== '') set(at, { name }, 'name');
          }}
        />
        <NumberField
          label="Length"
          quantity="length"
          value={kind.lengthMm}
          limits={slabLimits('cut.kinds.lengthMm')}
          name="kind {at} length"
          typed={draft.typed}
          onvalue={(lengthMm) => lengthMm !== null && set(at, { lengthMm }, 'length')}
        />
        <NumberField
          label="Width"
          quantity="length"
          value={kind.widthMm}
          limits={slabLimits('cut.kinds.widthMm')}
          name="kind {at} width"
          typed={draft.typed}
          onvalue={(widthMm) => widthMm !== null && set(at, { widthMm }, 'width')}
        />
        <NumberField
          label="Value per piece, {work.shop.currency} (optional)"
          optional
          value={kind.value ?? null}
          limits={slabLimits('cut.kinds.value')}
          name="kind {at} value"
          typed={draft.typed}
          onvalue={(value) => set(at, { value: value ?? undefined }, 'value')}
        />
        <NumberField
          label="Minimum"
          optional
          value={kind.least ?? null}
          limits={slabLimits('cut.kinds.least')}
          name="kind {at} least"
          typed={draft.typed}
          onvalue={(least) => set(at, { least: least ?? undefined }, 'least')}
        />
        <NumberField
          label="Maximum"
          optional
          value={kind.most ?? null}
          limits={slabLimits('cut.kinds.most')}
          name="kind {at} most"
          typed={draft.typed}
          onvalue={(most) => set(at, { most: most ?? undefined }, 'most')}
        />
      </div>
      <div class="more">
        <Checkbox
          labelText="may be rotated"
          checked={kind.turn ?? false}
          on:check={({ detail }) => (kind.turn ?? false) !== detail && set(at, { turn: detail || undefined }, 'turn')}
        />
        {#if !isRemembered(kind)}
          <Button size="small" kind="ghost" on:click={() => remember(kind)}>Remember {kind.name}</Button>
        {/if}
        <Button
          size="small"
          kind="ghost"
          icon={TrashCan}
          iconDescription="Remove {kind.name}"
          tooltipPosition="left"
          on:click={() => onchange({ kinds: kinds.filter((_, i) => i !== at), strips: undefined }, 'kinds')}
        />
      </div>
    </li>
  {/each}
</ul>
<p class="row">
  <Button size="small" kind="ghost" icon={Add} on:click={add}>Add piece type</Button>
  {#if remembered.length > 0}
    <Select
      size="sm"
      labelText="Saved piece types"
      hideLabel
      selected=""
      on:change={(event) => addRemembered((event.target as HTMLSelectElement).value)}
    >
      <SelectItem value="" text="Choose a saved piece type" />
      {#each remembered as { name }, i (i)}<SelectItem value={name} text={name} />{/each}
    </Select>
  {/if}
  {#if busy}
    <Button size="small" kind="secondary" on:click={stop}>Stop and use this one</Button>
  {:else}
    <Button size="small" disabled={kinds.length === 0} on:click={find}>Find the best cut</Button>
  {/if}
</p>
<div role="status">
  {#if busy}<InlineLoading description={answer ? 'Found a good cut. Searching for a better one…' : 'Searching…'} />{/if}
  {#if refused}<Notice harm>{refused}</Notice>{/if}
  {#if failed}<Notice harm>The search could not start. Reload the page and try again.</Notice>{/if}
  {#if answer?.refusal}
    <Notice>{mixedRefusalText(answer.refusal)}.</Notice>
  {:else if answer}
    <p class="figures">
      {kinds.map(({ id, name }) => `${answer!.counts[id] ?? 0} ${name}`).join(', ')}: worth
      <b>{answer.value!.toFixed(2)}</b>, {percent(answer.wasteShare)} waste.
      {#if answer.proven}No cut in strips is worth more.{:else if answer.bound !== null && !busy}The best possible cut
        is worth at most {answer.bound.toFixed(2)}.{/if}
    </p>
  {/if}
  {#if cut.strips && askedFor !== '' && askedFor !== now && !busy}
    <Notice>The piece types have changed. Find the best cut again.</Notice>
  {/if}
  {#if kinds.length > 0 && !cut.strips && !busy && !answer}
    <p class="quiet">
      Without a value, a piece counts by its size. Sizes in {figures.length.unit}.
    </p>
  {/if}
</div>

<style>
  .wanted {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    align-items: end;
    margin-bottom: 0.6rem;
  }

  .wanted p {
    flex-basis: 100%;
  }

  li {
    padding-bottom: 0.4rem;
    margin-bottom: 0.4rem;
    border-bottom: 1px solid var(--rule);
  }

  .fields {
    display: grid;
    grid-template-columns: 1.5fr repeat(5, minmax(0, 1fr));
    gap: 0.4rem;
    align-items: end;
  }

  .more {
    display: flex;
    justify-content: space-between;
    align-items: center;
  }

  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    justify-content: space-between;
    align-items: center;
  }

  @media (max-width: 1100px) {
    .fields {
      grid-template-columns: repeat(3, minmax(0, 1fr));
    }
  }
</style>
