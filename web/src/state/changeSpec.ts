import type { BakeSpec, FillingSpec, FormSpec, PastrySpec, PiePlan, PieSpec } from '@mardle/core';
import { useBench } from './bench.js';

/** Changes to one part of the spec on the bench; each is one step of undo. */
export const changeFilling = (part: Partial<FillingSpec>): void =>
  useBench.getState().change((spec) => ({ ...spec, filling: { ...spec.filling, ...part } }));
export const changePastry = (part: Partial<PastrySpec>): void =>
  useBench.getState().change((spec) => ({ ...spec, pastry: { ...spec.pastry, ...part } }));
export const changeFormSpec = (part: Partial<FormSpec>): void =>
  useBench.getState().change((spec) => ({ ...spec, form: { ...spec.form, ...part } }));
export const changeBake = (part: Partial<BakeSpec>): void =>
  useBench.getState().change((spec) => ({ ...spec, bake: { ...spec.bake, ...part } }));

/** Changes to the spec as a whole, where one choice bears on several parts. */
export const changeSpec = (recipe: (spec: PieSpec) => PieSpec): void => useBench.getState().change(recipe);

/** What each station is given: the spec as chosen, the plan as computed (null while the spec cannot be planned). */
export interface StationProps {
  readonly spec: PieSpec;
  readonly plan: PiePlan | null;
}
