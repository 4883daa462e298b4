import { Switch } from '@mantine/core';
import { washes } from '@mardle/core';
import { Choice } from '../../kit/Choice/Choice.js';
import { Dial } from '../../kit/Dial/Dial.js';
import { Fig } from '../../kit/Figure/Fig.js';
import type { StationProps } from '../useBenchSpec.js';
import { changeForm, changePastry } from '../useBenchSpec.js';
import { ventStops } from '../words.js';
import classes from './stations.module.css';

/** Vents and wash. */
export function TopStation({ spec, plan }: StationProps) {
  const figures = plan?.figures ?? {};
  return (
    <div className={classes.station}>
      <Choice
        label="Wash"
        value={spec.pastry.wash}
        options={[...washes.values()].map(({ id, label, effect }) => ({ value: id, label, note: effect }))}
        onChange={(wash) => changePastry({ wash })}
      />
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
          stops={[
            { value: 1, word: 'short' },
            { value: 3, word: 'usual' },
            { value: 6, word: 'long' },
          ]}
          hair={0.5}
          shown={`${spec.form.ventLengthCm} cm`}
          onChange={(ventLengthCm) => changeForm({ ventLengthCm })}
        />
        <div className={classes.facts}>
          <p>
            Open: <Fig figure={figures['build.vent_share']} /> of the lid; 1 to 2 % is usual.
          </p>
          <p>
            Expect a gap of <Fig figure={figures['build.gap']} band /> under the lid.
          </p>
          <Switch
            label="Coarse sugar on top"
            checked={spec.pastry.coarseSugar}
            onChange={(event) => changePastry({ coarseSugar: event.currentTarget.checked })}
          />
        </div>
      </div>
    </div>
  );
}
