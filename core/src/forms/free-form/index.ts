import type { Top } from '../../geometry/index.js';
import {
  about,
  disc,
  outlinePoints,
  foldFreeForm,
  foldHeights,
  foldVessel,
  isSheet,
  roll,
  topAs,
  topOutline,
} from '../../geometry/index.js';
import type { FieldProblem, PieSpec } from '../../schema/index.js';
import { usualFreeForm } from '../../schema/index.js';
import type { Form } from '../form.js';
import { onSheet } from '../shared/in-a-dish.js';
import { borderTop } from './top.js';

/** Least room for fruit inside a border, cm across. Common practice, no source. */
const LEAST_FRUIT_CM = 6;

/** The disc must fit its sheet, and leave room for fruit inside its border. */
function check({ form, dish }: PieSpec): FieldProblem[] {
  const chosen = form.freeForm ?? usualFreeForm;
  const { discCm, borderCm } = chosen;
  const problems: FieldProblem[] = [];
  if (discCm - 2 * borderCm < LEAST_FRUIT_CM) {
    problems.push({
      field: 'form.freeForm.borderCm',
      message: `A border of ${borderCm} cm leaves no room for fruit on a disc of ${discCm} cm.`,
      remedy: 'Take a narrower border or a larger disc.',
    });
  }
  const { fillingCm } = foldFreeForm(chosen);
  const sheetCm = topOutline(dish).widthCm;
  if (fillingCm > sheetCm) {
    problems.push({
      field: 'form.freeForm.discCm',
      message: `Folded, the pie is ${fillingCm.toFixed(0)} cm across; ${dish.label} is only ${sheetCm} cm.`,
      remedy: 'Take a smaller disc, or a larger sheet.',
    });
  }
  return problems;
}

export const freeForm: Form = {
  ...onSheet,
  kind: 'free_form',
  turned: true,
  eaten: 'sliced_warm',
  label: 'free-form',
  filled: 'sheet',
  topWork: 'Fold the border in pleats',
  topMin: 10,
  oneHeat: true,
  vessel: (form, dish) => foldVessel(form.freeForm ?? usualFreeForm, dish),
  heights: foldHeights,
  base: (form, _dish, pastry) => roll(disc((form.freeForm ?? usualFreeForm).discCm), pastry.thicknessMm),
  baseRule: 'The disc you chose: the fruit and its border twice.',
  makeTop: ({ form }): Top => {
    const folded = foldFreeForm(form.freeForm ?? usualFreeForm);
    return { kind: 'border', freeForm: folded, openShare: (folded.apertureCm / folded.fillingCm) ** 2 };
  },
  top: borderTop,
  check,
  suits: (dish, form) =>
    isSheet(dish) && foldFreeForm(form.freeForm ?? usualFreeForm).fillingCm <= topOutline(dish).widthCm,
  baseTemplates: (base, top, say) => {
    const border = topAs('border', top);
    if (!border) return [];
    const { fillingCm, discCm, borderCm } = border.freeForm;
    return [
      about(
        'disc',
        'Disc for the free-form pie',
        base.outline,
        [
          { points: outlinePoints(base.outline), role: 'cut' },
          { points: outlinePoints(disc(fillingCm)), role: 'guide' },
        ],
        [
          { at: [0, 0], text: `disc ${say(discCm)}, fruit ${say(fillingCm)}, border ${say(borderCm)}` },
          { at: [0, -0.8], text: 'fold along the dashed line' },
        ],
      ),
    ];
  },
};
