import type { FormKind } from '@mardle/core';
import { buckleView } from './buckle/index.js';
import { cobblerView } from './cobbler/index.js';
import { crispView } from './crisp/index.js';
import { crumbTopView } from './crumb-top/index.js';
import { cutOutView } from './cut-out/index.js';
import { doubleCrustView } from './double-crust/index.js';
import type { FormView } from './form-view.js';
import { freeFormView } from './free-form/index.js';
import { handPieView } from './hand-pie/index.js';
import { latticeView } from './lattice/index.js';
import { openShellView } from './open-shell/index.js';
import { pandowdyView } from './pandowdy/index.js';
import { upsideDownView } from './upside-down/index.js';

export type { FormView } from './form-view.js';

const views: Readonly<Record<FormKind, FormView>> = {
  double_crust: doubleCrustView,
  lattice: latticeView,
  cut_out: cutOutView,
  crumb_top: crumbTopView,
  free_form: freeFormView,
  open_shell: openShellView,
  crisp: crispView,
  cobbler: cobblerView,
  buckle: buckleView,
  pandowdy: pandowdyView,
  upside_down: upsideDownView,
  hand_pie: handPieView,
};

/** All that the screen knows about a form. */
export const viewOf = (kind: FormKind): FormView => views[kind];
