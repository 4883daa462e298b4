import type { ColourName } from '../../schema/index.js';

/** Browning index aimed at: 1 golden, 2 deep, 4 too dark. */
export const colourTargets: Readonly<Record<ColourName, { readonly label: string; readonly index: number }>> =
  {
    straw: { label: 'straw', index: 1 },
    gold: { label: 'gold', index: 1.5 },
    deep_gold: { label: 'deep gold', index: 2.2 },
  };
