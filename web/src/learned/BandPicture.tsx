import type { LearnedFigure } from '@mardle/core';
import classes from './LearnedList.module.css';

const WIDTH = 320;
const HEIGHT = 34;
const EDGE = 10;

interface BandPictureProps {
  readonly figure: LearnedFigure;
  readonly text: (value: number) => string;
}

/** What the book believes as a trough, what was learned as a bar in it, and a notch where the book stands. */
export function BandPicture({ figure, text }: BandPictureProps) {
  const { builtIn, learned } = figure;
  const low = Math.min(builtIn.low, learned.low);
  const high = Math.max(builtIn.high, learned.high);
  const x = (value: number): number =>
    EDGE + ((WIDTH - 2 * EDGE) * (value - low)) / Math.max(1e-9, high - low);
  const words = `The book: ${text(builtIn.low)} to ${text(builtIn.high)}. Learned: ${text(learned.low)} to ${text(learned.high)}.`;
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={words} className={classes.band}>
      <rect
        x={x(builtIn.low)}
        y={14}
        width={x(builtIn.high) - x(builtIn.low)}
        height={6}
        rx={3}
        className={classes.book}
      />
      <path d={`M${x(builtIn.value)} 6V28`} className={classes.notch} />
      <rect
        x={x(learned.low)}
        y={9}
        width={Math.max(4, x(learned.high) - x(learned.low))}
        height={16}
        rx={8}
        className={classes.learned}
      />
      <circle cx={x(learned.value)} cy={17} r={4.5} className={classes.here} />
    </svg>
  );
}
