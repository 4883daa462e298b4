import type { PiePlan } from '@mardle/core';
import classes from './CrossSection.module.css';
import { lidPath, pieces } from './geometry.js';

interface TopLayerProps {
  readonly plan: PiePlan;
  /** How far the top rises over the rim, cm. */
  readonly rise: number;
  readonly colour: string;
}

const RIM_CM = 1;

/** Height over the rim, at a distance from the middle, of a cap that rises so far. */
function capAt(half: number, rise: number, x: number): number {
  if (rise < 0.05) return 0;
  const radius = (half ** 2 + rise ** 2) / (2 * rise);
  return Math.sqrt(Math.max(0, radius ** 2 - x ** 2)) - radius + rise;
}

/** Lid with vents, strips, or crumb, from the side. */
export function TopLayer({ plan, rise, colour }: TopLayerProps) {
  const { spec, build } = plan;
  const { dish, form } = spec;
  const half = dish.topCm / 2;
  const crustCm = spec.pastry.thicknessMm / 10;
  const rimY = -dish.depthCm - crustCm;
  const { top } = build;
  if (top.kind === 'lid') {
    const lift = Math.max(0.15, rise);
    return (
      <>
        <path d={lidPath(dish, crustCm, lift, RIM_CM)} className={classes.crust} fill={colour} />
        {Array.from({ length: form.vents }, (_, i) => {
          const x = half * 0.62 * (form.vents === 1 ? 0 : (2 * i) / (form.vents - 1) - 1);
          const y = rimY - capAt(half, lift, x);
          return (
            <line key={i} x1={x} x2={x} y1={y + 0.04} y2={y - crustCm - 0.04} className={classes.vent} />
          );
        })}
      </>
    );
  }
  if (top.kind === 'lattice') {
    const { offsetsCm, widthCm } = top.lattice;
    return (
      <>
        {offsetsCm.map((x, i) => (
          <rect
            key={x}
            x={x - widthCm / 2}
            y={rimY - capAt(half, rise, x) - crustCm * (i % 2 ? 0.35 : 0.9)}
            width={widthCm}
            height={crustCm}
            rx={crustCm / 3}
            className={classes.crust}
            fill={colour}
          />
        ))}
      </>
    );
  }
  const { thicknessCm } = top.crumb;
  return (
    <>
      {pieces(dish.topCm * 0.99, thicknessCm, 0.62)
        .filter(({ x }) => Math.abs(x) < half)
        .map((piece, i) => (
          <circle
            key={i}
            cx={piece.x}
            cy={rimY + crustCm - capAt(half, rise, piece.x) + Math.max(-thicknessCm, piece.y) * 0.95}
            r={piece.r * 1.25}
            className={classes.crust}
            fill={colour}
          />
        ))}
    </>
  );
}
