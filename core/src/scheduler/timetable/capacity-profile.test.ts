import { aHand, equalPies } from '../../test/equal-pies.js';
import type { Timetable } from './capacity-profile.js';
import { makeTimetable, occupy, isFree, setBusy, lastFull, latestSlot } from './capacity-profile.js';

const helper = { ...aHand, id: 'helper', skills: ['fruit', 'pack'] as const };
const timetables = (): { readonly timetable: Timetable; readonly fruit: readonly number[] } => {
  const { timetable, able } = makeTimetable(equalPies([1000], { hands: [aHand, helper] }));
  return { timetable, fruit: able.fruit };
};
const busy = (timetable: Timetable, hand: number, from: number, to: number): void => {
  setBusy(timetable.hands[hand]!, from, to, true);
  timetable.worked[hand]! += to - from;
};

describe('the last place for a task', () => {
  it('is with whoever is free later; of equals with whoever worked less', () => {
    const { timetable, fruit } = timetables();
    busy(timetable, 0, 190, 200);
    expect(latestSlot(timetable, fruit, 20, 0, 200)).toEqual({ start: 200, hand: 1 });
    busy(timetable, 1, 180, 230);
    expect(latestSlot(timetable, fruit, 20, 0, 200)).toEqual({ start: 200, hand: 0 });
    busy(timetable, 0, 195, 240);
    expect(latestSlot(timetable, fruit, 20, 0, 200)).toEqual({ start: 170, hand: 0 });
  });

  it('is somewhat sooner with whoever can do less, where hands that can do more are spared', () => {
    const { timetable, fruit } = timetables();
    const most = timetable.sparedMin[0]!;
    expect(timetable.sparedMin).toEqual([most, 0]);
    expect(most).toBeGreaterThan(0);
    busy(timetable, 1, 221 - most, 260);
    expect(latestSlot(timetable, fruit, 20, 0, 200)?.hand).toBe(0);
    timetable.sparing = true;
    expect(latestSlot(timetable, fruit, 20, 0, 200)).toEqual({ start: 201 - most, hand: 1 });
    // No more than somewhat.
    busy(timetable, 1, 150, 260);
    expect(latestSlot(timetable, fruit, 20, 0, 200)?.hand).toBe(0);
  });

  it('is where it lay, as long as that is free', () => {
    const { timetable, fruit } = timetables();
    const kept = { start: 120, hand: 1 };
    expect(latestSlot(timetable, fruit, 20, 0, 200, kept)).toEqual(kept);
    busy(timetable, 1, 130, 135);
    expect(isFree(timetable, 1, 120, 140)).toBe(false);
    expect(latestSlot(timetable, fruit, 20, 0, 200, kept)?.start).toBe(200);
    expect(latestSlot(timetable, fruit, 20, 190, 195, null)?.start).toBe(195);
  });

  it('is nowhere, where nobody is free', () => {
    const { timetable, fruit } = timetables();
    for (const hand of [0, 1]) busy(timetable, hand, 0, 300);
    expect(latestSlot(timetable, fruit, 20, 0, 200)).toBeNull();
  });
});

describe('places on a shelf', () => {
  it('are counted on and off, and known to be full only while they are', () => {
    const { timetable } = timetables();
    const profile = { ...timetable.rack, places: 2, binds: true };
    occupy(profile, 10, 20, 1);
    expect(lastFull(profile, 0, 100)).toBe(-1);
    occupy(profile, 15, 30, 1);
    expect(profile.full).toBe(5);
    expect(lastFull(profile, 0, 100)).toBe(19);
    expect(lastFull(profile, 0, 17)).toBe(16);
    occupy(profile, 10, 20, -1);
    expect(profile.full).toBe(0);
    expect(lastFull(profile, 0, 100)).toBe(-1);
  });
});
