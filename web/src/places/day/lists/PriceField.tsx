import { TextInput } from '@mantine/core';
import { useState } from 'react';
import { readNumber } from '../../../shared/format/readQuantity.js';

/** An amount of money, in whichever people have. */
export const money = (cost: number): string =>
  new Intl.NumberFormat(undefined, { minimumFractionDigits: 2, maximumFractionDigits: 2 }).format(cost);

const costOf = (text: string): number | null => {
  const cost = readNumber(text);
  return cost !== null && cost >= 0 && cost <= 1e6 ? cost : null;
};

interface PriceFieldProps {
  readonly name: string;
  /** Null for what nobody said. */
  readonly value: number | null;
  readonly onChange: (value: number | null) => void;
}

/** A price that may be left open. What cannot be read stays in the field and is not used. */
export function PriceField({ name, value, onChange }: PriceFieldProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const isEmpty = draft?.trim() === '';
  const right = draft === null || isEmpty || costOf(draft) !== null;
  return (
    <TextInput
      aria-label={name}
      size="sm"
      w={96}
      value={draft ?? (value === null ? '' : value.toFixed(2))}
      error={right ? undefined : 'A price, as 2.40'}
      onChange={({ currentTarget: { value: text } }) => {
        setDraft(text);
        const cost = costOf(text);
        if (text.trim() === '' || cost !== null) onChange(cost);
      }}
      onBlur={() => {
        if (right) setDraft(null);
      }}
    />
  );
}
