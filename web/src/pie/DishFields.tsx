import type { DishShape, DishSpec } from '@mardle/core';
import { baseFromWaterCm, builtInLarder, measureDish } from '@mardle/core';
import { useState } from 'react';
import { Choice } from '../shared/ui/Choice/Choice.js';
import classes from '../shared/ui/stations.module.css';
import { QuantityField } from '../shared/ui/QuantityField.js';

interface DishFieldsProps {
  readonly dish: DishSpec;
  readonly onChange: (dish: DishSpec) => void;
}

const shapes: readonly { readonly value: DishShape; readonly label: string }[] = [
  { value: 'round', label: 'Round' },
  { value: 'square', label: 'Square' },
  { value: 'rectangle', label: 'Oblong' },
  { value: 'oval', label: 'Oval' },
];

/** A dish by its inside measures, or by the water it holds to the brim. */
export function DishFields({ dish, onChange }: DishFieldsProps) {
  const [noSuch, setNoSuch] = useState(false);
  const shape = dish.shape ?? 'round';
  const two = shape === 'rectangle' || shape === 'oval';
  const set = (part: Partial<DishSpec>): void => {
    setNoSuch(false);
    onChange({ ...dish, ...part });
  };
  const reshape = (next: DishShape): void => {
    const { shape: _, widthCm, ...rest } = dish;
    if (next === 'round') set({ ...rest, shape: undefined, widthCm: undefined });
    else if (next === 'square') set({ ...rest, shape: next, widthCm: undefined });
    else set({ ...rest, shape: next, widthCm: widthCm ?? Math.round(dish.topCm * 0.7) });
  };
  const fillWith = (waterMl: number): void => {
    const baseCm = baseFromWaterCm(dish, waterMl);
    if (baseCm === null) setNoSuch(true);
    else set({ baseCm: Number(baseCm.toFixed(2)) });
  };
  const side = shape === 'square' ? 'Side' : two ? 'Longer side' : 'Across';
  return (
    <div className={classes.row}>
      <Choice label="Shape" value={shape} options={shapes} onChange={reshape} />
      <QuantityField
        limit="dish.topCm"
        label={`${side}, at the top`}
        unit="cm"
        value={dish.topCm}
        onChange={(topCm) => topCm !== null && set({ topCm })}
      />
      {two && (
        <QuantityField
          limit="dish.widthCm"
          label="Shorter side, at the top"
          unit="cm"
          width={190}
          value={dish.widthCm ?? dish.topCm}
          onChange={(widthCm) => widthCm !== null && set({ widthCm })}
        />
      )}
      <QuantityField
        limit="dish.baseCm"
        label={`${side}, at the base`}
        unit="cm"
        value={dish.baseCm}
        onChange={(baseCm) => baseCm !== null && set({ baseCm })}
      />
      <QuantityField
        limit="dish.depthCm"
        label="Depth"
        unit="cm"
        value={dish.depthCm}
        onChange={(depthCm) => depthCm !== null && set({ depthCm })}
      />
      <QuantityField
        limit="dish.waterMl"
        label="Or water to the brim"
        unit="mL"
        width={190}
        value={Math.round(measureDish(dish).brimMl)}
        onChange={(waterMl) => waterMl !== null && fillWith(waterMl)}
      />
      <Choice
        label="Made of"
        value={dish.material}
        options={[...builtInLarder.materials.values()].map(({ id, label }) => ({ value: id, label }))}
        onChange={(material) => set({ material })}
      />
      {noSuch && (
        <p role="alert" className={classes.bad}>
          No dish of that width and depth holds so much water. Measure the top and the depth again, inside;
          the slope of the wall is worked out from the water.
        </p>
      )}
    </div>
  );
}
