import type { PieBody } from '../materials/index.js';
import { constant } from '../materials/index.js';

/**
 * Share of the heat of a plate as hot as its root that a fin takes up: tanh(mL) / mL (handbook).
 * @param perM m = sqrt(h / (k t)), 1/m
 * @param lengthM how far it reaches
 * @returns 0 to 1
 * @example finEfficiency(30, 0.01) // 0.9713
 */
export const finEfficiency = (perM: number, lengthM: number): number =>
  Math.tanh(perM * lengthM) / (perM * lengthM);

/** What the wall of a dish gives to the pastry in it, W/(m2 K): by its contact, and through pastry that is half dry. */
function givesInside({ filling, baseCrustM }: Pick<PieBody, 'filling' | 'baseCrustM'>): number {
  const halfDry = (constant('crustKDry') + constant('crustKWet')) / 2;
  return 1 / (1 / constant(filling ? 'dishContact' : 'shellContact') + baseCrustM / halfDry);
}

/**
 * The rim of a pie dish is a fin: what it takes up flows down its wall, far in metal and hardly at all in glass. As face that
 * each band of the wall has beyond its own, so that the same oven heats both. What is baked without pastry in its dish is baked
 * in tins, pans and oven dishes, which have no rim to lay pastry on.
 * @param body the pie, in a dish
 * @param heightsM of the bands, from the base up
 * @returns m2 of each band
 * @example rimAreasM2(body, [0.016, 0.016]).reduce((sum, area) => sum + area, 0) // 0.0096 in enamel
 */
export function rimAreasM2(body: PieBody, heightsM: readonly number[]): number[] {
  const { dish, topRadiusM, wallFactor, baseCrustM } = body;
  if (baseCrustM === 0) return heightsM.map(() => 0);
  const reachM = constant('rim');
  const takes = constant('rimTakes');
  const sheetWK = (dish.conductivity * dish.wallMm) / 1000;
  const fin = finEfficiency(Math.sqrt(takes / sheetWK), reachM);
  const areaM2 = 2 * Math.PI * (topRadiusM + reachM / 2) * reachM * wallFactor * fin;
  // Down a wall that loses heat on its way the temperature falls as cosh does: between two heights lies a difference of sinh.
  const perM = Math.sqrt((takes + givesInside(body)) / sheetWK);
  let upToM = 0;
  const edges = [0, ...heightsM.map((high) => (upToM += high))].map((atM) => Math.sinh(perM * atM));
  const whole = edges.at(-1) ?? 1;
  return heightsM.map((_, i) => (areaM2 * (edges[i + 1]! - edges[i]!)) / whole);
}
