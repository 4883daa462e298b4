import type { FormKind } from '@mardle/core';
import { buckle } from './buckle/index.js';
import { cobbler } from './cobbler/index.js';
import { crispView } from './crisp/index.js';
import { crumbTopView } from './crumb-top/index.js';
import { cutOut } from './cut-out/index.js';
import { doubleCrust } from './double-crust/index.js';
import type { FormView } from './form-view.js';
import { freeForm } from './free-form/index.js';
import { handPie } from './hand-pie/index.js';
import { lattice } from './lattice/index.js';
import { openShell } from './open-shell/index.js';
import { pandowdy } from './pandowdy/index.js';
import { upsideDown } from './upside-down/index.js';

export type { FormView } from './form-view.js';

const views: Readonly<Record<FormKind, FormView>> = {
  double_crust: doubleCrust,
  lattice,
  cut_out: cutOut,
  crumb_top: crumbTopView,
  free_form: freeForm,
  open_shell: openShell,
  crisp: crispView,
  cobbler,
  buckle,
  pandowdy,
  upside_down: upsideDown,
  hand_pie: handPie,
};

/** All that the screen knows about a form. */
export const viewOf = (kind: FormKind): FormView => views[kind];
