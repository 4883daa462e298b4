import { formOf, usualShell } from '@mardle/core';
import { Dial } from '../../../shared/ui/Dial/Dial.js';
import { Fig } from '../../../shared/ui/Figure/Fig.js';
import classes from '../../../shared/ui/stations.module.css';
import type { StationProps } from '../../../state/changeSpec.js';
import { changeFormSpec } from '../../../state/changeSpec.js';
import { weightStops } from '../../words.js';
import type { FormView } from '../form-view.js';
import { OpenAbove } from '../shared/Above.js';
import { Nothing, usualView } from '../shared/usual.js';

/** An open pie: the shell is baked empty first, under weights or without. */
function OpenPart({ spec, plan }: StationProps) {
  const { weightsMin } = spec.form.shell ?? usualShell;
  const figures = plan?.figures ?? {};
  return (
    <div className={classes.row}>
      <Dial
        label="Weights in the shell"
        value={weightsMin}
        stops={weightStops}
        hair={1}
        shown={weightsMin === 0 ? 'pricked instead' : `${weightsMin} min`}
        onChange={(next) => changeFormSpec({ shell: { weightsMin: Math.round(next) } })}
      />
      <div className={classes.facts}>
        <p>
          Bake the shell empty: <Fig figure={figures['blind.temp']} /> for{' '}
          <Fig figure={figures['blind.time']} band /> in all.{' '}
          {weightsMin > 0
            ? `Line it with paper, fill it with dry beans, lift them out after ${weightsMin} minutes.`
            : 'Prick it all over; it puffs and shrinks more without weights.'}
        </p>
        <p>Nothing lies over the fruit. Fill the shell cold.</p>
      </div>
    </div>
  );
}

export const openShellView: FormView = {
  ...usualView,
  Controls: OpenPart,
  FromAbove: OpenAbove,
  SectionTop: Nothing,
  SliceTop: Nothing,
  covered: 'open on top',
  topLine: () => 'open',
  cue: ({ form, filling }) =>
    formOf(form.kind).filledCold(filling)
      ? 'The shell is done when it is dry and pale gold all over; it is filled cold'
      : 'Done when the filling bubbles thick in the middle',
};
