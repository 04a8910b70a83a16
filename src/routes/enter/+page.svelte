<!-- Sign-in with the shop's passphrase, for an application that is open to the network. -->
<script lang="ts">
  import { Button, PasswordInput } from 'carbon-components-svelte';
  import { page } from '$app/state';
  import type { ProblemMessage } from '$wording/problems';
  import { ask, problemAt } from '$lib/api';

  let passphrase = $state('');
  let problems: readonly ProblemMessage[] = $state.raw([]);
  let busy = $state(false);

  /** The page that asked for the passphrase, otherwise the list of slabs. */
  function returnTo(): string {
    const to = page.url.searchParams.get('to') ?? '';
    return /^\/(?!\/)[\w/-]*$/.test(to) ? to : '/slabs';
  }

  async function enter(event: SubmitEvent) {
    event.preventDefault();
    if (busy) return;
    busy = true;
    const answer = await ask('POST', '/api/enter', { passphrase });
    busy = false;
    if (answer.ok) location.assign(returnTo());
    else problems = answer.problems;
  }
</script>

<svelte:head><title>Sign in - Knife Tray</title></svelte:head>

<div class="page">
  <form class="panel" onsubmit={enter}>
    <h1>Knife Tray</h1>
    <PasswordInput
      labelText="Shop passphrase"
      autocomplete="current-password"
      bind:value={passphrase}
      invalid={problems.length > 0}
      invalidText={problemAt(problems, '/passphrase') || (problems[0]?.message ?? '')}
    />
    <Button type="submit" disabled={passphrase === ''}>Sign in</Button>
    {#if page.url.protocol === 'https:'}
      <a href="/trust">Set up this device</a>
    {/if}
  </form>
</div>

<style>
  form {
    display: grid;
    gap: 1rem;
    justify-items: start;
    max-width: 26rem;
    margin: 3rem auto;
    padding: 1.5rem;
  }

  form :global(.bx--form-item) {
    width: 100%;
  }
</style>
