import type { DishSpec } from '../build/index.js';
import {
  foldFreeForm,
  formTraits,
  isRound,
  latticeAngles,
  topOutline,
  usualFreeForm,
} from '../build/index.js';
import { crumbs } from '../larder/index.js';
import type { Problem } from './problem.js';
import { known, within } from './problem.js';
import type { PieSpec } from './spec.js';

/** What is wrong with the measures of a dish. */
export function dishProblems(dish: DishSpec): Problem[] {
  const measures = [
    ...within('dish.topCm', dish.topCm),
    ...within('dish.widthCm', dish.widthCm),
    ...within('dish.baseCm', dish.baseCm),
    ...within('dish.depthCm', dish.depthCm),
  ];
  if (measures.length > 0) return measures;
  const problems: Problem[] = [];
  if (dish.baseCm > dish.topCm) {
    problems.push({
      field: 'dish.baseCm',
      message: `The base (${dish.baseCm} cm) is wider than the top (${dish.topCm} cm).`,
      remedy: 'Measure both inside the dish; the wall leans outward or stands straight.',
    });
  }
  const { widthCm } = topOutline(dish);
  if (widthCm > dish.topCm + 1e-9) {
    problems.push({
      field: 'dish.widthCm',
      message: `The shorter side (${widthCm} cm) is longer than the longer one (${dish.topCm} cm).`,
      remedy: 'Give the longer side first.',
    });
  }
  if (widthCm - (dish.topCm - dish.baseCm) < 2) {
    problems.push({
      field: 'dish.baseCm',
      message: 'Walls that lean so far meet before they reach the base.',
      remedy: 'Measure the longer side of the base again, inside.',
    });
  }
  return problems;
}

/** What is wrong with the dish of a pie. */
export function checkDish({ dish, form }: PieSpec): Problem[] {
  const problems = dishProblems(dish);
  const { widthCm } = topOutline(dish);
  if (formTraits(form.kind).filled === 'dish' && dish.depthCm > widthCm / 2) {
    problems.push({
      field: 'dish.depthCm',
      message: `A dish ${dish.depthCm} cm deep and ${widthCm} cm across is a pot: a pie in it would stay raw in the middle.`,
      remedy: 'Give the depth inside the dish; at most half of what it is across.',
    });
  }
  return problems;
}

function checkLattice({ form, dish }: PieSpec): Problem[] {
  const { lattice } = form;
  if (!lattice) return [];
  const problems = [
    ...within('form.lattice.strips', lattice.strips),
    ...within('form.lattice.widthCm', lattice.widthCm),
    ...within('form.lattice.secondWidthCm', lattice.secondWidthCm),
  ];
  if (!latticeAngles.some((angle) => angle === lattice.angleDeg)) {
    problems.push({
      field: 'form.lattice.angleDeg',
      message: `A lattice cannot cross at ${lattice.angleDeg} degrees here.`,
      remedy: `Choose one of: ${latticeAngles.join(', ')}.`,
    });
  }
  const acrossCm = topOutline(dish).widthCm;
  const second = lattice.secondWidthCm ?? lattice.widthCm;
  const wideCm = Math.ceil(lattice.strips / 2) * lattice.widthCm + Math.floor(lattice.strips / 2) * second;
  if (form.kind === 'lattice' && wideCm > acrossCm + 1e-6) {
    problems.push({
      field: 'form.lattice.widthCm',
      message: `${lattice.strips} strips side by side (${wideCm.toFixed(1)} cm) are wider than the pie (${acrossCm} cm).`,
      remedy: 'Take fewer or narrower strips.',
    });
  }
  return problems;
}

/** The disc must fit its sheet, and leave room for fruit inside its border. */
function checkSheet({ form, dish }: PieSpec): Problem[] {
  if (form.kind !== 'free_form') return [];
  const chosen = form.freeForm ?? usualFreeForm;
  const { discCm, borderCm } = chosen;
  const problems = [...within('form.freeForm.discCm', discCm), ...within('form.freeForm.borderCm', borderCm)];
  if (problems.length > 0) return problems;
  if (discCm - 2 * borderCm < 6) {
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

/** What is wrong with what goes over, under or around the filling. */
export function checkForm(spec: PieSpec): Problem[] {
  const { crumb, cutOut, shell, cobbler, handPie, kind } = spec.form;
  const across = Math.min(topOutline(spec.dish).widthCm, topOutline(spec.dish).lengthCm);
  return [
    ...checkLattice(spec),
    ...within('form.crumb.cover', crumb?.cover),
    ...within('form.crumb.lumpCm', crumb?.lumpCm),
    ...(crumb ? known('form.crumb.school', crumb.school, crumbs, 'crumb') : []),
    ...within('form.cutOut.sizeCm', cutOut?.sizeCm),
    ...(kind === 'cut_out' && cutOut && cutOut.sizeCm > across
      ? [
          {
            field: 'form.cutOut.sizeCm',
            message: `A cut-out of ${cutOut.sizeCm} cm is longer than the pie is wide (${across} cm).`,
            remedy: 'Cut smaller pieces.',
          },
        ]
      : []),
    ...checkSheet(spec),
    ...within('form.shell.weightsMin', shell?.weightsMin),
    ...within('form.cobbler.cover', cobbler?.cover),
    ...within('form.handPie.discCm', handPie?.discCm),
    ...within('form.handPie.count', handPie?.count),
    ...(kind === 'upside_down' && !isRound(topOutline(spec.dish))
      ? [
          {
            field: 'dish.shape',
            message: 'An upside-down pie is turned out of a round pan.',
            remedy: 'Choose a round dish, best a skillet.',
          },
        ]
      : []),
  ];
}
