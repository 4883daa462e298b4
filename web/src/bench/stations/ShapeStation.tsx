import { Button } from '@mantine/core';
import { useKitchen } from '../../api/kitchen.js';
import { useSettings } from '../../state/settings.js';
import { Choice } from '../../kit/Choice/Choice.js';
import { Fig } from '../../kit/Figure/Fig.js';
import type { StationProps } from '../useBenchSpec.js';
import { changeDish, changeFilling, changeForm } from '../useBenchSpec.js';
import type { DishSpec, FormKind } from '@mardle/core';
import { dishMaterials, formKinds, measureDish, showText } from '@mardle/core';
import { useState } from 'react';
import { formWords } from '../words.js';
import { QuantityField } from './QuantityField.js';
import classes from './stations.module.css';

/** What a change of form brings and takes away. */
const formChange: Readonly<Record<FormKind, string>> = {
  double_crust:
    'A lid with vents in place of the open top: less steam leaves, and raw fruit may sink from it.',
  lattice: 'Strips in place of the lid: more steam leaves, no gap.',
  crumb_top:
    'A crumb in place of pastry: no wash; its sugar counts a tenth; bake it lower, it browns sooner.',
};

/** Which form, which dish, and how full. */
export function ShapeStation({ spec, plan }: StationProps) {
  const { data: kitchen } = useKitchen();
  const units = useSettings((state) => state.units);
  const [changedForm, setChangedForm] = useState<FormKind | null>(null);
  const { dish, filling } = spec;
  const dishes = kitchen?.dishes ?? [];
  const same = dishes.find(
    (own) =>
      own.label === dish.label &&
      own.topCm === dish.topCm &&
      own.baseCm === dish.baseCm &&
      own.depthCm === dish.depthCm,
  );
  const figures = plan?.figures ?? {};
  /** How many of this pie a dish of the kitchen takes, for those that are another size. */
  const times = (own: DishSpec): string => {
    const factor = measureDish(own).netMl / measureDish(dish).netMl;
    return Number.isFinite(factor) && Math.abs(factor - 1) > 0.03
      ? `; takes ${factor.toFixed(2)} of this`
      : '';
  };
  return (
    <div className={classes.station}>
      <div className={classes.row}>
        <Choice
          label="Form"
          value={spec.form.kind}
          options={formKinds.map((kind) => ({ value: kind, label: formWords[kind] }))}
          onChange={(kind) => {
            if (kind === spec.form.kind) return;
            changeForm({ kind });
            setChangedForm(kind);
          }}
        />
        {changedForm && (
          <p className={classes.plain} role="status">
            {formChange[changedForm]} Fruit, sugar, dish and base stay as they were.
          </p>
        )}
      </div>
      <Choice
        label="Dish"
        value={same?.id ?? 'other'}
        options={[
          ...dishes.map((own) => {
            const { id, label, topCm, depthCm } = own;
            return {
              value: id,
              label,
              note: `${showText(topCm, 'cm', units)} across, ${showText(depthCm, 'cm', units)} deep${times(own)}`,
            };
          }),
          { value: 'other', label: 'Another dish', note: 'measure it' },
        ]}
        onChange={(id) => {
          const own = dishes.find((other) => other.id === id);
          if (own) {
            const { label, topCm, baseCm, depthCm, material } = own;
            changeDish({ label, topCm, baseCm, depthCm, material });
          } else changeDish({ label: 'Another dish' });
        }}
      />
      {!same && (
        <div className={classes.row}>
          <QuantityField
            path="dish.topCm"
            label="Across the top"
            unit="cm"
            value={dish.topCm}
            onChange={(topCm) => topCm !== null && changeDish({ topCm })}
          />
          <QuantityField
            path="dish.baseCm"
            label="Across the base"
            unit="cm"
            value={dish.baseCm}
            onChange={(baseCm) => baseCm !== null && changeDish({ baseCm })}
          />
          <QuantityField
            path="dish.depthCm"
            label="Depth"
            unit="cm"
            value={dish.depthCm}
            onChange={(depthCm) => depthCm !== null && changeDish({ depthCm })}
          />
          <Choice
            label="Made of"
            value={dish.material}
            options={[...dishMaterials.values()].map(({ id, label }) => ({ value: id, label }))}
            onChange={(material) => changeDish({ material })}
          />
        </div>
      )}
      <div className={classes.facts}>
        <p>
          Lined, it holds <Fig figure={figures['dish.net']} />. Prepared fruit to fill it:{' '}
          <Fig figure={figures['fruit.mass']} band />, mound <Fig figure={figures['build.mound']} />.
        </p>
        <div className={classes.row}>
          <QuantityField
            path="filling.fruitMassG"
            label="Or weigh the fruit you have"
            unit="g"
            empty="fills the dish"
            width={230}
            value={filling.fruitMassG}
            onChange={(fruitMassG) => changeFilling({ fruitMassG })}
          />
          {filling.fruitMassG !== null && (
            <Button variant="default" onClick={() => changeFilling({ fruitMassG: null })}>
              Fill the dish
            </Button>
          )}
        </div>
      </div>
    </div>
  );
}
