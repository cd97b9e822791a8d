import type { Line } from '#core/recipe'
import type { Plan } from '#core/swap'
import { strandColour } from './strandColour'
import type { usePlanLines } from './usePlanLines'

interface Strand {
  readonly key: string
  readonly d: string
  readonly width: number
  readonly colour: string
}
/** A strand as it is asked for: between two rows, as thick as its grams. */
interface Wanted {
  readonly key: string
  readonly from: string
  readonly to: string
  readonly grams: number
  readonly colour: string
}
/** How thick a strand is: so many grams to a pixel, between the thinnest and the thickest. */
const thickness = { grams: 11, least: 1.6, most: 26 }
const thick = (grams: number) =>
  Math.max(thickness.least, Math.min(thickness.most, grams / thickness.grams))
/** A line without a weight has a strand like one of so many grams. */
const unweighed = 4
const gramsOf = (line: Line) => line.grams?.best ?? unweighed

/** The strands that are wanted: what stays in grey, what comes in from what it stands for. */
function wantedStrands(
  plan: Plan,
  { removed, before, arrivals }: ReturnType<typeof usePlanLines>,
): Wanted[] {
  /** What only sets the rest right comes from the egg that left, when one did. */
  const leverSource = (component: string) =>
    plan.changes
      .filter(change => change.component === component)
      .flatMap(change => change.removes)
      .filter(id => /egg|yolk|white/iu.test(before.value.get(id)?.text ?? ''))
      .slice(0, 1)
  const staying = [...before.value]
    .filter(([id]) => !removed.value.has(id))
    .map(([id, line]) => ({
      key: id,
      from: id,
      to: id,
      grams: gramsOf(line),
      colour: 'var(--strand)',
    }))
  const coming = arrivals.value.flatMap(({ line, change }) => {
    const sources = change.removes.length ? change.removes : leverSource(change.component)
    return sources.flatMap(id => {
      const old = before.value.get(id)
      if (!old) return []
      const grams = gramsOf(line) / sources.length
      return [{ key: `${id}-${line.id}`, from: id, to: line.id, grams, colour: strandColour(old) }]
    })
  })

  return [...staying, ...coming]
}

/** The strands between the lines of a recipe and those of its plan, drawn anew with their places. */
export function useStrands(
  frame: Readonly<Ref<HTMLElement | null>>,
  of: { readonly plan: Plan },
  lines: ReturnType<typeof usePlanLines>,
) {
  const strands = ref<Strand[]>([])
  const height = ref(0)
  const gap = ref({ left: 0, width: 0 })

  function draw() {
    const box = frame.value?.getBoundingClientRect()
    if (!box || !frame.value) return
    const rows = (side: string) => {
      const all = [...frame.value!.querySelectorAll<HTMLElement>(`[data-${side}]`)]
      return new Map(all.map(el => [el.dataset[side]!, el.getBoundingClientRect()]))
    }
    const [left, right] = [rows('from'), rows('to')]
    const [firstLeft, firstRight] = [left.values().next().value, right.values().next().value]
    if (!firstLeft || !firstRight) return
    const [x0, x1] = [firstLeft.right - box.left, firstRight.left - box.left]
    const width = x1 - x0
    gap.value = { left: x0, width }
    height.value = box.height
    const middle = (row: DOMRect) => row.top - box.top + row.height / 2
    const strand = ({ key, from, to, grams, colour }: Wanted): Strand[] => {
      const [start, end] = [left.get(from), right.get(to)]
      if (!start || !end) return []
      const [y0, y1] = [middle(start), middle(end)]
      const d = `M 0 ${y0} C ${width * 0.5} ${y0}, ${width * 0.5} ${y1}, ${width} ${y1}`
      return [{ key, d, width: thick(grams), colour }]
    }
    strands.value = wantedStrands(of.plan, lines).flatMap(strand)
  }

  let watching: ResizeObserver | null = null
  onMounted(() => {
    watching = new ResizeObserver(() => draw())
    if (frame.value) watching.observe(frame.value)
    draw()
  })
  onBeforeUnmount(() => watching?.disconnect())
  watch(
    () => of.plan,
    () => nextTick(draw),
  )
  return { strands, height, gap }
}
