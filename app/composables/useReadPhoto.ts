import { withAmount } from './photoText'
import type { FractionShown } from './usePhotoText'

/** Below this certainty every figure of a photo is to be compared. */
const sureEnough = 0.75

/** Reads a photo of a card into the field with the id `field`, below what stands there. */
export function useReadPhoto(text: Ref<string>, problem: Ref<string>, field: string) {
  const photo = usePhotoText()
  const picture = ref('')
  const doubtful = ref(false)
  const doubts = ref<readonly string[]>([])
  /** Amounts that may have been fractions, until somebody has said which they are. */
  const fractions = shallowRef<readonly FractionShown[]>([])
  function sayAmount(asked: FractionShown, says: string) {
    text.value = withAmount(text.value, asked, says)
    fractions.value = fractions.value.filter(other => other !== asked)
  }
  async function read(file: File) {
    const found = await photo.read(file)
    picture.value = found.picture
    doubtful.value = found.sure < sureEnough
    doubts.value = found.doubts
    fractions.value = found.fractions
    text.value = text.value.trim() ? `${text.value.trim()}\n\n${found.text}` : found.text
    if (!found.text)
      problem.value =
        'No words were found in this picture. Is the card in focus, and the right way up? ' +
        'You can type it beside the photo.'
  }
  async function readPhoto(file: File) {
    problem.value = ''
    const focus = focusLater()
    try {
      await read(file)
    } catch (error) {
      problem.value = photoTrouble(error)
    }
    await nextTick()
    const area = document.getElementById(field) as HTMLTextAreaElement | null
    // Who is typing there already stays where they type.
    if (document.activeElement === area) return
    focus(area)
    area?.setSelectionRange(0, 0)
    area?.scrollTo(0, 0)
  }
  return { progress: photo.progress, picture, doubtful, doubts, fractions, sayAmount, readPhoto }
}
