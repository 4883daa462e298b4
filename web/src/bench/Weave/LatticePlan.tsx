import type { Lattice, WeaveStep } from '@mardle/core';
import classes from './Weave.module.css';

interface LatticePlanProps {
  readonly lattice: Lattice;
  readonly topCm: number;
  readonly angleDeg: number;
  /** Steps done so far; all of them when the finished weave is shown. */
  readonly steps: readonly WeaveStep[];
  /** The step under way: its cross strip lies, its long strips are folded back. */
  readonly now: WeaveStep | null;
  readonly label: string;
}

/** The lattice from above: long strips run down, cross strips over them at the angle. */
export function LatticePlan({ lattice, topCm, angleDeg, steps, now, label }: LatticePlanProps) {
  const radius = topCm / 2;
  const { offsetsCm, lengthsCm, widthCm } = lattice;
  const turn = 90 - angleDeg;
  const half = widthCm / 2;
  const done = new Set(steps.map(({ cross }) => cross));
  const turned = (turn * Math.PI) / 180;
  return (
    <svg
      viewBox={`${-radius - 3.2} ${-radius - 3.2} ${topCm + 6.4} ${topCm + 6.4}`}
      role="img"
      aria-label={label}
      className={classes.plan}
    >
      <circle r={radius + 1} className={classes.rim} />
      <circle r={radius} className={classes.fruit} />
      {offsetsCm.map((x, i) => {
        const folded = now?.foldBack.includes(i + 1) ?? false;
        const length = lengthsCm[i] ?? 0;
        return (
          <g key={`long${i}`}>
            <rect
              x={x - half}
              y={folded && now?.side === 'left' ? 0.6 : -length / 2}
              width={widthCm}
              height={folded ? length / 2 - 0.6 : length}
              className={folded ? classes.folded : classes.long}
            />
            <text x={x} y={-radius - 2.1} className={classes.number}>
              {i + 1}
            </text>
          </g>
        );
      })}
      <g transform={`rotate(${turn})`}>
        {offsetsCm.map((y, i) => {
          if (!done.has(i + 1)) return null;
          const length = lengthsCm[i] ?? 0;
          return (
            <rect
              key={`cross${i}`}
              x={-length / 2}
              y={y - half}
              width={length}
              height={widthCm}
              className={now?.cross === i + 1 ? classes.laying : classes.cross}
            />
          );
        })}
      </g>
      {steps.flatMap(({ cross, foldBack }) => {
        if (now?.cross === cross) return [];
        const y = offsetsCm[cross - 1] ?? 0;
        return foldBack.map((long) => {
          const x = offsetsCm[long - 1] ?? 0;
          // Where the middle lines meet when the cross way is turned.
          const atY = x * Math.tan(turned) + y / Math.cos(turned);
          if (Math.hypot(x, atY) > radius + 0.8) return null;
          const reach = half / Math.cos(turned) + half * Math.tan(turned) + 0.1;
          return (
            <g key={`${cross}/${long}`} className={classes.over}>
              <rect x={x - half} y={atY - reach} width={widthCm} height={2 * reach} />
              <line x1={x - half} x2={x - half} y1={atY - reach} y2={atY + reach} />
              <line x1={x + half} x2={x + half} y1={atY - reach} y2={atY + reach} />
            </g>
          );
        });
      })}
    </svg>
  );
}
