import type { Day, DayPie, Worker, Skill } from '../model/index.js';
import { skills } from '../model/index.js';

/** Places of one kind, and how many of them are taken minute by minute. */
export interface CapacityProfile {
  readonly places: number;
  readonly taken: Uint8Array;
  /** False when there are places for all that could ever want one: nothing is counted then. */
  readonly binds: boolean;
  /** Minutes at which all places are taken: none on most days, and then nobody need look for one. */
  full: number;
}

/** What is taken when: one profile a thing that can run out. */
export interface Timetable {
  readonly fromMin: number;
  readonly minutes: number;
  /** Where somebody is busy or away, for how many minutes by then; 0 where they are free. */
  readonly hands: readonly Uint16Array[];
  readonly fridge: CapacityProfile;
  readonly rack: CapacityProfile;
  readonly hob: CapacityProfile;
  readonly mixers: CapacityProfile;
  readonly dishes: Readonly<Record<string, CapacityProfile>>;
  /** Minutes that each pair of hands works. */
  readonly worked: Float64Array;
  /** 1 where somebody is in the kitchen who can see to an oven, busy or not. */
  readonly attended: Uint8Array;
  /** Whether a task goes rather to whoever has something to do right after it, so that others have time in one piece. */
  inOnePiece: boolean;
  /** Whether those who can do more things are spared: of nearly equal places a task takes that of whoever can do least. */
  sparing: boolean;
  /** How much later the place of a pair of hands must be than that of those who can do least, then, min. */
  readonly sparedMin: readonly number[];
}

/** For each thing more that hands can do. Estimate, found in a trial. */
const SPARED_MIN = 5;

/** Late plans run over their hours; so far a day is looked at. */
const OVER_MIN = 720;

const spanOf = ({ earliest, kitchen, pies }: Day): { readonly fromMin: number; readonly minutes: number } => {
  const fromMin = Math.max(earliest, Math.min(...kitchen.hands.map(({ from }) => from)));
  const toMin = Math.max(...pies.map(({ ready }) => ready.at)) + OVER_MIN;
  return { fromMin, minutes: Math.max(1, toMin - fromMin) };
};

/** Hands as the day begins: away before they come, in their breaks and after they go. */
function absentMinutes(day: Day, fromMin: number, minutes: number): Uint16Array[] {
  return day.kitchen.hands.map(({ from, to, breaks }) => {
    const row = new Uint16Array(minutes).fill(1);
    row.fill(0, Math.max(0, from - fromMin), Math.max(0, to - fromMin));
    for (const [start, end] of breaks) row.fill(1, Math.max(0, start - fromMin), Math.max(0, end - fromMin));
    for (let t = 1; t < minutes; t++) if (row[t] === 1) row[t] = row[t - 1]! + 1;
    return row;
  });
}

/** Somebody is busy from one minute to another, or no longer. */
export function setBusy(row: Uint16Array, from: number, to: number, busy: boolean): void {
  for (let t = Math.max(0, from); t < to; t++) row[t] = busy ? t - from + 1 : 0;
}

function minuteRange(hands: readonly Worker[]): number[] {
  const counts = hands.map((hand) => (hand.skills ?? skills).length);
  return counts.map((count) => SPARED_MIN * (count - Math.min(...counts)));
}

/** What a solver keeps of a day between its tries. */
export interface TimetableBuilder {
  readonly timetable: Timetable;
  /** Who has which skill, by index. */
  readonly able: Readonly<Record<Skill, readonly number[]>>;
}

/** An empty timetable: what is put on it is taken off again, it is not made anew for each try. */
export function makeTimetable(day: Day): TimetableBuilder {
  const { kitchen, pies } = day;
  const { fromMin, minutes } = spanOf(day);
  const away = absentMinutes(day, fromMin, minutes);
  const profile = (places: number, wanted: number): CapacityProfile => ({
    places,
    taken: new Uint8Array(minutes),
    binds: places < wanted,
    full: places <= 0 ? minutes : 0,
  });
  const countOf = (wants: (pie: DayPie) => boolean): number => pies.filter(wants).length;
  const able = Object.fromEntries(
    skills.map((skill) => [
      skill,
      kitchen.hands.flatMap((hand, i) => (hand.skills === null || hand.skills.includes(skill) ? [i] : [])),
    ]),
  ) as Record<Skill, number[]>;
  const timetable: Timetable = {
    fromMin,
    minutes,
    hands: away.map((start) => start.slice()),
    // A pie has one thing in it at a time, and perhaps dough of its own beside it.
    fridge: profile(kitchen.fridgePlaces, 2 * pies.length),
    rack: profile(kitchen.rackPlaces, pies.length),
    hob: profile(
      kitchen.hobRings,
      countOf(({ onHob }) => onHob),
    ),
    // None: dough is made by hand, and there is nothing to wait for.
    mixers: profile(kitchen.mixers, kitchen.mixers > 0 ? pies.length : 0),
    dishes: Object.fromEntries(
      Object.entries(kitchen.dishes).map(([label, places]) => [
        label,
        profile(
          places,
          countOf(({ dish }) => dish === label),
        ),
      ]),
    ),
    worked: new Float64Array(kitchen.hands.length),
    attended: new Uint8Array(minutes).map((_, t) => (able.oven.some((hand) => away[hand]![t] === 0) ? 1 : 0)),
    inOnePiece: false,
    sparing: false,
    sparedMin: minuteRange(kitchen.hands),
  };
  return { timetable, able };
}

/** The last minute of `[from, to)` at which all places are taken; -1 for none. Indexes of the timetable. */
export function lastFull({ taken, places, binds, full }: CapacityProfile, from: number, to: number): number {
  if (!binds || full === 0) return -1;
  for (let i = Math.min(to, taken.length) - 1; i >= from; i--) if (taken[i]! >= places) return i;
  return -1;
}

/** One more (or less) at each minute of `[from, to)`. */
export function occupy(profile: CapacityProfile, from: number, to: number, by: 1 | -1): void {
  const { taken, places } = profile;
  const until = Math.min(to, taken.length);
  for (let i = Math.max(0, from); i < until; i++) {
    const was = taken[i]!;
    taken[i] = was + by;
    if (by > 0 ? was === places - 1 : was === places) profile.full += by;
  }
}

/** Where the stretch begins that ends at a full minute: nothing fits into it. `places`: how many there are, or are left. */
export function fullSince({ taken, places: all }: CapacityProfile, at: number, places = all): number {
  let first = at;
  while (first > 0 && taken[first - 1]! >= places) first -= 1;
  return first;
}

/** Where in time somebody is free for a task, and who. */
export interface Slot {
  readonly start: number;
  readonly hand: number;
}

/** Whether somebody is free from one minute to another. */
export function isFree({ hands }: Timetable, hand: number, from: number, to: number): boolean {
  const row = hands[hand]!;
  for (let i = from; i < to; i++) if (row[i] !== 0) return false;
  return true;
}

/** Longer idle than this, one pair of hands is as good as another, min. */
const LONG_IDLE_MIN = 30;

/** How long somebody would stand idle after a task that ends here, min. */
function idleAfter(row: Uint16Array, from: number): number {
  const to = Math.min(row.length, from + LONG_IDLE_MIN);
  for (let i = from; i < to; i++) if (row[i] !== 0) return i - from;
  return LONG_IDLE_MIN;
}

/**
 * The latest start in `[least, most]` at which somebody with the skill is free for so long; of equals whoever worked least. With
 * `inOnePiece` a minute idle after it counts as a minute sooner, with `sparing` so do hands that can do more. What lay somewhere
 * may be `kept` there as long as it can.
 */
export function latestSlot(
  timetable: Timetable,
  able: readonly number[],
  lastsMin: number,
  least: number,
  most: number,
  kept: Slot | null = null,
): Slot | null {
  if (kept && kept.start >= least && kept.start <= most) {
    if (isFree(timetable, kept.hand, kept.start, kept.start + lastsMin)) return kept;
  }
  let best = -1;
  let bestWorth = -Infinity;
  let who = -1;
  for (const hand of able) {
    const row = timetable.hands[hand]!;
    let start = Math.min(most, row.length - lastsMin);
    // Sooner than what somebody else offers is of no use.
    const soonest = Math.max(least, 0, bestWorth);
    while (start >= soonest) {
      let busy = start + lastsMin - 1;
      while (busy >= start && row[busy] === 0) busy -= 1;
      if (busy < start) break;
      // Before all of what they are busy with then.
      start = busy - row[busy]! + 1 - lastsMin;
    }
    if (start < soonest) continue;
    const worth =
      start -
      (timetable.inOnePiece ? idleAfter(row, start + lastsMin) : 0) -
      (timetable.sparing ? timetable.sparedMin[hand]! : 0);
    if (worth > bestWorth || (worth === bestWorth && timetable.worked[hand]! < timetable.worked[who]!)) {
      best = start;
      bestWorth = worth;
      who = hand;
    }
  }
  return who < 0 ? null : { start: best, hand: who };
}
