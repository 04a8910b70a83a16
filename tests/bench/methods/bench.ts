/** How much of the methods of the corpus is read right, and how fast. */
import { larderOf } from '$core/larder';
import { readMethod } from '$core/method';
import { readRecipe } from '$core/recipe';
import { CORPUS, scoreCorpus } from './score';

/** The methods of the corpus, field by field; and two hundred sentences in one go. */
export function benchMethods(): string {
  const { sentences, fields, right } = scoreCorpus();
  const all = CORPUS.flatMap(({ method }) => method.map(([sentence]) => sentence));
  const text = `${CORPUS[0]!.lines}\n\nMethod:\n${Array.from({ length: 200 }, (_, i) => all[i % all.length]).join('\n')}`;
  const reads = readRecipe(text, 'metric', larderOf([]));
  const times = Array.from({ length: 20 }, () => {
    const started = performance.now();
    readMethod(reads, '', 'metric');
    return performance.now() - started;
  }).sort((a, b) => a - b);
  return `the corpus of methods, ${sentences} sentences of ${CORPUS.length} recipes: ${((100 * right) / fields).toFixed(1)} % of ${fields} fields read right (wanted: 90 %); 200 sentences read in ${times[10]!.toFixed(0)} ms in the median, ${times.at(-1)!.toFixed(0)} ms at most (wanted: under 200 ms)`;
}
