import type { Preparation, PreparationKind } from '@mardle/core';
import {
  cookedShare,
  draftPlan,
  glazeRules,
  HOLD_C,
  preparationKinds,
  preparations,
  showText,
  USUAL_BRIX,
} from '@mardle/core';
import { useMemo } from 'react';
import { Choice } from '../../../../shared/ui/Choice/Choice.js';
import { Dial } from '../../../../shared/ui/Dial/Dial.js';
import { Fig } from '../../../../shared/ui/Figure/Fig.js';
import { useSettings } from '../../../../state/settings.js';
import type { StationProps } from '../../../../state/changeSpec.js';
import { changeFilling } from '../../../../state/changeSpec.js';
import { boilStops, cookedStops, liquidStops, minuteStops, wholeStops } from '../../../../pie/words.js';
import classes from '../../../../shared/ui/stations.module.css';

const timed: ReadonlySet<PreparationKind> = new Set(['weep', 'hold', 'stew', 'saute']);

/** One of six ways to prepare the filling, with the points where a baker stops the pan. */
export function PreparationPart({ spec, plan }: StationProps) {
  const units = useSettings((state) => state.units);
  const { preparation, thickeners } = spec.filling;
  const { kind } = preparation;
  const set = (part: Partial<Preparation>): void =>
    changeFilling({ preparation: { ...preparation, ...part } });
  const choose = (next: PreparationKind): void => {
    // Gelatine serves unbaked fillings alone; a baked one goes back to corn starch.
    const keeps =
      next === 'glaze' ? thickeners : thickeners.filter(({ thickener }) => thickener !== 'gelatine');
    changeFilling({
      preparation: { kind: next },
      thickeners: keeps.length > 0 ? keeps : [{ thickener: 'corn_starch', share: 1 }],
    });
  };
  const minutes = preparation.minutes ?? preparations[kind].minutes;
  const liquidG =
    preparation.liquidG ??
    (kind === 'glaze' ? Math.round(glazeRules.usualLiquidShare * (plan?.filling.batch.massG ?? 0)) : 0);
  return (
    <>
      <Choice
        label="Preparation"
        value={kind}
        options={preparationKinds.map((value) => ({ value, label: preparations[value].label }))}
        onChange={choose}
      />
      <p className={classes.plain}>{preparations[kind].what}</p>
      <div className={classes.row}>
        {timed.has(kind) && (
          <Dial
            label="Minutes"
            value={minutes}
            stops={minuteStops}
            hair={1}
            shown={`${minutes} min`}
            onChange={(value) => set({ minutes: Math.round(value) })}
          />
        )}
        {kind === 'weep' && (
          <Dial
            label="Boil down to"
            value={preparation.boilToBrix ?? USUAL_BRIX}
            stops={boilStops}
            hair={1}
            shown={`${preparation.boilToBrix ?? USUAL_BRIX} °Bx`}
            onChange={(boilToBrix) => set({ boilToBrix: Math.round(boilToBrix) })}
          />
        )}
        {(kind === 'glaze' || kind === 'saute') && (
          <Dial
            label={kind === 'glaze' ? 'Water or juice' : 'To deglaze'}
            value={Math.min(400, liquidG)}
            stops={liquidStops}
            hair={5}
            shown={showText(liquidG, 'g', units)}
            onChange={(value) => set({ liquidG: Math.round(value) })}
          />
        )}
        {kind !== 'glaze' && preparations[kind].heldAtC !== null && (
          <Dial
            label="Cooked"
            value={cookedShare(preparation)}
            stops={wholeStops}
            hair={0.05}
            shown={
              cookedShare(preparation) === 1
                ? 'all of it'
                : `${Math.round(100 * cookedShare(preparation))} %, the rest raw`
            }
            onChange={(share) => set({ cookedShare: share >= 0.99 ? undefined : Number(share.toFixed(2)) })}
          />
        )}
        {kind === 'glaze' && (
          <Dial
            label="Cooked into it"
            value={preparation.cookedShare ?? glazeRules.usualCookedShare}
            stops={cookedStops}
            hair={0.01}
            shown={`${Math.round(100 * (preparation.cookedShare ?? glazeRules.usualCookedShare))} % of the fruit`}
            onChange={(share) => set({ cookedShare: share })}
          />
        )}
        <PreparationFacts spec={spec} plan={plan} minutes={minutes} />
      </div>
    </>
  );
}

/** What the preparation does to the juice, beside what it would be without. */
function PreparationFacts({ spec, plan, minutes }: StationProps & { readonly minutes: number }) {
  const units = useSettings((state) => state.units);
  const { kind } = spec.filling.preparation;
  const figures = plan?.figures ?? {};
  const boilStop = plan?.filling.prepared.boilStop;
  const raw = useMemo(
    () =>
      draftPlan({
        ...spec,
        filling: {
          ...spec.filling,
          preparation: { kind: 'raw' },
          thickeners: spec.filling.thickeners.filter(({ thickener }) => thickener !== 'gelatine'),
        },
      }),
    [spec],
  );
  return (
    <div className={classes.facts}>
      {boilStop && (
        <p>
          About <Fig figure={figures['preparation.drained']} band /> drains.{' '}
          {boilStop.juiceG - boilStop.stopMassG < 5 ? (
            <>It is as thick as it has to be: bring it to the boil once and give it back.</>
          ) : (
            <>
              Boil it down, and stop at whichever comes first:{' '}
              <Fig figure={figures['preparation.stop_mass']} band /> on the scale without its pan,{' '}
              <Fig figure={figures['preparation.stop_volume']} /> in a jug, or{' '}
              <Fig figure={figures['preparation.stop_temp']} />. Never past 70 °Bx.
            </>
          )}
        </p>
      )}
      {kind !== 'weep' && kind !== 'raw' && kind !== 'glaze' && (
        <p>
          Boiled away before the oven: <Fig figure={figures['ledger.boiled_off']} band />. The filling then
          weighs <Fig figure={figures['filling.mass']} />: weigh the pan before and after.
        </p>
      )}
      {kind === 'hold' && (
        <p>
          Keep it at {showText(HOLD_C, 'C', units)} by a thermometer, never boiling, for {minutes} minutes or
          more; in a bath at that heat an hour.
        </p>
      )}
      {raw.ok && plan && kind !== 'raw' && (
        <p>
          Against raw: thickener {showText(raw.plan.filling.thickenerG, 'g', units)} to{' '}
          {showText(plan.filling.thickenerG, 'g', units)}, gap {showText(raw.plan.build.gapCm, 'cm', units)}{' '}
          to {showText(plan.build.gapCm, 'cm', units)}, fruit to fill the dish{' '}
          {showText(raw.plan.filling.batch.massG, 'g', units)} to{' '}
          {showText(plan.filling.batch.massG, 'g', units)}.
        </p>
      )}
    </div>
  );
}
