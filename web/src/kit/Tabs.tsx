import { useId, useState } from 'react';
import type { KeyboardEvent, ReactNode } from 'react';
import classes from './Tabs.module.css';

export interface Leaf {
  readonly id: string;
  readonly word: string;
  readonly content: () => ReactNode;
}

/** Leaves of one station: only the open one is drawn. */
export function Tabs({ label, leaves }: { readonly label: string; readonly leaves: readonly Leaf[] }) {
  const [open, setOpen] = useState(leaves[0]?.id ?? '');
  const base = useId();
  const current = leaves.find(({ id }) => id === open) ?? leaves[0];
  const onKey = (event: KeyboardEvent): void => {
    const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    if (step === undefined) return;
    event.preventDefault();
    const at = leaves.findIndex(({ id }) => id === open);
    const next = leaves[(at + step + leaves.length) % leaves.length];
    if (!next) return;
    setOpen(next.id);
    document.getElementById(`${base}-${next.id}`)?.focus();
  };
  return (
    <div className={classes.tabs}>
      <div role="tablist" aria-label={label} className={classes.list} onKeyDown={onKey}>
        {leaves.map(({ id, word }) => (
          <button
            key={id}
            id={`${base}-${id}`}
            type="button"
            role="tab"
            aria-selected={id === current?.id}
            aria-controls={`${base}-panel`}
            tabIndex={id === current?.id ? 0 : -1}
            onClick={() => setOpen(id)}
          >
            {word}
          </button>
        ))}
      </div>
      <div
        role="tabpanel"
        id={`${base}-panel`}
        aria-labelledby={`${base}-${current?.id ?? ''}`}
        className={classes.panel}
      >
        {current?.content()}
      </div>
    </div>
  );
}
