import { cleanRecipes } from './clean-recipes'
import { desserts } from './desserts'
import { methodActions } from './method-actions'
import { readMethods } from './read-methods'
import { corpusRecipes } from './recipes'
import { moreRecipes } from './recipes-more'
import { wordyMethods } from './wordy-methods'

/** The recipes whose methods were written out as actions, list by list. */
export const methodLists: Readonly<Record<string, readonly { readonly text: string }[]>> = {
  clean: cleanRecipes,
  dessert: desserts,
  recipes: corpusRecipes,
  more: moreRecipes,
  methods: readMethods,
  wordy: wordyMethods,
}

export const writtenActions: Readonly<Record<string, readonly string[]>> = { ...methodActions, wordy: wordyMethods.map(row => row.actions) }
