import type { WildRecipe } from './recipe';

/** Twenty recipes that were kept aside while the reader was built, so that its score on them is an honest one. */
export const UNREAD: readonly WildRecipe[] = [
  {
    name: 'English toffee, chips melted on the hot slab, nuts on top',
    text: `Almond toffee
1 cup butter
1 cup granulated sugar
2 tablespoons water
1/4 teaspoon salt
1 cup milk chocolate chips
3/4 cup almonds, toasted and chopped

Line a 10x15-inch jelly roll pan with a silicone mat. Melt butter in a heavy saucepan. Add sugar, water and salt and cook over medium heat, stirring now and then, until a candy thermometer reads 300°F. Pour into the pan. Wait 2 minutes, then sprinkle the chips over the hot toffee; let stand 5 minutes and spread with an offset spatula. Sprinkle with the almonds. Refrigerate for 1 hour. Break into pieces. Store in an airtight container for 2 weeks.`,
    tin: '381x254',
    mixtures: { toffee: 'butter, granulated, water, salt @149', top: 'chips', nuts: 'almonds' },
    layers: ['toffee', 'top', 'nuts:scatter'],
    waits: { nuts: 'fridge 60' },
    cut: 'break',
    keep: 'room 14',
  },
  {
    name: 'tablet, Scottish, by weight, sloppy',
    text: `tablet (the proper one)
900g sugar
397g tin condensed milk
115g butter
150ml whole milk

get your sugar, butter and milk into a big heavy pan on a low heat till the sugar's gone. add the condensed milk. bring up to a boil and keep it going 20 mins or so, stirring the whole time, it wants to get to 116. take it off and beat it like mad for 5-8 minutes till it goes grainy at the sides. into a buttered 23 x 33 tin. mark it when its half set. let it go cold then cut into 60. keeps for ages - say 6 weeks - in a tin`,
    tin: '330x230',
    mixtures: { tablet: 'sugar, condensed, butter, milk @116' },
    layers: ['tablet'],
    waits: { tablet: 'room 0' },
    cut: 60,
    keep: 'room 42',
  },
  {
    name: 'chocolate mint squares, three no-bake layers, Canadian',
    text: `Three-layer squares

Bottom layer
1/2 cup butter
1/4 cup sugar
5 tbsp cocoa
1 egg, beaten
1 3/4 cups graham wafer crumbs
1 cup coconut
1/2 cup finely chopped almonds

Middle layer
1/2 cup butter, softened
3 tbsp cream
2 tbsp custard powder
2 cups icing sugar

Top layer
4 oz semi-sweet chocolate
2 tbsp butter

Melt the first three ingredients in the top of a double boiler. Add the egg and stir to cook and thicken. Remove from heat. Stir in crumbs, coconut and almonds. Press firmly into an ungreased 8" x 8" pan. Cream butter, cream, custard powder and icing sugar together well. Beat until light. Spread over bottom layer. Chill 30 minutes. Melt chocolate and butter over low heat. Cool. When cool but still liquid, pour over second layer and chill in refrigerator 1 hour. Cut into 25 squares.`,
    tin: '203x203',
    mixtures: {
      base: 'butter, sugar, cocoa, egg, wafer, coconut, almonds',
      middle: 'butter, cream, custard, icing',
      top: 'chocolate, butter',
    },
    layers: ['base', 'middle', 'top'],
    waits: { middle: 'fridge 30', top: 'fridge 60' },
    cut: 25,
    keep: null,
  },
  {
    name: 'flapjack, one bowl, British',
    text: `Golden flapjack

Makes 12

250g butter, plus extra for the tin
250g light brown soft sugar
175g golden syrup
425g porridge oats
50g mixed seeds

Heat oven to 180C/160C fan/gas 4 and butter a 30 x 23cm baking tin. Put the butter, sugar and syrup in a large pan and stir over a low heat until melted and smooth. Take off the heat and stir in the oats and seeds, mixing well. Tip into the tin, press down with the back of a spoon and bake for 25 mins until golden round the edges and still a bit soft in the middle. Score into 12 bars while warm and leave to cool completely in the tin. Lift out and cut up. Will keep for 5 days in a tin.`,
    tin: '300x230',
    mixtures: { oats: 'butter, brown, syrup, oats, seeds' },
    layers: ['oats'],
    bakes: ['25 @180'],
    waits: { oats: 'room 0' },
    cut: 12,
    keep: 'room 5',
  },
  {
    name: 'almond nougat, honey, two pots linked, French translation',
    text: `White nougat

For 1 kg:
300 g lavender honey
400 g sugar
100 g glucose syrup
120 g water
70 g egg whites
400 g whole almonds
2 leaves of wafer paper

Roast the almonds at 150 degrees during 15 minutes and keep them hot. Cook the honey to 128 degrees. Mount the whites to snow in the mixer, when the honey reaches 120 degrees. Pour the hot honey on the whites in a thread without stopping to beat. Cook the sugar, the glucose and the water to 150 degrees and pour in the same way. Dry the mass by beating 10 minutes. Incorporate the hot almonds with a spatula. Spread between two leaves of wafer paper in a frame of 30 x 20 cm, 2 cm thick. Let it rest 12 hours at room temperature and cut in bars of 10 x 2 cm. Conserve 2 months in a tight box.`,
    tin: '300x200',
    mixtures: { nougat: 'whites, almonds', honey: 'honey @128', syrup: 'sugar, glucose, water @150' },
    layers: ['nougat+honey+syrup'],
    waits: { nougat: 'room 720' },
    cut: 30,
    keep: 'room 60',
  },
  {
    name: 'coconut bars enrobed, frozen first',
    text: `Coconut bars

200g desiccated coconut
320g sweetened condensed milk
1 tsp vanilla extract
pinch of salt
300g dark chocolate, for coating

1 Mix the coconut, condensed milk, vanilla and salt. It should hold together when you squeeze it.
2 Press into a lined 20 x 15 cm tin, about 2.5 cm high, and freeze for 45 minutes.
3 Turn out and cut into 24 small bars with a sharp knife. Put back in the freezer while you melt the chocolate.
4 Temper the chocolate. Dip the bars with a fork, let the excess drip off, and set them on a sheet of acetate for 20 minutes.
Kept cool they last 3 weeks.`,
    tin: '200x150',
    mixtures: { coconut: 'coconut, condensed, vanilla, salt', dip: 'chocolate' },
    layers: ['coconut', 'dip:coat'],
    waits: { coconut: 'freezer 45' },
    cut: 24,
    keep: 'room 21',
  },
  {
    name: 'pecan bars, filling boiled then baked',
    text: `Pecan bars

Shortbread crust
2 1/4 cups flour
2/3 cup brown sugar, packed
1 cup (226g) cold butter
1/2 tsp salt

Pecan topping
1/2 cup butter
1 cup packed brown sugar
1/3 cup honey
2 tbsp heavy cream
3 cups pecans, chopped

Preheat oven to 350 degrees F and line a 9x13 pan with foil, leaving enough for a 2-inch overhang on all sides. Make the crust: cream together butter and brown sugar until light and fluffy. Add in the flour and salt and mix until crumbly. Press the crust into the foil-lined pan and bake for 20 minutes until golden brown. While the crust bakes, prepare the filling by combining the butter, brown sugar, honey and heavy cream in a saucepan. Stir over medium heat, simmer for 1 minute, then stir in the chopped pecans. Remove the crust from the oven and immediately pour the pecan filling over the hot crust, spreading it to cover the entire surface. Return the pan to the oven and bake for an additional 20 minutes. Remove and allow the bars to fully cool in the pan. Use the foil overhang to lift them out and transfer to a cutting board. Peel off the foil and slice into 24 bars.`,
    tin: '330x229',
    mixtures: { crust: 'flour, brown, butter, salt', pecan: 'butter, brown, honey, cream, pecans' },
    layers: ['crust', 'pecan'],
    bakes: ['20 @177', '20 @177'],
    waits: { pecan: 'room 0' },
    cut: 24,
    keep: null,
  },
  {
    name: 'white chocolate and cranberry bark with lime',
    text: `Bark for the shop counter

500g white chocolate callets
80g dried cranberries
60g pistachios, roughly chopped
zest of 1 lime

Temper the chocolate (28-29°C). Pour on a marble slab lined with a guitar sheet, spread 6 mm thick. Strew everything else over the top straight away. Leave at 16-18 °C until it comes away from the sheet, 30 minutes. Break by hand into pieces of about 40 g, and bag at once. Shelf life 4 months, away from light.`,
    tin: null,
    mixtures: { bark: 'white chocolate', top: 'cranberries, pistachios, zest' },
    layers: ['bark', 'top:scatter'],
    waits: { top: 'room 30' },
    cut: 'break',
    keep: 'room 120',
  },
  {
    name: 'caramel slice with a boiled caramel and a seed top',
    text: `For the base
175g plain flour
115g butter
60g golden caster sugar

For the caramel
200g butter
4 tbsp golden syrup
1 x 397g can condensed milk
1/2 tsp salt

For the top
200g milk chocolate
50g pumpkin seeds

1. Heat the oven to 170C fan. Line a 22cm square cake tin.
2. Whizz the base ingredients in a food processor to crumbs. Tip into the tin, press down with a spoon and prick with a fork. Bake for 22-25 minutes until pale gold.
3. Meanwhile, melt the butter for the caramel with the syrup, then add the condensed milk and salt. Bring to a gentle boil and simmer for 7 minutes, stirring all the time, until thick and the colour of fudge (or 106C). Pour on the base and leave to cool, about 1 hr.
4. Melt the chocolate in short bursts in the microwave. Pour over the caramel and tilt the tin to level it. Scatter over the seeds. Chill for 30 mins to set.
5. Use a hot knife to cut into 20 bars. They'll keep for 10 days in an airtight box in the fridge.`,
    tin: '220x220',
    mixtures: {
      base: 'flour, butter, golden caster',
      caramel: 'butter, syrup, condensed, salt @106',
      top: 'milk chocolate',
      seeds: 'seeds',
    },
    layers: ['base', 'caramel', 'top', 'seeds:scatter'],
    bakes: ['22 @170'],
    waits: { caramel: 'room 60', seeds: 'fridge 30' },
    cut: 20,
    keep: 'fridge 10',
  },
  {
    name: 'jelly with starch, dusted',
    text: `Rose jelly cubes

800 g sugar
700 ml water
1 tbsp lemon juice
120 g cornflour
1 tsp cream of tartar
2 tsp rosewater
60 g icing sugar mixed with 30 g cornflour, for dusting

Oil a 23 cm square tin. Boil the sugar with 350 ml of the water and the lemon juice until it reaches 118 °C. In another pan whisk the cornflour and cream of tartar into the remaining water and cook until it is a thick paste. Gradually pour the hot syrup into the paste, whisking. Simmer very gently for 1 hour, stirring often, until it is amber and pulls away from the pan. Stir in the rosewater. Pour into the tin and let stand uncovered overnight. Cut into 64 cubes and roll in the dusting mixture. Keeps 1 month between layers of paper.`,
    tin: '230x230',
    mixtures: {
      syrup: 'sugar, water, lemon @118',
      paste: 'water, cornflour, tartar, rosewater',
      dust: 'icing',
    },
    layers: ['paste+syrup', 'dust:coat'],
    waits: { paste: 'room 480' },
    cut: 64,
    keep: 'room 30',
  },
  {
    name: 'cereal and peanut bars, pressed, drizzle after cutting',
    text: `Crispy peanut bars (gluten free if your cereal is)

4 cups crisped rice cereal
1 cup roasted salted peanuts
3/4 cup honey
3/4 cup peanut butter
1/4 cup coconut oil
1/2 cup dark chocolate chips, for drizzling

Grease an 11 x 7 inch pan. In a big bowl toss cereal and peanuts. Heat honey, peanut butter and coconut oil in a pot until it just bubbles, stirring, 2 min. Pour over cereal, stir until everything is coated. Press FIRMLY into pan with wet hands. Chill 1 hr. Cut into 18 bars. Melt the chips, drizzle over the bars, chill another 10 min. Fridge: 2 weeks.`,
    tin: '279x178',
    mixtures: { bars: 'cereal, peanuts, honey, peanut butter, coconut oil', drizzle: 'chips' },
    layers: ['bars', 'drizzle:coat'],
    waits: { bars: 'fridge 60' },
    cut: 18,
    keep: 'fridge 14',
  },
  {
    name: 'old fudge with a stage and no degrees, from an old book',
    text: `Maple cream

2 cups maple sugar or light brown sugar
3/4 cup thin cream
1 tablespoon butter
1/2 cup hickory nuts

Boil the sugar and cream together without stirring until a little of it dropped in cold water forms a soft ball. Take from the fire, add the butter, and set the kettle in a pan of cold water. When lukewarm beat until creamy. Add the nut meats and turn into a buttered pan. When firm cut in squares.`,
    tin: null,
    mixtures: { fudge: 'maple, cream, butter, nuts @115' },
    layers: ['fudge'],
    cut: null,
    keep: null,
  },
  {
    name: 'raspberry oat squares: part of the dough over the jam',
    text: `Raspberry oat squares

150 g plain flour
150 g rolled oats
150 g butter
110 g soft brown sugar
1/2 tsp baking powder
250 g raspberry jam

Preheat the oven to 180 °C. Line a 20 cm square tin. Rub the butter into the flour and baking powder, then mix in the oats and sugar. Press two thirds of the mixture over the bottom of the tin. Spread with the jam. Crumble the remaining third on top. Bake for 35 minutes. Cool completely before cutting into 16 squares. Best within 4 days.`,
    tin: '200x200',
    mixtures: { oats: 'flour, oats, butter, brown, powder', jam: 'jam' },
    layers: ['oats', 'jam', 'oats:scatter'],
    bakes: ['35 @180'],
    waits: { oats: 'room 0' },
    cut: 16,
    keep: 'room 4',
  },
  {
    name: 'lollies on a tray: clear hard candy, scored',
    text: `Lemon drops in a slab

450g granulated sugar
150ml water
2 tbsp liquid glucose
1 tsp citric acid
few drops lemon oil

Dissolve the sugar in the water over a low heat, brushing down the sides of the pan with a wet brush. Add the glucose, bring to the boil and boil hard, without stirring, to 154°C. Dip the base of the pan in cold water at once to stop the cooking. When the bubbles have gone stir in the acid and the oil. Pour onto an oiled marble slab between bars 30 x 20 cm. As it begins to set mark it into 96 squares with an oiled knife. Leave for 1 hour, break along the lines, dust and store in a jar for up to 3 months.`,
    tin: '300x200',
    mixtures: { candy: 'granulated, water, glucose, acid, oil @154' },
    layers: ['candy'],
    waits: { candy: 'room 60' },
    cut: 96,
    keep: 'room 90',
  },
  {
    name: 'tahini slab, syrup into a paste',
    text: `Tahini slab with pistachio

400 g tahini, well stirred
450 g caster sugar
120 ml water
80 g pistachios, whole

Line a loaf tin, 23 x 13 cm. Warm the tahini in a bowl to 50 C. Heat the sugar and water in a small pan to 120 C. Pour the syrup slowly into the tahini, beating with a wooden spoon, and add the pistachios. Stop as soon as it begins to stiffen. Press into the tin, cool, cover and leave in the fridge for 36 hours so that the crystals form. Slice into 12. Keeps for 6 weeks in the fridge.`,
    tin: '230x130',
    mixtures: { tahini: 'tahini, pistachios', syrup: 'caster, water @120' },
    layers: ['tahini+syrup'],
    waits: { tahini: 'fridge 2160' },
    cut: 12,
    keep: 'fridge 42',
  },
  {
    name: 'jelly slice with a condensed milk layer, Australian',
    text: `Jelly slice

1 pkt (250 g) plain sweet biscuits
125g butter, melted
395g tin condensed milk
juice of 2 lemons
3 tsp gelatine
3/4 cup boiling water
1 pkt (85 g) raspberry jelly crystals

Crush biscuits finely and mix with the butter. Press into a lined 19 x 29cm slice tin and chill for 20 minutes. Beat condensed milk with lemon juice. Dissolve the gelatine in 1/4 cup of the boiling water, stir into the milk mixture, pour on the base and put in the fridge until firm, about 1 hour. Dissolve jelly crystals in the rest of the boiling water, let it cool to room temp, and pour gently over the back of a spoon onto the set layer. Leave in the fridge overnight. Cut into 20 with a hot knife.`,
    tin: '290x190',
    mixtures: {
      base: 'biscuits, butter',
      milk: 'condensed, lemon, gelatine, water',
      jelly: 'water, jelly',
    },
    layers: ['base', 'milk', 'jelly'],
    waits: { base: 'fridge 20', milk: 'fridge 60', jelly: 'fridge 480' },
    cut: 20,
    keep: null,
  },
  {
    name: 'date caramel bites without sugar boil, two spreads on both sides',
    text: `Chocolate-covered date caramel

Date caramel: 400 g soft dates, 100 g cashew butter, 60 ml coconut cream, 1/2 tsp sea salt
Chocolate: 250 g dark chocolate, 1 tbsp coconut oil

Blend everything for the caramel until completely smooth. Spread on a lined 20 x 20 cm tin and freeze 2 hours. Melt the chocolate with the oil. Brush a thin coat of chocolate on top, let it set for 5 minutes in the freezer, turn the slab over, peel off the paper and coat the other side. Cut into 36 cubes once the chocolate has just set. Store in the fridge, up to 3 weeks.`,
    tin: '200x200',
    mixtures: { dates: 'dates, cashew, coconut cream, sea salt', chocolate: 'chocolate, coconut oil' },
    layers: ['dates', 'chocolate:both-faces'],
    waits: { dates: 'freezer 120' },
    cut: 36,
    keep: 'fridge 21',
  },
  {
    name: 'ginger tray bake with syrup and icing',
    text: `Ginger tray bake with icing

Cake
200g butter
175g dark muscovado sugar
150g black treacle
3 eggs
300g self-raising flour
2 tsp ground ginger
100ml milk
Icing
200g icing sugar
2 tbsp lemon juice

Oven to 160 fan. Grease and line a 30 x 20cm tray bake tin. Warm the butter, sugar and treacle in a pan until melted. Cool 10 mins. Beat in the eggs, then fold in the flour and ginger, and finally the milk. Pour into the tin and bake for 35-40 mins, until a skewer comes out clean. Cool in the tin. Sift the icing sugar, beat in the lemon juice and spread over the cold cake. Leave to set for 1 hour. Cut into 24 portions. Store in a tin for up to 5 days.`,
    tin: '300x200',
    mixtures: { cake: 'butter, muscovado, treacle, eggs, flour, ginger, milk', icing: 'icing, lemon' },
    layers: ['cake', 'icing'],
    bakes: ['35 @160'],
    waits: { icing: 'room 60' },
    cut: 24,
    keep: 'room 5',
  },
  {
    name: 'caramel popcorn slab, poured over what lies in the tin',
    text: `Popcorn & pretzel slab

60g popped corn
100g mini pretzels
200g soft brown sugar
100g butter
80g corn syrup
1/2 tsp baking soda
150g dark chocolate

Spread the popcorn and pretzels on a 40 x 30 cm sheet. Bring sugar, butter and corn syrup to a boil in a saucepan, and boil for 4 minutes, to 125 °C. Off the heat, stir in the soda - it'll foam - and pour over the popcorn. Stir to coat. Bake at 120 °C for 40 minutes, stirring every 10 minutes. Press flat and let cool. Melt the chocolate and drizzle it over. When set break into clusters. Good for 10 days in a sealed bag.`,
    tin: '400x300',
    mixtures: { corn: 'popped, pretzels', syrup: 'brown, butter, corn syrup, soda @125', drizzle: 'chocolate' },
    layers: ['corn+syrup', 'drizzle'],
    bakes: ['40 @120'],
    waits: { corn: 'room 0' },
    cut: 'break',
    keep: 'room 10',
  },
  {
    name: 'ice cream bars: frozen layers, dipped',
    text: `Frozen peanut bars

For the biscuit layer: 200 g chocolate biscuits, 80 g butter
For the cream: 400 ml whipping cream, 300 g condensed milk, 150 g peanut butter
To coat: 300 g milk chocolate, 60 g coconut oil

Crush the biscuits, mix in the melted butter and press into a 25 x 20 cm tin lined with film. Freeze for 15 minutes. Whip the cream to soft peaks. Whisk the condensed milk with the peanut butter and fold in the cream. Spread over the base and freeze at least 6 hours or overnight. Lift out, cut quickly into 15 bars and freeze again for 1 hour on a cold tray. Melt the chocolate and oil and cool to 35°C. Dip each bar and put it straight back in the freezer. Eat within 2 months.`,
    tin: '250x200',
    mixtures: {
      base: 'biscuits, butter',
      cream: 'whipping, condensed, peanut butter',
      coat: 'milk chocolate, coconut oil',
    },
    layers: ['base', 'cream', 'coat:coat'],
    waits: { base: 'freezer 15', cream: 'freezer 360' },
    cut: 15,
    keep: 'freezer 60',
  },
];
