import type { TimetableBuilder, CapacityProfile, Slot } from './capacity-profile.js';
import { occupy, fullSince, setBusy, lastFull, latestSlot } from './capacity-profile.js';
import type { Day, DayPie } from '../model/index.js';
import { readyBufferMin } from '../model/index.js';

/** Where everything of one pie lies; minutes of the timetable, hands by index. -1 for what it has not. */
export interface PiePlacement {
  prepare: number;
  prepareBy: number;
  line: number;
  lineBy: number;
  build: number;
  buildBy: number;
  run: number;
  out: number;
  outBy: number;
  pack: number;
  packBy: number;
}

/** A pie that lies nowhere yet. */
export const emptyPlacement = (): PiePlacement => ({
  prepare: -1,
  prepareBy: -1,
  line: -1,
  lineBy: -1,
  build: -1,
  buildBy: -1,
  run: -1,
  out: -1,
  outBy: -1,
  pack: -1,
  packBy: -1,
});

/** Something whose hour is past already is looked for in steps of this, min. */
export const LATE_STEP = 5;

/** One thing that was put on the timetable: a place on a profile, or somebody's work. */
interface Put {
  readonly profile: CapacityProfile | null;
  readonly hand: number;
  readonly from: number;
  readonly to: number;
}

/** How much sooner than its last chill asks each pie is built, so that nobody need hurry to the oven, min. */
export const preLoadBufferMin = ({ lastMost, lastChill }: DayPie, { beforeLoad }: Day['slack']): number =>
  Math.min(beforeLoad, Math.max(0, lastMost - lastChill));

/** Puts parts of a pie on the timetable, and takes them off again when the rest finds no place. */
export interface PiePlacer {
  /** Minutes of the timetable from minutes of the day. */
  at(minute: number): number;
  /** How much sooner than its hour each pie is to be ready, min. */
  readonly soonerOf: readonly number[];
  works(hand: number, start: number, end: number): void;
  takes(profile: CapacityProfile, from: number, to: number): void;
  /** How much has been put down; `rollBack` takes off what came after. */
  mark(): number;
  rollBack(to: number): void;
  prepareAt(i: number, placed: PiePlacement, kept?: Slot | null): boolean;
  lineAt(i: number, placed: PiePlacement, kept?: Slot | null): boolean;
  /**
   * `takenBy`: the hands that take another pie out of the same run at that minute; -1 for none yet. `by`: when it is packed at the
   * latest, min of the timetable.
   */
  pieAt(
    i: number,
    start: number,
    outMin: number,
    late: boolean,
    placed: PiePlacement,
    takenBy: number,
    by: number,
  ): boolean;
  /**
   * How much sooner a run must begin for the pie of it that has just found no place, min: sooner by less, the same profile is full for
   * it. 1 where that is not known. Asked when what was put down for that run is off the timetable.
   */
  tooLateBy(): number;
}

/** All that is put down for single pies; each answers whether there was a place. */
// eslint-disable-next-line max-lines-per-function -- closures over one timetable, which they put down on and take off again
export function makePiePlacer(
  day: Day,
  { timetable, able }: Pick<TimetableBuilder, 'timetable' | 'able'>,
): PiePlacer {
  const { kitchen, pies, slack } = day;
  const at = (minute: number): number => minute - timetable.fromMin;
  const soonerOf = pies.map((pie) => readyBufferMin(pie, slack));
  const puts: Put[] = [];
  const busy = (hand: number, from: number, to: number, by: 1 | -1): void => {
    setBusy(timetable.hands[hand]!, from, to, by > 0);
    timetable.worked[hand]! += by * (to - from);
  };
  const rollBack = (to: number): void => {
    for (let k = puts.length - 1; k >= to; k--) {
      const { profile, hand, from, to: until } = puts[k]!;
      if (profile) occupy(profile, from, until, -1);
      else busy(hand, from, until, -1);
    }
    puts.length = to;
  };
  const takes = (profile: CapacityProfile, from: number, to: number): void => {
    if (!profile.binds) return;
    occupy(profile, from, to, 1);
    puts.push({ profile, hand: -1, from, to });
  };
  const works = (hand: number, from: number, to: number): void => {
    busy(hand, from, to, 1);
    puts.push({ profile: null, hand, from, to });
  };

  function prepareAt(i: number, placed: PiePlacement, kept: Slot | null = null): boolean {
    const { prepare, cook, fruitMost, onHob } = pies[i]!;
    if (prepare <= 0) return true;
    const least = placed.build - cook - fruitMost - prepare;
    let most = placed.build - cook - prepare;
    for (;;) {
      const slot = latestSlot(timetable, able.fruit, prepare, least, most, kept);
      if (!slot) return false;
      const end = slot.start + prepare;
      const full = onHob ? lastFull(timetable.hob, end, end + cook) : -1;
      if (full >= 0) {
        most = full - cook - prepare;
        continue;
      }
      works(slot.hand, slot.start, end);
      if (onHob) takes(timetable.hob, end, end + cook);
      placed.prepare = slot.start;
      placed.prepareBy = slot.hand;
      return true;
    }
  }

  function lineAt(i: number, placed: PiePlacement, kept: Slot | null = null): boolean {
    const { line, baseChill, lineMost, dish } = pies[i]!;
    if (line <= 0) return true;
    const reserved = placed.build - baseChill - line;
    const slot = latestSlot(timetable, able.line, line, placed.build - lineMost - line, reserved, kept);
    if (!slot) return false;
    const dishes = dish === null ? null : timetable.dishes[dish]!;
    if (dishes && lastFull(dishes, slot.start, reserved) >= 0) return false;
    if (lastFull(timetable.fridge, slot.start + line, placed.build) >= 0) return false;
    works(slot.hand, slot.start, slot.start + line);
    takes(timetable.fridge, slot.start + line, placed.build);
    if (dishes) takes(dishes, slot.start, reserved);
    placed.line = slot.start;
    placed.lineBy = slot.hand;
    return true;
  }

  /** Asked when the rest of the run is off the timetable: what stands in the way of itself moves with it. */
  let tooLateBy = (): number => 1;
  /** A stay found no place: the whole of it must be over before the stretch begins that is full for it and those of its run. */
  const mustEndBefore = (profile: CapacityProfile, from: number, to: number): void => {
    const full = lastFull(profile, from, to);
    const had = full < 0 ? 0 : profile.taken[full]!;
    tooLateBy = () =>
      full < 0 ? 1 : to - fullSince(profile, full, profile.places - (had - profile.taken[full]!));
  };

  /** Build, out and pack of one pie of a run that starts at `start`. */
  // eslint-disable-next-line complexity -- closures over one timetable, which they put down on and take off again
  const pieAt: PiePlacer['pieAt'] = (i, start, outMin, late, placed, takenBy, by) => {
    tooLateBy = () => 1;
    const pie = pies[i]!;
    const isShell = pie.shellOf !== undefined;
    const built = start - pie.lastChill - (late ? 0 : preLoadBufferMin(pie, slack));
    const out = start + outMin;
    const outBy = takenBy >= 0 ? takenBy : latestSlot(timetable, able.oven, kitchen.loadMin, out, out)?.hand;
    if (outBy === undefined) return false;
    const least = Math.max(out + pie.cool, out + kitchen.loadMin);
    // What is full before it could be packed stays full wherever packing goes.
    if (lastFull(timetable.rack, out, least) >= 0) {
      mustEndBefore(timetable.rack, out, least);
      return false;
    }
    const soonest = start - pie.lastMost - pie.build;
    const build = latestSlot(timetable, able.build, pie.build, soonest, built - pie.build);
    if (!build) return false;
    const builtAt = build.start + pie.build;
    if (lastFull(timetable.fridge, builtAt, start) >= 0) {
      // Built later it might wait for less.
      mustEndBefore(timetable.fridge, built, start);
      return false;
    }
    const dishes = pie.dish === null ? null : timetable.dishes[pie.dish]!;
    const inDishMin = pie.line > 0 ? pie.line + pie.baseChill : 0;
    const dishFrom = build.start - inDishMin;
    // A shell stays in its dish until it is filled.
    const dishTo = isShell ? by : least + pie.pack;
    if (dishes && lastFull(dishes, dishFrom, dishTo) >= 0) {
      if (!isShell) mustEndBefore(dishes, built - pie.build - inDishMin, dishTo);
      return false;
    }
    works(build.hand, build.start, builtAt);
    takes(timetable.fridge, builtAt, start);
    if (takenBy < 0) works(outBy, out, out + kitchen.loadMin);
    let most = by - pie.pack;
    if (most < least) {
      if (!late || isShell) return false;
      // Too late already: as soon as somebody is free.
      most = least;
      while (most < least + 120 && !latestSlot(timetable, able.pack, pie.pack, least, most))
        most += LATE_STEP;
    }
    for (;;) {
      const slot = latestSlot(timetable, able.pack, pie.pack, least, most);
      if (!slot) return false;
      const packed = slot.start + pie.pack;
      const rackFull = lastFull(timetable.rack, out, slot.start);
      const dishFull = dishes && !isShell ? lastFull(dishes, dishFrom, packed) : -1;
      if (rackFull >= 0 || dishFull >= 0) {
        if (rackFull >= 0) most = Math.min(most, fullSince(timetable.rack, rackFull));
        if (dishes && dishFull >= 0) most = Math.min(most, fullSince(dishes, dishFull) - pie.pack);
        continue;
      }
      works(slot.hand, slot.start, packed);
      takes(timetable.rack, out, slot.start);
      if (dishes) takes(dishes, dishFrom, isShell ? by : packed);
      placed.build = build.start;
      placed.buildBy = build.hand;
      placed.out = out;
      placed.outBy = outBy;
      placed.pack = slot.start;
      placed.packBy = slot.hand;
      return true;
    }
  };

  return {
    at,
    soonerOf,
    works,
    takes,
    mark: () => puts.length,
    rollBack,
    prepareAt,
    lineAt,
    pieAt,
    tooLateBy: () => tooLateBy(),
  };
}
