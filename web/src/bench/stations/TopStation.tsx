import { Switch } from '@mantine/core';
import { isWashed, washes } from '@mardle/core';
import type { FormKind } from '@mardle/core';
import type { ComponentType } from 'react';
import { Choice } from '../../kit/Choice/Choice.js';
import type { StationProps } from '../useBenchSpec.js';
import { changePastry } from '../useBenchSpec.js';
import { CrumbPart } from './top/CrumbPart.js';
import { CutOutPart } from './top/CutOutPart.js';
import { FreeFormPart } from './top/FreeFormPart.js';
import { HandPiePart } from './top/HandPiePart.js';
import { LatticePart } from './top/LatticePart.js';
import { BatterPart, OpenPart, SconePart, UpsideDownPart } from './top/PlainParts.js';
import { VentsPart } from './top/VentsPart.js';
import classes from './stations.module.css';

const parts: Readonly<Record<FormKind, ComponentType<StationProps>>> = {
  double_crust: VentsPart,
  lattice: LatticePart,
  cut_out: CutOutPart,
  crumb_top: CrumbPart,
  free_form: FreeFormPart,
  open_shell: OpenPart,
  crisp: CrumbPart,
  cobbler: SconePart,
  buckle: BatterPart,
  upside_down: UpsideDownPart,
  hand_pie: HandPiePart,
};

/** What goes over the filling, by the form; then the wash of those that are pastry. */
export function TopStation(props: StationProps) {
  const { spec } = props;
  const Part = parts[spec.form.kind];
  return (
    <div className={classes.station}>
      <Part {...props} />
      {isWashed(spec.form.kind) && (
        <>
          <Choice
            label="Wash"
            value={spec.pastry.wash}
            options={[...washes.values()].map(({ id, label, effect }) => ({
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
