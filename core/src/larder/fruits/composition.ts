/**
 * What a fruit is made of. Percentages of the edible mass. A release is the share of the fruit's water that ends free when
 * it is baked from raw; a negative one is g of juice that a gram of dried fruit drinks.
 */
type FruitComposition = readonly [
  waterPercent: number,
  sugarsPercent: number,
  juiceBrix: number,
  acidPercent: number,
  ph: number,
  pectinClass: number,
  bodyPer100G: number,
  releaseFirm: number,
  releaseRipe: number,
  releaseSpread: number,
  collapse: number,
  firmsAt71C: boolean,
];

/**
 * Composition: standard food composition tables (USDA Standard Reference, McCance & Widdowson, Souci-Fachmann-Kraut), from
 * memory. Body, release and collapse: estimates of ours, held against facts of the trade.
 */
export const fruitCompositions = {
  apple_firm_tart: [85.9, 9.9, 12.2, 0.8, 3.25, 2, 0.8, 0.2, 0.34, 0.2, 0.56, true],
  apple_firm_sweet: [84.9, 11.3, 13.6, 0.35, 3.7, 2, 0.7, 0.16, 0.28, 0.2, 0.62, true],
  apple_cooking: [87.7, 8.9, 11, 1.3, 3.1, 2, 1.6, 0.24, 0.38, 0.2, 0.5, false],
  apple_soft: [85.8, 10.6, 12.6, 0.55, 3.4, 2, 2, 0.26, 0.42, 0.2, 0.48, false],
  apple_mixed: [85.5, 10.6, 12.8, 0.55, 3.4, 2, 0.8, 0.2, 0.34, 0.22, 0.57, true],
  pear_firm: [84.5, 9.5, 12.8, 0.25, 4, 1, 0.4, 0.2, 0.35, 0.2, 0.75, true],
  pear_ripe: [83.9, 9.8, 14, 0.2, 4.2, 1, 0.4, 0.35, 0.55, 0.2, 0.66, false],
  quince: [83.8, 8.9, 13, 1, 3.3, 3, 2, 0.1, 0.18, 0.2, 0.85, true],
  sour_cherry: [86.1, 8.5, 13, 1.4, 3.3, 0, 0.2, 0.42, 0.58, 0.2, 0.8, true],
  sweet_cherry: [82.3, 12.8, 16.3, 0.65, 3.9, 0, 0.2, 0.4, 0.56, 0.2, 0.82, true],
  plum: [87.2, 9.9, 11.8, 1.1, 3.25, 1, 0.6, 0.42, 0.62, 0.22, 0.72, false],
  damson: [82, 9, 14, 2.2, 3, 3, 1.8, 0.38, 0.55, 0.2, 0.75, false],
  greengage: [83.5, 11.2, 14.8, 1, 3.4, 2, 0.8, 0.36, 0.55, 0.2, 0.74, false],
  apricot: [86.4, 9.2, 12.3, 1.2, 3.5, 1, 0.5, 0.35, 0.58, 0.2, 0.72, false],
  peach: [88.9, 8.4, 10.2, 0.6, 3.7, 1, 0.4, 0.42, 0.62, 0.2, 0.7, true],
  nectarine: [87.6, 7.9, 10.8, 0.7, 3.7, 1, 0.4, 0.38, 0.58, 0.2, 0.72, true],
  blueberry: [84.2, 10, 12.3, 0.55, 3.3, 1, 0.4, 0.52, 0.7, 0.2, 0.78, false],
  bilberry: [85, 8, 11, 0.95, 3.1, 1, 0.5, 0.52, 0.68, 0.2, 0.7, false],
  blackberry: [88.2, 4.9, 8.6, 1.1, 3.3, 1, 0.5, 0.52, 0.7, 0.2, 0.66, false],
  raspberry: [85.8, 4.4, 9, 1.5, 3.25, 1, 0.5, 0.55, 0.72, 0.2, 0.52, false],
  strawberry: [91, 4.9, 7.8, 0.85, 3.45, 0, 0.2, 0.58, 0.75, 0.2, 0.64, true],
  gooseberry_green: [88.8, 3, 7.5, 2.4, 2.95, 3, 2.2, 0.48, 0.62, 0.2, 0.68, false],
  gooseberry_ripe: [87.9, 7.5, 10, 1.6, 3.1, 2, 1.4, 0.52, 0.68, 0.22, 0.64, false],
  redcurrant: [84, 7.4, 11, 2.3, 2.95, 3, 2.5, 0.58, 0.75, 0.2, 0.6, false],
  whitecurrant: [84.5, 7.2, 11, 2, 3.05, 3, 2.3, 0.58, 0.75, 0.2, 0.6, false],
  blackcurrant: [82, 7.8, 13, 3, 2.95, 3, 2.5, 0.48, 0.65, 0.2, 0.66, false],
  cranberry: [87.3, 4.3, 8.3, 2.4, 2.55, 3, 3, 0.4, 0.55, 0.2, 0.62, false],
  lingonberry: [86, 7, 10.5, 2.1, 2.75, 2, 1.6, 0.45, 0.6, 0.2, 0.66, false],
  rhubarb: [93.6, 1.1, 4.2, 1.5, 3.15, 0, 0.6, 0.55, 0.72, 0.2, 0.49, false],
  mulberry: [87.7, 8.1, 10.6, 0.6, 3.8, 0, 0.2, 0.52, 0.7, 0.2, 0.6, false],
  boysen_logan: [85.8, 6.5, 10, 1.6, 3.15, 1, 0.5, 0.52, 0.7, 0.2, 0.58, false],
  serviceberry: [80, 11, 15, 0.5, 3.9, 1, 0.5, 0.38, 0.54, 0.2, 0.78, false],
  elderberry: [79.8, 7.5, 11.5, 1.1, 3.9, 0, 0.3, 0.5, 0.66, 0.2, 0.68, false],
  grape_seedless: [80.8, 15.5, 17.3, 0.65, 3.5, 1, 0.3, 0.48, 0.66, 0.2, 0.7, false],
  grape_slipskin: [81.3, 15, 16.8, 0.95, 3.3, 1, 0.5, 0.6, 0.75, 0.2, 0.6, false],
  fig: [79.1, 16.3, 17.8, 0.25, 4.8, 1, 0.5, 0.25, 0.42, 0.2, 0.76, false],
  mango: [83.5, 13.7, 14.6, 0.45, 4, 1, 0.5, 0.28, 0.48, 0.2, 0.76, false],
  pineapple: [86, 9.9, 12.4, 0.8, 3.6, 0, 0.2, 0.4, 0.52, 0.2, 0.8, false],
  kiwi: [83.1, 9, 13, 1.3, 3.3, 1, 0.3, 0.45, 0.65, 0.2, 0.76, false],
  banana: [74.9, 12.2, 21.5, 0.35, 5, 1, 1.5, 0.05, 0.12, 0.2, 0.85, false],
  raisin: [15.4, 62, 80, 1.8, 3.8, 0, 0.2, -0.6, -0.6, 0.25, 1.35, false],
  dried_apricot: [31, 53, 65, 2.5, 3.7, 1, 0.6, -0.8, -0.8, 0.25, 1.55, false],
  hard_dried_apricot: [20, 58, 73, 3, 3.7, 1, 0.6, -1.1, -1.1, 0.25, 1.6, false],
  dried_apple: [31, 57, 64, 1, 3.5, 2, 1, -1.6, -1.6, 0.25, 1.6, false],
  prune: [31, 38, 60, 1.6, 3.8, 1, 0.8, -0.5, -0.5, 0.25, 1.25, false],
  canned_sour_cherry: [87.5, 8.5, 11.5, 0.95, 3.4, 0, 0.2, 0.12, 0.18, 0.25, 0.92, false],
  canned_peach: [84, 13.5, 15, 0.35, 3.8, 1, 0.3, 0.1, 0.15, 0.25, 0.93, false],
  canned_pineapple: [83.5, 14.4, 15.6, 0.6, 3.6, 0, 0.2, 0.12, 0.16, 0.25, 0.94, false],
} as const satisfies Readonly<Record<string, FruitComposition>>;

export type BuiltInFruit = keyof typeof fruitCompositions;
