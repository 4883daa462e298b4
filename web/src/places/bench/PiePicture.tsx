import type { PiePlan, Station } from '@mardle/core';
import { memo } from 'react';
import { CrossSection } from '../../pie/CrossSection/CrossSection.js';
import { HeatView } from '../../pie/CrossSection/HeatView.js';
import { Handles } from '../../pie/forms/shared/Handles.js';
import { viewOf } from '../../pie/forms/index.js';
import classes from './Bench.module.css';
import { SheetsPicture } from '../../pie/SheetsPicture/SheetsPicture.js';
import { SliceOnPlate } from '../../pie/SliceOnPlate/SliceOnPlate.js';
import { LedgerPicture } from './stations/juice/LedgerPicture.js';
import { BakeCurves } from './stations/oven/BakeCurves.js';

export const pictures = [
  ['filled', 'as filled'],
  ['baked', 'as baked'],
  ['juice', 'the juice'],
  ['slice', 'the slice'],
  ['dough', 'the dough'],
  ['above', 'from above'],
  ['oven', 'the oven'],
  ['heat', 'the heat'],
] as const;
export type Picture = (typeof pictures)[number][0];

/** The picture that shows what a station decides. */
export const pictureOf: Readonly<Record<Station, Picture>> = {
  shape: 'filled',
  fruit: 'filled',
  juice: 'juice',
  pastry: 'dough',
  top: 'above',
  oven: 'oven',
};

interface PiePictureProps {
  readonly plan: PiePlan;
  readonly view: Picture;
}

/** The pie always in sight: to scale, as a slice, as heat, from above, or through its time in the oven. */
export const PiePicture = memo(function PiePicture({ plan, view }: PiePictureProps) {
  switch (view) {
    case 'slice':
      return <SliceOnPlate plan={plan} />;
    case 'heat':
      return <HeatView plan={plan} />;
    case 'juice':
      return <LedgerPicture plan={plan} />;
    case 'dough':
      return <SheetsPicture plan={plan} />;
    case 'above': {
      const { FromAbove, handles } = viewOf(plan.spec.form.kind);
      const layer = handles(plan);
      return (
        <div className={classes.above}>
          <FromAbove plan={plan} />
          {layer && <Handles {...layer} />}
        </div>
      );
    }
    case 'oven':
      return plan.bake ? (
        <BakeCurves bake={plan.bake} filled={plan.work.body.filling !== null} />
      ) : (
        <p role="status">The oven is drawn as soon as the bake is worked out.</p>
      );
    case 'filled':
    case 'baked':
      return <CrossSection plan={plan} view={view} />;
  }
});
