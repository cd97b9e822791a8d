// Mutation testing of what decides over safety: npm run mutants. Not part of npm test, since it takes long.
export default {
  packageManager: 'npm',
  testRunner: 'jest',
  testRunnerNodeArgs: ['--experimental-vm-modules'],
  jest: { projectType: 'custom', configFile: 'tests/mutants/jest.config.mjs', enableFindRelatedTests: false },
  coverageAnalysis: 'perTest',
  mutate: ['core/people/*.ts', 'core/packet/*.ts', '!core/**/*.test.ts', '!core/**/index.ts'],
  // Words for people may change without anything being wrong; what decides may not.
  mutator: { excludedMutations: ['StringLiteral'] },
  ignoreStatic: true,
  concurrency: 2,
  timeoutMS: 20_000,
  reporters: ['clear-text', 'progress'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  tempDirName: '.stryker-tmp',
  disableTypeChecks: '{core,tests}/**/*.ts',
  ignorePatterns: ['.output', '.nuxt', 'public', 'docs', 'app', 'server', 'test-results', 'demo/recipes'],
}
