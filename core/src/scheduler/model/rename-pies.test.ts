import { checkPlan } from '../validate/check-plan.js';
import { renamePies } from './rename-pies.js';
import { sampleDay } from './sample-day.js';
import { shellId } from './shells.js';
import { withShells } from '../../test/with-shells.js';
import { once } from '../../test/once.js';
import { finishDay, solveDay } from '../search/solve-day.js';

describe('pies by other names', () => {
  const day = withShells(sampleDay(1, 4));
  const planOf = once(() => {
    const plan = finishDay(solveDay(day, { evaluations: 200 }));
    if (!plan) throw new Error('no plan');
    return plan;
  });

  it('make the same plan, in everything that names them', () => {
    const shelled = day.pies.flatMap(({ shellOf }) => shellOf ?? []);
    const [first] = shelled;
    const plan = planOf();
    if (first === undefined) throw new Error('no shell');
    const names = new Map([[first, 'other']]);
    const other = renamePies(day, plan, names);
    expect(checkPlan(other.day, other.plan)).toEqual([]);
    expect(JSON.stringify(other)).not.toContain(first);
    expect(other.day.pies.map(({ id }) => id)).toContain(shellId('other'));
    expect(other.plan.score).toBe(plan.score);
    const back = renamePies(other.day, other.plan, new Map([['other', first]]));
    expect(back).toEqual({ day, plan });
  });

  it('may change places', () => {
    const [a, b] = day.pies.filter(({ shellOf }) => shellOf === undefined);
    if (!a || !b) throw new Error('no pies');
    const swapped = renamePies(
      day,
      planOf(),
      new Map([
        [a.id, b.id],
        [b.id, a.id],
      ]),
    );
    expect(checkPlan(swapped.day, swapped.plan)).toEqual([]);
  });
});
