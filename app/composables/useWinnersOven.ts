import type { useOpenTrial } from './useOpenTrial'

/** A smaller difference from what was reckoned teaches nothing, in minutes. */
const worthLearning = 2

/** The winner took longer or less than was reckoned for such cups: the oven's setting can learn from it. */
export function useWinnersOven(open: ReturnType<typeof useOpenTrial>) {
  const { trial, bake, arms, seen, winner } = open
  const house = useHouseStore()
  const takeBack = useTakeBack()
  const oven = shallowRef<{ expected: number; took: number; celsius: number } | null>(null)
  async function look() {
    const won = winner.value
    const small = won && arms.value.get(won.id)
    const took = won ? seen(won).minutes : null
    const celsius = won ? (seen(won).celsius ?? won.recipe.oven?.celsius) : null
    if (!small || !took || !celsius) return null
    const sized = await useCore()
      .sizedBake(small, house.kitchen, 'grams')
      .catch(() => null)
    const time = sized?.tins[0]?.time
    if (!time?.ok || Math.abs(took - time.likely) < worthLearning) return null
    const isLearned = house.kitchen.oven.log.some(n => n.bake === won.id && n.took === took)
    return isLearned ? null : { expected: time.likely, took, celsius }
  }
  watch(
    [trial, arms, () => house.kitchen],
    async () => {
      oven.value = await look()
    },
    { immediate: true },
  )
  async function ovenLearns() {
    const [now, won] = [oven.value, winner.value]
    if (!now || !won) return
    const { kitchen } = house
    const title = `${won.letter}: ${bake.value.title}`
    const entry = { on: today(), bake: won.id, title, ...now }
    const back = await house.keepKitchen({
      ...kitchen,
      oven: { ...kitchen.oven, log: [...kitchen.oven.log.slice(-199), entry] },
    })
    takeBack('Remembered. The oven’s setting learns from it.', 'Take it back', back)
  }
  return { oven, ovenLearns }
}
