import type { Day, RunDecision } from '../model/index.js';
import type { Solution, Decoder, PlacingOrder } from '../timetable/index.js';
import type { BatchReassignment } from './reassign-batches.js';

/** A plan that was looked at, and what it comes to. */
export interface EvaluatedSolution {
  readonly solution: Solution;
  /** Tasks and runs that found no place. */
  readonly failed: number;
  readonly total: number;
  readonly smoothedTotal: number;
  readonly lateMin: number;
  /** Pies that are late or found no place, by index. */
  readonly infeasible: readonly number[];
}

/** What looking for neighbours needs. */
export interface NeighbourhoodState {
  readonly day: Day;
  readonly decoder: Decoder;
  evaluate(solution: Solution): EvaluatedSolution;
  /** By what plans are held against each other while the search goes on: the less the better. */
  rankOf(found: EvaluatedSolution): number;
  readonly shareOut: BatchReassignment;
  /** In [0, 1). */
  chance(): number;
}

const MOST_TAKEN_OUT = 4;
/** Programmes of an oven that are tried for a pie on its own, cheapest first. */
const NEW_RUN_WAYS = 3;
/** Few are tried at a time: many small moves find more than a few careful ones. */
const RUNS_LOOKED_AT = 3;
/** How often a move is made for a pie that is in trouble, while there is one. */
const TROUBLED_SHARE = 0.3;
/** How often some runs are shared out anew. */
const SHARED_OUT = 0.4;
/** How much before its last moment a run is tried, min. */
export const soonerBy = [0, 0, 1, 2, 5, 10, 15, 20, 30];
const orders = [
  'linesFirst',
  'doughFirst',
  'inOnePiece',
  'sparing',
  'byHour',
] as const satisfies readonly (keyof PlacingOrder)[];

const without = (runs: readonly RunDecision[], out: ReadonlySet<number>): RunDecision[] =>
  runs.flatMap((solution) => {
    const pies = solution.pies.filter((i) => !out.has(i));
    // A run that is as it was stays the same object: a decoder knows by that what need not be laid anew.
    if (pies.length === solution.pies.length) return [solution];
    return pies.length > 0 ? [{ ...solution, pies }] : [];
  });

/** Where a pie goes at least cost: into a run that bakes it right, or a run of its own. */
export function putBack(
  { day, decoder, evaluate, rankOf, chance }: NeighbourhoodState,
  { runs, ...rest }: Solution,
  i: number,
): EvaluatedSolution {
  const { ovens } = day.kitchen;
  const pick = (below: number): number => Math.floor(chance() * below);
  const joins = runs.flatMap((run, r) =>
    run.pies.length < ovens[run.oven]!.places && decoder.ways[run.oven]![i]!.has(run.heat) ? [r] : [],
  );
  while (joins.length > RUNS_LOOKED_AT) joins.splice(pick(joins.length), 1);
  const tries = joins.map((r) => runs.map((run, k) => (k === r ? { ...run, pies: [...run.pies, i] } : run)));
  ovens.forEach((_, oven) => {
    const ways = [...decoder.ways[oven]![i]!].sort((a, b) => a[1].cost - b[1].cost).slice(0, NEW_RUN_WAYS);
    if (ways.length === 0) return;
    // One way for sure, one by chance; each at its hour or somewhere else.
    for (const picked of new Set([0, pick(ways.length)])) {
      const run: RunDecision = { oven, heat: ways[picked]![0], pies: [i], sooner: 0 };
      const { ready, shellOf } = day.pies[i]!;
      // A shell before the run that its pie is in.
      const hour = runs.findIndex(({ pies }) =>
        shellOf === undefined
          ? day.pies[pies[0]!]!.ready.at > ready.at
          : pies.some((other) => day.pies[other]!.id === shellOf),
      );
      const place = chance() < 0.5 ? pick(runs.length + 1) : hour < 0 ? runs.length : hour;
      tries.push([...runs.slice(0, place), run, ...runs.slice(place)]);
    }
  });
  let best: EvaluatedSolution | null = null;
  for (const tried of tries) {
    const found = evaluate({ runs: tried, ...rest });
    if (!best || rankOf(found) < rankOf(best)) best = found;
  }
  return best ?? evaluate({ runs, ...rest });
}

/** Some pies somewhere else, one of them for sure if it is said which. */
function takeOut(
  looking: NeighbourhoodState,
  { runs, ...rest }: Solution,
  first?: number,
): EvaluatedSolution {
  const { day, chance, evaluate } = looking;
  const pick = (below: number): number => Math.floor(chance() * below);
  const out = new Set(first === undefined ? [] : [first]);
  const wanted = 1 + pick(Math.min(MOST_TAKEN_OUT, day.pies.length));
  if (chance() < 0.4) {
    // A whole run, or as much of it as may be.
    for (const i of runs[pick(runs.length)]!.pies) if (out.size < MOST_TAKEN_OUT) out.add(i);
  }
  while (out.size < wanted) out.add(pick(day.pies.length));
  let left: Solution = { runs: without(runs, out), ...rest };
  let found: EvaluatedSolution | null = null;
  for (const i of [...out].sort(() => chance() - 0.5)) {
    found = putBack(looking, left, i);
    left = found.solution;
  }
  return found ?? evaluate({ runs, ...rest });
}

/** The pies of a run, one of them gone and one come; null for nobody. */
const changed = (run: RunDecision, goes: number | null, comes: number | null): RunDecision => ({
  ...run,
  pies: [...run.pies.filter((i) => i !== goes), ...(comes === null ? [] : [comes])],
});

/** A pie into another run that bakes it right, or in the place of one of that run's, which comes back for it; null where none fits. */
function moveOne(
  { day, decoder, evaluate, chance }: NeighbourhoodState,
  { runs, ...rest }: Solution,
  inPlace: boolean,
): EvaluatedSolution | null {
  const pickOf = <T>(of: readonly T[]): T | undefined => of[Math.floor(chance() * of.length)];
  const from = pickOf(runs);
  const goes = from && pickOf(from.pies);
  if (!from || goes === undefined) return null;
  const bakes = ({ oven, heat }: RunDecision, i: number): boolean => decoder.ways[oven]![i]!.has(heat);
  const to = pickOf(
    runs.filter(
      (run) =>
        run !== from &&
        bakes(run, goes) &&
        (inPlace || run.pies.length < day.kitchen.ovens[run.oven]!.places),
    ),
  );
  const comes = inPlace && to ? (pickOf(to.pies.filter((i) => bakes(from, i))) ?? null) : null;
  if (!to || (inPlace && comes === null)) return null;
  const next = runs.map((run) => {
    if (run === from) return changed(run, goes, comes);
    return run === to ? changed(run, comes, goes) : run;
  });
  return evaluate({ runs: next.filter(({ pies }) => pies.length > 0), ...rest });
}

/** A run at another programme, perhaps in another oven; null where its pies have none in common. */
function otherHeat(
  { day, decoder, evaluate, chance }: NeighbourhoodState,
  { runs, ...rest }: Solution,
): EvaluatedSolution | null {
  const pick = (below: number): number => Math.floor(chance() * below);
  const r = pick(runs.length);
  const run = runs[r]!;
  const oven = pick(day.kitchen.ovens.length);
  const shared = [...decoder.ways[oven]![run.pies[0]!]!.keys()].filter((heat) =>
    run.pies.every((i) => decoder.ways[oven]![i]!.has(heat)),
  );
  if (shared.length === 0 || run.pies.length > day.kitchen.ovens[oven]!.places) return null;
  const heat = shared[pick(shared.length)]!;
  return evaluate({ runs: runs.map((other, k) => (k === r ? { ...run, oven, heat } : other)), ...rest });
}

/**
 * A neighbour of a plan: the pies of some runs shared out anew, runs in another order, at another programme or a little sooner, the
 * rest placed in another order, a pie in another run, and now and then a few somewhere else.
 */
export function makeNeighbour(
  looking: NeighbourhoodState,
  { solution: solution, infeasible: infeasible }: Pick<EvaluatedSolution, 'solution' | 'infeasible'>,
): EvaluatedSolution {
  const { evaluate, chance, shareOut } = looking;
  const { runs, order } = solution;
  const pick = (below: number): number => Math.floor(chance() * below);
  // What is late, or found no place, is looked at more than the rest.
  if (infeasible.length > 0 && chance() < TROUBLED_SHARE)
    return takeOut(looking, solution, infeasible[pick(infeasible.length)]);
  if (chance() < SHARED_OUT) {
    const shared = shareOut(runs);
    if (shared) return evaluate({ ...solution, runs: shared });
  }
  const kind = chance();
  if (kind < 0.15 && runs.length > 1) {
    const a = pick(runs.length - 1);
    const swapped = [...runs];
    [swapped[a], swapped[a + 1]] = [runs[a + 1]!, runs[a]!];
    return evaluate({ ...solution, runs: swapped });
  }
  if (kind < 0.3) {
    const found = otherHeat(looking, solution);
    if (found) return found;
  } else if (kind < 0.4) {
    const r = pick(runs.length);
    const sooner = soonerBy[pick(soonerBy.length)]!;
    return evaluate({ ...solution, runs: runs.map((run, k) => (k === r ? { ...run, sooner } : run)) });
  } else if (kind < 0.45) {
    const turned = orders[pick(orders.length)]!;
    return evaluate({ ...solution, order: { ...order, [turned]: !order[turned] } });
  }
  // One look, where taking a few out takes ten: the more pies, the seldomer those.
  if (chance() > 1 / looking.day.pies.length) {
    const found = moveOne(looking, solution, chance() < 0.5);
    if (found) return found;
  }
  return takeOut(looking, solution);
}
