<!-- Drawing of the boiling pot from above at each sugar stage: bubbles and colour. -->
<script lang="ts">
  import type { Stage } from '$core/slab';

  let { stage }: { stage: Stage } = $props();

  const LOOKS: Record<Stage, { bubbles: number; size: number; shade: string }> = {
    thread: { bubbles: 90, size: 1.3, shade: '#f6efe2' },
    'soft ball': { bubbles: 40, size: 2.4, shade: '#f4ead6' },
    'firm ball': { bubbles: 26, size: 3.4, shade: '#f2e6cc' },
    'hard ball': { bubbles: 16, size: 4.4, shade: '#f0e1c0' },
    'soft crack': { bubbles: 60, size: 1.7, shade: '#f1dda6' },
    'hard crack': { bubbles: 22, size: 1.5, shade: '#ecc977' },
    'light caramel': { bubbles: 12, size: 1.4, shade: '#d99f3a' },
    'dark caramel': { bubbles: 8, size: 1.4, shade: '#7a3d12' },
  };
  const MIDDLE = 27;
  const RADIUS = 19;
  const GOLDEN = 2.399963;
  const look = $derived(LOOKS[stage]);
  /** Evenly spread in a sunflower pattern. */
  const bubbles = $derived(
    Array.from({ length: look.bubbles }, (_, i) => {
      const out = RADIUS * Math.sqrt((i + 0.5) / look.bubbles);
      return {
        x: MIDDLE + out * Math.cos(i * GOLDEN),
        y: MIDDLE + out * Math.sin(i * GOLDEN),
        r: look.size * (0.75 + 0.5 * ((i * 7) % 5) * 0.25),
      };
    }),
  );
</script>

<svg viewBox="0 0 66 54" width="72" height="59" aria-hidden="true">
  <path class="pot" d="M48 24h15v6h-15z" />
  <circle class="pot" cx={MIDDLE} cy={MIDDLE} r="25" />
  <circle cx={MIDDLE} cy={MIDDLE} r="22.5" fill={look.shade} />
  {#each bubbles as { x, y, r }, i (i)}<circle class="bubble" cx={x} cy={y} {r} />{/each}
</svg>

<style>
  .pot {
    fill: var(--steel);
    stroke: var(--rule-strong);
  }

  .bubble {
    fill: rgb(255 255 255 / 45%);
    stroke: rgb(90 55 15 / 55%);
    stroke-width: 0.6;
  }
</style>
