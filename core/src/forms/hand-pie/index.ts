import {
  disc,
  discAreaCm2,
  dishHeights,
  parcelVessel,
  roll,
  TRIM_FACTOR,
  ventShare,
} from '../../geometry/index.js';
import { usualHandPie } from '../../schema/index.js';
import type { Advice } from '../advice.js';
import { watch } from '../advice.js';
import type { BuiltContext } from '../form.js';
import type { Form } from '../form.js';
import { onSheet } from '../shared/in-a-dish.js';
import { fried, takenUp, unglazed } from '../shared/taking-up.js';
import { parcelTop } from './top.js';

/** Butter to fry the fruit in, g at least. Common practice, no source. */
const FRYING_BUTTER_G = 30;
/** Small and thin pies bubble only briefly, min. Estimate. */
const BUBBLING_MIN = 5;
/** One slit of 2 cm; never more open than this. Estimate. */
const MOST_OPEN = 0.05;

function advice({ spec, filling }: BuiltContext): Advice[] {
  const wet = filling.run === 'runs' || filling.run === 'runs a little';
  return [
    ...(wet
      ? [
          watch(
            'too_wet',
            'juice',
            'A hand pie must not run out when bitten: fry the juice away, or take more thickener.',
          ),
        ]
      : []),
    ...(spec.filling.preparation.kind === 'raw'
      ? [
          watch(
            'raw_hand_pie',
            'juice',
            'Raw fruit bursts a hand pie: fry it in butter and sugar, thicken, and chill it thick.',
          ),
        ]
      : []),
  ];
}

export const handPie: Form = {
  ...onSheet,
  kind: 'hand_pie',
  label: 'hand pies',
  seenDone: 'colour',
  lookWords: 'Look: golden all over?',
  filled: 'parcel',
  eaten: 'in_hand',
  topWork: 'Cut discs, fill, fold, seal, vent',
  topMin: 30,
  oneHeat: true,
  singleC: 202,
  bubblingMin: BUBBLING_MIN,
  vessel: (form, dish) => parcelVessel(form.handPie ?? usualHandPie, dish),
  heights: dishHeights,
  base: () => null,
  makeTop: ({ form, pastry }) => {
    const { discCm, count } = form.handPie ?? usualHandPie;
    const each = roll(disc(discCm), pastry.thicknessMm);
    const slit = ventShare({ ...form, vents: 1, ventLengthCm: 2 }, discAreaCm2(discCm) / 2);
    // Discs come out of one sheet; what is left between them is rolled again.
    return {
      kind: 'parcel',
      disc: { ...each, massG: each.massG / TRIM_FACTOR },
      count,
      openShare: Math.min(MOST_OPEN, slit),
    };
  },
  top: parcelTop,
  takeUp: (spec) => takenUp(spec, fried(FRYING_BUTTER_G), unglazed),
  advice,
  care: [['top', 'steam']],
};
