import type { Stage } from '@mardle/core';
import { Button } from '@mantine/core';
import { Tabs } from '../../../shared/ui/Tabs.js';
import type { StationProps } from '../../../state/changeSpec.js';
import { BakeStrip } from './oven/BakeStrip.js';
import { BeforeOven } from './oven/BeforeOven.js';
import { Doneness } from './oven/Doneness.js';
import { OtherWays } from './oven/OtherWays.js';
import { OvenChoices, StagesChoice } from './oven/OvenChoices.js';
import { OwnStages } from './oven/OwnStages.js';
import classes from '../../../shared/ui/stations.module.css';

interface OvenStationProps extends StationProps {
  readonly baking: number | null;
  /** The answer shown is a first rough one. */
  readonly rough: boolean;
  readonly unbakeable: boolean;
  readonly cancel: () => void;
}

const toBeginWith: readonly [Stage, Stage] = [
  { tempC: 215, timeMin: 20 },
  { tempC: 180, timeMin: 35 },
];

/** Which oven, what colour, and the two stages. */
export function OvenStation({ spec, plan, baking, rough, unbakeable, cancel }: OvenStationProps) {
  const { bake } = spec;
  const figures = plan?.figures ?? {};
  return (
    <div className={classes.station}>
      {unbakeable && (
        <p role="alert" className={classes.bad}>
          No setting of this oven gets the filling done in two and a half hours. Take a smaller or shallower
          dish, start from warmer, or cook the filling first.
        </p>
      )}
      {!unbakeable && (rough || !plan?.bake) && (
        <p className={classes.row} role="status">
          {baking === null
            ? 'The bake is not worked out; change anything to try again.'
            : `${rough ? 'A first answer; looking for a better one' : 'Baking this pie at dozens of settings'} … ${Math.round(100 * baking)} %`}
          {baking !== null && (
            <Button variant="default" size="sm" onClick={cancel}>
              Stop
            </Button>
          )}
        </p>
      )}
      <Tabs
        label="Oven"
        leaves={[
          {
            id: 'bake',
            word: 'The bake',
            content: () => (
              <>
                {plan?.bake && (
                  <>
                    <BakeStrip bake={plan.bake} knob={bake.oven.knob} figures={figures} />
                    <Doneness plan={plan} />
                  </>
                )}
                <StagesChoice spec={spec} stages={plan?.bake?.stages ?? toBeginWith} />
                <p className={classes.plain}>
                  In the picture: drag a bar for its heat, its end for its time.
                </p>
                {bake.stages && <OwnStages spec={spec} plan={plan} stages={bake.stages} />}
              </>
            ),
          },
          { id: 'oven', word: 'Oven and place', content: () => <OvenChoices spec={spec} /> },
          { id: 'before', word: 'Before it', content: () => <BeforeOven bake={bake} /> },
          {
            id: 'others',
            word: 'What else would do',
            content: () =>
              plan?.bake?.bands && !rough ? (
                <OtherWays plan={plan} bake={plan.bake} />
              ) : (
                <p className={classes.plain}>
                  {bake.stages
                    ? 'With stages of your own nothing else was looked for; let Mardle find them to see what would do.'
                    : 'Found together with the bake; it is being worked out.'}
                </p>
              ),
          },
        ]}
      />
    </div>
  );
}
