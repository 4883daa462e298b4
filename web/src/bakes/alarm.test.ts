import type { Touch } from './alarm.js';
import { heardNow, touchKey, toCallOut, alarmWords } from './alarm.js';

const MINUTE = 60_000;
const touch = (dueAt: number, change: Partial<Touch> = {}): Touch => ({
  bakeId: 'a',
  kind: 'out',
  name: 'Damson',
  label: 'Out',
  dueAt,
  ...change,
});

describe('what is called out', () => {
  it('each touch when it is due and not before, and again until somebody answers', () => {
    const called = new Map<string, number>();
    expect(toCallOut([touch(1000)], called, {}, 999)).toEqual([]);
    expect(toCallOut([touch(1000)], called, {}, 1000)).toHaveLength(1);
    expect(toCallOut([touch(1000)], called, {}, 2000)).toEqual([]);
    expect(toCallOut([touch(1000)], called, {}, 1000 + MINUTE)).toHaveLength(1);
    expect(toCallOut([touch(1000)], called, {}, 1000 + 2 * MINUTE)).toHaveLength(1);
    expect(toCallOut([], called, {}, 1000 + 3 * MINUTE)).toEqual([]);
  });

  it('whatever else is due beside it', () => {
    const turn = touch(1000, { kind: 'turned', label: 'Turn the pie' });
    const called = new Map<string, number>();
    toCallOut([turn, touch(900_000)], called, {}, 1000);
    const now = 900_000;
    expect(toCallOut([turn, touch(900_000)], called, {}, now).map(({ kind }) => kind)).toContain('out');
  });

  it('at once when the page was asleep or opened later, though not what must be out long since', () => {
    expect(toCallOut([touch(0)], new Map(), {}, 3 * 3_600_000)).toHaveLength(1);
    expect(toCallOut([touch(0)], new Map(), {}, 13 * 3_600_000)).toEqual([]);
  });

  it('again when it was put off', () => {
    const called = new Map<string, number>();
    toCallOut([touch(1000)], called, {}, 1000);
    expect(toCallOut([touch(31_000)], called, {}, 2000)).toEqual([]);
    expect(toCallOut([touch(31_000)], called, {}, 31_000)).toHaveLength(1);
  });

  it('no more when it was heard, but what burns rings again', () => {
    const turn = touch(1000, { kind: 'turned' });
    const heard = {
      [touchKey(turn)]: heardNow(turn, 2000),
      [touchKey(touch(1000))]: heardNow(touch(1000), 2000),
    };
    expect(toCallOut([turn, touch(1000)], new Map(), heard, 3000)).toEqual([]);
    const later = toCallOut([turn, touch(1000)], new Map(), heard, 2000 + 5 * MINUTE);
    expect(later.map(({ kind }) => kind)).toEqual(['out']);
    // Put off after it was heard, it is a new touch.
    expect(toCallOut([{ ...turn, dueAt: 400_000 }], new Map(), heard, 400_000)).toHaveLength(1);
  });

  it('two at once in one breath', () => {
    const due = toCallOut([touch(5), touch(5, { bakeId: 'b', name: 'Quince' })], new Map(), {}, 6);
    expect(alarmWords(due)).toBe('Damson: Out. Quince: Out');
  });
});
