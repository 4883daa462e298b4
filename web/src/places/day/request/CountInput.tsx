import { NumberInput } from '@mantine/core';

interface CountInputProps {
  readonly label: string;
  readonly least?: number;
  readonly most: number;
  readonly value: number;
  onChange(count: number): void;
}

/** A whole number between two limits; while it is empty or out of them nothing changes. */
export const CountInput = ({ label, least = 0, most, value, onChange }: CountInputProps) => (
  <NumberInput
    label={label}
    min={least}
    max={most}
    allowDecimal={false}
    clampBehavior="strict"
    value={value}
    onChange={(count) => typeof count === 'number' && count >= least && onChange(count)}
  />
);
