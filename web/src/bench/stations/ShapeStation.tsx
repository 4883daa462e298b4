import { Button } from '@mantine/core';
import { formOf } from '@mardle/core';
import { Fig } from '../../kit/Figure/Fig.js';
import type { StationProps } from '../useBenchSpec.js';
import { changeFilling } from '../useBenchSpec.js';
import { QuantityField } from './QuantityField.js';
import { DishPart } from './shape/DishPart.js';
import { FormPart } from './shape/FormPart.js';
import classes from './stations.module.css';

/** Which form, which dish, and how full. */
export function ShapeStation({ spec, plan }: StationProps) {
  const { filling } = spec;
  const figures = plan?.figures ?? {};
  const { filled, lined } = formOf(spec.form.kind);
  const place = {
    dish: lined ? 'Lined, it holds' : 'It takes',
    sheet: 'Folded, it holds',
    parcel: 'They hold',
  }[filled];
  return (
    <div className={classes.station}>
      <FormPart spec={spec} />
      <DishPart spec={spec} plan={plan} />
      <div className={classes.facts}>
        <p>
          {place} <Fig figure={figures['dish.net']} />. Prepared fruit to fill it:{' '}
          <Fig figure={figures['fruit.mass']} band />
          {filled === 'dish' && (
            <>
              , mound <Fig figure={figures['build.mound']} />
            </>
          )}
          .
        </p>
        <div className={classes.row}>
          <QuantityField
            path="filling.fruitMassG"
            label="Or weigh the fruit you have"
            unit="g"
            empty="fills it"
            width={230}
            value={filling.fruitMassG}
            onChange={(fruitMassG) => changeFilling({ fruitMassG })}
          />
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
