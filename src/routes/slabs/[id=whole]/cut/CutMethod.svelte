<!-- Cut type and tool, with the fields of that type. -->
<script lang="ts">
  import { Select, SelectItem } from 'carbon-components-svelte';
  import { SHARDS_SPREAD, TOOL } from '$core/cut';
  import { CUT_TOOLS, PIECE_SHAPES, type CutSpec, type CutTool, type CutWay, type PieceShape } from '$core/slab';
  import { slabLimits } from '$lib/limits/fieldLimits';
  import { slabWork } from '$lib/draft/slabContext';
  import NumberField from '$lib/ui/NumberField.svelte';
  import PercentField from '$lib/ui/PercentField.svelte';

  interface Props {
    cut: CutSpec;
    /** Mass of one slab, g. */
    slabG: number;
    onchange: (part: Partial<CutSpec>, field: string) => void;
  }
  let { cut, slabG, onchange }: Props = $props();

  const { draft } = slabWork();
  const way = $derived(cut.way ?? 'grid');
  const WAYS: Readonly<Record<CutWay, string>> = {
    grid: 'straight lines',
    mixed: 'several piece types',
    wedges: 'wedges',
    break: 'broken by hand',
  };
  const SHAPES: Readonly<Record<PieceShape, string>> = {
    rectangle: 'rectangles',
    triangle: 'triangles',
    diamond: 'diamonds',
  };
  const SIDES = ['left', 'right', 'front', 'back'] as const;

  function take(next: CutWay) {
    const broken = cut.break ?? { aimG: Math.max(5, Math.round(slabG / 24)), spread: SHARDS_SPREAD };
    onchange(
      {
        way: next === 'grid' ? undefined : next,
        strips: undefined,
        linesMm: undefined,
        ...(next === 'break' ? { break: broken, tool: 'hand' as const, kerfMm: 0 } : {}),
        ...(next === 'wedges' ? { columns: Math.max(2, cut.columns) } : {}),
      },
      'way',
    );
  }
  const chosen = (event: Event) => (event.target as HTMLSelectElement).value;
  const takeShape = (shape: PieceShape) =>
    onchange({ shape: shape === 'rectangle' ? undefined : shape, strips: undefined, linesMm: undefined }, 'shape');
  const takeTool = (tool: CutTool) => onchange({ tool, kerfMm: TOOL[tool].kerfMm }, 'tool');
</script>

<div class="fields three selects">
  <Select size="sm" labelText="Cut type" selected={way} on:change={(event) => take(chosen(event) as CutWay)}>
    {#each Object.entries(WAYS) as [value, text] (value)}<SelectItem {value} {text} />{/each}
  </Select>
  {#if way === 'grid'}
    <Select
      size="sm"
      labelText="Piece shape"
      selected={cut.shape ?? 'rectangle'}
      on:change={(event) => takeShape(chosen(event) as PieceShape)}
    >
      {#each PIECE_SHAPES as shape (shape)}<SelectItem value={shape} text={SHAPES[shape]} />{/each}
    </Select>
  {/if}
  {#if way !== 'break'}
    <Select
      size="sm"
      labelText="Tool"
      selected={cut.tool ?? 'hot blade'}
      on:change={(event) => takeTool(chosen(event) as CutTool)}
    >
      {#each CUT_TOOLS as tool (tool)}<SelectItem value={tool} text={tool} />{/each}
    </Select>
  {/if}
</div>
{#if way === 'break'}
  <div class="fields three">
    <NumberField
      label="Average shard"
      quantity="mass"
      value={cut.break?.aimG ?? null}
      limits={slabLimits('cut.break.aimG')}
      name="aim"
      typed={draft.typed}
      onvalue={(aimG) => aimG !== null && onchange({ break: { ...cut.break, aimG } }, 'aim')}
    />
    <PercentField
      label="Variation, %"
      value={cut.break?.spread ?? SHARDS_SPREAD}
      limits={slabLimits('cut.break.spread')}
      name="spread"
      typed={draft.typed}
      onvalue={(spread) => spread !== null && cut.break && onchange({ break: { ...cut.break, spread } }, 'spread')}
    />
    <NumberField
      label="Weight per bag"
      quantity="mass"
      value={cut.break?.bagG ?? null}
      limits={slabLimits('cut.break.bagG')}
      name="bag"
      typed={draft.typed}
      onvalue={(bagG) => cut.break && onchange({ break: { ...cut.break, bagG: bagG ?? undefined } }, 'bag')}
    />
  </div>
{:else}
  <div class="fields three">
    {#if way !== 'mixed'}
      <NumberField
        label={way === 'wedges' ? 'Wedges' : 'Columns'}
        value={cut.columns}
        limits={slabLimits('cut.columns')}
        name="columns"
        typed={draft.typed}
        onvalue={(columns) =>
          columns !== null && onchange({ columns, linesMm: { ...cut.linesMm, length: [] } }, 'columns')}
      />
    {/if}
    {#if way === 'grid'}
      <NumberField
        label="Rows"
        value={cut.rows}
        limits={slabLimits('cut.rows')}
        name="rows"
        typed={draft.typed}
        onvalue={(rows) => rows !== null && onchange({ rows, linesMm: { ...cut.linesMm, width: [] } }, 'rows')}
      />
    {/if}
    <NumberField
      label="Kerf"
      quantity="length"
      value={cut.kerfMm ?? 0}
      limits={slabLimits('cut.kerfMm')}
      name="kerf"
      typed={draft.typed}
      onvalue={(kerf) => onchange({ kerfMm: kerf ?? 0 }, 'kerf')}
    />
  </div>
  {#if way !== 'wedges'}
    <div class="fields four">
      {#each SIDES as side (side)}
        <NumberField
          label="Trim {side}"
          quantity="length"
          value={cut.trimMm?.[side] ?? 0}
          limits={slabLimits(`cut.trimMm.${side}`)}
          name="trim {side}"
          typed={draft.typed}
          onvalue={(value) => onchange({ trimMm: { ...cut.trimMm, [side]: value ?? 0 } }, `trim ${side}`)}
        />
      {/each}
    </div>
  {/if}
{/if}

<style>
  .fields {
    display: grid;
    gap: 0.6rem;
    align-items: end;
    margin-bottom: 0.6rem;
  }

  .three {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }

  @media (min-width: 760px) and (max-width: 1100px) {
    .selects {
      grid-template-columns: repeat(2, minmax(0, 1fr));
    }
  }

  .four {
    grid-template-columns: repeat(4, minmax(0, 1fr));
  }
</style>
