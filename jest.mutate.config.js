import config from './jest.config.js';

/** Core alone, without what takes minutes: for the mutation tests. */
const [core] = config.projects;

export default {
  ...core,
  rootDir: '.',
  roots: ['<rootDir>/core/src'],
  testMatch: ['<rootDir>/core/src/**/*.test.ts'],
  testPathIgnorePatterns: [
    'bake/(whole-bake|trends|practice-trends|convergence)\\.test',
    'plan/(forms|own-schedule)\\.test',
    // Rooms that are not mutated, with suites of minutes.
    '/(day|learn)/',
  ],
  testEnvironment: '@stryker-mutator/jest-runner/jest-env/node',
  moduleNameMapper: { '^(\\.{1,2}/.*)\\.js$': '$1' },
};
