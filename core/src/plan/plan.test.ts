import fc from 'fast-check';
import { builtInFruits, builtInLarder, builtInMaterials as dishMaterials } from '../larder/index.js';
import type { PieSpec } from '../schema/index.js';
import { starterSpec } from '../schema/index.js';
import { checkSpec } from './check.js';
import { clockLength } from './timeline/clock.js';
import type { PiePlan } from './plan.js';
import { draftPlan, planPie } from './plan.js';
import { once } from '../test/once.js';

const plan = (spec: PieSpec): PiePlan => {
  const planned = draftPlan(spec);
  if (!planned.ok) throw new Error(planned.problems.map(({ message }) => message).join(' '));
  return planned.plan;
};

const withDish = (dish: Partial<PieSpec['dish']>): PieSpec => ({
  ...starterSpec,
  dish: { ...starterSpec.dish, ...dish },
});
const withFilling = (filling: Partial<PieSpec['filling']>): PieSpec => ({
  ...starterSpec,
  filling: { ...starterSpec.filling, ...filling },
});
const withBake = (bake: Partial<PieSpec['bake']>): PieSpec => ({
  ...starterSpec,
  bake: { ...starterSpec.bake, ...bake },
});

describe('planPie', () => {
  const starter = once(() => {
    const planned = planPie(starterSpec);
    if (!planned.ok) throw new Error('the starter cannot be planned');
    return planned.plan;
  });

  it('gives the same plan each time', () => {
    expect(planPie(starterSpec)).toEqual({ ok: true, plan: starter() });
  });

  it('is plain data', () => {
    const whole = starter();
    expect(JSON.parse(JSON.stringify(whole))).toEqual(JSON.parse(JSON.stringify(structuredClone(whole))));
  });

  it('tells the story of every figure: rule, source, unit, a band round the value, inputs that are there', () => {
    const whole = starter();
    for (const figure of Object.values(whole.figures)) {
      expect(figure.why.rule).not.toBe('');
      expect(figure.why.source).not.toBe('');
      expect(figure.low).toBeLessThanOrEqual(figure.value + 1e-9);
      expect(figure.high).toBeGreaterThanOrEqual(figure.value - 1e-9);
      for (const input of figure.why.inputs) {
        if ('figure' in input) expect(whole.figures[input.figure]).toBeDefined();
      }
    }
  });

  it('has a slip whose lines lead to their figures, and a clock in order', () => {
    const whole = starter();
    for (const line of whole.slip.flatMap(({ lines }) => lines)) {
      expect(line.massG).toBeGreaterThan(0);
      if (line.figure) expect(whole.figures[line.figure]).toBeDefined();
    }
    const starts = whole.clock.map(({ startMin }) => startMin);
    expect(starts).toEqual([...starts].sort((a, b) => a - b));
    expect(clockLength(whole.clock)).toBeGreaterThan(180);
    expect(whole.clock.find(({ id }) => id === 'stage1')?.startMin).toBe(
      whole.clock.find(({ id }) => id === 'last_chill')?.endMin,
    );
  });

  it('says what care needs saying', () => {
    const whole = starter();
    const said = whole.advice.map(({ id }) => id);
    expect(said).toEqual(expect.arrayContaining(['stone', 'wash_fruit', 'raw_dough', 'steam', 'storage']));
    expect(whole.allergens).toEqual(['egg', 'milk', 'wheat']);
    const glass = plan(withDish({ material: 'glass' }));
    expect(glass.advice.find(({ id }) => id === 'dish_spared')?.level).toBe('watch');
  });

  it('plans a dish twice the size with about twice of everything', () => {
    const big = plan(withDish({ topCm: 22.9 * Math.SQRT2, baseCm: 18.3 * Math.SQRT2 }));
    const small = plan(starterSpec);
    expect(big.filling.batch.massG / small.filling.batch.massG).toBeCloseTo(2, 0);
    expect(big.filling.thickenerG / small.filling.thickenerG).toBeCloseTo(2, 0);
  });

  it('tells how many grams are missing when the thickener is short', () => {
    const short = plan(withFilling({ thickenerMassG: 8 }));
    expect(short.advice.find(({ id }) => id === 'too_runny')?.text).toMatch(
      /^Too runny for a clean slice\. \d+\sg more/,
    );
  });

  it('says that there is no bake for a dish of ice', () => {
    const frozen = planPie({
      ...withBake({ startC: -30, stages: null, oven: { ...starterSpec.bake.oven, offsetC: -60 } }),
      dish: { ...starterSpec.dish, topCm: 40, baseCm: 36, depthCm: 15 },
    });
    expect(frozen.ok).toBe(false);
    if (!frozen.ok) expect(frozen.problems[0]?.remedy).toMatch(/smaller|warmer/);
  });
});

describe('bad input', () => {
  it.each<[string, PieSpec, string]>([
    ['0 g of fruit', withFilling({ fruitMassG: 0 }), 'filling.fruitMassG'],
    ['a negative amount', withFilling({ lemonJuiceG: -5 }), 'filling.lemonJuiceG'],
    ['a huge amount', withFilling({ fruitMassG: 1e9 }), 'filling.fruitMassG'],
    ['more than can be heaped', withFilling({ fruitMassG: 15000 }), 'filling.fruitMassG'],
    ['not a number', withFilling({ butterG: Number.NaN }), 'filling.butterG'],
    ['no fruit', withFilling({ fruits: [] }), 'filling.fruits'],
    [
      'an unknown fruit',
      withFilling({ fruits: [{ ...starterSpec.filling.fruits[0]!, fruit: 'moon' }] }),
      'filling.fruits.0.fruit',
    ],
    ['a dish deeper than wide', withDish({ topCm: 12, baseCm: 10, depthCm: 14 }), 'dish.depthCm'],
    ['a base wider than the top', withDish({ baseCm: 30 }), 'dish.baseCm'],
    ['a dish of nothing', withDish({ topCm: 0 }), 'dish.topCm'],
    [
      'an oven at 20 C',
      withBake({
        stages: [
          { tempC: 20, timeMin: 20 },
          { tempC: 180, timeMin: 30 },
        ],
      }),
      'bake.stages.0.tempC',
    ],
    [
      'an oven at 400 C',
      withBake({
        stages: [
          { tempC: 400, timeMin: 20 },
          { tempC: 180, timeMin: 30 },
        ],
      }),
      'bake.stages.0.tempC',
    ],
    ['a newer version', { ...starterSpec, version: 99 }, 'version'],
  ])('%s: names the field and the remedy', (_, spec, field) => {
    const planned = draftPlan(spec);
    expect(planned.ok).toBe(false);
    if (planned.ok) return;
    expect(planned.problems.map((problem) => problem.field)).toContain(field);
    for (const problem of planned.problems) {
      expect(problem.message).not.toBe('');
      expect(problem.remedy).not.toBe('');
    }
  });

  it('has nothing against the starter', () => {
    expect(checkSpec(starterSpec, builtInLarder)).toEqual([]);
  });
});

describe('any spec within the limits', () => {
  const dish = fc
    .record({
      topCm: fc.double({ min: 8, max: 60, noNaN: true }),
      leans: fc.double({ min: 0.6, max: 1, noNaN: true }),
      deep: fc.double({ min: 0.1, max: 0.45, noNaN: true }),
      material: fc.constantFrom(...dishMaterials.keys()),
    })
    .map(({ topCm, leans, deep, material }) => ({
      label: 'any',
      topCm,
      baseCm: Math.max(4, topCm * leans),
      depthCm: Math.min(15, Math.max(1, topCm * deep)),
      material,
    }));

  it('is planned without a senseless figure', () => {
    fc.assert(
      fc.property(
        dish,
        fc.constantFrom(...builtInFruits.keys()),
        fc.double({ min: -2, max: 2, noNaN: true }),
        fc.double({ min: 1.5, max: 10, noNaN: true }),
        fc.option(fc.double({ min: 20, max: 20000, noNaN: true })),
        (any, fruit, ripeness, thicknessMm, fruitMassG) => {
          const spec: PieSpec = {
            ...starterSpec,
            dish: any,
            pastry: { ...starterSpec.pastry, thicknessMm },
            filling: {
              ...starterSpec.filling,
              fruitMassG,
              fruits: [{ fruit, share: 1, state: 'fresh', ripeness, cut: 'usual', peeled: true }],
            },
          };
          const planned = draftPlan(spec);
          if (!planned.ok) {
            expect(planned.problems.map(({ field }) => field)).toEqual(['filling.fruitMassG']);
            return;
          }
          for (const { value, low, high } of Object.values(planned.plan.figures)) {
            expect([value, low, high].every(Number.isFinite)).toBe(true);
            expect(value).toBeGreaterThanOrEqual(0);
          }
        },
      ),
      { numRuns: 400 },
    );
  });
});
