import { BAND_DEVIATIONS } from '../../filling/index.js';
import type { FillingSpec, LearnedDose } from '../../schema/index.js';
import type { LearnedFigure } from './learned-figure.js';
import { priorBand } from './learn.js';

/**
 * What a kitchen's log has to say of the dose of a pie: its fruits' own figures by their shares.
 * @param figures as learned
 * @param filling of the pie
 * @returns for `filling.learned`; null when nothing was learned of its fruit
 * @example learnedDose([], starterSpec.filling) // null
 */
export function learnedDose(figures: readonly LearnedFigure[], filling: FillingSpec): LearnedDose | null {
  const all = filling.fruits.reduce((sum, { share }) => sum + share, 0);
  let mean = 0;
  let variance = 0;
  const bakes = new Set<string>();
  for (const { fruit, share } of filling.fruits) {
    const figure = figures.find(({ kind, of }) => kind === 'set' && of === fruit);
    const part = share / all;
    // What nothing was learned of scatters as the book has it, and so does what was: a little less.
    const { low, high } = figure?.learned ?? priorBand;
    mean += part * Math.log(figure?.used ?? 1);
    variance += (part * Math.log(high / low)) ** 2 / (2 * BAND_DEVIATIONS) ** 2;
    figure?.bakes.forEach((id) => bakes.add(id));
  }
  if (bakes.size === 0) return null;
  const rounded = (value: number): number => Math.round(1000 * value) / 1000;
  return { dose: rounded(Math.exp(mean)), deviation: rounded(Math.sqrt(variance)), bakes: bakes.size };
}
