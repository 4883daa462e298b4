import type { Day, Skill } from './day.js';
import { skills } from './day.js';

/** What is taken when, minute by minute: one row a thing that can run out. */
export interface Board {
  readonly fromMin: number;
  readonly minutes: number;
  /** 1 where somebody is busy or away. */
  readonly hands: readonly Uint8Array[];
  readonly fridge: Uint8Array;
  readonly rack: Uint8Array;
  readonly hob: Uint8Array;
  readonly mixers: Uint8Array;
  readonly dishes: Readonly<Record<string, Uint8Array>>;
  /** Minutes that each pair of hands works. */
  readonly worked: Float64Array;
}

/** Late plans run over their hours; so far a day is looked at. */
const OVER_MIN = 720;

const spanOf = ({ earliest, kitchen, pies }: Day): { readonly fromMin: number; readonly minutes: number } => {
  const fromMin = Math.max(earliest, Math.min(...kitchen.hands.map(({ from }) => from)));
  const toMin = Math.max(...pies.map(({ ready }) => ready.at)) + OVER_MIN;
  return { fromMin, minutes: Math.max(1, toMin - fromMin) };
};

/** Hands as the day begins: away before they come, in their breaks and after they go. */
function awayOf(day: Day, fromMin: number, minutes: number): Uint8Array[] {
  return day.kitchen.hands.map(({ from, to, breaks }) => {
    const row = new Uint8Array(minutes).fill(1);
    row.fill(0, Math.max(0, from - fromMin), Math.max(0, to - fromMin));
    for (const [start, end] of breaks) row.fill(1, Math.max(0, start - fromMin), Math.max(0, end - fromMin));
    return row;
  });
}

/** What a solver keeps of a day between its tries. */
export interface Boards {
  readonly board: Board;
  /** Who has which skill, by index. */
  readonly able: Readonly<Record<Skill, readonly number[]>>;
  clear(): void;
}

/** A board that is cleared, not made anew, for each try. */
export function boardsOf(day: Day): Boards {
  const { fromMin, minutes } = spanOf(day);
  const away = awayOf(day, fromMin, minutes);
  const row = (): Uint8Array => new Uint8Array(minutes);
  const board: Board = {
    fromMin,
    minutes,
    hands: away.map((start) => start.slice()),
    fridge: row(),
    rack: row(),
    hob: row(),
    mixers: row(),
    dishes: Object.fromEntries(Object.keys(day.kitchen.dishes).map((label) => [label, row()])),
    worked: new Float64Array(day.kitchen.hands.length),
  };
  const able = Object.fromEntries(
    skills.map((skill) => [
      skill,
      day.kitchen.hands.flatMap((hand, i) =>
        hand.skills === null || hand.skills.includes(skill) ? [i] : [],
      ),
    ]),
  ) as Record<Skill, number[]>;
  return {
    board,
    able,
    clear: () => {
      board.hands.forEach((hand, i) => hand.set(away[i]!));
      for (const used of [board.fridge, board.rack, board.hob, board.mixers]) used.fill(0);
      for (const used of Object.values(board.dishes)) used.fill(0);
      board.worked.fill(0);
    },
  };
}

/** The last minute of `[from, to)` at which all `most` are taken; -1 for none. Indexes of the board. */
export function lastFull(row: Uint8Array, from: number, to: number, most: number): number {
  for (let i = Math.min(to, row.length) - 1; i >= from; i--) if (row[i]! >= most) return i;
  return -1;
}

/** Where the stretch begins that ends at a full minute: nothing fits into it. */
export function fullSince(row: Uint8Array, at: number, most: number): number {
  let first = at;
  while (first > 0 && row[first - 1]! >= most) first -= 1;
  return first;
}

export function take(row: Uint8Array, from: number, to: number): void {
  for (let i = Math.max(0, from); i < to; i++) row[i]! += 1;
}

/** Where in time somebody is free for a task, and who. */
export interface Slot {
  readonly start: number;
  readonly hand: number;
}

/** The latest start in `[least, most]` at which somebody with the skill is free for so long; the one who worked least. */
export function latestSlot(
  board: Board,
  able: readonly number[],
  lastsMin: number,
  least: number,
  most: number,
): Slot | null {
  let best = -1;
  let who = -1;
  for (const hand of able) {
    const row = board.hands[hand]!;
    let start = Math.min(most, row.length - lastsMin);
    while (start >= Math.max(least, best, 0)) {
      let busy = -1;
      for (let i = start + lastsMin - 1; i >= start; i--)
        if (row[i] === 1) {
          busy = i;
          break;
        }
      if (busy < 0) break;
      start = busy - lastsMin;
    }
    if (start < Math.max(least, 0)) continue;
    if (start > best || (start === best && board.worked[hand]! < board.worked[who]!)) {
      best = start;
      who = hand;
    }
  }
  return who < 0 ? null : { start: best, hand: who };
}

export function work(board: Board, hand: number, start: number, end: number): void {
  board.hands[hand]!.fill(1, start, end);
  board.worked[hand]! += end - start;
}
