<!-- Address of the bench for a tablet or a phone, with a QR code. -->
<script lang="ts">
  interface Props {
    /** QR code of the address, as an image. */
    code: string;
    address: string;
    /** Whether the address is encrypted, so that a device asks whether to trust the shop. */
    isSecure: boolean;
  }
  let { code, address, isSecure }: Props = $props();
</script>

<section class="panel code" aria-labelledby="elsewhere">
  <img src={code} alt="" width="132" height="132" />
  <div>
    <h2 id="elsewhere">On a tablet or a phone</h2>
    <p>
      Scan this, or open <b
        >{#each address.split(/(?=\/\w+$)/) as part, i (i)}<wbr />{part}{/each}</b
      >.
    </p>
    {#if isSecure}
      <p class="quiet">
        The first time, the browser shows a warning: <a href="/trust">set up this device</a>. From then on the bench
        opens without the server, too.
      </p>
    {/if}
  </div>
</section>

<style>
  .code {
    padding: 0.8rem 1rem;
    display: flex;
    gap: 1rem;
  }

  .code b {
    overflow-wrap: anywhere;
  }

  .code img {
    flex: none;
    background: #fff;
  }

  h2 {
    font-size: 1.1rem;
    font-weight: 650;
  }
</style>
