import type { WordScale } from '../statistics/index.js';
import { setScale, sweetnessScale, topScale } from '../models/index.js';

/** What a slice is, along a line each: 0 as it should be. */
export const qualities = ['set', 'sweetness', 'base', 'top', 'fruit', 'gap', 'leak'] as const;
export type Quality = (typeof qualities)[number];

/** Words along each line, and how far pies scatter when nothing went wrong. Estimates. */
export const qualityScales: Readonly<Record<Quality, WordScale & { readonly scatter: number }>> = {
  set: { ...setScale, scatter: 0.13 },
  sweetness: { ...sweetnessScale, scatter: 0.06 },
  base: { cuts: [-1.3, -0.55, 0.9], noise: 0.35, lapse: 0.03, scatter: 0.3 },
  top: { ...topScale, scatter: 0.18 },
  fruit: { cuts: [-0.6, 0.6], noise: 0.28, lapse: 0.03, scatter: 0.22 },
  gap: { cuts: [0.5, 1.2], noise: 0.28, lapse: 0.03, scatter: 0.22 },
  leak: { cuts: [0.7], noise: 0.3, lapse: 0.03, scatter: 0.22 },
};

/** What is measured or tapped beside the words, as a distance from the plan: ln of ratios, or minutes. */
export const measures = [
  'thickenerLn',
  'sugarLn',
  'weepLn',
  'lostLn',
  'bubblingMin',
  'goldenMin',
  'outMin',
] as const;
export type Measure = (typeof measures)[number];

/** How far each scatters when nothing went wrong. Estimates. */
export const measureScatter: Readonly<Record<Measure, number>> = {
  thickenerLn: 0.05,
  sugarLn: 0.05,
  weepLn: 0.18,
  lostLn: 0.1,
  bubblingMin: 5,
  goldenMin: 5,
  outMin: 3,
};
