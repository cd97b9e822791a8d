import type { Measure } from '../../formula'
import type { Question } from '../../swap'
import type { FactId } from '../facts'

/** What can be done about it, in the order in which it is tried: the engine gives the amount. */
type Remedy =
  | { readonly how: 'measure'; readonly measure: Measure; readonly up: boolean }
  | { readonly how: 'oven'; readonly by: number }
  | { readonly how: 'minutes'; readonly share: number }
  | { readonly how: 'school'; readonly question: Question }
  /** What rests by this row of swap/tables/rests, so many times as long; only where the recipe lets it rest for a stated time. */
  | { readonly how: 'rest'; readonly key: string; readonly times: number }
  | { readonly how: 'word'; readonly says: string }

/** A figure that speaks for a cause: above (`up`) or below `centre`; a step of `scale` multiplies its odds by `weight`. */
export interface Evidence {
  readonly fact: FactId
  readonly up: boolean
  readonly centre: number
  readonly scale: number
  readonly weight: number
  readonly says: string
}

export interface CauseRow {
  readonly id: string
  readonly says: string
  readonly why: string
  /** How often it is the cause, before anything is known; against one another. */
  readonly prior: number
  readonly families?: readonly string[]
  /** Only where this holds. */
  readonly only?: { readonly fact: FactId; readonly above: number }
  readonly evidence: readonly Evidence[]
  readonly remedies: readonly Remedy[]
  readonly source: string
}

const fried = ['pancake', 'crepe']
/** Batters that go into a tin; doughs that yeast lifts know neither powder nor soda. */
const leavened = ['creamed', 'muffin', 'quick-bread', 'brownie', 'sponge', 'scone', 'other']
const tinned = [...leavened, 'yeast']
const batter = [...tinned, ...fried]
const thin = ['cookie', 'shortbread', 'streusel', 'pastry']
const baked = [...tinned, ...thin, 'cheesecake', 'bread-pudding', 'batter-pudding']
const creams = ['pastry-cream', 'egg-custard', 'set-cream', 'mousse', 'cheesecake', 'ice-cream', 'caramel', 'other']
const foams = ['meringue', 'macaron', 'mousse', 'sponge', 'whipped-cream']
const more = (fact: FactId, centre: number, scale: number, weight: number, says: string): Evidence => ({ fact, up: true, centre, scale, weight, says })
const less = (fact: FactId, centre: number, scale: number, weight: number, says: string): Evidence => ({ fact, up: false, centre, scale, weight, says })
const rests = (key: string, times: number): Remedy => ({ how: 'rest', key, times })
const word = (says: string): Remedy => ({ how: 'word', says })
const raise = (measure: Measure): Remedy => ({ how: 'measure', measure, up: true })
const lower = (measure: Measure): Remedy => ({ how: 'measure', measure, up: false })

/**
 * Causes with what the recipe's own numbers say of them. A `move:` fact is how far a measure has moved from the original, in tolerances; the others are said in `facts.ts`. Sources: bakers' fault lists as they are taught, from memory [M];
 * household practice [P]; weights of evidence chosen here [M].
 */
export const causeRows: readonly CauseRow[] = [
  {
    id: 'underbaked',
    says: 'It came out too soon',
    why: 'the middle had not set',
    prior: 1.2,
    families: baked,
    evidence: [
      less('bake-loss', 0, 0.5, 3, 'it lost less weight in the oven than usual'),
      less('minutes-short', -0.03, 0.06, 2.5, 'it was in for less than was reckoned'),
      less('core', 0, 2.5, 3, 'its middle was not as hot as it should be'),
    ],
    remedies: [{ how: 'minutes', share: 0.12 }],
    source: '[P] skewer, 93–98 °C',
  },
  {
    id: 'overbaked',
    says: 'It stayed in too long',
    why: 'too much water went',
    prior: 1,
    families: baked,
    evidence: [more('bake-loss', 1, 0.5, 3, 'it lost more weight in the oven than usual'), more('minutes-short', 0.05, 0.08, 2.5, 'it was in for longer than was reckoned')],
    remedies: [{ how: 'minutes', share: -0.12 }],
    source: '[P]',
  },
  {
    id: 'oven-hot',
    says: 'The oven was too hot',
    why: 'the crust set before the middle had risen',
    prior: 1,
    families: baked,
    evidence: [
      more('oven-off', 0, 10, 2.5, 'this oven runs hot'),
      more('oven', 185, 15, 1.6, 'it is a hot oven for such a crumb'),
      less('minutes-short', -0.1, 0.1, 1.5, 'it was brown sooner than was reckoned'),
    ],
    remedies: [{ how: 'oven', by: -20 }],
    source: '[M] domed and cracked: too hot',
  },
  {
    id: 'oven-cool',
    says: 'The oven was too cool',
    why: 'it dried before it coloured, or fell before it set',
    prior: 0.7,
    families: baked,
    evidence: [less('oven-off', 0, 10, 2.5, 'this oven runs cool'), less('oven', 165, 15, 1.4, 'it is a cool oven for it'), more('minutes-short', 0.1, 0.1, 1.4, 'it took longer than was reckoned')],
    remedies: [{ how: 'oven', by: 15 }],
    source: '[M]',
  },
  {
    id: 'oven-uneven',
    says: 'The oven heats unevenly',
    why: 'one side sees more heat',
    prior: 0.35,
    families: baked,
    evidence: [],
    remedies: [word('Turn the tin at half time, and bake on the middle shelf.')],
    source: '[P]',
  },
  {
    id: 'tin-dark',
    says: 'Too much heat from below',
    why: 'a dark or thin tin, or too low a shelf',
    prior: 0.4,
    families: baked,
    evidence: [],
    remedies: [word('One shelf higher, with a second tray or a folded paper under the tin.')],
    source: '[P]',
  },
  {
    id: 'tin-deep',
    says: 'It stood too deep in its tin',
    why: 'the heat has a long way to the middle',
    prior: 0.5,
    families: tinned,
    evidence: [more('depth', 6, 1.5, 2, 'the batter stood deep'), more('fill', 0.72, 0.06, 2, 'the tin was filled higher than is usual')],
    remedies: [word('Take a wider tin or two small ones: the pan page says how long they take.')],
    source: '[M] ½–⅔ full',
  },
  {
    id: 'cut-warm',
    says: 'It was cut too warm',
    why: 'starch and gels set only while it cools',
    prior: 0.9,
    families: tinned,
    evidence: [less('rested', 30, 12, 2.5, 'it had hardly cooled'), more('move:bind', 0.5, 1, 1.3, 'its gels set on cooling')],
    remedies: [rests('rest-baked', 1.5), word('Leave it to cool for 45 minutes on a rack before it is cut; bake nothing else otherwise.')],
    source: '[P] egg-free crumb 30–45 min',
  },
  {
    id: 'wet',
    says: 'Too much liquid',
    why: 'more water than flour and gel can hold',
    prior: 0.9,
    families: [...batter, ...thin],
    evidence: [more('move:water', 0.5, 1, 2.4, 'there is more water in it than in the original'), more('water', 0.85, 0.15, 1.5, 'it is a wet batter for its kind')],
    remedies: [lower('water')],
    source: '[M] hydration',
  },
  {
    id: 'dry-mix',
    says: 'Too little liquid',
    why: 'flour and starch had not enough to swell with',
    prior: 0.7,
    families: [...batter, ...thin],
    evidence: [less('move:water', -0.5, 1, 2.4, 'there is less water in it than in the original'), less('water', 0.3, 0.15, 1.5, 'it is a stiff batter for its kind')],
    remedies: [raise('water')],
    source: '[M] hydration',
  },
  {
    id: 'bind-much',
    says: 'Too much of what binds',
    why: 'gels and gums keep water that never leaves',
    prior: 0.8,
    evidence: [
      more('move:bind', 0.7, 1, 2.4, 'it is bound more tightly than the original'),
      more('dose', 0.85, 0.2, 2.2, 'the dose is at its usual most'),
      more('move:heaviness', 0.6, 0.6, 1.8, 'gels and fruit weigh its crumb down'),
    ],
    remedies: [lower('bind'), { how: 'school', question: 'egg' }],
    source: '[M] flax ≤ 8 % of the dry matter; [P]',
  },
  {
    id: 'bind-little',
    says: 'Too little to bind',
    why: 'nothing took the egg’s place between the crumbs',
    prior: 0.8,
    evidence: [less('move:bind', -0.4, 0.7, 2.6, 'it is bound less than the original')],
    remedies: [raise('bind'), raise('set')],
    source: '[P]',
  },
  {
    id: 'set-little',
    says: 'Too little that sets',
    why: 'what had risen was not held',
    prior: 0.6,
    evidence: [less('move:set', -0.4, 0.7, 2.4, 'less of it sets in the heat than in the original'), less('move:protein', -0.6, 0.7, 1.5, 'protein is missing')],
    remedies: [raise('set'), raise('bind')],
    source: '[M]',
  },
  {
    id: 'set-much',
    says: 'Too much that sets',
    why: 'starch or agar holds it stiff',
    prior: 0.5,
    evidence: [more('move:set', 0.5, 0.8, 2.2, 'more of it sets than in the original')],
    remedies: [lower('set')],
    source: '[M] agar 0.8 %',
  },
  {
    id: 'hold-little',
    says: 'Nothing holds it in gluten’s stead',
    why: 'without gluten or a gum gas and crumb have no net',
    prior: 0.5,
    families: baked,
    only: { fact: 'gluten-gone', above: 0 },
    evidence: [less('move:gluten', -0.5, 1, 2, 'it has less hold than the original')],
    remedies: [raise('gluten')],
    source: '[P] xanthan or psyllium',
  },
  {
    id: 'grit',
    says: 'Rice or bean flour that did not swell',
    why: 'coarse flours need time with water',
    prior: 0.4,
    only: { fact: 'gluten-gone', above: 0 },
    evidence: [],
    remedies: [rests('rest', 2), word('Let the batter stand for 20 minutes before it is baked.')],
    source: '[P]',
  },
  {
    id: 'lift-much',
    says: 'Too much lift',
    why: 'it rose faster than it set, and fell',
    prior: 0.8,
    families: [...leavened, ...fried],
    evidence: [more('move:lift', 0.6, 0.8, 2.4, 'there is more gas in it than in the original'), more('lift', 17, 3, 1.8, 'there is much gas for its flour')],
    remedies: [lower('lift')],
    source: '[M] powder 3–6 % of the flour; [P]',
  },
  {
    id: 'lift-little',
    says: 'Too little lift',
    why: 'there was not gas enough to open the crumb',
    prior: 0.8,
    families: [...leavened, ...fried],
    evidence: [less('move:lift', -0.5, 0.8, 2.4, 'there is less gas in it than in the original'), less('lift', 7, 2.5, 1.8, 'there is little gas for its flour')],
    remedies: [raise('lift')],
    source: '[M]',
  },
  {
    id: 'lift-lost',
    says: 'The gas was gone before the oven',
    why: 'acid and soda had met, and it stood',
    prior: 0.6,
    families: leavened,
    only: { fact: 'lift', above: 2 },
    evidence: [more('waited', 10, 5, 2.5, 'it stood between mixing and oven')],
    remedies: [word('Heat the oven first, and bake within 8 minutes of mixing; try the powder in hot water, it must foam.')],
    source: '[P] 5–10 min',
  },
  {
    id: 'alkali',
    says: 'Soda is left over',
    why: 'there was not acid enough for it: it tastes of soap and browns',
    prior: 0.6,
    families: [...leavened, ...fried, 'cookie'],
    only: { fact: 'soda', above: 0 },
    evidence: [less('residue', -4, 4, 2.6, 'soda is left over after all its acid'), less('move:acid', -0.6, 0.8, 1.8, 'there is less acid in it than in the original')],
    remedies: [raise('acid')],
    source: '[C] 1 meq of acid to 1 mmol of soda',
  },
  {
    id: 'acid-left',
    says: 'Acid is left over',
    why: 'there is more of it than the soda takes',
    prior: 0.4,
    evidence: [more('residue', 8, 5, 2.4, 'acid is left over'), more('move:acid', 0.6, 0.8, 1.8, 'there is more acid in it than in the original')],
    remedies: [lower('acid')],
    source: '[C]',
  },
  {
    id: 'powder-much',
    says: 'Baking powder can be tasted',
    why: 'its salts taste of metal',
    prior: 0.4,
    families: [...leavened, ...fried, 'cookie'],
    only: { fact: 'powder', above: 0 },
    evidence: [more('powder', 0.05, 0.015, 2.4, 'there is much powder for its flour')],
    remedies: [lower('lift')],
    source: '[P] above 5 % of the flour',
  },
  {
    id: 'overmixed',
    says: 'It was mixed too long',
    why: 'gluten grew tough and holds large bubbles',
    prior: 0.8,
    families: [...batter, ...thin],
    only: { fact: 'gluten-there', above: 0 },
    evidence: [],
    remedies: [word('Stop as soon as no dry flour is left; fold by hand.')],
    source: '[P]',
  },
  {
    id: 'mixed-badly',
    says: 'It was not mixed evenly',
    why: 'one bite has what another lacks',
    prior: 0.35,
    evidence: [],
    remedies: [word('Sift what is dry together, and scrape the bowl.')],
    source: '[P]',
  },
  {
    id: 'fat-much',
    says: 'Too much fat',
    why: 'more than the flour can hold',
    prior: 0.6,
    evidence: [more('move:fat', 0.6, 0.8, 2.4, 'there is more fat in it than in the original'), more('fat', 0.85, 0.15, 1.5, 'it is rich for its kind')],
    remedies: [lower('fat')],
    source: '[M]',
  },
  {
    id: 'fat-little',
    says: 'Too little fat',
    why: 'nothing keeps the crumb short',
    prior: 0.6,
    evidence: [less('move:fat', -0.6, 0.8, 2.4, 'there is less fat in it than in the original'), less('fat', 0.15, 0.15, 1.5, 'it is lean for its kind')],
    remedies: [raise('fat')],
    source: '[M]',
  },
  {
    id: 'fat-soft',
    says: 'The fat is too soft',
    why: 'it melts before the dough has set, or never was firm',
    prior: 0.5,
    families: [...thin, 'creamed', 'buttercream', 'mousse'],
    evidence: [less('move:solidFat', -0.5, 0.6, 2.4, 'less of its fat is firm than in the original')],
    remedies: [{ how: 'school', question: 'butter' }, rests('chill', 2), word('Chill the shaped dough for an hour before it is baked.')],
    source: '[M] solid share .65 to .12',
  },
  {
    id: 'sugar-much',
    says: 'Too much sugar',
    why: 'it softens, spreads and browns',
    prior: 0.6,
    evidence: [
      more('move:sugar', 0.6, 0.8, 2.2, 'there is more sugar in it than in the original'),
      more('move:sweetness', 0.6, 0.8, 1.8, 'it is sweeter than the original'),
      more('sugar', 0.85, 0.15, 1.6, 'it is sweet for its kind'),
    ],
    remedies: [lower('sugar')],
    source: '[M]',
  },
  {
    id: 'sugar-little',
    says: 'Too little sugar',
    why: 'sugar keeps a crumb soft and browns it',
    prior: 0.5,
    evidence: [
      less('move:sugar', -0.6, 0.8, 2.2, 'there is less sugar in it than in the original'),
      less('move:sweetness', -0.6, 0.8, 1.8, 'it is less sweet than the original'),
      less('sugar', 0.15, 0.15, 1.4, 'it is hardly sweet for its kind'),
    ],
    remedies: [raise('sugar')],
    source: '[M]',
  },
  {
    id: 'starch-much',
    says: 'Too much flour or starch',
    why: 'it takes up the water and stales soon',
    prior: 0.6,
    evidence: [more('move:starch', 0.5, 0.8, 2, 'there is more starch in it than in the original'), more('starch-dose', 0.85, 0.2, 1.8, 'the starch for the egg is at its usual most')],
    remedies: [lower('starch')],
    source: '[M] 12 g an egg',
  },
  {
    id: 'starch-little',
    says: 'Too little flour',
    why: 'nothing stands up to fat and sugar',
    prior: 0.5,
    families: [...batter, ...thin],
    evidence: [less('move:starch', -0.5, 0.8, 2.2, 'there is less flour in it than in the original')],
    remedies: [raise('starch')],
    source: '[M]',
  },
  {
    id: 'protein-little',
    says: 'Protein is missing',
    why: 'milk and egg browned it',
    prior: 0.5,
    families: baked,
    evidence: [less('move:protein', -0.5, 0.6, 2.2, 'there is less protein in it than in the original')],
    remedies: [word('Brush the top with a plant drink and a pinch of sugar before it goes in.')],
    source: '[M] browning',
  },
  {
    id: 'seed-taste',
    says: 'The seeds can be tasted',
    why: 'flax and its like taste of grass when there is much of them or they are old',
    prior: 0.3,
    only: { fact: 'flax', above: 0 },
    evidence: [more('flax', 0.035, 0.015, 2, 'there is much of it for the flour')],
    remedies: [{ how: 'school', question: 'egg' }, lower('bind'), word('Buy it whole and grind it fresh.')],
    source: '[P] 8 %',
  },
  {
    id: 'pulse-taste',
    says: 'The pulse can be tasted',
    why: 'chickpea, soy and bean water taste of themselves until they are well baked',
    prior: 0.3,
    only: { fact: 'pulse', above: 0 },
    evidence: [more('pulse', 0.05, 0.03, 1.8, 'there is much of it for the flour')],
    remedies: [{ how: 'school', question: 'egg' }, lower('bind')],
    source: '[P]',
  },
  {
    id: 'black-salt',
    says: 'Black salt can be smelled',
    why: 'it brings sulphur',
    prior: 0.2,
    only: { fact: 'black-salt', above: 0 },
    evidence: [],
    remedies: [lower('salt'), word('Halve the black salt and make it up with plain salt.')],
    source: '[P]',
  },
  {
    id: 'treacle',
    says: 'Treacle or cocoa is bitter by itself',
    why: 'dark syrups and cocoa are bitter where sugar is low',
    prior: 0.25,
    only: { fact: 'dark', above: 0 },
    evidence: [more('dark', 0.3, 0.2, 1.6, 'there is much of it')],
    remedies: [raise('sweetness'), raise('sugar')],
    source: '[P]',
  },
  {
    id: 'warm-dough',
    says: 'The dough was too warm',
    why: 'it ran before it set',
    prior: 0.7,
    families: thin,
    evidence: [],
    remedies: [rests('chill', 2), word('Chill the shaped dough for an hour; the next tray goes in from the fridge.')],
    source: '[P]',
  },
  {
    id: 'wet-fruit',
    says: 'The fruit was too wet',
    why: 'its juice ran into the base',
    prior: 0.5,
    only: { fact: 'fruit', above: 0.1 },
    evidence: [more('fruit', 0.25, 0.1, 1.8, 'there is much fruit on it')],
    remedies: [word('Salt-spoon some sugar over the fruit, let it drain for half an hour, and lay it on a spoonful of ground nuts or crumbs that everyone may eat.')],
    source: '[P]',
  },
  {
    id: 'steamed',
    says: 'It cooled in its own steam',
    why: 'the tin or a lid kept it in',
    prior: 0.5,
    families: baked,
    evidence: [more('rested', 60, 30, 1.3, 'it stood in the tin')],
    remedies: [word('Out of the tin after 10 minutes, on to a rack.')],
    source: '[P]',
  },
  {
    id: 'foam-weak',
    says: 'The foam was not whisked far enough',
    why: 'soft foam cannot carry its sugar',
    prior: 0.9,
    families: foams,
    evidence: [less('move:foam', -0.3, 0.6, 2, 'less of it foams than in the original')],
    remedies: [word('Whisk to peaks that stand before any sugar goes in; 100 ml of the foam weigh less than 30 g.')],
    source: '[M] 0.15–0.3 g/ml',
  },
  {
    id: 'foam-fat',
    says: 'Fat came into the foam',
    why: 'a trace of it breaks bubbles',
    prior: 0.6,
    families: foams,
    evidence: [],
    remedies: [word('Wipe bowl and whisk with vinegar, and keep fat away until the end.')],
    source: '[P]',
  },
  {
    id: 'sugar-raw',
    says: 'The sugar was not dissolved',
    why: 'grains draw water and run out as syrup',
    prior: 0.8,
    families: foams,
    evidence: [more('sugar-white', 1.9, 0.3, 1.6, 'there is much sugar for the foam')],
    remedies: [word('Add the sugar by the spoonful and rub a little between two fingers: no grain may be felt.')],
    source: '[M] 1:1 to 2:1',
  },
  {
    id: 'damp',
    says: 'The air was damp',
    why: 'dried sugar takes water from it',
    prior: 0.6,
    families: ['meringue', 'macaron'],
    evidence: [],
    remedies: [word('Let it dry in the switched-off oven overnight, and into a tin at once.')],
    source: '[P]',
  },
  {
    id: 'gel-little',
    says: 'Too little to set it',
    why: 'starch or agar is short for so much liquid',
    prior: 0.9,
    families: creams,
    evidence: [less('move:set', -0.3, 0.7, 2.2, 'less of it sets than in the original')],
    remedies: [raise('set')],
    source: '[M] starch 4–8 % of the liquid',
  },
  {
    id: 'gel-unboiled',
    says: 'It was not boiled',
    why: 'starch and agar set only when they have boiled',
    prior: 0.8,
    families: creams,
    evidence: [],
    remedies: [word('Boil it for two minutes, stirring, before it is poured.')],
    source: '[M] agar 2 min at the boil',
  },
  {
    id: 'gel-much',
    says: 'Too much to set it',
    why: 'starch or agar in plenty sets to rubber',
    prior: 0.8,
    families: creams,
    evidence: [more('move:set', 0.4, 0.7, 2.2, 'more of it sets than in the original')],
    remedies: [lower('set')],
    source: '[M] agar 0.8 %',
  },
  {
    id: 'not-cold',
    says: 'It was not cold enough',
    why: 'fat and gel set in the cold',
    prior: 0.6,
    families: [...creams, 'buttercream', 'no-bake'],
    evidence: [less('rested', 180, 60, 1.6, 'it had not stood long')],
    remedies: [rests('chill', 1.5), rests('chill-baked', 1.5), word('Give it four hours in the fridge, or overnight.')],
    source: '[P]',
  },
  {
    id: 'proofed-little',
    says: 'It had not risen long enough',
    why: 'yeast had not made the gas that opens the crumb',
    prior: 0.9,
    families: ['yeast'],
    evidence: [less('rise', 75, 30, 1.6, 'its rising is short')],
    remedies: [rests('rise', 1.5), word('Until it has doubled, however long that takes; a dent comes back slowly.')],
    source: '[P] doubled in size',
  },
  {
    id: 'proofed-much',
    says: 'It had risen too long',
    why: 'the dough was stretched thin, soured and fell',
    prior: 0.7,
    families: ['yeast'],
    evidence: [more('rise', 150, 60, 1.6, 'its rising is long')],
    remedies: [rests('rise', 0.67), word('Into the oven as soon as it has doubled, or overnight in the fridge.')],
    source: '[P]',
  },
  {
    id: 'pan-hot',
    says: 'The pan was too hot',
    why: 'it was brown before the middle had set',
    prior: 1,
    families: fried,
    evidence: [],
    remedies: [word('A lower heat, and a minute for the pan to settle between two: a drop of water should sizzle, not jump.')],
    source: '[P]',
  },
  {
    id: 'pan-cool',
    says: 'The pan was too cool',
    why: 'it dried and drank fat before it coloured',
    prior: 0.8,
    families: fried,
    evidence: [],
    remedies: [word('Heat the pan for three minutes before the first goes in.')],
    source: '[P]',
  },
  {
    id: 'pan-short',
    says: 'It came off the pan too soon',
    why: 'the middle had not set',
    prior: 0.9,
    families: fried,
    evidence: [],
    remedies: [word('Turn it when the bubbles on top stay open, and give the second side a minute more.')],
    source: '[P]',
  },
  {
    id: 'cooled-fast',
    says: 'It cooled too quickly',
    why: 'the outside drew together while the middle was still hot',
    prior: 0.8,
    families: ['cheesecake', 'egg-custard', 'meringue', 'macaron'],
    evidence: [],
    remedies: [word('Leave it in the switched-off oven for an hour, its door ajar.')],
    source: '[P]',
  },
  {
    id: 'too-cold-warm',
    says: 'Fat and liquid were not equally warm',
    why: 'the one set before it had taken the other up',
    prior: 0.9,
    families: ['buttercream', 'mousse', 'ganache', 'creamed', 'cheesecake', 'other'],
    evidence: [less('move:emulsify', -0.5, 0.7, 1.8, 'less keeps fat and water together than in the original')],
    remedies: [word('Bring everything to 20 °C, and add the liquid by the spoonful; a split cream comes back over warm water.')],
    source: '[P]',
  },
]

/** The share that no cause of this table explains: something else, with what it makes of any symptom. [M] */
export const somethingElse = { prior: 0.5, symptom: 0.16 } as const
/** Of two symptoms that exclude each other: the least that a cause of both shows them, and the share that one counts which is known for one of them. [M] */
export const clashing = { both: 0.4, one: 0.35 } as const
/** A figure is named for a cause from so many times its odds on, and against it below so many. [M] */
export const worthSaying = { pro: 1.25, con: 0.6 } as const
/** The first cause is clear above this likelihood, and the second no rival below that; a symptom parts them from this gap on, and a measurement is asked for where no symptom reaches the other. [M] */
export const telling = { clear: 0.75, rival: 0.08, gap: 0.2, rather: 0.45 } as const

/** What any cause makes of a symptom that it is not known for. [M] */
export const leak = 0.01
