import type { DayTask } from '../model/index.js';
import type { PlanIndex, CompletePie } from './plan-index.js';
import { broken } from './plan-index.js';

type Rule = readonly [holds: boolean, said: string];

const lengthMin = (task: DayTask | undefined): number => (task ? task.end - task.start : 0);

/** Each task lasts as long as its pie says. */
const durations = ({ workMin }: PlanIndex, { pie, prepare, line, build, pack }: CompletePie): Rule[] =>
  Object.entries({ prepare, line, build, pack } as const).map(([kind, task]) => [
    (task ? workMin(task) : 0) === pie[kind as 'prepare' | 'line' | 'build' | 'pack'],
    `${kind} of ${pie.id} lasts another time than it takes`,
  ]);

/** Taking out takes hands, but of pies that are out at one minute by the same hands one only. */
function unloading({ day, task }: PlanIndex, { pie, out, run, outMin }: CompletePie): Rule[] {
  const { loadMin } = day.kitchen;
  const comesAlong = run.pies.some(({ pie: id, out: minute }) => {
    const other = id === pie.id ? undefined : task('out', id);
    return minute === outMin && other?.hands === out.hands && lengthMin(other) === loadMin;
  });
  const takesMin = lengthMin(out);
  return [
    [
      takesMin === loadMin || (takesMin === 0 && comesAlong),
      `${pie.id} is taken out in another time than it takes`,
    ],
    [out.start === run.start + outMin, `${pie.id} is taken out at another minute than its run says`],
  ];
}

/** Fruit, base and built pie wait as long as they must, and no longer than they may. */
function waits({ pie, prepare, line, build, run }: CompletePie): Rule[] {
  const fruitMin = prepare ? build.start - prepare.end - pie.cook : null;
  const baseMin = line ? build.start - line.end : null;
  const builtMin = run.start - build.end;
  return [
    [fruitMin === null || fruitMin >= 0, `${pie.id} is built before its fruit is ready`],
    [fruitMin === null || fruitMin <= pie.fruitMost, `the fruit of ${pie.id} waits ${fruitMin} minutes`],
    [baseMin === null || baseMin >= pie.baseChill, `the base of ${pie.id} is not cold`],
    [baseMin === null || baseMin <= pie.lineMost, `the base of ${pie.id} waits too long`],
    [builtMin >= pie.lastChill, `${pie.id} goes in too soon`],
    [builtMin <= pie.lastMost, `${pie.id} waits ${builtMin} minutes for its oven`],
  ];
}

/** It is cold when it is packed, warm where that was promised, and late only where the plan says so. */
function promises({ plan }: PlanIndex, { pie, out, pack }: CompletePie): Rule[] {
  const lateMin = Math.max(0, pack.end - pie.ready.at);
  const saidMin = plan.late.find(({ pie: id }) => id === pie.id)?.byMin ?? 0;
  return [
    [pack.start >= out.start + pie.cool, `${pie.id} is packed before it has cooled`],
    [saidMin === lateMin, `${pie.id} is late by ${lateMin}, and that is not said`],
    [
      pie.warm === null || lateMin > 0 || pie.ready.at - out.start <= pie.warm,
      `${pie.id} is cold by its hour`,
    ],
  ];
}

/** A shell is baked before the pie that it belongs to is filled. */
function shell({ task }: PlanIndex, { pie, pack }: CompletePie, itsShell: string | undefined): Rule[] {
  const filled = pie.shellOf === undefined ? undefined : task('build', pie.shellOf);
  return [
    [
      pie.shellOf === undefined || (filled !== undefined && filled.start >= pack.end),
      `${pie.shellOf} is filled before its shell is baked`,
    ],
    [
      itsShell === undefined || task('pack', itsShell) !== undefined,
      `${pie.id} has no shell to be filled into`,
    ],
  ];
}

/** Its dough is mixed, and has rested. */
function doughRest({ day, task, batch }: PlanIndex, { pie, line, build }: CompletePie): Rule[] {
  const rule = pie.dough === null ? null : day.doughs[pie.dough];
  if (!rule) return [];
  const mixed = batch(pie.id);
  const mix = mixed && task('mix', mixed.id);
  const restMin = (line ?? build).start - (mix?.end ?? 0);
  return [
    [mixed?.dough === pie.dough && mix !== undefined, `no dough is mixed for ${pie.id}`],
    [
      restMin >= rule.chillLeast && restMin <= rule.chillMost,
      `the dough of ${pie.id} rests ${restMin} minutes`,
    ],
  ];
}

/**
 * The rules that a single pie breaks.
 * @param index of the plan
 * @param complete the pie with its tasks
 * @param itsShell id of the shell that it is filled into, where it has one
 */
export const checkPie = (index: PlanIndex, complete: CompletePie, itsShell: string | undefined): string[] =>
  broken([
    ...durations(index, complete),
    ...unloading(index, complete),
    ...waits(complete),
    ...promises(index, complete),
    ...shell(index, complete, itsShell),
    ...doughRest(index, complete),
  ]);
