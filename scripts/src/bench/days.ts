import type { DayPlan, ObjectiveEmphasis } from '@mardle/core';
import {
  checkPlan,
  finishDay,
  firstCome,
  isComplete,
  leastLengthMin,
  lowerBound,
  sampleDay,
  solveDay,
} from '@mardle/core';
import type { Benchmark } from './measure.js';
import { compare, onceMs } from './measure.js';
import { besideBest } from '@mardle/research';
import { median } from './large-kitchen.js';

const DAYS = 9;
/** Looks at a plan that a whole search takes, some thousands, against those of a hundred. */
const FEW = 100;

interface Measured {
  readonly ms: number;
  /** How far over the bound plans end, as a ratio, and how much longer they are than its shortest day; of those that work. */
  readonly overBound: number;
  readonly overLength: number;
}

/** Days out of the hat with so many pies: how long each takes, and how near the bound it comes. */
function measured(pies: number, days: number, matters: ObjectiveEmphasis = {}): Measured {
  const times: number[] = [];
  const over: number[] = [];
  const longer: number[] = [];
  for (let seed = 1; seed <= days; seed++) {
    const day = { ...sampleDay(seed, pies), matters };
    let plan: DayPlan | null = null;
    times.push(onceMs(() => (plan = finishDay(solveDay(day, { seed })))));
    const found = plan as DayPlan | null;
    if (!found || found.leftOut.length > 0 || found.late.length > 0) continue;
    if (checkPlan(day, found).length > 0) throw new Error(`day ${seed} of ${pies} breaks a rule`);
    over.push(found.score.total / lowerBound(day));
    const last = Math.max(...day.pies.map(({ ready }) => ready.at));
    const first = Math.min(...found.tasks.map(({ start }) => start));
    longer.push((last - first) / leastLengthMin(day));
  }
  if (over.length === 0) throw new Error(`no day of ${pies} pies works`);
  return { ms: median(times), overBound: median(over), overLength: median(longer) };
}

/** Ours beside what people plan by hand, on days that both bring home: how much of its worth (null when by hand none
 * comes home), and how many days it brings home. */
function besideByHand(
  pies: number,
  days: number,
): { readonly worth: number | null; readonly ours: number; readonly byHand: number } {
  const worth: number[] = [];
  let [ours, byHand] = [0, 0];
  for (let seed = 1; seed <= days; seed++) {
    const day = sampleDay(seed, pies);
    const plan = finishDay(solveDay(day, { seed }));
    const hand = firstCome(day);
    if (isComplete(plan)) ours += 1;
    if (isComplete(hand)) byHand += 1;
    if (isComplete(plan) && isComplete(hand)) worth.push(plan.score.total / hand.score.total);
  }
  return { worth: worth.length > 0 ? median(worth) : null, ours, byHand };
}

/** Days of two and of three pies that are looked at beside a proof: it takes a second or two each, and ten. */
const PROVEN_DAYS = { 2: 40, 3: 12 } as const;

/** How many of our small days are not the best that there are, and how far the worst of them is from it. */
async function besideTheBest(): Promise<Benchmark[]> {
  const [two, three] = [await besideBest(2, PROVEN_DAYS[2]), await besideBest(3, PROVEN_DAYS[3])];
  const proven = two.proven + three.proven;
  const shares = [...two.gaps, ...three.gaps].map(({ share }) => share);
  return [
    {
      ...compare(
        'days of 2 and 3 pies that are not the best ones (0.03 of them wanted)',
        shares.length,
        'days whose best plan HiGHS proved',
        proven,
        0.03,
      ),
      unit: '',
    },
    {
      ...compare('the worst of those days', 1 + Math.max(0, ...shares), 'its best plan', 1, 1.03),
      unit: '',
    },
  ];
}

/** The bake day: how long it takes, and how good it is against what no plan can be under. */
export async function dayBenchmarks(): Promise<Benchmark[]> {
  const dozen = measured(12, DAYS);
  const forty = measured(40, DAYS);
  // Asked for a late start, the search looks for what the shortest day is a bound of.
  const beginLate: ObjectiveEmphasis = { lateStart: 'much' };
  const lateDozen = measured(12, DAYS, beginLate);
  const lateForty = measured(40, DAYS, beginLate);
  const hand = besideByHand(12, DAYS);
  const few = (pies: number): number =>
    onceMs(() => finishDay(solveDay(sampleDay(1, pies), { evaluations: FEW })));
  return [
    ...(await besideTheBest()),
    compare('a day of 12 pies (2000 ms wanted)', dozen.ms, 'the same with a hundred looks', few(12), 30),
    compare('a day of 40 pies (10000 ms wanted)', forty.ms, 'the same with a hundred looks', few(40), 30),
    {
      ...compare('a day of 12 pies, its worth (1.08 wanted)', dozen.overBound, 'the lower bound', 1, 1.08),
      unit: '',
    },
    ...(hand.worth === null
      ? []
      : [
          {
            ...compare('a day of 12 pies, its worth', hand.worth, 'first come, first served', 1, 1),
            unit: '',
          },
        ]),
    {
      ...compare(
        'days of 12 pies not brought home',
        DAYS - hand.ours,
        'first come, first served',
        DAYS - hand.byHand,
        1,
      ),
      unit: '',
    },
    ...[
      { day: 'a day of 12 pies, its length (1.08 wanted)', over: dozen.overLength, goal: 1.08 },
      { day: 'a day of 40 pies, its length (1.2 wanted)', over: forty.overLength, goal: 1.2 },
      { day: 'a day of 12 pies that begins late, its length', over: lateDozen.overLength, goal: 1.08 },
      { day: 'a day of 40 pies that begins late, its length', over: lateForty.overLength, goal: 1.2 },
    ].map(({ day, over, goal }) => ({
      ...compare(day, over, 'the shortest by the bound', 1, goal),
      unit: '',
    })),
    {
      ...compare('a day of 40 pies, its worth (1.2 wanted)', forty.overBound, 'the lower bound', 1, 1.2),
      unit: '',
    },
  ];
}
