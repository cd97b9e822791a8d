import type { Minutes } from '../measure'
import { readSteps, type Recipe } from '../recipe'
import type { StatedBake } from './bake-times'
import type { BakeTime } from './predict'
import type { SizedTin } from './sized'

const saidWindow = ([low, high]: readonly [Minutes, Minutes]) =>
  low === high ? `${low} minutes` : `${low}–${high} minutes`

const counted = /^(?:\d+|one)\s+cups?\b/u
/** The stated bake, the new time, and the tins, where they are others. */
interface NewBake {
  readonly main: StatedBake | null
  readonly time: BakeTime | null
  readonly tins: readonly SizedTin[]
  readonly changed: boolean
}

/** Its steps with the new time, and the new tin where they name the old one. */
export function retold(recipe: Recipe, { main, time, tins, changed }: NewBake): Recipe {
  const words = tins.map(t => t.name).join(' and ')
  const from = recipe.pan?.text
  const moved = time && main?.step && time.by !== 'stated' && time.likely > 0
  const placed = moved
    ? readSteps(recipe).find(s => s.component === main.step!.component && s.at === main.step!.at)
    : undefined
  const span = placed?.times.find(
    t => t.kind === 'bake' && t.low === main!.minutes[0] && t.high === main!.minutes[1],
  )?.span
  return {
    ...recipe,
    pan: changed && words ? { text: words } : recipe.pan,
    oven:
      recipe.oven && moved
        ? { ...recipe.oven, minutes: { low: time.minutes[0], high: time.minutes[1] } }
        : recipe.oven,
    components: recipe.components.map(c => ({
      ...c,
      steps: c.steps.map((text, at) => {
        const timed =
          span && c.name === main!.step!.component && at === main!.step!.at
            ? `${text.slice(0, span[0])}${saidWindow(time!.minutes)}${text.slice(span[1])}`
            : text
        if (!changed || !words || !from || !timed.includes(from)) return timed
        // "a 900 g loaf tin" becomes "3 cups of a muffin tin", without its article.
        const before = timed.indexOf(from)
        const lead = counted.test(words)
          ? timed.slice(0, before).replace(/\b(?:an?|one|your|the)\s+$/iu, '')
          : timed.slice(0, before)
        return `${lead}${words}${timed.slice(before + from.length)}`
      }),
    })),
  }
}
