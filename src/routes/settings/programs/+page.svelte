<!-- Access for other programs: tokens, made and revoked here, and where the services are described. -->
<script lang="ts">
  import { Button, CodeSnippet, Select, SelectItem, Table, TextInput } from 'carbon-components-svelte';
  import { invalidateAll } from '$app/navigation';
  import { ask, problemAt } from '$lib/api';
  import { confirmation } from '$lib/forms/confirm.svelte';
  import { shopDates } from '$lib/format/shopDates';
  import EmptyState from '$lib/ui/EmptyState.svelte';
  import Notice from '$lib/ui/Notice.svelte';
  import type { ProblemMessage } from '$wording/problems';

  let { data } = $props();
  const dates = $derived(shopDates());
  const ACCESS = { read: 'Read and calculate', full: 'Read, calculate and change' } as const;
  let name = $state('');
  let access: keyof typeof ACCESS = $state('read');
  let problems: readonly ProblemMessage[] = $state.raw([]);
  /** The token that was just made: it is shown once. */
  let made: { readonly name: string; readonly token: string } | null = $state.raw(null);

  async function make() {
    const answer = await ask<{ token: string }>('POST', '/api/tokens', { name, access });
    problems = answer.ok ? [] : answer.problems;
    if (!answer.ok) return;
    made = { name, token: answer.value.token };
    name = '';
    await invalidateAll();
  }
  async function revoke(token: (typeof data.tokens)[number]) {
    const isSure = await confirmation.ask(
      `Revoke the token of ${token.name}? The program is refused from then on, and the token cannot be restored.`,
      'Revoke token',
    );
    if (!isSure) return;
    const answer = await ask('DELETE', `/api/tokens/${token.id}`);
    problems = answer.ok ? [] : answer.problems;
    await invalidateAll();
  }
</script>

<svelte:head><title>Other programs - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head">
    <h1>Other programs</h1>
    <div class="acts">
      <Button size="small" kind="tertiary" href="/settings/services">Description of the services</Button>
      <Button size="small" kind="ghost" href="/settings">Settings</Button>
    </div>
  </div>
  <p>
    A web shop, a spreadsheet or a till can read and change what is kept here. Each gets a token of its own, which can
    be revoked without touching the others.
    {#if !data.hasPassphrase}This server has no passphrase, so that programs on this machine need no token.{/if}
  </p>
  <section class="panel" aria-label="New token">
    <form
      onsubmit={(event) => {
        event.preventDefault();
        void make();
      }}
    >
      <TextInput
        size="sm"
        labelText="Name of the program"
        maxlength={100}
        bind:value={name}
        invalid={problemAt(problems, '/name') !== ''}
        invalidText={problemAt(problems, '/name')}
      />
      <Select size="sm" labelText="Access" bind:selected={access}>
        {#each Object.entries(ACCESS) as [value, text] (value)}<SelectItem {value} {text} />{/each}
      </Select>
      <Button size="small" type="submit">Create token</Button>
    </form>
    {#if problems.some(({ path }) => path !== '/name')}<Notice harm title="Not done" {problems} />{/if}
    {#if made}
      <div class="made" role="status">
        <p><b>Copy the token of {made.name} now.</b> It is not stored and is not shown again.</p>
        <CodeSnippet code={made.token} copyLabel="Copy token" />
        <p class="quiet">
          Programs send it with every request: <code>Authorization: Bearer {made.token.slice(0, 14)}…</code>
        </p>
      </div>
    {/if}
  </section>
  {#if data.tokens.length === 0}
    <div class="panel"><EmptyState title="No tokens"><p>No other program has access with a token.</p></EmptyState></div>
  {:else}
    <div class="scroll">
      <Table size="compact" class="table">
        <thead>
          <tr
            ><th>Program</th><th>Access</th><th>Created</th><th>Last used</th><th><span class="unseen">Revoke</span></th
            ></tr
          >
        </thead>
        <tbody>
          {#each data.tokens as token (token.id)}
            <tr>
              <td><b>{token.name}</b></td>
              <td>{ACCESS[token.access]}</td>
              <td class="figures">{dates.dayOf(Date.parse(token.madeAt))}</td>
              <td class="figures">{token.usedAt === null ? 'never' : dates.moment(Date.parse(token.usedAt))}</td>
              <td>
                <Button size="small" kind="danger-ghost" on:click={() => void revoke(token)}
                  >Revoke<span class="unseen"> the token of {token.name}</span></Button
                >
              </td>
            </tr>
          {/each}
        </tbody>
      </Table>
    </div>
  {/if}
</div>

<style>
  .acts,
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    align-items: end;
  }

  section {
    padding: 0.8rem 0.9rem;
    margin-bottom: 0.9rem;
  }

  form > :global(.bx--form-item) {
    flex: 0 1 16rem;
  }

  .made {
    margin-top: 0.8rem;
    padding-top: 0.6rem;
    border-top: 1px solid var(--rule);
  }

  .scroll {
    overflow-x: auto;
    position: relative;
  }
</style>
