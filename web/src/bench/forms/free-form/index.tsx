import { topAs } from '@mardle/core';
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

export const freeForm: FormView = {
  ...usualView,
  Controls: FreeFormPart,
  // The border is the disc itself, drawn with the base that it is folded from.
  SectionTop: Nothing,
  SliceTop: BorderOnSlice,
  covered: 'in a folded border',
  topLine: ({ build }, say) => {
    const border = topAs('border', build.top)?.freeForm;
    return border ? `border ${say(border.borderCm, 'cm')} in ${border.pleats} pleats` : '';
  },
};
