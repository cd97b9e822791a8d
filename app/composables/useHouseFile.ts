import { isEmptyHouse, type Counts, type House, type Met, type SetAside } from '#core/share'

/** A house file that was read, and what of it this house does not have or has otherwise. */
interface OpenFile {
  readonly name: string
  /** As it is, to take this house's place; and with the ids of this house, to be brought together. */
  readonly house: House
  readonly known: House
  readonly met: readonly Met[]
  readonly aside: readonly SetAside[]
}
type Said = Readonly<Record<string, Counts>>

const counted = ({ people, bakes }: House) => `${people.length} people and ${bakes.length} bakes`

/** Another house in place of this one: a file's, or both in one; said with the way back. */
function useMovingIn() {
  const house = useHouseStore()
  const undo = useTakeBack()
  /** What of the file that was opened does not hold together. */
  const aside = shallowRef<readonly SetAside[]>([])
  function isHere(says: string, bad: readonly SetAside[], back: () => Promise<unknown>) {
    aside.value = bad
    undo(says, 'Back to the old house', async () => {
      aside.value = []
      await back()
    })
  }
  async function inPlace({ name, house: next, aside: bad }: Omit<OpenFile, 'known' | 'met'>) {
    const back = await house.replace(next, `The house as it was before “${name}” was opened`, bad)
    isHere(`${counted(next)} are in the house now.`, bad, back)
  }
  async function together({ name, known, aside: bad }: OpenFile, said: Said) {
    const [here, badHere] = [await house.whole(), await house.aside()]
    const both = await useCore().houseOfBoth(here, known, said)
    const says = `The house as it was before “${name}” was brought in`
    const back = await house.replace(both, says, [...badHere, ...bad])
    isHere(`Both are one house now: ${counted(both)}.`, bad, back)
  }
  return { aside, inPlace, together }
}

/**
 * The whole house as a file: saved; opened, brought together with this house or put in its place,
 * with a way back.
 */
export function useHouseFile() {
  const house = useHouseStore()
  const { share, read, stop } = useFileReading()
  const { aside, inPlace, together } = useMovingIn()
  const refusal = ref('')
  const isBusy = ref(false)
  const found = shallowRef<OpenFile | null>(null)
  async function opened(file: File) {
    const is = await read(file)
    if (!is) return
    if (!is.ok) {
      refusal.value = is.problem.sentence
      return
    }
    const here = await house.whole()
    if (isEmptyHouse(here)) {
      await inPlace({ name: file.name, ...is })
      return
    }
    const { file: known, met } = await useCore().meetHouses(here, is.house)
    found.value = { name: file.name, house: is.house, aside: is.aside, known, met }
  }
  /** Whatever of it fails, nothing is changed, and it is said. */
  async function trying(name: string, work: () => Promise<void>) {
    refusal.value = ''
    isBusy.value = true
    try {
      await work()
    } catch {
      refusal.value =
        `“${name}” could not be opened: it cannot be read, or this browser has no room for it. ` +
        'Nothing was changed.'
    } finally {
      isBusy.value = false
    }
  }
  function leave() {
    found.value = null
  }
  const open = (file: File) => {
    aside.value = []
    leave()
    return trying(file.name, () => opened(file))
  }
  /** Does something with the file that was read, which is done with then. */
  const withFile = (work: (file: OpenFile) => Promise<void>) => {
    const file = found.value
    return file && trying(file.name, () => work(file).then(leave))
  }
  const takePlace = () => withFile(inPlace)
  const bringTogether = (said: Said) => withFile(file => together(file, said))
  return {
    ...{ refusal, isBusy, share, stop, aside, found, leave },
    ...{ open, takePlace, bringTogether },
  }
}
