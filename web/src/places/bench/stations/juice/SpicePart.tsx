import { builtInLarder, showText } from '@mardle/core';
import { Dial } from '../../../../shared/ui/Dial/Dial.js';
import { useSettings } from '../../../../state/settings.js';
import type { StationProps } from '../../../../state/changeSpec.js';
import { changeFilling } from '../../../../state/changeSpec.js';
import { bicarbonateStops, butterStops, seasoningStops, zestStops } from '../../../../pie/words.js';
import classes from '../../../../shared/ui/stations.module.css';

/** Butter, zest and bicarbonate. */
export function ButterPart({ spec }: Pick<StationProps, 'spec'>) {
  const units = useSettings((state) => state.units);
  const { filling } = spec;
  return (
    <div className={classes.row}>
      <Dial
        label="Butter"
        value={filling.butterG}
        stops={butterStops}
        hair={5}
        shown={showText(filling.butterG, 'g', units)}
        onChange={(butterG) => changeFilling({ butterG })}
      />
      <Dial
        label="Lemon zest"
        value={filling.lemonZestG}
        stops={zestStops}
        hair={0.5}
        shown={showText(filling.lemonZestG, 'g', units)}
        onChange={(lemonZestG) => changeFilling({ lemonZestG })}
      />
      <Dial
        label="Bicarbonate"
        value={filling.bicarbonateG}
        stops={bicarbonateStops}
        hair={0.1}
        shown={showText(filling.bicarbonateG, 'g', units)}
        onChange={(bicarbonateG) => changeFilling({ bicarbonateG })}
      />
    </div>
  );
}

/** Salt and spices, by their usual dose for this much fruit. */
export function SpicePart({ spec, plan }: StationProps) {
  const units = useSettings((state) => state.units);
  const { filling } = spec;
  const fruitKg = (plan?.filling.batch.massG ?? 0) / 1000;
  const setSeasoning = (id: string, massG: number): void =>
    changeFilling({
      seasonings: [
        ...filling.seasonings.filter(({ seasoning }) => seasoning !== id),
        ...(massG > 0 ? [{ seasoning: id, massG }] : []),
      ],
    });
  return (
    <div className={classes.row}>
      {[...builtInLarder.seasonings.values()].map(({ id, label, gPerKg }) => {
        const massG = filling.seasonings.find(({ seasoning }) => seasoning === id)?.massG ?? 0;
        const usualG = gPerKg * fruitKg;
        return (
          <Dial
            key={id}
            label={label}
            value={usualG > 0 ? massG / usualG : 0}
            stops={seasoningStops}
            hair={0.05}
            shown={showText(massG, 'g', units)}
            onChange={(times) => setSeasoning(id, Number((times * usualG).toFixed(2)))}
          />
        );
      })}
    </div>
  );
}
