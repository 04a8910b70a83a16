<!-- Postpone a step: until when, and what that moves and endangers, before it is confirmed. -->
<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import { untrack } from 'svelte';
  import { page } from '$app/state';
  import {
    previewOf,
    stepsToWaitFor,
    type Happening,
    type RunEvent,
    type RunPlan,
    type RunState,
    type StepNow,
  } from '$core/run';
  import { stepInShort } from '$core/time';
  import { clockTime, nextTime } from '$lib/format/nextTime';
  import { shopDates } from '$lib/format/shopDates';
  import Notice from '$lib/ui/Notice.svelte';
  import TimeField from '$lib/ui/TimeField.svelte';
  import Choices from './Choices.svelte';
  import Sheet from './Sheet.svelte';

  interface Props {
    plan: RunPlan;
    events: readonly RunEvent[];
    run: RunState;
    step: StepNow;
    nowMs: number;
    onpostpone: (happening: Happening) => void;
    onclose: () => void;
  }
  let { plan, events, run, step, nowMs, onpostpone, onclose }: Props = $props();

  const dates = $derived(shopDates());
  const MINUTE_MS = 60_000;
  const MINUTES = [10, 20, 30] as const;
  /** The moment at which the sheet was opened: choices do not move under the hand. */
  const openedMs = untrack(() => nowMs);
  const zone = $derived((page.data.shop as { zone?: string } | undefined)?.zone);

  type Way = '10' | '20' | '30' | 'time' | 'behind';
  let way: Way | null = $state(null);
  let until: number | null = $state(null);
  let behind: string | null = $state(null);
  /** An hour from now, to begin with. */
  let time = $state(untrack(() => clockTime(nowMs + 60 * MINUTE_MS, zone)));
  const typed: Record<string, string> = $state({});

  const others = $derived(stepsToWaitFor(run, step.step.id));
  const chosen = $derived.by((): Happening | null => {
    const base = { kind: 'step-put-off', step: step.step.id } as const;
    if (behind !== null) return { ...base, behind };
    return until === null ? null : { ...base, until: new Date(until).toISOString() };
  });
  const preview = $derived(chosen && previewOf(plan, events, chosen, openedMs));
  const from = $derived(preview?.state.steps.find((own) => own.step.id === step.step.id)?.from ?? null);
  const nameOf = (id: string) => stepInShort(plan.steps.find((own) => own.id === id)?.text ?? id);

  function choose(next: Way) {
    way = next;
    until =
      next === 'behind' ? null : next === 'time' ? nextTime(time, openedMs, zone) : openedMs + Number(next) * MINUTE_MS;
    behind = next === 'behind' ? (others[0]?.step.id ?? null) : null;
  }
</script>

<Sheet title="Postpone: {stepInShort(step.step.text)}" {onclose}>
  <Choices
    label="Until when"
    choices={[
      ...MINUTES.map((minutes) => ({
        id: String(minutes) as Way,
        text: `${minutes} min, ${dates.clock(openedMs + minutes * MINUTE_MS)}`,
      })),
      { id: 'time' as Way, text: 'At a time …' },
      ...(others.length > 0 ? [{ id: 'behind' as Way, text: 'After another step …' }] : []),
    ]}
    chosen={way}
    onchoose={choose}
  />
  {#if way === 'time'}
    <TimeField
      label="At a time"
      value={time}
      name="postpone time"
      {typed}
      onvalue={(next) => {
        if (next !== null) time = next;
        until = next === null ? null : nextTime(next, openedMs, zone);
      }}
    />
  {:else if way === 'behind'}
    <Select
      labelText="After the step"
      selected={behind ?? ''}
      on:change={(event) => (behind = (event.target as HTMLSelectElement).value)}
    >
      {#each others as { step: other } (other.id)}<SelectItem value={other.id} text={stepInShort(other.text)} />{/each}
    </Select>
  {/if}
  {#if preview && from !== null}
    <p role="status" class="figures">
      It then starts at <b>{dates.weekTime(from)}</b>, and the run ends at
      <b>{dates.weekTime(preview.state.endsAt)}</b>{#if preview.laterMinutes >= 1}, {Math.round(preview.laterMinutes)} min
        later{:else}, as before{/if}.
    </p>
    {#each preview.dangers as danger (`${danger.step} ${danger.behind}`)}
      <Notice harm>
        "{nameOf(danger.step)}" would start {Math.round(danger.waitsMinutes)} min after "{nameOf(danger.behind)}" but
        can wait only {Math.round(danger.mostMinutes)} min.
      </Notice>
    {/each}
  {/if}
  <p class="acts">
    <Button disabled={!chosen} on:click={() => chosen && onpostpone(chosen)}>Postpone step</Button>
    <Button kind="ghost" on:click={onclose}>Cancel</Button>
  </p>
</Sheet>

<style>
  .acts {
    display: flex;
    gap: 0.6rem;
  }
</style>
