import type { PiePlan } from '@mardle/core';
import { show } from '@mardle/core';
import type { KeyboardEvent, PointerEvent, RefObject } from 'react';
import { useBench } from '../../state/bench.js';
import { useSettings } from '../../state/settings.js';
import { changeFilling } from '../../state/changeSpec.js';
import classes from './CrossSection.module.css';
import { halfWidthAt } from './geometry.js';
import type { Section } from './section-shape.js';

interface FillHandleProps {
  readonly plan: PiePlan;
  readonly section: Section;
  readonly drawing: RefObject<SVGSVGElement | null>;
}

/** The knob on the fill line, which sets the fruit: drag it, or use the arrow keys. */
export function FillHandle({ plan, section, drawing }: FillHandleProps) {
  const units = useSettings((state) => state.units);
  const { build, filling } = plan;
  const { edgeCm, moundCm, profile } = section;
  const atY = -edgeCm - moundCm;
  const setMass = (massG: number): void =>
    changeFilling({ fruitMassG: Math.min(20000, Math.max(20, Math.round(massG / 5) * 5)) });
  const onDrag = (event: PointerEvent<SVGGElement>): void => {
    if (event.type === 'pointerdown') event.currentTarget.setPointerCapture(event.pointerId);
    else if (event.buttons === 0) return;
    const matrix = drawing.current?.getScreenCTM();
    if (!matrix) return;
    const moved = atY - new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse()).y;
    // A mound grows by half of what its top rises; a level fill by all of it.
    const perCm = build.dish.topAreaCm2 * (moundCm > 0.05 ? 0.5 : 0.9);
    if (Math.abs(moved) > 0.03) setMass(filling.batch.massG * (1 + (moved * perCm) / filling.heapMl));
  };
  const onKey = (event: KeyboardEvent): void => {
    const step = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
    if (step === undefined) return;
    event.preventDefault();
    // From what is on the bench by now: the drawing may be a few frames behind quick fingers.
    const massG = useBench.getState().spec?.filling.fruitMassG ?? filling.batch.massG;
    setMass(massG + step * (event.shiftKey ? 5 : 25));
  };
  const mass = show(filling.batch.massG, 'g', units);
  const reach = halfWidthAt(profile, edgeCm) * 0.5;
  return (
    <g
      role="slider"
      tabIndex={0}
      className={classes.handle}
      aria-label="Fill line: prepared fruit"
      aria-valuemin={20}
      aria-valuemax={20000}
      aria-valuenow={Math.round(filling.batch.massG)}
      aria-valuetext={`${mass.number} ${mass.unit}`}
      onKeyDown={onKey}
      onPointerDown={onDrag}
      onPointerMove={onDrag}
    >
      <line x1={-reach} x2={reach} y1={atY} y2={atY} />
      <circle cx={0} cy={atY} r={0.62} />
      <path d={`M-.22 ${atY - 0.1}l.22 -.24l.22 .24M-.22 ${atY + 0.1}l.22 .24l.22 -.24`} />
    </g>
  );
}
