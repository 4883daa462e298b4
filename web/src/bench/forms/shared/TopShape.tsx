import type { Outline } from '@mardle/core';
import classes from '../lattice/weave/Weave.module.css';

const RIM_CM = 1;

/** A pie from above before its top: rim and fruit. */
export function TopShape({ top }: { readonly top: Outline }) {
  const w = top.widthCm / 2;
  const l = top.lengthCm / 2;
  if (top.kind === 'ellipse') {
    return (
      <>
        <ellipse rx={w + RIM_CM} ry={l + RIM_CM} className={classes.rim} />
        <ellipse rx={w} ry={l} className={classes.fruit} />
      </>
    );
  }
  return (
    <>
      <rect
        x={-w - RIM_CM}
        y={-l - RIM_CM}
        width={2 * (w + RIM_CM)}
        height={2 * (l + RIM_CM)}
        rx={0.6}
        className={classes.rim}
      />
      <rect x={-w} y={-l} width={2 * w} height={2 * l} className={classes.fruit} />
    </>
  );
}
