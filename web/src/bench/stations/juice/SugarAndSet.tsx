import { Button } from '@mantine/core';
import type { EatenHow } from '@mardle/core';
import { eatenHow, eatenRules, formOf, setNames, showText, tasteStepG } from '@mardle/core';
import { Choice } from '../../../kit/Choice/Choice.js';
import { Dial } from '../../../kit/Dial/Dial.js';
import { Fig } from '../../../kit/Figure/Fig.js';
import { useSettings } from '../../../state/settings.js';
import type { StationProps } from '../../useBenchSpec.js';
import { changeFilling } from '../../useBenchSpec.js';
import { lemonStops, setStops, sweetnessStops } from '../../words.js';
import classes from '../stations.module.css';
import { LearnedPart } from './LearnedPart.js';

/** How sweet, how sharp, how firm. */
export function SugarAndSet({ spec, plan }: StationProps) {
  const units = useSettings((state) => state.units);
  const { filling } = spec;
  const { sugar } = filling;
  const figures = plan?.figures ?? {};
  const stepG = plan ? tasteStepG(plan.filling.batch, plan.filling.sugar) : 0;
  const adjust = (byG: number): void => {
    if (!plan) return;
    const massG = Math.max(0, Math.round(plan.filling.sugar.massG + byG));
    changeFilling({ sugar: { ...sugar, massG } });
  };
  return (
    <>
      <div className={classes.row}>
        <Dial
          label="Sweetness"
          value={sugar.massG === null ? sugar.style : (plan?.filling.sugar.style ?? sugar.style)}
          stops={sweetnessStops}
          hair={0.005}
          shown={`${sugar.massG === null ? '' : 'yours, '}${plan ? showText(plan.filling.sugar.massG, 'g', units) : '…'}`}
          onChange={(style) => changeFilling({ sugar: { ...sugar, style, massG: null } })}
        />
        <Dial
          label="Set"
          value={setNames.indexOf(filling.set)}
          stops={setStops}
          hair={1}
          shown={`${figures['thickener.target']?.value.toFixed(1) ?? '…'} %`}
          onChange={(value) => changeFilling({ set: setNames[Math.round(value)] ?? 'clean_slice' })}
        />
        <Dial
          label="Lemon juice"
          value={filling.lemonJuiceG}
          stops={lemonStops}
          hair={5}
          shown={showText(filling.lemonJuiceG, 'g', units)}
          onChange={(lemonJuiceG) => changeFilling({ lemonJuiceG })}
        />
        <div className={classes.facts}>
          <p>
            <Fig figure={figures['sugar.mass']} band /> sugar. In all <Fig figure={figures['sugar.total']} />,
            sugar against acid <Fig figure={figures['sugar.to_acid']} />.
          </p>
          <p>
            Juice to thicken: <Fig figure={figures['ledger.juice']} band />,{' '}
            <Fig figure={figures['ledger.brix']} />. It takes <Fig figure={figures['thickener.dose']} band />.
          </p>
          <LearnedPart spec={spec} />
          <div className={classes.row} role="group" aria-label="Taste and adjust">
            <Button variant="default" size="sm" disabled={!plan} onClick={() => adjust(stepG)}>
              Still sharp: {showText(stepG, 'g', units)} more
            </Button>
            <Button variant="default" size="sm" disabled={!plan} onClick={() => adjust(-stepG)}>
              Too sweet: {showText(stepG, 'g', units)} less
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
        options={eatenHow.map((value) => ({ value, label: eatenRules[value].label }))}
        onChange={(eaten) => changeFilling({ eaten, set: eatenRules[eaten].set })}
      />
    </>
  );
}
