import { builtInLarder, cupG, showText } from '@mardle/core';
import type { TypedAmountProps } from '../../../../shared/ui/Dial/TypedAmount.js';
import { Dial } from '../../../../shared/ui/Dial/Dial.js';
import { useSettings } from '../../../../state/settings.js';
import type { StationProps } from '../../../../state/changeSpec.js';
import { changeFilling } from '../../../../state/changeSpec.js';
import { bicarbonateStops, butterStops, seasoningStops, zestStops } from '../../../../pie/words.js';
import classes from '../../../../shared/ui/stations.module.css';

/** Butter, zest and bicarbonate. */
export function ButterPart({ spec, plan }: StationProps) {
  const units = useSettings((state) => state.units);
  const { filling } = spec;
  const amount = (
    label: string,
    key: 'butterG' | 'lemonZestG' | 'bicarbonateG',
    ofACupG: number,
  ): TypedAmountProps => ({
    label,
    limit: `filling.${key}`,
    unit: 'g',
    value: filling[key],
    cupG: ofACupG,
    onChange: (massG) => massG !== null && changeFilling({ [key]: massG }),
  });
  return (
    <div className={classes.row}>
      <Dial
        label="Butter"
        value={filling.butterG}
        stops={butterStops}
        hair={5}
        shown={showText(filling.butterG, 'g', units)}
        onChange={(butterG) => changeFilling({ butterG })}
        typed={amount('Butter', 'butterG', cupG.butter)}
      />
      <Dial
        label="Lemon zest"
        value={filling.lemonZestG}
        stops={zestStops}
        hair={0.5}
        shown={showText(filling.lemonZestG, 'g', units)}
        onChange={(lemonZestG) => changeFilling({ lemonZestG })}
        typed={amount('Lemon zest', 'lemonZestG', cupG.lemonZest)}
      />
      <SeasoningDials spec={spec} plan={plan} rows={zests} />
      <Dial
        label="Bicarbonate"
        value={filling.bicarbonateG}
        stops={bicarbonateStops}
        hair={0.1}
        shown={showText(filling.bicarbonateG, 'g', units)}
        onChange={(bicarbonateG) => changeFilling({ bicarbonateG })}
        typed={amount('Bicarbonate', 'bicarbonateG', cupG.bicarbonate)}
      />
    </div>
  );
}

const TEASPOONS_IN_A_CUP = 48;
/** More than so many times the usual dose is said: it is the baker's to want it. */
const MANY_TIMES = 2.5;

/** How far an amount is beyond what is usual, in words; nothing where it is not. */
const timesUsual = (massG: number, usualG: number): string | undefined =>
  usualG > 0 && massG > MANY_TIMES * usualG ? `${Math.round(massG / usualG)} times the usual` : undefined;

/** Salt and spices, by their usual dose for this much fruit. */
export function SpicePart(props: StationProps) {
  return (
    <div className={classes.row}>
      <SeasoningDials {...props} rows={spices} />
    </div>
  );
}

const seasonings = [...builtInLarder.seasonings.values()];
const spices = seasonings.filter(({ isZest }) => !isZest);
const zests = seasonings.filter(({ isZest }) => isZest);

/** A dial for each of some seasonings. */
function SeasoningDials({ spec, plan, rows }: StationProps & { readonly rows: typeof seasonings }) {
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
    <>
      {rows.map(({ id, label, gPerKg, teaspoonG }) => {
        const massG = filling.seasonings.find(({ seasoning }) => seasoning === id)?.massG ?? 0;
        const usualG = gPerKg * fruitKg;
        return (
          <Dial
            key={id}
            label={label}
            value={usualG > 0 ? massG / usualG : 0}
            stops={seasoningStops}
            hair={0.05}
            shown={[showText(massG, 'g', units), timesUsual(massG, usualG)].filter(Boolean).join(', ')}
            onChange={(times) => setSeasoning(id, Number((times * usualG).toFixed(2)))}
            typed={{
              label,
              limit: 'filling.seasonings.massG',
              unit: 'g',
              value: massG,
              cupG: teaspoonG * TEASPOONS_IN_A_CUP,
              empty: 'none',
              note: timesUsual(massG, usualG),
              onChange: (typedG) => setSeasoning(id, typedG ?? 0),
            }}
          />
        );
      })}
    </>
  );
}
