import type { Lattice, Outline, WeaveStep } from '@mardle/core';
import { memo } from 'react';
import { TopShape } from '../../shared/TopShape.js';
import above from '../../shared/Above.module.css';
import classes from './Weave.module.css';

interface LatticePlanProps {
  readonly lattice: Lattice;
  readonly top: Outline;
  /** Steps done so far; all of them when the finished weave is shown; null for strips that are laid and not woven. */
  readonly steps: readonly WeaveStep[] | null;
  /** The step under way: its cross strip lies, its long strips are folded back. */
  readonly now: WeaveStep | null;
  readonly label: string;
  /** Colour of the juice that shows through; the theme's when not given. */
  readonly juice?: string;
}

const MARGIN_CM = 3.2;

/** What is seen of a lattice from above. */
export const latticeBox = ({ widthCm, lengthCm }: Outline): string =>
  `${-widthCm / 2 - MARGIN_CM} ${-lengthCm / 2 - MARGIN_CM} ${widthCm + 2 * MARGIN_CM} ${lengthCm + 2 * MARGIN_CM}`;

/** The lattice from above: long strips run down, cross strips over them at the angle. */
export const LatticePlan = memo(function LatticePlan({
  lattice,
  top,
  steps,
  now,
  label,
  juice,
}: LatticePlanProps) {
  const { long, cross, angleDeg } = lattice;
  const halfW = top.widthCm / 2;
  const halfL = top.lengthCm / 2;
  const turn = 90 - angleDeg;
  const turned = (turn * Math.PI) / 180;
  const done = steps === null ? null : new Set(steps.map((step) => step.cross));
  const outside = (x: number, y: number): boolean =>
    top.kind === 'rectangle'
      ? Math.abs(x) > halfW + 0.8 || Math.abs(y) > halfL + 0.8
      : Math.hypot(x / (halfW + 0.8), y / (halfL + 0.8)) > 1;
  return (
    <svg viewBox={latticeBox(top)} role="img" aria-label={label} className={above.plan}>
      <TopShape top={top} juice={juice} />
      {long.map(({ number, offsetCm: x, widthCm, lengthCm }) => {
        const folded = now?.foldBack.includes(number) ?? false;
        return (
          <g key={`long${number}`}>
            <rect
              x={x - widthCm / 2}
              y={folded && now?.side === 'left' ? 0.6 : -lengthCm / 2}
              width={widthCm}
              height={folded ? lengthCm / 2 - 0.6 : lengthCm}
              className={folded ? classes.folded : classes.long}
            />
            <text x={x} y={-halfL - 2.1} className={classes.number}>
              {number}
            </text>
          </g>
        );
      })}
      <g transform={`rotate(${turn})`}>
        {cross.map(({ number, offsetCm: y, widthCm, lengthCm }) =>
          done === null || done.has(number) ? (
            <rect
              key={`cross${number}`}
              x={-lengthCm / 2}
              y={y - widthCm / 2}
              width={lengthCm}
              height={widthCm}
              className={now?.cross === number ? classes.laying : classes.cross}
            />
          ) : null,
        )}
      </g>
      {(steps ?? []).flatMap(({ cross: number, foldBack }) => {
        const over = cross[number - 1];
        if (!over || now?.cross === number) return [];
        return foldBack.map((at) => {
          const strip = long[at - 1];
          if (!strip) return null;
          const { offsetCm: x, widthCm } = strip;
          // Where the middle lines meet when the cross way is turned.
          const atY = x * Math.tan(turned) + over.offsetCm / Math.cos(turned);
          if (outside(x, atY)) return null;
          const reach = over.widthCm / 2 / Math.cos(turned) + (widthCm / 2) * Math.tan(turned) + 0.1;
          const left = x - widthCm / 2;
          const right = x + widthCm / 2;
          return (
            <g key={`${number}/${at}`} className={classes.over}>
              <rect x={left} y={atY - reach} width={widthCm} height={2 * reach} />
              <line x1={left} x2={left} y1={atY - reach} y2={atY + reach} />
              <line x1={right} x2={right} y1={atY - reach} y2={atY + reach} />
            </g>
          );
        });
      })}
    </svg>
  );
});
