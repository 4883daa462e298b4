/** What the baker chooses about form, dish and pastry. Lengths in cm, thickness in mm. */

export const formKinds = ['double_crust'] as const;
export type FormKind = (typeof formKinds)[number];

export interface FormSpec {
  readonly kind: FormKind;
  /** Slits cut in the lid, and how long each is. */
  readonly vents: number;
  readonly ventLengthCm: number;
}

/** A round dish by its inside measures. */
export interface DishSpec {
  readonly label: string;
  readonly topCm: number;
  readonly baseCm: number;
  readonly depthCm: number;
  readonly material: string;
}

export interface PastrySpec {
  readonly dough: string;
  readonly thicknessMm: number;
  readonly wash: string;
  readonly coarseSugar: boolean;
}
