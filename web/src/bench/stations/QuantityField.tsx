import { NumberInput } from '@mantine/core';
import type { Unit } from '@mardle/core';
import { limitOf, typedUnit } from '@mardle/core';
import { useState } from 'react';
import { useSettings } from '../../state/settings.js';

interface QuantityFieldProps {
  /** Path of the choice, for its limits. */
  readonly path: string;
  readonly label: string;
  readonly unit: Unit;
  /** Null when Mardle is to work it out. */
  readonly value: number | null;
  /** What an empty field means; without it the field may not be empty. */
  readonly empty?: string;
  readonly width?: number;
  readonly size?: 'sm' | 'md';
  readonly onChange: (value: number | null) => void;
}

/**
 * A quantity in the baker's own units, within core's limits: what lies outside stays in the field with the remedy beside
 * it, and is not used.
 */
export function QuantityField({
  path,
  label,
  unit,
  value,
  empty,
  width = 150,
  size = 'md',
  onChange,
}: QuantityFieldProps) {
  const system = useSettings((state) => state.units);
  const { least, most, remedy } = limitOf(path);
  const { word, step, decimals, toTyped, fromTyped } = typedUnit(unit, system);
  const [draft, setDraft] = useState<number | string | null>(null);
  const shown = draft ?? (value === null ? '' : Number(toTyped(value).toFixed(decimals)));
  const read = typeof shown === 'number' ? fromTyped(shown) : null;
  const right =
    read === null ? empty !== undefined && shown === '' : read >= least - 1e-9 && read <= most + 1e-9;
  const limit = (bound: number): string => Number(toTyped(bound).toFixed(decimals)).toString();
  return (
    <NumberInput
      label={word ? `${label}, ${word}` : label}
      placeholder={empty}
      value={shown}
      step={step}
      decimalScale={decimals}
      hideControls
      w={width}
      size={size}
      error={right ? undefined : `${remedy} (${limit(least)} to ${limit(most)} ${word})`}
      onChange={(next) => {
        setDraft(next);
        if (typeof next === 'number') {
          const asked = fromTyped(next);
          if (asked >= least - 1e-9 && asked <= most + 1e-9) onChange(asked);
        } else if (empty !== undefined && next === '') onChange(null);
      }}
      onBlur={() => {
        if (right) setDraft(null);
      }}
    />
  );
}
