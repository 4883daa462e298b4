import { builtInLarder } from '../larder/index.js';
import type { FillingSpec } from '../schema/index.js';
import { aFilling, aPart } from '../test/filling.js';
import { makeBatch } from './batch.js';
import {
  BAND_DEVIATIONS,
  evidenceRules,
  expectedWeepG,
  priorReleaseDeviation,
  releaseBelief,
  setBelief,
} from './evidence.js';

const spec = (fruit: string): FillingSpec => aFilling({ fruits: [aPart(fruit)] });

/** Park & Miller, and normal deviates by Box & Muller: the same kitchens every time. */
function kitchens(seed: number): () => number {
  let state = seed;
  const uniform = (): number => {
    state = (state * 48271) % 2147483647;
    return state / 2147483647;
  };
  return () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
}

describe('what is expected to drain', () => {
  it('is sugar too, but only as much as there is juice to carry it', () => {
    const dry = makeBatch(spec('quince'), 1000, builtInLarder);
    const wet = makeBatch(spec('strawberry'), 1000, builtInLarder);
    // Of a fruit that gives ten times less, ten times less drains: no sugar runs off by itself.
    const less = (batch: typeof dry): number => expectedWeepG(batch, 0.02) / expectedWeepG(batch, 0.01);
    expect(less(dry)).toBeGreaterThan(1.02);
    expect(expectedWeepG(dry, 0.01)).toBeLessThan(expectedWeepG(dry, 1));
    // Where there is plenty of juice all of the sugar that drains is in it: the rest is in proportion to the water.
    const [one, most] = [expectedWeepG(wet, 1), expectedWeepG(wet, 1.3)];
    expect(most).toBeGreaterThan(one);
    expect(one).toBeLessThan(30);
  });
});

describe('the weep test against known hidden values', () => {
  it.each(['damson', 'strawberry', 'apple_firm_tart', 'blueberry'])(
    'gives a nine-in-ten band for %s that holds the truth about nine times in ten',
    (fruit) => {
      const normal = kitchens(7919);
      const batch = makeBatch(spec(fruit), 1000, builtInLarder);
      const prior = priorReleaseDeviation(batch);
      const runs = 400;
      let held = 0;
      let narrower = 0;
      for (let i = 0; i < runs; i++) {
        const truth = Math.exp(prior * normal());
        const drainedG = expectedWeepG(batch, truth) * Math.exp(evidenceRules.weepDeviation * normal());
        const { factor, deviation } = releaseBelief(batch, { weepTest: { drainedG } });
        if (Math.abs(truth - factor) <= BAND_DEVIATIONS * deviation * factor) held++;
        if (deviation < prior) narrower++;
      }
      expect(held / runs).toBeGreaterThan(0.86);
      expect(held / runs).toBeLessThan(0.95);
      expect(narrower / runs).toBeGreaterThan(0.9);
    },
  );

  it('is unmoved by the expected result and moved part of the way by another', () => {
    const batch = makeBatch(spec('damson'), 1000, builtInLarder);
    const at = (times: number): number =>
      releaseBelief(batch, { weepTest: { drainedG: expectedWeepG(batch) * times } }).factor;
    expect(at(1)).toBeCloseTo(1, 1);
    expect(at(1.3)).toBeGreaterThan(1.05);
    expect(at(1.3)).toBeLessThan(1.3);
    expect(at(0.7)).toBeLessThan(0.95);
  });

  it.each([0, 100])('keeps a usable belief after the absurd result of %d g', (drainedG) => {
    const batch = makeBatch(spec('damson'), 1000, builtInLarder);
    const { factor, deviation } = releaseBelief(batch, { weepTest: { drainedG } });
    expect(factor).toBeGreaterThan(0.3);
    expect(factor).toBeLessThan(2.6);
    expect(Number.isFinite(deviation)).toBe(true);
  });

  it('knows nothing new about fruit that does not weep at all', () => {
    const none = releaseBelief(makeBatch(spec('raisin'), 500, builtInLarder), { weepTest: null });
    expect(none.factor).toBe(1);
  });
});

describe('the saucer test', () => {
  const prior = { factor: 1, deviation: 0.16 };

  it('moves the set down when it runs, up when it stands, and narrows when it creeps', () => {
    const runs = setBelief('runs', 1, prior);
    const creeps = setBelief('creeps', 1, prior);
    const stands = setBelief('stands', 1, prior);
    expect(runs.factor).toBeLessThan(creeps.factor);
    expect(stands.factor).toBeGreaterThan(creeps.factor);
    expect(creeps.deviation).toBeLessThan(prior.deviation);
    expect(creeps.factor).toBeCloseTo(1, 1);
  });

  it('teaches little when the result was certain anyway', () => {
    const { factor, deviation } = setBelief('runs', 0.3, prior);
    expect(factor).toBeCloseTo(1, 1);
    expect(deviation).toBeCloseTo(prior.deviation, 1);
  });

  it('leaves the belief as it was without a test', () => {
    expect(setBelief(null, 1, prior)).toBe(prior);
  });
});
