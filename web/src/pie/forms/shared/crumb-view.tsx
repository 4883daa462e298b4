import { topAs } from '@mardle/core';
import classes from '../../CrossSection/CrossSection.module.css';
import { pieces } from '../../CrossSection/geometry.js';
import type { FormView, SectionTopProps, SliceTopProps } from '../form-view.js';
import { CrumbPart } from './CrumbPart.js';
import { CrumbAbove, lumpHandle } from './Above.js';
import { lumpSizeCm } from './lump.js';
import { AlongSlice } from './Pastry.js';
import { sliceFrame, topFrame } from './top-frame.js';
import { usualView } from './usual.js';

const LEAST_LUMP_CM = 0.35;

function CrumbSection({ plan, section, colour }: SectionTopProps) {
  const { half, surfaceY, pastryCm } = topFrame(section);
  const thicknessCm = topAs('crumb', plan.build.top)?.crumb.thicknessCm ?? 0;
  const lumpCm = Math.max(LEAST_LUMP_CM, lumpSizeCm(plan.spec.form));
  return (
    <>
      {pieces(half * 1.98, thicknessCm, lumpCm)
        .filter(({ x }) => Math.abs(x) < half)
        .map((piece, i) => (
          <circle
            key={i}
            cx={piece.x}
            cy={surfaceY(piece.x) + pastryCm + Math.max(-thicknessCm, piece.y) * 0.95}
            r={piece.r * 1.25}
            className={classes.crust}
            fill={colour}
          />
        ))}
    </>
  );
}

function CrumbOnSlice({ plan, shape, colour }: SliceTopProps) {
  const { y } = sliceFrame(shape);
  const high = topAs('crumb', plan.build.top)?.crumb.thicknessCm ?? 0;
  return (
    <AlongSlice
      shape={shape}
      count={Math.round(shape.lengthCm / 0.7)}
      colour={colour}
      each={(x, i) => {
        const tall = high * (0.75 + 0.35 * ((i * 37) % 10) * 0.1);
        return `M${x - 0.42} ${y + 0.15}Q${x - 0.5} ${y - tall} ${x} ${y - tall}T${x + 0.42} ${y + 0.15}Z`;
      }}
    />
  );
}

/** Under a crumb, with pastry below or without. */
export const crumbView: FormView = {
  ...usualView,
  Controls: CrumbPart,
  FromAbove: CrumbAbove,
  handles: lumpHandle,
  SectionTop: CrumbSection,
  SliceTop: CrumbOnSlice,
  standsCm: ({ top }) => topAs('crumb', top)?.crumb.thicknessCm ?? 0,
  covered: 'under a crumb',
  topLine: ({ build }, say) => {
    const crumb = topAs('crumb', build.top)?.crumb;
    return `${say(crumb?.massG ?? 0, 'g')} crumb, ${say(crumb?.thicknessCm ?? 0, 'cm')} deep`;
  },
};
