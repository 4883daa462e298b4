import { aHand, equalPies } from '../../test/equal-pies.js';
import { chanceFrom } from '../../units/index.js';
import { checkPlan } from '../validate/check-plan.js';
import type { Day, DayPlan } from '../model/day.js';
import { isComplete } from '../model/day.js';
import { makeDecoder } from '../timetable/decoder.js';
import { usualPlacingOrder } from '../timetable/placing-order.js';
import { makeOperationScheduler } from '../timetable/schedule-operations.js';
import { putBack } from './neighbourhood.js';
import { reorderOperations } from './reorder-operations.js';
import { makeRunTimes, makeOptionTable } from '../model/run-times.js';
import { sampleDay } from '../model/sample-day.js';
import type { Operation } from '../timetable/operation-sequence.js';
import { inOrder, makeOperationSequence } from '../timetable/operation-sequence.js';
import { finishDay, solveDay } from './solve-day.js';
import { makeIncrementalScore } from '../timetable/incremental-score.js';
import { toPlan } from '../timetable/to-plan.js';

interface Placed {
  readonly day: Day;
  readonly plan: DayPlan;
  /** What a search takes it to be worth. */
  readonly tallied: number;
}

/** A day and a plan of it as the first placing of its pies leaves it: nothing was looked for. */
function placed(seed: number, pies: number, slack = { readySooner: 0, beforeLoad: 0 }): Placed {
  const day = { ...sampleDay(seed, pies), slack };
  const decoder = makeDecoder(day);
  const tally = makeIncrementalScore(
    day,
    decoder.timetable.fromMin,
    makeRunTimes(day, decoder.ways, decoder.timetable.fromMin),
  );
  const looking = {
    day,
    decoder,
    chance: chanceFrom(seed),
    shareOut: () => null,
    rankOf: ({ total }: { readonly total: number }) => total,
    evaluate: (solution: Parameters<typeof decoder.decode>[0]) => {
      const decoded = decoder.decode(solution, false);
      const { failed } = decoded;
      const { total, outlook, lateMin } = tally(decoded);
      const without = 1e6 * failed;
      return {
        solution: solution,
        failed,
        total: total + without,
        smoothedTotal: outlook + without,
        lateMin,
        infeasible: [],
      };
    },
  };
  let solution: Parameters<typeof decoder.decode>[0] = { runs: [], order: usualPlacingOrder };
  for (const i of day.pies.keys()) ({ solution: solution } = putBack(looking, solution, i));
  const decoded = decoder.decode(solution, false);
  const plan = toPlan(day, decoder.timetable, decoder.ways, decoded);
  const leftOut = decoded.failed > 0 ? ['somebody'] : [];
  return { day, plan: { ...plan, leftOut }, tallied: tally(decoded).total };
}

const seeds = Array.from({ length: 25 }, (_, k) => k + 1);

/** Days whose first placing is in time. */
const whole = (pies: number, slack?: Day['slack']): Placed[] =>
  seeds.map((seed) => placed(seed, pies, slack)).filter(({ plan }) => isComplete(plan));

describe('the order in which a day is laid', () => {
  it('of a plan, laid again, is that plan, whatever room it leaves', () => {
    const days = [...whole(3), ...whole(8), ...whole(6, { readySooner: 10, beforeLoad: 5 })];
    expect(days.length).toBeGreaterThan(20);
    let laid = 0;
    for (const { day, plan } of days) {
      const layer = makeOperationScheduler(day, makeOptionTable(day));
      const tally = layer.lay(makeOperationSequence(day, layer.timetable.fromMin, plan));
      // What uses up its room is not looked at.
      if (!tally) continue;
      laid += 1;
      expect(tally.total).toBeCloseTo(plan.score.total, 6);
      const again = toPlan(day, layer.timetable, makeOptionTable(day), layer.laid());
      expect(again.tasks.map(({ kind, start }) => `${kind} ${start}`)).toEqual(
        plan.tasks.map(({ kind, start }) => `${kind} ${start}`),
      );
    }
    expect(laid).toBeGreaterThan(0.8 * days.length);
  });

  it('has a run that lies hours before its pies are packed', () => {
    const away = equalPies([1400], { hands: [{ ...aHand, breaks: [[600, 1380]] }] });
    const plan = finishDay(solveDay(away, { evaluations: 100 }));
    if (!isComplete(plan)) throw new Error('one pie over a long break cannot be planned');
    const [run] = plan.runs;
    expect(1395 - (run?.start ?? 1395)).toBeGreaterThan(700);
    const layer = makeOperationScheduler(away, makeOptionTable(away));
    expect(layer.lay(makeOperationSequence(away, layer.timetable.fromMin, plan))?.total).toBeCloseTo(
      plan.score.total,
      6,
    );
  });

  it('is worth to a search what its plan is worth, late or not', () => {
    const days = [3, 8].flatMap((pies) =>
      seeds.map((seed) => placed(seed, pies, { readySooner: 20, beforeLoad: 5 })),
    );
    const told = days.filter(({ plan }) => plan.leftOut.length === 0);
    expect(told.filter(({ plan }) => plan.late.length > 0).length).toBeGreaterThan(5);
    for (const { plan, tallied } of told) expect(tallied).toBeCloseTo(plan.score.total, 6);
  });

  it('has packing before the oven, the oven before building, building before fruit and lining, dough at last', () => {
    const { day, plan } = whole(8)[0]!;
    const steps = makeOperationSequence(day, 0, plan);
    const chance = chanceFrom(5);
    for (let times = 0; times < 20; times++) {
      const ordered = inOrder(
        day,
        [...steps].sort(() => chance() - 0.5),
      );
      if (!ordered) throw new Error('they wait for each other');
      expect(new Set(ordered)).toEqual(new Set(steps));
      const at = (is: (step: Operation) => boolean): number => ordered.findIndex(is);
      for (const i of day.pies.keys()) {
        const of = (kind: Operation['kind']): number =>
          at((step) => step.kind === kind && 'pie' in step && step.pie === i);
        const baked = at((step) => step.kind === 'run' && step.run.pies.includes(i));
        const mixed = at((step) => step.kind === 'mix' && step.pies.includes(i));
        expect(of('pack')).toBeLessThan(baked);
        expect(baked).toBeLessThan(of('build'));
        for (const kind of ['prepare', 'line'] as const)
          if (of(kind) >= 0) expect(of(kind)).toBeGreaterThan(of('build'));
        if (mixed >= 0) expect(mixed).toBeGreaterThan(day.pies[i]!.line > 0 ? of('line') : of('build'));
      }
    }
  });

  it('turned about, is ever a plan that breaks no rule, each better than the one before', () => {
    let better = 0;
    for (const { day, plan } of [...whole(3), ...whole(7, { readySooner: 10, beforeLoad: 5 })]) {
      let worth = plan.score.total;
      const ways = makeOptionTable(day);
      for (const { better: found } of reorderOperations({ day, ways, chance: chanceFrom(3) }, plan, 400)) {
        if (!found) continue;
        expect(checkPlan(day, found)).toEqual([]);
        expect(isComplete(found)).toBe(true);
        expect(found.score.total).toBeLessThan(worth);
        worth = found.score.total;
        better += 1;
      }
    }
    expect(better).toBeGreaterThan(20);
  });

  it('costs without end when something finds no place', () => {
    const { day, plan } = whole(3)[0]!;
    const nobody: Day = { ...day, kitchen: { ...day.kitchen, fridgePlaces: 0 } };
    const layer = makeOperationScheduler(nobody, makeOptionTable(nobody));
    const cold = day.pies.some(({ line, lastChill }) => line > 0 || lastChill > 0);
    expect(cold).toBe(true);
    expect(layer.lay(makeOperationSequence(nobody, layer.timetable.fromMin, plan))).toBeNull();
  });
});
