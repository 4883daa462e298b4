import type { PlanIndex, CompletePie } from './plan-index.js';
import { broken } from './plan-index.js';

/** Something from a moment to another. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** The most that lie over each other at any moment. */
export function mostAtOnce(spans: readonly Span[]): number {
  const edges = spans
    .filter(({ from, to }) => to > from)
    .flatMap(({ from, to }) => [[from, 1] as const, [to, -1] as const])
    .sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  let now = 0;
  let most = 0;
  for (const [, change] of edges) most = Math.max(most, (now += change));
  return most;
}

/** Lined bases and built pies; a batch of dough has one place until its last pie is lined. */
const inFridge = ({ plan, task }: PlanIndex, pies: readonly CompletePie[]): Span[] => [
  ...pies.flatMap(({ line, build, run }) => [
    ...(line ? [{ from: line.end, to: build.start }] : []),
    { from: build.end, to: run.start },
  ]),
  ...plan.batches.flatMap((batch) => {
    const mix = task('mix', batch.id);
    if (!mix) return [];
    const lined = batch.pies.map((pie) => (task('line', pie) ?? task('build', pie))?.start ?? 0);
    return [{ from: mix.end, to: Math.max(...lined) }];
  }),
];

const onHob = (pies: readonly CompletePie[]): Span[] =>
  pies.flatMap(({ pie, prepare }) =>
    prepare && pie.onHob ? [{ from: prepare.end, to: prepare.end + pie.cook }] : [],
  );

/** A dish is taken from lining until packing; a shell stays in its dish until it is filled. */
function inDishes({ task }: PlanIndex, pies: readonly CompletePie[]): Map<string, Span[]> {
  const dishes = new Map<string, Span[]>();
  for (const { pie, line, build, pack } of pies) {
    if (pie.dish === null) continue;
    const filled = pie.shellOf === undefined ? undefined : task('build', pie.shellOf);
    const taken = { from: (line ?? build).start, to: filled?.start ?? pack.end };
    dishes.set(pie.dish, [...(dishes.get(pie.dish) ?? []), taken]);
  }
  return dishes;
}

/**
 * What there is too little of: places, rings, dishes, mixers.
 * @param index of the plan
 * @param pies those of which nothing is missing
 */
export function checkPlaces(index: PlanIndex, pies: readonly CompletePie[]): string[] {
  const { kitchen } = index.day;
  const mixing = index.plan.tasks
    .filter(({ kind }) => kind === 'mix')
    .map(({ start, end }) => ({ from: start, to: end }));
  const rack = pies.map(({ out, pack }) => ({ from: out.start, to: pack.start }));
  return broken([
    [mostAtOnce(inFridge(index, pies)) <= kitchen.fridgePlaces, 'the fridge is too full'],
    [mostAtOnce(rack) <= kitchen.rackPlaces, 'the rack is too full'],
    [mostAtOnce(onHob(pies)) <= kitchen.hobRings, 'the hob is too full'],
    ...[...inDishes(index, pies)].map(
      ([dish, spans]) =>
        [mostAtOnce(spans) <= (kitchen.dishes[dish] ?? 0), `there are too few of ${dish}`] as const,
    ),
    [kitchen.mixers === 0 || mostAtOnce(mixing) <= kitchen.mixers, 'too much is mixed at once'],
  ]);
}
