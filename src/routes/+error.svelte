<script lang="ts">
  import { page } from '$app/state';
</script>

<svelte:head><title>{page.status} - Knife Tray</title></svelte:head>
<div class="page">
  <h1>{page.status === 404 ? 'Page not found' : 'Something went wrong'}</h1>
  <p>{page.error?.message}.</p>
  {#if page.error?.id}<p class="quiet">If you ask for help, quote {page.error.id}.</p>{/if}
  <p><a href="/slabs">Go to slabs</a></p>
</div>
