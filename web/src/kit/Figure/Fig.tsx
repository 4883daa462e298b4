import type { Figure } from '@mardle/core';
import { show, showText } from '@mardle/core';
import type { KeyboardEvent } from 'react';
import { useSettings } from '../../state/settings.js';
import { useWhy } from '../../state/why.js';
import classes from './Fig.module.css';

interface FigProps {
  readonly figure: Figure | undefined;
  readonly band?: boolean;
}

/** `?` on a focused figure asks for its story. */
export const onWhyKey =
  (ask: () => void) =>
  (event: KeyboardEvent): void => {
    if (event.key !== '?') return;
    event.preventDefault();
    event.stopPropagation();
    ask();
  };

/** A computed figure: number, unit, band if asked; it opens to its story by click, Enter or `?`. */
export function Fig({ figure, band = false }: FigProps) {
  const units = useSettings((state) => state.units);
  const open = useWhy((state) => state.open);
  if (!figure) return <span className={classes.missing}>…</span>;
  const shown = show(figure.value, figure.unit, units);
  return (
    <button
      type="button"
      className={classes.fig}
      title="Why? (?)"
      aria-label={`${figure.label}: ${showText(figure.value, figure.unit, units)}. Why?`}
      onClick={() => open(figure.id)}
      onKeyDown={onWhyKey(() => open(figure.id))}
    >
      <span key={shown.number} className={classes.number}>
        {shown.number}
      </span>
      {shown.unit && <span className={classes.unit}>{shown.unit}</span>}
      {band && figure.high - figure.low > 0 && (
        <span className={classes.band}>{bandText(figure, units)}</span>
      )}
    </button>
  );
}

/** The band as people say it: ± when it lies evenly, else from–to. */
export function bandText(figure: Figure, units: 'metric' | 'us'): string {
  const up = figure.high - figure.value;
  const down = figure.value - figure.low;
  if (figure.unit !== 'C' && Math.abs(up - down) < 0.15 * Math.max(up, down)) {
    return `±${show((up + down) / 2, figure.unit, units).number}`;
  }
  return `${show(figure.low, figure.unit, units).number}–${show(figure.high, figure.unit, units).number}`;
}
