import type { BakeEventKind } from '../../bake/index.js';
import type { PieSpec, SaucerResult, Stage } from '../../schema/index.js';

/** Words of a tasting, from one end to the other. */
export const setAnswers = ['ran', 'loose', 'right', 'stiff', 'gluey'] as const;
export const sweetnessWords = ['tart', 'right', 'sweet'] as const;
export const baseWords = ['raw', 'soft', 'crisp', 'hard'] as const;
export const topWords = ['pale', 'right', 'dark'] as const;
export const fruitWords = ['hard', 'tender', 'mush'] as const;
export const gapWords = ['none', 'some', 'big'] as const;
export const leakWords = ['none', 'leaked'] as const;
export const crustWords = ['right', 'tough', 'shrunk'] as const;

/** What can be said of a slice: each question with its words. */
export const tastingWords = {
  set: setAnswers,
  sweetness: sweetnessWords,
  base: baseWords,
  top: topWords,
  fruit: fruitWords,
  gap: gapWords,
  leak: leakWords,
  crust: crustWords,
} as const;
export type TastingQuestion = keyof typeof tastingWords;
export type TastingWords = {
  readonly [Q in TastingQuestion]: (typeof tastingWords)[Q][number] | null;
};

/** What is said of a slice that nothing is the matter with. */
export const goodWords: { readonly [Q in TastingQuestion]: (typeof tastingWords)[Q][number] } = {
  set: 'right',
  sweetness: 'right',
  base: 'crisp',
  top: 'right',
  fruit: 'tender',
  gap: 'none',
  leak: 'none',
  crust: 'right',
};

/** A slice, minutes after the pie came out; what nobody said is null. */
export interface Tasting extends TastingWords {
  readonly cooledMin: number | null;
  /** Whether a set that nobody expected was meant; false leaves it out of what is learned. */
  readonly stands?: boolean;
}

/** What went on the scale, g; null what did not. `inG` and `outG` are the pie in its dish before and after the oven. */
export interface Weighed {
  readonly thickenerG: number | null;
  readonly sugarG: number | null;
  readonly inG: number | null;
  readonly outG: number | null;
}

export interface LoggedEvent {
  readonly kind: BakeEventKind;
  readonly atMin: number;
}

/** A probe's reading, minutes from loading; C. */
export interface LoggedReading {
  readonly atMin: number;
  readonly fillingC: number | null;
  readonly airC: number | null;
}

/** A bake as the log keeps it: the pie as it was planned, and what is known of how it went. */
export interface LoggedBake {
  readonly id: string;
  /** Fruit of one season is alike: a year, or a year and its half. */
  readonly season: string;
  readonly plan: PieSpec;
  /** As the oven was set; null when the plan's own stages stand. */
  readonly stages: readonly [Stage, Stage] | null;
  readonly oven: string;
  readonly weighed: Weighed;
  readonly weepDrainedG: number | null;
  readonly saucer: SaucerResult | null;
  readonly events: readonly LoggedEvent[];
  readonly readings: readonly LoggedReading[];
  readonly tasting: Tasting | null;
}

/** Bakes of one kitchen, the oldest first. */
export interface BakeLog {
  readonly bakes: readonly LoggedBake[];
}

export const nothingWeighed: Weighed = { thickenerG: null, sugarG: null, inG: null, outG: null };

export const nothingTasted: Tasting = {
  cooledMin: null,
  set: null,
  sweetness: null,
  base: null,
  top: null,
  fruit: null,
  gap: null,
  leak: null,
  crust: null,
};

/** When something was seen or done in a bake, min from loading; null when nobody tapped it. */
export const tappedMin = ({ events }: LoggedBake, kind: BakeEventKind): number | null =>
  events.find((event) => event.kind === kind)?.atMin ?? null;
