import type { Outline } from '@mardle/core';
import type { SVGProps } from 'react';
import classes from './Above.module.css';

const RIM_CM = 1;

interface OutlineShapeProps extends Pick<SVGProps<SVGElement>, 'className' | 'fill'> {
  readonly of: Outline;
  /** Larger by this much on every side, cm. */
  readonly growCm?: number;
}

/** An outline as it is, about the middle; lengths in cm. */
export function OutlineShape({ of, growCm = 0, className, fill }: OutlineShapeProps) {
  const w = of.widthCm / 2 + growCm;
  const l = of.lengthCm / 2 + growCm;
  return of.kind === 'ellipse' ? (
    <ellipse rx={w} ry={l} className={className} fill={fill} />
  ) : (
    <rect
      x={-w}
      y={-l}
      width={2 * w}
      height={2 * l}
      rx={growCm > 0 ? 0.6 : 0}
      className={className}
      fill={fill}
    />
  );
}

/** A pie from above before its top: rim and fruit. */
export function TopShape({ top, juice }: { readonly top: Outline; readonly juice?: string }) {
  return (
    <>
      <OutlineShape of={top} growCm={RIM_CM} className={classes.rim} />
      <OutlineShape of={top} className={juice ? undefined : classes.fruit} fill={juice} />
    </>
  );
}
