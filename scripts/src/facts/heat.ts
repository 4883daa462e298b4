import {
  draftPlan,
  fahrenheitToCelsius,
  meshSizes,
  simulateBake,
  softeningRate,
  starterSpec,
} from '@mardle/core';
import type { Fact } from './fact.js';
import { fact } from './fact.js';

/** Share of softening that fruit goes through when it is held at a temperature. */
const softened = (tempC: number, minutes: number): number =>
  1 - Math.exp(-softeningRate(tempC, 1) * minutes * 60);

const NEVER_MIN = 240;
const STILL_F = 375;

/** When an unwashed lid is golden at one heat, in an oven of a kind. */
function goldenMin(kind: 'still' | 'fan', tempF: number): number {
  const spec = { ...starterSpec, pastry: { ...starterSpec.pastry, wash: 'none', coarseSugar: false } };
  const drafted = draftPlan(spec);
  if (!drafted.ok) throw new Error('the starter cannot be planned');
  const place = { ...spec.bake, altitudeM: 0, oven: { ...spec.bake.oven, kind } };
  const { events } = simulateBake(
    drafted.plan.work.body,
    place,
    [{ tempC: fahrenheitToCelsius(tempF), timeMin: 150 }],
    meshSizes.coarse,
  );
  return events.goldenMin ?? NEVER_MIN;
}

/** How much lower a fan oven is set for the same colour at the same time, F. */
function fanLowerF(): number {
  const wanted = goldenMin('still', STILL_F);
  let low = STILL_F - 90;
  let high = STILL_F;
  for (let i = 0; i < 8; i++) {
    const middle = (low + high) / 2;
    if (goldenMin('fan', middle) > wanted) low = middle;
    else high = middle;
  }
  return STILL_F - (low + high) / 2;
}

/** Facts of holding fruit warm, and of fan ovens. */
export const heatFacts = (): Fact[] => [
  fact({
    id: 'R3.hold',
    figure: 'apple held at 160 F for 20 minutes keeps its shape: softened, of the whole way',
    unit: 'share',
    predicted: softened(71, 20),
    low: 0,
    high: 0.5,
  }),
  fact({
    id: 'R3.boil',
    figure: 'the same at a boil does not',
    unit: 'share',
    predicted: softened(100, 20),
    low: 0.8,
    high: 1,
  }),
  fact({
    id: 'R5.fan',
    figure: 'a fan oven is set lower for the same colour at the same minute, 20 to 30 F',
    unit: 'F',
    predicted: fanLowerF(),
    low: 20 * 0.85,
    high: 30 * 1.15,
  }),
];
