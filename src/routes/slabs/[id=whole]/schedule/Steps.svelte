<!-- Editor for the steps of every mixture. -->
<script lang="ts">
  import { Accordion, AccordionItem, Button } from 'carbon-components-svelte';
  import { freshId, moved, withPreparation, type Step } from '$core/slab';
  import { stepsOf } from '$core/time';
  import { writtenSteps } from '$wording/steps';
  import { formatDuration } from '$lib/format/figures';
  import { slabWork } from '$lib/draft/slabContext';
  import Reorder from '$lib/ui/Reorder.svelte';
  import StepFields from './StepFields.svelte';
  import { shopFigures } from '$lib/format/shopFigures';
  const figures = $derived(shopFigures());

  const work = slabWork();
  const { draft } = work;
  const preparations = $derived(draft.slab.preparations);

  const keep = (p: number, steps: readonly Step[], field = '') =>
    draft.change(withPreparation(draft.slab, p, { steps: steps.length > 0 ? steps : undefined }), field);

  function add(p: number, steps: readonly Step[]) {
    const last = steps.at(-1);
    const step: Step = {
      id: freshId('s', steps),
      text: 'Next step',
      minutes: 5,
      hands: 'busy',
      ...(last ? { after: [last.id] } : {}),
    };
    keep(p, [...steps, step]);
  }

  /** Reordered steps follow those before them; links to steps that now come later are removed. */
  function inOrder(steps: readonly Step[]): Step[] {
    return steps.map((step, at) => {
      const before = new Set(steps.slice(0, at).map(({ id }) => id));
      const after = (step.after ?? []).filter((id) => before.has(id));
      const last = steps[at - 1];
      return { ...step, after: after.length > 0 || !last ? after : [last.id] };
    });
  }

  /** When a step is removed, its followers depend on its predecessors. */
  function without(p: number, steps: readonly Step[], gone: Step) {
    const after = (ids: readonly string[] = []) => [
      ...new Set(ids.flatMap((id) => (id === gone.id ? (gone.after ?? []) : [id]))),
    ];
    draft.forgetTyped(`${preparations[p]!.id} step`);
    keep(
      p,
      steps.filter(({ id }) => id !== gone.id).map((step) => ({ ...step, after: after(step.after) })),
    );
  }
</script>

<h2>Steps</h2>
{#each preparations as preparation, p (preparation.id)}
  {@const steps = writtenSteps(stepsOf(preparation), figures)}
  {@const written = (preparation.steps ?? []).length > 0}
  <div class="panel">
    <Accordion size="sm">
      <AccordionItem>
        <span slot="title"
          ><b>{preparation.name}</b>
          <span class="quiet"
            >{steps.length === 1 ? 'one step' : `${steps.length} steps`}, {formatDuration(
              steps.reduce((sum, { minutes }) => sum + minutes, 0),
            )}{written ? '' : '; typical steps. Edit one to make them your own'}</span
          ></span
        >
        <Reorder
          items={steps}
          label="Steps of {preparation.name}"
          nameOf={({ text }) => text}
          onorder={(from, to) => keep(p, inOrder(moved(steps, from, to)))}
        >
          {#snippet row(step, s)}
            <StepFields
              {step}
              others={steps.filter(({ id }) => id !== step.id)}
              cooked={preparation.cookTo !== undefined}
              name="{preparation.id} step {step.id}"
              onchange={(part) =>
                keep(
                  p,
                  steps.map((other, at) => (at === s ? { ...other, ...part } : other)),
                  `${preparation.id} step ${step.id}`,
                )}
              onremove={() => without(p, steps, step)}
            />
          {/snippet}
        </Reorder>
        <p><Button size="small" kind="tertiary" on:click={() => add(p, steps)}>Add a step</Button></p>
      </AccordionItem>
    </Accordion>
  </div>
{/each}

<style>
  h2 {
    margin: 1rem 0 0.3rem;
  }

  .panel {
    margin-bottom: 0.4rem;
  }

  p {
    margin-top: 0.5rem;
  }
</style>
