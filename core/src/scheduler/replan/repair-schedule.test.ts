import { once } from '../../test/once.js';
import { checkPlan } from '../validate/check-plan.js';
import type { Day, DayPlan } from '../model/day.js';
import { followOven } from './follow-oven.js';
import { repairSchedule } from './repair-schedule.js';
import { moveTask } from './move-task.js';
import { rightShift } from '../timetable/right-shift.js';
import { sampleDay } from '../model/sample-day.js';
import { finishDay, solveDay } from '../search/solve-day.js';
import { overbaked, brokenRules } from '../validate/broken-rules.js';

const solved = (day: Day): DayPlan => {
  const plan = finishDay(solveDay(day, { evaluations: 800 }));
  if (!plan) throw new Error('no plan');
  return plan;
};

describe('a day follows its ovens', () => {
  const day = sampleDay(7, 6);
  const plan = once(() => solved({ ...day, slack: { readySooner: 20, beforeLoad: 5 } }));
  const run = once(() => plan().runs[0]!);
  const bakedBy = (laterMin: number, longerMin: number, isOut = false) =>
    run().pies.map(({ pie, out }) => ({
      pie,
      loadedAt: run().start + laterMin,
      outAt: run().start + laterMin + out + longerMin,
      isOut,
    }));
  const startOf = (of: DayPlan, id: string): number => of.tasks.find((task) => task.id === id)!.start;

  it('keeps its plan while they keep to it, half a minute and all', () => {
    expect(followOven(day, plan(), [])).toBe(plan());
    expect(followOven(day, plan(), bakedBy(0.6, 0.3))).toBe(plan());
    // Somebody tries the button out on the day before.
    expect(followOven(day, plan(), bakedBy(-900, 0))).toBe(plan());
  });

  it('goes to the right from a run that went in late, and from five minutes more', () => {
    const [first] = run().pies;
    const late = followOven(day, plan(), bakedBy(8, 0));
    expect(startOf(late, `load:${run().id}`)).toBe(run().start + 8);
    expect(startOf(late, `out:${first!.pie}`)).toBe(run().start + 8 + first!.out);
    const more = followOven(day, plan(), bakedBy(0, 5));
    expect(startOf(more, `out:${first!.pie}`)).toBe(run().start + first!.out + 5);
    expect(startOf(more, `load:${run().id}`)).toBe(run().start);
  });

  it('comes out sooner when it went in sooner and hands are free, and nothing else moves for it', () => {
    const sooner = plan().runs.flatMap((one) => {
      const baking = one.pies.map(({ pie, out }) => ({
        pie,
        loadedAt: one.start - 6,
        outAt: one.start - 6 + out,
        isOut: false,
      }));
      const early = followOven(day, plan(), baking);
      for (const { id, kind, start } of plan().tasks) {
        if (kind !== 'load' && kind !== 'out') expect(startOf(early, id)).toBe(start);
      }
      return one.pies.map(({ pie }) => startOf(plan(), `out:${pie}`) - startOf(early, `out:${pie}`));
    });
    expect(Math.min(...sooner)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...sooner)).toBe(6);
  });

  it('told twice it is told the same: what was agreed to moves nothing again', () => {
    const baked = bakedBy(7, 5, true);
    const once = followOven(day, plan(), baked);
    expect(once).not.toBe(plan());
    expect(followOven(day, once, baked)).toBe(once);
  });
});

describe('another way for a day that is late by now', () => {
  const lateMin = ({ late }: DayPlan): number => late.reduce((sum, { byMin }) => sum + byMin, 0);
  /** Days without any room, each with its first lining or preparing forty minutes longer. */
  const days = once(() =>
    Array.from({ length: 10 }, (_, i) => {
      const day = sampleDay(20 + i, 6);
      const plan = solved(day);
      const task = [...plan.tasks]
        .sort((a, b) => a.start - b.start)
        .find(({ kind }) => kind === 'line' || kind === 'prepare')!;
      const happened = { lasts: new Map([[task.id, task.end - task.start + 40]]) };
      const slipped = rightShift(day, plan, happened);
      return { day, plan, task, happened, slipped, mended: repairSchedule(day, plan, happened, []) };
    }),
  );

  it('is found on some days, saves lateness, and breaks no rule that the slip did not', () => {
    const helped = days().filter(({ mended }) => mended !== null);
    expect(helped.length).toBeGreaterThan(2);
    for (const { day, slipped, mended } of helped) {
      expect(lateMin(mended!.plan)).toBeLessThan(lateMin(slipped) - 2);
      expect(checkPlan(day, mended!.plan).length).toBeLessThanOrEqual(checkPlan(day, slipped).length);
      expect(mended!.changes.length).toBeGreaterThan(0);
      expect(mended!.changes.length).toBeLessThanOrEqual(12);
    }
  });

  it('leaves alone what is done, and what is still in time', () => {
    for (const { day, plan, happened } of days()) {
      const all = plan.tasks.map(({ id }) => id);
      expect(repairSchedule(day, plan, happened, all)).toBeNull();
      expect(repairSchedule(day, plan, {}, [])).toBeNull();
    }
  });
});

describe('a task that is moved', () => {
  const day: Day = { ...sampleDay(9, 6), slack: { readySooner: 30, beforeLoad: 10 } };
  const plan = once(() => solved(day));

  it('where it stands nothing changes', () => {
    for (const { id, start, hands } of plan().tasks) {
      expect(moveTask(day, plan(), id, { start, hands })).toEqual({
        ok: true,
        plan: rightShift(day, plan()),
      });
    }
  });

  it('breaks no rule, or is refused in words; some go, some do not', () => {
    let went = 0;
    const whys: string[] = [];
    for (const { id, start, hands } of plan().tasks) {
      for (const by of [-20, 5, 45]) {
        const moved = moveTask(day, plan(), id, { start: start + by, hands });
        if (!moved.ok) {
          whys.push(...moved.why);
          continue;
        }
        went += 1;
        expect(checkPlan(day, moved.plan)).toEqual([]);
        expect(moved.plan.tasks.find((task) => task.id === id)?.start).toBe(start + by);
      }
    }
    expect(went).toBeGreaterThan(10);
    expect(whys.length).toBeGreaterThan(5);
    expect(whys.join()).toMatch(/cannot begin before/);
    expect(whys.join()).not.toMatch(/pie-\d/);
  });

  it('never moves what is done', () => {
    const inOrder = [...plan().tasks].sort((a, b) => a.start - b.start);
    const done = inOrder.slice(0, 12);
    const ids = done.map(({ id }) => id);
    for (const { id, start, hands } of inOrder.slice(12)) {
      const moved = moveTask(day, plan(), id, { start: start - 90, hands }, ids);
      if (!moved.ok) continue;
      for (const one of done) expect(moved.plan.tasks).toContainEqual(one);
    }
  });

  it('goes to other hands that can do it, and to no others', () => {
    const tasks = plan().tasks.filter(({ kind, hands }) => kind === 'build' && hands !== 'helper');
    for (const { id, start } of tasks) {
      const moved = moveTask(day, plan(), id, { start, hands: 'helper' });
      expect(moved.ok ? '' : moved.why.join()).toMatch(/helper cannot do that/);
    }
    expect(moveTask(day, plan(), 'build:none', { start: 0, hands: 'lead' }).ok).toBe(false);
  });
});

describe('what would break in a day as it would go', () => {
  const day = sampleDay(7, 6);
  const plan = once(() => solved(day));

  it('is nothing in the plan itself, nor where only hours move', () => {
    expect(brokenRules(day, plan(), plan())).toEqual([]);
  });

  it('is never a pie that bench work keeps in the oven: that is laid down, and takes as much longer', () => {
    let laidDown = 0;
    for (const task of plan().tasks.filter(({ kind }) => kind !== 'out' && kind !== 'load')) {
      const lastsMin = task.end - task.start + 60;
      const happened = { lasts: new Map([[task.id, lastsMin]]) };
      const next = rightShift(day, plan(), happened);
      expect(overbaked(plan(), next, happened)).toEqual([]);
      const now = next.tasks.find(({ id }) => id === task.id)!;
      const outs = next.tasks.filter(
        ({ kind, hands, start, end }) =>
          kind === 'out' && hands === now.hands && start >= now.start && end <= now.end,
      );
      expect(now.end - now.start).toBe(lastsMin + outs.reduce((sum, { start, end }) => sum + end - start, 0));
      laidDown += outs.length;
      expect(checkPlan(day, next).filter((said) => /two things at once/.test(said))).toEqual([]);
      // What has slipped once goes on as it is.
      expect(rightShift(day, next)).toEqual(next);
    }
    expect(laidDown).toBeGreaterThan(5);
  });

  it('is no fruit that is cut for a builder who is behind', () => {
    let heldBack = 0;
    let cutTooSoon = 0;
    for (const task of plan().tasks.filter(({ kind }) => kind !== 'out' && kind !== 'load')) {
      const happened = { lasts: new Map([[task.id, task.end - task.start + 60]]) };
      const next = rightShift(day, plan(), happened);
      const timeOf = (id: string) => next.tasks.find((one) => one.id === id);
      for (const { id, cook, fruitMost } of day.pies) {
        const prepare = timeOf(`prepare:${id}`);
        const build = timeOf(`build:${id}`);
        if (!prepare || !build) continue;
        const waitsMin = build.start - prepare.end - cook;
        const was = plan().tasks.find((one) => one.id === prepare.id)!.start;
        // What is cut already stays so, and that it waits is said.
        if (was <= task.start) {
          expect(prepare.start).toBe(was);
          if (waitsMin > fruitMost) {
            cutTooSoon += 1;
            expect(brokenRules(day, plan(), next, happened).join()).toContain(`waits ${waitsMin} minutes`);
          }
          continue;
        }
        expect(waitsMin).toBeLessThanOrEqual(fruitMost);
        if (prepare.start > was) heldBack += 1;
      }
    }
    expect(heldBack).toBeGreaterThan(0);
    expect(cutTooSoon).toBeGreaterThan(0);
  });

  it('says that a pie stays in the oven when nobody is free to take it out, whatever is in time', () => {
    const told = plan()
      .tasks.filter(({ kind, end, start }) => (kind === 'out' || kind === 'load') && end > start)
      .map((task) => {
        const happened = { lasts: new Map([[task.id, task.end - task.start + 60]]) };
        const next = rightShift(day, plan(), happened);
        return { next, happened, burnt: overbaked(plan(), next, happened) };
      });
    const burning = told.filter(({ burnt }) => burnt.length > 0);
    expect(burning.length).toBeGreaterThan(0);
    for (const { next, happened, burnt } of burning) {
      const said = brokenRules(day, plan(), next, happened);
      expect(said.filter((text) => /stays in the oven \d+ minutes too long/.test(text))).toHaveLength(
        burnt.length,
      );
      // Other hands are looked for also where nothing is late.
      const mended = repairSchedule(day, plan(), happened, []);
      if (mended) {
        const left = overbaked(plan(), mended.plan, happened).reduce((sum, { byMin }) => sum + byMin, 0);
        expect(left).toBeLessThanOrEqual(burnt.reduce((sum, { byMin }) => sum + byMin, 0));
      }
    }
    expect(burning.some(({ happened }) => repairSchedule(day, plan(), happened, []) !== null)).toBe(true);
  });

  it('says who would be kept past their hours', () => {
    const last = plan().tasks.reduce((latest, task) => (task.end > latest.end ? task : latest));
    const closing = {
      ...day,
      kitchen: {
        ...day.kitchen,
        hands: day.kitchen.hands.map((hand) => ({
          ...hand,
          to: Math.max(
            last.end,
            plan()
              .tasks.filter(({ hands }) => hands === hand.id)
              .reduce((end, task) => Math.max(end, task.end), 0),
          ),
        })),
      },
    };
    const happened = { lasts: new Map([[last.id, last.end - last.start + 30]]) };
    const said = brokenRules(closing, plan(), rightShift(closing, plan(), happened), happened);
    expect(said.join()).toMatch(/lies outside the hours of/);
  });

  it('a pie that was given more time on purpose is not forgotten', () => {
    const [first] = plan().runs;
    const happened = { outs: new Map([[first!.pies[0]!.pie, first!.pies[0]!.out + 10]]) };
    const next = rightShift(day, plan(), happened);
    expect(overbaked(plan(), next, happened).map(({ pie }) => pie)).not.toContain(first!.pies[0]!.pie);
  });
});
