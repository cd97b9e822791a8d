import { noWords, type PacketReading } from '#core/packet'
import type { WordMark } from './labelCanvas'
import { labelText, type LabelWord } from './labelText'

interface Found {
  readonly start: number
  readonly end: number
}
const touches = (list: readonly Found[], [from, to]: readonly [number, number]) =>
  list.some(each => each.start < to && from < each.end)
function markOf(reading: PacketReading, place: readonly [number, number]): WordMark | null {
  if (touches(reading.contains, place)) return 'contains'
  if (touches(reading.mayContain, place)) return 'maybe'
  return touches(reading.unknown, place) ? 'unknown' : null
}

/** What each word of a photographed label brings, worked out beside the page. */
export function useLabelMarks(words: Ref<readonly LabelWord[]>) {
  const reading = shallowRef<PacketReading | null>(null)
  watch(words, async now => {
    const found = await useCore().readFields({ ...noWords, statement: labelText(now).text })
    if (now === words.value) reading.value = found[0]?.reading ?? null
  })
  return computed(() => {
    const { places } = labelText(words.value)
    // Before every doubtful word is confirmed, nothing is marked but the doubts: half a verdict
    // would pass for one.
    const isOpen = words.value.some(word => word.doubtful)
    return places.map((place, i): WordMark | null => {
      if (words.value[i]!.doubtful) return 'doubt'
      return isOpen || !reading.value ? null : markOf(reading.value, place)
    })
  })
}
