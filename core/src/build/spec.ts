/** What the baker chooses about form, dish and pastry. Lengths in cm, thickness in mm. */

export const formKinds = ['double_crust', 'lattice', 'crumb_top'] as const;
export type FormKind = (typeof formKinds)[number];

export const latticeAngles = [90, 60, 45] as const;

export interface LatticeSpec {
  /** Strips each way. */
  readonly strips: number;
  readonly widthCm: number;
  /** Angle between the two ways, in degrees. */
  readonly angleDeg: number;
}

export interface CrumbSpec {
  readonly school: string;
  /** Times the usual cover. */
  readonly cover: number;
}

export interface FormSpec {
  readonly kind: FormKind;
  /** Slits cut in the lid, and how long each is. */
  readonly vents: number;
  readonly ventLengthCm: number;
  readonly lattice?: LatticeSpec;
  readonly crumb?: CrumbSpec;
}

export const usualLattice: LatticeSpec = { strips: 6, widthCm: 2, angleDeg: 90 };
export const usualCrumb: CrumbSpec = { school: 'rubbed', cover: 1 };

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
