/**
 * A method is read once, by core/method: what stands above it takes actions and never reads the words
 * of a step. Three kinds of files may: those that write steps (they edit by the spans that were read),
 * those that warn (a word they see warns even where the method was not understood), and the findings
 * of tins, which the words of facts and steps name alike.
 */
const above = ['people', 'formula', 'swap', 'pan', 'day', 'make', 'trial', 'share']
const writers = [
  'core/swap/carry-out/telling/**',
  'core/swap/carry-out/lines/answered.ts',
  // A formula's own steps, with the names of what is at hand.
  'core/swap/carry-out/redirect.ts',
  'core/pan/retold.ts',
  'core/pan/scaled-recipe.ts',
]
const spans = ['core/day/work-writer.ts']
const warners = ['core/people/cautions.ts', 'core/people/contact.ts']
const tins = ['core/pan/two-tins.ts', 'core/pan/size-up.ts']

const message = 'A method is read once: take the actions of readMethod, not the words of a step.'
const readers = 'readSteps|mentionsInStep|vesselsIn|ownLines'
const asks = 'CallExpression[callee.property.name=/^(?:test|exec)$/] > '
const edits = '[callee.property.name=/^(?:match|matchAll|replace|split|search)$/]'
const selectors = [
  `ImportSpecifier[imported.name=/^(?:${readers})$/]`,
  `${asks}Identifier.arguments[name=/^steps?$/]`,
  `${asks}MemberExpression.arguments[object.name=/^(?:step|action)$/][property.name="text"]`,
  `CallExpression[callee.object.name=/^steps?$/]${edits}`,
]

export const stepRules = [
  {
    files: above.map(stage => `core/${stage}/**/*.ts`),
    ignores: ['**/*.test.ts', ...writers, ...spans, ...warners, ...tins],
    rules: {
      'no-restricted-syntax': ['error', ...selectors.map(selector => ({ selector, message }))],
    },
  },
]
