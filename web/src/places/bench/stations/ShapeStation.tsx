import { Button } from '@mantine/core';
import type { PiePlan } from '@mardle/core';
import { draftPlan, formOf, showText } from '@mardle/core';
import { useMemo } from 'react';
import { Dial } from '../../../shared/ui/Dial/Dial.js';
import { Fig } from '../../../shared/ui/Figure/Fig.js';
import { Tabs } from '../../../shared/ui/Tabs.js';
import { useSettings } from '../../../state/settings.js';
import { heapStops } from '../../../pie/words.js';
import type { StationProps } from '../../../state/changeSpec.js';
import { changeFilling } from '../../../state/changeSpec.js';
import { QuantityField } from '../../../shared/ui/QuantityField.js';
import { DishPart } from './shape/DishPart.js';
import { FormPart } from './shape/FormPart.js';
import classes from '../../../shared/ui/stations.module.css';

/** What a cup of its fruit weighs, g, as they are mixed; undefined while nothing is planned. */
function cupOf(plan: PiePlan | null): number | undefined {
  const items = plan?.filling.batch.fruits ?? [];
  const massG = items.reduce((sum, item) => sum + item.massG, 0);
  const cups = items.reduce((sum, item) => sum + item.massG / item.fruit.cupG, 0);
  return cups > 0 ? massG / cups : undefined;
}

/** Which form, which dish, and how full. */
export function ShapeStation({ spec, plan }: StationProps) {
  const units = useSettings((state) => state.units);
  const { filling } = spec;
  const figures = plan?.figures ?? {};
  const { filled, lined } = formOf(spec.form.kind);
  // What was weighed is not what the dish takes: that is the same pie with its fruit left to the dish.
  const fills = useMemo(() => {
    if (spec.filling.fruitMassG === null) return undefined;
    const level = draftPlan({ ...spec, filling: { ...spec.filling, fruitMassG: null, heapCm: undefined } });
    return level.ok ? level.plan.figures['fruit.mass'] : undefined;
  }, [spec]);
  const place = {
    dish: lined ? 'Lined, it holds' : 'It takes',
    sheet: 'Folded, it holds',
    parcel: 'They hold',
  }[filled];
  return (
    <div className={classes.station}>
      <Tabs
        label="Shape"
        leaves={[
          { id: 'form', word: 'Form', content: () => <FormPart spec={spec} /> },
          {
            id: 'dish',
            word: filled === 'dish' ? 'Dish' : 'Sheet',
            content: () => <DishPart spec={spec} plan={plan} />,
          },
        ]}
      />
      <div className={classes.facts}>
        <p>
          {place} <Fig figure={figures['dish.net']} />. Prepared fruit to fill it:{' '}
          <Fig figure={fills ?? figures['fruit.mass']} band />
          {filled === 'dish' && (
            <>
              , mound <Fig figure={figures['build.mound']} />
            </>
          )}
          .
        </p>
        <div className={classes.row}>
          <QuantityField
            limit="filling.fruitMassG"
            label="Or weigh the fruit you have"
            unit="g"
            empty="fills it"
            cupG={cupOf(plan)}
            width={230}
            value={filling.fruitMassG}
            onChange={(fruitMassG) => changeFilling({ fruitMassG })}
          />
          {filled === 'dish' && (
            <Dial
              label="Heaped"
              value={filling.heapCm ?? Math.max(0, figures['build.mound']?.value ?? 0)}
              stops={heapStops}
              hair={0.2}
              shown={
                filling.heapCm === undefined
                  ? 'as it lies'
                  : `${showText(filling.heapCm, 'cm', units)} on purpose`
              }
              onChange={(heapCm) => changeFilling({ heapCm: Number(heapCm.toFixed(1)) })}
            />
          )}
          {filling.heapCm !== undefined && (
            <Button variant="default" onClick={() => changeFilling({ heapCm: undefined })}>
              As it lies
            </Button>
          )}
          {filling.fruitMassG !== null && (
            <Button variant="default" onClick={() => changeFilling({ fruitMassG: null })}>
              Fill it
            </Button>
          )}
        </div>
      </div>
    </div>
  );
}
