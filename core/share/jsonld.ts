import type { Recipe } from '../recipe'

const duration = (minutes: number) => `PT${Math.round(minutes)}M`

/**
 * The recipe as schema.org's Recipe in JSON-LD, for any program that reads that. Parts of the
 * dessert are sections of the method, as schema.org has them; which ingredient belongs to which
 * part, and the region of its cups, are said in terms of our own beside, which other programs pass
 * over. Reading it back gives the same lines, parts and steps. `said`: for whom it is not, of whom
 * nobody knows, what was found.
 */
export function jsonLdOf(recipe: Recipe, said: readonly string[] = []): string {
  const parts = recipe.components.filter(c => c.lines.length || c.steps.length)
  const listed = parts.filter(c => c.lines.length)
  const step = (text: string) => ({ '@type': 'HowToStep', text })
  const sections = parts
    .filter(c => c.steps.length)
    .map(c => ({ name: c.name, steps: c.steps.map(step) }))
  const minutes = recipe.oven?.minutes
  return JSON.stringify(
    {
      '@context': ['https://schema.org', { ingwer: 'urn:ingwer:' }],
      '@type': 'Recipe',
      'name': recipe.title,
      ...(said.length ? { description: said.join(' ') } : {}),
      ...(recipe.yield ? { recipeYield: recipe.yield.text } : {}),
      ...(minutes ? { cookTime: duration(minutes.high) } : {}),
      'recipeIngredient': listed.flatMap(c => c.lines.map(line => line.text)),
      'recipeInstructions':
        sections.length === 1 && !sections[0]!.name
          ? sections[0]!.steps
          : sections.map(({ name, steps }) => ({
              '@type': 'HowToSection',
              'name': name || recipe.title,
              'itemListElement': steps,
            })),
      'ingwer:region': recipe.region,
      'ingwer:parts': listed.map(c => ({ name: c.name, count: c.lines.length })),
    },
    null,
    2,
  )
}
