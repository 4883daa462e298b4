import { equalPies } from '../../test/equal-pies.js';
import { chanceFrom } from '../../units/index.js';
import type { Day } from '../model/day.js';
import type { RunDecision } from '../model/run-times.js';
import { programmeKey, makeOptionTable } from '../model/run-times.js';
import { sampleDay } from '../model/sample-day.js';
import { makeBatchReassignment } from './reassign-batches.js';

/** Each pie in a run of its own, on the first of its programmes that some oven has. */
function alone(day: Day): RunDecision[] {
  return day.pies.map((pie, i) => {
    const oven = day.kitchen.ovens.findIndex(({ id }) => (pie.ways[id] ?? []).length > 0);
    const [way] = pie.ways[day.kitchen.ovens[oven]?.id ?? ''] ?? [];
    if (!way) throw new Error(`${pie.id} has no oven`);
    return { oven, heat: programmeKey(way), pies: [i], sooner: 0 };
  });
}

/** The runs after so many times, each time on from what the last one made. */
function sharedOut(day: Day, times: number, seed = 1): RunDecision[] {
  const shareOut = makeBatchReassignment(day, makeOptionTable(day), chanceFrom(seed));
  let runs = alone(day);
  for (let k = 0; k < times; k++) runs = shareOut(runs) ?? runs;
  return runs;
}

describe('pies shared out anew', () => {
  it('are each in one run that bakes them right and has a place for them', () => {
    for (let seed = 1; seed <= 10; seed++) {
      const day = sampleDay(seed, 16);
      const ways = makeOptionTable(day);
      const runs = sharedOut(day, 30, seed);
      expect(runs.flatMap(({ pies }) => pies).sort((a, b) => a - b)).toEqual(day.pies.map((_, i) => i));
      for (const { oven, heat, pies } of runs) {
        expect(pies.length).toBeLessThanOrEqual(day.kitchen.ovens[oven]?.places ?? 0);
        expect(pies.every((i) => ways[oven]?.[i]?.has(heat))).toBe(true);
      }
    }
  });

  it('share a run where they are wanted at one hour, and leave none that is of no use', () => {
    expect(sharedOut(equalPies([900, 900, 900, 900]), 40).map(({ pies }) => pies.length)).toEqual([4]);
  });

  it('do not share one where a pie would be baked hours before it must be', () => {
    const runs = sharedOut(equalPies([600, 600, 1100, 1100]), 40);
    expect(runs.map(({ pies }) => [...pies].sort((a, b) => a - b))).toEqual([
      [0, 1],
      [2, 3],
    ]);
  });

  it('do not share one with a pie that would be cold by its hour', () => {
    const day = equalPies([900, 960]);
    // The first must be out an hour sooner than the second may be.
    const warm = { ...day, pies: day.pies.map((pie, i) => (i === 1 ? { ...pie, warm: 130 } : pie)) };
    expect(sharedOut(day, 40)).toHaveLength(1);
    expect(sharedOut(warm, 40)).toHaveLength(2);
  });

  it('stay as they are where no oven bakes one of them: none is lost', () => {
    const day = equalPies([900, 900]);
    const runs = alone(day);
    const cold = { ...day, pies: day.pies.map((pie, i) => (i === 1 ? { ...pie, ways: {} } : pie)) };
    expect(makeBatchReassignment(cold, makeOptionTable(cold), chanceFrom(1))(runs)).toBeNull();
  });

  it('stay as they are where there is one run', () => {
    const day = equalPies([900]);
    expect(makeBatchReassignment(day, makeOptionTable(day), chanceFrom(1))(alone(day))).toBeNull();
  });
});
