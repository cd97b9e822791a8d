/** Unit tests lie beside what they test; they run as ES modules, transformed file by file. */
export default {
  testEnvironment: 'node',
  roots: ['<rootDir>/core', '<rootDir>/app', '<rootDir>/scripts'],
  testMatch: ['**/*.test.ts', '**/*.test.mjs'],
  extensionsToTreatAsEsm: ['.ts'],
  transform: {
    '^.+\\.ts$': [
      '@swc/jest',
      { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' }, module: { type: 'es6' } },
    ],
  },
  moduleNameMapper: {
    '^#core$': '<rootDir>/core/index.ts',
    '^#core/(.*)$': '<rootDir>/core/$1/index.ts',
    '^~/(.*)$': '<rootDir>/app/$1',
  },
  setupFiles: ['<rootDir>/jest.setup.mjs'],
}
