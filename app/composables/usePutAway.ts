/** Takes the making off the bench, so that it can be made anew, with a way back. */
export function usePutAway() {
  const current = useCurrentBake()
  const make = useMakeStore()
  const takeBack = useTakeBack()
  return async () => {
    const before = make.making
    await make.again()
    takeBack('The making is off the bench; what was recorded stays.', 'Bring it back', () =>
      current.keepMaking(before),
    )
  }
}
