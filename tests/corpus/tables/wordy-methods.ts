/**
 * Methods as people really tell them: long sentences, asides, passives, dictation, two ovens, several tins; from memory of ordinary
 * baking [M], with their actions as in method-actions. Every third is set aside. Written before the reader saw any of them.
 */
export const wordyMethods: readonly { readonly text: string; readonly actions: string }[] = [
  {
    text: `Grandma's sour cream coffee cake\n\n2 cups all-purpose flour\n1 tsp baking powder\n1/2 tsp baking soda\n1/2 tsp salt\n1 cup butter\n1 1/4 cups sugar\n2 eggs\n1 cup sour cream\n1 tsp vanilla\n1 cup chopped pecans\n\nPreheat oven to 350°F. Grease and flour a 10-inch tube pan.\nIn a medium bowl, whisk together flour, baking powder, baking soda and salt; set aside.\nIn the bowl of a stand mixer fitted with the paddle attachment, beat the butter and sugar on medium speed until light and fluffy, 3 to 5 minutes. Add eggs one at a time, scraping down the bowl as needed.\nWith the mixer on low, add the flour mixture in three additions, alternating with the sour cream. Stir in the vanilla and pecans.\nScrape batter into prepared pan and bake for 50 to 55 minutes, or until a skewer inserted in the center comes out clean. Let cool in the pan for 15 minutes, then turn out onto a wire rack to cool completely.`,
    actions:
      'preheat @180; grease >pan; dust (flour) >pan / whisk all-purpose flour, baking powder, baking soda, salt >bowl; set-aside / beat butter, sugar >bowl t3-5; add eggs / add =all-purpose flour, sour cream; stir vanilla, chopped pecans / spoon >pan; bake t50-55; cool >pan t15; unmould >rack',
  },
  {
    text: `Lemon tart\n\nPastry\n200 g plain flour\n100 g cold butter\n50 g icing sugar\n1 egg yolk\n\nFilling\n4 lemons\n5 eggs\n175 g caster sugar\n150 ml double cream\n\n1. To make the pastry, rub the butter into the flour with your fingertips until it resembles breadcrumbs, stir in the icing sugar and bind with the yolk. Wrap and leave in the fridge for at least half an hour.\n2. Heat the oven to 190°C. Roll out the pastry on a floured surface and line a 23 cm loose-bottomed tart tin. Prick the base, fill with baking beans and bake blind for 15 minutes. Remove the beans and return to the oven for another 5–8 minutes until dry and pale gold.\n3. Lower the oven to 140°C. Beat the eggs with the sugar, then stir in the cream and the lemon juice. Pour into the case and bake for 35–40 minutes until just set with a slight wobble. Cool before slicing.`,
    actions:
      'rub cold butter, plain flour; stir icing sugar; combine egg yolk; wrap; chill t30 / preheat @190; roll >surface; line >tin; prick; fill; bake t15+5-8 / preheat @140; beat eggs, caster sugar; stir double cream, lemons*juice; pour >case; bake t35-40; cool',
  },
  {
    text: `Overnight cinnamon buns\n\n500 g bread flour\n7 g dried yeast\n60 g sugar\n1 tsp salt\n250 ml milk\n80 g butter\n1 egg\n\nFilling\n100 g soft butter\n120 g brown sugar\n2 Tbsp cinnamon\n\nWarm the milk with the butter and leave until lukewarm. Put the flour, yeast, sugar and salt in a large bowl, pour in the milk, add the egg and mix to a soft, sticky dough. Knead for 8 to 10 minutes. Put back in the bowl, cover and leave to rise for an hour and a half or until doubled.\nRoll out to 40 x 30 cm. Mix the filling ingredients and spread them right to the edges. Roll up tightly, cut into 12 and arrange in a buttered tin. Cover and chill overnight.\nTake them out of the fridge an hour before baking. Bake at 180°C fan for 22-25 minutes. They are best warm.`,
    actions:
      'heat milk, butter; rest; put bread flour, dried yeast, sugar, salt >bowl; pour =milk; add egg; combine; knead t8-10; put >bowl; cover; proof t90 / roll; combine soft butter, brown sugar, cinnamon; spread; roll; cut; layer >tin; cover; chill t480-720 / remove t60; bake @200 t22-25',
  },
  {
    text: `Oat and honey loaf\n\n100 g rolled oats\n400 g strong white flour\n7 g fast-action yeast\n1 tsp salt\n2 tbsp honey\n300 ml water\n\nToast the oats in a dry frying pan for 5 minutes, stirring, then tip them into a bowl. Add the flour, yeast and salt. Stir the honey into the water and pour it in. Knead for 10 minutes and leave to rise for 1 hour. Shape into a loaf, put it in a greased 900 g loaf tin and prove for 40 minutes. Bake at 220°C for 15 minutes, then turn the oven down to 190°C and bake for 20 more. It keeps for 3 days and freezes well.`,
    actions: 'toast rolled oats >pan t5; add >bowl; add strong white flour, fast-action yeast, salt; stir honey, water; pour; knead t10; proof t60; shape; put >tin; proof t40; bake @220 @190 t15+20',
  },
  {
    text: `Basic muffin batter\n\n250 g plain flour\n2 tsp baking powder\n100 g sugar\n1 egg\n240 ml milk\n80 ml oil\n\nSift the dry ingredients into a bowl and make a well. Beat the egg, milk and oil and pour into the well. Stir until just combined; the batter will be lumpy, don't worry. Spoon into cases and bake at 200°C for 20 minutes for muffins, or 45 minutes in a loaf tin. Can be made ahead and frozen.`,
    actions: 'sift plain flour, baking powder, sugar >bowl; make; beat egg, milk, oil; pour; stir; spoon >case; bake @200 t20',
  },
  {
    text: `Butterscotch pots\n\n50 g butter\n100 g dark brown sugar\n300 ml double cream\n200 ml whole milk\n3 egg yolks\n1 tbsp cornflour\npinch of sea salt\n\nMelt the butter in a saucepan, add the sugar and let it bubble for 2 minutes. Take off the heat and slowly stir in the cream. Whisk the yolks with the cornflour and the milk, pour on the hot cream, then return everything to the pan and cook over a low heat, stirring all the time, until it coats the back of a spoon. Strain into a jug, stir in the salt and pour into 4 glasses. Chill for at least 3 hours.`,
    actions:
      'melt butter >saucepan; add dark brown sugar; simmer t2; unheat; stir double cream; whisk egg yolks, cornflour, whole milk; pour =double cream; put >pan; cook; strain >jug; stir sea salt; pour >glass; chill t180',
  },
  {
    text: `choc chip traybake told by phone\n\n225g butter\n225g sugar\n4 eggs\n225g self raising flour\n100g chocolate chips\n\ncream the butter and sugar until light and gradually beat in the eggs fold in the flour and chocolate chips and spread in a lined tin then bake at 180 for 30 mins until it springs back leave to cool and cut into squares`,
    actions: 'cream butter, sugar; beat eggs; fold self raising flour, chocolate chips; spread >tin; bake @180 t30; cool; cut',
  },
  {
    text: `Shortbread in batches\n\n200 g butter\n100 g icing sugar\n300 g plain flour\nsugar for dusting\n\nBeat the butter until soft, then beat in the icing sugar. Work in the flour with a wooden spoon until it comes together. Shape into a log, wrap in cling film and chill until firm, about an hour. Slice into rounds, place on two lined baking sheets and bake in two batches at 160°C for 18 to 20 minutes, swapping the trays round halfway. Dust with sugar while still warm and transfer to a rack.`,
    actions: 'beat butter; beat icing sugar; combine plain flour; shape; wrap; chill t60; cut; put >sheet; bake @160 t18-20; dust sugar; spoon >rack',
  },
  {
    text: `Pavlova for a crowd\n\n6 egg whites\n350 g caster sugar\n1 tsp cornflour\n1 tsp white wine vinegar\n400 ml double cream\n500 g mixed berries\n\nHeat the oven to 150°C/130°C fan. Draw a circle on baking paper. In a very clean bowl, whisk the egg whites to stiff peaks, then whisk in the sugar, a spoonful at a time, until thick and glossy. Whisk in the cornflour and vinegar. Pile onto the paper and make a dip in the middle. Bake for 1¼ hours, turn the oven off and leave inside until cold. Whip the cream to soft peaks, pile on top and scatter over the berries just before serving.`,
    actions:
      'preheat @150; make >paper; whisk egg whites >bowl; whisk caster sugar; whisk cornflour, white wine vinegar; spread >paper; make; bake t75; off; rest; whip double cream; spread; scatter mixed berries',
  },
  {
    text: `Rhubarb custard tart\n\n375 g shortcrust pastry\n400 g rhubarb\n100 g caster sugar\n3 eggs\n200 ml double cream\n1 tsp vanilla\n\nRoll the pastry out and use to line a 23cm tart tin. Chill for 20 mins while the oven heats to 190C. Cut the rhubarb into short lengths, toss with half the sugar and roast on a tray for 10 mins. Blind bake the pastry case for 15 mins, then 5 mins more without the beans. Whisk the eggs, cream, vanilla and remaining sugar. Arrange the rhubarb in the case, pour over the custard and bake at 160C for 30-35 mins.`,
    actions:
      'roll shortcrust pastry; line >tin; chill t20; cut rhubarb; toss caster sugar*1/2; toast >tray t10; bake =shortcrust pastry t15+5; whisk eggs, double cream, vanilla, caster sugar*rest; layer =rhubarb >case; pour; bake @160 t30-35',
  },
  {
    text: `Banoffee pie\n\n250 g digestive biscuits\n125 g butter\n400 g tin caramel\n3 bananas\n300 ml double cream\ngrated dark chocolate to decorate\n\nBlitz the biscuits to crumbs in a food processor. Melt the butter, pour it in and pulse to combine. Tip into a 23 cm loose-based tin and press over the base and up the sides with the back of a spoon. Chill for 30 minutes.\nBeat the caramel to loosen it and spread over the base. Slice the bananas and arrange on top. Whip the cream until it just holds its shape, spoon over, and finish with the grated chocolate. Serve straight away or keep in the fridge for up to a day.`,
    actions:
      'blend digestive biscuits >processor; melt butter; pour; blend; add >tin; press; chill t30 / beat caramel; spread; cut bananas; layer; whip double cream; spoon; decorate grated dark chocolate; serve; keep t1440',
  },
  {
    text: `Steamed syrup sponge\n\n3 tbsp golden syrup\n120 g soft butter\n120 g caster sugar\n2 eggs\n120 g self-raising flour\n2 tbsp milk\n\nButter a 1 litre pudding basin generously and spoon in the syrup. Cream the butter with the sugar, then beat in the eggs a little at a time, adding a spoonful of the flour if it looks like curdling. Fold in the rest of the flour, then loosen with the milk. Spoon the mixture into the basin. Cover with a double layer of pleated foil, tie with string and lower into a pan of simmering water. Steam for 1½ hours, topping up the water from time to time. Turn out and serve with custard.`,
    actions:
      'grease (butter) >basin; spoon golden syrup; cream soft butter, caster sugar; beat eggs, self-raising flour*amt; fold self-raising flour*rest; combine milk; spoon >basin; cover; shape; put >pan; steam t90; unmould; serve (custard)',
  },
  {
    text: `Apple cake, the passive way\n\n150 g butter\n150 g sugar\n3 eggs\n200 g flour\n2 tsp baking powder\n3 apples\n1 tsp cinnamon\n\nThe butter is creamed with the sugar and the eggs are beaten in one by one. The flour is sifted with the baking powder and folded in. The apples are peeled, cored and sliced. The batter is spread in a greased 24 cm springform and the apples are laid on top. It is sprinkled with cinnamon and baked at 180 °C for 45 minutes.`,
    actions: 'cream butter, sugar; beat eggs; sift flour, baking powder; fold; peel apples; cut =apples; cut =apples; spread >springform; layer =apples; scatter cinnamon; bake @180 t45',
  },
  {
    text: `Ginger biscuits (makes 24)\n\n100g butter\n100g golden syrup\n350g self-raising flour\n100g light soft brown sugar\n1 tbsp ground ginger\n1 tsp bicarbonate of soda\n1 egg\n\n- Heat oven to 180C/160C fan/gas 4 and line two baking sheets with baking parchment.\n- Put the butter and syrup in a small pan and melt together over a low heat.\n- Mix the flour, sugar, ginger and bicarb in a large bowl, then stir in the melted butter mixture and the egg.\n- Roll walnut-sized pieces into balls, space them out on the sheets and flatten slightly.\n- Bake for 10-12 mins, turning the trays round after 5, until golden. Leave on the trays for 5 mins, then lift onto a wire rack.`,
    actions:
      'preheat @180; line >sheet / put butter, golden syrup >pan; melt / combine self-raising flour, light soft brown sugar, ground ginger, bicarbonate of soda >bowl; stir =butter, egg / shape; put >sheet; roll / bake t10-12; rest >tray t5; remove >rack',
  },
  {
    text: `French apple clafoutis\n\n4 apples\n30 g butter\n120 g sugar\n3 eggs\n60 g flour\n300 ml milk\n2 Tbsp calvados\n\nPeel and core the apples and cut them into slices. Fry them gently in the butter for about 5 minutes until soft, sprinkle with 2 tablespoons of the sugar and pour over the calvados. Meanwhile whisk the eggs with the remaining sugar and the flour, then gradually whisk in the milk. Arrange the apples in a buttered 25 cm gratin dish, pour the batter over and bake in a moderate oven (180°C) for 35 minutes, until puffed and brown. Serve warm, dusted with sugar.`,
    actions:
      'peel apples; cut =apples; cut =apples; fry butter t5; scatter sugar*amt; pour calvados; whisk eggs, sugar*rest, flour; whisk milk; layer =apples >dish; pour; bake @180 t35; serve (sugar)',
  },
  {
    text: `Hot milk sponge\n\n4 eggs\n2 cups sugar\n2 cups flour\n2 tsp baking powder\n1 cup milk\n1/2 cup butter\n1 tsp vanilla\n\nHeat oven to 350. Beat eggs till foamy, about 5 min. Gradually add sugar, beating all the while. Sift flour with baking powder; add to egg mixture. Heat milk and butter just to boiling; add to batter with vanilla. Pour into greased 13x9 pan. Bake 30–35 min.`,
    actions: 'preheat @180; beat eggs t5; add sugar; sift flour, baking powder; add =eggs; heat milk, butter; add vanilla; pour >pan; bake t30-35',
  },
  {
    text: `Chocolate soufflés\n\nbutter and sugar for the ramekins\n150 g dark chocolate\n30 g butter\n4 eggs\n60 g caster sugar\n\nHeat the oven to 200°C with a baking tray inside. Butter four ramekins and coat with sugar, tapping out the excess. Melt the chocolate with the butter in a bowl set over a pan of simmering water, stirring occasionally. Remove from the heat and cool slightly, then beat in the egg yolks. Whisk the egg whites until they form soft peaks, add the sugar and whisk again until glossy. Fold a third of the whites into the chocolate to loosen it, then gently fold in the rest. Fill the ramekins, run a thumb round the edge and bake on the hot tray for 12–14 minutes. Serve at once.`,
    actions:
      'preheat @200 >tray; grease butter >ramekin; coat sugar; melt dark chocolate, butter >bowl; unheat; cool; beat eggs*yolk; whisk eggs*white; add caster sugar; whisk; fold =eggs*1/3, =dark chocolate; fold =eggs*rest; fill >ramekin; bake >tray t12-14; serve',
  },
  {
    text: `Date and walnut loaf\n\n200 g dates, chopped\n1 tsp bicarbonate of soda\n250 ml boiling water\n75 g butter\n150 g soft brown sugar\n1 egg\n225 g plain flour\n75 g walnuts\n\nStep 1\nPlace the dates in a bowl with the bicarbonate of soda, pour over the boiling water and leave to stand for 15 minutes.\nStep 2\nMeanwhile, heat the oven to 170C and grease and line a 2lb loaf tin.\nStep 3\nCream the butter and sugar together, then beat in the egg. Fold in the flour, the walnuts and the date mixture, liquid included.\nStep 4\nTurn into the tin, level the top and bake for 1 hour to 1 hour 10 minutes. If it browns too fast, cover with foil. Leave in the tin for 10 minutes before turning out.`,
    actions:
      'put dates, bicarbonate of soda >bowl; pour boiling water; rest t15 / preheat @170; grease >tin; line >tin / cream butter, soft brown sugar; beat egg; fold plain flour, walnuts, =dates / spoon >tin; level; bake t60-70; cover; rest >tin t10',
  },
  {
    text: `Panforte\n\n100 g almonds\n100 g hazelnuts\n150 g candied peel\n80 g plain flour\n2 tbsp cocoa\n1 tsp cinnamon\n100 g honey\n100 g sugar\n\nRoast the nuts at 180°C for 8–10 minutes, rub off the hazelnut skins and chop everything roughly. Turn the oven down to 150°C and line a 20 cm round tin with rice paper. Mix the nuts, peel, flour, cocoa and cinnamon. Bring the honey and sugar to the boil and simmer until it reaches 115°C. Working quickly, pour the syrup over the dry mix and stir well. Press into the tin with wet hands and bake for 30 minutes. Leave to cool completely in the tin, then dust with icing sugar.`,
    actions:
      'toast almonds, hazelnuts @180 t8-10; rub =hazelnuts; cut; preheat @150; line >tin; combine =almonds, =hazelnuts, candied peel, plain flour, cocoa, cinnamon; boil honey, sugar; simmer; pour; stir; press >tin; bake t30; cool >tin; dust (icing sugar)',
  },
  {
    text: `Gulab-style milk cake\n\n1 cup milk powder\n1/4 cup maida\n1/4 tsp baking soda\n2 tbsp ghee\n1/4 cup curd\n\nSyrup\n1 cup sugar\n1 cup water\n4 cardamom pods\n\nMix milk powder, maida and baking soda, rub in ghee with fingertips and bind with curd. Rest 10 min. Grease a small tin with ghee and spread the dough in it. Bake in preheated oven at 170°C for 20-25 mins.\nFor syrup: boil sugar, water and crushed cardamom pods for 5 mins, do not make it thick. Pour hot syrup over the warm cake and leave it to soak for 2 hours before cutting.`,
    actions: 'combine milk powder, maida, baking soda; rub ghee; combine curd; rest t10; grease (ghee) >tin; spread; bake @170 t20-25 / boil sugar, water, cardamom pods t5; pour; soak t120',
  },
  {
    text: `Blackberry fool\n\n300 g blackberries\n60 g caster sugar\n300 ml double cream\n150 g Greek yoghurt\n\nCook the blackberries with the sugar in a covered pan for 5 minutes, until the juices run. Push half of them through a sieve, stir the purée back into the rest and leave to get cold. Whip the cream softly and fold it into the yoghurt. Ripple the fruit through, spoon into glasses and chill for an hour or two.`,
    actions: 'cook blackberries, caster sugar >pan t5; strain =blackberries*1/2; stir; rest; whip double cream; fold Greek yoghurt; swirl; spoon >glass; chill t60-120',
  },
  {
    text: `Fig rolls\n\nDough\n250 g plain flour\n125 g butter\n75 g sugar\n1 egg\n\nFilling\n250 g dried figs\n150 ml orange juice\n\nFor the filling: simmer the figs in the orange juice for 10 minutes until soft, then blend to a thick paste and cool. For the dough: rub the butter into the flour, add the sugar and egg and knead lightly. Chill both for 30 minutes.\nRoll the dough out into a long rectangle, pipe or spoon the paste down the middle, fold over and seal with a little water. Cut into 3 cm lengths and place seam side down on a lined tray. Bake at 180°C for 18 minutes. Repeat with the remaining dough.`,
    actions: 'simmer dried figs, orange juice t10; blend; cool; rub butter, plain flour; add sugar, egg; knead; chill t30 / roll; pipe; fold; press (water)*amt; cut; put >tray; bake @180 t18; repeat',
  },
  {
    text: `Tiramisu\n\n3 eggs\n75 g caster sugar\n250 g mascarpone\n200 ml strong coffee\n2 tbsp marsala\n175 g ladyfingers\ncocoa powder, for dusting\n\nSeparate the eggs. Whisk the yolks and sugar until pale and thick, then beat in the mascarpone. In a clean bowl whisk the whites to soft peaks and fold into the mascarpone mixture. Mix the coffee and marsala in a shallow dish. Dip half the ladyfingers briefly in the coffee and lay them in a serving dish; cover with half the cream. Repeat the layers. Cover and chill for at least 6 hours, preferably overnight. Dust with cocoa before serving.`,
    actions:
      'separate eggs; whisk eggs*yolk, caster sugar; beat mascarpone; whisk eggs*white >bowl; fold =mascarpone; combine strong coffee, marsala >dish; dip ladyfingers*1/2, =strong coffee; layer >dish; cover; repeat; cover; chill t360-720; dust cocoa powder',
  },
  {
    text: `Peanut brittle\n\n200 g sugar\n100 g golden syrup\n60 ml water\n200 g roasted peanuts\n15 g butter\n1/2 tsp bicarbonate of soda\n\nOil a baking tray. Put the sugar, syrup and water in a heavy pan and stir over a gentle heat until dissolved. Bring to the boil and boil to 150°C without stirring. Off the heat, stir in the peanuts, butter and bicarbonate of soda: it will foam up. Pour onto the tray at once, spread it out thinly and leave to harden. Break into pieces and store in a tin.`,
    actions: 'grease (oil) >tray; put sugar, golden syrup, water >pan; stir; boil; boil; stir roasted peanuts, butter, bicarbonate of soda; pour >tray; spread; set; cut; keep >tin',
  },
  {
    text: `Pear and almond tart\n\n250 g sweet pastry\n100 g butter\n100 g sugar\n2 eggs\n100 g ground almonds\n3 pears\n2 tbsp apricot jam\n\nRoll the pastry to the thickness of a coin, lift it into a 24 cm tart tin and trim the edges. Chill while you make the filling. Beat together the butter and sugar until creamy, beat in the eggs one by one and stir through the almonds. Spread over the base. Halve and core the pears, press them lightly into the filling and bake for 40 mins at 180C. Heat the jam with a splash of water, sieve it and brush over the tart while hot.`,
    actions:
      'roll sweet pastry; remove >tin; cut; chill; beat butter, sugar; beat eggs; stir ground almonds; spread; cut pears; cut =pears; press; bake @180 t40; heat apricot jam, (water)*amt; sift; brush',
  },
  {
    text: `Malt loaf\n\n175 g raisins\n150 ml hot black tea\n100 g malt extract\n85 g dark muscovado sugar\n2 eggs\n250 g plain flour\n1 tsp baking powder\n\nPour the hot tea over the raisins and leave to plump up for 20 minutes. Warm the malt extract and sugar together until the sugar has dissolved, then add to the fruit along with the eggs and give it a good stir. Quickly stir in the flour and baking powder and pour into two lined loaf tins. Bake for 50 minutes at 150 fan until firm and well risen. While still hot, brush with a little more malt extract, and leave to cool. Wrapped in foil it keeps for a week and gets stickier.`,
    actions:
      'pour hot black tea, raisins; rest t20; heat malt extract, dark muscovado sugar; add =raisins, eggs; stir; stir plain flour, baking powder; pour >tin; bake @170 t50; brush =malt extract; cool',
  },
  {
    text: `Key lime pie\n\n1 1/2 cups graham cracker crumbs\n6 Tbsp butter, melted\n4 egg yolks\n1 can sweetened condensed milk\n1/2 cup key lime juice\n1 cup whipping cream\n\nPreheat oven to 350 degrees. Mix crumbs and melted butter and press firmly into bottom and up sides of a 9-inch pie plate. Bake 8 minutes; cool. In a large bowl beat egg yolks and condensed milk with an electric mixer; gradually stir in lime juice. Pour into crust. Bake 15 minutes more or until set. Cool on wire rack 1 hour, then refrigerate at least 3 hours. Whip cream and spread on top.`,
    actions:
      'preheat @180; combine graham cracker crumbs, butter; press >plate; bake t8; cool; beat egg yolks, sweetened condensed milk >bowl; stir key lime juice; pour; bake t15; cool >rack t60; chill t180; whip whipping cream; spread',
  },
  {
    text: `Soda farls\n\n250 g plain flour\n1/2 tsp bicarbonate of soda\n1/2 tsp salt\n200 ml buttermilk\n\nSieve the dry ingredients into a wide bowl, make a well in the centre and add almost all of the buttermilk. Bring the dough together with your hand, adding the last of the milk only if it needs it. Don't knead it. Turn out onto a floured board, pat into a round 2 cm thick and cut in four. Heat a heavy frying pan, dust it with flour and cook the farls for 7 or 8 minutes on each side over a low heat.`,
    actions: 'sift plain flour, bicarbonate of soda, salt >bowl; make; add buttermilk*some; combine; unmould >board; roll; cut; heat >pan; dust (flour) >pan; cook t7-8+7-8',
  },
  {
    text: `Sticky ginger pudding\n\n100 g stem ginger\n200 g self-raising flour\n2 tsp ground ginger\n100 g butter\n100 g muscovado sugar\n2 eggs\n150 ml milk\n\nToffee sauce\n150 g muscovado sugar\n100 g butter\n200 ml cream\n\nChop the stem ginger finely. Sift the flour with the ground ginger. Cream together the butter and sugar, add the eggs gradually with a spoonful of flour in between, then fold in the remaining flour, the milk and the chopped ginger. Turn into a buttered dish and bake at gas mark 4 for 35 minutes. To make the sauce, put the sugar, butter and cream into a pan, bring slowly to the boil, stirring, and let it bubble for 3 minutes until thickened. Serve the pudding hot with the sauce.`,
    actions:
      'cut stem ginger; sift self-raising flour, ground ginger; cream butter, muscovado sugar; add eggs, =self-raising flour*amt; fold =self-raising flour*rest, milk, =stem ginger; spoon >dish; bake @180 t35; put muscovado sugar, butter, cream >pan; boil; simmer t3; serve',
  },
  {
    text: `Doughnuts\n\n500 g strong flour\n7 g yeast\n50 g sugar\n250 ml milk\n50 g butter\n1 egg\n1 litre oil for frying\nsugar to coat\n\nMix the flour, yeast and sugar. Add the milk, soft butter and egg and knead until smooth and elastic, 10 minutes by hand or 6 in a mixer. Cover and let rise for about an hour until doubled. Knock back, divide into 12 and roll each piece into a ball. Put them on oiled paper and let prove for 30 minutes. Heat the oil to 170 °C. Fry the doughnuts in batches for 3 minutes on each side until golden brown, drain on kitchen paper and roll in sugar while still warm.`,
    actions: 'combine strong flour, yeast, sugar; add milk, butter, egg; knead t10; cover; proof t60; knead; divide; shape; put >paper; proof t30; heat oil; fry t3+3; drain >paper; coat sugar',
  },
  {
    text: `Cherry almond cake\n\n200 g cherries\n175 g butter\n175 g caster sugar\n3 eggs\n1 tsp almond extract\n100 g ground almonds\n150 g self-raising flour\n25 g flaked almonds\n\nStone the cherries, toss them in a spoonful of the flour and set aside. In a mixing bowl, beat the butter, sugar, eggs, almond extract, ground almonds and the rest of the flour with an electric whisk for two minutes, until smooth. Spoon half the mixture into a lined 20 cm tin, scatter over half the cherries, cover with the remaining mixture and finish with the rest of the cherries and the flaked almonds. Bake on the middle shelf at 160°C for 1 hour 10 minutes, covering with foil after 40 minutes if it browns too quickly. Leave in the tin for 15 minutes, then remove and cool on a rack.`,
    actions:
      'cut cherries; toss self-raising flour*amt; set-aside; beat butter, caster sugar, eggs, almond extract, ground almonds, self-raising flour*rest >bowl t2; spoon >tin; scatter =cherries*1/2; cover; decorate =cherries*rest, flaked almonds; bake @160 t70; rest >tin t15; remove; cool >rack',
  },
  {
    text: `Egg custard tartlets\n\n320 g puff pastry\n300 ml milk\n1 cinnamon stick\n150 g sugar\n25 g flour\n4 egg yolks\n\nUnroll the pastry, dust with flour, roll it up again tightly from the short side and chill for half an hour. Meanwhile, bring the milk to a simmer with the cinnamon stick, take it off the heat and leave to infuse for 10 minutes. Whisk the sugar, flour and yolks in a pan, strain in the milk and cook, whisking constantly, until thick. Cut the roll into 12, flatten each piece and press into the holes of a greased muffin tin. Fill three-quarters full and bake at 240C for 12-15 minutes, until scorched in places.`,
    actions:
      'roll puff pastry; dust (flour); roll; chill t30; simmer milk, cinnamon stick; unheat; soak t10; whisk sugar, flour, egg yolks >pan; strain =milk; cook; cut; roll; press >tin; fill; bake @240 t12-15',
  },
  {
    text: `Summer pudding\n\n800 g mixed berries\n150 g sugar\n8 slices white bread\n\nTip the berries and sugar into a saucepan with 3 tablespoons of water and heat gently until the juice runs; do not let it boil. Tip into a sieve set over a bowl. Cut the crusts off the bread, dip the slices in the juice one at a time and use them to line a 1 litre basin, overlapping slightly. Fill with the fruit, top with the last of the bread, cover with a saucer and a weight and put in the fridge overnight. Run a knife round the edge and turn out onto a plate.`,
    actions:
      'add mixed berries, sugar, (water)*amt >saucepan; heat; strain >bowl; cut white bread; dip =white bread; line >basin; fill =mixed berries; top =white bread*rest; cover; chill t480-720; unmould >plate',
  },
  {
    text: `Ginger parkin pieces\n\n225 g oatmeal\n225 g plain flour\n2 tsp ground ginger\n1 tsp bicarbonate of soda\n170 g butter\n225 g treacle\n170 g brown sugar\n100 ml milk\n1 egg\n\nPut the oatmeal in a bowl and add the flour, ginger and bicarbonate of soda. Put the butter, treacle and sugar in a pan over a gentle heat and stir till melted. Pour this into the dry ingredients with the milk and the beaten egg, and mix thoroughly. The mixture should be runny. Pour it into a greased and lined roasting tin and bake at 150°C for three-quarters of an hour to an hour. Cool in the tin, then cut into squares and store in an airtight tin for at least 4 days before eating.`,
    actions:
      'put oatmeal >bowl; add plain flour, ground ginger, bicarbonate of soda; put butter, treacle, brown sugar >pan; stir; pour milk, egg; combine; pour >tin; bake @150 t45-60; cool >tin; cut; keep >tin t5760',
  },
  {
    text: `Baked rice pudding with a skin\n\n100 g pudding rice\n50 g sugar\n1 litre whole milk\n1 bay leaf\n20 g butter\n\nRinse the rice and put it into a buttered ovenproof dish with the sugar, milk and bay leaf. Dot the surface with butter. Bake at 150 °C for 30 minutes, stir, bake for another 30 minutes, stir again, and then leave undisturbed for a further hour until a golden skin has formed. Let it stand for 10 minutes.`,
    actions: 'rinse pudding rice; put sugar, whole milk, bay leaf >dish; scatter butter; bake @150 t30+30+60; rest t10',
  },
  {
    text: `Chocolate truffles\n\n200 g dark chocolate\n150 ml double cream\n25 g butter\n1 tbsp rum\ncocoa for rolling\n\nChop the chocolate and put it in a heatproof bowl. Bring the cream and butter just to the boil, pour over the chocolate and leave for a minute before stirring until smooth and glossy. Stir in the rum, cover and chill for 2 hours or until firm enough to handle. Scoop teaspoonfuls, roll quickly into balls between your palms, then toss in cocoa. Keep in the fridge for up to 5 days.`,
    actions: 'cut dark chocolate; put =dark chocolate >bowl; boil double cream, butter; pour =dark chocolate; rest t1; stir rum; cover; chill t120; spoon; shape; toss cocoa; keep t7200',
  },
]
