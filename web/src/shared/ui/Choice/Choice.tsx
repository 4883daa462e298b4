import { useId, useRef } from 'react';
import type { KeyboardEvent } from 'react';
import classes from './Choice.module.css';

export interface Option<Value extends string> {
  readonly value: Value;
  readonly label: string;
  readonly note?: string;
}

interface ChoiceProps<Value extends string> {
  readonly label: string;
  readonly value: Value;
  readonly options: readonly Option<Value>[];
  readonly onChange: (value: Value) => void;
}

/** A few labels to choose one from, like enamel tags on a shelf. Arrow keys move along. */
export function Choice<Value extends string>({ label, value, options, onChange }: ChoiceProps<Value>) {
  const name = useId();
  const shelf = useRef<HTMLDivElement>(null);
  const onKey = (event: KeyboardEvent): void => {
    const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
    if (step === undefined) return;
    event.preventDefault();
    const at = options.findIndex((option) => option.value === value);
    const next = (at + step + options.length) % options.length;
    const chosen = options[next];
    if (!chosen) return;
    onChange(chosen.value);
    shelf.current?.querySelectorAll('button')[next]?.focus();
  };
  return (
    <div className={classes.choice}>
      <span id={name} className={classes.label}>
        {label}
      </span>
      <div ref={shelf} className={classes.shelf} role="radiogroup" aria-labelledby={name} onKeyDown={onKey}>
        {options.map((option) => (
          <button
            key={option.value}
            type="button"
            role="radio"
            aria-checked={option.value === value}
            tabIndex={option.value === value ? 0 : -1}
            className={classes.tag}
            onClick={() => onChange(option.value)}
          >
            {option.label}
            {option.note && <small>{option.note}</small>}
          </button>
        ))}
      </div>
    </div>
  );
}
