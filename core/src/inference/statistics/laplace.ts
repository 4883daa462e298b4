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
/** Of a log density over hundreds of values, each its own bake: nothing that a band would show. */
const CLOSE_ENOUGH = 0.03;

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

/** Which hidden values a bake stands on, in order, and where among them each of its observations has its own. */
interface Block {
  readonly ids: readonly number[];
  readonly places: readonly (readonly number[])[];
}

function makeBlock({ observations }: Evidence): Block {
  const ids = [...new Set(observations.flatMap(({ on }) => on))].sort((a, b) => a - b);
  return { ids, places: observations.map(({ on }) => on.map((i) => ids.indexOf(i))) };
}

/** What a log says, laid out for many rounds. */
interface Posterior {
  readonly deviations: readonly number[];
  readonly evidence: readonly Evidence[];
  readonly blocks: readonly Block[];
  /** Where one bake is gathered at a time. */
  readonly inner: Float64Array;
}

function makePosterior(deviations: readonly number[], evidence: readonly Evidence[]): Posterior {
  const blocks = evidence.map(makeBlock);
  const most = Math.max(0, ...blocks.map(({ ids }) => ids.length));
  return { deviations, evidence, blocks, inner: new Float64Array(most * (most + 1)) };
}

/**
 * One round of Fisher scoring: the log of the joint density (up to a constant), the matrix (as its factor), the step, and what
 * the bakes' own values weigh. A bake is gathered in a small matrix of its own first: this is done for each bake in each round.
 */
function score({ deviations, evidence, blocks, inner }: Posterior, hidden: Float64Array, own: Float64Array) {
  const n = deviations.length;
  const matrix = new Float64Array(n * n);
  const step = new Float64Array(n);
  let log = 0;
  deviations.forEach((deviation, i) => {
    log -= 0.5 * square(hidden[i]! / deviation);
    matrix[i * n + i] = 1 / square(deviation);
    step[i] = -hidden[i]! / square(deviation);
  });
  const weights = new Float64Array(evidence.length);
  const slopes = new Float64Array(evidence.length);
  const shares: Float64Array[] = [];
  evidence.forEach(({ ownDeviation, observations }, b) => {
    const { ids, places } = blocks[b]!;
    const m = ids.length;
    const pulls = m * m;
    inner.fill(0, 0, pulls + m);
    const shared = new Float64Array(m);
    if (ownDeviation > 0) log -= 0.5 * square(own[b]! / ownDeviation);
    let weight = ownDeviation > 0 ? 1 / square(ownDeviation) : 1;
    let slope = ownDeviation > 0 ? -own[b]! / square(ownDeviation) : 0;
    observations.forEach(({ predict, explains }, o) => {
      const { value, slopes: by, own: byOwn } = predict(hidden, own[b]!);
      const { log: explained, slope: pull, information } = explains(value);
      const ownSlope = ownDeviation > 0 ? byOwn : 0;
      const at = places[o]!;
      log += explained;
      weight += information * square(ownSlope);
      slope += pull * ownSlope;
      for (let k = 0; k < at.length; k++) {
        const i = at[k]!;
        const weighed = information * by[k]!;
        inner[pulls + i] = inner[pulls + i]! + pull * by[k]!;
        shared[i] = shared[i]! + weighed * ownSlope;
        for (let l = 0; l < at.length; l++) {
          const place = i * m + at[l]!;
          inner[place] = inner[place]! + weighed * by[l]!;
        }
      }
    });
    // The bake's own value is taken out of the system (Schur's complement).
    for (let i = 0; i < m; i++) {
      const row = ids[i]! * n;
      const rest = shared[i]! / weight;
      step[ids[i]!] = step[ids[i]!]! + inner[pulls + i]! - rest * slope;
      for (let j = 0; j <= i; j++) {
        const place = row + ids[j]!;
        matrix[place] = matrix[place]! + inner[i * m + j]! - rest * shared[j]!;
      }
    }
    weights[b] = weight;
    slopes[b] = slope;
    shares.push(shared);
  });
  factorize(matrix, n);
  solve(matrix, n, step);
  const ownStep = slopes.map((slope, b) => {
    const shared = shares[b]!;
    const rest = blocks[b]!.ids.reduce((left, id, i) => left - shared[i]! * step[id]!, slope);
    return rest / weights[b]!;
  });
  return { log, factor: matrix, step, ownStep, weights };
}

/**
 * The most likely hidden values and how sure they are, by Laplace's approximation with Fisher scoring: all start at 0 with
 * their deviations. What belongs to one bake alone is taken out as it goes, so that a long log stays quick.
 * @param deviations of the hidden values, before anything is seen
 * @param evidence by bake
 * @param start where to look first
 * @returns mean, covariance, and how well all was explained
 */
export function fitLatent(
  deviations: readonly number[],
  evidence: readonly Evidence[],
  start?: Float64Array,
): Fitted {
  const n = deviations.length;
  let hidden: Float64Array = start ? Float64Array.from(start) : new Float64Array(n);
  let own: Float64Array = new Float64Array(evidence.length);
  const posterior = makePosterior(deviations, evidence);
  let scored = score(posterior, hidden, own);
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const { step, ownStep, log } = scored;
    let share = 1;
    let better = false;
    while (!better && share > 1e-3) {
      const there = hidden.map((value, i) => value + share * step[i]!);
      const ownThere = own.map((value, b) => value + share * ownStep[b]!);
      const scoredThere = score(posterior, there, ownThere);
      better = scoredThere.log >= log;
      if (better) {
        hidden = there;
        own = ownThere;
        scored = scoredThere;
      } else share /= 2;
    }
    if (!better || scored.log - log < CLOSE_ENOUGH) break;
  }
  let logEvidence = scored.log;
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
