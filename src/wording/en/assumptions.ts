/** Texts of assumptions: what is assumed, and why. */
import type { Figures } from '$core/measure';
import type { Assumption, AssumptionCode, AssumptionFigures } from '$core/usecases';
import { percent } from './grammar';
import { amountText } from './reading';
import { stepText } from './steps';
import { BEHAVIOUR_NAMES, FOAM_NAMES, STUFF_NAMES } from './terms';

/** An assumption as text. */
export interface AssumptionText {
  readonly assumed: string;
  readonly because: string;
}

type Sentences = { readonly [C in AssumptionCode]: (of: AssumptionFigures[C], say: Figures) => AssumptionText };

const NOT_IN_LARDER = 'The larder does not say.';

const SENTENCES: Sentences = {
  amount: ({ ingredient, preparation, quantity, unit }) => ({
    assumed: `${ingredient} in ${preparation}: ${amountText({ quantity, unit })}`,
    because: 'The recipe states no amount. This is a usual one.',
  }),
  line: ({ ingredient, preparation, massG, isCompositionAssumed, as }, say) => ({
    assumed: `${ingredient} in ${preparation}: ${[
      ...(massG === null ? [] : [`weighs ${say.mass.say(massG)}`]),
      ...(isCompositionAssumed ? ['composition'] : []),
    ].join(' and ')} as for ${as}`,
    because: `${NOT_IN_LARDER} Estimated from its name.`,
  }),
  loss: ({ preparation, share }) => ({
    assumed: `${preparation}: ${percent(share)} stays in the pot or bowl`,
    because: 'A typical loss.',
  }),
  density: ({ preparation, gPerMl }, say) => ({
    assumed: `${preparation}: ${say.density.say(gPerMl)}`,
    because: `Estimated from typical ingredients. ${NOT_IN_LARDER}`,
  }),
  foam: ({ layer, foam, gPerMl, range: [least, most] }, say) => ({
    assumed: `${layer}: ${FOAM_NAMES[foam]} of ${say.density.say(gPerMl)}`,
    because: `The usual density; ${say.density.figure(least)} to ${say.density.say(most)} are common. Weigh a full cup of it to be sure.`,
  }),
  steps: ({ preparation, steps }, say) => ({
    assumed: `${preparation}: ${steps.map(({ title, minutes }) => `${stepText(title, say)}, ${minutes} min`).join('; ')}`,
    because: 'Typical steps, because none are written.',
  }),
  'pour temperature': ({ layer, pourC, behaviour }, say) => ({
    assumed: `${layer} is poured at ${say.temperature.say(pourC)}`,
    because: `Typical for its type: ${BEHAVIOUR_NAMES[behaviour]}.`,
  }),
  firmness: ({ layer, stuff, behaviour }) => ({
    assumed: `${layer} sets like ${STUFF_NAMES[stuff]}`,
    because: `Typical for its type: ${BEHAVIOUR_NAMES[behaviour]}.`,
  }),
  conduction: ({ layer }) => ({
    assumed: `${layer} conducts heat like something between a syrup and a cream`,
    because: `Its composition is unknown. ${NOT_IN_LARDER}`,
  }),
};

/**
 * Returns the text of an assumption.
 *
 * @param say how the shop writes its figures
 */
export function assumptionText({ code, figures }: Assumption, say: Figures): AssumptionText {
  return (SENTENCES[code] as (of: Assumption['figures'], say: Figures) => AssumptionText)(figures, say);
}
