import type { Day, DayOven, DayPie, ObjectiveWeights, BakeOption } from '../model/index.js';
import { objectiveWeights, programmeKey } from '../model/index.js';
import type { Wave } from './work-feasibility.js';
import { shortestOption, loadedAfterMin } from './work-feasibility.js';

/** A pie on one programme of an oven, and between which moments it may go in. */
interface Baked {
  readonly pie: number;
  readonly out: number;
  readonly heatCost: number;
  readonly from: number;
  readonly to: number;
}

/** Runs that have the same pie as the one that stays longest, and no others beside it than these. */
interface Runs {
  readonly longest: number;
  /** With that pie alone. */
  readonly cost: number;
  readonly others: readonly Pick<Baked, 'pie' | 'heatCost'>[];
  /** So many of the others at most. */
  readonly room: number;
}

/** A run of few, or of so many that the oven is full and slower. */
function batchSizes({
  places,
  fullFrom,
  fullMin,
}: DayOven): { readonly most: number; readonly longer: number }[] {
  const few = { most: Math.min(places, fullFrom - 1), longer: 0 };
  return places < fullFrom ? [few] : [few, { most: places, longer: fullMin }].filter(({ most }) => most > 0);
}

const isWithin = (set: readonly Baked[], other: readonly Baked[]): boolean =>
  set.every((one) => other.includes(one));

/** Those who may be in a run beside one of them: at each moment at which that can begin for more of them than before. */
function besides(longest: Baked, of: readonly Baked[]): Baked[][] {
  const others = of.filter((other) => other !== longest && other.out <= longest.out);
  const starts = [longest, ...others].map(({ from }) => from);
  const sets = [...new Set(starts)]
    .filter((start) => start >= longest.from && start <= longest.to)
    .map((start) => others.filter(({ from, to }) => from <= start && start <= to));
  // What is all in another set, or in an equal one before it, says nothing more.
  return sets.filter(
    (set, k) =>
      !sets.some((other, n) => n !== k && isWithin(set, other) && (other.length > set.length || n < k)),
  );
}

function runsOn(oven: DayOven, of: readonly Baked[], weights: ObjectiveWeights): Runs[] {
  return batchSizes(oven).flatMap(({ most, longer }) => {
    const slower = of.flatMap((one) =>
      one.from <= one.to - longer ? [{ ...one, to: one.to - longer }] : [],
    );
    return slower.flatMap((longest) =>
      besides(longest, slower).map((others) => ({
        longest: longest.pie,
        cost: weights.run + weights.ovenMin * (longest.out + longer) + longest.heatCost,
        others,
        room: most - 1,
      })),
    );
  });
}

/** By which of its ways each pie can be baked, and when, if its wave is first touched at that moment. */
function bakedPies(
  day: Day,
  oven: DayOven,
  pies: readonly DayPie[],
  firstOf: (pie: DayPie) => number,
): Map<string, Baked[]> {
  const on = new Map<string, Baked[]>();
  const { heatCost: dear } = objectiveWeights(day);
  // A warm one that waits for others at the door is out later than alone.
  const laterMin = oven.fullMin + day.kitchen.doorMin * (oven.places - 1);
  pies.forEach((pie, k) => {
    const soonest = firstOf(pie) + loadedAfterMin(day, pie);
    const { warm, ready, pack, cool } = pie;
    const bakedBy = ({ out, cost }: BakeOption): Baked => ({
      pie: k,
      out,
      heatCost: dear * cost,
      from: Math.max(soonest, warm === null ? -Infinity : ready.at - warm - out - laterMin),
      to: ready.at - pack - cool - out,
    });
    for (const way of pie.ways[oven.id] ?? [])
      on.set(programmeKey(way), [...(on.get(programmeKey(way)) ?? []), bakedBy(way)]);
  });
  return on;
}

/** What a set of runs comes to when each pie brings its price, and how often each is baked in the cheapest one. */
interface Priced {
  readonly sum: number;
  readonly times: readonly number[];
}

/** Each pie is the longest of one run at most; whether each is baked just once is not asked. */
function pricedAt(prices: readonly number[], runs: readonly Runs[]): Priced {
  const best = new Map<number, { readonly cost: number; readonly pies: readonly number[] }>();
  for (const { longest, cost: alone, others, room } of runs) {
    const gains = others
      .map(({ pie, heatCost }) => ({ pie, cost: heatCost - prices[pie]! }))
      .filter(({ cost }) => cost < 0)
      .sort((a, b) => a.cost - b.cost)
      .slice(0, room);
    const cost = gains.reduce((sum, gain) => sum + gain.cost, alone - prices[longest]!);
    if (cost < (best.get(longest)?.cost ?? 0))
      best.set(longest, { cost, pies: [longest, ...gains.map(({ pie }) => pie)] });
  }
  const times = prices.map(() => 0);
  let sum = prices.reduce((all, price) => all + price, 0);
  for (const { cost, pies } of best.values()) {
    sum += cost;
    for (const pie of pies) times[pie]! += 1;
  }
  return { sum, times };
}

const ROUNDS = 60;
/** By how much prices change at first, min. */
const FIRST_STEP = 8;
/** So many rounds without a better sum, and the step is made smaller. */
const PATIENCE = 8;
const SMALLER = 0.7;

/**
 * Each pie is given a price; whoever is baked too often becomes cheaper, whoever is not, dearer. At any prices the sum is under
 * what the cheapest runs for all of them cost (Lagrange's relaxation, by subgradients as Held and Karp did; from memory).
 */
function dearest(start: readonly number[], runs: readonly Runs[]): number {
  let prices = [...start];
  let best = { sum: -Infinity, prices };
  let step = FIRST_STEP;
  let waited = 0;
  for (let round = 0; round < ROUNDS; round++) {
    const { sum, times } = pricedAt(prices, runs);
    const length = Math.hypot(...times.map((count) => 1 - count));
    if (sum > best.sum + 1e-6) {
      best = { sum, prices };
      waited = 0;
    } else if (++waited > PATIENCE) {
      step *= SMALLER;
      waited = 0;
      prices = best.prices;
    }
    if (length === 0) break;
    prices = prices.map((price, k) => price + (step * (1 - times[k]!)) / length);
  }
  return best.sum;
}

/** As many runs as places ask for, each as long as the shortest, and each pie on the programme that suits it best. */
function fewestRuns(day: Day, weights: ObjectiveWeights): number {
  const { kitchen, pies } = day;
  const runs = Math.ceil(pies.length / Math.max(...kitchen.ovens.map(({ places }) => places)));
  const shortest = Math.min(...pies.map((pie) => shortestOption(pie, 'out')));
  const heatCost = pies.reduce((sum, pie) => sum + weights.heatCost * shortestOption(pie, 'cost'), 0);
  return heatCost + runs * (weights.run + weights.ovenMin * shortest);
}

/**
 * What ovens and colour cost at the least when each wave is first touched at its moment: pies share a run that bake right on its
 * programme and may go in at one moment.
 * @returns in the units of `plan.score.total`; Infinity when some pie can be in no oven in time
 */
export function makeOvenBound(day: Day, waves: readonly Wave[]): (firsts: readonly number[]) => number {
  const weights = objectiveWeights(day);
  const pies = waves.flatMap((wave) => wave.pies);
  const waveOf = new Map(waves.flatMap((wave, w) => wave.pies.map((pie) => [pie, w] as const)));
  return (firsts) => {
    const firstOf = (pie: DayPie): number => firsts[waveOf.get(pie) ?? 0]!;
    const runs = day.kitchen.ovens.flatMap((oven) =>
      [...bakedPies(day, oven, pies, firstOf).values()].flatMap((of) => runsOn(oven, of, weights)),
    );
    const shares = pies.map((_, k) =>
      Math.min(...runs.filter(({ longest }) => longest === k).map(({ cost, room }) => cost / (room + 1))),
    );
    return shares.includes(Infinity) ? Infinity : Math.max(fewestRuns(day, weights), dearest(shares, runs));
  };
}
