/** What the baker chooses about form, dish and pastry. Lengths in cm, thickness in mm. */

export const formKinds = [
  'double_crust',
  'lattice',
  'cut_out',
  'crumb_top',
  'free_form',
  'open_shell',
  'crisp',
  'cobbler',
  'buckle',
  'upside_down',
  'hand_pie',
] as const;
export type FormKind = (typeof formKinds)[number];

export const latticeAngles = [90, 60, 45] as const;

export const stripStyles = ['straight', 'twisted', 'plaited'] as const;
export type StripStyle = (typeof stripStyles)[number];

export interface LatticeSpec {
  /** Strips across the width of the top; as many the other way as keep the same pitch. */
  readonly strips: number;
  readonly widthCm: number;
  /** Width of every second strip, when strips are unequal. */
  readonly secondWidthCm?: number;
  /** Angle between the two ways, in degrees; 90 on a dish that is not round. */
  readonly angleDeg: number;
  readonly style?: StripStyle;
}

export interface CrumbSpec {
  readonly school: string;
  /** Times the usual cover. */
  readonly cover: number;
  /** How large the lumps are, in cm. */
  readonly lumpCm?: number;
}

export const cutOutShapes = ['disc', 'leaf', 'petal', 'scallop'] as const;
export type CutOutShape = (typeof cutOutShapes)[number];

export interface CutOutSpec {
  readonly shape: CutOutShape;
  /** Length of one piece. */
  readonly sizeCm: number;
}

export interface FreeFormSpec {
  readonly discCm: number;
  /** How much of the disc is folded in over the fruit. */
  readonly borderCm: number;
}

export interface ShellSpec {
  /** Minutes that the weights stay in; 0 bakes the shell without. */
  readonly weightsMin: number;
}

export interface CobblerSpec {
  /** Share of the top under scones. */
  readonly cover: number;
}

export interface HandPieSpec {
  readonly discCm: number;
  readonly count: number;
}

export interface FormSpec {
  readonly kind: FormKind;
  /** Slits cut in the lid, and how long each is. */
  readonly vents: number;
  readonly ventLengthCm: number;
  readonly lattice?: LatticeSpec;
  readonly crumb?: CrumbSpec;
  readonly cutOut?: CutOutSpec;
  readonly freeForm?: FreeFormSpec;
  readonly shell?: ShellSpec;
  readonly cobbler?: CobblerSpec;
  readonly handPie?: HandPieSpec;
}

export const usualLattice: LatticeSpec = { strips: 6, widthCm: 2, angleDeg: 90 };
export const usualCrumb: CrumbSpec = { school: 'rubbed', cover: 1 };
export const usualCutOut: CutOutSpec = { shape: 'disc', sizeCm: 5 };
export const usualFreeForm: FreeFormSpec = { discCm: 34, borderCm: 5 };
export const usualShell: ShellSpec = { weightsMin: 25 };
export const usualCobbler: CobblerSpec = { cover: 0.65 };
export const usualHandPie: HandPieSpec = { discCm: 14, count: 8 };

export const dishShapes = ['round', 'square', 'rectangle', 'oval'] as const;
export type DishShape = (typeof dishShapes)[number];

/** A dish by its inside measures; round when no shape is given. */
export interface DishSpec {
  readonly label: string;
  readonly shape?: DishShape;
  /** Across the top: the diameter, the side, or the longer side. */
  readonly topCm: number;
  /** The shorter side across the top of a rectangle or oval. */
  readonly widthCm?: number;
  readonly baseCm: number;
  readonly depthCm: number;
  readonly material: string;
}

export const baseSources = ['made', 'bought', 'frozen'] as const;
export type BaseSource = (typeof baseSources)[number];

export interface PastrySpec {
  readonly dough: string;
  readonly thicknessMm: number;
  readonly wash: string;
  readonly coarseSugar: boolean;
  /** Whether the shell under the filling is made here; made when not given. */
  readonly base?: BaseSource;
  /** Dough is mixed for this many pies at a time. */
  readonly batch?: number;
}
