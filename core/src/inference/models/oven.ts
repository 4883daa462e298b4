import { colourTargets } from '../../bake/index.js';
import { fitLatent, measured, wordSaid } from '../statistics/index.js';
import type { Evidence, Fitted, Observation, WordScale } from '../statistics/index.js';
import type { LoggedBake, PieTable } from '../log/index.js';
import {
  browningAt,
  byOffset,
  colouredAt,
  lostAt,
  probePassesAt,
  probeReadings,
  tappedMin,
  topWords,
} from '../log/index.js';
import type { LoggedPie } from './set.js';

/**
 * One oven's hidden values: how many C it is hotter than its knob says, how much quicker it colours (with the eye that calls it
 * golden, ln), how late a hand taps, min; and each bake's own degrees. Spreads are estimates.
 */
export const ovenSpreads = { offsetC: 14, colour: 0.28, habitMin: 1.5, ownC: 4 } as const;
const OFFSET = 0;
const COLOUR = 1;
const HABIT = 2;

/** How well taps, scales and probes tell. Estimates. */
export const ovenNoise = { tapMin: 3, lostShare: 0.07, lostLeastG: 6, airC: 3, probeMin: 4 } as const;
/** Words for a top along ln of its colour over the one wanted. */
export const topScale: WordScale = { cuts: [-0.45, 0.5], noise: 0.25, lapse: 0.04 };

const STEP_C = 2;
const STEP_LN = 0.05;

/** Minute at which a pie came out: as tapped, else as planned. */
export const bakedMin = (bake: LoggedBake, table: PieTable): number => tappedMin(bake, 'out') ?? table.outMin;

/** C at which the oven is told to be off, from the one of the table. */
function observations({ bake, table }: LoggedPie, builtInC: number): Observation[] {
  if (table.tried.length === 0) return [];
  const outMin = bakedMin(bake, table);
  const off = (hidden: Float64Array, own: number): number =>
    builtInC + hidden[OFFSET]! + own - table.toldOffsetC;
  /** Something that depends on the oven's heat, and perhaps on the habit of who taps. */
  const byHeat = (
    value: (offC: number) => number,
    observed: number,
    deviation: number,
    tapped: boolean,
  ): Observation => ({
    on: tapped ? [OFFSET, HABIT] : [OFFSET],
    predict: (hidden, own) => {
      const at = off(hidden, own);
      const slope = (value(at + STEP_C) - value(at - STEP_C)) / (2 * STEP_C);
      return {
        value: value(at) + (tapped ? hidden[HABIT]! : 0),
        slopes: tapped ? [slope, 1] : [slope],
        own: slope,
      };
    },
    explains: measured(observed, deviation),
  });
  const seen: Observation[] = [];
  const bubbling = tappedMin(bake, 'bubbling');
  if (bubbling !== null) {
    seen.push(
      byHeat((at) => byOffset(table, at, ({ bubblingMin }) => bubblingMin), bubbling, ovenNoise.tapMin, true),
    );
  }
  const { inG, outG } = bake.weighed;
  if (inG !== null && outG !== null) {
    const lostG = inG - outG;
    const deviation = Math.max(ovenNoise.lostLeastG, ovenNoise.lostShare * lostG);
    seen.push(byHeat((at) => lostAt(table, at, outMin), lostG, deviation, false));
  }
  const probe = probeReadings(bake, table);
  if (probe.airOffC !== null) {
    seen.push(byHeat((at) => table.toldOffsetC + at, probe.airOffC, ovenNoise.airC, false));
  }
  if (probe.passesMin !== null) {
    seen.push(byHeat((at) => probePassesAt(table, at), probe.passesMin, ovenNoise.probeMin, false));
  }
  const golden = tappedMin(bake, 'colour_golden');
  if (golden !== null) {
    const minute = (at: number, colour: number): number => colouredAt(table, at, 0, colour);
    seen.push({
      on: [OFFSET, COLOUR, HABIT],
      predict: (hidden, own) => {
        const at = off(hidden, own);
        const colour = hidden[COLOUR]!;
        const byC = (minute(at + STEP_C, colour) - minute(at - STEP_C, colour)) / (2 * STEP_C);
        const byColour = (minute(at, colour + STEP_LN) - minute(at, colour - STEP_LN)) / (2 * STEP_LN);
        return { value: minute(at, colour) + hidden[HABIT]!, slopes: [byC, byColour, 1], own: byC };
      },
      explains: measured(golden, ovenNoise.tapMin),
    });
  }
  const top = bake.tasting?.top ?? null;
  if (top !== null) {
    const wanted = Math.log(colourTargets[bake.plan.bake.colour].index);
    seen.push({
      on: [OFFSET, COLOUR],
      predict: (hidden, own) => {
        const at = off(hidden, own);
        const value = browningAt(table, at, outMin);
        const slope = (browningAt(table, at + STEP_C, outMin) - value) / STEP_C;
        return { value: value + hidden[COLOUR]! - wanted, slopes: [slope, 1], own: slope };
      },
      explains: wordSaid(topScale, topWords.indexOf(top)),
    });
  }
  return seen;
}

export interface OvenFit {
  readonly builtInC: number;
  readonly fitted: Fitted;
  /** Bakes that say something of it. */
  readonly bakes: readonly string[];
}

/**
 * Learns one oven from its bakes. What was told of it first is where the search begins.
 * @param pies bakes in this oven, the oldest first
 * @returns offset from what was told, C; colour, ln; habit, min
 */
export function fitOven(pies: readonly LoggedPie[]): OvenFit {
  const builtInC = pies[0]?.table.toldOffsetC ?? 0;
  const told = pies.map((pie): Evidence & { readonly id: string } => ({
    id: pie.bake.id,
    ownDeviation: ovenSpreads.ownC,
    observations: observations(pie, builtInC),
  }));
  const evidence = told.filter(({ observations: its }) => its.length > 0);
  const { offsetC, colour, habitMin } = ovenSpreads;
  return {
    builtInC,
    fitted: fitLatent([offsetC, colour, habitMin], evidence),
    bakes: evidence.map(({ id }) => id),
  };
}
