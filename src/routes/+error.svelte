<script lang="ts">
  import { page } from '$app/state';
</script>

<svelte:head><title>{page.status} - Knife Tray</title></svelte:head>
<div class="page">
  <h1>{page.status === 404 ? 'Not on this shelf' : 'That went wrong'}</h1>
  <p>{page.error?.message}.</p>
  {#if page.error?.id}<p class="quiet">If you ask about it, quote {page.error.id}.</p>{/if}
  <p><a href="/slabs">To the slabs</a></p>
</div>
