import type { TastingKind } from '#core/trial'

interface TastingKindRow {
  readonly id: TastingKind
  readonly says: string
  readonly asks: string
}

/** The kinds of blind tasting, with what each asks where nobody asks otherwise. */
export const tastingKinds: readonly TastingKindRow[] = [
  { id: 'triangle', says: 'three cups, two alike', asks: 'Which is the odd one?' },
  { id: 'preference', says: 'two cups, the better one', asks: 'Which do you like better?' },
  { id: 'pair', says: 'two cups, which is more so', asks: 'Which is the moister?' },
  { id: 'ranking', says: 'all in order', asks: 'Put them in order, the best first.' },
]
export const tastingKind = (id: TastingKind) => tastingKinds.find(kind => kind.id === id)!
