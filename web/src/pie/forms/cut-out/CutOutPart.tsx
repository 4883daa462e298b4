import type { CutOutSpec } from '@mardle/core';
import { cutOutLabels, cutOutShapes, showText, usualCutOut } from '@mardle/core';
import { Choice } from '../../../shared/ui/Choice/Choice.js';
import { Dial } from '../../../shared/ui/Dial/Dial.js';
import { Fig } from '../../../shared/ui/Figure/Fig.js';
import { useSettings } from '../../../state/settings.js';
import type { StationProps } from '../../../state/changeSpec.js';
import { changeFormSpec } from '../../../state/changeSpec.js';
import { cutOutStops } from '../../words.js';
import classes from '../../../shared/ui/stations.module.css';

/** Shapes that touch each other and the rim: which, how large, how many. */
export function CutOutPart({ spec, plan }: StationProps) {
  const units = useSettings((state) => state.units);
  const chosen = spec.form.cutOut ?? usualCutOut;
  const figures = plan?.figures ?? {};
  const set = (part: Partial<CutOutSpec>): void => changeFormSpec({ cutOut: { ...chosen, ...part } });
  return (
    <>
      <Choice
        label="Shape"
        value={chosen.shape}
        options={cutOutShapes.map((shape) => ({ value: shape, label: cutOutLabels[shape] }))}
        onChange={(shape) => set({ shape })}
      />
      <div className={classes.row}>
        <Dial
          label="Each piece"
          value={chosen.sizeCm}
          stops={cutOutStops}
          hair={0.5}
          shown={`${showText(chosen.sizeCm, 'cm', units)} long`}
          onChange={(sizeCm) => set({ sizeCm })}
        />
        <div className={classes.facts}>
          <p>
            Cut <Fig figure={figures['cut_out.count']} band /> out of{' '}
            <Fig figure={figures['pastry.top_mass']} /> of dough, rolled no thicker than the base: thick ones
            stay raw.
          </p>
          <p>
            Lay them from the rim inward, each touching the rim or its neighbour, or they drift.{' '}
            <Fig figure={figures['top.open']} /> stays open, so it needs no vents.
          </p>
        </div>
      </div>
    </>
  );
}
