/** How figures are calculated: each model with its source and its limits, for users. */

export interface ModelText {
  readonly title: string;
  readonly text: string;
  readonly source: string;
  /** Range and accuracy. */
  readonly holds: string;
  /** Start of the line in docs/bench.md with its measured accuracy. */
  readonly bench?: string;
}

/** Models by station. */
export const MODEL_TEXTS: Readonly<Record<string, readonly ModelText[]>> = {
  'Build and Size': [
    {
      title: 'Density of a mixture',
      text: 'The volumes of water, sugars, fat, protein and the rest add up. The density is the total weight divided by the total volume. Oats, crumbs and puffed cereals keep three quarters of their loose volume when they are pressed or bound. Soda foams a boil that sets hard to 0.4 g/mL.',
      source: 'Choi and Okos (1986), Effects of temperature and composition on the thermal properties of foods',
      holds:
        'Good to a few percent for syrups, creams and chocolate, and to about a fifth for crumbs, cereals and foam. Whipped mixtures need a measured density.',
    },
    {
      title: 'Thickness of a layer in a tin',
      text: 'The thickness at which the volume of the layer fits between the height where it starts and the height where it ends, with sloping walls and round corners.',
      source: 'Closed forms for a frustum with rounded corners',
      holds: 'Exact for tins with straight or sloping walls.',
    },
  ],
  Cook: [
    {
      title: 'Yield of a boil',
      text: 'A syrup that boils at a given temperature has a known share of sugar. The sugar stays in the pot, so the share tells how much water has boiled off.',
      source: 'Handbook values for boiling sucrose syrups',
      holds:
        'Good to about 1.5 percentage points between 101 and 160 °C. Milk solids and fat are treated as separate from the syrup.',
    },
    {
      title: 'End points at your altitude',
      text: 'Water boils at a lower temperature higher up, and every end point drops by the same amount.',
      source: 'ICAO standard atmosphere, Antoine constants of water',
      holds: 'Up to 3,000 m. The weather shifts it by up to half a degree.',
    },
    {
      title: 'What an infrared thermometer reads',
      text: 'The surface of a pot is cooler than its middle. The heat that passes through the film below the surface equals the heat that leaves it.',
      source: 'Incropera and DeWitt, Fundamentals of heat and mass transfer, chapters 1 and 3',
      holds: 'An open pot in a still room. Steam makes the reading lower still. Good to about half of the difference.',
    },
    {
      title: 'When a boil reaches its end point',
      text: 'At constant heat, water boils off evenly. A straight line is fitted to the readings, with more weight on recent ones, and extended to the end point. The temperature rises slowly at first and fast near the end. The range covers about nine cases in ten.',
      source: 'Huber (1981), Robust statistics. Chow (1960) for a knob that was turned',
      holds:
        'From one minute of readings after it starts to boil, with heat that varies by a tenth or is turned now and then.',
      bench: '200 simulated boils, each forecast',
    },
    {
      title: 'When a pot has cooled, from readings',
      text: 'The difference from room temperature falls exponentially. Its rate is fitted to the readings.',
      source: "Newton's law of cooling",
      holds: 'A pot that is left alone.',
      bench: '200 simulated coolings',
    },
    {
      title: 'How long a pot cools, without readings',
      text: 'The heat that leaves the surface, the walls and the bottom of the pot by air, steam and radiation, minute by minute.',
      source: 'Heat balance with usual surface coefficients',
      holds: 'Your own pot, or one four times as large as its contents. Good to about a third.',
    },
  ],
  'Set and Schedule': [
    {
      title: 'Heat through the layers',
      text: 'Heat flows up and down through the stack. The stack is divided into thin slices, and their temperatures are followed in every place the tin stands in. A hot surface loses heat up to twice as fast as a lukewarm one.',
      source: 'Checked against the series of Carslaw and Jaeger, and against its own heat balance',
      holds: 'Slabs that are much wider than high. The edges of the tin are ignored.',
      bench: 'heat through five layers',
    },
    {
      title: 'Conductivity and heat capacity',
      text: 'Both are calculated from water, sugars, fat and protein. A density below that of the composition means air bubbles, which conduct less.',
      source: 'Choi and Okos (1986), Effects of temperature and composition on the thermal properties of foods',
      holds: 'Foods from -40 to 150 °C, good to about a tenth.',
    },
    {
      title: 'When a layer is ready for the next, and cuts cleanly',
      text: 'A layer is ready for the next one when its surface is firm enough and its minimum wait is over. It cuts cleanly when its middle is firm enough. If you set a temperature to cool to, the warmest part decides.',
      source: 'Firmness by temperature and time for each kind of layer, checked against usual waits',
      holds: 'The kinds of layer it names. A wait measured in your own place takes precedence.',
      bench: '53 waits compared with',
    },
    {
      title: 'How hard boiled sugar gets',
      text: 'Boiled sugar stiffens as it cools towards its glass transition, which falls with the water and the syrup in it.',
      source: 'Gordon and Taylor (1952)',
      holds: 'Boils of sugar, syrup and water. Fat and milk are treated as separate.',
    },
    {
      title: 'A warm pour on a cold layer',
      text: 'The temperature where the two meet lies between theirs, weighted by how readily each gives up or takes heat.',
      source: 'Carslaw and Jaeger (1959), Conduction of heat in solids',
      holds: 'The first seconds after the pour.',
    },
    {
      title: 'Condensation after the fridge',
      text: 'A surface that is colder than the dew point of the room gets wet.',
      source: 'Magnus formula with the constants of Alduchov and Eskridge (1996)',
      holds: 'Room air between 0 and 50 °C.',
    },
    {
      title: 'The schedule',
      text: 'Steps are placed one by one, each as early as people, ovens, rings and working hours allow. If a wait would get too long, the step before it is moved later and the rest is placed again. Many orders are tried and the shortest schedule is kept.',
      source:
        'Kolisch and Hartmann (1999), Heuristic algorithms for the resource-constrained project scheduling problem. Franck, Neumann and Schwindt (2001), on minimum and maximum waits',
      holds: 'Close to the shortest possible schedule.',
      bench: 'schedules of 60 generated problems',
    },
    {
      title: 'The week',
      text: 'All batches share people, ovens with shelves and one temperature each, rings, the mixer, shelf area in the cold, tins and a cutting board. Batches are placed as late as they may be, then some are taken out and placed again, many times over. Nothing late comes first, then presence of people and freshness.',
      source:
        'Pisinger and Ropke (2010), Large neighborhood search. Franck, Neumann and Schwindt (2001), on minimum and maximum waits. Lower bounds from the longest chain and from labour against hours',
      holds: 'Close to the best plan for a week of up to some 20 batches. Larger weeks get better with more time.',
      bench: 'small weeks against an integer program',
    },
    {
      title: 'From orders to batches',
      text: 'Stock that keeps comes first, oldest first. Then an integer program chooses whole tins for each due time at the least cost of ingredients, labour, energy and left-over pieces.',
      source: 'Pochet and Wolsey (2006), Production Planning by Mixed Integer Programming (lot sizing)',
      holds: 'Proven the cheapest for each slab by itself. Labour counts as one tin after another.',
    },
    {
      title: 'How much to take to a market',
      text: 'The demand of past markets is described by negative binomial distributions, each weighed by how well it explains what was sold. Where everything was sold, at least that much was wanted. The quantity is the one with the highest expected profit.',
      source:
        'Arrow, Harris and Marschak (1951), Optimal Inventory Policy (the newsvendor problem). Censored demand by its likelihood',
      holds: 'From four markets on, while markets stay alike. The weather is not known to it.',
    },
  ],
  Cut: [
    {
      title: 'Weight of a piece',
      text: 'The volume of each piece under its part of every layer, with sloping walls and round corners.',
      source: "Integrals over polygons by Green's theorem",
      holds: 'Exact for straight cuts in any tin. Pieces, trims and kerf add up to the slab.',
    },
    {
      title: 'Surface from thickness readings',
      text: 'A level, tilted or curved surface through your readings. The one that best predicts each reading from the others is used.',
      source: 'Allen (1974), the PRESS statistic',
      holds: 'Slabs that slope or bulge. Bumps smaller than the distance between readings are missed.',
      bench: 'an uneven slab of 8 x 12',
    },
    {
      title: 'Several sizes from one slab',
      text: 'The slab is cut into full-length strips first, then across each strip, in the way that is worth most.',
      source: 'Gilmore and Gomory (1965), Multistage cutting stock problems of two and more dimensions',
      holds: 'Proven best, or with the largest possible gap.',
      bench: 'two-stage instances',
    },
    {
      title: 'Shards of a broken slab',
      text: 'The number of shards is the weight of the slab divided by the weight you aim at, with a spread. Their weights follow a log-normal distribution.',
      source: 'Cox (1962), Renewal theory. Kolmogorov (1941), on the sizes of broken things',
      holds: 'Slabs broken by hand without scoring.',
    },
    {
      title: 'Cutting time',
      text: 'Lifting, marking, cutting and separating, by the number of cuts and turns and the tool. Wires and rollers make all cuts of one direction at once.',
      source: 'Times counted at the bench',
      holds: 'One practised person, within a factor of two.',
    },
    {
      title: 'Checking weights',
      text: 'The average of the weighed pieces must reach the declared weight, few may fall short by more than the tolerable error, and none by more than twice that.',
      source: 'Directive 76/211/EEC, Annex I',
      holds: 'Guidance for pieces sold by weight. Your local rules decide.',
    },
  ],
  Price: [
    {
      title: 'Rounding money',
      text: 'Every amount is rounded down to whole coins. The coins left over go to the amounts that lost most, so the parts always add up to the total.',
      source: 'Method of largest remainders (Hamilton)',
      holds: 'Exact for every currency.',
    },
    {
      title: 'Cost of a batch',
      text: 'Ingredients, labour, energy, packaging and overheads, less income from trims. Pieces you cannot sell are paid for by the others.',
      source: 'Absorption costing',
      holds: 'Typical steps and your own rates.',
    },
    {
      title: 'Price of a piece',
      text: 'A margin is a share of the price before tax, a markup a share of the cost. The price is rounded up to your next price ending.',
      source: 'Definitions of margin and markup, in whole coins',
      holds: 'Exact, and never below the margin you ask for.',
    },
    {
      title: 'Profit of other cuts',
      text: 'Each grid near yours with the same price per gram, its own price endings, cutting time, trims and packaging.',
      source: 'The same prices and times as in the other figures',
      holds: 'Even grids near yours. It does not predict what sells.',
    },
  ],
  Pack: [
    {
      title: 'Pieces in a box',
      text: 'Pieces lie in rows. Every number of rows in both directions is tried.',
      source: 'Complete search',
      holds: 'Pieces that lie flat in rows. No other arrangement in rows holds more.',
    },
    {
      title: 'Wrapper for a piece',
      text: 'Once around the piece with an overlap. A twist needs a tail at both ends, a parcel flaps of three quarters of the height.',
      source: 'Geometry of a box',
      holds: 'Paper that folds easily. Thick paper needs a little more.',
    },
  ],
  Label: [
    {
      title: 'Ingredient list',
      text: 'Ingredients by weight when mixed, products with their own ingredients, allergens in bold, and the percentage of anything the name promises.',
      source: 'Regulation (EU) No 1169/2011, Articles 18, 21 and 22, Annexes VII and VIII',
      holds: 'As complete as the larder. A draft, and local food law decides.',
    },
    {
      title: 'Nutrition',
      text: 'What goes in, less what boils or bakes off and what sticks to the pot. What an ingredient leaves open makes a range: the saturates are between nothing and all of its fat. As long as the range is no wider than the rounding of the label it is a figure, otherwise a question mark.',
      source: 'Regulation (EU) No 1169/2011, Annex XIV',
      holds: 'Calculated from food tables and packs, not analysed. Good to about a tenth.',
    },
    {
      title: 'Rules by market',
      text: 'Europe and the United Kingdom: allergens emphasised in the list, nutrition per 100 g. Prepacked for direct sale: the name and the full list. Sold loose: the name and the allergens. United States: a Contains statement with the kinds of nut, nutrition per serving with daily values, and servings by what is customarily eaten at a time.',
      source:
        'Regulation (EU) No 1169/2011 and as retained in the United Kingdom, with its amendment of 2019 for food prepacked for direct sale; 21 CFR 101.9, 101.12 and section 403(w) of the Federal Food, Drug, and Cosmetic Act',
      holds: 'The label page names what the law also asks for and the draft does not have.',
    },
  ],
  'Bench and history': [
    {
      title: 'How a run continues',
      text: 'Finished steps stay where they were. The rest starts as early as possible in the planned order, but not so early that anything waits too long. A wait that can no longer be kept is dropped.',
      source: 'Dechter, Meiri and Pearl (1991), Temporal constraint networks',
      holds: 'The planned order. Steps done out of order are accepted as they come.',
      bench: 'state of a run',
    },
    {
      title: 'Average of several runs',
      text: 'The median and a robust spread, so that one run that went wrong changes little.',
      source: 'Rousseeuw and Croux (1993), Alternatives to the median absolute deviation. Student (1908)',
      holds: 'Three runs or more, of which up to half may have gone wrong.',
    },
    {
      title: 'Suggestions from runs',
      text: 'Typical times, speed of boiling, setting times, losses and densities, where the plan lies outside the likely range. You decide what to apply.',
      source: 'Medians of what was recorded, compared with the plan',
      holds: 'Runs of one slab made to its recipe. Missing records are left out.',
      bench: 'suggestions from 11 runs',
    },
    {
      title: 'Likely causes of a fault',
      text: 'How common each cause is, how often it shows what you see, and how much more often the recorded facts occur with it.',
      source: "Bayes' rule with independent evidence. Titterington and others (1981)",
      holds: 'The causes it names. How common they are is a judgement from practice.',
      bench: 'diagnosis: of 200',
    },
  ],
  'Paste a recipe': [
    {
      title: 'Reading lines and methods',
      text: 'Rules read amounts, units, ingredients, times, temperatures, tins and cuts. What is not recognised stays as text.',
      source: 'Rules, tested on our own recipes. Recipes in other styles read less well',
      holds: 'English. Anything doubtful is marked for you to check.',
      bench: 'the corpus of methods',
    },
  ],
};
