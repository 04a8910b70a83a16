/** Texts of typical steps, and cautions. */
import type { Figures } from '$core/measure';
import type { Place, Step, StepAction, StepTitle, TinGroup, TitledStep } from '$core/slab';
import type { Melt } from '$core/sugar';
import type { Activity, Caution } from '$core/time';

const SETS: Readonly<Record<Place, string>> = {
  room: 'sets in the room',
  fridge: 'sets in the fridge',
  freezer: 'sets in the freezer',
  marble: 'sets on the marble',
};

const CUT_TEXTS: Readonly<Record<Extract<StepAction, { code: 'cut' }>['how'], string>> = {
  cut: 'Lift, trim and cut',
  snap: 'Lift and snap along the scored lines',
  break: 'Lift and break by hand',
};

/** Names of the ways to melt chocolate. */
export const MELT_NAMES: Readonly<Record<Melt, string>> = {
  'bain-marie': 'Bain-marie',
  microwave: 'Microwave',
  'low heat': 'Low heat',
  'hot slab': 'On the hot slab',
};

function actionText(action: StepAction, say: Figures): string {
  switch (action.code) {
    case 'written':
      return action.text;
    case 'weigh':
      return 'Weigh everything, cut the paper';
    case 'boil':
      return `Boil ${action.name} to ${say.temperature.say(action.celsius)}`;
    case 'melt':
      return `Melt ${action.name} gently`;
    case 'mix':
      return `Mix ${action.name}`;
    case 'combine':
      return 'Combine the mixtures at once';
    case 'take':
      return `Take ${say.mass.say(action.massG)} of ${action.name} from the pot for ${action.from}`;
    case 'lay':
      return `${action.isScattered ? 'Scatter' : 'Lay'} ${action.name}`;
    case 'set':
      return `${action.name} ${SETS[action.place]}`;
    case 'score':
      return 'Score while warm';
    case 'cut':
      return CUT_TEXTS[action.how];
    case 'finish':
      return `${action.name} on each piece`;
    case 'pack':
      return 'Pack and label';
    case 'simmer-water':
      return 'Bring a little water to a bare simmer. The bowl must not touch it';
    case 'melt-over-steam':
      return 'Melt the chocolate over the steam and stir. Hot steam burns. Keep every drop of water out';
    case 'melt-in-bursts':
      return `Melt at half power in ${action.bursts} bursts of ${action.seconds} seconds and stir after each. Make the last one ${action.lastSeconds} seconds. Melted chocolate keeps its shape, so test it with a spoon`;
    case 'melt-on-low-heat':
      return 'Melt in a thick pan on the lowest heat and stir all the time. Take it off the heat while a third is still solid';
    case 'scatter-on-slab':
      return 'Scatter the chopped chocolate on the hot slab and cover it';
    case 'cover-slab':
      return 'Leave it covered until it shines';
    case 'spread-on-slab':
      return 'Spread it with a warm palette knife';
  }
}

const tinsText = ({ from, to, of }: TinGroup) => `, ${from === to ? `tin ${to}` : `tins ${from}-${to}`} of ${of}`;

/** Returns the text of a step: 'Lay Peanut caramel, tin 2 of 3'. */
export function stepText(title: StepTitle, say: Figures): string {
  const { tins, times = 1, boil, alsoFor = [] } = title;
  const repeats = boil ? `, boil ${boil.at} of ${boil.of}` : times > 1 ? `, ${times} times` : '';
  const also = alsoFor.length > 0 ? `, with the mixture for ${alsoFor.join(' and ')}` : '';
  return `${actionText(title, say)}${tins ? tinsText(tins) : ''}${repeats}${also}`;
}

/** Returns steps with their text, as a slab file stores them. */
export const writtenSteps = (steps: readonly TitledStep[], say: Figures): Step[] =>
  steps.map(({ title, ...step }) => ({ ...step, text: stepText(title, say) }));

const LABEL = 'Every label needs allergens and a best-before date. Local food law decides what else';

const CAUTION_TEXTS: Readonly<Record<Caution, string>> = {
  burn: 'Risk of burns: boiling sugar sticks to skin. Wear gloves, clear the bench, keep a bowl of cold water by the pot, and keep children away',
  steam: 'Risk of burns from steam',
  'raw-egg': 'This egg is never heated to 71 °C. Use pasteurised egg, and follow your local food rules',
  blade: 'A warmed blade burns. Cut away from your hand. Clean boards and knives of other allergens first',
  label: LABEL,
  'label-and-cold': `Keep cold until sold. ${LABEL}`,
};

/** Returns the text of a caution. */
export const cautionText = (caution: Caution): string => CAUTION_TEXTS[caution];

/** Returns the texts of a step and its caution, as a run stores them. */
export const stepTexts =
  (say: Figures) =>
  ({ title, caution }: Pick<Activity, 'title' | 'caution'>): { text: string; caution: string | null } => ({
    text: stepText(title, say),
    caution: caution === null ? null : cautionText(caution),
  });
