import { sugarStops } from '../../filling/index.js';
import { latentValues } from './latent-variables.js';
import { combined, fitLatent, mixture, wordSaid } from '../statistics/index.js';
import type { Evidence, WordScale } from '../statistics/index.js';
import { sweetnessWords } from '../log/index.js';
import type { LoggedPie } from './set.js';

/** Spread of what kitchens like about "balanced", ln, and how it moves by season. Estimates. */
export const sweetnessSpreads = { liked: 0.25, season: 0.06 } as const;
/** Words along ln of the style over the one that is liked. */
export const sweetnessScale: WordScale = { cuts: [-0.2, 0.2], noise: 0.18, lapse: 0.04 };
/** Mouths may be so many times as vague, with what is believed of it before anything is tasted. Estimates. */
const vagueness = [
  { times: 1, believed: 0.6 },
  { times: 1.5, believed: 0.3 },
  { times: 2.2, believed: 0.1 },
] as const;

const balanced = sugarStops.find(({ id }) => id === 'balanced')?.style ?? 0.16;

/** ln of a style over "balanced". */
export const logStyle = (style: number): number => Math.log(Math.max(0.01, style) / balanced);

/** The style of a pie as it was weighed. */
export const styleBaked = ({ bake, table }: LoggedPie): number =>
  bake.weighed.sugarG === null || table.sugarG <= 0
    ? table.style
    : table.style * (1 + (bake.weighed.sugarG / table.sugarG - 1) * table.styleBySugar);

/**
 * The sweetness that a kitchen likes: ln over "balanced".
 * @param pies bakes with their tables
 * @param season the one that is asked for
 * @returns mean and deviation, ln
 */
export function fitSweetness(
  pies: readonly LoggedPie[],
  season: string,
): { readonly mean: number; readonly deviation: number } {
  const hidden = latentValues();
  const liked = hidden.of('liked', sweetnessSpreads.liked);
  const ofSeason = (name: string): number => hidden.of(name, sweetnessSpreads.season);
  const now = ofSeason(season);
  const said = pies.flatMap((pie) => {
    const word = pie.bake.tasting?.sweetness ?? null;
    return word === null
      ? []
      : [
          {
            style: logStyle(styleBaked(pie)),
            word: sweetnessWords.indexOf(word),
            its: ofSeason(pie.bake.season),
          },
        ];
  });
  const fits = vagueness.map(({ times, believed }) => {
    const scale = { ...sweetnessScale, noise: sweetnessScale.noise * times };
    const evidence = said.map(({ style, word, its }): Evidence => ({
      ownDeviation: 0,
      observations: [
        {
          on: [liked, its],
          predict: (values) => ({ value: style - values[liked]! - values[its]!, slopes: [-1, -1], own: 0 }),
          explains: wordSaid(scale, word),
        },
      ],
    }));
    const fitted = fitLatent(hidden.deviations, evidence);
    const weights = new Map([
      [liked, 1],
      [now, 1],
    ]);
    return { logEvidence: fitted.logEvidence + Math.log(believed), ...combined(fitted, weights) };
  });
  return mixture(fits);
}

/** A style that is so much (ln) over "balanced". */
export const styleLiked = (mean: number): number => balanced * Math.exp(mean);
