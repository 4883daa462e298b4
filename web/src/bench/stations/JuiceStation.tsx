import { Button, NumberInput } from '@mantine/core';
import { builtInSugars, builtInThickeners, setNames, tasteStepG } from '@mardle/core';
import { Choice } from '../../kit/Choice/Choice.js';
import { Dial } from '../../kit/Dial/Dial.js';
import { Fig } from '../../kit/Figure/Fig.js';
import type { StationProps } from '../useBenchSpec.js';
import { changeFilling } from '../useBenchSpec.js';
import { lemonStops, setStops, sweetnessStops } from '../words.js';
import classes from './stations.module.css';

/** Sugar, lemon and thickener. */
export function JuiceStation({ spec, plan }: StationProps) {
  const { filling } = spec;
  const { sugar, thickeners } = filling;
  const figures = plan?.figures ?? {};
  return (
    <div className={classes.station}>
      <div className={classes.row}>
        <Dial
          label="Sweetness"
          value={sugar.style}
          stops={sweetnessStops}
          hair={0.005}
          shown={sugar.massG === null ? sugar.style.toFixed(3).replace(/0$/, '') : 'your own'}
          onChange={(style) => changeFilling({ sugar: { ...sugar, style, massG: null } })}
        />
        <Dial
          label="Set"
          value={setNames.indexOf(filling.set)}
          stops={setStops}
          hair={1}
          shown={`${figures['thickener.target']?.value.toFixed(1) ?? '…'} in 100 g`}
          onChange={(value) => changeFilling({ set: setNames[Math.round(value)] ?? 'clean_slice' })}
        />
        <Dial
          label="Lemon juice"
          value={filling.lemonJuiceG}
          stops={lemonStops}
          hair={5}
          shown={`${filling.lemonJuiceG} g`}
          onChange={(lemonJuiceG) => changeFilling({ lemonJuiceG })}
        />
        <div className={classes.facts}>
          <p>
            <Fig figure={figures['sugar.mass']} /> sugar. In all <Fig figure={figures['sugar.total']} />,
            sugar to acid <Fig figure={figures['sugar.to_acid']} />.
          </p>
          <p>
            Juice to thicken: <Fig figure={figures['ledger.juice']} band />,{' '}
            <Fig figure={figures['ledger.brix']} />. It takes <Fig figure={figures['thickener.dose']} band />.
          </p>
          <p className={classes.row}>
            <Button
              variant="default"
              size="sm"
              disabled={!plan}
              onClick={() =>
                plan &&
                changeFilling({
                  sugar: {
                    ...sugar,
                    massG: Math.round(
                      plan.filling.sugar.massG + tasteStepG(plan.filling.batch, plan.filling.sugar),
                    ),
                  },
                })
              }
            >
              Still sharp
            </Button>
            {sugar.massG !== null && (
              <Button
                variant="default"
                size="sm"
                onClick={() => changeFilling({ sugar: { ...sugar, massG: null } })}
              >
                Back to the dial
              </Button>
            )}
          </p>
        </div>
      </div>
      <Choice
        label="Thickener"
        value={thickeners[0]?.thickener ?? 'corn_starch'}
        options={[...builtInThickeners.values()].map(({ id, label }) => ({ value: id, label }))}
        onChange={(thickener) => changeFilling({ thickeners: [{ thickener, share: 1 }] })}
      />
      <div className={classes.row}>
        <NumberInput
          label="Or only this much thickener, g"
          placeholder="the dose"
          hideControls
          min={0}
          max={2000}
          value={filling.thickenerMassG ?? ''}
          onChange={(value) => changeFilling({ thickenerMassG: typeof value === 'number' ? value : null })}
        />
        <Choice
          label="Sugar"
          value={sugar.sugar}
          options={[...builtInSugars.values()].map(({ id, label }) => ({ value: id, label }))}
          onChange={(kind) => changeFilling({ sugar: { ...sugar, sugar: kind } })}
        />
      </div>
    </div>
  );
}
