<!-- How to make a tablet or a phone trust the shop's certificate, step by step. -->
<script lang="ts">
  let { data } = $props();

  const STEPS = [
    {
      drawing: 'scan',
      title: 'Scan the code',
      says: 'Use the camera of the tablet. The tablet must be on the same network. This page then opens on it.',
    },
    {
      drawing: 'go-on',
      title: 'Continue past the warning',
      says: 'The browser does not know the shop’s certificate yet. Choose "More" or "Details", then the link to continue. Do this only on the shop’s own network.',
    },
    {
      drawing: 'install',
      title: 'Download and install the certificate authority',
      says: 'Download authority.crt. In the settings of the tablet, search for "certificate" and install the file as a CA certificate or as a profile. On some devices you then have to mark it as trusted. Its name is "Knife Tray, this workroom".',
    },
    {
      drawing: 'bench',
      title: 'Open Knife Tray again',
      says: 'The warning is gone, and the address shows a closed lock. Add the page to the home screen. The bench now opens without the server too.',
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
    Security: anyone who has the key in the folder <code>tls</code> beside the data can pretend to be any website to this
    device. Use a tablet that stays in the workroom, and remove the certificate from it when it leaves.
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
