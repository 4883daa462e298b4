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
  const w4 = baked(
    {
      form: { ...starterSpec.form, kind: 'lattice' },
      dish: deep25,
      pastry: plain,
      filling: filling({
        fruits: only('sour_cherry'),
        fruitMassG: 930,
        sugar: { sugar: 'white', style: 0.16, massG: 200 },
        thickenerMassG: 32,
      }),
      bake: { ...starterSpec.bake, startC: 15 },
    },
    [stage(400, 30), stage(375, 90)],
  );
  const w5 = baked(
    {
      form: { ...starterSpec.form, kind: 'lattice' },
      dish: glass23,
      pastry: { ...plain, wash: 'milk' },
      filling: filling({
        fruits: only('apple_mixed'),
        fruitMassG: 750,
        sugar: { sugar: 'light_brown', style: 0.16, massG: 165 },
      }),
      bake: { ...starterSpec.bake, startC: 15 },
    },
    [stage(375, 48), stage(375, 40)],
  );
  const w6 = baked(
    {
      form: { ...starterSpec.form, kind: 'crumb_top' },
      dish: glass23,
      pastry: plain,
      filling: filling({
        fruits: only('apple_mixed'),
        fruitMassG: 354,
        sugar: { sugar: 'white', style: 0.16, massG: 100 },
      }),
      bake: { ...starterSpec.bake, startC: 15 },
    },
    [stage(350, 45), stage(350, 45)],
  );
  const w7 = baked(
    {
      form: { ...starterSpec.form, kind: 'crumb_top', crumb: { school: 'melted', cover: 1.6 } },
      dish: glass23,
      pastry: plain,
      filling: filling({
        fruits: only('apple_firm_tart'),
        fruitMassG: 880,
        sugar: { sugar: 'white', style: 0.16, massG: 205 },
      }),
      bake: { ...starterSpec.bake, startC: 15 },
    },
    [stage(375, 52), stage(375, 40)],
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
    minutes(
      'W4.bubbling',
      'sour cherry lattice, 400 F 30 then 375 F 60-90: bubbling all round',
      w4.events.centreBubblingMin,
      90,
      120,
    ),
    minutes('W5.golden', 'apple lattice, 375 F 45-50: golden', w5.events.goldenMin, 45 * 0.85, 50 * 1.15),
    minutes('W5.tender', 'the same: tender', w5.events.tenderMin, 45 * 0.85, 50 * 1.15),
    minutes(
      'W6.golden',
      'few apples under crumb, 350 F 45: golden',
      w6.events.goldenMin,
      45 * 0.85,
      45 * 1.15,
    ),
    minutes(
      'W7.bubbling',
      'many apples under crumb, 375 F 50-55: bubbling',
      w7.events.edgeBubblingMin,
      50 * 0.85,
      55 * 1.15,
    ),
    minutes('W7.golden', 'the same: golden when it is taken out', w7.events.goldenMin, 50 * 0.85, 55 * 1.15),
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
  ];
}
