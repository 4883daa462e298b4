import { setNames } from '../schema/index.js';
import { gelStiffnessPa, glazeReached, runIndex, runWord, setReached, setTargets } from './set.js';

describe('sets', () => {
  it('goes to the firmer set on the bound itself', () => {
    expect([1.4, 2.86, 4.04, 5.59, 7.5].map(setReached)).toEqual([
      'spoonable',
      'soft',
      'clean_slice',
      'in_the_hand',
      'gluey',
    ]);
  });

  it('have their bounds at the geometric means of neighbouring targets', () => {
    for (let i = 0; i + 1 < setNames.length; i++) {
      const low = setTargets[setNames[i]!].gPer100G;
      const high = setTargets[setNames[i + 1]!].gPer100G;
      const bound = Math.sqrt(low * high);
      expect(setReached(bound * 0.99)).toBe(setNames[i]);
      expect(setReached(bound * 1.01)).toBe(setNames[i + 1]);
    }
  });

  it('run below and are gluey above', () => {
    expect(setReached(0.5)).toBe('runs');
    expect(setReached(9)).toBe('gluey');
    expect(glazeReached(7.7)).toBe('binds');
    expect(glazeReached(3)).toBe('runs');
  });

  /** Starch gels of a few percent are soft: tens to hundreds of Pa (Evans & Haisman 1979; Biliaderis 1992; from memory). */
  it('are as stiff as starch gels are', () => {
    expect(gelStiffnessPa(setTargets.soft.gPer100G)).toBeGreaterThan(50);
    expect(gelStiffnessPa(setTargets.soft.gPer100G)).toBeLessThan(200);
    expect(gelStiffnessPa(setTargets.in_the_hand.gPer100G)).toBeGreaterThan(400);
    expect(gelStiffnessPa(setTargets.in_the_hand.gPer100G)).toBeLessThan(1000);
    expect(gelStiffnessPa(0)).toBe(0);
  });

  it('rise steeply: doubling the starch stiffens six times', () => {
    expect(gelStiffnessPa(6) / gelStiffnessPa(3)).toBeCloseTo(2 ** 2.6, 8);
  });
});

describe('loose juice on the plate', () => {
  it('is none once the juice is half thick', () => {
    expect(runIndex(400, 1000, 2.5)).toBe(0);
    expect(runIndex(400, 1000, 7)).toBe(0);
  });

  it('grows with juice and thins with starch', () => {
    expect(runIndex(600, 1000, 0.5)).toBeGreaterThan(runIndex(300, 1000, 0.5));
    expect(runIndex(600, 1000, 1.5)).toBeLessThan(runIndex(600, 1000, 0.5));
  });

  it.each([
    [0.02, 'moist'],
    [0.1, 'a little loose juice'],
    [0.2, 'runs a little'],
    [0.4, 'runs'],
  ])('%d is "%s"', (index, word) => {
    expect(runWord(index)).toBe(word);
  });
});
