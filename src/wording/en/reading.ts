/** Texts about recipe lines and steps as they are read. */
import {
  choicesFor,
  isCutStated,
  type AssumedOfRecipe,
  type MethodRead,
  type Sign,
  type StepChoice,
  type StepNote,
  type Unnamed,
} from '$core/method';
import type { Figures, Measures } from '$core/measure';
import type { LineNote, LineRead } from '$core/recipe';
import type { Place, Slab } from '$core/slab';
import { tinInWords } from '$core/tin';
import type { ProposedCut, ProposedKeeping } from '$core/usecases';
import { proposedCutText } from './cut';
import { inList, percent, plural } from './grammar';
import { MEASURES_NAMES } from './terms';

const grams = (massG: number) => `${massG >= 10 ? massG.toFixed(0) : String(Number(massG.toPrecision(3)))} g`;
export const amountText = ({ quantity, unit }: { quantity: number; unit: string }) =>
  `${Number(quantity.toPrecision(4))} ${unit}`;

/** Returns what a reading of a line is based on, or what to correct, without a full stop. */
export function lineNoteText(note: LineNote): string {
  switch (note.code) {
    case 'empty':
      return 'This line is empty';
    case 'no-ingredient':
      return 'No ingredient recognised';
    case 'amount-without-ingredient':
      return 'The amount has no ingredient. Add its name';
    case 'looks-like-step':
      return 'This looks like a step, not an ingredient';
    case 'amount-out-of-range':
      return 'This amount is impossible. Check the number';
    case 'no-amount-in-front':
      return 'No amount found. Is this an ingredient?';
    case 'no-measurable-amount':
      return 'No measurable amount. Enter one';
    case 'rest-of-line':
      return 'This is the rest of another line. Enter its amount, or divide that line';
    case 'zest-and-juice':
      return 'Two ingredients in one line. Write zest and juice on separate lines';
    case 'each-of-several':
      return 'An amount for each of several ingredients. Write a line for each';
    case 'weight-unknown':
      return 'The larder does not say what this weighs';
    case 'not-in-larder':
      return 'Not in the larder';
    case 'method-note':
      return 'Kept as a note on the method';
    case 'incomplete':
      return 'Enter an amount, a unit and an ingredient';
    case 'line-too-long':
      return 'This line is too long to be an ingredient';
    case 'past-limit':
      return `Only the first ${note.max} lines are read`;
    case 'ambiguous-thousands':
      return `${note.text} can mean ${note.decimal} or ${note.whole}. Choose one`;
    case 'amount-left':
      return `"${note.text}" was not added to the amount. Write the amount in one unit`;
    case 'heaped':
      return `A ${note.isHeaped ? 'heaped spoon' : `${note.filling.toLowerCase()} measure`} can hold twice as much as a level one. Weigh it, or use level measures`;
    case 'amounts-disagree':
      return `${amountText(note.first)} is ${grams(note.firstG)} and ${amountText(note.second)} is ${grams(note.secondG)}. Choose one`;
    case 'pack-size-unknown':
      return `How much does ${note.isBag ? 'the bag' : 'one'} hold?${note.ownG === null ? '' : ` Your own pack holds ${grams(note.ownG)}`}`;
    case 'weighed':
      return `${amountText(note.amount)} is ${grams(note.massG)}`;
  }
}

/** Returns all notes of a line, without a full stop. */
export const lineNotesText = (notes: readonly LineNote[]): string => notes.map(lineNoteText).join('. ');

/** Returns what to check in a step of a method, without a full stop. */
export function stepNoteText(note: StepNote): string {
  switch (note.code) {
    case 'stage-range':
      return `${note.stage} is ${note.fromC.toFixed(0)} to ${note.toC.toFixed(0)} °C. ${note.takenC} °C is used`;
    case 'sign-range':
      return `${SIGN_TEXTS[note.sign]} is usually ${note.fromC} to ${note.toC} °C. ${note.takenC} °C is used`;
    case 'temperature-out-of-range':
      return `${Math.round(note.celsius)} °C is impossible here. Enter ${note.minC} to ${note.maxC} °C`;
    case 'two-temperatures':
      return `Both ${Math.round(note.takenC)} °C and ${Math.round(note.otherC)} °C are written. ${Math.round(note.takenC)} °C is used`;
    case 'scale-unknown':
      return 'Celsius or Fahrenheit? Celsius is used';
    case 'negative-time':
      return 'A time below zero. Enter how long it takes';
    case 'not-understood':
      return 'Not recognised. The text is kept as a step';
    case 'used-up':
      return `The ${note.ingredient} is used up before this step. Check the amounts`;
    case 'nothing-to-lay':
      return 'No mixture is left to go into the tin here';
    case 'no-end-point':
      return 'The sugar has no end point. How hot does it get?';
    case 'kept-back':
      return `How large the part kept back is, is not stated as a share. Assumed: ${percent(note.share)}`;
    case 'on-hot':
      return 'The boiled layer below is still hot when the melted chocolate goes on. Wait first?';
  }
}

const SIGN_TEXTS: Readonly<Record<Sign, string>> = {
  amber: 'Amber',
  'deep amber': 'Deep amber',
  'peanut-butter brown': 'The colour of peanut butter',
  'golden toffee': 'A golden toffee',
  'cold-water ball': 'A ball in cold water',
  'jam sets': 'The setting point of jam',
  'thick and darker': 'Thick and darker',
  'leaves the sides': 'A mass that leaves the sides of the pan',
  'coats a spoon': 'A sauce that coats a spoon',
};

/** Returns the text of a button with a likely answer. */
export function stepChoiceText(choice: StepChoice, { temperature, duration }: Figures): string {
  switch (choice.code) {
    case 'temperature':
      return temperature.say(choice.celsius);
    case 'stage':
      return `${choice.stage}, ${temperature.say(choice.celsius)}`;
    case 'wait-before':
      return `Wait ${duration.say(choice.minutes)} first`;
    case 'no-end-point':
      return 'It only comes to the boil';
    case 'melts-there':
      return 'It goes on hot';
    case 'not-a-step':
      return 'Not a step';
    case 'as-read':
      return 'Keep as read';
  }
}

/** Returns what is assumed where a recipe says nothing, without a full stop. */
export function assumedOfRecipeText(
  { code, path }: AssumedOfRecipe,
  { tin, cut, layers, preparations }: Slab,
  figures: Figures,
): string {
  switch (code) {
    case 'tin-not-stated':
      return `No tin is named. Assumed: ${tinInWords(tin, figures)}`;
    case 'depth-not-stated':
      return `The depth of the tin is not stated. Assumed: ${'depthMm' in tin && tin.depthMm !== undefined ? figures.size(tin.depthMm) : 'a sheet'}`;
    case 'amount-not-stated': {
      const [, , p, , l] = path.split('/');
      const line = preparations[Number(p)]?.lines[Number(l)];
      return line
        ? `The amount of ${line.ingredient} is not stated. Assumed: ${amountText(line)}`
        : 'An amount is not stated';
    }
    case 'spread-freely':
      return 'It is spread freely, so its amounts and its thickness set its size';
    case 'thickness-not-stated':
      return `How thick to spread it is not stated. Assumed: ${figures.length.say(layers.find(({ spread }) => spread === 'level')?.thicknessMm ?? 0)}`;
    case 'name-not-stated':
      return 'The recipe has no title. It is called "Pasted recipe"';
    case 'cut-not-stated':
      return 'The cut is not stated, and not decided yet. Nothing is priced until it is';
    case 'shards-not-stated':
      return `The size of the pieces is not stated. Assumed: about ${figures.mass.say(cut?.break?.aimG ?? 0)} each`;
    case 'no-trim':
      return 'Nothing is trimmed off the edges';
    case 'keep-not-stated':
      return 'How long it keeps is not stated, and not decided yet';
  }
}

/** Says whose cups and spoons are assumed: what the recipe suggests, otherwise the shop's. */
export const measuresAssumedText = (measures: Measures, isSuggested: boolean): string =>
  `Cups and spoons are not stated. Assumed: ${MEASURES_NAMES[measures]}${isSuggested ? ', as the recipe suggests' : ''}`;

/** A question about a recipe: the text it is about, where that is, and likely answers. */
export interface RecipeQuestion {
  readonly text: string;
  /** JSON pointer to the line or the step of the answer. */
  readonly at: string;
  readonly why: string;
  readonly choices: readonly string[];
}

/** What questions about a recipe are asked from. */
export interface Asked {
  readonly lines: readonly LineRead[];
  readonly method: MethodRead;
  readonly slab: Slab;
  /** Cuts to choose from, if the recipe does not say how to cut it. */
  readonly cuts: readonly ProposedCut[];
  /** Usual shelf life, if the recipe does not say one and it can be estimated. */
  readonly keeping: ProposedKeeping | null;
}

/** Lists what has to be asked about a recipe: lines, steps, ingredients that no step names, the cut, and how long it keeps. */
export function questionsOf({ lines, method, slab, cuts, keeping }: Asked, figures: Figures): RecipeQuestion[] {
  const { steps, unnamed, cut, keep } = method;
  return [
    ...lines.flatMap(({ text, status, notes }, at) =>
      status === 'check'
        ? [{ text, at: `/lines/${at}`, why: lineNotesText(notes), choices: notes.flatMap(lineChoices) }]
        : [],
    ),
    ...steps.flatMap((step, at) =>
      step.note
        ? [
            {
              ...{ text: step.text, at: `/steps/${at}`, why: stepNoteText(step.note) },
              choices: choicesFor(step).map((choice) => stepChoiceText(choice, figures)),
            },
          ]
        : [],
    ),
    ...unnamed.map((one) => ({
      ...{ text: one.ingredient, at: '/lines', why: unnamedText(one, slab) },
      choices: slab.preparations.map(({ name }) => name),
    })),
    ...(cut === null || !isCutStated(cut)
      ? [{ text: '', at: '/cut', why: 'How is it cut?', choices: cuts.map((one) => proposedCutText(one, figures)) }]
      : []),
    ...(keep === null && keeping !== null
      ? [{ text: '', at: '/keep', why: 'How long does it keep?', choices: [keepingText(keeping)] }]
      : []),
  ];
}

/** Asks about an ingredient that no step names. */
export const unnamedText = ({ ingredient, of }: Unnamed, { preparations }: Slab): string =>
  `No step uses the ${ingredient}. It is put into ${preparations.find(({ id }) => id === of)?.name ?? 'the slab'}`;

const KEEPING_PLACES: Readonly<Record<Place, string>> = {
  marble: 'at room temperature',
  room: 'at room temperature',
  fridge: 'in the fridge',
  freezer: 'in the freezer',
};
/** Describes a proposed shelf life: "14 days at room temperature". */
export const keepingText = ({
  place,
  days: [least],
}: {
  readonly place: Place;
  readonly days: readonly number[];
}): string => `${plural(least ?? 0, 'day', 'days')} ${KEEPING_PLACES[place]}`;

/** Explains a proposed shelf life. */
export function keepingReasonText({
  because,
  days: [least, most],
  waterActivity,
  coldThings,
}: ProposedKeeping): string {
  const usual = `Usual: ${least} to ${most} days.`;
  const activity = `Its estimated water activity is ${waterActivity.toFixed(2)}.`;
  switch (because) {
    case 'frozen':
      return `${usual} It is kept frozen.`;
    case 'cold':
      return `${usual} Keep it cold: it contains ${inList(coldThings)}. ${activity}`;
    case 'moist':
      return `${usual} It is moist and spoils soon. ${activity} Keep it in the fridge if in doubt.`;
    case 'soft':
      return `${usual} Mould can grow on it. ${activity}`;
    case 'firm':
      return `${usual} Sweet enough to keep for weeks. ${activity}`;
    case 'dry':
      return `${usual} It is dry. Nuts and fat go stale first.`;
  }
}

function lineChoices(note: LineNote): string[] {
  if (note.code === 'ambiguous-thousands') return [note.decimal, note.whole];
  return note.code === 'amounts-disagree' ? [amountText(note.first), amountText(note.second)] : [];
}
