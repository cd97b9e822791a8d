import {
  allIngredients,
  builtIn,
  ingredientById,
  namedAlone,
  nameOf,
  namesIn,
  plantFats,
  stockPantry,
  withFat,
} from '#core/pantry'
import { editRecipe, readFile, readRecipe, rereadAll } from '#core/pan'
import { readMethod } from '#core/method'
import {
  previewOf,
  readLine,
  thingsOf,
  unknownNames,
  type Finding,
  type Reading,
  type Recipe,
} from '#core/recipe'
import { pantryForm, type IngredientForm } from '#core/share'
import { decodeText } from '../decode'

/** A bake that is looked through for unknown names; read anew where the pantry changed since. */
interface LookedThrough {
  readonly id: string
  readonly reading: Reading
  readonly stale: boolean
}

/** Reading recipes, and the pantry that they are read by. */
export const reading = {
  stock: stockPantry,
  readRecipe,
  readFile: (name: string, bytes: ArrayBuffer) => readFile(name, decodeText(bytes)),
  readLine,
  /** Everything to eat that a recipe names, and its method as actions. */
  readSteps: (recipe: Recipe) => ({
    actions: readMethod(recipe).actions,
    things: thingsOf(recipe),
  }),
  editRecipe,
  reread: rereadAll,
  /** What each correction of each finding would change, by the finding's key. */
  previews: (of: Reading, findings: readonly Finding[]) =>
    findings.map(f => [f.key, f.corrections.map(c => previewOf(of, c.edits))] as const),
  /** Names that no recipe could be read by; a bake kept before the pantry changed is read anew for it. */
  unknowns: (bakes: readonly LookedThrough[]) =>
    unknownNames(
      bakes.map(({ id, reading: kept, stale }) => ({
        id,
        recipe: stale ? rereadAll(kept).recipe : kept.recipe,
      })),
    ),
  ingredientNames: namesIn,
  /** The ingredient that a few words name, if it is one and nothing else. */
  ingredientOf: namedAlone,
  nameOf,
  /** How much fat a firm plant fat is reckoned with, of those ids that are one; in %. */
  fatsOf: plantFats,
  /** The same ingredient with the fat of its packet; its water gives way. */
  withFat,
  /** The whole pantry, the house's own rows as they count. */
  pantry: allIngredients,
  formOf: async (id: string) => {
    const item = ingredientById(id)
    return item ? (await pantryForm()).formOf(item) : null
  },
  ingredientFrom: async (form: IngredientForm) => {
    const { ingredientFrom, problemsOf } = await pantryForm()
    const problems = problemsOf(form)
    return problems.length
      ? { ok: false as const, problems }
      : { ok: true as const, ingredient: ingredientFrom(form, builtIn(form.id)) }
  },
}
