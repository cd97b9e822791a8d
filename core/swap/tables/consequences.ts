import type { Measure } from '../../formula'

/** What a baker notices when a measure moves out of its band. [P] */
export const consequences: readonly {
  readonly measure: Measure
  readonly more?: string
  readonly less?: string
  /** The same in a cream, filling or frosting; '' where nobody notices. */ readonly cream?: { readonly more?: string; readonly less?: string }
}[] = [
  { measure: 'water', more: 'moister and softer', less: 'drier', cream: { more: 'thinner', less: 'thicker' } },
  { measure: 'fat', more: 'richer and greasier', less: 'leaner and drier on the tongue', cream: { less: 'leaner, less smooth' } },
  { measure: 'solidFat', more: 'firmer when cold', less: 'softer when cold, and it spreads more' },
  { measure: 'sugar', more: 'sweeter and browner', less: 'less sweet, paler and drier' },
  { measure: 'protein', less: 'less protein: a shorter, more fragile crumb that browns less', cream: { less: 'less protein: a little thinner on the tongue' } },
  { measure: 'starch', more: 'more starch: finer and drier', less: 'less starch: softer', cream: { more: 'thicker, a little pasty', less: 'thinner' } },
  { measure: 'fibre', more: 'more fibre: heavier and chewier' },
  { measure: 'lift', more: 'rises higher, and may fall back', less: 'rises less' },
  { measure: 'acid', more: 'a little tangier', less: 'more alkaline: darker, and soapy if it goes far' },
  { measure: 'bind', more: 'bound more tightly', less: 'crumblier: cut it only when cold', cream: { more: '', less: '' } },
  { measure: 'set', more: 'sets firmer', less: 'sets less: let it cool right through before you cut it', cream: { less: 'sets softer: chill it well' } },
  { measure: 'foam', less: 'less air is held' },
  { measure: 'emulsify', less: 'batter or cream may look split; it usually comes together' },
  { measure: 'gluten', less: 'less hold than gluten gives: handle it gently' },
  { measure: 'sweetness', more: 'sweeter', less: 'less sweet' },
  { measure: 'salt', more: 'saltier' },
  { measure: 'heaviness', more: 'heavier and moister: gummy if it is cut warm' },
]

/** What more or less of a measure makes of a dessert, in a baker's words; '' where nobody notices. */
export const outcomeOf = (measure: Measure, more: boolean): string => consequences.find(row => row.measure === measure)?.[more ? 'more' : 'less'] ?? ''

/** How measures are called when they are spoken of. */
export const measureNames: Readonly<Record<Measure, string>> = {
  water: 'water',
  fat: 'fat',
  solidFat: 'firm fat',
  sugar: 'sugar',
  protein: 'protein',
  starch: 'starch',
  fibre: 'fibre',
  lift: 'lift',
  acid: 'acid',
  bind: 'binding',
  set: 'setting',
  foam: 'foam',
  emulsify: 'emulsifying',
  gluten: 'hold',
  sweetness: 'sweetness',
  salt: 'salt',
  heaviness: 'weight of binders and fruit',
}

/** Resting and mixing notes. `when` is what the plan has: egg or gluten gone, soda there, a family. [P] */
export const noteRows: readonly {
  readonly when: 'egg-gone' | 'gluten-gone' | 'gluten-stays' | 'soda'
  readonly families: readonly string[]
  readonly says: string
  /** Not where it comes to the table warm. */ readonly cold?: true
}[] = [
  { when: 'egg-gone', families: ['creamed', 'muffin', 'quick-bread', 'brownie'], cold: true, says: 'Leave the egg-free crumb 30–45 minutes to set before you cut it.' },
  { when: 'soda', families: ['creamed', 'muffin', 'quick-bread', 'cookie', 'pancake', 'scone'], says: 'Once acid and soda meet, into the oven within 8 minutes.' },
  {
    when: 'gluten-gone',
    families: ['creamed', 'muffin', 'quick-bread', 'brownie', 'pancake', 'crepe', 'scone', 'yeast'],
    says: 'Without gluten the batter cannot be overworked: beat it smooth, and let it stand 10 minutes so that the flour takes up its water.',
  },
  { when: 'gluten-gone', families: ['shortbread', 'cookie', 'pastry', 'streusel'], says: 'Chill the gluten-free dough for 30 minutes and roll it between papers; it tears more easily.' },
  { when: 'gluten-stays', families: ['creamed', 'muffin', 'quick-bread', 'pancake', 'scone'], says: 'Stop mixing as soon as no dry flour is left.' },
]
