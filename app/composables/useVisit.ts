import { isVisiting, setVisiting } from '~/db/visit'
import { db } from '~/db/schema'

/** A visit to the demo house: a house of its own beside one's own, for this tab, until one goes home. */
export function useVisit() {
  return {
    isVisiting: isVisiting(),
    begin() {
      setVisiting(true)
      location.assign('/')
    },
    /** What was tried there goes; the next visit finds the demo house as it was. */
    async end() {
      await Promise.all(db().tables.map(table => table.clear()))
      setVisiting(false)
      location.assign('/')
    },
  }
}
