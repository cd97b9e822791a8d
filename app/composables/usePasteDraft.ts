/** Under this name the draft is kept for as long as the browser's tab is open. */
const draft = 'paste-draft'

/** What is typed and not read yet: it outlives a reload of the page. */
export function usePasteDraft() {
  const text = ref('')
  onMounted(() => {
    text.value ||= sessionStorage.getItem(draft) ?? ''
  })
  watch(text, now => {
    try {
      sessionStorage.setItem(draft, now)
    } catch {
      /* too long to keep: it still stands in the field */
    }
  })
  function clear() {
    text.value = ''
    sessionStorage.removeItem(draft)
  }
  return { text, clear }
}
