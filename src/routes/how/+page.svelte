<!-- How it is calculated: every model with its source, its range and its measured accuracy. -->
<script lang="ts">
  let { data } = $props();

  /** Anchor of a section: "Set and Schedule" is #set-and-schedule. */
  const idOf = (at: string) => at.toLowerCase().replaceAll(' ', '-');
</script>

<svelte:head><title>How it is calculated - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head">
    <h1>How it is calculated</h1>
  </div>
  <p class="lead">
    Calculated figures are typical values, shown with a range or as "about". Your own measurements replace them.
    Recipes, ovens and people differ. Local food law and safe work with hot sugar always come first.
  </p>
  <nav aria-label="On this page">
    {#each data.rooms as { at } (at)}<a href="#{idOf(at)}">{at}</a>{/each}
  </nav>
  {#each data.rooms as { at, models } (at)}
    <section id={idOf(at)} aria-label={at}>
      <h2>{at}</h2>
      <div class="models">
        {#each models as { title, text, holds, source, measured } (title)}
          <article class="panel">
            <h3>{title}</h3>
            <p>{text}</p>
            <dl>
              <dt>Valid for</dt>
              <dd>{holds}</dd>
              <dt>Source</dt>
              <dd>{source}</dd>
              {#if measured !== null}
                <dt>Last measured</dt>
                <dd>{measured}</dd>
              {/if}
            </dl>
          </article>
        {/each}
      </div>
    </section>
  {/each}
</div>

<style>
  .lead {
    max-width: 46rem;
  }

  nav {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem 1.2rem;
    margin: 0.6rem 0;
  }

  nav a {
    min-width: 28px;
    line-height: 28px;
  }

  @media (pointer: coarse) {
    nav a {
      min-width: 44px;
      line-height: 44px;
    }
  }

  section {
    scroll-margin-top: 60px;
  }

  h2 {
    margin: 1rem 0 0.4rem;
  }

  .models {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(28rem, 100%), 1fr));
    gap: 0.7rem;
    align-items: start;
  }

  article {
    padding: 0.7rem 0.9rem;
    display: grid;
    gap: 0.4rem;
    font-size: 0.92rem;
  }

  h3 {
    font-size: 1.02rem;
    font-weight: 650;
  }

  dl {
    display: grid;
    grid-template-columns: 6.6rem minmax(0, 1fr);
    gap: 0.2rem 0.6rem;
    padding-top: 0.4rem;
    border-top: 1px solid var(--rule);
  }

  dt {
    color: var(--quiet);
  }

  dd {
    overflow-wrap: anywhere;
  }
</style>
