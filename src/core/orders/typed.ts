// Orders typed in plain words: "200 mixed in boxes of 6 for Fri 4 Dec 14:00", "60 rye, 2 tins of bark, Saturday 11".
import { TZDate } from '@date-fns/tz';
import { casual, GB } from 'chrono-node/en';
import type { OrderLine } from './types';

/** What can be ordered: a slab with its piece types, or an assortment. */
export interface Orderable {
  readonly id: number;
  readonly name: string;
  readonly what: 'slab' | 'assortment';
  /** Pieces in one tin of a slab, or in one pack of an assortment; `null` if unknown. */
  readonly pieces: number | null;
  readonly kinds: readonly string[];
}

/** A part of the text as it was read, or why it was not. */
export interface TypedPart {
  readonly text: string;
  readonly line: OrderLine | null;
  /** Why there is no line, or what to check in it. */
  readonly note: TypedNote | null;
}
export type TypedNote =
  | { readonly code: 'nothing-named' | 'no-count' }
  | { readonly code: 'several-named'; readonly names: readonly string[] }
  /** Pieces per tin are not known, so a number of tins is no number of pieces. */
  | { readonly code: 'tin-unknown'; readonly name: string }
  /** A pack of the assortment holds another number of pieces. */
  | { readonly code: 'pack-differs'; readonly name: string; readonly pieces: number; readonly wanted: number };

/** An order as it was typed. */
export interface TypedOrder {
  readonly parts: readonly TypedPart[];
  /** ISO 8601; `null` if no day is named. */
  readonly due: string | null;
  /** Whether a time of day was named; otherwise it is noon. */
  readonly isTimeStated: boolean;
  /** Who it is for, from "for the cafe:" or "from the cafe"; `null` if nobody is named. */
  readonly customer: string | null;
}

const MAX_LENGTH = 1000;
const NUMBERS: Readonly<Record<string, number>> = {
  ...{ a: 1, an: 1, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10 },
  ...{ dozen: 12, twenty: 20, thirty: 30, forty: 40, fifty: 50, hundred: 100 },
};
const COUNT =
  /^(?:(\d{1,6})|(an?|one|two|three|four|five|six|seven|eight|nine|ten|twenty|thirty|forty|fifty)\b)\s*(dozen|hundred)?\b\s*/i;
const UNIT = /^(pieces?|pcs?|boxes|box|bags?|packs?|tins?|trays?|slabs?|kg|g|grams?)\b\.?\s*(?:of\s+)?/i;
const IN_PACKS = /\b(?:in|as)\s+(boxes|box|bags?|packs?)\s+of\s+(\d{1,4})\b/i;
const NOON = 12;

const wordsIn = (text: string) =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .split(/[^\p{L}\d]+/u)
    .filter((word) => word.length > 1 && !/^(?:of|the|and|in|with|some|our)$/.test(word))
    .map((word) => word.replace(/(?<=..[^s])s$/, ''));

/** Things that a text names: those with most of its words; a word may be the beginning of one of theirs. */
function named(text: string, all: readonly Orderable[]): readonly Orderable[] {
  const wanted = wordsIn(text);
  if (wanted.length === 0) return [];
  const score = ({ name, kinds, what }: Orderable) => {
    const own = wordsIn([name, ...kinds].join(' ')).concat(what === 'assortment' ? ['mixed', 'mix', 'assorted'] : []);
    return wanted.filter((word) => own.some((other) => other === word || (word.length > 2 && other.startsWith(word))))
      .length;
  };
  const most = Math.max(0, ...all.map(score));
  return most === 0 ? [] : all.filter((one) => score(one) === most);
}

/** Reads one part: "60 rye", "2 tins of bark", "200 mixed in boxes of 6". */
function readPart(text: string, all: readonly Orderable[]): TypedPart {
  const failed = (note: TypedNote): TypedPart => ({ text, line: null, note });
  const packs = IN_PACKS.exec(text);
  const plain = text.replace(IN_PACKS, ' ').trim();
  const found = COUNT.exec(plain);
  if (!found) return failed({ code: 'no-count' });
  const times = found[3] === undefined ? 1 : NUMBERS[found[3].toLowerCase()]!;
  const count = (found[1] === undefined ? NUMBERS[found[2]!.toLowerCase()]! : Number(found[1])) * times;
  const rest = plain.slice(found[0].length);
  const unit = UNIT.exec(rest);
  const what = named(unit ? rest.slice(unit[0].length) : rest, all);
  const [only] = what;
  if (count === 0) return failed({ code: 'no-count' });
  if (!only) return failed({ code: 'nothing-named' });
  if (what.length > 1) return failed({ code: 'several-named', names: what.map(({ name }) => name) });
  const word = unit?.[1]!.toLowerCase() ?? 'piece';
  const perPack = packs ? Number(packs[2]) : null;
  if (only.what === 'assortment') {
    const isPacks = /^(?:box|bag|pack)/.test(word);
    const inPack = perPack ?? only.pieces;
    const packsOf = isPacks || inPack === null ? count : Math.ceil(count / inPack);
    const differs = perPack !== null && only.pieces !== null && perPack !== only.pieces;
    return {
      text,
      line: { assortment: only.id, count: packsOf },
      note: differs ? { code: 'pack-differs', name: only.name, pieces: only.pieces, wanted: perPack } : null,
    };
  }
  const kind = only.kinds.find((own) => wordsIn(own).some((part) => wordsIn(rest).includes(part)));
  const of = { slab: only.id, ...(kind === undefined ? {} : { kind }) };
  const line = (part: Pick<OrderLine, 'count' | 'unit' | 'pieces'>): TypedPart => ({
    text,
    line: { ...of, ...part },
    note: null,
  });
  if (/^(?:tin|tray|slab)/.test(word)) {
    if (only.pieces === null) return failed({ code: 'tin-unknown', name: only.name });
    return line({ count: count * only.pieces, unit: 'piece' });
  }
  if (/^(?:kg|g|gram)/.test(word)) return line({ count: word === 'kg' ? count * 1000 : count, unit: 'g' });
  if (/^(?:box|bag|pack)/.test(word)) {
    const pack = word.startsWith('bag') ? 'bag' : 'box';
    return line({ count, unit: pack, ...(perPack === null ? {} : { pieces: perPack }) });
  }
  if (packs && perPack !== null)
    return line({
      count: Math.ceil(count / perPack),
      unit: packs[1]!.toLowerCase().startsWith('bag') ? 'bag' : 'box',
      pieces: perPack,
    });
  return line({ count, unit: 'piece' });
}

/**
 * Reads an order as it is typed: lines with their count, and when it is due. What is not understood comes back as a part with a note.
 *
 * @param text up to 1000 characters
 * @param all slabs and assortments that can be named
 * @param zone of the shop; weekdays and times are its own
 * @param isDayFirst whether 4/12 is the fourth of December
 * @example readOrder('60 rye, Saturday 11', all, now, 'Europe/Dublin', true).parts[0].line // { slab: 1, count: 60, unit: 'piece' }
 */
export function readOrder(
  text: string,
  all: readonly Orderable[],
  now: Date,
  zone: string,
  isDayFirst: boolean,
): TypedOrder {
  let plain = text.slice(0, MAX_LENGTH).replace(/\s+/g, ' ').trim();
  const here = new TZDate(now.getTime(), zone);
  const reference = new Date(here.getFullYear(), here.getMonth(), here.getDate(), here.getHours(), here.getMinutes());
  const dates = (isDayFirst ? GB : casual)
    .parse(withTime(plain), reference, { forwardDate: true })
    .filter(({ start }) => start.isCertain('day') || start.isCertain('weekday') || start.isCertain('month'));
  const when = dates.at(-1);
  let due: string | null = null;
  if (when) {
    const { start } = when;
    const at = start.date();
    const isTimed = start.isCertain('hour');
    due = new Date(
      new TZDate(
        at.getFullYear(),
        at.getMonth(),
        at.getDate(),
        isTimed ? at.getHours() : NOON,
        isTimed ? at.getMinutes() : 0,
        zone,
      ).getTime(),
    ).toISOString();
    const said = withTime(plain);
    plain = `${said.slice(0, when.index).replace(/,?\s*(?:for|by|on|due|at)?\s*$/i, '')} ${said
      .slice(when.index + when.text.length)
      .trim()}`.trim();
  }
  const whom =
    /^([\p{L}][^:,\d]{1,60}):\s*/u.exec(plain) ??
    /\b(?:for|from) (the [\p{L} '-]{2,60}|\p{Lu}[\p{L} '-]{1,60})$/u.exec(plain);
  if (whom) plain = plain.replace(whom[0], ' ').trim();
  const parts = plain
    .split(/\s*[,;+\n]\s*|\s+and\s+(?=\d|an?\b|one\b|two\b|three\b|four\b|five\b|six\b|ten\b)/i)
    .filter((part) => /[\p{L}\d]/u.test(part))
    .map((part) => readPart(part, all));
  return { parts, due, isTimeStated: when?.start.isCertain('hour') ?? false, customer: whom?.[1]!.trim() ?? null };
}

/** "Saturday 11" is eleven o'clock: a number behind a weekday, and nothing else, is a time of day. */
const withTime = (text: string) =>
  text.replace(
    /\b((?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?)\s+(\d{1,2})(?=\s*$|\s*[,;])(?!:)/i,
    (_, day: string, hour: string) => (Number(hour) <= 23 ? `${day} ${hour}:00` : `${day} ${hour}`),
  );
