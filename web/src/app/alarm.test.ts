import { newlyDue, wordsOf } from './alarm.js';
import type { Touch } from './alarm.js';

const touch = (dueAt: number, change: Partial<Touch> = {}): Touch => ({
  bakeId: 'a',
  kind: 'lowered',
  name: 'Damson',
  label: 'Lower the oven',
  dueAt,
  ...change,
});

describe('what is called out', () => {
  it('each touch once, when it is due and not before', () => {
    const called = new Set<string>();
    expect(newlyDue([touch(1000)], called, 999)).toEqual([]);
    expect(newlyDue([touch(1000)], called, 1000)).toHaveLength(1);
    expect(newlyDue([touch(1000)], called, 2000)).toEqual([]);
  });

  it('again when it was put off', () => {
    const called = new Set<string>();
    newlyDue([touch(1000)], called, 1000);
    expect(newlyDue([touch(301_000)], called, 2000)).toEqual([]);
    expect(newlyDue([touch(301_000)], called, 301_000)).toHaveLength(1);
  });

  it('not what was due long before the page was opened', () => {
    expect(newlyDue([touch(0)], new Set(), 3_600_000)).toEqual([]);
  });

  it('two at once in one breath', () => {
    const due = newlyDue([touch(5), touch(5, { bakeId: 'b', name: 'Quince', label: 'Out' })], new Set(), 6);
    expect(wordsOf(due)).toBe('Damson: Lower the oven. Quince: Out');
  });
});
