import config from './jest.config.js';

/** Core alone, without what takes minutes: for changed lines, tried one at a time. */
const [core] = config.projects;

export default {
  ...core,
  rootDir: '.',
  roots: ['<rootDir>/core/src'],
  testMatch: ['<rootDir>/core/src/**/*.test.ts'],
  testPathIgnorePatterns: [
    'bake/(simulation|search)/(whole-bake|trends|practice-trends|convergence)\\.test',
    'plan/(forms|own-schedule)\\.test',
    // Rooms that are not changed, with suites of minutes.
    '/(scheduler|inference)/',
  ],
  testSequencer: './scripts/nearest-first.mjs',
  moduleNameMapper: { '^(\\.{1,2}/.*)\\.js$': '$1' },
};
