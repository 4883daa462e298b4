import { builtInSugars, showText } from '@mardle/core';
import { Button } from '@mantine/core';
import { Choice } from '../../../../shared/ui/Choice/Choice.js';
import { Dial } from '../../../../shared/ui/Dial/Dial.js';
import { useSettings } from '../../../../state/settings.js';
import type { StationProps } from '../../../../state/changeSpec.js';
import { changeFilling } from '../../../../state/changeSpec.js';
import { shareStops } from '../../../../pie/words.js';
import classes from '../../../../shared/ui/stations.module.css';

const options = [...builtInSugars.values()].map(({ id, label, water }) => ({
  value: id,
  label,
  note: water > 0.05 ? `brings ${Math.round(100 * water)} % water` : undefined,
}));

const USUAL_SHARE = 0.3;

/** Which sugar, and a second one beside it. */
export function SugarsPart({ spec, plan }: StationProps) {
  const units = useSettings((state) => state.units);
  const { sugar } = spec.filling;
  const { second } = sugar;
  const massG = plan?.filling.sugar.massG ?? 0;
  const others = options.filter(({ value }) => value !== sugar.sugar);
  const change = (part: Partial<typeof sugar>): void => changeFilling({ sugar: { ...sugar, ...part } });
  return (
    <>
      <Choice
        label="Sugar"
        value={sugar.sugar}
        options={options}
        onChange={(kind) => change({ sugar: kind, second: second?.sugar === kind ? undefined : second })}
      />
      {second ? (
        <>
          <Choice
            label="and beside it"
            value={second.sugar}
            options={others}
            onChange={(kind) => change({ second: { ...second, sugar: kind } })}
          />
          <div className={classes.row}>
            <Dial
              label="Its share"
              value={second.share}
              stops={shareStops}
              hair={0.05}
              shown={showText(massG * second.share, 'g', units)}
              onChange={(share) =>
                change({ second: { ...second, share: Math.min(0.99, Math.max(0.01, share)) } })
              }
            />
            <Button variant="default" onClick={() => change({ second: undefined })}>
              One sugar alone
            </Button>
          </div>
        </>
      ) : (
        <div>
          <Button
            variant="default"
            onClick={() => change({ second: { sugar: others[0]?.value ?? 'white', share: USUAL_SHARE } })}
          >
            A second sugar beside it
          </Button>
        </div>
      )}
    </>
  );
}
