import { expose } from 'comlink'
import { adapt, allIngredients, backup, builtIn, cardOf, checkPeople, claimFor, editRecipe, ingredientById, jsonLdOf, nameIn, nearNames, packetsToCheck, pantryFile, pantryForm, previewOf, readFile, readLine, readRecipe, readSteps, rereadAll, stockPantry, unknownsOf, type Bake, type Finding, type House, type IngredientForm, type LineOptions, type Person, type Reading, type Recipe, type RecipeEdit, type RecipeOptions, type Region, type Stock, type Wishes } from '#core'
import { decodeText } from './decode'

/** The core behind a worker: everything that reads, checks or plans runs here, so that the page never waits. */
const core = {
  stock: (stock: Stock) => stockPantry(stock),
  readRecipe: (text: string, options: RecipeOptions) => readRecipe(text, options),
  readFile: (name: string, bytes: ArrayBuffer) => readFile(name, decodeText(bytes)),
  readLine: (text: string, options: LineOptions) => readLine(text, options),
  readSteps: (recipe: Recipe) => readSteps(recipe),
  editRecipe: (reading: Reading, edits: RecipeEdit | readonly RecipeEdit[]) => editRecipe(reading, edits),
  reread: (reading: Reading) => rereadAll(reading),
  /** What each correction of each finding would change, by the finding's key. */
  previews: (reading: Reading, findings: readonly Finding[]) => findings.map(f => [f.key, f.corrections.map(c => previewOf(reading, c.edits))] as const),
  /** Names that no recipe could be read by; a bake kept before the pantry changed is read anew for it. */
  unknowns: (bakes: readonly { readonly id: string, readonly reading: Reading, readonly stale: boolean }[]) => {
    const found = new Map<string, { words: string, bakes: string[], example: string, near: string[] }>()
    const recipes = bakes.map(({ id, reading, stale }) => ({ id, recipe: stale ? rereadAll(reading).recipe : reading.recipe }))
    for (const { id, recipe } of recipes) for (const { words, lines } of unknownsOf(recipe)) {
      const known = found.get(words)
      if (known) known.bakes.push(id)
      else found.set(words, { words, bakes: [id], example: lines[0]!.text, near: nearNames(words, recipe.region).map(item => item.id) })
    }
    return [...found.values()].sort((a, b) => b.bakes.length - a.bakes.length)
  },
  checkPeople: (recipe: Recipe, people: readonly Person[]) => checkPeople(recipe, people),
  claimFor: (recipe: Recipe, people: readonly Person[]) => ({ claim: claimFor(recipe, people), open: packetsToCheck(recipe, people).length }),
  adapt: (recipe: Recipe, people: readonly Person[], wishes: Wishes) => adapt(recipe, people, wishes),
  cardOf: (bake: Bake, people: readonly Person[]) => cardOf(bake, people),
  jsonLdOf: (recipe: Recipe) => jsonLdOf(recipe),
  ingredientNames: (region: Region) => allIngredients().map(item => ({ id: item.id, name: nameIn(item, region) })).sort((a, b) => a.name.localeCompare(b.name)),
  nameOf: (id: string, region: Region) => { const item = ingredientById(id); return item ? nameIn(item, region) : id },
  /** The whole pantry, the house's own rows as they count. */
  pantry: () => allIngredients(),
  formOf: async (id: string) => { const item = ingredientById(id); return item ? (await pantryForm()).formOf(item) : null },
  ingredientFrom: async (form: IngredientForm) => {
    const { ingredientFrom, problemsOf } = await pantryForm()
    const problems = problemsOf(form)
    return problems.length ? { ok: false as const, problems } : { ok: true as const, ingredient: ingredientFrom(form, builtIn(form.id)) }
  },
  pantryCsv: async (which: 'all' | 'own', stock: Stock) => (await pantryFile()).pantryCsv(which === 'all' ? allIngredients() : stock.ingredients),
  readPantryCsv: async (bytes: ArrayBuffer) => (await pantryFile()).readPantryCsv(decodeText(bytes), builtIn),
  writeBackup: async (house: House, exported: string) => (await backup()).backupOf(house, exported),
  readBackup: async (text: string) => (await backup()).readBackup(text),
}
export type CoreWorker = typeof core

expose(core)
