import type { Top } from '../../geometry/index.js';
import { makeLattice, topOutline } from '../../geometry/index.js';
import type { FieldProblem, PieSpec } from '../../schema/index.js';
import { usualLattice } from '../../schema/index.js';
import type { Form } from '../form.js';
import { linedDish } from '../shared/in-a-dish.js';
import { latticeTop } from './top.js';

function check({ form, dish }: PieSpec): FieldProblem[] {
  const { strips, widthCm, secondWidthCm = widthCm } = form.lattice ?? usualLattice;
  const acrossCm = topOutline(dish).widthCm;
  const wideCm = Math.ceil(strips / 2) * widthCm + Math.floor(strips / 2) * secondWidthCm;
  if (wideCm <= acrossCm + 1e-6) return [];
  return [
    {
      field: 'form.lattice.widthCm',
      message: `${strips} strips side by side (${wideCm.toFixed(1)} cm) are wider than the pie (${acrossCm} cm).`,
      remedy: 'Take fewer or narrower strips.',
    },
  ];
}

export const lattice: Form = {
  ...linedDish,
  kind: 'lattice',
  label: 'lattice',
  topWork: 'Cut the strips, weave, crimp',
  topMin: 25,
  makeTop: ({ form, dish, pastry }): Top => {
    const made = makeLattice(form.lattice ?? usualLattice, dish, pastry.thicknessMm);
    return { kind: 'lattice', lattice: made, openShare: made.openShare };
  },
  top: latticeTop,
  check,
};
