<!-- A caution, or an error with what to do about it. -->
<script lang="ts">
  import { InlineNotification } from 'carbon-components-svelte';
  import type { Snippet } from 'svelte';

  interface Props {
    /** An error; otherwise a caution. */
    harm?: boolean;
    title?: string;
    problems?: readonly { path?: string; message: string }[];
    /** Returns the place of a path in words. */
    nameOf?: (path: string) => string;
    children?: Snippet;
  }
  let { harm = false, title = '', problems = [], nameOf = (path) => path, children }: Props = $props();

  const MAX_SHOWN = 8;
  const sentences = $derived(problems.slice(0, MAX_SHOWN));
</script>

<InlineNotification
  lowContrast
  hideCloseButton
  kind={harm ? 'error' : 'warning-alt'}
  {title}
  role={harm ? 'alert' : 'status'}
>
  <div class="text">
    {#if sentences.length > 0}
      <ul>
        {#each sentences as { path, message }, at (at)}<li>
            {message}{#if path}<span class="quiet">{` (${nameOf(path)})`}</span>{/if}
          </li>{/each}
        {#if problems.length > MAX_SHOWN}<li>and {problems.length - MAX_SHOWN} more</li>{/if}
      </ul>
    {/if}
    {@render children?.()}
  </div>
</InlineNotification>

<style>
  .text {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem 0.8rem;
    align-items: center;
  }
</style>
