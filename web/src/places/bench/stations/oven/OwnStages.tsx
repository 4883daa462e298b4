import { Button } from '@mantine/core';
import type { PiePlan, PieSpec, Stage } from '@mardle/core';
import { colourTargets, mostToSpareMin } from '@mardle/core';
import { useState } from 'react';
import { colourWord } from '../../../../pie/CrossSection/colours.js';
import { mendStages } from '../../../../shared/workers/bake.js';
import { changeBake } from '../../../../state/changeSpec.js';
import { QuantityField } from '../../../../shared/ui/QuantityField.js';
import classes from '../../../../shared/ui/stations.module.css';

interface OwnStagesProps {
  readonly spec: PieSpec;
  readonly plan: PiePlan | null;
  readonly stages: readonly [Stage, Stage];
}

/** The baker's own two stages: what they would do here, and what mends them. */
export function OwnStages({ spec, plan, stages }: OwnStagesProps) {
  const [mending, setMending] = useState(false);
  const [never, setNever] = useState(false);
  const setStage = (i: 0 | 1, part: Partial<Stage>): void => {
    const [first, second] = stages;
    setNever(false);
    changeBake({ stages: i === 0 ? [{ ...first, ...part }, second] : [first, { ...second, ...part }] });
  };
  const mend = async (): Promise<void> => {
    if (!plan) return;
    setMending(true);
    const found = await mendStages(plan.work, spec.bake).catch(() => null);
    setMending(false);
    if (found) changeBake({ stages: found });
    setNever(found === null);
  };
  return (
    <>
      <div className={classes.row}>
        {stages.map((stage, i) => (
          <div key={i} className={classes.row}>
            <QuantityField
              limit="bake.stages.tempC"
              label={i === 0 ? 'First' : 'Then'}
              unit="C"
              width={110}
              value={stage.tempC}
              onChange={(tempC) => tempC !== null && setStage(i as 0 | 1, { tempC })}
            />
            <QuantityField
              limit="bake.stages.timeMin"
              label="for"
              name={i === 0 ? 'First stage for, min' : 'Second stage for, min'}
              unit="min"
              width={110}
              value={stage.timeMin}
              onChange={(timeMin) => timeMin !== null && setStage(i as 0 | 1, { timeMin })}
            />
          </div>
        ))}
        <Button variant="default" loading={mending} disabled={!plan} onClick={() => void mend()}>
          Keep the heats, mend the times
        </Button>
        <Button variant="default" onClick={() => changeBake({ stages: null })}>
          Find better heats
        </Button>
      </div>
      {never && (
        <p role="alert" className={classes.bad}>
          These two heats never bring this pie home within two and a half hours. Raise the second, or let
          Mardle find both.
        </p>
      )}
      {plan?.bake && <p className={classes.plain}>{whatHappens(plan)}</p>}
    </>
  );
}

/** What a recipe would do here, in a sentence or two. */
export function whatHappens({ bake, spec }: PiePlan): string {
  if (!bake) return '';
  const target = colourTargets[spec.bake.colour];
  const colour = colourWord(bake.atEnd.topBrowning);
  const late =
    bake.doneMin === null
      ? 'the filling is not done when it comes out'
      : bake.doneMin > bake.outMin + 2
        ? `the filling wants ${Math.round(bake.doneMin - bake.outMin)} minutes more`
        : bake.doneMin < bake.outMin - mostToSpareMin
          ? `the filling is done ${Math.round(bake.outMin - bake.doneMin)} minutes before it comes out`
          : bake.doneMin < bake.outMin - 2
            ? `the filling is done with ${Math.round(bake.outMin - bake.doneMin)} minutes to spare`
            : 'the filling is done as it comes out';
  return `In this oven, in this dish: ${late}; the top is ${colour}, where you asked for ${target.label}.`;
}
