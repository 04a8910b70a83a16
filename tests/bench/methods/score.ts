/** How much of the corpus is read right, field by field. */
import { readMethod } from '$core/method';
import { readRecipe } from '$core/recipe';
import { larderOf } from '$core/larder';
import { american } from './american';
import { chatty } from './chatty';
import type { WantRecipe, WantStep } from './corpus';
import { further } from './further';
import { plain } from './plain';
import { letters } from './letters';

export const CORPUS: readonly WantRecipe[] = [...plain, ...chatty, ...american, ...further, ...letters];

export interface Score {
  readonly sentences: number;
  readonly fields: number;
  readonly right: number;
  readonly missed: readonly string[];
}

const FIELDS = ['kind', 'of', 'minutes', 'ovenC', 'celsius', 'place', 'adds'] as const;
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
const empty = (value: unknown) => value === undefined || value === null || (Array.isArray(value) && value.length === 0);

/**
 * Reads every recipe of the corpus as one text. A field counts where it is wanted or read; it is right where both agree. Steps of a
 * sentence are compared in order; a missing or extra one counts with its kind and all its fields.
 */
export function scoreCorpus(corpus: readonly WantRecipe[] = CORPUS): Score {
  let [sentences, fields, right] = [0, 0, 0];
  const missed: string[] = [];
  const field = (where: string, want: unknown, read: unknown) => {
    if (empty(want) && empty(read)) return;
    fields++;
    if (same(want ?? null, read ?? null)) right++;
    else
      missed.push(`${where}: wanted ${JSON.stringify(want) ?? 'nothing'}, read ${JSON.stringify(read) ?? 'nothing'}`);
  };
  for (const recipe of corpus) {
    const text = `${recipe.lines}\n\nMethod:\n${recipe.method.map(([sentence]) => sentence).join('\n')}`;
    const { method, slab } = readMethod(readRecipe(text, recipe.measures, larderOf([])), recipe.name, recipe.measures);
    const only = slab.preparations.length === 1;
    let at = 0;
    for (const [sentence, ...steps] of recipe.method) {
      sentences++;
      // A line may hold two sentences.
      const own: number[] = [];
      let left = sentence;
      while (at < method.sentences.length && left.includes(method.sentences[at]!.text)) {
        left = left.replace(method.sentences[at]!.text, '');
        own.push(at++);
      }
      const read = method.steps.filter((step) => own.includes(step.sentence));
      for (let i = 0; i < Math.max(steps.length, read.length); i++) {
        const [want, found] = [steps[i], read[i]];
        for (const name of FIELDS) {
          if (name === 'of' && (only || want?.of === undefined)) continue;
          const sorted = (list: readonly string[] | undefined) => (list ? [...list].sort() : undefined);
          const value = (step: WantStep | undefined, key: typeof name) =>
            key === 'adds' ? sorted(step?.adds) : step?.[key];
          // Further mixtures under one heading have its id and a number.
          const readValue =
            name === 'adds' ? sorted(found?.adds) : name === 'of' ? found?.of?.replace(/-\d+$/, '') : found?.[name];
          field(`${recipe.name} / ${sentence} / ${i + 1} ${name}`, value(want, name), readValue);
        }
      }
    }
    const { tin, cut, keep } = method;
    const size =
      tin === null
        ? undefined
        : tin.shape === 'rectangle'
          ? [tin.lengthMm, tin.widthMm, tin.depthMm]
          : tin.shape === 'round'
            ? [tin.diameterMm]
            : undefined;
    field(`${recipe.name} / tin`, recipe.tin, size && recipe.tin ? size.slice(0, recipe.tin.length) : size);
    for (const [key, value] of Object.entries(recipe.cut ?? {}))
      field(`${recipe.name} / cut ${key}`, value, cut?.[key as keyof typeof cut]);
    if (!recipe.cut) field(`${recipe.name} / cut`, undefined, cut);
    field(
      `${recipe.name} / keep`,
      recipe.keep && [recipe.keep.place, recipe.keep.days],
      keep && [keep.place, keep.days],
    );
  }
  return { sentences, fields, right, missed };
}
