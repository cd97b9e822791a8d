/** The clock may have been put back this much by mere rounding, in minutes. */
const rounding = 0.1

/**
 * The page was closed, and the device's clock was put back meanwhile: the making goes on from at
 * least the last that happened. Looked at once a making.
 */
export function useClockPutBack() {
  const make = useMakeStore()
  let looked = ''
  watch([() => make.making?.id, () => make.now], ([, moment]) => {
    const { making } = make
    if (!making || looked === making.id) return
    looked = making.id
    const last = making.log.at(-1)?.at ?? making.begun
    if (make.counter?.finished === null && moment < last - rounding)
      void make.say({ do: 'clock', minutes: moment - last })
  })
}
