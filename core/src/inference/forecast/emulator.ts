import { factorize, solve } from '../statistics/index.js';

/** All products of up to two of the inputs, 1 among them. */
export function features(x: ArrayLike<number>): Float64Array {
  const n = x.length;
  const all = new Float64Array(1 + n + (n * (n + 1)) / 2);
  let k = 0;
  all[k++] = 1;
  for (let i = 0; i < n; i++) all[k++] = x[i]!;
  for (let i = 0; i < n; i++) for (let j = 0; j <= i; j++) all[k++] = x[i]! * x[j]!;
  return all;
}

/** Keeps the sums from leaning on what few runs tell. */
const RIDGE = 1e-3;

/** Answers like the runs that it was made from, in a microsecond: it is asked by the features of its inputs. */
export type Emulator = (of: Float64Array) => number;

/**
 * A quadratic through runs, by least squares.
 * @param inputs of each run
 * @param outputs of each run
 */
export function emulate(inputs: readonly ArrayLike<number>[], outputs: readonly number[]): Emulator {
  const rows = inputs.map(features);
  const n = rows[0]?.length ?? 0;
  const matrix = new Float64Array(n * n);
  const weights = new Float64Array(n);
  rows.forEach((row, r) => {
    for (let i = 0; i < n; i++) {
      weights[i] = weights[i]! + row[i]! * outputs[r]!;
      for (let j = 0; j <= i; j++) matrix[i * n + j] = matrix[i * n + j]! + row[i]! * row[j]!;
    }
  });
  for (let i = 1; i < n; i++) matrix[i * n + i] = matrix[i * n + i]! + RIDGE;
  factorize(matrix, n);
  solve(matrix, n, weights);
  return (of) => {
    let sum = 0;
    for (let i = 0; i < n; i++) sum += weights[i]! * of[i]!;
    return sum;
  };
}
