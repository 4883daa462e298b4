import type { DayBatch, Day, DayPlan, DayTask, Worker } from '../model/index.js';
import { batchMixMin, shellIds, skillFor } from '../model/index.js';
import { checkOvens } from './check-ovens.js';
import { checkPie } from './check-pie.js';
import { checkPlaces, mostAtOnce } from './check-places.js';
import type { PlanIndex } from './plan-index.js';
import { broken, indexPlan, isInterruption, completePie } from './plan-index.js';

/** Somebody does a task in their hours, out of their breaks, and can do it. */
function checkTask({ id, kind, start, end, hands }: DayTask, { earliest, kitchen }: Day): string[] {
  const worker = kitchen.hands.find((known) => known.id === hands);
  if (!worker) return [`${id}: nobody is called ${hands}`];
  return broken([
    [start >= earliest, `${id} begins before the earliest hour`],
    [start >= worker.from && end <= worker.to, `${id} lies outside the hours of ${hands}`],
    [!worker.breaks.some(([a, b]) => start < b && end > a), `${id} lies in a break of ${hands}`],
    [worker.skills === null || worker.skills.includes(skillFor[kind]), `${hands} cannot do ${id}`],
  ]);
}

/** Nobody does two things at once; what is taken out of an oven interrupts bench work. */
function checkWorker({ id }: Worker, plan: DayPlan): string[] {
  const its = plan.tasks.filter(({ hands }) => hands === id);
  const spans = its
    .filter((task) => task.kind !== 'out' || !isInterruption(plan, task))
    .map(({ start, end }) => ({ from: start, to: end }));
  return broken([[mostAtOnce(spans) <= 1, `${id} does two things at once`]]);
}

function checkBatch(batch: DayBatch, { day, task, workMin }: PlanIndex): string[] {
  const rule = day.doughs[batch.dough];
  const mix = task('mix', batch.id);
  if (!rule || !mix) return [`${batch.id}: it is not mixed`];
  return broken([
    [batch.pies.length <= rule.most, `${batch.id} is too large`],
    [workMin(mix) === batchMixMin(rule, batch.pies.length), `${batch.id} takes another time to mix`],
  ]);
}

/**
 * Everything in which a plan breaks the rules of its day; nothing is known here of how it was found.
 * @param day worked out
 * @param plan of anybody
 * @returns one sentence a broken rule; empty for a plan that can be worked
 * @example checkPlan(day, plan)
 */
export function checkPlan(day: Day, plan: DayPlan): string[] {
  const index = indexPlan(day, plan);
  const names = new Set(plan.tasks.map(({ id }) => id));
  const wanted = day.pies.filter(({ id }) => !plan.leftOut.includes(id));
  const complete = wanted.flatMap((pie) => completePie(index, pie) ?? []);
  const whole = new Set(complete.map(({ pie }) => pie));
  const shells = shellIds(day);
  return [
    ...broken([[names.size === plan.tasks.length, 'two tasks have the same name']]),
    ...plan.tasks.flatMap((task) => checkTask(task, day)),
    ...day.kitchen.hands.flatMap((worker) => checkWorker(worker, plan)),
    ...wanted.filter((pie) => !whole.has(pie)).map(({ id }) => `${id}: something of it is missing`),
    ...complete.flatMap((one) => checkPie(index, one, shells.get(one.pie.id))),
    ...plan.batches.flatMap((batch) => checkBatch(batch, index)),
    ...checkPlaces(index, complete),
    ...checkOvens(index),
  ];
}
