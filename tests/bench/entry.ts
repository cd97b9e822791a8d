/** What the bench measures, built as one module for Node. */
export * from '#core'
export { shelfIndex } from '../../app/composables/shelfIndex'
export { corpusLines } from '../corpus/lines'
export { corpusRecipes } from '../corpus/recipes'
export { moreRecipes } from '../corpus/recipes-more'
export { scoreLines, scoreRecipes } from '../corpus/score.mjs'
