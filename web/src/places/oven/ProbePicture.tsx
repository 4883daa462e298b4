import type { Forecast, LoggedReading } from '@mardle/core';
import { showText } from '@mardle/core';
import { useSettings } from '../../state/settings.js';
import classes from './ForecastPart.module.css';

const WIDTH = 520;
const HEIGHT = 150;
const LEFT = 44;
const BOTTOM = 22;
const MOST_C = 105;

interface ProbePictureProps {
  readonly forecast: Forecast;
  readonly readings: readonly LoggedReading[];
}

/** The middle of the filling: as the book has it, as it looks now with its band, and what was measured. */
export function ProbePicture({ forecast, readings }: ProbePictureProps) {
  const units = useSettings((state) => state.units);
  const { curve } = forecast;
  const last = Math.max(forecast.out.high, ...readings.map(({ atMin }) => atMin), 10);
  const x = (min: number): number => LEFT + ((WIDTH - LEFT - 6) * Math.min(min, last)) / last;
  const y = (tempC: number): number =>
    6 + (HEIGHT - BOTTOM - 6) * (1 - Math.max(0, Math.min(MOST_C, tempC)) / MOST_C);
  const line = (at: (point: (typeof curve)[number]) => number): string =>
    curve
      .map((point, i) => `${i === 0 ? 'M' : 'L'}${x(at(point)).toFixed(1)} ${y(point.tempC).toFixed(1)}`)
      .join('');
  const band = `${line(({ nowMin }) => nowMin.low)}${[...curve]
    .reverse()
    .map(({ nowMin, tempC }) => `L${x(nowMin.high).toFixed(1)} ${y(tempC).toFixed(1)}`)
    .join('')}Z`;
  const measured = readings.flatMap(({ atMin, fillingC }) =>
    fillingC === null ? [] : [{ atMin, fillingC }],
  );
  const now = measured.at(-1);
  const words = `Middle of the filling: measured ${now ? `${showText(now.fillingC, 'C', units)} at ${Math.round(now.atMin)} min` : 'nothing'}; the book’s line, and the forecast with its band.`;
  return (
    <figure className={classes.figure}>
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={words} className={classes.picture}>
        <path d={band} className={classes.band} />
        <path d={line(({ bookMin }) => bookMin)} className={classes.book} />
        <path d={line(({ nowMin }) => nowMin.value)} className={classes.now} />
        {measured.map(({ atMin, fillingC }) => (
          <circle key={atMin} cx={x(atMin)} cy={y(fillingC)} r={2} className={classes.measured} />
        ))}
        {[25, 50, 75, 100].map((tempC) => (
          <text key={tempC} x={LEFT - 6} y={y(tempC) + 4} textAnchor="end">
            {showText(tempC, 'C', units)}
          </text>
        ))}
        {[0, 0.5, 1].map((share) => (
          <text key={share} x={x(share * last)} y={HEIGHT - 6} textAnchor={share === 1 ? 'end' : 'middle'}>
            {Math.round(share * last)} min
          </text>
        ))}
      </svg>
      <figcaption>
        Middle of the filling. Dots: measured. Dark line and band: as it looks now. Dashes: the book.
      </figcaption>
    </figure>
  );
}
