import type { PieSpec, Stage } from '@mardle/core';
import {
  draftPlan,
  household,
  ledgerSides,
  meshSizes,
  simulateBake,
  totalEnthalpyJ,
  VAPOUR_J_KG,
} from '@mardle/core';
import { anyPie, anyStages, drawsFrom } from './any-pie.js';

/** What a household measure holds, mL, read back from its words. */
function heldMl({ number: told, unit }: { readonly number: string; readonly unit: string }): number {
  const number = told.replace(/^about /, '');
  const parts: Readonly<Record<string, number>> = {
    '⅛': 0.125,
    '¼': 0.25,
    '⅓': 1 / 3,
    '½': 0.5,
    '⅔': 2 / 3,
    '¾': 0.75,
  };
  const count = (text: string): number =>
    [...text].reduce((sum, sign) => sum + (parts[sign] ?? 0), Number(/^\d+/.exec(text)?.[0] ?? 0));
  const filled = number.startsWith('scant') ? 0.9 : number.startsWith('heaped') ? 1.12 : 1;
  return `${number.replace(/^(scant|heaped) /, '')} ${unit}`.split(' + ').reduce((sum, part) => {
    const [many = '', measure = ''] = part.split(' ');
    const oneMl = measure.startsWith('cup') ? 240 : measure === 'tbsp' ? 15 : measure === 'tsp' ? 5 : 0.3125;
    return sum + count(many) * oneMl * filled;
  }, 0);
}

/** What is wrong with a planned pie, or null. */
function planFault(spec: PieSpec): string | null {
  const planned = draftPlan(spec);
  if (!planned.ok)
    return planned.problems.every(({ message, remedy }) => message && remedy)
      ? null
      : 'a problem without a reason';
  const { figures, filling, slip } = planned.plan;
  for (const { id, value, low, high } of Object.values(figures)) {
    if (!Number.isFinite(value) || !Number.isFinite(low) || !Number.isFinite(high))
      return `${id} is ${value} (${low} to ${high})`;
    if (value < 0) return `${id} is ${value}`;
  }
  const { inG, outG } = ledgerSides(filling.ledger);
  if (Math.abs(inG - outG) > 0.1) return `the ledger is off by ${inG - outG} g`;
  for (const { label, massG, bought, volumeMl, least } of slip.flatMap(({ lines }) => lines)) {
    if (!bought && !(massG > 0 && massG < 100_000)) return `${label}: ${massG} g`;
    const said = volumeMl === undefined ? null : household(volumeMl, least);
    if (volumeMl === undefined || !said || said.unit.startsWith('pinch')) continue;
    const off = Math.abs(heldMl(said) / volumeMl - 1);
    // What is further off than 6 % says "about"; nothing is by more than a spoon so small can be filled wrong.
    const most = said.number.startsWith('about ') ? 0.15 : 0.06;
    if (off > most + 1e-4)
      return `${label}: ${said.number} ${said.unit} is ${Math.round(100 * off)} % off ${volumeMl} mL`;
  }
  return null;
}

const DRIFT = 0.005;
const NEAR_C = 0.5;

/** What is wrong with a bake, or null; a pie that cannot be planned has its reason. */
function bakeFault(spec: PieSpec, stages: readonly Stage[]): string | null {
  const planned = draftPlan(spec);
  if (!planned.ok) return null;
  const { body, blind } = planned.plan.work;
  for (const each of blind ? [blind, body] : [body]) {
    let beforeJ = NaN;
    let hottestWallC = -Infinity;
    const { run, readings } = simulateBake(
      each,
      spec.bake,
      stages,
      meshSizes.coarse,
      undefined,
      ({ state, oven, traits }) => {
        if (state.timeS === 0) beforeJ = totalEnthalpyJ(state);
        hottestWallC = Math.max(hottestWallC, oven.wallC + Math.max(...traits.radiantRiseC));
      },
    );
    const { state } = run;
    const gained = totalEnthalpyJ(state) - beforeJ;
    const drift = Math.abs(gained + state.vapourOutKg * VAPOUR_J_KG - state.heatInJ);
    const scale = Math.max(Math.abs(state.heatInJ), Math.abs(gained));
    if (!(drift <= DRIFT * scale)) return `the heat is off by ${drift / scale}`;
    for (const reading of readings) {
      for (const [name, value] of Object.entries(reading)) {
        if (typeof value === 'number' && !Number.isFinite(value))
          return `${name} is ${value} at ${reading.timeMin}`;
      }
      if (reading.hottestC > hottestWallC + NEAR_C || reading.coldestC < -40)
        return `${reading.coldestC} to ${reading.hottestC} C between walls of ${hottestWallC} C`;
      if (reading.lostG < 0 || reading.topBrowning < 0) return 'less than nothing was lost or browned';
    }
  }
  return null;
}

/** The first of so many seeded pies that is planned wrongly, in words with its spec, or null. */
export function firstPlannedWrong(pies: number, seed: number): string | null {
  const draws = drawsFrom(seed);
  for (let i = 0; i < pies; i++) {
    const spec = anyPie(draws);
    const found = planFault(spec);
    if (found) return `pie ${i}: ${found}\n${JSON.stringify(spec)}`;
  }
  return null;
}

/** The first of so many seeded bakes that goes wrong, in words with its spec and stages, or null. */
export function firstBakedWrong(bakes: number, seed: number): string | null {
  const draws = drawsFrom(seed);
  for (let i = 0; i < bakes; i++) {
    const spec = anyPie(draws);
    const stages = anyStages(draws);
    const found = bakeFault(spec, stages);
    if (found) return `bake ${i}: ${found}\n${JSON.stringify({ spec, stages })}`;
  }
  return null;
}
