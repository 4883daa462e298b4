import { draftPlan, meshSizes, simulateBake, starterSpec } from '@mardle/core';
import { plainBake } from './plain-bake.js';

/** The real simulation must say what the plain one says: on the same mesh, without its tables, sweeps and long steps. */
it('the simulation agrees with the same laws written down plainly', () => {
  // Straight in: the plain one knows no wait in the cold.
  const planned = draftPlan({
    ...starterSpec,
    bake: { ...starterSpec.bake, startC: 20, chill: undefined },
  });
  if (!planned.ok) throw new Error('the starter cannot be planned');
  const { work, spec } = planned.plan;
  const stages = [
    { tempC: 215, timeMin: 12 },
    { tempC: 180, timeMin: 16 },
  ];
  const plain = plainBake(work.body, spec.bake, stages);
  const { readings } = simulateBake(work.body, spec.bake, stages, meshSizes.coarse);
  const end = readings.at(-1)!;
  expect(Math.abs(end.centreC - plain.centreC)).toBeLessThan(2);
  expect(Math.abs(end.topC - plain.topC)).toBeLessThan(4);
  expect(end.topBrowning / plain.topBrowning).toBeGreaterThan(0.93);
  expect(end.topBrowning / plain.topBrowning).toBeLessThan(1.07);
});
