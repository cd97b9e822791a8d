import type { Measure } from '../../formula'
import type { Purpose } from '../../recipe'

/** What a leaving line may have done here, in a baker's words: a short name, the word for how much, and what it is. [P] [M] */
export interface JobRow {
  readonly job: string
  readonly measure: Measure
  readonly word: string
  readonly unit: 'g' | 'eggs' | 'mmol' | 'meq'
  readonly least: number
  readonly explains: string
}

export const jobRows: readonly JobRow[] = [
  {
    job: 'bind',
    measure: 'bind',
    word: 'binding',
    unit: 'eggs',
    least: 0.2,
    explains: 'It holds the crumb together before it is baked and while it is cut. In gels it is the water they keep; too much of it eats gummy.',
  },
  { job: 'set', measure: 'set', word: 'setting', unit: 'eggs', least: 0.2, explains: 'Heat turns it firm, so that what has risen stays up. Protein does it in egg, starch in its stead.' },
  {
    job: 'hold air',
    measure: 'foam',
    word: 'foam',
    unit: 'eggs',
    least: 0.4,
    explains: 'It holds the air that is beaten in. No powder replaces a whisked foam, only the air that an egg brings to a batter.',
  },
  {
    job: 'emulsify',
    measure: 'emulsify',
    word: 'emulsifying',
    unit: 'eggs',
    least: 0.3,
    explains: 'It keeps fat and water in one smooth batter. Without it a batter may look split; in the oven that mostly heals.',
  },
  { job: 'moisten', measure: 'water', word: 'water', unit: 'g', least: 4, explains: 'Water swells the starch and makes the steam. A wet stand-in brings more of it, so other liquid has to go.' },
  { job: 'enrich', measure: 'fat', word: 'fat', unit: 'g', least: 2, explains: 'Fat coats the flour and keeps a crumb short and tender.' },
  { job: 'firm up', measure: 'solidFat', word: 'firm fat', unit: 'g', least: 2, explains: 'Fat that is solid when cold can be creamed and rubbed in, keeps a dough from spreading and sets a cream.' },
  { job: 'brown', measure: 'protein', word: 'protein', unit: 'g', least: 2, explains: 'Protein and sugar brown together. With less of it the crust stays paler and the crumb is more fragile.' },
  { job: 'sweeten', measure: 'sweetness', word: 'sweetness', unit: 'g', least: 4, explains: 'Sweetness as the tongue counts it, in grams of table sugar.' },
  { job: 'fill and melt', measure: 'sugar', word: 'sugar', unit: 'g', least: 6, explains: 'Sugar is bulk, too: it melts, keeps water back and lets a dough spread.' },
  { job: 'thicken', measure: 'starch', word: 'starch', unit: 'g', least: 6, explains: 'Starch takes up water and sets when it is hot.' },
  { job: 'acidify', measure: 'acid', word: 'acid', unit: 'meq', least: 3, explains: 'Acid meets the soda and makes gas; what is left over of either is tasted: sour, or soapy.' },
  {
    job: 'lift',
    measure: 'lift',
    word: 'lift',
    unit: 'mmol',
    least: 2,
    explains: 'Gas from powder, from soda that meets acid, and the air that eggs bring. Half a teaspoon of powder is about one egg’s worth.',
  },
  { job: 'hold the dough', measure: 'gluten', word: 'hold', unit: 'g', least: 1, explains: 'Gluten, or a gum in its stead, lets a dough stretch and keeps the gas in.' },
  { job: 'salt', measure: 'salt', word: 'salt', unit: 'g', least: 0.4, explains: 'Salted blocks and tinned liquids bring salt of their own, so some of the spoonful can go.' },
]
/** What no figure shows: its taste; and what a line without a weight is for, by its purpose. */
export const tasteJobs = { flavour: 'flavour' } as const
export const forRows: Readonly<Record<Purpose, { readonly job: string; readonly word: string }>> = {
  brush: { job: 'glaze', word: 'the shine and colour of the crust' },
  pan: { job: 'keep from sticking', word: 'a tin that lets go' },
  dust: { job: 'keep from sticking', word: 'a surface that lets go' },
  serve: { job: 'serve', word: 'what it is eaten with' },
  decorate: { job: 'decorate', word: 'what it looks like' },
  taste: { job: 'flavour', word: 'its own taste' },
}
