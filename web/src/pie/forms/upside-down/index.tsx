import { Fig } from '../../../shared/ui/Figure/Fig.js';
import classes from '../../../shared/ui/stations.module.css';
import type { StationProps } from '../../../state/changeSpec.js';
import type { FormView } from '../form-view.js';
import { LidAbove } from '../shared/Above.js';
import { DishLid, lidLine, LidOnSlice } from '../shared/Lid.js';
import { usualView } from '../shared/usual.js';

/** Pastry over caramelised fruit, turned out after. */
function UpsideDownPart({ plan }: StationProps) {
  const figures = plan?.figures ?? {};
  return (
    <div className={classes.facts}>
      <p>
        Roll the lid to <Fig figure={figures['pastry.lid_disc']} />
        {figures['pastry.lid_width'] && (
          <>
            {' '}
            by <Fig figure={figures['pastry.lid_width']} />
          </>
        )}
        , lay it over the fruit cold, tuck the edge down inside the pan, and prick it all over.
      </p>
      <p>Turn it out warm, not hot, with a dry cloth over both hands: hot caramel burns.</p>
    </div>
  );
}

/** Pricks that are seen in a cut through the lid. */
const PRICKS = 7;

export const upsideDownView: FormView = {
  ...usualView,
  Controls: UpsideDownPart,
  FromAbove: ({ plan }) => <LidAbove plan={plan} pricked />,
  SectionTop: ({ section, colour }) => <DishLid section={section} colour={colour} vents={PRICKS} />,
  SliceTop: LidOnSlice,
  covered: 'under a lid',
  topLine: lidLine,
  cue: () => 'Done when the lid is deep gold and the caramel bubbles at its edge',
};
