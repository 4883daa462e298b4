import type { PiePlan } from '@mardle/core';
import { fieldLimit, topAs, usualFreeForm } from '@mardle/core';
import { juiceColour } from '../../../shared/format/fruitColours.js';
import above from '../shared/Above.module.css';
import { changeFormSpec } from '../../../state/changeSpec.js';
import type { FormView, SliceTopProps } from '../form-view.js';
import type { HandleLayer } from '../shared/Handles.js';
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

const MARGIN_CM = 1.4;
const boxOf = (fillingCm: number): string => {
  const half = fillingCm / 2 + 0.6 + MARGIN_CM;
  return `${-half} ${-half} ${2 * half} ${2 * half}`;
};

/** The border is pulled inward over the fruit. */
function borderHandle({ build, spec }: PiePlan): HandleLayer | null {
  const border = topAs('border', build.top)?.freeForm;
  if (!border) return null;
  const chosen = spec.form.freeForm ?? usualFreeForm;
  return {
    box: boxOf(border.fillingCm),
    turned: false,
    handles: [
      {
        label: 'Border',
        at: [border.apertureCm / 2, 0],
        along: [-1, 0],
        valueCm: chosen.borderCm,
        limit: fieldLimit('form.freeForm.borderCm'),
        perCm: 1,
        set: (borderCm) => changeFormSpec({ freeForm: { ...chosen, borderCm } }),
      },
    ],
  };
}

function FoldAbove({ plan }: { readonly plan: PiePlan }) {
  const border = topAs('border', plan.build.top)?.freeForm;
  if (!border) return null;
  const { fillingCm, apertureCm, pleats } = border;
  const outer = fillingCm / 2 + 0.6;
  return (
    <svg
      viewBox={boxOf(fillingCm)}
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

export const freeFormView: FormView = {
  ...usualView,
  Controls: FreeFormPart,
  // The border is the disc itself, drawn with the base that it is folded from.
  FromAbove: FoldAbove,
  handles: borderHandle,
  SectionTop: Nothing,
  SliceTop: BorderOnSlice,
  covered: 'in a folded border',
  topLine: ({ build }, say) => {
    const border = topAs('border', build.top)?.freeForm;
    return border ? `border ${say(border.borderCm, 'cm')} in ${border.pleats} pleats` : '';
  },
};
