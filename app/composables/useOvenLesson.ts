import type { madeOf } from '#core/make'

type Made = ReturnType<typeof madeOf>

/** What one making says of the oven: shorter stays and smaller differences say nothing, in minutes. */
const worthLearning = { stay: 3, difference: 2 }

/** What the oven's setting learns from how long a bake really stayed in it. */
export function useOvenLesson() {
  const house = useHouseStore()
  const takeBack = useTakeBack()
  /** How long it took and should have taken, where that is new and worth learning; else null. */
  function ovenOf(made: Made) {
    const time = made.times.find(t => t.says === 'in the oven')
    if (!time || time.celsius === null || time.took <= worthLearning.stay) return null
    if (Math.abs(time.took - time.planned) < worthLearning.difference) return null
    const isLearned = house.kitchen.oven.log.some(
      n => n.bake === made.bake && n.on === today() && n.took === time.took,
    )
    return isLearned ? null : { took: time.took, expected: time.planned, celsius: time.celsius }
  }
  async function learn(made: Made, title: string) {
    const time = ovenOf(made)
    if (!time) return
    const { oven } = house.kitchen
    const entry = { on: today(), bake: made.bake, title, ...time }
    const back = await house.keepKitchen({
      ...house.kitchen,
      oven: { ...oven, log: [...oven.log.slice(-199), entry] },
    })
    takeBack('Remembered. The oven’s setting learns from it.', 'Take it back', back)
  }
  return { ovenOf, learn }
}
