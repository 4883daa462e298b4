import { showDegrees } from '../../units/index.js';
import type { LearnedFigure } from './learned-figure.js';

type Told = Omit<LearnedFigure, 'words'>;

const percent = (ratio: number): number => Math.round(100 * Math.abs(ratio - 1));
const bakeCount = ({ bakes }: Told): string => `${bakes.length} bake${bakes.length === 1 ? '' : 's'}`;
/** A band that still holds what the book says. */
const maySay = ({ learned, builtIn }: Told): boolean =>
  learned.low <= builtIn.value && builtIn.value <= learned.high;

function setSaid(figure: Told, fruit: string): string {
  const { learned } = figure;
  const off = percent(learned.value);
  const from = bakeCount(figure);
  if (off < 3) return `${fruit} sets here as the book says, by ${from}.`;
  const way = learned.value > 1 ? 'looser' : 'stiffer';
  const causes =
    learned.value > 1
      ? 'juicier fruit, weaker starch, or your taste'
      : 'drier fruit, stronger starch, or your taste';
  const sure = maySay(figure) ? ' It may still be chance.' : '';
  return `${fruit} sets ${off} % ${way} here than in the book, by ${from}: ${causes}. Which of them, tastings alone cannot tell; a weep test and a saucer would.${sure}`;
}

/**
 * A learned figure in words, never more than the evidence bears.
 * @param figure without its words
 * @param name of the fruit or oven
 */
export function learnedWords(figure: Told, name: string): string {
  const { kind, learned, builtIn } = figure;
  const from = bakeCount(figure);
  switch (kind) {
    case 'set':
      return setSaid(figure, name);
    case 'sweetness': {
      const off = percent(learned.value / builtIn.value);
      if (off < 3) return `You like it as sweet as “balanced”, by ${from}.`;
      return `You like it ${off} % ${learned.value > builtIn.value ? 'sweeter' : 'leaner'} than “balanced”, by ${from}.${maySay(figure) ? ' It may still be chance.' : ''}`;
    }
    case 'oven': {
      const off = learned.value - builtIn.value;
      if (Math.abs(off) < 2) return `${name} bakes as it was told, by ${from}.`;
      return `${name} bakes as if it were ${showDegrees(Math.abs(off), 'metric')} ${off > 0 ? 'hotter' : 'colder'} than told, by ${from}: its heat and how fast it takes hold of a pie cannot be told apart.${maySay(figure) ? ' It may still be chance.' : ''}`;
    }
    case 'colour': {
      const off = percent(learned.value);
      if (off < 5) return `${name} colours as the book says, by ${from}.`;
      return `Tops go golden ${off} % ${learned.value > 1 ? 'sooner' : 'later'} in ${name} than its heat would have it, by ${from}: the oven, or your eye for golden.${maySay(figure) ? ' It may still be chance.' : ''}`;
    }
  }
}
