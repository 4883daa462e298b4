import type { Unit } from './figure.js';
import { figure, from, given, q, makeSum } from './figure.js';
import { saidIn, show, showDegrees, showText } from './present.js';
import { typedUnit } from './system.js';

const parts = { id: 'x', label: 'X', value: 200, unit: 'g' as const, rule: 'a rule', source: 'a source' };

describe('a figure', () => {
  it('has no band when it is a choice, a band round it when it is computed', () => {
    expect(figure(parts)).toMatchObject({ low: 200, high: 200 });
    expect(figure({ ...parts, spread: 0.1 })).toMatchObject({ low: 180, high: 220 });
    expect(figure({ ...parts, spread: 0.1, low: 150 })).toMatchObject({ low: 150, high: 220 });
  });

  it('keeps its band the right way round below zero', () => {
    const cold = figure({ ...parts, value: -18, unit: 'C', spread: 0.1 });
    expect(cold.low).toBeLessThan(cold.value);
    expect(cold.high).toBeGreaterThan(cold.value);
  });

  it('tells its story: rule, inputs, source', () => {
    const told = figure({ ...parts, inputs: [...from('a', 'b'), given('c', 3, 'cm')] });
    expect(told.why).toEqual({
      rule: 'a rule',
      sum: [],
      narrows: '',
      source: 'a source',
      inputs: [{ figure: 'a' }, { figure: 'b' }, { label: 'c', value: 3, unit: 'cm' }],
    });
  });
});

describe('quantities as they are typed', () => {
  it.each<[Unit, number]>([
    ['g', 780],
    ['cm', 22.9],
    ['C', 180],
    ['min', 45],
    ['count', 6],
  ])('%s come back the same in either system', (unit, value) => {
    for (const system of ['metric', 'us'] as const) {
      const { toTyped, fromTyped } = typedUnit(unit, system);
      expect(fromTyped(toTyped(value))).toBeCloseTo(value, 8);
    }
  });

  it('step as a knob and a scale do', () => {
    expect(typedUnit('C', 'metric')).toMatchObject({ word: '°C', step: 5 });
    expect(typedUnit('C', 'us')).toMatchObject({ word: '°F', step: 10 });
    expect(typedUnit('cm', 'us').word).toBe('in');
    expect(typedUnit('min', 'us').word).toBe('min');
  });
});

describe('every unit', () => {
  const samples: readonly [Unit, number, string, string][] = [
    ['g', 453.59237, '455 g', '1 lb'],
    ['cm', 25.4, '25.5 cm', '10 in'],
    ['mm', 3.175, '3.2 mm', '⅛ in'],
    ['mm', 2.5, '2.5 mm', '0.10 in'],
    ['g', 1.4, '1.4 g', '1.4 g'],
    ['mL', 1200, '1200 mL', '5 cups'],
    ['cm2', 412, '410 cm²', '64 sq in'],
    ['mL', 240, '240 mL', '1 cup'],
    ['C', 71.1, '71 °C', '160 °F'],
    ['min', 50, '50 min', '50 min'],
    ['h', 4, '4 h', '4 h'],
    ['percent', 58.4, '58 %', '58 %'],
    ['ratio', 0.844, '0.84', '0.84'],
    ['count', 6.2, '6', '6'],
    ['g/100 g', 4.83, '4.8 g per 100 g', '4.8 g per 100 g'],
    ['Brix', 54.7, '55 °Bx', '55 °Bx'],
    ['pH', 3.04, '3.0 pH', '3.0 pH'],
    ['m', 1603, '1600 m', '5250 ft'],
  ];

  it.each(samples)('%s %d is %s, or %s', (unit, value, metric, customary) => {
    expect(showText(value, unit).replaceAll('\u00a0', ' ')).toBe(metric);
    expect(showText(value, unit, 'us').replaceAll('\u00a0', ' ')).toBe(customary);
  });

  it('no weight that a pie has is shown as nothing', () => {
    for (const system of ['metric', 'us'] as const) {
      for (let massG = 0.06; massG < 20_000; massG *= 1.07)
        expect(Number.parseFloat(show(massG, 'g', system).number)).toBeGreaterThan(0);
    }
  });

  it('what is typed in the baker’s own unit comes back as it was', () => {
    for (const system of ['metric', 'us'] as const) {
      for (const unit of ['g', 'cm', 'mL', 'm', 'C', 'min', 'count'] as const) {
        const { toTyped, fromTyped } = typedUnit(unit, system);
        expect(fromTyped(toTyped(123.4))).toBeCloseTo(123.4, 9);
      }
    }
    expect(typedUnit('mL', 'us').toTyped(236.588)).toBeCloseTo(8, 4);
    expect(typedUnit('m', 'us').toTyped(1609.344)).toBeCloseTo(5280, 6);
  });

  it('a sentence is said in the system of its reader', () => {
    const said = (text: string): string => saidIn(text, 'us').replaceAll('\u00a0', ' ');
    expect(said('under 45 °C on a rack at 21 °C.')).toBe('under 113 °F on a rack at 70 °F.');
    expect(said('over a 2.54 cm rim, 3.175 mm thick')).toBe('over a 1 in rim, ⅛ in thick');
    expect(said('.38 g for a cm2 of the disc')).toBe('.38 g for a cm2 of the disc');
    expect(saidIn('under 45 °C', 'metric')).toBe('under 45 °C');
  });

  it('a difference of heat has no zero to move', () => {
    expect(showDegrees(-10)).toBe('10 °C');
    expect(showDegrees(10, 'us')).toBe('18 °F');
  });

  it('never shows minus nothing', () => {
    expect(show(-0.001, 'cm').number).not.toMatch(/^-0/);
  });
});

describe('a sum', () => {
  it('has its numbers in place', () => {
    expect(makeSum`${q(500, 'g')} of juice x ${q(4.8, 'g/100 g')}`).toEqual([
      '',
      { value: 500, unit: 'g' },
      ' of juice x ',
      { value: 4.8, unit: 'g/100 g' },
      '',
    ]);
    expect(makeSum`${'most'} of it`).toEqual(['', 'most', ' of it']);
  });
});
