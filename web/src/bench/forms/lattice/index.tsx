import { topAs } from '@mardle/core';
import type { FormView, SectionTopProps, SliceTopProps } from '../form-view.js';
import { Slabs, StripsOnSlice } from '../shared/Pastry.js';
import { usualView } from '../shared/usual.js';
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

export const lattice: FormView = {
  ...usualView,
  Controls: LatticePart,
  SectionTop: LatticeSection,
  SliceTop: LatticeOnSlice,
  covered: 'under a lattice',
  topLine: ({ build }, say) => {
    const { long = [], cross = [] } = topAs('lattice', build.top)?.lattice ?? {};
    return `${long.length} x ${cross.length} strips of ${say(long[0]?.widthCm ?? 0, 'cm')}`;
  },
};
