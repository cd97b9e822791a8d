/** What is pasted and not read yet: it outlives a reload of the page. */
export function usePasteDraft() {
  const text = ref('')
  useDraft('paste', reactive({ text }))
  function clear() {
    text.value = ''
    forgetDraft('paste')
  }
  return { text, clear }
}
