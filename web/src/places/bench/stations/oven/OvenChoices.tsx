import type { BakeSpec, Beneath, PieSpec, RackLevel, Stage } from '@mardle/core';
import { beneathKinds, colourNames, rackLevels, showDegrees, showText } from '@mardle/core';
import { useKitchen } from '../../../../shared/api/kitchen.js';
import { Choice } from '../../../../shared/ui/Choice/Choice.js';
import { Dial } from '../../../../shared/ui/Dial/Dial.js';
import { useSettings } from '../../../../state/settings.js';
import { changeBake } from '../../../../state/changeSpec.js';
import { colourStops, startStops } from '../../../../pie/words.js';
import { QuantityField } from '../../../../shared/ui/QuantityField.js';
import classes from '../../../../shared/ui/stations.module.css';

interface OvenChoicesProps {
  readonly spec: PieSpec;
  /** The stages that stand now, to begin one's own from. */
  readonly stages: readonly [Stage, Stage];
}

const beneathWords: Readonly<Record<Beneath, string>> = {
  rack: 'On the rack',
  tray: 'On a tray',
  hot_steel: 'On hot steel',
};
const rackWords: Readonly<Record<RackLevel, string>> = { low: 'Low', middle: 'Middle', high: 'High' };

type StageChoice = 'two' | 'one' | 'own';
const chosenStages = ({ stages, singleStage }: BakeSpec): StageChoice =>
  stages ? 'own' : singleStage ? 'one' : 'two';

/** Which oven, where in it, from which cold. */
export function OvenChoices({ spec }: Pick<OvenChoicesProps, 'spec'>) {
  const { data: kitchen } = useKitchen();
  const units = useSettings((state) => state.units);
  const { bake } = spec;
  const ovens = kitchen?.ovens ?? [];
  const here = ovens.find(({ label }) => label === bake.oven.label);
  const off = (offsetC: number): string =>
    offsetC === 0 ? '' : `, ${offsetC > 0 ? 'hot' : 'cold'} by ${showDegrees(offsetC, units)}`;
  return (
    <>
      <div className={classes.row}>
        <Choice
          label="Oven"
          value={here?.id ?? 'other'}
          options={[
            ...ovens.map(({ id, label, kind, offsetC }) => ({
              value: id,
              label,
              note: `${kind}${off(offsetC)}`,
            })),
            ...(here ? [] : [{ value: 'other', label: bake.oven.label, note: bake.oven.kind }]),
          ]}
          onChange={(id) => {
            const chosen = ovens.find((oven) => oven.id === id);
            if (!chosen) return;
            const { id: _, places: __, ...oven } = chosen;
            changeBake({ oven });
          }}
        />
        <Choice<Beneath>
          label="Stands"
          value={bake.beneath ?? 'rack'}
          options={beneathKinds.map((value) => ({ value, label: beneathWords[value] }))}
          onChange={(beneath) => changeBake({ beneath })}
        />
        <Choice<RackLevel>
          label="Rack"
          value={bake.rack ?? 'middle'}
          options={rackLevels.map((value) => ({ value, label: rackWords[value] }))}
          onChange={(rack) => changeBake({ rack })}
        />
      </div>
      <div className={classes.row}>
        <Dial
          label="Goes in"
          value={bake.startC}
          stops={startStops}
          hair={1}
          shown={showText(bake.startC, 'C', units)}
          onChange={(startC) => changeBake({ startC })}
        />
        <QuantityField
          limit="bake.altitudeM"
          label="Height above the sea"
          unit="m"
          width={190}
          value={bake.altitudeM}
          onChange={(altitudeM) => altitudeM !== null && changeBake({ altitudeM })}
        />
      </div>
    </>
  );
}

/** To which colour, and who finds the stages. */
export function StagesChoice({ spec, stages }: OvenChoicesProps) {
  const { bake } = spec;
  return (
    <div className={classes.row}>
      <Dial
        label="Colour"
        value={colourNames.indexOf(bake.colour)}
        stops={colourStops}
        hair={1}
        shown="of the top"
        onChange={(value) => changeBake({ colour: colourNames[Math.round(value)] ?? 'gold' })}
      />
      <Choice<StageChoice>
        label="Stages"
        value={chosenStages(bake)}
        options={[
          { value: 'two', label: 'Find both' },
          { value: 'one', label: 'One heat' },
          { value: 'own', label: 'My recipe says' },
        ]}
        onChange={(value) =>
          changeBake({ stages: value === 'own' ? stages : null, singleStage: value === 'one' })
        }
      />
    </div>
  );
}
