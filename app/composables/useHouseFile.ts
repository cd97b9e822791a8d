import { proxy } from 'comlink'
import type { SetAside } from '#core/share'

/** The whole house as a file: saved, and opened in place of this one with a way back. */
export function useHouseFile() {
  const house = useHouseStore()
  const undo = useTakeBack()
  const download = useDownload()
  const refusal = ref('')
  const reading = ref(false)
  /** How far the file is read, 0 to 1; null: none is. */
  const share = ref<number | null>(null)
  /** What of the file that was opened does not hold together. */
  const aside = ref<readonly SetAside[]>([])
  async function save() {
    const now = new Date().toISOString()
    download(
      'ingwer-house.json',
      await useCore().writeBackup(await house.whole(), now, await house.aside()),
      'application/json',
    )
  }
  async function moveIn(file: File) {
    const heard = proxy((done: number) => {
      share.value = done
    })
    const found = await useCore().readBackup(file, heard)
    if (!found.ok) {
      refusal.value = found.problem.sentence
      return
    }
    const [before, asideBefore] = [await house.whole(), await house.aside()]
    await house.replace(found.house, found.aside)
    aside.value = found.aside
    const { people, bakes } = found.house
    undo(
      `${people.length} people and ${bakes.length} bakes are in the house now.`,
      'Back to the old house',
      async () => {
        aside.value = []
        await house.replace(before, asideBefore)
      },
    )
  }
  async function open(file: File) {
    refusal.value = ''
    aside.value = []
    reading.value = true
    try {
      await moveIn(file)
    } catch {
      refusal.value = `“${file.name}” could not be read. Nothing was changed.`
    } finally {
      reading.value = false
      share.value = null
    }
  }
  return { refusal, reading, share, aside, save, open }
}
