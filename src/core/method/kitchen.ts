// The state of the kitchen between two clauses: lines of the recipe, mixtures, and layers in the tin.
import { freshId, type Layer, type Line, type Preparation, type Step } from '../slab';
import { withWholeWords } from './plainWords';

/** A line of the recipe, and how much of it is still unused. */
export interface PantryLine {
  readonly ingredient: string;
  /** What a method may call it: its name in the larder, and as it is written in the list. */
  readonly names: readonly string[];
  readonly line: Line;
  readonly section: Section;
  /** Share that has not gone anywhere yet, 0 to 1. */
  left: number;
  /** Whether a part was set aside, to be named again. */
  isReserved: boolean;
}

/** A list of lines under one heading of the recipe. */
export interface Section {
  readonly id: string;
  readonly name: string;
  readonly lines: PantryLine[];
  readonly unread: readonly string[];
}

/** A share of a line that went into a mixture, and the step at which it did. */
export interface Use {
  readonly of: PantryLine;
  share: number;
  at: string | null;
}

/** A share of another mixture. */
export interface Drawn {
  readonly from: Mixture;
  readonly share: number;
}

/** What is in one pot or bowl, from its first ingredient until it is laid in the tin or goes into another mixture. */
export interface Mixture {
  readonly id: string;
  readonly section: Section;
  uses: Use[];
  steps: Step[];
  /** Steps that nothing of it follows yet. */
  tails: string[];
  cookTo: Preparation['cookTo'];
  state: 'open' | 'laid' | 'joined';
  /** The mixture it was mixed into and is now part of. */
  root: Mixture | null;
  /** Boiled mixtures that were poured into it: they stay pots of their own, and share its layer. */
  joined: Mixture[];
  /** Parts of other mixtures that were put into its bowl: half of a fudge, to be flavoured by itself. */
  drawn: Drawn[];
  meets: Preparation['meets'];
  /** Share that has not been laid, 0 to 1. */
  left: number;
  /** Share that is kept back when the rest is laid, 0 to 1. */
  keptBack: number;
  /** Whether it was begun after the slab was cut. */
  readonly isForPieces: boolean;
  /** Whether it is only prepared for another mixture, such as toasted nuts. */
  isPrepared: boolean;
}

/** A layer in the tin, or on the pieces. */
export interface Laid {
  parts: { readonly mixture: Mixture; share: number }[];
  spread: Layer['spread'];
  set: Layer['set'];
  pourC: number | null;
  thicknessMm: number | null;
  isBaked: boolean;
}

/** The kitchen between two clauses of a method. */
export interface Kitchen {
  readonly sections: readonly Section[];
  readonly mixtures: Mixture[];
  /** The tin, from the bottom. */
  readonly tin: Laid[];
  /** The mixture worked on last. */
  current: Mixture | null;
  isCut: boolean;
}

/** Opens a kitchen with the lines of a recipe, and nothing made yet. */
export function openKitchen(preparations: readonly Preparation[]): Kitchen {
  const sections = preparations.map(({ id, name, lines, unread = [] }): Section => {
    const section: Section = { id, name, lines: [], unread };
    for (const line of lines) {
      // "Icing sugar mixture" is not what a method calls the mixture.
      const called = [line.ingredient, writtenName(line.text ?? '')].map((name) =>
        name.replace(/ (?:mixture|mix)$/i, ''),
      );
      if (/\bicing sugar\b.*\bmixed with\b/i.test(line.text ?? '')) called.push('icing');
      const names = [...new Set(called.filter(Boolean).map(withWholeWords))];
      section.lines.push({ ingredient: line.ingredient, names, line, section, left: 1, isReserved: false });
    }
    return section;
  });
  return { sections, mixtures: [], tin: [], current: null, isCut: false };
}

/** Returns the name in a line as it was written: "4 tsp liquid glucose, warm" names liquid glucose. */
const writtenName = (text: string): string =>
  text
    .replace(
      /^[^\p{L}]*(?:(?:g|kg|ml|cl|dl|l|oz|lbs?|cups?|tbsp|tbs|tsp|tablespoons?|teaspoons?|grams?|cans?|tins?|packs?|packets?|packages?|pkgs?|pkts?|envelopes?|sachets?|bags?|boxe?s?|jars?|bottles?|sticks?|c|T|qts?|pts?|pints?|pinch(?:es)?|handfuls?|x)\b\.?\s*(?:\([^)]*\)\s*)?(?:of )?)*/iu,
      '',
    )
    .replace(/[,(](?!\d).*$/, '')
    .replace(/(?: \d{2} ?DE)? [\d.,]+ ?(?:g|kg|ml|cl|l)\.?$/iu, '')
    .replace(/ (?:for|to) (?:dipping|dusting|coating|rolling|drizzling|decorating|finishing|serving|the \w+)$/iu, '')
    .trim();

/** Returns the mixture that a mixture is part of now. */
export function rootOf(mixture: Mixture): Mixture {
  return mixture.root ? rootOf(mixture.root) : mixture;
}

/** Mixtures in a pot or bowl. */
export const openOnes = ({ mixtures }: Kitchen): Mixture[] => mixtures.filter(({ state }) => state === 'open');

/** Returns the mixture with most ingredients, with those poured into it; of equal ones the first. */
export function largest(mixtures: readonly Mixture[]): Mixture | undefined {
  const size = ({ uses, joined }: Mixture) => uses.length + joined.reduce((sum, other) => sum + other.uses.length, 0);
  return mixtures.reduce<Mixture | undefined>((most, own) => (!most || size(own) > size(most) ? own : most), undefined);
}

/** As many mixtures and layers as a slab file may have, and steps of one mixture; further ones go into what is there. */
const MAX = { mixtures: 50, layers: 50, steps: 40 } as const;

/** Begins a mixture in a pot or bowl of its own. The first one of a section has the id of its section. */
export function beginMixture(kitchen: Kitchen, section: Section): Mixture {
  const count = kitchen.mixtures.filter((mixture) => mixture.section === section).length;
  if (kitchen.mixtures.length >= MAX.mixtures) {
    const full = kitchen.mixtures.findLast(({ root }) => root === null)!;
    full.state = 'open';
    full.left = Math.max(full.left, 1e-3);
    return full;
  }
  const mixture: Mixture = {
    id: count === 0 ? section.id : `${section.id}-${count + 1}`,
    section,
    uses: [],
    steps: [],
    tails: [],
    cookTo: undefined,
    state: 'open',
    root: null,
    joined: [],
    drawn: [],
    meets: undefined,
    left: 1,
    keptBack: 0,
    isForPieces: kitchen.isCut,
    isPrepared: false,
  };
  kitchen.mixtures.push(mixture);
  return mixture;
}

/**
 * Puts one mixture into another. One that was boiled to an end point, or has a heading of its own, stays a pot of its own and shares
 * the layer; others become one mixture.
 */
export function join(into: Mixture, from: Mixture): void {
  if (into === from || from.state !== 'open') return;
  from.state = 'joined';
  if (from.cookTo || from.section !== into.section) {
    into.joined.push(from, ...from.joined);
    from.joined = [];
    into.meets ??= { preparation: from.id };
    return;
  }
  mix(into, from);
}

/** Puts a share of a mixture into a bowl of its own. */
export function drawFrom(kitchen: Kitchen, source: Mixture, share: number): Mixture {
  const part = beginMixture(kitchen, source.section);
  if (part === source) return source;
  part.drawn.push({ from: source, share });
  source.left = Math.max(0, source.left - share);
  if (source.left < 1e-9) source.state = 'laid';
  return part;
}

/** Makes one mixture of two: steps, ingredients and whatever was poured in move to the first. */
function mix(into: Mixture, from: Mixture): void {
  const renamed = new Map<string, string>();
  for (const step of from.steps) renamed.set(step.id, freshStepId(step.id, into.steps));
  const name = (id: string) => renamed.get(id) ?? id;
  for (const step of from.steps)
    into.steps.push({ ...step, id: name(step.id), ...(step.after ? { after: step.after.map(name) } : {}) });
  into.tails.push(...from.tails.map(name));
  into.uses.push(...from.uses.map((use) => ({ ...use, at: use.at === null ? null : name(use.at) })));
  into.joined.push(...from.joined);
  into.drawn.push(...from.drawn);
  from.root = into;
}

/** Returns the id for a step among those of its mixture. */
export const freshStepId = (wanted: string, steps: readonly Step[]): string =>
  steps.some(({ id }) => id === wanted) ? freshId(wanted.replace(/\d+$/, ''), steps) : wanted;

/** Adds a step to a mixture, after everything that was done to it before. */
export function addStep(mixture: Mixture, step: Step): Step {
  if (mixture.steps.length >= MAX.steps) return mixture.steps.at(-1)!;
  const placed: Step = mixture.tails.length > 0 ? { ...step, after: [...mixture.tails] } : step;
  mixture.steps.push(placed);
  mixture.tails = [placed.id];
  // What was poured in goes on from here.
  if (mixture.meets && mixture.meets.atStep === undefined) mixture.meets = { ...mixture.meets, atStep: placed.id };
  return placed;
}

/** Takes the only layer out of its tin again, and returns what it is of; `null` if there are others. */
export function takeOff(kitchen: Kitchen): Mixture | null {
  const [only] = kitchen.tin;
  const mixture = only?.parts[0]?.mixture;
  if (!mixture || kitchen.tin.length > 1 || mixture.state !== 'laid') return null;
  kitchen.tin.pop();
  mixture.left = 1;
  mixture.state = 'open';
  kitchen.current = mixture;
  return mixture;
}

/** Lays a share of a mixture on top of what is in the tin. */
export function layDown(kitchen: Kitchen, mixture: Mixture, spread: Layer['spread'], share = mixture.left): Laid {
  const laid: Laid = {
    parts: [{ mixture, share }],
    spread,
    set: undefined,
    pourC: null,
    thicknessMm: null,
    isBaked: false,
  };
  mixture.left = Math.max(0, mixture.left - share);
  if (mixture.left < 1e-9) mixture.state = 'laid';
  if (kitchen.tin.length < MAX.layers) kitchen.tin.push(laid);
  return laid;
}
