<!-- A new order, or one that is changed: typed in plain words or field by field, with what it comes to. -->
<script lang="ts">
  import { Button, Select, SelectItem, TextArea, TextInput } from 'carbon-components-svelte';
  import { TZDate } from '@date-fns/tz';
  import { format } from 'date-fns';
  import { untrack } from 'svelte';
  import { orderValue, readOrder, type DueOrder, type Order, type OrderLine } from '$core/orders';
  import { money } from '$lib/format/money';
  import { shopDates } from '$lib/format/shopDates';
  import DayField from '$lib/ui/DayField.svelte';
  import Notice from '$lib/ui/Notice.svelte';
  import TimeField from '$lib/ui/TimeField.svelte';
  import { orderLineText, typedNoteText } from '$wording/orders';
  import type { ProblemMessage } from '$wording/problems';
  import { orderablesOf, priceBookOf } from './orderBook';
  import InTime from './InTime.svelte';
  import OrderLines, { type LineChoice } from './OrderLines.svelte';
  import OrderRepeat from './OrderRepeat.svelte';
  import type { PageData } from './$types';

  interface Props {
    data: PageData;
    /** The order that is changed; `null` for a new one. */
    order: DueOrder | null;
    /** What is typed to begin with. */
    text?: string;
    problems: readonly ProblemMessage[];
    /** @param forAllDates whether the change is for all dates of a standing order */
    onsave: (order: Order, forAllDates: boolean) => void;
    oncancel: (() => void) | null;
  }
  let { data, order, text = '', problems, onsave, oncancel }: Props = $props();

  const zone = $derived(data.shop.zone ?? 'UTC');
  const dates = $derived(shopDates());
  const all = $derived(orderablesOf(data));
  const channels = $derived(data.shop.channels ?? []);
  const isDayFirst = $derived(!(data.shop.locale ?? 'en-GB').startsWith('en-US'));
  const begun = untrack(() => order);
  const wall = (moment: string) =>
    new TZDate(
      Date.parse(moment),
      untrack(() => zone),
    );
  let said = $state(untrack(() => text));
  let name = $state(begun?.name ?? '');
  let channel = $state(begun?.channel ?? '');
  let day = $state(begun ? format(wall(begun.due), 'yyyy-MM-dd') : '');
  let time = $state(begun ? format(wall(begun.due), 'HH:mm') : '12:00');
  let note = $state(begun?.note ?? '');
  let lines: OrderLine[] = $state.raw([...(begun?.lines ?? [])]);
  let repeat = $state(begun?.repeat);
  let forAllDates = $state(false);
  /** One date of a standing order has no name, sales channel or rule of its own. */
  const isOneDate = $derived(order?.occurrence !== undefined && !forAllDates);
  const typed: Record<string, string> = $state({});

  /** The order as it was typed, read as it is typed. */
  const read = $derived(said.trim() === '' ? null : readOrder(said, all, new Date(), zone, isDayFirst));
  /** Whether lines were changed by hand after the last key: a reading that comes later leaves them as they are. */
  let isByHand = $state(false);
  // Prices and yields that arrive while somebody types are read in as well.
  $effect(() => {
    if (!read || isByHand) return;
    lines = read.parts.flatMap(({ line }) => line ?? []);
    if (read.due) {
      day = format(wall(read.due), 'yyyy-MM-dd');
      if (read.isTimeStated) time = format(wall(read.due), 'HH:mm');
    }
    if (read.customer) name = read.customer;
  });
  function setLines(next: OrderLine[]) {
    lines = next;
    isByHand = true;
  }

  const due = $derived.by(() => {
    const found = /^(\d+)-(\d+)-(\d+)T(\d+):(\d+)$/.exec(`${day}T${time}`)?.slice(1).map(Number);
    if (!found) return null;
    const [y, mo, d, h, mi] = found as [number, number, number, number, number];
    return new Date(new TZDate(y, mo - 1, d, h, mi, zone).getTime());
  });
  const book = $derived(priceBookOf(data, data.shop, channel));
  const value = $derived(orderValue(lines, book));
  const allergens = $derived.by(() => {
    const ids = lines.flatMap(({ slab, assortment }) =>
      slab !== undefined
        ? [slab]
        : (data.assortments.find(({ id }) => id === assortment)?.parts.map((part) => part.slab) ?? []),
    );
    const found = ids.map((id) => data.prices.find((own) => own.id === id)?.allergens);
    return {
      contains: [...new Set(found.flatMap((own) => own?.contains ?? []))],
      unknown: found.filter((own) => !own || own.unknownFor.length > 0).length,
    };
  });

  const nameOf = (line: OrderLine) =>
    all.find(({ id, what }) =>
      line.slab !== undefined ? what === 'slab' && id === line.slab : what === 'assortment' && id === line.assortment,
    )?.name ?? null;
  /** Everything that a line can be of, each piece type for itself. */
  const choices: readonly LineChoice[] = $derived(
    all.flatMap(({ id, name: called, what, kinds }): LineChoice[] =>
      what === 'assortment'
        ? [{ key: `a${id}`, text: called, of: { assortment: id } }]
        : [
            { key: `s${id}`, text: called, of: { slab: id } },
            ...kinds.map((kind) => ({ key: `s${id}/${kind}`, text: `${called}, ${kind}`, of: { slab: id, kind } })),
          ],
    ),
  );
  const problemAt = (path: string) => problems.find((problem) => problem.path === path)?.message ?? '';
  const chosen = (event: Event) => (event.target as HTMLSelectElement).value;

  let missing = $state('');
  function save() {
    missing =
      lines.length === 0
        ? 'Add at least one line'
        : !due
          ? 'When is it due?'
          : name.trim() === ''
            ? 'Who is it for?'
            : '';
    if (missing || !due) return;
    const changed: Order = {
      name: name.trim(),
      due: due.toISOString(),
      lines,
      ...(channel ? { channel } : {}),
      ...(note.trim() ? { note: note.trim() } : {}),
      ...(repeat ? { repeat } : {}),
      status: order?.status ?? 'open',
    };
    onsave(changed, forAllDates);
  }
</script>

<form
  class="panel"
  aria-label={order ? 'Change order' : 'New order'}
  onsubmit={(event) => {
    event.preventDefault();
    save();
  }}
>
  <h2>{order ? 'Change order' : 'New order'}</h2>
  {#if order?.occurrence !== undefined}
    <Select
      size="sm"
      labelText="Applies to"
      selected={forAllDates ? 'all' : 'one'}
      on:change={(event) => (forAllDates = chosen(event) === 'all')}
    >
      <SelectItem value="one" text="this date only" />
      <SelectItem value="all" text="all dates" />
    </Select>
  {/if}
  {#if !order}
    <TextInput
      labelText="Type the order"
      placeholder="60 rye, 2 tins of penuche, Saturday 11"
      value={said}
      maxlength={1000}
      on:input={({ detail }) => {
        said = String(detail ?? '');
        isByHand = false;
      }}
    />
    {#if read}
      <ul class="read" aria-label="As it was read">
        {#each read.parts as { text, line, note: asks }, at (at)}
          <li class:harm={line === null}>
            <span class="quiet">{text}</span>
            <span
              >{line ? orderLineText(line, nameOf(line)) : ''}{asks
                ? `${line ? '. ' : ''}${typedNoteText(asks)}`
                : ''}</span
            >
          </li>
        {/each}
        {#if due && read.due}<li><span class="quiet">due</span> <span>{dates.moment(due.getTime())}</span></li>{/if}
      </ul>
    {/if}
  {/if}
  <div class="fields">
    <TextInput
      size="sm"
      labelText="For"
      disabled={isOneDate}
      bind:value={name}
      on:input={() => (isByHand = true)}
      maxlength={200}
      invalid={problemAt('/name') !== ''}
      invalidText={problemAt('/name')}
    />
    <Select
      size="sm"
      labelText="Sales channel"
      disabled={isOneDate}
      selected={channel}
      on:change={(event) => (channel = chosen(event))}
    >
      <SelectItem value="" text="counter" />
      {#each channels as { name: called } (called)}<SelectItem value={called} text={called} />{/each}
    </Select>
    <DayField
      label="Due on"
      value={day}
      name="order day"
      {typed}
      problem={problemAt('/due')}
      onvalue={(next) => next !== null && (day = next)}
      ontime={(next) => (time = next)}
    />
    <TimeField label="at" value={time} name="order time" {typed} onvalue={(next) => next !== null && (time = next)} />
  </div>
  <OrderLines {lines} {choices} {problems} {typed} onlines={setLines} />
  {#if !isOneDate}<OrderRepeat bind:rule={repeat} {typed} />{/if}
  <TextArea labelText="Note" rows={2} bind:value={note} maxlength={2000} />
  <p class="figures" role="status">
    Comes to <b>{money(value.coins / book.coin, data.shop.currency)}</b>{value.unknown > 0
      ? `, without ${value.unknown} of ${lines.length} lines whose price is not known yet`
      : ''}.
    {#if lines.length > 0}
      Contains: {allergens.contains.length > 0
        ? allergens.contains.join(', ')
        : 'no declared allergen'}{allergens.unknown > 0 ? '. Some allergens are unknown' : ''}.
    {/if}
  </p>
  <InTime {lines} {due} order={begun?.id ?? null} />
  {#if missing}<Notice harm>{missing}</Notice>{/if}
  {#if problems.length > 0}<Notice harm {problems} />{/if}
  <p class="acts">
    <Button size="field" type="submit">{order ? 'Save order' : 'Add order'}</Button>
    {#if oncancel}<Button size="field" kind="ghost" on:click={oncancel}>Cancel</Button>{/if}
  </p>
</form>

<style>
  form {
    display: grid;
    gap: 0.6rem;
    padding: 0.8rem 1rem;
    align-content: start;
  }

  h2 {
    font-size: 1.1rem;
    font-weight: 650;
  }

  .fields {
    display: grid;
    grid-template-columns: 1.4fr 1fr 1fr 5.4rem;
    gap: 0.5rem;
    align-items: start;
  }

  .read li {
    display: grid;
    grid-template-columns: minmax(6rem, 0.7fr) 1.3fr;
    gap: 0.6rem;
    padding: 0.15rem 0;
  }

  .harm {
    color: var(--harm);
  }

  .acts {
    display: flex;
    gap: 0.6rem;
  }

  @media (max-width: 599px) {
    .fields {
      grid-template-columns: 1fr 1fr;
    }
  }
</style>
