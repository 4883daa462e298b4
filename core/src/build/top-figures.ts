import type { Figure } from '../units/index.js';
import { figure, from, given } from '../units/index.js';
import type { DishSpec, PastrySpec } from './spec.js';
import type { Top } from './top.js';

const PRACTICE = 'common practice, no source';

function lidFigures(dish: DishSpec, pastry: PastrySpec, top: Extract<Top, { kind: 'lid' }>): Figure[] {
  return [
    figure({
      id: 'build.vent_share',
      label: 'Lid that is open',
      value: 100 * top.openShare,
      unit: 'percent',
      spread: 0.3,
      rule: 'Slits open to about 3.5 mm in the oven; 1 to 2 % of the lid lets steam out.',
      inputs: from('dish.top_area'),
      source: PRACTICE,
    }),
    figure({
      id: 'pastry.lid_disc',
      label: 'Lid, rolled to',
      value: top.disc.diameterCm,
      unit: 'cm',
      spread: 0.03,
      rule: 'Across the top and rim with 1.3 cm to fold under, and the arc over the mound.',
      inputs: [given('across the top', dish.topCm, 'cm'), ...from('build.mound')],
      source: PRACTICE,
    }),
    figure({
      id: 'pastry.top_mass',
      label: 'Dough for the lid',
      value: top.disc.massG,
      unit: 'g',
      spread: 0.05,
      rule: 'Disc x thickness x 1.14 g/cm3, and 12 % for trimming.',
      inputs: [...from('pastry.lid_disc'), given('thickness', pastry.thicknessMm, 'mm')],
      source: 'our estimate, held against batches of the trade',
    }),
  ];
}

function latticeFigures(
  dish: DishSpec,
  pastry: PastrySpec,
  top: Extract<Top, { kind: 'lattice' }>,
): Figure[] {
  const { lattice } = top;
  return [
    figure({
      id: 'lattice.gap',
      label: 'Gap between strips',
      value: lattice.gapCm,
      unit: 'cm',
      spread: 0.1,
      rule: 'Each strip has the diameter over their number to itself; what its width leaves is gap.',
      inputs: [given('across the top', dish.topCm, 'cm'), given('strip', lattice.widthCm, 'cm')],
      source: 'geometry',
    }),
    figure({
      id: 'lattice.open',
      label: 'Top that stays open',
      value: 100 * lattice.openShare,
      unit: 'percent',
      spread: 0.05,
      rule: '(gap / pitch)^2, at any angle.',
      inputs: from('lattice.gap'),
      source: 'geometry',
    }),
    figure({
      id: 'lattice.longest',
      label: 'Longest strip',
      value: lattice.sheetCm.lengthCm,
      unit: 'cm',
      spread: 0.03,
      rule: 'Chord of the top under the strip’s nearer edge, and 1.7 cm over the rim at each end.',
      inputs: [given('across the top', dish.topCm, 'cm')],
      source: 'geometry',
    }),
    figure({
      id: 'lattice.sheet_width',
      label: 'Sheet to cut the strips from, width',
      value: lattice.sheetCm.widthCm,
      unit: 'cm',
      spread: 0.03,
      rule: 'All strips of both ways side by side.',
      inputs: [
        given('strip', lattice.widthCm, 'cm'),
        given('strips each way', lattice.lengthsCm.length, 'count'),
      ],
      source: 'geometry',
    }),
    figure({
      id: 'pastry.top_mass',
      label: 'Dough for the strips',
      value: lattice.massG,
      unit: 'g',
      spread: 0.05,
      rule: 'Sheet x thickness x 1.14 g/cm3, and 5 % for the ends.',
      inputs: [
        ...from('lattice.longest', 'lattice.sheet_width'),
        given('thickness', pastry.thicknessMm, 'mm'),
      ],
      source: 'our estimate',
    }),
  ];
}

function crumbFigures(top: Extract<Top, { kind: 'crumb' }>): Figure[] {
  const { crumb } = top;
  return [
    figure({
      id: 'crumb.mass',
      label: 'Crumb in all',
      value: crumb.massG,
      unit: 'g',
      spread: 0.1,
      rule: 'Grams that cover a cm2, over the whole top and its mound: bare fruit burns.',
      inputs: from('dish.top_area', 'build.mound'),
      source: PRACTICE,
    }),
    figure({
      id: 'crumb.thickness',
      label: 'Crumb, deep',
      value: crumb.thicknessCm,
      unit: 'cm',
      spread: 0.2,
      rule: 'Its mass over the surface, loose at .62 g/cm3.',
      inputs: from('crumb.mass'),
      source: 'our estimate',
    }),
    figure({
      id: 'pastry.top_mass',
      label: 'Dough for the top',
      value: 0,
      unit: 'g',
      rule: 'A crumb takes no dough.',
      source: 'definition',
    }),
  ];
}

/** Figures of what goes over the filling. */
export function topFigures(dish: DishSpec, pastry: PastrySpec, top: Top): Figure[] {
  if (top.kind === 'lattice') return latticeFigures(dish, pastry, top);
  return top.kind === 'crumb' ? crumbFigures(top) : lidFigures(dish, pastry, top);
}
