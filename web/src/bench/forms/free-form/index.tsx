import type { PiePlan } from '@mardle/core';
import { topAs } from '@mardle/core';
import { juiceColour } from '../../../kit/fruitColours.js';
import above from '../shared/Above.module.css';
import type { FormView, SliceTopProps } from '../form-view.js';
import { OnSlice } from '../shared/Pastry.js';
import { sliceFrame } from '../shared/top-frame.js';
import { Nothing, usualView } from '../shared/usual.js';
import { FreeFormPart } from './FreeFormPart.js';

function BorderOnSlice({ plan, shape, colour }: SliceTopProps) {
  const border = topAs('border', plan.build.top)?.freeForm;
  if (!border) return null;
  const { left, y } = sliceFrame(shape);
  const { lengthCm, crustCm, baseCm } = shape;
  const reach = Math.min(lengthCm * 0.8, (border.fillingCm - border.apertureCm) / 2);
  return (
    <OnSlice
      colour={colour}
      d={`M${left - crustCm} ${-baseCm}L${left - crustCm} ${y - crustCm}L${left + reach} ${y - crustCm * 0.8}V${y}L${left} ${y}V${-baseCm}Z`}
    />
  );
}

function FoldAbove({ plan }: { readonly plan: PiePlan }) {
  const border = topAs('border', plan.build.top)?.freeForm;
  if (!border) return null;
  const { fillingCm, apertureCm, pleats } = border;
  const outer = fillingCm / 2 + 0.6;
  const half = outer + 1.4;
  return (
    <svg
      viewBox={`${-half} ${-half} ${2 * half} ${2 * half}`}
      role="img"
      aria-label={`From above: a border folded in ${pleats} pleats, open in the middle`}
      className={above.plan}
    >
      <circle r={outer} className={above.pastry} />
      <circle r={apertureCm / 2} fill={juiceColour(plan.spec.filling.fruits[0]?.fruit ?? '')} />
      {Array.from({ length: pleats }, (_, i) => (
        <line
          key={i}
          x1={0}
          x2={outer * Math.sin(0.12)}
          y1={-apertureCm / 2}
          y2={-outer * Math.cos(0.12)}
          transform={`rotate(${(360 * i) / pleats})`}
          className={above.vent}
        />
      ))}
    </svg>
  );
}

export const freeForm: FormView = {
  ...usualView,
  Controls: FreeFormPart,
  // The border is the disc itself, drawn with the base that it is folded from.
  FromAbove: FoldAbove,
  SectionTop: Nothing,
  SliceTop: BorderOnSlice,
  covered: 'in a folded border',
  topLine: ({ build }, say) => {
    const border = topAs('border', build.top)?.freeForm;
    return border ? `border ${say(border.borderCm, 'cm')} in ${border.pleats} pleats` : '';
  },
};
