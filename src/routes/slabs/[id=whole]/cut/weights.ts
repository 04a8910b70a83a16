/** Weights as they are typed one after the other, g; words that are none are told apart. */
export function weightsIn(text: string): { readonly massesG: readonly number[]; readonly wrong: readonly string[] } {
  const words = text.split(/[\s;]+/).filter((word) => word !== '');
  const isWeight = (word: string) => /^\d{1,6}([.,]\d+)?g?,?$/.test(word) && parseFloat(word.replace(',', '.')) > 0;
  return {
    massesG: words.filter(isWeight).map((word) => parseFloat(word.replace(',', '.'))),
    wrong: words.filter((word) => !isWeight(word)),
  };
}
