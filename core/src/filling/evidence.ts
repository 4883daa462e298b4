import type { FillingSpec, SaucerResult } from '../schema/index.js';
import type { Batch } from './batch.js';
import { drawnWaterG, releaseFraction, weepEffects } from './release.js';

/** A factor on a built-in figure with its relative standard deviation. */
export interface Posterior {
  readonly factor: number;
  readonly deviation: number;
}

/** A nine-in-ten band is this many standard deviations either way. */
export const BAND_DEVIATIONS = 1.645;

/** How well the bench tests and the tables tell, as relative standard deviations. Estimates. */
export const evidenceRules = {
  potencyDeviation: 0.08,
  /** Scale, temperature of the kitchen and which pieces were picked. */
  weepDeviation: 0.12,
  weepSugarPerFruit: 0.1,
  weepTimeMin: 20,
  weepSampleG: 100,
  /** A saucer shows the set to about this share of the concentration. */
  saucerDeviation: 0.12,
  /** Below and above these shares of the target the spoonful runs, or stands. */
  saucerRunsBelow: 0.85,
  saucerStandsAbove: 1.1,
} as const;

/** Relative deviation of the batch's release out of the larder: the fruits' own spreads, weighted by mass. */
export function priorReleaseDeviation(batch: Batch): number {
  const spread = batch.fruits.reduce((sum, { fruit, massG }) => sum + fruit.releaseSpread * massG, 0);
  return batch.massG > 0 ? spread / batch.massG / BAND_DEVIATIONS : 0;
}

/**
 * What the weep test of this batch should drain, in g from 100 g, when its release is `factor` times the table's.
 * @param batch the fruit
 * @param factor release over the one in the table
 * @returns g from 100 g of fruit
 * @example expectedWeepG(makeBatch(starterSpec.filling, 1000, builtInLarder)) // 13.96
 */
export function expectedWeepG(batch: Batch, factor = 1): number {
  const { weepSugarPerFruit, weepTimeMin, weepSampleG } = evidenceRules;
  const drawn = batch.fruits.reduce((sum, item) => {
    const release = releaseFraction(item, {
      sugarPerFruit: weepSugarPerFruit,
      heldAt71C: false,
      stewed: false,
      factor,
    });
    const share = batch.massG > 0 ? item.massG / batch.massG : 0;
    const sample = { ...item, massG: weepSampleG * share };
    return sum + drawnWaterG(sample, release, weepSugarPerFruit, weepTimeMin);
  }, 0);
  const drained = weepEffects.drained * drawn;
  const sugarG = weepSugarPerFruit * weepSampleG;
  return (
    drained * (1 + weepEffects.solublesPerWater) +
    weepEffects.sugarCarried * sugarG * wetting(drained, sugarG)
  );
}

/** Sugar only runs off as far as there is juice to dissolve it: all of it once the juice weighs half the sugar. */
const wetting = (drainedG: number, sugarG: number): number => Math.min(1, drainedG / (0.5 * sugarG));

const RELEASE_FACTORS = Array.from({ length: 121 }, (_, i) => Math.exp(-0.9 + (1.8 * i) / 120));

/**
 * Posterior from log weights over a grid of factors: mean and relative deviation. Only their differences count, so even
 * evidence that nothing on the grid explains leaves a belief: the nearest end of it.
 */
function summarize(factors: readonly number[], logWeights: readonly number[]): Posterior {
  const most = Math.max(...logWeights);
  const weights = logWeights.map((log) => Math.exp(log - most));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const mean = factors.reduce((sum, f, i) => sum + (f * (weights[i] ?? 0)) / total, 0);
  const variance = factors.reduce((sum, f, i) => sum + ((f - mean) ** 2 * (weights[i] ?? 0)) / total, 0);
  return { factor: mean, deviation: Math.sqrt(variance) / mean };
}

/** Log of a normal likelihood, up to a constant. */
const bell = (x: number, deviation: number): number => -0.5 * (x / deviation) ** 2;

/** Posterior about the batch's release, before and after the weep test: Bayes' rule on a grid of factors. */
export function releaseBelief(batch: Batch, spec: Pick<FillingSpec, 'weepTest'>): Posterior {
  const prior = priorReleaseDeviation(batch);
  if (!spec.weepTest || prior === 0) return { factor: 1, deviation: prior };
  const { drainedG } = spec.weepTest;
  const weights = RELEASE_FACTORS.map((factor) => {
    const expected = expectedWeepG(batch, factor);
    const surprise = Math.log(Math.max(0.1, drainedG) / Math.max(0.1, expected));
    return bell(Math.log(factor), prior) + bell(surprise, evidenceRules.weepDeviation);
  });
  return summarize(RELEASE_FACTORS, weights);
}

const phi = (z: number): number => 1 / (1 + Math.exp(-1.702 * z));

/** How likely a saucer result is when the true set is `share` of the target. */
function saucerLikelihood(result: SaucerResult, share: number): number {
  const { saucerRunsBelow, saucerStandsAbove, saucerDeviation } = evidenceRules;
  const runs = phi(Math.log(saucerRunsBelow / share) / saucerDeviation);
  const stands = phi(Math.log(share / saucerStandsAbove) / saucerDeviation);
  if (result === 'runs') return runs;
  return result === 'stands' ? stands : Math.max(0, 1 - runs - stands);
}

/**
 * Posterior about how much set the dose gives against the sums, after the saucer test.
 * @param shareOfTarget what the sums say the tested dose reaches, over the target
 * @param prior belief before it, all causes together
 */
export function setBelief(result: SaucerResult | null, shareOfTarget: number, prior: Posterior): Posterior {
  if (result === null || prior.deviation === 0 || shareOfTarget <= 0) return prior;
  const weights = RELEASE_FACTORS.map(
    (factor) =>
      bell(Math.log(factor / prior.factor), prior.deviation) +
      Math.log(Math.max(1e-12, saucerLikelihood(result, shareOfTarget * factor))),
  );
  return summarize(RELEASE_FACTORS, weights);
}
