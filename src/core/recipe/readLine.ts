import {
  AMOUNT_LEFT,
  BAG,
  BARE_UNIT,
  BIG_CUP,
  BIG_SPOON,
  COUNTED_VAGUE,
  HEAPED,
  LEFT,
  MAX_TIN_G,
  NO_AMOUNT,
  OPTIONAL,
  PART_OF,
} from './linePatterns';
import type { Ingredient, Larder } from '../larder';
import { massOf, type Measures, type Unit } from '../measure';
import { holdsQuantity } from '../slab';
import { isMeasure, leadingAmount, type Led, type Written } from './amount';
import { larderMatch, named } from './name';
import type { LineNote } from './notes';
import { amountFirst, tidied } from './tidy';
import { trailingAmount } from './trailingAmount';

/** Status of a reading: `check` needs the maker's confirmation, `unread` stays as text. */
export type Status = 'read' | 'check' | 'unread' | 'heading';

/** A pasted line and its reading. */
export interface LineRead {
  readonly text: string;
  readonly status: Status;
  readonly quantity: number | null;
  readonly quantityMax: number | null;
  readonly unit: Unit | null;
  /** Net content of one pack stated in the line, g. */
  readonly packG: number | null;
  readonly ingredient: string | null;
  /** Larder name, or `null` if the larder does not have it. */
  readonly larder: string | null;
  readonly state: string | null;
  /** A second amount of the same ingredient. */
  readonly also: { readonly quantity: number; readonly unit: Unit } | null;
  readonly alternatives: readonly string[];
  readonly optional: boolean;
  /** Mass of the first amount if it can be weighed, otherwise of the second, g. */
  readonly massG: number | null;
  /** What the mass is based on, or what to check. */
  readonly notes: readonly LineNote[];
}

/** Two amounts that differ by more than this share of the larger are shown side by side as a question. */
const DISAGREE = 0.1;
const EMPTY = {
  quantity: null,
  quantityMax: null,
  unit: null,
  packG: null,
  ingredient: null,
  larder: null,
  state: null,
  also: null,
  alternatives: [],
  optional: false,
  massG: null,
} as const;

export function unreadLine(text: string, note: LineNote): LineRead {
  return { ...EMPTY, text, status: 'unread', notes: [note] };
}

export function headingLine(text: string): LineRead {
  return { ...EMPTY, text, status: 'heading', notes: [] };
}

/** Returns the name of a heading, or `null`: marked as one, ending in a colon, "For the base", or in capitals. */
export function headingName(text: string, larder: Larder): string | null {
  const plain = text.trim();
  if (plain.length > 120) return null;
  const marked = /^(?:#{1,6}\s+|\*\*|__|==+\s*|--+\s+)(.+?)(?:\*\*|__|==+|--+|#+)?:?\s*$/.exec(plain);
  const name = (marked?.[1] ?? plain).replace(/[:\s*_]+$/, '').trim();
  if (name === '' || !/\p{L}/u.test(name)) return null;
  if (marked) return leadingAmount(tidied(name), 'metric') ? null : name;
  if (/:$/.test(plain) && !/^\d/.test(plain)) return name;
  if (/^(?:for|to make) (?:the |a |an )?\p{L}[\p{L}\s'-]*(?:\([^)]*\))?$/iu.test(plain) && plain.length < 60)
    return name;
  const capitals = !/\p{Ll}/u.test(plain) && /\p{Lu}{3}/u.test(plain) && !/\d/.test(plain);
  return capitals && !larderMatch(name, larder) ? name : null;
}

/** Returns the amounts in brackets or after a slash: "(8 oz/225 g)", "/8oz", "or 225 g". */
function furtherAmounts(led: Led, measures: Measures): { also: Written[]; rest: string } {
  const also: Written[] = [];
  let rest = led.rest;
  for (;;) {
    const joint = /^\s*(?:\/|=|or (?=(?:about )?[\d])|,\s*(?=[\d])|(?=[([]))/i.exec(rest);
    if (!joint) break;
    const bracket = /^\s*[([]([^()[\]]*)[)\]]/.exec(rest);
    const inside = bracket ? bracket[1]! : rest.slice(joint[0].length);
    const found = inside
      .split(bracket ? /\s*(?:\/|=|,|;| or )\s*(?=(?:about |approx\.? )?\d)/ : /$^/)
      .map((part) => leadingAmount(tidied(part), measures));
    if (
      found.length === 0 ||
      found.some(
        (amount) => amount === null || !isMeasure(amount) || (bracket && /\p{L}{3}/u.test(withoutNotes(amount.rest))),
      )
    )
      break;
    also.push(...(found as Led[]));
    rest = bracket ? rest.slice(bracket[0].length) : found[0]!.rest;
  }
  // Returns an amount in brackets after the name: "250 g butter (2 sticks)".
  const behind = /^(.*?)\s*\(([^()]*\d[^()]*)\)(.*)$/.exec(rest);
  const amount = behind && leadingAmount(tidied(behind[2]!.replace(/^or /i, '')), measures);
  if (behind && amount && isMeasure(amount) && !/\p{L}{3}/u.test(withoutNotes(amount.rest))) {
    also.push(amount);
    rest = `${behind[1]!}${behind[3]!}`;
  }
  return { also, rest };
}

const withoutNotes = (text: string) =>
  text.replace(/\b(?:each|total|in all|approx|about|drained|weight|net)\b\.?/gi, '');

const gramsOf = (
  amount: Written,
  packG: number | null,
  state: string | null,
  found: Ingredient | null,
  measures: Measures,
) => massOf({ ...amount, state: state ?? undefined, packG: packG ?? undefined }, found ?? {}, measures);

/**
 * Reads one line of a recipe: amount, unit, ingredient, state, a second amount, substitutes.
 *
 * Nothing is guessed in silence: what is ambiguous comes back as `check` with the reason, what is no line at all as `unread`. A name that
 * the larder does not know is no reason: `larder` tells it.
 *
 * @param text one line, of any kind
 * @param measures whose cups and spoons
 * @example readLine('2 sticks butter, cubed', 'us', larder) // { quantity: 2, unit: 'stick', ingredient: 'butter', massG: 226.8, ... }
 */
export function readLine(text: string, measures: Measures, larder: Larder): LineRead {
  const heading = headingName(text, larder);
  if (heading !== null) return { ...headingLine(text), ingredient: heading };
  if (/^\W*(?:makes|yields?|serves)\b/i.test(text)) return unreadLine(text, { code: 'no-amount-in-front' });
  const optional = OPTIONAL.test(text);
  const plain = amountFirst(tidied(text.replace(OPTIONAL, '')));
  if (!/\p{L}/u.test(plain)) return unreadLine(text, { code: plain === '' ? 'empty' : 'no-ingredient' });
  const thousands = /(?<![\d.])\d{1,3}[.,]\d{3}(?!\d)/.exec(plain);
  const vagueCount = COUNTED_VAGUE.exec(plain);
  if (vagueCount) return withoutAmount(text, plain.slice(vagueCount[0].length), true, larder);
  const part = PART_OF.exec(plain);
  const partOf = part && tidied(part[2]!);
  const bare = BARE_UNIT.exec(plain);
  const heaped =
    HEAPED.exec(plain) ?? BIG_SPOON.exec(plain) ?? /^[\d /.-]+ ?(heaped|heaping|rounded|scant|generous)\b/i.exec(plain);
  let led = leadingAmount(
    thousands
      ? plain.replace(/(\d),(?=\d{3})/, '$1')
      : (partOf ??
          (bare
            ? `1 ${plain.slice(bare[0].length - bare[0].trimStart().length).replace(/^(?:an? )?(?:good |generous |small |big |large |scant |heaped |heaping |rounded )?/i, '')}`
            : heaped
              ? plain.replace(new RegExp(`\\b${heaped[1]!}\\s+`, 'i'), '')
              : plain)),
    measures,
  );
  if (!led) {
    const vague = NO_AMOUNT.exec(plain);
    const article = /^an? (?=\p{L})/iu.exec(partOf ?? plain);
    if (article && !vague) led = leadingAmount(`1 ${(partOf ?? plain).slice(article[0].length)}`, measures);
    led ??= trailingAmount(plain, measures);
    if (!led) return withoutAmount(text, vague ? plain.slice(vague[0].length) : plain, vague !== null, larder);
  }
  const { also, rest } = furtherAmounts(led, measures);
  const about = part ? fromPart(part[1]!, rest) : rest;
  const description = led.word === 'leaf' && !/lea(?:f|ves)/i.test(about) ? about.replace(/^of /i, '') : about;
  const whole = named(description, larder);
  const leafName = led.word === 'leaf' ? `${whole.ingredient} leaf` : null;
  const leafFound = leafName === null ? null : larderMatch(leafName, larder);
  // "2 sheets of gelatine" are leaves; a sheet of pastry is one of pastry.
  const isLeaf = leafFound !== null || (!whole.found && /gelatin/i.test(whole.ingredient));
  const ingredient = leafName !== null && isLeaf ? leafName : whole.ingredient;
  const found = leafFound ?? whole.found;
  if (ingredient === '' || !/\p{L}/u.test(ingredient)) return unreadLine(text, { code: 'amount-without-ingredient' });
  if (looksLikeSteps(plain, found)) return unreadLine(text, { code: 'looks-like-step' });

  const state =
    [heaped ? heaped[1]!.toLowerCase() : null, whole.state].filter(Boolean).join(', ').slice(0, 100) || null;
  // "1 can evaporated milk (12 oz)": the amount after the name is the content of a can.
  const behind = led.unit === 'pack' && !led.packSize ? also.find((written) => written.unit !== 'pack') : undefined;
  const size = led.packSize ?? (behind && { quantity: behind.quantity / led.quantity, unit: behind.unit });
  const packSize = size && gramsOf({ ...led, ...size }, null, null, found, measures);
  const packG = packSize?.ok ? packSize.massG : null;
  const first = gramsOf(led, packG, state, found, measures);
  const second = also.map((written) => ({ written, weighed: gramsOf(written, null, state, found, measures) }));
  const heavy = second.find(({ weighed }) => weighed.ok) ?? second[0];
  const asPack = led.packSize && { quantity: led.packSize.quantity * led.quantity, unit: led.packSize.unit };
  const more = heavy ? { quantity: heavy.written.quantity, unit: heavy.written.unit } : asPack;
  if (![led.quantity, packG ?? 1, more?.quantity ?? 1].every(holdsQuantity))
    return unreadLine(text, { code: 'amount-out-of-range' });
  const alsoG = heavy?.weighed.ok ? heavy.weighed.massG : null;
  const massG = first.ok ? first.massG : alsoG;
  const asks: LineNote[] = [];
  if (thousands)
    asks.push({
      code: 'ambiguous-thousands',
      text: thousands[0],
      decimal: thousands[0].replace(/[.,]/, '.'),
      whole: thousands[0].replace(/[.,]/, ''),
    });
  const filling = heaped?.[1] ?? BIG_CUP.exec(plain)?.[1] ?? '';
  if (/heap|round|big|huge|large|good|generous/i.test(filling))
    asks.push({ code: 'heaped', filling, isHeaped: /heap|round/i.test(filling) });
  if (first.ok && alsoG !== null && Math.abs(first.massG - alsoG) > DISAGREE * Math.max(first.massG, alsoG)) {
    asks.push({
      code: 'amounts-disagree',
      first: amountOf(led),
      firstG: first.massG,
      second: amountOf(heavy!.written),
      secondG: alsoG,
    });
  }
  const bag = led.unit === 'pack' && packG === null && more === null ? BAG.exec(plain) : null;
  if (
    bag ||
    (led.unit === 'pack' && packG === null && more === null && (first.ok ? first.massG / led.quantity : 0) > MAX_TIN_G)
  )
    asks.push({
      code: 'pack-size-unknown',
      isBag: bag !== null,
      ownG: first.ok ? first.massG / led.quantity : null,
    });
  if (part && /and/.test(part[1]!)) asks.push({ code: 'zest-and-juice' });
  if (/^each /i.test(rest)) asks.push({ code: 'each-of-several' });
  const left = AMOUNT_LEFT.exec(ingredient);
  if (left) asks.push({ code: 'amount-left', text: left[0].trim() });
  const quantityMax = led.quantityMax !== null && led.quantityMax > led.quantity ? led.quantityMax : null;
  return {
    text,
    status: asks.length > 0 ? 'check' : 'read',
    quantity: led.quantity,
    quantityMax,
    unit: led.unit,
    packG,
    ingredient,
    larder: found?.name ?? null,
    state,
    also: more,
    alternatives: whole.alternatives,
    optional: optional || whole.optional,
    massG,
    notes: asks.length > 0 ? asks : [weighedNote(massG, found !== null, first.ok ? led : heavy?.written)],
  };
}

const amountOf = ({ quantity, unit }: Pick<Written, 'quantity' | 'unit'>) => ({ quantity, unit });

/** Returns the mass of an amount, or why it is unknown. */
function weighedNote(massG: number | null, isKnown: boolean, amount: Written | undefined): LineNote {
  if (massG === null || !amount) return { code: isKnown ? 'weight-unknown' : 'not-in-larder' };
  return { code: 'weighed', amount: amountOf(amount), massG };
}

function fromPart(part: string, whole: string): string {
  const what =
    /zest|rind/i.test(part) && /juice/i.test(part)
      ? 'zest and juice'
      : /rind/i.test(part)
        ? 'zest'
        : part.toLowerCase();
  const of = whole.replace(/^(?:an?|the) /i, '');
  const name = /^(?:(?:large|small|medium|unwaxed|organic|ripe|fresh) )*/i.exec(of)!;
  const [thing = '', ...rest] = of.slice(name[0].length).split(/,\s*/);
  const singular = /^(?:eggs?)$/i.test(thing) ? 'egg' : thing.replace(/(?<=[^s])s$/i, '');
  const named = /white|yolk/.test(what) ? `${singular} ${what.replace(/s$/, '')}` : `${singular} ${what}`;
  return [named, ...rest].join(', ');
}

function looksLikeSteps(plain: string, found: Ingredient | null): boolean {
  return found === null && (plain.length > 160 || /^\d+[.)] \p{Lu}/u.test(plain));
}

function withoutAmount(text: string, plain: string, vague: boolean, larder: Larder): LineRead {
  const { ingredient, found, state, alternatives, optional } = named(plain, larder);
  if (LEFT.test(plain)) {
    const rest = named(plain.replace(LEFT, ''), larder);
    return {
      ...EMPTY,
      text,
      status: 'check',
      ingredient: rest.ingredient,
      larder: rest.found?.name ?? null,
      state: rest.state,
      notes: [{ code: 'rest-of-line' }],
    };
  }
  const toTaste =
    /to taste|as needed|for (?:dusting|greasing|rolling|sprinkling|coating|tossing)|to (?:dust|coat|roll)\b|\bcolou?ring\b/i.test(
      plain,
    );
  if (!found && !toTaste && !vague) return unreadLine(text, { code: 'no-amount-in-front' });
  return {
    ...EMPTY,
    text,
    status: 'check',
    ingredient,
    larder: found?.name ?? null,
    state,
    alternatives,
    optional,
    notes: [{ code: 'no-measurable-amount' }],
  };
}
