import type { Bake } from '../../bake/index.js';
import { preparations } from '../../filling/index.js';
import type { ChillPlace, PieSpec } from '../../schema/index.js';
import { beforeOven, FROZEN_C } from './before-oven.js';
import { fillWork, fruitWork, preparationWork, topWork } from './clock-words.js';
import { servingRule, FILL_MIN, filledColdMin } from './serving.js';
import { larderRow } from '../../larder/index.js';
import type { BakedContext } from './context.js';

type StepKind = 'hands' | 'wait' | 'oven' | 'cool';

/** One step of the clock; minutes from the first touch. */
export interface ClockStep {
  readonly id: string;
  readonly label: string;
  readonly kind: StepKind;
  readonly startMin: number;
  readonly endMin: number;
  /** It can be done the day before, and kept in the cold. */
  readonly dayBefore?: true;
}

/** Minutes of hands for the common steps. Common practice, no source. */
const handsMin = { mix: 15, roll: 12, fill: FILL_MIN } as const;
const CHILL_BASE_MIN = 20;
/** Thawing a frozen shell. Common practice, no source. */
const THAW_MIN = 15;

/** Adds steps one after the other; `ahead` can be done the day before. */
function stepper(ahead: ReadonlySet<string>): { readonly steps: ClockStep[]; readonly add: AddStep } {
  const steps: ClockStep[] = [];
  const add: AddStep = (id, label, kind, startMin, lasts) => {
    const end = startMin + Math.round(lasts);
    const step = { id, label, kind, startMin, endMin: end };
    steps.push(ahead.has(id) ? { ...step, dayBefore: true } : step);
    return end;
  };
  return { steps, add };
}

type AddStep = (id: string, label: string, kind: StepKind, startMin: number, lasts: number) => number;

/** Steps that keep a night in the cold: dough, a lined dish, a filling that was cooked, a shell that was baked. Common practice, no source. */
function doneAhead({ spec }: BakedContext): ReadonlySet<string> {
  const frozen = spec.bake.startC <= FROZEN_C;
  const cooked = preparations[spec.filling.preparation.kind].heldAtC !== null;
  return new Set([
    'mix',
    'chill_dough',
    'line',
    'chill_base',
    ...(cooked || frozen ? ['prepare', 'preparation'] : []),
    ...(frozen ? ['topping', 'fill', 'lid', 'last_chill', 'thaw_pie'] : []),
    'preheat_blind',
    'blind_stage1',
    'blind_stage2',
    'cool_shell',
  ]);
}

/** A disc that was bought rolled. */
const isBoughtDisc = ({ pastry }: PieSpec): boolean =>
  pastry.doughFrom === 'bought' && pastry.boughtDiscCm !== undefined;

/** Dough is mixed for this pie. */
const mixesDough = ({ pastry }: PieSpec): boolean => (pastry.doughFrom ?? 'mixed') === 'mixed';
/** Ready dough loses its chill before it is rolled. Common practice, no source. */
const DOUGH_OUT_MIN = 10;

/** Dough mixed and rested, the base rolled and cold; minutes at which it is ready. */
function pastryReady({ spec, larder, form, build }: BakedContext, cutMin: number, add: AddStep): number {
  const { lined, filled } = form;
  if (build.dough.massG <= 0) {
    return lined && spec.pastry.base === 'frozen'
      ? add('thaw', 'Shell out of the freezer', 'wait', cutMin, THAW_MIN)
      : cutMin;
  }
  const { chillLeastMin } = larderRow(larder.doughs, spec.pastry.dough);
  const chilled = mixesDough(spec)
    ? add(
        'chill_dough',
        'Dough rests in the cold',
        'wait',
        add('mix', 'Rub in, mix, press together', 'hands', 0, handsMin.mix),
        chillLeastMin,
      )
    : add('dough_out', 'Dough out of the cold', 'wait', Math.max(0, cutMin - DOUGH_OUT_MIN), DOUGH_OUT_MIN);
  const free = Math.max(chilled, cutMin);
  if (!build.base) return free;
  const flat = larderRow(larder.materials, spec.dish.material).brittle;
  const label =
    filled === 'sheet'
      ? 'Roll the disc onto its paper'
      : flat
        ? 'Roll the base onto paper'
        : isBoughtDisc(spec)
          ? 'Unroll the disc, line the dish'
          : 'Roll the base, line the dish';
  const rolled = add('line', label, 'hands', free, handsMin.roll);
  const cold =
    filled === 'sheet'
      ? 'Disc in the cold'
      : flat
        ? 'Base in the cold, out of its dish'
        : 'Lined dish in the cold';
  return add('chill_base', cold, 'wait', rolled, CHILL_BASE_MIN);
}

const blindWeights = ({ interventions }: Bake): number => interventions.weightsMin;
const shellInWords = (shell: Bake): string =>
  blindWeights(shell) > 0 ? 'Empty shell in, paper and weights in it' : 'Empty shell in, pricked';

/** Stages, one line where both are alike. */
function ovenSteps(prefix: string, bake: Bake, fromMin: number, add: AddStep): number {
  const [first, second] = bake.stages;
  if (first.tempC === second.tempC) {
    const label = prefix === '' ? 'In the oven, one temperature' : shellInWords(bake);
    return add(`${prefix}stage1`, label, 'oven', fromMin, bake.outMin);
  }
  const lowered = add(`${prefix}stage1`, 'First stage, hot', 'oven', fromMin, first.timeMin);
  return add(`${prefix}stage2`, 'Second stage, lower', 'oven', lowered, second.timeMin);
}

const chilledIn: Readonly<Record<ChillPlace, string>> = { fridge: 'fridge', freezer: 'freezer' };

/** What comes between building and oven: the wait in the cold that was said, or the bench for a dish that must not be cold. */
function waitsBefore(context: BakedContext, fromMin: number, add: AddStep): number {
  const { chill, thawMin, benchMin } = beforeOven(context);
  const frozen = context.spec.bake.startC <= FROZEN_C;
  let readyMin = fromMin;
  if (chill) {
    const label = `Pie in the ${chilledIn[chill.place]}${frozen ? ' until it is hard through' : ''}`;
    readyMin = add('last_chill', label, 'wait', readyMin, chill.minutes);
  }
  if (thawMin > 0) readyMin = add('thaw_pie', 'Thaws in the fridge, in its dish', 'wait', readyMin, thawMin);
  if (benchMin > 0)
    readyMin = add('bench', 'On the bench until the dish is no longer cold', 'wait', readyMin, benchMin);
  return readyMin;
}

/** Without a bake the clock stops when the pie goes in. */
export function makeClock(context: BakedContext): ClockStep[] {
  const { spec, form, filling, build, bake } = context;
  const { steps, add } = stepper(doneAhead(context));
  const preparation = preparations[spec.filling.preparation.kind];
  const { topMin } = form;
  const toppingMin = form.toppingMin(spec.form);
  const filledCold = form.filledCold(spec.filling);
  const warmUp = spec.bake.oven.warmUpMin;
  const fruitMin = filling.batch.fruits.reduce(
    (sum, { fruit, massG, part }) =>
      sum + (part.state === 'fresh' ? (fruit.prepareMinPerKg * massG) / 1000 : 1),
    4,
  );
  const cutFrom = build.dough.massG > 0 && mixesDough(spec) ? handsMin.mix : 0;
  const cut = add('prepare', fruitWork(context), 'hands', cutFrom, fruitMin);
  const waits =
    (spec.filling.preparation.minutes ?? preparation.minutes) + preparation.boilMin + preparation.coolMin;
  const ready = waits > 0 ? add('preparation', preparationWork(context), 'wait', cut, waits) : cut;
  const lined = pastryReady(context, cut, add);
  if (filledCold || bake?.blind) {
    const shell = filledCold ? bake : bake?.blind;
    add('preheat_blind', 'Oven on', 'oven', Math.max(0, lined - warmUp), warmUp);
    const inMin = Math.max(lined, warmUp);
    const baked = shell ? ovenSteps('blind_', shell, inMin, add) : lined;
    if (shell && blindWeights(shell) > 0)
      add('weights_out', 'Lift paper and weights out', 'hands', inMin + blindWeights(shell), 1);
    if (filledCold) {
      const cooled = add('cool_shell', 'Shell cools on a rack', 'cool', baked, filledColdMin.shellCools);
      const filled = add(
        'fill',
        'Fold fruit into the glaze, fill',
        'hands',
        Math.max(cooled, ready),
        handsMin.fill,
      );
      add('set_cold', 'Sets in the cold', 'cool', filled, filledColdMin.sets);
      return inOrder(steps);
    }
    const filled = add(
      'fill',
      'Toss the filling, fill the shell',
      'hands',
      Math.max(baked, ready),
      handsMin.fill,
    );
    return finishClock(context, filled, steps, add);
  }
  const mixed =
    toppingMin > 0
      ? add('topping', 'Mix the topping', 'hands', Math.max(lined, ready), toppingMin)
      : Math.max(lined, ready);
  const filled = add('fill', fillWork(context), 'hands', mixed, handsMin.fill);
  const lidded = add('lid', topWork(context), 'hands', filled, topMin);
  // Where all else is quick the oven is what it waits for.
  const intoOven = Math.max(waitsBefore(context, lidded, add), warmUp);
  add('preheat', 'Oven on', 'oven', Math.max(0, intoOven - warmUp), warmUp);
  return finishClock(context, intoOven, steps, add);
}

/** Hands that break, press or turn something half way through. */
const MID_BAKE_MIN = 2;

function finishClock(context: BakedContext, fromMin: number, steps: ClockStep[], add: AddStep): ClockStep[] {
  const { spec, form, bake } = context;
  if (!bake) return inOrder(steps);
  const out = ovenSteps('', bake, fromMin, add);
  const { hotSide = 'none' } = spec.bake.oven;
  if (hotSide !== 'none' || form.turned) {
    const why = hotSide === 'none' ? 'half way round' : `round: this oven is hotter at its ${hotSide}`;
    add('turn', `Turn the pie ${why}`, 'hands', fromMin + bake.turnMin, 1);
  }
  if (bake.foilMin !== null) add('foil', 'Loose foil over the top', 'hands', fromMin + bake.foilMin, 1);
  if (form.midBakeWork) {
    add('mid_bake', form.midBakeWork, 'hands', fromMin + Math.round(bake.outMin / 2), MID_BAKE_MIN);
  }
  const { waits, fridgeMin, ready } = servingRule(context);
  const readyMin = ready(bake.cooling, form.turnedOutMin);
  if (readyMin !== null) {
    const cooled = add('cool', waits, 'cool', out, readyMin);
    if (fridgeMin > 0) add('fridge', 'In the fridge until it is cold through', 'cool', cooled, fridgeMin);
  }
  return inOrder(steps);
}

const inOrder = (steps: readonly ClockStep[]): ClockStep[] =>
  [...steps].sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin);

/**
 * Minutes from the first touch to the last step's end.
 * @param steps `plan.clock`
 * @returns min
 * @example clockLength(plan.clock)
 */
export const clockLength = (steps: readonly ClockStep[]): number =>
  steps.reduce((latest, step) => Math.max(latest, step.endMin), 0);
