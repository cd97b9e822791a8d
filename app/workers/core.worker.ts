import { expose } from 'comlink'
import { adapt, backup, cardOf, checkPeople, claimFor, editRecipe, ingredientById, nameIn, packetsToCheck, pantry, readLine, readRecipe, type Bake, type Finding, type House, type LineOptions, type Person, type Recipe, type RecipeEdit, type RecipeOptions, type Region, type Wishes } from '#core'

/** The core behind a worker: everything that reads, checks or plans runs here, so that the page never waits. */
const core = {
  readRecipe: (text: string, options: RecipeOptions) => readRecipe(text, options),
  readLine: (text: string, options: LineOptions) => readLine(text, options),
  editRecipe: (reading: { recipe: Recipe, findings: readonly Finding[] }, edit: RecipeEdit) => editRecipe(reading, edit),
  checkPeople: (recipe: Recipe, people: readonly Person[]) => checkPeople(recipe, people),
  claimFor: (recipe: Recipe, people: readonly Person[]) => ({ claim: claimFor(recipe, people), open: packetsToCheck(recipe, people).length }),
  adapt: (recipe: Recipe, people: readonly Person[], wishes: Wishes) => adapt(recipe, people, wishes),
  cardOf: (bake: Bake, people: readonly Person[]) => cardOf(bake, people),
  ingredientNames: (region: Region) => pantry.map(item => ({ id: item.id, name: nameIn(item, region) })).sort((a, b) => a.name.localeCompare(b.name)),
  nameOf: (id: string, region: Region) => { const item = ingredientById(id); return item ? nameIn(item, region) : id },
  writeBackup: async (house: House, exported: string) => (await backup()).backupOf(house, exported),
  readBackup: async (text: string) => (await backup()).readBackup(text),
}
export type CoreWorker = typeof core

expose(core)
