import { row } from '../row'

/**
 * Flours, flakes and starches. Columns: id, kind, name, other names, [water, fat, solid, protein, sugar, starch, fibre]
 * per 100 g, g/ml, extras, source. Sources: [U] Debian `units`; [I] open food composition tables; [M] from memory.
 */
const wheatFlour = { spooned: 0.509, sifted: 0.479, scooped: 0.599 }
const lightFlour = { spooned: 0.479, sifted: 0.419, scooped: 0.539 }

export const flours = [
  row('plain-flour', 'flour', 'plain flour', 'flour | all-purpose flour | all purpose flour | ap flour | wheat flour | white flour | plain white flour | cake wheat flour | maida | standard flour | pastry flour | type 55 flour | type 405 flour | unbleached flour', [12, 1.2, 0, 10.3, 1, 71.5, 2.7], wheatFlour, { holds: 'wheat', called: { us: 'all-purpose flour', ca: 'all-purpose flour', in: 'maida' }, acid: 0.02, traces: 'soy' }, '[U] flour_*; [I] refined wheat flour; acid [M]'),
  row('self-raising-flour', 'flour', 'self-raising flour', 'self raising flour | self-rising flour | self rising flour | sr flour | srf', [12, 1.2, 0, 9.8, 1, 69, 2.7], wheatFlour, { holds: 'wheat', called: { us: 'self-rising flour' }, powder: 0.135, acid: 0.02, traces: 'soy', salt: 0.1 }, '[U] density as flour; 4.5 % powder [P]'),
  row('cake-flour', 'flour', 'cake flour', 'sponge flour | soft flour', [12.5, 0.9, 0, 8.2, 0.3, 75, 1.7], lightFlour, { holds: 'wheat', acid: 0.02 }, '[U] cakeflour_*; [M]'),
  row('bread-flour', 'flour', 'bread flour', 'strong flour | strong white flour | strong white bread flour | strong bread flour | high-grade flour | high grade flour', [13, 1.6, 0, 12.3, 0.5, 69.5, 2.5], { spooned: 0.539, sifted: 0.509, scooped: 0.659 }, { holds: 'wheat', acid: 0.02 }, '[U] breadflour_*; [M]'),
  row('wholemeal-flour', 'flour', 'wholemeal flour', 'whole wheat flour | whole-wheat flour | wholewheat flour | wholemeal wheat flour | atta | atta flour | graham flour | white whole wheat flour', [11, 1.6, 0, 10.6, 1.8, 60, 11], 0.51, { holds: 'wheat', acid: 0.03 }, '[I] whole wheat flour; density [M]'),
  row('spelt-flour', 'flour', 'spelt flour', 'white spelt flour | wholemeal spelt flour | wholegrain spelt flour', [11, 2.4, 0, 13, 2, 60, 8], 0.47, { holds: 'wheat', acid: 0.02 }, '[M]'),
  row('rye-flour', 'flour', 'rye flour', 'light rye flour | dark rye flour | wholemeal rye flour | wholegrain rye flour', [11, 1.9, 0, 10, 1, 62, 13], 0.45, { holds: 'rye', traces: 'wheat', acid: 0.03 }, '[M]'),
  row('barley-flour', 'flour', 'barley flour', '', [11, 1.6, 0, 10.5, 0.8, 64, 10], 0.5, { holds: 'barley', traces: 'wheat' }, '[M]'),
  row('semolina', 'flour', 'semolina', 'fine semolina | sooji | suji | rava | semolina flour | durum flour', [10.5, 1, 0, 11, 1, 69, 4], 0.71, { holds: 'wheat' }, '[I] semolina, ±; [M]'),
  row('wheat-gluten', 'flour', 'vital wheat gluten', 'gluten flour | wheat gluten | vital gluten | gluten', [8, 1.9, 0, 75, 0.5, 13, 0.6], 0.55, { holds: 'wheat' }, '[M]'),
  row('breadcrumbs', 'flour', 'breadcrumbs', 'bread crumbs | fresh breadcrumbs | white breadcrumbs | dry breadcrumbs', [15, 2, 0.1, 10, 4, 62, 4], 0.25, { holds: 'wheat', mayHold: 'milk egg soy sesame', hold: 0 }, '[M]'),
  row('wheat-bran', 'flour', 'wheat bran', 'bran', [10, 4.5, 0, 16, 1, 20, 42], 0.25, { holds: 'wheat', hold: 0 }, '[M]'),
  row('wheat-starch', 'starch', 'wheat starch', '', [12, 0.1, 0, 0.3, 0, 86, 0], 0.5, { holds: 'wheat', does: [3, 4, 0, 0.1] }, '[M]'),

  row('oat-flakes', 'flakes', 'rolled oats', 'oats | porridge oats | porridge oatmeal | pinhead oatmeal | steel-cut oats | medium oatmeal | jumbo oats | oatmeal | quick oats | old-fashioned oats | old fashioned rolled oats | oat flakes | instant oats', [9, 6.9, 0, 13, 1, 56, 10], { spooned: 0.38, scooped: 0.42 }, { holds: 'oat', traces: 'wheat barley rye' }, '80–100 g a cup [M]'),
  row('oat-flakes-certified', 'flakes', 'gluten-free oats', 'gluten free oats | gluten-free rolled oats | gf oats | certified gluten-free oats | gluten-free porridge oats', [9, 6.9, 0, 13, 1, 56, 10], { spooned: 0.38, scooped: 0.42 }, { holds: 'oat', mayHold: 'gluten' }, '[M]; certified is for the packet to say'),
  row('oat-flour', 'flour', 'oat flour', 'ground oats', [9, 8, 0, 14, 0.8, 58, 7], 0.43, { holds: 'oat', traces: 'wheat barley rye' }, '[M]'),

  row('rice-flour', 'gluten-free-flour', 'rice flour', 'white rice flour | ground rice', [12, 0.6, 0, 7, 0.2, 77, 2.5], 0.65, { called: {} }, '[M]'),
  row('brown-rice-flour', 'gluten-free-flour', 'brown rice flour', 'wholegrain rice flour', [12, 2.7, 0, 7.5, 0.7, 72, 4.5], 0.6, {}, '[M]'),
  row('sweet-rice-flour', 'gluten-free-flour', 'glutinous rice flour', 'sweet rice flour', [12, 0.6, 0, 6.5, 0.2, 78, 1.5], 0.6, {}, '[M]; no gluten in spite of its name'),
  row('buckwheat-flour', 'gluten-free-flour', 'buckwheat flour', 'buckwheat', [11, 3, 0, 12, 2.5, 61, 10], 0.51, { holds: 'buckwheat', traces: 'wheat' }, '[M]'),
  row('sorghum-flour', 'gluten-free-flour', 'sorghum flour', 'jowar flour', [10, 3.2, 0, 8.8, 1.8, 66, 7.5], 0.51, { traces: 'wheat' }, '[I] jowar ±; [M]'),
  row('millet-flour', 'gluten-free-flour', 'millet flour', 'bajra flour', [9.5, 4.2, 0, 10.8, 1.6, 65, 5], 0.5, { traces: 'wheat' }, '[M]'),
  row('teff-flour', 'gluten-free-flour', 'teff flour', '', [9, 2.4, 0, 13, 1.8, 63, 8], 0.63, {}, '[M]'),
  row('quinoa-flour', 'gluten-free-flour', 'quinoa flour', '', [10, 6, 0, 14, 3, 55, 7], 0.47, {}, '[M]'),
  row('chickpea-flour', 'gluten-free-flour', 'chickpea flour', 'gram flour | besan | garbanzo flour', [9.5, 6, 0, 21.5, 4, 45, 12], 0.39, { holds: 'chickpea', traces: 'wheat', does: [4.5, 4, 0.5, 2] }, '[M]; functions [M] engine study'),
  row('soy-flour', 'gluten-free-flour', 'soy flour', 'soya flour', [6, 20, 0, 36, 7, 10, 15], 0.36, { holds: 'soy', does: [5, 3.5, 0.3, 5] }, '[M]; functions [M] engine study'),
  row('lupin-flour', 'gluten-free-flour', 'lupin flour', 'lupine flour', [9, 9, 0, 38, 3, 5, 30], 0.4, { holds: 'lupin' }, '[M]'),
  row('coconut-flour', 'gluten-free-flour', 'coconut flour', '', [5, 13, 0.65, 19, 9, 9, 38], 0.48, { holds: 'coconut' }, '[M]'),
  row('chestnut-flour', 'gluten-free-flour', 'chestnut flour', '', [10, 3.7, 0, 6, 22, 48, 9], 0.45, { holds: 'chestnut' }, '[M]'),
  row('cassava-flour', 'gluten-free-flour', 'cassava flour', 'manioc flour', [11, 0.5, 0, 1.5, 2, 78, 6], 0.55, {}, '[M]'),
  row('maize-flour', 'gluten-free-flour', 'maize flour', 'corn flour | fine cornmeal | masa harina', [11, 3.8, 0, 7, 1, 69, 7.3], 0.5, { holds: 'corn', traces: 'wheat', called: { us: 'corn flour' } }, '[M]'),
  row('polenta', 'gluten-free-flour', 'polenta', 'cornmeal | corn meal | yellow cornmeal | mealie meal', [11, 2.7, 0, 7.5, 0.8, 72, 4.5], 0.64, { holds: 'corn', traces: 'wheat' }, '[M]'),
  row('gf-blend-gum', 'flour-mix', 'gluten-free flour blend with gum', 'gluten-free flour | gluten free flour | gf flour | gluten-free plain flour | gluten free plain flour | gluten-free all-purpose flour | gluten free all-purpose flour | gluten-free white flour | one-for-one gluten-free flour | gluten-free flour blend | gluten free flour blend', [11, 1, 0, 5, 0.6, 78, 3], 0.56, { mayHold: 'milk soy lupin chickpea corn buckwheat', does: [0, 0.3, 0, 0], hold: 6 }, '[P] bought one-for-one; [M]'),
  row('gf-self-raising', 'flour-mix', 'gluten-free self-raising flour', 'gluten free self-raising flour | gluten free self raising flour | gf self-raising flour | gluten-free self-rising flour', [11, 1, 0, 5, 0.6, 75, 3], 0.56, { mayHold: 'milk soy lupin chickpea corn buckwheat', powder: 0.135, does: [0, 0.3, 0, 0], hold: 6 }, '[P]; [M]'),
  row('gf-blend-plain', 'flour-mix', 'gluten-free flour blend without gum', 'gluten-free flour without gum | gum-free gluten-free flour', [11, 1, 0, 5.5, 0.6, 78, 2.5], 0.56, { mayHold: 'milk soy lupin chickpea corn buckwheat' }, '[M]'),

  row('maize-starch', 'starch', 'cornflour', 'cornstarch | corn starch | maize starch', [10, 0.1, 0, 0.3, 0, 88, 0.5], 0.507, { holds: 'corn', called: { us: 'cornstarch', ca: 'cornstarch' }, does: [3, 4, 0, 0.1] }, '[U] cornstarch; functions [M] engine study'),
  row('potato-starch', 'starch', 'potato starch', 'potato flour starch | farina starch | fecule', [15, 0.1, 0, 0.1, 0, 83, 0.1], 0.68, { does: [4, 5, 0, 0.1], traces: 'sulphite' }, '[M]; functions [M] engine study'),
  row('tapioca-starch', 'starch', 'tapioca starch', 'tapioca flour | cassava starch | tapioca', [12, 0, 0, 0.2, 0, 87, 0.5], 0.51, { does: [4, 3.5, 0, 0.1] }, '[M]'),
  row('arrowroot', 'starch', 'arrowroot', 'arrowroot powder | arrowroot starch', [11, 0.1, 0, 0.3, 0, 87, 1.5], 0.54, { does: [3.5, 4, 0, 0.1] }, '[M]'),
  row('potato-flour', 'starch', 'potato flour', '', [7, 0.3, 0, 7, 3.5, 72, 6], 0.68, { does: [4, 3, 0, 0.1] }, '[M]'),
  row('custard-powder', 'starch', 'custard powder', 'instant custard powder | vanilla pudding powder | pudding mix | vanilla pudding mix', [10, 0.3, 0, 0.5, 0.5, 86, 0.5], 0.55, { mayHold: 'milk egg corn wheat', does: [3, 4, 0, 0.1] }, '[M]'),
]
