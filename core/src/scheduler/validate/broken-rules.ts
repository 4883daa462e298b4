import { checkPlan } from './check-plan.js';
import type { Day, DayPlan, TaskKind } from '../model/index.js';
import { pieName, taskKinds } from '../model/index.js';
import type { Actuals } from '../timetable/index.js';

/** A pie that stays in the oven beyond its minute, because nobody is free to take it out. */
export interface Overbaked {
  readonly pie: string;
  readonly byMin: number;
}

/** A minute or two at the oven door harm nobody. */
const HARMLESS_MIN = 2;

/**
 * Pies that stay in beyond their minute in a day as it would go.
 * @param plan as it was
 * @param next as it would go
 * @param happened what made it so: a pie that was given longer on purpose is not forgotten
 * @returns pies with their minutes too many
 * @example overbaked(plan, rightShift(day, plan, happened), happened)
 */
export function overbaked(plan: DayPlan, next: DayPlan, happened: Actuals = {}): Overbaked[] {
  const meant = new Map(plan.runs.flatMap(({ pies }) => pies.map(({ pie, out }) => [pie, out] as const)));
  return next.runs.flatMap(({ pies }) =>
    pies.flatMap(({ pie, out }): Overbaked[] => {
      const byMin = out - (happened.outs?.get(pie) ?? meant.get(pie) ?? out);
      return byMin > HARMLESS_MIN ? [{ pie, byMin }] : [];
    }),
  );
}

const doing: Readonly<Record<TaskKind, string>> = {
  mix: 'mixing',
  prepare: 'the fruit for',
  line: 'lining',
  build: 'filling',
  load: 'loading',
  out: 'taking out',
  pack: 'packing',
};

/** Sentences of the checker with the names that bakers know. */
export function inNames(day: Day, said: string): string {
  const text = taskKinds.reduce((all, kind) => all.replaceAll(`${kind}:`, `${doing[kind]} `), said);
  return [...day.pies]
    .sort((a, b) => b.id.length - a.id.length)
    .reduce((all, { id }) => all.replaceAll(id, pieName(day, id)), text);
}

/** What slips lasts longer and bakes longer by itself: that is what was told, or is told as minutes too many. */
const TOLD_OTHERWISE =
  /lasts another time|takes another time|in another time than it takes|does not bake right/;

/**
 * What would be wrong with a day as it would go that was right before: pies left in past their minute, people kept past their
 * hours, whatever the checker of days finds; in words for the baker.
 * @param day worked out
 * @param plan as it was
 * @param next as it would go
 * @param happened what made it so
 * @returns sentences; empty when only hours move
 * @example brokenRules(day, plan, rightShift(day, plan, happened), happened)
 */
export function brokenRules(day: Day, plan: DayPlan, next: DayPlan, happened: Actuals = {}): string[] {
  const before = new Set(checkPlan(day, plan));
  const burnt = overbaked(plan, next, happened).map(
    ({ pie, byMin }) => `${pieName(day, pie)} stays in the oven ${byMin} minutes too long`,
  );
  const broken = checkPlan(day, next).filter((said) => !before.has(said) && !TOLD_OTHERWISE.test(said));
  return [...burnt, ...broken.map((said) => inNames(day, said))].map(
    (said) => `${said.charAt(0).toUpperCase()}${said.slice(1)}.`,
  );
}
