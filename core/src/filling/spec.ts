/** What the baker chooses about the filling. Plain data; masses in g. */

export const fruitStates = ['fresh', 'frozen', 'thawed_drained'] as const;
export type FruitState = (typeof fruitStates)[number];

export const setNames = ['spoonable', 'soft', 'clean_slice', 'in_the_hand'] as const;
export type SetName = (typeof setNames)[number];

export const preparationKinds = ['raw', 'weep', 'hold', 'stew', 'glaze', 'saute'] as const;
export type PreparationKind = (typeof preparationKinds)[number];

export const saucerResults = ['runs', 'creeps', 'stands'] as const;
export type SaucerResult = (typeof saucerResults)[number];

export interface FruitPart {
  readonly fruit: string;
  /** Parts by mass among the fruits of the pie. */
  readonly share: number;
  readonly state: FruitState;
  /** -2 firm and underripe to 2 dripping. */
  readonly ripeness: number;
  /** Cut smaller than usual: berries halved, apples in thin slices. The fruit table holds for the usual cut. */
  readonly cutSmall: boolean;
  readonly peeled: boolean;
}

export interface Preparation {
  readonly kind: PreparationKind;
  /** Minutes of weeping, holding, stewing or frying. */
  readonly minutes?: number;
  /** Where boiling down stops, in Brix. */
  readonly boilToBrix?: number;
  /** Water or juice added: for a glaze, or to deglaze. */
  readonly liquidG?: number;
  /** Share of the fruit that is cooked into a glaze. */
  readonly cookedShare?: number;
}

export interface SugarChoice {
  readonly sugar: string;
  /** Grams of white sugar per gram of a middling fruit: .05 very lean to .30 very sweet. */
  readonly style: number;
  /** A set amount instead of the style. */
  readonly massG: number | null;
}

export interface ThickenerPart {
  readonly thickener: string;
  readonly share: number;
}

export interface SeasoningPart {
  readonly seasoning: string;
  readonly massG: number;
}

/** 100 g of the prepared fruit with 10 g of sugar: grams that drained after 20 minutes. */
export interface WeepTest {
  readonly drainedG: number;
}

/** A spoon of the thickened juice on a cold saucer. */
export interface SaucerTest {
  readonly result: SaucerResult;
}

export interface FillingSpec {
  readonly fruits: readonly FruitPart[];
  /** Prepared fruit in g; null fills the dish. */
  readonly fruitMassG: number | null;
  readonly preparation: Preparation;
  readonly sugar: SugarChoice;
  readonly set: SetName;
  readonly thickeners: readonly ThickenerPart[];
  /** A set amount instead of the computed dose. */
  readonly thickenerMassG: number | null;
  readonly lemonJuiceG: number;
  readonly lemonZestG: number;
  readonly bicarbonateG: number;
  readonly butterG: number;
  readonly seasonings: readonly SeasoningPart[];
  readonly weepTest: WeepTest | null;
  readonly saucerTest: SaucerTest | null;
}
