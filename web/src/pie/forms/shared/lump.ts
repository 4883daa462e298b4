import type { FormSpec } from '@mardle/core';

/** Crumb that nobody sized lies in lumps as large as peas, cm. Common practice, no source. */
const USUAL_LUMP_CM = 0.6;

/** Across a lump of crumb, cm. */
export const lumpSizeCm = ({ crumb }: Pick<FormSpec, 'crumb'>): number => crumb?.lumpCm ?? USUAL_LUMP_CM;
