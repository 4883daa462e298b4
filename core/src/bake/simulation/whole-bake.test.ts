import type { PiePlan } from '../../plan/index.js';
import { draftPlan, withBake } from '../../plan/index.js';
import type { PieSpec } from '../../schema/index.js';
import { starterSpec } from '../../schema/index.js';
import type { Bake } from '../search/bake.js';
import { bakeSteps, bakeWork } from '../search/bake.js';
import { onKnob } from '../search/knob.js';
import { once } from '../../test/once.js';

const stages = (
  firstC: number,
  firstMin: number,
  secondC: number,
  secondMin: number,
): PieSpec['bake']['stages'] => [
  { tempC: firstC, timeMin: firstMin },
  { tempC: secondC, timeMin: secondMin },
];

function draft(change: Partial<PieSpec['bake']>): PiePlan {
  const planned = draftPlan({ ...starterSpec, bake: { ...starterSpec.bake, ...change } });
  if (!planned.ok) throw new Error(planned.problems.map(({ message }) => message).join(' '));
  return planned.plan;
}

function baked(change: Partial<PieSpec['bake']>): Bake {
  const plan = draft(change);
  const bake = bakeWork(plan.work, plan.spec.bake);
  if (!bake) throw new Error('no bake');
  return bake;
}

describe('a bake at the baker’s own stages', () => {
  const bake = once(() => baked({ stages: stages(205, 15, 180, 45) }));

  it('keeps them, and is out when they are over', () => {
    expect(bake().found).toBe(false);
    expect(bake().stages).toEqual(stages(205, 15, 180, 45));
    expect(bake().outMin).toBe(60);
    expect(bake().atEnd.timeMin).toBeCloseTo(60, 6);
  });

  it('turns the pie within the second stage', () => {
    expect(bake().turnMin).toBeGreaterThan(15);
    expect(bake().turnMin).toBeLessThan(60);
  });

  it('is warm before it slices clean', () => {
    expect(bake().cooling.warmMin).toBeGreaterThan(30);
    expect(bake().cooling.sliceMin).toBeGreaterThan(bake().cooling.warmMin ?? Infinity);
  });

  it('reads forward in time, browning never going back, water never coming back', () => {
    for (let i = 1; i < bake().readings.length; i++) {
      const [before, now] = [bake().readings[i - 1]!, bake().readings[i]!];
      expect(now.timeMin).toBeGreaterThan(before.timeMin);
      expect(now.topBrowning).toBeGreaterThanOrEqual(before.topBrowning);
      expect(now.tender).toBeGreaterThanOrEqual(before.tender);
      expect(now.lostG).toBeGreaterThanOrEqual(before.lostG);
    }
  });
});

describe('foil', () => {
  it('is called for when the top is ahead of the filling, and not otherwise', () => {
    const ahead = baked({ stages: stages(235, 30, 200, 40), colour: 'straw' });
    expect(ahead.foilMin).toBeGreaterThan(10);
    expect(ahead.foilMin).toBeLessThan(ahead.outMin);
    expect(baked({ stages: stages(190, 10, 165, 40), colour: 'deep_gold' }).foilMin).toBeNull();
  });
});

describe('a bake that is searched', () => {
  it('says how far it is, ever further, and ends with stages of five degrees', () => {
    const plan = draft({ stages: null });
    const steps = bakeSteps(plan.work, plan.spec.bake);
    let share = -1;
    let step = steps.next();
    while (!step.done) {
      expect(step.value).toBeGreaterThanOrEqual(share);
      expect(step.value).toBeLessThanOrEqual(1);
      share = step.value;
      step = steps.next();
    }
    expect(step.value?.found).toBe(true);
    expect(step.value?.stages.every(({ tempC }) => tempC % 5 === 0)).toBe(true);
  });

  it('asks a fan oven for less heat, and a hot oven for no other setting than its knob', () => {
    const first = (change: Partial<PieSpec['bake']['oven']>): number =>
      baked({ stages: null, oven: { ...starterSpec.bake.oven, ...change } }).stages[1].tempC;
    expect(first({ kind: 'fan' })).toBeLessThan(first({ kind: 'still' }) + 1);
  });
});

describe('a plan with its bake', () => {
  const plan = once(() => draft({ stages: stages(205, 15, 180, 45) }));
  const bake = once(() => bakeWork(plan().work, plan().spec.bake)!);
  const whole = once(() => withBake(plan(), bake()));

  it('has the figures of the bake and the steps of the clock', () => {
    expect(plan().figures['bake.out']).toBeUndefined();
    expect(whole().figures['bake.out']?.value).toBe(60);
    expect(whole().figures['bake.stage1.temp']?.why.source).toBe('your choice');
    const ids = whole().clock.map(({ id }) => id);
    expect(ids).toEqual(expect.arrayContaining(['stage1', 'stage2', 'cool']));
    expect(plan().clock.map(({ id }) => id)).not.toContain('stage1');
  });

  it('lets ledger and bake agree: what evaporates in one evaporates in the other, and again', () => {
    expect(whole().filling.ledger.evaporatedG).toBeCloseTo(bake().atEnd.fillingLostG, 6);
    expect(whole().filling.batch).toEqual(plan().filling.batch);
    expect(whole().build.base).toEqual(plan().build.base);
    // The thickener that follows changes the pie by a few grams: baked again, it loses the same.
    const second = draft({ stages: stages(205, 15, 180, 45) });
    const changed = {
      ...second.work,
      body: {
        ...second.work.body,
        filling: { ...second.work.body.filling!, massKg: whole().filling.massG / 1000 },
      },
    };
    const again = bakeWork(changed, plan().spec.bake)!;
    expect(Math.abs(again.atEnd.fillingLostG - bake().atEnd.fillingLostG)).toBeLessThan(2);
  });

  it('holds less juice to thicken the longer it bakes', () => {
    const longer = draft({ stages: stages(205, 15, 180, 75) });
    const dose = withBake(longer, bakeWork(longer.work, longer.spec.bake)!).filling.dose.massG;
    expect(dose).toBeLessThan(whole().filling.dose.massG);
  });
});

describe('foil in the oven', () => {
  it('keeps the top near its colour and costs the filling time', () => {
    const hot = stages(225, 25, 200, 50);
    const bare = draft({ stages: hot, colour: 'straw' });
    const bake = bakeWork(bare.work, bare.spec.bake)!;
    expect(bake.foilMin).not.toBeNull();
    expect(bake.interventions.doorMin).toContain(bake.foilMin);
    expect(bake.atEnd.topBrowning).toBeLessThan(2.2);
  });
});

describe('bands', () => {
  const bake = once(() => baked({ stages: null }));

  it('hold what was found, and other ways cost more', () => {
    const [first, second] = bake().stages;
    const { bands } = bake();
    expect(first.tempC).toBeGreaterThanOrEqual(bands!.firstC.low);
    expect(first.tempC).toBeLessThanOrEqual(bands!.firstC.high);
    expect(second.tempC).toBeGreaterThanOrEqual(bands!.secondC.low);
    expect(bake().others.length).toBeGreaterThan(2);
  });

  it('sticks to the steps of the knob', () => {
    const gas = baked({ stages: null, oven: { ...starterSpec.bake.oven, knob: 'gas' } });
    expect(gas.stages.map(({ tempC }) => tempC)).toEqual(gas.stages.map(({ tempC }) => onKnob(tempC, 'gas')));
  });

  it('bakes at one temperature when asked to', () => {
    const { stages: one } = baked({ stages: null, singleStage: true });
    expect(one[0].tempC).toBe(one[1].tempC);
  });
});
