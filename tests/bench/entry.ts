/** What the bench measures, built as one module for Node. */
export * from '#core'
export { shelfIndex } from '../../app/composables/shelfIndex'
export { corpusLines } from '../corpus/lines'
export { corpusRecipes } from '../corpus/recipes'
export { moreRecipes } from '../corpus/recipes-more'
export { statements } from '../corpus/statements'
export { scoreStatements } from '../corpus/score-statements.mjs'
export { scoreLines, scoreRecipes } from '../corpus/score.mjs'
