import type { Figure } from '@mardle/core';
import { show, shownMeasured, showMeasured } from '@mardle/core';
import type { KeyboardEvent } from 'react';
import { useMeasures } from '../../format/measures.js';
import { useSettings } from '../../../state/settings.js';
import { useWhy } from '../../../state/why.js';
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
  const first = useSettings((state) => state.first);
  const measures = useMeasures();
  const open = useWhy((state) => state.open);
  if (!figure) return <span className={classes.missing}>…</span>;
  const said = { value: figure.value, unit: figure.unit, mlPerG: measures.get(figure.id) };
  const shown = shownMeasured(said, units, first);
  const byMeasure = shown.unit !== show(figure.value, figure.unit, units).unit;
  return (
    <button
      type="button"
      className={classes.fig}
      title="Why? (?)"
      aria-label={`${figure.label}: ${showMeasured(said, units, first)}. Why?`}
      onClick={() => open(figure.id)}
      onKeyDown={onWhyKey(() => open(figure.id))}
    >
      <span key={shown.number} className={classes.number}>
        {shown.number}
      </span>
      {shown.unit && <span className={classes.unit}>{shown.unit}</span>}
      {band && !byMeasure && figure.high - figure.low > 0 && (
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
