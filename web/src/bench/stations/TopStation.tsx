import { Switch } from '@mantine/core';
import { washes, showText } from '@mardle/core';
import { useSettings } from '../../state/settings.js';
import { Choice } from '../../kit/Choice/Choice.js';
import { Dial } from '../../kit/Dial/Dial.js';
import { Fig } from '../../kit/Figure/Fig.js';
import type { StationProps } from '../useBenchSpec.js';
import { changeForm, changePastry } from '../useBenchSpec.js';
import { ventLengthStops, ventStops } from '../words.js';
import { CrumbPart } from './CrumbPart.js';
import { LatticePart } from './LatticePart.js';
import classes from './stations.module.css';

/** What goes over the filling: vents of a lid, strips or crumb; then the wash. */
export function TopStation(props: StationProps) {
  const { spec } = props;
  if (spec.form.kind === 'crumb_top') {
    return (
      <div className={classes.station}>
        <CrumbPart {...props} />
      </div>
    );
  }
  return (
    <div className={classes.station}>
      {spec.form.kind === 'lattice' ? <LatticePart {...props} /> : <VentsPart {...props} />}
      <Choice
        label="Wash"
        value={spec.pastry.wash}
        options={[...washes.values()].map(({ id, label, effect }) => ({ value: id, label, note: effect }))}
        onChange={(wash) => changePastry({ wash })}
      />
      <Switch
        label="Coarse sugar on top"
        checked={spec.pastry.coarseSugar}
        onChange={(event) => changePastry({ coarseSugar: event.currentTarget.checked })}
      />
    </div>
  );
}

function VentsPart({ spec, plan }: StationProps) {
  const units = useSettings((state) => state.units);
  const figures = plan?.figures ?? {};
  return (
    <div className={classes.row}>
      <Dial
        label="Vents"
        value={spec.form.vents}
        stops={ventStops}
        hair={1}
        shown={`${spec.form.vents} slits`}
        onChange={(vents) => changeForm({ vents: Math.round(vents) })}
      />
      <Dial
        label="Each slit"
        value={spec.form.ventLengthCm}
        stops={ventLengthStops}
        hair={0.5}
        shown={showText(spec.form.ventLengthCm, 'cm', units)}
        onChange={(ventLengthCm) => changeForm({ ventLengthCm })}
      />
      <div className={classes.facts}>
        <p>
          Open: <Fig figure={figures['build.vent_share']} /> of the lid; 1 to 2 % is usual.
        </p>
        <p>
          Expect a gap of <Fig figure={figures['build.gap']} band /> under the lid.
        </p>
      </div>
    </div>
  );
}
