/** Saves the bake that is open as a file, to go on with it on another device. */
export function useCarry() {
  const current = useCurrentBake()
  const house = useHouseStore()
  const download = useDownload()
  return async () => {
    const { bake } = current
    if (!bake) return
    download(
      fileName(`${bake.title} bake`, 'json'),
      await useCore().writeBakeFile(await house.whole(), bake.id, new Date().toISOString()),
      'application/json',
    )
  }
}
