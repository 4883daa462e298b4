import type { Stage } from '@mardle/core';
import type { Fact } from '../fact.js';
import { fact } from '../fact.js';
import type { WholePie } from './pies.js';
import { planOf, specOf } from './plan.js';

/** How far heats lie outside of what practice sets, C; 0 within. */
function outsidePractice(stages: readonly [Stage, Stage], { crumb }: WholePie): number {
  const [first, second] = stages;
  const [low, high] = crumb ? [168, 202] : [168, 222];
  const over = (value: number, least: number, most: number): number =>
    Math.max(0, least - value, value - most);
  if (first.tempC === second.tempC) return over(first.tempC, low, high);
  return Math.max(
    over(first.tempC, low, high),
    over(second.tempC, 165, 222),
    over(first.timeMin, 10, 30),
    over(first.tempC - second.tempC, 14, 46),
    over(second.timeMin, 10, 240),
  );
}

/** With the stages left to Mardle: heats, total and colour as a baker would follow them. */
export function ownSchedule(pie: WholePie): Fact[] {
  const spec = specOf(pie.id);
  const { bake, plan } = planOf({ ...spec, bake: { ...spec.bake, singleStage: undefined, stages: null } });
  const [first, second] = bake.stages;
  const [shortest, longest] = pie.takesMin;
  return [
    fact({
      id: `${pie.id}.heats`,
      figure: `${pie.what}, stages left to Mardle (${words(first)}, ${words(second)}): outside of practice`,
      unit: 'C or min',
      predicted: outsidePractice(bake.stages, pie),
      low: 0,
      high: 0,
    }),
    ...(pie.oneHeat
      ? [
          fact({
            id: `${pie.id}.one`,
            figure: 'the same: one heat, as practice mostly has it (difference of the two)',
            unit: 'C',
            predicted: first.tempC - second.tempC,
            low: 0,
            high: 0,
          }),
        ]
      : []),
    fact({
      id: `${pie.id}.total`,
      figure: 'the same: whole time, .75 to 1.3 of practice',
      unit: 'min',
      predicted: bake.outMin,
      low: 0.75 * shortest,
      high: 1.3 * longest,
    }),
    fact({
      id: `${pie.id}.colour`,
      figure: 'the same: colour of the top',
      unit: 'index',
      predicted: bake.atEnd.topBrowning,
      low: pie.top[0],
      high: Math.min(pie.top[1], 3),
    }),
    ...(plan.work.body.baseCrustM > 0
      ? [
          fact({
            id: `${pie.id}.base_colour`,
            figure: 'the same: colour of the base, straw to deep gold',
            unit: 'index',
            predicted: bake.atEnd.baseBrowning,
            low: 0.25,
            high: 3,
          }),
        ]
      : []),
  ];
}

const words = ({ tempC, timeMin }: Stage): string => `${Math.round(tempC)} C ${timeMin} min`;
