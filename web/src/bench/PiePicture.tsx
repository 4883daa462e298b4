import type { PiePlan } from '@mardle/core';
import { memo } from 'react';
import { CrossSection } from './CrossSection/CrossSection.js';
import { HeatView } from './CrossSection/HeatView.js';
import type { PieView } from './CrossSection/section.js';
import { SliceOnPlate } from './SliceOnPlate/SliceOnPlate.js';
import { BakeCurves } from './stations/oven/BakeCurves.js';

export type Picture = PieView | 'slice' | 'heat' | 'oven';

export const pictures: readonly (readonly [Picture, string])[] = [
  ['filled', 'as filled'],
  ['baked', 'as baked'],
  ['slice', 'the slice'],
  ['heat', 'the heat'],
  ['oven', 'the oven'],
];

interface PiePictureProps {
  readonly plan: PiePlan;
  readonly view: Picture;
}

/** The pie always in sight: to scale, as a slice, as heat, or through its time in the oven. */
export const PiePicture = memo(function PiePicture({ plan, view }: PiePictureProps) {
  switch (view) {
    case 'slice':
      return <SliceOnPlate plan={plan} />;
    case 'heat':
      return <HeatView plan={plan} />;
    case 'oven':
      return plan.bake ? (
        <BakeCurves bake={plan.bake} />
      ) : (
        <p role="status">The oven is drawn as soon as the bake is worked out.</p>
      );
    default:
      return <CrossSection plan={plan} view={view} />;
  }
});
