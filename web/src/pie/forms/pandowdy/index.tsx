import { Fig } from '../../../shared/ui/Figure/Fig.js';
import classes from '../../../shared/ui/stations.module.css';
import type { StationProps } from '../../../state/changeSpec.js';
import type { FormView } from '../form-view.js';
import { LidAbove, slitHandle } from '../shared/Above.js';
import { DishLid, lidLine, LidOnSlice } from '../shared/Lid.js';
import { usualView } from '../shared/usual.js';
import { VentsPart } from '../shared/VentsPart.js';

function PandowdyPart(props: StationProps) {
  return (
    <>
      <VentsPart {...props} />
      <p className={classes.plain}>
        Roll the lid to <Fig figure={props.plan?.figures['pastry.lid_disc']} /> and tuck it in. Half way
        through the bake break it with a spoon and press the pieces into the juice.
      </p>
    </>
  );
}

export const pandowdyView: FormView = {
  ...usualView,
  Controls: PandowdyPart,
  FromAbove: LidAbove,
  handles: slitHandle,
  SectionTop: ({ plan, section, colour }) => (
    <DishLid section={section} colour={colour} vents={plan.spec.form.vents} />
  ),
  SliceTop: LidOnSlice,
  covered: 'under a lid to be broken',
  topLine: lidLine,
  cue: () => 'Done when thick juice bubbles up between the broken pieces',
};
