import fc from 'fast-check';
import { builtInFruits, builtInThickeners } from '../larder/index.js';
import type { FillingSpec } from '../schema/index.js';
import { fruitStates, preparationKinds, setNames } from '../schema/index.js';

const anyPart = fc.record({
  fruit: fc.constantFrom(...builtInFruits.keys()),
  share: fc.double({ min: 0.05, max: 20, noNaN: true }),
  state: fc.constantFrom(...fruitStates),
  ripeness: fc.double({ min: -2, max: 2, noNaN: true }),
  cut: fc.constantFrom('thin', 'usual', 'chunks'),
  peeled: fc.boolean(),
});

/** Any filling that the schema lets through, and that a kitchen might make. */
export const anyFilling: fc.Arbitrary<FillingSpec> = fc.record({
  fruits: fc.array(anyPart, { minLength: 1, maxLength: 6 }),
  fruitMassG: fc.constant(null),
  preparation: fc.record(
    {
      kind: fc.constantFrom(...preparationKinds),
      minutes: fc.double({ min: 1, max: 600, noNaN: true }),
      boilToBrix: fc.double({ min: 10, max: 70, noNaN: true }),
      liquidG: fc.double({ min: 0, max: 2000, noNaN: true }),
      cookedShare: fc.double({ min: 0, max: 0.9, noNaN: true }),
    },
    { requiredKeys: ['kind'] },
  ),
  sugar: fc.record({
    sugar: fc.constantFrom('white', 'light_brown', 'dark_brown', 'honey', 'maple_syrup', 'invert_syrup'),
    style: fc.double({ min: 0, max: 0.6, noNaN: true }),
    massG: fc.option(fc.double({ min: 0, max: 2000, noNaN: true })),
  }),
  set: fc.constantFrom(...setNames),
  thickeners: fc.array(
    fc.record({
      thickener: fc.constantFrom(...builtInThickeners.keys()),
      share: fc.double({ min: 0.05, max: 5, noNaN: true }),
    }),
    { minLength: 1, maxLength: 4 },
  ),
  thickenerMassG: fc.option(fc.double({ min: 0, max: 300, noNaN: true })),
  lemonJuiceG: fc.double({ min: 0, max: 300, noNaN: true }),
  lemonZestG: fc.constant(0),
  bicarbonateG: fc.double({ min: 0, max: 20, noNaN: true }),
  butterG: fc.double({ min: 0, max: 200, noNaN: true }),
  seasonings: fc.constant([]),
  weepTest: fc.option(fc.record({ drainedG: fc.double({ min: 0, max: 100, noNaN: true }) })),
  saucerTest: fc.option(
    fc.record({ result: fc.constantFrom('runs' as const, 'creeps' as const, 'stands' as const) }),
  ),
});

/** Choices that grow with the fruit: no set spoonfuls, nothing by the minute. */
export const scaling = {
  preparation: { kind: 'raw' },
  sugar: { sugar: 'white', style: 0.16, massG: null },
  thickenerMassG: null,
  lemonJuiceG: 0,
  bicarbonateG: 0,
  butterG: 0,
} as const;

/** Fruit for one hand pie to a tray of pies, g. */
export const anyMass = fc.double({ min: 50, max: 8000, noNaN: true });
