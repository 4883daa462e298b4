import fc from 'fast-check';
import { builtInCrumbs as crumbs, builtInDoughs } from '../larder/index.js';
import { crumbBatch, crumbComposition } from './tops/crumb.js';
import { capHeightCm, fillHeights, measureDish, volumeMl } from './dish.js';
import { latticeCover, makeLattice } from './tops/lattice.js';
import { doughBatch, doughComposition } from './pastry.js';
import { baseSheet, lidSheet } from './rolled.js';
import { ventShare } from './tops/vents.js';
import { crossings, weaveSteps } from './tops/weave.js';
import { once } from '../test/once.js';

const dish = { label: '23 cm', topCm: 22.9, baseCm: 18.3, depthCm: 3.5, material: 'glass' };

/** Volume by thin slices: an independent sum for the closed forms. */
function slicedVolume(radiusAt: (y: number) => number, height: number): number {
  const slices = 20000;
  let volume = 0;
  for (let i = 0; i < slices; i++)
    volume += Math.PI * radiusAt(((i + 0.5) * height) / slices) ** 2 * (height / slices);
  return volume;
}

describe('dish volumes', () => {
  it('match a sum over thin slices', () => {
    const byHand = slicedVolume((y) => (18.3 + ((22.9 - 18.3) * y) / 3.5) / 2, 3.5);
    expect(volumeMl(dish)).toBeCloseTo(byHand, 3);
  });

  it('are cylinder and cone at the ends', () => {
    expect(volumeMl({ ...dish, topCm: 20, baseCm: 20, depthCm: 5 })).toBeCloseTo(Math.PI * 100 * 5, 8);
    expect(volumeMl({ ...dish, topCm: 20, baseCm: 0, depthCm: 6 })).toBeCloseTo((Math.PI * 100 * 6) / 3, 8);
  });

  /** Presets of the trade’s dishes, lined (common sizes, no source). */
  it.each([
    [20.3, 16, 3.2, 706],
    [22.9, 18.3, 3.5, 1011],
    [22.9, 18, 4.8, 1404],
    [25.4, 20.3, 5, 1841],
  ])('a dish of %d, %d, %d holds %d mL lined', (topCm, baseCm, depthCm, netMl) => {
    expect(measureDish({ ...dish, topCm, baseCm, depthCm }).netMl / netMl).toBeCloseTo(1, 1);
  });

  it('gives back the volume of a cap from its height', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 2500, noNaN: true }),
        fc.double({ min: 15, max: 35, noNaN: true }),
        (ml, d) => {
          const h = capHeightCm(ml, d);
          expect((Math.PI * h * (3 * (d / 2) ** 2 + h * h)) / 6).toBeCloseTo(ml, 4);
        },
      ),
    );
  });

  it('fills to the depth that holds the volume', () => {
    const { netMl } = measureDish(dish);
    expect(fillHeights(dish, netMl).edgeCm).toBeCloseTo(3.5, 3);
    expect(fillHeights(dish, netMl / 2).edgeCm).toBeLessThan(2.2);
    expect(fillHeights(dish, netMl + 400).moundCm).toBeGreaterThan(1.5);
  });
});

describe('pastry', () => {
  const dough = builtInDoughs.get('all_butter')!;

  it('divides a dough and loses nothing', () => {
    for (const each of builtInDoughs.values()) {
      const b = doughBatch(each, 700);
      const sum = b.flourG + b.butterG + (b.waterLowG + b.waterHighG) / 2 + b.saltG + b.sugarG + b.otherG;
      expect(sum).toBeCloseTo(700, 6);
    }
  });

  it('knows what is in it', () => {
    const { water, fat, carbohydrate, protein } = doughComposition(dough);
    expect(water + fat + carbohydrate + protein).toBeGreaterThan(0.95);
    expect(water + fat + carbohydrate + protein).toBeLessThan(1.01);
  });

  /** Common practice, no source: a 23 cm dish takes a 30 cm disc; a little over half the dough is the base. */
  it('rolls discs of the trade’s sizes', () => {
    expect(baseSheet(dish, 3.2).outline.lengthCm).toBeCloseTo(30, 0);
    const share = baseSheet(dish, 3.2).massG / (baseSheet(dish, 3.2).massG + lidSheet(dish, 3.2, 0).massG);
    expect(share).toBeGreaterThan(0.5);
    expect(share).toBeLessThan(0.6);
  });

  it('stretches the lid over a mound by the length of the arc', () => {
    const h = 4;
    const c = dish.topCm;
    const r = (c * c) / 8 / h + h / 2;
    const arc = 2 * r * Math.asin(c / 2 / r);
    expect(lidSheet(dish, 3.2, h).outline.lengthCm - lidSheet(dish, 3.2, 0).outline.lengthCm).toBeCloseTo(
      arc - c,
      1,
    );
  });
});

describe('the lattice', () => {
  const lattice = once(() => makeLattice({ strips: 6, widthCm: 2, angleDeg: 90 }, dish, 3.2));

  /** Independent of the formula: a fine grid of points over the disc, each asked whether a strip of either way lies on it. */
  it('leaves open what a grid of points finds open', () => {
    for (const [strips, widthCm] of [
      [6, 2],
      [9, 1.4],
      [12, 1],
    ] as const) {
      const made = makeLattice({ strips, widthCm, angleDeg: 90 }, dish, 3.2);
      const under = (at: number): boolean =>
        made.long.some(({ offsetCm }) => Math.abs(at - offsetCm) <= widthCm / 2);
      let inside = 0;
      let open = 0;
      for (let x = -11.45; x < 11.45; x += 0.04) {
        for (let y = -11.45; y < 11.45; y += 0.04) {
          if (x * x + y * y > 11.45 ** 2) continue;
          inside++;
          if (!under(x) && !under(y)) open++;
        }
      }
      expect(Math.abs(open / inside - made.openShare)).toBeLessThan(0.02);
    }
  });

  it('cuts strips as long as the chords of the top, and over the rim', () => {
    lattice().long.forEach(({ offsetCm, lengthCm }) => {
      const nearest = Math.max(0, Math.abs(offsetCm) - 1);
      expect(lengthCm).toBeCloseTo(2 * Math.sqrt(11.45 ** 2 - nearest ** 2) + 3.4, 8);
    });
    expect(lattice().gapCm).toBeCloseTo(22.9 / 6 - 2, 8);
    expect(latticeCover(lattice()).cover).toBeCloseTo(1 - lattice().openShare, 8);
  });
});

describe('the weave', () => {
  it('is a plain weave for every size to 15 by 15: each crossing differs from its neighbours', () => {
    for (let long = 1; long <= 15; long++) {
      for (let cross = 1; cross <= 15; cross++) {
        const over = crossings(long, weaveSteps(long, cross));
        expect(over.size).toBe(cross);
        for (let b = 1; b <= cross; b++) {
          for (let a = 0; a < long; a++) {
            const here = over.get(b)![a];
            if (a > 0) expect(over.get(b)![a - 1]).toBe(!here);
            if (b > 1) expect(over.get(b - 1)![a]).toBe(!here);
          }
        }
      }
    }
  });

  /** Worked by hand (04-build). */
  it('goes five by five as hands do', () => {
    expect(weaveSteps(5, 5).map(({ cross, foldBack }) => [cross, foldBack])).toEqual([
      [3, [1, 3, 5]],
      [4, [2, 4]],
      [5, [1, 3, 5]],
      [2, [2, 4]],
      [1, [1, 3, 5]],
    ]);
  });
});

describe('the crumb', () => {
  it('divides by its school and loses nothing', () => {
    for (const crumb of crumbs.values()) {
      const b = crumbBatch(crumb, 412, 1);
      expect(b.flourG + b.butterG + b.sugarG + b.oatsG + b.nutsG).toBeCloseTo(b.massG, 8);
      const { water, fat, carbohydrate, protein } = crumbComposition(b);
      expect(water + fat + carbohydrate + protein).toBeGreaterThan(0.9);
      expect(water + fat + carbohydrate + protein).toBeLessThanOrEqual(1.001);
    }
  });
});

describe('the build', () => {
  it('opens one to two percent of the lid with five usual slits', () => {
    const share = ventShare({ kind: 'double_crust', vents: 5, ventLengthCm: 3 }, 412);
    expect(share).toBeGreaterThan(0.01);
    expect(share).toBeLessThan(0.02);
  });
});
