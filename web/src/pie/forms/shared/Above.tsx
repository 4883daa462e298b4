import type { Outline, PiePlan } from '@mardle/core';
import { fieldLimit, topOutline, usualCrumb } from '@mardle/core';
import type { ReactNode } from 'react';
import { juiceColour } from '../../../shared/format/fruitColours.js';
import { changeFormSpec } from '../../../state/changeSpec.js';
import classes from './Above.module.css';
import type { Handle, HandleLayer } from './Handles.js';
import { lumpSizeCm } from './lump.js';
import { OutlineShape, TopShape } from './TopShape.js';

interface AboveProps {
  readonly plan: PiePlan;
  /** What is seen, for those who do not see it. */
  readonly label: string;
  readonly children?: ReactNode;
}

const MARGIN_CM = 1.6;

export const juiceOf = ({ spec }: PiePlan): string => juiceColour(spec.filling.fruits[0]?.fruit ?? '');

/** What is seen of a pie from above. Long dishes lie across, as they do on a table. */
function boxOf(top: Outline): Pick<HandleLayer, 'box' | 'turned'> {
  const [w, l] = [top.widthCm / 2 + MARGIN_CM, top.lengthCm / 2 + MARGIN_CM];
  const turned = top.lengthCm > top.widthCm;
  const [halfX, halfY] = turned ? [l, w] : [w, l];
  return { box: `${-halfX} ${-halfY} ${2 * halfX} ${2 * halfY}`, turned };
}

/** Handles over a pie that `Above` draws. */
export const handlesAbove = (plan: PiePlan, ...handles: readonly Handle[]): HandleLayer => ({
  ...boxOf(topOutline(plan.build.vessel.dish)),
  handles,
});

/** The pie from above, in its own fruit's colour; what lies on it goes inside. Lengths in cm about its middle. */
export function Above({ plan, label, children }: AboveProps) {
  const top = topOutline(plan.build.vessel.dish);
  const { box, turned } = boxOf(top);
  return (
    <svg viewBox={box} role="img" aria-label={`From above: ${label}`} className={classes.plan}>
      <g transform={turned ? 'rotate(90)' : undefined}>
        <TopShape top={top} juice={juiceOf(plan)} />
        {children}
      </g>
    </svg>
  );
}

/** Places spread evenly over an outline, row by row, cm. */
export function spreadOver(top: Outline, pitchCm: number): (readonly [x: number, y: number])[] {
  const [w, l] = [top.widthCm / 2, top.lengthCm / 2];
  const inside = (x: number, y: number): boolean =>
    top.kind === 'ellipse'
      ? Math.hypot(x / (w - pitchCm / 2), y / (l - pitchCm / 2)) <= 1
      : Math.abs(x) < w && Math.abs(y) < l;
  const rows = Math.ceil((2 * l) / pitchCm);
  const columns = Math.ceil((2 * w) / pitchCm) + 1;
  return Array.from({ length: rows * columns }, (_, i): readonly [number, number] => {
    const row = Math.floor(i / columns);
    const x = -w + pitchCm * ((i % columns) + (row % 2 ? 0.5 : 0));
    return [x, -l + pitchCm * (row + 0.5)];
  }).filter(([x, y]) => inside(x, y));
}

const PRICK_PITCH_CM = 2.6;
/** Slits begin so far from the middle, as a share of the lid. */
const SLITS_FROM = 0.16;
const slitsFromCm = (top: Outline): number => Math.min(top.widthCm, top.lengthCm) * SLITS_FROM;

/** A slit is pulled longer by its outer end; a single one grows both ways. */
export function slitHandle(plan: PiePlan): HandleLayer | null {
  const { vents, ventLengthCm } = plan.spec.form;
  if (vents === 0) return null;
  const single = vents === 1;
  const from = single ? ventLengthCm / 2 : slitsFromCm(topOutline(plan.build.vessel.dish)) + ventLengthCm;
  return handlesAbove(plan, {
    label: 'Length of each slit',
    at: [0, -from],
    along: [0, -1],
    valueCm: ventLengthCm,
    limit: fieldLimit('form.ventLengthCm'),
    perCm: single ? 2 : 1,
    set: (next) => changeFormSpec({ ventLengthCm: next }),
  });
}

/** A closed lid with its slits round the middle, or pricked all over. */
export function LidAbove({ plan, pricked = false }: { readonly plan: PiePlan; readonly pricked?: boolean }) {
  const top = topOutline(plan.build.vessel.dish);
  const { vents, ventLengthCm } = plan.spec.form;
  const from = slitsFromCm(top);
  return (
    <Above
      plan={plan}
      label={pricked ? 'a lid, pricked all over' : `a lid with ${vents} ${vents === 1 ? 'slit' : 'slits'}`}
    >
      <OutlineShape of={top} growCm={0.9} className={classes.pastry} />
      {pricked
        ? spreadOver(top, PRICK_PITCH_CM).map(([x, y]) => (
            <line key={`${x}/${y}`} x1={x} x2={x + 0.01} y1={y} y2={y} className={classes.vent} />
          ))
        : Array.from({ length: vents }, (_, i) => (
            <line
              key={i}
              x1={0}
              x2={0}
              y1={vents === 1 ? -ventLengthCm / 2 : -from}
              y2={vents === 1 ? ventLengthCm / 2 : -from - ventLengthCm}
              transform={`rotate(${(360 * i) / Math.max(1, vents)})`}
              className={classes.slit}
              stroke={juiceOf(plan)}
            />
          ))}
    </Above>
  );
}

/** Smaller lumps are drawn so large, cm: finer ones would be a grey. */
const LEAST_LUMP_CM = 0.9;

/** The lump in the middle is pulled larger. */
export function lumpHandle(plan: PiePlan): HandleLayer {
  const crumb = plan.spec.form.crumb ?? usualCrumb;
  const valueCm = lumpSizeCm(plan.spec.form);
  return handlesAbove(plan, {
    label: 'Size of the lumps',
    at: [Math.max(LEAST_LUMP_CM, valueCm) / 2, 0],
    along: [1, 0],
    valueCm,
    limit: fieldLimit('form.crumb.lumpCm'),
    perCm: 2,
    set: (lumpCm) => changeFormSpec({ crumb: { ...crumb, lumpCm } }),
  });
}

/** Loose crumb, in lumps of its size. */
export function CrumbAbove({ plan }: { readonly plan: PiePlan }) {
  const top = topOutline(plan.build.vessel.dish);
  const { openShare } = plan.build.top;
  const lumpCm = Math.max(LEAST_LUMP_CM, lumpSizeCm(plan.spec.form));
  const r = (lumpCm / 2) * (1.25 - openShare);
  return (
    <Above plan={plan} label={`crumb over the whole top, ${Math.round(100 * openShare)} % left bare`}>
      {spreadOver(top, lumpCm).map(([x, y], i) => (
        <circle
          key={i}
          cx={x + ((i * 37) % 7) * 0.03}
          cy={y}
          r={r * (0.85 + ((i * 53) % 9) * 0.04)}
          className={classes.lump}
        />
      ))}
    </Above>
  );
}

/** Nothing over the fruit. */
export const OpenAbove = ({ plan }: { readonly plan: PiePlan }) => (
  <Above plan={plan} label="open, the fruit bare" />
);
