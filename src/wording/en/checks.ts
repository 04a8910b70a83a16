/** Texts of the checks: what is wrong, why, and what to do about it. */
import type { Check, CheckCode, CheckFigures } from '$core/check';
import { money } from '$core/cost';
import { writtenAmount, type Figures } from '$core/measure';
import type { CutTool } from '$core/slab';
import { tinInWords } from '$core/tin';
import { article, inList, percent, plural } from './grammar';

type Sentences = { readonly [C in CheckCode]: (of: CheckFigures[C], say: Figures) => string };

/** Maximum number of names written out in a list. */
const MAX_NAMES = 4;

const shortList = (names: readonly string[]) =>
  names.length > MAX_NAMES
    ? `${names.slice(0, MAX_NAMES).join(', ')} and ${names.length - MAX_NAMES} more`
    : inList(names);

/** Mass that counts for a line without a known weight. */
const countsAs = ({ massG, guessedAs }: { massG: number | null; guessedAs: string | null }, say: Figures) =>
  massG === null ? 'it counts as 0 g' : `it counts as ${say.mass.say(massG)}, estimated as ${guessedAs}`;

const TOOL_NAMES: Readonly<Record<CutTool, string>> = {
  'hot blade': 'a hot blade',
  'cold blade': 'a cold blade',
  serrated: 'a serrated knife',
  wire: 'a wire',
  rollers: 'rollers',
  'score and snap': 'scoring and snapping',
  hand: 'your hands',
};

const shareOver =
  (what: string) =>
  ({ preparation, share, usualMost }: CheckFigures['salt-share']) =>
    `${preparation} is ${percent(share, 1)} ${what}. More than ${percent(usualMost, 1)} is unusual. Was a tablespoon written for a teaspoon? Check the amount and its unit.`;

const SENTENCES: Sentences = {
  'deadline-missed': ({ minutes }, say) =>
    `The schedule ends ${say.duration.say(minutes)} after its deadline. Move the deadline, unpin a step, or free a blocked time.`,
  'claim-unheld': ({ allergens, unknown }) =>
    `The slab is marked free from ${inList(allergens)}, but ${plural(unknown.length, 'ingredient is', 'ingredients are')} not in the larder: ${shortList(unknown)}. Add them with their allergens, or remove the claim.`,
  'priced-under-cost': ({ name, net, cost, currency }) =>
    `${name ?? 'A piece'} sells for ${money(net, currency)} before tax and costs ${money(cost, currency)}, a loss of ${money(cost - net, currency)} each. Raise the price, or cut it smaller.`,
  'channel-loses': ({ channel, price, loss, currency }) =>
    `Each sale through ${channel} at ${money(price, currency)} loses ${money(loss, currency)}. Lower the discount there, or use cheaper packaging, in the settings.`,
  'margin-under-floor': ({ share, least, priceNeeded, currency }) =>
    `The margin is ${percent(share)}, and the shop wants at least ${percent(least)}. Charge ${money(priceNeeded, currency)} before tax, or lower the cost.`,
  'keeps-too-long': ({ days, limitDays, limitedBy }) =>
    `The shelf life is ${plural(days, 'day', 'days')}, but ${limitedBy} keeps for only ${plural(limitDays, 'day', 'days')}. Shorten it, or store the slab colder.`,
  'box-too-small': ({ lengthMm, widthMm, heightMm, box }, say) =>
    `A piece of ${say.size(lengthMm, widthMm)}, ${say.length.say(heightMm)} high, does not fit into ${box}. Choose another box, or cut smaller pieces.`,
  'packing-gone': ({ name }) =>
    `The shop has no packaging called "${name}", so it counts as free. Add it in the settings, or choose another.`,
  'net-short': ({ pieces, packG, leastG, netG }, say) =>
    `A pack of the lightest ${pieces === 1 ? 'piece' : `${pieces} pieces`} weighs ${say.mass.say(packG)}. With a net weight of ${say.mass.say(netG)} it must weigh at least ${say.mass.say(leastG)}. Declare less, or cut more evenly.`,
  'name-over-promises': ({ name, ingredients, share }) =>
    `"${name}" names ${inList(ingredients)}, but only ${percent(share, 1)} of it is that. Use more, or change the name.`,
  'nutrition-unknown': ({ nutrients, ingredients }) =>
    `${plural(nutrients, 'figure', 'figures')} of the nutrition table ${nutrients === 1 ? 'is' : 'are'} unknown because of ${shortList(ingredients)}. Enter what their packs say in the larder.`,
  'hands-not-priced': ({ minutes }) =>
    `The slab takes ${plural(Math.round(minutes), 'minute', 'minutes')} of labour, which costs nothing so far. Enter an hourly rate in the settings under Prices.`,
  'free-from-broken': ({ allergen, ingredient, massG, through }, say) =>
    `The slab is marked free from ${allergen}, but ${say.mass.say(massG)} of ${ingredient} contains it${through.length > 0 ? `, through ${inList(through)}` : ''}. Use another ingredient, or remove the claim. Shared boards and knives carry traces too.`,
  'allergen-undeclared': ({ ingredient, allergens }) =>
    `The larder's entry for ${ingredient} does not declare ${inList(allergens)}, which its name suggests. Check the pack, and declare it.`,
  'allergen-denied': ({ ingredient, allergens }) =>
    `The larder's entry for ${ingredient} declares ${inList(allergens)}, which its name says it is free from. Check the pack, and correct the declaration or the name.`,
  'tin-overflow': ({ heightMm, depthMm, tin, layer }, say) =>
    `The slab is ${say.length.say(heightMm)} high and the tin (${tinInWords(tin, say)}) is ${say.size(depthMm)} deep: ${say.length.say(heightMm - depthMm)} too much. Use a deeper or wider tin, or make ${layer} thinner.`,
  'sheet-too-small': ({ slab, sheet }, say) =>
    `The slab spreads to ${say.size(slab.lengthMm, slab.widthMm)}, and the sheet is ${say.size(sheet.lengthMm, sheet.widthMm)}. Spread it thicker, make less, or use two sheets.`,
  'unread-line': ({ preparation, text }) =>
    `"${text.slice(0, 80)}" in ${preparation} was not recognised and counts as 0. Write it as an ingredient, or remove it.`,
  'cut-undecided': () =>
    'The cut is not decided yet. Nothing is weighed, priced or labelled by the piece until a cut is chosen in Cut.',
  'cut-does-not-fit': () =>
    'Trims and cuts leave nothing for the pieces. Make the trims smaller, or cut fewer columns and rows.',
  'piece-small': ({ sideMm, leastMm }, say) =>
    `Pieces of ${say.length.say(sideMm)} crumble or slip from under the knife. Cut none smaller than ${say.length.say(leastMm)}.`,
  'kerf-large': ({ share }) =>
    `The cuts themselves waste ${percent(share)} of the slab. Use a thinner blade, or cut fewer pieces.`,
  'clipped-many': ({ clipped, pieces }) =>
    `${clipped} of ${pieces} pieces are clipped by the wall of the tin. Trim more, cut another size, or cut a round slab in wedges.`,
  'strokes-impossible': ({ tool, strips }) =>
    strips > 0
      ? `${strips} strips are cut in different places, but ${TOOL_NAMES[tool]} can only cut through all of them at once. Use a knife, or cut all strips alike.`
      : `Only straight cuts at right angles are possible with ${TOOL_NAMES[tool]}. Use a knife for this shape.`,
  'brittle-cut-cold': ({ tool }) =>
    `A hard top over a soft layer cracks under ${TOOL_NAMES[tool]}. Warm and dry the blade, score first, or soften the top with 5-10 % oil.`,
  'score-not-brittle': () =>
    'The slab is not brittle throughout: a soft layer holds it together, so it does not snap along scored lines. Cut it through instead.',
  'diamond-trim': ({ share }) =>
    `The clipped ends of the diamonds are ${percent(share)} of the slab. Cut smaller diamonds, or sell the ends.`,
  'bag-unreachable': ({ bagG, slabsG, shardG }, say) =>
    bagG > slabsG
      ? `All shards together weigh ${say.mass.say(slabsG)}, so no bag of ${say.mass.say(bagG)} can be filled. Choose a lighter bag, or make more slabs.`
      : `One shard of ${say.mass.say(shardG)} is heavier than a bag of ${say.mass.say(bagG)}. Break the slab smaller.`,
  'kind-does-not-fit': ({ name, lengthMm, widthMm, inside }, say) =>
    `${name} is ${say.size(lengthMm, widthMm)}, and the slab is ${say.size(inside.lengthMm, inside.widthMm)} inside its trims. Make the piece smaller, or use a larger tin.`,
  'mixed-uncut': ({ kinds }) =>
    `${plural(kinds, 'piece type is', 'piece types are')} defined and nothing is cut yet. Find the best cut.`,
  'order-short': ({ pieces, ordered, lengthMm, widthMm }, say) =>
    `These tins give ${plural(pieces, 'whole piece', 'whole pieces')} of ${say.size(lengthMm, widthMm)}, but ${ordered} are ordered. Use more tins, or make a second batch.`,
  'shares-over-one': ({ preparation, share }) =>
    `The layers take ${percent(share)} of ${preparation}, so each gets its share of what there is. Lower the shares to 100 % in total.`,
  'layer-without-preparation': ({ layer }) =>
    `${layer} is made of nothing, so it weighs nothing. Choose a mixture for it, or remove the layer.`,
  'temperatures-disagree': ({ preparation, celsius, fahrenheit, apartC }) =>
    `${preparation}: ${celsius} °C and ${fahrenheit} °F are ${apartC.toFixed(0)} degrees apart. Keep the right one and remove the other.`,
  'pot-too-dry': ({ preparation, waterG, endC }, say) =>
    `${preparation} contains ${say.mass.say(waterG)} of water, less than is left at ${say.temperature.say(endC)}, so nothing boils off. Add water to dissolve the sugar, or check the end point.`,
  'boil-unknown': ({ preparation, endC }, say) =>
    `How much boils off ${preparation} by ${say.temperature.say(endC)} is unknown: less than 5 % of it is known to be sugar, or its composition is missing. Enter the composition in the larder, or the loss in percent.`,
  'not-in-larder': ({ ingredient, massG, guessedAs }, say) => {
    const isWeighed = massG !== null && guessedAs === null;
    const counts = isWeighed ? `its ${say.mass.say(massG)} count` : countsAs({ massG, guessedAs }, say);
    return `"${ingredient}" is not in the larder: ${counts}, without a price. Add it to the larder, or use the name that the larder has.`;
  },
  'no-density': ({ ingredient, unit, ...line }, say) =>
    `${ingredient} is measured in ${unit} and has no density: ${countsAs(line, say)}. Add its grams per ml in the larder, or enter grams.`,
  'no-unit-mass': ({ ingredient, ...line }, say) =>
    `${ingredient} is counted in pieces, and the weight of one is unknown: ${countsAs(line, say)}. Add the weight of one in the larder, or enter grams.`,
  'no-pack': ({ ingredient, ...line }, say) =>
    `${ingredient} is counted in packs, and the larder has no pack of it: ${countsAs(line, say)}. Add the pack, or enter grams.`,
  'no-such-measure': ({ ingredient, unit, ...line }, say) =>
    `${ingredient} is measured in ${unit}, which this slab's cups and spoons do not include: ${countsAs(line, say)}. Enter ml or grams, or change the cup and spoon sizes.`,
  'assumed-density': ({ preparation, gPerMl }, say) =>
    `${preparation} has no measured density: ${say.density.say(gPerMl)} is assumed to work out its thickness. Weigh ${say.volume.unit === 'ml' ? '100 ml' : 'a cup'} of it and enter the result.`,
  'film-short': ({ layer, share, thicknessMm, perPieceG }, say) =>
    `${layer}: the recipe makes ${percent(share)} of what ${perPieceG === null ? `a film of ${say.size(thicknessMm!)}` : `${say.mass.say(perPieceG)} on each piece`} needs. Make more, or ask for less.`,
  'have-ignored': ({ ingredient }) =>
    `${ingredient} does not limit this slab: no line uses it, or its amount cannot be weighed. Use the name of a line, and enter grams.`,
  'end-point-burns': ({ preparation, endC, burnsC, asFahrenheitC }, say) =>
    `Sugar burns above ${say.temperature.say(burnsC)}, and ${preparation} is set to ${say.temperature.say(endC)}. If that was Fahrenheit, enter ${say.temperature.say(asFahrenheitC)}.`,
  'end-point-under-boil': ({ preparation, endC, boilsC }, say) =>
    `${preparation} boils above ${say.temperature.say(boilsC)} from the start, so it reaches ${say.temperature.say(endC)} before anything boils off. Check the end point, or call the step warming.`,
  'end-point-off-stage': ({ preparation, endC, stage, fromC, toC, nearest }, say) =>
    `${preparation}: ${stage} is ${say.temperature.figure(fromC)}-${say.temperature.say(toC)}, but the end point is ${say.temperature.say(endC)}, which is nearest to ${nearest}. Check which of the two is right.`,
  'gelatine-boiled': ({ preparation, ingredient, endC, weakensC }, say) =>
    `${ingredient} is in ${preparation} while it boils to ${say.temperature.say(endC)}, and it loses strength above ${say.temperature.say(weakensC)}. Add it at a later step, after the boil.`,
  'line-never-added': ({ preparation, ingredient, massG, step }, say) =>
    `${say.mass.say(massG)} of ${ingredient} is added to ${preparation} at a step "${step}" that does not exist, so it counts as added at the start. Choose one of its steps.`,
  'units-disagree': ({ ingredient, massG, also }, say) =>
    `${ingredient} is given as ${say.mass.say(massG)} and as ${say.mass.say(also.massG)} (${writtenAmount(also.quantity, also.unit)}). Weigh it once and keep the right one, or correct its density in the larder.`,
  'amount-slip': ({ preparation, ingredient, share, usual, unit, meant }) =>
    `${ingredient} is ${percent(share, share < 0.01 ? 2 : 1)} of ${preparation}; ${Number((usual.from * 100).toFixed(2))}-${percent(usual.to, null)} is usual. ${meant ? `Was ${meant} meant instead of ${unit}?` : 'Check the amount and its unit.'} If it is right, mark this check as known, or change the usual range in the larder.`,
  'raw-egg': ({ preparation, safeC }, say) =>
    `The egg in ${preparation} is never heated to ${say.temperature.say(safeC)}. Use pasteurised egg, or cook it, and follow your local food rules.`,
  'honey-infants': ({ preparation }) =>
    `${preparation} contains honey, which is not for children under 12 months. Say so on the label, or use another syrup.`,
  'salt-share': shareOver('salt'),
  'leavening-share': shareOver('raising agent'),
  'extract-share': shareOver('extract'),
  'acid-share': shareOver('acid'),
  'egg-share': shareOver('egg'),
  'gelatine-share': shareOver('gelling agent'),
  'fat-low': ({ preparation, share, least }) =>
    `${preparation} is ${percent(share)} fat. With less than ${percent(least)} a shortbread does not hold together. Add butter, or check the amount of flour.`,
  'cook-over-limit': ({ preparation, scaleFactor, batches }) =>
    `${preparation} is ${scaleFactor.toFixed(1)} times the base recipe, too much for one boil. Cook ${batches} equal boils, or raise its limit if your pot allows.`,
  'pot-too-small': ({ preparation, vessel, neededMl, largestMl, times, batches }, say) =>
    `${preparation} needs ${article(vessel)} of ${say.volume.say(neededMl)} (${{ pot: `a boil rises to ${times} times its volume`, bowl: 'with room to stir' }[vessel]}), and your largest holds ${say.volume.say(largestMl)}. Make it in ${batches} parts by lowering its limit, or add a larger ${vessel} in the settings.`,
  'tin-not-on-rack': ({ tin, wanted, inRack }, say) =>
    `The plan needs ${wanted} of ${tinInWords(tin, say)}, and the rack has ${inRack}. Choose another tin, make it in ${inRack > 0 ? Math.ceil(wanted / inRack) : 'several'} rounds, or add the tin to the rack.`,
  'no-box-for-height': ({ heightMm, boxMm }, say) =>
    `The pieces are ${say.length.say(heightMm)} high, and the highest box holds ${say.size(boxMm)}. Make the slab lower, pack the pieces on their side, or add a box in the settings.`,
  'wet-on-crisp': ({ layer, waterShare, below }) =>
    `${layer} is ${percent(waterShare)} water and lies directly on ${below}, which goes soft. Spread a thin film of melted chocolate or cocoa butter between them, or assemble it on the day it is eaten.`,
  'scatter-over-cover': ({ layer, cover }) =>
    `${layer} covers the surface ${cover.toFixed(1)} times over, and only the grains that touch it stick. Use ${percent(1 / cover)} of the amount or less, or make it a level layer.`,
  'layer-thin': ({ layer, thicknessMm, limitMm }, say) =>
    `${layer} is ${say.length.say(thicknessMm)} thick. Below ${say.size(limitMm)} it is hard to spread evenly. Make more of it, or use a smaller tin.`,
  'layer-thick': ({ layer, thicknessMm, limitMm }, say) =>
    `${layer} is ${say.length.say(thicknessMm)} thick. Above ${say.size(limitMm)} it is slow to set through. Use a larger tin, or split it into two layers.`,
  'chocolate-top-thick': ({ layer, share }) =>
    `${layer} is ${percent(share)} of the height. More than a quarter squeezes out what lies below when it is cut. Make it thinner, or soften it with 5-10 % oil.`,
  'preparation-unused': ({ preparation }) =>
    `${preparation} is in no layer, but all of it is paid for. Use it in a layer, or remove it.`,
  'leftover-large': ({ preparation, massG, share }, say) =>
    `${say.mass.say(massG)} of ${preparation} (${percent(share)}) is left over. Make less of it, or use more in a layer.`,
  'no-price': ({ ingredient, massG, pricedIn }, say) =>
    `${ingredient} ${pricedIn ? `is still priced in ${pricedIn}` : 'has no price'}, so ${massG === null ? 'it' : `its ${say.mass.say(massG)}`} cost${massG === null ? 's' : ''} nothing so far. ${pricedIn ? 'Enter what a pack costs now' : 'Add a pack with its price'} in the larder.`,
};

/**
 * Returns the text of a check.
 *
 * @param say how the shop writes its figures
 */
export function checkText({ code, figures }: Check, say: Figures): string {
  return (SENTENCES[code] as (of: Check['figures'], say: Figures) => string)(figures, say);
}
