import type { PiePlan, StripStyle } from '@mardle/core';
import { topAs, topOutline, weaveSteps } from '@mardle/core';
import type { FormView, SectionTopProps, SliceTopProps } from '../form-view.js';
import { Slabs, StripsOnSlice } from '../shared/Pastry.js';
import { usualView } from '../shared/usual.js';
import { juiceOf } from '../shared/Above.js';
import { LatticePlan } from './weave/LatticePlan.js';
import { LatticePart } from './LatticePart.js';

function LatticeSection({ plan, section, colour }: SectionTopProps) {
  const lattice = topAs('lattice', plan.build.top)?.lattice;
  if (!lattice) return null;
  const { crustCm } = section;
  const slabs = lattice.long.map(({ offsetCm, widthCm, number }) => ({
    x: offsetCm,
    widthCm: lattice.style === 'twisted' ? widthCm * 0.7 : widthCm,
    thickCm: lattice.style === 'straight' ? crustCm : crustCm * 1.5,
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

export const lattice: FormView = {
  ...usualView,
  Controls: LatticePart,
  FromAbove: LatticeAbove,
  SectionTop: LatticeSection,
  SliceTop: LatticeOnSlice,
  covered: 'under a lattice',
  topLine: ({ build }, say) => {
    const { long = [], cross = [] } = topAs('lattice', build.top)?.lattice ?? {};
    return `${long.length} x ${cross.length} strips of ${say(long[0]?.widthCm ?? 0, 'cm')}`;
  },
};
