import { Button } from '@mantine/core';
import { latticeAngles, showText, usualLattice, weaveSteps } from '@mardle/core';
import { useSettings } from '../../state/settings.js';
import type { LatticeSpec } from '@mardle/core';
import { useState } from 'react';
import { Choice } from '../../kit/Choice/Choice.js';
import { Dial } from '../../kit/Dial/Dial.js';
import { Fig } from '../../kit/Figure/Fig.js';
import type { StationProps } from '../useBenchSpec.js';
import { changeForm } from '../useBenchSpec.js';
import { LatticePlan } from '../Weave/LatticePlan.js';
import { WeaveSteps } from '../Weave/WeaveSteps.js';
import { stripStops, stripWidthStops } from '../words.js';
import classes from './stations.module.css';

/** How many strips, how wide, at which angle; and the weave. */
export function LatticePart({ spec, plan }: StationProps) {
  const units = useSettings((state) => state.units);
  const [weaving, setWeaving] = useState(false);
  const chosen = spec.form.lattice ?? usualLattice;
  const figures = plan?.figures ?? {};
  const top = plan?.build.top;
  const lattice = top?.kind === 'lattice' ? top.lattice : null;
  const set = (part: Partial<LatticeSpec>): void => {
    const next = { ...chosen, ...part };
    // Strips are never wider than their share of the top: more of them are narrower.
    const widest = Math.floor((spec.dish.topCm / next.strips) * 10) / 10;
    changeForm({ lattice: { ...next, widthCm: Math.min(next.widthCm, widest) } });
  };
  return (
    <div className={classes.row}>
      <Dial
        label="Strips each way"
        value={chosen.strips}
        stops={stripStops}
        hair={1}
        shown={`${chosen.strips} x ${chosen.strips}`}
        onChange={(strips) => set({ strips: Math.round(strips) })}
      />
      <Dial
        label="Strip"
        value={chosen.widthCm}
        stops={stripWidthStops}
        hair={0.1}
        shown={`${showText(chosen.widthCm, 'cm', units)} wide`}
        onChange={(widthCm) => set({ widthCm })}
      />
      <div className={classes.narrow}>
        <Choice
          label="Angle"
          value={String(chosen.angleDeg)}
          options={latticeAngles.map((angle) => ({ value: String(angle), label: `${angle}°` }))}
          onChange={(angle) => set({ angleDeg: Number(angle) })}
        />
        <p className={classes.plain}>
          Gap <Fig figure={figures['lattice.gap']} />, open <Fig figure={figures['lattice.open']} />. Cut from
          a sheet <Fig figure={figures['lattice.longest']} /> by{' '}
          <Fig figure={figures['lattice.sheet_width']} />. Wide strips are easier and quicker.
        </p>
        <Button onClick={() => setWeaving(true)} disabled={!lattice}>
          Weave it, step by step
        </Button>
      </div>
      {lattice && (
        <div className={classes.plan}>
          <LatticePlan
            lattice={lattice}
            topCm={spec.dish.topCm}
            angleDeg={chosen.angleDeg}
            steps={weaveSteps(chosen.strips, chosen.strips)}
            now={null}
            label={`The lattice from above: ${chosen.strips} by ${chosen.strips} strips, woven over and under at ${chosen.angleDeg} degrees`}
          />
        </div>
      )}
      {weaving && lattice && (
        <WeaveSteps
          lattice={lattice}
          topCm={spec.dish.topCm}
          angleDeg={chosen.angleDeg}
          onClose={() => setWeaving(false)}
        />
      )}
    </div>
  );
}
