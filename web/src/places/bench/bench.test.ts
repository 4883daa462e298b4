import { draftPlan, starterSpec } from '@mardle/core';
import { isChanged, useBench } from '../../state/bench.js';
import { crustColour } from '../../pie/CrossSection/colours.js';
import { fillingPath, halfWidthAt, pieces, pieceSizeCm } from '../../pie/CrossSection/geometry.js';
import { readTime, timeOfDay } from './Slip/timeOfDay.js';
import { stationResults } from './WorkLine/results.js';

const dish = { topCm: 22.9, baseCm: 18.3, depthCm: 3.5 };

describe('the cross-section', () => {
  it('is to scale', () => {
    expect(halfWidthAt(dish, 0)).toBeCloseTo(9.15);
    expect(halfWidthAt(dish, 3.5)).toBeCloseTo(11.45);
    const path = fillingPath(dish, 0.3, 3, 0);
    const numbers = path.match(/-?\d+(\.\d+)?/g)?.map(Number) ?? [];
    expect(Math.max(...numbers)).toBeLessThan(11.45);
  });

  it('looks the same each time', () => {
    expect(pieces(20, 4, 1.2)).toEqual(pieces(20, 4, 1.2));
    expect(pieceSizeCm(630, false)).toBeLessThan(pieceSizeCm(67, false));
  });

  it('darkens crust as it browns', () => {
    const green = (index: number): number => Number(crustColour(index).split(' ')[1]);
    expect([0, 1, 2, 3, 4].map(green)).toEqual([0, 1, 2, 3, 4].map(green).sort((a, b) => b - a));
  });
});

describe('times of day', () => {
  it('run past midnight', () => {
    expect(timeOfDay('22:30', 200)).toBe('01:50 (+1)');
    expect(timeOfDay('07:05', 0)).toBe('07:05');
  });

  it.each([
    ['7', '07:00'],
    ['7:30', '07:30'],
    ['0730', '07:30'],
    ['25:00', null],
    ['noon', '12:00'],
    ['4pm', '16:00'],
    ['4.30 p.m.', '16:30'],
    ['12 am', '00:00'],
    ['13 pm', null],
    ['soon', null],
  ])('reads %p as %p', (typed, time) => {
    expect(readTime(typed)).toBe(time);
  });
});

describe('the bench store', () => {
  const pie = { id: 'a', version: 3, savedAt: '2026-01-01T00:00:00Z', spec: starterSpec };
  const { load, change, undo, markSaved, discard } = useBench.getState();
  const name = (): string | undefined => useBench.getState().spec?.name;

  beforeEach(() => {
    localStorage.clear();
    load(pie);
  });

  it('undoes step by step', () => {
    change((spec) => ({ ...spec, name: 'one' }));
    change((spec) => ({ ...spec, name: 'two' }));
    undo();
    expect(name()).toBe('one');
    undo();
    undo();
    expect(name()).toBe(starterSpec.name);
  });

  it('keeps unsaved changes over a reload, on the version they build on', () => {
    change((spec) => ({ ...spec, name: 'kept' }));
    load({ ...pie, version: 5 });
    expect(name()).toBe('kept');
    expect(useBench.getState()).toMatchObject({ basedOn: 3, restored: true });
    discard();
    load({ ...pie, version: 5 });
    expect(useBench.getState()).toMatchObject({ basedOn: 5, restored: false });
  });

  it('keeps what was changed while saving', () => {
    change((spec) => ({ ...spec, name: 'sent' }));
    const sent = useBench.getState().spec ?? starterSpec;
    change((spec) => ({ ...spec, name: 'typed on' }));
    markSaved({ ...pie, version: 4, spec: sent });
    expect(name()).toBe('typed on');
    expect(useBench.getState().saved?.name).toBe('sent');
    expect(useBench.getState().basedOn).toBe(4);
  });
});

describe('the work line', () => {
  it('says each station’s result', () => {
    const planned = draftPlan(starterSpec);
    const results = stationResults(
      starterSpec,
      planned.ok ? planned.plan : null,
      (value, unit) => `${Math.round(value)}${unit}`,
    );
    expect(results.fruit).toMatch(/damson, tender$/);
    expect(results.juice).toMatch(/g sugar, \d+g corn starch ±\d+$/);
    expect(results.oven).toBe('working out the bake …');
  });
});

describe('one gesture, one undo', () => {
  const pie = { id: 'g', version: 1, savedAt: '2026-01-01T00:00:00Z', spec: starterSpec };
  const { load, change, undo, redo } = useBench.getState();
  const name = (): string | undefined => useBench.getState().spec?.name;

  beforeEach(() => {
    localStorage.clear();
    sessionStorage.clear();
    load(pie);
  });

  it('a sweep under the hand is one step', () => {
    window.dispatchEvent(new Event('pointerdown'));
    for (const to of ['a', 'b', 'c']) change((spec) => ({ ...spec, name: to }));
    window.dispatchEvent(new Event('pointerup'));
    change((spec) => ({ ...spec, name: 'd' }));
    undo();
    expect(name()).toBe('c');
    undo();
    expect(name()).toBe(starterSpec.name);
    redo();
    redo();
    expect(name()).toBe('d');
  });

  it('undo and redo are there after a reload', () => {
    change((spec) => ({ ...spec, name: 'one' }));
    change((spec) => ({ ...spec, name: 'two' }));
    undo();
    window.dispatchEvent(new Event('pagehide'));
    load(pie);
    expect(name()).toBe('one');
    redo();
    expect(name()).toBe('two');
    undo();
    undo();
    expect(name()).toBe(starterSpec.name);
  });

  it('turned back to what was saved counts as saved', () => {
    change((spec) => ({ ...spec, name: 'one' }));
    expect(isChanged(useBench.getState())).toBe(true);
    change((spec) => ({ ...spec, name: starterSpec.name }));
    expect(isChanged(useBench.getState())).toBe(false);
  });
});
