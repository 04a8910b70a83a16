<!-- Two people edited one slab: the later one sees both versions and chooses. -->
<script lang="ts">
  import { Button, Table } from 'carbon-components-svelte';
  import type { Plan } from '$core/usecases';

  import { money } from '$lib/format/money';
  import type { KeptSlab } from '$lib/server/slabs';
  import { shopDates } from '$lib/format/shopDates';
  import { shopFigures } from '$lib/format/shopFigures';
  import Notice from '$lib/ui/Notice.svelte';

  interface Props {
    elsewhere: KeptSlab;
    mine: Plan;
    theirs: Plan;
    onmine: () => void;
    ontheirs: () => void;
    onboth: () => void;
  }
  let { elsewhere, mine, theirs, onmine, ontheirs, onboth }: Props = $props();

  const figures = $derived(shopFigures());

  const both = $derived([
    ['Yours', mine],
    [`Theirs, version ${elsewhere.version}`, theirs],
  ] as const);
</script>

<div role="alertdialog" aria-labelledby="elsewhere">
  <Notice harm>
    <h2 id="elsewhere">
      Someone else saved this slab while you were editing it ({shopDates().weekTime(Date.parse(elsewhere.keptAt))})
    </h2>
    <Table size="compact" class="table">
      <thead>
        <tr
          ><th>Version</th><th class="num">Pieces</th><th class="num">Piece weight</th><th class="num"
            >Ingredients per piece</th
          ><th class="num">Height</th><th>Layers</th></tr
        >
      </thead>
      <tbody>
        {#each both as [whose, { cut, cost, slab, slabs }] (whose)}
          <tr>
            <th scope="row">{whose}</th>
            <td class="num">{cut.pieces.reduce((sum, { count }) => sum + count, 0)}</td>
            <td class="num">{figures.mass.say(cut.pieces[0]?.massG ?? 0)}</td>
            <td class="num">{cost.perPiece === null ? '-' : money(cost.perPiece, cost.currency)}</td>
            <td class="num">{figures.length.say(slab.heightMm)}</td>
            <td>{slabs[0]?.layers.map(({ name, massG }) => `${name} ${figures.mass.say(massG)}`).join(', ')}</td>
          </tr>
        {/each}
      </tbody>
    </Table>
    <p>
      <Button size="small" on:click={onboth}>Save mine as a new slab</Button>
      <Button size="small" kind="tertiary" on:click={onmine}>Overwrite theirs with mine</Button>
      <Button size="small" kind="ghost" on:click={ontheirs}>Use theirs</Button>
    </p>
  </Notice>
</div>
