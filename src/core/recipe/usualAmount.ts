import type { Line } from '../slab';
import { lineFromReading } from './lineFromReading';
import type { LineRead } from './readLine';

/** A fat or flour for the tin goes into no mixture. */
const FOR_THE_TIN = /\bfor (?:greasing|the (?:tin|pan|tray|paper|foil|knife))|\bto grease\b/i;
const FOR_THE_OUTSIDE = /\b(?:for|to) (?:dust|coat|roll|toss|dredg|sprinkl|finish)/i;
const DUSTS = /\b(?:sugar|cocoa|cornflour|starch|coconut)\b/i;
/** Seasoning, of which a pinch is usual. */
const SEASONS = /\b(?:salt|cinnamon|nutmeg|cardamom|ginger|pepper|chilli|cayenne|spice)\b/i;
/** What is counted in drops. */
const DROPS = /\b(?:colou?ring|colou?rs?|oil of|peppermint oil|essence)\b/i;

/**
 * Returns the line of a reading that states no amount, with the usual amount of what it names: 2 tbsp for dusting, a pinch of seasoning,
 * a few drops of colouring. The line is marked, so that the amount is listed among the assumptions. `null` if no amount is usual.
 * The amounts are estimates of this project.
 */
export function lineOfUsualAmount(read: LineRead): Line | null {
  const { ingredient, text, quantity } = read;
  if (ingredient === null || quantity !== null || read.notes[0]?.code !== 'no-measurable-amount') return null;
  if (FOR_THE_TIN.test(text)) return null;
  const usual =
    FOR_THE_OUTSIDE.test(text) && DUSTS.test(ingredient)
      ? ({ quantity: 2, unit: 'tbsp' } as const)
      : SEASONS.test(ingredient)
        ? ({ quantity: 1, unit: 'pinch' } as const)
        : DROPS.test(ingredient)
          ? ({ quantity: 0.2, unit: 'ml' } as const)
          : null;
  const line = usual && lineFromReading({ ...read, ...usual });
  return line && { ...line, amountAssumed: true };
}
