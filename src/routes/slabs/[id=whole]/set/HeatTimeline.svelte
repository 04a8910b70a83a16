<!-- Cross-section over time: every layer a band coloured by its temperature, with the moments at which it is ready for the next
  and set, and below it the cross-section at the selected moment, which can be dragged or moved by arrow keys. -->
<script lang="ts">
  import type { LaidLayer } from '$core/scale';
  import type { Setting } from '$core/setting';
  import { formatDuration } from '$lib/format/figures';
  import FaceTemperatures from './FaceTemperatures.svelte';
  import { heatColour, timeStep, type Band } from './heat';

  interface Props {
    setting: Setting;
    layers: readonly LaidLayer[];
    minute: number;
  }
  let { setting, layers, minute = $bindable() }: Props = $props();

  let widthPx = $state(640);
  let heightPx = $state(480);
  const LEFT = 26;
  const RIGHT = 10;
  const TOP = 34;
  const LINE = 18;
  /** Collapsed on a phone, only the hours are shown. */
  const folded = $derived(heightPx < 280);
  const FACE = $derived(folded ? 0 : 118);
  /** Number of strips of a band between its lower and its upper face. */
  const STRIPS = 5;

  const lastMinute = $derived(Math.max(1, setting.minutes.length - 1));
  const moments = $derived(
    setting.layers.flatMap((layer, i) => {
      const next = setting.layers[i + 1];
      const from = layer.pouredAt + (layer.nextFromMinutes ?? NaN);
      if (next && layer.nextFromMinutes !== null)
        return layer.nextFromMinutes === 0
          ? []
          : [{ at: from, l: i, text: `ready for ${next.name} after ${formatDuration(from)}` }];
      if (next || layer.setAfterMinutes === null) return [];
      const { fromMinutes, toMinutes } = setting.cutWindow;
      const set = layer.pouredAt + layer.setAfterMinutes;
      const until = toMinutes === null || toMinutes === fromMinutes ? '' : `, until ${formatDuration(toMinutes)}`;
      return [{ at: set, l: i, text: `ready to cut after ${formatDuration(fromMinutes ?? set)}${until}` }];
    }),
  );
  const mapPx = $derived(Math.max(60, heightPx - TOP - (folded ? 8 : LINE * (moments.length + 1)) - FACE));
  const x = $derived((at: number) => LEFT + (at / lastMinute) * (widthPx - LEFT - RIGHT));
  const bands = $derived.by((): Band[] => {
    const stack = setting.layers.map((layer) => ({
      ...layer,
      thicknessMm: layers.find(({ id }) => id === layer.id)?.thicknessMm ?? 1,
    }));
    const total = stack.reduce((sum, { thicknessMm }) => sum + thicknessMm, 0);
    // A thin film stays visible.
    const shares = stack.map(({ thicknessMm }) => Math.max(0.06, thicknessMm / total));
    const all = shares.reduce((sum, share) => sum + share, 0);
    let bottom = 1;
    return stack.map((layer, i) => {
      const share = shares[i]! / all;
      bottom -= share;
      return { ...layer, top: bottom, share };
    });
  });
  const ticks = $derived.by(() => {
    const step = timeStep(lastMinute, Math.max(3, (widthPx - LEFT) / 84));
    return Array.from({ length: Math.floor(lastMinute / step) + 1 }, (_, i) => i * step);
  });
  /** Temperatures across the layer, interpolated from three known ones. */
  function strip({ curve }: Band, at: number, part: number): number {
    const [low, middle, high] = [curve.lowerC[at]!, curve.middleC[at]!, curve.upperC[at]!];
    const t = part * 2 - 1;
    return middle + ((high - low) / 2) * t + ((high + low) / 2 - middle) * t * t;
  }

  let canvas: HTMLCanvasElement | undefined = $state();
  $effect(() => {
    const context = canvas?.getContext('2d');
    if (!canvas || !context) return;
    const scale = devicePixelRatio;
    const wide = Math.max(1, Math.round(widthPx - LEFT - RIGHT));
    canvas.width = Math.round(wide * scale);
    canvas.height = Math.round(mapPx * scale);
    context.scale(scale, scale);
    const step = Math.max(2, Math.round(wide / 220));
    for (const band of bands) {
      const stripPx = (band.share * mapPx) / STRIPS;
      for (let px = 0; px < wide; px += step) {
        const at = Math.round(((px + step / 2) / wide) * lastMinute);
        if (Number.isNaN(band.curve.meanC[at] ?? NaN)) continue;
        for (let part = 0; part < STRIPS; part++) {
          context.fillStyle = heatColour(strip(band, at, (part + 0.5) / STRIPS));
          context.fillRect(px, (band.top + band.share) * mapPx - (part + 1) * stripPx, step + 0.5, stripPx + 0.5);
        }
      }
    }
  });

  let pulling = false;
  function pull(event: PointerEvent) {
    if (!pulling) return;
    const box = (event.currentTarget as Element).getBoundingClientRect();
    const share = (event.clientX - box.left - LEFT) / (widthPx - LEFT - RIGHT);
    minute = Math.round(Math.min(1, Math.max(0, share)) * lastMinute);
  }
  const STEPS: Record<string, number> = {
    ArrowRight: 1,
    ArrowUp: 1,
    ArrowLeft: -1,
    ArrowDown: -1,
    PageUp: 30,
    PageDown: -30,
  };
  function key(event: KeyboardEvent) {
    const step = STEPS[event.key];
    const to =
      event.key === 'Home'
        ? 0
        : event.key === 'End'
          ? lastMinute
          : step === undefined
            ? null
            : minute + step * (event.shiftKey ? 10 : 1);
    if (to === null) return;
    event.preventDefault();
    minute = Math.min(lastMinute, Math.max(0, to));
  }
  /** A label that would leave the drawing is aligned to the other side. */
  const anchor = (at: number) => (x(at) > widthPx * 0.62 ? 'end' : 'start');
</script>

<figure bind:clientWidth={widthPx} bind:clientHeight={heightPx}>
  <canvas
    bind:this={canvas}
    style:left="{LEFT}px"
    style:top="{TOP}px"
    style:width="{Math.max(1, widthPx - LEFT - RIGHT)}px"
    style:height="{mapPx}px"
    aria-hidden="true"
  ></canvas>
  <svg
    width={widthPx}
    height={heightPx}
    role="slider"
    tabindex="0"
    aria-label="Selected time"
    aria-valuemin="0"
    aria-valuemax={lastMinute}
    aria-valuenow={minute}
    aria-valuetext={formatDuration(minute)}
    onkeydown={key}
    onpointerdown={(event) => {
      (event.currentTarget as Element).setPointerCapture(event.pointerId);
      pulling = true;
      pull(event);
    }}
    onpointermove={pull}
    onpointerup={() => (pulling = false)}
    onpointercancel={() => (pulling = false)}
  >
    {#each ticks as at (at)}
      <path d="M{x(at)} {TOP - 6}v6" class="tick" />
      <text x={x(at)} y={TOP - 10} class="axis" text-anchor={at === 0 ? 'start' : 'middle'}
        >{at === 0 ? 'poured' : formatDuration(at)}</text
      >
    {/each}
    {#each bands as { id, name, top, share } (id)}
      {@const middle = TOP + (top + share / 2) * mapPx}
      {#if top > 0.001}<path d="M{LEFT} {TOP + top * mapPx}H{widthPx - RIGHT}" class="between" />{/if}
      {#if share * mapPx > 34}
        <text class="name" text-anchor="middle" transform="translate({LEFT - 9} {middle}) rotate(-90)"
          >{name.length * 6.6 > share * mapPx
            ? `${name.slice(0, Math.max(2, Math.floor((share * mapPx) / 7)))}.`
            : name}</text
        >
      {/if}
    {/each}
    {#if setting.cutWindow.fromMinutes !== null}
      {@const to = Math.min(lastMinute, setting.cutWindow.toMinutes ?? lastMinute)}
      <rect
        x={x(setting.cutWindow.fromMinutes)}
        y={TOP - 5}
        width={Math.max(3, x(to) - x(setting.cutWindow.fromMinutes))}
        height="7"
        class="window"
      />
    {/if}
    {#each moments as { at, l, text }, i (text)}
      {@const band = bands[l]!}
      {@const y = TOP + mapPx + (folded ? 0 : LINE * (moments.length - i))}
      <path d="M{x(at)} {TOP + band.top * mapPx}V{y}" class="until" />
      <circle cx={x(at)} cy={TOP + band.top * mapPx} r="4" />
    {/each}
    {#if !folded}
      <!-- The last moment comes first, so that no line crosses the text of another. -->
      {#each moments as { at, text }, i (text)}
        {@const y = TOP + mapPx + LINE * (moments.length - i)}
        <text x={x(at) + (anchor(at) === 'end' ? -6 : 6)} {y} text-anchor={anchor(at)} class="moment">{text}</text>
      {/each}
    {/if}
    <path d="M{x(minute)} {TOP - 4}V{TOP + mapPx + 4}" class="now" />
    <g transform="translate({Math.min(widthPx - 36, Math.max(36, x(minute)))} 0)" class="flag">
      <rect x="-36" y="2" width="72" height="22" />
      <text y="18" text-anchor="middle">{formatDuration(minute)}</text>
    </g>
    <path d="M{LEFT} {TOP}V{TOP + mapPx + 1.5}H{widthPx - RIGHT}" class="tin" />

    {#if !folded}<FaceTemperatures
        {bands}
        {minute}
        left={LEFT}
        right={widthPx - RIGHT}
        top={heightPx - FACE + 14}
        tall={FACE - 36}
      />{/if}
  </svg>
</figure>

<style>
  figure {
    position: relative;
    flex: 1;
    min-height: 0;
    overflow: hidden;
  }

  canvas,
  svg {
    position: absolute;
  }

  svg {
    inset: 0;
    touch-action: pan-y;
    cursor: ew-resize;
  }

  svg:focus-visible {
    outline-offset: -2px;
  }

  .axis,
  .name {
    font-size: 12px;
    fill: var(--quiet);
    font-variant-numeric: tabular-nums;
  }

  .name {
    fill: var(--ink);
  }

  .moment {
    font-size: 13px;
    fill: var(--ink);
    stroke: var(--panel);
    stroke-width: 5px;
    paint-order: stroke;
    font-variant-numeric: tabular-nums;
  }

  .tick {
    stroke: var(--rule-strong);
    fill: none;
  }

  .between {
    stroke: var(--panel);
    stroke-opacity: 0.75;
    stroke-width: 1.5;
  }

  .until {
    stroke: var(--ink);
    stroke-dasharray: 2 3;
    fill: none;
  }

  circle {
    fill: var(--ink);
    stroke: var(--panel);
    stroke-width: 1.5;
  }

  .window {
    fill: var(--good);
  }

  .now {
    stroke: var(--primary);
    stroke-width: 2.5;
  }

  .flag rect {
    fill: var(--primary);
  }

  .flag text {
    font-size: 13px;
    font-weight: 650;
    fill: var(--on-primary);
    font-variant-numeric: tabular-nums;
  }

  .tin {
    fill: none;
    stroke: var(--steel);
    stroke-width: 3;
  }
</style>
