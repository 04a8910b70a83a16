<!-- How a tablet or a phone is told, once, to trust the shop's own certificate: in drawings, step by step. -->
<script lang="ts">
  let { data } = $props();

  const STEPS = [
    {
      drawing: 'scan',
      title: 'Scan the code',
      says: 'With the camera of the tablet, which has to be in the same network. It opens this page there.',
    },
    {
      drawing: 'go-on',
      title: 'Continue past the warning',
      says: 'The tablet does not know the shop yet. The way on is the small link, often behind "more" or "details". Do this in the shop’s own network only.',
    },
    {
      drawing: 'install',
      title: 'Download and install the certificate authority',
      says: 'It is a file, authority.crt. Then look in the settings of the tablet for "certificate", and install the file as a CA certificate, or as a profile; some want it switched on as trusted in a second place. Its name is "Knife Tray of this workroom".',
    },
    {
      drawing: 'bench',
      title: 'Open it again',
      says: 'There is no warning any more, and a closed lock stands beside the address. Put the page on the home screen: from now on the bench opens without the server, too.',
    },
  ] as const;
</script>

<svelte:head><title>Set up this device - Knife Tray</title></svelte:head>

<div class="page">
  <div class="page-head">
    <h1>Set up this device</h1>
  </div>
  <p class="lead">
    On a trusted connection, a tablet can open the bench without the server, keep its screen on and show alerts. This is
    set up once.
    {#if !data.elsewhere?.isSecure}
      The shop has no certificate yet. Start the program with <code>KNIFE_TRAY_TLS=auto</code> and open it to the network,
      as the README says.
    {/if}
  </p>
  <ol>
    {#each STEPS as { drawing, title, says }, i (drawing)}
      <li class="panel">
        <img src="/trust/{drawing}.svg" alt="" width="280" height="190" />
        <div>
          <h2>{i + 1}. {title}</h2>
          <p>{says}</p>
          {#if drawing === 'scan' && data.elsewhere}
            <img class="code" src={data.elsewhere.code} alt="" width="132" height="132" />
            <p><b>{data.elsewhere.address}</b></p>
          {/if}
          {#if drawing === 'install' && data.elsewhere?.isSecure}
            <p><a href="/authority.crt" data-sveltekit-reload>Download authority.crt</a></p>
          {/if}
        </div>
      </li>
    {/each}
  </ol>
  <p class="lead">
    Whoever has the authority's key, in the folder <code>tls</code> beside the data, can speak for any site to that tablet:
    use one that stays in the workroom, and take the authority off it when it leaves.
  </p>
</div>

<style>
  .lead {
    max-width: 46rem;
  }

  ol {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(15rem, 1fr));
    gap: 0.8rem;
    margin: 1rem 0;
    padding: 0;
    list-style: none;
  }

  li {
    padding: 1rem;
  }

  li > img {
    display: block;
    width: 100%;
    max-width: 20rem;
    height: auto;
    margin: 0 auto 0.8rem;
    border-radius: 6px;
  }

  .code {
    display: block;
    margin: 0.6rem 0;
    background: #fff;
  }

  b {
    overflow-wrap: anywhere;
  }

  a {
    display: inline-block;
    line-height: 44px;
  }
</style>
