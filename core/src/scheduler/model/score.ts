import type { Day, DayPlan, DayScore } from './day.js';
import { isSameProgramme, readyBufferMin } from './day.js';
import { objectiveWeights } from './objective-weights.js';
import { spanCost, makeDaySpan } from './day-span.js';

/**
 * What a plan comes to. Minutes at which nobody is there count for nothing: work of the evening before does not make a night
 * of waiting.
 * @param day worked out
 * @param plan its tasks and runs
 * @returns each sum and the total that is to be least
 * @example scorePlan(day, plan).lateMin
 */
export function scorePlan(
  day: Day,
  { tasks, runs, batches }: Pick<DayPlan, 'tasks' | 'runs' | 'batches'>,
): DayScore {
  const pieOf = new Map(day.pies.map((pie) => [pie.id, pie]));
  const first = new Map<number, number>();
  const touch = (pie: string, start: number): void => {
    const hour = pieOf.get(pie)?.ready.at ?? 0;
    first.set(hour, Math.min(first.get(hour) ?? hour, start));
  };
  const piesOf = new Map([
    ...batches.map((batch) => [batch.id, batch.pies] as const),
    ...runs.map((run) => [run.id, run.pies.map(({ pie }) => pie)] as const),
  ]);
  let lateMin = 0;
  let slackLost = 0;
  for (const { kind, of, start, end } of tasks) {
    for (const pie of piesOf.get(of) ?? [of]) touch(pie, start);
    const pie = kind === 'pack' ? pieOf.get(of) : undefined;
    if (!pie) continue;
    lateMin += Math.max(0, end - pie.ready.at);
    const sooner = readyBufferMin(pie, day.slack);
    slackLost += Math.min(sooner, Math.max(0, end + sooner - pie.ready.at));
  }
  const built = new Map(tasks.flatMap(({ kind, of, end }) => (kind === 'build' ? [[of, end] as const] : [])));
  let heatCost = 0;
  let waitingMin = 0;
  let ovenMin = 0;
  for (const { oven, heat, start, pies } of runs) {
    ovenMin += Math.max(...pies.map(({ out }) => out));
    for (const { pie } of pies) {
      const known = pieOf.get(pie);
      heatCost += known?.ways[oven]?.find((way) => isSameProgramme(way.heat, heat))?.cost ?? 0;
      waitingMin += Math.max(0, start - (built.get(pie) ?? start) - (known?.lastChill ?? 0));
    }
  }
  const weights = objectiveWeights(day);
  const span = makeDaySpan(
    [...first].map(([hour, start]) => ({ hour, start })),
    (from, to) => attended(day, from, to),
  );
  const total =
    weights.lateMin * lateMin +
    weights.slackMin * slackLost +
    weights.heatCost * heatCost +
    spanCost(weights, span) +
    weights.waitingMin * waitingMin +
    weights.ovenMin * ovenMin +
    weights.run * runs.length +
    weights.mix * batches.length;
  return {
    total,
    lateMin,
    heatCost,
    ...span,
    waitingMin,
    ovenMin,
    runs: runs.length,
    mixes: batches.length,
  };
}

/** Minutes between two moments at which somebody is there or pies are in the oven by day: gaps with nobody are left out. */
export function attended({ kitchen: { hands } }: Day, from: number, to: number): number {
  const there = hands
    .flatMap(({ from: come, to: go, breaks }) => {
      const cuts = [...breaks].sort((a, b) => a[0] - b[0]);
      const spans: [number, number][] = [];
      let start = come;
      for (const [a, b] of cuts) {
        spans.push([start, a]);
        start = b;
      }
      return [...spans, [start, go] as [number, number]];
    })
    .map(([a, b]): [number, number] => [Math.max(a, from), Math.min(b, to)])
    .filter(([a, b]) => b > a)
    .sort((a, b) => a[0] - b[0]);
  let sum = 0;
  let reached = from;
  for (const [a, b] of there) {
    sum += Math.max(0, b - Math.max(a, reached));
    reached = Math.max(reached, b);
  }
  return sum;
}
