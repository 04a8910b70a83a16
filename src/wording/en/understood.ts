/** What the steps of a recipe were understood as, in short sentences. */
import type { StepRead } from '$core/method';
import type { Figures } from '$core/measure';
import type { Place, Slab } from '$core/slab';
import { inList, percent } from './grammar';

/** A step as it was understood: where it happens, and what. */
export interface Understood {
  readonly where: string;
  readonly text: string;
}

const PLACES: Readonly<Record<Place, string>> = {
  room: 'Room',
  fridge: 'Fridge',
  freezer: 'Freezer',
  marble: 'Marble',
};
const SHARES: readonly (readonly [number, string])[] = [
  [1 / 2, 'half of the'],
  [1 / 3, 'a third of the'],
  [2 / 3, 'two thirds of the'],
  [1 / 4, 'a quarter of the'],
  [3 / 4, 'three quarters of the'],
];

const NO_STEP: Understood = { where: '', text: 'No step' };

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** Names what a step adds, with shares: "butter and half of the sugar". */
function addedText({ adds, shares }: StepRead): string {
  return inList(
    adds.map((name) => {
      const share = shares[name];
      if (share === undefined) return name;
      return `${SHARES.find(([of]) => Math.abs(of - share) < 0.01)?.[1] ?? `${percent(share)} of the`} ${name}`;
    }),
  );
}

const HOUR = 60;
/** "45 min", "1 h", "1 h 30 min", and ranges. */
function minutesText({ minutes }: StepRead): string {
  if (minutes === null) return '';
  const say = (min: number) => {
    if (min < 2 * HOUR && min % HOUR !== 0) return `${Number(min.toFixed(1))} min`;
    const [hours, rest] = [Math.floor(min / HOUR), Math.round(min % HOUR)];
    return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
  };
  const [least, most] = minutes;
  const unit = / min$/.test(say(most)) && / min$/.test(say(least)) && !say(least).includes('h') ? / min$/ : null;
  return least === most ? say(least) : `${unit ? say(least).replace(unit, '') : say(least)} to ${say(most)}`;
}

/** Below this a pot is brought to a temperature, not boiled, °C. */
const BOILS_FROM_C = 80;

/**
 * Returns what a step of a method was understood as, without a full stop.
 *
 * @param steps all steps, in order
 * @param at its position
 */
export function understoodText(steps: readonly StepRead[], at: number, slab: Slab, figures: Figures): Understood {
  const step = steps[at]!;
  const { kind, of, joins, lays, adds, celsius, ovenC, place } = step;
  const nameOf = (id: string | null) => slab.preparations.find((own) => own.id === id)?.name ?? '';
  const name = nameOf(of);
  const isFirst = !steps.slice(0, at).some((own) => own.of === of && own.adds.length > 0);
  const added = addedText(step);
  const time = minutesText(step);
  const forTime = time === '' ? '' : ` for ${time}`;
  const to = celsius === null ? '' : ` to ${figures.temperature.say(celsius)}`;
  const into = joins === null ? '' : ` ${nameOf(joins)} goes in`;
  const layer = slab.layers.findIndex(({ id }) => id === lays);
  /** "Mix butter and sugar", "Mix oats into Base", "Mix Base". */
  const work = (verb: string) => {
    const what = added === '' ? name : isFirst ? added : `${added} into ${name}`;
    return `${verb} ${what || 'what is there'}${to}${forTime}${into === '' ? '' : `.${into}`}`;
  };
  const isRemark = of === null && lays === null && adds.length === 0 && ovenC === null;
  const isWarmed = celsius !== null && celsius < BOILS_FROM_C;
  switch (kind) {
    case 'mix':
      return { where: 'Bowl', text: work('Mix') };
    case 'beat':
      return { where: 'Mixer', text: work('Beat') };
    case 'melt':
      return { where: 'Hob', text: work(isWarmed ? 'Bring' : 'Melt') };
    case 'boil':
      return {
        where: 'Hob',
        text: `${work(isWarmed ? 'Bring' : 'Boil')}${celsius !== null && celsius >= 100 ? '. Risk of burns: keep children away' : ''}`,
      };
    case 'press':
      return { where: 'Tin', text: added === '' ? `Press ${name} down` : `Press ${added} on` };
    case 'lay':
    case 'scatter': {
      const spread = slab.layers[layer]?.spread;
      const verb = spread === 'scatter' ? 'Scatter' : spread === 'coat' ? 'Coat with' : 'Lay';
      if (layer >= 0) return { where: 'Tin', text: `${verb} ${added === '' ? slab.layers[layer]!.name : added}` };
      if (joins !== null) return { where: 'Bowl', text: `${name} goes into ${nameOf(joins)}` };
      if (isRemark) return NO_STEP;
      return { where: 'Tin', text: added === '' ? `${name}, as it is` : capital(added) };
    }
    case 'bake':
      return {
        where: 'Oven',
        text: `Bake ${name || 'it'}${ovenC === null ? '' : ` at ${figures.temperature.say(ovenC)}`}${forTime}`,
      };
    case 'set':
      return {
        where: PLACES[place ?? 'room'],
        text: `${name === '' ? 'Wait' : `Let ${name} ${celsius === null ? 'cool or set' : 'cool'}`}${to}${forTime}`,
      };
    case 'cut':
      return { where: 'Board', text: added === '' ? 'Cut the slab' : `Cut up ${added}` };
    case 'finish':
      return {
        where: 'Finish',
        text: added !== '' ? `Coat or decorate with ${added}` : name === '' ? 'Finish the slab' : `${name} goes on`,
      };
    case 'pack':
      return { where: 'Storage', text: place === null ? 'Pack or store' : `Store, ${PLACES[place].toLowerCase()}` };
    case 'other':
      if (isRemark) return NO_STEP;
      if (ovenC !== null && adds.length === 0)
        return { where: 'Oven', text: `Heat to ${figures.temperature.say(ovenC)}` };
      return { where: 'Bench', text: added === '' ? `${name}: other work${forTime}` : `Prepare ${added}${forTime}` };
  }
}
