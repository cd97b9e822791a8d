import type { usePantry } from './usePantry'

/** Says what unknown words mean, and reads the recipes again that hold them; `busy` is how far it is. */
export function useNamingWords({ words, look }: ReturnType<typeof usePantry>) {
  const house = useHouseStore()
  const undo = useTakeBack()
  const busy = ref('')
  async function answer(given: readonly { words: string; ingredient: string }[]) {
    const said = new Set(given.map(each => each.words))
    const inBakes = words.value.filter(word => said.has(word.words)).flatMap(word => word.bakes)
    const touched = [...new Set(inBakes)]
    const before = house.stock
    busy.value = 'Reading …'
    const others = before.names.filter(name => !said.has(name.words))
    await house.keepStock({ ...before, names: [...others, ...given] })
    const again = async () => {
      await house.readAgain(touched, n => {
        busy.value = `${n} of ${touched.length} read again`
      })
      busy.value = ''
      await look()
    }
    await again()
    const known = given.length === 1 ? 'One name is' : `${given.length} names are`
    const read = touched.length === 1 ? '1 recipe was' : `${touched.length} recipes were`
    undo(`${known} known now; ${read} read again.`, 'Undo', async () => {
      await house.keepStock(before)
      await again()
    })
  }
  return { busy, answer }
}
