import type { HeatPicture, PiePlan } from '@mardle/core';
import { show, showText } from '@mardle/core';
import { Button, Slider } from '@mantine/core';
import { useEffect, useState } from 'react';
import { useSettings } from '../../state/settings.js';
import { heatPictureFor } from '../../shared/workers/bake.js';
import classes from './HeatView.module.css';
import { heatColour, heatStops } from './heatColours.js';
import { capAt, halfWidthAt } from './geometry.js';

const PLAY_MS = 90;
/** Cells of the simulation are coarser than heat is: neighbours run into each other over this, cm. */
const BLUR_CM = 0.3;

/** The cut pie as a picture of heat, scrubbed through the bake. */
export function HeatView({ plan }: { readonly plan: PiePlan }) {
  const [picture, setPicture] = useState<{ readonly of: PiePlan['bake']; readonly heat: HeatPicture } | null>(
    null,
  );
  const { work, spec, bake } = plan;
  useEffect(() => {
    if (!bake) return;
    let gone = false;
    void heatPictureFor(work, spec.bake, bake).then((heat) => {
      if (!gone) setPicture({ of: bake, heat });
    });
    return () => {
      gone = true;
    };
  }, [work, spec.bake, bake]);
  if (!bake) return <p role="status">The heat is drawn as soon as the bake is worked out.</p>;
  if (!picture) return <p role="status">Baking it once more to watch the heat …</p>;
  if (picture.heat.cells.length === 0) return <p>There is no filling to look into.</p>;
  return <Scrubbed plan={plan} heat={picture.heat} />;
}

function Scrubbed({ plan, heat }: { readonly plan: PiePlan; readonly heat: HeatPicture }) {
  const units = useSettings((state) => state.units);
  const last = heat.timesMin.length - 1;
  const [asked, setFrame] = useState(last);
  const [playing, setPlaying] = useState(false);
  const frame = Math.min(asked, last);
  useEffect(() => {
    if (!playing) return;
    const timer = setInterval(() => setFrame((at) => (at >= last ? 0 : at + 1)), PLAY_MS);
    return () => clearInterval(timer);
  }, [playing, last]);
  const { dish } = plan.build.vessel;
  const temps = heat.tempsC[frame] ?? [];
  const highest = Math.max(...heat.cells.map(({ highCm }) => highCm));
  const mound = Math.max(0, plan.build.bakedMoundCm);
  const half = dish.topCm / 2 + 1.2;
  // Where the outermost column ends: the lid's edge on the rim.
  const rimCm = Math.max(
    dish.depthCm,
    ...heat.cells.filter(({ outer }) => outer > 0.98).map(({ highCm }) => highCm),
  );
  const fillings = temps.filter((_, i) => heat.cells[i]?.kind === 'filling');
  const coldest = Math.min(...fillings);
  const hottest = Math.max(...fillings);
  const minute = Math.round(heat.timesMin[frame] ?? 0);
  const words = `After ${minute} minutes the filling is between ${showText(coldest, 'C', units)} and ${showText(hottest, 'C', units)}.`;
  return (
    <figure className={classes.figure}>
      <svg
        viewBox={`${-half} ${-highest - 0.4} ${2 * half} ${highest + 0.8}`}
        role="img"
        aria-label={words}
        className={classes.picture}
      >
        <defs>
          <clipPath id="heat-pie">
            <path
              d={`M${-dish.topCm / 2} ${-dish.depthCm}L${-dish.baseCm / 2} 0H${dish.baseCm / 2}L${dish.topCm / 2} ${-dish.depthCm}V${-rimCm}Q0 ${-rimCm - 2 * Math.max(0, highest - rimCm)} ${-dish.topCm / 2} ${-rimCm}Z`}
            />
          </clipPath>
          <filter id="heat-blur" x="-20%" y="-20%" width="140%" height="140%">
            <feGaussianBlur stdDeviation={BLUR_CM} />
          </filter>
        </defs>
        <g clipPath="url(#heat-pie)">
          <g filter="url(#heat-blur)">
            {[-1, 1].flatMap((side) =>
              heat.cells.map(({ inner, outer, lowCm, highCm }, i) => {
                const x = (share: number, height: number): number =>
                  side * share * halfWidthAt(dish, Math.min(height, dish.depthCm));
                const fill = heatColour(temps[i] ?? 0);
                return (
                  <polygon
                    key={`${side}/${i}`}
                    points={`${x(inner, lowCm)},${-lowCm} ${x(outer, lowCm)},${-lowCm} ${x(outer, highCm)},${-highCm} ${x(inner, highCm)},${-highCm}`}
                    fill={fill}
                    stroke={fill}
                    strokeWidth={0.5}
                  />
                );
              }),
            )}
          </g>
        </g>
        <path
          d={`M${-dish.topCm / 2} ${-dish.depthCm}L${-dish.baseCm / 2} 0H${dish.baseCm / 2}L${dish.topCm / 2} ${-dish.depthCm}`}
          className={classes.dish}
        />
        {mound > 0.1 && (
          <path
            d={`M${-dish.topCm / 2} ${-dish.depthCm}Q0 ${-dish.depthCm - 2 * capAt(dish.topCm / 2, mound, 0)} ${dish.topCm / 2} ${-dish.depthCm}`}
            className={classes.level}
          />
        )}
      </svg>
      <figcaption className={classes.scrub}>
        <Button size="sm" variant="default" onClick={() => setPlaying(!playing)}>
          {playing ? 'Hold' : 'Play'}
        </Button>
        <Slider
          className={classes.slider}
          min={0}
          max={last}
          value={frame}
          label={null}
          thumbLabel="Minutes in the oven"
          thumbProps={{ 'aria-valuetext': `${minute} minutes` }}
          color="var(--damson)"
          onChange={(at) => {
            setPlaying(false);
            setFrame(at);
          }}
        />
        <b>{minute} min</b>
        <span className={classes.words}>{words}</span>
        <span className={classes.key} aria-hidden>
          {heatStops.map(([tempC]) => (
            <span
              key={tempC}
              style={{ background: heatColour(tempC) }}
              className={tempC > 80 ? classes.light : ''}
            >
              {show(tempC, 'C', units).number}
            </span>
          ))}
        </span>
      </figcaption>
    </figure>
  );
}
