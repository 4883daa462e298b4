import type { BesideBest } from '@mardle/research';
import { compiled } from '../system/compiled.js';
import { soak } from '../test/soak.js';

/**
 * Days small enough for a proof: a general solver of whole-number programmes (HiGHS, from the registry) finds their best plan
 * from the rules alone. Its plans must keep the rules by the checker's word, and none of ours may be better.
 */
const DAYS = soak(4, 40);
const UNUSUAL_DAYS = soak(2, 12);

describe('days of two pies beside the best plans that there are', () => {
  let beside: BesideBest;
  beforeAll(() => {
    beside = compiled<BesideBest>('research/dist/proven-day.js', `besideBest(2, ${DAYS})`);
  }, 3_600_000);

  it('are all proven, but those that cannot be done', () => {
    expect(beside.open).toBe(0);
    expect(beside.proven).toBeGreaterThan(DAYS / 2);
  });

  it('are the best ones on 97 of 100 days, and nowhere more than two hundredths off', () => {
    expect(beside.equal).toBeGreaterThanOrEqual(0.97 * beside.proven);
    for (const { share } of beside.gaps) expect(share).toBeLessThan(0.02);
  });
});

describe('days with a shell that is baked before, beside the best plans that there are', () => {
  it('are the best ones too', () => {
    const { proven, equal, open } = compiled<BesideBest>(
      'research/dist/proven-day.js',
      `besideBest(2, ${UNUSUAL_DAYS}, { shell: true })`,
    );
    expect({ equal, open }).toEqual({ equal: proven, open: 0 });
    expect(proven).toBeGreaterThan(UNUSUAL_DAYS / 2);
  }, 3_600_000);
});

describe('days on which other things matter than usual, beside the best plans that there are', () => {
  it.each([`{ lateStart: 'much' }`, `{ lateStart: 'little', fewMixes: 'much', noWaiting: 'much' }`])(
    'are the best ones too: %s',
    (matters) => {
      const { proven, equal, open } = compiled<BesideBest>(
        'research/dist/proven-day.js',
        `besideBest(2, ${UNUSUAL_DAYS}, { matters: ${matters} })`,
      );
      expect({ equal, open }).toEqual({ equal: proven, open: 0 });
      expect(proven).toBeGreaterThan(UNUSUAL_DAYS / 2);
    },
    3_600_000,
  );
});
