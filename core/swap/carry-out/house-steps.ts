import type { Recipe } from '../../recipe'
import type { Change } from '../plan'
import type { HouseStep, Sentence } from '../ways'

/**
 * The recipe with that sentence in one of its parts; null where there is no place for it, or it is
 * said already.
 */
export function withSentence(
  recipe: Recipe,
  component: string,
  { step, before, unless }: Sentence,
): Recipe | null {
  const steps = recipe.components.find(c => c.name === component)?.steps ?? []
  const at = steps.findIndex((text, i) => i > 0 && before.test(text))
  if (at < 0 || steps.some(text => unless.test(text))) return null
  return {
    ...recipe,
    components: recipe.components.map(c => {
      if (c.name !== component) return c
      const { stepsFrom: _, ...rest } = c
      return { ...rest, steps: [...steps.slice(0, at), step, ...steps.slice(at)] }
    }),
  }
}

/** A plan’s recipe and changes, and the sentences of the house for one part. */
interface ToldSteps {
  readonly recipe: Recipe
  readonly changes: readonly Change[]
  readonly family: string
  readonly component: string
  readonly steps: readonly HouseStep[] | undefined
}

/**
 * A plan's recipe and changes with the sentences that this house has learned for the family. Words
 * only: no amount moves, nothing comes in.
 */
export function houseTold({ recipe, changes, family, component, steps }: ToldSteps): {
  readonly recipe: Recipe
  readonly changes: readonly Change[]
} {
  let now = recipe
  const said: Change[] = []
  for (const step of steps ?? []) {
    const made = step.family === family ? withSentence(now, component, step) : null
    if (!made) continue
    now = made
    said.push({
      component,
      removes: [],
      adds: [],
      trims: [],
      because: step.step,
      did: '',
      school: null,
      source: '[H] this house’s own trials',
      house: step.says,
    })
  }
  return said.length ? { recipe: now, changes: [...changes, ...said] } : { recipe, changes }
}
