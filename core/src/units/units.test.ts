import Qty from 'js-quantities';
import fc from 'fast-check';
import {
  celsiusToFahrenheit,
  cmToInches,
  fahrenheitToCelsius,
  G_PER_OUNCE,
  G_PER_POUND,
  gToOunces,
  inchesToCm,
  ML_PER_CUP,
} from './convert.js';
import { household, householdWithin } from './household.js';
import { massStepG, show, showMinutes, showText, withFraction } from './present.js';
import { makeTable } from './table.js';

describe('conversions, against js-quantities', () => {
  it('agrees on ounces, pounds and inches', () => {
    expect(G_PER_OUNCE).toBeCloseTo(Qty('1 oz').to('g').scalar, 6);
    expect(G_PER_POUND).toBeCloseTo(Qty('1 lb').to('g').scalar, 4);
    expect(gToOunces(500)).toBeCloseTo(Qty('500 g').to('oz').scalar, 6);
    expect(cmToInches(22.9)).toBeCloseTo(Qty('22.9 cm').to('in').scalar, 6);
  });

  it('agrees on temperatures', () => {
    for (const tempC of [-40, 0, 71, 100, 218.33]) {
      expect(celsiusToFahrenheit(tempC)).toBeCloseTo(Qty(tempC, 'tempC').to('tempF').scalar, 6);
    }
  });

  it('holds the cup of 240 mL, 1.4 % over the customary 236.6 mL', () => {
    expect(ML_PER_CUP / Qty('1 cu').to('ml').scalar).toBeCloseTo(1.0144, 3);
  });

  it('goes there and back', () => {
    fc.assert(
      fc.property(fc.double({ min: -40, max: 400, noNaN: true }), (value) => {
        expect(fahrenheitToCelsius(celsiusToFahrenheit(value))).toBeCloseTo(value, 8);
        expect(inchesToCm(cmToInches(value))).toBeCloseTo(value, 8);
      }),
    );
  });
});

describe('quantities for people', () => {
  it.each([
    [0.3, '0.3\u00a0g'],
    [4.26, '4.5\u00a0g'],
    [31.4, '31\u00a0g'],
    [233.4, '233\u00a0g'],
    [778, '780\u00a0g'],
    [1053, '1.05\u00a0kg'],
  ])('shows %p g as %p', (massG, text) => {
    expect(showText(massG, 'g')).toBe(text);
  });

  it.each([
    [28.35, '1 oz'],
    [500, '1 lb 2 oz'],
    [7, '0.25 oz'],
  ])('shows %p g in the US as %p', (massG, text) => {
    const { number, unit } = show(massG, 'g', 'us');
    expect(`${number} ${unit}`).toBe(text);
  });

  it('never shows more than the scale can weigh', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 900, noNaN: true }), (massG) => {
        const shown = Number(show(massG, 'g').number);
        expect(Math.abs(shown - massG)).toBeLessThanOrEqual(massStepG(massG) / 2 + 1e-9);
      }),
    );
  });

  it('turns temperatures and lengths to the baker’s units', () => {
    expect(showText(180, 'C', 'us')).toBe('356\u00a0°F');
    expect(showText(22.9, 'cm', 'us')).toBe('9\u00a0in');
    expect(showText(30.1, 'cm')).toBe('30\u00a0cm');
  });

  it('says minutes as people do', () => {
    expect(showMinutes(45)).toEqual({ number: '45', unit: 'min' });
    expect(showMinutes(240)).toEqual({ number: '4', unit: 'h' });
    expect(showMinutes(143)).toEqual({ number: '2 h 25', unit: 'min' });
  });
});

describe('household measures (common practice, no source)', () => {
  it.each([
    [240, '1 cup'],
    [360, '1½ cups'],
    [80, '⅓ cup'],
    [30, '2 tbsp'],
    [135, '½ cup + 1 tbsp'],
    [20, '1 tbsp + 1 tsp'],
    [4.5, 'scant 1 tsp'],
    // A level spoon before one filled by eye, and no quarter teaspoons beside many tablespoons.
    [12.4, '2½ tsp'],
    [13, '2½ tsp'],
    [97, '⅓ cup + 1 tbsp'],
    [88, '¼ cup + 2 tbsp'],
    [0.625, '⅛ tsp'],
    [840, '3½ cups'],
    [5, '1 tsp'],
    [2.5, '½ tsp'],
    [0.5, '2 pinches'],
  ])('%p mL is %p', (volumeMl, text) => {
    const said = household(volumeMl);
    expect(`${said?.number ?? ''} ${said?.unit ?? ''}`).toBe(text);
  });

  /** What a measure said holds, mL, read back by its words. */
  const holds = (said: string): number => {
    const signs: Readonly<Record<string, number>> = {
      '⅛': 1 / 8,
      '¼': 1 / 4,
      '⅓': 1 / 3,
      '½': 1 / 2,
      '⅔': 2 / 3,
      '¾': 3 / 4,
    };
    const number = (text: string): number =>
      [...text].reduce((sum, sign) => sum + (signs[sign] ?? 0), Number(/^\d+/.exec(text)?.[0] ?? 0));
    return said.split(' + ').reduce((sum, part) => {
      const [, how = '', count = '', unit = ''] =
        /^(?:about )?(scant |heaped )?(\S+) (cups?|tbsp|tsp|pinch)$/.exec(part) ?? [];
      const one = unit.startsWith('cup') ? 240 : unit === 'tbsp' ? 15 : unit === 'tsp' ? 5 : 0.3125;
      return sum + number(count) * one * (how === 'scant ' ? 0.9 : how === 'heaped ' ? 1.12 : 1);
    }, 0);
  };

  it('every gram of salt has a spoon', () => {
    const saltGPerMl = 1.2;
    for (let massG = 0.5; massG <= 40; massG += 0.1) expect(household(massG / saltGPerMl)).not.toBeNull();
  });

  it('are within 6 % of the volume from half a teaspoon on, whatever it is, and there is one for each', () => {
    let said = 0;
    for (let i = 0; i < 20_000; i++) {
      const volumeMl = 0.57 * 1.0005 ** i;
      if (volumeMl > 6000) break;
      const shown = household(volumeMl);
      expect(shown).not.toBeNull();
      if (!shown || shown.unit.startsWith('pinch')) continue;
      said++;
      const offShare = Math.abs(holds(`${shown.number} ${shown.unit}`) / volumeMl - 1);
      expect(offShare).toBeLessThanOrEqual(householdWithin(volumeMl) + 1e-9);
      // What is not exact says so.
      expect(shown.number.startsWith('about ')).toBe(offShare > 0.06);
    }
    expect(said).toBeGreaterThan(17_000);
  });

  it('never round a least amount up', () => {
    for (let volumeMl = 8; volumeMl < 400; volumeMl += 0.7) {
      const shown = household(volumeMl, true);
      if (shown) expect(holds(`${shown.number} ${shown.unit}`)).toBeLessThanOrEqual(volumeMl * 1.002);
    }
  });

  it('rounds up to the next whole near it', () => {
    expect(withFraction(1.98)).toBe('2');
    expect(withFraction(0.5)).toBe('½');
  });
});

describe('tables', () => {
  it('hold their rows in the order they were written, each with its id', () => {
    const table = makeTable<{ readonly id: string; readonly g: number }>({ b: { g: 2 }, a: { g: 1 } });
    expect([...table.values()]).toEqual([
      { id: 'b', g: 2 },
      { id: 'a', g: 1 },
    ]);
  });
});
