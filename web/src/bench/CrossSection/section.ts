import type { PiePlan } from '@mardle/core';
import { formOf, topAs } from '@mardle/core';
import { viewOf } from '../forms/index.js';
import type { Profile } from './geometry.js';

export type PieView = 'filled' | 'baked';

/** What is drawn of a pie from the side, whatever its form. Lengths in cm. */
export interface Section {
  /** Inside of what holds the fruit. */
  readonly profile: Profile;
  readonly filled: 'dish' | 'sheet' | 'parcel';
  /** Thickness of the pastry, and whether it lies under the fruit. */
  readonly crustCm: number;
  readonly lined: boolean;
  /** How far pastry reaches over the rim. */
  readonly rimCm: number;
  readonly edgeCm: number;
  readonly moundCm: number;
  /** How far the top rises over the rim: a lid stays where the raw heap lifted it, all else sinks with the fruit. */
  readonly topRiseCm: number;
  /** Across what a folded border leaves open. */
  readonly openCm: number;
  /** Height of the drawing over the bench. */
  readonly heightCm: number;
  readonly halfWidthCm: number;
}

const MARGIN_CM = 4.6;

export function sectionOf({ build, spec }: PiePlan, view: PieView): Section {
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
