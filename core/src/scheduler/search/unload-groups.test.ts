import { aHand, anOven, equalPies } from '../../test/equal-pies.js';
import { once } from '../../test/once.js';
import { lowerBound } from '../bounds/lower-bound.js';
import { checkPlan } from '../validate/check-plan.js';
import type { DayPlan } from '../model/day.js';
import { isComplete } from '../model/day.js';
import { unloadGroups } from '../model/unload-groups.js';
import { repairSchedule } from '../replan/repair-schedule.js';
import { moveTask } from '../replan/move-task.js';
import { rightShift } from '../timetable/right-shift.js';
import { finishDay, solveDay } from './solve-day.js';
import { taskWords } from '../model/task-words.js';

const second = { ...aHand, id: 'second' };
const day = equalPies([1000, 1000, 1000, 1000], { hands: [aHand, second] });
const lone = equalPies([1000, 1000, 1000, 1000]);

const planned = (of: typeof day): DayPlan => {
  const plan = finishDay(solveDay(of, { evaluations: 1000 }));
  if (!isComplete(plan)) throw new Error('not in time');
  return plan;
};
const loneDay = once(() => planned(lone));
const shared = once(() => planned(day));
const outs = (plan: DayPlan): DayPlan['tasks'] => plan.tasks.filter(({ kind }) => kind === 'out');
/** The go in which all four come out. */
const four = (plan: DayPlan): DayPlan['tasks'] => unloadGroups(plan).find((go) => go.length === 4) ?? [];

describe('pies that come out at one minute', () => {
  it('are one go: even a lone baker has equal pies in one run, and her hands full once for it', () => {
    const plan = loneDay();
    expect(plan.runs.map(({ pies }) => pies.length)).toEqual([2, 2]);
    expect(checkPlan(lone, plan)).toEqual([]);
    expect(outs(plan).map(({ start, end }) => end - start)).toEqual([0, 2, 0, 2]);
    expect(lowerBound(lone)).toBeLessThanOrEqual(plan.score.total);
    expect(shared().runs.map(({ pies }) => pies.length)).toEqual([4]);
    expect(outs(shared()).map(({ start, end }) => end - start)).toEqual([0, 0, 0, 2]);
  });

  it('are told once, all of them', () => {
    const plan = shared();
    const [first] = four(plan);
    expect(unloadGroups(plan)).toHaveLength(plan.tasks.length - 3);
    expect(unloadGroups(plan).flat()).toHaveLength(plan.tasks.length);
    if (!first) throw new Error('no go of four');
    expect(first.end - first.start).toBe(2);
    for (const n of [1, 2, 3, 4]) expect(taskWords(day, plan, first)).toContain(`Damson ${n}`);
  });

  it('take hands all the same: what comes out with nothing has its two minutes', () => {
    const plan = loneDay();
    const cut = {
      ...plan,
      tasks: plan.tasks.map((task) => (task.kind === 'out' ? { ...task, end: task.start } : task)),
    };
    expect(checkPlan(lone, cut)).toHaveLength(4);
    // Nor does it come along with what another pair of hands takes out.
    const [first, ...others] = four(shared());
    const other = shared().tasks.map((task) =>
      task.id === first?.id ? { ...task, hands: task.hands === 'lead' ? 'second' : 'lead' } : task,
    );
    expect(others).toHaveLength(3);
    expect(checkPlan(day, { ...shared(), tasks: other })).toEqual(
      expect.arrayContaining(others.map(({ of }) => `${of} is taken out in another time than it takes`)),
    );
  });

  it('go to other hands together', () => {
    const plan = shared();
    const [first] = four(plan);
    if (!first) throw new Error('no go of four');
    const to = first.hands === 'lead' ? 'second' : 'lead';
    const moved = moveTask(day, plan, first.id, { start: first.start, hands: to });
    // Whoever takes them out must be free: then all four are theirs, else it is refused.
    if (!moved.ok) throw new Error(moved.why.join(' '));
    expect(outs(moved.plan).map(({ hands }) => hands)).toEqual([to, to, to, to]);
    expect(checkPlan(day, moved.plan)).toEqual([]);
  });

  it('are refused in words where their hands are away', () => {
    const plan = shared();
    const [first] = four(plan);
    if (!first) throw new Error('no go of four');
    const to = first.hands === 'lead' ? 'second' : 'lead';
    const away = day.kitchen.hands.map((hand) =>
      hand.id === to ? { ...hand, breaks: [[first.start, first.start + 5] as const] } : hand,
    );
    const moved = moveTask({ ...day, kitchen: { ...day.kitchen, hands: away } }, plan, first.id, {
      start: first.start,
      hands: to,
    });
    expect(moved.ok || moved.why.join(' ')).toMatch(/Then taking out Damson \d lies in a break of/);
  });

  it('wait together when their hands are busy, and come out on their own when one is slower', () => {
    const plan = shared();
    expect(rightShift(day, plan)).toEqual(plan);
    const [first] = four(plan);
    const load = plan.tasks.find(({ kind }) => kind === 'load');
    if (!first || !load) throw new Error('no go of four');
    const byOne = {
      ...plan,
      tasks: plan.tasks.map((task) => (task === load ? { ...task, hands: first.hands } : task)),
    };
    const late = rightShift(day, byOne, { lasts: new Map([[load.id, 70]]) });
    expect(new Set(outs(late).map(({ start }) => start))).toEqual(new Set([load.start + 70]));
    const apart = rightShift(day, plan, { outs: new Map([[first.of, 58]]) });
    expect(unloadGroups(apart).filter(([task]) => task?.kind === 'out')).toHaveLength(2);
  });

  it('are given to other hands together, when theirs are kept by something else', () => {
    const plan = shared();
    const [first] = four(plan);
    if (!first) throw new Error('no go of four');
    // Whoever put them in is kept at it until long after they are done.
    const byOne = {
      ...plan,
      tasks: plan.tasks.map((task) => (task.kind === 'load' ? { ...task, hands: first.hands } : task)),
    };
    const kept = { lasts: new Map([[`load:${plan.runs[0]?.id ?? ''}`, 110]]) };
    expect(rightShift(day, byOne, kept).late).not.toEqual([]);
    const mended = repairSchedule(day, byOne, kept, []);
    expect(mended?.plan.late).toEqual([]);
    expect(mended?.changes.map(({ task }) => task)).toContain(first.id);
    expect(new Set(outs(mended?.plan ?? plan).map(({ hands }) => hands)).size).toBe(1);
    // Those that only come along are not told of.
    expect(mended?.changes.filter(({ task }) => task.startsWith('out:'))).toHaveLength(1);
  });

  it('fill an oven of two places twice', () => {
    const small = equalPies([1000, 1000, 1000, 1000], { ovens: [{ ...anOven, places: 2 }] });
    const plan = planned(small);
    expect(plan.runs.map(({ pies }) => pies.length)).toEqual([2, 2]);
    expect(checkPlan(small, plan)).toEqual([]);
  });
});
