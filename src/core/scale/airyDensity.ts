import { isHardBoil, isKind } from '../classify';
import { densityFor } from '../measure';
import type { Line, Preparation } from '../slab';
import type { WeighedLine } from './weighedLine';

/** Share of its loose volume that pressed grain keeps: crisped rice, oats, crumb. A rule of thumb. */
const PRESSED = 0.75;
/** Density of a hard boil that soda has foamed, g/mL: cinder toffee. A rule of the bench: 0.3 to 0.5. */
const FOAM_G_PER_ML = 0.4;
/** Minimum share of leavening that foams a boil. */
const FOAMS = 0.01;

/**
 * Returns the volume of the coarse grains of a mixture with the air between them, mL. A binder fills these gaps first.
 *
 * @param written lines as written, in the order of `lines`
 */
function grainsMl(written: readonly Line[], lines: readonly WeighedLine[]): number {
  return lines.reduce((sum, { ingredient, massG }, l) => {
    const line = written[l]!;
    const bulk = ingredient && densityFor(ingredient, line.state);
    return bulk && massG !== null && isKind('coarse', { name: line.ingredient, ingredient })
      ? sum + (PRESSED * massG) / bulk
      : sum;
  }, 0);
}

/**
 * Returns the density of a mixture that holds air, g/mL: one of coarse grains, or a foamed boil; `null` for others.
 *
 * @param solidGPerMl its density without air
 * @param massG of the mixture, g
 */
export function airyDensity(
  preparation: Pick<Preparation, 'lines' | 'cookTo'>,
  lines: readonly WeighedLine[],
  solidGPerMl: number,
  massG: number,
): number | null {
  const leaveningG = lines.reduce((sum, { ingredient, massG }, l) => {
    const isLeavening = isKind('leavening', { name: preparation.lines[l]!.ingredient, ingredient });
    return sum + (isLeavening ? (massG ?? 0) : 0);
  }, 0);
  if (isHardBoil(preparation) && leaveningG > FOAMS * massG) return FOAM_G_PER_ML;
  const volumeMl = grainsMl(preparation.lines, lines);
  return volumeMl > massG / solidGPerMl ? massG / volumeMl : null;
}
