import { fitOven } from './oven.js';
import type { Misfit } from './sample-log.js';
import { asBelieved, sampleLog, sampleTruth } from './sample-log.js';
import { fitSet, mixed, setWeights } from './set.js';
import { fitSweetness } from './sweetness.js';
import { bakedHere } from '../test/kitchen.js';
import type { LoggedPie } from './set.js';

/**
 * Kitchens with known hidden values: what the learner says of them must be those values, within its bands at their rate. The
 * kitchens are ours; a third is as the learner believes, a third has vague and erring mouths, in a third taste drifts.
 */
const KITCHENS = 200;
const kinds: readonly Misfit[] = [
  asBelieved,
  { noise: 1.5, lapse: 0.08, drift: 0.06 },
  { noise: 1, lapse: 0.04, drift: 0.1 },
];

interface Recovered {
  readonly truth: number;
  readonly mean: number;
  readonly deviation: number;
}

/** What is learned of one kitchen, beside what is so there. */
function recover(pies: readonly LoggedPie[], seed: number, bakes: number) {
  const truth = sampleTruth(7919 * seed);
  const seasons = bakes > 20 ? ['2025', '2026'] : ['2026'];
  const season = seasons.at(-1) ?? '';
  const log = sampleLog(pies, truth, 104729 * seed, bakes, seasons, kinds[seed % kinds.length]);
  const pie = log[log.length - 1]!;
  const fit = fitSet(log);
  const weights = setWeights(fit, pie, season);
  const set = [...weights].reduce(
    (sum, [i, weight]) => sum + weight * truth.of(fit.hidden.names[i] ?? '', 0),
    0,
  );
  const oven = fitOven(log.filter(({ bake }) => bake.oven === 'Corner oven')).fitted;
  return {
    set: { truth: set, ...mixed(fit, weights) },
    sweetness: {
      truth: truth.sweetness + truth.of(`sweet ${season}`, 0),
      ...fitSweetness(log, season),
    },
    oven: {
      truth: truth.oven('Corner oven').offsetC,
      mean: oven.mean[0]!,
      deviation: Math.sqrt(oven.covariance[0]!),
    },
  };
}

const errorOverPrior = (all: readonly Recovered[]): number =>
  Math.sqrt(
    all.reduce((sum, { truth, mean }) => sum + (mean - truth) ** 2, 0) /
      all.reduce((sum, { truth }) => sum + truth ** 2, 0),
  );
const held = (all: readonly Recovered[]): number =>
  all.filter(({ truth, mean, deviation }) => Math.abs(mean - truth) <= 1.645 * deviation).length / all.length;

describe(`${KITCHENS} kitchens with known hidden values`, () => {
  const learned = new Map<number, ReturnType<typeof recover>[]>();
  beforeAll(() => {
    const pies = bakedHere();
    for (const bakes of [5, 20, 40]) {
      learned.set(
        bakes,
        Array.from({ length: KITCHENS }, (_, k) => recover(pies, k + 1, bakes)),
      );
    }
  });
  const of = (bakes: number, what: keyof ReturnType<typeof recover>): Recovered[] =>
    (learned.get(bakes) ?? []).map((one) => one[what]);

  it('the error of the net set is halved within 20 bakes', () => {
    expect(errorOverPrior(of(20, 'set'))).toBeLessThan(0.5);
  });

  it('the error of the sweetness is halved within 5', () => {
    expect(errorOverPrior(of(5, 'sweetness'))).toBeLessThan(0.5);
  });

  it('an oven’s heat is known to a third after 20', () => {
    expect(errorOverPrior(of(20, 'oven'))).toBeLessThan(0.33);
  });

  it.each(
    [5, 20, 40].flatMap((bakes) =>
      (['set', 'sweetness', 'oven'] as const).map((what) => [what, bakes] as const),
    ),
  )('bands of %s hold nine times in ten after %i bakes', (what, bakes) => {
    const share = held(of(bakes, what));
    expect(share).toBeGreaterThanOrEqual(0.85);
    expect(share).toBeLessThanOrEqual(0.95);
  });
});
