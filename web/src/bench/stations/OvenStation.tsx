import type { Stage } from '@mardle/core';
import { colourNames, showText } from '@mardle/core';
import { Button } from '@mantine/core';
import { useState } from 'react';
import { useKitchen } from '../../api/kitchen.js';
import { useSettings } from '../../state/settings.js';
import { Choice } from '../../kit/Choice/Choice.js';
import { Dial } from '../../kit/Dial/Dial.js';
import { Fig } from '../../kit/Figure/Fig.js';
import type { StationProps } from '../useBenchSpec.js';
import { changeBake } from '../useBenchSpec.js';
import { colourStops, startStops } from '../words.js';
import { BakeCurves } from './BakeCurves.js';
import { BakeStrip } from './BakeStrip.js';
import { QuantityField } from './QuantityField.js';
import classes from './stations.module.css';

interface OvenStationProps extends StationProps {
  readonly baking: number | null;
  readonly unbakeable: boolean;
  readonly cancel: () => void;
}

/** Which oven, what colour, and the two stages. */
export function OvenStation({ spec, plan, baking, unbakeable, cancel }: OvenStationProps) {
  const [curves, setCurves] = useState(false);
  const { data: kitchen } = useKitchen();
  const units = useSettings((state) => state.units);
  const { bake } = spec;
  const ovens = kitchen?.ovens ?? [];
  const here = ovens.find(({ label }) => label === bake.oven.label);
  const figures = plan?.figures ?? {};
  const setStage = (i: 0 | 1, part: Partial<Stage>): void => {
    if (!bake.stages) return;
    const [first, second] = bake.stages;
    changeBake({ stages: i === 0 ? [{ ...first, ...part }, second] : [first, { ...second, ...part }] });
  };
  const own: readonly [Stage, Stage] = plan?.bake?.stages ?? [
    { tempC: 215, timeMin: 20 },
    { tempC: 180, timeMin: 35 },
  ];
  return (
    <div className={classes.station}>
      <div className={classes.row}>
        <Choice
          label="Oven"
          value={here?.id ?? 'other'}
          options={[
            ...ovens.map(({ id, label, kind, offsetC }) => ({
              value: id,
              label,
              note: `${kind}${offsetC === 0 ? '' : `, ${offsetC > 0 ? 'hot' : 'cold'} by ${units === 'us' ? `${Math.round(Math.abs(offsetC) * 1.8)} °F` : `${Math.abs(offsetC)} °C`}`}`,
            })),
            ...(here ? [] : [{ value: 'other', label: bake.oven.label, note: bake.oven.kind }]),
          ]}
          onChange={(id) => {
            const chosen = ovens.find((oven) => oven.id === id);
            if (!chosen) return;
            const { label, kind, offsetC, warmUpMin } = chosen;
            changeBake({ oven: { label, kind, offsetC, warmUpMin } });
          }}
        />
        <Dial
          label="Colour"
          value={colourNames.indexOf(bake.colour)}
          stops={colourStops}
          hair={1}
          shown="of the top"
          onChange={(value) => changeBake({ colour: colourNames[Math.round(value)] ?? 'gold' })}
        />
        <Dial
          label="Goes in"
          value={bake.startC}
          stops={startStops}
          hair={1}
          shown={showText(bake.startC, 'C', units)}
          onChange={(startC) => changeBake({ startC })}
        />
        <Choice
          label="Stages"
          value={bake.stages ? 'own' : 'found'}
          options={[
            { value: 'found', label: 'Find them' },
            { value: 'own', label: 'My own' },
          ]}
          onChange={(value) => changeBake({ stages: value === 'own' ? own : null })}
        />
      </div>
      {bake.stages && (
        <div className={classes.row}>
          {bake.stages.map((stage, i) => (
            <div key={i} className={classes.row}>
              <QuantityField
                path="bake.stages.tempC"
                label={`Stage ${i + 1}`}
                unit="C"
                value={stage.tempC}
                onChange={(tempC) => tempC !== null && setStage(i as 0 | 1, { tempC })}
              />
              <QuantityField
                path="bake.stages.timeMin"
                label={`Stage ${i + 1}`}
                unit="min"
                value={stage.timeMin}
                onChange={(timeMin) => timeMin !== null && setStage(i as 0 | 1, { timeMin })}
              />
            </div>
          ))}
        </div>
      )}
      {unbakeable && (
        <p role="alert" className={classes.bad}>
          No setting of this oven gets the filling done in two and a half hours. Take a smaller or shallower
          dish, start from warmer, or cook the filling first.
        </p>
      )}
      {plan?.bake ? (
        <>
          <BakeStrip bake={plan.bake} figures={figures} />
          <Button
            variant="default"
            size="sm"
            w={260}
            aria-expanded={curves}
            onClick={() => setCurves(!curves)}
          >
            {curves ? 'Hide the temperatures' : 'Temperatures through the bake'}
          </Button>
          {curves && <BakeCurves bake={plan.bake} />}
          <p>
            Done when thick bubbles come through the vents in the middle, about{' '}
            <Fig figure={figures['bake.done']} band /> from loading; golden at{' '}
            <Fig figure={figures['bake.golden']} band />
            {plan.bake.foilMin !== null && `; loose foil from about ${plan.bake.foilMin} min`}. Slice after{' '}
            <Fig figure={figures['cool.slice']} /> on the rack.
          </p>
        </>
      ) : (
        !unbakeable && (
          <p className={classes.row} role="status">
            {baking === null
              ? 'The bake is not worked out; change anything to try again.'
              : `Baking this pie at three dozen settings … ${Math.round(100 * baking)} %`}
            {baking !== null && (
              <Button variant="default" size="sm" onClick={cancel}>
                Stop
              </Button>
            )}
          </p>
        )
      )}
    </div>
  );
}
