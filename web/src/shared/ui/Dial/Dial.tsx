import type { KeyboardEvent, PointerEvent } from 'react';
import { useId, useRef } from 'react';
import { arcPath, pointAt, shareAt } from './arc.js';
import classes from './Dial.module.css';
import type { TypedAmountProps } from './TypedAmount.js';
import { TypedAmount } from './TypedAmount.js';

export interface DialStop {
  readonly value: number;
  readonly word: string;
}

/** A finger that is lifted within so far was a tap. */
const TAP_PX = 8;

interface DialProps {
  readonly label: string;
  readonly value: number;
  readonly stops: readonly DialStop[];
  /** How far shift and an arrow, or a drag, moves it. */
  readonly hair: number;
  /** The value as people read it, beside the word. */
  readonly shown: string;
  readonly onChange: (value: number) => void;
  /** The amount that it stands for, where one can say it. */
  readonly typed?: TypedAmountProps;
}

/** The stop whose word fits a value best. */
export const nearestStop = (stops: readonly DialStop[], value: number): DialStop =>
  stops.reduce((best, stop) => (Math.abs(stop.value - value) < Math.abs(best.value - value) ? stop : best));

/**
 * A dial whose stops are words. Stops stand evenly on the arc however their values lie. Arrow keys go a stop, with shift a
 * hair; it can be dragged, and its stops clicked.
 */
export function Dial({ label, value, stops, hair, shown, onChange, typed }: DialProps) {
  const name = useId();
  const face = useRef<SVGSVGElement>(null);
  /** Where a finger came down that has not turned anything yet. */
  const touched = useRef<{ readonly x: number; readonly y: number } | null>(null);
  const last = stops.length - 1;
  const least = stops[0]?.value ?? 0;
  const most = stops[last]?.value ?? 1;
  const set = (next: number): void => {
    const clean = Number(Math.min(most, Math.max(least, Math.round(next / hair) * hair)).toFixed(4));
    if (clean !== value) onChange(clean);
  };
  const share = shareOf(stops, value);

  const onKey = (event: KeyboardEvent): void => {
    const up = event.key === 'ArrowRight' || event.key === 'ArrowUp';
    const down = event.key === 'ArrowLeft' || event.key === 'ArrowDown';
    if (event.key === 'Home') set(least);
    else if (event.key === 'End') set(most);
    else if ((up || down) && event.shiftKey) set(value + (up ? hair : -hair));
    else if (up) set(stops.find((stop) => stop.value > value + hair / 2)?.value ?? most);
    else if (down) set(stops.findLast((stop) => stop.value < value - hair / 2)?.value ?? least);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };

  const turnTo = (event: PointerEvent<SVGSVGElement>): void => {
    const box = face.current?.getBoundingClientRect();
    if (!box) return;
    const x = event.clientX - box.left - box.width / 2;
    const y = event.clientY - box.top - (box.height * 56) / 96;
    const to = valueAt(stops, shareAt(x, y));
    const stop = nearestStop(stops, to);
    // Near a stop the dial clicks into it.
    set(Math.abs(shareOf(stops, stop.value) - shareAt(x, y)) < 0.035 ? stop.value : to);
  };

  const onDown = (event: PointerEvent<SVGSVGElement>): void => {
    event.currentTarget.setPointerCapture(event.pointerId);
    // A finger may only be passing on its way down the page: it turns the dial when it goes across, or is lifted.
    if (event.pointerType === 'touch') touched.current = { x: event.clientX, y: event.clientY };
    else turnTo(event);
  };
  const onMove = (event: PointerEvent<SVGSVGElement>): void => {
    if (event.buttons === 0) return;
    const from = touched.current;
    if (from && Math.abs(event.clientX - from.x) <= Math.abs(event.clientY - from.y)) return;
    touched.current = null;
    turnTo(event);
  };
  const onUp = (event: PointerEvent<SVGSVGElement>): void => {
    const from = touched.current;
    touched.current = null;
    if (from && Math.hypot(event.clientX - from.x, event.clientY - from.y) < TAP_PX) turnTo(event);
  };

  const knob = pointAt(share, 44);
  const tip = pointAt(share, 30);
  return (
    <div className={classes.dial}>
      <div className={classes.head}>
        <span id={name} className={classes.label}>
          {label}
        </span>
        {typed && <TypedAmount {...typed} />}
      </div>
      <svg
        ref={face}
        className={classes.face}
        viewBox="-60 -56 120 96"
        role="slider"
        tabIndex={0}
        aria-labelledby={name}
        aria-valuemin={least}
        aria-valuemax={most}
        // What was typed may lie beyond the last stop.
        aria-valuenow={Math.min(most, Math.max(least, value))}
        aria-valuetext={`${nearestStop(stops, value).word}, ${shown}`}
        onKeyDown={onKey}
        onPointerDown={onDown}
        onPointerMove={onMove}
        onPointerUp={onUp}
        onPointerCancel={() => (touched.current = null)}
      >
        <path d={arcPath(0, 1, 44)} className={classes.track} />
        {share > 0.005 && <path d={arcPath(0, share, 44)} className={classes.turned} />}
        {stops.map((stop) => {
          const at = pointAt(shareOf(stops, stop.value), 44);
          return <circle key={stop.value} cx={at.x} cy={at.y} r={3} className={classes.stop} />;
        })}
        <line x1={tip.x} y1={tip.y} x2={knob.x} y2={knob.y} className={classes.pointer} />
        <circle cx={knob.x} cy={knob.y} r={8} className={classes.knob} />
        <text className={classes.word} y={2} textAnchor="middle">
          {nearestStop(stops, value).word}
        </text>
        <text className={classes.number} y={21} textAnchor="middle">
          {shown}
        </text>
      </svg>
    </div>
  );
}

/** Place of a value on the arc: stops stand evenly, straight lines between them. */
function shareOf(stops: readonly DialStop[], value: number): number {
  const last = stops.length - 1;
  for (let i = 0; i < last; i++) {
    const a = stops[i]!.value;
    const b = stops[i + 1]!.value;
    if (value <= b) return (i + Math.max(0, (value - a) / (b - a))) / last;
  }
  return 1;
}

function valueAt(stops: readonly DialStop[], share: number): number {
  const last = stops.length - 1;
  const i = Math.min(last - 1, Math.floor(share * last));
  const a = stops[i]!.value;
  const b = stops[i + 1]!.value;
  return a + (b - a) * (share * last - i);
}
