import type { Timetable } from './capacity-profile.js';
import type { Day, DayPlan, DayTask, TaskKind, OptionTable } from '../model/index.js';
import type { DecodedSolution } from './decoder.js';
import { taskId, scorePlan } from '../model/index.js';

/** What the search found, told in minutes from the day's zero, with names instead of indexes. */
export function toPlan(day: Day, timetable: Timetable, ways: OptionTable, decoded: DecodedSolution): DayPlan {
  const { kitchen, pies } = day;
  const tasks: DayTask[] = [];
  const add = (kind: TaskKind, of: string, start: number, lasts: number, hand: number): void => {
    if (start < 0) return;
    const from = start + timetable.fromMin;
    tasks.push({
      id: taskId(kind, of),
      kind,
      of,
      start: from,
      end: from + lasts,
      hands: kitchen.hands[hand]!.id,
    });
  };
  const inTime = [...decoded.runs].sort((a, b) => a.start - b.start);
  const runs = inTime.map(({ solution, start, outs, loadBy }, r) => {
    const id = `run-${r + 1}`;
    add('load', id, start, kitchen.loadMin, loadBy);
    const heat = ways[solution.oven]![solution.pies[0]!]!.get(solution.heat)?.heat ?? [0, 0, 0];
    return {
      id,
      oven: kitchen.ovens[solution.oven]!.id,
      heat,
      start: start + timetable.fromMin,
      pies: solution.pies.map((i, k) => {
        const { foil = null, turn } = ways[solution.oven]![i]!.get(solution.heat) ?? {};
        return { pie: pies[i]!.id, out: outs[k]!, foil, ...(turn === undefined ? {} : { turn }) };
      }),
    };
  });
  const batches = [...decoded.batches]
    .sort((a, b) => a.start - b.start)
    .map(({ dough, pies: of, start, end, by }, b) => {
      const id = `dough-${b + 1}`;
      add('mix', id, start, end - start, by);
      return { id, dough, pies: of.map((i) => pies[i]!.id) };
    });
  decoded.pies.forEach((placed, i) => {
    const pie = pies[i]!;
    if (placed.run < 0) return;
    if (pie.prepare > 0) add('prepare', pie.id, placed.prepare, pie.prepare, placed.prepareBy);
    if (pie.line > 0) add('line', pie.id, placed.line, pie.line, placed.lineBy);
    add('build', pie.id, placed.build, pie.build, placed.buildBy);
    const { solution, outs } = decoded.runs[placed.run]!;
    const k = solution.pies.indexOf(i);
    // What comes out with another pie takes no more of anybody's time.
    const comesAlong = outs.indexOf(outs[k]!) < k;
    add('out', pie.id, placed.out, comesAlong ? 0 : kitchen.loadMin, placed.outBy);
    add('pack', pie.id, placed.pack, pie.pack, placed.packBy);
  });
  tasks.sort((a, b) => a.start - b.start || a.end - b.end);
  const late = lateIn(day, tasks);
  return {
    format: 'mardle-day-plan',
    version: 1,
    tasks,
    runs,
    batches,
    late,
    leftOut: [],
    score: scorePlan(day, { tasks, runs, batches }),
  };
}

/** Pies that are packed after their hour, and by how much. */
export function lateIn({ pies }: Day, tasks: readonly DayTask[]): DayPlan['late'] {
  const ends = new Map(tasks.flatMap(({ kind, of, end }) => (kind === 'pack' ? [[of, end] as const] : [])));
  return pies.flatMap(({ id, ready }) => {
    const byMin = (ends.get(id) ?? ready.at) - ready.at;
    return byMin > 0 ? [{ pie: id, byMin }] : [];
  });
}
