/**
 * Mutation tests of core, sampled: `npm run -s mutate -- --seed 7 --lines 60`. scripts/src/mutate.ts draws the lines and hands
 * them over as MARDLE_MUTATE; without it the whole of four rooms is mutated, which takes hours.
 */
const rooms = ['filling', 'build', 'bake', 'plan'];

export default {
  testRunner: 'jest',
  jest: { projectType: 'custom', configFile: 'jest.mutate.config.js', enableFindRelatedTests: true },
  coverageAnalysis: 'perTest',
  mutate: process.env.MARDLE_MUTATE?.split(',') ?? rooms.map((room) => `core/src/${room}/**/!(*.test).ts`),
  concurrency: 2,
  dryRunTimeoutMinutes: 20,
  timeoutMS: 20_000,
  timeoutFactor: 2,
  reporters: ['json', 'progress-append-only'],
  jsonReporter: { fileName: '.data/mutation/report.json' },
  tempDirName: '.data/mutation/tmp',
  ignoreStatic: false,
  ignorePatterns: ['.data', 'docs/screenshots', 'web', 'server', 'e2e', 'dist'],
  mutator: { excludedMutations: ['StringLiteral', 'ObjectLiteral'] },
};
