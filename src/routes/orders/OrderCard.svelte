<!-- One order of the list: when, for whom, what, its value, what is on the shelf for it, and its status. -->
<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import { ORDER_STATUSES, type DueOrder, type OrderStatus } from '$core/orders';
  import { shopDates } from '$lib/format/shopDates';
  import { ORDER_STATUS_NAMES } from '$wording/orders';

  interface Props {
    order: DueOrder;
    isLate: boolean;
    lines: string;
    value: string;
    onShelf: string;
    onstatus: (status: OrderStatus) => void;
    onchange: () => void;
    onremove: () => void;
  }
  let { order, isLate, lines, value, onShelf, onstatus, onchange, onremove }: Props = $props();
  const dates = $derived(shopDates());
</script>

<li class="panel" class:late={isLate}>
  <p class="due figures">
    <b>{dates.moment(Date.parse(order.due))}</b>
    {#if isLate}<b class="harm">late</b>{/if}
    {#if order.repeat}<span class="quiet">standing order</span>{/if}
  </p>
  <p class="who">
    <b>{order.name}</b>{#if order.channel}<span class="quiet">, {order.channel}</span>{/if}
  </p>
  <p class="lines">{lines}</p>
  {#if onShelf}<p class="quiet figures">{onShelf}</p>{/if}
  {#if order.note}<p class="quiet">{order.note}</p>{/if}
  <p class="value figures">{value}</p>
  <div class="hold">
    <Select
      size="sm"
      hideLabel
      labelText="Status of the order for {order.name}"
      selected={order.status}
      on:change={(event) => onstatus((event.target as HTMLSelectElement).value as OrderStatus)}
    >
      {#each ORDER_STATUSES as status (status)}
        <SelectItem value={status} text={ORDER_STATUS_NAMES[status]} />
      {/each}
    </Select>
    <Button size="small" kind="ghost" on:click={onchange}
      >Change<span class="unseen"> the order for {order.name}</span></Button
    >
    <Button size="small" kind="ghost" on:click={onremove}
      >Delete<span class="unseen"> the order for {order.name}</span></Button
    >
  </div>
</li>

<style>
  li {
    display: grid;
    grid-template-columns: 11rem minmax(0, 1fr) auto;
    gap: 0.1rem 0.8rem;
    padding: 0.6rem 0.9rem;
    border-left: 4px solid var(--primary);
  }

  li.late {
    border-left-color: var(--harm);
  }

  .due {
    grid-row: 1 / span 3;
    display: grid;
    align-content: start;
    gap: 0.2rem;
  }

  .lines,
  .quiet {
    grid-column: 2;
  }

  .due .quiet,
  .who .quiet {
    grid-column: auto;
  }

  .value {
    grid-column: 3;
    grid-row: 1;
    font-weight: 650;
    text-align: right;
  }

  .hold {
    grid-column: 2 / -1;
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
    align-items: center;
    margin-top: 0.2rem;
  }

  .hold :global(.bx--select) {
    width: 9rem;
  }

  .harm {
    color: var(--harm);
  }

  @media (max-width: 900px) {
    li {
      grid-template-columns: minmax(0, 1fr) auto;
    }

    .due {
      grid-row: auto;
      grid-column: 1;
    }

    .who,
    .lines,
    .quiet,
    .hold {
      grid-column: 1 / -1;
    }

    .value {
      grid-column: 2;
    }
  }
</style>
