<!-- The current step in large letters, with its ingredients, caution and timer; one large button ends it. -->
<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import WarningAlt from 'carbon-icons-svelte/lib/WarningAlt.svelte';
  import type { Happening, LineNow, RunBoil, StepNow } from '$core/run';
  import { stepInShort } from '$core/time';
  import { shopDates } from '$lib/format/shopDates';
  import { shopFigures } from '$lib/format/shopFigures';
  import BigButton from './BigButton.svelte';
  import BenchProbe from './BenchProbe.svelte';
  import { countdown } from './clock';

  interface Props {
    now: StepNow;
    /** Milliseconds left; `null` before it starts. */
    left: number | null;
    nowMs: number;
    /** Number of entries waiting for a server that does not answer; `null` while it does. */
    unsent: number | null;
    /** Number of urgent notices below, on a phone. */
    cannotWait: number;
    lines: readonly LineNow[];
    /** Whether it will have waited too long already: nothing else says when to start it. */
    isEndangered: boolean;
    /** Whether nothing is begun for now, since the maker is late. */
    isHeld: boolean;
    /** The boil of this step. */
    boil: RunBoil | null;
    onbegin: (step: string) => void;
    onend: (step: string) => void;
    onputoff: () => void;
    onskip: () => void;
    onnote: (...happenings: Happening[]) => void;
    /** Called to enter another amount of a line, or its lot. */
    onamount: (line: LineNow) => void;
  }
  let {
    now,
    left,
    nowMs,
    unsent,
    cannotWait,
    lines,
    isEndangered,
    isHeld,
    boil,
    onbegin,
    onend,
    onputoff,
    onskip,
    onnote,
    onamount,
  }: Props = $props();

  const figures = $derived(shopFigures());

  const { step, status } = $derived(now);
  const short = $derived(stepInShort(step.text));
  const rest = $derived(step.text.slice(short.length).replace(/^[.:;\s]+/, ''));
  const dates = $derived(shopDates());
  const MINUTE_MS = 60_000;
  const waitsMs = $derived(now.from - nowMs);
  const startsAt = $derived(dates.weekTime(now.from));
  /** Everything is weighed in the first step; later steps show what goes into their pot. */
  const shown = $derived(
    step.of === 'all' && step.after.length === 0
      ? lines
      : lines.filter(({ goesIn }) => sameStep(goesIn) === sameStep(step.id)),
  );
  /** Steps of several boils are marked "#2" and so on. */
  const sameStep = (id: string) => id.replace(/#\d+$/, '');
  /** The amount that is in, or the share of one boil, if that differs from the planned amount. */
  const amountIn = ({ massInG, massG, measured }: LineNow) =>
    step.share !== undefined
      ? massInG === null
        ? `${measured} in all`
        : figures.mass.say(massInG * step.share)
      : massInG !== null && massG !== null && Math.abs(massInG - massG) > 0.005 * massG
        ? figures.mass.say(massInG)
        : measured;
  const isWeighing = $derived(step.of === 'all' && step.after.length === 0);
  const pots = $derived([...new Set(shown.map(({ preparationName }) => preparationName))]);
  /** The slab whose pot a mixture is cooked in. */
  const inPotOf = (pot: string) => shown.find(({ preparationName }) => preparationName === pot)?.inPotOf;
</script>

<section class="panel" aria-label="Now">
  <p class="quiet top">
    <span>{status === 'under way' ? 'Now' : 'Next'}</span>
    <!-- In a line that is always there, so that nothing moves; the notices have the details. -->
    {#if cannotWait > 0}
      <a class="pressing" href="#cannot-wait"><WarningAlt /> {cannotWait} urgent</a>
    {:else if unsent !== null}
      <span class="unsent figures" aria-hidden="true"><WarningAlt /> {unsent} to send</span>
    {/if}
  </p>
  <h2>{short}</h2>
  {#if rest !== ''}<p class="rest">{rest}</p>{/if}
  {#if step.ovenC !== null}<p class="figures oven">Oven at {figures.bothTemperatures(step.ovenC)}</p>{/if}
  {#if left !== null}
    <p class="clock figures" class:over={left < 0} role="timer">{countdown(left)}</p>
  {:else}
    <p class="figures quiet">
      About {Math.round(step.minutes)} min{#if waitsMs > MINUTE_MS && !isEndangered}. <b class="early"
          >Start at {startsAt}{isHeld ? ': you are running late' : ': the next step cannot start any sooner'}.</b
        >{/if}
    </p>
  {/if}
  {#if boil}{#key boil.step}<BenchProbe {boil} {onnote} />{/key}{/if}
  {#each pots as pot (pot)}
    {#if pots.length > 1 || inPotOf(pot)}<h3>
        {pot}{#if inPotOf(pot)}, into the pot for {inPotOf(pot)}{/if}
      </h3>{/if}
    <ul>
      {#each shown.filter((line) => line.preparationName === pot) as line (`${line.preparation} ${line.line}`)}
        <li>
          {#if isWeighing}
            <button
              type="button"
              class="tick"
              aria-pressed={line.weighedG !== null}
              onclick={() =>
                onnote({
                  kind: 'weighed',
                  preparation: line.preparation,
                  line: line.line,
                  massG: line.massG ?? 0,
                })}
            >
              <span class="mark" aria-hidden="true">{line.weighedG === null ? '' : '✓'}</span>
              <b class="figures">{amountIn(line)}</b>
              {line.ingredient}
            </button>
            <button
              type="button"
              class="other"
              aria-label="Enter the amount of {line.ingredient}"
              onclick={() => onamount(line)}>…</button
            >
          {:else}<span class="line"><b class="figures">{amountIn(line)}</b> {line.ingredient}</span>{/if}
        </li>
      {/each}
    </ul>
  {/each}
  {#if step.caution}<p class="caution">{step.caution}</p>{/if}
  <div class="acts">
    <!-- One button, so that the focus stays on the next thing to do. -->
    <BigButton onpress={() => (status === 'under way' ? onend(step.id) : onbegin(step.id))}
      >{status === 'under way' ? 'Done' : 'Begin'}</BigButton
    >
    <Button kind="ghost" on:click={onputoff}>Postpone …</Button>
    <Button kind="ghost" on:click={onskip}>Skip step</Button>
  </div>
</section>

<style>
  .top {
    display: flex;
    justify-content: space-between;
  }

  .unsent,
  .pressing {
    display: flex;
    align-items: center;
    gap: 0.3rem;
    color: var(--hot);
  }

  .pressing {
    color: var(--harm);
  }

  /** Beside it on wide screens. */
  @media (min-width: 760px) {
    .pressing {
      display: none;
    }
  }

  section {
    display: grid;
    gap: 0.6rem;
    padding: 1.2rem 1.4rem;
  }

  h2 {
    font-size: 2rem;
    line-height: 1.2;
    font-weight: 650;
  }

  h3 {
    font-size: 1rem;
    font-weight: 650;
  }

  .early {
    color: var(--hot);
    font-weight: 650;
  }

  .clock {
    font-size: 3.4rem;
    font-weight: 700;
    line-height: 1.1;
  }

  .over {
    color: var(--harm);
  }

  .oven {
    font-size: 1.4rem;
  }

  .caution {
    padding: 0.6rem 0.8rem;
    background: var(--hot-ground);
    color: var(--hot);
    font-size: 1.05rem;
  }

  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
    gap: 0.4rem;
  }

  li {
    display: flex;
  }

  .other {
    flex: none;
    width: 56px;
    min-height: 56px;
    border: 1px solid var(--rule);
    border-left: 0;
    background: var(--panel);
    color: var(--ink);
    font: inherit;
    font-size: 1.3rem;
    font-weight: 700;
    cursor: pointer;
  }

  .tick,
  .line {
    display: flex;
    gap: 0.7rem;
    align-items: center;
    width: 100%;
    min-height: 56px;
    padding: 0 0.8rem;
    border: 1px solid var(--rule);
    background: var(--panel);
    color: var(--ink);
    font: inherit;
    font-size: 1.15rem;
    text-align: left;
  }

  .line {
    min-height: 44px;
    border-width: 0 0 1px;
  }

  .tick b,
  .line b {
    white-space: nowrap;
  }

  .tick[aria-pressed='true'] {
    background: var(--sunk);
    border-color: var(--good);
  }

  .mark {
    width: 1.2rem;
    color: var(--good);
    font-weight: 800;
  }

  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0.6rem;
    align-items: center;
    margin-top: 0.4rem;
    padding: 0.5rem 0;
    position: sticky;
    bottom: 0;
    background: var(--panel);
  }

  .rest {
    font-size: 1.1rem;
  }

  @media (max-width: 759px) {
    section {
      gap: 0.4rem;
      padding: 0.7rem 0.9rem;
    }

    h2 {
      font-size: 1.35rem;
    }

    .rest {
      font-size: 1rem;
    }

    .clock {
      font-size: 2.2rem;
    }
  }
</style>
