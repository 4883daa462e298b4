import { PRACTICE } from '@mardle/core';
/** A fact that the product is held against: met when the prediction lies in its range. */
export interface Fact {
  readonly id: string;
  readonly figure: string;
  readonly unit: string;
  readonly predicted: number;
  readonly low: number;
  readonly high: number;
  readonly met: boolean;
  readonly source: string;
}

interface FactParts extends Omit<Fact, 'met' | 'source'> {
  readonly source?: string;
}

export const fact = ({ source = PRACTICE, ...parts }: FactParts): Fact => ({
  ...parts,
  source,
  met: parts.predicted >= parts.low && parts.predicted <= parts.high,
});

/** A range from one number of practice and a tolerance. */
export const around = (value: number, tolerance: number): { low: number; high: number } => ({
  low: value * (1 - tolerance),
  high: value * (1 + tolerance),
});

/** Tolerances where practice gives one number. */
export const tolerances = { amount: 0.25, time: 0.15, length: 0.1 } as const;
