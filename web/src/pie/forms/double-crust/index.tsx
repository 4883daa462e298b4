import type { FormView } from '../form-view.js';
import { LidAbove, slitHandle } from '../shared/Above.js';
import { DishLid, lidLine, LidOnSlice } from '../shared/Lid.js';
import { usualView } from '../shared/usual.js';
import { VentsPart } from '../shared/VentsPart.js';

export const doubleCrustView: FormView = {
  ...usualView,
  Controls: VentsPart,
  FromAbove: LidAbove,
  handles: slitHandle,
  SectionTop: ({ plan, section, colour }) => (
    <DishLid section={section} colour={colour} vents={plan.spec.form.vents} />
  ),
  SliceTop: LidOnSlice,
  covered: 'under a lid',
  topLine: lidLine,
  cue: () => 'Look for thick bubbles, not thin ones, through the vents',
};
