import type { Day, DayPlan } from '@mardle/core';
import { checkPlan, finishDay, solveDay, starterSpec } from '@mardle/core';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import type { DayFile } from '../../../state/day/dayFile.js';
import { useDay, withRemedy } from '../../../state/day/day.js';
import { aDay as day, aDayFile as file, aSolvedDay as solved, layNoDay } from '../../../test/day.js';
import { renderInKitchen } from '../../../test/kitchen.js';
import { DayPlace } from '../DayPlace.js';
import { doneWithout } from '../doneWithout.js';

const mockHold = jest.fn();
jest.mock('../../../shared/workers/day.js', () => ({
  holdInWorker: (...args: unknown[]): unknown => mockHold(...args),
}));

beforeEach(layNoDay);

const showDay = () =>
  renderInKitchen(
    <MemoryRouter>
      <DayPlace />
    </MemoryRouter>,
  );

describe('a remedy that is taken', () => {
  it('changes what was asked: planned again it stays', () => {
    const asked = file();
    const [oven] = day.kitchen.ovens;
    const [hand] = day.kitchen.hands;
    if (!oven || !hand) throw new Error('no kitchen');
    const changed = withRemedy(
      { ...asked, kitchen: { ...asked.kitchen, ovens: [{ id: oven.id, kind: 'fan', offsetC: 4 }] } },
      {
        day: {
          ...day,
          kitchen: {
            ...day.kitchen,
            hands: [{ ...hand, from: -40 }],
            ovens: [oven, { ...oven, id: `another ${oven.id}` }],
            dishes: { tin: 3 },
          },
        },
      },
    );
    expect(changed.kitchen.hands.map(({ from }) => from)).toEqual([-40]);
    expect(changed.kitchen.ovens[1]).toEqual({ id: `another ${oven.id}`, kind: 'fan', offsetC: 4 });
    expect(changed.kitchen.dishes).toEqual({ tin: 3 });
  });

  it('loses no pie of a file that does not say how many', () => {
    const [pie] = file().pies;
    if (!pie) throw new Error('no pies');
    const { count: _count, ...bare } = pie;
    const asked = { ...file(), pies: [{ ...bare, ready: { at: pie.ready.at } }] };
    useDay.getState().begin(asked as unknown as DayFile);
    const begun = useDay.getState().file;
    expect(begun?.pies).toEqual([{ ...pie, count: 1, ready: { at: pie.ready.at, as: 'cold' } }]);
    expect(begun && withRemedy(begun, { day }).pies).toHaveLength(1);
  });

  it('a later hour is kept also where more or fewer were asked for since', () => {
    const [pie] = file().pies;
    const [planned] = day.pies;
    if (!pie || !planned) throw new Error('no pies');
    for (const [id, count] of [
      ['plum-1', 1],
      ['plum', 2],
    ] as const) {
      const later = { ...day, pies: [{ ...planned, id, ready: { ...planned.ready, at: 777 } }] };
      const asked = { ...file(), pies: [{ ...pie, id: 'plum', count }] };
      expect(withRemedy(asked, { day: later }).pies[0]?.ready.at).toBe(777);
    }
  });

  describe('without some of its pies', () => {
    const [second] = day.pies.slice(1);
    const [oven] = day.kitchen.ovens;
    const less = { ...day, pies: day.pies.filter((pie) => pie !== second) };
    const found = finishDay(solveDay(less, { evaluations: 200 }));
    if (!second || !oven || !found) throw new Error('no plan');
    const here = { ...less, kitchen: { ...less.kitchen, ovens: [{ ...oven, id: 'Corner oven' }] } };
    const remedy = { what: 'Do without 1.', day: here, lateMin: 0, without: [second.id] };
    const without = { ...solved, plan: { ...found, leftOut: [second.id] }, holds: null, remedies: [remedy] };
    const four = (more: Partial<DayFile> = {}): DayFile => ({
      ...file(),
      ...more,
      pies: file().pies.map((pie) => ({ ...pie, id: 'pie', count: 4 })),
    });

    it('its plan goes on as it is, under the names of fewer pies', async () => {
      mockHold.mockImplementation((now: Day, itsPlan: DayPlan) =>
        Promise.resolve({ ...solved, day: now, plan: itsPlan }),
      );
      useDay.setState({ file: four(), solved: without });
      showDay();
      expect(await screen.findByText('3 of 4 in time.')).toBeVisible();
      await userEvent.setup().click(screen.getByRole('button', { name: 'Do without 1.' }));
      expect(await screen.findByText('All 3 in time.')).toBeVisible();
      expect(useDay.getState().file?.pies).toEqual([expect.objectContaining({ id: 'pie', count: 3 })]);
      const { day: now, plan: itsPlan } = useDay.getState().solved ?? solved;
      expect(now.pies.map(({ id }) => id)).toEqual(['pie-1', 'pie-2', 'pie-3']);
      expect(itsPlan && checkPlan({ ...now, kitchen: less.kitchen }, itsPlan)).toEqual([]);
      expect(itsPlan?.score).toEqual(found.score);
    });

    it('is planned anew where a shell from the freezer, or a pie that came since, would be another one’s', () => {
      const shells = (count: number) => four({ freezer: { shells: { [starterSpec.dish.label]: count } } });
      expect(doneWithout(four(), without, remedy)).not.toBeNull();
      expect(doneWithout(shells(1), without, remedy)).not.toBeNull();
      expect(doneWithout(shells(2), without, remedy)).toBeNull();
      const five = four().pies.map((pie) => ({ ...pie, count: 5 }));
      expect(doneWithout({ ...four(), pies: five }, without, remedy)).toBeNull();
    });
  });
});
