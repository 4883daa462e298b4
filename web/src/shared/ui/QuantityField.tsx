import { TextInput } from '@mantine/core';
import type { Unit } from '@mardle/core';
import { fieldLimit, showText, typedUnit } from '@mardle/core';
import { useState } from 'react';
import { readQuantity } from '../format/readQuantity.js';
import { useSettings } from '../../state/settings.js';
import { useTyped } from '../../state/typed.js';

/** Between what an amount may lie, and what to do when it does not. */
export interface Limit {
  readonly least: number;
  readonly most: number;
  readonly remedy: string;
}

interface QuantityFieldProps {
  /** Path of the choice, for its limits, or these themselves. */
  readonly limit: string | Limit;
  /** Without one `name` is all that it is called by: a column's head says what it is. */
  readonly label?: string;
  /** What it is called where the label alone would not tell it from others. */
  readonly name?: string;
  readonly unit: Unit;
  /** Null when Mardle is to work it out. */
  readonly value: number | null;
  /** What an empty field means; without it the field may not be empty. */
  readonly empty?: string;
  /** What a cup of it weighs, g: then cups and spoons of it can be typed too. */
  readonly cupG?: number;
  readonly width?: number;
  readonly size?: 'sm' | 'md';
  readonly onChange: (value: number | null) => void;
}

/** A unit or a fraction was typed: what was understood is worth saying. */
const worthSaying = (text: string): boolean => /[a-z"°/½⅓⅔¼¾⅛⅜⅝⅞]/i.test(text);

/** A round amount between limits, to show how one is typed. */
const usual = (least: number, most: number): number =>
  Number(Math.sqrt(Math.max(1, least) * most).toPrecision(1));

/**
 * A quantity as bakers type it ("1.5 kg", "2 lb", "1 lb 4 oz", "1/2", "1,5"), a bare number in their own unit, within core's
 * limits. What cannot be read or will not do stays in the field with the remedy beside it, and is not used.
 */
export function QuantityField({
  limit,
  label,
  name,
  unit,
  value,
  empty,
  cupG,
  width = 150,
  size = 'md',
  onChange,
}: QuantityFieldProps) {
  const system = useSettings((state) => state.units);
  const { least, most, remedy } = typeof limit === 'string' ? fieldLimit(limit) : limit;
  const { word, step, decimals, toTyped, fromTyped } = typedUnit(unit, system);
  const field = `${name ?? label ?? ''} ${typeof limit === 'string' ? limit : ''}`;
  const [draft, setDraft] = useState<string | null>(() => useTyped.getState().unread[field]?.text ?? null);
  const plain = (of: number): string => Number(toTyped(of).toFixed(decimals)).toString();
  const shown = draft ?? (value === null ? '' : plain(value));
  const isEmpty = shown.trim() === '';
  const read = isEmpty ? null : readQuantity(shown, unit, fromTyped, cupG);
  const within = (asked: number): boolean => asked >= least - 1e-9 && asked <= most + 1e-9;
  const right = isEmpty ? empty !== undefined : read !== null && within(read);
  const range = `(${plain(least)} to ${plain(most)}${word ? ` ${word}` : ''})`;
  const wrong =
    !isEmpty && read === null
      ? `Type an amount, as ${plain(value ?? usual(least, most))}${word ? ` ${word}` : ''} or 1/2.`
      : `${remedy} ${range}`;
  const take = (text: string): void => {
    setDraft(text);
    const { keep, forget } = useTyped.getState();
    const asked = text.trim() === '' ? null : readQuantity(text, unit, fromTyped, cupG);
    const mayBeEmpty = text.trim() === '' && empty !== undefined;
    if (mayBeEmpty || (asked !== null && within(asked))) {
      forget(field);
      onChange(asked);
    } else keep(field, { label: name ?? label ?? 'an amount', text });
  };
  return (
    <TextInput
      aria-label={name}
      label={label && word ? `${label}, ${word}` : label}
      placeholder={empty}
      value={shown}
      inputMode="text"
      w={width}
      size={size}
      description={
        right && draft !== null && read !== null && worthSaying(draft)
          ? `that is ${showText(read, unit, system)}`
          : undefined
      }
      inputWrapperOrder={['label', 'input', 'description', 'error']}
      error={right ? undefined : wrong}
      onChange={(event) => take(event.currentTarget.value)}
      onKeyDown={(event) => {
        const turn = { ArrowUp: 1, ArrowDown: -1 }[event.key];
        if (turn === undefined || read === null) return;
        event.preventDefault();
        take(Number((toTyped(read) + turn * step).toFixed(decimals)).toString());
      }}
      onBlur={() => {
        if (right) setDraft(null);
      }}
    />
  );
}
