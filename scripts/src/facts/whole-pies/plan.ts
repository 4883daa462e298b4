import { readFileSync } from 'node:fs';
import type { Bake, PiePlan, PieSpec } from '@mardle/core';
import { planPie, readSpec } from '@mardle/core';
import { inRoot } from '../../system/paths.js';

/** The file of a whole pie, read as the door reads it. */
export function specOf(id: string): PieSpec {
  const read = readSpec(JSON.parse(readFileSync(inRoot('docs', 'whole-pies', `${id}.json`), 'utf8')));
  if (!read.ok) throw new Error(`${id}: ${read.problems[0]?.message ?? ''}`);
  return read.spec;
}

/** A pie with its bake, or an error that names it. */
export function planOf(spec: PieSpec): { readonly plan: PiePlan; readonly bake: Bake } {
  const planned = planPie(spec);
  if (!planned.ok || !planned.plan.bake) throw new Error(`${spec.name} cannot be planned`);
  return { plan: planned.plan, bake: planned.plan.bake };
}
