import { BAND_DEVIATIONS } from '../../filling/index.js';
import type { Larder } from '../../larder/index.js';
import { builtInLarder } from '../../larder/index.js';
import type { BakeLog, LoggedBake, PieTable } from '../log/index.js';
import type { Banded, LearnedFigure, Share } from './learned-figure.js';
import { learnedWords } from './learned-words.js';
import type { Belief } from '../statistics/index.js';
import type { LoggedPie, OvenFit, SetFit } from '../models/index.js';
import {
  fitBefore,
  fitOven,
  fitSet,
  fitSweetness,
  mixed,
  ovenSpreads,
  setByThickener,
  setSpreads,
  setWeights,
  styleLiked,
  sweetnessSpreads,
} from '../models/index.js';
import { makePieTable, tableKey } from '../log/index.js';

/** All that a log teaches. */
export interface Learned {
  readonly figures: readonly LearnedFigure[];
  /** Bakes that could not be read as a plan, with why. */
  readonly unread: readonly { readonly id: string; readonly why: string }[];
}

const banded = ({ mean, deviation }: Belief, as: (value: number) => number): Banded => {
  const ends = [as(mean - BAND_DEVIATIONS * deviation), as(mean + BAND_DEVIATIONS * deviation)];
  return { value: as(mean), low: Math.min(...ends), high: Math.max(...ends) };
};
const factor = Math.exp;

/** What is known of a dose before anything was baked. */
export const priorBand = banded(
  {
    mean: 0,
    deviation: Math.hypot(
      setSpreads.fruit,
      setSpreads.season,
      setSpreads.law,
      setSpreads.potency,
      setSpreads.liked,
      setSpreads.likedSeason,
    ),
  },
  factor,
);

/** One tasting moves a dose by no more than this (ln); then it is asked about. */
const MOST_STEP = Math.log(1.1);
/** A move of so much is worth a closer look. */
const LOOKED_AT = 0.5 * MOST_STEP;

const saysOfSet = ({ tasting, weepDrainedG, saucer }: LoggedBake): boolean =>
  tasting?.set != null || weepDrainedG !== null || saucer !== null;

const SOME_SHARE = 0.15;
const has = ({ table }: LoggedPie, fruit: string): boolean =>
  (table.fruitShares.get(fruit) ?? 0) >= SOME_SHARE;

/** The pie of a fruit that stands for it: the one with most of it, the newest of those. */
const standsFor = (pies: readonly LoggedPie[], fruit: string): LoggedPie | null =>
  pies.reduce<LoggedPie | null>(
    (best, pie) =>
      (pie.table.fruitShares.get(fruit) ?? 0) >= (best?.table.fruitShares.get(fruit) ?? SOME_SHARE)
        ? pie
        : best,
    null,
  );

/** How much thickener this kitchen wants for a fruit, ln over the book's: less where it sets better. */
function doseBelief(fit: SetFit, pie: LoggedPie, fruit: string, season: string): Belief {
  const only = { ...pie, table: { ...pie.table, fruitShares: new Map([[fruit, 1]]) } };
  const { mean, deviation } = mixed(fit, setWeights(fit, only, season));
  // The fruit's own body sets too: where it does much, more thickener is needed for as much more set.
  const share = setByThickener(pie.table);
  return { mean: -mean / share, deviation: deviation / share };
}

const beliefIn = (fit: SetFit, name: string, deviation: number): Belief => {
  const i = fit.hidden.find(name);
  return i === null ? { mean: 0, deviation } : mixed(fit, new Map([[i, 1]]));
};

function setFigure(
  fit: SetFit,
  before: SetFit | null,
  newest: LoggedPie | undefined,
  pies: readonly LoggedPie[],
  fruit: string,
  season: string,
  larder: Larder,
): LearnedFigure[] {
  const its = pies.filter((pie) => has(pie, fruit) && saysOfSet(pie.bake));
  const pie = standsFor(its, fruit);
  if (!pie) return [];
  const dose = doseBelief(fit, pie, fruit, season);
  const was = before && newest && has(newest, fruit) ? doseBelief(before, pie, fruit, season).mean : null;
  const stands = newest?.bake.tasting?.stands === true;
  const leapt = !stands && was !== null && Math.abs(dose.mean - was) > MOST_STEP;
  const used = leapt ? was + Math.sign(dose.mean - was) * MOST_STEP : dose.mean;
  const label = larder.fruits.get(fruit)?.label ?? fruit;
  const thickeners = [...pie.table.thickenerShares.keys()];
  const split: Share[] = [
    {
      label: 'juice that it lets go',
      ...banded(beliefIn(fit, `release ${fruit}`, setSpreads.fruit), factor),
    },
    ...thickeners.map((id) => ({
      label: `strength of the ${larder.thickeners.get(id)?.label.toLowerCase() ?? id}`,
      ...banded(beliefIn(fit, `potency ${id}`, setSpreads.potency), factor),
    })),
    { label: 'set that is liked here', ...banded(beliefIn(fit, 'liked', setSpreads.liked), factor) },
  ];
  const seasons = [...new Set(its.map(({ bake }) => bake.season))];
  const figure = {
    kind: 'set' as const,
    of: fruit,
    label: `${label}: thickener beside the book’s`,
    unit: 'ratio' as const,
    builtIn: priorBand,
    learned: banded(dose, factor),
    used: factor(used),
    bakes: its.map(({ bake }) => bake.id),
    split,
    seasons:
      seasons.length < 2
        ? []
        : seasons.map((one) => ({ season: one, ...banded(doseBelief(fit, pie, fruit, one), factor) })),
    odd: leapt ? (newest?.bake.id ?? null) : null,
  };
  return [{ ...figure, words: learnedWords(figure, label) }];
}

function sweetnessFigure(pies: readonly LoggedPie[], season: string): LearnedFigure[] {
  const its = pies.filter(({ bake }) => bake.tasting?.sweetness != null);
  if (its.length === 0) return [];
  const liked = fitSweetness(its, season);
  const { liked: spread, season: move } = sweetnessSpreads;
  const figure = {
    kind: 'sweetness' as const,
    of: '',
    label: 'Sweetness that is liked here',
    unit: 'ratio' as const,
    builtIn: banded({ mean: 0, deviation: Math.hypot(spread, move) }, styleLiked),
    learned: banded(liked, styleLiked),
    used: styleLiked(liked.mean),
    bakes: its.map(({ bake }) => bake.id),
    split: [],
    seasons: [],
    odd: null,
  };
  return [{ ...figure, words: learnedWords(figure, '') }];
}

function ovenFigures(oven: string, { builtInC, fitted, bakes }: OvenFit): LearnedFigure[] {
  if (bakes.length === 0) return [];
  const { mean, covariance } = fitted;
  const of = (i: number): Belief => ({
    mean: mean[i]!,
    deviation: Math.sqrt(covariance[i * mean.length + i]!),
  });
  const hotter = (c: number): number => builtInC + c;
  const base = { of: oven, bakes, split: [], seasons: [], odd: null };
  const figures = [
    {
      ...base,
      kind: 'oven' as const,
      label: `${oven}: as if hotter than its knob by`,
      unit: 'C' as const,
      builtIn: banded({ mean: 0, deviation: ovenSpreads.offsetC }, hotter),
      learned: banded(of(0), hotter),
      used: Math.round(hotter(of(0).mean)),
    },
    {
      ...base,
      kind: 'colour' as const,
      label: `${oven}: how quickly it colours`,
      unit: 'ratio' as const,
      builtIn: banded({ mean: 0, deviation: ovenSpreads.colour }, factor),
      learned: banded(of(1), factor),
      used: factor(of(1).mean),
    },
  ];
  return figures.map((figure) => ({ ...figure, words: learnedWords(figure, oven) }));
}

/** What was believed before the newest word; null when that moved nothing by much. */
function beforeNewest(speaking: readonly LoggedPie[], fit: SetFit, season: string): SetFit | null {
  const newest = speaking.at(-1);
  if (newest?.bake.tasting?.set == null) return null;
  const earlier = speaking.slice(0, -1);
  const quick = fitBefore(earlier, fit);
  const likeliest = { ...fit, fits: [fit.likeliest.fitted] };
  const moved = [...newest.table.fruitShares.keys()].some(
    (fruit) =>
      Math.abs(
        doseBelief(likeliest, newest, fruit, season).mean - doseBelief(quick, newest, fruit, season).mean,
      ) > LOOKED_AT,
  );
  return moved ? fitSet(earlier) : null;
}

/**
 * What bakes teach, from their tables: always anew from the whole log.
 * @param pies the oldest first
 * @param larder names of fruits and thickeners
 * @returns each figure: built-in, learned, its band, the bakes behind it
 */
export function learnFrom(pies: readonly LoggedPie[], larder: Larder = builtInLarder): LearnedFigure[] {
  const newest = pies.at(-1);
  const season = newest?.bake.season ?? '';
  const speaking = pies.filter(({ bake }) => saysOfSet(bake));
  const fit = fitSet(speaking);
  const before = beforeNewest(speaking, fit, season);
  const last = speaking.at(-1);
  const fruits = [...new Set(pies.flatMap(({ table }) => [...table.fruitShares.keys()]))];
  const ovens = [...new Set(pies.map(({ bake }) => bake.oven))];
  return [
    ...fruits.flatMap((fruit) => setFigure(fit, before, last, pies, fruit, season, larder)),
    ...sweetnessFigure(pies, season),
    ...ovens.flatMap((oven) => ovenFigures(oven, fitOven(pies.filter(({ bake }) => bake.oven === oven)))),
  ];
}

/** Tables by what makes them: a pie baked the same way twice is worked out once. */
export type PieTables = Map<string, PieTable>;

/** Bakes with their tables; a slice that somebody said was odd says nothing of set. */
export function tabled(
  log: BakeLog,
  larder: Larder,
  tables: PieTables,
): { readonly pies: readonly LoggedPie[]; readonly unread: Learned['unread'] } {
  const pies: LoggedPie[] = [];
  const unread: { id: string; why: string }[] = [];
  for (const logged of log.bakes) {
    const { tasting } = logged;
    const bake = tasting?.stands === false ? { ...logged, tasting: { ...tasting, set: null } } : logged;
    const key = tableKey(bake);
    try {
      const table = tables.get(key) ?? makePieTable(bake, larder);
      tables.set(key, table);
      pies.push({ bake, table });
    } catch (error) {
      unread.push({ id: bake.id, why: error instanceof Error ? error.message : String(error) });
    }
  }
  return { pies, unread };
}

/**
 * What a log teaches. Tables of pies already seen are taken from `tables`, new ones put there.
 * @param log of a kitchen
 * @param larder as for a plan
 * @param tables kept from before
 * @returns figures, and bakes whose plan could not be read
 * @example learnLog({ bakes: [] }).figures.length // 0
 */
export function learnLog(
  log: BakeLog,
  larder: Larder = builtInLarder,
  tables: PieTables = new Map(),
): Learned {
  const { pies, unread } = tabled(log, larder, tables);
  return { figures: learnFrom(pies, larder), unread };
}
