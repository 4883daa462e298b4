import type { Bake, PieSpec, Stage } from '@mardle/core';
import { bakeBody, draftPlan, fahrenheitToCelsius, starterSpec } from '@mardle/core';
import type { Fact } from './fact.js';
import { fact } from './fact.js';
import { filling, only } from './pies.js';

const stage = (tempF: number, timeMin: number): Stage => ({ tempC: fahrenheitToCelsius(tempF), timeMin });

/** Bakes a pie of the trade at its own settings, long enough to see every event. */
function baked(part: Partial<PieSpec>, stages: [Stage, Stage]): Bake {
  const bake = { ...starterSpec.bake, altitudeM: 0, ...part.bake, stages };
  const drafted = draftPlan({ ...starterSpec, ...part, bake });
  if (!drafted.ok) throw new Error(drafted.problems.map(({ message }) => message).join(' '));
  const result = bakeBody(drafted.plan.body, bake);
  if (!result) throw new Error('no bake');
  return result;
}

const glass23 = { label: '23 cm', topCm: 22.9, baseCm: 18.3, depthCm: 3.5, material: 'glass' };
const deep25 = { label: '25 cm deep', topCm: 25.4, baseCm: 20.3, depthCm: 5, material: 'stoneware' };
const plain = { ...starterSpec.pastry, wash: 'none', coarseSugar: false };

/** An event that never happens counts as never within two hours, so that the miss is shown as a number. */
const NEVER_MIN = 120;

export function bakeFacts(): Fact[] {
  const w1 = baked(
    {
      dish: glass23,
      pastry: plain,
      filling: filling({
        fruits: only('apple_mixed'),
        fruitMassG: 1155,
        lemonJuiceG: 22,
        thickenerMassG: 0,
        sugar: { sugar: 'white', style: 0.12, massG: null },
      }),
      bake: { ...starterSpec.bake, startC: 15 },
    },
    [stage(425, 15), stage(350, 75)],
  );
  const w2 = baked(
    {
      dish: deep25,
      pastry: { ...starterSpec.pastry, wash: 'yolk_cream', coarseSugar: true },
      filling: filling({
        fruits: only('apple_firm_tart'),
        fruitMassG: 1061,
        lemonJuiceG: 45,
        butterG: 28,
        thickenerMassG: 0,
        sugar: { sugar: 'white', style: 0.12, massG: 125 },
      }),
      bake: { ...starterSpec.bake, startC: 2 },
    },
    [stage(400, 18), stage(350, 80)],
  );
  const w3 = baked(
    {
      dish: glass23,
      pastry: { ...plain, wash: 'whole_egg' },
      filling: filling({
        fruits: only('apple_mixed'),
        fruitMassG: 580,
        thickeners: [{ thickener: 'plain_flour', share: 1 }],
        set: 'spoonable',
        sugar: { sugar: 'light_brown', style: 0.16, massG: null },
      }),
      bake: { ...starterSpec.bake, startC: 8 },
    },
    [stage(400, 20), stage(350, 60)],
  );
  const minutes = (id: string, figure: string, predicted: number | null, low: number, high: number): Fact =>
    fact({ id, figure, unit: 'min', predicted: predicted ?? NEVER_MIN, low, high });
  return [
    minutes(
      'W1.done',
      'mounded apple pie, 425 F 15 then 350 F about 40: filling done',
      w1.doneMin,
      55 * 0.85,
      55 * 1.15,
    ),
    minutes(
      'W1.golden',
      'the same: golden brown when it is taken out, golden no sooner than',
      w1.events.goldenMin,
      55 * 0.5,
      55 * 1.15,
    ),
    minutes(
      'W2.done',
      'deep apple pie from the freezer, 400 F 15-20 then 350 F 40-45: bubbles in the vents',
      w2.events.edgeBubblingMin,
      55,
      65,
    ),
    minutes('W2.golden', 'the same: golden before it bubbles, so foil', w2.events.goldenMin, 15, 65),
    minutes(
      'W3.tender',
      'apple pie of 4 apples, 400 F 20 then 350 F 20: a pick goes in',
      w3.events.tenderMin,
      34,
      46,
    ),
    fact({
      id: 'R13.raw',
      figure: 'deep raw-fruit pie cools until it slices clean',
      unit: 'h',
      predicted: (w2.cooling.sliceMin ?? 720) / 60,
      low: 3,
      high: 4.5,
    }),
  ];
}
