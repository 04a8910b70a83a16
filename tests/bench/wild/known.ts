import type { WildRecipe } from './recipe';

/** Twenty recipes that the reader may be built on. */
export const KNOWN: readonly WildRecipe[] = [
  {
    name: 'nut toffee under chocolate, tidy, one list',
    text: `Orchard crunch

150 g hazelnuts, roasted
250 g butter
250 g demerara sugar
2 tbsp golden syrup
200 g dark chocolate

Lay the hazelnuts close together in a lined tray, about 30 x 20 cm. Melt the butter, sugar and syrup slowly, then boil to 148 C, stirring. Tip it over the nuts. After five minutes cover with the chocolate and smooth it when it has melted. Cool, then an hour in the fridge. Break up. It keeps for a month in a tin.`,
    tin: '300x200',
    mixtures: { nuts: 'hazelnuts', toffee: 'butter, demerara, syrup @148', top: 'chocolate' },
    layers: ['nuts', 'toffee', 'top'],
    waits: { toffee: 'room 5', top: 'fridge 60' },
    cut: 'break',
    keep: 'room 30',
  },
  {
    name: 'three-layer caramel slice, headings, Australian',
    text: `Caramel slice

Base
1 cup plain flour
1/2 cup brown sugar
1/2 cup desiccated coconut
125 g butter, melted

Caramel
395 g can sweetened condensed milk
30 g butter
2 tbs golden syrup

Topping
125 g dark chocolate, chopped
1 tbs vegetable oil

Method
1. Preheat oven to 180C. Grease and line a 28 x 18 cm slice pan.
2. Combine flour, sugar and coconut in a bowl, add the melted butter and mix well. Press firmly into the pan. Bake for 15 minutes or until golden. Cool.
3. Put condensed milk, butter and golden syrup in a saucepan over medium heat. Cook, whisking, for 8 minutes or until golden. Pour over the base. Bake for 12 minutes. Cool, then refrigerate for 3 hours.
4. Put the lid on a small saucepan of simmering water, careful, and melt chocolate with oil in a bowl over it. Pour over the caramel and refrigerate until set. Cut into 24 squares.
Store in the fridge for up to 1 week.`,
    tin: '280x180',
    mixtures: {
      base: 'flour, brown sugar, coconut, butter',
      caramel: 'condensed, butter, syrup',
      top: 'chocolate, oil',
    },
    layers: ['base', 'caramel', 'top'],
    bakes: ['15 @180', '12 @180'],
    waits: { caramel: 'fridge 180', top: 'fridge 0' },
    cut: 24,
    keep: 'fridge 7',
  },
  {
    name: 'beaten fudge, American, one paragraph',
    text: `Grandma's brown sugar fudge
2 cups packed light brown sugar
1 cup granulated sugar
1 cup heavy cream
1/4 tsp salt
2 tbsp butter
1 tsp vanilla extract
1 cup pecans, chopped

Butter an 8-inch square pan. In a heavy saucepan combine the sugars, cream and salt. Stir over medium heat until the sugar dissolves, then put the lid on for 2 minutes. Uncover and cook without stirring to 238F. Remove from the heat, drop in the butter and let it cool undisturbed to 110F. Add the vanilla and beat with a wooden spoon until it thickens and loses its gloss, about 8 minutes. Quickly stir in the pecans and spread in the pan. Cool completely and cut into 36 pieces.`,
    tin: '203x203',
    mixtures: { fudge: 'light brown, granulated, cream, salt, butter, vanilla, pecans @114' },
    layers: ['fudge'],
    waits: { fudge: 'room 0' },
    cut: 36,
    keep: null,
  },
  {
    name: 'no-bake peanut and cracker bars, one list, American',
    text: `Peanut butter cracker bars

1 1/2 cups graham cracker crumbs
2 cups powdered sugar
1 cup (2 sticks) butter, melted
1 cup creamy peanut butter, plus 3 tablespoons
1 1/2 cups semi-sweet chocolate chips

Line a 9x13 inch pan with foil. Mix the crumbs, powdered sugar, melted butter and 1 cup of the peanut butter until smooth. Press evenly into the pan. Melt the chocolate chips with the remaining peanut butter in the microwave in 30 second bursts, stirring between. Spread over the bars. Chill for at least 1 hour. Let stand 10 minutes at room temperature before you cut them into 32 bars.`,
    tin: '330x229',
    mixtures: { base: 'crumbs, powdered, butter, peanut', top: 'chips, peanut' },
    layers: ['base', 'top'],
    waits: { top: 'fridge 60' },
    cut: 32,
    keep: null,
  },
  {
    name: 'nougat: syrup poured into whites, British',
    text: `Soft nougat with pistachios

2 sheets rice paper
350g caster sugar
100g liquid glucose
75ml water
2 egg whites
200g runny honey
150g pistachios, toasted
50g candied orange peel

Line a 20cm square tin with rice paper. Put the sugar, glucose and water in a pan and heat gently until dissolved. Bring to the boil and cook to 145C. When it reaches 125, start to whisk the egg whites to soft peaks. Warm the honey in a second pan to 120C and pour it into the whites in a thin stream, then the sugar syrup, whisking all the time. Keep whisking for 8 minutes until thick and glossy. Fold in the pistachios and peel. Scrape into the tin, top with the second sheet of rice paper, weigh it down and leave overnight. Turn out and cut into 25 mm bars.`,
    tin: '200x200',
    mixtures: {
      nougat: 'egg whites, pistachios, peel',
      syrup: 'caster, glucose, water @145',
      honey: 'honey @120',
    },
    layers: ['nougat+syrup+honey'],
    waits: { nougat: 'room 480' },
    cut: 8,
    keep: null,
  },
  {
    name: 'dipped oat bars: finish after cutting',
    text: `DIPPED OAT BARS
For the oats: 300g rolled oats, 
150g butter, 150g light muscovado sugar, 100g golden syrup, pinch of salt
For dipping: 250g milk chocolate

Heat the oven to 170°C/150 fan. Line a 20 x 30cm tin. Melt the butter with the sugar and syrup over a low heat. Stir in the oats and salt. Press into the tin and bake for 25-30 minutes until golden at the edges. Mark into 20 bars while still warm. Leave to cool completely in the tin, then cut along the lines. Temper the milk chocolate, dip one half of each bar and leave to set on baking paper. They keep 2 weeks in an airtight box.`,
    tin: '300x200',
    mixtures: { oats: 'oats, butter, muscovado, syrup, salt', dip: 'milk chocolate' },
    layers: ['oats', 'dip:coat'],
    bakes: ['25 @170'],
    waits: { oats: 'room 0' },
    cut: 20,
    keep: 'room 14',
  },
  {
    name: 'bark with half of the toppings under',
    text: `Buckwheat & cherry bark

400g dark chocolate (70%)
60g dried sour cherries
40g toasted buckwheat
flaky salt

Line a baking sheet with parchment. Melt 300g of the chocolate to 45C, take it off the heat, stir in the rest and bring it down to 31C. Stir half of the cherries and half of the buckwheat into it, pour onto the sheet and spread to about 5 mm. Scatter the remaining cherries and buckwheat over it with a good pinch of flaky salt. Leave in a cool room for 2 hours until set, then snap into shards. Bag.`,
    tin: null,
    // The salt has no amount: it stays as text.
    mixtures: { bark: 'chocolate, cherries, buckwheat', top: 'cherries, buckwheat, flaky salt' },
    layers: ['bark', 'top:scatter'],
    waits: { bark: 'room 120' },
    cut: 'break',
    keep: null,
  },
  {
    name: 'lemon squares: baked twice, two mixtures',
    text: `Lemon squares
Crust: 
2 cups all-purpose flour
1/2 cup powdered sugar
1 cup butter, cold, cubed
Filling:
4 large eggs
1 1/2 cups granulated sugar
1/4 cup flour
2/3 cup lemon juice

Heat oven to 350°F. Line a 9 x 13 in. baking pan. Pulse the flour, powdered sugar and butter in a food processor until crumbly, press into the pan and bake 18 to 20 minutes. Meanwhile whisk eggs, granulated sugar, the 1/4 cup flour and lemon juice. Pour the filling over the hot crust, turn the pan around at half time, and bake 22 minutes more, until just set with a slight wobble. Cool on a rack, then chill 2 hours. Dust with powdered sugar and cut into 24 squares. Keeps 4 days in the refrigerator.`,
    tin: '330x229',
    mixtures: { crust: 'all-purpose, powdered, butter', filling: 'eggs, granulated, flour, lemon' },
    layers: ['crust', 'filling'],
    bakes: ['18 @177', '22 @177'],
    waits: { filling: 'fridge 120' },
    cut: 24,
    keep: 'fridge 4',
  },
  {
    name: 'fruit and nut bar: dates, nuts, chocolate, one list',
    text: `Date and almond slab

250 g pitted dates
120 g almonds
80 g almond butter
2 tbsp coconut oil, melted
150 g dark chocolate

Soak the dates in hot water for 10 minutes and drain. Blitz the almonds in a processor until coarse, add the dates, almond butter and half of the coconut oil and pulse until it clumps. Press into a lined 20 cm square tin. Put in the freezer while you melt the chocolate with the rest of the coconut oil. Pour over, tilt to cover, and put in the fridge for 45 minutes. Cut into 16. Keep them in the fridge for 10 days, or in the freezer for 3 months.`,
    tin: '200x200',
    mixtures: { base: 'dates, almonds, almond butter, coconut oil', top: 'chocolate, coconut oil' },
    layers: ['base', 'top'],
    waits: { top: 'fridge 45' },
    cut: 16,
    keep: 'fridge 10',
  },
  {
    name: 'marshmallow, gelatine, dusted after cutting',
    text: `Vanilla marshmallow

20g gelatine leaves
500g sugar
4 tsp liquid glucose
200ml water
2 large egg whites
1 tsp vanilla extract
50g icing sugar
50g cornflour

Soak the gelatine in cold water. Put the sugar, glucose and water in a heavy pan and boil to 127°C. Meanwhile, whisk the egg whites until stiff. Take the syrup off the heat, squeeze out the gelatine and slide it in; careful, it will bubble up. Pour the syrup into the whites in a steady stream with the mixer running, add the vanilla and whisk for 10 minutes until thick. Mix the icing sugar and cornflour and dust a 30 x 20cm tin with some of it. Scrape the marshmallow in and leave for at least 3 hours. Turn out, cut into 40 cubes with a wet knife and toss in the rest of the icing sugar mix.`,
    tin: '300x200',
    mixtures: {
      whites: 'egg whites, vanilla',
      syrup: 'sugar, glucose, water, gelatine @127',
      dust: 'icing, cornflour',
    },
    layers: ['whites+syrup', 'dust:coat'],
    waits: { whites: 'room 180' },
    cut: 40,
    keep: null,
  },
  {
    name: 'cinder toffee with soda, sloppy',
    text: `honeycomb!!
- 200g caster sugar
- 5 tbsp golden syrup
- 2 tsp bicarb

ok so line a 20cm tin first. sugar + syrup in a deep pan, low heat till it melts, dont stir, then turn up the heat and let it bubble till amber, 150c if you have a thermometer. off the heat, chuck in the bicarb and beat it in quick - it foams! pour straight into the tin and DONT touch it. 90 mins to set. bash it up. keeps a week in a sealed jar.`,
    tin: '200x200',
    mixtures: { toffee: 'caster, syrup, bicarb @150' },
    layers: ['toffee'],
    waits: { toffee: 'room 90' },
    cut: 'break',
    keep: 'room 7',
  },
  {
    name: 'condensed milk fudge in the microwave',
    text: `5-minute chocolate fudge
1 can (14 oz) sweetened condensed milk
3 cups semi-sweet chocolate chips
1/4 cup butter
1 teaspoon vanilla
1/2 cup walnuts

Line an 8x8 pan with foil. Place milk, chips and butter in a large bowl and microwave on medium in 1 minute bursts, 3 to 5 minutes, stirring each time, until smooth. Stir in vanilla and walnuts. Pour into the pan. Refrigerate 2 hours or until firm. Lift out by the foil and cut into 64 pieces. Store covered in the refrigerator for up to 2 weeks.`,
    tin: '203x203',
    mixtures: { fudge: 'condensed, chips, butter, vanilla, walnuts' },
    layers: ['fudge'],
    waits: { fudge: 'fridge 120' },
    cut: 64,
    keep: 'fridge 14',
  },
  {
    name: 'soft caramels, temperatures on the way',
    text: `Salted cream caramels

300 ml double cream
50 g butter
1 tsp sea salt
250 g granulated sugar
150 g golden syrup
flaky salt, to finish

1. Line a 20 x 20 cm tin with baking paper.
2. Heat the cream, butter and sea salt in a small pan until just steaming. Keep warm.
3. In a large pan, cook the sugar and syrup over a medium heat to a light amber, about 160°C.
4. Lower the heat and carefully add the warm cream mixture. It will spit.
5. Keep it on the heat and cook, stirring now and then, to 121°C.
6. Pour into the tin. After 20 minutes sprinkle with flaky salt.
7. Leave for 3 hours at room temperature, then turn out and cut into 64 pieces. Wrap in waxed paper. They keep for three weeks.`,
    tin: '200x200',
    // All of it is boiled to the end point together.
    mixtures: { caramel: 'granulated, syrup, cream, butter, sea salt @121', salt: 'flaky' },
    layers: ['caramel', 'salt:scatter'],
    waits: { caramel: 'room 20', salt: 'room 180' },
    cut: 64,
    keep: 'room 21',
  },
  {
    name: 'translated, baked base, jam and meringue-like top',
    text: `Currant slices (from my aunt)

Dough:
250 g flour
125 g butter
80 g sugar
1 egg yolk
Cover:
200 g red currant jelly
3 egg whites
150 g sugar
150 g ground hazelnuts

Knead flour, butter, sugar and egg yolk to a dough and let it rest cold for 30 minutes. Roll out on a tray of 30 x 40 cm. Bake 12 minutes with 180 degrees. Spread the jelly on it while it is warm. Beat the egg whites stiff, let the sugar trickle in, lift the hazelnuts under it. Distribute on the jelly. Bake again for 25 minutes with 160 degrees until light brown. Cut still warm in 40 bars. In a tin they hold 3 weeks.`,
    tin: '400x300',
    mixtures: { dough: 'flour, butter, sugar, yolk', jelly: 'jelly', top: 'whites, sugar, hazelnuts' },
    layers: ['dough', 'jelly', 'top'],
    bakes: ['12 @180', '25 @160'],
    cut: 40,
    keep: 'room 21',
  },
  {
    name: 'rocky road, melted and mixed, long remarks',
    text: `I make this every winter and nobody ever complains!

Rocky road
300g dark chocolate, broken into pieces
100g butter
3 tbsp golden syrup
200g digestive biscuits
100g mini marshmallows
75g glacé cherries
icing sugar, to dust

Melt the chocolate, butter and golden syrup in a bowl over a pan of simmering water, don't let the bowl touch the water. Meanwhile put the biscuits in a bag and bash them with a rolling pin, you want lumps as well as dust. Take the bowl off the heat and set aside a cupful of the mixture. Stir the biscuits, marshmallows and cherries into the rest. Tip into a lined 20cm square tin and flatten, then spread over the reserved chocolate. Chill for 2 hours or overnight. Dust with icing sugar, turn out and cut into 25 squares. Will keep in the fridge for a week, if you can hide it.`,
    tin: '200x200',
    mixtures: { road: 'chocolate, butter, syrup, biscuits, marshmallows, cherries', dust: 'icing sugar' },
    layers: ['road', 'dust:scatter'],
    waits: { road: 'fridge 120' },
    cut: 25,
    keep: 'fridge 7',
  },
  {
    name: 'frozen yogurt bark',
    text: `Frozen berry bark

500 g Greek yogurt
60 g honey
150 g mixed berries
40 g flaked almonds

Line a 30 x 20 cm tray with baking paper. Mix the yogurt and honey. Spread it over the tray. Scatter the berries and almonds over it. Freeze for 4 hours until solid. Break into pieces and keep in the freezer for up to a month.`,
    tin: '300x200',
    mixtures: { yogurt: 'yogurt, honey', top: 'berries, almonds' },
    layers: ['yogurt', 'top:scatter'],
    waits: { top: 'freezer 240' },
    cut: 'break',
    keep: 'freezer 30',
  },
  {
    name: 'brownie with a swirl of cheesecake',
    text: `Cheesecake brownies

Brownie batter
170g butter
200g dark chocolate
3 eggs
250g caster sugar
100g plain flour
Cheesecake
250g cream cheese
75g caster sugar
1 egg

Preheat the oven to 160C fan. Line a 23cm square tin. Melt the butter and chocolate together and cool slightly. Whisk the eggs and 250g sugar until pale, fold in the chocolate, then the flour. Beat the cream cheese with the other sugar and egg until smooth. Spread most of the brownie batter in the tin, dollop on the cheesecake and the rest of the batter, and swirl with a skewer. Bake for 30-35 minutes until there's just a wobble. Cool in the tin, chill for 1 hour, and cut into 16 squares.`,
    tin: '230x230',
    mixtures: { batter: 'butter, chocolate, eggs, caster, flour', cheese: 'cream cheese, caster, egg' },
    layers: ['batter+cheese'],
    bakes: ['30 @160'],
    waits: { batter: 'fridge 60' },
    cut: 16,
    keep: null,
  },
  {
    name: 'peanut brittle on a sheet, no tin size',
    text: `Peanut Brittle
1 1/2 cups granulated sugar
1/2 cup light corn syrup
1/2 cup water
2 cups roasted peanuts
2 tablespoons butter
1 teaspoon baking soda
1/2 teaspoon salt

Grease a large rimmed baking sheet. Combine sugar, corn syrup and water in a 3-quart saucepan. Bring to a boil over medium heat, stirring, and cook to 250°F. Stir in the peanuts; lower the heat at 280°F so that they don't scorch, and continue to 300°F, stirring constantly. Remove from heat. Immediately stir in butter, baking soda and salt. Pour onto the sheet and stretch it thin with two forks. Cool 30 minutes. Break into pieces. Store airtight up to 2 weeks.`,
    tin: null,
    mixtures: { brittle: 'granulated, corn syrup, water, peanuts, butter, soda, salt @149' },
    layers: ['brittle'],
    waits: { brittle: 'room 30' },
    cut: 'break',
    keep: 'room 14',
  },
  {
    name: 'mint slice: baked base, paste, chocolate; halves then thirds',
    text: `Peppermint slice

BASE
90 g butter
1/3 cup caster sugar
1 tbs cocoa
1 cup self-raising flour

FILLING
1 3/4 cups icing sugar
30 g coconut fat, melted
1 1/2 tbs milk
1 tsp peppermint essence

ICING
150 g dark chocolate
20 g coconut fat

Cream the butter and sugar. Add cocoa and flour and mix to a soft dough. Press into a greased 18 x 28 cm lamington tin. Bake in a moderate oven, 180, for 15 mins. Cool. For the filling sift the icing sugar into a bowl, add coconut fat, milk and essence, beat till smooth. Spread over the cooled base and leave to set. Melt the chocolate and coconut fat, spread over the filling. When it is nearly set, cut in halves lengthwise, then each half in thirds, and across into 6 rows, wiping the knife.`,
    tin: '280x180',
    mixtures: {
      base: 'butter, caster, cocoa, self-raising',
      filling: 'icing, coconut fat, milk, peppermint',
      top: 'chocolate, coconut fat',
    },
    layers: ['base', 'filling', 'top'],
    bakes: ['15 @180'],
    waits: { filling: 'room 0' },
    cut: 36,
    keep: null,
  },
  {
    name: 'biscuit base and pots side by side',
    text: `Coffee walnut caramel bars

Shortbread: 200 g plain flour, 130 g butter, 70 g caster sugar
Caramel: 200 g caster sugar, 60 g butter, 120 ml double cream, 2 tsp instant coffee
On top: 80 g walnut halves

Rub the butter into the flour, stir in the sugar and press into a 25 x 18 cm tin. Prick all over. Bake at 160 C for 35 min, then let it cool in the tin.
Melt the sugar dry in a wide pan until it is the colour of copper. Dissolve the coffee in the cream, warm it, and pour it onto the caramel, keep your arms away from the steam. Add the butter and boil to 118 C. Pour over the shortbread. Press the walnut halves into it in rows while it is hot. Leave to set for 2 hours before you cut it into 30 fingers. In a tin, two weeks.`,
    tin: '250x180',
    mixtures: {
      base: 'flour, butter, caster',
      caramel: 'caster, butter, cream, coffee @118',
      nuts: 'walnut',
    },
    layers: ['base', 'caramel', 'nuts:scatter'],
    bakes: ['35 @160'],
    waits: { nuts: 'room 120' },
    cut: 30,
    keep: 'room 14',
  },
];
