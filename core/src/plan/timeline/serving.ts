import type { Cooling } from '../../bake/index.js';
import type { PlanContext } from '../../forms/index.js';
import type { Figure } from '../../units/index.js';
import { figure, from, q, makeSum } from '../../units/index.js';
import type { BakedContext } from './context.js';
import type { EatenHow, SetName } from '../../schema/index.js';

/** What a way of eating asks of a pie. Times common practice, no source. */
interface ServingRule {
  readonly label: string;
  /** The set that suits it. */
  readonly set: SetName;
  /** What the baker waits for, and what comes then. */
  readonly waits: string;
  readonly then: string;
  /** Minutes from the oven, by how the pie cools; null when it does not within half a day. */
  ready(cooling: Cooling, turnedOutMin: number | null): number | null;
  /** Then so long in the fridge, min. */
  readonly fridgeMin: number;
}

/** Minutes of each way of eating. Common practice, no source. */
const SPOON_LEAST_MIN = 15;
const SPOON_MOST_MIN = 40;
const HAND_MORE_MIN = 10;
const FRIDGE_MIN = 180;
const TURNED_OUT_MIN = 10;

export const servingRules: Readonly<Record<EatenHow, ServingRule>> = {
  sliced_cold: {
    label: 'sliced cold',
    set: 'clean_slice',
    waits: 'Cool on a rack',
    then: 'First slice',
    ready: ({ sliceMin }) => sliceMin,
    fridgeMin: 0,
  },
  sliced_warm: {
    label: 'warm, in slices',
    set: 'clean_slice',
    waits: 'Rest until a warm slice holds',
    then: 'Warm slice',
    ready: ({ warmMin }) => warmMin,
    fridgeMin: 0,
  },
  spoon: {
    label: 'with a spoon, from the dish',
    set: 'spoonable',
    waits: 'Rest until it no longer scalds',
    then: 'To the table',
    ready: ({ warmMin }) => Math.min(SPOON_MOST_MIN, Math.max(SPOON_LEAST_MIN, warmMin ?? SPOON_MOST_MIN)),
    fridgeMin: 0,
  },
  in_hand: {
    label: 'in the hand',
    set: 'in_the_hand',
    waits: 'Cool until it can be held',
    then: 'In the hand',
    ready: ({ warmMin }) => (warmMin === null ? null : warmMin + HAND_MORE_MIN),
    fridgeMin: 0,
  },
  chilled: {
    label: 'chilled',
    set: 'clean_slice',
    waits: 'Cool on a rack',
    then: 'First slice',
    ready: ({ sliceMin }) => sliceMin,
    fridgeMin: FRIDGE_MIN,
  },
  turned_out: {
    label: 'turned out, warm',
    set: 'soft',
    waits: 'Rest, then turn it out',
    then: 'Turned out',
    ready: (_cooling, turnedOutMin) => (turnedOutMin ?? TURNED_OUT_MIN) + TURNED_OUT_MIN,
    fridgeMin: 0,
  },
};

/** How a pie is eaten: as the baker says, else as its form mostly is. */
export const servingRule = ({ spec, form }: Pick<PlanContext, 'spec' | 'form'>): ServingRule =>
  servingRules[spec.filling.eaten ?? form.eaten];

/** Filling a pie, min; and a shell that is filled cold, so long on its rack before and in the cold after. Common practice, no source. */
export const FILL_MIN = 8;
export const filledColdMin = { shellCools: 45, sets: 120 } as const;

/** A shell out of the oven is no pie yet: it cools, is filled and sets. */
const filledColdFigure = (label: string): Figure =>
  figure({
    id: 'cool.ready',
    label: `Ready to be eaten ${label}, from the oven`,
    value: filledColdMin.shellCools + FILL_MIN + filledColdMin.sets,
    unit: 'min',
    spread: 0.2,
    rule: 'The shell cools on a rack, is filled, and sets in the cold.',
    sum: makeSum`${q(filledColdMin.shellCools, 'min')} on the rack + ${q(FILL_MIN, 'min')} to fill + ${q(filledColdMin.sets, 'min')} in the cold`,
    inputs: from('bake.out'),
    source: 'common practice, no source',
  });

/** When it can be eaten so, from the oven. */
export function servingFigures({ spec, form, bake }: BakedContext): Figure[] {
  const rule = servingRule({ spec, form });
  if (bake && form.filledCold(spec.filling)) return [filledColdFigure(rule.label)];
  const readyMin = bake ? rule.ready(bake.cooling, form.turnedOutMin) : null;
  if (readyMin === null) return [];
  return [
    figure({
      id: 'cool.ready',
      label: `Ready to be eaten ${rule.label}, from the oven`,
      value: readyMin + rule.fridgeMin,
      unit: 'min',
      spread: 0.2,
      rule: `${rule.waits}${rule.fridgeMin > 0 ? ', then in the fridge' : ''}: a clean slice is under 45 °C, a warm one under 60 °C.`,
      sum: makeSum`${q(readyMin, 'min')} on the rack + ${q(rule.fridgeMin, 'min')} in the fridge`,
      inputs: from('bake.out'),
      source: 'simulated cooling; temperatures: common practice, no source',
    }),
  ];
}
