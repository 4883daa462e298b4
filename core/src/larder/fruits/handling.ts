import type { CareId } from '../care.js';
import type { BuiltInFruit } from './composition.js';

export type FruitGroup =
  'apple' | 'pear' | 'stone fruit' | 'berry' | 'currant' | 'stalk' | 'other' | 'dried' | 'canned';

/** How a fruit goes in: whole in its skin, opened (stoned but else whole), or cut. */
export type FruitPiece = 'whole' | 'opened' | 'cut';

/**
 * How a fruit is bought, counted and cut: refuse as shares of the mass as bought, grams of the prepared cut in 240 mL,
 * minutes of hands at the bench per kg.
 */
type FruitHandling = readonly [
  label: string,
  group: FruitGroup,
  piece: FruitPiece,
  refuse: number,
  refuseUnpeeled: number | null,
  cupG: number,
  piecesPerKg: number | null,
  browns: boolean,
  prepareMinPerKg: number,
  hazards?: readonly CareId[],
  unsuited?: string,
];

/** Common practice, no source, but for cup weights (food composition tables, from memory). */
export const fruitHandlings: Readonly<Record<BuiltInFruit, FruitHandling>> = {
  apple_firm_tart: ['Firm tart apple', 'apple', 'cut', 0.22, 0.1, 110, 5.4, true, 10],
  apple_firm_sweet: ['Firm sweet apple', 'apple', 'cut', 0.22, 0.1, 110, 5.4, true, 10],
  apple_cooking: ['Sharp cooking apple', 'apple', 'cut', 0.22, 0.1, 110, 4.5, true, 10],
  apple_soft: ['Soft cooking apple', 'apple', 'cut', 0.22, 0.1, 112, 5.6, true, 10],
  apple_mixed: ['Mixed apples', 'apple', 'cut', 0.22, 0.1, 110, 5.4, true, 10],
  pear_firm: ['Firm pear', 'pear', 'cut', 0.22, 0.1, 140, 5.6, true, 10],
  pear_ripe: ['Ripe pear', 'pear', 'cut', 0.22, 0.1, 145, 5.6, true, 11],
  quince: ['Quince', 'pear', 'cut', 0.39, null, 125, 4.3, true, 18, ['poach']],
  sour_cherry: ['Sour cherry', 'stone fruit', 'opened', 0.14, null, 155, 170, false, 20, ['stone']],
  sweet_cherry: ['Sweet cherry', 'stone fruit', 'opened', 0.12, null, 154, 130, false, 20, ['stone']],
  plum: ['Plum', 'stone fruit', 'cut', 0.06, null, 165, 15, false, 8, ['stone']],
  damson: ['Damson', 'stone fruit', 'cut', 0.1, null, 165, 67, false, 16, ['stone']],
  greengage: ['Greengage', 'stone fruit', 'cut', 0.07, null, 165, 33, false, 12, ['stone']],
  apricot: ['Apricot', 'stone fruit', 'cut', 0.07, null, 155, 25, true, 7, ['stone']],
  peach: ['Peach', 'stone fruit', 'cut', 0.16, 0.06, 160, 6.7, true, 11, ['stone']],
  nectarine: ['Nectarine', 'stone fruit', 'cut', 0.09, null, 145, 7.1, true, 8, ['stone']],
  blueberry: ['Blueberry', 'berry', 'whole', 0.02, null, 148, 630, false, 3],
  bilberry: ['Bilberry', 'berry', 'whole', 0.03, null, 140, 2500, false, 5, ['wild']],
  blackberry: ['Blackberry', 'berry', 'whole', 0.03, null, 144, 200, false, 3],
  raspberry: ['Raspberry', 'berry', 'whole', 0.03, null, 123, 250, false, 2],
  strawberry: ['Strawberry', 'berry', 'cut', 0.06, null, 152, 67, false, 7],
  gooseberry_green: ['Green gooseberry', 'currant', 'whole', 0.09, null, 150, 200, false, 12],
  gooseberry_ripe: ['Ripe gooseberry', 'currant', 'whole', 0.09, null, 150, 140, false, 12],
  redcurrant: ['Redcurrant', 'currant', 'whole', 0.06, null, 112, 2000, false, 8],
  whitecurrant: ['Whitecurrant', 'currant', 'whole', 0.06, null, 112, 2000, false, 8],
  blackcurrant: ['Blackcurrant', 'currant', 'whole', 0.06, null, 112, 1000, false, 9],
  cranberry: ['Cranberry', 'berry', 'whole', 0.03, null, 100, 830, false, 2],
  lingonberry: ['Lingonberry', 'berry', 'whole', 0.03, null, 105, 3300, false, 3, ['wild']],
  rhubarb: ['Rhubarb', 'stalk', 'cut', 0.14, null, 122, 18, false, 6, ['rhubarb']],
  mulberry: ['Mulberry', 'berry', 'whole', 0.03, null, 140, 400, false, 3, ['wild']],
  boysen_logan: ['Loganberry', 'berry', 'whole', 0.03, null, 140, 170, false, 3],
  serviceberry: ['Serviceberry', 'berry', 'whole', 0.03, null, 145, 1250, false, 4, ['wild']],
  elderberry: ['Elderberry', 'berry', 'whole', 0.12, null, 145, 6700, false, 10, ['elderberry', 'wild']],
  grape_seedless: ['Seedless grape', 'berry', 'whole', 0.04, null, 151, 200, false, 4, ['whole_grapes']],
  grape_slipskin: ['Slip-skin grape', 'berry', 'whole', 0.08, null, 150, 200, false, 18, ['whole_grapes']],
  fig: ['Fig', 'other', 'cut', 0.03, null, 165, 20, false, 5],
  mango: ['Mango', 'other', 'cut', 0.31, null, 165, 2.9, false, 12],
  pineapple: ['Pineapple', 'other', 'cut', 0.49, null, 165, 0.7, false, 10],
  kiwi: [
    'Kiwi',
    'other',
    'cut',
    0.12,
    null,
    180,
    13,
    false,
    9,
    [],
    'Kiwi goes grey and slimy in the oven; put it raw on a baked, cooled pie.',
  ],
  banana: [
    'Banana',
    'other',
    'cut',
    0.36,
    null,
    150,
    5.4,
    true,
    3,
    [],
    'Banana turns grey and pasty when baked in a pie; lay it raw under a cold cream filling.',
  ],
  raisin: ['Raisin', 'dried', 'whole', 0, null, 145, 2000, false, 1, ['sulphite']],
  dried_apricot: ['Dried apricot', 'dried', 'cut', 0, null, 130, 130, false, 3, ['sulphite']],
  hard_dried_apricot: ['Hard dried apricot', 'dried', 'cut', 0, null, 125, 150, false, 3, ['sulphite']],
  dried_apple: ['Dried apple', 'dried', 'cut', 0, null, 86, 200, false, 2, ['sulphite']],
  prune: ['Prune', 'dried', 'cut', 0, null, 174, 110, false, 4, ['sulphite', 'stone']],
  canned_sour_cherry: ['Canned sour cherry', 'canned', 'opened', 0, null, 168, 200, false, 2, ['stone']],
  canned_peach: ['Canned peach', 'canned', 'cut', 0, null, 170, null, false, 3],
  canned_pineapple: ['Canned pineapple', 'canned', 'cut', 0, null, 180, null, false, 3],
};
