/** Texts about recipe lines and steps as they are read. */
import type { AssumedOfRecipe, StepNote, StepRead } from '$core/method';
import type { Figures } from '$core/measure';
import type { LineNote, LineRead } from '$core/recipe';
import type { Slab } from '$core/slab';
import { tinInWords } from '$core/tin';

const grams = (massG: number) => `${massG >= 10 ? massG.toFixed(0) : String(Number(massG.toPrecision(3)))} g`;
const amountText = ({ quantity, unit }: { quantity: number; unit: string }) =>
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
    case 'temperature-out-of-range':
      return `${Math.round(note.celsius)} °C is impossible here. Enter ${note.minC} to ${note.maxC} °C`;
    case 'two-temperatures':
      return `Both ${Math.round(note.takenC)} °C and ${Math.round(note.otherC)} °C are written. ${Math.round(note.takenC)} °C is used`;
    case 'scale-unknown':
      return 'Celsius or Fahrenheit? Celsius is used';
    case 'negative-time':
      return 'A time below zero. Enter how long it takes';
    case 'not-understood':
      return 'Not recognised. The text is kept';
  }
}

/** Returns what is assumed where a recipe says nothing, without a full stop. */
export function assumedOfRecipeText(code: AssumedOfRecipe['code'], { tin, cut }: Slab, figures: Figures): string {
  switch (code) {
    case 'tin-not-stated':
      return `No tin is named. Assumed: ${tinInWords(tin, figures)}`;
    case 'depth-not-stated':
      return `The depth of the tin is not stated. Assumed: ${'depthMm' in tin && tin.depthMm !== undefined ? figures.length.say(tin.depthMm) : 'a sheet'}`;
    case 'name-not-stated':
      return 'The recipe has no title. It is called "Pasted recipe"';
    case 'cut-not-stated':
      return 'The cut is not stated, and not decided yet. Nothing is priced until it is';
    case 'shards-not-stated':
      return `The size of the pieces is not stated. Assumed: about ${figures.mass.say(cut?.break?.aimG ?? 0)} each`;
    case 'no-trim':
      return 'Nothing is trimmed off the edges';
    case 'keep-not-stated':
      return 'How long it keeps is not stated';
  }
}

/** A question about a recipe: the text it is about, where that is, and likely answers. */
export interface RecipeQuestion {
  readonly text: string;
  /** JSON pointer to the line or the step of the answer. */
  readonly at: string;
  readonly why: string;
  readonly choices: readonly string[];
}

/** Lists what has to be asked about lines and steps. */
export function questionsOf(lines: readonly LineRead[], steps: readonly StepRead[]): RecipeQuestion[] {
  const ofLines = lines.flatMap(({ text, status, notes }, at) =>
    status === 'check'
      ? [{ text, at: `/lines/${at}`, why: lineNotesText(notes), choices: notes.flatMap(lineChoices) }]
      : [],
  );
  const ofSteps = steps.flatMap(({ text, note }, at) =>
    note ? [{ text, at: `/steps/${at}`, why: stepNoteText(note), choices: stepChoices(note) }] : [],
  );
  return [...ofLines, ...ofSteps];
}

function lineChoices(note: LineNote): string[] {
  if (note.code === 'ambiguous-thousands') return [note.decimal, note.whole];
  return note.code === 'amounts-disagree' ? [amountText(note.first), amountText(note.second)] : [];
}

const stepChoices = (note: StepNote): string[] =>
  note.code === 'two-temperatures' ? [note.takenC, note.otherC].map((celsius) => `${celsius.toFixed(0)} °C`) : [];
