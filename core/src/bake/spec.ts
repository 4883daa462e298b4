/** What the baker chooses about oven and bake. Temperatures are set-points in C, times in minutes. */

export const ovenKinds = ['still', 'fan'] as const;
export type OvenKind = (typeof ovenKinds)[number];

export const colourNames = ['straw', 'gold', 'deep_gold'] as const;
export type ColourName = (typeof colourNames)[number];

/** What the dish stands on. */
export const beneathKinds = ['rack', 'tray', 'hot_steel'] as const;
export type Beneath = (typeof beneathKinds)[number];

export const rackLevels = ['low', 'middle', 'high'] as const;
export type RackLevel = (typeof rackLevels)[number];

/** Where the oven is hotter than in its middle. */
export const hotSides = ['none', 'back', 'front', 'left', 'right'] as const;
export type HotSide = (typeof hotSides)[number];

/** How the knob is marked: whole steps of C or F, or gas marks. */
export const knobKinds = ['5_c', '10_c', '10_f', '25_f', 'gas'] as const;
export type KnobKind = (typeof knobKinds)[number];

export interface OvenSpec {
  readonly label: string;
  readonly kind: OvenKind;
  /** How much hotter the oven is than its knob says; negative: colder. */
  readonly offsetC: number;
  readonly warmUpMin: number;
  readonly knob?: KnobKind;
  readonly hotSide?: HotSide;
}

export interface Stage {
  readonly tempC: number;
  readonly timeMin: number;
}

export interface BakeSpec {
  readonly oven: OvenSpec;
  readonly colour: ColourName;
  /** Temperature of the pie when it goes in. */
  readonly startC: number;
  readonly altitudeM: number;
  readonly beneath?: Beneath;
  readonly rack?: RackLevel;
  /** One temperature all through, where the baker or the form wants it. */
  readonly singleStage?: boolean;
  /** The baker's own two stages; null lets Mardle find them. */
  readonly stages: readonly [Stage, Stage] | null;
}

/** Browning index aimed at: 1 golden, 2 deep, 4 too dark. */
export const colourTargets: Readonly<Record<ColourName, { readonly label: string; readonly index: number }>> =
  {
    straw: { label: 'straw', index: 1 },
    gold: { label: 'gold', index: 1.5 },
    deep_gold: { label: 'deep gold', index: 2.2 },
  };
