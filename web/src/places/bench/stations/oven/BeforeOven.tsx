import type { BakeSpec, ChillPlace, OvenReadiness } from '@mardle/core';
import { showText } from '@mardle/core';
import { Button } from '@mantine/core';
import { Choice } from '../../../../shared/ui/Choice/Choice.js';
import { Dial } from '../../../../shared/ui/Dial/Dial.js';
import { useSettings } from '../../../../state/settings.js';
import { changeBake } from '../../../../state/changeSpec.js';
import { besideStops, chillStops, pastryStops } from '../../../../pie/words.js';
import classes from '../../../../shared/ui/stations.module.css';

type Wait = ChillPlace | 'none';

const USUAL_WAIT_MIN = 20;

/** The wait in the cold, pastry that is colder than its filling, an oven that is full or only just hot. */
export function BeforeOven({ bake }: { readonly bake: BakeSpec }) {
  const units = useSettings((state) => state.units);
  const { chill, pastryC, beside = 0 } = bake;
  return (
    <>
      <div className={classes.row}>
        <Choice<Wait>
          label="Waits"
          value={chill?.place ?? 'none'}
          options={[
            { value: 'none', label: 'Straight in' },
            { value: 'fridge', label: 'Fridge' },
            { value: 'freezer', label: 'Freezer' },
          ]}
          onChange={(place) =>
            changeBake({
              chill: place === 'none' ? undefined : { place, minutes: chill?.minutes ?? USUAL_WAIT_MIN },
            })
          }
        />
        {chill && (
          <Dial
            label="For"
            value={chill.minutes}
            stops={chillStops}
            hair={5}
            shown={`${chill.minutes} min`}
            onChange={(minutes) => changeBake({ chill: { ...chill, minutes: Math.round(minutes) } })}
          />
        )}
        <Choice<OvenReadiness>
          label="The oven is"
          value={bake.ready ?? 'hot_through'}
          options={[
            { value: 'hot_through', label: 'Hot through' },
            { value: 'just_reached', label: 'Only just there' },
          ]}
          onChange={(ready) => changeBake({ ready })}
        />
      </div>
      <div className={classes.row}>
        <Dial
          label="Other pies in it"
          value={beside}
          stops={besideStops}
          hair={1}
          shown={beside === 0 ? 'alone' : `${beside} beside it`}
          onChange={(value) => changeBake({ beside: Math.round(value) })}
        />
        {pastryC === undefined ? (
          <Button variant="default" onClick={() => changeBake({ pastryC: 4 })}>
            The pastry is colder than the filling
          </Button>
        ) : (
          <>
            <Dial
              label="The pastry"
              value={pastryC}
              stops={pastryStops}
              hair={1}
              shown={showText(pastryC, 'C', units)}
              onChange={(value) => changeBake({ pastryC: value })}
            />
            <Button variant="default" onClick={() => changeBake({ pastryC: undefined })}>
              As warm as the filling
            </Button>
          </>
        )}
      </div>
    </>
  );
}
