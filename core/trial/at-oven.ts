import { readMethod } from '../method'
import type { Recipe } from '../recipe'

/**
 * The recipe in an oven so much hotter or cooler; the words of its steps say so too. Null where no
 * oven is stated, or where it leaves 90 to 250 °C.
 */
export function atOven(recipe: Recipe, by: number): Recipe | null {
  const was = recipe.oven?.celsius
  if (!was || was + by < 90 || was + by > 250) return null
  const degrees = new RegExp(`(?<!\\d)${was}(?=\\s*°?\\s*C\\b)`, 'gu')
  const hotter = (text: string) => text.replace(degrees, String(was + by))
  const settings = readMethod(recipe).actions.flatMap(action =>
    action.settings.flatMap(({ celsius, said }) =>
      celsius === was ? [{ ...action.step, said }] : [],
    ),
  )
  /** From the last on, so that the places before it stay; what fan or gas says beside it goes. */
  const told = (text: string, component: string, at: number) =>
    settings
      .filter(one => one.component === component && one.at === at)
      .sort((a, b) => b.said[0] - a.said[0])
      .reduce((now, { said: [from, to] }) => {
        const [, beside = ''] = /^(\s*\([^)]*\))/u.exec(now.slice(to)) ?? []
        const is = hotter(now.slice(from, to)).replace(/\s*\([^)]*\)?$/u, '')
        return now.slice(0, from) + is + now.slice(to + beside.length)
      }, text)
  return {
    ...recipe,
    oven: { ...recipe.oven!, celsius: was + by, text: hotter(recipe.oven!.text) },
    components: recipe.components.map(c => ({
      ...c,
      stepsFrom: undefined,
      steps: c.steps.map((step, at) => told(step, c.name, at)),
    })),
  }
}
