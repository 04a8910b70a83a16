<!-- Everything needed before work begins, for one slab or several: to tick off at the bench, and to print. -->
<script lang="ts">
  import { thingsForCut } from '$wording/cut';
  import { Button, Select, SelectItem, Table } from 'carbon-components-svelte';
  import { onMount } from 'svelte';
  import type { AllergenStatement, Larder } from '$core/larder';
  import type { Shop } from '$core/shop';
  import { linerPapers, LININGS, tinInWords, type Lining } from '$core/tin';
  import { storedText, storeText } from '$lib/devices/deviceStore';

  import { weighOutSlabs, UNCUT, type WeighOutWork } from '$core/usecases';
  import Allergens from './Allergens.svelte';
  import BasketTable from './BasketTable.svelte';
  import WeighList from './WeighList.svelte';
  import { shopFigures } from '$lib/format/shopFigures';
  import Notice from './Notice.svelte';

  interface Props {
    works: readonly WeighOutWork[];
    larder: Larder;
    shop: Shop;
    /** Storage key of this sheet's ticks on the device. */
    tickKey: string;
    /** By the slabs' keys. */
    allergens: ReadonlyMap<string, AllergenStatement>;
    /** Changes how the one slab's tin is lined. Without it, each slab's own lining is shown. */
    onlining?: (lining: Lining) => void;
  }
  let { works, larder, shop, tickKey, allergens, onlining }: Props = $props();

  const figures = $derived(shopFigures());

  const sheet = $derived(weighOutSlabs(works, larder, shop));
  const tins = $derived(
    works.flatMap(({ plan, slab }) =>
      plan.slabs.map(({ tin, sheet: on, count }) => ({
        tin: on ?? tin,
        count,
        name: slab.name,
        lining: slab.lining,
      })),
    ),
  );
  const toCutWith = $derived([...new Set(works.flatMap(({ slab }) => thingsForCut(slab.cut ?? UNCUT)))]);
  const several = $derived(works.length > 1);

  /** Ticks belong to an amount: when it changes, the ingredient has to be weighed again. */
  let ticked: Record<string, string> = $state({});
  const done = $derived(sheet.items.filter(({ key, measured }) => ticked[key] === measured).length);
  onMount(() => {
    const before = storedText('device', `knife-tray.gather.${tickKey}`);
    if (before) ticked = JSON.parse(before) as Record<string, string>;
  });
  function store() {
    storeText('device', `knife-tray.gather.${tickKey}`, JSON.stringify(ticked));
  }
  function tick(key: string, measured: string) {
    if (ticked[key] === measured) delete ticked[key];
    else ticked[key] = measured;
    store();
  }
</script>

<div class="sheet">
  <div class="head">
    <h2>
      Weigh out for {works.map(({ slab }) => slab.name).join(', ')}
      <span class="quiet"
        >{works
          .flatMap(({ plan }) => plan.slabs)
          .map(({ tin, sheet: on, count }) => `${count > 1 ? `${count} x ` : ''}${tinInWords(on ?? tin, figures)}`)
          .join('; ')}</span
      >
    </h2>
    <p class="figures" role="status"><b>{done}</b> of {sheet.items.length} weighed</p>
    <div class="no-print">
      <Button
        size="small"
        kind="ghost"
        disabled={done === 0}
        on:click={() => {
          ticked = {};
          store();
        }}>Start again</Button
      >
      <Button size="small" kind="tertiary" on:click={() => print()}>Print</Button>
    </div>
  </div>

  <div class="columns">
    <section aria-labelledby="weigh">
      <h3 id="weigh">Ingredients, in the order of use</h3>
      <WeighList items={sheet.items} {ticked} ontick={tick} />
    </section>

    <div class="side">
      <section aria-labelledby="allergens">
        <h3 id="allergens">Allergens</h3>
        {#each works as { key, slab } (key)}
          {#if several}<p class="quiet">{slab.name}</p>{/if}
          {@const statement = allergens.get(key)}
          {#if statement}<Allergens {statement} />{/if}
        {/each}
      </section>

      <section aria-labelledby="vessels">
        <h3 id="vessels">Pots and bowls</h3>
        <Table size="compact" class="table">
          <thead><tr><th>For</th><th class="num">Volume</th><th>Use</th></tr></thead>
          <tbody>
            {#each sheet.vessels as { mixture, name, kind, neededMl, batches, pours, vessel } (mixture)}
              {@const made = sheet.mixtures.find(({ id }) => id === mixture)!}
              <tr>
                <td
                  >{name}{#if batches > 1}, {batches} times{/if}{#if several && pours.length <= 1}<span class="quiet"
                      ><br />{made.goesInto
                        .map((place) => `${place.slab} ${figures.mass.say(place.massOutG)}`)
                        .join(', ')}</span
                    >{/if}</td
                >
                <td class="num">{figures.volume.say(neededMl)}</td>
                <td class:hot={vessel === null && (shop.vessels ?? []).some((vessel) => vessel.kind === kind)}
                  >{vessel ??
                    `a ${kind}${(shop.vessels ?? []).some((vessel) => vessel.kind === kind) ? ' larger than any in the settings' : ''}`}</td
                >
              </tr>
              {#if pours.length > 1}
                <tr class="pours">
                  <td colspan="3">
                    <ul aria-label="Where {name} goes">
                      {#each pours as { boil, key, slab, tin, of, massG } (`${boil} ${key} ${tin}`)}
                        <li>
                          <span
                            >{#if batches > 1}{kind === 'pot' ? 'Boil' : 'Bowl'} {boil}:
                            {/if}{#if several}{slab}{/if}{#if of > 1 || !several}{several ? ', ' : ''}tin {tin} of {of}{/if}</span
                          >
                          <b class="figures">{figures.mass.say(massG)}</b>
                        </li>
                      {/each}
                    </ul>
                  </td>
                </tr>
              {/if}
            {/each}
          </tbody>
        </Table>
      </section>

      {#if sheet.vessels.some(({ kind }) => kind === 'pot')}
        <Notice>
          Risk of burns: boiling sugar sticks to skin. Wear gloves, clear the bench, and keep a bowl of cold water by
          the hob. Keep children away.
        </Notice>
      {/if}

      <section aria-labelledby="paper">
        <h3 id="paper">Lining paper to cut</h3>
        {#if onlining}
          <div class="no-print lining">
            <Select
              size="sm"
              hideLabel
              labelText="Lining"
              selected={works[0]?.slab.lining ?? 'one sheet'}
              on:change={(event) => onlining((event.target as HTMLSelectElement).value as Lining)}
            >
              {#each LININGS as lining (lining)}<SelectItem value={lining} text={lining} />{/each}
            </Select>
          </div>
        {/if}
        <Table size="compact" class="table">
          <tbody>
            {#each tins as { tin, count, name, lining }, i (i)}
              {#each linerPapers(tin, lining) as paper (paper.what)}
                <tr>
                  <td
                    >{count > 1 ? `${count} x ` : ''}{paper.what}<span class="quiet"
                      >{` for ${several ? `${name}, ` : ''}${tinInWords(tin, figures)}`}</span
                    ></td
                  >
                  <td class="num"><b>{figures.size(paper.lengthMm, paper.widthMm)}</b></td>
                </tr>
              {/each}
            {/each}
          </tbody>
        </Table>
      </section>

      <section aria-labelledby="to-cut">
        <h3 id="to-cut">Cutting tools</h3>
        <p>{toCutWith.join(', ')}</p>
      </section>

      <BasketTable items={sheet.items} basket={sheet.basket} currency={shop.currency} />
    </div>
  </div>
</div>

<style>
  .sheet {
    display: grid;
    gap: 0.6rem;
  }

  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.4rem 1.5rem;
  }

  .head h2 {
    flex: 1;
    font-size: 1.15rem;
  }

  .head h2 .quiet {
    font-weight: 400;
    font-size: 0.9rem;
    margin-left: 0.5rem;
  }

  .head b {
    font-size: 1.2rem;
  }

  .columns {
    display: grid;
    grid-template-columns: minmax(0, 6fr) minmax(0, 5fr);
    gap: 1.2rem;
    align-items: start;
  }

  h3 {
    font-size: 1rem;
    font-weight: 650;
    margin-bottom: 0.4rem;
  }

  .side {
    display: grid;
    gap: 1.1rem;
  }

  .lining {
    width: 12rem;
    margin-bottom: 0.4rem;
  }

  .pours ul {
    display: grid;
    gap: 0.15rem;
    padding-left: 0.8rem;
  }

  .pours li {
    display: flex;
    justify-content: space-between;
    gap: 1rem;
  }

  .hot {
    color: var(--hot);
  }

  @media (max-width: 900px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
  }

  @media print {
    .no-print {
      display: none;
    }

    .sheet {
      font-size: 10.5pt;
      color: #000;
    }

    section {
      break-inside: avoid;
    }
  }
</style>
