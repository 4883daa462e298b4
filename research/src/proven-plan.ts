import type { Day, DayPlan, DayTask, BakeProgramme, TaskKind } from '@mardle/core';
import { taskId, batchMixMin, scorePlan } from '@mardle/core';
import { columnsOf, GRID_MIN } from './columns.js';

/** What a solver found: the variables that are 1, by name. */
export type Chosen = ReadonlySet<string>;

/** First letters of the rows that tell when work of a pie has begun. */
const rows = { prepare: 'f', line: 'n', build: 'b', pack: 'p' } as const;

/** The plan that an answer to a day's programme stands for, with hands given out as they come free. */
// eslint-disable-next-line max-lines-per-function -- reads back the variables of one programme
export function provenPlan(day: Day, chosen: Chosen): DayPlan {
  const { kitchen, pies } = day;
  const stepsOf = new Map<string, number>();
  for (const name of chosen) {
    const cut = name.lastIndexOf('_');
    const step = Number(name.slice(cut + 1));
    const row = name.slice(0, cut);
    stepsOf.set(row, Math.min(step, stepsOf.get(row) ?? Infinity));
  }
  const minuteOf = (row: string): number | undefined => {
    const step = stepsOf.get(row);
    return step === undefined ? undefined : step * GRID_MIN;
  };
  const work: Omit<DayTask, 'hands'>[] = [];
  const add = (kind: TaskKind, of: string, start: number, lasts: number): void => {
    work.push({ id: taskId(kind, of), kind, of, start, end: start + lasts });
  };
  /** What comes out at one go with another pie is taken out by the same hands. */
  const alongWith = new Map<string, string>();
  const runs = columnsOf(day).flatMap((column) => {
    const start = minuteOf(`x${column.name}`);
    if (start === undefined) return [];
    const id = `run-${column.name}`;
    add('load', id, start, kitchen.loadMin);
    const heat: BakeProgramme = column.way.heat;
    const baked = column.pies.map((i, k) => ({
      pie: pies[i]!.id,
      out: column.outs[k]! * GRID_MIN,
      foil: null,
    }));
    baked.forEach(({ pie, out }) => {
      const first = baked.find((other) => other.out === out)?.pie ?? pie;
      add('out', pie, start + out, first === pie ? kitchen.loadMin : 0);
      if (first !== pie) alongWith.set(taskId('out', pie), taskId('out', first));
    });
    return [{ id, oven: column.oven.id, heat, start, pies: baked }];
  });
  for (const [kind, letter] of Object.entries(rows) as [keyof typeof rows, string][]) {
    pies.forEach((pie, i) => {
      const start = minuteOf(`${letter}${i}`);
      if (start !== undefined) add(kind, pie.id, start, pie[kind]);
    });
  }
  const batches = Object.entries(day.doughs).flatMap(([dough, rule]) =>
    [...stepsOf]
      .filter(([row]) => row.startsWith(`y${dough}`))
      .map(([row, step], k) => {
        const id = `${dough}-${k}`;
        const of = row
          .slice(1 + dough.length)
          .split('_')
          .map(Number);
        add('mix', id, step * GRID_MIN, batchMixMin(rule, of.length));
        return { id, dough, pies: of.map((i) => pies[i]!.id) };
      }),
  );
  const free = new Map(kitchen.hands.map(({ id, from }) => [id, from]));
  const given = work
    .sort((a, b) => a.start - b.start)
    .map((task): DayTask => {
      if (alongWith.has(task.id)) return { ...task, hands: '' };
      const hands = [...free].find(([, at]) => at <= task.start)?.[0];
      if (hands === undefined) throw new Error(`nobody is there for ${task.id}`);
      free.set(hands, task.end);
      return { ...task, hands };
    });
  const handsOf = new Map(given.map(({ id, hands }) => [id, hands]));
  const tasks = given.map((task) => ({
    ...task,
    hands: handsOf.get(alongWith.get(task.id) ?? task.id) ?? '',
  }));
  return {
    format: 'mardle-day-plan',
    version: 1,
    tasks,
    runs,
    batches,
    late: [],
    leftOut: [],
    score: scorePlan(day, { tasks, runs, batches }),
  };
}
