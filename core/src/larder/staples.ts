import { lemon } from './seasonings.js';

/** g in a mL. Common practice, no source; milk from memory of food tables. */
export const gPerMl = {
  milk: 1.03,
  leaven: 0.9,
  salt: 1.2,
  bicarbonate: 0.96,
  coarseSugar: 1 / 1.2,
} as const;

/** An egg without its shell, g. Common practice, no source. */
export const EGG_G = 50;

/** Weights of what stands in every kitchen, g in a US cup of 240 mL. Common practice, no source; butter: a stick is half a cup. */
export const cupG = {
  flour: 130,
  butter: 226,
  whiteSugar: 200,
  oats: 90,
  nuts: 120,
  /** Without its shell; one is about 50 g. */
  egg: 243,
  salt: 288,
  spice: 120,
  lemonJuice: 16 * lemon.tablespoonG,
  lemonZest: 48 * lemon.zestTeaspoonG,
  bicarbonate: 240 * gPerMl.bicarbonate,
} as const;

/**
 * What staples are made of, as shares of their mass: for doughs, crumbs and batters as the oven meets them. Standard food
 * composition tables, from memory.
 */
export const stapleComposition = {
  butter: { water: 0.16, fat: 0.81 },
  flour: { water: 0.13, fat: 0.02, carbohydrate: 0.74, protein: 0.11 },
  oats: { water: 0.1, fat: 0.07, carbohydrate: 0.66, protein: 0.13 },
  nuts: { water: 0.04, fat: 0.6, carbohydrate: 0.15, protein: 0.18 },
  egg: { water: 0.76, fat: 0.1, protein: 0.125 },
  milk: { water: 0.88, fat: 0.035, carbohydrate: 0.048, protein: 0.034 },
} as const;
