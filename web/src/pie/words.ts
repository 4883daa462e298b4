import type { DialStop } from '../shared/ui/Dial/Dial.js';
import { colourNames, colourTargets, setNames, setTargets, sugarStops } from '@mardle/core';

/** Stops of the dials, in the words of bakers. */
export const juicinessStops: readonly DialStop[] = [
  { value: -2, word: 'firm' },
  { value: -1, word: 'just ripe' },
  { value: 0, word: 'tender' },
  { value: 1, word: 'juicy' },
  { value: 2, word: 'dripping' },
];

/** How far a fruit is from what most of its kind give, in words. */
export function juicinessText(ripeness: number): string {
  if (Math.abs(ripeness) < 0.05) return 'as most are';
  const far = Math.abs(ripeness) < 0.7 ? 'a little ' : Math.abs(ripeness) < 1.4 ? '' : 'far ';
  return `${far}${ripeness > 0 ? 'more' : 'less'} juice`;
}

export const sweetnessStops: readonly DialStop[] = sugarStops.map(({ style, label }) => ({
  value: style,
  word: label,
}));

export const setStops: readonly DialStop[] = setNames.map((name, value) => ({
  value,
  word: setTargets[name].label,
}));

export const colourStops: readonly DialStop[] = colourNames.map((name, value) => ({
  value,
  word: colourTargets[name].label,
}));

export const startStops: readonly DialStop[] = [
  { value: -18, word: 'frozen' },
  { value: 4, word: 'fridge' },
  { value: 12, word: 'cool' },
  { value: 20, word: 'room' },
  { value: 60, word: 'warm' },
  { value: 90, word: 'off the hob' },
];

export const chillStops: readonly DialStop[] = [
  { value: 10, word: 'brief' },
  { value: 20, word: 'usual' },
  { value: 30, word: 'half hour' },
  { value: 60, word: 'one hour' },
  { value: 120, word: 'two hours' },
];

export const pastryStops: readonly DialStop[] = [
  { value: -18, word: 'frozen' },
  { value: 4, word: 'fridge' },
  { value: 12, word: 'cool' },
  { value: 20, word: 'room' },
];

export const besideStops: readonly DialStop[] = [
  { value: 0, word: 'alone' },
  { value: 1, word: 'one more' },
  { value: 3, word: 'a shelf' },
  { value: 7, word: 'full' },
];

export const thicknessStops: readonly DialStop[] = [
  { value: 2, word: 'thin' },
  { value: 3.2, word: 'usual' },
  { value: 4, word: 'stout' },
  { value: 6, word: 'thick' },
];

export const ventStops: readonly DialStop[] = [
  { value: 0, word: 'none' },
  { value: 3, word: 'few' },
  { value: 5, word: 'usual' },
  { value: 8, word: 'many' },
  { value: 14, word: 'open' },
];

export const lemonStops: readonly DialStop[] = [
  { value: 0, word: 'none' },
  { value: 15, word: 'a spoon' },
  { value: 30, word: 'two' },
  { value: 45, word: 'one lemon' },
  { value: 90, word: 'two lemons' },
];

export const minuteStops: readonly DialStop[] = [
  { value: 5, word: 'brief' },
  { value: 15, word: 'short' },
  { value: 30, word: 'half hour' },
  { value: 45, word: 'usual' },
  { value: 60, word: 'one hour' },
  { value: 120, word: 'two hours' },
];

export const boilStops: readonly DialStop[] = [
  { value: 35, word: 'thin' },
  { value: 55, word: 'syrup' },
  { value: 62, word: 'thick' },
  { value: 70, word: 'nearly candy' },
];

export const liquidStops: readonly DialStop[] = [
  { value: 0, word: 'none' },
  { value: 60, word: 'a splash' },
  { value: 120, word: 'half a cup' },
  { value: 240, word: 'a cup' },
  { value: 400, word: 'plenty' },
];

export const cookedStops: readonly DialStop[] = [
  { value: 0.05, word: 'a few' },
  { value: 0.12, word: 'an eighth' },
  { value: 0.25, word: 'a quarter' },
  { value: 0.5, word: 'half' },
];

export const wholeStops: readonly DialStop[] = [
  { value: 0.25, word: 'a quarter' },
  { value: 0.5, word: 'half' },
  { value: 0.75, word: 'most' },
  { value: 1, word: 'all' },
];

export const shareStops: readonly DialStop[] = [
  { value: 0.1, word: 'a little' },
  { value: 0.25, word: 'a quarter' },
  { value: 0.5, word: 'half' },
  { value: 0.75, word: 'most' },
];

export const heapStops: readonly DialStop[] = [
  { value: 0, word: 'level' },
  { value: 2, word: 'rounded' },
  { value: 4, word: 'heaped' },
  { value: 7, word: 'high' },
];

export const stripStops: readonly DialStop[] = [
  { value: 3, word: 'three' },
  { value: 5, word: 'five' },
  { value: 6, word: 'six' },
  { value: 8, word: 'eight' },
  { value: 12, word: 'twelve' },
  { value: 15, word: 'fifteen' },
];

export const stripWidthStops: readonly DialStop[] = [
  { value: 0.8, word: 'narrow' },
  { value: 2, word: 'usual' },
  { value: 3, word: 'wide' },
  { value: 5, word: 'broad' },
];

export const coverStops: readonly DialStop[] = [
  { value: 0.6, word: 'thin' },
  { value: 1, word: 'usual' },
  { value: 1.5, word: 'deep' },
  { value: 2, word: 'very deep' },
];

export const ventLengthStops: readonly DialStop[] = [
  { value: 1, word: 'short' },
  { value: 3, word: 'usual' },
  { value: 6, word: 'long' },
];

export const butterStops: readonly DialStop[] = [
  { value: 0, word: 'none' },
  { value: 20, word: 'dots' },
  { value: 40, word: 'plenty' },
  { value: 80, word: 'rich' },
];

export const zestStops: readonly DialStop[] = [
  { value: 0, word: 'none' },
  { value: 3, word: 'half a lemon' },
  { value: 6, word: 'one lemon' },
  { value: 12, word: 'two lemons' },
];

export const bicarbonateStops: readonly DialStop[] = [
  { value: 0, word: 'none' },
  { value: 0.3, word: 'a pinch' },
  { value: 0.6, word: 'two pinches' },
  { value: 2.5, word: 'half a spoon' },
];

/** Times the usual dose for the fruit. */
export const seasoningStops: readonly DialStop[] = [
  { value: 0, word: 'none' },
  { value: 0.5, word: 'a hint' },
  { value: 1, word: 'usual' },
  { value: 2, word: 'strong' },
];

export const lumpStops: readonly DialStop[] = [
  { value: 0.2, word: 'sand' },
  { value: 0.6, word: 'peas' },
  { value: 1.5, word: 'nuts' },
  { value: 3, word: 'boulders' },
];

export const cutOutStops: readonly DialStop[] = [
  { value: 2, word: 'tiny' },
  { value: 3.5, word: 'small' },
  { value: 5, word: 'usual' },
  { value: 8, word: 'large' },
  { value: 12, word: 'very large' },
];

export const discStops: readonly DialStop[] = [
  { value: 18, word: 'for two' },
  { value: 26, word: 'small' },
  { value: 34, word: 'usual' },
  { value: 42, word: 'large' },
  { value: 50, word: 'a trayful' },
];

export const borderStops: readonly DialStop[] = [
  { value: 1, word: 'a rim' },
  { value: 3, word: 'narrow' },
  { value: 5, word: 'usual' },
  { value: 7.5, word: 'deep' },
  { value: 10, word: 'nearly shut' },
];

export const weightStops: readonly DialStop[] = [
  { value: 0, word: 'none' },
  { value: 15, word: 'brief' },
  { value: 25, word: 'usual' },
  { value: 40, word: 'long' },
];

export const sconeStops: readonly DialStop[] = [
  { value: 0.3, word: 'islands' },
  { value: 0.65, word: 'usual' },
  { value: 0.85, word: 'close' },
  { value: 1, word: 'shut' },
];

export const batterStops: readonly DialStop[] = [
  { value: 1, word: 'fruity' },
  { value: 1.4, word: 'usual' },
  { value: 2, word: 'cake' },
  { value: 2.6, word: 'more cake' },
];

export const handDiscStops: readonly DialStop[] = [
  { value: 9, word: 'two bites' },
  { value: 12, word: 'small' },
  { value: 14, word: 'usual' },
  { value: 18, word: 'large' },
  { value: 22, word: 'a meal' },
];

export const handCountStops: readonly DialStop[] = [
  { value: 1, word: 'one' },
  { value: 4, word: 'four' },
  { value: 8, word: 'eight' },
  { value: 16, word: 'two trays' },
  { value: 32, word: 'a stall' },
];

export const batchStops: readonly DialStop[] = [
  { value: 1, word: 'one' },
  { value: 2, word: 'two' },
  { value: 4, word: 'four' },
  { value: 8, word: 'eight' },
  { value: 16, word: 'the day' },
];
