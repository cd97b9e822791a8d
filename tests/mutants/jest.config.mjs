import base from '../../jest.config.mjs'

// Each of some two thousand mutants runs these: a few tries of each property are enough for most of them.
process.env.INGWER_RUNS ??= '0.02'

/** The quick tests of people and packets; the long runs of the oracle are left to npm test. */
export default { ...base, rootDir: '../..', roots: ['<rootDir>/core'], testMatch: ['<rootDir>/core/people/**/*.test.ts', '<rootDir>/core/packet/**/*.test.ts'], testPathIgnorePatterns: ['/node_modules/', 'oracle'] }
