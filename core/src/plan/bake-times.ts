import type { BakeEventKind, BakeTimes, DoneSign } from '../bake/index.js';
import { turnAt } from '../bake/index.js';
import type { SeenDone } from '../forms/index.js';
import { formOf } from '../forms/index.js';
import type { PiePlan } from './plan.js';

/** A skewer is tried so long before the end, min. Common practice, no source. */
const SKEWER_BEFORE_MIN = 5;

/** What can be tapped beside the stages, by what shows that a pie is done. */
const tapsWhenSeen: Readonly<Record<SeenDone, readonly BakeEventKind[]>> = {
  bubbles: ['turned', 'bubbling', 'tender', 'colour_golden', 'foil_on', 'door_opened'],
  skewer: ['turned', 'tender', 'colour_golden', 'foil_on', 'door_opened'],
  colour: ['turned', 'colour_golden', 'foil_on', 'door_opened'],
};

/** An empty shell is asked nothing of a filling. */
const shellTaps: readonly BakeEventKind[] = ['turned', 'colour_pale', 'foil_on', 'door_opened'];
const SHELL_LOOK = 'Look: dry and pale gold?';

function doneSignFor({ spec, bake }: PiePlan, isShell: boolean): DoneSign | null {
  if (!bake) return null;
  if (isShell) return { label: SHELL_LOOK, kind: 'colour_pale', dueMin: bake.events.colouredMin };
  const { seenDone, lookWords: label } = formOf(spec.form.kind);
  switch (seenDone) {
    case 'bubbles':
      return { label, kind: 'bubbling', dueMin: bake.events.edgeBubblingMin };
    case 'skewer':
      return { label, kind: 'tender', dueMin: Math.max(0, bake.outMin - SKEWER_BEFORE_MIN) };
    case 'colour':
      return { label, kind: 'colour_golden', dueMin: bake.events.goldenMin };
  }
}

/**
 * When hands are due at a pie in the oven, as its plan has it.
 * @param plan of `planPie`, or of `draftPlan` as long as its bake is not worked out
 * @param stages that it was loaded with
 * @returns minutes from loading
 * @example bakeTimes(plan, plan.bake.stages).sign?.label
 */
export function bakeTimes(plan: PiePlan, stages: BakeTimes['stages']): BakeTimes {
  const { bake, work, figures, eaten } = plan;
  const isShell = work.body.filling === null;
  const weightsMin = isShell && work.weightsMin > 0 ? work.weightsMin : null;
  const sign = doneSignFor(plan, isShell);
  const taps = isShell ? shellTaps : tapsWhenSeen[formOf(plan.spec.form.kind).seenDone];
  return {
    stages,
    turnMin: bake?.turnMin ?? turnAt(stages),
    foilMin: bake?.foilMin ?? null,
    weightsMin,
    sign: sign?.dueMin === null ? null : sign,
    taps: weightsMin === null ? taps : ['weights_out', ...taps],
    coolMin: bake ? (figures['cool.ready']?.value ?? bake.cooling.sliceMin) : null,
    then: eaten.then,
  };
}
