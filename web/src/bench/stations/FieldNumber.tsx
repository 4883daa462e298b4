import { NumberInput } from '@mantine/core';
import { limitOf } from '@mardle/core';
import { useState } from 'react';

interface FieldNumberProps {
  /** Path of the choice, for its limits. */
  readonly path: string;
  readonly label: string;
  readonly value: number;
  readonly step?: number;
  readonly onChange: (value: number) => void;
}

/** A number with core's limits: what lies outside stays in the field with the remedy beside it, and is not used. */
export function FieldNumber({ path, label, value, step = 0.5, onChange }: FieldNumberProps) {
  const { least, most, remedy } = limitOf(path);
  const [draft, setDraft] = useState<number | string | null>(null);
  const typed = draft ?? value;
  const right = typeof typed === 'number' && typed >= least && typed <= most;
  return (
    <NumberInput
      label={label}
      value={typed}
      step={step}
      hideControls
      w={150}
      error={right ? undefined : `${remedy} (${least} to ${most})`}
      onChange={(next) => {
        setDraft(next);
        if (typeof next === 'number' && next >= least && next <= most) onChange(next);
      }}
      onBlur={() => {
        if (right) setDraft(null);
      }}
    />
  );
}
