/** A belief: mean and deviation. */
export interface Belief {
  readonly mean: number;
  readonly deviation: number;
}

/** Shares of several assumptions, by how well each explains what was seen. */
export function normalise(logEvidence: readonly number[]): number[] {
  const most = Math.max(...logEvidence);
  const weights = logEvidence.map((log) => Math.exp(log - most));
  const total = weights.reduce((a, b) => a + b, 0);
  return weights.map((weight) => weight / total);
}

/** Several beliefs as one: what lies between them makes it less sure. */
export function mixture(beliefs: readonly (Belief & { readonly logEvidence: number })[]): Belief {
  const shares = normalise(beliefs.map(({ logEvidence }) => logEvidence));
  const sum = (value: (belief: Belief) => number): number =>
    beliefs.reduce((all, belief, i) => all + shares[i]! * value(belief), 0);
  const mean = sum((belief) => belief.mean);
  return {
    mean,
    deviation: Math.sqrt(sum((belief) => belief.deviation ** 2 + (belief.mean - mean) ** 2)),
  };
}
