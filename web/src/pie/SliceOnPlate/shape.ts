import type { PiePlan } from '@mardle/core';
import { formOf, gelStiffnessPa, runIndex } from '@mardle/core';
import { viewOf } from '../forms/index.js';
import type { SliceShape } from './slice-shape.js';

/** A cut face of this stiffness, Pa, leans by half: about the weight of a few cm of filling on itself. */
const HALF_SLUMP_PA = 60;
/** Juice on the plate spreads to about this many cm for each unit of the run index. */
const PUDDLE_CM = 26;

export function sliceShape({ build, filling, spec }: PiePlan): SliceShape {
  const stiffness = gelStiffnessPa(filling.reached);
  // A pie of firm fruit that gives little juice stands by its fruit, whatever the juice does.
  const juicy = Math.min(1, (filling.ledger.juiceG / filling.massG) * 1.6);
  const index = runIndex(filling.ledger.juiceG, filling.massG, filling.reached);
  const { lined, filled } = formOf(spec.form.kind);
  const crustCm = spec.pastry.thicknessMm / 10;
  const baseCm = lined ? crustCm : 0;
  // Batter stands whatever its fruit does.
  const inBatter = viewOf(spec.form.kind).inBatter ? 0.1 : 1;
  return {
    lengthCm: build.vessel.dish.topCm / 2,
    fillingCm: Math.max(0.6, build.bakedEdgeCm + build.bakedMoundCm * 0.6 - baseCm),
    gapCm: build.gapCm,
    crustCm,
    baseCm,
    leansCm: lined ? Math.max(0, (build.vessel.dish.topCm - build.vessel.dish.baseCm) / 2) : 0,
    rimCm: lined && filled === 'dish' ? 1.2 : 0,
    slump: (inBatter * juicy * HALF_SLUMP_PA) / (HALF_SLUMP_PA + stiffness),
    puddleCm: index * inBatter < 0.02 ? 0 : Math.min(9, index * PUDDLE_CM),
  };
}
