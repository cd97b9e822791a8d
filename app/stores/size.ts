import { proxy } from 'comlink'
import { defineStore } from 'pinia'
import type { SizedUp } from '#core/pan'
import { useCurrentBake } from './currentBake'
import { useHouseStore } from './house'

/** Size, tin and bake time of what is made of the bake that is open. */
export const useSize = defineStore('size', () => {
  const house = useHouseStore()
  const current = useCurrentBake()
  const sized = shallowRef<SizedUp | null>(null)
  const sizing = ref(false)
  const latest = latestOnly()
  /** Works it out; an instant answer comes before the heat model's. */
  async function sizeUp() {
    const now = current.bake
    if (!now) return
    const isLatest = latest.begin()
    sizing.value = true
    const first = proxy((found: SizedUp) => {
      if (isLatest()) sized.value = found
    })
    const found = await useCore()
      .sizedBake(now, house.kitchen, house.measureIn, first)
      .catch(current.broken)
    if (!isLatest()) return
    if (found) sized.value = found
    sizing.value = false
  }
  watch(
    () => current.bake,
    now => {
      if (!now) sized.value = null
    },
  )
  return { sized, sizing, sizeUp }
})
