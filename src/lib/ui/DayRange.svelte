<!-- First and last day of a list. A first day after the last one moves that too, and the other way round. -->
<script lang="ts">
  import DayField from './DayField.svelte';

  interface Props {
    firstDay: string;
    lastDay: string;
    onrange: (firstDay: string, lastDay: string) => void;
  }
  let { firstDay, lastDay, onrange }: Props = $props();
  const typed: Record<string, string> = $state({});
</script>

<DayField
  label="First day"
  value={firstDay}
  name="from"
  {typed}
  onvalue={(day) => day && day !== firstDay && onrange(day, day > lastDay ? day : lastDay)}
/>
<DayField
  label="Last day"
  value={lastDay}
  name="to"
  {typed}
  onvalue={(day) => day && day !== lastDay && onrange(day < firstDay ? day : firstDay, day)}
/>
