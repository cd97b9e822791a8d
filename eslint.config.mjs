import withNuxt from './.nuxt/eslint.config.mjs'

/**
 * The floors of the core: an import goes down only, never across, and through the neighbour's index
 * alone. The app, the server and the tests see the core by its face, `#core`, and nothing behind
 * it.
 */
const floors = [
  ['measure'],
  ['pantry'],
  ['recipe', 'packet'],
  ['people', 'formula'],
  ['swap', 'pan'],
  ['day'],
  ['make'],
  ['trial'],
  ['share'],
]
const stages = floors.flat()

const floorRules = floors.flatMap((names, floor) =>
  names.map(name => {
    const below = new Set(floors.slice(0, floor).flat())
    const closed = stages.filter(other => other !== name && !below.has(other))
    return {
      files: [`core/${name}/**/*.ts`],
      ignores: ['**/*.test.ts'],
      rules: {
        'no-restricted-imports': [
          'error',
          {
            patterns: [
              ...(closed.length
                ? [
                    {
                      group: closed.flatMap(other => [
                        `../${other}`,
                        `../${other}/**`,
                        `../../${other}`,
                        `../../${other}/**`,
                      ]),
                      message:
                        `${name} stands on ${[...below].join(', ') || 'nothing'}; imports go ` +
                        'down only.',
                    },
                  ]
                : []),
              ...(below.size
                ? [
                    {
                      group: [...below].flatMap(other => [`../${other}/*`, `../../${other}/*`]),
                      message: 'Through the neighbour’s index.ts only.',
                    },
                  ]
                : []),
              {
                group: [
                  'vue',
                  'nuxt*',
                  'pinia',
                  'dexie',
                  '#*',
                  '~/**',
                  'node:*',
                  '@nuxt/*',
                  '@vueuse/*',
                ],
                message: 'The core knows neither the browser nor the framework.',
              },
            ],
          },
        ],
        'no-restricted-globals': [
          'error',
          'window',
          'document',
          'localStorage',
          'fetch',
          'process',
          'setTimeout',
        ],
        'no-restricted-properties': [
          'error',
          { object: 'Date', property: 'now' },
          { object: 'Math', property: 'random' },
        ],
      },
    }
  }),
)

export default withNuxt(
  ...floorRules,
  {
    files: ['app/**', 'server/**', 'tests/**'],
    // The mutants are of the core's own tests, which lie beside what they test.
    ignores: ['tests/mutants/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['#core/*', '**/core/*/**', '**/core/[a-z]*'],
              message: 'Only the core’s public face, #core.',
            },
          ],
        },
      ],
    },
  },
  {
    files: ['app/**/*.vue', 'app/stores/**', 'app/composables/**', 'app/layouts/**'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'ImportDeclaration[source.value="dexie"]',
          message: 'Only app/db knows Dexie.',
        },
      ],
    },
  },
  {
    rules: {
      'vue/multi-word-component-names': 'off',
      'vue/no-multiple-template-root': 'off',
      'vue/html-self-closing': 'off',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
    },
  },
)
