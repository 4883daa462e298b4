import type { Day, DayPie, RunDecision, BakeOption, OptionTable } from '../model/index.js';
import { objectiveWeights, shellsByIndex } from '../model/index.js';
import { tailMin } from '../bounds/index.js';

// How often, how many and how far: estimates, found by trial on days of a dozen and of forty pies out of the hat.
/** So often three runs are shared out anew, not two. */
const THREE_SHARE = 0.4;
/** Of runs so near to the first one in their order. */
const NEAR = 2;
/** So many ways to share them out are thought of; the cheapest is taken. */
const IDEAS = 8;
/** Programmes of an oven that are thought of for a pie: its best one, and some by chance. */
const MOST_PROGRAMMES = 4;
/** A pie that could be in a run is not, so often. */
const LEFT_SHARE = 0.1;
/** By how much the price of a pie in a run is off at the most, min: the cheapest run is not always the best. */
const MOST_OFF_MIN = 6;
/** What a minute costs that a pie is baked sooner than it must be, because of others in its run. */
const SOONER_COST = 0.3;
/** So often a run is put one place away from where its hour would have it. */
const ASIDE_SHARE = 0.3;

/** A run as it is thought of, when nothing is laid yet. */
interface BatchCandidate {
  readonly run: RunDecision;
  readonly cost: number;
  /** When it begins at the latest, min of the day. */
  readonly latest: number;
}

/** Runs with the pies of two or three of them shared out anew; null where there is one run only, or a pie that no oven bakes. */
export type BatchReassignment = (runs: readonly RunDecision[]) => RunDecision[] | null;

/** When each pie must be packed at the latest: a shell when its pie is filled. */
function packedBy(day: Day): number[] {
  const shellOf = shellsByIndex(day);
  return day.pies.map(({ ready, pack }, i) => {
    const whole = day.pies[shellOf[i]!];
    return ready.at - pack - (whole ? tailMin(whole) + whole.build : 0);
  });
}

/**
 * Shares pies out by what runs cost: their starts, their minutes and their colours, and pies that are baked sooner than they must
 * be. What hands have to do in the meantime is not asked: that is seen when the day is laid.
 * @param chance in [0, 1)
 */
// eslint-disable-next-line max-lines-per-function -- closures over the day and its chance
export function makeBatchReassignment(day: Day, ways: OptionTable, chance: () => number): BatchReassignment {
  const { pies, kitchen } = day;
  const weights = objectiveWeights(day);
  const by = packedBy(day);
  const pick = (below: number): number => Math.floor(chance() * below);
  const programmes = ways.map((known) =>
    known.map((its) => [...its].sort(([, a], [, b]) => a.cost - b.cost)),
  );
  const latestOf = (i: number, { out }: Pick<BakeOption, 'out'>): number => by[i]! - pies[i]!.cool - out;
  const latestOfRun = ({ oven, heat, pies: of }: RunDecision): number =>
    Math.min(...of.map((i) => latestOf(i, ways[oven]![i]!.get(heat) ?? { out: 0 })));
  /** It is too cold at its hour when its run begins then. */
  const isCold = ({ warm, ready }: DayPie, { out }: BakeOption, start: number): boolean =>
    warm !== null && start + out < ready.at - warm;

  function mixed<T>(of: readonly T[]): T[] {
    const all = [...of];
    for (let k = all.length - 1; k > 0; k--) {
      const other = pick(k + 1);
      [all[k], all[other]] = [all[other]!, all[k]!];
    }
    return all;
  }

  /** A pie in a run on one programme, with those of others that may be in it too, and cost less there than in a run of their own. */
  function runWith(
    first: number,
    its: BakeOption,
    others: readonly number[],
    oven: number,
    heat: string,
  ): BatchCandidate {
    const known = ways[oven]!;
    const of = [{ i: first, way: its }];
    let latest = latestOf(first, its);
    for (const i of others) {
      if (of.length >= kitchen.ovens[oven]!.places) break;
      const way = known[i]!.get(heat);
      if (!way || chance() < LEFT_SHARE) continue;
      const start = Math.min(latest, latestOf(i, way));
      const soonerMin = latestOf(i, way) - start + of.length * (latest - start);
      if (SOONER_COST * soonerMin > weights.run + weights.ovenMin * way.out) continue;
      if ([...of, { i, way }].some((one) => isCold(pies[one.i]!, one.way, start))) continue;
      of.push({ i, way });
      latest = start;
    }
    const cost = of.reduce(
      (sum, { i, way }) => sum + weights.heatCost * way.cost + SOONER_COST * (latestOf(i, way) - latest),
      weights.run + weights.ovenMin * Math.max(...of.map(({ way }) => way.out)),
    );
    return { run: { oven, heat, pies: of.map(({ i }) => i), sooner: 0 }, cost, latest };
  }

  /** Runs for all of some pies, each the cheapest for a pie of it, more or less; null where one has no programme. */
  function thoughtFor(pool: readonly number[]): BatchCandidate[] | null {
    const made: BatchCandidate[] = [];
    for (let left = mixed(pool); left.length > 0;) {
      const [first = 0, ...others] = left;
      let best: BatchCandidate | null = null;
      let least = Infinity;
      for (const [oven, known] of programmes.entries()) {
        const all = known[first]!;
        const some =
          all.length <= MOST_PROGRAMMES ? all : [all[0]!, ...mixed(all.slice(1))].slice(0, MOST_PROGRAMMES);
        for (const [heat, way] of some) {
          const thought = runWith(first, way, others, oven, heat);
          const price = thought.cost / thought.run.pies.length + MOST_OFF_MIN * chance();
          if (price < least) [best, least] = [thought, price];
        }
      }
      // No runs at all would be the cheapest of all.
      if (!best) return null;
      const { pies: taken } = best.run;
      made.push(best);
      left = left.filter((i) => !taken.includes(i));
    }
    return made;
  }

  return (runs) => {
    if (runs.length < 2) return null;
    const first = pick(runs.length);
    const wanted = chance() < THREE_SHARE ? 3 : 2;
    const near = mixed(runs.map((_, r) => r).filter((r) => r !== first && Math.abs(r - first) <= NEAR));
    const chosen = new Set([first, ...near.slice(0, wanted - 1)]);
    const pool = runs.flatMap((run, r) => (chosen.has(r) ? run.pies : []));
    const sumOf = (thoughts: readonly BatchCandidate[]): number =>
      thoughts.reduce((sum, { cost }) => sum + cost, 0);
    const [thought, ...others] = Array.from({ length: IDEAS }, () => thoughtFor(pool)).filter(
      (known) => known !== null,
    );
    if (!thought) return null;
    const best = others.reduce((one, other) => (sumOf(other) < sumOf(one) ? other : one), thought);
    const next = runs.filter((_, r) => !chosen.has(r));
    for (const { run, latest } of [...best].sort((a, b) => a.latest - b.latest)) {
      const after = next.findIndex((other) => latestOfRun(other) > latest);
      const aside = chance() < ASIDE_SHARE ? (chance() < 0.5 ? 1 : -1) : 0;
      const place = (after < 0 ? next.length : after) + aside;
      next.splice(Math.max(0, Math.min(next.length, place)), 0, run);
    }
    return next;
  };
}
