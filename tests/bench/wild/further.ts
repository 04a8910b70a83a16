import type { WildRecipe } from './recipe';

/**
 * More recipes, written with their facts in batches of four to eighteen. Each batch was read once and its first score reported before
 * anything was changed for it. Lines without an amount that a step names count as used.
 */
export const FURTHER: readonly WildRecipe[] = [
  {
    name: 'almond slice: pastry, jam, frangipane, icing',
    text: `Cherry almond slice

For the pastry: 200g plain flour, 100g butter, 2 tbsp cold water
For the filling: 150g butter, 150g caster sugar, 3 eggs, 150g ground almonds
200g cherry jam
For the icing: 150g icing sugar, 2 tbsp water

Rub the butter into the flour until it looks like breadcrumbs, then bring together with the cold water. Chill for 30 minutes. Roll out and line a 20 x 30cm tin with it. Bake blind at 190C for 15 minutes. Spread the jam over the pastry case. Cream the butter and sugar for the filling, beat in the eggs one by one and fold in the almonds. Spoon over the jam and level the top. Turn the oven down to 170C and bake for 30-35 minutes until golden. Leave until cold. Mix the icing sugar with the water and drizzle it over. Cut into 18 bars. Eat within 4 days.`,
    tin: '300x200',
    mixtures: {
      pastry: 'flour, butter, cold water',
      filling: 'butter, caster, eggs, almonds',
      jam: 'jam',
      icing: 'icing, water',
    },
    layers: ['pastry', 'jam', 'filling', 'icing'],
    bakes: ['15 @190', '30 @170'],
    waits: { filling: 'room 0' },
    cut: 18,
    keep: 'room 4',
  },
  {
    name: 'caramel corn-flake tray with a chocolate lid',
    text: `Cornflake crunch (no bake)

1. 100g butter, 150g caster sugar and 4 tbsp golden syrup go in a big pan. Heat until melted, then bubble for 2 minutes.
2. Take it off the heat and stir through 250g cornflakes.
3. Press into a 23cm square tin and chill for half an hour.
4. Melt 200g milk chocolate and pour over. Put back in the fridge for 1 hour.
5. Cut in 16.`,
    tin: '230x230',
    mixtures: { flakes: 'butter, caster, syrup, cornflakes', top: 'milk chocolate' },
    layers: ['flakes', 'top'],
    waits: { flakes: 'fridge 30', top: 'fridge 60' },
    cut: 16,
    keep: null,
  },
  {
    name: 'fudge with two chocolates in layers, boiled',
    text: `Layered cream fudge

600 g caster sugar
300 ml double cream
80 g butter
100 g white chocolate
100 g dark chocolate

Grease a 20 cm square tin. Heat the sugar, cream and butter gently in a heavy pan, stirring until all the sugar has dissolved. Boil to 116°C, then stand the pan in cold water. When it has cooled to 50°C, beat until thick. Put half of the fudge in a bowl and stir the white chocolate into it. Stir the dark chocolate into the rest. Spread the dark fudge in the tin and the white fudge on top. Leave for 4 hours to set. Cut into 49 squares. Wrapped, they keep for 2 weeks.`,
    tin: '200x200',
    // One boil, divided: each half is a layer with its own chocolate.
    mixtures: { fudge: 'caster, cream, butter @116', white: 'white chocolate', dark: 'dark chocolate' },
    layers: ['fudge+dark', 'fudge+white'],
    waits: { fudge: 'room 240' },
    cut: 49,
    keep: 'room 14',
  },
  {
    name: 'sesame brittle between two sheets, old scale',
    text: `Sesame brittle
Ingredients
250 g sesame seeds
200 g sugar
150 g honey
1 tbsp lemon juice
Preparation
Toast the sesame in a dry pan until golden, keep warm. Put the sugar, honey and lemon juice in a pan and cook over a medium flame until the thermometer shows 145 degrees C. Take off the fire, add the sesame and stir quickly. Turn out on an oiled marble slab, cover with a sheet of baking paper and roll out to 5 mm. While it is still warm cut with an oiled knife into diamonds of 3 cm. When cold, store in a tin for up to 2 months.`,
    tin: null,
    mixtures: { brittle: 'sesame, sugar, honey, lemon @145' },
    layers: ['brittle'],
    // Diamonds of 3 cm of a sheet whose size nobody says: how many follows from how far it spreads.
    cut: null,
    keep: 'room 60',
  },
  {
    name: 'peanut butter bars, US, oven then topping',
    text: `Oatmeal peanut butter bars

Bars:
1/2 cup butter, softened
1/2 cup granulated sugar
1/2 cup packed brown sugar
1 egg
1/3 cup peanut butter
1 tsp vanilla
1 cup all-purpose flour
1 cup quick oats
1/2 tsp baking soda
Topping:
1 cup chocolate chips
1/2 cup powdered sugar
1/4 cup peanut butter
2-4 tbsp milk

Preheat oven to 350°F. Grease a 9x13" pan. Cream butter and both sugars. Blend in egg, peanut butter and vanilla. Stir in flour, oats and baking soda. Spread in pan; bake 20-25 min. Sprinkle immediately with chocolate chips. Let stand 5 min, then spread evenly. Combine powdered sugar, peanut butter and enough milk to drizzle; drizzle over the bars. Cool. Cut into 48 bars.`,
    tin: '330x229',
    mixtures: {
      bars: 'butter, granulated, brown, egg, peanut butter, vanilla, flour, oats, soda',
      chips: 'chips',
      drizzle: 'powdered, peanut butter, milk',
    },
    layers: ['bars', 'chips', 'drizzle'],
    bakes: ['20 @177'],
    waits: { chips: 'room 5' },
    cut: 48,
    keep: null,
  },
  {
    name: 'Turkish delight shortcut: gelatine, two colours poured one on the other',
    text: `Two-colour jelly squares
600 g sugar
450 ml water
25 g gelatine powder
1 tsp citric acid
2 drops red colouring
1 tsp rose water

Soak the gelatine in 150 ml of the water. Bring the sugar and the rest of the water to the boil and cook to 107C. Off the heat, whisk in the gelatine and citric acid. Pour half into a wet 18cm square tin and put it in the fridge for 40 minutes. Colour the other half, keep it warm, add the rose water and pour it over. Chill overnight. Turn out onto sugared paper and cut into 36 squares.`,
    tin: '180x180',
    // The other half is coloured and scented by itself.
    mixtures: { jelly: 'sugar, water, gelatine, citric @107', pink: 'colouring, rose' },
    layers: ['jelly', 'jelly+pink'],
    cut: 36,
    keep: null,
  },
  {
    name: 'marzipan bars covered on both sides',
    text: `Marzipan bars

300g ground almonds
300g icing sugar
1 egg white
2 tsp rum
200g dark chocolate

Knead the almonds, icing sugar, egg white and rum to a firm paste. Roll out on a board dusted with icing sugar to 1.5 cm, in a frame of 20 x 15 cm. Leave to dry overnight at room temperature. Temper the chocolate. Brush one side with chocolate, let it set, turn over and brush the other side. Cut into 20 bars before the chocolate is quite hard.`,
    tin: '200x150',
    mixtures: { marzipan: 'almonds, icing, egg white, rum', chocolate: 'chocolate' },
    layers: ['marzipan', 'chocolate:both-faces'],
    waits: { marzipan: 'room 480' },
    cut: 20,
    keep: null,
  },
  {
    name: 'granola slab with seeds, sticky syrup, then chocolate on the underside',
    text: `Seed slab
Dry: 200g jumbo oats, 100g sunflower seeds, 60g pumpkin seeds, 40g flaked coconut
Wet: 120g honey, 80g light muscovado, 100g coconut oil, 1/2 tsp salt

Oven 150 fan. Toast the dry things on a tray for 15 mins, stirring once. Meanwhile boil the wet things together for 3 mins. Mix wet into dry, then press hard into a lined 20x20cm tin using the bottom of a glass. Bake 20 mins. Cool 1 hour, then fridge 1 hour before slicing into 14 bars. Airtight, 2 weeks.`,
    tin: '200x200',
    mixtures: { dry: 'oats, sunflower, pumpkin, coconut', wet: 'honey, muscovado, coconut oil, salt' },
    layers: ['dry+wet'],
    bakes: ['20 @150'],
    waits: { dry: 'fridge 120' },
    cut: 14,
    keep: 'room 14',
  },
  {
    name: 'cheesecake bars with a sour cream top, water bath talk',
    text: `Vanilla cheesecake bars

Crust
1 1/2 cups graham cracker crumbs
1/4 cup sugar
6 tbsp butter, melted

Filling
24 oz cream cheese, room temperature
1 cup sugar
3 eggs
1 tbsp vanilla extract

Topping
1 cup sour cream
3 tbsp sugar

Stir the crumbs, sugar and butter together, press into a foil-lined 9-inch square pan and bake at 325F for 10 minutes. Beat the cream cheese until fluffy. Add the sugar, then the eggs one at a time, then the vanilla. Pour over the crust. Set the pan in a larger pan, pour in hot water to come halfway up, and bake 40 to 45 minutes until the middle just jiggles. Mix the sour cream and sugar, spread it over the hot cheesecake and bake 10 minutes more. Let cool, then refrigerate at least 6 hours. Lift out and cut into 16 squares with a hot, dry knife.`,
    tin: '229x229',
    mixtures: {
      crust: 'crumbs, sugar, butter',
      filling: 'cream cheese, sugar, eggs, vanilla',
      top: 'sour cream, sugar',
    },
    layers: ['crust', 'filling', 'top'],
    bakes: ['10 @163', '40 @163', '10 @163'],
    waits: { top: 'fridge 360' },
    cut: 16,
    keep: null,
  },
  {
    name: 'almond rock: sugar boil over nuts warmed in the oven, scored',
    text: `Butter almond rock

200g whole almonds
350g caster sugar
100ml water
120g unsalted butter
pinch of salt

Spread the almonds on a baking tray and warm in a low oven. In a deep heavy saucepan dissolve the sugar in the water, bring to the boil and cook without stirring to 120C. Add the butter a piece at a time and carry on cooking, stirring gently, to 150C. Stir in the salt and the warm almonds. Pour at once into an oiled 25 x 20cm tin. After 10 minutes, mark into 40 pieces with an oiled knife. When completely cold, break along the marks. Keep in an airtight jar, three weeks.`,
    tin: '250x200',
    mixtures: { rock: 'almonds, caster, water, butter, salt @150' },
    layers: ['rock'],
    cut: 40,
    keep: 'room 21',
  },
  {
    name: 'coffee cream slab: dipped biscuits in rows, two creams',
    text: `Coffee biscuit slab

30 savoiardi biscuits
200 ml strong coffee
250 g mascarpone
200 ml whipping cream
60 g icing sugar
cocoa, to dust

Whip the cream with the icing sugar to soft peaks. Loosen the mascarpone with a spoon and fold it into the cream. Dip half of the biscuits in the coffee and lay them side by side in a 25 x 20 cm dish. Spread half of the cream over them. Dip the remaining biscuits, lay them on top and cover with the rest of the cream. Chill for 6 hours or overnight. Dust with cocoa and cut into 12.`,
    tin: '250x200',
    mixtures: { biscuits: 'savoiardi, coffee', cream: 'mascarpone, cream, icing', dust: 'cocoa' },
    layers: ['biscuits', 'cream', 'biscuits', 'cream', 'dust:scatter'],
    waits: { cream: 'fridge 360' },
    cut: 12,
    keep: null,
  },
  {
    name: 'ganache slab, dusted, terse',
    text: `Earl grey ganache
cream 35% 220 g
earl grey tea 8 g
invert sugar 40 g
dark couverture 64% 420 g
butter, soft 60 g
dark couverture, tempered, for the base 60 g
cocoa powder 30 g

Infuse the tea in the hot cream 10 min, strain, make back up to 220 g. Add invert sugar, bring to 80 °C, pour over the 420 g couverture, emulsify. At 38 °C blend in the butter. Spread a thin film of the tempered couverture in a frame 24 x 24 cm, h 10 mm. Pour the ganache into the frame at 32 °C. Crystallise 24 h at 16 °C. Cut on the guitar, 24 x 24 mm. Roll in cocoa. 3 weeks at 16 °C.`,
    tin: '240x240',
    mixtures: { ganache: 'cream, tea, invert, 64%, butter', base: 'for the base', dust: 'cocoa' },
    layers: ['base', 'ganache', 'dust:coat'],
    waits: { ganache: 'room 1440' },
    cut: 100,
    keep: 'room 21',
  },
  {
    name: 'layers of crumbs, milk and toppings, baked at once',
    text: `Layered pantry bars

1/2 cup butter, melted
1 1/2 cups graham cracker crumbs
1 can (14 oz) sweetened condensed milk
1 cup semi-sweet chocolate chips
1 1/3 cups flaked coconut
1 cup chopped pecans

Preheat oven to 350°F. Coat a 13x9-inch baking pan with no-stick cooking spray. Combine graham cracker crumbs and butter. Press into bottom of prepared pan. Pour sweetened condensed milk evenly over crumb mixture. Layer evenly with chocolate chips, coconut and nuts. Press down firmly with a fork. Bake 25 minutes or until lightly browned. Cool completely on wire rack. Cut into 36 bars. Store covered at room temperature for 5 days.`,
    tin: '330x229',
    mixtures: { crust: 'butter, crumbs', milk: 'condensed', top: 'chips, coconut, pecans' },
    layers: ['crust', 'milk', 'top'],
    bakes: ['25 @177'],
    waits: { top: 'room 0' },
    cut: 36,
    keep: 'room 5',
  },
  {
    name: 'shortbread with salted caramel, numbered',
    text: `Salted caramel shortbread

FOR THE SHORTBREAD
225g plain flour
75g golden caster sugar
150g butter, cubed
FOR THE CARAMEL
150g butter
150g light brown sugar
1 x 397g tin condensed milk
1 tsp sea salt flakes
FOR THE TOPPING
200g dark chocolate

1. Preheat the oven to 180C/160C fan/gas 4 and line a 20cm square tin with baking parchment.
2. Tip the flour, sugar and butter into a bowl and rub together with your fingertips until you have fine crumbs. Press into the base of the tin, prick with a fork and bake for 20 mins until lightly golden. Leave to cool.
3. For the caramel, put the butter and sugar in a pan over a low heat until melted. Add the condensed milk and bring to a gentle boil, stirring continuously for 5-8 mins until thickened. Stir in the salt. Pour over the shortbread and chill for 1 hr.
4. Melt the chocolate in a heatproof bowl set over a pan of simmering water. Pour over the caramel, spread to the edges and chill for a further 30 mins until set. Cut into 16 squares. Will keep in the fridge for 1 week.`,
    tin: '200x200',
    mixtures: {
      base: 'flour, golden caster, butter',
      caramel: 'butter, light brown, condensed, salt',
      top: 'chocolate',
    },
    layers: ['base', 'caramel', 'top'],
    bakes: ['20 @180'],
    waits: { caramel: 'fridge 60', top: 'fridge 30' },
    cut: 16,
    keep: 'fridge 7',
  },
  {
    name: 'half of the oats below, half crumbled on top',
    text: `No-bake chocolate oat bars
1 cup butter
1/2 cup packed brown sugar
1 teaspoon vanilla extract
3 cups quick oats
1 cup semisweet chocolate chips
1/2 cup peanut butter

Grease a 9x9 inch square pan. Melt butter in a large saucepan over medium heat. Stir in brown sugar and vanilla. Mix in the oats. Cook over low heat 2 to 3 minutes, or until ingredients are well blended. Press half of the mixture into the bottom of the prepared pan. Reserve the other half for topping. Meanwhile, melt chocolate chips and peanut butter in a small heavy saucepan over low heat, stirring frequently until smooth. Pour the chocolate mixture over the crust in the pan, and spread evenly. Crumble the remaining oat mixture over the chocolate layer, pressing in gently. Cover and refrigerate 2 to 3 hours or overnight. Bring to room temperature before cutting into 16 bars.`,
    tin: '229x229',
    mixtures: { oats: 'butter, brown, vanilla, oats', choc: 'chips, peanut' },
    layers: ['oats', 'choc', 'oats:scatter'],
    waits: { choc: 'fridge 120' },
    cut: 16,
    keep: null,
  },
  {
    name: 'vanilla fudge with thermometer, UK',
    text: `Vanilla fudge

450g caster sugar
400ml double cream
50g butter
1 tbsp glucose syrup
2 tsp vanilla bean paste

Line a 20cm square tin with baking parchment. Put the sugar, cream, butter and glucose syrup in a large non-stick saucepan. Heat gently, stirring, until the sugar has dissolved and the butter has melted. Put a sugar thermometer in the pan, increase the heat and boil, stirring occasionally so the sugar doesn't catch, until it reaches 116C. Remove from the heat and leave for 5 mins, stirring every now and then, until it drops to 110C. Stir in the vanilla paste and a good pinch of salt, and keep stirring for about 10 mins until the mixture has lost its shine and is really thick. Pour quickly into the tin. Leave to set at room temperature overnight, then cut into 36 squares. Keeps for up to two months in a sealed container.`,
    tin: '200x200',
    mixtures: { fudge: 'caster, cream, butter, glucose, vanilla @116' },
    layers: ['fudge'],
    waits: { fudge: 'room 480' },
    cut: 36,
    keep: 'room 60',
  },
  {
    name: 'sponge squares, dipped and rolled after cutting',
    text: `Chocolate coconut squares

Sponge
4 eggs
150g caster sugar
120g self-raising flour
30g cornflour
25g butter, melted
Coating
400g icing sugar
40g cocoa
125ml milk
20g butter
250g desiccated coconut

Preheat oven to 180°C. Grease and line a 30cm x 20cm pan. Beat eggs with electric beaters for 8 minutes until thick. Gradually beat in the sugar. Fold in the sifted flours and then the butter. Pour into the pan. Bake for 20 minutes. Turn onto a rack to cool. Leave the cake overnight, then cut into 24 squares. For the coating, stir the icing sugar, cocoa, milk and butter in a heatproof bowl over simmering water until smooth. Dip each square in the icing, let the excess drain, and roll in coconut. Stand on a rack for 1 hour to set. Store in an airtight container for up to 3 days.`,
    tin: '300x200',
    mixtures: {
      sponge: 'eggs, caster, self-raising, cornflour, butter',
      icing: 'icing, cocoa, milk, butter',
      coconut: 'coconut',
    },
    layers: ['sponge', 'icing:coat', 'coconut:coat'],
    bakes: ['20 @180'],
    waits: { sponge: 'room 480' },
    cut: 24,
    keep: 'room 3',
  },
  {
    name: 'toffee over crackers, chips melted on it, nuts',
    text: `Cracker toffee bark

40 salted crackers
1 cup butter
1 cup packed brown sugar
2 cups semi-sweet chocolate chips
3/4 cup chopped peanuts

1. Preheat oven to 400 degrees F. Line a 10x15 inch rimmed baking sheet with foil and arrange the crackers in a single layer.
2. In a saucepan combine the butter and sugar. Bring to a boil and boil for 3 minutes. Immediately pour over the crackers and spread to cover.
3. Bake for 5 to 6 minutes. Remove from oven and sprinkle chocolate chips over the top. Let sit for 5 minutes.
4. Spread the melted chocolate and top with chopped nuts. Cool completely, then break into pieces. Will keep a week.`,
    tin: '381x254',
    mixtures: { crackers: 'crackers', toffee: 'butter, brown', choc: 'chips', nuts: 'peanuts' },
    layers: ['crackers', 'toffee', 'choc', 'nuts:scatter'],
    bakes: ['5 @204'],
    waits: { choc: 'room 5' },
    cut: 'break',
    keep: 'room 7',
  },
  {
    name: 'date caramel slice, no-bake, Australian blog',
    text: `No-bake salted date slice

BASE
1 cup (100g) rolled oats
1 cup (120g) almond meal
1/4 cup (60ml) coconut oil, melted
2 tbsp maple syrup

DATE CARAMEL
2 cups (320g) pitted dates
1/2 cup (125g) tahini
1/4 cup (60ml) hot water
1 tsp sea salt flakes

TOP
200g dark chocolate, chopped
1 tbsp coconut oil

Grease and line a 20cm square cake pan, leaving some paper overhanging.
To make the base, process the oats and almond meal until fine. Add the oil and maple syrup and process to combine. Press over the base of the pan and freeze for 10 minutes.
Place the dates and water in the clean processor and stand for 5 minutes. Add the tahini and salt and process until smooth. Spread over the base. Freeze for 1 hour.
Melt the chocolate with the extra oil in the microwave, stirring every 30 seconds. Pour over the caramel and tilt to cover. Refrigerate for 30 minutes, then cut into 20 pieces with a hot knife.
Keep in an airtight container in the fridge for up to 2 weeks.`,
    tin: '200x200',
    mixtures: {
      base: 'oats, almond meal, coconut oil, maple',
      caramel: 'dates, tahini, water, salt',
      top: 'chocolate, coconut oil',
    },
    layers: ['base', 'caramel', 'top'],
    waits: { base: 'freezer 10', caramel: 'freezer 60', top: 'fridge 30' },
    cut: 20,
    keep: 'fridge 14',
  },
  {
    name: 'English toffee, American, chocolate on both sides',
    text: `Buttery Almond Toffee

2 cups (4 sticks) salted butter
2 cups granulated sugar
1/4 cup water
2 tablespoons light corn syrup
2 cups milk chocolate chips, divided
1 1/2 cups toasted almonds, finely chopped, divided

Line a 12x17-inch rimmed sheet pan with parchment.
Combine butter, sugar, water and corn syrup in a heavy 4-quart pot. Cook over medium heat, stirring constantly, until a candy thermometer reads 300°F, about 20 minutes. Immediately pour into the pan and spread with an offset spatula.
Sprinkle 1 cup of the chocolate chips over the hot toffee, wait 5 minutes, then spread smooth. Scatter half of the almonds on top. Let set for 1 hour in the refrigerator.
Flip the toffee over. Melt the remaining chips in the microwave, spread over the other side and sprinkle with the remaining almonds. Refrigerate 30 minutes more. Break into pieces. Store airtight at room temperature for 3 weeks.`,
    tin: '432x305',
    mixtures: {
      toffee: 'butter, sugar, water, corn syrup @149',
      chips: 'chips',
      nuts: 'almonds',
      under: 'chips',
      more: 'almonds',
    },
    layers: ['toffee', 'chips', 'nuts:scatter', 'under', 'more:scatter'],
    waits: { chips: 'fridge 60' },
    cut: 'break',
    keep: 'room 21',
  },
  {
    name: 'blondies, British, brown butter first',
    text: `Brown butter blondies

Ingredients
225g unsalted butter
300g light brown sugar
2 large eggs
1 tsp vanilla extract
260g plain flour
1/2 tsp baking powder
1/2 tsp salt
150g white chocolate, chopped
100g macadamia nuts

Method
1. Heat the oven to 180C/160C fan/gas 4 and line a 23cm square tin.
2. Melt the butter in a small pan and cook for 5-6 mins, swirling, until it smells nutty and has brown specks. Pour into a bowl and leave to cool for 15 mins.
3. Whisk in the sugar, then the eggs and vanilla. Fold in the flour, baking powder and salt, followed by the chocolate and nuts.
4. Scrape into the tin and bake for 25-28 mins until just set with a slight wobble in the middle. Cool completely in the tin, then cut into 16 squares. Will keep for 5 days in an airtight container.`,
    tin: '230x230',
    mixtures: { blondie: 'butter, brown sugar, eggs, vanilla, flour, baking powder, salt, white chocolate, macadamia' },
    layers: ['blondie'],
    bakes: ['25 @180'],
    cut: 16,
    keep: 'room 5',
  },
  {
    name: 'sponge candy with agave, notes style',
    text: `Seaside honeycomb

- 330 g caster sugar
- 150 g honey
- 60 ml water
- 1 tbsp bicarbonate of soda, sifted
- 250 g dark chocolate, tempered, to dip

Line a deep 23 cm square tin with parchment. Sugar, honey and water into a big deep pan. Stir over low heat till dissolved, then stop stirring. Boil to 149 °C. Off the heat, whisk in the soda quickly, it will foam right up. Pour into the tin straight away and don't touch it. Cool for 2 hours at room temperature. Cut into 5 cm chunks with a serrated knife. Dip each piece in the chocolate and leave on parchment until set. Airtight, they keep 10 days.`,
    tin: '230x230',
    mixtures: { foam: 'sugar, honey, water, bicarbonate @149', coat: 'dark chocolate' },
    layers: ['foam', 'coat:coat'],
    waits: { foam: 'room 120' },
    cut: 16,
    keep: 'room 10',
  },
  {
    name: 'coconut slice, condensed milk, two colours, Indian English',
    text: `Two-tone coconut barfi

Desiccated coconut 300 g
Condensed milk 400 g tin
Ghee 2 tbsp
Cardamom powder 1/2 tsp
Beetroot powder 1 tsp

Heat the ghee in a heavy kadhai. Add coconut and roast on low flame for 3 minutes, do not brown. Add condensed milk and cardamom and cook, stirring continuously, till the mixture leaves the sides of the pan. Divide in two. Spread one half in a greased 20 x 15 cm tray and level it. Mix the beetroot powder into the other half and spread it over the first layer. Let it set 2 hours at room temperature. Cut into 24 pieces. Stays good for 1 week in the fridge.`,
    tin: '200x150',
    mixtures: { white: 'coconut, condensed, ghee, cardamom @107', pink: 'beetroot' },
    layers: ['white', 'white+pink'],
    waits: { pink: 'room 120' },
    cut: 24,
    keep: 'fridge 7',
  },
  {
    name: 'ice cream bars dipped, frozen',
    text: `Peanut ice cream bars

For the base
150g digestive biscuits, crushed
70g melted butter

For the ice cream
300ml double cream
200g condensed milk
150g smooth peanut butter

To coat
300g milk chocolate
2 tbsp coconut oil

Mix the biscuits and butter, press into a lined 18cm square tin and chill.
Whip the cream to soft peaks. Whisk the condensed milk and peanut butter together, then fold into the cream. Spread over the base, level and freeze for at least 6 hours or overnight.
Lift out of the tin and cut into 10 bars. Return to the freezer on a lined tray for 30 minutes.
Melt the chocolate and coconut oil, cool a little, then dip each bar to coat all over. Freeze until set. Keep frozen for up to 1 month.`,
    tin: '180x180',
    mixtures: {
      base: 'biscuits, butter',
      ice: 'double cream, condensed, peanut butter',
      coat: 'milk chocolate, coconut oil',
    },
    layers: ['base', 'ice', 'coat:coat'],
    waits: { ice: 'freezer 360' },
    cut: 10,
    keep: 'freezer 30',
  },
  {
    name: 'millionaire style with microwave caramel, sloppy',
    text: `ok my caramel squares

base - 200g plain flour, 60g sugar, 130g butter
caramel - 1 tin (397g) condensed milk, 120g butter, 120g brown sugar, 2 tbsp golden syrup
top - 200g milk choc

oven 170. rub base stuff together and press in a lined brownie tin (20x30cm), bake 20 mins til golden. let it cool.
caramel: everything in a pan, melt slowly, then boil gently 6 mins stirring ALL the time or it catches. pour on the base. leave an hour.
melt choc, pour over, let it set and cut in 24. fridge, 10 days max.`,
    tin: '300x200',
    mixtures: {
      base: 'flour, sugar, butter',
      caramel: 'condensed, butter, brown sugar, golden syrup',
      top: 'choc',
    },
    layers: ['base', 'caramel', 'top'],
    bakes: ['20 @170'],
    waits: { caramel: 'room 60' },
    cut: 24,
    keep: 'fridge 10',
  },
  {
    name: 'nougat, translated from Italian',
    text: `Soft torrone of my region

Ingredients for a frame of 30 x 20 cm
Honey 300 g
Sugar 300 g
Water 80 g
Egg whites 70 g
Almonds, peeled 400 g
Hazelnuts 100 g
Zest of one orange
2 sheets of wafer

Toast the almonds and hazelnuts in the oven at 150 degrees for 15 minutes and keep them warm at 80 degrees. Put one wafer in the frame. Cook the honey to 120 degrees. Meanwhile beat the egg whites to stiff peaks in the planetary mixer. Pour the honey on the whites, always beating. In another saucepan cook the sugar with the water to 145 degrees, then pour it also in a thin stream on the mass. Continue to beat 10 minutes. Add the nuts, still warm, and the orange zest with a wooden spoon. Turn the mass into the frame, press with oiled hands, cover with the second wafer and a weight. Leave to rest 12 hours. Cut in bars of 10 x 2 cm. It is conserved for 2 months closed in a box.`,
    tin: '300x200',
    mixtures: {
      whites: 'egg whites, zest, almonds, hazelnuts',
      honey: 'honey @120',
      syrup: 'sugar, water @145',
    },
    layers: ['whites+honey+syrup'],
    bakes: ['15 @150'],
    waits: { whites: 'room 720' },
    cut: 30,
    keep: 'room 60',
  },
  {
    name: 'white bark with fruit, weights in ounces',
    text: `Winter Bark

12 oz white chocolate, chopped
4 oz dark chocolate, chopped
1/2 cup dried cranberries
1/3 cup shelled pistachios
pinch of flaky salt

Line a quarter sheet pan with a silicone mat. Melt white chocolate over barely simmering water, stirring, until three quarters melted; take it off the heat and stir until smooth. Pour into the pan and spread out. Melt the dark chocolate the same way, drizzle over and swirl with a skewer. Scatter on the cranberries and pistachios, then the salt. Leave at cool room temperature for 3 hours. Break up into shards. Keeps 3 weeks.`,
    tin: '300x210',
    mixtures: { white: 'white chocolate', dark: 'dark chocolate', top: 'cranberries, pistachios, salt' },
    layers: ['white+dark', 'top:scatter'],
    waits: { top: 'room 180' },
    cut: 'break',
    keep: 'room 21',
  },
  {
    name: 'lamington fingers, sponge dipped in icing and rolled',
    text: `Lamingtons

Sponge
4 eggs
150 g caster sugar
150 g self-raising flour
50 g butter, melted

Icing
400 g icing sugar
40 g cocoa
125 ml milk
20 g butter

250 g desiccated coconut, to roll

Preheat the oven to 180 °C and line a 20 x 30 cm lamington tin. Beat the eggs and sugar for 8 minutes until pale and tripled in volume. Sift over the flour and fold in, then fold in the melted butter. Pour into the tin and bake for 20 minutes. Cool in the tin, then leave overnight, wrapped.
Cut into 24 fingers. Stir the icing sugar, cocoa, milk and butter over a pan of hot water until smooth and runny. Dip each finger in the icing, let the excess drip off and roll in the coconut. Leave on a rack for 2 hours. Best within 3 days, in a tin.`,
    tin: '300x200',
    mixtures: {
      sponge: 'eggs, caster, flour, butter',
      icing: 'icing sugar, cocoa, milk, butter',
      coconut: 'coconut',
    },
    layers: ['sponge', 'icing:coat', 'coconut:coat'],
    bakes: ['20 @180'],
    cut: 24,
    keep: 'room 3',
  },
  {
    name: 'pecan pie bars, American magazine',
    text: `Pecan Pie Bars

For the crust:
2 cups all-purpose flour
1/2 cup powdered sugar
1 cup cold unsalted butter, cubed
1/4 teaspoon salt

For the filling:
3 large eggs
1 cup packed dark brown sugar
1 cup light corn syrup
1/4 cup unsalted butter, melted
1 teaspoon vanilla extract
2 1/2 cups pecan halves

1. Preheat oven to 350°F. Line a 9x13-inch metal pan with foil, leaving an overhang; coat with cooking spray.
2. In a food processor, pulse flour, powdered sugar and salt until combined. Add butter and pulse until mixture resembles coarse meal. Press firmly into the bottom of the prepared pan. Bake until lightly browned, 18 to 20 minutes.
3. While the crust bakes, whisk together eggs, brown sugar, corn syrup, melted butter and vanilla in a large bowl. Stir in pecans.
4. Pour filling over hot crust. Bake until set, about 30 minutes. Let cool completely in pan on a wire rack, about 2 hours. Lift out using foil and cut into 32 bars. Store covered in the refrigerator for up to 5 days.`,
    tin: '330x229',
    mixtures: {
      crust: 'flour, powdered sugar, butter, salt',
      filling: 'eggs, brown sugar, corn syrup, butter, vanilla, pecan',
    },
    layers: ['crust', 'filling'],
    bakes: ['18 @177', '30 @177'],
    waits: { filling: 'room 120' },
    cut: 32,
    keep: 'fridge 5',
  },
  {
    name: 'cereal bars with marshmallow and a peanut top',
    text: `Crispy marshmallow squares with peanut chocolate

60g butter
300g marshmallows
180g crisped rice cereal
1/2 tsp sea salt

Topping
150g milk chocolate
100g peanut butter

Butter a 23cm square tin. Melt the butter in a large pan over a low heat. Add the marshmallows and stir until completely melted. Off the heat, stir in the salt and cereal until evenly coated. Tip into the tin and press down with buttered hands. Leave to cool for 20 minutes.
Melt together the topping ingredients and spread over the top. Leave to set in a cool place for 1 hour and cut into 16.`,
    tin: '230x230',
    mixtures: { crisp: 'butter, marshmallows, cereal, salt', top: 'milk chocolate, peanut butter' },
    layers: ['crisp', 'top'],
    waits: { crisp: 'room 20', top: 'room 60' },
    cut: 16,
    keep: null,
  },
  {
    name: 'Scottish tablet, terse',
    text: `Tablet

1 kg granulated sugar
250 ml whole milk
125 g butter
397 g tin condensed milk

Put sugar, milk and butter in a large heavy pan. Heat slowly, stirring, until sugar has dissolved. Add condensed milk. Bring to a rolling boil, then simmer for 20 minutes, stirring all the time, until it reaches 116C. Take off heat and beat for 5 minutes until it thickens and grains. Pour into a greased 30 x 20 cm tin. Mark into squares when nearly set. When cold, break along the lines; makes 60 pieces. Keeps for a month in a tin.`,
    tin: '300x200',
    mixtures: { tablet: 'sugar, whole milk, butter, condensed @116' },
    layers: ['tablet'],
    cut: 60,
    keep: 'room 30',
  },
  {
    name: 'jelly fruit pastilles, pectin, French translated',
    text: `Raspberry fruit pastes

500 g raspberry puree
550 g sugar
100 g glucose
12 g yellow pectin
8 g citric acid dissolved in 8 g water
Sugar for coating

Mix the pectin with 50 g of the sugar. Heat the puree to 40 °C, rain in the pectin mixture while whisking and bring to the boil. Add the rest of the sugar and the glucose. Cook to 107 °C, stirring without stopping. Remove from the heat, add the citric acid solution and pour immediately in a frame of 25 x 25 cm posed on a silicone mat. Leave to crystallise 24 hours at room temperature. Cut in cubes of 2.5 cm and roll in sugar. Conserve 2 months in a dry place.`,
    tin: '250x250',
    mixtures: { paste: 'raspberry, sugar, glucose, pectin, citric @107', dust: 'coating' },
    layers: ['paste', 'dust:coat'],
    waits: { paste: 'room 1440' },
    cut: 100,
    keep: 'room 60',
  },
  {
    name: 'layered bark, three chocolates, instructions first person',
    text: `My three-chocolate bark

I use 200g each of dark, milk and white chocolate.

200g dark chocolate
200g milk chocolate
200g white chocolate
50g freeze-dried strawberries

Line a 30cm x 20cm tray with baking paper. I melt the dark chocolate in short bursts in the microwave, pour it into the tray and let it set for 10 minutes in the fridge. Then I melt the milk chocolate and spread it over the dark, and chill again for 10 minutes. Last comes the white chocolate, melted the same way; pour over and immediately scatter with the strawberries. Chill for 30 minutes, then break into about 30 pieces. Best eaten within 2 weeks.`,
    tin: '300x200',
    mixtures: {
      dark: 'dark chocolate',
      milk: 'milk chocolate',
      white: 'white chocolate',
      berries: 'strawberries',
    },
    layers: ['dark', 'milk', 'white', 'berries:scatter'],
    waits: { dark: 'fridge 10', milk: 'fridge 10', berries: 'fridge 30' },
    cut: 'break',
    keep: 'room 14',
  },
  {
    name: 'ginger crunch, New Zealand',
    text: `Ginger Crunch

Base
125g butter, softened
1/2 cup caster sugar
1 1/2 cups plain flour
1 tsp baking powder
1 tsp ground ginger

Ginger icing
75g butter
3/4 cup icing sugar
2 Tbsp golden syrup
3 tsp ground ginger

Heat oven to 190°C. Grease a 20 x 30cm slice tin.
Cream butter and sugar. Sift the dry ingredients together and mix in. Turn onto a floured board and knead well. Press into the tin. Bake for 20 to 25 minutes.
For the icing, put all the ingredients in a pot. Heat, stirring constantly, until melted and smooth. Pour over the hot base and cut into 20 pieces before it gets cold.`,
    tin: '300x200',
    mixtures: {
      base: 'butter, caster, flour, baking powder, ginger',
      icing: 'butter, icing sugar, golden syrup, ginger',
    },
    layers: ['base', 'icing'],
    bakes: ['20 @190'],
    cut: 20,
    keep: null,
  },
  {
    name: 'baklava-like tray with syrup poured on after baking',
    text: `Walnut filo squares

400 g walnuts, chopped
60 g sugar
1 tsp cinnamon
400 g filo pastry
200 g butter, melted

Syrup
300 g sugar
200 ml water
100 g honey
1 tbsp lemon juice

Mix the walnuts, sugar and cinnamon. Brush a 30 x 20 cm tin with butter. Lay half of the filo sheets in it, brushing each with butter. Spread the nut mixture over them. Cover with the remaining filo, brushing each sheet with butter. Cut into 24 squares right through to the bottom. Bake at 170 C for 45 minutes until golden.
Boil the syrup ingredients for 10 minutes and let cool. Pour the cold syrup over the hot pastry. Leave for 8 hours before serving. Keeps 1 week covered at room temperature.`,
    tin: '300x200',
    mixtures: { nuts: 'walnuts, sugar, cinnamon', filo: 'filo, butter', syrup: 'sugar, water, honey, lemon' },
    layers: ['filo', 'nuts', 'filo', 'syrup'],
    bakes: ['45 @170'],
    waits: { syrup: 'room 480' },
    cut: 24,
    keep: 'room 7',
  },
  {
    name: 'hot-process caramel corn bars, American sloppy list',
    text: `Gameday popcorn bars

ingredients:
12 cups popped popcorn
1 cup brown sugar
1 stick butter
1/4 cup corn syrup
1/2 tsp baking soda
1 cup salted peanuts

butter a 9x13 pan. put popcorn + peanuts in a huge bowl. melt butter in saucepan, stir in sugar and syrup, bring to boil and boil 5 min without stirring. remove from heat, stir in soda (it foams). pour over popcorn and toss to coat. press into pan w/ buttered spatula. cool 1 hr. cut into 24. store airtight up to 5 days.`,
    tin: '330x229',
    mixtures: { bars: 'brown sugar, butter, corn syrup, soda, popcorn, peanuts' },
    layers: ['bars'],
    waits: { bars: 'room 60' },
    cut: 24,
    keep: 'room 5',
  },
  {
    name: 'fridge cake with whole biscuits in layers',
    text: `Layered biscuit fridge cake

300 g rectangular butter biscuits
200 ml cold coffee

Chocolate custard
500 ml milk
80 g sugar
50 g cornflour
30 g cocoa
100 g dark chocolate

Line a 20 x 15 cm dish with cling film. Whisk the milk, sugar, cornflour and cocoa in a saucepan and bring to the boil, stirring, until thick. Off the heat stir in the chocolate. Dip a third of the biscuits briefly in the coffee and lay them in the dish. Spread over half of the custard. Add another layer of a third of the biscuits, dipped, then the rest of the custard. Finish with the remaining biscuits. Chill overnight. Turn out and cut into 15 pieces. Eat within 3 days.`,
    tin: '200x150',
    mixtures: { biscuits: 'biscuits, coffee', custard: 'milk, sugar, cornflour, cocoa, chocolate' },
    layers: ['biscuits', 'custard', 'biscuits', 'custard', 'biscuits'],
    waits: { biscuits: 'fridge 480' },
    cut: 15,
    keep: 'room 3',
  },
  {
    name: 'praline paste slab, professional sheet',
    text: `Hazelnut gianduja slab (yield 1.2 kg)

Hazelnut paste 500 g
Icing sugar 200 g
Milk couverture 400 g
Cocoa butter 60 g
Feuilletine 120 g

Melt couverture and cocoa butter at 45 °C. Mix in hazelnut paste and icing sugar. Table to 24 °C. Fold in feuilletine. Pour into frame 34 x 34 cm, 10 mm. Set 12 h at 16 °C. Spread both sides with a thin layer of tempered couverture. Cut on the guitar 22.5 x 22.5 mm. Shelf life: 3 months at 16 °C.`,
    tin: '340x340',
    mixtures: { gianduja: 'hazelnut paste, icing, couverture, cocoa butter, feuilletine' },
    layers: ['gianduja'],
    waits: { gianduja: 'room 720' },
    cut: 225,
    keep: 'room 90',
  },
  {
    name: 'lemon drizzle tray bake, British, drizzle while warm',
    text: `Lemon drizzle traybake

For the cake:
225g soft butter
225g caster sugar
275g self-raising flour
2 tsp baking powder
4 large eggs
4 tbsp milk
zest of 2 lemons

For the drizzle topping:
175g granulated sugar
juice of 2 lemons

1) Preheat oven to 160°C fan. Grease and base line a 30 x 23cm traybake tin.
2) Measure all the cake ingredients into a large bowl and beat for 2 minutes until well blended. Turn into the tin and level the top.
3) Bake for 35-40 minutes or until the cake springs back.
4) Leave to cool in the tin for 5 minutes. Mix the sugar and lemon juice and spoon over the warm cake. Leave to cool completely.
5) Cut into 30 squares. Keeps up to 4 days in an airtight tin.`,
    tin: '300x230',
    mixtures: {
      cake: 'butter, caster, flour, baking powder, eggs, milk, zest',
      drizzle: 'granulated, juice',
    },
    layers: ['cake', 'drizzle'],
    bakes: ['35 @160'],
    cut: 30,
    keep: 'room 4',
  },
  {
    name: 'peanut brittle, microwave, American',
    text: `Microwave Peanut Brittle

1 cup sugar
1/2 cup light corn syrup
1 cup roasted salted peanuts
1 teaspoon butter
1 teaspoon vanilla
1 teaspoon baking soda

Stir together sugar and syrup in a 2-quart microwave-safe bowl. Microwave on HIGH 4 minutes. Stir in peanuts and microwave 3 to 5 minutes more, until light brown. Add butter and vanilla, stir well, and microwave 1 to 2 minutes. Add baking soda and gently stir until light and foamy. Pour onto a lightly greased cookie sheet. Cool 1 hour. Break into small pieces and store in an airtight container.`,
    tin: null,
    mixtures: { brittle: 'sugar, corn syrup, peanuts, butter, vanilla, soda' },
    layers: ['brittle'],
    waits: { brittle: 'room 60' },
    cut: 'break',
    keep: null,
  },
  {
    name: 'date bars, sandwich of crumb, old Canadian',
    text: `Date Squares

FILLING
3 cups pitted dates, chopped
1 cup water
1/4 cup brown sugar
1 tbsp lemon juice

CRUMB
1 3/4 cups rolled oats
1 1/2 cups flour
1 cup brown sugar
1 tsp baking soda
1/2 tsp salt
1 cup butter

Simmer the dates, water and sugar for 10 minutes, stirring, until soft. Add lemon juice and cool.
Mix oats, flour, sugar, soda and salt. Cut in butter until crumbly. Press two thirds of the crumb into a greased 9" square pan. Spread with the date filling. Sprinkle the rest of the crumb over top and pat lightly. Bake at 350 F for 30 to 35 minutes. Cool and cut into 25 squares.`,
    tin: '229x229',
    mixtures: {
      crumb: 'oats, flour, brown sugar, soda, salt, butter',
      filling: 'dates, water, brown sugar, lemon',
    },
    layers: ['crumb', 'filling', 'crumb:scatter'],
    bakes: ['30 @177'],
    cut: 25,
    keep: null,
  },
  {
    name: 'salted caramel truffle slab on biscuit, professional metric',
    text: `Salted caramel truffle bars (frame 36 x 24 cm)

Shortbread: flour T55 300 g, butter 200 g, icing sugar 100 g, salt 3 g
Caramel ganache: sugar 200 g, cream 35 % 300 g, glucose 50 g, dark chocolate 60 % 250 g, butter 60 g, fleur de sel 4 g
Coating: dark chocolate 60 % 400 g

Mix the shortbread ingredients to a dough, roll out to 6 mm, bake in the frame at 160 °C for 25 minutes. Cool.
Caramelise the sugar dry to 180 °C, deglaze with the hot cream and glucose, boil to 106 °C. Pour over the chocolate, emulsify. At 40 °C blend in the butter and the salt. Pour into the frame at 32 °C. Crystallise 12 h at 16 °C.
Cut 2.5 x 8 cm. Enrobe. Store at 16 °C, 4 weeks.`,
    tin: '360x240',
    mixtures: {
      short: 'flour, butter, icing, salt',
      caramel: 'sugar 200, cream, glucose @106',
      ganache: 'chocolate 60 % 250, butter 60, fleur',
      coat: 'chocolate 60 % 400',
    },
    layers: ['short', 'caramel+ganache', 'coat:coat'],
    bakes: ['25 @160'],
    waits: { ganache: 'room 720' },
    cut: 42,
    keep: 'room 28',
  },
  {
    name: 'yogurt granola bars, frozen then dipped bottoms',
    text: `Frozen yoghurt breakfast bars

200g granola
60g melted coconut oil
40g honey

500g thick Greek yoghurt
2 tbsp honey
1 tsp vanilla paste
150g blueberries

100g dark chocolate, to drizzle

Line a 20cm square tin with a long strip of parchment. Combine the granola with the coconut oil and 40g honey, then press into the tin and freeze while you make the top.
Stir the yoghurt, honey and vanilla together and fold through most of the blueberries. Spoon onto the base, smooth and scatter with the remaining berries. Freeze for 4 hours until solid.
Lift out, leave at room temperature for 10 minutes, then slice into 12 bars. Melt the chocolate and drizzle over. Freeze for up to 2 months.`,
    tin: '200x200',
    mixtures: {
      base: 'granola, coconut oil, honey',
      top: 'yoghurt, honey, vanilla, blueberries',
      more: 'blueberries',
      drizzle: 'dark chocolate',
    },
    layers: ['base', 'top', 'more:scatter', 'drizzle:coat'],
    waits: { top: 'freezer 240' },
    cut: 12,
    keep: 'freezer 60',
  },
  {
    name: 'sesame halva-style slab, tahini and syrup',
    text: `Tahini candy slab

- 450 g tahini, stirred
- 400 g sugar
- 120 ml water
- 1/4 tsp salt
- 1 tsp vanilla extract
- 80 g pistachios

Line a 900 g (2 lb) loaf tin with paper. Warm the tahini gently with the salt and vanilla to 50 °C and keep it warm. Dissolve the sugar in the water over a medium heat, then boil without stirring to 120 °C. Pour the syrup in a thin stream into the tahini, mixing with a spatula. As soon as it pulls away from the bowl, fold in the pistachios and press into the tin. Cool, then leave in the fridge for 24 hours. Turn out and cut in slices of 2 cm. Will keep 1 month well wrapped in the fridge.`,
    tin: '210x110',
    mixtures: { tahini: 'tahini, salt, vanilla, pistachios', syrup: 'sugar, water @120' },
    layers: ['tahini+syrup'],
    waits: { tahini: 'fridge 1440' },
    cut: 10,
    keep: 'fridge 30',
  },
  {
    name: 'caramel shortbread shortcut, imperative-free style',
    text: `Nanna's caramel squares

8 oz plain flour
4 oz caster sugar
6 oz butter (base)
6 oz butter (caramel)
6 oz light brown sugar
1 large tin condensed milk (14 oz)
8 oz milk chocolate

The base: flour, sugar and 6 oz of butter are rubbed together and pressed into a 12 x 8 inch tin, then baked at gas mark 3 for 30 minutes.
The caramel: the other butter, brown sugar and condensed milk are melted together and boiled gently for 7 minutes, stirring. This is poured over the cold base and left for 2 hours.
The top: the chocolate is melted and spread over. Cut into 24 when set.`,
    tin: '305x203',
    mixtures: {
      base: 'flour, caster, (base)',
      caramel: '(caramel), brown sugar, condensed',
      top: 'chocolate',
    },
    layers: ['base', 'caramel', 'top'],
    bakes: ['30 @160'],
    waits: { caramel: 'room 120' },
    cut: 24,
    keep: null,
  },
  {
    name: 'rocky bars with set chocolate top and dusting',
    text: `Festive rocky bars

125g butter
300g dark chocolate
3 tbsp golden syrup
200g ginger biscuits
100g mini marshmallows
75g glacé cherries, halved
2 tsp icing sugar, to dust

Line a 25cm square tin. Put the butter, chocolate and syrup in a heatproof bowl set over a pan of simmering water until melted. Scoop out about 125 ml of this mixture and set aside. Put the biscuits in a freezer bag and bash with a rolling pin until some are crumbs and some are pieces. Fold the biscuits, marshmallows and cherries into the melted mixture. Tip into the tin, flatten as best you can, pour over the reserved mixture and smooth the top. Refrigerate for about 2 hours or overnight. Cut into 24 fingers and dust with icing sugar.`,
    tin: '250x250',
    mixtures: { rocky: 'butter, chocolate, syrup, ginger biscuits, marshmallows, cherries', dust: 'icing' },
    layers: ['rocky', 'dust:coat'],
    waits: { rocky: 'fridge 120' },
    cut: 24,
    keep: null,
  },
  {
    name: 'chocolate caramel tart bars, US blog with notes',
    text: `Chocolate Caramel Bars

Shortbread Crust
1 cup (226g) unsalted butter, melted
1/2 cup (100g) granulated sugar
2 teaspoons pure vanilla extract
1/2 teaspoon salt
2 cups + 2 tablespoons (265g) all-purpose flour

Caramel Layer
1 bag (11 ounces) soft caramels, unwrapped
1/4 cup (60ml) heavy cream

Chocolate Topping
8 ounces (226g) semi-sweet chocolate, finely chopped
1/2 cup (120ml) heavy cream

1. Preheat the oven to 300°F (149°C). Line the bottom and sides of a 9×13-inch baking pan with parchment paper, leaving an overhang.
2. Make the crust: Stir the melted butter, sugar, vanilla extract, and salt together in a medium bowl. Add the flour and stir until everything is combined. Press the mixture firmly into the prepared pan. Bake for 20 minutes, until the edges are lightly browned. Cool for 15 minutes.
3. Make the caramel layer: Place the caramels and heavy cream in a saucepan and stir over low heat until melted. Pour over the crust and refrigerate for 30 minutes.
4. Make the topping: Place the chocolate in a heatproof bowl. Heat the cream until it begins to simmer, then pour over the chocolate. Let it sit for 2 minutes, then stir until smooth. Spread over the caramel. Refrigerate for at least 1 hour.
5. Lift out using the overhang and cut into 24 bars.
Cover and store leftover bars in the refrigerator for up to 1 week.`,
    tin: '330x229',
    mixtures: {
      crust: 'butter, sugar, vanilla, salt, flour',
      caramel: 'caramels, cream',
      top: 'chocolate, cream',
    },
    layers: ['crust', 'caramel', 'top'],
    bakes: ['20 @149'],
    waits: { crust: 'room 15', caramel: 'fridge 30', top: 'fridge 60' },
    cut: 24,
    keep: 'fridge 7',
  },
  {
    name: 'coconut ice, two colours, Australian kitchen',
    text: `Old-fashioned coconut ice

500g icing sugar mixture
1/4 tsp cream of tartar
395g can sweetened condensed milk
280g (3 1/2 cups) desiccated coconut
Pink food colouring

Step 1 Grease a 20cm square cake pan and line the base and sides with baking paper.
Step 2 Sift icing sugar and cream of tartar into a large bowl. Make a well in the centre. Add condensed milk and coconut. Stir until well combined.
Step 3 Press half the mixture into the prepared pan. Tint the remaining mixture pink and press over the white layer. Smooth the top.
Step 4 Cover and refrigerate for 2 hours or until firm. Cut into 36 squares.`,
    tin: '200x200',
    mixtures: { ice: 'icing sugar, tartar, condensed, coconut', pink: 'colouring' },
    layers: ['ice', 'ice+pink'],
    waits: { ice: 'fridge 120' },
    cut: 36,
    keep: null,
  },
  {
    name: 'flourless brownie with ganache, two headings and oven fan',
    text: `Almond brownies with a ganache top

For the brownie
200g dark chocolate
200g butter
4 eggs
220g golden caster sugar
150g ground almonds
pinch of salt

For the ganache
150ml double cream
150g dark chocolate, chopped

Heat oven to 180C/160C fan and line a 20 x 30cm brownie tin. Melt the chocolate and butter together in a bowl over simmering water, then cool for 5 minutes. Whisk the eggs and sugar until thick and mousse-like, about 6 minutes. Fold the chocolate into the eggs, then the almonds and salt. Pour into the tin and bake for 25 minutes. Leave to cool completely.
For the ganache, heat the cream until steaming, pour it onto the chocolate and stir till glossy. Spread over the cold brownie and chill for 1 hr. Cut into 20 with a hot knife. Will keep in the fridge for 5 days.`,
    tin: '300x200',
    mixtures: {
      brownie: 'chocolate, butter, eggs, sugar, almonds, salt',
      ganache: 'cream, chocolate',
    },
    layers: ['brownie', 'ganache'],
    bakes: ['25 @180'],
    waits: { ganache: 'fridge 60' },
    cut: 20,
    keep: 'fridge 5',
  },
  {
    name: 'soft honey caramels with nuts in the tin first',
    text: `Honey walnut caramels

150 g walnuts, toasted
250 ml double cream
50 g butter
200 g honey
250 g caster sugar
1 tsp flaky salt

Scatter the walnuts over the base of a lined 20 cm square tin. Warm the cream and butter in a small pan. In a larger pan, boil the honey and sugar to 140°C without stirring. Take off the heat and carefully pour in the warm cream, it will bubble up. Return to the heat and cook to 122°C. Stir in half of the salt, pour over the walnuts and sprinkle with the rest of the salt. Leave to cool for 6 hours. Cut into 64 squares with an oiled knife and wrap in wax paper. They keep for 3 weeks.`,
    tin: '200x200',
    mixtures: { nuts: 'walnuts', caramel: 'cream, butter, honey, sugar, salt @122', salt: 'salt' },
    layers: ['nuts', 'caramel', 'salt:scatter'],
    waits: { salt: 'room 360' },
    cut: 64,
    keep: 'room 21',
  },
  {
    name: 'no-bake protein bars in a loaf tin',
    text: `Chocolate peanut protein bars

160g oats, blended to flour
60g vanilla protein powder
180g peanut butter
120g maple syrup
2-3 tbsp milk
100g dark chocolate
1 tsp coconut oil

1. Line a 900g loaf tin (23 x 13cm) with baking paper.
2. Mix the oat flour and protein powder. Warm the peanut butter and maple syrup for 30 seconds in the microwave, then stir into the dry ingredients with enough milk to make a firm dough.
3. Press into the tin. Melt the chocolate with the coconut oil and spread on top. Chill for 2 hours.
4. Slice into 8 bars. Store in the fridge for up to 10 days or freeze for 3 months.`,
    tin: '230x130',
    mixtures: { base: 'oats, protein, peanut butter, maple, milk', top: 'chocolate, coconut oil' },
    layers: ['base', 'top'],
    waits: { top: 'fridge 120' },
    cut: 8,
    keep: 'fridge 10',
  },
  {
    name: 'hedgehog slice, Australian, list then long sentences',
    text: `Hedgehog slice

250 g plain sweet biscuits
100 g walnuts, chopped
2 tbsp cocoa
200 g butter
1/2 cup caster sugar
1 egg
1/4 cup desiccated coconut, plus extra to sprinkle
150 g dark chocolate, melted

Break biscuits into small pieces and combine with walnuts, cocoa and coconut in a bowl. Stir butter and sugar in a saucepan over low heat until the sugar dissolves; cool slightly, whisk in the egg quickly, then pour over the biscuit mixture and mix well. Press into a lined 28 x 18 cm slice pan and refrigerate for 1 hour. Spread with chocolate, refrigerate until set, then cut into 24 squares.`,
    tin: '280x180',
    mixtures: { slice: 'biscuits, walnuts, cocoa, butter, caster, egg, coconut', top: 'dark chocolate' },
    layers: ['slice', 'top'],
    waits: { slice: 'fridge 60' },
    cut: 24,
    keep: null,
  },
  {
    name: 'butter crunch toffee, Celsius, chocolate on hot toffee',
    text: `Butter crunch

225 g butter
225 g caster sugar
60 ml water
1 tbsp golden syrup
1/2 tsp salt
175 g milk chocolate, chopped
75 g roasted hazelnuts, chopped

Line a 33 x 23 cm tin with foil and grease it. Melt the butter in a heavy pan, add sugar, water, syrup and salt. Bring to the boil, stirring, and cook over a medium heat to 150°C, about 12 minutes. Pour into the tin at once and tilt to level it. Leave for 2 minutes, then scatter the chocolate on top. After 5 minutes spread the melted chocolate smooth and scatter with the nuts. Leave overnight in a cool place and break into pieces. Store in a tin for up to 2 weeks.`,
    tin: '330x230',
    mixtures: { toffee: 'butter, sugar, water, syrup, salt @150', choc: 'milk chocolate', nuts: 'hazelnuts' },
    layers: ['toffee', 'choc', 'nuts:scatter'],
    waits: { nuts: 'room 480' },
    cut: 'break',
    keep: 'room 14',
  },
  {
    name: 'fig rolls as a slab: jam between two doughs',
    text: `Fig bars

Dough:
300 g plain flour
150 g butter
100 g icing sugar
1 egg
Filling:
350 g dried figs
150 ml orange juice
1 tsp cinnamon

Rub the butter into the flour and sugar, then bring together with the egg. Chill for 30 minutes. Meanwhile simmer the figs, juice and cinnamon for 15 minutes and blend to a paste; cool. Roll out half of the dough to line a 30 x 20 cm tin. Spread the fig paste over it. Roll out the rest of the dough and lay it on top. Bake at 180C for 30-35 minutes. Cool in the tin and cut into 24 bars. Keeps a week in a tin.`,
    tin: '300x200',
    mixtures: { dough: 'flour, butter, icing, egg', filling: 'figs, orange, cinnamon' },
    layers: ['dough', 'filling', 'dough'],
    bakes: ['30 @180'],
    cut: 24,
    keep: 'room 7',
  },
  {
    name: 'seven-layer bars, poured in the pan',
    text: `Everything Bars

1/2 cup (1 stick) butter
1 1/2 cups graham cracker crumbs
1 (14 oz) can sweetened condensed milk
1 cup semi-sweet chocolate chips
1 cup butterscotch chips
1 1/3 cups flaked coconut
1 cup chopped pecans

Preheat oven to 350°F. Melt butter in a 13x9-inch baking pan in the oven. Sprinkle crumbs evenly over the butter and press down. Pour condensed milk evenly over crumbs. Top with chocolate chips, butterscotch chips, coconut and nuts; press down firmly with a fork.
Bake 25 minutes or until lightly browned. Cool. Chill if desired. Cut into 36 bars. Store covered at room temperature.`,
    tin: '330x229',
    mixtures: { crust: 'butter, crumbs', milk: 'condensed', top: 'chocolate chips, butterscotch, coconut, pecans' },
    layers: ['crust', 'milk', 'top:scatter'],
    bakes: ['25 @177'],
    cut: 36,
    keep: null,
  },
  {
    name: 'Russian-style toffee fudge, condensed milk, British',
    text: `Grandad's condensed milk fudge

You will need:
397g tin condensed milk
150ml whole milk
450g demerara sugar
115g butter
1 tsp vanilla extract

Method
1. Line a 20cm square tin with baking parchment.
2. Put everything except the vanilla into a large non-stick saucepan and melt over a low heat, stirring until the sugar dissolves.
3. Bring to the boil then simmer for 10-15 mins, stirring continuously and scraping the base of the pan, until it reaches 118C on a sugar thermometer.
4. Remove from the heat, add the vanilla and leave to cool for 5 mins.
5. Beat until very thick, about 10 mins. Tip into the tin and smooth over. Leave to cool at room temperature, don't put it in the fridge.
6. Once set, cut into 36 squares. Will keep in an airtight container for 3 weeks.`,
    tin: '200x200',
    mixtures: { fudge: 'condensed, whole milk, demerara, butter, vanilla @118' },
    layers: ['fudge'],
    waits: { fudge: 'room 0' },
    cut: 36,
    keep: 'room 21',
  },
  {
    name: 'lemon bars, two bakes, American blog',
    text: `Classic Lemon Bars

For the crust:
- 1 cup (226g) unsalted butter, melted
- 1/2 cup (100g) granulated sugar
- 2 teaspoons vanilla extract
- 1/2 teaspoon salt
- 2 cups + 2 tablespoons (265g) all-purpose flour

For the filling:
- 2 cups (400g) granulated sugar
- 6 tablespoons (46g) all-purpose flour
- 6 large eggs
- 1 cup (240ml) lemon juice (about 4 lemons)
- confectioners' sugar, for dusting

Preheat the oven to 325°F (163°C). Line the bottom and sides of a 9x13 glass baking pan with parchment paper, leaving an overhang to lift the finished bars out.
Mix the melted butter, sugar, vanilla and salt together in a bowl. Add the flour and stir to combine. Press firmly into the pan. Bake for 20-22 minutes or until the edges are lightly browned. Using a fork, poke holes all over the top of the warm crust.
Sift the sugar and flour together. Whisk in the eggs, then the lemon juice until combined. Pour over the warm crust. Bake for 22-26 minutes or until the center is relatively set. Cool completely at room temperature, about 2 hours, then chill for 1-2 hours. Dust with confectioners' sugar and cut into 24 squares. Cover and store leftover bars in the refrigerator for up to 1 week.`,
    tin: '330x229',
    mixtures: {
      crust: 'butter, granulated, vanilla, salt, flour',
      filling: 'granulated, flour, eggs, lemon juice',
      dust: 'confectioners',
    },
    layers: ['crust', 'filling', 'dust:coat'],
    bakes: ['20 @163', '22 @163'],
    waits: { filling: 'fridge 60' },
    cut: 24,
    keep: 'fridge 7',
  },
  {
    name: 'hedgehog slice, Australian',
    text: `Hedgehog slice

250g packet plain sweet biscuits (Marie)
125g butter
1/2 cup caster sugar
2 tbsp cocoa powder
1 egg, lightly beaten
1/2 cup desiccated coconut
1/2 cup chopped walnuts

Chocolate icing
1 1/2 cups icing sugar mixture
1 tbsp cocoa powder
20g butter, softened
1 1/2 tbsp boiling water

Grease a 19cm x 29cm slice pan and line with baking paper.
Break the biscuits into small pieces. Melt butter and sugar in a saucepan over low heat. Stir in cocoa. Remove from heat and quickly stir in the egg. Add biscuits, coconut and walnuts and mix well. Press into the prepared pan. Refrigerate for 1 hour.
Icing: Sift icing sugar and cocoa into a bowl, add butter and water and stir until smooth. Spread over slice. Refrigerate until firm. Cut into 24 fingers.`,
    tin: '290x190',
    mixtures: {
      slice: 'biscuits, butter, caster, cocoa, egg, coconut, walnuts',
      icing: 'icing sugar, cocoa, butter, boiling water',
    },
    layers: ['slice', 'icing'],
    waits: { slice: 'fridge 60', icing: 'fridge 0' },
    cut: 24,
    keep: null,
  },
  {
    name: 'honeycomb bark, sloppy',
    text: `honeycomb chocolate bark

200g caster sugar, 5 tbsp golden syrup, 2 tsp bicarb, 300g dark choc, sea salt flakes

Line a big baking tray. sugar + syrup in a deep pan on low till melted, then turn up and let it bubble to a deep amber (150C). off the heat, whisk in the bicarb quick - it'll foam up!! tip straight onto the tray, don't spread. leave 1 hr to go hard.
smash it up. melt the choc and pour over the pieces then a pinch of sea salt. fridge 20 mins, break into chunks. keeps a wk in a tin`,
    tin: null,
    mixtures: { comb: 'caster, golden syrup, bicarb @150', choc: 'dark choc', salt: 'salt' },
    layers: ['comb', 'choc', 'salt:scatter'],
    waits: { comb: 'room 60', choc: 'fridge 20' },
    cut: 'break',
    keep: 'room 7',
  },
  {
    name: 'almond nougat with honey, translated from Italian',
    text: `Soft almond nougat

Ingredients
300 g sugar
80 g water
100 g glucose syrup
250 g honey
2 egg whites (about 70 g)
400 g toasted almonds
100 g pistachios
2 sheets of wafer paper, 20 x 30 cm

Preparation
Heat the almonds and the pistachios in the oven at 100 °C.
Cook the honey to 124 °C. Whip the egg whites to snow in the mixer and pour in the honey in a thin stream while it is running.
Meanwhile cook the sugar with the water and the glucose to 145 °C and add it to the whites in the same way. Continue to whip for 10 minutes.
Fold in the warm dried fruits. Put one sheet of wafer in a mould of 20 x 30 cm, spread the nougat, cover with the second sheet and press with a weight. Let rest for 12 hours at room temperature. Cut in bars of 2 x 10 cm.`,
    tin: '300x200',
    mixtures: {
      honey: 'honey @124',
      whites: 'egg whites, almonds, pistachios',
      syrup: 'sugar, water, glucose @145',
    },
    layers: ['whites+honey+syrup'],
    waits: { whites: 'room 720' },
    cut: 30,
    keep: null,
  },
  {
    name: 'cookie dough bars, no bake, two chocolates',
    text: `No-Bake Cookie Dough Bars
Makes 16

INGREDIENTS
1/2 cup butter, room temperature
3/4 cup light brown sugar, packed
1 tsp vanilla
2 cups almond flour
1/4 tsp salt
1 cup mini chocolate chips

Topping
1 cup semisweet chocolate chips
1/2 cup creamy peanut butter

DIRECTIONS
Line an 8x8 pan with foil.
In a large bowl, beat butter and brown sugar until fluffy. Beat in vanilla. Mix in almond flour and salt on low. Stir in mini chips. Press into pan.
Microwave topping ingredients in 30-second bursts, stirring, until smooth. Spread over dough.
Chill 2 hours. Cut into squares. Keep refrigerated up to 10 days.`,
    tin: '203x203',
    mixtures: {
      dough: 'butter, brown sugar, vanilla, almond flour, salt, mini',
      top: 'semisweet, peanut butter',
    },
    layers: ['dough', 'top'],
    waits: { top: 'fridge 120' },
    cut: 16,
    keep: 'fridge 10',
  },
  {
    name: 'butter toffee bars dipped, gift size',
    text: `Almond toffee (makes about 2 lb)

2 c. butter
2 c. sugar
1/4 c. water
2 T. corn syrup
1 tsp. salt
2 c. toasted almonds, finely chopped, divided
12 oz. milk chocolate, chopped

Butter a 10x15 jelly roll pan. Combine butter, sugar, water, corn syrup and salt in a heavy 4 qt. pot. Cook over medium heat, stirring often, to 300 degrees. Remove from heat, stir in 1 c. of the almonds. Pour into pan. Wait 5 minutes, then sprinkle the chocolate over the hot toffee. When melted, spread with an offset spatula, and sprinkle on the rest of the almonds. Cool at room temp 3 hours till chocolate is set. Break. Store airtight 2 weeks.`,
    tin: '381x254',
    mixtures: {
      toffee: 'butter, sugar, water, corn syrup, salt, almonds @149',
      choc: 'milk chocolate',
      nuts: 'almonds',
    },
    layers: ['toffee', 'choc', 'nuts:scatter'],
    waits: { choc: 'room 180' },
    cut: 'break',
    keep: 'room 14',
  },
  {
    name: 'flapjack with a peanut top, British short',
    text: `PB flapjacks

200g unsalted butter
200g light brown sugar
150g golden syrup
400g porridge oats
100g crunchy peanut butter
100g milk chocolate

Heat oven to 160C fan. Line a 20 x 30cm tin. Melt the butter, sugar and syrup with half the peanut butter in a pan. Take off the heat and stir in the oats. Tip into the tin and press flat. Bake for 25 mins until golden at the edges. Leave to cool for 20 mins. Melt the chocolate with the rest of the peanut butter, spread over the flapjack and chill for 1 hr before cutting into 15 bars.`,
    tin: '300x200',
    mixtures: {
      oats: 'butter, sugar, syrup, oats, peanut butter',
      top: 'milk chocolate, peanut butter',
    },
    layers: ['oats', 'top'],
    bakes: ['25 @160'],
    waits: { oats: 'room 20', top: 'fridge 60' },
    cut: 15,
    keep: null,
  },
  {
    name: 'Turkish delight, rose, long',
    text: `Rose Turkish delight

For the syrup
800g granulated sugar
1 tbsp lemon juice
350ml water

For the starch
120g cornflour
1 tsp cream of tartar
550ml water

1 1/2 tbsp rosewater
pink food colouring

To dust
60g icing sugar
20g cornflour

Oil a 20cm square tin and line with oiled baking paper.
Put the sugar, lemon juice and 350ml water in a pan, bring to the boil and cook to 115C. Take off the heat.
In a second, large pan, whisk the cornflour and cream of tartar into the 550ml water. Bring to a simmer, stirring all the time, until it is a thick paste. Slowly whisk in the hot syrup. Turn down the heat and simmer for an hour, stirring often, until golden. Stir in the rosewater and a few drops of colouring.
Pour into the tin, smooth and leave overnight, uncovered. Sift together the icing sugar and cornflour. Turn out the jelly and cut into 64 cubes with an oiled knife, then toss in the dusting mix. Store in a box with more of the dusting mix for up to a month.`,
    tin: '200x200',
    mixtures: {
      syrup: 'granulated, lemon juice, 350ml water @115',
      starch: '120g cornflour, tartar, 550ml water, rosewater, colouring',
      dust: 'icing sugar, 20g cornflour',
    },
    layers: ['starch+syrup', 'dust:coat'],
    waits: { starch: 'room 480' },
    cut: 64,
    keep: 'room 30',
  },
  {
    name: 'cheesecake brownies, swirled',
    text: `Cream cheese swirl brownies

Brownie batter
3/4 cup (170 g) butter
1 1/2 cups (300 g) sugar
3 eggs
1 tsp vanilla
3/4 cup (65 g) cocoa
1/2 cup (65 g) flour
1/4 tsp salt

Cheesecake swirl
8 oz (225 g) cream cheese, softened
1/4 cup (50 g) sugar
1 egg yolk

Preheat oven to 350 F (175 C) and line a 9-inch square pan.
Melt the butter and whisk with the sugar. Whisk in the eggs and vanilla, then fold in the cocoa, flour and salt. Spread in the pan, keeping back about 1/2 cup.
Beat the cream cheese, sugar and yolk until smooth. Drop spoonfuls onto the brownie batter, dot with the reserved batter and swirl with a knife. Bake 30-35 minutes. Let cool completely in the pan, then refrigerate 2 hrs for clean cuts. Makes 16. Store in the fridge up to 5 days.`,
    tin: '229x229',
    mixtures: {
      batter: 'butter, sugar, eggs, vanilla, cocoa, flour, salt',
      swirl: 'cream cheese, sugar, yolk',
    },
    layers: ['batter+swirl'],
    bakes: ['30 @175'],
    waits: { batter: 'fridge 120' },
    cut: 16,
    keep: 'fridge 5',
  },
  {
    name: 'muesli bars, boiled honey, Australian',
    text: `Chewy lunchbox muesli bars

2 cups rolled oats
1/2 cup sunflower seeds
1/2 cup desiccated coconut
1/2 cup sultanas
125g butter
1/2 cup honey
1/3 cup brown sugar

1. Grease and line a 16x26cm slice tray.
2. Toast the oats, seeds and coconut in a frypan over medium heat for 8 mins until golden. Tip into a bowl, cool, then stir in the sultanas.
3. Cook butter, honey and sugar in a small saucepan for 3-4 mins until sugar dissolves. Bring to the boil, then simmer over low heat without stirring for 7 mins or until it forms a soft ball when dropped in cold water.
4. Add to dry ingredients and mix until combined. Spoon into tray and press down firmly. Allow to cool, then cut into 12 bars. Store in an airtight container for up to 7 days.`,
    tin: '260x160',
    mixtures: { dry: 'oats, sunflower, coconut, sultanas', boil: 'butter, honey, brown sugar @116' },
    layers: ['dry+boil'],
    waits: { dry: 'room 0' },
    cut: 12,
    keep: 'room 7',
  },
  {
    name: 'peppermint slice with crushed canes',
    text: `Peppermint bark, double decker

340 g dark chocolate
1/2 tsp peppermint oil
340 g white chocolate
6 candy canes, crushed

Line a 23 x 33 cm baking tray with foil. Temper the dark chocolate and stir in half of the peppermint oil. Spread on the tray and let set for 15 minutes in the fridge. Temper the white chocolate, add the remaining peppermint oil, and spread over the dark. Immediately sprinkle with the crushed canes and press lightly. Leave to set for 1 hour at room temperature. Break or cut into pieces. Lasts 2 months in a sealed tin.`,
    tin: '330x230',
    mixtures: { dark: 'dark chocolate, oil', white: 'white chocolate, oil', canes: 'canes' },
    layers: ['dark', 'white', 'canes:scatter'],
    waits: { dark: 'fridge 15', white: 'room 60' },
    cut: 'break',
    keep: 'room 60',
  },
  {
    name: 'pâte de fruit, professional French style',
    text: `Blackcurrant fruit jellies
Frame 340 × 240 mm, 12 mm high

Blackcurrant purée 1000 g
Sugar (1) 100 g
Yellow pectin 24 g
Sugar (2) 1000 g
Glucose syrup 200 g
Tartaric acid solution 16 g
Granulated sugar for coating 200 g

Warm the purée to 40°C. Mix the pectin with sugar (1) and whisk in; bring to the boil. Add sugar (2) in three parts keeping the boil, then the glucose. Cook to 107°C. Off the heat, add the acid. Pour immediately into the frame. Leave 24 h at room temperature. Cut 30 × 20 mm on a guitar, roll in the granulated sugar. Keep 8 weeks at 18 °C.`,
    tin: '340x240',
    mixtures: { jelly: 'purée, sugar (1), pectin, sugar (2), glucose, tartaric @107', coat: 'granulated' },
    layers: ['jelly', 'coat:coat'],
    waits: { jelly: 'room 1440' },
    cut: 132,
    keep: 'room 56',
  },
  {
    name: 'treacle toffee, bonfire style',
    text: `Bonfire toffee

450g dark muscovado sugar
125ml hot water
1/4 tsp cream of tartar
115g black treacle
115g golden syrup

Oil the base and sides of a shallow 20cm x 20cm tin.
Dissolve the sugar in the hot water over a low heat, without stirring.
Weigh out the other ingredients. (If you put your syrup and treacle into a well-oiled jug, they'll be easier to pour out.)
Once the sugar has dissolved add the remaining ingredients and give the pan a swirl. Pop in your sugar thermometer and bring to the boil.
Boil until you reach soft crack on your thermometer (140C). This may take up to 30 mins. Be patient and do not leave the pan unattended as it can change quickly.
As soon as it reaches the right temperature tip it into your tin and leave it to cool.
Once cool, remove from the tin with the parchment and break up with a toffee hammer or rolling pin. Store in an airtight tin for up to a month.`,
    tin: '200x200',
    mixtures: { toffee: 'muscovado, water, tartar, treacle, golden syrup @140' },
    layers: ['toffee'],
    waits: { toffee: 'room 0' },
    cut: 'break',
    keep: 'room 30',
  },
  {
    name: 'chocolate peanut bars, five ingredients',
    text: `**Peanut Butter Bars (no bake)**

**Ingredients**
* 1 cup butter, melted
* 2 cups graham cracker crumbs
* 2 cups confectioners' sugar
* 1 cup peanut butter
* 1 1/2 cups semisweet chocolate chips
* 4 tablespoons peanut butter

**Directions**
1. In a medium bowl, mix together the butter, graham cracker crumbs, confectioners' sugar, and 1 cup peanut butter until well blended. Press evenly into the bottom of an ungreased 9x13 inch pan.
2. In a metal bowl over simmering water, or in the microwave, melt the chocolate chips with the 4 tablespoons peanut butter, stirring occasionally until smooth. Spread over the prepared crust.
3. Refrigerate for at least one hour before cutting into 24 squares.`,
    tin: '330x229',
    mixtures: {
      base: 'butter, crumbs, confectioners, 1 cup peanut',
      top: 'chips, 4 tablespoons peanut',
    },
    layers: ['base', 'top'],
    waits: { top: 'fridge 60' },
    cut: 24,
    keep: null,
  },
  {
    name: 'jelly slice, Australian three layers',
    text: `Jelly Slice

Base
250g Marie biscuits, crushed
125g butter, melted

Filling
400g can sweetened condensed milk
1/2 cup lemon juice
2 teaspoons gelatine powder
1/4 cup boiling water

Topping
85g packet strawberry jelly crystals
1 cup boiling water
1/2 cup cold water

1. Combine the crushed biscuits and melted butter. Press into a lined 18 x 28cm lamington tin. Chill for 20 minutes.
2. For the filling, dissolve the gelatine in the boiling water and cool slightly. Whisk condensed milk and lemon juice together, then stir in the gelatine. Pour over base. Refrigerate for 1 hour or until set.
3. For the topping, dissolve the jelly crystals in boiling water, stir in cold water and let cool to room temperature. Gently pour over the filling. Refrigerate for 3 hours.
4. Cut into 20 pieces with a hot knife. Keeps 4 days in the fridge.`,
    tin: '280x180',
    mixtures: {
      base: 'biscuits, butter',
      filling: 'condensed, lemon, gelatine, boiling water',
      top: 'jelly, boiling water, cold water',
    },
    layers: ['base', 'filling', 'top'],
    waits: { base: 'fridge 20', filling: 'fridge 60', top: 'fridge 180' },
    cut: 20,
    keep: 'fridge 4',
  },
  {
    name: 'hazelnut wafer bars, translated German',
    text: `Nut corners

For the dough:
300 g flour
1 tsp baking powder
130 g sugar
1 packet vanilla sugar (8 g)
2 eggs
130 g butter

For the topping:
4 tbsp apricot jam
200 g butter
200 g sugar
4 tbsp water
200 g ground hazelnuts
200 g chopped hazelnuts

200 g dark couverture for dipping

Knead all ingredients for the dough into a smooth shortcrust and roll it out on a baking tray of 40 x 30 cm. Spread with the jam. Let butter, sugar and water come to the boil in a pot, stir in all the nuts, let cool a little and distribute on the dough. Bake for 25 to 30 minutes in the preheated oven at 175 degrees. Let cool, cut into 20 squares and halve these to triangles. Melt the couverture over the water bath and dip the corners in it. Leave to dry on baking paper. In a tin they keep for 3 weeks.`,
    tin: '400x300',
    mixtures: {
      dough: '300 g flour, baking powder, 130 g sugar, vanilla sugar, eggs, 130 g butter',
      jam: 'jam',
      nuts: '200 g butter, 200 g sugar, water, ground hazelnuts, chopped hazelnuts',
      coat: 'couverture',
    },
    layers: ['dough', 'jam', 'nuts', 'coat:coat'],
    bakes: ['25 @175'],
    cut: 20,
    keep: 'room 21',
  },
  {
    name: 'marshmallow squares, gelatine and syrup',
    text: `Vanilla marshmallows

3 packages (1/4 oz each) unflavored gelatin
1 cup cold water, divided
1 1/2 cups granulated sugar
1 cup light corn syrup
1/4 tsp kosher salt
1 tbsp vanilla extract
1/2 cup powdered sugar
1/4 cup cornstarch

Place the gelatin into the bowl of a stand mixer along with 1/2 cup of the water.
In a small saucepan combine the remaining 1/2 cup water, granulated sugar, corn syrup and salt. Cook over medium high heat, covered, for 3 to 4 minutes. Uncover and continue to cook until the mixture reaches 240°F, approximately 7 to 8 minutes. Immediately remove from the heat.
Turn the mixer on low and, while running, slowly pour the syrup down the side of the bowl into the gelatin. Increase the speed to high and whip until very thick and lukewarm, 12 to 15 minutes. Add the vanilla during the last minute.
Combine the powdered sugar and cornstarch in a small bowl. Pour the marshmallow into a greased 9 x 13 pan and smooth with a wet spatula. Dust the top with some of the sugar mixture. Let sit uncovered overnight.
Turn out onto a board and cut into 1-inch squares. Toss the squares in the remaining sugar mixture. Store in an airtight container for up to 3 weeks.`,
    tin: '330x229',
    mixtures: {
      gelatin: 'gelatin, cold water, vanilla',
      syrup: 'cold water, granulated, corn syrup, salt @116',
      dust: 'powdered, cornstarch',
    },
    layers: ['gelatin+syrup', 'dust:scatter', 'dust:coat'],
    waits: { gelatin: 'room 480' },
    cut: 117,
    keep: 'room 21',
  },
  {
    name: 'coffee walnut blondies, British magazine',
    text: `Coffee & walnut blondies

Cuts into 16

225g butter, plus extra for greasing
300g light brown soft sugar
3 large eggs
2 tbsp instant coffee mixed with 1 tbsp boiling water
250g plain flour
1 tsp baking powder
100g walnuts, roughly chopped

for the icing
100g mascarpone
50g icing sugar
1 tsp instant coffee dissolved in 1 tsp water

Heat the oven to 180C/160C fan/gas 4. Butter and line a 20cm square tin. Melt the butter in a pan, take off the heat and stir in the sugar. Leave to cool for 10 mins. Whisk in the eggs and the coffee mixture, then fold in the flour, baking powder, a pinch of salt and most of the walnuts. Scrape into the tin, scatter over the remaining walnuts and bake for 30-35 mins until just set. Leave to cool in the tin. Whisk the mascarpone with the icing sugar and coffee, swirl over the blondies, then cut into squares. Best eaten within 3 days, stored in the fridge.`,
    tin: '200x200',
    mixtures: {
      blondie: 'butter, brown soft, eggs, coffee, flour, baking powder, walnuts',
      nuts: 'walnuts',
      icing: 'mascarpone, icing sugar, coffee',
    },
    layers: ['blondie', 'nuts:scatter', 'icing'],
    bakes: ['30 @180'],
    waits: { blondie: 'room 0' },
    cut: 16,
    keep: 'fridge 3',
  },
  {
    name: 'sesame honey bars, Greek, short',
    text: `Pasteli

250 g sesame seeds
200 g thyme honey
50 g sugar
pinch of salt
zest of half an orange

Toast the sesame in a dry pan till golden. In a saucepan heat honey, sugar and salt and boil for about 5 min until 130 °C. Add the sesame and the zest, stir 1 min. Turn onto oiled paper, roll out with an oiled rolling pin to 5 mm. Score while warm in bars of 2 x 8 cm, when cold break them. Wrap each. Months in a dry place.`,
    tin: null,
    mixtures: { pasteli: 'sesame, honey, sugar, salt, zest @130' },
    layers: ['pasteli'],
    cut: null,
    keep: null,
  },
  {
    name: 'rocky road with a soft top, Australian',
    text: `Mum's rocky road
400g dark cooking chocolate, chopped
250g packet pink and white marshmallows, halved
1/2 cup roasted peanuts
100g glacé cherries
1/2 cup shredded coconut
2 tsp vegetable oil

Grease and line a 20cm square cake pan. Combine marshmallows, peanuts, cherries and coconut in a bowl. Melt the chocolate with the oil in the microwave on medium for 2-3 mins, stirring every 30 secs. Set aside to cool for 10 mins, then pour over the marshmallow mixture and fold through. Spoon into the pan, press down and refrigerate 2 hrs till firm. Cut into 25 pieces.`,
    tin: '200x200',
    mixtures: { rocky: 'chocolate, marshmallows, peanuts, cherries, coconut, oil' },
    layers: ['rocky'],
    waits: { rocky: 'fridge 120' },
    cut: 25,
    keep: null,
  },
  {
    name: 'mint chocolate bars, three layers, American',
    text: `Mint Brownie Bars

Brownies:
1/2 cup butter, softened
1 cup sugar
4 eggs
1 can (16 oz) chocolate syrup
1 cup all-purpose flour
1/2 tsp salt

Mint layer:
2 cups powdered sugar
1/2 cup butter, softened
2 Tbsp creme de menthe

Glaze:
1 cup chocolate chips
6 Tbsp butter

Preheat oven to 350. Cream butter and sugar; add eggs one at a time, beating well. Add chocolate syrup, flour and salt; mix. Pour into greased 9 x 13" pan. Bake 25-28 min. Cool completely.
Beat mint layer ingredients until smooth. Spread over brownies. Chill 1 hr.
Melt chips and butter together; cool 10 min. Spread over mint layer. Chill until set. Cut in 48 small squares. Keep refrigerated.`,
    tin: '330x229',
    mixtures: {
      brownie: 'butter, sugar, eggs, chocolate syrup, flour, salt',
      mint: 'powdered sugar, butter, menthe',
      glaze: 'chips, butter',
    },
    layers: ['brownie', 'mint', 'glaze'],
    bakes: ['25 @177'],
    waits: { brownie: 'room 0', mint: 'fridge 60', glaze: 'fridge 0' },
    cut: 48,
    keep: null,
  },
  {
    name: 'marzipan log slab dipped, Scandinavian',
    text: `Marzipan bars with nougat

500 g marzipan (60 % almonds)
200 g soft hazelnut nougat
300 g dark chocolate, tempered, for coating

Roll the marzipan out between two sheets of baking paper to a square of 24 cm, 8 mm thick. Soften the nougat at 30 °C and spread it on the marzipan. Let it set 30 min in the fridge. Cut into 32 bars of 3 x 6 cm. Dip each bar in the tempered chocolate and leave to crystallise overnight at 16 °C. Keep 4 weeks cool and dry.`,
    tin: '240x240',
    mixtures: { marzipan: 'marzipan', nougat: 'nougat', coat: 'chocolate' },
    layers: ['marzipan', 'nougat', 'coat:coat'],
    waits: { nougat: 'fridge 30' },
    cut: 32,
    keep: 'room 28',
  },
  {
    name: 'peanut ice cream bars, frozen sandwich',
    text: `Frozen peanut butter squares

Crust
24 chocolate sandwich cookies
5 tbsp butter, melted

Filling
8 oz cream cheese, room temp
3/4 cup peanut butter
3/4 cup powdered sugar
2 cups heavy cream, whipped

Sauce
4 oz dark chocolate
1/3 cup cream

Crush cookies fine, mix with butter and press in an 8 inch square pan lined with foil. Freeze 15 minutes.
Beat cream cheese, peanut butter and sugar till fluffy. Fold in the whipped cream. Spread on the crust and freeze 1 hr.
Heat 1/3 cup cream until steaming, pour over the dark chocolate, wait 2 minutes and stir smooth. Cool, pour over the filling. Freeze 4 hours or overnight.
Cut into 16 squares with a hot knife. Keep frozen, up to 1 month.`,
    tin: '203x203',
    mixtures: {
      crust: 'cookies, butter',
      filling: 'cream cheese, peanut, powdered, heavy cream',
      sauce: 'chocolate, 1/3 cup cream',
    },
    layers: ['crust', 'filling', 'sauce'],
    waits: { crust: 'freezer 15', filling: 'freezer 60', sauce: 'freezer 240' },
    cut: 16,
    keep: 'freezer 30',
  },
  {
    name: 'vanilla fudge with evaporated milk, American marshmallow creme',
    text: `never-fail vanilla fudge
makes 2 3/4 lbs (64 pcs)

4 cups sugar
1 can (12 oz) evaporated milk
1 cup butter
12 oz white chocolate chips
1 jar (7 oz) marshmallow creme
1 tsp vanilla
1 cup chopped walnuts (opt.)

butter a 9x9 pan. in a heavy saucepan mix sugar, milk & butter. bring to a full boil over med heat stirring constantly. boil 8-10 min to 238F. take off heat. add chips, marshmallow creme, vanilla & nuts. beat w/ wooden spoon till blended & smooth. pour in pan. cool. cut in squares when firm.`,
    tin: '229x229',
    mixtures: { fudge: 'sugar, evaporated, butter, chips, creme, vanilla, walnuts @114' },
    layers: ['fudge'],
    waits: { fudge: 'room 0' },
    cut: 64,
    keep: null,
  },
  {
    name: 'apricot oat slice, wet and dry, blitzed filling',
    text: `Apricot crumble slice

Filling: 250g dried apricots, 150ml orange juice, 1 tbsp honey
Crumble: 200g plain flour, 150g rolled oats, 120g light muscovado sugar, 1/2 tsp bicarbonate of soda, 180g cold butter, cubed

Simmer the apricots with the orange juice and honey in a covered pan for 15 minutes until soft, then blitz to a purée and leave to cool.
Rub the butter into the flour, then stir in the oats, sugar and bicarb. Press just over half into the base of a lined 20cm square tin. Spread the apricot purée over, crumble the rest of the oat mix on top and pat down lightly. Bake at 180°C (160°C fan) for 40 minutes. Cool completely in the tin before cutting into 12 bars. They'll keep 5 days in a sealed box.`,
    tin: '200x200',
    mixtures: {
      filling: 'apricots, orange juice, honey',
      crumble: 'flour, oats, muscovado, bicarb, butter',
    },
    layers: ['crumble', 'filling', 'crumble:scatter'],
    bakes: ['40 @180'],
    cut: 12,
    keep: 'room 5',
  },
  {
    name: 'caramel in the microwave, pretzel bark',
    text: `Pretzel caramel bark

2 cups mini pretzels
11 oz bag soft caramels, unwrapped
1 Tbsp heavy cream
12 oz dark chocolate chips
flaky sea salt

Line a 9x13 baking sheet w/ wax paper. Spread pretzels out in one layer. Microwave caramels & cream 1-2 min, stirring every 30 sec. Drizzle over the pretzels. Let cool 10 min. Melt chocolate and pour over all, spreading to the edges. Sprinkle with flaky salt. Chill 30 min then break into about 24 pieces.`,
    tin: '330x229',
    mixtures: { pretzels: 'pretzels', caramel: 'caramels, cream', choc: 'chocolate', salt: 'salt' },
    layers: ['pretzels', 'caramel', 'choc', 'salt:scatter'],
    waits: { caramel: 'room 10', choc: 'fridge 30' },
    cut: 'break',
    keep: null,
  },
  {
    name: 'old parish cookbook, treacle and ginger bars',
    text: `GINGER CRUNCH (Mrs. Aldous)
4 oz. butter
4 oz. sugar
7 oz. flour
1 level tsp. baking powder
1 level tsp. ground ginger
Icing: 3 oz. butter, 4 tbsp. icing sugar, 2 tbsp. golden syrup, 3 tsp. ground ginger

Cream butter and sugar, work in dry ingredients. Press into greased shallow tin 11 x 7 ins. and bake in moderate oven (Gas 4) 25 mins. till pale brown. Put icing ingredients in saucepan and melt, stirring, then pour over cake while both are hot. Cut in fingers before it is cold.`,
    tin: '279x178',
    mixtures: {
      base: '4 oz. butter, sugar, flour, baking powder, 1 level tsp. ground ginger',
      icing: '3 oz. butter, icing sugar, golden syrup, 3 tsp. ground ginger',
    },
    layers: ['base', 'icing'],
    bakes: ['25 @180'],
    cut: null,
    keep: null,
  },
  {
    name: 'soft caramels with sea salt, blog with chatter',
    text: `Sea salt caramels

Hi friends! I made these three times last week because my kids would not stop asking. Here is how we do it.

1 cup (240 ml) heavy cream
5 tbsp (70 g) unsalted butter, cut into pieces
1 tsp flaky sea salt, plus more for the top
1 1/2 cups (300 g) granulated sugar
1/4 cup (85 g) light corn syrup
1/4 cup (60 ml) water

Step 1: Line the bottom and sides of an 8 inch square pan with parchment and lightly oil it.
Step 2: Bring the cream, butter and salt to a simmer in a small saucepan. Turn off the heat and set aside. (Don't skip this, cold cream will seize your caramel!)
Step 3: In a 4-quart heavy pot, boil the sugar, corn syrup and water, stirring until the sugar dissolves. Then stop stirring and let it cook, swirling the pan now and then, until it is a light golden caramel.
Step 4: Carefully stir in the cream mixture - it bubbles up like crazy. Simmer, stirring often, until it registers 248°F on the thermometer, 10 to 15 minutes.
Step 5: Pour into the pan and cool for 2 hours. After the first 20 minutes sprinkle a little more salt on top.
Step 6: Cut into 40 pieces with a buttered knife and wrap each one in wax paper. They last about 2 weeks at room temperature (if you hide them).`,
    tin: '203x203',
    // All of it is boiled to the end point together.
    mixtures: { caramel: 'cream, butter, sea salt, granulated, corn syrup, water @120' },
    layers: ['caramel'],
    waits: { caramel: 'room 120' },
    cut: 40,
    keep: 'room 14',
  },
  {
    name: 'chestnut and chocolate terrine slab, translated French',
    text: `Chocolate and chestnut slab, without baking

Preparation 20 min - Rest 12 h - For 10 people

500 g sweetened chestnut purée
200 g dark chocolate 70 %
125 g soft butter
2 tablespoons of rum

Melt the chocolate in a bain-marie. Off the heat, incorporate the butter in small pieces, then the chestnut purée and the rum. Mix until the preparation is very smooth. Line a cake mould of 24 x 10 cm with film. Pour the preparation into it, smooth the surface and place it in the fridge for 12 hours. Unmould and cut into slices of 1 cm. To be consumed within 5 days, kept in the refrigerator.`,
    tin: '240x100',
    mixtures: { slab: 'chestnut, chocolate, butter, rum' },
    layers: ['slab'],
    waits: { slab: 'fridge 720' },
    cut: 24,
    keep: 'fridge 5',
  },
  {
    name: 'puffed rice bars with a dipped bottom, metric bakery card',
    text: `Crispy rice bar – 1 frame 40 x 30 cm

Mass A
Butter 150 g
Marshmallows 500 g
Crisped rice 450 g
Salt 3 g

Mass B
Milk chocolate 300 g
Hazelnut paste 100 g

Melt butter, add marshmallows, melt at low heat. Fold in rice and salt. Press into frame to 20 mm.
Melt B together, cool to 28 °C, spread on top, comb.
Set 40 min at 12 °C.
Cut 10 x 3 cm. Shelf life 21 days.`,
    tin: '400x300',
    mixtures: { a: 'butter, marshmallows, rice, salt', b: 'milk chocolate, hazelnut' },
    layers: ['a', 'b'],
    waits: { b: 'room 40' },
    cut: 40,
    keep: 'room 21',
  },
  {
    name: 'pumpkin pie bars, crust and topping from one crumb',
    text: `Pumpkin Pie Crumb Bars

Crust & crumb:
2 cups all purpose flour
1 cup quick oats
3/4 cup brown sugar
1/2 tsp salt
1 cup (2 sticks) cold butter, cubed

Pumpkin filling:
1 (15-ounce) can pumpkin purée
1 (14-ounce) can sweetened condensed milk
2 eggs
1 Tablespoon pumpkin pie spice

Preheat oven to 350. Grease a 9x13 pan.
For the crust: stir together flour, oats, brown sugar and salt. Cut in butter with a pastry blender until crumbly. Reserve 1 1/2 cups of the crumb mixture for the topping. Press the remaining mixture into the bottom of the pan. Bake for 15 minutes.
For the filling: whisk pumpkin, condensed milk, eggs and spice until smooth. Pour over hot crust. Sprinkle with reserved crumbs. Bake another 30-35 minutes, until filling is set. Cool on a wire rack 1 hour, then refrigerate for 2 hours before cutting into 24 bars.`,
    tin: '330x229',
    mixtures: {
      crumb: 'flour, oats, brown sugar, salt, butter',
      filling: 'pumpkin purée, condensed, eggs, spice',
    },
    layers: ['crumb', 'filling', 'crumb:scatter'],
    bakes: ['15 @177', '30 @177'],
    cut: 24,
    keep: null,
  },
  {
    name: 'chocolate salami slices as a slab, sloppy note',
    text: `choc biscuit cake (nan)

8oz digestives
4oz butter
3 tblsp golden syrup
2 tblsp cocoa
2 tblsp sugar
handful raisins
4oz milk choc for top

bash biscuits. melt butter sugar syrup cocoa in pan dont boil. chuck in biscs + raisins, mix well. squash into 7in sq tin. melt choc on top of pan of hot water & spread on. mark into 12 when nearly set. fridge.`,
    tin: '178x178',
    mixtures: { base: 'digestives, butter, golden syrup, cocoa, sugar', top: 'milk choc' },
    layers: ['base', 'top'],
    waits: { top: 'fridge 0' },
    cut: 12,
    keep: null,
  },
  {
    name: 'maple walnut fudge, beaten, Canadian',
    text: `Sucre à la crème - maple cream fudge

2 cups maple syrup
1 cup 35% cream
1 tbsp butter
3/4 cup chopped walnuts

1. Line a 15 cm (6-inch) square dish with parchment paper.
2. In a large saucepan, bring the maple syrup, cream and butter to a boil. Insert a candy thermometer and simmer over medium heat, without stirring, until it reads 112 °C (234 °F), about 20 minutes.
3. Place the saucepan in a cold water bath and let cool, without stirring, until the thermometer reads 43 °C (110 °F), about 40 minutes.
4. Remove from the bath. Stir with a wooden spoon until the fudge starts to thicken and loses its sheen, 5 to 10 minutes. Quickly stir in the walnuts.
5. Spread in the dish. Let cool 1 hour. Cut into 36 cubes. Will keep 2 weeks in an airtight container at room temperature.`,
    tin: '150x150',
    mixtures: { fudge: 'maple, cream, butter, walnuts @112' },
    layers: ['fudge'],
    waits: { fudge: 'room 60' },
    cut: 36,
    keep: 'room 14',
  },
  {
    name: 'coconut raspberry bars, meringue top',
    text: `Raspberry Coconut Meringue Slice

Base
125 g butter, softened
1/2 cup caster sugar
2 egg yolks
1 1/2 cups self-raising flour

3/4 cup raspberry jam

Topping
2 egg whites
1/2 cup caster sugar
1 1/2 cups desiccated coconut

Preheat oven to 180°C (160°C fan-forced). Line a 20 x 30 cm lamington pan. Beat butter, sugar and yolks until creamy. Stir in flour. Press over base of pan. Bake 12 minutes. Spread with jam.
Beat egg whites until soft peaks form. Gradually add sugar, beating until dissolved. Fold in coconut. Spread over jam. Bake 20 minutes or until golden. Cool in pan. Cut into 24 squares.`,
    tin: '300x200',
    mixtures: {
      base: 'butter, caster, yolks, self-raising',
      jam: 'jam',
      top: 'whites, caster, coconut',
    },
    layers: ['base', 'jam', 'top'],
    bakes: ['12 @180', '20 @180'],
    waits: { top: 'room 0' },
    cut: 24,
    keep: null,
  },
  {
    name: 'brittle with seeds, dry caramel',
    text: `Pumpkin seed brittle

Makes a tray of about 350g

200g caster sugar
25g butter
1/2 tsp bicarbonate of soda
1 tsp flaky salt
150g pumpkin seeds, toasted

Have a large sheet of baking paper and a rolling pin ready.
Tip the sugar into a wide, heavy pan and melt over a medium heat, swirling but not stirring, until it is the colour of a conker (about 175C). Take it off the heat and quickly stir in the butter, then the bicarb and salt, then the seeds. Scrape onto the paper, cover with another sheet and roll out to 4mm. Leave for 30 minutes until cold and hard. Snap into shards. Keep in a jar with a tight lid for up to 3 weeks.`,
    tin: null,
    mixtures: { brittle: 'caster, butter, bicarb, salt, seeds @175' },
    layers: ['brittle'],
    waits: { brittle: 'room 30' },
    cut: 'break',
    keep: 'room 21',
  },
  {
    name: 'cherry ripe slice, chocolate on both sides',
    text: `Cherry coconut bars

200g dark chocolate (for the base)
300g desiccated coconut
395g tin condensed milk
200g glacé cherries, finely chopped
1 tsp vanilla
a few drops red food colouring
200g dark chocolate (for the top)

Line a 20cm square tin with baking paper, letting it hang over the sides. Melt the chocolate for the base, spread it over the bottom of the tin and chill for 15 minutes. Mix the coconut, condensed milk, cherries, vanilla and colouring, press over the chocolate and chill for 1 hour. Melt the chocolate for the top and spread over. Chill again for 30 minutes. Lift out and cut into 20 bars. Store in the fridge for up to 2 weeks.`,
    tin: '200x200',
    mixtures: {
      base: '(for the base)',
      filling: 'coconut, condensed, cherries, vanilla, colouring',
      top: '(for the top)',
    },
    layers: ['base', 'filling', 'top'],
    waits: { base: 'fridge 15', filling: 'fridge 60', top: 'fridge 30' },
    cut: 20,
    keep: 'fridge 14',
  },
  {
    name: 'granola bars, baked, one bowl American',
    text: `Chewy Granola Bars
Yield: 12 bars

2 1/2 cups old fashioned rolled oats
1/2 cup whole almonds, coarsely chopped
1/3 cup honey
1/4 cup unsalted butter, cut into pieces
1/4 cup packed light brown sugar
1/2 teaspoon pure vanilla extract
1/4 teaspoon kosher salt
1/2 cup dried cranberries
1/4 cup plus 2 tablespoons mini chocolate chips

Heat oven to 350 degrees F. Line an 8- or 9-inch square pan with aluminum foil.
Add oats and almonds to a small baking sheet then bake 5 minutes, stir and bake another 3 to 5 minutes until lightly toasted. Transfer to a large bowl.
Combine butter, honey, brown sugar, vanilla and the salt in a small saucepan over medium heat. Cook, stirring occasionally until butter melts and the sugar completely dissolves. Pour butter mixture in bowl with toasted oats and almonds. Mix well. Let cool about 5 minutes then add cranberries and a 1/4 cup of the mini chocolate chips. Stir to combine.
Transfer to lined pan. Firmly press the mixture into the pan. Scatter the remaining 2 tablespoons of chocolate chips over the top and gently press them in. Cover, then refrigerate at least 2 hours. Cut into 12 bars. Store in an airtight container for up to 1 week.`,
    tin: '203x203',
    mixtures: {
      bars: 'oats, almonds, honey, butter, brown sugar, vanilla, salt, cranberries, chips',
      chips: 'chips',
    },
    layers: ['bars', 'chips:scatter'],
    waits: { bars: 'fridge 120' },
    cut: 12,
    keep: 'room 7',
  },
  {
    name: 'Polish layered wafers with kajmak',
    text: `Wafer layers with caramel (wafelki)

1 pack of large wafer sheets (180 g)
1 can of caramel mass (510 g)
100 g butter
50 g ground walnuts
2 tablespoons cocoa

Take the butter out of the fridge earlier, it must be soft. Beat the butter, gradually adding the caramel mass. Add the cocoa and nuts, mix. Spread each wafer with the cream and put one on the other, do not spread the last one. Wrap in foil, press with something heavy and leave for 4 hours. Cut with a sharp knife into 24 diamonds.`,
    tin: null,
    mixtures: { wafers: 'wafer', cream: 'caramel, butter, walnuts, cocoa' },
    layers: ['wafers', 'cream'],
    cut: 24,
    keep: null,
  },
  {
    name: 'salted peanut nougat bar, homemade candy bar',
    text: `Homemade Nougat & Caramel Candy Bars

For the nougat:
1/4 cup butter
1 cup granulated sugar
1/4 cup evaporated milk
1 1/2 cups marshmallow fluff
1/4 cup creamy peanut butter
1 tsp vanilla extract

For the caramel:
14 oz soft caramels, unwrapped
1/4 cup heavy cream
1 1/2 cups salted peanuts

For the coating:
2 cups milk chocolate chips
1/2 cup butterscotch chips

1. Grease a 9x13-inch pan.
2. Melt half of the milk chocolate chips with half of the butterscotch chips and spread into the pan. Freeze 15 minutes.
3. For the nougat, melt the butter, add sugar and evaporated milk and bring to a boil. Boil 5 minutes, stirring. Remove from heat, stir in the fluff, peanut butter and vanilla. Spread over the chocolate and freeze for 30 minutes.
4. Melt the caramels with the cream, stir in the peanuts and pour over the nougat. Refrigerate 30 minutes.
5. Melt the remaining chips and spread over the top. Chill for at least an hour.
6. Cut into 24 bars. Keep in the refrigerator for up to 2 weeks.`,
    tin: '330x229',
    mixtures: {
      base: 'milk chocolate, butterscotch',
      nougat: 'butter, sugar, evaporated, fluff, peanut butter, vanilla',
      caramel: 'caramels, cream, peanuts',
      top: 'milk chocolate, butterscotch',
    },
    layers: ['base', 'nougat', 'caramel', 'top'],
    waits: { base: 'freezer 15', nougat: 'freezer 30', caramel: 'fridge 30', top: 'fridge 60' },
    cut: 24,
    keep: 'fridge 14',
  },
  {
    name: 'treacle and walnut toffee, British, marked before set',
    text: `WALNUT TOFFEE

450g demerara sugar
115g butter
150ml water
pinch of cream of tartar
100g walnut halves

Butter an 18cm square tin and spread the walnuts over the base. Put everything else in a heavy-based pan and heat slowly until the sugar has dissolved. Turn up the heat and boil, without stirring, to 143C. Pour straight over the nuts. After about 10 minutes, when it is just firm, mark into 36 squares with an oiled knife. When cold break along the lines and wrap in cellophane. Keeps 3 weeks in an airtight tin.`,
    tin: '180x180',
    mixtures: { nuts: 'walnut', toffee: 'demerara, butter, water, tartar @143' },
    layers: ['nuts:scatter', 'toffee'],
    cut: 36,
    keep: 'room 21',
  },
  {
    name: 'raspberry oat crumble bars, base and topping from one mix',
    text: `Raspberry crumble squares
Makes 16

200g plain flour
150g porridge oats
175g cold butter, cubed
125g light brown sugar
1/2 tsp salt
300g raspberry jam
100g fresh raspberries

Preheat the oven to 180C (160C fan) and line a 20cm square tin with baking parchment.
Rub the butter into the flour, then stir in the oats, sugar and salt.
Tip two-thirds of the mixture into the tin and press down firmly. Bake for 15 minutes.
Mix the jam with the raspberries and spread over the base, then sprinkle over the rest of the crumble.
Bake for a further 25-30 minutes until golden. Leave to cool completely in the tin before cutting into squares.
They'll keep for 4 days in a tin.`,
    tin: '200x200',
    mixtures: { crumble: 'flour, oats, butter, sugar, salt', filling: 'jam, fresh raspberries' },
    layers: ['crumble', 'filling', 'crumble:scatter'],
    bakes: ['15 @180', '25 @180'],
    waits: { filling: 'room 0' },
    cut: 16,
    keep: 'room 4',
  },
  {
    name: 'pistachio white fudge, microwave',
    text: `Quick pistachio fudge (microwave!!)

400g white chocolate, chopped
1 tin (397g) condensed milk
30g butter
100g pistachios roughly chopped

Line a 20cm tin. Put the chocolate, condensed milk and butter in a microwave bowl and heat in 30 second bursts, stirring each time, till smooth. Stir in most of the pistachios. Pour into tin, scatter the rest on top. Fridge for at least 3 hrs. Cut into 36. Keeps in the fridge for a fortnight`,
    tin: '200x200',
    mixtures: { fudge: 'white chocolate, condensed, butter, pistachio', nuts: 'pistachio' },
    layers: ['fudge', 'nuts:scatter'],
    waits: { fudge: 'fridge 180' },
    cut: 36,
    keep: 'fridge 14',
  },
  {
    name: 'passionfruit slice, Australian bakery style',
    text: `Passionfruit slice

Base
1 cup (150g) self-raising flour
1 cup (90g) desiccated coconut
1/2 cup (110g) caster sugar
125g butter, melted

Topping
395g can sweetened condensed milk
1/2 cup (125ml) lemon juice
1/4 cup passionfruit pulp

Preheat oven to 180°C. Grease and line an 18cm x 28cm slice pan.
Combine flour, coconut and sugar in a bowl. Stir in butter. Press mixture into prepared pan. Bake for 15 minutes or until light golden.
Whisk condensed milk, juice and pulp together. Pour over the hot base. Bake for 10 to 15 minutes or until just set. Cool in pan, then refrigerate for 2 hours. Cut into 24 pieces.`,
    tin: '280x180',
    mixtures: { base: 'flour, coconut, sugar, butter', topping: 'condensed, lemon juice, passionfruit' },
    layers: ['base', 'topping'],
    bakes: ['15 @180', '10 @180'],
    waits: { topping: 'fridge 120' },
    cut: 24,
    keep: null,
  },
  {
    name: 'ginger crunch, New Zealand',
    text: `Ginger crunch

125 g butter
100 g sugar
200 g plain flour
1 tsp baking powder
2 tsp ground ginger

Icing
75 g butter
150 g icing sugar
2 Tbsp golden syrup
1 Tbsp ground ginger

Heat oven to 190 deg C. Cream butter and sugar till pale. Add sifted dry ingredients. Knead lightly, and press into a greased 20 x 30 cm sponge roll tin. Bake for 20-25 min. Pour the icing over while both are hot, and mark into 30 fingers before it gets cold.
For the icing put all ingredients into a small saucepan and heat, stirring, till melted and smooth.`,
    tin: '300x200',
    mixtures: { base: 'butter, sugar, flour, baking powder, ginger', icing: 'butter, icing sugar, syrup, ginger' },
    layers: ['base', 'icing'],
    bakes: ['20 @190'],
    cut: 30,
    keep: null,
  },
  {
    name: 'dark bark with orange and almonds, melted over water and tempered',
    text: `Orange & Almond Bark

Ingredients:
- 12 oz bittersweet chocolate (70%), finely chopped
- 3/4 cup whole almonds, toasted
- 1/2 cup candied orange peel, chopped
- flaky sea salt

Directions:
- Line a rimmed baking sheet with parchment.
- Melt two thirds of the chocolate in a bowl set over barely simmering water until it reaches 115°F. Take the bowl off, add the remaining chocolate and stir until it cools to 88°F.
- Stir in half the almonds, then spread about 1/4 inch thick on the parchment.
- Sprinkle with the orange peel, remaining almonds, and a little salt.
- Let set at cool room temperature for 1 hour, then break into pieces.
- Store airtight for up to 3 weeks.`,
    tin: null,
    mixtures: { chocolate: 'chocolate, almonds', top: 'orange peel, almonds, salt' },
    layers: ['chocolate', 'top:scatter'],
    waits: { chocolate: 'room 60' },
    cut: 'break',
    keep: 'room 21',
  },
  {
    name: 'date caramel oat bars, healthy, processor',
    text: `No-bake date caramel bars

OAT BASE
1 1/2 cups rolled oats
1/2 cup almond butter
1/4 cup maple syrup

DATE CARAMEL
1 1/2 cups medjool dates, pitted and soaked
1/4 cup almond butter
2 tbsp coconut oil
pinch sea salt

CHOCOLATE TOP
3/4 cup dark chocolate chips
1 tbsp coconut oil

Line an 8x8 pan. Blitz the oats in a food processor to a rough flour, add almond butter and maple syrup and pulse until it clumps. Press into the pan and pop in the freezer.
Rinse the processor. Blend the drained dates, almond butter, coconut oil and salt until silky. Spread over the base. Back in the freezer for 30 mins.
Melt chocolate and coconut oil, pour over, tilt to cover. Freeze another 15 mins until firm.
Slice into 12 bars with a hot knife. Store in the fridge up to 10 days or freezer 2 months.`,
    tin: '203x203',
    mixtures: {
      base: 'oats, almond butter, maple',
      caramel: 'dates, almond butter, coconut oil, salt',
      top: 'chocolate, coconut oil',
    },
    layers: ['base', 'caramel', 'top'],
    waits: { base: 'freezer 0', caramel: 'freezer 30', top: 'freezer 15' },
    cut: 12,
    keep: 'fridge 10',
  },
  {
    name: 'opera-like coffee slab, translated French',
    text: `Carrés café-noisette

Pour le biscuit : 4 œufs, 120 g de sucre, 100 g de farine, 60 g de poudre de noisettes (hazelnut flour)
For the syrup: 100 ml strong coffee, 50 g sugar
For the butter cream: 200 g butter, 150 g icing sugar, 2 tbsp strong coffee
For the glaze: 150 g dark chocolate, 15 g neutral oil

Beat the eggs with the sugar until they are white and triple in volume. Fold in the flour and the hazelnuts. Spread on a lined plate of 30 x 40 cm and bake 10 minutes at 200 degrees. Let cool and cut the biscuit into two rectangles of 30 x 20 cm.
Boil the coffee with the sugar one minute and let cool. Whip the butter with the icing sugar, add the coffee.
Soak the first biscuit with half of the syrup, spread half of the cream, lay the second biscuit, soak it with the remaining syrup and cover with the rest of the cream. Put 1 hour in the cold.
Melt the chocolate with the oil and pour the glaze. Return to the refrigerator for 30 minutes. Cut 24 squares. To be kept 3 days in the refrigerator.`,
    tin: '300x200',
    mixtures: {
      biscuit: 'ufs, sucre, farine, noisettes',
      syrup: 'coffee, sugar',
      cream: 'butter, icing sugar, coffee',
      glaze: 'dark chocolate, oil',
    },
    layers: ['biscuit', 'syrup', 'cream', 'biscuit', 'syrup', 'cream', 'glaze'],
    bakes: ['10 @200'],
    waits: { cream: 'fridge 60', glaze: 'fridge 30' },
    cut: 24,
    keep: 'fridge 3',
  },
  {
    name: 'puffed quinoa chocolate crackle with coconut oil, kids',
    text: `Quinoa crackle

2 cups puffed quinoa, 1/2 cup cocoa powder, 3/4 cup coconut oil, 1/3 cup honey, 1/2 cup shredded coconut

Gently melt the coconut oil and honey together. Whisk in the cocoa. Pour over the quinoa and coconut in a big bowl and mix well. Press into a lined 20cm x 20cm tin. Refrigerate for an hour. Cut into 25 squares and keep them in the fridge.`,
    tin: '200x200',
    mixtures: { crackle: 'quinoa, cocoa, coconut oil, honey, shredded coconut' },
    layers: ['crackle'],
    waits: { crackle: 'fridge 60' },
    cut: 25,
    keep: null,
  },
  {
    name: 'cream caramels, professional card',
    text: `VANILLA CREAM CARAMELS - 40 x 30 frame, 10 mm

Cream 35%         700 g
Glucose DE40      400 g
Sugar             800 g
Butter            150 g
Fleur de sel      8 g
Vanilla bean      2 pc

1. Heat cream with split vanilla to 80°C, keep warm.
2. Cook sugar and glucose to a dry caramel, 180°C.
3. Deglaze with the warm cream in 3 additions.
4. Add butter, cook the whole to 119°C.
5. Stir in salt, pour into frame set on silicone mat.
6. Leave 24 h at 18°C.
7. Cut 20 x 30 mm, wrap.
Shelf life 8 weeks.`,
    tin: '400x300',
    mixtures: { caramel: 'cream, glucose, sugar, butter, sel, vanilla @119' },
    layers: ['caramel'],
    waits: { caramel: 'room 1440' },
    cut: 200,
    keep: 'room 56',
  },
  {
    name: 'lamington slice, Australian without dipping',
    text: `Lamington slice

SPONGE
125g butter, softened
3/4 cup caster sugar
2 eggs
1 1/2 cups self-raising flour
1/2 cup milk

JAM LAYER
1/2 cup raspberry jam, warmed

ICING
2 cups icing sugar mixture
1/4 cup cocoa
20g butter, melted
1/4 cup boiling water
1 cup desiccated coconut

Heat oven 180C/160C fan. Line 20x30cm lamington pan. Beat butter and sugar until creamy, add eggs one at a time, fold in flour and milk in batches. Spread in pan, bake 25 mins. Cool on rack, then return to the clean pan. Spread with jam.
Sift icing sugar and cocoa, stir in butter and water until smooth. Pour over jam, sprinkle with coconut. Stand 1 hr until set. Cut into 20. Will keep 2 days.`,
    tin: '300x200',
    mixtures: {
      sponge: 'softened, caster, eggs, self-raising, milk',
      jam: 'jam',
      icing: 'icing sugar, cocoa, melted, boiling water',
      coconut: 'coconut',
    },
    layers: ['sponge', 'jam', 'icing', 'coconut:scatter'],
    bakes: ['25 @180'],
    waits: { icing: 'room 60' },
    cut: 20,
    keep: 'room 2',
  },
  {
    name: 'rum and raisin frozen chocolate slab',
    text: `Frozen rum & raisin slab

100 g raisins
3 tbsp dark rum
300 ml whipping cream
4 egg yolks (pasteurised)
90 g sugar
200 g dark chocolate, melted and cooled
150 g shortbread biscuits, crushed
60 g melted butter

The day before, soak the raisins in the rum. Stir the biscuits into the butter and press into the bottom of a lined 20 x 20 cm tin; chill. Whisk the yolks with the sugar till thick and pale, then whisk in the chocolate. Whip the cream to soft peaks and fold it in with the raisins and their rum. Scrape on to the base, smooth the top and freeze overnight. Let it stand 10 minutes, cut into 16 bars. Up to 1 month in the freezer.`,
    tin: '200x200',
    mixtures: {
      base: 'shortbread, butter',
      mousse: 'raisins, rum, cream, yolks, sugar, chocolate',
    },
    layers: ['base', 'mousse'],
    waits: { base: 'fridge 0', mousse: 'freezer 0' },
    cut: 16,
    keep: 'freezer 30',
  },
  {
    name: 'honeycomb chocolate slab with biscuit, Irish shop style',
    text: `Honeycomb biscuit slab - tray bake

350g digestive biscuits, broken
200g crunchy honeycomb bars, smashed
150g butter
3 tbsp golden syrup
400g milk chocolate
100g white chocolate to finish

Melt the butter, syrup and milk chocolate together over a pan of simmering water. Take off the heat and stir in the biscuits and three quarters of the honeycomb. Press into a lined 30cm x 20cm tray. Melt the white chocolate and drizzle it over with a fork, then scatter with the remaining honeycomb. Leave in the fridge for 2 hours then slice into 24.`,
    tin: '300x200',
    mixtures: {
      slab: 'digestive, honeycomb, butter, syrup, milk chocolate',
      drizzle: 'white chocolate',
      honeycomb: 'honeycomb',
    },
    layers: ['slab', 'drizzle', 'honeycomb:scatter'],
    waits: { drizzle: 'fridge 120' },
    cut: 24,
    keep: null,
  },
  {
    name: 'Bakewell flapjack, oats and frangipane',
    text: `For the oat base
200g butter
150g golden syrup
100g light muscovado sugar
350g porridge oats

For the frangipane
100g butter, softened
100g caster sugar
2 eggs
100g ground almonds
1 tbsp plain flour

To finish
150g cherry jam
25g flaked almonds

1. Heat oven to 170C/150C fan/gas 3. Line a 23cm square tin.
2. Melt the butter, syrup and sugar in a pan, then mix in the oats. Press into the tin and bake for 12 mins.
3. Beat the frangipane ingredients together until smooth.
4. Spread the jam over the warm oat base, dollop over the frangipane and spread gently. Scatter with the flaked almonds.
5. Bake for 30 mins until golden and springy. Cool in the tin, then cut into 18 fingers. Will keep for 5 days in an airtight container.`,
    tin: '230x230',
    mixtures: {
      oats: 'butter, syrup, muscovado, oats',
      jam: 'jam',
      frangipane: 'softened, caster, eggs, ground almonds, plain flour',
      almonds: 'flaked',
    },
    layers: ['oats', 'jam', 'frangipane', 'almonds:scatter'],
    bakes: ['12 @170', '30 @170'],
    waits: { frangipane: 'room 0' },
    cut: 18,
    keep: 'room 5',
  },
  {
    name: 'halva-style tahini fudge',
    text: `Tahini fudge

Put 1 cup of sugar, 1/3 cup water and 2 tbsp honey in a pan and cook to 245F. Meanwhile warm 1 1/2 cups tahini with 1/2 tsp vanilla and a pinch of salt until just warm. Pour the syrup into the tahini in a thin stream, stirring with a wooden spoon until it starts to stiffen. Fold in 1/2 cup pistachios. Scrape at once into a lined 8-inch loaf... sorry, 8-inch square pan and press flat. Cool to room temperature, then wrap and refrigerate for 24 hours. Cut in 36.`,
    tin: '203x203',
    mixtures: { syrup: 'sugar, water, honey @118', tahini: 'tahini, vanilla, salt, pistachios' },
    layers: ['syrup+tahini'],
    waits: { tahini: 'fridge 1440' },
    cut: 36,
    keep: null,
  },
  {
    name: 'sloppy text message fudge',
    text: `mums fudge!! 1lb sugar, 4oz butter, small tin evap milk (170g), splash of vanilla. melt all together v slowly til no grains then boil hard abt 10 min keep stirring, 238F. off heat, vanilla in, leave 5 min then beat like mad til thick. into buttered 7in sq tin, mark in 36 when half set. nice for 2 wks in a tin`,
    tin: '178x178',
    mixtures: { fudge: 'sugar, butter, evap, vanilla @114' },
    layers: ['fudge'],
    cut: 36,
    keep: 'room 14',
  },
  {
    name: 'millionaire bars, chef notes with letters',
    text: `Millionaire slice - 1/2 sheet (40 x 30 cm frame)

A) Sablé
Butter 300 g
Icing sugar 150 g
Flour 450 g
Salt 4 g

B) Caramel
Sugar 400 g
Glucose 200 g
Cream 35% 500 g
Butter 120 g

C) Top
Milk chocolate 500 g
Oil 25 g

A: cream butter and sugar, add flour and salt. Roll into the frame, dock, bake 165C 22 min. Cool.
B: caramelise sugar and glucose to 175C, deglaze with hot cream, add butter, cook to 112C. Pour over A. Set 2 h at room temp.
C: melt chocolate with oil to 40C, pour, tilt level. Chill 20 min. Demould, cut 2.5 x 8 cm.
Keeps 14 days.`,
    tin: '400x300',
    mixtures: {
      sable: 'butter, icing sugar, flour, salt',
      caramel: 'sugar, glucose, cream, butter @112',
      top: 'milk chocolate, oil',
    },
    layers: ['sable', 'caramel', 'top'],
    bakes: ['22 @165'],
    waits: { caramel: 'room 120', top: 'fridge 20' },
    cut: 60,
    keep: 'room 14',
  },
  {
    name: 'peppermint patties slab dipped, American',
    text: `Peppermint Patty Squares

3 3/4 cups powdered sugar
3 tablespoons butter, softened
2-3 teaspoons peppermint extract
1/2 teaspoon vanilla
1/4 cup evaporated milk
2 cups semisweet chocolate chips
2 tablespoons shortening

Line an 8-inch square pan with parchment. In a large bowl, combine the first five ingredients and beat until it comes together. Press evenly into the pan, cover and freeze for 30 minutes. Lift out and cut into 36 squares. Return to the freezer while you melt the chocolate and shortening in the microwave. Dip each square, let the excess drip off and set on waxed paper. Refrigerate until firm. Store in refrigerator up to a month.`,
    tin: '203x203',
    mixtures: {
      mint: 'powdered sugar, butter, peppermint, vanilla, evaporated',
      dip: 'chips, shortening',
    },
    layers: ['mint', 'dip:coat'],
    waits: { mint: 'freezer 30' },
    cut: 36,
    keep: 'fridge 30',
  },
  {
    name: 'Jaffa cake slice, British blog',
    text: `Jaffa traybake

Hi all, back again with a nostalgic one! My boys devoured it.

You'll need:
For the sponge
3 large eggs
100g caster sugar
100g self raising flour

For the jelly
1 x 135g packet orange jelly
150ml boiling water
3 tbsp marmalade

For the top
250g dark chocolate
1 tbsp vegetable oil

What to do:
Pre-heat your oven to 180C and line a 30 x 20cm traybake tin.
Whisk the eggs and sugar for a good 5 minutes until pale and fluffy, then sift over the flour and fold in gently. Pour into the tin and bake for 12-15 minutes until springy. Leave to cool in the tin.
Dissolve the jelly in the boiling water and stir in the marmalade. Leave to cool for 20 minutes, then pour over the sponge and put in the fridge for 2 hours to set.
Melt the chocolate with the oil, let it cool for 5 minutes and pour over the jelly quickly. Back in the fridge for 30 minutes.
Cut into 16 squares with a warm knife. Eat within 3 days, kept in the fridge.`,
    tin: '300x200',
    mixtures: {
      sponge: 'eggs, caster, flour',
      jelly: 'jelly, boiling water, marmalade',
      top: 'dark chocolate, oil',
    },
    layers: ['sponge', 'jelly', 'top'],
    bakes: ['12 @180'],
    waits: { jelly: 'fridge 120', top: 'fridge 30' },
    cut: 16,
    keep: 'fridge 3',
  },
  {
    name: 'sponge toffee, broken, Canadian',
    text: `Sponge toffee

2 1/2 cups granulated sugar
2/3 cup corn syrup
6 tbsp water
2 tbsp baking soda
2 tsp vanilla

Butter a 10-inch springform pan liberally, line bottom with parchment. In a deep saucepan combine sugar, corn syrup, water and vanilla. Over medium-high heat bring to a boil without stirring and cook until hard crack stage, 300 F, about 10 minutes. Remove from heat. Working quickly, add baking soda and whisk to incorporate, about 5 seconds. Caution: it will bubble up when the soda is added. Pour immediately into the pan. Let set completely before touching it. Then break into pieces and store airtight for up to 2 weeks.`,
    tin: null,
    mixtures: { toffee: 'sugar, corn syrup, water, soda, vanilla @149' },
    layers: ['toffee'],
    waits: { toffee: 'room 0' },
    cut: 'break',
    keep: 'room 14',
  },
  {
    name: 'tiffin with cherry and a marbled top',
    text: `Cherry tiffin (makes 20)

150g butter
50g caster sugar
3 tbsp cocoa
4 tbsp golden syrup
300g rich tea biscuits, crushed
100g glace cherries, halved
200g milk chocolate
100g white chocolate

Grease and line a 20 x 30 cm tin. Melt the butter, sugar, cocoa and syrup in a pan. Off the heat, stir in the biscuits and cherries, and press into the tin. Melt the two chocolates separately. Pour the milk chocolate over the biscuit layer, then drizzle over the white chocolate and marble with a cocktail stick. Chill for 2 hours before slicing into 20. Keeps for 1 week in the fridge.`,
    tin: '300x200',
    mixtures: {
      base: 'butter, sugar, cocoa, syrup, biscuits, cherries',
      milk: 'milk chocolate',
      white: 'white chocolate',
    },
    layers: ['base', 'milk+white'],
    waits: { milk: 'fridge 120' },
    cut: 20,
    keep: 'fridge 7',
  },
  {
    name: 'torrone, Italian translated with wafers and hazelnuts',
    text: `Soft torrone with hazelnuts

Ingredients for a mold of 20x15 cm:
300 g of honey
200 g of sugar
60 g of water
2 egg whites
400 g of toasted hazelnuts
zest of one orange
wafer sheets as needed

Preparation
Heat the honey in a bain-marie... in practice on very low flame until it reaches 121°. In another saucepan put the sugar with the water and bring to 145°. Meanwhile whip the egg whites stiff. Pour the honey in a stream on the whites, always whipping, then the sugar. Continue for 5 minutes until the mass is thick. Add the hazelnuts, still hot from the oven, and the zest. Line the mold with the wafer, pour the torrone, level with a spatula and cover with another wafer. Put a weight over and leave 12 hours. Cut into 15 bars with a serrated knife. It is preserved for a month, wrapped.`,
    tin: '200x150',
    mixtures: { honey: 'honey @121', syrup: 'sugar, water @145', whites: 'egg white, hazelnuts, zest' },
    layers: ['whites+honey+syrup'],
    waits: { whites: 'room 720' },
    cut: 15,
    keep: 'room 30',
  },
  {
    name: 'blondies with caramel baked in, halves',
    text: `Salted caramel blondies

225g butter, melted
250g soft brown sugar
3 eggs
275g plain flour
1/2 tsp baking powder
200g tin caramel
1 tsp sea salt flakes
100g white chocolate chips

Oven 180C/160C fan. Line a 23cm square tin. Beat the butter and sugar, then the eggs one at a time. Fold in the flour, baking powder and chocolate chips. Spread half the batter in the tin. Stir half the salt into the caramel and spoon it over in blobs. Cover with the remaining batter and sprinkle with the rest of the salt. Bake for 30-35 mins till golden but with a slight wobble. Cool completely, then chill for 1 hour and cut into 16.`,
    tin: '230x230',
    mixtures: {
      batter: 'butter, brown sugar, eggs, flour, baking powder, chips',
      caramel: 'caramel, salt',
      salt: 'salt',
    },
    layers: ['batter', 'caramel', 'batter', 'salt:scatter'],
    bakes: ['30 @180'],
    waits: { batter: 'fridge 60' },
    cut: 16,
    keep: null,
  },
  {
    name: 'coconut jaggery slab, Indian English',
    text: `Coconut barfi

2 cups fresh grated coconut
1 1/2 cups sugar
1/2 cup milk
2 tbsp ghee
1/2 tsp cardamom powder
10 cashews, chopped

Grease a 20 cm square plate with ghee and keep aside. Heat ghee in a heavy bottomed kadai and fry the cashews till golden; remove. In the same kadai add coconut, sugar and milk. Cook on medium flame stirring continuously till the mixture thickens and leaves the sides. Add cardamom powder and mix. Switch off the flame, pour on the plate and level it. Sprinkle the cashews on top and press lightly. Mark 25 pieces while warm. Once cool separate the pieces and store in an airtight box. Stays good for 4 days.`,
    tin: '200x200',
    mixtures: { barfi: 'coconut, sugar, milk, ghee, cardamom @107', nuts: 'cashew' },
    layers: ['barfi', 'nuts:scatter'],
    cut: 25,
    keep: 'room 4',
  },
  {
    name: 'ice cream sandwich slab, frozen, sheet cake',
    text: `Ice cream sandwich bars

CAKE
1/2 cup butter, melted
1 cup sugar
2 eggs
3/4 cup flour
1/3 cup cocoa
1/2 tsp salt

FILLING
1 1/2 quarts vanilla ice cream, softened

Preheat oven to 350°F. Line a 13 x 18-inch half sheet pan with parchment. Whisk butter and sugar; whisk in the eggs. Stir in flour, cocoa and salt. Spread in a thin layer and bake 10 minutes. Cool completely, then cut in half crosswise. Place one half in a 9 x 13-inch pan, spread the ice cream over and top with the other half. Freeze for at least 4 hours. Cut into 12 bars. Keeps 1 month frozen.`,
    tin: '330x229',
    mixtures: { cake: 'butter, sugar, eggs, flour, cocoa, salt', filling: 'ice cream' },
    layers: ['cake', 'filling', 'cake'],
    bakes: ['10 @177'],
    waits: { cake: 'freezer 240' },
    cut: 12,
    keep: 'freezer 30',
  },
  {
    name: 'chocolate orange fudge, slow cooker',
    text: `Slow cooker chocolate orange fudge

500g chocolate orange, broken up
397g can condensed milk
15g butter

1. Place everything in the slow cooker pot.
2. Leave the lid off and cook on high for 1 hour, stirring every 15 minutes.
3. Pour into a lined 20cm square tin.
4. Once cooled, refrigerate overnight.
5. Cut into 36 pieces.`,
    tin: '200x200',
    mixtures: { fudge: 'chocolate orange, condensed, butter' },
    layers: ['fudge'],
    waits: { fudge: 'fridge 0' },
    cut: 36,
    keep: null,
  },
  {
    name: 'chewy caramel apple oat bars, three parts baked together',
    text: `Caramel apple oat bars

Crust & crumble
2 cups flour
2 cups quick oats
1 cup packed brown sugar
1 tsp baking soda
1/4 tsp salt
1 cup butter, melted

Filling
3 cups peeled diced apples
2 tbsp flour
1 tsp cinnamon
1 cup caramel sauce

1. Preheat oven to 350. Grease a 9x13 pan.
2. Stir together crust ingredients until crumbly. Press half into pan. Bake 10 min.
3. Toss apples with flour and cinnamon and layer on the hot crust. Drizzle with caramel sauce. Crumble remaining oat mixture over the top.
4. Bake another 25-30 min until golden. Cool, then refrigerate 2 hrs. Cut in 24.`,
    tin: '330x229',
    mixtures: {
      crust: 'flour, oats, brown sugar, soda, salt, butter',
      apples: 'apples, 2 tbsp flour, cinnamon',
      caramel: 'caramel sauce',
    },
    layers: ['crust', 'apples', 'caramel', 'crust:scatter'],
    bakes: ['10 @177', '25 @177'],
    waits: { crust: 'fridge 120' },
    cut: 24,
    keep: null,
  },
  {
    name: 'layered jelly and cream slab, German translated',
    text: `Raspberry quark slices

Dough: 125 g butter, 100 g sugar, 2 eggs, 150 g flour, 1 teaspoon baking powder.
Cream: 500 g quark, 80 g sugar, 200 ml cream, 6 sheets gelatine.
Covering: 400 g raspberries, 1 packet clear cake glaze, 250 ml water.

Stir butter and sugar foamy, eggs thereto, flour mixed with baking powder under it. Spread on a deep baking tray of 30x20 cm, bake 20 minutes at 180 degrees. Let cool down.
Soak the gelatine, squeeze out and dissolve in 3 spoons of warm quark. Stir into the rest of the quark with the sugar. Fold in the whipped cream. Spread on the base and put 2 hours cold.
Distribute the raspberries on it. Boil the glaze with the water and pour over the fruits. Let set 30 minutes in the fridge. Cut in 15 slices. Eat within 2 days.`,
    tin: '300x200',
    mixtures: {
      dough: 'butter, sugar, eggs, flour, baking powder',
      cream: 'quark, sugar, cream, gelatine',
      berries: 'raspberries',
      glaze: 'glaze, water',
    },
    layers: ['dough', 'cream', 'berries:scatter', 'glaze'],
    bakes: ['20 @180'],
    waits: { cream: 'fridge 120', glaze: 'fridge 30' },
    cut: 15,
    keep: 'room 2',
  },
  {
    name: 'nutty seed bar, honey cooked, sheet',
    text: `Nut & seed bars
Ingredients (10 bars): 150 g almonds, 100 g cashews, 50 g pumpkin seeds, 30 g puffed rice, 120 g honey, 40 g glucose syrup, 2 g salt.
Method: Toast the nuts and seeds at 160°C for 10 minutes. Heat the honey, glucose and salt to 125°C. Tip in the warm nuts, seeds and the rice and stir fast. Press into a 20 x 15 cm frame with an oiled roller. After 15 minutes, while still warm, cut into 10 bars. Wrap airtight. Shelf life 3 months.`,
    tin: '200x150',
    mixtures: { bars: 'almonds, cashews, pumpkin, rice, honey, glucose, salt @125' },
    layers: ['bars'],
    bakes: ['10 @160'],
    cut: 10,
    keep: 'room 90',
  },
  {
    name: 'pecan pie bars, step headings, American blog',
    text: `The Best Pecan Pie Bars

These are a Thanksgiving staple around here!

Prep Time: 20 mins   Cook Time: 45 mins   Servings: 24 bars

For the shortbread crust:
- 2 cups all-purpose flour
- 1/2 cup granulated sugar
- 1/4 teaspoon salt
- 3/4 cup cold unsalted butter, cubed

For the pecan topping:
- 4 large eggs
- 1 1/2 cups light corn syrup
- 1 1/2 cups packed brown sugar
- 3 tablespoons butter, melted
- 2 teaspoons vanilla extract
- 2 1/2 cups chopped pecans

Make the crust: Preheat oven to 350°F and line a 9x13 baking pan with foil, leaving an overhang. Pulse flour, sugar and salt in a food processor. Add butter and pulse until crumbly. Press firmly into pan. Bake 18-20 minutes, until lightly golden.

Make the topping: While the crust bakes, whisk eggs, corn syrup, brown sugar, melted butter and vanilla until smooth. Stir in pecans.

Assemble: Pour topping over hot crust. Return to the oven and bake 25-30 minutes, until set around the edges. Cool completely on a wire rack, about 2 hours, before cutting into bars.

Storage: Cover and refrigerate for up to 5 days.`,
    tin: '330x229',
    mixtures: {
      crust: 'flour, granulated, salt, cold unsalted butter',
      topping: 'eggs, corn syrup, brown sugar, melted, vanilla, pecans',
    },
    layers: ['crust', 'topping'],
    bakes: ['18 @177', '25 @177'],
    waits: { topping: 'room 120' },
    cut: 24,
    keep: 'fridge 5',
  },
  {
    name: 'Swedish chocolate balls as slab, translated',
    text: `Chokladrutor (chocolate squares)

Base:
150 g butter
2 1/2 dl sugar
2 eggs
3 dl flour
2 tsp baking powder
1 tbsp vanilla sugar
2 tbsp cocoa
1 1/2 dl milk

Frosting:
75 g butter
1 1/2 tbsp cold coffee
1 tbsp cocoa
1 tsp vanilla sugar
3 dl powdered sugar

Garnish: 1 dl coconut flakes

Set the oven at 175 degrees. Melt the butter and let cool. Whip egg and sugar light and fluffy. Mix all dry ingredients and stir into the batter together with butter and milk. Spread the batter in a lined roasting pan, 30 x 40 cm. Bake in the middle of the oven for 15 minutes.
Melt the butter for the frosting and add coffee, cocoa, vanilla sugar and powdered sugar. Stir until smooth. Spread the frosting over the lukewarm cake and sprinkle with coconut. Let it set in the fridge. Cut 40 squares. They can be frozen.`,
    tin: '400x300',
    mixtures: {
      base: '150 g butter, 2 1/2 dl, eggs, flour, baking powder, 1 tbsp vanilla, 2 tbsp cocoa, milk',
      frosting: '75 g butter, coffee, 1 tbsp cocoa, 1 tsp vanilla, powdered',
      garnish: 'coconut',
    },
    layers: ['base', 'frosting', 'garnish:scatter'],
    bakes: ['15 @175'],
    waits: { frosting: 'fridge 0' },
    cut: 40,
    keep: null,
  },
  {
    name: 'almond buttercrunch both sides, family recipe',
    text: `GRANDMA'S BUTTERCRUNCH

1 c. butter
1 1/3 c. sugar
1 Tbsp. light corn syrup
3 Tbsp. water
1 c. coarsely chopped toasted almonds
4 (4.5 oz) bars milk chocolate, melted
1 c. finely chopped toasted almonds

Melt butter in large saucepan. Add sugar, corn syrup and water. Cook, stirring occasionally, to hard crack stage (300°), watch carefully after 280°. Quickly stir in coarsely chopped nuts. Spread in well-greased 13x9x2 pan. Cool thoroughly. Turn out on waxed paper. Spread top with half the chocolate. Sprinkle with half of finely chopped nuts. Cover with waxed paper, invert, and spread again with chocolate, top with remaining nuts. If necessary, chill to firm chocolate. Break in pieces.`,
    tin: '330x229',
    mixtures: {
      crunch: 'butter, sugar, corn syrup, water, coarsely @149',
      chocolate: 'milk chocolate',
      nuts: 'finely',
    },
    layers: ['crunch', 'chocolate:both-faces', 'nuts:scatter'],
    cut: 'break',
    keep: null,
  },
  {
    name: 'peanut caramel slice, no bake, Australian magazine',
    text: `Peanut caramel slice
SERVES 24 PREP 20 MINS (+ 3 HOURS CHILLING)

250g packet choc ripple biscuits
125g unsalted butter, melted
395g can sweetened condensed milk
100g butter, extra
1/2 cup (100g) firmly packed brown sugar
1 cup (140g) salted roasted peanuts
200g dark chocolate, chopped
2 tsp vegetable oil

1 Grease and line a 16cm x 26cm slice pan. Process biscuits until fine crumbs. Add melted butter; process until combined. Press over base of pan. Chill 30 minutes.
2 Combine condensed milk, extra butter and sugar in a saucepan over medium-low heat; stir 10 minutes or until thick and golden. Stir in half the peanuts. Spread over base. Chill 1 hour.
3 Stir chocolate and oil in a heatproof bowl over simmering water until smooth. Pour over caramel; scatter with remaining peanuts. Chill 1 1/2 hours or until set. Cut into 24 pieces. Keeps in fridge up to 1 week.`,
    tin: '260x160',
    mixtures: {
      base: 'biscuits, unsalted butter',
      caramel: 'condensed, butter, extra, brown sugar, peanuts @106',
      top: 'dark chocolate, oil',
      nuts: 'peanuts',
    },
    layers: ['base', 'caramel', 'top', 'nuts:scatter'],
    waits: { base: 'fridge 30', caramel: 'fridge 60', top: 'fridge 90' },
    cut: 24,
    keep: 'fridge 7',
  },
  {
    name: 'Turron de Alicante style, Spanish translated',
    text: `Hard almond turron

Ingredients: 500 g Marcona almonds, 250 g honey, 150 g sugar, 1 egg white, 2 sheets of wafer (30x20 cm)

Preparation:
Toast the almonds at 170ºC for 10 minutes. Put the honey in a casserole and heat until it boils. Add the sugar and cook until 150ºC stirring. Beat the egg white to snow and incorporate it to the honey little by little off the fire. Return to a low fire 10 minutes stirring. Incorporate the hot almonds. Pour on one wafer in a mould of 30x20 cm, extend with a wet spatula and cover with the second wafer. Leave to cool with weight on top 6 hours. Cut in 20 portions. Keep in a dry place up to 3 months.`,
    tin: '300x200',
    mixtures: { turron: 'almonds, honey, sugar, egg white @150' },
    layers: ['turron'],
    bakes: ['10 @170'],
    waits: { turron: 'room 360' },
    cut: 20,
    keep: 'room 90',
  },
  {
    name: 'duo ganache slab, professional',
    text: `DUO GANACHE SLAB (frame 30 x 30 cm x 10 mm)

Milk ganache - 5 mm
cream 35% 210 g
invert sugar 30 g
milk couverture 450 g
butter 40 g

Dark ganache - 5 mm
cream 35% 260 g
glucose 40 g
dark couverture 66% 340 g
butter 50 g

Coating: tempered dark couverture 600 g

Milk: bring cream and invert sugar to the boil, pour on the chopped couverture, emulsify, add butter at 35 C. Pour into frame, level. Crystallise 12 h at 16 C.
Dark: idem. Pour on the milk ganache. Crystallise 24 h at 16 C.
Spread a thin film of tempered couverture on the bottom, cut on the guitar 22.5 x 22.5 mm, dip.
Shelf life 6 weeks at 16 C.`,
    tin: '300x300',
    mixtures: {
      milk: 'cream, invert, milk couverture, 40 g butter',
      dark: 'cream, glucose, dark couverture 66%, 50 g butter',
      coating: 'tempered',
    },
    layers: ['milk', 'dark', 'coating:coat'],
    waits: { milk: 'room 720', dark: 'room 1440' },
    cut: 169,
    keep: 'room 42',
  },
  {
    name: 'marshmallow cereal with browned butter',
    text: `Brown butter cereal treats

1 stick (113g) unsalted butter, plus more for the pan
1 (12-oz) bag marshmallows
Heaping 1/4 teaspoon coarse sea salt
6 cups puffed rice cereal

Butter an 8-inch square cake pan with 2-inch sides. In a large pot, melt butter over medium-low heat. It will melt, then foam, then turn clear golden and finally start to turn brown and smell nutty. Stir frequently. As soon as the butter takes on a nutty color, turn the heat off and stir in the marshmallows. Once they are melted, pull the pot off the stove and stir in the salt and cereal. Quickly spread into the prepared pan, pressing it firmly into the edges with waxed paper. Let cool, cut into 16 squares.`,
    tin: '203x203',
    mixtures: { treats: 'butter, marshmallows, salt, cereal' },
    layers: ['treats'],
    waits: { treats: 'room 0' },
    cut: 16,
    keep: null,
  },
  {
    name: 'lemon drizzle traybake, British newspaper',
    text: `Lemon drizzle traybake

Serves 15

225g soft butter
225g golden caster sugar
275g self-raising flour
2 tsp baking powder
4 eggs
4 tbsp milk
Finely grated zest of 2 lemons

For the drizzle
175g granulated sugar
Juice of 2 lemons

Preheat the oven to 160C fan/180C/gas mark 4. Grease a 30cm x 23cm traybake tin and line the base.
Measure all the cake ingredients into a large bowl and beat for 2 minutes until blended. Turn into the tin and level the surface. Bake for 35-40 minutes until the cake has shrunk from the sides.
Mix the sugar and lemon juice and spoon evenly over the cake while it is still a little warm. Allow to cool completely, then cut into 15 pieces.`,
    tin: '300x230',
    mixtures: {
      cake: 'butter, caster, flour, baking powder, eggs, milk, zest',
      drizzle: 'granulated, juice',
    },
    layers: ['cake', 'drizzle'],
    bakes: ['35 @180'],
    waits: { drizzle: 'room 0' },
    cut: 15,
    keep: null,
  },
  {
    name: 'pistachio rose marzipan slab, tidy',
    text: `Pistachio and rose marzipan

200 g ground pistachios
200 g icing sugar
1 pasteurised egg white
2 tsp rose water
100 g dark chocolate
1 tbsp dried rose petals

Mix the pistachios with the icing sugar. Work in the egg white and rose water to a firm paste. Roll out between two sheets of baking paper to a rectangle of 24 x 16 cm. Melt the chocolate and brush a thin layer over the top. Scatter the petals before it sets. Leave at room temperature for 2 hours. Cut into 24 pieces. Keeps for 10 days in an airtight box.`,
    tin: '240x160',
    mixtures: { marzipan: 'pistachios, icing, egg white, rose water', chocolate: 'chocolate', petals: 'petals' },
    layers: ['marzipan', 'chocolate', 'petals:scatter'],
    waits: { chocolate: 'room 120' },
    cut: 24,
    keep: 'room 10',
  },
  {
    name: 'tablet, Scottish, spoken',
    text: `My gran's tablet. You want 2lb granulated sugar, a half pint of full cream milk, 4oz butter and a large tin of condensed milk. Put the sugar, milk and butter in your biggest pot and let it come slowly to the boil, stirring. Once it's boiling add the condensed milk and keep it at a rolling simmer for 20 minutes, stirring all the time so it doesn't catch - it should be the colour of caramel, 118C if you have a thermometer. Take it off and beat hell out of it for five minutes till it starts to grain. Pour into a buttered tin 12 inches by 8, mark it in squares when it's half set and leave it be. Makes about 60.`,
    tin: '305x203',
    mixtures: { tablet: 'granulated sugar, milk, butter, condensed @118' },
    layers: ['tablet'],
    waits: { tablet: 'room 0' },
    cut: 60,
    keep: null,
  },
  {
    name: 'gingerbread slab, iced, British',
    text: `Sticky ginger slab with lemon icing

You will need
200g black treacle, 100g golden syrup, 150g butter, 150g dark muscovado sugar
300g self-raising flour, 1 tbsp ground ginger, 1 tsp mixed spice
2 eggs, 150ml milk, 4 balls of stem ginger, chopped
For the icing: 200g icing sugar, 3 tbsp lemon juice

1. Heat the oven to 160C (fan 140C). Line a 20x30cm tin.
2. Gently melt the treacle, syrup, butter and sugar together, then cool for 10 minutes.
3. Beat in the eggs and milk, then whisk in the flour and spices. Stir in the stem ginger.
4. Pour into the tin and bake for 40-45 minutes.
5. When cold, mix the icing sugar with enough lemon juice to make a thick icing and spread over the top.
6. Leave to set for an hour, cut into 24. Even better after 2 days; keeps a week wrapped in foil.`,
    tin: '300x200',
    mixtures: {
      cake: 'treacle, syrup, butter, muscovado, flour, ground ginger, spice, eggs, milk, stem ginger',
      icing: 'icing sugar, lemon juice',
    },
    layers: ['cake', 'icing'],
    bakes: ['40 @160'],
    waits: { icing: 'room 60' },
    cut: 24,
    keep: 'room 7',
  },
  {
    name: 'key lime pie bars, frozen, American',
    text: `Frozen Key Lime Pie Bars

Crust:
1 1/2 cups graham cracker crumbs (about 12 sheets)
1/4 cup sugar
6 tbsp unsalted butter, melted

Filling:
1 (14-ounce) can sweetened condensed milk
1/2 cup key lime juice
1 tbsp lime zest
1 cup heavy cream, cold

Preheat the oven to 350°F. Line an 8-inch square pan with parchment, leaving overhang. Mix crumbs, sugar and butter, press into the pan and bake 8 minutes. Cool.
Whisk the condensed milk, juice and zest. Whip the cream to stiff peaks and fold in. Pour over crust, smooth, and freeze until firm, at least 6 hours or overnight.
Lift out, cut into 9 bars and serve frozen. Keeps in freezer for 2 weeks.`,
    tin: '203x203',
    mixtures: {
      crust: 'graham, sugar, butter',
      filling: 'condensed, lime juice, zest, cream',
    },
    layers: ['crust', 'filling'],
    bakes: ['8 @177'],
    waits: { filling: 'freezer 360' },
    cut: 9,
    keep: 'freezer 14',
  },
  {
    name: 'cashew brittle, microwave',
    text: `Microwave cashew brittle

1 cup sugar
1/2 cup corn syrup
1 cup roasted cashews
1 tsp butter
1 tsp vanilla
1 tsp baking soda

Combine sugar and syrup in a 2-quart microwave-safe bowl. Microwave on high 4 minutes. Stir in cashews; microwave on high 3 to 5 minutes, until light brown. Add butter and vanilla, blending well. Microwave on high 1 to 2 minutes. Gently stir in baking soda until light and foamy. Immediately pour onto a greased 10x15-inch baking sheet, spreading thin. Let cool 30 minutes to 1 hour. Break into pieces. Store in an airtight container up to 3 weeks.`,
    tin: '381x254',
    mixtures: { brittle: 'sugar, corn syrup, cashews, butter, vanilla, soda' },
    layers: ['brittle'],
    waits: { brittle: 'room 30' },
    cut: 'break',
    keep: 'room 21',
  },
  {
    name: 'chocolate biscuit cake, Hungarian translated, rolled in coconut',
    text: `Coconut cubes

For the dough:
3 eggs
200 g sugar
250 ml milk
100 ml oil
300 g flour
1 sachet (12 g) baking powder

For the dip:
200 ml milk
150 g sugar
100 g butter
40 g cocoa
150 g grated coconut for rolling

Whisk the eggs with the sugar until fluffy, mix in the milk and oil alternately with the flour mixed with the baking powder. Pour into a greased and floured pan (25 x 35 cm) and bake in a 180 degree oven for about 25 minutes (needle test!). Let it cool and cut into 35 cubes.
Bring the milk, sugar, butter and cocoa to the boil and simmer for 3 minutes. Dip the cubes in the lukewarm sauce, then roll in the coconut. Place on a rack for 1 hour. Stays fresh for 3-4 days in a closed box.`,
    tin: '350x250',
    mixtures: {
      dough: 'eggs, 200 g sugar, 250 ml milk, oil, flour, baking powder',
      dip: '200 ml milk, 150 g sugar, butter, cocoa',
      coconut: 'coconut',
    },
    layers: ['dough', 'dip:coat', 'coconut:coat'],
    bakes: ['25 @180'],
    cut: 35,
    keep: 'room 3',
  },
  {
    name: 'chocolate fudge with nuts, US cooperative extension sheet',
    text: `CREAMY CHOCOLATE FUDGE
Yield: about 1 1/2 pounds, 36 pieces

2 cups sugar
3/4 cup milk
2 squares (2 oz.) unsweetened chocolate
1 teaspoon light corn syrup
dash salt
2 tablespoons butter
1 teaspoon vanilla
1/2 cup chopped walnuts

Butter the sides of a heavy 2-quart saucepan. In it combine sugar, milk, chocolate, corn syrup and salt. Cook and stir over medium heat until sugar dissolves and mixture comes to boiling. Cook to soft ball stage (234°F), stirring only if necessary. Immediately remove from heat; add butter without stirring. Cool without stirring to lukewarm (110°F). Add vanilla. Beat vigorously until fudge becomes very thick and starts to lose its gloss. Quickly stir in nuts. Spread in a buttered 8x8x2-inch pan. Score while warm; cut when firm.`,
    tin: '203x203',
    mixtures: { fudge: 'sugar, milk, chocolate, corn syrup, salt, butter, vanilla, walnuts @112' },
    layers: ['fudge'],
    cut: 36,
    keep: null,
  },
  {
    name: 'energy squares, dates and nuts, list after',
    text: `Blitz 250g pitted dates with 100g almonds, 50g walnuts, 3 tbsp cocoa, 2 tbsp almond butter and a pinch of salt until it sticks together when pinched. Press into a lined 20cm square tin with the back of a spoon. Chill for 1 hour. Melt 100g dark chocolate with 1 tsp coconut oil, pour over and scatter over 20g chopped almonds. Put back in the fridge for 30 minutes, cut into 16 and keep chilled for up to 2 weeks.`,
    tin: '200x200',
    mixtures: {
      base: 'dates, almonds, walnuts, cocoa, almond butter, salt',
      top: 'dark chocolate, coconut oil',
      nuts: '20g chopped almonds',
    },
    layers: ['base', 'top', 'nuts:scatter'],
    waits: { base: 'fridge 60', top: 'fridge 30' },
    cut: 16,
    keep: 'fridge 14',
  },
  {
    name: 'vanilla slice, Australian custard between pastry',
    text: `Vanilla slice

2 sheets frozen puff pastry, thawed
1 litre milk
1 cup caster sugar
3/4 cup custard powder
1/2 cup cornflour
60g butter
2 egg yolks
2 tsp vanilla

Icing
1 1/2 cups icing sugar
2 tbsp passionfruit pulp
10g butter

Preheat oven to 220°C. Place each pastry sheet on a tray, top with another tray and bake 20 minutes until golden. Cool. Trim to fit a 22cm square pan lined with foil; put one sheet in the base.
Whisk custard powder, cornflour and sugar with a little of the milk until smooth. Stir in the rest of the milk and cook over medium heat, stirring, until it boils and thickens. Beat in butter, yolks and vanilla. Pour the hot custard over the pastry and top with the other sheet, pressing lightly.
Combine the icing ingredients and spread over. Refrigerate for 4 hours. Cut into 12.`,
    tin: '220x220',
    mixtures: {
      pastry: 'pastry',
      custard: 'milk, caster, custard, cornflour, 60g butter, yolks, vanilla',
      icing: 'icing sugar, passionfruit, 10g butter',
    },
    layers: ['pastry', 'custard', 'pastry', 'icing'],
    bakes: ['20 @220'],
    waits: { icing: 'fridge 240' },
    cut: 12,
    keep: null,
  },
  {
    name: 'saltine toffee, chatty',
    text: `Cracker toffee (aka Christmas crack)

So you need 40 saltine crackers, 1 cup butter, 1 cup packed brown sugar, 2 cups chocolate chips and 3/4 cup chopped pecans.

Line a 10x15 inch jelly roll pan with foil, grease it, and lay the crackers in a single layer. Boil the butter and brown sugar for 3 minutes, pour over the crackers, and bake at 400°F for 5 minutes until bubbly. Sprinkle the chips on top while hot, wait 5 minutes and spread them out. Sprinkle pecans. Chill for 1 hr then break it up. Lasts a week in the fridge if you hide it!`,
    tin: '381x254',
    mixtures: { crackers: 'cracker', toffee: 'butter, brown sugar', chips: 'chips', pecans: 'pecans' },
    layers: ['crackers', 'toffee', 'chips', 'pecans:scatter'],
    bakes: ['5 @204'],
    waits: { pecans: 'fridge 60' },
    cut: 'break',
    keep: 'fridge 7',
  },
  {
    name: 'praline slab, hazelnut gianduja, professional French translated',
    text: `Crunchy praline slab 36 x 26 x 1 cm

300 g milk chocolate
120 g cocoa butter
600 g hazelnut praline 60 %
200 g crushed lace crepes (feuilletine)
2 g fleur de sel

Melt the chocolate with the cocoa butter at 45 °C. Mix with the praline, temper the mass to 24 °C. Fold in the feuilletine and the salt. Pour into the frame, level. Leave to crystallise 12 hours at 17 °C. Cut on the guitar into 2.25 x 2.25 cm or bars of 2.25 x 9 cm. Enrobe with milk chocolate.`,
    tin: '360x260',
    mixtures: { slab: 'milk chocolate, cocoa butter, praline, feuilletine, sel' },
    layers: ['slab'],
    waits: { slab: 'room 720' },
    cut: 176,
    keep: null,
  },
  {
    name: 'oat crunch, sloppy, one tin',
    text: `ozzies crunch - 1c each of oats / coconut / flour / brown sug, 125g marg, 2T g.syrup, 1/2t bicarb + 2T hot water

mix the dry. melt marg + syrup, bicarb in the hot water then into the marg (fizzes) & into the dry. squash into a lamington tin (20x30), 150C for 30ish. cut in 20 while warm. cool in tin`,
    tin: '300x200',
    mixtures: { crunch: 'oats, coconut, flour, brown sug, marg, syrup, bicarb, water' },
    layers: ['crunch'],
    bakes: ['30 @150'],
    waits: { crunch: 'room 0' },
    cut: 20,
    keep: null,
  },
  {
    name: 'vanilla fudge, condensed milk, British',
    text: `Seaside fudge

397g tin condensed milk
150ml milk
450g demerara sugar
115g butter
1 tsp vanilla extract

Line a 20cm square tin with baking parchment.
Put everything except the vanilla into a large non-stick saucepan and melt over a low heat, stirring until the sugar dissolves.
Bring to the boil then simmer for 10-15 mins, stirring continuously and scraping the base of the pan. It is ready when it reaches 118C, or when a drop in cold water forms a soft ball.
Take off the heat, stir in the vanilla and leave to cool for 5 minutes. Beat with a wooden spoon for 10 minutes until thick and starting to set, then pour into the tin.
Leave to set at room temperature for 4 hours, then cut into 36 squares. Keeps for 2 weeks in an airtight tin.`,
    tin: '200x200',
    mixtures: { fudge: 'condensed, 150ml milk, demerara, butter, vanilla @118' },
    layers: ['fudge'],
    waits: { fudge: 'room 240' },
    cut: 36,
    keep: 'room 14',
  },
  {
    name: 'peanut butter bars, no bake, American',
    text: `No-Bake Peanut Butter Bars

For the base:
1 cup (227g) unsalted butter, melted
2 cups (200g) graham cracker crumbs
2 cups (240g) powdered sugar
1 cup (250g) creamy peanut butter

For the topping:
1 1/2 cups (255g) semi-sweet chocolate chips
1/4 cup (63g) creamy peanut butter

Instructions
1. Line a 9x13-inch pan with foil, leaving an overhang on all sides.
2. Mix the melted butter, graham cracker crumbs, and powdered sugar together in a medium bowl. Stir in 1 cup peanut butter. Press evenly into the prepared pan.
3. Melt 1/4 cup peanut butter with the chocolate chips in the microwave in 20-second increments, stirring after each, until smooth. Spread over the peanut butter layer.
4. Chill until completely firm, at least 2 hours. Let sit at room temperature for 10 minutes before cutting. Lift out and slice into 24 bars.
Store leftovers covered in the refrigerator for up to 1 week.`,
    tin: '330x229',
    mixtures: { base: 'unsalted butter, graham, powdered, peanut', top: 'chips, peanut' },
    layers: ['base', 'top'],
    waits: { top: 'fridge 120' },
    cut: 24,
    keep: 'fridge 7',
  },
  {
    name: 'millionaires, terse metric notes',
    text: `millionaires - 30x20 tin, gives 30

short
300 plain flour
100 caster
200 butter

caramel
2 tins cond milk (397g each)
200 butter
4 tbsp syrup
1/2 tsp salt

top
300 milk choc
50 white choc

rub flour butter sugar, press in, prick, 170C 25-30 min till pale gold. cool
caramel: all in pan, melt, boil gently stirring 8 min to 108C. pour on, cool 1hr
melt chocs separately, milk over, drizzle the white and swirl w/ skewer. set, cut w/ hot knife`,
    tin: '300x200',
    mixtures: {
      short: 'flour, caster, butter',
      caramel: 'cond milk, butter, syrup, salt @108',
      milk: 'milk choc',
      white: 'white choc',
    },
    layers: ['short', 'caramel', 'milk+white'],
    bakes: ['25 @170'],
    waits: { caramel: 'room 60' },
    cut: 30,
    keep: null,
  },
  {
    name: 'honey nougat, translated Italian',
    text: `Soft nougat with almonds

Ingredients
300 g honey
300 g sugar
100 g water
100 g glucose syrup
2 egg whites
500 g toasted almonds
100 g pistachios
Rice paper (wafer) sheets

Procedure
Heat the honey in a small saucepan to 125 °C. In a second saucepan cook the sugar, the water and the glucose to 150 °C.
When the honey reaches 115 °C begin to whip the egg whites in the planetary mixer. Pour the honey in a thin stream on the whites while whipping; after 5 minutes add the syrup in the same way. Whip for another 10 minutes until the mass is firm.
Incorporate the hot almonds and pistachios with a wooden spatula. Spread the mass between two sheets of rice paper in a frame of 30 x 20 cm, pressing with a rolling pin. Leave to rest for 12 hours in a dry place. Cut into bars of 10 x 2.5 cm.`,
    tin: '300x200',
    mixtures: { nougat: 'whites, almonds, pistachios', honey: 'honey @125', syrup: 'sugar, water, glucose @150' },
    layers: ['nougat+honey+syrup'],
    waits: { nougat: 'room 720' },
    cut: 24,
    keep: null,
  },
  {
    name: 'peppermint bark, American',
    text: `PEPPERMINT BARK

12 ounces dark chocolate, chopped
1 pound white chocolate, chopped
1/2 teaspoon peppermint extract
6 candy canes, crushed

Line a baking sheet with parchment paper. Temper the dark chocolate, then spread it into a 10 x 12-inch rectangle. Let it set for 15 minutes, until almost firm.
Melt the white chocolate in a double boiler to 110°F; stir in the peppermint extract and let cool to 85°F. Spread over the dark layer and immediately sprinkle with the crushed candy canes. Let stand until completely firm, about 1 hour. Break into pieces.
Will keep in an airtight container at cool room temperature for 3 weeks.`,
    tin: '305x254',
    mixtures: { dark: 'dark', white: 'white, extract', canes: 'candy canes' },
    layers: ['dark', 'white', 'canes:scatter'],
    waits: { dark: 'room 15', white: 'room 60' },
    cut: 'break',
    keep: 'room 21',
  },
  {
    name: 'lemon bars, American',
    text: `Sharp Lemon Bars
Makes 16

Crust
1 cup all-purpose flour
1/4 cup confectioners' sugar
1/2 cup (1 stick) butter, softened

Filling
3 large eggs
1 1/2 cups granulated sugar
2 tablespoons flour
1/2 cup fresh lemon juice
1 tablespoon lemon zest

Confectioners' sugar for dusting

Preheat the oven to 350°F. Grease an 8-inch square baking pan.
In a bowl, mix flour, confectioners' sugar and butter with a pastry cutter until crumbly. Press onto the bottom of the pan. Bake 18 to 20 minutes, until lightly golden.
Meanwhile whisk the eggs and granulated sugar; beat in the flour, lemon juice and zest. Pour over the hot crust. Return to the oven and bake another 22 minutes, or until set with a slight jiggle.
Cool on a wire rack for 1 hour, then refrigerate 2 hours. Dust with confectioners' sugar just before serving and cut into squares.`,
    tin: '203x203',
    mixtures: {
      crust: 'all-purpose, 1/4 cup confectioners, butter',
      filling: 'egg, granulated, tablespoons flour, juice, zest',
      dust: 'dusting',
    },
    layers: ['crust', 'filling', 'dust:scatter'],
    bakes: ['18 @177', '22 @177'],
    waits: { filling: 'fridge 180' },
    cut: 16,
    keep: null,
  },
  {
    name: 'hedgehog slice, Australian',
    text: `Hedgehog slice
250g plain biscuits (like Marie), crushed roughly
1/2 cup chopped walnuts
125g butter
1/2 cup caster sugar
2 tbs cocoa
1 egg, lightly beaten
200g dark chocolate
20g coconut fat

Grease and line a 20cm x 30cm lamington tin.
Melt the butter in a saucepan with the sugar and cocoa, stirring until sugar has dissolved. Remove from heat, cool slightly and whisk in the egg. Return to a low heat and stir for 1 min until thickened, don't boil.
Mix in the biscuits and walnuts. Press into the tin firmly with the back of a spoon. Chill for 30 mins.
Melt chocolate and coconut fat together and spread over the top. Mark with a fork. Refrigerate for 1 hr or until set. Cut into 24 fingers. Keep in the fridge up to 5 days.`,
    tin: '300x200',
    mixtures: { slice: 'biscuits, walnuts, butter, sugar, cocoa, egg', top: 'chocolate, coconut fat' },
    layers: ['slice', 'top'],
    waits: { slice: 'fridge 30', top: 'fridge 60' },
    cut: 24,
    keep: 'fridge 5',
  },
  {
    name: 'flapjack with dates, British',
    text: `Sticky date flapjacks

For the filling: 250g chopped dates, 100ml water, juice of half a lemon
For the oats: 250g butter, 200g light muscovado sugar, 3 tbsp golden syrup, 400g porridge oats, pinch of salt

Heat oven to 160C fan. Line a 23cm square tin.
Simmer the dates with the water and lemon juice for 5 mins until soft, then mash to a paste.
Melt the butter, sugar and syrup in a large pan, then stir in the oats and salt.
Press half the oats into the tin, spread over the dates and top with the remaining oats. Bake for 30-35 mins until golden. Cool completely in the tin, then cut into 16.`,
    tin: '230x230',
    mixtures: { filling: 'dates, water, lemon', oats: 'butter, muscovado, syrup, oats, salt' },
    layers: ['oats', 'filling', 'oats'],
    bakes: ['30 @160'],
    waits: { oats: 'room 0' },
    cut: 16,
    keep: null,
  },
  {
    name: 'marshmallow slab, home, British',
    text: `Raspberry marshmallows

vegetable oil, for the tin
50g icing sugar and 50g cornflour, sifted together
10 sheets leaf gelatine
500g granulated sugar
4 tsp liquid glucose
200ml water
2 egg whites
100g raspberry puree

Oil a 20 x 30cm tin and dust it with some of the icing sugar mixture. Soak the gelatine in cold water.
Put the sugar, glucose and water in a heavy pan, bring to the boil and cook until it reaches 127C on a thermometer.
Meanwhile whisk the egg whites until stiff. Squeeze out the gelatine and stir it into the hot syrup, then pour the syrup slowly over the whites, whisking all the time. Whisk for 10 minutes until thick and holding its shape. Fold in the raspberry puree.
Scrape into the tin and smooth the top. Leave for 3 hours at room temperature. Turn out onto a board dusted with the rest of the icing sugar mixture, cut into 48 cubes and roll each in the sugar.`,
    tin: '300x200',
    mixtures: {
      dust: 'icing sugar, cornflour',
      syrup: 'granulated, glucose, water, gelatine @127',
      mallow: 'whites, puree',
    },
    layers: ['mallow+syrup', 'dust:coat'],
    waits: { mallow: 'room 180' },
    cut: 48,
    keep: null,
  },
  {
    name: 'brownies, American, walnut',
    text: `Fudgy Walnut Brownies

10 tablespoons butter
1 1/4 cups sugar
3/4 cup unsweetened cocoa powder
1/4 teaspoon salt
1 teaspoon vanilla
2 cold large eggs
1/2 cup flour
2/3 cup walnut pieces

1. Position a rack in the lower third of the oven and preheat to 325°F. Line an 8x8 pan with parchment.
2. Combine butter, sugar, cocoa and salt in a heatproof bowl and set over barely simmering water. Stir until melted and hot. Remove the bowl and set aside until just warm.
3. Stir in the vanilla. Add the eggs one at a time, stirring vigorously. Add the flour and stir until you can't see it, then beat 40 strokes. Stir in the nuts. Spread evenly in the pan.
4. Bake until a toothpick comes out slightly moist, 20 to 25 minutes. Let cool completely on a rack.
5. Lift up the ends of the parchment and cut into 16 or 25 squares.`,
    tin: '203x203',
    mixtures: { brownie: 'butter, sugar, cocoa, salt, vanilla, egg, flour, walnut' },
    layers: ['brownie'],
    bakes: ['20 @163'],
    waits: { brownie: 'room 0' },
    cut: 16,
    keep: null,
  },
  {
    name: 'peanut brittle, American',
    text: `Old-Fashioned Peanut Brittle

2 cups sugar
1 cup light corn syrup
1/2 cup water
1/4 tsp salt
2 cups raw Spanish peanuts
2 tbsp butter
1 tsp vanilla
2 tsp baking soda

Butter two large baking sheets and keep warm. In a 3-qt saucepan combine sugar, corn syrup, water and salt. Cook over medium heat, stirring until sugar dissolves. Cook to 250 degrees, then add peanuts. Continue cooking, stirring often, until mixture reaches 300 degrees (hard crack). Remove from heat; quickly stir in butter, vanilla and baking soda. Pour at once onto the baking sheets and stretch thin with two forks. Cool 1 hour. Break into pieces. Store in an airtight container up to 1 month.`,
    tin: null,
    mixtures: { brittle: 'cups sugar, corn syrup, water, salt, peanuts, butter, vanilla, soda @149' },
    layers: ['brittle'],
    waits: { brittle: 'room 60' },
    cut: 'break',
    keep: 'room 30',
  },
  {
    name: 'ice cream bars, frozen, American',
    text: `Mocha ice cream bars

24 chocolate sandwich cookies, crushed
5 Tbsp butter, melted
1.5 quarts coffee ice cream, softened
1 cup hot fudge sauce, at room temp
8 oz whipped topping
1/3 cup toasted almonds

1. Mix cookie crumbs and butter and press into the bottom of a 9 x 13 pan. Freeze 15 minutes.
2. Spread the ice cream over the crust. Freeze for 1 hour.
3. Spread the fudge sauce over the ice cream, then top with the whipped topping. Sprinkle with almonds.
4. Freeze at least 4 hours or overnight. Take out 10 min. before cutting into 15 bars. Keeps a month in the freezer, wrapped.`,
    tin: '330x229',
    mixtures: { crust: 'cookies, butter', ice: 'ice cream', fudge: 'fudge', topping: 'whipped', almonds: 'almonds' },
    layers: ['crust', 'ice', 'fudge', 'topping', 'almonds:scatter'],
    waits: { crust: 'freezer 15', ice: 'freezer 60', topping: 'freezer 240' },
    cut: 15,
    keep: 'freezer 30',
  },
  {
    name: 'dipped coconut bars, translated German',
    text: `Coconut bars with chocolate

For approx. 20 pieces

200 g coconut flakes
200 ml coconut milk
80 g sugar
50 g coconut fat
For coating: 300 g dark couverture

Preparation: Heat the coconut milk with the sugar and the coconut fat, until everything is dissolved. Stir in the coconut flakes and let it swell for 15 minutes. Put the mass into a box lined with cling film (20 x 16 cm) and press firmly. Put in the refrigerator for 3 hours.
Turn out the plate and cut into 20 bars. Freeze these for 30 minutes. Temper the couverture, dip the bars in it with a fork, and let them dry on baking paper. Store cool; they keep about 2 weeks.`,
    tin: '200x160',
    mixtures: { bar: 'flakes, coconut milk, sugar, coconut fat', coat: 'couverture' },
    layers: ['bar', 'coat:coat'],
    waits: { bar: 'fridge 180' },
    cut: 20,
    keep: 'room 14',
  },
  {
    name: 'cinder toffee, chocolate coated, British sloppy',
    text: `Honeycomb
200g caster, 5 tbsp golden syrup, 2 tsp bicarb. Then 200g milk choc.
Butter a 20cm square tin well. Sugar & syrup in a deep pan on low till melted, don't stir once it bubbles. Turn up a bit and simmer until amber (about 150C on a thermometer). Off the heat, tip in the bicarb and beat quickly - it will foam right up, VERY hot. Scrape straight into the tin. Leave 1 hr 30 to harden. Bash into chunks, dip them in the melted choc and leave on parchment.`,
    tin: '200x200',
    mixtures: { toffee: 'caster, syrup, bicarb @150', choc: 'choc' },
    layers: ['toffee', 'choc:coat'],
    waits: { toffee: 'room 90' },
    cut: 'break',
    keep: null,
  },
  {
    name: 'pecan pie squares, American',
    text: `Pecan Pie Squares

CRUST:
3 cups flour
6 tablespoons sugar
3/4 cup butter, softened
3/4 teaspoon salt

FILLING:
4 eggs, slightly beaten
1 1/2 cups sugar
1 1/2 cups light corn syrup
3 tablespoons butter, melted
1 1/2 teaspoons vanilla
2 1/2 cups chopped pecans

Heat oven to 350 degrees. Grease a jelly roll pan, 15 1/2 x 10 1/2 x 1 inch. Beat flour, 6 tablespoons sugar, the softened butter and salt in a large bowl until crumbly (mixture will be dry). Press firmly in pan. Bake until light golden brown, about 20 minutes.
For the filling: mix all ingredients except pecans until well blended. Stir in pecans. Pour over baked layer; spread evenly. Bake until filling is set, about 25 minutes. Cool. Cut into 1 1/2-inch squares.`,
    tin: '394x267',
    mixtures: {
      crust: 'flour, tablespoons sugar, 3/4 cup butter, salt',
      filling: 'egg, cups sugar, corn syrup, tablespoons butter, vanilla, pecans',
    },
    layers: ['crust', 'filling'],
    bakes: ['20 @177', '25 @177'],
    waits: { filling: 'room 0' },
    cut: 70,
    keep: null,
  },
  {
    name: 'cereal treats with caramel, American',
    text: `Salted Caramel Cereal Treats

1 stick butter
1 (10 oz) bag mini marshmallows
6 cups crisp rice cereal
1/2 tsp flaky salt

CARAMEL: 25 soft caramels, 2 Tbsp heavy cream

Butter a 9-inch square pan.
Brown the butter in a big pot over medium heat, about 5 min. Add marshmallows and stir until melted. Off heat fold in the cereal. Press half of the cereal mixture into the pan.
Microwave caramels and cream in 30-second bursts until smooth. Pour over. Top with rest of the cereal mixture, pat down, sprinkle with the salt. Let set 1 hour before cutting into 16 squares. Best within 3 days.`,
    tin: '229x229',
    mixtures: { treats: 'butter, marshmallows, cereal', caramel: 'caramels, cream', salt: 'salt' },
    layers: ['treats', 'caramel', 'treats', 'salt:scatter'],
    waits: { treats: 'room 60' },
    cut: 16,
    keep: 'room 3',
  },
  {
    name: 'caramel shortbread, cook book British',
    text: `Caramel shortbread
Prep 30 mins, plus cooling | Cook 45 mins | Makes 24

For the shortbread
250g plain flour
75g golden caster sugar
175g cold butter, cubed

For the caramel
100g butter
100g light muscovado sugar
2 x 397g cans condensed milk

For the topping
200g plain or milk chocolate, broken into pieces

1 Heat oven to 180C/160C fan/gas 4. Grease and line a 20 x 30cm shallow baking tin.
2 Whizz the flour, sugar and butter in a food processor until it comes together. Press evenly into the tin and bake for 20-25 mins until very lightly browned. Cool.
3 Put the butter, sugar and condensed milk in a pan and heat gently until the sugar has dissolved. Bring to the boil, stirring all the time, then reduce the heat and simmer very gently, stirring constantly, for about 5 mins or until thickened slightly. Pour over the shortbread and leave to cool.
4 Melt the chocolate slowly in a bowl over a pan of hot water. Pour over the cold caramel and leave to set. Cut into squares or bars with a hot knife.`,
    tin: '300x200',
    mixtures: {
      shortbread: 'flour, caster, cold butter',
      caramel: '100g butter, muscovado, condensed',
      topping: 'chocolate',
    },
    layers: ['shortbread', 'caramel', 'topping'],
    bakes: ['20 @180'],
    waits: { caramel: 'room 0', topping: 'room 0' },
    cut: 24,
    keep: null,
  },
  {
    name: 'chocolate fudge, American, evaporated milk',
    text: `Mackinac-style Chocolate Fudge

4 cups sugar
1 can (12 oz) evaporated milk
1/2 cup butter
12 oz bittersweet chocolate chips
1 jar (7 oz) marshmallow creme
1 tsp vanilla
1 cup chopped walnuts (optional)

Line a 9-inch square pan with foil and butter the foil. Combine sugar, milk and butter in a heavy 3-quart saucepan; bring to a full rolling boil over medium heat, stirring constantly. Boil, stirring, until a candy thermometer reads 236°F, about 10 minutes. Remove from heat. Stir in chips and marshmallow creme until melted. Add vanilla and nuts; mix well. Pour into the pan. Cool at room temperature for 4 hours. Lift out with the foil and cut into 1-inch squares. Makes about 3 pounds.`,
    tin: '229x229',
    mixtures: { fudge: 'sugar, evaporated, butter, chips, creme, vanilla, walnuts @113' },
    layers: ['fudge'],
    waits: { fudge: 'room 240' },
    cut: 81,
    keep: null,
  },
  {
    name: 'ginger crunch, New Zealand',
    text: `Ginger Crunch

Base:
125g butter
1/2 cup sugar
1 1/2 cups flour
1 tsp baking powder
1 tsp ground ginger

Icing:
75g butter
3/4 cup icing sugar
2 Tbsp golden syrup
3 tsp ground ginger

Preheat oven to 190°C. Grease or line a 20x30cm sponge roll tin.
Cream butter and sugar until light and fluffy. Sift flour, baking powder and ginger together. Mix into creamed mixture. Turn dough out onto a lightly floured board. Knead well. Press dough into prepared tin. Bake for 20-25 minutes or until light brown.
Icing: In a small saucepan combine butter, icing sugar, golden syrup and ginger. Heat until butter is melted, stirring constantly.
Pour hot icing over base while hot and cut into 24 squares before it gets cold.`,
    tin: '300x200',
    mixtures: {
      base: '125g butter, cup sugar, flour, baking powder, 1 tsp ground ginger',
      icing: '75g butter, icing sugar, syrup, 3 tsp ground ginger',
    },
    layers: ['base', 'icing'],
    bakes: ['20 @190'],
    cut: 24,
    keep: null,
  },
  {
    name: 'rocky road with measurements in text, sloppy',
    text: `rocky road for the school fair

Melt 300g dark choc + 150g butter + 4 tbsp golden syrup in a big pan. Bash 250g digestives (not to dust!). Tip the biscuits, 100g mini marshmallows and 100g glace cherries into the pan and stir till everything is coated. Press into a lined 23cm square tin. Fridge 2 hrs. Dust with icing sugar & cut into 25.`,
    tin: '230x230',
    mixtures: { road: 'choc, butter, syrup, digestive, marshmallow, cherries' },
    layers: ['road'],
    waits: { road: 'fridge 120' },
    cut: 25,
    keep: null,
  },
  {
    name: 'turkish delight, translated',
    text: `Rose lokum

800 g sugar
1 litre water
1 tablespoon lemon juice
150 g cornstarch
1 teaspoon cream of tartar
2 tablespoons rose water
100 g powdered sugar + 50 g cornstarch for coating

Cook the sugar, the lemon juice and 400 ml of the water in a pot to 115 °C and set aside.
In another pot mix the cornstarch, the cream of tartar and the remaining water and cook, whisking, until it becomes a thick paste. Slowly add the syrup to the paste while stirring. Cook over low heat for 1 hour, stirring often, until it is golden. Stir in the rose water. Pour into an oiled 22 x 22 cm mould. Let it stand overnight at room temperature.
Turn out onto the powdered sugar mixture, cut into 49 cubes and roll them in it. Keep up to 1 month in a box, at room temperature.`,
    tin: '220x220',
    mixtures: {
      syrup: '800 g sugar, juice, water @115',
      paste: '150 g cornstarch, tartar, water, rose',
      coating: 'powdered, 50 g cornstarch',
    },
    layers: ['paste+syrup', 'coating:coat'],
    waits: { paste: 'room 480' },
    cut: 49,
    keep: 'room 30',
  },
  {
    name: 'cheesecake bars, American',
    text: `Raspberry Swirl Cheesecake Bars

Crust
1 1/2 cups graham cracker crumbs
5 tablespoons butter, melted
2 tablespoons sugar

Raspberry swirl
1 cup raspberries
2 tablespoons sugar

Filling
16 oz cream cheese, room temperature
1/2 cup sugar
2 large eggs
1 tsp vanilla

Heat oven to 325 F. Line an 8x8 inch pan with parchment.
Crust: stir together crumbs, butter and sugar. Press into the pan and bake 10 minutes.
Swirl: simmer the raspberries and sugar 5 minutes, then press through a sieve. Let cool.
Filling: beat cream cheese and sugar until smooth, beat in eggs one at a time, then vanilla. Pour over crust. Drop spoonfuls of the raspberry swirl on top and swirl with a knife. Bake 30 to 35 minutes until just set. Cool 1 hour, then chill at least 3 hours. Cut into 16 bars. Keeps 4 days in the fridge.`,
    tin: '203x203',
    mixtures: {
      crust: 'graham, butter, sugar',
      swirl: 'raspberries, sugar',
      filling: 'cream cheese, sugar, egg, vanilla',
    },
    layers: ['crust', 'filling+swirl'],
    bakes: ['10 @163', '30 @163'],
    waits: { filling: 'fridge 240' },
    cut: 16,
    keep: 'fridge 4',
  },
  {
    name: 'muesli bars, baked, Australian',
    text: `Lunchbox muesli bars

1 1/2 cups rolled oats
1/2 cup desiccated coconut
1/2 cup sultanas
1/4 cup pepitas
1/4 cup sunflower seeds
100g butter
1/3 cup honey
1/3 cup brown sugar

Preheat oven to 160C (140C fan-forced). Line an 18cm x 28cm slice pan with baking paper.
Combine oats, coconut, sultanas and seeds in a large bowl.
Stir butter, honey and sugar in a small saucepan over low heat until melted. Bring to the boil, then simmer without stirring for 3 minutes. Pour over the dry ingredients and mix to coat.
Press very firmly into the pan. Bake for 25 minutes or until golden. Cool completely in the pan. Cut into 12 bars. Store in an airtight container for up to 1 week.`,
    tin: '280x180',
    mixtures: { bar: 'oats, coconut, sultanas, pepitas, sunflower, butter, honey, sugar' },
    layers: ['bar'],
    bakes: ['25 @160'],
    waits: { bar: 'room 0' },
    cut: 12,
    keep: 'room 7',
  },
  {
    name: 'mint slice, three layers, numbered American',
    text: `Grasshopper Bars

BROWNIE LAYER
4 oz unsweetened chocolate
1 cup butter
4 eggs
2 cups sugar
1 cup flour

MINT LAYER
1/2 cup butter, softened
3 cups powdered sugar
2 Tbsp creme de menthe
1-2 drops green food coloring

GLAZE
6 oz chocolate chips
6 Tbsp butter

1. Preheat oven to 350. Grease a 13x9 pan.
2. Melt chocolate with 1 cup butter. Beat eggs and sugar; add chocolate mixture and flour. Pour in pan. Bake 25 min. Cool completely.
3. Beat mint layer ingredients until fluffy. Spread on cooled brownies. Chill 1 hour.
4. Melt chips with 6 Tbsp butter. Cool slightly, pour over mint layer and tilt to spread. Chill 1 hour more. Cut in 48 small squares. Store in fridge.`,
    tin: '330x229',
    mixtures: {
      brownie: 'unsweetened, 1 cup butter, egg, 2 cups sugar, flour',
      mint: '1/2 cup butter, powdered, menthe, coloring',
      glaze: 'chips, 6 tbsp butter',
    },
    layers: ['brownie', 'mint', 'glaze'],
    bakes: ['25 @177'],
    waits: { mint: 'fridge 60', glaze: 'fridge 60' },
    cut: 48,
    keep: null,
  },
  {
    name: 'almond toffee dipped both sides, American',
    text: `English Toffee

2 sticks butter
1 1/3 cups sugar
1 Tbsp light corn syrup
3 Tbsp water
1 cup coarsely chopped almonds, toasted
4 milk chocolate bars (4.4 oz each), melted
1 cup finely chopped almonds, toasted

Melt butter in a large saucepan. Add sugar, corn syrup and water. Cook over medium heat, stirring occasionally, to hard-crack stage (300°F). Watch carefully after 280. Quickly stir in coarsely chopped nuts; spread in an ungreased 13 x 9 x 2-inch pan. Cool thoroughly. Turn out on waxed paper; spread top with half the melted chocolate; sprinkle with half of the finely chopped nuts. Cover with waxed paper; invert; spread again with chocolate and sprinkle with remaining nuts. Chill if necessary to firm chocolate. Break in pieces.`,
    tin: '330x229',
    mixtures: { toffee: 'butter, sugar, corn syrup, water, coarsely @149', choc: 'chocolate', nuts: 'finely' },
    layers: ['toffee', 'choc:both-faces', 'nuts:scatter'],
    waits: { toffee: 'room 0' },
    cut: 'break',
    keep: null,
  },
  {
    name: 'semifreddo slab, translated Italian',
    text: `Hazelnut semifreddo

4 egg yolks
100 g sugar
30 ml water
80 g hazelnut paste
400 ml fresh cream
Chopped hazelnuts for the surface, 60 g

Cook the water and the sugar until 121 °C. Meanwhile beat the yolks. Pour the syrup in a thread over the yolks and keep whipping until cold. Add the hazelnut paste. Whip the cream and fold it into the mixture. Pour into a rectangular mould of 25 x 15 cm lined with film, level, and sprinkle with the chopped hazelnuts. Freeze for at least 6 hours. Unmould and cut into 10 slices.`,
    tin: '250x150',
    mixtures: { syrup: 'sugar, water @121', mass: 'yolks, paste, cream', nuts: 'chopped hazelnuts' },
    layers: ['mass+syrup', 'nuts:scatter'],
    waits: { mass: 'freezer 360' },
    cut: 10,
    keep: null,
  },
  {
    name: 'jam slice with coconut top, British blog',
    text: `My nan's jam and coconut slice

INGREDIENTS
For the base
* 225g plain flour
* 110g butter
* 50g caster sugar
* 1 egg yolk
For the middle
* 5 heaped tablespoons of raspberry jam
For the top
* 2 eggs
* 100g caster sugar
* 200g desiccated coconut

METHOD
* Preheat the oven to 180C and line a 30x20cm tin.
* Rub the butter into the flour, stir in the sugar and egg yolk and bring together. Press into the tin and chill for 15 minutes.
* Spread with the jam.
* Beat the eggs and sugar together, stir in the coconut and spoon evenly over the jam. Don't press it down!
* Bake for 30 minutes, until the top is golden brown.
* Allow to cool fully before slicing into 16 fingers. Will keep for 5 days in a tin.`,
    tin: '300x200',
    mixtures: { base: 'flour, butter, 50g caster, yolk', jam: 'jam', top: '2 eggs, 100g caster, coconut' },
    layers: ['base', 'jam', 'top'],
    bakes: ['30 @180'],
    waits: { base: 'fridge 15', top: 'room 0' },
    cut: 16,
    keep: 'room 5',
  },
  {
    name: 'pralines pecan slab, candy shop metric',
    text: `Pecan praline slab (batch 2.4 kg)

Granulated sugar 900 g
Light brown sugar 300 g
Evaporated milk 400 g
Butter 170 g
Pecans, toasted 600 g
Vanilla 10 g
Salt 6 g

Cook sugars, evaporated milk and salt to 114 °C, stirring. Off heat add butter and vanilla. Cool undisturbed to 95 °C, then add the pecans and stir until the mass turns creamy. Spread in a 40 x 30 cm frame. Set 60 min at room temperature. Cut 40 pcs.`,
    tin: '400x300',
    mixtures: { praline: 'granulated, light brown, evaporated, butter, pecans, vanilla, salt @114' },
    layers: ['praline'],
    waits: { praline: 'room 60' },
    cut: 40,
    keep: null,
  },
  {
    name: 'date squares, Canadian',
    text: `Date Squares (Matrimonial Cake)

Filling:
1 lb pitted dates
1 cup water
1 tbsp lemon juice

Crumb:
1 3/4 cups rolled oats
1 1/2 cups all-purpose flour
1 cup packed brown sugar
1/2 tsp baking soda
3/4 cup cold butter

Preheat oven to 350°F (180°C). Grease a 9-inch (2.5 L) square cake pan.
In saucepan, bring dates and water to boil; reduce heat and simmer, stirring often, until thickened, 10 minutes. Stir in lemon juice. Let cool.
In a large bowl, whisk together oats, flour, sugar and baking soda; cut in butter until in coarse crumbs. Press two-thirds into prepared pan; spread with date filling. Sprinkle with remaining crumb mixture. Bake until golden, about 35 minutes. Let cool in pan on rack. Cut into 16 squares. Store in airtight container for up to 3 days or freeze for up to 2 weeks.`,
    tin: '229x229',
    mixtures: { filling: 'dates, water, juice', crumb: 'oats, flour, sugar, soda, butter' },
    layers: ['crumb', 'filling', 'crumb:scatter'],
    bakes: ['35 @180'],
    waits: { crumb: 'room 0' },
    cut: 16,
    keep: 'room 3',
  },
  {
    name: 'tiffin with white chocolate top, terse steps',
    text: `TIFFIN
100g butter, 25g soft brown sugar, 3 tbsp cocoa, 4 tbsp golden syrup, 225g digestives, 100g raisins, 225g milk chocolate, 50g white chocolate
1) Line an 18cm square tin
2) Melt butter, sugar, cocoa, syrup
3) Crush digestives, mix in with raisins
4) Press in tin
5) Melt milk choc, pour over, smooth
6) Melt white choc, drizzle
7) Chill 1 hr, cut in 16`,
    tin: '180x180',
    mixtures: {
      base: 'butter, brown sugar, cocoa, syrup, digestives, raisins',
      top: 'milk chocolate',
      white: 'white chocolate',
    },
    layers: ['base', 'top', 'white'],
    waits: { white: 'fridge 60' },
    cut: 16,
    keep: null,
  },
  {
    name: 'baklava tray, translated Greek',
    text: `Baklava for a tray 35x25 cm

450 g phyllo
250 g melted butter
400 g walnuts, ground coarse
100 g almonds, ground
2 tsp cinnamon
80 g sugar

For the syrup
500 g sugar
350 ml water
100 g honey
1 lemon peel

Mix the walnuts, the almonds, the cinnamon and the 80 g sugar.
Lay half of the phyllo in the buttered tray, brushing each sheet with butter. Spread the nut mixture. Cover with the rest of the phyllo, brushing with butter. Score in 30 pieces. Bake at 160 °C for 1 hour and 15 minutes.
Boil the syrup ingredients for 5 minutes. Pour the cold syrup on the hot baklava. Leave 6 hours to absorb. Keeps 2 weeks, not in the fridge.`,
    tin: '350x250',
    mixtures: {
      phyllo: 'phyllo, butter',
      nuts: 'walnuts, almonds, cinnamon, 80 g sugar',
      syrup: '500 g sugar, water, honey, peel',
    },
    layers: ['phyllo', 'nuts', 'phyllo', 'syrup'],
    bakes: ['75 @160'],
    waits: { syrup: 'room 360' },
    cut: 30,
    keep: 'room 14',
  },
  {
    name: 'frozen yogurt bark, American',
    text: `Berry Frozen Yogurt Bark

Yield: about 12 pieces

2 cups full-fat Greek yogurt
3 tablespoons maple syrup
1 teaspoon vanilla extract
3/4 cup mixed berries, chopped
1/4 cup granola

Line a rimmed quarter sheet pan with parchment. Whisk yogurt, maple syrup and vanilla in a bowl. Spread on the pan about 1/2 inch thick. Scatter the berries and granola over the top, pressing lightly. Freeze until solid, 3 to 4 hours. Break into pieces and serve right away. Store in the freezer up to 1 month.`,
    tin: '300x210',
    mixtures: { yogurt: 'yogurt, maple, vanilla', tops: 'berries, granola' },
    layers: ['yogurt', 'tops:scatter'],
    waits: { tops: 'freezer 180' },
    cut: 'break',
    keep: 'freezer 30',
  },
  {
    name: 'caramels wrapped, American',
    text: `Soft Cream Caramels

1 cup heavy cream
5 Tbsp unsalted butter, cut up
1 tsp flaky sea salt, plus more for sprinkling
1 1/2 cups sugar
1/4 cup light corn syrup
1/4 cup water

Line an 8-inch square metal pan with parchment and oil it.
Bring cream, butter and sea salt to a boil in a small saucepan, then remove from heat and set aside.
Boil sugar, corn syrup and water in a 4-quart heavy saucepan, stirring until sugar is dissolved. Boil without stirring but gently swirling pan until mixture is a light golden caramel. Carefully stir in cream mixture (it will bubble up) and simmer, stirring often, until caramel registers 248°F, 10 to 15 minutes. Pour into the pan and cool 10 minutes, then sprinkle with more salt. Cool 2 hours. Cut into 1-inch pieces and wrap each in a square of wax paper.`,
    tin: '203x203',
    mixtures: { caramel: 'cream, butter, salt, sugar, corn syrup, water @120' },
    layers: ['caramel'],
    waits: { caramel: 'room 130' },
    cut: 64,
    keep: null,
  },
  {
    name: 'coffee walnut squares, British newspaper',
    text: `Coffee and walnut squares

Makes 15

200g soft butter, plus extra for the tin
200g light brown sugar
4 eggs
200g self-raising flour
1 tbsp instant coffee dissolved in 1 tbsp boiling water
80g walnuts, chopped
For the buttercream
125g soft butter
250g icing sugar
1 tbsp strong coffee
15 walnut halves, to decorate

Heat the oven to 180C (160C fan)/350F/gas 4 and butter and line a 30cm x 20cm tin. Beat the butter and sugar for five minutes until pale, then add the eggs one at a time. Fold in the flour, followed by the coffee and chopped walnuts. Scrape into the tin, level and bake for 25-30 minutes, until a skewer comes out clean. Leave to cool in the tin.
Beat the butter for the icing until very soft, then gradually beat in the icing sugar and coffee. Spread over the cake, mark into 15 squares and put a walnut half on each. Cut up to serve. Keeps in a tin for 3-4 days.`,
    tin: '300x200',
    mixtures: {
      cake: '200g soft butter, light brown, eggs, flour, instant coffee, walnuts, chopped',
      cream: '125g soft butter, icing, strong coffee',
      halves: 'halves',
    },
    layers: ['cake', 'cream', 'halves:scatter'],
    bakes: ['25 @180'],
    waits: { cake: 'room 0' },
    cut: 15,
    keep: 'room 3',
  },
  {
    name: 'candied fruit nougat ice, frozen, French',
    text: `Iced nougat

Serves 8

3 egg whites
100 g honey
50 g sugar
300 ml whipping cream
80 g candied fruit
60 g toasted almonds
40 g pistachios

Bring the honey and the sugar to 118 °C. Beat the egg whites to snow and pour the boiling honey over them in a thread, beating until cooled. Whip the cream to soft peaks. Fold the cream into the meringue, then the candied fruit, almonds and pistachios. Pour into a loaf tin (25 x 10 cm) lined with plastic film. Freeze 12 hours. Unmould and slice into 8.`,
    tin: '250x100',
    mixtures: { syrup: 'honey, sugar @118', mass: 'whites, cream, candied, almonds, pistachios' },
    layers: ['mass+syrup'],
    waits: { mass: 'freezer 720' },
    cut: 8,
    keep: null,
  },
  {
    name: 'seven layer bars, American',
    text: `Layered Cookie Bars

1/2 cup (1 stick) butter, melted
1 1/2 cups graham cracker crumbs
1 (14 oz.) can sweetened condensed milk
2 cups semi-sweet chocolate morsels
1 1/3 cups flaked coconut
1 cup chopped nuts

HEAT oven to 350°F. Coat 13 x 9-inch baking pan with no-stick cooking spray.
COMBINE graham cracker crumbs and butter in small bowl. Press into bottom of prepared pan. Pour sweetened condensed milk evenly over crumb mixture. Layer evenly with chocolate chips, coconut and nuts. Press down firmly with a fork.
BAKE 25 minutes or until lightly browned. Loosen from sides of pan while still warm; cool on wire rack. Cut into bars or diamonds.`,
    tin: '330x229',
    mixtures: { crust: 'butter, graham', milk: 'condensed', top: 'morsels, coconut, nuts' },
    layers: ['crust', 'milk', 'top'],
    bakes: ['25 @177'],
    waits: { top: 'room 0' },
    cut: null,
    keep: null,
  },
  {
    name: 'white chocolate blondie, text message style',
    text: `blondies (jen)

200g butter
250g light brn sugar
3 eggs
1tsp vanilla
225g pl flour
1/2 tsp salt
150g white choc chunks
100g macadamias chopped

oven 180, 8in sq tin lined. melt butter & sugar together, cool 5 min. whisk in eggs + van. flour & salt in, then choc & nuts. tin. bake 25-30, still wobbly in the middle. leave in tin til cold!! 16 pieces. good for 4 days`,
    tin: '203x203',
    mixtures: { blondie: 'butter, sugar, eggs, vanilla, flour, salt, choc, macadamias' },
    layers: ['blondie'],
    bakes: ['25 @180'],
    waits: { blondie: 'room 0' },
    cut: 16,
    keep: 'room 4',
  },
  {
    name: 'sesame halva bars, no bake boil, translated',
    text: `Sesame brittle bars (pasteli)

250 g honey
250 g sesame seeds
1 teaspoon orange zest
A pinch of salt

Toast the sesame in a dry pan for 5 minutes, stirring.
In a pot, boil the honey until 125 °C. Add the warm sesame, the zest and the salt, and stir for 1 minute. Pour on an oiled marble or on baking paper and roll out to a rectangle of 24 x 20 cm, 8 mm thick. While still warm cut into 20 bars. Let cool completely, 1 hour. Wrap each in cellophane. Keeps 1 month at room temperature.`,
    tin: '240x200',
    mixtures: { bar: 'honey, sesame, zest, salt @125' },
    layers: ['bar'],
    cut: 20,
    keep: 'room 30',
  },
  {
    name: 'pumpkin bars with frosting, American',
    text: `Pumpkin Bars with Cream Cheese Frosting

Bars
4 eggs
1 2/3 cups sugar
1 cup vegetable oil
1 (15-ounce) can pumpkin
2 cups flour
2 tsp baking powder
2 tsp cinnamon
1 tsp salt
1 tsp baking soda

Frosting
8 oz cream cheese, softened
1/2 cup butter, softened
2 cups powdered sugar
1 tsp vanilla

Preheat the oven to 350 degrees F.
Using an electric mixer at medium speed, combine the eggs, sugar, oil and pumpkin until light and fluffy. Stir together the flour, baking powder, cinnamon, salt and baking soda. Add the dry ingredients to the pumpkin mixture and mix at low speed until thoroughly combined. Spread the batter into a greased 13 by 10-inch baking pan. Bake for 30 minutes. Let cool completely before frosting. Cut into bars.
To make the frosting: Combine the cream cheese and butter in a medium bowl with an electric mixer until smooth. Add the sugar and mix at low speed until combined. Stir in the vanilla and mix again. Spread on cooled pumpkin bars.`,
    tin: '330x254',
    mixtures: {
      bars: 'egg, 1 2/3 cups sugar, oil, pumpkin, flour, powder, cinnamon, salt, soda',
      frosting: 'cream cheese, butter, powdered, vanilla',
    },
    layers: ['bars', 'frosting'],
    bakes: ['30 @177'],
    waits: { bars: 'room 0' },
    cut: null,
    keep: null,
  },
  {
    name: 'chocolate salami slab, translated Portuguese, dusted',
    text: `Chocolate salami in a tray

200 g butter biscuits
150 g butter at room temperature
150 g sugar
100 g cocoa powder
2 eggs (pasteurised)
2 tablespoons port wine
Icing sugar for dusting

Break the biscuits into small pieces. Beat the butter with the sugar until creamy, then add the eggs, the cocoa and the port. Mix in the biscuits. Press the mixture into a lined tray of 20 x 15 cm and take to the fridge for at least 4 hours. Dust with icing sugar, cut into 15 fingers. Keep in the fridge for up to 5 days.`,
    tin: '200x150',
    mixtures: { slab: 'biscuits, 150 g butter, 150 g sugar, cocoa, eggs, port', dust: 'dusting' },
    layers: ['slab', 'dust:scatter'],
    waits: { slab: 'fridge 240' },
    cut: 15,
    keep: 'fridge 5',
  },
  {
    name: 'raspberry oat bars, British magazine with numbered steps',
    text: `Raspberry oaty bars
SERVES 12

200g butter, diced
200g light muscovado sugar
1 tsp baking powder
250g plain flour
200g jumbo oats
300g raspberry jam
40g flaked almonds

1 Preheat the oven to 190C/170C fan. Line the base and sides of a 25 x 20cm tin.
2 Put the flour, baking powder and butter in a food processor and pulse until it looks like breadcrumbs. Stir in the sugar and oats.
3 Tip two-thirds of the mixture into the tin and press down firmly. Spread over the jam, leaving a 1cm border.
4 Mix the almonds into the remaining crumble and scatter on top. Bake for 35-40 minutes until golden.
5 Cool in the tin for 1 hour before cutting into 12. They keep for up to 4 days in an airtight container.`,
    tin: '250x200',
    mixtures: { crumble: 'butter, muscovado, baking powder, flour, oats', jam: 'jam', almonds: 'almonds' },
    layers: ['crumble', 'jam', 'crumble+almonds:scatter'],
    bakes: ['35 @190'],
    waits: { almonds: 'room 60' },
    cut: 12,
    keep: 'room 4',
  },
  {
    name: 'maple walnut fudge, Canadian, no thermometer',
    text: `Maple Walnut Fudge

2 cups maple syrup
1 cup whipping cream
2 tbsp butter
1 cup toasted walnuts, chopped

Butter an 8-inch square pan.
In a heavy pot bring the syrup and cream to a boil. Boil over medium heat without stirring until it reaches the soft-ball stage, 238°F. Remove from the heat and drop in the butter; do not stir. Let cool to 110°F, about 1 hour.
Beat with a wooden spoon until it loses its gloss and thickens. Quickly stir in the walnuts and press into the pan. Let stand 2 hours; cut into 36 squares.`,
    tin: '203x203',
    mixtures: { fudge: 'maple, cream, butter, walnuts @114' },
    layers: ['fudge'],
    waits: { fudge: 'room 120' },
    cut: 36,
    keep: null,
  },
  {
    name: 'cookies and cream slice, Australian, no bake',
    text: `Cookies & cream slice
Makes 20
2 x 150g packets chocolate sandwich biscuits
100g butter, melted
500g cream cheese, softened
1/2 cup caster sugar
300ml thickened cream
180g white chocolate, melted
3 tsp gelatine powder
1/4 cup boiling water

Line the base and sides of a 20x30cm slice pan.
Process 1 packet of biscuits until fine. Add butter and process to combine. Press over base of pan. Refrigerate 20 mins.
Sprinkle gelatine over boiling water and whisk to dissolve. Cool for 5 mins.
Beat cream cheese and sugar until smooth. Beat in cream, chocolate and gelatine mixture. Roughly chop remaining biscuits and fold half through the filling. Pour over the base and top with the rest of the biscuits. Refrigerate for 4 hrs or overnight. Cut into 20 pieces.`,
    tin: '300x200',
    mixtures: {
      base: 'biscuits, butter',
      filling: 'cream cheese, caster, cream, white, gelatine, water, biscuits',
      top: 'biscuits',
    },
    layers: ['base', 'filling', 'top:scatter'],
    waits: { base: 'fridge 20', filling: 'fridge 240' },
    cut: 20,
    keep: null,
  },
  {
    name: 'butterscotch hard candy slab, British',
    text: `Doncaster-style butterscotch

450g demerara sugar
150ml water
75g unsalted butter
a pinch of salt

Dissolve the sugar in the water in a heavy-based pan over a low heat. Bring to the boil and boil to 138C (soft crack), brushing down the sides with a wet brush. Add the butter a little at a time, letting the temperature come back to 138C each time. Add the salt. Pour into an oiled 18cm square tin. When almost set, mark into small squares with an oiled knife. When cold, break along the marks. Wrap in waxed paper and store in an airtight jar; lasts 3 months.`,
    tin: '180x180',
    mixtures: { butterscotch: 'demerara, water, butter, salt @138' },
    layers: ['butterscotch'],
    cut: null,
    keep: 'room 90',
  },
  {
    name: 'granola chocolate bites, American, health blog',
    text: `5-Ingredient Granola Bites

1 heaping cup packed pitted dates
1/4 cup honey
1/4 cup creamy salted almond butter
1 cup roasted unsalted almonds, loosely chopped
1 1/2 cups rolled oats
optional add-ins: chocolate chips, dried fruit

Process dates in a food processor until small bits remain and it forms a dough-like consistency.
Optional: toast your oats in a 350-degree F oven for 15 minutes.
Place oats, almonds and dates in a large bowl; set aside. Warm honey and almond butter in a small saucepan over low heat. Stir and pour over oat mixture, then mix, breaking up the dates.
Once thoroughly mixed, transfer to an 8x8-inch pan lined with parchment paper. Press down firmly until uniformly flattened. Cover and let firm up in the fridge for 20 minutes. Remove from pan and chop into 10 even bars. Store in an airtight container for up to a few days, or in the freezer for 1 month.`,
    tin: '203x203',
    mixtures: { bar: 'dates, honey, almond butter, almonds, oats' },
    layers: ['bar'],
    bakes: ['15 @177'],
    waits: { bar: 'fridge 20' },
    cut: 10,
    keep: 'freezer 30',
  },
  {
    name: 'passionfruit curd slice, Australian',
    text: `Passionfruit slice

BASE
1 cup self-raising flour
1 cup desiccated coconut
1/2 cup caster sugar
125g butter, melted

TOPPING
395g can condensed milk
1/2 cup lemon juice
170g can passionfruit pulp

1. Preheat oven to 180°C/160°C fan-forced. Grease 18cm x 28cm slice tin.
2. Combine all base ingredients. Press into tin. Bake 15 minutes or until golden.
3. Whisk topping ingredients until combined. Pour over hot base. Bake 15 minutes or until just set. Cool. Refrigerate until cold. Cut into 16 slices to serve.`,
    tin: '280x180',
    mixtures: { base: 'self-raising, coconut, caster, butter', top: 'condensed, juice, passionfruit' },
    layers: ['base', 'top'],
    bakes: ['15 @180', '15 @180'],
    waits: { top: 'fridge 0' },
    cut: 16,
    keep: null,
  },
  {
    name: 'dark bark with ginger, dutch translated',
    text: `Chocolate plates with ginger and orange

400 gr dark chocolate 70%
80 gr candied ginger
60 gr candied orange peel
50 gr pistachio nuts, unsalted
coarse sea salt

Chop the chocolate. Melt three quarters of the chocolate au bain-marie to 48 degrees. Take off the heat and stir in the rest of the chocolate until the temperature is 31 degrees. Spread on a baking tray with baking paper, to about 5 mm thick. Scatter the ginger, orange peel, pistachios and a little sea salt over it. Let it harden for 1 hour at a cool place, not in the refrigerator. Break into pieces. Can be kept for 2 months, closed, dark and cool.`,
    tin: null,
    mixtures: { chocolate: 'chocolate', tops: 'ginger, orange, pistachio, salt' },
    layers: ['chocolate', 'tops:scatter'],
    waits: { tops: 'room 60' },
    cut: 'break',
    keep: 'room 60',
  },
  {
    name: 'tablet, Scottish, sloppy',
    text: `Granny's tablet

2lb granulated sugar
1/2 pint full cream milk
4oz butter
1 large tin condensed milk (397g)

Put sugar, milk and butter in a big heavy pot on a low heat till its all melted, dont let it boil til the sugar is dissolved. Add the condensed milk and bring up to a rolling boil, stirring the whole time or it will catch. Keep it going for about 20 mins until its the colour of a digestive biscuit and a drop goes soft in cold water. Take off the heat and beat like mad for 5-10 mins till it goes grainy and thick. Pour in a buttered swiss roll tin 13x9. Mark when its half set, cut when cold into about 60 bits. Keeps for weeks in a tin, if you can hide it.`,
    tin: '330x229',
    mixtures: { tablet: 'sugar, milk, butter, condensed' },
    layers: ['tablet'],
    cut: 60,
    keep: null,
  },
  {
    name: 'chocolate caramel pretzel bark, American, steps by bullets',
    text: `Pretzel Caramel Bark

• 2 cups mini pretzel twists
• 1 cup (2 sticks) unsalted butter
• 1 cup light brown sugar
• 2 cups dark chocolate chips
• 1 tsp flaky sea salt

• Preheat oven to 350F. Line a 10x15 rimmed baking sheet with foil and parchment.
• Cover the bottom of the sheet with pretzels.
• Melt butter and brown sugar in a saucepan over medium. Once bubbling, cook 3 minutes, stirring.
• Pour over pretzels, spread evenly, bake 5 minutes.
• Remove from oven, sprinkle with chips, wait 5 minutes, then spread smooth. Sprinkle with sea salt.
• Refrigerate 45 minutes, break into chunks. Keep in an airtight container in the fridge, 2 weeks.`,
    tin: '381x254',
    mixtures: { pretzels: 'pretzel', toffee: 'butter, brown sugar', choc: 'chips', salt: 'salt' },
    layers: ['pretzels', 'toffee', 'choc', 'salt:scatter'],
    bakes: ['5 @177'],
    waits: { salt: 'fridge 45' },
    cut: 'break',
    keep: 'fridge 14',
  },
  {
    name: 'opera style cake slab, translated French, three parts',
    text: `Coffee and chocolate layered slab

Almond sponge
150 g ground almonds
150 g icing sugar
40 g flour
4 eggs
4 egg whites
25 g sugar

Coffee buttercream
200 g butter
120 g sugar
40 ml water
2 eggs
10 g instant coffee

Ganache
200 g dark chocolate
200 ml cream

Sponge: whisk the almonds, icing sugar, flour and eggs for 5 minutes. Whip the whites with the sugar and fold in. Spread on a tray of 40 x 30 cm and bake at 220 °C for 8 minutes. Cool and cut in two.
Buttercream: cook the sugar and the water to 118 °C, pour onto the beaten eggs and whip until cold, then add the butter and the coffee.
Ganache: pour the boiling cream over the chopped chocolate and mix.
Place one half of the sponge in a frame of 30 x 20 cm. Spread with the buttercream. Place the other half of the sponge. Pour over the ganache. Chill 3 hours. Trim the edges and cut into 20 rectangles.`,
    tin: '300x200',
    mixtures: {
      sponge: 'almonds, icing, flour, eggs, whites, sugar',
      syrup: '120 g sugar, water @118',
      cream: 'butter, eggs, coffee',
      ganache: 'chocolate, cream',
    },
    layers: ['sponge', 'cream+syrup', 'sponge', 'ganache'],
    bakes: ['8 @220'],
    waits: { ganache: 'fridge 180' },
    cut: 20,
    keep: null,
  },
  {
    name: 'lime cheesecake bites, no bake, British',
    text: `No-bake lime cheesecake squares

You will need:
175g ginger nuts, crushed
75g butter, melted
300g full-fat soft cheese
397g tin condensed milk
zest and juice of 4 limes
50g dark chocolate, grated

Mix the biscuits with the butter and press into the base of a lined 20cm square loose-bottomed tin. Chill while you make the filling. Beat the cheese until smooth, then beat in the condensed milk. Stir in the lime zest and juice - it will thicken. Spoon over the base and level. Chill for at least 5 hrs, or ideally overnight. Scatter with the chocolate, then cut into 16 squares. Eat within 2 days.`,
    tin: '200x200',
    mixtures: { base: 'ginger, butter', filling: 'cheese, condensed, lime', top: 'chocolate' },
    layers: ['base', 'filling', 'top:scatter'],
    waits: { filling: 'fridge 300' },
    cut: 16,
    keep: 'room 2',
  },
  {
    name: 'sweet rice cake, Indian, translated measures',
    text: `Coconut barfi

Ingredients:
3 cups fresh grated coconut
1.5 cups sugar
1/2 cup milk
2 tbsp ghee
1/2 tsp cardamom powder
10 cashews, sliced

Method:
Grease an 8 inch square thali with ghee and keep aside.
Heat 1 tbsp ghee in a kadai and roast the coconut on low flame for 4 to 5 minutes. Do not brown.
Add sugar and milk, mix well. Cook on medium flame stirring continuously till the mixture leaves the sides of the pan, about 12 minutes.
Switch off, add cardamom powder and the remaining ghee. Transfer to the greased thali and flatten with a spatula. Sprinkle the cashews and press gently.
After 10 minutes mark squares with a knife. Cool for 2 hours and separate the 25 pieces. Stays good for 5 days in the fridge.`,
    tin: '203x203',
    mixtures: { barfi: 'coconut, sugar, milk, ghee, cardamom @107', nuts: 'cashews' },
    layers: ['barfi', 'nuts:scatter'],
    cut: 25,
    keep: 'fridge 5',
  },
  {
    name: 'protein oat bars, gym notes',
    text: `protein flapjacks!!

oats 300g
peanut butter 150g
honey 120g
whey protein (vanilla) 90g
milk 60ml
dark choc 80g

warm pb + honey 30 sec in microwave, stir. mix oats & whey, pour in the pb mix + milk, work it together w/ hands. squash into 20x15 tin. fridge 1 hr. melt choc, spread on top, fridge 15 min. cut 10 bars. lasts 1 wk in fridge`,
    tin: '200x150',
    mixtures: { bar: 'oats, peanut, honey, whey, milk', top: 'choc' },
    layers: ['bar', 'top'],
    waits: { bar: 'fridge 60', top: 'fridge 15' },
    cut: 10,
    keep: 'fridge 7',
  },
  {
    name: 'chocolate orange fudge, slow cooker, British',
    text: `Slow cooker chocolate orange fudge

500g milk chocolate, broken up
397g can condensed milk
1 tbsp butter
2 tsp orange extract
zest of 1 orange
75g candied peel

Put the chocolate, condensed milk and butter in the slow cooker. Leave the lid off and cook on high for 40 minutes, stirring every 10 minutes, until melted and smooth.
Turn it off and stir in the orange extract, zest and most of the peel.
Pour into a lined 20cm square tin, smooth the top and scatter over the rest of the peel. Leave to cool for 30 minutes, then chill in the fridge for 4 hours until firm. Cut into 49 squares and keep in the fridge for up to 2 weeks.`,
    tin: '200x200',
    mixtures: { fudge: 'chocolate, condensed, butter, extract, zest, peel', peel: 'peel' },
    layers: ['fudge', 'peel:scatter'],
    waits: { peel: 'fridge 270' },
    cut: 49,
    keep: 'fridge 14',
  },
  {
    name: 'crumb topped apple squares, German translated',
    text: `Apple crumble from the tray

For the dough
300 g flour
150 g butter
100 g sugar
1 egg
1/2 packet baking powder

For the topping
1.2 kg apples
50 g sugar
1 tsp cinnamon
Juice of a lemon

For the crumble
200 g flour
125 g butter
125 g sugar

Knead the ingredients for the dough to a smooth dough and leave to rest in the fridge for 30 minutes.
Peel the apples, core them and cut into cubes, mix with sugar, cinnamon and lemon juice.
Roll out the dough on a greased baking tray (40 x 30 cm). Distribute the apples on it.
For the crumble rub all the ingredients together and sprinkle over the apples.
Bake in a preheated oven at 180 °C (top/bottom heat) for approx. 40 minutes. Allow to cool and cut into 24 pieces.`,
    tin: '400x300',
    mixtures: {
      dough: '300 g flour, 150 g butter, 100 g sugar, egg, baking powder',
      apples: 'apples, 50 g sugar, cinnamon, lemon',
      crumble: '200 g flour, 125 g butter, 125 g sugar',
    },
    layers: ['dough', 'apples', 'crumble:scatter'],
    bakes: ['40 @180'],
    waits: { crumble: 'room 0' },
    cut: 24,
    keep: null,
  },
  {
    name: 'pistachio nougat, professional, grams and percent',
    text: `Pistachio nougat, frame 38 x 28 x 2 cm

Honey 450 g
Sugar 600 g
Water 180 g
Glucose 40DE 200 g
Egg whites 120 g
Sugar (for whites) 30 g
Cocoa butter 60 g, melted
Pistachios 500 g, warm

Boil the honey to 124 °C. Boil the 600 g sugar, water and glucose to 148 °C.
Whip the whites with the 30 g sugar to soft peaks. Pour in the honey slowly on speed 3, then the syrup. Whip 8 min on high. Warm the bowl with a torch until the nougat no longer sticks to a wet finger.
Mix in the cocoa butter and the pistachios with the paddle. Press into the frame between two sheets of wafer paper. Rest 24 h at 20 °C. Cut 2 x 10 cm.`,
    tin: '380x280',
    mixtures: {
      honey: 'honey @124',
      syrup: '600 g, water, glucose @148',
      nougat: 'whites, sugar (for whites), cocoa butter, pistachios',
    },
    layers: ['nougat+honey+syrup'],
    waits: { nougat: 'room 1440' },
    cut: 42,
    keep: null,
  },
  {
    name: 'scotcheroos, American potluck',
    text: `Scotcheroos

1 c. sugar
1 c. light corn syrup
1 c. peanut butter
6 c. crisp rice cereal
1 c. butterscotch chips
1 c. chocolate chips

Butter a 9x13 pan. Bring sugar and corn syrup just to a boil in a large pot (do not overboil or they will be hard!). Remove from heat and stir in peanut butter, then cereal. Press in pan. Microwave both chips together, stirring every 30 sec. Frost the bars. Let stand till firm. Cut into 24.`,
    tin: '330x229',
    mixtures: { bar: 'sugar, corn syrup, peanut, cereal', top: 'butterscotch, chocolate' },
    layers: ['bar', 'top'],
    waits: { top: 'room 0' },
    cut: 24,
    keep: null,
  },
  {
    name: 'frozen banana peanut slice, vegan, Australian',
    text: `Frozen caramel peanut slice (vegan)

Base
1 cup almonds
1 cup medjool dates, pitted
2 tbsp cacao powder
pinch salt

Caramel layer
1 cup medjool dates, soaked in hot water and drained
1/2 cup peanut butter
1/4 cup coconut cream
1/2 cup roasted peanuts

Chocolate
1/2 cup coconut oil, melted
1/2 cup cacao powder
1/4 cup maple syrup

Line a 20cm square tin. Blitz base ingredients in a food processor until sticky. Press into the tin and pop into the freezer.
Blitz dates, peanut butter and coconut cream until smooth, fold through the peanuts and spread over the base. Freeze for 1 hour.
Whisk the chocolate ingredients and pour over the top. Freeze for 30 mins or until set. Slice into 16 with a hot knife. Store in the freezer for up to 3 months.`,
    tin: '200x200',
    mixtures: {
      base: 'almonds, dates, cacao, salt',
      caramel: 'dates, peanut butter, coconut cream, peanuts',
      choc: 'coconut oil, cacao, maple',
    },
    layers: ['base', 'caramel', 'choc'],
    waits: { caramel: 'freezer 60', choc: 'freezer 30' },
    cut: 16,
    keep: 'freezer 90',
  },
  {
    name: 'treacle toffee, bonfire, British old book',
    text: `Bonfire treacle toffee

1 lb. brown sugar
1/4 pint water
3 oz. butter
4 oz. black treacle
4 oz. golden syrup
1/4 teaspoon cream of tartar

Dissolve the sugar in the water over a gentle heat. Add the other ingredients and bring to the boil. Boil steadily to 270° F. (soft crack), stirring only occasionally. Pour into a greased 7-inch square tin. When nearly set mark into squares. When quite cold, break up with a small hammer. Wrap in waxed paper and store in an airtight tin.`,
    tin: '178x178',
    mixtures: { toffee: 'brown sugar, water, butter, treacle, syrup, tartar @132' },
    layers: ['toffee'],
    cut: 'break',
    keep: null,
  },
  {
    name: 'cornflake tart, school dinner, British',
    text: `School cornflake tart
Serves 12

1 x 320g sheet ready-rolled shortcrust pastry
4 tbsp strawberry jam
125g golden syrup
50g butter
25g caster sugar
100g cornflakes

1. Line a 30 x 20cm tin with the pastry and prick the base. Line with parchment, fill with baking beans and blind bake at 200C/180C fan for 15 mins. Remove the beans and bake for 5 mins more.
2. Spread the jam over the pastry.
3. Melt the syrup, butter and sugar in a large pan, then stir in the cornflakes until coated. Spoon on top of the jam and return to the oven for 5 mins.
4. Leave to cool, then cut into 12 squares.`,
    tin: '300x200',
    mixtures: { pastry: 'pastry', jam: 'jam', flakes: 'syrup, butter, sugar, cornflakes' },
    layers: ['pastry', 'jam', 'flakes'],
    bakes: ['15 @200', '5 @200', '5 @200'],
    waits: { flakes: 'room 0' },
    cut: 12,
    keep: null,
  },
  {
    name: 'divinity squares, American',
    text: `Divinity

2 1/2 cups sugar
1/2 cup light corn syrup
1/2 cup water
2 egg whites
1 teaspoon vanilla
1 cup chopped pecans

Combine sugar, corn syrup and water in a 2-quart saucepan. Cook, without stirring, to hard-ball stage (260°F). Meanwhile, beat egg whites to stiff peaks in a stand mixer. Gradually pour the hot syrup over the whites, beating at high speed, about 3 minutes. Add vanilla; continue beating until candy starts to lose its gloss, 5 to 6 minutes. Fold in pecans. Quickly spread in a buttered 9x9 pan. Let stand overnight at room temperature. Cut into 36 squares and store airtight for 1 week.`,
    tin: '229x229',
    mixtures: { syrup: 'sugar, corn syrup, water @127', candy: 'whites, vanilla, pecans' },
    layers: ['candy+syrup'],
    waits: { candy: 'room 480' },
    cut: 36,
    keep: 'room 7',
  },
  {
    name: 'gingerbread slab iced, Swedish translated',
    text: `Soft gingerbread in a roasting tin

150 g butter
3 dl milk
4 eggs
5 dl sugar
6 dl flour
3 tsp bicarbonate
2 tbsp gingerbread spice

Frosting:
200 g cream cheese
50 g soft butter
3 dl icing sugar
2 tbsp lingonberries

Set the oven to 175 degrees. Grease a roasting tin, 30 x 40 cm.
Melt the butter, add the milk. Whisk eggs and sugar fluffy. Mix the dry ingredients and stir them into the egg mixture together with the butter mixture. Pour into the tin. Bake in the middle of the oven for about 30 minutes. Let cool.
Whisk all the ingredients for the frosting except the lingonberries and spread over the cake. Sprinkle the lingonberries over. Cut in 40 pieces.`,
    tin: '400x300',
    mixtures: {
      cake: '150 g butter, milk, eggs, sugar, flour, bicarbonate, spice',
      frosting: 'cream cheese, soft butter, icing',
      berries: 'lingonberries',
    },
    layers: ['cake', 'frosting', 'berries:scatter'],
    bakes: ['30 @175'],
    waits: { cake: 'room 0' },
    cut: 40,
    keep: null,
  },
  {
    name: 'white chocolate raspberry bark, Australian, short',
    text: `Raspberry & pistachio white choc bark

360g white chocolate melts
1/4 cup freeze-dried raspberries
1/3 cup pistachios, chopped
2 tsp rose petals

Line a 20 x 30cm tray with baking paper. Melt chocolate in microwave on medium in 30 sec bursts, stirring between each. Spread over tray. Sprinkle with raspberries, pistachios and rose petals. Refrigerate for 30 minutes until set. Break into shards. Store in an airtight container in a cool dark place for up to 2 weeks.`,
    tin: '300x200',
    mixtures: { choc: 'white', tops: 'raspberries, pistachios, rose' },
    layers: ['choc', 'tops:scatter'],
    waits: { tops: 'fridge 30' },
    cut: 'break',
    keep: 'room 14',
  },
  {
    name: 'peanut nougat coated bars, confectioner',
    text: `Peanut nougat bars, coated

Nougat
Egg albumen powder 12 g
Water 60 g
Sugar 400 g
Glucose syrup 300 g
Water 120 g
Peanut butter 150 g

Caramel
Cream 250 g
Sugar 220 g
Glucose syrup 120 g
Butter 60 g
Roasted peanuts 250 g

Coating
Milk couverture 600 g

1. Nougat: soak the albumen in 60 g water, whip to a stiff foam. Boil the sugar, glucose and 120 g water to 138 °C and stream into the foam while whipping. Whip 5 min, fold in the peanut butter. Spread into a 30 x 30 cm frame, 15 mm high. Cool 1 h.
2. Caramel: boil the cream, sugar, glucose and butter to 118 °C. Stir in the peanuts. Pour over the nougat, leave overnight at 18 °C.
3. Cut into bars 10 x 2.5 cm. Enrobe in tempered couverture. Leave to set for 2 h.`,
    tin: '300x300',
    mixtures: {
      foam: 'albumen, 60 g, peanut butter',
      syrup: 'sugar 400, syrup 300, water 120 @138',
      caramel: 'cream, sugar 220, syrup 120, butter, peanuts @118',
      coating: 'couverture',
    },
    layers: ['foam+syrup', 'caramel', 'coating:coat'],
    waits: { foam: 'room 60', caramel: 'room 480' },
    cut: 36,
    keep: null,
  },
  {
    name: 'toffee apple blondie tray, British',
    text: `Toffee apple traybake

Ingredients
225g butter, softened
225g soft light brown sugar
275g self-raising flour
4 eggs
2 tbsp milk
3 eating apples, peeled, cored and diced

For the toffee icing
50g butter
100g dark brown sugar
4 tbsp double cream
150g icing sugar, sifted

Method
Heat the oven to 180C/fan 160C. Grease a 30 x 23cm traybake tin and line the base.
Put the butter, sugar, flour, eggs and milk into a large bowl and beat for 2 minutes until smooth. Fold in the apples, turn into the tin and level.
Bake for 40 minutes until well risen and springy. Leave to cool in the tin.
To make the icing, heat the butter, dark sugar and cream in a small pan until the sugar has dissolved, then bubble for 2 minutes. Cool for 10 minutes, then beat in the icing sugar. Spread over the cake and leave to set. Cut into 20 squares.`,
    tin: '300x230',
    mixtures: {
      cake: '225g butter, light brown, self-raising, eggs, milk, apples',
      icing: '50g butter, dark brown, cream, icing',
    },
    layers: ['cake', 'icing'],
    bakes: ['40 @180'],
    waits: { cake: 'room 0', icing: 'room 0' },
    cut: 20,
    keep: null,
  },
  {
    name: 'caramel squares by weight, Irish',
    text: `Caramel squares (makes 28)

shortbread: 340g flour, 225g butter, 110g caster sugar
caramel: 225g butter, 225g caster sugar, 4 tbsp golden syrup, 1 tin condensed milk (397g)
top: 200g milk chocolate

Sieve the flour into a bowl, rub in the butter, add the sugar and knead lightly. Press into a 33 x 23 cm swiss roll tin and prick well with a fork. Bake at 170°C for about 30 minutes till pale gold.
For the caramel, melt the butter in a heavy saucepan, add the rest of the ingredients and stir over a low heat until it boils. Boil for 15 to 20 minutes, stirring all the time - it's ready when a little dropped in cold water makes a firm ball. Pour evenly over the cool shortbread.
When the caramel is cold, melt the chocolate and spread over. Mark it with a fork in wavy lines. Cut when set.`,
    tin: '330x230',
    mixtures: {
      shortbread: 'flour, butter, caster',
      caramel: 'butter, caster, syrup, condensed @119',
      top: 'chocolate',
    },
    layers: ['shortbread', 'caramel', 'top'],
    bakes: ['30 @170'],
    waits: { caramel: 'room 0', top: 'room 0' },
    cut: 28,
    keep: null,
  },
  {
    name: 'coconut ice two colours, Australian',
    text: `Coconut ice

4 cups icing sugar
3 cups desiccated coconut
395g can condensed milk
1 tsp vanilla
few drops pink food colouring

Grease and line an 18cm square cake pan. Combine sifted icing sugar, coconut, condensed milk and vanilla in a large bowl; mix well. Press half the mixture into the pan. Tint the remaining mixture pink, press over the white layer. Cover and refrigerate for 3 hours or overnight. Cut into 36 squares. Store in an airtight container in the fridge for up to 2 weeks.`,
    tin: '180x180',
    mixtures: { white: 'icing, coconut, condensed, vanilla', pink: 'colouring' },
    layers: ['white', 'pink+white'],
    waits: { pink: 'fridge 180' },
    cut: 36,
    keep: 'fridge 14',
  },
  {
    name: 'espresso toffee bark, American, weights and volumes',
    text: `Espresso Toffee

1 cup (225g) unsalted butter
1 cup (200g) sugar
1/4 cup (60ml) water
1 tbsp instant espresso
1/2 tsp salt
170g bittersweet chocolate, finely chopped
1/2 cup (70g) hazelnuts, toasted and chopped

Line a quarter sheet pan (9x13 in) with a silicone mat.
Melt the butter in a heavy saucepan over medium heat. Add the sugar, water, espresso and salt and stir until the sugar dissolves. Clip on a thermometer and cook, stirring now and then, until it hits 300°F/149°C, 12-15 minutes.
Immediately pour onto the mat and spread thin. Let stand 1 minute, then scatter the chocolate over. When it has softened, about 3 minutes, spread it to cover. Sprinkle on the hazelnuts and press them in lightly.
Let cool at room temp for 30 minutes, then chill 30 minutes. Break up. Keeps 2 weeks airtight at room temperature.`,
    tin: '300x210',
    mixtures: { toffee: 'butter, sugar, water, espresso, salt @149', choc: 'chocolate', nuts: 'hazelnuts' },
    layers: ['toffee', 'choc', 'nuts:scatter'],
    waits: { nuts: 'fridge 60' },
    cut: 'break',
    keep: 'room 14',
  },
  {
    name: 'quark slab cake, Austrian translated, baked in two goes',
    text: `Curd cheese slices

Base:
200 g flour
100 g butter
80 g powdered sugar
1 yolk

Cream:
750 g quark
150 g sugar
3 eggs
1 packet vanilla pudding powder (40 g)
200 ml cream

Mix flour, butter, powdered sugar and yolk quickly to a dough, wrap in foil and rest 1 hour in the fridge.
Roll out the dough, lay it in a greased tin (30 x 20 cm), prick with a fork and pre-bake for 12 minutes at 180 °C.
Stir the quark with the sugar, the eggs and the pudding powder until smooth. Whip the cream and fold it in. Spread on the base, bake 45 minutes at 160 °C. Switch off the oven and let the cake stand in it for 15 minutes. Let cool completely and refrigerate for 2 hours. Cut 12 slices.`,
    tin: '300x200',
    mixtures: { base: 'flour, butter, powdered, yolk', cream: 'quark, sugar, eggs, pudding, cream' },
    layers: ['base', 'cream'],
    bakes: ['12 @180', '45 @160'],
    waits: { cream: 'fridge 135' },
    cut: 12,
    keep: null,
  },
  {
    name: 'lolly slice, New Zealand',
    text: `Lolly cake slice

120g butter
1/2 can (200g) sweetened condensed milk
250g malt biscuits
180g fruit puff lollies
1/2 cup desiccated coconut, for rolling

Melt butter and condensed milk together in a pot over a low heat. Crush biscuits finely and chop the lollies. Mix everything except the coconut together. Sprinkle half the coconut into a lined 20x20cm tin, press in the mixture, then sprinkle over the rest of the coconut. Chill for 3 hours. Slice into 20 pieces. Will keep in the fridge for 10 days.`,
    tin: '200x200',
    mixtures: { cake: 'butter, condensed, biscuits, lollies', coconut: 'coconut' },
    layers: ['coconut:scatter', 'cake', 'coconut:scatter'],
    waits: { cake: 'fridge 180' },
    cut: 20,
    keep: 'fridge 10',
  },
  {
    name: 'salted honey caramels, European',
    text: `Salted honey caramels

250 g cream (35 % fat)
200 g sugar
150 g honey
60 g butter
5 g sea salt

Heat the cream with the salt, keep warm. Melt the honey and the sugar and cook to a medium caramel (170 °C). Deglaze with the hot cream in three goes - careful, it splashes. Cook again to 118 °C. Take off the heat and stir in the butter. Pour into a frame of 20 x 16 cm on a silicone mat. Leave to cool for 12 hours. Cut into 40 and wrap.`,
    tin: '200x160',
    mixtures: { caramel: 'cream, sugar, honey, butter, salt @118' },
    layers: ['caramel'],
    waits: { caramel: 'room 720' },
    cut: 40,
    keep: null,
  },
  {
    name: 'oat and seed bars, Norwegian translated',
    text: `Seed bars in a tin

2 dl oats
1 dl sunflower seeds
1 dl pumpkin seeds
0.5 dl flax seeds
1 dl dried cranberries
100 g dark chocolate, chopped
1.5 dl honey
1 dl peanut butter

Set the oven to 150 degrees. Mix all the dry ingredients. Warm honey and peanut butter until they flow, and pour over. Stir well. Fold in the chocolate when the mixture has cooled a bit. Press into a tin lined with baking paper (20 x 25 cm). Bake in the middle of the oven for 25 min. Cool completely before you cut into 15 bars. Keeps for 2 weeks in a tight box.`,
    tin: '250x200',
    mixtures: { bar: 'oats, sunflower, pumpkin, flax, cranberries, chocolate, honey, peanut' },
    layers: ['bar'],
    bakes: ['25 @150'],
    waits: { bar: 'room 0' },
    cut: 15,
    keep: 'room 14',
  },
  {
    name: 'cherry bakewell bars, British blog with chatter',
    text: `Cherry Bakewell Bars

These are my favourite thing to take on a picnic! They freeze well too.

For the base:
250g plain flour
125g cold butter, cubed
60g icing sugar

For the frangipane:
150g butter, soft
150g caster sugar
150g ground almonds
3 eggs
1 tsp almond extract

To finish:
250g cherry jam
50g flaked almonds
100g icing sugar mixed with 1 tbsp water

Preheat your oven to 180°C and line a 20cm x 30cm tin (I use my trusty old one).
Whizz the base ingredients until they look like crumbs, press them into the tin and bake for 15 minutes.
Meanwhile, beat all the frangipane ingredients together.
Spread the jam over the base, top with the frangipane and scatter over the flaked almonds. Bake for 30 minutes.
When cool, drizzle with the icing and cut into 18 bars. They'll keep for 4 days in a tin.`,
    tin: '300x200',
    mixtures: {
      base: 'flour, cold butter, icing',
      frangipane: 'butter, soft, caster, ground, eggs, extract',
      jam: 'jam',
      almonds: 'flaked',
      icing: 'icing sugar mixed',
    },
    layers: ['base', 'jam', 'frangipane', 'almonds:scatter', 'icing'],
    bakes: ['15 @180', '30 @180'],
    waits: { almonds: 'room 0' },
    cut: 18,
    keep: 'room 4',
  },
];
