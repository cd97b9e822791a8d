import type { Stock } from '#core/pantry'

/** Keeps another stock, and says so with the way back. */
export function useRestock() {
  const house = useHouseStore()
  const undo = useTakeBack()
  return async (next: Stock, says: string) => {
    const before = house.stock
    await house.keepStock(next)
    undo(says, 'Undo', () => house.keepStock(before))
  }
}
