import { builtInFruits } from '@mardle/core';
import type { Fact } from './fact.js';
import { fact, tolerances } from './fact.js';
import { tradeBakes } from './bakes.js';

/** An event that never happens counts as never within two hours, so that the miss is shown as a number. */
const NEVER_MIN = 120;

/** A range that practice gives, and 15 % on either side, 5 minutes at the least. */
const timeBand = (low: number, high: number): { low: number; high: number } => ({
  low: Math.min(low - 5, low * (1 - tolerances.time)),
  high: Math.max(high + 5, high * (1 + tolerances.time)),
});

const latest = (a: number | null, b: number | null): number | null =>
  a === null || b === null ? null : Math.max(a, b);

const minutes = (id: string, figure: string, predicted: number | null, low: number, high = low): Fact =>
  fact({ id, figure, unit: 'min', predicted: predicted ?? NEVER_MIN, ...timeBand(low, high) });

export function bakeFacts(): Fact[] {
  if (!builtInFruits.has('cranberry')) throw new Error('the facts need cranberries');
  const { w1, w2, w3, w4, w5, w6, w7, w8, w9, w10, w11, w12, w13 } = tradeBakes();
  return [
    minutes(
      'W1.done',
      'cut-out lid, mounded apples, 425 F 15 then 350 F about 40: filling done',
      w1.doneMin,
      55,
    ),
    fact({
      id: 'W1.golden',
      figure: 'the same: golden brown when it is taken out, and no sooner than half way',
      unit: 'min',
      predicted: w1.events.goldenMin ?? NEVER_MIN,
      low: 55 * 0.5,
      high: 55 * 1.15,
    }),
    minutes(
      'W2.bubbles',
      'deep apple pie from the freezer, 400 F 15-20 then 350 F 40-45: bubbles in the vents',
      w2.events.centreBubblingMin,
      55,
      65,
    ),
    fact({
      id: 'W2.golden',
      figure: 'the same: golden before it bubbles, so foil',
      unit: 'min',
      predicted: w2.events.goldenMin ?? NEVER_MIN,
      low: 15,
      high: 65,
    }),
    minutes(
      'W3.tender',
      'apple pie of 4 apples, 400 F 20 then 350 F 20: a pick goes in',
      w3.events.tenderMin,
      40,
    ),
    minutes('W3.golden', 'the same: golden', w3.events.goldenMin, 40),
    minutes(
      'W4.bubbling',
      'sour cherry lattice, 400 F 30 then 375 F 60-90: bubbling all round, thick',
      w4.doneMin,
      90,
      120,
    ),
    fact({
      id: 'W4.dark',
      figure: 'the same: not too dark before 90 minutes',
      unit: 'min',
      predicted: w4.events.tooDarkMin ?? NEVER_MIN,
      low: 90,
      high: NEVER_MIN,
    }),
    minutes('W5.golden', 'apple lattice, 375 F 45-50: golden', w5.events.goldenMin, 45, 50),
    minutes('W5.tender', 'the same: tender', w5.events.tenderMin, 45, 50),
    minutes('W6.golden', 'few apples under crumb, 350 F 45: golden', w6.events.goldenMin, 45),
    minutes(
      'W7.bubbling',
      'many apples under crumb, 375 F 50-55: bubbling',
      w7.events.edgeBubblingMin,
      50,
      55,
    ),
    minutes('W7.golden', 'the same: golden when it is taken out', w7.events.goldenMin, 50, 55),
    minutes('W8.golden', 'free-form of thin apples, 375 F 40-50: golden rim', w8.events.goldenMin, 40, 50),
    minutes('W8.tender', 'the same: tender', w8.events.tenderMin, 40, 50),
    minutes(
      'W9.shell',
      'shell from the freezer, 25 with weights and about 10 without: dry and coloured',
      w9.doneMin,
      35,
    ),
    minutes('W10.golden', 'apple crisp, 350 F 55: golden', w10.events.goldenMin, 55),
    minutes('W10.tender', 'the same: tender', w10.events.tenderMin, 55),
    minutes('W11.dark', 'upside-down under puff, 375-400 F 20-25: deep gold', w11.doneMin, 20, 25),
    minutes(
      'W12.golden',
      'cobbler over a simmered filling, 400 F 25: scones golden',
      w12.events.goldenMin,
      25,
    ),
    minutes(
      'W13.pick',
      'buckle, 350 F 50: a pick comes out clean',
      latest(w13.events.setMin, w13.events.heatedMin),
      50,
    ),
    fact({
      id: 'R5.order',
      figure: 'crumb browns sooner than an unwashed lid at the same heat: golden, over',
      unit: 'ratio',
      predicted: (w7.events.goldenMin ?? NEVER_MIN) / (w5.events.goldenMin ?? NEVER_MIN),
      low: 0.3,
      high: 0.95,
    }),
    fact({
      id: 'R13.raw',
      figure: 'deep raw-fruit pie cools until it slices clean',
      unit: 'h',
      predicted: (w2.cooling.sliceMin ?? 720) / 60,
      low: 3,
      high: 4.5,
    }),
    minutes('W4.cool', 'cherry lattice: cools 1-2 h at the least', w4.cooling.sliceMin, 60, 240),
    minutes('W13.cool', 'buckle cools two hours', w13.cooling.sliceMin, 120),
    fact({
      id: 'W8.warm',
      figure: 'free-form: cool enough to eat',
      unit: 'min',
      predicted: w8.cooling.warmMin ?? NEVER_MIN,
      low: 10,
      high: 30,
    }),
  ];
}
