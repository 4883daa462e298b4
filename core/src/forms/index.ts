import type { Vessel } from '../geometry/index.js';
import type { DishSpec, FormKind, FormSpec } from '../schema/index.js';
import { buckle } from './buckle/index.js';
import { cobbler } from './cobbler/index.js';
import { crisp } from './crisp/index.js';
import { crumbTop } from './crumb-top/index.js';
import { cutOut } from './cut-out/index.js';
import { doubleCrust } from './double-crust/index.js';
import type { Form } from './form.js';
import { freeForm } from './free-form/index.js';
import { handPie } from './hand-pie/index.js';
import { lattice } from './lattice/index.js';
import { openShell } from './open-shell/index.js';
import { pandowdy } from './pandowdy/index.js';
import { upsideDown } from './upside-down/index.js';

export type { Advice, AdviceQuantity, Station } from './advice.js';
export { adviceText, careAt, sentence, stations, watch } from './advice.js';
export { buildFigures, buildPie } from './build-pie.js';
export type { BuiltContext, PlanContext } from './form.js';
export { equivalents } from './equivalent.js';
export type { Form, TakenUp, SeenDone } from './form.js';
export type { Purchase, SlipGroup, SlipLine } from './slip-line.js';
export { inCupsMl } from './slip-line.js';

const forms: Readonly<Record<FormKind, Form>> = {
  double_crust: doubleCrust,
  lattice,
  cut_out: cutOut,
  crumb_top: crumbTop,
  free_form: freeForm,
  open_shell: openShell,
  crisp,
  cobbler,
  buckle,
  pandowdy,
  upside_down: upsideDown,
  hand_pie: handPie,
};

/**
 * All that a form of pie is.
 * @param kind its name, as in `spec.form.kind`
 * @returns its choices, vessel, top, done rule, clock, slip, care
 * @example formOf('crisp').label
 */
export const formOf = (kind: FormKind): Form => forms[kind];

/** Where the fruit of a form lies in a dish. */
export const vesselOf = (form: FormSpec, dish: DishSpec): Vessel => formOf(form.kind).vessel(form, dish);
