import fc from 'fast-check';
import { builtInLarder } from '../larder/index.js';
import type { FillingSpec, FruitPart } from '../schema/index.js';
import { setNames } from '../schema/index.js';
import { aFilling, aLid, aPart } from '../test/filling.js';
import { boughtMassG, makeBatch } from './batch.js';
import { expectedWeepG } from './evidence.js';
import type { Filling } from './filling.js';
import { computeFilling } from './filling.js';
import { boilDown, HIGHEST_BRIX } from './preparation.js';
import { setReached } from './set.js';
import { concentrationPer100G, doseG } from './thickener.js';

const lid = aLid;
const part = aPart;
const spec = aFilling;

const compute = (more: Partial<FillingSpec> = {}, massG = 1000): Filling =>
  computeFilling(spec(more), massG, lid, builtInLarder);

describe('corn starch for a clean slice under a 23 cm lid, per kg, against the trial’s test vectors', () => {
  it.each([
    ['apple_firm_tart', 16, 25],
    ['peach', 29, 35],
    ['sour_cherry', 32, 39],
    ['rhubarb', 40, 45],
    ['strawberry', 40, 45],
  ])('%s: %d g fresh, %d g frozen', (fruit, fresh, frozen) => {
    const dose = (state: FruitPart['state']): number =>
      compute({ fruits: [part(fruit, { state })] }).dose.massG;
    // The sugar rule is another than the trial's, and sugar bears on the dose: a tenth is allowed for it.
    expect(Math.abs(dose('fresh') / fresh - 1)).toBeLessThan(0.1);
    expect(Math.abs(dose('frozen') / frozen - 1)).toBeLessThan(0.1);
  });
});

describe('dose and set', () => {
  it('are inverses', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1.5, max: 9, noNaN: true }),
        fc.double({ min: 0, max: 1.4, noNaN: true }),
        fc.double({ min: 10, max: 5000, noNaN: true }),
        fc.double({ min: 0.2, max: 1.6, noNaN: true }),
        (target, body, juiceG, blend) => {
          const massG = doseG(target, body, juiceG, blend);
          expect(concentrationPer100G(massG, body, juiceG, blend)).toBeCloseTo(target, 8);
        },
      ),
    );
  });

  it.each(setNames.map((name) => [name]))('reaches %s with its own dose', (set) => {
    expect(setReached(compute({ set }).reached)).toBe(set);
  });

  it('answers the other way round: two spoons of flour in damsons give less than a clean slice', () => {
    const f = compute({ thickeners: [{ thickener: 'plain_flour', share: 1 }], thickenerMassG: 16 });
    expect(['runs', 'spoonable', 'soft']).toContain(f.set);
  });

  it('asks for twice the flour, and more in a sharper juice (R1: common practice, no source)', () => {
    const corn = compute().dose.massG;
    const flour = compute({ thickeners: [{ thickener: 'plain_flour', share: 1 }] }).dose.massG;
    expect(flour / corn).toBeGreaterThan(1.6);
    expect(compute({ lemonJuiceG: 60 }).blend).toBeLessThan(compute().blend);
  });
});

describe('preparations', () => {
  it('stops boiling at 70 Brix however far it is told to go, and never adds water', () => {
    const stop = boilDown(200, 60, 95);
    expect(stop.stopBrix).toBe(HIGHEST_BRIX);
    expect(stop.stopMassG).toBeCloseTo(60 / 0.7, 6);
    expect(boilDown(20, 80, 40).stopMassG).toBeCloseTo(100, 6);
  });

  it('takes less thickener after draining and boiling down, and closes most of the gap', () => {
    const raw = compute({ fruits: [part('sour_cherry')] });
    const weep = compute({
      fruits: [part('sour_cherry')],
      preparation: { kind: 'weep', minutes: 60, boilToBrix: 65 },
    });
    expect(weep.dose.massG).toBeLessThan(raw.dose.massG);
    expect(weep.heapMl - weep.cookedMl).toBeLessThan(raw.heapMl - raw.cookedMl);
  });

  it('keeps juice in firm apples held at 71 C, not in soft ones (R3: common practice, no source)', () => {
    const release = (fruit: string, kind: 'raw' | 'hold'): number =>
      compute({ fruits: [part(fruit)], preparation: { kind } }).prepared.releases[0] ?? 0;
    expect(release('apple_firm_tart', 'hold')).toBeCloseTo(0.75 * release('apple_firm_tart', 'raw'), 6);
    expect(release('apple_soft', 'hold')).toBeCloseTo(release('apple_soft', 'raw'), 6);
  });

  it('lets dried fruit drink', () => {
    const f = compute({ fruits: [part('damson', { share: 3 }), part('raisin')] });
    expect(f.ledger.soakedG).toBeGreaterThan(100);
  });
});

describe('amounts', () => {
  it('buys more than it uses, less waste unpeeled', () => {
    const [apple] = makeBatch(spec({ fruits: [part('apple_firm_tart')] }), 780, builtInLarder).fruits;
    const [unpeeled] = makeBatch(
      spec({ fruits: [part('apple_firm_tart', { peeled: false })] }),
      780,
      builtInLarder,
    ).fruits;
    expect(boughtMassG(apple!)).toBeCloseTo(1000, 6);
    expect(boughtMassG(unpeeled!)).toBeLessThan(1000);
  });
});

describe('bench tests', () => {
  const narrow = ({ dose }: Filling): number => (dose.highG - dose.lowG) / dose.massG;

  it('narrow the band', () => {
    const before = compute();
    const drainedG = expectedWeepG(before.batch, 1);
    const wept = compute({ weepTest: { drainedG } });
    const both = compute({ weepTest: { drainedG }, saucerTest: { result: 'creeps' } });
    expect(narrow(wept)).toBeLessThan(narrow(before));
    expect(narrow(both)).toBeLessThan(narrow(wept));
  });

  it('what the log has taught makes it as narrow as it is sure', () => {
    const learned = (deviation: number): Filling => compute({ learned: { dose: 1, deviation, bakes: 9 } });
    expect(narrow(learned(0.05))).toBeLessThan(narrow(compute()));
    expect(narrow(learned(0.3))).toBeGreaterThan(narrow(compute()));
    expect(narrow(learned(0.3)) / narrow(learned(0.05))).toBeCloseTo(6, 1);
  });

  it('move the dose the right way', () => {
    const expected = expectedWeepG(compute().batch, 1);
    expect(compute({ weepTest: { drainedG: expected * 1.4 } }).dose.massG).toBeGreaterThan(
      compute().dose.massG,
    );
    expect(compute({ weepTest: { drainedG: expected * 0.6 } }).dose.massG).toBeLessThan(compute().dose.massG);
    expect(compute({ saucerTest: { result: 'runs' } }).dose.massG).toBeGreaterThan(compute().dose.massG);
    expect(compute({ saucerTest: { result: 'stands' } }).dose.massG).toBeLessThan(compute().dose.massG);
  });

  it.each(['runs', 'creeps', 'stands'] as const)(
    'after a saucer that %s the dose reaches the set that was asked for',
    (result) => {
      const { reached, target, dose } = compute({ saucerTest: { result } });
      expect(dose.massG).toBeGreaterThan(0);
      expect(reached).toBeCloseTo(target, 6);
    },
  );
});
