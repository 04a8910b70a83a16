<!-- The slab without an allergen: substitutes from the larder, and what else changes. -->
<script lang="ts">
  import { openLineText, SUBSTITUTION_FIGURES } from '$wording/label';
  import { Button, InlineLoading, Select, SelectItem, Table } from 'carbon-components-svelte';
  import { ask } from '$lib/api';
  import { formatDuration } from '$lib/format/figures';
  import { money } from '$lib/format/money';
  import { shopFigures } from '$lib/format/shopFigures';
  import { slabWork } from '$lib/draft/slabContext';
  import Notice from '$lib/ui/Notice.svelte';
  import { LEFT_OUT, type Measure, type WithoutAllergen } from '$core/usecases';
  import type { ProblemMessage } from '$wording/problems';

  let { carried }: { carried: readonly string[] } = $props();

  const work = slabWork();
  const figures = $derived(shopFigures());
  let wanted = $state('');
  const allergen = $derived(carried.includes(wanted) ? wanted : (carried[0] ?? ''));
  let found = $state.raw<WithoutAllergen | null>(null);
  let problems: readonly ProblemMessage[] = $state.raw([]);
  let busy = $state(false);

  /** Answers by the place of a line. */
  let answers: Readonly<Record<string, string>> = $state.raw({});
  const NONE = 'none';
  const LEAVE_OUT = 'leave out';

  function choose(where: string, chosen: string) {
    const { [where]: _, ...others } = answers;
    answers = chosen === NONE ? others : { ...others, [where]: chosen === LEAVE_OUT ? LEFT_OUT : chosen };
    void look();
  }

  async function look() {
    busy = true;
    const answer = await ask<WithoutAllergen>('POST', '/api/free-from', {
      slab: $state.snapshot(work.draft.slab),
      allergen,
      answers,
    });
    busy = false;
    found = answer.ok ? answer.value : null;
    problems = answer.ok ? [] : answer.problems;
  }

  async function keep() {
    if (!found) return;
    const answer = await ask<{ id: number }>('POST', '/api/slabs', found.slab);
    // The new slab has its own draft.
    if (answer.ok) location.assign(`/slabs/${answer.value.id}/label`);
    else problems = answer.problems;
  }

  function say({ unit }: Measure, value: number | null): string {
    if (value === null) return 'unknown';
    if (unit === 'percent') return `${value.toFixed(1)} %`;
    if (unit === 'money') return money(value, work.plan.cost.currency);
    if (unit === 'g') return figures.mass.say(value);
    if (unit === 'min') return formatDuration(value);
    return `${value.toFixed(0)} kcal`;
  }
</script>

<section class="panel without" aria-label="Without an allergen">
  <div class="ask">
    {#if carried.length === 0}
      <p>This slab contains no declared allergens.</p>
    {:else}
      <Select
        size="sm"
        labelText="Make it without"
        selected={allergen}
        on:change={(event) => ((wanted = (event.target as HTMLSelectElement).value), (found = null), (answers = {}))}
      >
        {#each carried as name (name)}<SelectItem value={name} text={name} />{/each}
      </Select>
      <Button size="small" kind="tertiary" disabled={busy} on:click={look}>Show substitutions</Button>
      {#if busy}<InlineLoading description="Calculating…" />{/if}
    {/if}
  </div>
  {#if problems.length > 0}<Notice harm {problems} />{/if}
  {#if found}
    {@const { swaps, open, changes } = found}
    <ul role="status">
      {#each swaps as { where, preparation, from, to, ratio, changes: what } (where)}
        <li>
          {#if to === null}<b>{from}</b> in {preparation} is removed.
          {:else}
            <b>{to}</b> for {from} in {preparation}{#if ratio !== 1}, {ratio} g per gram replaced{/if}{#if what !== ''}: {what}{/if}.
          {/if}
          {#if where in answers}<Button size="small" kind="ghost" on:click={() => choose(where, NONE)}
              >Undo<span class="unseen"> for {from}</span></Button
            >{/if}
        </li>
      {/each}
      {#each open as { where, preparation, ingredient, tried, isUnknown, others } (where)}
        <li class="harm">
          <b>{ingredient}</b> in {preparation} has no substitute yet: {openLineText({ tried, isUnknown })}.
          <Select
            size="sm"
            labelText="Instead of {ingredient}"
            selected={NONE}
            on:change={(event) => choose(where, (event.target as HTMLSelectElement).value)}
          >
            <SelectItem value={NONE} text="Choose" />
            <SelectItem value={LEAVE_OUT} text="Remove it" />
            {#each others as other (other)}<SelectItem value={other} text="More {other}" />{/each}
          </Select>
        </li>
      {/each}
    </ul>
    {#if changes.length > 0}
      <Table size="compact" class="table">
        <thead><tr><th>Other changes</th><th class="num">Now</th><th class="num">After</th></tr></thead>
        <tbody>
          {#each changes as change (change.what)}
            <tr
              ><td>{SUBSTITUTION_FIGURES[change.what]}</td><td class="num quiet">{say(change, change.before)}</td><td
                class="num">{say(change, change.after)}</td
              ></tr
            >
          {/each}
        </tbody>
      </Table>
    {/if}
    <p class="act">
      <Button size="small" disabled={open.length > 0} on:click={keep}>Save as a new slab</Button>
      <span class="quiet"
        >{open.length > 0
          ? 'Every line above needs a substitute first.'
          : 'The new slab is marked as free from it and checked for it. Shared boards and knives carry traces: wash them first.'}</span
      >
    </p>
  {/if}
</section>

<style>
  .without {
    display: grid;
    gap: 0.5rem;
    padding: 0.6rem 0.8rem;
  }

  .ask {
    display: grid;
    grid-template-columns: 1fr auto auto;
    gap: 0.6rem;
    align-items: end;
  }

  li,
  p {
    font-size: 0.92rem;
  }

  .harm {
    color: var(--harm);
  }

  .act {
    display: flex;
    gap: 0.8rem;
    align-items: center;
  }
</style>
