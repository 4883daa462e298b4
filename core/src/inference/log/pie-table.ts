import type { PieBody, Reading } from '../../bake/index.js';
import { meshSizes, noInterventions, simulateBake } from '../../bake/index.js';
import type { Filling } from '../../filling/index.js';
import {
  expectedWeepG,
  isCooked,
  makeBatch,
  setSums,
  styleOfSugar,
  targetPer100G,
} from '../../filling/index.js';
import type { Larder } from '../../larder/index.js';
import type { PiePlan } from '../../plan/index.js';
import { draftPlan, larderFor, planContext, planPie, surroundings } from '../../plan/index.js';
import type { PieSpec, Stage } from '../../schema/index.js';
import type { LoggedBake } from './log.js';
import { tappedMin } from './log.js';
import { onCurve, reaches } from '../statistics/index.js';

/** Ovens that a bake is tried in, C from the one that was told. */
export const offsetsTriedC = [-24, -12, 0, 12, 24] as const;
/** Factors on the juice that comes free. */
const RELEASES = [0.7, 1, 1.4] as const;
/** A bake is followed this much past its stages, min. */
const FOLLOW_MIN = 40;
const EVERY_MIN = 2;
/** A probe in the filling passes this, C, when a pie is well under way. */
export const PROBE_PASSES_C = 75;

/** One bake in an oven that is so far off, every few minutes. */
interface Tried {
  readonly minutes: readonly number[];
  readonly logBrowning: readonly number[];
  readonly lostG: readonly number[];
  readonly fillingLostG: readonly number[];
  readonly centreC: readonly number[];
  readonly bubblingMin: number;
}

/** What a pie may have or not: nothing goes wrong with a lid that is not there. */
export const pieParts = ['lid', 'base', 'pastry', 'thickener', 'raw_fruit', 'bake'] as const;
export type PiePart = (typeof pieParts)[number];

/** What the sums say of a pie over all that nobody knows of it: worked out once, then asked many times. */
export interface PieTable {
  readonly outMin: number;
  readonly doseG: number;
  readonly style: number;
  readonly sugarG: number;
  /** Share of the style that the sugar on the scale makes: the fruit's own makes the rest. */
  readonly styleBySugar: number;
  readonly fruitShares: ReadonlyMap<string, number>;
  readonly thickenerShares: ReadonlyMap<string, number>;
  /** What there is about it that something can go wrong with. */
  readonly parts: ReadonlySet<PiePart>;
  readonly toldOffsetC: number;
  readonly target: number;
  /** Juice and body over the releases tried; what a gram of thickener stands for. */
  readonly juiceG: readonly number[];
  readonly body: readonly number[];
  readonly blend: number;
  /** ln of what drains in the weep test. */
  readonly logWeepG: readonly number[];
  /** One for each of `offsetsTriedC`; empty for a pie that is not baked. */
  readonly tried: readonly Tried[];
}

const LATEST_MIN = 600;
const LEAST_BROWNING = 1e-3;

const triedFrom = (readings: readonly Reading[], bubblingMin: number | null): Tried => {
  const kept = readings.filter(({ timeMin }) => timeMin % EVERY_MIN === 0);
  return {
    minutes: kept.map(({ timeMin }) => timeMin),
    logBrowning: kept.map(({ topBrowning }) => Math.log(Math.max(LEAST_BROWNING, topBrowning))),
    lostG: kept.map(({ lostG }) => lostG),
    fillingLostG: kept.map(({ fillingLostG }) => fillingLostG),
    centreC: kept.map(({ centreC }) => centreC),
    bubblingMin: bubblingMin ?? LATEST_MIN,
  };
};

function tryOvens(
  body: PieBody,
  spec: PieSpec,
  [first, second]: readonly [Stage, Stage],
  foilMin: number | null,
): Tried[] {
  const followed = [first, { ...second, timeMin: second.timeMin + FOLLOW_MIN }];
  return offsetsTriedC.map((offC) => {
    const oven = { ...spec.bake.oven, offsetC: spec.bake.oven.offsetC + offC };
    const { readings, events } = simulateBake(body, { ...spec.bake, oven }, followed, meshSizes.coarse, {
      ...noInterventions,
      foilMin,
    });
    return triedFrom(readings, events.edgeBubblingMin);
  });
}

/** A closed lid is the one that has vents to tell of. */
function pieShares({ build, filling, figures, spec }: PiePlan, isBaked: boolean): ReadonlySet<PiePart> {
  const there: Readonly<Record<PiePart, boolean>> = {
    lid: 'build.vent_share' in figures,
    base: build.base !== null,
    pastry: build.dough.massG > 0,
    thickener: filling.thickenerG > 0,
    raw_fruit: !isCooked(spec.filling),
    bake: isBaked,
  };
  return new Set(pieParts.filter((part) => there[part]));
}

/** How much of a style moves with the sugar on the scale. */
function shareBySugar({ batch, sugar }: Filling): number {
  const more = styleOfSugar(batch, 1.1 * sugar.sweetnessG) / styleOfSugar(batch, sugar.sweetnessG) - 1;
  return sugar.sweetnessG > 0 ? more / 0.1 : 0;
}

/** What makes two bakes the same for a table: the pie, the stages, and when foil went on. */
const FOIL_STEP_MIN = 10;
const foilStart = (bake: LoggedBake): number | null => {
  const at = tappedMin(bake, 'foil_on');
  return at === null ? null : Math.round(at / FOIL_STEP_MIN) * FOIL_STEP_MIN;
};
export const tableKey = (bake: LoggedBake): string =>
  JSON.stringify([{ ...bake.plan, name: '' }, bake.stages, foilStart(bake)]);

/**
 * Works out the table of a bake: drafts the pie, and bakes it in five ovens on the mesh of the search. Stages that nobody
 * said are found first.
 * @param bake of a log
 * @param larder as for a plan
 * @returns the table; throws for a spec that cannot be planned
 * @example makePieTable(bake, builtInLarder).doseG
 */
export function makePieTable(bake: LoggedBake, larder: Larder): PieTable {
  const { plan: spec } = bake;
  const untested = { ...spec, filling: { ...spec.filling, weepTest: null, saucerTest: null } };
  const own = bake.stages ?? spec.bake.stages;
  const planned = own ? draftPlan(untested, larder) : planPie(untested, larder);
  if (!planned.ok) throw new Error(planned.problems.map(({ message }) => message).join(' '));
  const { plan } = planned;
  const stages = own ?? plan.bake?.stages ?? null;
  const { body } = plan.work;
  const tried = stages && body.filling ? tryOvens(body, spec, stages, foilStart(bake)) : [];
  const outMin = stages ? stages[0].timeMin + stages[1].timeMin : 0;
  const evaporatedG = tried[2] ? onCurve(tried[2].minutes, tried[2].fillingLostG, outMin) : null;
  const around = surroundings(planContext(untested, larder), evaporatedG);
  const laid = larderFor(spec, larder);
  const sample = makeBatch(spec.filling, 1000, laid);
  const { batch } = plan.filling;
  // What the log taught before is no part of what a bake says now.
  const byTheBook = { ...untested.filling, learned: undefined };
  const sums = RELEASES.map((factor) => setSums(byTheBook, batch.massG, around, laid, factor));
  const shares = spec.filling.thickeners.reduce((sum, { share }) => sum + share, 0);
  return {
    outMin,
    doseG: plan.filling.thickenerG,
    style: plan.filling.sugar.style,
    sugarG: plan.filling.sugar.massG,
    styleBySugar: shareBySugar(plan.filling),
    fruitShares: new Map(batch.fruits.map(({ fruit, massG }) => [fruit.id, massG / batch.massG])),
    thickenerShares: new Map(
      spec.filling.thickeners.map(({ thickener, share }) => [thickener, share / shares]),
    ),
    parts: pieShares(plan, tried.length > 0),
    toldOffsetC: spec.bake.oven.offsetC,
    target: targetPer100G(spec.filling.set),
    juiceG: sums.map(({ juiceG }) => juiceG),
    body: sums.map(({ body: its }) => its),
    blend: sums[1]?.blend ?? 1,
    logWeepG: RELEASES.map((factor) => Math.log(Math.max(0.1, expectedWeepG(sample, factor)))),
    tried,
  };
}

const releases = RELEASES.map(Math.log);

/** Concentration of thickener in the juice, g in 100 g, by ln of the release and the steam measured beside the sums, g. */
export function concentrationAt(
  { juiceG, body, blend }: PieTable,
  logRelease: number,
  doseG: number,
  potency: number,
  steamG = 0,
): number {
  const leftG = Math.max(20, onCurve(releases, juiceG, logRelease) - steamG);
  return (100 * doseG * blend * potency) / leftG + onCurve(releases, body, logRelease);
}

/** ln of what drains in the weep test, by ln of the release. */
export const logWeepAt = ({ logWeepG }: PieTable, logRelease: number): number =>
  onCurve(releases, logWeepG, logRelease);

/** A value of the tried ovens at some offset, C. */
export const byOffset = ({ tried }: PieTable, offC: number, value: (one: Tried) => number): number =>
  onCurve(offsetsTriedC, tried.map(value), offC);

/** Minute at which the top has a browning, in an oven so far off whose colour is so much quicker (ln). */
export const colouredAt = (table: PieTable, offC: number, logBrowning: number, colour: number): number =>
  byOffset(
    table,
    offC,
    ({ minutes, logBrowning: curve }) => reaches(minutes, curve, logBrowning - colour) ?? minutes.at(-1) ?? 0,
  );

/** ln of the top's browning at a minute. */
export const browningAt = (table: PieTable, offC: number, atMin: number): number =>
  byOffset(table, offC, ({ minutes, logBrowning }) => onCurve(minutes, logBrowning, atMin));

export const lostAt = (table: PieTable, offC: number, atMin: number): number =>
  byOffset(table, offC, ({ minutes, lostG }) => onCurve(minutes, lostG, atMin));

/** Minute at which a probe in the middle passes `PROBE_PASSES_C`. */
export const probePassesAt = (table: PieTable, offC: number): number =>
  byOffset(
    table,
    offC,
    ({ minutes, centreC }) => reaches(minutes, centreC, PROBE_PASSES_C) ?? minutes.at(-1) ?? 0,
  );
