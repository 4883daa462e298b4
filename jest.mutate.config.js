import config from './jest.config.js';

/** The suites, nearest to the changed file first: for changed lines, tried one at a time. */
export default { ...config, testSequencer: './scripts/nearest-first.mjs' };
