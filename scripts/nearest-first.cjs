const { dirname } = require('node:path');
const { default: Sequencer } = require('@jest/test-sequencer');

/** Suites beside the changed file come first, then those of its room, then the short ones: most changes are noticed at once. */
module.exports = class NearestFirst extends Sequencer {
  sort(tests) {
    const folder = dirname(process.env.MARDLE_CHANGED ?? '');
    const stem = (path) => path.replace(/(\.test)?\.ts$/, '');
    const changed = stem(process.env.MARDLE_CHANGED ?? '');
    const farness = ({ path }) => {
      if (stem(path).endsWith(changed)) return 0;
      return dirname(path).endsWith(folder) ? 1 : 2;
    };
    const size = ({ context, path }) => context.hasteFS.getSize(path) ?? 0;
    return [...tests].sort((a, b) => farness(a) - farness(b) || size(a) - size(b));
  }
};
