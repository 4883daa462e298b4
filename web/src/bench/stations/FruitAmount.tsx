import { NumberInput } from '@mantine/core';
import type { AmountWay, BatchFruit } from '@mardle/core';
import { amountsOf, amountWays, preparedFrom, typedUnit } from '@mardle/core';
import { useState } from 'react';
import { useSettings } from '../../state/settings.js';
import classes from './stations.module.css';

interface FruitAmountProps {
  readonly item: BatchFruit;
  readonly onChange: (preparedG: number) => void;
}

const words: Readonly<Record<AmountWay, { readonly label: string; readonly decimals: number }>> = {
  preparedG: { label: 'prepared', decimals: 0 },
  boughtG: { label: 'as bought', decimals: 0 },
  cups: { label: 'cups', decimals: 1 },
  pieces: { label: 'pieces', decimals: 0 },
};

/** One amount said in four ways; type whichever you know, the others follow. */
export function FruitAmount({ item, onChange }: FruitAmountProps) {
  const [typing, setTyping] = useState<AmountWay | null>(null);
  const [draft, setDraft] = useState<number | string>('');
  const units = useSettings((state) => state.units);
  const amounts = amountsOf(item.fruit, item.part, item.massG);
  return (
    <div className={classes.row} role="group" aria-label={`Amount of ${item.fruit.label}`}>
      {amountWays.map((way) => {
        const amount = amounts[way];
        if (amount === null) return null;
        const isMass = way === 'preparedG' || way === 'boughtG';
        const { word, toTyped, fromTyped, decimals: massDecimals } = typedUnit(isMass ? 'g' : 'count', units);
        const { label, decimals: own } = words[way];
        const decimals = isMass ? (units === 'us' ? massDecimals : own) : own;
        return (
          <NumberInput
            key={way}
            size="sm"
            w={104}
            hideControls
            label={word ? `${label}, ${word}` : label}
            decimalScale={decimals}
            min={0}
            value={typing === way ? draft : Number(toTyped(amount).toFixed(decimals))}
            onBlur={() => setTyping(null)}
            onChange={(value) => {
              setTyping(way);
              setDraft(value);
              if (typeof value === 'number' && value > 0)
                onChange(preparedFrom(item.fruit, item.part, way, fromTyped(value)));
            }}
          />
        );
      })}
    </div>
  );
}
