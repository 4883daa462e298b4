import { evidenceRules } from '../../filling/index.js';
import { saucerResults } from '../../schema/index.js';
import type { LatentVariable } from './latent-variables.js';
import { latentValues } from './latent-variables.js';
import type { Belief, Evidence, Fitted, Observation, WordScale } from '../statistics/index.js';
import { combined, fitLatent, measured, mixture, wordSaid } from '../statistics/index.js';
import type { LoggedBake, PieTable } from '../log/index.js';
import { concentrationAt, logWeepAt, lostAt, setAnswers } from '../log/index.js';

/**
 * How each fruit sets in this kitchen. ln of the set over its target is what the sums say at the juice that came free, plus the
 * strength of the thickener and the law's own error for the fruit; a mouth compares it with what it likes. Spreads are estimates.
 */
export const setSpreads = {
  fruit: 0.12,
  season: 0.08,
  batch: 0.07,
  law: 0.08,
  potency: evidenceRules.potencyDeviation,
  liked: 0.12,
  /** Taste moves from season to season. */
  likedSeason: 0.06,
  weepBias: 0.08,
} as const;

/** Words for a set along ln of set over target. */
export const setScale: WordScale = { cuts: [-0.586, -0.17, 0.152, 0.446], noise: 0.15, lapse: 0.04 };
const saucerScale: WordScale = {
  cuts: [Math.log(evidenceRules.saucerRunsBelow), Math.log(evidenceRules.saucerStandsAbove)],
  noise: evidenceRules.saucerDeviation,
  lapse: 0.02,
};
/** Cut at once a slice stands by so much less (ln) than when it has cooled this long, min. Estimates. */
const CUT_AT_ONCE = 0.5;
export const COOLED_MIN = 150;
export const warmth = (cooledMin: number | null): number =>
  cooledMin === null ? 0 : CUT_AT_ONCE * Math.max(0, 1 - cooledMin / COOLED_MIN);
/** Unsure minutes widen what a word means. */
const UNSURE_MINUTES = 1.4;
/** Steam that leaves beside what the sums said is believed this far: the scale weighs pastry too. Estimate. */
export const STEAM_FROM_FILLING = 0.7;

type Weighted = readonly { readonly i: number; readonly weight: number }[];

/** What one pie stands on among the hidden values. */
interface Stands {
  readonly release: Weighted;
  readonly law: Weighted;
  readonly potency: Weighted;
  readonly liked: Weighted;
}

type Shares = ReadonlyMap<string, number>;

function standsOn(
  hidden: LatentVariable,
  fruits: Shares,
  thickeners: Shares,
  season: string,
  seasonSd: number,
): Stands {
  const spread = (shares: Shares, name: (id: string) => string, deviation: number) =>
    [...shares].map(([id, weight]) => ({ i: hidden.of(name(id), deviation), weight }));
  return {
    release: [
      ...spread(fruits, (id) => `release ${id}`, setSpreads.fruit),
      ...spread(fruits, (id) => `season ${season} ${id}`, seasonSd),
    ],
    law: spread(fruits, (id) => `law ${id}`, setSpreads.law),
    potency: spread(thickeners, (id) => `potency ${id}`, setSpreads.potency),
    liked: [
      { i: hidden.of('liked', setSpreads.liked), weight: 1 },
      { i: hidden.of(`liked ${season}`, setSpreads.likedSeason), weight: 1 },
    ],
  };
}

function sum(parts: Weighted, values: Float64Array): number {
  let all = 0;
  for (const { i, weight } of parts) all += weight * values[i]!;
  return all;
}

const STEP = 0.02;

/** Steam measured beside what the sums say, g: the pie weighed in and out against the bake at its told oven. */
export function steamBesideG(bake: LoggedBake, table: PieTable): number {
  const { inG, outG } = bake.weighed;
  if (inG === null || outG === null || table.tried.length === 0) return 0;
  return STEAM_FROM_FILLING * (inG - outG - lostAt(table, 0, table.outMin));
}

/** ln of set over target at some release and strength (ln), with its slopes. */
function setAt(table: PieTable, doseG: number, steamG: number, release: number, potency: number) {
  const strength = Math.exp(potency);
  const here = Math.max(0.05, concentrationAt(table, release, doseG, strength, steamG));
  const more = concentrationAt(table, release + STEP, doseG, strength, steamG);
  const stronger = concentrationAt(table, release, doseG, strength * (1 + STEP), steamG);
  return {
    value: Math.log(here / table.target),
    byRelease: (more / here - 1) / STEP,
    byPotency: (stronger / here - 1) / STEP,
  };
}

function observe(
  hidden: LatentVariable,
  bake: LoggedBake,
  table: PieTable,
  noise: number,
  seasonSd: number,
): Evidence {
  const stands = standsOn(hidden, table.fruitShares, table.thickenerShares, bake.season, seasonSd);
  const { release, law, potency, liked } = stands;
  const doseG = bake.weighed.thickenerG ?? table.doseG;
  const steamG = steamBesideG(bake, table);
  /** The set as it is, less what the mouth likes if a mouth judges it. */
  const setSeen = (tasted: boolean, less: number): Observation['predict'] => {
    const parts = [...release, ...law, ...potency, ...(tasted ? liked : [])];
    const slopes = parts.map(({ weight }) => weight);
    const lawFrom = release.length;
    const potencyFrom = lawFrom + law.length;
    const likedFrom = potencyFrom + potency.length;
    return (values, own) => {
      const at = setAt(table, doseG, steamG, sum(release, values) + own, sum(potency, values));
      // The same list each time: it is read before the next is asked for.
      for (let k = 0; k < parts.length; k++) {
        const times = k < lawFrom ? at.byRelease : k < potencyFrom ? 1 : k < likedFrom ? at.byPotency : -1;
        slopes[k] = parts[k]!.weight * times;
      }
      return {
        value: at.value + sum(law, values) - (tasted ? sum(liked, values) : 0) - less,
        slopes,
        own: at.byRelease,
      };
    };
  };
  const on = [...release, ...law, ...potency].map(({ i }) => i);
  const observations: Observation[] = [];
  const said = bake.tasting?.set ?? null;
  if (said !== null) {
    const unsure = bake.tasting?.cooledMin == null ? UNSURE_MINUTES : 1;
    observations.push({
      on: [...on, ...liked.map(({ i }) => i)],
      predict: setSeen(true, warmth(bake.tasting?.cooledMin ?? null)),
      explains: wordSaid({ ...setScale, noise: setScale.noise * noise * unsure }, setAnswers.indexOf(said)),
    });
  }
  if (bake.saucer !== null) {
    observations.push({
      on,
      predict: setSeen(false, 0),
      explains: wordSaid(saucerScale, saucerResults.indexOf(bake.saucer)),
    });
  }
  if (bake.weepDrainedG !== null && bake.weepDrainedG > 0) {
    const biases = [...table.fruitShares].map(([id, weight]) => ({
      i: hidden.of(`weep ${id}`, setSpreads.weepBias),
      weight,
    }));
    observations.push({
      on: [...release, ...biases].map(({ i }) => i),
      predict: (values, own) => {
        const r = sum(release, values) + own;
        const value = logWeepAt(table, r);
        const slope = (logWeepAt(table, r + STEP) - value) / STEP;
        return {
          value: value + sum(biases, values),
          slopes: [...release.map(({ weight }) => weight * slope), ...biases.map(({ weight }) => weight)],
          own: slope,
        };
      },
      explains: measured(Math.log(bake.weepDrainedG), evidenceRules.weepDeviation),
    });
  }
  return { ownDeviation: setSpreads.batch, observations };
}

interface Assumed {
  readonly noise: number;
  readonly seasonSd: number;
}

/** What the log says of how fruit sets, under the assumptions that explain it; several of them, by how well they do. */
export interface SetFit {
  readonly hidden: LatentVariable;
  readonly fits: readonly Fitted[];
  readonly likeliest: { readonly assumed: Assumed; readonly fitted: Fitted };
}

const NOISES = [0.7, 1, 1.4, 2] as const;
const SEASONS = [0.04, 0.16] as const;

export interface LoggedPie {
  readonly bake: LoggedBake;
  readonly table: PieTable;
}

function fitUnder(pies: readonly LoggedPie[], assumed: Assumed, start?: Float64Array) {
  const hidden = latentValues();
  const evidence = pies
    .map(({ bake, table }) => observe(hidden, bake, table, assumed.noise, assumed.seasonSd))
    .filter(({ observations }) => observations.length > 0);
  return { assumed, hidden, fitted: fitLatent(hidden.deviations, evidence, start) };
}

/**
 * Learns how fruit sets here from a whole log, always anew.
 * @param pies bakes with their tables
 * @returns hidden values, ln; mixed over how harsh the mouths are and how much seasons differ, by their evidence
 */
export function fitSet(pies: readonly LoggedPie[]): SetFit {
  const usual = fitUnder(pies, { noise: 1, seasonSd: setSpreads.season });
  const start = usual.fitted.mean;
  const byNoise = NOISES.map((noise) =>
    noise === 1 ? usual : fitUnder(pies, { noise, seasonSd: setSpreads.season }, start),
  );
  const best = byNoise.reduce((a, b) => (b.fitted.logEvidence > a.fitted.logEvidence ? b : a));
  const { noise } = best.assumed;
  const bySeason = SEASONS.map((seasonSd) => fitUnder(pies, { noise, seasonSd }, best.fitted.mean));
  const all = [...byNoise, ...bySeason];
  const likeliest = all.reduce((a, b) => (b.fitted.logEvidence > a.fitted.logEvidence ? b : a));
  return { hidden: usual.hidden, fits: all.map(({ fitted }) => fitted), likeliest };
}

/**
 * The same without the newest bake, under the assumptions that explain the whole log best: quick, to see what that bake did.
 * @param pies all but the newest
 * @param whole what all of them teach
 */
export function fitBefore(pies: readonly LoggedPie[], { likeliest }: SetFit): SetFit {
  const before = fitUnder(pies, likeliest.assumed);
  return { hidden: before.hidden, fits: [before.fitted], likeliest: before };
}

/** A weighted sum of hidden values over all assumptions. */
export const mixed = ({ fits }: SetFit, weights: ReadonlyMap<number, number>): Belief =>
  mixture(fits.map((fitted) => ({ logEvidence: fitted.logEvidence, ...combined(fitted, weights) })));

/**
 * What a pie's set stands on: weights of the hidden values in ln of set over target as this kitchen likes it.
 * @param season the one to come; another than those of the log is a new one
 */
export function setWeights(
  { hidden }: Pick<SetFit, 'hidden'>,
  { bake, table }: LoggedPie,
  season: string,
): Map<number, number> {
  const at = setAt(table, bake.weighed.thickenerG ?? table.doseG, 0, 0, 0);
  const weights = new Map<number, number>();
  const add = (name: string, weight: number): void => {
    const i = hidden.find(name);
    if (i !== null) weights.set(i, (weights.get(i) ?? 0) + weight);
  };
  for (const [id, share] of table.fruitShares) {
    add(`release ${id}`, share * at.byRelease);
    add(`season ${season} ${id}`, share * at.byRelease);
    add(`law ${id}`, share);
  }
  for (const [id, share] of table.thickenerShares) add(`potency ${id}`, share * at.byPotency);
  add('liked', -1);
  add(`liked ${season}`, -1);
  return weights;
}

const LEAST_SHARE = 0.3;
/** Share of a pie's set that its thickener makes; the fruit's own body makes the rest. */
export const setByThickener = (table: PieTable): number =>
  Math.max(LEAST_SHARE, setAt(table, table.doseG, 0, 0, 0).byPotency);
