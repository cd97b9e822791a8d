import {
  asWritten,
  beginMaking,
  cardsOf,
  planDay,
  sizeUp,
  tell,
  usualKitchen,
  type Recipe,
} from '#core'
import type { DayBake } from '#core/day'
import {
  counterState,
  feel,
  reaches,
  remaining,
  trueMinutes,
  type Felt,
  type Making,
  type SimBake,
} from '#core/make'

/**
 * How well a probe foresees the end of simulated bakes that each take their own time and course, in
 * percent of that time; and how often the truth is in the window.
 */
interface ProbeRow {
  readonly name: string
  readonly before: number
  readonly after: Readonly<Record<string, number>>
  readonly inside: number
}
const shares = [0.3, 0.5, 0.7, 0.85, 0.95]
const bakesEach = 60

const dayBake = (recipe: Recipe): DayBake => ({
  id: 'b',
  title: recipe.title,
  recipe,
  sized: sizeUp(recipe, asWritten, usualKitchen),
})
function cardsFor(bake: DayBake) {
  const plan = planDay([bake], { serveAt: 30_000_000 })
  return plan.ok ? cardsOf([bake], plan, usualKitchen) : []
}

export function probeRows(recipes: readonly Recipe[]): ProbeRow[] {
  return recipes.flatMap((recipe): ProbeRow[] => {
    const card = cardsFor(dayBake(recipe)).find(c => c.kind === 'bake' && c.warming)
    const curve = card?.warming
    const end = curve && reaches(curve, curve.finish)
    if (!card || !curve || !end) return []
    const half = reaches(curve, (curve.coldest[0]! + curve.finish) / 2)! / end
    const off: Record<string, number> = Object.fromEntries(shares.map(share => [share, 0]))
    let [before, inside, all] = [0, 0, 0]
    for (let seed = 1; seed <= bakesEach; seed++) {
      const bake: SimBake = {
        seed,
        start: curve.coldest[0]!,
        finish: curve.finish,
        likely: card.minutes,
        half,
      }
      const truth = trueMinutes(bake)
      before += Math.abs(card.minutes / truth - 1) / bakesEach
      for (const share of shares) {
        const felt: Felt[] = []
        for (let m = 0; m < share * truth; m += 0.5)
          felt.push({ minutes: m, celsius: feel(bake, m, Math.round(7 * m)) })
        const found = remaining(curve, felt)
        if (!found) continue
        all++
        if (truth >= found.window[0] - 0.5 && truth <= found.window[1] + 0.5) inside++
        off[share]! += Math.abs(found.total / truth - 1) / bakesEach
      }
    }
    return [
      {
        name: recipe.title,
        before: 100 * before,
        after: Object.fromEntries(shares.map(share => [share, 100 * off[share]!])),
        inside: (100 * inside) / all,
      },
    ]
  })
}

/**
 * A long making: every card ticked, a hundred timers and readings; the milliseconds to say where it
 * stands, beside reading the same as a file.
 */
export function counterSpeed(recipe: Recipe): {
  readonly happenings: number
  readonly ms: number
  readonly ratio: number
} {
  const cards = cardsFor(dayBake(recipe))
  let making: Making = beginMaking('m', cards, null, 29_999_000)
  for (const [n, card] of cards.entries())
    making = tell(
      making,
      card.kind === 'bake' || card.kind === 'wait'
        ? { do: 'begun', card: card.id, at: 29_999_000 + n }
        : { do: 'done', card: card.id, at: 29_999_000 + n },
    )
  for (let n = 0; n < 100; n++)
    making = tell(
      tell(making, { do: 'timer', timer: `t${n}`, says: 'pot', minutes: 5, at: 29_999_100 + n }),
      { do: 'felt', card: cards[0]!.id, celsius: 50, at: 29_999_100 + n },
    )
  const text = JSON.stringify(making)
  const time = (work: () => unknown) => {
    for (let i = 0; i < 20; i++) work()
    const t = performance.now()
    for (let i = 0; i < 100; i++) work()
    return (performance.now() - t) / 100
  }
  const ms = time(() => counterState(making, 29_999_300))
  return { happenings: making.log.length, ms, ratio: ms / time(() => JSON.parse(text)) }
}
