/**
 * How long something keeps, by what is in it: the first row that fits. `of` are pantry ids or kinds, `words` a pattern of the
 * title; `raw` holds for what nothing heats. `days` from the day it is made. [P] common advice for home kitchens, on the short side.
 */
export interface StorageRow { readonly id: string, readonly of?: readonly string[], readonly words?: string, readonly days: number, readonly says: string, readonly freeze: string, readonly source: string }

export const storageRows: readonly StorageRow[] = [
  { id: 'cream', of: ['kind:cream', 'kind:plant-cream', 'kind:fresh-cheese', 'kind:plant-cheese', 'kind:tofu', 'kind:plant-sour', 'kind:sour-milk', 'avocado'], words: 'cream|custard|mousse|cheesecake|trifle|tiramis|filled|frosting|whip', days: 2, says: 'In the fridge within two hours, covered', freeze: 'not with its cream', source: '[P]' },
  { id: 'custard', words: 'custard|mousse|cheesecake|trifle|pudding|panna|flan|curd', days: 2, says: 'In the fridge within two hours, covered', freeze: 'does not freeze well', source: '[P]' },
  { id: 'meringue', words: 'meringue|pavlova|macaron', days: 7, says: 'Dry and airtight, away from steam; fill it at the last moment', freeze: 'up to a month, airtight', source: '[P]' },
  { id: 'biscuit', words: 'shortbread|cookie|biscuit|cracker|brittle|ginger ?nut|amaretti|crisp', days: 7, says: 'Airtight at room temperature', freeze: 'up to three months', source: '[P]' },
  { id: 'fruit', of: ['kind:fruit', 'kind:puree'], words: 'traybake|tart|pie|crumble|cobbler|galette|plum|apple|berry|peach|cherry', days: 2, says: 'Cool and covered; in summer in the fridge', freeze: 'up to two months', source: '[P]' },
  { id: 'loaf', words: 'ginger|parkin|fruit cake|loaf', days: 5, says: 'Wrapped, at room temperature', freeze: 'up to three months, in slices', source: '[P]' },
  { id: 'cake', days: 3, says: 'Covered, at room temperature', freeze: 'up to two months, without its icing', source: '[P]' },
]
