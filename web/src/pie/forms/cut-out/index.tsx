import type { CutOuts, PiePlan } from '@mardle/core';
import { cutOutLabels, fieldLimit, placedPoints, topAs, usualCutOut } from '@mardle/core';
import type { FormView, SectionTopProps, SliceTopProps } from '../form-view.js';
import { changeFormSpec } from '../../../state/changeSpec.js';
import { Above, handlesAbove } from '../shared/Above.js';
import above from '../shared/Above.module.css';
import type { HandleLayer } from '../shared/Handles.js';
import { Slabs, StripsOnSlice } from '../shared/Pastry.js';
import { usualView } from '../shared/usual.js';
import { CutOutPart } from './CutOutPart.js';

/** Pieces that a cut through the middle meets, from left to right. */
const alongMiddle = ({ pieces, sizeCm }: CutOuts): number[] =>
  pieces
    .filter(({ y }) => Math.abs(y) < sizeCm / 2)
    .map(({ x }) => x)
    .sort((a, b) => a - b);

function CutOutSection({ plan, section, colour }: SectionTopProps) {
  const cutOuts = topAs('cut_outs', plan.build.top)?.cutOuts;
  if (!cutOuts) return null;
  const slabs = alongMiddle(cutOuts).map((x, i) => ({
    x,
    widthCm: cutOuts.widthCm * 0.96,
    thickCm: section.crustCm,
    lift: i % 2 ? 0.8 : 0.5,
  }));
  return <Slabs section={section} colour={colour} slabs={slabs} />;
}

function CutOutOnSlice({ plan, shape, colour }: SliceTopProps) {
  const top = topAs('cut_outs', plan.build.top);
  if (!top) return null;
  const count = Math.max(1, Math.round(shape.lengthCm / top.cutOuts.sizeCm));
  return <StripsOnSlice shape={shape} count={count} openShare={top.openShare} colour={colour} />;
}

function PiecesAbove({ plan }: { readonly plan: PiePlan }) {
  const cutOuts = topAs('cut_outs', plan.build.top)?.cutOuts;
  if (!cutOuts) return null;
  const names = cutOutLabels[cutOuts.shape].toLowerCase();
  return (
    <Above plan={plan} label={`${cutOuts.pieces.length} ${names} in rings from the rim inward`}>
      {cutOuts.pieces.map((piece, i) => (
        <polygon
          key={i}
          points={placedPoints(cutOuts, piece)
            .map(([x, y]) => `${x.toFixed(2)},${(-y).toFixed(2)}`)
            .join(' ')}
          className={above.pastry}
        />
      ))}
    </Above>
  );
}

/** The piece nearest the middle is pulled larger. */
function sizeHandle(plan: PiePlan): HandleLayer | null {
  const cutOuts = topAs('cut_outs', plan.build.top)?.cutOuts;
  const chosen = plan.spec.form.cutOut ?? usualCutOut;
  const [piece] = cutOuts?.pieces.toSorted((a, b) => Math.hypot(a.x, a.y) - Math.hypot(b.x, b.y)) ?? [];
  if (!cutOuts || !piece) return null;
  return handlesAbove(plan, {
    label: 'Size of the pieces',
    at: [piece.x + cutOuts.widthCm / 2, -piece.y],
    along: [1, 0],
    valueCm: chosen.sizeCm,
    limit: fieldLimit('form.cutOut.sizeCm'),
    perCm: 2,
    set: (sizeCm) => changeFormSpec({ cutOut: { ...chosen, sizeCm } }),
  });
}

export const cutOutView: FormView = {
  ...usualView,
  Controls: CutOutPart,
  FromAbove: PiecesAbove,
  handles: sizeHandle,
  SectionTop: CutOutSection,
  SliceTop: CutOutOnSlice,
  covered: 'under cut-out pieces',
  topLine: ({ build }, say) => {
    const cutOuts = topAs('cut_outs', build.top)?.cutOuts;
    return cutOuts
      ? `${cutOuts.pieces.length} ${cutOutLabels[cutOuts.shape].toLowerCase()} of ${say(cutOuts.sizeCm, 'cm')}`
      : '';
  },
};
