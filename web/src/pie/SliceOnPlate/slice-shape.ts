/** The slice to expect, in cm and shares, from computed numbers alone. */
export interface SliceShape {
  readonly lengthCm: number;
  readonly fillingCm: number;
  readonly gapCm: number;
  readonly crustCm: number;
  /** Pastry under the filling and over the rim; 0 where there is none. */
  readonly baseCm: number;
  readonly rimCm: number;
  /** How far in the wall stands at the base, against the rim. */
  readonly leansCm: number;
  /** How far the cut face leans out, 0 stands to 1 flows. */
  readonly slump: number;
  /** Width of loose juice on the plate, cm. */
  readonly puddleCm: number;
}
