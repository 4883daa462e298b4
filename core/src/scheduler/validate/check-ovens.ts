import type { Worker } from '../model/index.js';
import { batchTimes, isSameProgramme, turnoverMin, unloadTimes } from '../model/index.js';
import type { PlanIndex } from './plan-index.js';

/** Whether somebody who can see to an oven is in the kitchen, busy or not. */
const isThere = (hands: readonly Worker[], minute: number): boolean =>
  hands.some(
    ({ from, to, breaks, skills }) =>
      minute >= from &&
      minute < to &&
      !breaks.some(([a, b]) => minute >= a && minute < b) &&
      (skills === null || skills.includes('oven')),
  );

/** The runs as their ovens have them: loaded, in their places, seen to, at their heat. */
export function checkOvens({ day, plan, task, workMin }: PlanIndex): string[] {
  const { kitchen } = day;
  const wrong: string[] = [];
  const pieOf = new Map(day.pies.map((pie) => [pie.id, pie]));
  for (const run of plan.runs) {
    const oven = kitchen.ovens.find(({ id }) => id === run.oven);
    const load = task('load', run.id);
    if (!oven || !load) {
      wrong.push(`${run.id} has no oven or is not loaded`);
      continue;
    }
    if (load.start !== run.start) wrong.push(`${run.id} is loaded at another minute`);
    if (workMin(load) !== kitchen.loadMin) wrong.push(`${run.id} is loaded in another time than it takes`);
    if (run.pies.length > oven.places) wrong.push(`${run.id} has too many pies for ${oven.id}`);
    for (const minute of batchTimes(run.heat, run.pies)) {
      if (!isThere(kitchen.hands, run.start + minute))
        wrong.push(`nobody is there to see to ${run.id} after ${minute} minutes`);
    }
    if (run.start < day.earliest + oven.warmUpMin) wrong.push(`${run.id} begins before ${oven.id} is hot`);
    const alone = run.pies.map(
      ({ pie }) =>
        pieOf.get(pie)?.ways[run.oven]?.find(({ heat }) => isSameProgramme(heat, run.heat))?.out ?? NaN,
    );
    unloadTimes(oven, kitchen.doorMin, alone).forEach((out, k) => {
      if (run.pies[k]!.out !== out) wrong.push(`${run.pies[k]!.pie} does not bake right in ${run.id}`);
    });
  }
  for (const oven of kitchen.ovens) {
    const runs = plan.runs.filter((run) => run.oven === oven.id).sort((a, b) => a.start - b.start);
    for (let r = 1; r < runs.length; r++) {
      const before = runs[r - 1]!;
      const ends = before.start + Math.max(...before.pies.map(({ out }) => out));
      if (runs[r]!.start < ends + turnoverMin(oven, before.heat, runs[r]!.heat)) {
        wrong.push(`${runs[r]!.id} begins before ${oven.id} has come to its heat`);
      }
    }
  }
  return wrong;
}
