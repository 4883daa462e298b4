/** What the baker chooses about oven and bake. Temperatures are set-points in C, times in minutes. */

export const ovenKinds = ['still', 'fan'] as const;
export type OvenKind = (typeof ovenKinds)[number];

export const colourNames = ['straw', 'gold', 'deep_gold'] as const;
export type ColourName = (typeof colourNames)[number];

export interface OvenSpec {
  readonly label: string;
  readonly kind: OvenKind;
  /** How much hotter the oven is than its knob says; negative: colder. */
  readonly offsetC: number;
  readonly warmUpMin: number;
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
