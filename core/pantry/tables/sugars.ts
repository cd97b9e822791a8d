import { row } from '../row'

/** Sugars, syrups, chocolate and cocoa. Columns and source tags as in flours.ts. */
export const sugars = [
  row('sugar', 'sugar', 'caster sugar', 'sugar | granulated sugar | white sugar | castor sugar | superfine sugar | super-fine sugar | fine sugar | golden caster sugar | cane sugar | raw sugar | fine granulated sugar | golden granulated sugar', [0.1, 0, 0, 0, 99.8, 0, 0], 0.845, { called: { us: 'granulated sugar', ca: 'granulated sugar' }, pieces: { piece: 4 } }, '[U] sugar'),
  row('icing-sugar', 'sugar', 'icing sugar', "powdered sugar | confectioners' sugar | confectioner's sugar | confectioners sugar | confectioners’ sugar | 10x sugar", [0.3, 0, 0, 0, 97, 2, 0], { spooned: 0.479, sifted: 0.42 }, { called: { us: 'powdered sugar' }, mayHold: 'corn' }, '[U] powdered_sugar; 3 % starch [M]'),
  row('light-brown-sugar', 'sugar', 'light brown sugar', 'brown sugar | soft brown sugar | light soft brown sugar | light muscovado sugar | soft light brown sugar | light muscovado | golden brown sugar | muscovado sugar', [1.5, 0, 0, 0.1, 96.5, 0, 0], { packed: 0.917, spooned: 0.7 }, { acid: 0.012 }, '[U] brownsugar_light; acid [M]'),
  row('dark-brown-sugar', 'sugar', 'dark brown sugar', 'dark soft brown sugar | soft dark brown sugar | dark muscovado sugar | dark muscovado | molasses sugar', [2, 0, 0, 0.1, 95.5, 0, 0], { packed: 1.01, spooned: 0.75 }, { acid: 0.015 }, '[U] brownsugar_dark; acid [M]'),
  row('demerara-sugar', 'sugar', 'demerara sugar', 'turbinado sugar', [0.5, 0, 0, 0, 99, 0, 0], 0.86, {}, '[M]'),
  row('coconut-sugar', 'sugar', 'coconut sugar', 'coconut palm sugar | palm sugar', [2.5, 0.3, 0, 0.6, 90, 0, 2], 0.7, { acid: 0.012 }, '[M]; flower sap, no coconut protein'),
  row('vanilla-sugar', 'sugar', 'vanilla sugar', '', [0.3, 0, 0, 0, 99, 0, 0], 0.845, { pieces: { packet: 8 } }, '[M]'),
  row('date-sugar', 'sugar', 'date sugar', '', [4, 0.3, 0, 2.5, 70, 8, 9], 0.62, { acid: 0.02 }, '[M]'),
  row('erythritol', 'sugar', 'erythritol', 'granular sweetener', [0, 0, 0, 0, 0, 0, 0], 0.8, { sweet: 65, bulk: 100 }, '[M] sweetness about 0.65'),
  row('xylitol', 'sugar', 'xylitol', 'birch sugar', [0, 0, 0, 0, 0, 0, 0], 0.8, { sweet: 100, bulk: 100 }, '[M]; poisonous to dogs'),

  row('golden-syrup', 'syrup', 'golden syrup', 'light treacle', [17, 0, 0, 0.3, 79, 0, 0], 1.42, { acid: 0.005 }, '[M]'),
  row('treacle', 'syrup', 'black treacle', 'treacle | molasses | dark treacle | blackstrap molasses | fancy molasses | unsulphured molasses', [22, 0, 0, 1.2, 66, 0, 0], 1.35, { acid: 0.06, traces: 'sulphite', called: { us: 'molasses' } }, '[U] molasses; [M]'),
  row('honey', 'honey', 'honey', 'clear honey | runny honey | set honey', [17, 0, 0, 0.3, 81, 0, 0], 1.408, { holds: 'honey', acid: 0.03, sweet: 95 }, '[U] honey; acid [M]'),
  row('maple-syrup', 'syrup', 'maple syrup', 'pancake syrup', [32, 0.1, 0, 0, 66, 0, 0], 1.32, { acid: 0.005 }, '[M]'),
  row('agave-syrup', 'syrup', 'agave syrup', 'agave nectar | agave', [23, 0, 0, 0, 75, 0, 0.5], 1.36, { acid: 0.005, sweet: 100 }, '[M]'),
  row('corn-syrup', 'syrup', 'glucose syrup', 'corn syrup | light corn syrup | dark corn syrup | liquid glucose | glucose', [22, 0, 0, 0, 76, 2, 0], 1.378, { mayHold: 'corn', sweet: 40 }, '[U] cornsyrup; from wheat or maize, the sugar itself exempt [L-EU Annex II]'),
  row('rice-syrup', 'syrup', 'brown rice syrup', 'rice syrup | rice malt syrup', [22, 0, 0, 0.5, 72, 5, 0], 1.38, { mayHold: 'barley', sweet: 45 }, '[M]'),
  row('date-syrup', 'syrup', 'date syrup', 'date nectar', [24, 0, 0, 1.2, 70, 0, 2], 1.35, { acid: 0.03 }, '[M]'),
  row('malt-extract', 'syrup', 'malt extract', 'barley malt syrup | malt syrup', [20, 0, 0, 5, 60, 10, 0], 1.4, { holds: 'barley', sweet: 40 }, '[M]'),
  row('caramel-sauce', 'ready-made', 'caramel', 'caramel sauce | salted caramel | soft caramels | caramels', [25, 8, 0.55, 5, 55, 3, 0], 1.3, { holds: 'milk', pieces: { '': 8 } }, '[M]'),

  row('dark-chocolate', 'chocolate', 'dark chocolate', 'plain chocolate | chocolate | bittersweet chocolate | semisweet chocolate | semi-sweet chocolate | bitter chocolate | cooking chocolate | 70% chocolate | dark cooking chocolate | couverture | baking chocolate | unsweetened chocolate | chocolate chunk', [1, 36, 0.7, 7, 45, 3, 8], { spooned: 0.72, melted: 1.25 }, { holds: 'cocoa', mayHold: 'milk soy', traces: 'milk tree-nut peanut soy wheat', pieces: { square: 10, block: 100 }, acid: 0.03 }, '[M]'),
  row('chocolate-chips', 'chocolate', 'chocolate chips', 'dark chocolate chips | plain chocolate chips | plain chocolate drops | semisweet chocolate chips | semi-sweet chocolate chips | chocolate drops | chocolate morsels | mini chocolate chips', [1, 29, 0.7, 5, 55, 3, 6], 0.72, { holds: 'cocoa', mayHold: 'milk soy', traces: 'milk tree-nut peanut soy wheat' }, '[M]'),
  row('milk-chocolate', 'chocolate', 'milk chocolate', 'milk chocolate chips | milk chocolate chunks', [1.3, 31, 0.65, 8, 54, 1, 2], { spooned: 0.72, melted: 1.25 }, { holds: 'milk cocoa', mayHold: 'soy', traces: 'tree-nut peanut wheat', pieces: { square: 10, block: 100 } }, '[M]'),
  row('white-chocolate', 'chocolate', 'white chocolate', 'white chocolate chips | white chocolate chunks', [1, 33, 0.65, 6, 59, 0, 0], { spooned: 0.72, melted: 1.25 }, { holds: 'milk', mayHold: 'soy cocoa', traces: 'tree-nut peanut wheat', pieces: { square: 10, block: 100 } }, '[M]'),
  row('plant-chocolate', 'plant-chocolate', 'dairy-free dark chocolate', 'dairy free chocolate | dairy-free chocolate | vegan chocolate | vegan dark chocolate | dairy-free chocolate chips | vegan chocolate chips | plant chocolate', [1, 36, 0.7, 7, 45, 3, 8], { spooned: 0.72, melted: 1.25 }, { holds: 'cocoa', mayHold: 'soy', traces: 'milk tree-nut peanut soy wheat', acid: 0.03 }, '[M]'),
  row('plant-white-chocolate', 'plant-chocolate', 'dairy-free white chocolate', 'vegan white chocolate | dairy free white chocolate', [1, 35, 0.65, 2, 56, 5, 0], { spooned: 0.72, melted: 1.25 }, { mayHold: 'soy oat coconut cocoa', traces: 'milk tree-nut peanut' }, '[M]'),
  row('plant-milk-chocolate', 'plant-chocolate', 'mild dairy-free chocolate', 'vegan milk chocolate | dairy free milk chocolate | plant milk chocolate', [1, 33, 0.65, 4, 52, 5, 4], { spooned: 0.72, melted: 1.25 }, { holds: 'cocoa', mayHold: 'soy oat hazelnut', traces: 'milk tree-nut peanut' }, '[M]'),
  row('cocoa', 'cocoa', 'cocoa powder', 'cocoa | unsweetened cocoa | unsweetened cocoa powder | natural cocoa | natural cocoa powder | cacao powder | cacao | raw cacao', [3, 14, 0.7, 20, 1.5, 14, 30], { spooned: 0.347, sifted: 0.317, scooped: 0.402 }, { holds: 'cocoa', acid: 0.15, traces: 'milk' }, '[U] cocoa_*; acid [M]'),
  row('dutch-cocoa', 'cocoa', 'Dutched cocoa', 'dutch process cocoa | dutch-process cocoa | dutch-processed cocoa | dutch processed cocoa powder | dutch cocoa powder | alkalised cocoa | alkalized cocoa | dark cocoa powder', [3, 20, 0.7, 20, 1, 12, 28], { spooned: 0.389, sifted: 0.317, scooped: 0.402 }, { holds: 'cocoa', acid: -0.03, traces: 'milk' }, '[U] dutchcocoa_*; base [M]'),
  row('drinking-chocolate', 'ready-made', 'drinking chocolate', 'hot chocolate powder | hot chocolate mix', [1, 5, 0.6, 5, 78, 6, 5], 0.5, { holds: 'cocoa', mayHold: 'milk soy wheat barley' }, '[M]'),
  row('carob', 'cocoa', 'carob powder', 'carob flour | carob', [4, 0.7, 0, 4.6, 45, 5, 38], 0.43, {}, '[M]'),
  row('cocoa-butter', 'hard-fat', 'cocoa butter', 'cacao butter', [0, 100, 0.8, 0, 0, 0, 0], { spooned: 0.91, melted: 0.9 }, {}, '[M] 0.90–0.91; the [U] value is wrong'),
]
