import type { BakeSpec, DishSpec, FillingSpec, FormSpec, PastrySpec, PiePlan, PieSpec } from '@mardle/core';
import { useBench } from '../state/bench.js';

/** Changes to one part of the spec on the bench; each is one step of undo. */
export const changeFilling = (part: Partial<FillingSpec>): void =>
  useBench.getState().change((spec) => ({ ...spec, filling: { ...spec.filling, ...part } }));
export const changePastry = (part: Partial<PastrySpec>): void =>
  useBench.getState().change((spec) => ({ ...spec, pastry: { ...spec.pastry, ...part } }));
export const changeForm = (part: Partial<FormSpec>): void =>
  useBench.getState().change((spec) => ({ ...spec, form: { ...spec.form, ...part } }));
export const changeDish = (part: Partial<DishSpec>): void =>
  useBench.getState().change((spec) => ({ ...spec, dish: { ...spec.dish, ...part } }));
export const changeBake = (part: Partial<BakeSpec>): void =>
  useBench.getState().change((spec) => ({ ...spec, bake: { ...spec.bake, ...part } }));

/** What each station is given: the spec as chosen, the plan as computed (null while the spec cannot be planned). */
export interface StationProps {
  readonly spec: PieSpec;
  readonly plan: PiePlan | null;
}
