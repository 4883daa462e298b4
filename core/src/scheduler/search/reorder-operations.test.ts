import { aHand, equalPies } from '../../test/equal-pies.js';
import { chanceFrom } from '../../units/index.js';
import { checkDay } from '../validate/check-plan.js';
import type { Day, DayPlan } from '../model/day.js';
import { isWhole } from '../model/day.js';
import { decoderOf } from '../timetable/decoder.js';
import { usualOrder } from '../timetable/placing-order.js';
import { layerOf } from '../timetable/schedule-operations.js';
import { putBack } from './neighbourhood.js';
import { resequenced } from './reorder-operations.js';
import { runTimesOf, wayTable } from '../model/run-times.js';
import { sampleDay } from '../model/sample-day.js';
import type { Step } from '../timetable/operation-sequence.js';
import { inOrder, sequenceOf } from '../timetable/operation-sequence.js';
import { finishDay, solveDay } from './solve-day.js';
import { tallyOf } from '../timetable/incremental-score.js';
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
  const decoder = decoderOf(day);
  const tally = tallyOf(day, decoder.board.fromMin, runTimesOf(day, decoder.ways, decoder.board.fromMin));
  const looking = {
    day,
    decoder,
    chance: chanceFrom(seed),
    shareOut: () => null,
    rankOf: ({ total }: { readonly total: number }) => total,
    evaluate: (idea: Parameters<typeof decoder.decode>[0]) => {
      const decoded = decoder.decode(idea, false);
      const { failed } = decoded;
      const { total, outlook, lateMin } = tally(decoded);
      const without = 1e6 * failed;
      return { idea, failed, total: total + without, outlook: outlook + without, lateMin, troubled: [] };
    },
  };
  let idea: Parameters<typeof decoder.decode>[0] = { runs: [], order: usualOrder };
  for (const i of day.pies.keys()) ({ idea } = putBack(looking, idea, i));
  const decoded = decoder.decode(idea, false);
  const plan = toPlan(day, decoder.board, decoder.ways, decoded);
  const leftOut = decoded.failed > 0 ? ['somebody'] : [];
  return { day, plan: { ...plan, leftOut }, tallied: tally(decoded).total };
}

const seeds = Array.from({ length: 25 }, (_, k) => k + 1);

/** Days whose first placing is in time. */
const whole = (pies: number, slack?: Day['slack']): Placed[] =>
  seeds.map((seed) => placed(seed, pies, slack)).filter(({ plan }) => isWhole(plan));

describe('the order in which a day is laid', () => {
  it('of a plan, laid again, is that plan, whatever room it leaves', () => {
    const days = [...whole(3), ...whole(8), ...whole(6, { readySooner: 10, beforeLoad: 5 })];
    expect(days.length).toBeGreaterThan(20);
    let laid = 0;
    for (const { day, plan } of days) {
      const layer = layerOf(day, wayTable(day));
      const tally = layer.lay(sequenceOf(day, layer.board.fromMin, plan));
      // What uses up its room is not looked at.
      if (!tally) continue;
      laid += 1;
      expect(tally.total).toBeCloseTo(plan.score.total, 6);
      const again = toPlan(day, layer.board, wayTable(day), layer.laid());
      expect(again.tasks.map(({ kind, start }) => `${kind} ${start}`)).toEqual(
        plan.tasks.map(({ kind, start }) => `${kind} ${start}`),
      );
    }
    expect(laid).toBeGreaterThan(0.8 * days.length);
  });

  it('has a run that lies hours before its pies are packed', () => {
    const away = equalPies([1400], { hands: [{ ...aHand, breaks: [[600, 1380]] }] });
    const plan = finishDay(solveDay(away, { evaluations: 100 }));
    if (!isWhole(plan)) throw new Error('one pie over a long break cannot be planned');
    const [run] = plan.runs;
    expect(1395 - (run?.start ?? 1395)).toBeGreaterThan(700);
    const layer = layerOf(away, wayTable(away));
    expect(layer.lay(sequenceOf(away, layer.board.fromMin, plan))?.total).toBeCloseTo(plan.score.total, 6);
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
    const steps = sequenceOf(day, 0, plan);
    const chance = chanceFrom(5);
    for (let times = 0; times < 20; times++) {
      const ordered = inOrder(
        day,
        [...steps].sort(() => chance() - 0.5),
      );
      if (!ordered) throw new Error('they wait for each other');
      expect(new Set(ordered)).toEqual(new Set(steps));
      const at = (is: (step: Step) => boolean): number => ordered.findIndex(is);
      for (const i of day.pies.keys()) {
        const of = (kind: Step['kind']): number =>
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
      const ways = wayTable(day);
      for (const { better: found } of resequenced({ day, ways, chance: chanceFrom(3) }, plan, 400)) {
        if (!found) continue;
        expect(checkDay(day, found)).toEqual([]);
        expect(isWhole(found)).toBe(true);
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
    const layer = layerOf(nobody, wayTable(nobody));
    const cold = day.pies.some(({ line, lastChill }) => line > 0 || lastChill > 0);
    expect(cold).toBe(true);
    expect(layer.lay(sequenceOf(nobody, layer.board.fromMin, plan))).toBeNull();
  });
});
