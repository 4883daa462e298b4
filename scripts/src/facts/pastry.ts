import { baseSheet, builtInDoughs, doughBatch, lidSheet, volumeMl, builtInWashes } from '@mardle/core';
import type { Fact } from './fact.js';
import { around, fact, tolerances } from './fact.js';

const dish23 = { label: '23 cm', topCm: 22.9, baseCm: 18.3, depthCm: 3.5, material: 'glass' };
const deep25 = { label: '25 cm deep', topCm: 25.4, baseCm: 20.3, depthCm: 5, material: 'stoneware' };

export function pastryFacts(): Fact[] {
  const base23 = baseSheet(dish23, 3.2);
  const base25 = baseSheet(deep25, 3.2);
  const lid25 = lidSheet(deep25, 3.2, 1);
  const dough = builtInDoughs.get('all_butter');
  const batch = dough ? doughBatch(dough, base25.massG + lid25.massG) : null;
  return [
    fact({
      id: 'R6.disc',
      figure: 'base disc of a 23 cm dish',
      unit: 'cm',
      predicted: base23.outline.lengthCm,
      ...around(30, tolerances.length),
    }),
    fact({
      id: 'R6.past',
      figure: 'base disc past the upturned deep 25 cm dish, each side',
      unit: 'cm',
      predicted: (base25.outline.lengthCm - deep25.topCm) / 2,
      ...around(5, tolerances.length),
    }),
    fact({
      id: 'R7.flour',
      figure: 'flour for a double crust, deep 25 cm',
      unit: 'g',
      predicted: batch?.flourG ?? 0,
      ...around(325, tolerances.length),
    }),
    fact({
      id: 'R7.butter',
      figure: 'butter for it',
      unit: 'g',
      predicted: batch?.butterG ?? 0,
      ...around(227, tolerances.length),
    }),
    fact({
      id: 'R7.water',
      figure: 'ice water for it, top of the band',
      unit: 'g',
      predicted: batch?.waterHighG ?? 0,
      ...around(118, tolerances.length),
    }),
    fact({
      id: 'R7.split',
      figure: 'share of the dough for the base: a little over half',
      unit: 'ratio',
      predicted: base25.massG / (base25.massG + lid25.massG),
      low: 0.5,
      high: 0.6,
    }),
    fact({
      id: 'dish.scale',
      figure: 'a deep 25 cm dish against a 23 cm one, half as much again',
      unit: 'ratio',
      predicted: volumeMl(deep25) / volumeMl({ ...dish23, baseCm: 18.0, depthCm: 4.0 }),
      ...around(1.5, 0.1),
    }),
    // A white weighs about 30 g, a yolk 18, a whole egg 50; half of an egg with its milk covers a pie.
    fact({
      id: 'R10.white',
      figure: 'wash for one pie: a white and a teaspoon of water',
      unit: 'g',
      predicted: builtInWashes.get('egg_white')?.gPerPie ?? 0,
      ...around(30 + 5, tolerances.length),
    }),
    fact({
      id: 'R10.yolk',
      figure: 'wash for one pie: a yolk, 15 mL of cream, a pinch of salt',
      unit: 'g',
      predicted: builtInWashes.get('yolk_cream')?.gPerPie ?? 0,
      ...around(18 + 15, tolerances.length),
    }),
  ];
}
