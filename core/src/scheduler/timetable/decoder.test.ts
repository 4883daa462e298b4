import { aHand, equalPies } from '../../test/equal-pies.js';
import { chanceFrom } from '../../units/index.js';
import type { Timetable } from './capacity-profile.js';
import { makeTimetable, setBusy, lastFull, latestSlot } from './capacity-profile.js';
import type { Day, DayPlan } from '../model/day.js';
import type { Solution } from './decoder.js';
import { makeDecoder } from './decoder.js';
import type { PlacingOrder } from './placing-order.js';
import { usualPlacingOrder } from './placing-order.js';
import type { RunDecision } from '../model/run-times.js';
import { programmeKey } from '../model/run-times.js';
import { sampleDay } from '../model/sample-day.js';
import { toPlan } from './to-plan.js';

/** Each pie in a run of its own, in the order of its hour, at a programme by chance. */
function someRuns(day: Day, chance: () => number): RunDecision[] {
  const order = day.pies
    .map((_, i) => i)
    .sort((a, b) => day.pies[a]!.ready.at - day.pies[b]!.ready.at || a - b);
  return order.map((i) => {
    const oven = Math.floor(chance() * day.kitchen.ovens.length);
    const ways = day.pies[i]!.ways[day.kitchen.ovens[oven]!.id]!;
    return { oven, heat: programmeKey(ways[Math.floor(chance() * ways.length)]!), pies: [i], sooner: 0 };
  });
}

/** Another order, another start, or two runs swapped, as a search would try. */
function changed({ runs, order }: Solution, chance: () => number): Solution {
  const r = Math.floor(chance() * runs.length);
  const kind = chance();
  if (kind < 0.3) {
    const keys = Object.keys(order) as (keyof PlacingOrder)[];
    const key = keys[Math.floor(chance() * keys.length)]!;
    return { runs, order: { ...order, [key]: !order[key] } };
  }
  if (kind < 0.6 && r > 0) {
    const swapped = [...runs];
    [swapped[r - 1], swapped[r]] = [runs[r]!, runs[r - 1]!];
    return { runs: swapped, order };
  }
  const sooner = Math.floor(chance() * 25);
  return { runs: runs.map((run, k) => (k === r ? { ...run, sooner } : run)), order };
}

describe('a day that is laid', () => {
  it('anew only where it changed is the day that is laid from nothing', () => {
    for (let seed = 1; seed <= 12; seed++) {
      const day = sampleDay(seed, 6);
      const chance = chanceFrom(seed);
      const kept = makeDecoder(day);
      const planOf = (
        solution: Solution,
        strict: boolean,
        decoder = kept,
      ): DayPlan & { readonly failed: number } => {
        const decoded = decoder.decode(solution, strict);
        return { ...toPlan(day, decoder.timetable, decoder.ways, decoded), failed: decoded.failed };
      };
      let solution: Solution = {
        runs: someRuns(day, chance),
        order: { ...usualPlacingOrder, byHour: seed % 2 === 0 },
      };
      for (let step = 0; step < 25; step++) {
        const strict = chance() < 0.5;
        const found = planOf(solution, strict);
        // What a strict look gave up is not told in full.
        const fresh = planOf(solution, strict, makeDecoder(day));
        if (strict && fresh.failed > 0) expect(found.failed).toBeGreaterThan(0);
        else expect(found).toEqual(fresh);
        solution = changed(solution, chance);
      }
    }
  });

  it('has a run right where its dish is free again, however far back that is', () => {
    for (const [dishes, pies] of [
      [1, [0]],
      [2, [0, 1]],
    ] as const) {
      const hours = [...pies.map(() => 1600), ...pies.map(() => 1600)];
      const hands = ['a', 'b', 'c'].map((id) => ({ ...aHand, id }));
      const day = equalPies(hours, { dishes: { large: dishes }, hands });
      const runOf = (of: readonly number[]): RunDecision => ({
        oven: 0,
        heat: programmeKey(day.pies[0]!.ways.long![0]!),
        pies: of,
        sooner: 0,
      });
      const solution: Solution = {
        runs: [runOf(pies), runOf(pies.map((i) => i + dishes))],
        order: usualPlacingOrder,
      };
      const { pies: placed, failed } = makeDecoder(day).decode(solution, false);
      expect(failed).toBe(0);
      const lined = Math.min(...placed.slice(dishes).map(({ build }) => build - 20 - 10));
      const packed = placed.slice(0, dishes).map(({ pack }) => pack + 5);
      // Not a minute sooner than it must be: dishes come free for all of a run when the first of the next one is lined.
      expect(Math.max(...packed)).toBe(lined);
    }
  });

  it('hour by hour has the dough of the last hour mixed before any of another hour is laid', () => {
    const day = equalPies([600, 600, 600, 600, 690, 690]);
    const heat = programmeKey(day.pies[0]!.ways.long![0]!);
    const runs: RunDecision[] = [
      [0, 1, 2, 3],
      [4, 5],
    ].map((pies) => ({ oven: 0, heat, pies, sooner: 0 }));
    const decoder = makeDecoder(day);
    const lastTouched = (byHour: boolean): number => {
      const { batches, failed } = decoder.decode({ runs, order: { ...usualPlacingOrder, byHour } }, false);
      expect(failed).toBe(0);
      return Math.min(...batches.flatMap(({ pies, start }) => (pies.includes(4) ? [start] : [])));
    };
    const [apart, atOnce] = [lastTouched(true), lastTouched(false)];
    expect(apart).toBeGreaterThan(atOnce);
    // As if the morning's pies were not there.
    const evening = equalPies([690, 690]);
    const { batches } = makeDecoder(evening).decode(
      { runs: [{ oven: 0, heat, pies: [0, 1], sooner: 0 }], order: usualPlacingOrder },
      false,
    );
    expect(apart).toBe(batches[0]!.start);
  });

  it('leaves nothing on its board but what it holds', () => {
    const day = sampleDay(4, 5);
    const chance = chanceFrom(4);
    const decoder = makeDecoder(day);
    const solution: Solution = { runs: someRuns(day, chance), order: usualPlacingOrder };
    const worked = (): number => decoder.timetable.worked.reduce((sum, min) => sum + min, 0);
    decoder.decode(solution, false);
    const once = worked();
    for (let times = 0; times < 5; times++) decoder.decode(changed(solution, chance), false);
    decoder.decode(solution, false);
    expect(worked()).toBe(once);
  });
});

describe('a board', () => {
  const day = sampleDay(1, 4, { hands: 2 });
  const fresh = (): { readonly timetable: Timetable; readonly both: readonly number[] } => {
    const { timetable, able } = makeTimetable({
      ...day,
      kitchen: { ...day.kitchen, hands: day.kitchen.hands.map((hand) => ({ ...hand, breaks: [] })) },
    });
    return { timetable, both: able.build };
  };
  const busy = (row: Uint16Array, from: number, to: number): void => setBusy(row, from, to, true);

  it('finds the latest start that somebody is free for, and nobody when there is none', () => {
    const { timetable, both } = fresh();
    busy(timetable.hands[0]!, 90, 120);
    busy(timetable.hands[1]!, 80, 120);
    expect(latestSlot(timetable, both, 20, 0, 95)).toEqual({ start: 70, hand: 0 });
    expect(latestSlot(timetable, both, 20, 75, 95)).toBeNull();
  });

  it('of equals takes whoever worked least, or whoever is busy right after', () => {
    const { timetable, both } = fresh();
    busy(timetable.hands[0]!, 50, 60);
    timetable.worked[0] = 10;
    expect(latestSlot(timetable, both, 20, 0, 30)).toEqual({ start: 30, hand: 1 });
    timetable.inOnePiece = true;
    expect(latestSlot(timetable, both, 20, 0, 30)).toEqual({ start: 30, hand: 0 });
  });

  it('counts a shelf only when it could be full', () => {
    const { timetable } = fresh();
    expect(timetable.rack.binds).toBe(day.kitchen.rackPlaces < day.pies.length);
    const profile = { places: 2, taken: new Uint8Array([0, 2, 1, 2, 0]), binds: true, full: 2 };
    expect(lastFull(profile, 0, 5)).toBe(3);
    expect(lastFull(profile, 0, 3)).toBe(1);
    expect(lastFull(profile, 2, 3)).toBe(-1);
    expect(lastFull({ ...profile, binds: false }, 0, 5)).toBe(-1);
  });

  it('knows when somebody is there to see to an oven', () => {
    const away = { ...day, kitchen: { ...day.kitchen, hands: day.kitchen.hands.slice(0, 1) } };
    const [hand] = away.kitchen.hands;
    const { timetable } = makeTimetable({
      ...away,
      kitchen: { ...away.kitchen, hands: [{ ...hand!, breaks: [[100, 110]] as const }] },
    });
    const at = (minute: number): number | undefined => timetable.attended[minute - timetable.fromMin];
    expect([at(99), at(100), at(109), at(110)]).toEqual([1, 0, 0, 1]);
  });
});
