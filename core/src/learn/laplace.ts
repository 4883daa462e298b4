import { factorize, solve } from './cholesky.js';
import type { Likelihood } from './likelihood.js';

/** What a set of hidden values predicts, and how it changes with each of those it stands on. */
interface Prediction {
  readonly value: number;
  /** One for each of `on`. */
  readonly slopes: readonly number[];
  /** With the bake's own hidden value. */
  readonly own: number;
}

/** One thing observed: which hidden values it stands on, what they predict, how that explains it. */
export interface Observation {
  readonly on: readonly number[];
  predict(hidden: Float64Array, own: number): Prediction;
  readonly explains: Likelihood;
}

/** The observations of one bake: they share a hidden value of its own, which nobody asks for. */
export interface Evidence {
  readonly ownDeviation: number;
  readonly observations: readonly Observation[];
}

export interface Fitted {
  readonly mean: Float64Array;
  /** Row by row. */
  readonly covariance: Float64Array;
  /** Of all that was observed, up to a constant: what tells one set of assumptions from another. */
  readonly logEvidence: number;
}

const MOST_ROUNDS = 25;
const CLOSE_ENOUGH = 1e-3;

function inverse(factor: Float64Array, n: number): Float64Array {
  const whole = new Float64Array(n * n);
  const column = new Float64Array(n);
  for (let j = 0; j < n; j++) {
    column.fill(0);
    column[j] = 1;
    solve(factor, n, column);
    for (let i = 0; i < n; i++) whole[i * n + j] = column[i]!;
  }
  return whole;
}

const square = (x: number): number => x * x;

/** Log of the joint density at some values, up to a constant. */
function logJoint(
  deviations: readonly number[],
  evidence: readonly Evidence[],
  hidden: Float64Array,
  own: Float64Array,
): number {
  let log = 0;
  deviations.forEach((deviation, i) => (log -= 0.5 * square(hidden[i]! / deviation)));
  evidence.forEach(({ ownDeviation, observations }, b) => {
    if (ownDeviation > 0) log -= 0.5 * square(own[b]! / ownDeviation);
    for (const { predict, explains } of observations) log += explains(predict(hidden, own[b]!).value).log;
  });
  return log;
}

/** One round of Fisher scoring: the matrix (as its factor), the step, and what the bakes' own values weigh. */
function score(
  deviations: readonly number[],
  evidence: readonly Evidence[],
  hidden: Float64Array,
  own: Float64Array,
) {
  const n = deviations.length;
  const matrix = new Float64Array(n * n);
  const step = new Float64Array(n);
  deviations.forEach((deviation, i) => {
    matrix[i * n + i] = 1 / square(deviation);
    step[i] = -hidden[i]! / square(deviation);
  });
  const owns = evidence.map(({ ownDeviation, observations }, b) => {
    const shared = new Map<number, number>();
    let weight = ownDeviation > 0 ? 1 / square(ownDeviation) : 1;
    let slope = ownDeviation > 0 ? -own[b]! / square(ownDeviation) : 0;
    for (const { on, predict, explains } of observations) {
      const at = predict(hidden, own[b]!);
      const { slope: pull, information } = explains(at.value);
      const ownSlope = ownDeviation > 0 ? at.own : 0;
      weight += information * square(ownSlope);
      slope += pull * ownSlope;
      for (let k = 0; k < on.length; k++) {
        const i = on[k]!;
        const di = at.slopes[k]!;
        step[i] = step[i]! + pull * di;
        if (ownSlope !== 0) shared.set(i, (shared.get(i) ?? 0) + information * di * ownSlope);
        for (let l = 0; l < on.length; l++) {
          const j = on[l]!;
          if (j <= i) matrix[i * n + j] = matrix[i * n + j]! + information * di * at.slopes[l]!;
        }
      }
    }
    // The bake's own value is taken out of the system (Schur's complement).
    for (const [i, hi] of shared) {
      step[i] = step[i]! - (hi * slope) / weight;
      for (const [j, hj] of shared) if (j <= i) matrix[i * n + j] = matrix[i * n + j]! - (hi * hj) / weight;
    }
    return { shared, weight, slope };
  });
  factorize(matrix, n);
  solve(matrix, n, step);
  const ownStep = owns.map(({ shared, weight, slope }) => {
    let rest = slope;
    for (const [i, hi] of shared) rest -= hi * step[i]!;
    return rest / weight;
  });
  return { factor: matrix, step, ownStep, weights: owns.map(({ weight }) => weight) };
}

/**
 * The most likely hidden values and how sure they are, by Laplace's approximation with Fisher scoring: all start at 0 with
 * their deviations. What belongs to one bake alone is taken out as it goes, so that a long log stays quick.
 * @param deviations of the hidden values, before anything is seen
 * @param evidence by bake
 * @param start where to look first
 * @returns mean, covariance, and how well all was explained
 */
export function fitHidden(
  deviations: readonly number[],
  evidence: readonly Evidence[],
  start?: Float64Array,
): Fitted {
  const n = deviations.length;
  let hidden: Float64Array = start ? Float64Array.from(start) : new Float64Array(n);
  let own: Float64Array = new Float64Array(evidence.length);
  let log = logJoint(deviations, evidence, hidden, own);
  let scored = score(deviations, evidence, hidden, own);
  for (let round = 0; round < MOST_ROUNDS; round++) {
    let share = 1;
    let better = false;
    while (!better && share > 1e-3) {
      const { step, ownStep } = scored;
      const there = hidden.map((value, i) => value + share * step[i]!);
      const ownThere = own.map((value, b) => value + share * ownStep[b]!);
      const logThere = logJoint(deviations, evidence, there, ownThere);
      better = logThere >= log;
      if (better) {
        const gained = logThere - log;
        hidden = there;
        own = ownThere;
        log = logThere;
        scored = score(deviations, evidence, hidden, own);
        if (gained < CLOSE_ENOUGH) round = MOST_ROUNDS;
      } else share /= 2;
    }
    if (!better) break;
  }
  let logEvidence = log;
  deviations.forEach((deviation, i) => {
    logEvidence -= Math.log(scored.factor[i * n + i]! * deviation);
  });
  evidence.forEach(({ ownDeviation }, b) => {
    if (ownDeviation > 0) logEvidence -= 0.5 * Math.log(scored.weights[b]! * square(ownDeviation));
  });
  return { mean: hidden, covariance: inverse(scored.factor, n), logEvidence };
}

/** A weighted sum of hidden values: its mean and deviation. */
export function combined(
  { mean, covariance }: Pick<Fitted, 'mean' | 'covariance'>,
  weights: ReadonlyMap<number, number>,
): { readonly mean: number; readonly deviation: number } {
  const n = mean.length;
  let value = 0;
  let variance = 0;
  for (const [i, wi] of weights) {
    value += wi * mean[i]!;
    for (const [j, wj] of weights) variance += wi * wj * covariance[i * n + j]!;
  }
  return { mean: value, deviation: Math.sqrt(Math.max(0, variance)) };
}
