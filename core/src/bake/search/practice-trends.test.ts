import fc from 'fast-check';
import { builtInLarder, larderRow } from '../../larder/index.js';
import { draftPlan } from '../../plan/index.js';
import type { BakeSpec, FruitPart, PieSpec } from '../../schema/index.js';
import { starterSpec } from '../../schema/index.js';
import { aFilling, aPart } from '../../test/filling.js';
import { meshSizes } from '../mesh/mesh-size.js';
import { filledMin } from '../simulation/events.js';
import { noInterventions, simulateBake } from '../simulation/simulate.js';

/** A double crust as a baker might choose it: fruit, dish, mass and heats by a seed. */
const anyPie = fc.record({
  fruit: fc.constantFrom('apple_firm_tart', 'pear_firm', 'damson', 'rhubarb', 'peach', 'sour_cherry'),
  material: fc.constantFrom('glass', 'stoneware', 'enamelled_steel', 'dark_metal', 'aluminium'),
  fruitMassG: fc.integer({ min: 650, max: 1000 }),
  firstC: fc.integer({ min: 200, max: 220 }),
  secondC: fc.integer({ min: 170, max: 190 }),
});
type AnyPie = typeof anyPie extends fc.Arbitrary<infer T> ? T : never;

const specOf = ({ fruit, material, fruitMassG, firstC, secondC }: AnyPie): PieSpec => ({
  ...starterSpec,
  dish: { ...starterSpec.dish, material },
  filling: { ...aFilling({ fruits: [aPart(fruit)] }), fruitMassG },
  bake: {
    ...starterSpec.bake,
    startC: 15,
    stages: [
      { tempC: firstC, timeMin: 20 },
      { tempC: secondC, timeMin: 130 },
    ],
  },
});

const inOven = (spec: PieSpec, change: Partial<BakeSpec>): PieSpec => ({
  ...spec,
  bake: { ...spec.bake, ...change },
});
const filled = (spec: PieSpec, change: Partial<PieSpec['filling']>): PieSpec => ({
  ...spec,
  filling: { ...spec.filling, ...change },
});
const cut = (spec: PieSpec, word: FruitPart['cut']): PieSpec =>
  filled(spec, { fruits: spec.filling.fruits.map((part) => ({ ...part, cut: word })) });

function bakeOf(spec: PieSpec) {
  const drafted = draftPlan(spec);
  if (!drafted.ok) throw new Error(drafted.problems.map(({ message }) => message).join(' '));
  const { body } = drafted.plan.work;
  const stages = spec.bake.stages ?? [];
  const { events, readings } = simulateBake(body, spec.bake, stages, meshSizes.coarse, noInterventions);
  return {
    doneMin: filledMin(events, body.done) ?? Infinity,
    goldenMin: events.goldenMin ?? Infinity,
    baseAt: (min: number) => readings.find(({ timeMin }) => timeMin >= min)?.baseBrowning ?? 0,
  };
}
const doneOf = (spec: PieSpec): number => bakeOf(spec).doneMin;

/** Readings come each half minute. */
const SAME_MIN = 0.6;

/** Checks one trend on a dozen pies of a fixed seed. */
const forPies = (holds: (spec: PieSpec) => void, pies = 10): void =>
  fc.assert(
    fc.property(anyPie, (pie) => holds(specOf(pie))),
    { numRuns: pies, seed: 1120 },
  );

describe('what practice knows of ovens, dishes and fruit holds for any pie (common practice, no source)', () => {
  it('a tray under the dish costs some minutes, not a quarter of an hour', () => {
    forPies((spec) => {
      const later = doneOf(inOven(spec, { beneath: 'tray' })) - doneOf(spec);
      expect(later).toBeGreaterThan(-SAME_MIN);
      expect(later).toBeLessThan(12);
    });
  });

  it('dark metal gives a darker base than bright', () => {
    forPies((spec) => {
      const base = (material: string): number =>
        bakeOf({ ...spec, dish: { ...spec.dish, material } }).baseAt(50);
      expect(base('dark_metal')).toBeGreaterThan(base('bright_aluminium'));
    });
  });

  it('hot steel beneath gives a darker base than a rack', () => {
    forPies((spec) => {
      expect(bakeOf(inOven(spec, { beneath: 'hot_steel' })).baseAt(50)).toBeGreaterThan(
        bakeOf(spec).baseAt(50),
      );
    });
  });

  it('a fan colours sooner than a still oven, and as soon when it is set 10 to 20 C lower', () => {
    forPies((spec) => {
      const oven = { ...spec.bake.oven, kind: 'fan' as const };
      const lower = (byC: number): PieSpec =>
        inOven(spec, {
          oven,
          stages: spec.bake.stages && [
            { ...spec.bake.stages[0], tempC: spec.bake.stages[0].tempC - byC },
            { ...spec.bake.stages[1], tempC: spec.bake.stages[1].tempC - byC },
          ],
        });
      const still = bakeOf(spec).goldenMin;
      expect(bakeOf(lower(0)).goldenMin).toBeLessThan(still);
      expect(bakeOf(lower(8)).goldenMin).toBeLessThan(still + SAME_MIN);
      expect(bakeOf(lower(28)).goldenMin).toBeGreaterThan(still - SAME_MIN);
    });
  });

  it('fruit that was held is done no later, stewed no later than held', () => {
    forPies((spec) => {
      const raw = doneOf(spec);
      const held = doneOf(filled(spec, { preparation: { kind: 'hold' } }));
      const stewed = doneOf(filled(spec, { preparation: { kind: 'stew' } }));
      // Soft fruit only has to get hot, cooked before or not: the same to a minute.
      expect(held).toBeLessThanOrEqual(raw + 1);
      expect(stewed).toBeLessThanOrEqual(held + 1);
    });
  });

  it('thin slices are done before chunks of an inch', () => {
    fc.assert(
      fc.property(anyPie, (pie) => {
        const spec = specOf({ ...pie, fruit: 'apple_firm_tart' });
        expect(doneOf(cut(spec, 'thin'))).toBeLessThan(doneOf(cut(spec, 'chunks')));
      }),
      { numRuns: 8, seed: 1121 },
    );
  });

  /** Glass and stoneware are not baked frozen: they thaw first. What is said of freezing through is of metal. */
  const inMetal = (spec: PieSpec): PieSpec =>
    larderRow(builtInLarder.materials, spec.dish.material).brittle
      ? { ...spec, dish: { ...spec.dish, material: 'enamelled_steel' } }
      : spec;

  it('frozen through takes a quarter to three quarters of an hour more', () => {
    forPies((drawn) => {
      const spec = inMetal(drawn);
      const later = doneOf(inOven(spec, { startC: -18 })) - doneOf(spec);
      expect(later).toBeGreaterThan(13);
      expect(later).toBeLessThan(45);
    });
  });

  it('the freezer for half an hour costs minutes, less than freezing through', () => {
    forPies((drawn) => {
      const spec = inMetal(drawn);
      const chilled = doneOf(inOven(spec, { chill: { place: 'freezer', minutes: 30 } }));
      expect(chilled).toBeGreaterThanOrEqual(doneOf(spec) - SAME_MIN);
      expect(chilled).toBeLessThan(doneOf(inOven(spec, { startC: -18 })));
    });
  });

  it('other pies beside it, and an oven not hot through, never make it sooner', () => {
    forPies((spec) => {
      const alone = doneOf(spec);
      expect(doneOf(inOven(spec, { beside: 3 }))).toBeGreaterThan(alone);
      expect(doneOf(inOven(spec, { ready: 'just_reached' }))).toBeGreaterThanOrEqual(alone - 0.1);
    });
  });

  it('a low rack colours the base before the middle one does', () => {
    forPies((spec) => {
      expect(bakeOf(inOven(spec, { rack: 'low' })).baseAt(45)).toBeGreaterThan(bakeOf(spec).baseAt(45));
    });
  });

  it('more fruit never takes less time', () => {
    forPies((spec) => {
      const more = filled(spec, { fruitMassG: (spec.filling.fruitMassG ?? 800) * 1.2 });
      expect(doneOf(more)).toBeGreaterThanOrEqual(doneOf(spec) - SAME_MIN);
    });
  });
});
