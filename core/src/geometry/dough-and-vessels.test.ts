import fc from 'fast-check';
import { builtInCrumbs, builtInDoughs, builtInLarder, builtInMaterials, larderRow } from '../larder/index.js';
import type { DishSpec } from '../schema/index.js';
import { starterSpec, usualFreeForm, usualHandPie } from '../schema/index.js';
import { crumbBatch, crumbComposition, lumpGaps } from './tops/crumb.js';
import { capHeightCm, capMl, fillHeights, measureDish } from './dish.js';
import { discForCapacityCm, foldFreeForm, juiceHeldG } from './tops/free-form.js';
import { mixedMakeup } from './makeup.js';
import { areaCm2, disc, equalDiscCm, grown, isRound, perimeterCm } from './outline.js';
import { addDough, doughBatch, doughComposition, timesDough } from './pastry.js';
import { baseSheet, doughOverG, lidSheet, piecesFrom, roll, TRIM_FACTOR } from './rolled.js';
import { isSameDish, isSheet } from './same-dish.js';
import { toppingBatch, toppingComposition } from './tops/topping.js';
import { lidTopFactor, ventShare } from './tops/vents.js';
import { dishHeights, dishVessel, foldHeights, foldVessel, parcelVessel } from './vessel.js';

const dish: DishSpec = starterSpec.dish;

describe('dough by baker’s percentages', () => {
  it.each([...builtInDoughs.keys()])('%s: its parts are all of it, in their shares of the flour', (id) => {
    const dough = larderRow(builtInDoughs, id);
    const batch = doughBatch(dough, 600);
    const waterG = (batch.waterLowG + batch.waterHighG) / 2;
    const sum = batch.flourG + batch.butterG + batch.saltG + batch.sugarG + batch.otherG + waterG;
    expect(sum).toBeCloseTo(600, 6);
    expect(batch.butterG / batch.flourG).toBeCloseTo(dough.butter / 100, 9);
    expect(batch.waterLowG).toBeLessThanOrEqual(batch.waterHighG);
  });

  it.each([...builtInDoughs.keys()])('%s: as the oven meets it, its shares are no more than all', (id) => {
    const { water, fat, carbohydrate, protein } = doughComposition(larderRow(builtInDoughs, id));
    const sum = water + fat + carbohydrate + protein;
    expect(sum).toBeGreaterThan(0.93);
    expect(sum).toBeLessThanOrEqual(1.0001);
    expect(water).toBeGreaterThan(0.15);
    expect(water).toBeLessThan(0.35);
  });

  it('of three pies is three times that of one', () => {
    const one = doughBatch(larderRow(builtInDoughs, 'all_butter'), 500);
    expect(timesDough(one, 3).flourG).toBeCloseTo(3 * one.flourG, 9);
  });

  it('of a day is added up by kind, and kinds that nothing asks for are left out', () => {
    const one = doughBatch(larderRow(builtInDoughs, 'all_butter'), 500);
    const day = addDough(
      [
        { dough: 'all_butter', batch: one, count: 2 },
        { dough: 'all_butter', batch: one, count: 1 },
        { dough: 'puff', batch: one, count: 0 },
      ],
      builtInLarder,
    );
    expect(day).toHaveLength(1);
    expect(day[0]?.batch.massG).toBeCloseTo(1500, 6);
  });

  it('of a day is not mixed with one by the baker’s own amounts', () => {
    const one = doughBatch(larderRow(builtInDoughs, 'all_butter'), 500);
    const own = { ...one, flourG: 300, butterG: 120 };
    const day = addDough(
      [
        { dough: 'all_butter', batch: one, count: 1 },
        { dough: 'all_butter', batch: own, count: 2, isOwn: true },
      ],
      builtInLarder,
    );
    expect(day.map(({ label }) => label)).toEqual(['All-butter', 'All-butter, by your recipe']);
    expect(day[1]?.batch.flourG).toBeCloseTo(600, 9);
  });
});

describe('what is rolled', () => {
  it('weighs its area, its thickness and what is trimmed', () => {
    const sheet = roll(disc(30), 3);
    expect(sheet.massG).toBeCloseTo(doughOverG(areaCm2(disc(30)), 3) * TRIM_FACTOR, 9);
    expect(doughOverG(100, 10)).toBeCloseTo(114, 6);
  });

  it('the base goes up both walls and over the rim, the lid over the mound', () => {
    const base = baseSheet(dish, 3).outline.lengthCm;
    expect(base).toBeGreaterThan(dish.baseCm + 2 * dish.depthCm);
    const flat = lidSheet(dish, 3, 0).outline.lengthCm;
    expect(flat).toBeGreaterThan(dish.topCm);
    expect(lidSheet(dish, 3, 4).outline.lengthCm).toBeGreaterThan(flat);
  });

  it('thicker is heavier, and gives fewer pieces', () => {
    expect(baseSheet(dish, 4).massG).toBeGreaterThan(baseSheet(dish, 3).massG);
    expect(piecesFrom(300, 20, 4)).toBeLessThan(piecesFrom(300, 20, 3));
  });
});

describe('toppings', () => {
  it.each([...builtInCrumbs.keys()])('crumb %s: its parts are all of it', (id) => {
    const crumb = larderRow(builtInCrumbs, id);
    const batch = crumbBatch(crumb, 400, 1);
    const { flourG, butterG, sugarG, oatsG, nutsG, saltG, spiceG } = batch;
    expect(flourG + butterG + sugarG + oatsG + nutsG + saltG + spiceG).toBeCloseTo(batch.massG, 9);
    expect(batch.massG).toBeCloseTo(400 * crumb.coverGPerCm2, 9);
    const made = crumbComposition(batch);
    expect(made.water + made.fat + made.carbohydrate + made.protein).toBeLessThanOrEqual(1.0001);
  });

  it('twice the cover is twice as deep', () => {
    const crumb = larderRow(builtInCrumbs, 'rubbed');
    expect(crumbBatch(crumb, 400, 2).thicknessCm).toBeCloseTo(2 * crumbBatch(crumb, 400, 1).thicknessCm, 9);
  });

  it('lumps leave bare only where one lies alone', () => {
    expect(lumpGaps(0.2, 1)).toBe(0);
    expect(lumpGaps(1, 1)).toBeCloseTo(0.12, 9);
    expect(lumpGaps(3, 0.5)).toBe(0.25);
  });

  it.each(['scone', 'batter'])('%s: its parts are all of it', (id) => {
    const batch = toppingBatch(larderRow(builtInLarder.toppings, id), 500);
    expect(batch.massG).toBeCloseTo(500, 6);
    const made = toppingComposition(batch);
    expect(made.water).toBeGreaterThan(0.15);
    expect(made.water + made.fat + made.carbohydrate + made.protein).toBeLessThanOrEqual(1.0001);
  });

  it('a mixture is the mean of what is in it', () => {
    const half = mixedMakeup({ flour: 100, butter: 100 });
    expect(half.fat).toBeCloseTo((0.02 + 0.81) / 2, 6);
    expect(mixedMakeup({ flour: 100 }, { waterG: 100 }).water).toBeCloseTo((0.13 + 1) / 2, 6);
    expect(mixedMakeup({ flour: 100 }, { sugarG: 100 }).carbohydrate).toBeCloseTo((0.74 + 1) / 2, 6);
  });
});

describe('outlines', () => {
  it('grow on every side, and know their disc', () => {
    expect(grown(disc(20), 1).lengthCm).toBe(22);
    expect(equalDiscCm(disc(20))).toBeCloseTo(20, 9);
    expect(perimeterCm(disc(20))).toBeCloseTo(20 * Math.PI, 2);
    expect(isRound(disc(20))).toBe(true);
    expect(isRound({ ...disc(20), lengthCm: 24 })).toBe(false);
  });
});

describe('where the fruit lies', () => {
  it('a cap’s height and volume turn each other round', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 6, noNaN: true }),
        fc.double({ min: 12, max: 35, noNaN: true }),
        (heightCm, discCm) => {
          expect(capHeightCm(capMl(heightCm, discCm), discCm)).toBeCloseTo(heightCm, 4);
        },
      ),
    );
  });

  it('a dish fills level, then mounds', () => {
    const { netMl } = measureDish(dish);
    expect(fillHeights(dish, netMl / 2).moundCm).toBe(0);
    expect(fillHeights(dish, netMl / 2).edgeCm).toBeLessThan(dish.depthCm);
    const heaped = fillHeights(dish, netMl * 1.3);
    expect(heaped.edgeCm).toBe(dish.depthCm);
    expect(heaped.moundCm).toBeGreaterThan(0.5);
  });

  it('a dish with room for what rises takes less fruit', () => {
    const whole = dishVessel(dish, { lined: true, room: 1 });
    const half = dishVessel(dish, { lined: true, room: 0.5 });
    expect(half.measures.netMl).toBeCloseTo(whole.measures.netMl / 2, 6);
    expect(dishVessel(dish, { lined: false, room: 1 }).crustAreaCm2).toBe(0);
    expect(dishHeights(whole, whole.measures.netMl).moundCm).toBeCloseTo(0, 6);
  });

  it('a fold holds what its wall and its disc allow; the disc for a capacity is found again', () => {
    for (const capacityMl of [400, 900, 1800]) {
      const discCm = discForCapacityCm(capacityMl, 5);
      expect(foldFreeForm({ discCm, borderCm: 5 }).capacityMl).toBeCloseTo(capacityMl, 3);
    }
    const small = foldFreeForm({ discCm: 30, borderCm: 5 });
    const large = foldFreeForm({ discCm: 36, borderCm: 5 });
    expect(large.capacityMl).toBeGreaterThan(small.capacityMl);
    expect(juiceHeldG(large)).toBeGreaterThan(juiceHeldG(small));
    expect(large.pleats).toBeGreaterThan(5);
    const sheet = { ...dish, depthCm: 1.5 };
    const vessel = foldVessel(usualFreeForm, sheet);
    expect(foldHeights(vessel, vessel.measures.netMl).edgeCm).toBeGreaterThan(0);
  });

  it('twice the parcels hold twice as much', () => {
    const sheet = { ...dish, depthCm: 1.5 };
    const eight = parcelVessel(usualHandPie, sheet);
    const sixteen = parcelVessel({ ...usualHandPie, count: 16 }, sheet);
    expect(sixteen.measures.netMl).toBeCloseTo(2 * eight.measures.netMl, 6);
    expect(eight.count).toBe(8);
  });

  it('a parcel is as deep as what it holds, over what it covers', () => {
    const parcel = parcelVessel(usualHandPie, { ...dish, depthCm: 1.5 });
    const coversCm2 = (Math.PI / 4) * parcel.dish.topCm ** 2;
    expect(parcel.dish.depthCm * coversCm2).toBeCloseTo(parcel.measures.netMl / (parcel.count ?? 1), 6);
    // A turnover is a finger or two high (common practice, no source).
    expect(parcel.dish.depthCm).toBeGreaterThan(0.5);
    expect(parcel.dish.depthCm).toBeLessThan(4);
  });

  it('a dish is the same by its name, its measures and its stuff', () => {
    expect(isSameDish(dish, { ...dish })).toBe(true);
    expect(isSameDish(dish, { ...dish, shape: 'round' })).toBe(true);
    expect(isSameDish(dish, { ...dish, label: 'Another' })).toBe(false);
    expect(isSameDish(dish, { ...dish, depthCm: dish.depthCm + 1 })).toBe(false);
    expect(isSheet({ ...dish, depthCm: 1.5 })).toBe(true);
    expect(isSheet(dish)).toBe(false);
    expect(builtInMaterials.size).toBeGreaterThan(5);
  });
});

describe('vents', () => {
  it('more and longer slits open more of the lid and let more steam out', () => {
    const form = { ...starterSpec.form, vents: 4, ventLengthCm: 4 };
    const four = ventShare(form, 420);
    expect(ventShare({ ...form, vents: 8 }, 420)).toBeCloseTo(2 * four, 9);
    expect(four).toBeGreaterThan(0.005);
    expect(four).toBeLessThan(0.03);
    expect(ventShare({ ...form, vents: 0 }, 420)).toBe(0);
    expect(lidTopFactor(0.02)).toBeGreaterThan(lidTopFactor(0));
  });
});
