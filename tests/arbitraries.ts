import fc from 'fast-check'
import { readLine, type Line, type Person, type Recipe } from '#core'
import { avoidables, pantry, type Ingredient } from '#core/pantry'
import { dietRows } from '#core/people'

/** How often a property is tried: fewer times where each of two thousand mutants runs it. */
export const runs = (n: number): number =>
  Math.max(25, Math.round(n * Number(process.env.INGWER_RUNS ?? 1)))

/** Random recipes of the pantry and random people, for property tests. */
export const someIngredient = fc.constantFrom(...pantry)

const avoid = fc.record({
  allergen: fc.constantFrom(...avoidables.map(a => a.id)),
  strictness: fc.constantFrom('choice' as const, 'intolerance' as const, 'allergy' as const),
})
export const somePerson: fc.Arbitrary<Person> = fc.record({
  id: fc.uuid(),
  name: fc.constantFrom('Ada', 'Ben', 'Cleo'),
  avoids: fc.array(avoid, { maxLength: 3 }),
  diets: fc.subarray(
    dietRows.map(d => d.id),
    { maxLength: 1 },
  ),
})
export const someTable = fc
  .array(somePerson, { minLength: 1, maxLength: 4 })
  .map(people => people.map((p, i) => ({ ...p, id: `p${i}` })))

export function lineFor(id: string, ingredient: Ingredient, grams: number, component = ''): Line {
  const read = readLine(`${grams} g ${ingredient.name}`, {
    id,
    component,
    ingredient: ingredient.id,
  })
  if (!read.ok) throw new Error(read.problem.sentence)
  return read.line
}

export const recipeOf = (
  title: string,
  parts: readonly (readonly [string, readonly (readonly [string, number])[], readonly string[]])[],
): Recipe => ({
  title,
  region: 'metric',
  yield: null,
  pan: null,
  oven: null,
  components: parts.map(([name, lines, steps], c) => ({
    name,
    steps,
    lines: lines.map(([id, grams], i) =>
      lineFor(
        `l${c}-${i}`,
        pantry.find(p => p.id === id)!,
        grams,
        name,
      ),
    ),
  })),
})

const steps = fc.subarray([
  'Cream the butter and sugar.',
  'Beat in the eggs one at a time.',
  'Butter and flour a tin.',
  'Fold in the flour.',
  'Serve with whipped cream.',
  'Brush with beaten egg.',
  'Stir in the milk and scatter with chopped nuts.',
])

/**
 * One or two parts of two to nine ingredients each, a few grams to half a kilogram; steps that may
 * bring things of their own.
 */
export const someRecipe: fc.Arbitrary<Recipe> = fc
  .array(
    fc.tuple(
      fc.constantFrom('', 'glaze', 'filling', 'base'),
      fc.array(
        fc.tuple(
          someIngredient.map(i => i.id),
          fc.integer({ min: 2, max: 500 }),
        ),
        { minLength: 2, maxLength: 9 },
      ),
      steps,
    ),
    { minLength: 1, maxLength: 2 },
  )
  .map(parts =>
    recipeOf(
      'Something',
      parts.filter((p, i) => parts.findIndex(q => q[0] === p[0]) === i),
    ),
  )

/** Ordinary recipes with the kinds that most needs touch, so that plans are really made. */
export const ordinaryRecipe: fc.Arbitrary<Recipe> = fc
  .tuple(
    fc.integer({ min: 100, max: 400 }),
    fc.integer({ min: 0, max: 4 }),
    fc.integer({ min: 0, max: 250 }),
    fc.integer({ min: 30, max: 300 }),
    fc.integer({ min: 0, max: 300 }),
    fc.constantFrom('plain-flour', 'self-raising-flour', 'rye-flour'),
    fc.constantFrom('milk', 'buttermilk', 'double-cream'),
    fc.option(someIngredient),
  )
  .map(([flour, eggs, butter, sugar, milk, flourId, milkId, extra]) =>
    recipeOf('Something', [
      [
        '',
        [
          [flourId, flour],
          ['sugar', sugar],
          ['baking-powder', 6],
          ...(butter ? [['butter', butter] as const] : []),
          ...(eggs ? [['egg', 50 * eggs] as const] : []),
          ...(milk ? [[milkId, milk] as const] : []),
          ...(extra ? [[extra.id, 40] as const] : []),
        ],
        [
          'Butter a tin.',
          'Cream the butter and sugar, beat in the eggs one at a time, fold in the flour ' +
            'and stir in the milk.',
        ],
      ],
    ]),
  )
