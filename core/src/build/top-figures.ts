import type { Figure } from '../units/index.js';
import { figure, from, given } from '../units/index.js';
import { isRound } from './outline.js';
import type { DishSpec, FormSpec, PastrySpec } from './spec.js';
import type { Top, TopOf } from './top.js';
import { topDoughG } from './top.js';
import { toppingFigures } from './topping-figures.js';

const PRACTICE = 'common practice, no source';

function lidFigures(form: FormSpec, dish: DishSpec, pastry: PastrySpec, top: TopOf<'lid'>): Figure[] {
  const docked = form.kind === 'upside_down';
  const rule = docked
    ? 'The pan inside, and 1 cm to tuck down its wall; pricked all over.'
    : 'Across the top and rim with 1.3 cm to fold under, and the arc over the mound.';
  const { outline, massG } = top.sheet;
  return [
    figure({
      id: 'build.vent_share',
      label: 'Lid that is open',
      value: 100 * top.openShare,
      unit: 'percent',
      spread: 0.3,
      rule: docked
        ? 'Pricked all over with a fork.'
        : 'Slits open to about 3.5 mm in the oven; 1 to 2 % of the lid lets steam out.',
      inputs: from('dish.top_area'),
      source: PRACTICE,
    }),
    figure({
      id: 'pastry.lid_disc',
      label: 'Lid, rolled to',
      value: outline.lengthCm,
      unit: 'cm',
      spread: 0.03,
      rule,
      inputs: [given('across the top', dish.topCm, 'cm'), ...from('build.mound')],
      source: PRACTICE,
    }),
    ...(isRound(outline)
      ? []
      : [
          figure({
            id: 'pastry.lid_width',
            label: 'Lid, the other way',
            value: outline.widthCm,
            unit: 'cm',
            spread: 0.03,
            rule,
            source: PRACTICE,
          }),
        ]),
    figure({
      id: 'pastry.top_mass',
      label: 'Dough for the lid',
      value: massG,
      unit: 'g',
      spread: 0.05,
      rule: 'Disc x thickness x 1.14 g/cm3, and 12 % for trimming.',
      inputs: [...from('pastry.lid_disc'), given('thickness', pastry.thicknessMm, 'mm')],
      source: 'our estimate, held against batches of the trade',
    }),
  ];
}

function latticeFigures(dish: DishSpec, pastry: PastrySpec, top: TopOf<'lattice'>): Figure[] {
  const { lattice } = top;
  return [
    figure({
      id: 'lattice.gap',
      label: 'Gap between strips',
      value: lattice.gapCm,
      unit: 'cm',
      spread: 0.1,
      rule: 'What the strips’ widths leave of the top, shared out evenly.',
      inputs: [
        given('across the top', dish.topCm, 'cm'),
        given('strip', lattice.long[0]?.widthCm ?? 0, 'cm'),
      ],
      source: 'geometry',
    }),
    figure({
      id: 'lattice.open',
      label: 'Top that stays open',
      value: 100 * lattice.openShare,
      unit: 'percent',
      spread: 0.05,
      rule: 'Share left open by the strips of one way, times that of the other, at any angle.',
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
      rule: 'All strips of both ways side by side, short ones end to end in one lane.',
      inputs: [
        given('strips along', lattice.long.length, 'count'),
        given('strips across', lattice.cross.length, 'count'),
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

function crumbFigures(top: TopOf<'crumb'>): Figure[] {
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
      id: 'top.open',
      label: 'Top that the lumps leave bare',
      value: 100 * top.openShare,
      unit: 'percent',
      spread: 0.4,
      rule: 'None while lumps lie two deep or more; 12 % where one lump is as deep as the cover.',
      inputs: from('crumb.thickness'),
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
export function topFigures(form: FormSpec, dish: DishSpec, pastry: PastrySpec, top: Top): Figure[] {
  switch (top.kind) {
    case 'lid':
      return lidFigures(form, dish, pastry, top);
    case 'lattice':
      return latticeFigures(dish, pastry, top);
    case 'crumb':
      return crumbFigures(top);
    default:
      return toppingFigures(dish, pastry, top, topDoughG(top));
  }
}
