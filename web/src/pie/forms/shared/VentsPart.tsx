import { showText } from '@mardle/core';
import { Dial } from '../../../shared/ui/Dial/Dial.js';
import { Fig } from '../../../shared/ui/Figure/Fig.js';
import { useSettings } from '../../../state/settings.js';
import type { StationProps } from '../../../state/changeSpec.js';
import { changeFormSpec } from '../../../state/changeSpec.js';
import { ventLengthStops, ventStops } from '../../words.js';
import classes from '../../../shared/ui/stations.module.css';

/** Slits in the lid. */
export function VentsPart({ spec, plan }: StationProps) {
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
        onChange={(vents) => changeFormSpec({ vents: Math.round(vents) })}
      />
      <Dial
        label="Each slit"
        value={spec.form.ventLengthCm}
        stops={ventLengthStops}
        hair={0.5}
        shown={showText(spec.form.ventLengthCm, 'cm', units)}
        onChange={(ventLengthCm) => changeFormSpec({ ventLengthCm })}
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
