import type { PiePlan } from '@mardle/core';
import { showText } from '@mardle/core';
import { useRef } from 'react';
import { useSettings } from '../../state/settings.js';
import { crustColour } from './colours.js';
import classes from './CrossSection.module.css';
import { describe } from './describe.js';
import { FillHandle } from './FillHandle.js';
import { FruitDrawing } from './Fruit.js';
import { halfWidthAt } from './geometry.js';
import { BaseCrust, Holder } from './Holder.js';
import type { PieView } from './section-shape.js';
import { makeSection } from './section.js';
import { viewOf } from '../forms/index.js';

interface CrossSectionProps {
  readonly plan: PiePlan;
  readonly view: PieView;
}

/** The pie to scale, as filled or as baked. */
export function CrossSection({ plan, view }: CrossSectionProps) {
  const units = useSettings((state) => state.units);
  const drawing = useRef<SVGSVGElement>(null);
  const section = makeSection(plan, view);
  const { profile, halfWidthCm: half, heightCm, edgeCm, moundCm } = section;
  const { build, spec } = plan;
  const { SectionTop } = viewOf(spec.form.kind);
  const baked = view === 'baked';
  const say = (cm: number): string => showText(cm, 'cm', units);
  const sinksToCm = build.bakedEdgeCm + build.bakedMoundCm;
  const sinksHalf = halfWidthAt(profile, build.bakedEdgeCm) - (section.lined ? section.crustCm : 0);
  // Beside a dish; over the low edge of a sheet.
  const sinksY = section.filled === 'dish' ? 0.25 - profile.depthCm * 0.22 : -1.4;
  const browning = baked ? plan.bake?.atEnd : undefined;
  return (
    <svg
      ref={drawing}
      className={classes.drawing}
      viewBox={`${-half} ${-heightCm} ${2 * half} ${heightCm + 2}`}
      role="group"
      aria-label={describe(plan, view, say)}
    >
      <line x1={-half} x2={half} y1={0.28} y2={0.28} className={classes.bench} />
      <FruitDrawing plan={plan} section={section} baked={baked} />
      <BaseCrust
        section={section}
        colour={crustColour(browning?.baseBrowning)}
        rimColour={crustColour(browning?.topBrowning)}
      />
      <SectionTop plan={plan} section={section} colour={crustColour(browning?.topBrowning)} />
      <Holder section={section} sheetCm={spec.dish.topCm} />
      <Measure
        x1={-profile.topCm / 2}
        x2={profile.topCm / 2}
        y={1.05}
        text={section.filled === 'dish' ? say(profile.topCm) : `${say(profile.topCm)} of fruit`}
      />
      <g className={classes.text}>
        <line x1={-half + 3.15} x2={-half + 3.15} y1={0} y2={-profile.depthCm} className={classes.measure} />
        <text x={-half + 2.8} y={-profile.depthCm / 2 + 0.25} textAnchor="end">
          {say(profile.depthCm)}
        </text>
        {baked && build.gapCm > 0.15 && (
          <text x={half - 0.2} y={-heightCm + 1} textAnchor="end">
            gap {say(build.gapCm)}
          </text>
        )}
        {!baked && build.rawMoundCm > 0.15 && (
          <text x={half - 0.2} y={-heightCm + 1} textAnchor="end">
            mound {say(build.rawMoundCm)}
          </text>
        )}
        {!baked && (
          <>
            <path
              d={`M${-sinksHalf} ${-build.bakedEdgeCm}Q0 ${-build.bakedEdgeCm - 2 * build.bakedMoundCm} ${sinksHalf} ${-build.bakedEdgeCm}`}
              className={classes.sinks}
            />
            <text x={half - 0.2} y={sinksY} textAnchor="end">
              {sinksToCm < edgeCm + moundCm ? 'sinks' : 'rises'} to {say(sinksToCm)}
            </text>
          </>
        )}
      </g>
      {!baked && <FillHandle plan={plan} section={section} drawing={drawing} />}
    </svg>
  );
}

function Measure({
  x1,
  x2,
  y,
  text,
}: {
  readonly x1: number;
  readonly x2: number;
  readonly y: number;
  readonly text: string;
}) {
  const wide = text.length * 0.2 + 0.6;
  return (
    <g className={classes.text}>
      <line x1={x1} x2={x2} y1={y} y2={y} className={classes.measure} />
      <line x1={x1} x2={x1} y1={y - 0.25} y2={y + 0.25} className={classes.measure} />
      <line x1={x2} x2={x2} y1={y - 0.25} y2={y + 0.25} className={classes.measure} />
      <rect x={-wide} y={y - 0.5} width={2 * wide} height={1} className={classes.tag} />
      <text x={0} y={y + 0.27} textAnchor="middle">
        {text}
      </text>
    </g>
  );
}
