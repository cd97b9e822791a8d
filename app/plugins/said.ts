/** A write that failed where nobody waited for it is said in words, wherever one is. */
export default defineNuxtPlugin(() => {
  const toast = useToast()
  window.addEventListener('unhandledrejection', ({ reason }) => {
    // `NotKept` of app/db, by its name: the guard comes with the validator, which is loaded late.
    if (reason instanceof Error && reason.name === 'NotKept')
      toast.add({ title: reason.message, color: 'error' })
  })
})
