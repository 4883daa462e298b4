/** A quantity as people read it: the number and its unit, apart, so that the number can stand large. */
export interface Shown {
  readonly number: string;
  readonly unit: string;
}
