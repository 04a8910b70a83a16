import type { Allergen, Larder } from '$core/larder';
import { readRecipe, slabFromRecipe } from '$core/recipe';
import { allergenStatement } from '$core/usecases';

/**
 * Sixty ingredient lists of bars and slabs as people paste them, written for measuring what is stated about allergens. In braces after
 * an ingredient, which are not pasted: what the law asks to declare; with a question mark, what it often contains.
 */
export const PASTED: readonly (readonly [name: string, lines: string])[] = [
  [
    'Peanut cracker bars',
    '2 sticks butter {milk}; 1 1/2 cups graham cracker crumbs {gluten}; 1 cup smooth peanut butter {peanut}; 2 cups powdered sugar; 1 cup semisweet chocolate chips {milk? soya?}',
  ],
  [
    'Millionaire shortbread',
    '250g plain flour {gluten}; 75g caster sugar; 175g butter, softened {milk}; 397g tin condensed milk {milk}; 50g golden syrup; 200g milk chocolate {milk soya}',
  ],
  [
    'Rocky road',
    '200g digestive biscuits {gluten}; 135g butter {milk}; 200g dark chocolate {soya?}; 3 tbsp golden syrup; 100g mini marshmallows',
  ],
  [
    'Lemon bars',
    '1 cup all-purpose flour {gluten}; 1/2 cup butter {milk}; 4 large eggs {egg}; 1 1/2 cups sugar; 1/3 cup lemon juice',
  ],
  [
    'Tahini blondies',
    '120 g tahini {sesame}; 110 g butter {milk}; 200 g light brown sugar; 2 eggs {egg}; 130 g plain flour {gluten}; 1 tsp vanilla extract',
  ],
  ['Flapjack', '250g rolled oats {gluten}; 125g butter {milk}; 125g soft brown sugar; 3 tbsp golden syrup'],
  [
    'Anzac slice',
    '1 cup rolled oats {gluten}; 1 cup plain flour {gluten}; 1 cup desiccated coconut; 125g butter {milk}; 2 tbsp golden syrup; 1/2 tsp bicarb soda',
  ],
  [
    'Hedgehog slice',
    '250g packet plain sweet biscuits {gluten}; 150g butter {milk}; 1/2 cup cocoa; 1 egg {egg}; 3/4 cup caster sugar; 100g walnuts {tree nuts}',
  ],
  [
    'Caramel slice',
    '1 cup self-raising flour {gluten}; 1/2 cup brown sugar; 125g butter, melted {milk}; 395g can sweetened condensed milk {milk}; 125g dark chocolate {soya?}',
  ],
  [
    'Nanaimo style bars',
    '1/2 cup unsalted butter {milk}; 1/4 cup sugar; 1 egg {egg}; 1 3/4 cups graham crumbs {gluten}; 1/2 cup almonds, chopped {tree nuts}; 2 tbsp custard powder; 2 cups icing sugar',
  ],
  ['Walnut fudge', '450g caster sugar; 400ml double cream {milk}; 50g butter {milk}; 100g walnuts {tree nuts}'],
  [
    'Peanut brittle',
    '2 cups granulated sugar; 1 cup light corn syrup; 2 cups raw peanuts {peanut}; 2 tbsp butter {milk}; 1 tsp baking soda',
  ],
  ['Sesame crunch', '200 g sesame seeds {sesame}; 150 g honey; 100 g caster sugar; 1 pinch salt'],
  [
    'Pistachio nougat',
    '300g caster sugar; 150g honey; 100g liquid glucose; 2 egg whites {egg}; 200g pistachios {tree nuts}; rice paper',
  ],
  [
    'White chocolate bark',
    '400 g white chocolate {milk soya}; 60 g dried cranberries; 60 g macadamia nuts {tree nuts}',
  ],
  ['Marzipan slab', '250 g ground almonds {tree nuts}; 250 g icing sugar; 1 egg white {egg}; 1/2 tsp almond extract'],
  ['Coconut ice', '400g condensed milk {milk}; 450g icing sugar; 350g desiccated coconut; 2 drops pink colouring'],
  ['Marshmallow squares', '3 tbsp butter {milk}; 10 oz marshmallows; 6 cups crisp rice cereal'],
  [
    'Turtle bars',
    '2 cups flour {gluten}; 1 cup brown sugar; 1/2 cup butter {milk}; 1 cup pecans {tree nuts}; 1 cup milk chocolate chips {milk soya}',
  ],
  [
    'Pecan pie bars',
    '2 cups all purpose flour {gluten}; 1 cup butter {milk}; 4 eggs {egg}; 1 cup corn syrup; 2 1/2 cups chopped pecans {tree nuts}',
  ],
  ['Cashew toffee', '225 g butter {milk}; 225 g caster sugar; 150 g cashews {tree nuts}; 1/2 tsp sea salt'],
  ['Hazelnut gianduja', '200 g milk chocolate {milk soya}; 200 g hazelnut paste {tree nuts}; 30 g butter {milk}'],
  [
    'Ginger crunch',
    '150g butter {milk}; 150g caster sugar; 200g plain flour {gluten}; 1 tsp baking powder; 2 tsp ground ginger; 4 tsp golden syrup',
  ],
  [
    'Tiffin',
    '225g rich tea biscuits {gluten}; 115g butter {milk}; 3 tbsp golden syrup; 25g cocoa powder; 100g raisins {sulphites?}; 225g milk chocolate {milk soya}',
  ],
  [
    'Brownies',
    '185g unsalted butter {milk}; 185g dark chocolate {soya?}; 85g plain flour {gluten}; 40g cocoa powder; 3 large eggs {egg}; 275g golden caster sugar',
  ],
  [
    'Cheesecake bars',
    '24 oz cream cheese {milk}; 3/4 cup sugar; 3 eggs {egg}; 1/4 cup sour cream {milk}; 1 1/2 cups cracker crumbs {gluten}',
  ],
  [
    'Magic bars',
    '1/2 cup butter {milk}; 1 1/2 cups graham cracker crumbs {gluten}; 1 can sweetened condensed milk {milk}; 1 1/3 cups flaked coconut; 1 cup chopped walnuts {tree nuts}',
  ],
  [
    'Oat bars with dates',
    '200 g jumbo oats {gluten}; 150 g dates; 100 g almond butter {tree nuts}; 60 g maple syrup; 40 g pumpkin seeds',
  ],
  ['Sunflower energy bars', '150 g sunflower seed butter; 200 g oats {gluten}; 80 g honey; 50 g sultanas {sulphites?}'],
  [
    'Vegan caramel slice',
    '200 g plain flour {gluten}; 120 g coconut oil; 400 ml coconut milk; 150 g brown sugar; 1 tbsp miso paste {soya gluten?}',
  ],
  ['Soy milk fudge', '400 ml soya milk {soya}; 400 g caster sugar; 100 g vegan margarine'],
  ['Spelt shortbread', '200 g spelt flour {gluten}; 130 g butter {milk}; 60 g icing sugar'],
  ['Barley sugar slab', '500 g sugar; 100 ml barley water {gluten}; 1 tbsp lemon juice'],
  ['Rye crumb bars', '180 g rye flour {gluten}; 120 g cold butter {milk}; 75 g demerara sugar'],
  ['Cornflake crunch', '150 g cornflakes {gluten}; 100 g butter {milk}; 80 g milk powder {milk}; 60 g sugar'],
  [
    'Pretzel toffee',
    '200 g pretzels {gluten}; 200 g butter {milk}; 200 g light brown sugar; 250 g dark chocolate {soya?}',
  ],
  ['Salted caramel', '200 g caster sugar; 120 ml double cream {milk}; 90 g salted butter {milk}; 1 tsp flaky salt'],
  [
    'Panforte',
    '150 g hazelnuts {tree nuts}; 150 g blanched almonds {tree nuts}; 200 g candied peel {sulphites?}; 100 g plain flour {gluten}; 150 g honey',
  ],
  ['Turron style slab', '300 g honey; 200 g sugar; 2 egg whites {egg}; 400 g toasted almonds {tree nuts}'],
  ['Halva slab', '400 g tahini {sesame}; 350 g caster sugar; 100 ml water; 50 g pistachios {tree nuts}'],
  [
    'Butter tablet',
    '1kg granulated sugar; 1 tin condensed milk {milk}; 125g butter {milk}; 250ml full-fat milk {milk}',
  ],
  ['Cinder toffee', '200 g caster sugar; 100 g golden syrup; 2 tsp bicarbonate of soda'],
  [
    'Bakewell bars',
    '200g plain flour {gluten}; 100g butter {milk}; 150g ground almonds {tree nuts}; 2 eggs {egg}; 4 tbsp raspberry jam; 30g flaked almonds {tree nuts}',
  ],
  [
    'Granola bars',
    '2 cups quick oats {gluten}; 1/2 cup wheat germ {gluten}; 1/2 cup honey; 1/3 cup peanut butter {peanut}; 1/2 cup chocolate chips {soya? milk?}',
  ],
  [
    'Biscuit butter bars',
    '250 g speculoos biscuits {gluten}; 100 g butter {milk}; 200 g caramelised biscuit spread {gluten}; 200 g white chocolate {milk soya}',
  ],
  [
    'Malt bars',
    '100 g malted milk powder {gluten milk}; 200 g milk chocolate {milk soya}; 100 g butter {milk}; 200 g digestives {gluten}',
  ],
  ['Brazil nut toffee', '400 g brown sugar; 100 g butter {milk}; 150 g Brazil nuts {tree nuts}'],
  [
    'Fruit and nut fingers',
    '100 g dried apricots {sulphites?}; 100 g cashew nuts {tree nuts}; 50 g desiccated coconut; 2 tbsp honey',
  ],
  ['Matcha white bark', '300 g white chocolate {milk soya}; 10 g matcha; 20 g black sesame seeds {sesame}'],
  ['Egg nog fudge', '500 g sugar; 250 ml eggnog {egg milk}; 100 g butter {milk}; 200 g white chocolate {milk soya}'],
  ['Cream cheese brownies', '115 g butter {milk}; 225 g cream cheese {milk}; 3 eggs {egg}; 95 g flour {gluten}'],
  ['Semolina slab', '250 g semolina {gluten}; 150 g ghee {milk}; 200 g sugar; 50 g cashews {tree nuts}'],
  ['Puff pastry slices', '1 sheet puff pastry {gluten}; 500 ml custard {milk egg?}; 200 g icing sugar'],
  ['Chestnut fudge', '435 g chestnut puree; 150 g butter {milk}; 250 g dark chocolate {soya?}'],
  ['Yogurt crunch', '200 g yogurt coated raisins {milk}; 200 g granola {gluten}; 150 g white chocolate {milk soya}'],
  ['Praline slice', '200 g almond praline {tree nuts}; 100 g feuilletine {gluten}; 200 g milk chocolate {milk soya}'],
  ['Honeycomb bark', '400 g milk chocolate {milk soya}; 150 g honeycomb; 50 g peanuts {peanut}'],
  ['Buckwheat bark', '300 g dark chocolate {soya? milk?}; 40 g buckwheat groats; 30 g hemp seeds'],
  ['Wafer bars', '200 g wafers {gluten}; 200 g hazelnut spread {tree nuts}; 100 g milk chocolate {milk soya}'],
  [
    'Fish sauce caramel',
    '200 g palm sugar; 100 ml coconut cream; 1 tbsp fish sauce {fish}; 50 g roasted peanuts {peanut}',
  ],
];

/** A pasted line, the allergens it surely contains, and those it may contain. */
interface Declared {
  readonly line: string;
  readonly has: readonly Allergen[];
  readonly may: readonly Allergen[];
}

function declared(written: string): Declared {
  const [, line = '', braces = ''] = /^([^{]*?)\s*(?:\{(.*)\})?$/.exec(written)!;
  const words = braces.match(/tree nuts\??|\S+/g) ?? [];
  const may = words.map((word) => word.replace('?', '') as Allergen);
  return { line, may, has: may.filter((_, i) => !words[i]!.endsWith('?')) };
}

/** How many of the pasted recipes state every allergen they contain, or report it as unknown for that ingredient. */
export function scorePasted(larder: Larder, starter: Larder) {
  const missed: string[] = [];
  let said = 0;
  for (const [name, lines] of PASTED) {
    const all = lines.split('; ').map(declared);
    const text = all.map(({ line }) => line).join('\n');
    const slab = slabFromRecipe(readRecipe(text, 'metric', larder), name, 'metric');
    const { contains, assumed, unknownFor } = allergenStatement(slab, larder, starter);
    const known = new Set<Allergen>([...contains, ...assumed]);
    const isUnknown = (line: string) =>
      unknownFor.some((unknown) => line.toLowerCase().includes(unknown.toLowerCase()));
    const before = missed.length;
    for (const { line, has } of all)
      for (const allergen of has)
        if (!known.has(allergen) && !isUnknown(line)) missed.push(`${name}: ${allergen} of ${line}`);
    // Wheat is named beside gluten, for labels that have to name it.
    const may = new Set<Allergen>(all.flatMap((declared) => declared.may));
    if (may.has('gluten')) may.add('wheat');
    for (const allergen of known) if (!may.has(allergen)) missed.push(`${name}: says ${allergen}`);
    if (missed.length === before) said++;
  }
  return { recipes: PASTED.length, said, missed };
}
