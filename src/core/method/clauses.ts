import type { Measures } from '../measure';
import type { Place, Stage } from '../slab';
import { activeVoice } from './activeVoice';
import { endPointIn, NO_TEMPERATURE, ovenIn } from './degrees';
import { clausesOf } from './joints';
import type { StepKind } from './kinds';
import { isOfPlace, isShelfLife, placeIn } from './keepIn';
import { hasNegativeMinutes, minutesIn, type MinutesRead } from './minutes';
import type { StepNote } from './notes';
import { signIn, type SignRange } from './signs';
import { inFigures } from './plainWords';

/** The place of a wait: that which is named with its time, of "cool on a rack, then chill for 2 hours". */
function waitsIn(clause: string): Place | null {
  const timed = clause.split(/,|\bthen\b/i).find((part) => minutesIn(part).length > 0);
  return (timed === undefined ? null : placeIn(timed)) ?? placeIn(clause);
}

/** A sentence of a method with its heading. */
export interface Sentence {
  readonly text: string;
  readonly under: string | null;
}

/** A clause of a sentence: one action, with what is said about its time and temperature. */
export interface ClauseRead {
  /** Original text: the sentence, or its part for this action. */
  readonly text: string;
  /** Index of its sentence in the method, from 0. */
  readonly sentence: number;
  readonly kind: StepKind;
  readonly minutes: MinutesRead | null;
  readonly ovenC: number | null;
  /** Temperature it is heated or cooled to, °C at sea level. */
  readonly celsius: number | null;
  readonly stage: Stage | null;
  readonly place: Place | null;
  readonly status: 'read' | 'check';
  /** The question about it; `null` if there is none. */
  readonly note: StepNote | null;
}

/** A clause as the kitchen follows it. */
export interface Clause extends ClauseRead {
  /** Heading, or the words before a colon, that say what it is of. */
  readonly under: string | null;
  /** Whether it is a remark, which changes nothing. */
  readonly isRemark: boolean;
}

/** Matches remarks, which contain no action. */
const REMARK = /\b(?:I|I'm|we|my|our|me|you|your|enjoy|honestly|perfect|delicious|favou?rite|love|trust|worry)\b|!/i;
/** A whole sentence in brackets that speaks to the reader. */
const isAside = (sentence: string) => /^\(.*\)[.!]?$/.test(sentence.trim()) && REMARK.test(sentence);
/** Heating on the hob to this temperature is a boil, °C. */
const BOILS_FROM_C = 101;
const STIRRED: readonly (StepKind | null)[] = ['mix', 'melt', 'beat', null];
const LONG = /\b(?:days?|weeks?|months?)\b/i;
/** A temperature on the way, after which the heat is changed or another pot started. */
const ON_THE_WAY =
  /\b(?:lower|reduce|turn down) (?:the )?heat\b[^.;]*\bat\b|\bwhen (?:it|the [a-z ]+?) (?:reaches|gets to|is at|hits)\b|\bstart (?:to |the )?(?:whisk|beat|mixer)/i;
/** "It is ready when it reaches 118 C": the end. */
const IS_READY = /\b(?:ready|done|finished|cooked) (?:when|once|as soon as)\b/i;
/** "Bake 25-30, still soft in the middle": minutes. */
const BARE_MINUTES = /^bake (?:for )?(\d{1,2})(?:-(\d{1,2}))?(?=[,.]|$| (?:until|till)\b)/i;
const INTO_TIN =
  /^(?:straight |then |all |it goes |everything )*(?:in|into|onto) (?:a|the|your|an) [^,;.]{0,30}\b(?:tins?|trays?|frames?|moulds?|molds?|baking (?:pan|dish|sheet))\b/i;

/** What is on the hob, of the clauses that stir or mix. */
const ON_HOB = /\b(?:pan|pot|saucepan|heat|hob|stove|simmer|flame)\b/i;

/** The middle of the usual range of a sign, which is asked about. */
function endOfSign({ sign, fromC, toC }: SignRange) {
  const celsius = Math.round((fromC + toC) / 2);
  return { celsius, stage: null, ask: { code: 'sign-range', sign, fromC, toC, takenC: celsius } as const };
}

/**
 * Splits sentences into clauses, in order, and reads the time, temperature and place of each.
 *
 * @param nouns words of the ingredients
 * @param measures in which bare degrees over 200 are Fahrenheit or Celsius
 */
export function clausesIn(sentences: readonly Sentence[], measures: Measures, nouns: ReadonlySet<string>): Clause[] {
  const isUs = measures === 'us';
  const clauses: Clause[] = [];
  let oven: number | null = null;
  sentences.forEach(({ text, under }, sentence) => {
    const label = /^([^:.]{2,40}|[A-Z]):\s+(.+)$/.exec(text);
    for (const { text: clause, kind: done } of clausesOf(activeVoice(inFigures(text)), nouns)) {
      const stated = endPointIn(clause);
      // "Stir until it leaves the sides of the pan" boils; "beat until thick and golden" does not.
      const isOnHob = done === 'boil' || done === 'melt' || done === null || (done === 'mix' && ON_HOB.test(clause));
      const sign = isOnHob && !/\boven\b/i.test(clause) ? signIn(clause) : null;
      const isOnTheWay = ON_THE_WAY.test(clause) && !IS_READY.test(clause);
      const hot = (isOnTheWay && done === 'beat' ? null : stated.celsius) ?? sign?.fromC ?? 0;
      const isBoil = hot >= BOILS_FROM_C && hot < 200 && !/\boven\b/i.test(clause) && STIRRED.includes(done);
      const isTin = done === null && INTO_TIN.test(clause);
      const last = clauses.at(-1);
      // "Keep for 10 days in the fridge, or in the freezer for 3 months."
      const isKept = done === 'set' && last?.kind === 'pack' && last.sentence === sentence && LONG.test(clause);
      const isNote = done !== 'pack' && isShelfLife(clause);
      const kind: StepKind = isNote ? 'pack' : isBoil ? 'boil' : isTin ? 'lay' : isKept ? 'pack' : (done ?? 'other');
      const isKnown = done !== null || isTin || isShelfLife(clause);
      const isOven = kind === 'bake' || /\boven\b/i.test(clause);
      const ovenRead = isOven ? ovenIn(clause, isUs) : NO_TEMPERATURE;
      if (ovenRead.celsius !== null) oven = ovenRead.celsius;
      const heats = !isOven && ['boil', 'melt', 'set', 'other', 'mix', 'beat', 'lay'].includes(kind);
      const onward = isOnTheWay
        ? (/\b(?:continue|carry on|go on|cook on|boil on|until)\b.*$/i.exec(clause)?.[0] ?? null)
        : clause;
      const read =
        heats && onward !== null && !(kind === 'set' && isOfPlace(clause))
          ? endPointIn(onward)
          : { ...NO_TEMPERATURE, stage: null };
      const ends = sign && kind === 'boil' && read.celsius === null && read.ask === null ? endOfSign(sign) : read;
      const isNegative = hasNegativeMinutes(clause);
      const times = isNegative || kind === 'pack' ? [] : minutesIn(clause);
      const bare = kind === 'bake' && times.length === 0 ? BARE_MINUTES.exec(clause) : null;
      const minutes: MinutesRead | null = bare ? [Number(bare[1]), Number(bare[2] ?? bare[1])] : (times[0] ?? null);
      const note: StepNote | null =
        ovenRead.ask ??
        ends.ask ??
        (isNegative ? ({ code: 'negative-time' } as const) : null) ??
        (isKnown || minutes !== null || ovenRead.celsius !== null ? null : { code: 'not-understood' });
      clauses.push({
        text: clause,
        sentence,
        under: label?.[1] ?? under,
        isRemark: (!isKnown && REMARK.test(clause)) || isAside(text),
        kind,
        minutes,
        ovenC: ovenRead.celsius ?? (kind === 'bake' ? oven : null),
        celsius: ends.celsius,
        stage: ends.celsius === null ? null : ends.stage,
        place: kind === 'set' ? waitsIn(clause) : kind === 'pack' ? placeIn(clause) : null,
        status: note === null ? 'read' : 'check',
        note,
      });
    }
  });
  return clauses;
}
