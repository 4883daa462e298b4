import TestSequencer from '@jest/test-sequencer';
import { dirname } from 'node:path';

/** Suites beside the changed file come first, then those of its room, then the short ones: most changes are noticed at once. */
export default class NearestFirst extends TestSequencer {
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
}
