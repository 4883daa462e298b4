import { normalBelow, normalDensity } from './normal.js';

/** How well a predicted value explains what was observed: its log, its slope, and the information that it holds. */
interface Explained {
  readonly log: number;
  readonly slope: number;
  readonly information: number;
}
export type Likelihood = (predicted: number) => Explained;

/** Words along a line: where one gives way to the next, how unsure the mouth is, and how often it is simply wrong. */
export interface WordScale {
  readonly cuts: readonly number[];
  readonly noise: number;
  readonly lapse: number;
}

/**
 * The chance of each word at a place on the line, by an ordered probit with a lapse.
 * @returns one chance a word; they come to 1
 */
export function wordChances({ cuts, noise, lapse }: WordScale, at: number): number[] {
  const below = [...cuts.map((cut) => normalBelow((cut - at) / noise)), 1];
  return below.map((upTo, k) => (1 - lapse) * (upTo - (below[k - 1] ?? 0)) + lapse / below.length);
}

/** A word that was said, by its place among the words. */
export function wordSaid({ cuts, noise, lapse }: WordScale, word: number): Likelihood {
  const words = cuts.length + 1;
  const simplyWrong = lapse / words;
  // Walked once from end to end: this is asked for each bake in each round.
  return (at) => {
    let belowBefore = 0;
    let densityBefore = 0;
    let information = 0;
    let chance = 0;
    let slope = 0;
    for (let k = 0; k < words; k++) {
      const z = (cuts[k]! - at) / noise;
      const below = k === cuts.length ? 1 : normalBelow(z);
      const density = k === cuts.length ? 0 : normalDensity(z) / noise;
      const chanceOf = Math.max(1e-12, (1 - lapse) * (below - belowBefore) + simplyWrong);
      const slopeOf = (1 - lapse) * (densityBefore - density);
      information += (slopeOf * slopeOf) / chanceOf;
      if (k === word) {
        chance = chanceOf;
        slope = slopeOf;
      }
      belowBefore = below;
      densityBefore = density;
    }
    return { log: Math.log(chance), slope: slope / chance, information };
  };
}

/** A value that was measured, by Student's t: a wild one counts for little. */
export function measured(value: number, deviation: number, freedom = 5): Likelihood {
  const scale = freedom * deviation * deviation;
  return (predicted) => {
    const off = value - predicted;
    return {
      log: (-(freedom + 1) / 2) * Math.log1p((off * off) / scale) - Math.log(deviation),
      slope: ((freedom + 1) * off) / (scale + off * off),
      information: (freedom + 1) / ((freedom + 3) * deviation * deviation),
    };
  };
}
