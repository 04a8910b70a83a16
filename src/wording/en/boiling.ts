/** When to stir a boil and how to keep crystals off the wall of the pot. */

const STIRRING = {
  dissolve: [
    'Until it boils',
    'stir over low heat until you feel no grains',
    'One remaining crystal can grain the whole pot',
  ],
  'boil, leave alone': ['While it boils', 'do not stir', 'Stirring starts crystals in a clear syrup'],
  'boil, stir sometimes': [
    'While it boils',
    'scrape the bottom now and then',
    'Milk catches on the bottom. Stirring does no harm while the mixture is hot and thin',
  ],
  'boil, stir always': [
    'While it boils',
    'stir all the time, along the bottom',
    'Milk catches and butter separates if it stands',
  ],
  'cool, leave alone': [
    'While it cools',
    'do not stir or move the pot',
    'Stirring a warm mixture makes coarse crystals. Cooled without stirring, it beats to fine ones',
  ],
  beat: ['After cooling', 'beat until it loses its shine', 'Many small crystals at once make it smooth'],
} as const;

const WALL = {
  lid: 'Put the lid on for the first three minutes of the boil. The steam washes the wall',
  brush: 'Or brush the wall with water above the syrup. Keep the brush out of the syrup',
  protected: 'The syrup or acid in this pot already prevents crystals',
  glucose: 'Or replace a tenth of the sugar with glucose syrup. It prevents graining',
  acid: 'Or add a pinch of cream of tartar. It inverts some of the sugar, which prevents graining',
} as const;

/** A rule for stirring in one phase of a boil. */
export type StirringRule = keyof typeof STIRRING;

/** A way to keep crystals off the wall of the pot. */
export type WallRule = keyof typeof WALL;

/** Returns the phase, what to do, and the reason. */
export function stirringText(rule: StirringRule): {
  readonly phase: string;
  readonly action: string;
  readonly reason: string;
} {
  const [phase, action, reason] = STIRRING[rule];
  return { phase, action, reason };
}

/** Returns a way to keep the wall clean, as a sentence without its full stop. */
export const wallText = (rule: WallRule): string => WALL[rule];
