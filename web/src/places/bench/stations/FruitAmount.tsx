import type { AmountWay, BatchFruit, Unit } from '@mardle/core';
import { fruitAmounts, amountWays, fieldLimit, preparedFrom } from '@mardle/core';
import type { Limit } from '../../../shared/ui/QuantityField.js';
import { QuantityField } from '../../../shared/ui/QuantityField.js';
import classes from '../../../shared/ui/stations.module.css';

interface FruitAmountProps {
  readonly item: BatchFruit;
  readonly onChange: (preparedG: number) => void;
}

const massLimit = fieldLimit('filling.fruitMassG');

/** As much as the scale would take, counted another way. */
const counted = (most: number): Limit => ({ least: 0.1, most, remedy: 'Count what there is.' });

const ways: Readonly<
  Record<AmountWay, { readonly label: string; readonly unit: Unit; readonly limit: Limit }>
> = {
  preparedG: { label: 'prepared', unit: 'g', limit: { ...massLimit, least: 1 } },
  boughtG: { label: 'as bought', unit: 'g', limit: { ...massLimit, least: 1 } },
  cups: { label: 'cups', unit: 'count', limit: counted(200) },
  pieces: { label: 'pieces', unit: 'count', limit: counted(massLimit.most) },
};

/** One amount said in four ways; type whichever you know, the others follow. */
export function FruitAmount({ item, onChange }: FruitAmountProps) {
  const amounts = fruitAmounts(item.fruit, item.part, item.massG);
  return (
    <div className={classes.row} role="group" aria-label={`Amount of ${item.fruit.label}`}>
      {amountWays.map((way) => {
        const amount = amounts[way];
        if (amount === null) return null;
        const { label, unit, limit } = ways[way];
        return (
          <QuantityField
            key={way}
            limit={limit}
            label={label}
            unit={unit}
            cupG={item.fruit.cupG}
            size="sm"
            width={112}
            value={amount}
            onChange={(typed) => {
              if (typed !== null) onChange(preparedFrom(item.fruit, item.part, way, typed));
            }}
          />
        );
      })}
    </div>
  );
}
