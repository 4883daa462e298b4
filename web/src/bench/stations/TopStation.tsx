import { Switch } from '@mantine/core';
import { builtInLarder, formOf } from '@mardle/core';
import { Choice } from '../../kit/Choice/Choice.js';
import type { StationProps } from '../useBenchSpec.js';
import { changePastry } from '../useBenchSpec.js';
import { viewOf } from '../forms/index.js';
import classes from './stations.module.css';

/** What goes over the filling, by the form; then the wash of those that are pastry. */
export function TopStation(props: StationProps) {
  const { spec } = props;
  const { Controls } = viewOf(spec.form.kind);
  return (
    <div className={classes.station}>
      <Controls {...props} />
      {formOf(spec.form.kind).washed && (
        <>
          <Choice
            label="Wash"
            value={spec.pastry.wash}
            options={[...builtInLarder.washes.values()].map(({ id, label, effect }) => ({
              value: id,
              label,
              note: effect,
            }))}
            onChange={(wash) => changePastry({ wash })}
          />
          <Switch
            label="Coarse sugar on top"
            checked={spec.pastry.coarseSugar}
            onChange={(event) => changePastry({ coarseSugar: event.currentTarget.checked })}
          />
        </>
      )}
    </div>
  );
}
