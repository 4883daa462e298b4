import type { Figure } from '../units/index.js';
import { figure, from, given } from '../units/index.js';
import type { DishSpec, PastrySpec } from './spec.js';
import type { Top, TopOf } from './top.js';
import { cutterYield } from './rolled.js';

const PRACTICE = 'common practice, no source';

const openFigure = (top: Top, rule: string): Figure =>
  figure({
    id: 'top.open',
    label: 'Top that stays open',
    value: 100 * top.openShare,
    unit: 'percent',
    spread: 0.1,
    rule,
    inputs: from('dish.top_area'),
    source: 'geometry',
  });

const doughFigure = (label: string, massG: number, rule: string, pastry: PastrySpec): Figure =>
  figure({
    id: 'pastry.top_mass',
    label,
    value: massG,
    unit: 'g',
    spread: 0.05,
    rule,
    inputs: [given('thickness', pastry.thicknessMm, 'mm')],
    source: 'our estimate',
  });

function cutOutFigures(pastry: PastrySpec, { cutOuts, ...top }: TopOf<'cut_outs'>, doughG: number): Figure[] {
  return [
    figure({
      id: 'cut_out.count',
      label: 'Pieces to cut',
      value: cutOuts.pieces.length,
      unit: 'count',
      spread: 0.05,
      rule: 'Rings from the rim inward: as many as touch, and one for the middle.',
      inputs: [given('each', cutOuts.sizeCm, 'cm'), ...from('dish.top_area')],
      source: 'geometry',
    }),
    openFigure({ ...top, cutOuts }, 'The top less what the pieces cover.'),
    doughFigure(
      'Dough for the pieces',
      doughG,
      `Pieces x thickness x 1.14 g/cm3; cut and rolled again, ${100 * cutterYield.rerolled} % of the dough becomes pieces.`,
      pastry,
    ),
  ];
}

function borderFigures(pastry: PastrySpec, { freeForm, ...top }: TopOf<'border'>): Figure[] {
  const length = (id: string, label: string, value: number, rule: string): Figure =>
    figure({
      id: `free_form.${id}`,
      label,
      value,
      unit: 'cm',
      spread: 0.1,
      rule,
      inputs: [given('disc', freeForm.discCm, 'cm'), given('border', freeForm.borderCm, 'cm')],
      source: 'geometry; how a border stands: our estimate',
    });
  return [
    length('filling', 'Across the fruit', freeForm.fillingCm, 'Disc less its border on both sides.'),
    length('wall', 'The fold stands', freeForm.wallCm, '.6 of the border and .4 cm; at most 3.5 cm.'),
    length(
      'aperture',
      'Across the opening',
      freeForm.apertureCm,
      'The fruit, less what of the border lies over it.',
    ),
    figure({
      id: 'free_form.pleats',
      label: 'Pleats',
      value: freeForm.pleats,
      unit: 'count',
      spread: 0.15,
      rule: 'The edge of the disc is longer than the ring it lies on; each pleat takes up twice its overlap.',
      inputs: from('free_form.wall'),
      source: 'geometry',
    }),
    openFigure({ ...top, freeForm }, '(opening / fruit)^2.'),
    doughFigure('Dough for the top', 0, 'The border is part of the disc.', pastry),
  ];
}

function batterFigures(pastry: PastrySpec, massG: number, label: string, rule: string): Figure[] {
  return [
    figure({
      id: 'topping.mass',
      label,
      value: massG,
      unit: 'g',
      spread: 0.15,
      rule,
      inputs: from('dish.top_area', 'fruit.mass'),
      source: PRACTICE,
    }),
    doughFigure('Dough for the top', 0, 'It takes no pastry.', pastry),
  ];
}

/** Figures of cut-outs, folds, scones, batter, parcels and of nothing at all. */
export function toppingFigures(
  dish: DishSpec,
  pastry: PastrySpec,
  top: Exclude<Top, { kind: 'lid' | 'lattice' | 'crumb' }>,
  doughG: number,
): Figure[] {
  switch (top.kind) {
    case 'cut_outs':
      return cutOutFigures(pastry, top, doughG);
    case 'border':
      return borderFigures(pastry, top);
    case 'scones':
      return [
        ...batterFigures(
          pastry,
          top.scones.massG,
          'Scone dough',
          '.9 g for a cm2 of the top that it covers.',
        ),
        openFigure(top, 'What the scones leave: steam and juice come up between them.'),
      ];
    case 'batter':
      return batterFigures(pastry, top.batter.massG, 'Batter', '1.4 times the fruit.');
    case 'open':
      return [
        openFigure(top, 'Nothing lies over it.'),
        doughFigure('Dough for the top', 0, 'An open pie has none.', pastry),
      ];
    case 'parcel':
      return [
        figure({
          id: 'parcel.disc',
          label: 'Each disc',
          value: top.disc.outline.lengthCm,
          unit: 'cm',
          spread: 0.02,
          rule: 'The cutter you chose.',
          source: 'your choice',
        }),
        figure({
          id: 'parcel.count',
          label: 'Hand pies',
          value: top.count,
          unit: 'count',
          rule: 'As many as you chose.',
          source: 'your choice',
        }),
        figure({
          id: 'parcel.filling_each',
          label: 'Filling in each',
          value: ((dish.depthCm * Math.PI * dish.topCm ** 2) / 4) * 1.05,
          unit: 'g',
          spread: 0.15,
          rule: '.38 g for a cm2 of the disc.',
          inputs: from('parcel.disc'),
          source: PRACTICE,
        }),
        doughFigure(
          'Dough for the discs',
          doughG,
          `Discs x thickness x 1.14 g/cm3; cut and rolled again, ${100 * cutterYield.rerolled} % of the dough becomes discs.`,
          pastry,
        ),
      ];
  }
}
