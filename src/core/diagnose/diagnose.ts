import { CAUSES, type Cause, type CauseId, type Seen, type Trait } from './causes';
import type { FactId, Finding, Told } from './facts';

/** A possible cause of the symptoms. */
export interface Diagnosis {
  readonly cause: CauseId;
  /** Probability among all causes including unknown ones, 0 to 1. */
  readonly weight: number;
  readonly likely: 'very likely' | 'likely' | 'possible' | 'unlikely';
  /** Recorded facts that support it, the strongest first. */
  readonly because: readonly Finding[];
  /** Recorded facts that contradict it. */
  readonly against: readonly Finding[];
}

/** Probability of a symptom that is not listed for a cause. */
const SELDOM = 0.04;
/** Weight of unknown causes, and the probability of any symptom for them. */
const UNKNOWN = { prior: 0.06, shows: 0.15 } as const;
/** Minimum probability of each wording. */
const LIKELY = { 'very likely': 0.5, likely: 0.2, possible: 0.06 } as const;
/** Minimum likelihood ratio for a fact to be shown as support, or its inverse as contradiction. */
const SPEAKS = 1.3;

/** Returns the likelihood ratio of a fact for a cause. */
const factorOf = ([withIt, without]: readonly [number, number], { holds }: Told) =>
  holds ? withIt / without : (1 - withIt) / (1 - without);

const inWords = (weight: number): Diagnosis['likely'] =>
  weight >= LIKELY['very likely']
    ? 'very likely'
    : weight >= LIKELY.likely
      ? 'likely'
      : weight >= LIKELY.possible
        ? 'possible'
        : 'unlikely';

/**
 * Returns the causes of symptoms, the most likely first: prior times the probability of the symptoms times the likelihood ratios
 * of the recorded facts. Facts count as independent. What was not recorded counts neither way.
 *
 * @param seen at least one
 * @see Bayes' rule with conditionally independent evidence; Titterington D. M. et al. (1981), Comparison of discrimination techniques applied
 *   to a complex data set of head injured patients, for how well that does where it does not quite hold
 */
export function diagnose(
  seen: readonly Seen[],
  facts: ReadonlyMap<FactId, Told>,
  traits: ReadonlySet<Trait>,
): Diagnosis[] {
  const causes = (Object.entries(CAUSES) as [CauseId, Cause][]).filter(([, { needs }]) =>
    needs.every((trait) => traits.has(trait)),
  );
  const reckoned = causes.map(([id, cause]) => {
    const speaking = (Object.entries(cause.facts) as [FactId, readonly [number, number]][]).flatMap(([fact, often]) => {
      const told = facts.get(fact);
      return told ? [{ factor: factorOf(often, told), finding: told.finding }] : [];
    });
    const shown = seen.reduce((product, what) => product * (cause.shows[what] ?? SELDOM), 1);
    const weight = speaking.reduce((product, { factor }) => product * factor, cause.prior * shown);
    return { id, speaking, weight };
  });
  const unknown = UNKNOWN.prior * UNKNOWN.shows ** seen.length;
  const all = reckoned.reduce((sum, { weight }) => sum + weight, unknown);
  return reckoned
    .map(({ id, speaking, weight }): Diagnosis => {
      const strongest = [...speaking].sort((a, b) => b.factor - a.factor);
      return {
        ...{ cause: id, weight: weight / all, likely: inWords(weight / all) },
        because: strongest.filter(({ factor }) => factor >= SPEAKS).map(({ finding }) => finding),
        against: strongest.filter(({ factor }) => factor <= 1 / SPEAKS).map(({ finding }) => finding),
      };
    })
    .sort((a, b) => b.weight - a.weight);
}
