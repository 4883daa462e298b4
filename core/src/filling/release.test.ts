import fc from 'fast-check';
import type { Fruit } from '../larder/index.js';
import { builtInFruits } from '../larder/index.js';
import type { FruitPart } from '../schema/index.js';
import type { BatchFruit } from './batch.js';
import { drawnWaterG, driedUptakeG, releaseFraction, weepEffects } from './release.js';

const item = (id: string, more: Partial<FruitPart> = {}, fruit: Partial<Fruit> = {}): BatchFruit => ({
  fruit: { ...builtInFruits.get(id)!, ...fruit },
  part: { fruit: id, share: 1, state: 'fresh', ripeness: 0, cut: 'usual', peeled: true, ...more },
  massG: 1000,
});

const plain = { sugarPerFruit: 0, heldAt71C: false, stewed: false, factor: 1 };

describe('release fraction', () => {
  it('runs from the firm figure of the table to the ripe one', () => {
    for (const fruit of builtInFruits.values()) {
      if (fruit.releaseFirm < 0) continue;
      expect(releaseFraction(item(fruit.id, { ripeness: -2 }), plain)).toBeCloseTo(fruit.releaseFirm, 10);
      expect(releaseFraction(item(fruit.id, { ripeness: 2 }), plain)).toBeCloseTo(fruit.releaseRipe, 10);
      const middle = (fruit.releaseFirm + fruit.releaseRipe) / 2;
      expect(releaseFraction(item(fruit.id), plain)).toBeCloseTo(middle, 10);
    }
  });

  it('keeps 15 % less in when cut small, 30 % less when frozen, and both together', () => {
    const kept = (more: Partial<FruitPart>): number => 1 - releaseFraction(item('blueberry', more), plain);
    const whole = kept({});
    expect(kept({ cut: 'thin' }) / whole).toBeCloseTo(0.85, 10);
    expect(kept({ state: 'frozen' }) / whole).toBeCloseTo(0.7, 10);
    expect(kept({ state: 'frozen', cut: 'thin' }) / whole).toBeCloseTo(0.85 * 0.7, 10);
  });

  it('does not break cells twice: frozen fruit that is stewed is as open as frozen fruit', () => {
    const frozen = releaseFraction(item('damson', { state: 'frozen' }), plain);
    expect(releaseFraction(item('damson', { state: 'frozen' }), { ...plain, stewed: true })).toBeCloseTo(
      frozen,
      10,
    );
    expect(releaseFraction(item('damson'), { ...plain, stewed: true })).toBeCloseTo(frozen, 10);
  });

  it('grows with sugar toward a limit', () => {
    const at = (sugarPerFruit: number): number =>
      releaseFraction(item('sour_cherry'), { ...plain, sugarPerFruit });
    expect(at(0.1)).toBeGreaterThan(at(0));
    expect(at(0.6)).toBeGreaterThan(at(0.1));
    expect(1 - at(1e9)).toBeCloseTo((1 - at(0)) * 0.85, 6);
  });

  it('stays a share whatever a bench test says', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...builtInFruits.keys()),
        fc.double({ min: -2, max: 2, noNaN: true }),
        fc.double({ min: 0, max: 4, noNaN: true }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        (id, ripeness, factor, sugarPerFruit) => {
          const release = releaseFraction(item(id, { ripeness }), { ...plain, factor, sugarPerFruit });
          expect(release).toBeGreaterThanOrEqual(0);
          expect(release).toBeLessThanOrEqual(0.97);
        },
      ),
    );
  });

  it('lets dried fruit drink and release nothing', () => {
    expect(releaseFraction(item('raisin'), plain)).toBe(0);
    expect(driedUptakeG([item('raisin'), item('damson')])).toBeCloseTo(600, 10);
  });
});

describe('weeping', () => {
  it('draws nothing at once, most within the hour, and never more than will come free', () => {
    const drawn = (minutes: number): number => drawnWaterG(item('strawberry'), 0.7, 0.2, minutes);
    expect(drawn(0)).toBe(0);
    expect(drawn(60) / drawn(1e6)).toBeGreaterThan(0.8);
    expect(drawn(1e6)).toBeLessThan(1000 * 0.91 * 0.7);
  });

  it('is slow through whole skins and quick once they are opened (R4: common practice, no source)', () => {
    const drawn = (more: Partial<FruitPart>): number => drawnWaterG(item('blueberry', more), 0.5, 0.2, 30);
    expect(drawn({ cut: 'thin' })).toBeGreaterThan(1.8 * drawn({}));
    expect(drawn({ state: 'frozen' })).toBeCloseTo(drawn({ cut: 'thin' }), 10);
    // A stoned cherry is opened already.
    expect(drawnWaterG(item('sour_cherry'), 0.5, 0.2, 30)).toBeGreaterThan(1.5 * drawn({}));
  });

  it('follows a single exponential', () => {
    const drawn = (minutes: number): number => drawnWaterG(item('peach'), 0.5, 0.3, minutes);
    const left = (minutes: number): number => 1 - drawn(minutes) / drawn(1e9);
    expect(left(weepEffects.tauCutMin)).toBeCloseTo(Math.exp(-1), 8);
    expect(left(2 * weepEffects.tauCutMin)).toBeCloseTo(Math.exp(-2), 8);
  });

  /** Common practice, no source: a kilogram of apples with some 130 g of sugar gives about half a cup within the hour. */
  it('gives half a cup from a kilogram of sugared apples', () => {
    const water = weepEffects.drained * drawnWaterG(item('apple_firm_tart'), 0.29, 0.13, 60);
    const solidsG = weepEffects.sugarCarried * 130 + weepEffects.solublesPerWater * water;
    const juiceMl = (water + solidsG) / 1.25;
    expect(juiceMl).toBeGreaterThan(80);
    expect(juiceMl).toBeLessThan(160);
  });
});
