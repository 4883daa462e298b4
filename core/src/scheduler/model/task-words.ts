import { builtInLarder } from '../../larder/index.js';
import type { Day, DayPlan, DayTask } from './day.js';
import { unloadGroupWith } from './unload-groups.js';

/** What is mixed, and for how many; for one pie, for which. */
function mixWords(day: Day, { batches }: DayPlan, id: string): string {
  const { dough = '', pies = [] } = batches.find((batch) => batch.id === id) ?? {};
  const name = builtInLarder.doughs.get(dough)?.label.toLowerCase() ?? dough;
  const [one = '', ...others] = pies;
  const what = others.length === 0 ? pieName(day, one) : `${pies.length} pies`;
  return `Mix ${name} dough for ${what}`;
}

/**
 * A task in a baker's words, with all that is done at the same go.
 * @param day worked out
 * @param plan that it stands in
 * @param task of the plan
 * @returns what to do
 * @example taskWords(day, plan, task)
 */
export function taskWords(day: Day, plan: DayPlan, task: DayTask): string {
  const { kind, of } = task;
  const pie = day.pies.find(({ id }) => id === of);
  const name = pie ? pieName(day, pie.id) : of;
  const isShell = pie?.shellOf !== undefined;
  // A day that was kept before such pies were has no word of it.
  const filledAfter = typeof pie?.sets === 'number';
  switch (kind) {
    case 'mix':
      return mixWords(day, plan, of);
    case 'prepare':
      return `Fruit for ${name}`;
    case 'line':
      return `Roll and line ${name}`;
    case 'build':
      if (filledAfter || isShell) return `Paper and weights into ${name}`;
      return day.pies.some(({ shellOf }) => shellOf === of) ? `Fill ${name}` : `Fill and close ${name}`;
    case 'load': {
      const run = plan.runs.find(({ id }) => id === of);
      return `Into the ${run?.oven ?? 'oven'}: ${run?.pies.map((one) => pieName(day, one.pie)).join(', ') ?? ''}`;
    }
    case 'out':
      return `Out of the oven: ${unloadGroupWith(plan, task)
        .map((one) => pieName(day, one.of))
        .join(', ')}`;
    case 'pack':
      if (isShell) return `Patch and seal ${name}`;
      return filledAfter ? `Fill ${name}` : `Pack ${name}`;
  }
}

/**
 * Whether a task is work on one pie: on it alone, or on what it is mixed or baked with.
 * @param plan that the task stands in
 * @param task of the plan
 * @param pie id of the pie
 * @returns whether it is
 * @example isWorkOn(plan, task, 'damson-1')
 */
export const isWorkOn = ({ batches, runs }: DayPlan, { of }: DayTask, pie: string): boolean =>
  of === pie ||
  batches.some(({ id, pies }) => id === of && pies.includes(pie)) ||
  runs.some(({ id, pies }) => id === of && pies.some((one) => one.pie === pie));

/**
 * What a pie is called among the others of its day.
 * @param day worked out
 * @param id of the pie
 * @returns its name, with its number where there are several
 * @example pieName(day, 'damson-2')
 */
export function pieName({ pies }: Pick<Day, 'pies'>, id: string): string {
  const pie = pies.find((one) => one.id === id);
  if (!pie) return id;
  if (pie.shellOf !== undefined) return `the shell of ${pieName({ pies }, pie.shellOf)}`;
  const alike = pies.filter(({ label, shellOf }) => label === pie.label && shellOf === undefined);
  return alike.length === 1 ? pie.label : `${pie.label} ${alike.indexOf(pie) + 1}`;
}

/**
 * A programme in words.
 * @param heat first heat in C, minutes, second heat in C
 * @param degrees how to say a temperature
 * @returns both heats, or the one
 * @example heatWords([210, 15, 180], (tempC) => `${tempC} °C`) // '210 °C for 15 min, then 180 °C'
 */
export const heatWords = (
  [firstC, firstMin, secondC]: readonly [number, number, number],
  degrees: (tempC: number) => string,
): string =>
  firstC === secondC
    ? `${degrees(firstC)} all through`
    : `${degrees(firstC)} for ${firstMin} min, then ${degrees(secondC)}`;
