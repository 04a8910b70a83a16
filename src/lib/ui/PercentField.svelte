<!-- A share entered in percent and stored as 0 to 1. -->
<script lang="ts">
  import type { NumberLimits } from '$core/validation';
  import NumberField from './NumberField.svelte';

  interface Props {
    label: string;
    /** 0 to 1. */
    value: number | null | undefined;
    /** Of the share. */
    limits: NumberLimits;
    onvalue: (share: number | null) => void;
    typed: Record<string, string>;
    name: string;
    optional?: boolean;
    helper?: string;
    problem?: string;
    /** Default while the field is empty, a share. */
    placeholder?: number;
  }
  let { value, limits, onvalue, placeholder, ...field }: Props = $props();

  const ofPercent = (percent: number) => Number((percent / 100).toFixed(8));
  const inPercent = (share: number) => Number((share * 100).toFixed(6));
</script>

<NumberField
  {...field}
  value={value === null || value === undefined ? value : inPercent(value)}
  placeholder={placeholder === undefined ? '' : inPercent(placeholder)}
  limits={{ min: inPercent(limits.min), max: inPercent(limits.max) }}
  onvalue={(percent) => onvalue(percent === null ? null : ofPercent(percent))}
/>
