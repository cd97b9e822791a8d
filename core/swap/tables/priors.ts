/**
 * How usual a way is where people bake without: 1 usual, 0.5 known, 0.2 rare, 0 never. What no row names is `unnamed`.
 * `families` are ids of families or of their kinds, none: all; the first row that fits counts; `without` rows speak where gluten
 * leaves too. Source: [P] what home bakers without egg, milk or gluten do.
 */
export interface PriorRow {
  readonly question: 'egg' | 'butter' | 'flour' | 'milk'
  readonly families: readonly string[]
  readonly without?: 'gluten'
  readonly usual: string
  readonly known: string
  readonly rare: string
}

export const priorOf = { usual: 1, known: 0.5, rare: 0.2, never: 0 } as const
/** Two things that share the eggs are less usual than either. */
export const pairLess = 0.25
/** What a way that nobody uses costs, in units of the loss; what no row names; so much more than the first's an other way may cost. [M] */
export const unusual = { costs: 7, unnamed: 0.5, mostBeside: 4.5 } as const

const soured = 'soured-milk-egg soured-oat-egg soured-soy-egg soured-rice-egg soured-pea-egg soured-almond-egg'
const yoghurts = 'soy-yoghurt-egg oat-yoghurt-egg'

export const priorRows: readonly PriorRow[] = [
  {
    question: 'egg',
    // A pale crumb shows every fleck of a seed.
    families: ['creamed', 'scone', 'oil-cake', 'nut-filling'],
    without: 'gluten',
    usual: 'psyllium-gel',
    known: `${yoghurts} flax-gel chia-gel coconut-yoghurt-egg ${soured} aquafaba starch-slurry maize-slurry`,
    rare: 'silken-tofu no-binder banana chickpea-batter soy-flour-batter lecithin apple-puree',
  },
  {
    question: 'egg',
    families: ['muffin', 'quick-bread', 'brownie', 'pancake', 'cookie'],
    without: 'gluten',
    usual: 'psyllium-gel flax-gel',
    known: `chia-gel ${yoghurts} coconut-yoghurt-egg ${soured} aquafaba apple-puree starch-slurry maize-slurry`,
    rare: 'silken-tofu no-binder banana chickpea-batter soy-flour-batter lecithin',
  },
  {
    question: 'egg',
    families: ['creamed'],
    usual: `${soured} ${yoghurts}`,
    known: 'aquafaba starch-slurry maize-slurry flax-gel coconut-yoghurt-egg',
    rare: 'chickpea-batter soy-flour-batter silken-tofu chia-gel banana no-binder apple-puree lecithin',
  },
  {
    question: 'egg',
    families: ['oil-cake'],
    usual: `${soured} no-binder ${yoghurts}`,
    known: 'aquafaba flax-gel starch-slurry maize-slurry apple-puree coconut-yoghurt-egg',
    rare: 'chickpea-batter soy-flour-batter silken-tofu chia-gel banana lecithin',
  },
  {
    question: 'egg',
    families: ['muffin', 'quick-bread'],
    usual: `flax-gel ${soured} apple-puree`,
    known: `chia-gel ${yoghurts} coconut-yoghurt-egg chickpea-batter aquafaba starch-slurry maize-slurry no-binder banana`,
    rare: 'silken-tofu soy-flour-batter psyllium-gel lecithin',
  },
  {
    question: 'egg',
    families: ['cookie'],
    usual: 'flax-gel no-binder starch-slurry maize-slurry',
    known: 'aquafaba apple-puree',
    rare: 'chia-gel psyllium-gel silken-tofu soy-flour-batter chickpea-batter lecithin',
  },
  {
    question: 'egg',
    families: ['brownie'],
    usual: 'flax-gel starch-slurry maize-slurry aquafaba',
    known: `silken-tofu apple-puree chia-gel ${yoghurts} coconut-yoghurt-egg`,
    rare: 'soy-flour-batter chickpea-batter psyllium-gel lecithin',
  },
  {
    question: 'egg',
    families: ['pancake'],
    usual: `${soured} starch-slurry maize-slurry`,
    known: `flax-gel chickpea-batter aquafaba no-binder apple-puree banana ${yoghurts}`,
    rare: 'silken-tofu soy-flour-batter chia-gel psyllium-gel lecithin',
  },
  { question: 'egg', families: ['crepe'], usual: 'starch-slurry maize-slurry chickpea-batter', known: 'flax-gel no-binder soy-flour-batter', rare: 'silken-tofu aquafaba lecithin' },
  {
    question: 'egg',
    families: ['scone'],
    usual: `no-binder ${soured}`,
    known: `flax-gel ${yoghurts} coconut-yoghurt-egg`,
    rare: 'starch-slurry maize-slurry chia-gel soy-flour-batter chickpea-batter aquafaba psyllium-gel lecithin',
  },
  { question: 'egg', families: ['yeast'], usual: 'no-binder', known: 'flax-gel soy-flour-batter', rare: 'chia-gel psyllium-gel chickpea-batter lecithin' },
  { question: 'egg', families: ['pastry', 'shortbread', 'streusel'], usual: 'dough-liquid', known: 'starch-slurry maize-slurry', rare: 'soy-flour-batter psyllium-gel' },
  {
    question: 'egg',
    families: ['bread-pudding', 'batter-pudding'],
    usual: 'starch-slurry maize-slurry',
    known: 'chickpea-batter silken-tofu apple-puree',
    rare: 'flax-gel soy-flour-batter chia-gel psyllium-gel aquafaba lecithin',
  },
  {
    question: 'egg',
    families: ['nut-filling'],
    usual: 'starch-slurry maize-slurry',
    known: `flax-gel aquafaba apple-puree silken-tofu ${yoghurts}`,
    rare: 'soy-flour-batter chickpea-batter chia-gel psyllium-gel',
  },
  {
    question: 'butter',
    families: [
      'creamed',
      'cookie',
      'shortbread',
      'streusel',
      'pastry',
      'scone',
      'yeast',
      'buttercream',
      'cream-cheese-frosting',
      'nut-filling',
      'caramel',
      'pastry-cream',
      'egg-custard',
      'ganache',
      'bread-pudding',
      'oat-bar',
    ],
    usual: 'block',
    known: 'shortening-and-water coconut-and-oil tub',
    rare: 'oil-and-water rapeseed-and-water',
  },
  { question: 'butter', families: ['quick-bread'], usual: 'block', known: 'oil-and-water rapeseed-and-water tub coconut-and-oil', rare: 'shortening-and-water' },
  { question: 'butter', families: ['muffin', 'brownie', 'pancake', 'crepe'], usual: 'block oil-and-water rapeseed-and-water', known: 'tub coconut-and-oil', rare: 'shortening-and-water' },
  { question: 'butter', families: ['no-bake', 'crumb-base', 'cheesecake'], usual: 'block coconut-and-oil', known: 'shortening-and-water', rare: '' },
  { question: 'flour', families: ['yeast', 'crepe'], usual: 'gf-bought-psyllium gf-bought', known: 'gf-buckwheat gf-rice-potato flour-buckwheat-flour', rare: 'flour-rice-flour' },
  { question: 'milk', families: [], usual: 'milk-oat-drink milk-soy-drink', known: 'milk-pea-drink milk-almond-drink milk-rice-drink milk-coconut-drink', rare: 'milk-hemp-drink milk-water' },
  {
    question: 'flour',
    families: ['brownie', 'quick-bread', 'pancake', 'cookie', 'muffin'],
    usual: 'gf-bought gf-rice-potato gf-rice-short gf-rice-psyllium',
    known: 'gf-buckwheat gf-bought-psyllium gf-almond',
    rare: 'flour-rice-flour',
  },
  {
    question: 'flour',
    families: ['creamed', 'scone', 'pastry', 'shortbread', 'sponge'],
    usual: 'gf-bought gf-rice-potato gf-rice-short gf-rice-psyllium gf-almond',
    known: 'gf-bought-psyllium',
    rare: 'gf-buckwheat flour-rice-flour',
  },
]
