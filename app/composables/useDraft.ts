import { isVisiting } from '~/db/visit'

/** Drafts of one's own house and of a visit lie apart. */
const key = (form: string) => `${isVisiting() ? 'visit-draft' : 'draft'}/${form}`

function read(form: string): object | null {
  try {
    const found: unknown = JSON.parse(sessionStorage.getItem(key(form)) ?? 'null')
    return typeof found === 'object' ? found : null
  } catch {
    return null
  }
}

/** A form was kept or left: what was typed into it is a draft no more. */
export const forgetDraft = (form: string) => sessionStorage.removeItem(key(form))

/**
 * Keeps what is typed into a form, under its name and for this tab, until it is kept or left: a
 * reload, a link, an update or a crash finds it again. `state` is plain data within a reactive
 * object; as it is now it is no draft. True where something was found, and is in `state` now.
 */
export function useDraft(form: string, state: object): boolean {
  const empty = JSON.stringify(state)
  const found = read(form)
  if (found) Object.assign(state, found)
  watch(
    () => JSON.stringify(state),
    now => {
      if (now === empty) {
        forgetDraft(form)
        return
      }
      try {
        sessionStorage.setItem(key(form), now)
      } catch {
        /* Too long to keep: it still stands in its field. */
      }
    },
  )
  return found !== null
}
