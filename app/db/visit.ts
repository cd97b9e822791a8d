/** Under this name it is kept, for this tab alone, that one is a visitor in the demo house. */
const visiting = 'ingwer-visit'

export const isVisiting = (): boolean =>
  typeof sessionStorage !== 'undefined' && sessionStorage.getItem(visiting) === '1'
/** From the next loading of the page on. */
export function setVisiting(is: boolean) {
  if (is) sessionStorage.setItem(visiting, '1')
  else sessionStorage.removeItem(visiting)
}
