import type { PiePlan } from '@mardle/core';
import { formOf, topAs } from '@mardle/core';
import { viewOf } from '../forms/index.js';
import type { PieView, Section } from './section-shape.js';

const MARGIN_CM = 4.6;

export function makeSection({ build, spec }: PiePlan, view: PieView): Section {
  const { lined, filled, leavesGap } = formOf(spec.form.kind);
  const profile = build.vessel.dish;
  const crustCm = spec.pastry.thicknessMm / 10;
  const raw = view === 'filled';
  const moundCm = raw ? build.rawMoundCm : build.bakedMoundCm;
  const standsCm = viewOf(spec.form.kind).standsCm(build);
  return {
    profile,
    filled,
    crustCm,
    lined,
    rimCm: lined ? 1 : 0,
    edgeCm: raw ? build.rawEdgeCm : build.bakedEdgeCm,
    moundCm,
    topRiseCm: leavesGap ? build.rawMoundCm : moundCm,
    openCm: topAs('border', build.top)?.freeForm.apertureCm ?? profile.topCm,
    heightCm: profile.depthCm + Math.max(build.rawMoundCm, 0.4) + crustCm * 2 + standsCm + 2.1,
    halfWidthCm: Math.max(profile.topCm / 2, filled === 'dish' ? 0 : 9) + MARGIN_CM,
  };
}
