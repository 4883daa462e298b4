import { Button } from '@mantine/core';
import type { EatenHow } from '@mardle/core';
import {
  builtInSugars,
  cupG,
  eatenHow,
  servingRules,
  formOf,
  larderFor,
  setNames,
  tasteStepG,
} from '@mardle/core';
import { Choice } from '../../../../shared/ui/Choice/Choice.js';
import { Dial } from '../../../../shared/ui/Dial/Dial.js';
import { Fig } from '../../../../shared/ui/Figure/Fig.js';
import { useSay } from '../../../../shared/hooks/useSay.js';
import type { StationProps } from '../../../../state/changeSpec.js';
import { changeFilling } from '../../../../state/changeSpec.js';
import { lemonStops, setStops, sweetnessStops } from '../../../../pie/words.js';
import classes from '../../../../shared/ui/stations.module.css';
import { LearnedPart } from './LearnedPart.js';

const SPOONS_IN_A_CUP = 16;

/** How sweet, how sharp, how firm. */
export function SugarAndSet({ spec, plan }: StationProps) {
  const say = useSay();
  const { filling } = spec;
  const { sugar } = filling;
  const figures = plan?.figures ?? {};
  const dose = figures['thickener.dose'];
  const stepG = plan ? tasteStepG(plan.filling.batch, plan.filling.sugar) : 0;
  const shownDose =
    filling.thickenerMassG !== null
      ? `yours, ${say(filling.thickenerMassG, 'g', 'thickener.mass')}`
      : dose
        ? say(dose.value, dose.unit, dose.id)
        : '…';
  const adjust = (byG: number): void => {
    if (!plan) return;
    const massG = Math.max(0, Math.round(plan.filling.sugar.massG + byG));
    changeFilling({ sugar: { ...sugar, massG } });
  };
  // What a spoon of a blend weighs depends on its parts: that is weighed.
  const [only, another] = filling.thickeners;
  const spoonG = another ? undefined : larderFor(spec).thickeners.get(only?.thickener ?? '')?.tablespoonG;
  return (
    <>
      <div className={classes.row}>
        <Dial
          label="Sweetness"
          value={sugar.massG === null ? sugar.style : (plan?.filling.sugar.style ?? sugar.style)}
          stops={sweetnessStops}
          hair={0.005}
          shown={`${sugar.massG === null ? '' : 'yours, '}${plan ? say(plan.filling.sugar.massG, 'g', 'sugar.mass') : '…'}`}
          onChange={(style) => changeFilling({ sugar: { ...sugar, style, massG: null } })}
          typed={{
            label: 'Sugar',
            limit: 'filling.sugar.massG',
            unit: 'g',
            value: plan ? Math.round(plan.filling.sugar.massG) : sugar.massG,
            cupG: builtInSugars.get(sugar.sugar)?.cupG,
            empty: 'by the dial',
            onChange: (massG) => changeFilling({ sugar: { ...sugar, massG } }),
          }}
        />
        <Dial
          label="Set"
          value={setNames.indexOf(filling.set)}
          stops={setStops}
          hair={1}
          shown={shownDose}
          onChange={(value) => changeFilling({ set: setNames[Math.round(value)] ?? 'clean_slice' })}
          typed={{
            label: 'Thickener',
            limit: 'filling.thickenerMassG',
            unit: 'g',
            value: filling.thickenerMassG ?? (dose ? Math.round(dose.value) : null),
            cupG: spoonG === undefined ? undefined : spoonG * SPOONS_IN_A_CUP,
            empty: 'by the set',
            onChange: (thickenerMassG) => changeFilling({ thickenerMassG }),
          }}
        />
        <Dial
          label="Lemon juice"
          value={filling.lemonJuiceG}
          stops={lemonStops}
          hair={5}
          shown={say(filling.lemonJuiceG, 'g', 'lemon.mass')}
          onChange={(lemonJuiceG) => changeFilling({ lemonJuiceG })}
          typed={{
            label: 'Lemon juice',
            limit: 'filling.lemonJuiceG',
            unit: 'g',
            value: filling.lemonJuiceG,
            cupG: cupG.lemonJuice,
            onChange: (lemonJuiceG) => lemonJuiceG !== null && changeFilling({ lemonJuiceG }),
          }}
        />
        <div className={classes.facts}>
          <p>
            <Fig figure={figures['sugar.mass']} band /> sugar. In all <Fig figure={figures['sugar.total']} />.
          </p>
          <p>
            Juice to thicken: <Fig figure={figures['ledger.juice']} band />. It takes{' '}
            <Fig figure={figures['thickener.dose']} band />.
          </p>
          <LearnedPart spec={spec} />
          <div className={classes.row} role="group" aria-label="Taste and adjust">
            <Button variant="default" size="sm" disabled={!plan} onClick={() => adjust(stepG)}>
              Still sharp: {say(stepG, 'g', 'sugar.mass')} more
            </Button>
            <Button variant="default" size="sm" disabled={!plan} onClick={() => adjust(-stepG)}>
              Too sweet: {say(stepG, 'g', 'sugar.mass')} less
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
          </div>
        </div>
      </div>
      <Choice<EatenHow>
        label="Eaten"
        value={filling.eaten ?? formOf(spec.form.kind).eaten}
        options={eatenHow.map((value) => ({ value, label: servingRules[value].label }))}
        onChange={(eaten) => changeFilling({ eaten, set: servingRules[eaten].set })}
      />
    </>
  );
}
