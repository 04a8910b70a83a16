import type { Measures } from '../measure';
import type { Place, Preparation, Stage } from '../slab';
import { newPantry, takeFrom } from './goesIn';
import { endPointIn, NO_TEMPERATURE, ovenIn } from './degrees';
import { clausesOf, type StepKind } from './kinds';
import { isOfPlace, placeIn } from './keepIn';
import { hasNegativeMinutes, minutesIn, type MinutesRead } from './minutes';
import { inFigures } from './plainWords';
import { namedIn, type Named, type NamedLine } from './ingredientsIn';
import { mentionedIn, pouredInto } from './preparationIn';
import { tinIn } from './tinIn';
import type { StepNote } from './notes';

/** A step as a sentence of the method describes it. */
export interface StepRead {
  /** Original text: the sentence, or its part for this step. */
  readonly text: string;
  /** Index of its sentence in the method, from 0. */
  readonly sentence: number;
  /** Id of its preparation; `null` for the whole slab. */
  readonly of: string | null;
  readonly kind: StepKind;
  readonly minutes: MinutesRead | null;
  readonly ovenC: number | null;
  /** Temperature it is heated or cooled to, °C at sea level. */
  readonly celsius: number | null;
  readonly stage: Stage | null;
  readonly place: Place | null;
  /** Another preparation that it is poured into, or that is mixed in here. */
  readonly joins: string | null;
  /** Ingredients added here, by the names of their lines. */
  readonly adds: readonly string[];
  /** Shares of partly added ingredients. */
  readonly shares: Readonly<Record<string, number>>;
  readonly status: 'read' | 'check';
  /** Questions about it; empty if there are none. */
  /** Status of the reading. */
  readonly note: StepNote | null;
}

/** A sentence of a method with its heading. */
export interface Sentence {
  readonly text: string;
  readonly under: string | null;
}

/** Kinds of steps that concern the whole slab. */
const OF_ALL: readonly StepKind[] = ['cut', 'pack'];
/** Kinds of steps that add ingredients. */
const TAKES_IN: readonly StepKind[] = [
  'bake',
  'mix',
  'beat',
  'melt',
  'boil',
  'scatter',
  'other',
  'lay',
  'finish',
  'press',
];
/** Matches remarks, which contain no action. */
const REMARK = /\b(?:I|I'm|we|my|our|me|you|your|enjoy|honestly|perfect|delicious|favou?rite|love|trust|worry)\b|!/i;
/** Heating on the hob to this temperature is a boil, °C. */
const BOILS_FROM_C = 101;
const STIRRED: readonly (StepKind | null)[] = ['mix', 'melt', null];

/**
 * Returns the steps of a method in order.
 *
 * @param preparations what is made, with its lines; ingredients that a step names go in there
 * @param measures in which bare degrees over 200 are Fahrenheit or Celsius
 */
export function stepsIn(
  sentences: readonly Sentence[],
  preparations: readonly Preparation[],
  measures: Measures,
): StepRead[] {
  const isUs = measures === 'us';
  const lines: NamedLine[] = preparations.flatMap(({ id, lines }) =>
    lines.map(({ ingredient }, at) => ({ ingredient, of: id, at })),
  );
  const pantry = newPantry();
  const steps: StepRead[] = [];
  let oven: number | null = null;
  let last: string | null = preparations.length === 1 ? preparations[0]!.id : null;
  sentences.forEach(({ text, under }, sentence) => {
    const headed = mentionedIn(under ?? '', preparations)?.id ?? null;
    const label = /^([^:.]{2,40}):\s+(.+)$/.exec(text);
    const labelled = label ? (mentionedIn(label[1]!, preparations)?.id ?? null) : null;
    const body =
      label && (labelled !== null || /^(?:step|stage|note|tip|to \w+|method)\b/i.test(label[1]!)) ? label[2]! : text;
    for (const { text: clause, kind: done } of clausesOf(inFigures(body))) {
      const hot = endPointIn(clause).celsius ?? 0;
      // Anything stirred to 149 °F or higher boils.
      const kind =
        hot >= BOILS_FROM_C && hot < 200 && !/\boven\b/i.test(clause) && STIRRED.includes(done)
          ? 'boil'
          : (done ?? 'other');
      const isKnown = done !== null;
      const isOven = kind === 'bake' || /\boven\b/i.test(clause);
      const ovenRead = isOven ? ovenIn(clause, isUs) : NO_TEMPERATURE;
      if (ovenRead.celsius !== null) oven = ovenRead.celsius;
      const heats = !isOven && ['boil', 'melt', 'set', 'other', 'mix', 'beat', 'lay'].includes(kind);
      const ends =
        heats && !(kind === 'set' && isOfPlace(clause)) ? endPointIn(clause) : { ...NO_TEMPERATURE, stage: null };
      const named = TAKES_IN.includes(kind) ? namedIn(clause, lines, pantry.gone, last) : null;
      const isRemark = !isKnown && REMARK.test(clause);
      const of = isRemark ? null : ofWhich({ kind, clause, headed: labelled ?? headed, named, last, preparations });
      const { adds, shares } = named ? takeFrom(pantry, clause, named, of) : { adds: [], shares: {} };
      if (of !== null) last = of;
      const isNegative = hasNegativeMinutes(clause);
      const times = isNegative || kind === 'pack' ? [] : minutesIn(clause);
      const minutes = times[0] ?? null;
      const note: StepNote | null =
        ovenRead.ask ??
        ends.ask ??
        (isNegative ? ({ code: 'negative-time' } as const) : null) ??
        (isKnown || minutes !== null || ovenRead.celsius !== null ? null : { code: 'not-understood' });
      steps.push({
        text: clause,
        sentence,
        of,
        kind,
        minutes,
        ovenC: ovenRead.celsius ?? (kind === 'bake' ? oven : null),
        celsius: ends.celsius,
        stage: ends.celsius === null ? null : ends.stage,
        place: kind === 'set' || kind === 'pack' ? placeIn(clause) : null,
        joins: of === null ? null : joinedIn(kind, clause, of, preparations, pantry.gone),
        adds: adds.map(({ ingredient }) => ingredient),
        shares,
        status: note === null ? 'read' : 'check',
        note,
      });
    }
  });
  return steps;
}

/** Returns the other preparation that a step combines with its own: poured into it, or mixed in by an ingredient's name. */
function joinedIn(
  kind: StepKind,
  clause: string,
  of: string,
  preparations: readonly Preparation[],
  gone: ReadonlySet<NamedLine>,
): string | null {
  const others = preparations.filter(({ id }) => id !== of);
  if (kind === 'lay') return pouredInto(clause, others);
  if (kind !== 'mix' && kind !== 'beat') return null;
  return namedIn(
    clause,
    [...gone].filter((line) => line.of !== of),
    new Set(),
    null,
  ).most;
}

/** Returns the preparation of a step: from its heading, its text or its ingredients; otherwise that of the previous step. */
function ofWhich({
  kind,
  clause,
  headed,
  named,
  last,
  preparations,
}: {
  kind: StepKind;
  clause: string;
  headed: string | null;
  named: Named | null;
  last: string | null;
  preparations: readonly Preparation[];
}): string | null {
  if (OF_ALL.includes(kind)) return null;
  if (kind === 'other' && (tinIn(clause) !== null || /\b(?:oven|line|grease|tin|pan)\b/i.test(clause))) return null;
  if (preparations.length === 1) return preparations[0]!.id;
  if (headed !== null) return headed;
  const mentioned = mentionedIn(clause, preparations);
  if (mentioned?.isMade) return mentioned.id;
  const works = ['mix', 'beat', 'melt', 'boil', 'other'].includes(kind);
  if (works && named && named.most !== null) return named.most;
  return (mentioned?.isUnder ? null : mentioned?.id) ?? named?.most ?? last;
}
