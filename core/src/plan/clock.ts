import type { FormKind } from '../build/index.js';
import type { Filling } from '../filling/index.js';
import { preparations } from '../filling/index.js';
import type { Larder } from '../larder/index.js';
import type { Bake } from './bake.js';
import type { PieSpec } from './spec.js';

export type StepKind = 'hands' | 'wait' | 'oven' | 'cool';

/** One step of the clock; minutes from the first touch. */
export interface ClockStep {
  readonly id: string;
  readonly label: string;
  readonly kind: StepKind;
  readonly startMin: number;
  readonly endMin: number;
}

/** Minutes of hands for the common steps. Common practice, no source. */
const handsMin = { mix: 15, roll: 12, fill: 8 } as const;
const topWork: Readonly<Record<FormKind, { readonly label: string; readonly minutes: number }>> = {
  double_crust: { label: 'Lid, crimp, vents, wash', minutes: 12 },
  lattice: { label: 'Cut the strips, weave, crimp, wash', minutes: 25 },
  crumb_top: { label: 'Strew the crumb, loose, to the edge', minutes: 6 },
};
const CHILL_BASE_MIN = 20;
const LAST_CHILL_MIN = 25;

/** Without a bake the clock stops when the pie goes in. */
export function makeClock(spec: PieSpec, filling: Filling, bake: Bake | null, larder: Larder): ClockStep[] {
  const steps: ClockStep[] = [];
  const add = (id: string, label: string, kind: StepKind, startMin: number, lasts: number): number => {
    const end = startMin + Math.round(lasts);
    steps.push({ id, label, kind, startMin, endMin: end });
    return end;
  };
  const dough = larder.doughs.get(spec.pastry.dough);
  const preparation = preparations[spec.filling.preparation.kind];
  const fruitMin = filling.batch.fruits.reduce(
    (sum, { fruit, massG, part }) =>
      sum + (part.state === 'fresh' ? (fruit.prepareMinPerKg * massG) / 1000 : 1),
    4,
  );
  const mixed = add('mix', 'Rub in, mix, press together', 'hands', 0, handsMin.mix);
  const chilled = add('chill_dough', 'Dough rests in the cold', 'wait', mixed, dough?.chillLeastMin ?? 30);
  const cut = add('prepare', 'Wash, stone and cut the fruit', 'hands', mixed, fruitMin);
  const waits =
    (spec.filling.preparation.minutes ?? preparation.minutes) + preparation.boilMin + preparation.coolMin;
  const ready = waits > 0 ? add('preparation', `${preparation.label}, then cool`, 'wait', cut, waits) : cut;
  const lined = add('line', 'Roll the base, line the dish', 'hands', Math.max(chilled, cut), handsMin.roll);
  const cold = add('chill_base', 'Lined dish in the cold', 'wait', lined, CHILL_BASE_MIN);
  const filled = add(
    'fill',
    'Toss the filling, fill, dot with butter',
    'hands',
    Math.max(cold, ready),
    handsMin.fill,
  );
  const { label: topLabel, minutes: topMin } = topWork[spec.form.kind];
  const lidded = add('lid', topLabel, 'hands', filled, topMin);
  const resting = Math.max(LAST_CHILL_MIN, spec.bake.oven.warmUpMin - topMin);
  const intoOven = add('last_chill', 'Pie in the cold while the oven heats', 'wait', lidded, resting);
  add('preheat', 'Oven on', 'oven', intoOven - spec.bake.oven.warmUpMin, spec.bake.oven.warmUpMin);
  if (!bake) return inOrder(steps);
  const lowered = add('stage1', 'First stage, hot', 'oven', intoOven, bake.stages[0].timeMin);
  const out = add('stage2', 'Second stage, lower', 'oven', lowered, bake.stages[1].timeMin);
  if (bake.cooling.sliceMin !== null) add('cool', 'Cool on a rack', 'cool', out, bake.cooling.sliceMin);
  return inOrder(steps);
}

const inOrder = (steps: readonly ClockStep[]): ClockStep[] =>
  [...steps].sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin);

/** Minutes from the first touch to the last step's end. */
export const clockLength = (steps: readonly ClockStep[]): number =>
  steps.reduce((latest, step) => Math.max(latest, step.endMin), 0);
