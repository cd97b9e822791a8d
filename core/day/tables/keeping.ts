/**
 * How long something keeps, by what is in it: the first row that fits. `of` are pantry ids or kinds, `words` a pattern of the title. `days` from the day it is made, `cold`: in the fridge; frozen for so many
 * days at most (0: not), and so many hours to thaw. [P] common advice for home kitchens, on the short side.
 */
export interface KeepingRow {
  readonly id: string
  readonly of?: readonly string[]
  readonly words?: string
  readonly days: number
  readonly cold: boolean
  readonly says: string
  readonly freeze: string
  readonly frozenDays: number
  readonly thawHours: number
  readonly source: string
}

export const keepingRows: readonly KeepingRow[] = [
  {
    id: 'cream',
    of: ['kind:cream', 'kind:plant-cream', 'kind:fresh-cheese', 'kind:plant-cheese', 'kind:tofu', 'kind:plant-sour', 'kind:sour-milk', 'avocado'],
    words: 'cream|custard|mousse|cheesecake|trifle|tiramis|filled|frosting|whip',
    days: 2,
    cold: true,
    says: 'In the fridge within two hours, covered',
    freeze: 'not with its cream',
    frozenDays: 0,
    thawHours: 0,
    source: '[P]',
  },
  {
    id: 'custard',
    words: 'custard|mousse|cheesecake|trifle|pudding|panna|flan|curd',
    days: 2,
    cold: true,
    says: 'In the fridge within two hours, covered',
    freeze: 'does not freeze well',
    frozenDays: 0,
    thawHours: 0,
    source: '[P]',
  },
  {
    id: 'meringue',
    words: 'meringue|pavlova|macaron',
    days: 7,
    cold: false,
    says: 'Dry and airtight, away from steam; fill it at the last moment',
    freeze: 'up to a month, airtight',
    frozenDays: 30,
    thawHours: 1,
    source: '[P]',
  },
  {
    id: 'biscuit',
    words: 'shortbread|cookie|biscuit|cracker|brittle|ginger ?nut|amaretti|crisp',
    days: 7,
    cold: false,
    says: 'Airtight at room temperature',
    freeze: 'up to three months',
    frozenDays: 90,
    thawHours: 1,
    source: '[P]',
  },
  {
    id: 'fruit',
    of: ['kind:fruit', 'kind:puree'],
    words: 'traybake|tart|pie|crumble|cobbler|galette|plum|apple|berry|peach|cherry',
    days: 2,
    cold: false,
    says: 'Cool and covered; in summer in the fridge',
    freeze: 'up to two months',
    frozenDays: 60,
    thawHours: 4,
    source: '[P]',
  },
  {
    id: 'loaf',
    words: 'ginger|parkin|fruit cake|loaf',
    days: 5,
    cold: false,
    says: 'Wrapped, at room temperature',
    freeze: 'up to three months, in slices',
    frozenDays: 90,
    thawHours: 3,
    source: '[P]',
  },
  { id: 'cake', days: 3, cold: false, says: 'Covered, at room temperature', freeze: 'up to two months, without its icing', frozenDays: 60, thawHours: 3, source: '[P]' },
]
/** What is only done on the day, after whatever was made ahead comes out again. [P] */
export const onTheDay = /\b(?:dust|decorate|top|serv\w*|fill|glaze|ice|icing|drizzle|whip|berries|cut)\b/iu
/** Wrapping it and putting it by; taking it out. The freezer wants its hours to freeze it through. [M] */
export const putBy = { pack: 4, takeOut: 1, freezes: 240 } as const
