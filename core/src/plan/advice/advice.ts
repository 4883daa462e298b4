import type { CareLevel } from '../../larder/index.js';
import { care } from '../../larder/index.js';

/** The stations of a pie's bench, in the order of work. */
export const stations = ['shape', 'fruit', 'juice', 'pastry', 'top', 'oven'] as const;
export type Station = (typeof stations)[number];

/** Something to say where the work is: `good` needs nothing, `watch` wants a look, `danger` hurts. */
export interface Advice {
  readonly id: string;
  readonly station: Station;
  readonly level: 'good' | CareLevel;
  readonly text: string;
}

/** Level and words of a caution of the larder. */
export const pick = (id: string): { level: CareLevel; text: string } => {
  const { level, text } = care(id);
  return { level, text };
};
