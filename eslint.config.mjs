import withNuxt from './.nuxt/eslint.config.mjs'
import eachInTests from './scripts/eslint/each-in-tests.mjs'
import { floorRules } from './scripts/eslint/floors.mjs'
import { stepRules } from './scripts/eslint/steps.mjs'

/**
 * How long, deep and tangled a file or a function may be. What was beyond these when they were set
 * stands in `docs/beyond-limits.json` with its figures, and `npm run lint` fails when one of them
 * grows or a new one appears.
 */
const limits = [
  {
    files: ['**/*.{ts,vue,mjs}'],
    rules: {
      'complexity': ['error', 15],
      'max-params': ['error', 4],
      'max-depth': ['error', 3],
      'no-nested-ternary': 'error',
    },
  },
  {
    files: ['**/*.{ts,vue,mjs}'],
    ignores: ['**/tables/**'],
    rules: { 'max-len': ['error', { code: 110 }] },
  },
  {
    files: ['**/*.{ts,vue,mjs}'],
    // A test's length is that of what it tells; a table's is that of the trade.
    ignores: ['**/*.{test,spec}.{ts,mjs}', '**/tables/**'],
    rules: {
      'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
      'max-lines': ['error', { max: 350, skipBlankLines: true, skipComments: true }],
    },
  },
]

/** Where many parameters are right. */
const manyParameters = [
  {
    // What makes a row of a table is read by its columns; others' functions are as they are.
    files: ['**/tables/**', 'core/pantry/row.ts', 'core/swap/ways/school.ts', '**/*.d.ts'],
    rules: { 'max-params': 'off' },
  },
  {
    // A test of many rows takes a row as its columns.
    files: ['**/*.test.ts'],
    rules: { 'max-params': ['error', 6] },
  },
  {
    // Functions of the acceptance face keep the order of what they are handed.
    files: ['core/trial/arms.ts', 'core/trial/learn.ts', 'core/pan/size-up.ts'],
    rules: { 'max-params': ['error', 6] },
  },
]

const inTests = [
  {
    selector: 'CallExpression[callee.property.name="waitForTimeout"]',
    message: 'Wait for what is to be seen, not for a time.',
  },
  {
    selector: 'CallExpression[callee.property.name="catch"]',
    message: 'What fails in a test is not passed over.',
  },
]

export default withNuxt(
  ...limits,
  ...manyParameters,
  {
    files: ['**/*.{test,spec}.{ts,mjs}'],
    plugins: { ingwer: { rules: { 'each-in-tests': eachInTests } } },
    rules: { 'ingwer/each-in-tests': 'error' },
  },
  { files: ['tests/**/*.ts'], rules: { 'no-restricted-syntax': ['error', ...inTests] } },
  {
    files: ['tests/demo/**/*.ts', 'tests/empty/**/*.ts', 'tests/kitchen.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...inTests,
        {
          selector: 'CallExpression[callee.name="expect"] > AwaitExpression',
          message: 'A page gets there in its own time: expect.poll asks it again.',
        },
      ],
    },
  },
  {
    files: ['tests/**/*.spec.ts'],
    rules: {
      'no-restricted-properties': [
        'error',
        ...['reload', 'goto'].map(property => ({
          property,
          message: 'What was done is to be kept first: reload and goTo of tests/kitchen.ts.',
        })),
      ],
    },
  },
  {
    // The function of a store is all of its file: the limit on a file's length holds for both.
    files: ['app/stores/**'],
    rules: {
      'max-lines-per-function': ['error', { max: 250, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    // One word, one thing: the words on the left of ARCHITECTURE.md's glossary are not used any more.
    rules: {
      'id-denylist': [
        'error',
        ...['regardPlan', 'Regarded', 'Tie', 'Standing', 'Happening', 'bringing', 'School'],
        ...['Resting', 'restingOn', 'counterOf', 'armBakes', 'lossOf', 'lossFor', 'useBenchStore'],
      ],
    },
  },
  ...floorRules,
  ...stepRules,
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
              group: ['#core/*/**', '../**/core/*/**', '../**/core/[a-z]*', '~~/core/**'],
              message: 'Only the face of a stage, #core/pan, or the acceptance face, #core.',
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
