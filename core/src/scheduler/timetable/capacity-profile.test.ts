import { aHand, equalPies } from '../../test/equal-pies.js';
import type { Board } from './capacity-profile.js';
import { boardsOf, countOn, isFree, keepBusy, lastFull, latestSlot } from './capacity-profile.js';

const helper = { ...aHand, id: 'helper', skills: ['fruit', 'pack'] as const };
const boards = (): { readonly board: Board; readonly fruit: readonly number[] } => {
  const { board, able } = boardsOf(equalPies([1000], { hands: [aHand, helper] }));
  return { board, fruit: able.fruit };
};
const busy = (board: Board, hand: number, from: number, to: number): void => {
  keepBusy(board.hands[hand]!, from, to, true);
  board.worked[hand]! += to - from;
};

describe('the last place for a task', () => {
  it('is with whoever is free later; of equals with whoever worked less', () => {
    const { board, fruit } = boards();
    busy(board, 0, 190, 200);
    expect(latestSlot(board, fruit, 20, 0, 200)).toEqual({ start: 200, hand: 1 });
    busy(board, 1, 180, 230);
    expect(latestSlot(board, fruit, 20, 0, 200)).toEqual({ start: 200, hand: 0 });
    busy(board, 0, 195, 240);
    expect(latestSlot(board, fruit, 20, 0, 200)).toEqual({ start: 170, hand: 0 });
  });

  it('is somewhat sooner with whoever can do less, where hands that can do more are spared', () => {
    const { board, fruit } = boards();
    const most = board.sparedMin[0]!;
    expect(board.sparedMin).toEqual([most, 0]);
    expect(most).toBeGreaterThan(0);
    busy(board, 1, 221 - most, 260);
    expect(latestSlot(board, fruit, 20, 0, 200)?.hand).toBe(0);
    board.sparing = true;
    expect(latestSlot(board, fruit, 20, 0, 200)).toEqual({ start: 201 - most, hand: 1 });
    // No more than somewhat.
    busy(board, 1, 150, 260);
    expect(latestSlot(board, fruit, 20, 0, 200)?.hand).toBe(0);
  });

  it('is where it lay, as long as that is free', () => {
    const { board, fruit } = boards();
    const kept = { start: 120, hand: 1 };
    expect(latestSlot(board, fruit, 20, 0, 200, kept)).toEqual(kept);
    busy(board, 1, 130, 135);
    expect(isFree(board, 1, 120, 140)).toBe(false);
    expect(latestSlot(board, fruit, 20, 0, 200, kept)?.start).toBe(200);
    expect(latestSlot(board, fruit, 20, 190, 195, null)?.start).toBe(195);
  });

  it('is nowhere, where nobody is free', () => {
    const { board, fruit } = boards();
    for (const hand of [0, 1]) busy(board, hand, 0, 300);
    expect(latestSlot(board, fruit, 20, 0, 200)).toBeNull();
  });
});

describe('places on a shelf', () => {
  it('are counted on and off, and known to be full only while they are', () => {
    const { board } = boards();
    const shelf = { ...board.rack, places: 2, binds: true };
    countOn(shelf, 10, 20, 1);
    expect(lastFull(shelf, 0, 100)).toBe(-1);
    countOn(shelf, 15, 30, 1);
    expect(shelf.full).toBe(5);
    expect(lastFull(shelf, 0, 100)).toBe(19);
    expect(lastFull(shelf, 0, 17)).toBe(16);
    countOn(shelf, 10, 20, -1);
    expect(shelf.full).toBe(0);
    expect(lastFull(shelf, 0, 100)).toBe(-1);
  });
});
