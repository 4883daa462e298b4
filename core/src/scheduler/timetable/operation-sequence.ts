import type { Day, DayPlan, RunDecision } from '../model/index.js';
import { taskId, programmeKey, shellsByIndex } from '../model/index.js';

/** One thing that is laid: work on a pie, a run of an oven, a mixing of dough. */
export type Operation = (
  | { readonly kind: 'pack' | 'build' | 'prepare' | 'line'; readonly pie: number }
  | { readonly kind: 'run'; readonly run: RunDecision }
  | { readonly kind: 'mix'; readonly dough: string; readonly pies: readonly number[] }
) & {
  /** Where it lay, and where it is to stay as long as it can: its hands, a run's first those that load it, min of the timetable. */
  readonly kept?: { readonly start: number; readonly hands: readonly number[] };
};

/** A day as the order in which its steps are laid, the last one of the day first: what is laid sooner chooses its place sooner. */
export type OperationSequence = readonly Operation[];

function known<T>(of: ReadonlyMap<string, T>, id: string): T {
  const found = of.get(id);
  if (found === undefined) throw new Error(`a plan without ${id}`);
  return found;
}

/** The order in which a plan's steps lie, from its last start back, each where it lies. `fromMin`: at which the timetable begins. */
export function makeOperationSequence(
  day: Day,
  fromMin: number,
  { tasks, runs, batches }: DayPlan,
): OperationSequence {
  const indexOf = new Map(day.pies.map(({ id }, i) => [id, i]));
  const pieOf = (id: string): number => known(indexOf, id);
  const handOf = new Map(day.kitchen.hands.map(({ id }, hand) => [id, hand]));
  const byOf = new Map(tasks.map(({ id, hands }) => [id, known(handOf, hands)]));
  const at = (start: number, ...of: readonly string[]): Operation['kept'] => ({
    start: start - fromMin,
    hands: of.map((task) => known(byOf, task)),
  });
  const batchOf = new Map(batches.map((batch) => [batch.id, batch]));
  const steps = tasks.flatMap(({ id, kind, of, start }): Operation[] => {
    if (kind === 'load' || kind === 'out') return [];
    const kept = at(start, id);
    if (kind !== 'mix') return [{ kind, pie: pieOf(of), kept }];
    const { dough, pies } = known(batchOf, of);
    return [{ kind, dough, pies: pies.map(pieOf), kept }];
  });
  const baked = runs.map(({ id, oven, heat, start, pies }): Operation => {
    const run: RunDecision = {
      oven: day.kitchen.ovens.findIndex((other) => other.id === oven),
      heat: programmeKey({ heat }),
      pies: pies.map(({ pie }) => pieOf(pie)),
      sooner: 0,
    };
    return {
      kind: 'run',
      run,
      kept: at(start, taskId('load', id), ...pies.map(({ pie }) => taskId('out', pie))),
    };
  });
  const startOf = ({ kept }: Operation): number => kept?.start ?? 0;
  const sequence = inOrder(
    day,
    [...steps, ...baked].sort((a, b) => startOf(b) - startOf(a)),
  );
  if (!sequence) throw new Error('a plan whose steps wait for each other');
  return sequence;
}

/**
 * The same steps, each put off until all that must lie before it does: packing, oven, building, then the rest. Null where some
 * wait for each other: a pie in one run with its own shell.
 */
export function inOrder(day: Day, steps: OperationSequence): OperationSequence | null {
  const packed = new Set<number>();
  const baked = new Set<number>();
  const built = new Set<number>();
  const lined = new Set<number>();
  const all = (of: readonly number[], done: ReadonlySet<number>): boolean => of.every((i) => done.has(i));
  const shellOf = shellsByIndex(day);
  const may = (step: Operation): boolean => {
    switch (step.kind) {
      case 'pack':
        // A shell when the pie lies that is filled into it.
        return shellOf[step.pie]! < 0 || built.has(shellOf[step.pie]!);
      case 'run':
        return all(step.run.pies, packed);
      case 'build':
        return baked.has(step.pie);
      case 'prepare':
      case 'line':
        return built.has(step.pie);
      case 'mix':
        return step.pies.every((i) => (day.pies[i]!.line > 0 ? lined : built).has(i));
    }
  };
  const done = (step: Operation): void => {
    if (step.kind === 'pack') packed.add(step.pie);
    if (step.kind === 'run') for (const i of step.run.pies) baked.add(i);
    if (step.kind === 'build') built.add(step.pie);
    if (step.kind === 'line') lined.add(step.pie);
  };
  const ordered: Operation[] = [];
  let waiting: Operation[] = [];
  const lay = (step: Operation): void => {
    ordered.push(step);
    done(step);
  };
  for (const step of steps) {
    if (!may(step)) {
      waiting.push(step);
      continue;
    }
    lay(step);
    for (let more = true; more && waiting.length > 0;) {
      const next = waiting.find(may);
      more = next !== undefined;
      if (!next) break;
      waiting = waiting.filter((other) => other !== next);
      lay(next);
    }
  }
  return waiting.length > 0 ? null : ordered;
}
