import { Button } from '@mantine/core';
import type { FillingSpec, PiePlan, SaucerResult } from '@mardle/core';
import { draftPlan, evidenceRules, expectedWeepG, saucerResults, showText } from '@mardle/core';
import { scaleLinear } from 'd3-scale';
import { useMemo } from 'react';
import { Choice } from '../../../../shared/ui/Choice/Choice.js';
import { Fig } from '../../../../shared/ui/Figure/Fig.js';
import { Timer } from '../../../../shared/ui/Timer.js';
import { useSettings } from '../../../../state/settings.js';
import type { StationProps } from '../../../../state/changeSpec.js';
import { changeFilling } from '../../../../state/changeSpec.js';
import { QuantityField } from '../../../../shared/ui/QuantityField.js';
import classes from '../../../../shared/ui/stations.module.css';

const saucerWords: Readonly<Record<SaucerResult, string>> = {
  runs: 'It runs',
  creeps: 'It creeps',
  stands: 'It stands',
};

/** Two tests that turn feel into a number, and what each does to this batch's band. */
export function BenchTests({ pieId, spec, plan }: StationProps & { readonly pieId: string }) {
  const { weepTest, saucerTest } = spec.filling;
  const units = useSettings((state) => state.units);
  const { weepSampleG, weepTimeMin, weepSugarPerFruit } = evidenceRules;
  const without = usePlanWith(spec, { weepTest: null, saucerTest: null });
  const afterWeep = usePlanWith(spec, { saucerTest: null });
  return (
    <>
      <div className={classes.test}>
        <h2>Weep test</h2>
        <p>
          {showText(weepSampleG, 'g', units)} of the prepared fruit,{' '}
          {showText(weepSugarPerFruit * weepSampleG, 'g', units)} of sugar, {weepTimeMin} minutes in a bowl.
          Drain, weigh what ran off.
        </p>
        <div className={classes.row}>
          <Timer
            name={`${pieId}/weep`}
            minutes={weepTimeMin}
            label="Weep test: drain and weigh"
            page={`/pies/${pieId}?station=juice&leaf=tests`}
          />
          <QuantityField
            limit="filling.weepTest.drainedG"
            label="It drained"
            unit="g"
            empty={plan ? `about ${showText(expectedWeepG(plan.filling.batch), 'g', units)}` : ''}
            value={weepTest?.drainedG ?? null}
            onChange={(drainedG) => changeFilling({ weepTest: drainedG === null ? null : { drainedG } })}
          />
          {weepTest && (
            <>
              <Effect before={without} after={afterWeep} />
              <Button variant="default" size="sm" onClick={() => changeFilling({ weepTest: null })}>
                Forget it
              </Button>
            </>
          )}
        </div>
      </div>
      <div className={classes.test}>
        <h2>Saucer test</h2>
        <p>A spoon of the thickened, boiled juice on a cold saucer for two minutes. Tilt it.</p>
        <div className={classes.row}>
          <Choice
            label="On the saucer"
            value={saucerTest?.result ?? 'none'}
            options={[
              { value: 'none', label: 'Not tried' },
              ...saucerResults.map((value) => ({ value, label: saucerWords[value] })),
            ]}
            onChange={(value) => changeFilling({ saucerTest: value === 'none' ? null : { result: value } })}
          />
          {saucerTest && <Effect before={afterWeep} after={plan} />}
        </div>
      </div>
      <p>
        This batch gives <Fig figure={plan?.figures['fruit.0.release']} band /> of its water and takes{' '}
        <Fig figure={plan?.figures['thickener.dose']} band /> of thickener.
      </p>
    </>
  );
}

function usePlanWith(spec: StationProps['spec'], part: Partial<FillingSpec>): PiePlan | null {
  const key = JSON.stringify(part);
  return useMemo(() => {
    const drafted = draftPlan({
      ...spec,
      filling: { ...spec.filling, ...(JSON.parse(key) as Partial<FillingSpec>) },
    });
    return drafted.ok ? drafted.plan : null;
  }, [spec, key]);
}

/** The dose and its band, before and after, to scale. */
function Effect({ before, after }: { readonly before: PiePlan | null; readonly after: PiePlan | null }) {
  const units = useSettings((state) => state.units);
  if (!before || !after) return null;
  const rows = [
    { word: 'before', dose: before.filling.dose },
    { word: 'after', dose: after.filling.dose },
  ];
  const most = Math.max(...rows.map(({ dose }) => dose.highG)) * 1.05;
  const x = scaleLinear([0, most], [0, 200]);
  const say = ({ massG, lowG, highG }: PiePlan['filling']['dose']): string =>
    `${showText(massG, 'g', units)} ±${Math.round((highG - lowG) / 2)}`;
  return (
    <svg
      viewBox="0 0 360 52"
      className={classes.effect}
      role="img"
      aria-label={rows.map(({ word, dose }) => `${word}: thickener ${say(dose)}`).join('; ')}
    >
      {rows.map(({ word, dose }, i) => (
        <g key={word} transform={`translate(56 ${14 + i * 25})`}>
          <text x={-6} y={5} textAnchor="end">
            {word}
          </text>
          <rect x={x(dose.lowG)} y={-8} width={x(dose.highG) - x(dose.lowG)} height={16} rx={8} />
          <circle cx={x(dose.massG)} r={4} />
          <text x={206} y={5}>
            {say(dose)}
          </text>
        </g>
      ))}
    </svg>
  );
}
