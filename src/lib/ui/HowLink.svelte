<!-- Link to the explanation of the figures beside it. -->
<script lang="ts">
  import Help from 'carbon-icons-svelte/lib/Help.svelte';

  interface Props {
    /** Section of that page. */
    to: string;
  }
  let { to }: Props = $props();
</script>

<a href="/how#{to}" aria-label="How it is calculated" title="How it is calculated"
  ><Help size={16} aria-hidden="true" /></a
>

<style>
  a {
    display: inline-grid;
    place-items: center;
    width: 28px;
    height: 28px;
    color: var(--quiet);
    flex: none;
  }

  a:hover {
    color: var(--primary);
  }
</style>
