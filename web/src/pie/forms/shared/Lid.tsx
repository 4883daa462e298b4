import { topAs } from '@mardle/core';
import type { PiePlan } from '@mardle/core';
import classes from '../../CrossSection/CrossSection.module.css';
import { capAt, lidPath } from '../../CrossSection/geometry.js';
import type { Section } from '../../CrossSection/section-shape.js';
import type { SayQuantity, SliceTopProps } from '../form-view.js';
import { OnSlice } from './Pastry.js';
import { sliceFrame, topFrame } from './top-frame.js';

interface LidProps {
  readonly section: Section;
  readonly colour: string;
  readonly vents: number;
  /** How high it arches over where it rests, and where that is. */
  readonly riseCm: number;
  readonly restsCm: number;
}

/** A closed sheet of pastry with slits in it, seen from the side. */
export function LidDrawing({ section, colour, vents, riseCm, restsCm }: LidProps) {
  const { profile, crustCm, rimCm } = section;
  const { half } = topFrame(section);
  const depthCm = restsCm - (section.lined ? 0 : crustCm);
  return (
    <>
      <path
        d={lidPath({ ...profile, topCm: 2 * half, depthCm }, crustCm, riseCm, rimCm)}
        className={classes.crust}
        fill={colour}
      />
      {Array.from({ length: vents }, (_, i) => {
        const x = half * 0.62 * (vents === 1 ? 0 : (2 * i) / (vents - 1) - 1);
        const y = -depthCm - crustCm - capAt(half, riseCm, x);
        return <line key={i} x1={x} x2={x} y1={y + 0.04} y2={y - crustCm - 0.04} className={classes.vent} />;
      })}
    </>
  );
}

const LEAST_RISE_CM = 0.15;

/** A lid over the whole top of a dish. */
export function DishLid({ section, colour, vents }: Pick<LidProps, 'section' | 'colour' | 'vents'>) {
  return (
    <LidDrawing
      section={section}
      colour={colour}
      vents={vents}
      riseCm={Math.max(LEAST_RISE_CM, section.topRiseCm)}
      restsCm={topFrame(section).restsCm}
    />
  );
}

/** A lid on a slice. */
export function LidOnSlice({ shape, colour }: SliceTopProps) {
  const { left, right, y } = sliceFrame(shape);
  const { rimCm, crustCm } = shape;
  return (
    <OnSlice
      colour={colour}
      d={`M${left - rimCm} ${y}Q${left - rimCm - 0.2} ${y - crustCm * 1.6} ${left - 0.2} ${y - crustCm}Q0 ${y - crustCm - 0.5} ${right} ${y - crustCm - 0.25}V${y - 0.25}Q0 ${y - 0.5} ${left} ${y}Z`}
    />
  );
}

export const lidLine = ({ build }: PiePlan, say: SayQuantity): string =>
  `lid ${say(topAs('lid', build.top)?.sheet.outline.lengthCm ?? 0, 'cm')}`;
