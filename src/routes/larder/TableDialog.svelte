<!-- Import of the larder or its prices from a table: first a preview, then the change. -->
<script lang="ts">
  import { Button, FileUploaderButton, Modal, RadioButton, RadioButtonGroup, Table } from 'carbon-components-svelte';
  import { ask, csv } from '$lib/api';
  import type { ProblemMessage } from '$wording/problems';
  import type { LarderChanges, LarderTable } from '$lib/server/larderTable';
  import Notice from '$lib/ui/Notice.svelte';

  let { ondone, onleave }: { ondone: () => void; onleave: () => void } = $props();

  let open = $state(true);
  let table = $state<LarderTable>('prices');
  let file = $state('');
  let text = $state('');
  let changes = $state.raw<(LarderChanges & { readonly stamp: string }) | null>(null);
  let problems: readonly ProblemMessage[] = $state.raw([]);
  let taken = $state(false);

  const touched = $derived(changes ? changes.added.length + changes.changed.length : 0);
  const MAX_SHOWN = 40;

  async function look() {
    if (text === '') return;
    problems = [];
    taken = false;
    const answer = await ask<typeof changes>('POST', `/api/larder/table/${table}`, csv(text));
    if (answer.ok) changes = answer.value;
    else problems = answer.problems;
  }

  async function choose(found: File | undefined) {
    if (!found) return;
    file = found.name;
    text = await found.text();
    await look();
  }

  async function take() {
    if (!changes || touched === 0) return;
    const answer = await ask('PUT', `/api/larder/table/${table}?stamp=${changes.stamp}`, csv(text));
    if (!answer.ok) {
      // The larder changed meanwhile: shows a new preview before anything is applied.
      if (answer.status === 409) await look();
      problems = answer.problems;
      return;
    }
    taken = true;
    ondone();
  }

  const rowProblem = ({ path, message }: ProblemMessage) =>
    path === '' ? message : `${path.slice(1).replaceAll('/', ' ').replaceAll('_', ' ')}: ${message}`;
</script>

<Modal
  bind:open
  modalHeading="Import and export"
  primaryButtonText={taken ? 'Done' : touched > 0 ? `Update ${touched} in the larder` : 'Update the larder'}
  primaryButtonDisabled={touched === 0}
  secondaryButtonText="Cancel"
  hasScrollingContent
  on:click:button--secondary={onleave}
  on:close={onleave}
  on:submit={taken ? onleave : take}
>
  <RadioButtonGroup
    legendText="Table"
    selected={table}
    on:change={(event) => {
      table = event.detail as LarderTable;
      changes = null;
      void look();
    }}
  >
    <RadioButton value="prices" labelText="Prices, one row per pack" />
    <RadioButton value="larder" labelText="Larder, one row per ingredient" />
  </RadioButtonGroup>
  <p class="acts">
    <Button size="small" kind="tertiary" href="/api/larder/table/{table}" download="{table}.csv">Export as CSV</Button>
    <FileUploaderButton
      kind="tertiary"
      labelText="Choose a CSV file"
      disableLabelChanges
      aria-label="CSV file"
      accept={['.csv', 'text/csv']}
      on:change={({ detail }) => choose(detail[0])}
    />
    <span class="quiet">{file}</span>
  </p>
  <p class="quiet">Empty cells leave the larder as it is. You can review all changes before you apply them.</p>
  {#if problems.length > 0}<Notice harm problems={problems.map(({ message }) => ({ message }))} />{/if}
  {#if taken}<p role="status"><b>The larder is updated.</b></p>{/if}
  {#if changes}
    <p role="status" class="figures">
      <b>{changes.added.length}</b> new, <b>{changes.changed.length}</b> changed, {changes.same} unchanged{#if changes.bad.length > 0},
        <b class="harm">{changes.badCount} {changes.badCount === 1 ? 'row' : 'rows'} rejected</b>{/if}.
    </p>
    {#if changes.bad.length > 0}
      <Notice
        harm
        problems={changes.bad.map(({ row, problems }) => ({
          message: `Row ${row}: ${problems.map(rowProblem).join('; ')}`,
        }))}
      />
    {/if}
    {#if touched > 0}
      <Table size="compact" class="table">
        <thead><tr><th>Ingredient</th><th>Field</th><th>Before</th><th>After</th></tr></thead>
        <tbody>
          {#each changes.changed.slice(0, MAX_SHOWN) as { name, fields } (name)}
            {#each fields as { field, before, after }, i (field)}
              <tr
                ><td>{i === 0 ? name : ''}</td><td>{field.replaceAll('_', ' ')}</td><td class="quiet"
                  >{before || '-'}</td
                ><td><b>{after || '-'}</b></td></tr
              >
            {/each}
          {/each}
          {#each changes.added.slice(0, MAX_SHOWN) as name (name)}<tr><td>{name}</td><td colspan="3">new</td></tr
            >{/each}
        </tbody>
      </Table>
      {#if touched > 2 * MAX_SHOWN}<p class="quiet">The first {MAX_SHOWN} of each are shown.</p>{/if}
    {/if}
  {/if}
</Modal>

<style>
  p {
    margin: 0.6rem 0;
  }

  .acts {
    display: flex;
    gap: 0.6rem;
    align-items: center;
  }

  .harm {
    color: var(--harm);
  }
</style>
