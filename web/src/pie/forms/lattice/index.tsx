import type { PiePlan, StripStyle } from '@mardle/core';
import { fieldLimit, topAs, topOutline, usualLattice, weaveSteps } from '@mardle/core';
import type { FormView, SectionTopProps, SliceTopProps } from '../form-view.js';
import { Slabs, StripsOnSlice } from '../shared/Pastry.js';
import { usualView } from '../shared/usual.js';
import { juiceOf } from '../shared/Above.js';
import type { HandleLayer } from '../shared/Handles.js';
import { changeFormSpec } from '../../../state/changeSpec.js';
import { LatticePart } from './LatticePart.js';
import { widestCm } from './widest.js';
import { LatticePlan, latticeBox } from './weave/LatticePlan.js';

function LatticeSection({ plan, section, colour }: SectionTopProps) {
  const latticeView = topAs('lattice', plan.build.top)?.lattice;
  if (!latticeView) return null;
  const { crustCm } = section;
  const slabs = latticeView.long.map(({ offsetCm, widthCm, number }) => ({
    x: offsetCm,
    widthCm: latticeView.style === 'twisted' ? widthCm * 0.7 : widthCm,
    thickCm: latticeView.style === 'straight' ? crustCm : crustCm * 1.5,
    lift: number % 2 ? 0.9 : 0.35,
  }));
  return <Slabs section={section} colour={colour} slabs={slabs} />;
}

function LatticeOnSlice({ plan, shape, colour }: SliceTopProps) {
  const top = topAs('lattice', plan.build.top);
  if (!top) return null;
  const count = Math.max(1, Math.round(top.lattice.long.length / 2));
  return <StripsOnSlice shape={shape} count={count} openShare={top.openShare} colour={colour} />;
}

const laid: Readonly<Record<StripStyle, string>> = {
  straight: 'woven over and under',
  twisted: 'twisted, laid across',
  plaited: 'plaited, laid across',
};

function LatticeAbove({ plan }: { readonly plan: PiePlan }) {
  const strips = topAs('lattice', plan.build.top)?.lattice;
  if (!strips) return null;
  const { long, cross, angleDeg, style } = strips;
  return (
    <LatticePlan
      lattice={strips}
      top={topOutline(plan.spec.dish)}
      steps={style === 'straight' ? weaveSteps(long.length, cross.length) : null}
      now={null}
      juice={juiceOf(plan)}
      label={`From above: ${long.length} by ${cross.length} strips, ${laid[style]}, at ${angleDeg} degrees`}
    />
  );
}

/** A strip in the middle is pulled wider; strips are never wider than their share of the top. */
function stripHandle({ build, spec }: PiePlan): HandleLayer | null {
  const strips = topAs('lattice', build.top)?.lattice;
  const strip = strips?.long[Math.floor(strips.long.length / 2)];
  if (!strips || !strip) return null;
  const top = topOutline(spec.dish);
  const chosen = spec.form.lattice ?? usualLattice;
  const limit = fieldLimit('form.lattice.widthCm');
  return {
    box: latticeBox(top),
    turned: false,
    handles: [
      {
        label: 'Width of the strips',
        at: [strip.offsetCm + strip.widthCm / 2, 0],
        along: [1, 0],
        valueCm: chosen.widthCm,
        limit: { ...limit, most: Math.min(limit.most, widestCm(chosen, top)) },
        perCm: 2,
        set: (widthCm) => changeFormSpec({ lattice: { ...chosen, widthCm } }),
      },
    ],
  };
}

export const latticeView: FormView = {
  ...usualView,
  Controls: LatticePart,
  FromAbove: LatticeAbove,
  handles: stripHandle,
  SectionTop: LatticeSection,
  SliceTop: LatticeOnSlice,
  covered: 'under a lattice',
  topLine: ({ build }, say) => {
    const { long = [], cross = [] } = topAs('lattice', build.top)?.lattice ?? {};
    return `${long.length} x ${cross.length} strips of ${say(long[0]?.widthCm ?? 0, 'cm')}`;
  },
};
