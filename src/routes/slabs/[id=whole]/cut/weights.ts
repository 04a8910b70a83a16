import { G_PER_LB, G_PER_OZ } from '$core/measure';

const GRAMS: Readonly<Record<string, number>> = { '': 1, g: 1, kg: 1000, oz: G_PER_OZ, lb: G_PER_LB };
const WEIGHT = /^(\d{1,6}(?:[.,]\d{1,3})?)(g|kg|oz|lb|)$/;

/** Parses weights typed in a row, in grams without a unit; other words are returned separately. */
export function weightsIn(text: string): { readonly massesG: readonly number[]; readonly wrong: readonly string[] } {
  const words = text
    // A unit belongs to the figure before it; a comma between figures is not a decimal comma.
    .replace(/(\d)\s+(g|kg|oz|lb)(?=[\s,;]|$)/gi, '$1$2')
    .split(/[\s;]+|,(?=\s|$)/)
    .filter((word) => word !== '');
  const read = words.map((word) => {
    const [, figure, unit] = WEIGHT.exec(word.toLowerCase()) ?? [];
    const massG = figure === undefined ? 0 : parseFloat(figure.replace(',', '.')) * GRAMS[unit!]!;
    return { word, massG };
  });
  return {
    massesG: read.filter(({ massG }) => massG > 0).map(({ massG }) => massG),
    wrong: read.filter(({ massG }) => !(massG > 0)).map(({ word }) => word),
  };
}

/** Writes weights as they would be typed. */
export const weightsText = (massesG: readonly number[]): string =>
  massesG.map((massG) => String(Number(massG.toFixed(1)))).join(' ');
