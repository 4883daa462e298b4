import type { FormSpec } from '../../schema/index.js';

/** A slit opens to about this width in the oven, in cm. Estimate. */
const SLIT_OPENS_CM = 0.35;

/** Open share of a lid. */
export const ventShare = (form: FormSpec, lidAreaCm2: number): number =>
  Math.min(0.2, (form.vents * form.ventLengthCm * SLIT_OPENS_CM) / lidAreaCm2);

/** Common practice, no source: 1 to 2 % of the lid lets steam out without letting the filling dry. */
export const usualVentShare = { low: 0.01, high: 0.02 } as const;

/** How much of an open surface's evaporation a lid lets through. */
export const lidTopFactor = (share: number): number => 0.05 + 1.5 * share;
