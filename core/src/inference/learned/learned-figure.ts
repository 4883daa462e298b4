/** A value with its nine-in-ten band. */
export interface Banded {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}

/** One cause that may stand behind what was learned, and how sure it is: factors. */
export interface Share extends Banded {
  readonly label: string;
}

export type LearnedKind = 'set' | 'sweetness' | 'oven' | 'colour';

/** A figure of this kitchen beside the built-in one. Set and colour are factors, sweetness a style, ovens C. */
export interface LearnedFigure {
  readonly kind: LearnedKind;
  /** The fruit's id or the oven's label; empty for the kitchen. */
  readonly of: string;
  readonly label: string;
  readonly unit: 'ratio' | 'C';
  readonly builtIn: Banded;
  readonly learned: Banded;
  /** What a plan may use: never a tenth further for one odd tasting. */
  readonly used: number;
  /** Ids of the bakes behind it. */
  readonly bakes: readonly string[];
  /** What it may come from. */
  readonly split: readonly Share[];
  /** By season, where there are several. */
  readonly seasons: readonly (Banded & { readonly season: string })[];
  readonly words: string;
  /** A bake whose word moved it by more than a tenth: somebody should say whether it stands. */
  readonly odd: string | null;
}
