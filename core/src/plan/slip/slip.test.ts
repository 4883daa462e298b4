import type { SlipLine } from '../../forms/index.js';
import { builtInLarder, larderRow } from '../../larder/index.js';
import type { PieSpec } from '../../schema/index.js';
import { formKinds, starterSpec } from '../../schema/index.js';
import { changeForm } from '../change-form.js';
import type { PiePlan } from '../plan.js';
import { draftPlan } from '../plan.js';

const plan = (change: Partial<PieSpec> = {}): PiePlan => {
  const planned = draftPlan({ ...starterSpec, ...change });
  if (!planned.ok) throw new Error(planned.problems.map(({ message }) => message).join(' '));
  return planned.plan;
};

const lines = (p: PiePlan): SlipLine[] => p.slip.flatMap((group) => [...group.lines]);
const line = (p: PiePlan, id: string): SlipLine | undefined => lines(p).find((one) => one.id === id);

describe('the slip', () => {
  it('weighs what the plan computed', () => {
    const p = plan();
    expect(line(p, 'fruit.0')?.massG).toBeCloseTo(p.filling.batch.massG, 8);
    expect(line(p, 'sugar')?.massG).toBeCloseTo(p.filling.sugar.massG, 8);
    expect(line(p, 'thickener.0')?.massG).toBeCloseTo(p.filling.thickenerG, 8);
    expect(line(p, 'flour')?.massG).toBeCloseTo(p.build.dough.flourG, 8);
  });

  it('adds up: the lines of the filling weigh what the filling weighs', () => {
    const filling = { ...starterSpec.filling, lemonJuiceG: 30, butterG: 25 };
    const p = plan({ filling });
    const group = p.slip.find(({ title }) => title === 'Filling');
    const sum = group?.lines.reduce((total, { massG }) => total + massG, 0) ?? 0;
    expect(sum).toBeCloseTo(p.filling.massG, 4);
  });

  it('counts fruit in pieces, as long as somebody would count them', () => {
    const id = starterSpec.filling.fruits[0]?.fruit ?? '';
    const row = larderRow(builtInLarder.fruits, id);
    const piecesOf = (piecesPerKg: number | null): number | undefined => {
      const fruits = new Map(builtInLarder.fruits).set(id, { ...row, piecesPerKg });
      const larder = { ...builtInLarder, fruits };
      const planned = draftPlan(starterSpec, larder);
      if (!planned.ok) throw new Error('cannot be planned');
      return line(planned.plan, 'fruit.0')?.pieces?.count;
    };
    const boughtKg = (line(plan(), 'fruit.0')?.boughtG ?? 0) / 1000;
    expect(piecesOf(8 / boughtKg)).toBeCloseTo(8, 6);
    expect(piecesOf(40 / boughtKg)).toBeUndefined();
    expect(piecesOf(0.4 / boughtKg)).toBeUndefined();
    expect(piecesOf(null)).toBeUndefined();
  });

  /** A teaspoon, 5 mL, of grated zest weighs about 2 g (common practice, no source). */
  it('measures zest by the teaspoon', () => {
    const zested = plan({ filling: { ...starterSpec.filling, lemonZestG: 4 } });
    expect(line(zested, 'zest')?.volumeMl).toBeCloseTo(10, 6);
  });

  it('comes in the order of work: pastry, filling, top', () => {
    expect(plan().slip.map(({ title }) => title)).toEqual(['Pastry', 'Filling', 'On top']);
  });

  it('gives household measures that agree with the larder (R11: common practice, no source)', () => {
    const p = plan();
    const flour = line(p, 'flour');
    expect((flour?.volumeMl ?? 0) / 240).toBeCloseTo((flour?.massG ?? 0) / 130, 8);
    const sugar = line(p, 'sugar');
    expect((sugar?.volumeMl ?? 0) / 240).toBeCloseTo((sugar?.massG ?? 0) / 200, 8);
    // A stick of butter is half a cup and 113 g.
    expect(((line(p, 'butter')?.massG ?? 0) / (line(p, 'butter')?.volumeMl ?? 1)) * 120).toBeCloseTo(113, 0);
  });

  it('lists only what is used', () => {
    const bare = plan({
      pastry: { ...starterSpec.pastry, wash: 'none', coarseSugar: false },
      filling: { ...starterSpec.filling, butterG: 0, thickenerMassG: 0 },
    });
    expect(bare.slip.map(({ title }) => title)).toEqual(['Pastry', 'Filling']);
    expect(line(bare, 'filling_butter')).toBeUndefined();
    expect(line(bare, 'thickener.0')).toBeUndefined();
  });

  it('names what is to be fried in, and the liquid of a preparation', () => {
    const filling = {
      ...starterSpec.filling,
      preparation: { kind: 'saute' as const, liquidG: 40 },
      butterG: 30,
    };
    const p = plan({ filling });
    expect(line(p, 'filling_butter')?.label).toBe('Butter to fry in');
    expect(line(p, 'liquid')?.massG).toBe(40);
  });

  it('splits a blend by its shares', () => {
    const thickeners = [
      { thickener: 'corn_starch', share: 1 },
      { thickener: 'plain_flour', share: 3 },
    ];
    const p = plan({ filling: { ...starterSpec.filling, thickeners } });
    expect((line(p, 'thickener.1')?.massG ?? 0) / (line(p, 'thickener.0')?.massG ?? 1)).toBeCloseTo(3, 8);
  });

  it('tells how far each part of a blend may be off: together as far as the dose', () => {
    const thickeners = [
      { thickener: 'corn_starch', share: 1 },
      { thickener: 'plain_flour', share: 3 },
    ];
    const { figures } = plan({ filling: { ...starterSpec.filling, thickeners } });
    const sum = (bound: 'low' | 'high' | 'value'): number =>
      [0, 1].reduce((all, i) => all + (figures[`thickener.${i}.mass`]?.[bound] ?? NaN), 0);
    for (const bound of ['low', 'value', 'high'] as const) {
      expect(sum(bound)).toBeCloseTo(figures['thickener.dose']?.[bound] ?? NaN, 6);
    }
  });

  it('has a crumb in place of a wash under a crumb top', () => {
    const p = plan({
      form: { ...starterSpec.form, kind: 'crumb_top', crumb: { school: 'oat_nut', cover: 1 } },
    });
    const ids = p.slip.find(({ title }) => title === 'On top')?.lines.map(({ id }) => id);
    expect(ids).toEqual(['crumb_flour', 'crumb_butter', 'crumb_sugar', 'crumb_oats', 'crumb_nuts']);
    expect(p.allergens).toContain('nuts');
    expect(p.allergens).not.toContain('egg');
  });
});

describe('the clock', () => {
  it.each(formKinds)('of a %s has each step after what it needs', (kind) => {
    const p = plan(changeForm(starterSpec, kind).spec);
    const at = (id: string): { startMin: number; endMin: number } | undefined =>
      p.clock.find((step) => step.id === id);
    const after = (later: string, earlier: string): void => {
      const [second, first] = [at(later), at(earlier)];
      if (second && first) expect(second.startMin).toBeGreaterThanOrEqual(first.endMin);
    };
    expect(at('fill')).toBeDefined();
    after('chill_dough', 'mix');
    after('line', 'chill_dough');
    after('fill', 'chill_base');
    after('fill', 'prepare');
    after('fill', 'preparation');
    after('lid', 'fill');
    after('last_chill', 'lid');
    // The oven is hot when the pie goes in.
    const intoOven = at('last_chill')?.endMin ?? at('lid')?.endMin;
    if (kind !== 'open_shell') expect(at('preheat')?.endMin).toBe(intoOven);
  });

  it('waits for a filling that is cooked and cooled first', () => {
    const raw = plan();
    const stew = plan({ filling: { ...starterSpec.filling, preparation: { kind: 'stew', minutes: 15 } } });
    const fillAt = (p: PiePlan): number => p.clock.find(({ id }) => id === 'fill')?.startMin ?? 0;
    expect(fillAt(stew)).toBeGreaterThan(fillAt(raw));
    const ready = stew.clock.find(({ id }) => id === 'preparation')?.endMin ?? Infinity;
    expect(fillAt(stew)).toBeGreaterThanOrEqual(ready);
  });

  it('starts the oven early enough for a slow one', () => {
    const oven = { ...starterSpec.bake.oven, warmUpMin: 60 };
    const p = plan({ bake: { ...starterSpec.bake, oven } });
    const preheat = p.clock.find(({ id }) => id === 'preheat');
    expect((preheat?.endMin ?? 0) - (preheat?.startMin ?? 0)).toBe(60);
    expect(preheat?.startMin).toBeGreaterThanOrEqual(0);
  });
});
