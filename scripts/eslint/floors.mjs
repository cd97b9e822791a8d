/**
 * The floors of the core: an import goes down only, never across, and through the neighbour's index
 * alone.
 */
const floors = [
  ['measure'],
  ['pantry'],
  ['recipe', 'packet'],
  ['method'],
  ['people', 'formula'],
  ['swap', 'pan'],
  ['day'],
  ['make'],
  ['trial'],
  ['share'],
]
const stages = floors.flat()

const outside = {
  group: ['vue', 'nuxt*', 'pinia', 'dexie', '#*', '~/**', 'node:*', '@nuxt/*', '@vueuse/*'],
  message: 'The core knows neither the browser nor the framework.',
}
const facesOnly = below => ({
  group: below.flatMap(other => [`../${other}/*`, `../../${other}/*`]),
  message: 'Through the neighbour’s index.ts only.',
})
const downOnly = (name, below, closed) => ({
  group: closed.flatMap(other => [
    `../${other}`,
    `../${other}/**`,
    `../../${other}`,
    `../../${other}/**`,
  ]),
  message: `${name} stands on ${below.join(', ') || 'nothing'}; imports go down only.`,
})
const browserGlobals = ['window', 'document', 'localStorage', 'fetch', 'process', 'setTimeout']

function ruleOf(name, floor) {
  const below = floors.slice(0, floor).flat()
  const closed = stages.filter(other => other !== name && !below.includes(other))
  const patterns = [
    ...(closed.length ? [downOnly(name, below, closed)] : []),
    ...(below.length ? [facesOnly(below)] : []),
    outside,
  ]
  return {
    files: [`core/${name}/**/*.ts`],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': ['error', { patterns }],
      'no-restricted-globals': ['error', ...browserGlobals],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now' },
        { object: 'Math', property: 'random' },
      ],
    },
  }
}

/** One rule a stage. */
export const floorRules = floors.flatMap((names, floor) => names.map(name => ruleOf(name, floor)))
