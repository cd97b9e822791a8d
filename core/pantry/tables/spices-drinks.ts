import { row } from '../row'

/** Spices, herbs, flavours, drinks and kitchen sauces. Columns and source tags as in flours.ts. */
const dry: readonly [number, number, number, number, number, number, number] = [9, 6, 0, 8, 3, 20, 30]
const leaf: readonly [number, number, number, number, number, number, number] = [80, 0.8, 0, 3.5, 1, 1, 5]

export const spicesDrinks = [
  row('saffron', 'spice', 'saffron', 'saffron threads | saffron strands | kesar', dry, 0.13, { pieces: { '': [0.002, 0.003, 0.005] } }, '[M]'),
  row('cinnamon-stick', 'spice', 'cinnamon stick', 'cinnamon sticks | stick of cinnamon | cinnamon quill | cinnamon bark', dry, 0.4, { pieces: { '': [2, 3, 5], piece: 3, 'inch-piece': 1, 'cm-piece': 0.4 } }, '[M]'),
  row('mace', 'spice', 'mace', 'ground mace | blade mace | blades of mace', dry, 0.4, { pieces: { '': 0.5 } }, '[M]; no nut'),
  row('star-anise', 'spice', 'star anise', 'ground star anise', dry, 0.45, { pieces: { '': 1 } }, '[M]'),
  row('fennel-seed', 'spice', 'fennel seeds', 'fennel seed | saunf', dry, 0.4, {}, '[M]'),
  row('caraway', 'spice', 'caraway seeds', 'caraway | caraway seed', dry, 0.45, {}, '[M]'),
  row('coriander-seed', 'spice', 'coriander seed', 'ground coriander | coriander seeds | cumin | ground cumin', dry, 0.38, {}, '[M]'),
  row('chilli', 'spice', 'chilli', 'cayenne pepper | cayenne | chilli powder | chili powder | chilli flakes | red pepper flakes | paprika | smoked paprika | red chilli', dry, 0.45, { pieces: { '': 10 } }, '[M]'),
  row('pink-pepper', 'spice', 'pink peppercorns', 'peppercorns | black peppercorns | szechuan pepper | white pepper | long pepper', dry, 0.45, { mayHold: '' }, '[M]; pink ones are kin of cashew, said under cautions'),
  row('tonka', 'spice', 'tonka bean', 'tonka beans | mahleb | mahlepi', dry, 0.4, { pieces: { '': 1 } }, '[M]; coumarin'),
  row('pumpkin-spice', 'spice', 'pumpkin pie spice', 'pumpkin spice | apple pie spice | gingerbread spice | speculoos spice | lebkuchen spice | cake spice | chai spice | masala', dry, 0.42, {}, '[M]'),
  row('vanilla-powder', 'flavour', 'vanilla powder', 'ground vanilla | vanilla bean powder', dry, 0.4, {}, '[M]'),
  row('lavender', 'spice', 'lavender', 'dried lavender | lavender flowers | culinary lavender | edible flowers | dried rose petals | rose petals | hibiscus | violets', [9, 1, 0, 5, 3, 5, 30], 0.12, {}, '[M]'),
  row('mint', 'spice', 'mint', 'fresh mint | mint leaves | spearmint', leaf, 0.12, { pieces: { sprig: 2, sheet: 0.1, handful: 10, bunch: 30 } }, '[M]'),
  row('woody-herbs', 'spice', 'rosemary', 'thyme | fresh thyme | fresh rosemary | sage | lemon thyme | lemon verbena', leaf, 0.15, { pieces: { sprig: 2 } }, '[M]'),
  row('lemongrass', 'spice', 'lemongrass', 'lemon grass | pandan | pandan leaves | curry leaves | lime leaves', leaf, 0.3, { pieces: { '': 15, stalk: 15, sheet: 1 } }, '[M]'),
  row('elderflower-cordial', 'syrup', 'elderflower cordial', 'cordial | fruit cordial | fruit syrup | grenadine | rose syrup | coffee syrup | vanilla syrup | ginger syrup | stem ginger syrup | sugar syrup | simple syrup', [45, 0, 0, 0, 54, 0, 0], 1.22, { acid: 0.05 }, '[M]'),
  row('pomegranate-molasses', 'syrup', 'pomegranate molasses', 'tamarind paste | tamarind | grape molasses | carob molasses', [28, 0, 0, 0.5, 65, 0, 1], 1.35, { acid: 0.6 }, '[M]'),
  row('fruit-juice', 'juice', 'fruit juice', 'cranberry juice | pineapple juice | grape juice | cherry juice | pomegranate juice | pear juice | mango juice | carrot juice | grapefruit juice', [87, 0.1, 0, 0.3, 11.5, 0, 0.2], 1.045, { acid: 0.1 }, '[M]'),
  row('soft-drink', 'water', 'soft drink', 'ginger ale | ginger beer | lemonade | cola | lemon-lime soda | root beer | tonic water', [90, 0, 0, 0, 10, 0, 0], 1.04, { acid: 0.03, pieces: { tin: 330 } }, '[M]'),
  row('coconut-water', 'juice', 'coconut water', 'young coconut water', [95, 0.1, 0, 0.4, 4, 0, 0], 1.02, { holds: 'coconut' }, '[M]'),
  row('stock', 'water', 'pickle brine', 'brine', [96, 0, 0, 0.2, 0.5, 0, 0], 1.03, {}, '[M]'),
  row('soy-sauce', 'flavour', 'soy sauce', 'tamari | miso | white miso | miso paste', [63, 0.5, 0, 9, 5, 8, 2], 1.15, { holds: 'soy', mayHold: 'wheat barley', salt: 15 }, '[M]'),
  row('mustard-condiment', 'flavour', 'mustard', 'mustard powder | dijon mustard | english mustard', [60, 10, 0, 8, 3, 8, 5], 1.05, { holds: 'mustard', mayHold: 'sulphite wheat' }, '[M]'),
  row('sauerkraut', 'fruit', 'sauerkraut', '', [92, 0.1, 0, 0.9, 1.8, 0, 2.9], 0.6, { acid: 0.12, pieces: { tin: 240 } }, '[M]'),
  row('msg-yeast-flakes', 'flavour', 'nutritional yeast', 'yeast flakes | yeast extract', [5, 4, 0, 50, 2, 20, 20], 0.3, { mayHold: 'barley wheat' }, '[M]'),
  row('kala-namak', 'salt', 'black salt', 'kala namak', [0.5, 0, 0, 0, 0, 0, 0], 1.2, {}, '[M]'),
  row('butter-flavour', 'flavour', 'butter flavouring', 'butter extract | butter flavour | butter essence | caramel flavouring', [60, 0, 0, 0, 2, 0, 0], 0.92, { mayHold: 'milk alcohol' }, '[M]; what carries it differs by maker'),
  row('essence', 'flavour', 'essence or extract', 'cake flavouring | rum essence | rum extract | rum flavouring | brandy essence | lemon extract | lemon essence | orange extract | orange essence | coffee essence | coffee extract | maple extract | strawberry essence | banana essence', [60, 0, 0, 0, 2, 0, 0], 0.92, { mayHold: 'alcohol' }, '[M]; what carries it differs by maker'),
  row('coconut-extract', 'flavour', 'coconut extract', 'coconut essence | coconut flavouring', [60, 0, 0, 0, 2, 0, 0], 0.92, { mayHold: 'coconut alcohol' }, '[M]; often without coconut'),
  row('activated-charcoal', 'decoration', 'edible charcoal', 'activated charcoal | charcoal powder', [5, 0, 0, 0, 0, 0, 0], 0.4, {}, '[M]'),
  row('ground-coffee', 'flavour', 'ground coffee', 'coffee grounds | coffee beans | chicory | chicory powder', [4, 12, 0, 13, 5, 10, 40], 0.35, {}, '[M]'),
]
