/** Signs of the sugar stages, without a thermometer. */
import type { PotPhase } from '$core/practice';
import type { Stage } from '$core/slab';
import type { ForecastNote } from '$core/sugar';

interface StageSigns {
  /** Behaviour of a drop in cold water. */
  readonly coldWater: string;
  /** Appearance of the pot. */
  readonly byEye: string;
  /** Texture of the sweet. */
  readonly bite: string;
}

export const STAGE_SIGNS: Readonly<Record<Stage, StageSigns>> = {
  thread: {
    coldWater: 'Pulls into a thread and does not form a ball',
    byEye: 'Small lively bubbles. The syrup runs off the spoon in a thread',
    bite: 'a syrup that stays soft',
  },
  'soft ball': {
    coldWater: 'Forms a ball that flattens when you lift it out',
    byEye: 'Bubbles the size of peas, slower and thicker',
    bite: 'soft and short, for fudge and fondant',
  },
  'firm ball': {
    coldWater: 'Forms a ball that keeps its shape but still gives',
    byEye: 'The bubbles pile up and burst slowly',
    bite: 'chewy, for soft caramel',
  },
  'hard ball': {
    coldWater: 'Forms a ball that is hard to squeeze',
    byEye: 'Thick, ropy bubbles. The spoon leaves a path',
    bite: 'firm and stretchy, for nougat and firm caramel',
  },
  'soft crack': {
    coldWater: 'Bends a little, then snaps, and sticks to the teeth',
    byEye: 'Small tight bubbles with a first tinge of straw yellow',
    bite: 'bends before it breaks, for toffee',
  },
  'hard crack': {
    coldWater: 'Brittle, with a clean snap',
    byEye: 'Few small bubbles, pale gold, hardly any steam',
    bite: 'hard as glass, for brittle and boiled sweets',
  },
  'light caramel': {
    coldWater: 'No test: judge by the colour',
    byEye: 'Clear gold, with the first smell of caramel',
    bite: 'hard as glass, tastes of caramel',
  },
  'dark caramel': {
    coldWater: 'No test: judge by the colour',
    byEye: 'Amber to brown with a wisp of smoke. Above 180 °C it burns',
    bite: 'hard as glass, bittersweet',
  },
};

/** Describes the look of a pot of syrup. */
export function potLookText(phase: PotPhase): string {
  if (phase === 'warming') return 'The sugar is dissolving';
  return phase === 'thin' ? 'Boils hard and thin, like water' : STAGE_SIGNS[phase].byEye;
}

/** Describes a drop of the syrup in cold water. */
export const dropText = (phase: PotPhase): string =>
  phase === 'warming' || phase === 'thin' ? 'Dissolves at once' : STAGE_SIGNS[phase].coldWater;

const FORECAST_NOTES: Readonly<Record<ForecastNote, string>> = {
  'no-reading': 'No reading yet',
  reached: 'The end point is reached',
  'warming-up': 'Still warming up. Hardly any water has boiled off',
  'just-boiling': 'It has just started to boil. A forecast needs one minute of readings',
  'not-rising': 'The temperature does not rise. Check that the heat is on and the probe is in the pot',
  'heat-changed': 'The heat has changed. The forecast uses only the readings since',
  'steady-boil': 'Water boils off evenly at this heat. The temperature rises fast near the end',
  'room-too-warm': 'The room is not colder than that, so it will not cool down to it',
  'just-cooling': 'It has just started to cool. A forecast needs one minute of readings',
  'not-falling': 'The temperature does not fall. Check that the pot is off the heat',
  cooling: 'It cools more and more slowly towards room temperature',
};

/** Returns the basis of a forecast, or why there is none yet. */
export const forecastText = (note: ForecastNote): string => FORECAST_NOTES[note];
