/** Which functions the figures on the screens rest on, by the station that shows them. What each says of itself is read by `models.ts`. */

/** Which function works a thing out, for what it holds, and by which words the printed figures begin that tell its error. */
export interface ModelOf {
  readonly title: string;
  readonly file: string;
  readonly name: string;
  readonly holds: string;
  readonly source?: string;
  readonly bench?: string;
}

export const MODELS: Readonly<Record<string, readonly ModelOf[]>> = {
  'Build and Size': [
    {
      title: 'The density of a mixture',
      file: 'larder/density.ts',
      name: 'densityOfMixture',
      holds: 'Mixtures without air; a whipped or loose one needs its own density.',
    },
    {
      title: 'How high a volume stands in a tin',
      file: 'tin/volume.ts',
      name: 'thicknessMmOf',
      holds: 'Tins with straight or leaning walls and round corners; exact.',
      source: 'Closed forms of a frustum with rounded corners',
    },
  ],
  Cook: [
    {
      title: 'What a boil leaves',
      file: 'sugar/sugarShare.ts',
      name: 'sugarShareAtBoil',
      holds: 'Sugar and cream boils between 101 and 160 °C; milk solids and fat are counted as lying beside the syrup.',
      source: 'Handbook values of boiling sucrose syrups',
    },
    {
      title: 'End points at your height',
      file: 'sugar/altitude.ts',
      name: 'waterBoilsC',
      holds: 'Up to 3,000 m.',
      source: 'ICAO standard atmosphere; Antoine constants of water',
    },
    {
      title: 'What a light thermometer sees',
      file: 'sugar/altitude.ts',
      name: 'skinDropC',
      holds: 'An open pot in a still room; steam in the way makes it read still less. Good to half of it.',
    },
    {
      title: 'When the end point comes',
      file: 'sugar/forecast.ts',
      name: 'forecastBoil',
      holds: 'From a minute of readings after it boils, at a heat that wanders by a tenth or is turned now and then.',
      source: 'Huber P. J. (1981), Robust statistics; Chow G. C. (1960) for a knob that was turned',
      bench: '200 simulated boils, each forecast',
    },
    {
      title: 'When a pot has cooled, by its readings',
      file: 'sugar/forecast.ts',
      name: 'forecastCool',
      holds: 'A pot that is left alone.',
      source: "Newton's law of cooling",
      bench: '200 simulated coolings',
    },
    {
      title: 'How long a pot cools, before there are readings',
      file: 'setting/potCooling.ts',
      name: 'minutesToCool',
      holds:
        'A pot of the shop, or one four times as large as what is in it, 0.6 as high as broad; good to about a third.',
      source:
        'Incropera F. P., DeWitt D. P., Fundamentals of heat and mass transfer, ch. 5 (lumped capacitance, with its internal resistance)',
    },
  ],
  'Set and Clock': [
    {
      title: 'Heat through the layers',
      file: 'heat/run.ts',
      name: 'heatRun',
      holds: 'Slabs much wider than high: the edges of the tin are left out.',
      source: 'Held against the series of Carslaw and Jaeger, and its own balance of heat',
      bench: 'heat through five layers',
    },
    {
      title: 'Conductivity and heat capacity',
      file: 'heat/properties.ts',
      name: 'thermalOf',
      holds: 'Foods from -40 to 150 °C; good to about a tenth.',
    },
    {
      title: 'When a layer takes the next, cuts clean and packs',
      file: 'setting/waits.ts',
      name: 'settingOf',
      holds: 'The stuffs that it names; a wait measured in your own place goes before it.',
      source:
        'Beckett, The science of chocolate; Afoakwa (2010); Walstra, Dairy science and technology; Hartel, Confectionery science and technology; ASHRAE Refrigeration, ch. 19; Foubert et al. (2003) for fat that crystallises behind its temperature',
      bench: '13 waits held against',
    },
    {
      title: 'How hard boiled sugar is',
      file: 'setting/glass.ts',
      name: 'glassTransitionC',
      holds: 'Boils of sugar, syrup and water; fat and milk are counted as lying beside them.',
    },
    {
      title: 'A warm pour on what lies below',
      file: 'setting/places.ts',
      name: 'contactC',
      holds: 'The first seconds after a pour.',
    },
    {
      title: 'Sweating out of the cold',
      file: 'setting/places.ts',
      name: 'dewPointC',
      holds: 'Room air between 0 and 50 °C.',
    },
    {
      title: 'The day',
      file: 'time/generate.ts',
      name: 'generateSchedule',
      holds: 'Steps with hands, ovens, rings and hours; near the shortest that there is.',
      bench: 'schedules of 60 made-up days',
    },
  ],
  Cut: [
    {
      title: 'What a piece weighs',
      file: 'cut/moments.ts',
      name: 'momentsWithin',
      holds: 'Any straight cuts in any tin; exact, and pieces, trims and kerf add up to the slab.',
      source: "Green's theorem; Euler's theorem on homogeneous functions",
    },
    {
      title: 'A surface through readings of thickness',
      file: 'cut/surface.ts',
      name: 'fitSurface',
      holds: 'Slabs that lean or bulge; no bumps smaller than the readings lie apart.',
      source: 'Allen D. M. (1974), the PRESS statistic',
      bench: 'an uneven slab of 8 x 12',
    },
    {
      title: 'Several sizes from one slab',
      file: 'fit/mixed.ts',
      name: 'mixedCut',
      holds: 'Strips first, then pieces; proven best, or it says how far from it at most.',
      source: 'Gilmore P. C., Gomory R. E. (1965), Multistage cutting stock problems of two and more dimensions',
      bench: 'two-stage instances',
    },
    {
      title: 'Shards of a broken slab',
      file: 'cut/shards.ts',
      name: 'shards',
      holds: 'Slabs broken by hand without a score.',
      source: 'Cox D. R. (1962), Renewal theory; Kolmogorov A. N. (1941), on the sizes of broken things',
    },
    {
      title: 'How long cutting takes',
      file: 'cut/pace.ts',
      name: 'cuttingMinutes',
      holds: 'One pair of practised hands; from quick to slow by a factor of two.',
      source: 'Usage at the bench',
    },
    {
      title: 'Evenness of weighed pieces',
      file: 'cut/weighed.ts',
      name: 'weighedPieces',
      holds: 'Guidance for pieces sold by weight; your local rules decide.',
    },
  ],
  Price: [
    {
      title: 'Money that adds up',
      file: 'cost/cents.ts',
      name: 'inCoins',
      holds: 'Every currency; exact.',
      source: 'The method of largest remainders (Hamilton)',
    },
    {
      title: 'What a run costs',
      file: 'cost/bill.ts',
      name: 'billOf',
      holds: 'The steps of the day as they usually are; your own rates.',
      source: 'Absorption costing: what a run uses, with its share of what is paid anyhow',
    },
    {
      title: 'The price of a piece',
      file: 'cost/asked.ts',
      name: 'askedPrice',
      holds: 'Every tax, ladder and currency; exact, and never under the margin that is asked.',
      source: 'The definitions of margin and markup, in whole numbers',
    },
    {
      title: 'Other cuts by what they earn',
      file: 'usecases/moneyPlans.ts',
      name: 'cutsByMoney',
      holds: 'Even grids near the one that stands; it does not foretell what sells.',
      source: 'The same price and the same minutes as everywhere here',
    },
  ],
  Pack: [
    {
      title: 'How many go into a box',
      file: 'pack/boxes.ts',
      name: 'storeyOf',
      holds: 'Pieces that lie flat in rows; no other way of rows holds more.',
      source: 'Every number of rows in both turns is tried',
    },
    {
      title: 'The paper round a piece',
      file: 'pack/wraps.ts',
      name: 'wrapPaper',
      holds: 'Paper that is soft enough to fold; thick paper takes a finger more.',
    },
  ],
  Label: [
    {
      title: 'The list of ingredients',
      file: 'label/ingredients.ts',
      name: 'labelIngredients',
      holds: 'What the larder knows of its packs. A draft: your local food law decides.',
    },
    {
      title: 'Nutrition',
      file: 'label/nutrition.ts',
      name: 'nutritionOf',
      holds: 'Reckoned from food tables and packs, not measured; good to about a tenth, as they are.',
    },
  ],
  'Bench and log': [
    {
      title: 'How a run goes on',
      file: 'run/times.ts',
      name: 'timesOf',
      holds: 'The order that was planned; what is done out of it is taken as it comes.',
      bench: 'state of a run',
    },
    {
      title: 'The middle of some runs',
      file: 'logbook/robust.ts',
      name: 'robustOf',
      holds: 'Three runs and more, up to half of which went wrong.',
    },
    {
      title: 'What the runs propose',
      file: 'logbook/proposals.ts',
      name: 'proposalsOf',
      holds: 'Runs of one slab that were made as it is written; what was not noted is left out.',
      source: 'The medians of what was recorded beside what was planned',
      bench: 'proposals from 11 runs',
    },
    {
      title: 'What went wrong',
      file: 'diagnose/diagnose.ts',
      name: 'diagnose',
      holds:
        'The causes that it names, from what was noted at the bench; how often each is one is a judgement of the field.',
      bench: 'diagnosis: of 200',
    },
  ],
  'Paste a recipe': [
    {
      title: 'Lines and methods as they are written',
      file: 'method/read.ts',
      name: 'readMethod',
      holds: 'English, of many habits; what is doubtful is asked about.',
      source: 'Rules alone, held against a corpus of our own',
      bench: 'the corpus of methods',
    },
  ],
};
