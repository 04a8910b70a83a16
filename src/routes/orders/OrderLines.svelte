<!-- The lines of an order: how many of what, in which packs. -->
<script lang="ts" module>
  import type { OrderLine } from '$core/orders';

  /** Something that a line can be of. */
  export interface LineChoice {
    readonly key: string;
    readonly text: string;
    readonly of: Pick<OrderLine, 'slab' | 'kind' | 'assortment'>;
  }
</script>

<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import TrashCan from 'carbon-icons-svelte/lib/TrashCan.svelte';
  import { ORDER_UNITS, orderSchema, type OrderUnit } from '$core/orders';
  import { limitsAt } from '$core/validation';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { ORDER_UNIT_NAMES } from '$wording/orders';
  import type { ProblemMessage } from '$wording/problems';

  interface Props {
    lines: readonly OrderLine[];
    choices: readonly LineChoice[];
    problems: readonly ProblemMessage[];
    typed: Record<string, string>;
    onlines: (lines: OrderLine[]) => void;
  }
  let { lines, choices, problems, typed, onlines }: Props = $props();

  const keyOf = ({ slab, assortment, kind }: OrderLine) =>
    assortment !== undefined ? `a${assortment}` : `s${slab}${kind ? `/${kind}` : ''}`;
  const set = (at: number, part: Partial<OrderLine>) =>
    onlines(lines.map((line, i) => (i === at ? { ...line, ...part } : line)));
  function setWhat(at: number, key: string) {
    const { slab: _slab, kind: _kind, assortment: _assortment, ...rest } = lines[at]!;
    const of = choices.find((choice) => choice.key === key)!.of;
    const { unit: _unit, pieces: _pieces, ...count } = rest;
    onlines(
      lines.map((line, i) =>
        i !== at ? line : of.assortment !== undefined ? { ...count, ...of } : { ...rest, ...of },
      ),
    );
  }
  const problemAt = (path: string) => problems.find((problem) => problem.path === path)?.message ?? '';
  const chosen = (event: Event) => (event.target as HTMLSelectElement).value;
</script>

<ul class="lines" aria-label="Lines">
  {#each lines as line, at (at)}
    <li>
      <div>
        <NumberField
          label="Count {at + 1}"
          hideLabel
          value={line.count}
          limits={limitsAt(orderSchema, 'lines.count')}
          name="line {at} count"
          problem={problemAt(`/lines/${at}/count`)}
          {typed}
          onvalue={(count) => count !== null && set(at, { count: Math.round(count) })}
        />
      </div>
      <div>
        {#if line.assortment === undefined}
          <Select
            size="sm"
            hideLabel
            labelText="Unit {at + 1}"
            selected={line.unit ?? 'piece'}
            on:change={(event) => set(at, { unit: chosen(event) as OrderUnit })}
          >
            {#each ORDER_UNITS as unit (unit)}<SelectItem value={unit} text={ORDER_UNIT_NAMES[unit]} />{/each}
          </Select>
        {:else}<span class="quiet">boxes</span>{/if}
      </div>
      <div>
        {#if line.unit === 'box' || line.unit === 'bag'}
          <NumberField
            label="Pieces in each {at + 1}"
            hideLabel
            placeholder="of"
            value={line.pieces ?? null}
            limits={limitsAt(orderSchema, 'lines.pieces')}
            name="line {at} pieces"
            {typed}
            onvalue={(pieces) => pieces !== null && set(at, { pieces: Math.round(pieces) })}
          />
        {/if}
      </div>
      <div>
        <Select
          size="sm"
          hideLabel
          labelText="What {at + 1}"
          selected={keyOf(line)}
          invalid={problemAt(`/lines/${at}/slab`) !== ''}
          invalidText={problemAt(`/lines/${at}/slab`)}
          on:change={(event) => setWhat(at, chosen(event))}
        >
          {#if !choices.some(({ key }) => key === keyOf(line))}
            <SelectItem value={keyOf(line)} text="something that was deleted" />
          {/if}
          {#each choices as { key, text } (key)}<SelectItem value={key} {text} />{/each}
        </Select>
      </div>
      <div>
        <Button
          size="small"
          kind="ghost"
          icon={TrashCan}
          iconDescription="Remove line {at + 1}"
          tooltipPosition="left"
          on:click={() => onlines(lines.filter((_, i) => i !== at))}
        />
      </div>
    </li>
  {/each}
</ul>
{#if choices.length > 0}
  <p>
    <Button size="small" kind="ghost" on:click={() => onlines([...lines, { ...choices[0]!.of, count: 12 }])}
      >Add a line</Button
    >
  </p>
{/if}

<style>
  .lines li {
    display: grid;
    grid-template-columns: 5rem 6.5rem 4rem minmax(0, 1fr) auto;
    gap: 0.4rem;
    margin-bottom: 0.4rem;
    align-items: start;
  }
</style>
