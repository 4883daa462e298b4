import type { SlipLine } from '../../forms/index.js';
import type { SaidFirst, UnitSystem } from '../../units/index.js';
import { household, show, showText, withFraction } from '../../units/index.js';

/** A line of the slip as it is said, on the screen and on paper alike. */
export interface SlipWords {
  /** "575" or "40–60". */
  readonly number: string;
  readonly unit: string;
  /** The same the other way, in household measures and pieces: "2½ cups · about 4"; empty when a cook would not say it so. */
  readonly measure: string;
  /** "buy 690 g"; empty when it is bought as it is weighed. */
  readonly buy: string;
  readonly note: string;
}

/** Fewer pieces than this are not counted; up to five in halves. Common practice, no source. */
const LEAST_PIECES = 0.3;
const FEW_PIECES = 5;

/** Pieces to the half while they are few. */
const countText = (count: number): string =>
  count < FEW_PIECES ? withFraction(Math.max(0.5, Math.round(count * 2) / 2)) : String(Math.round(count));

/** "about 4"; of whole ones what they are: "1 egg". */
function piecesText({ count, word }: NonNullable<SlipLine['pieces']>): string {
  if (count < LEAST_PIECES) return '';
  const whole = Math.round(count);
  const isWhole = word === 'egg' && Math.abs(count - whole) < 1e-6;
  return isWhole ? `${whole} ${whole === 1 ? word : `${word}s`}` : `about ${countText(count)}`;
}

/**
 * What a line of the slip says.
 * @param line of a plan's slip
 * @param units how quantities are said
 * @param first what stands large
 * @returns its words; empty texts where there is nothing to say
 * @example slipWords(plan.slip[0].lines[0], 'metric').number
 */
export function slipWords(line: SlipLine, units: UnitSystem, first: SaidFirst = 'weight'): SlipWords {
  const shown = line.bought ? { number: '1', unit: '' } : show(line.massG, 'g', units);
  const high = line.highG === undefined ? null : show(line.highG, 'g', units);
  const volume = line.volumeMl === undefined ? null : household(line.volumeMl, line.least);
  const count = line.pieces ? piecesText(line.pieces) : '';
  const number = high && high.number !== shown.number ? `${shown.number}–${high.number}` : shown.number;
  const weight = { number, unit: shown.unit };
  const [large, small] = first === 'measure' && volume ? [volume, weight] : [weight, volume];
  return {
    ...large,
    measure: [small ? `${small.number} ${small.unit}`.trim() : '', count].filter(Boolean).join(' · '),
    buy: line.boughtG === undefined ? '' : `buy ${showText(line.boughtG, 'g', units)}`,
    note: line.note ?? '',
  };
}
