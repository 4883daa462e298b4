import type { LoggedBake, PiePart } from '../log/index.js';
import { byOffset, colouredAt, concentrationAt, logWeepAt, lostAt, tappedMin } from '../log/index.js';
import type { LoggedPie } from '../models/index.js';
import { logStyle, styleBaked, warmth } from '../models/index.js';
import type { Measure, Quality } from './quality.js';
import { qualities } from './quality.js';

/** What a bake says of itself, beside its plan. */
export interface FaultEvidence {
  /** Where the plan alone would put each line of the slice. */
  readonly planned: Readonly<Record<Quality, number>>;
  readonly parts: ReadonlySet<PiePart>;
  readonly said: LoggedBake['tasting'];
  readonly measured: Partial<Readonly<Record<Measure, number>>>;
  /** How much looser (ln) it stands for having been cut warm. */
  readonly warmth: number;
}

/** Steam as it is weighed is told apart from the pastry's, but only so far. */
const LEAST_LOST_G = 5;

/**
 * Reads a bake against what its plan foresaw: words as they were said, weights and taps as distances from the plan.
 * @param pie the bake with its table
 */
export function faultEvidence({ bake, table }: LoggedPie): FaultEvidence {
  const { weighed, tasting } = bake;
  const measured: Partial<Record<Measure, number>> = {};
  const ratio = (measure: Measure, value: number | null, plan: number): void => {
    if (value !== null && value > 0 && plan > 0) measured[measure] = Math.log(value / plan);
  };
  ratio('thickenerLn', weighed.thickenerG, table.doseG);
  ratio('sugarLn', weighed.sugarG, table.sugarG);
  if (bake.weepDrainedG !== null && bake.weepDrainedG > 0) {
    measured.weepLn = Math.log(bake.weepDrainedG) - logWeepAt(table, 0);
  }
  if (table.tried.length > 0) {
    const { inG, outG } = weighed;
    if (inG !== null && outG !== null && inG - outG > LEAST_LOST_G) {
      ratio('lostLn', inG - outG, Math.max(LEAST_LOST_G, lostAt(table, 0, table.outMin)));
    }
    const late = (measure: Measure, at: number | null, plan: number): void => {
      if (at !== null) measured[measure] = at - plan;
    };
    late(
      'bubblingMin',
      tappedMin(bake, 'bubbling'),
      byOffset(table, 0, ({ bubblingMin }) => bubblingMin),
    );
    late('goldenMin', tappedMin(bake, 'colour_golden'), colouredAt(table, 0, 0, 0));
    late('outMin', tappedMin(bake, 'out'), table.outMin);
  }
  const planned = Object.fromEntries(qualities.map((quality) => [quality, 0])) as Record<Quality, number>;
  // A pie that took what was learned was planned with a weaker starch than the book's.
  const strength = 1 / (bake.plan.filling.learned?.dose ?? 1);
  return {
    planned: {
      ...planned,
      set: Math.log(Math.max(0.05, concentrationAt(table, 0, table.doseG, strength)) / table.target),
      sweetness: logStyle(styleBaked({ bake: { ...bake, weighed: { ...weighed, sugarG: null } }, table })),
    },
    parts: table.parts,
    said: tasting,
    measured,
    warmth: warmth(tasting?.cooledMin ?? null),
  };
}
