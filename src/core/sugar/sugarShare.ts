import { BOILING_TABLE } from './boilingTable';

const temperatures = BOILING_TABLE.map(([, boilC]) => boilC);
const shares = BOILING_TABLE.map(([share]) => share);

/**
 * Returns slopes that keep the curve monotone: the weighted harmonic mean of the neighbouring chords.
 *
 * @see Fritsch F. N., Butland J. (1984), A method for constructing local monotone piecewise cubic interpolants
 */
const slopes = temperatures.map((_, i) => {
  const chord = (at: number) => (shares[at + 1]! - shares[at]!) / (temperatures[at + 1]! - temperatures[at]!);
  if (i === 0) return chord(0);
  if (i === temperatures.length - 1) return chord(i - 1);
  const before = temperatures[i]! - temperatures[i - 1]!;
  const after = temperatures[i + 1]! - temperatures[i]!;
  const [w1, w2] = [2 * after + before, after + 2 * before];
  return (w1 + w2) / (w1 / chord(i - 1) + w2 / chord(i));
});

/**
 * Returns the sugar share by mass of a syrup that boils at a temperature, 0 to 0.995.
 *
 * Monotone cubic interpolation of the handbook table. Good to about 1.5 points between 101 and 160 C.
 *
 * @param boilC boiling temperature referred to sea level, deg C; below 100 gives 0, above 166 the share at 166
 * @example sugarShareAtBoil(116) // 0.85
 */
export function sugarShareAtBoil(boilC: number): number {
  if (boilC <= temperatures[0]!) return 0;
  const last = temperatures.length - 1;
  if (boilC >= temperatures[last]!) return shares[last]!;
  const i = temperatures.findIndex((temperature) => temperature > boilC) - 1;
  const width = temperatures[i + 1]! - temperatures[i]!;
  const t = (boilC - temperatures[i]!) / width;
  const [t2, t3] = [t * t, t * t * t];
  return (
    (2 * t3 - 3 * t2 + 1) * shares[i]! +
    (t3 - 2 * t2 + t) * width * slopes[i]! +
    (3 * t2 - 2 * t3) * shares[i + 1]! +
    (t3 - t2) * width * slopes[i + 1]!
  );
}
