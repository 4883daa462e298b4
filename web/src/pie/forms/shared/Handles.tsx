import { show } from '@mardle/core';
import type { KeyboardEvent, PointerEvent } from 'react';
import { useSettings } from '../../../state/settings.js';
import type { Limit } from '../../../shared/ui/QuantityField.js';
import classes from './Handles.module.css';

/** Something of a design that a hand pulls in its picture. Lengths in cm, in the picture's own measure. */
export interface Handle {
  readonly label: string;
  readonly at: readonly [x: number, y: number];
  /** The way that makes more of it; of length 1. */
  readonly along: readonly [x: number, y: number];
  readonly valueCm: number;
  readonly limit: Limit;
  /** How much more a centimetre of pulling gives, cm. */
  readonly perCm: number;
  readonly set: (valueCm: number) => void;
}

/** The handles of a picture from above, and how that is laid out: the same view box, turned as it is. */
export interface HandleLayer {
  readonly box: string;
  readonly turned: boolean;
  readonly handles: readonly Handle[];
}

const STEP_CM = 0.1;
const BIG_STEP_CM = 0.5;

/** Handles over a picture: pulled by hand, or by the arrow keys. */
export function Handles({ box, turned, handles }: HandleLayer) {
  if (handles.length === 0) return null;
  return (
    <svg viewBox={box} className={classes.layer} role="group" aria-label="Handles of the design">
      <g transform={turned ? 'rotate(90)' : undefined}>
        {handles.map((handle) => (
          <Pull key={handle.label} {...handle} />
        ))}
      </g>
    </svg>
  );
}

function Pull({ label, at, along, valueCm, limit, perCm, set }: Handle) {
  const units = useSettings((state) => state.units);
  const [x, y] = at;
  const { least, most } = limit;
  const setWithin = (wantedCm: number): void => {
    const next = Number(Math.min(most, Math.max(least, wantedCm)).toFixed(1));
    if (next !== valueCm) set(next);
  };
  const onDrag = (event: PointerEvent<SVGGElement>): void => {
    if (event.type === 'pointerdown') event.currentTarget.setPointerCapture(event.pointerId);
    else if (event.buttons === 0) return;
    const matrix = event.currentTarget.getScreenCTM();
    if (!matrix) return;
    const to = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    const pulledCm = (to.x - x) * along[0] + (to.y - y) * along[1];
    if (Math.abs(pulledCm * perCm) >= STEP_CM) setWithin(valueCm + pulledCm * perCm);
  };
  const onKey = (event: KeyboardEvent): void => {
    const sign = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
    if (sign === undefined) return;
    event.preventDefault();
    setWithin(valueCm + sign * (event.shiftKey ? STEP_CM : BIG_STEP_CM));
  };
  const said = show(valueCm, 'cm', units);
  return (
    <g
      role="slider"
      tabIndex={0}
      className={classes.handle}
      aria-label={label}
      aria-valuemin={least}
      aria-valuemax={most}
      aria-valuenow={valueCm}
      aria-valuetext={`${said.number} ${said.unit}`}
      onKeyDown={onKey}
      onPointerDown={onDrag}
      onPointerMove={onDrag}
    >
      <title>{`${label}: ${said.number} ${said.unit}`}</title>
      <circle cx={x} cy={y} r={1.6} className={classes.reach} />
      <circle cx={x} cy={y} r={0.75} />
    </g>
  );
}
