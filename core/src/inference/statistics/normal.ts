/** Density of a standard normal. */
export const normalDensity = (z: number): number => Math.exp(-0.5 * z * z) / Math.sqrt(2 * Math.PI);

/**
 * Probability that a standard normal lies below z, to 7.5e-8 (Abramowitz and Stegun, Handbook of Mathematical Functions,
 * 26.2.17; from memory).
 */
export function normalBelow(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const series =
    t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  const upper = normalDensity(z) * series;
  return z >= 0 ? 1 - upper : upper;
}
