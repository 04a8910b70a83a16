<!-- A pot of syrup from above: bubbles that grow and slow down, and sugar that browns. -->
<script lang="ts">
  import type { PotLook } from '$core/practice';

  interface Props {
    look: PotLook;
    isOn: boolean;
  }
  let { look, isOn }: Props = $props();

  const WIDTH = 460;
  const HEIGHT = 190;
  const COUNT = 46;
  /** Positions of bubbles: evenly spread in a sunflower pattern. */
  const TURN = 2.399963;
  const places = Array.from({ length: COUNT }, (_, i) => {
    const r = Math.sqrt((i + 0.5) / COUNT);
    return { x: WIDTH / 2 + r * 185 * Math.cos(i * TURN), y: 92 + r * 56 * Math.sin(i * TURN), late: (i * 7) % 10 };
  });
  const size = $derived(2 + 11 * look.bubbles);
  const seconds = $derived(look.lively > 0 ? 0.5 + 1.8 * (1 - look.lively) : 0);
  const mixed = $derived(`color-mix(in srgb, var(--pot-brown) ${Math.round(look.brown * 100)}%, var(--pot-clear))`);
</script>

<svg viewBox="0 0 {WIDTH} {HEIGHT}" aria-hidden="true" class:on={isOn}>
  <path class="side" d="M20 92V140A210 44 0 0 0 440 140V92Z" />
  <ellipse class="rim" cx={WIDTH / 2} cy="92" rx="210" ry="70" />
  <ellipse cx={WIDTH / 2} cy="94" rx="200" ry="64" fill={mixed} />
  {#if look.lively > 0}
    {#each places as { x, y, late }, i (i)}
      <circle
        cx={x}
        cy={y}
        r={size * (0.7 + 0.06 * (i % 7))}
        style:animation-duration="{seconds}s"
        style:animation-delay="-{(late / 10) * seconds}s"
      />
    {/each}
  {/if}
  {#if isOn}<path class="fire" d="M90 182h280" />{/if}
</svg>

<style>
  svg {
    --pot-clear: #e9e2cf;
    --pot-brown: #7a3a10;

    display: block;
    width: 100%;
    max-height: 34vh;
  }

  .side {
    fill: var(--steel);
  }

  .rim {
    fill: var(--rule-strong);
  }

  circle {
    fill: none;
    stroke: var(--pot-brown);
    stroke-opacity: 0.45;
    stroke-width: 1.6;
    transform-box: fill-box;
    transform-origin: center;
    animation: rise linear infinite;
  }

  .fire {
    stroke: var(--hot);
    stroke-width: 8;
    stroke-dasharray: 18 10;
  }

  @keyframes rise {
    from {
      transform: scale(0.2);
      opacity: 0;
    }

    70% {
      opacity: 1;
    }

    to {
      transform: scale(1.1);
      opacity: 0;
    }
  }

  @media (prefers-reduced-motion: reduce) {
    circle {
      animation: none;
    }
  }
</style>
