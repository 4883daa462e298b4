import fc from 'fast-check';
import { crustActivity, crustAt, crustSlope, crustTable, dryEnoughToBrown } from './crust.js';
import { enthalpyJ, temperatureC } from './enthalpy.js';
import {
  arrhenius,
  pieceLag,
  rateAt,
  rateTable,
  softenedShare,
  softeningRate,
  softeningTable,
  starchRate,
  starchTable,
} from './kinetics.js';
import type { Composition } from './properties.js';
import { conductivity, density, moistAirK, specificHeat, withAir, withVoids } from './properties.js';
import { airPressurePa, boilingC, saturationPa, vaporisationJKg } from './water.js';
import { once } from '../../test/once.js';

const close = (value: number, told: number, within: number): void =>
  expect(Math.abs(value / told - 1)).toBeLessThan(within);

describe('water, against steam tables (IAPWS-IF97 values, from memory)', () => {
  it.each([
    [20, 2339],
    [40, 7385],
    [60, 19_946],
    [80, 47_414],
    [95, 84_609],
    [110, 143_380],
  ])('at %d C its vapour presses with %d Pa', (tempC, pressurePa) => {
    close(saturationPa(tempC), pressurePa, 0.004);
  });

  it.each([
    [50_000, 81.3],
    [70_000, 89.9],
    [84_609, 95],
    [101_325, 100],
  ])('under %d Pa it boils at %d C', (pressurePa, tempC) => {
    expect(Math.abs(boilingC(pressurePa) - tempC)).toBeLessThan(0.15);
  });

  it('boils where its vapour presses as the air does, whatever its activity', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 55_000, max: 105_000, noNaN: true }),
        fc.double({ min: 0.05, max: 1, noNaN: true }),
        (pressurePa, activity) => {
          close(activity * saturationPa(boilingC(pressurePa, activity)), pressurePa, 1e-6);
        },
      ),
    );
  });

  it('takes 2257 kJ for a kg to boil away, 2454 at 20 C', () => {
    close(vaporisationJKg(100), 2.257e6, 0.002);
    close(vaporisationJKg(20), 2.454e6, 0.002);
  });

  /** International Standard Atmosphere, ISO 2533 (from memory). */
  it.each([
    [0, 101_325],
    [500, 95_461],
    [1500, 84_556],
    [3000, 70_109],
  ])('air at %d m presses with %d Pa', (altitudeM, pressurePa) => {
    close(airPressurePa(altitudeM), pressurePa, 0.001);
  });
});

/** Choi and Okos 1986 against handbook values of whole foods (ASHRAE Refrigeration, from memory). */
describe('food by its components', () => {
  const water: Composition = { water: 1, protein: 0, fat: 0, carbohydrate: 0 };
  const apple: Composition = { water: 0.84, protein: 0.002, fat: 0.004, carbohydrate: 0.127, fibre: 0.025 };

  it('water is water', () => {
    close(density(water, 20), 998, 0.003);
    close(specificHeat(water, 20), 4182, 0.003);
    close(conductivity(water, 20), 0.598, 0.015);
  });

  it('ash, salt and all, is heavy: 2423.8 - .28063 T, and conducts .32962 + .0014011 T - .0000029069 T2', () => {
    const ash: Composition = { water: 0, protein: 0, fat: 0, carbohydrate: 0, ash: 1 };
    close(density(ash, 20), 2418.2, 0.0001);
    close(conductivity(ash, 20), 0.3565, 0.001);
  });

  it('protein takes more heat as it gets hotter: 2008.2 + 1.2089 T - .0013129 T2', () => {
    const protein: Composition = { water: 0, protein: 1, fat: 0, carbohydrate: 0 };
    close(specificHeat(protein, 60), 2076, 0.0001);
  });

  it('an apple holds 3.65 to 3.85 kJ for a degree and conducts .5 to .58 without its air', () => {
    expect(specificHeat(apple, 20)).toBeGreaterThan(3650);
    expect(specificHeat(apple, 20)).toBeLessThan(3850);
    expect(conductivity(apple, 20)).toBeGreaterThan(0.5);
    expect(conductivity(apple, 20)).toBeLessThan(0.58);
  });

  it('an apple with a fifth of air conducts as the handbook says, .38 to .44', () => {
    const whole = withAir(conductivity(apple, 8), 0.2);
    expect(whole).toBeGreaterThan(0.36);
    expect(whole).toBeLessThan(0.44);
  });

  it('fat holds less and conducts less than water, and floats', () => {
    const fat: Composition = { water: 0, protein: 0, fat: 1, carbohydrate: 0 };
    expect(specificHeat(fat, 20)).toBeLessThan(2100);
    expect(conductivity(fat, 20)).toBeLessThan(0.2);
    expect(density(fat, 20)).toBeLessThan(930);
  });
});

describe('voids between pieces', () => {
  const k = fc.double({ min: 0.1, max: 0.7, noNaN: true });
  const share = fc.double({ min: 0, max: 0.7, noNaN: true });

  it('conduct between layers in series and layers side by side', () => {
    fc.assert(
      fc.property(k, fc.double({ min: 0.02, max: 0.09, noNaN: true }), share, (solidK, voidK, e) => {
        const mixed = withVoids(solidK, voidK, e);
        expect(mixed).toBeLessThanOrEqual((1 - e) * solidK + e * voidK + 1e-9);
        expect(mixed).toBeGreaterThanOrEqual(1 / ((1 - e) / solidK + e / voidK) - 1e-9);
      }),
    );
  });

  it('make no difference where they are full of the same', () => {
    expect(withVoids(0.5, 0.5, 0.4)).toBeCloseTo(0.5, 12);
    expect(withVoids(0.5, 0.03, 0)).toBeCloseTo(0.5, 12);
  });

  it('moist air carries more heat the hotter it is, up to what it can', () => {
    expect(moistAirK(20)).toBeCloseTo(0.09, 6);
    expect(moistAirK(60)).toBeGreaterThan(0.5);
    expect(moistAirK(60)).toBeLessThan(0.75);
    expect(moistAirK(300)).toBe(3);
  });
});

describe('heat of a cell with ice in it', () => {
  it('turns round', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -40, max: 105, noNaN: true }),
        fc.double({ min: 10, max: 3000, noNaN: true }),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        fc.double({ min: -5, max: -0.1, noNaN: true }),
        (tempC, dryJK, waterKg, freezesC) => {
          const heatJ = enthalpyJ(tempC, dryJK, waterKg, freezesC);
          expect(temperatureC(heatJ, dryJK, waterKg, freezesC)).toBeCloseTo(tempC, 6);
        },
      ),
    );
  });

  it('rises with temperature, steeply through freezing', () => {
    const at = (tempC: number): number => enthalpyJ(tempC, 400, 0.8, -1);
    expect(at(-10)).toBeLessThan(at(-5));
    expect(at(-1) - at(-5)).toBeGreaterThan(3 * (at(5) - at(1)));
  });

  it('a kg of water to ice gives up about its heat of fusion', () => {
    const through = enthalpyJ(0, 0, 1, -0.01) - enthalpyJ(-20, 0, 1, -0.01);
    close(through, 0.95 * 333.6e3 + 20 * (0.95 * 2050 + 0.05 * 4180), 0.02);
  });
});

describe('crust as it dries', () => {
  const table = once(() => crustTable(101_325));

  it('is made once for a pressure', () => {
    expect(crustTable(101_325)).toBe(table());
    expect(crustTable(90_000)).not.toBe(table());
  });

  it('boils hotter the drier it is, never past charring, never cooler than water', () => {
    for (let i = 1; i < table().boilingC.length; i++) {
      expect(table().boilingC[i]!).toBeLessThanOrEqual(table().boilingC[i - 1]! + 1e-9);
    }
    expect(table().boilingC[0]).toBe(280);
    expect(crustAt(table().boilingC, 0.7)).toBeGreaterThanOrEqual(100);
    expect(crustAt(table().boilingC, 0.7)).toBeLessThan(104);
  });

  it('is read between its entries by straight lines, and beyond them by the last', () => {
    const between = crustAt(table().activity, 0.1234);
    expect(between).toBeGreaterThan(crustAt(table().activity, 0.123));
    expect(between).toBeLessThan(crustAt(table().activity, 0.124));
    expect(crustAt(table().activity, 5)).toBe(crustAt(table().activity, 0.8));
    expect(crustAt(table().activity, -1)).toBe(crustAt(table().activity, 0));
    expect(crustSlope(table().activity, 0.1)).toBeGreaterThan(0);
    expect(crustSlope(table().boilingC, 0.05)).toBeLessThan(0);
  });

  it('its water activity rises with its moisture from nothing to nearly one', () => {
    expect(crustActivity(0)).toBe(0.01);
    expect(crustActivity(0.02)).toBeLessThan(0.1);
    expect(crustActivity(0.08)).toBeCloseTo(0.5, 6);
    expect(crustActivity(0.5)).toBeGreaterThan(0.95);
  });

  /** Browning peaks at a water activity of .6 to .7 (Labuza and others; food texts, from memory). */
  it('browns best when it is nearly dry, less when it is wet and when it is bone dry', () => {
    const peak = dryEnoughToBrown(0.65);
    expect(dryEnoughToBrown(0.95)).toBeLessThan(0.4 * peak);
    expect(dryEnoughToBrown(0.05)).toBeLessThan(0.6 * peak);
    expect(dryEnoughToBrown(0.5)).toBeGreaterThan(0.75 * peak);
  });
});

describe('rates', () => {
  it('follow Arrhenius: a reaction of 100 kJ/mol doubles in about eight degrees near a boil', () => {
    const ratio = arrhenius(1, 100, 100, 108) / arrhenius(1, 100, 100, 100);
    expect(ratio).toBeGreaterThan(1.85);
    expect(ratio).toBeLessThan(2.1);
    expect(arrhenius(0.3, 80, 100, 100)).toBeCloseTo(0.3, 12);
  });

  it('come out of their table within a third of a percent', () => {
    const rate = (tempC: number): number => arrhenius(0.004, 86, 100, tempC);
    const table = rateTable(rate);
    for (const tempC of [0, 37.3, 71, 99.9, 140]) close(rateAt(table, tempC), rate(tempC), 0.02);
    const swells = starchTable(64, 0.3);
    const softens = softeningTable(0.7);
    for (const tempC of [20.5, 70.25, 99.75, 180]) {
      close(rateAt(swells, tempC), starchRate(tempC, 64, 0.3), 1e-9);
      close(rateAt(softens, tempC), softeningRate(tempC, 0.7), 1e-9);
    }
    expect(rateAt(table, -300)).toBe(rateAt(table, -40));
    expect(rateAt(table, 900)).toBe(rateAt(table, 320));
  });

  it('starch swells later in a syrup', () => {
    expect(starchRate(75, 68, 0)).toBeGreaterThan(starchRate(75, 68, 0.4));
    expect(starchRate(60, 68, 0.2)).toBeLessThan(starchRate(80, 68, 0.2));
  });

  it('apples held at 71 C are hardly softer, at a simmer soon half', () => {
    expect(softenedShare(71, 20, 1)).toBeLessThan(0.5);
    expect(softenedShare(97, 8, 1)).toBeGreaterThan(0.5);
    expect(softenedShare(95, 0, 1)).toBe(0);
  });

  it('a piece twice as thick lags four times as long', () => {
    expect(pieceLag(0.012) / pieceLag(0.006)).toBeCloseTo(4, 9);
    expect(pieceLag(0.0015)).toBeLessThan(5);
    expect(pieceLag(0.0125)).toBeGreaterThan(60);
  });
});
