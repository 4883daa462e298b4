import { readDay } from '@mardle/core';
import { fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { useDay } from '../../../state/day/day.js';
import { aDayFile, aSolvedDay, layNoDay } from '../../../test/day.js';
import { renderInKitchen } from '../../../test/kitchen.js';
import { DayPlace } from '../DayPlace.js';
import { toHour } from '../hours.js';

jest.mock('../../../shared/workers/day.js', () => ({}));

beforeEach(layNoDay);

const show = async () => {
  useDay.setState({ file: aDayFile(), solved: aSolvedDay });
  renderInKitchen(
    <MemoryRouter>
      <DayPlace />
    </MemoryRouter>,
  );
  await screen.findByRole('heading', { name: 'Who is there' });
  return userEvent.setup();
};

/** What the file now asks for. */
const asked = () => {
  const read = readDay(useDay.getState().file);
  if (!read.ok) throw new Error(read.problems.map(({ message }) => message).join(' '));
  return read.asked;
};

describe('what a baker says of the day', () => {
  it('is its date: all hours stay', async () => {
    await show();
    fireEvent.change(screen.getByLabelText('Date of the day'), { target: { value: '2026-09-26' } });
    const { file, changed } = useDay.getState();
    expect(file && toHour(file, file.pies[0]?.ready.at ?? 0)).toEqual({ date: '2026-09-26', hour: '09:00' });
    expect(changed).toBe(true);
    expect(asked().pies[0]?.ready.at).toBe(540);
  });

  it('is who comes the evening before, which is worked in then', async () => {
    const user = await show();
    expect(asked().earliest).toBe(-8 * 60);
    await user.selectOptions(screen.getByLabelText('From when lead is there, day'), 'Sat');
    expect(asked().earliest).toBe(0);
    await user.selectOptions(screen.getByLabelText('From when lead is there, day'), 'Fri');
    fireEvent.change(screen.getByLabelText('From when lead is there'), { target: { value: '17:00' } });
    expect(asked().kitchen.hands[0]?.from).toBe(-7 * 60);
    expect(asked().earliest).toBe(-7 * 60);
    expect(screen.getByLabelText('Before when nothing is done')).toHaveValue('17:00');
    // Who says so themselves is taken at their word.
    fireEvent.change(screen.getByLabelText('Before when nothing is done'), { target: { value: '18:00' } });
    expect(asked().earliest).toBe(-6 * 60);
    fireEvent.change(screen.getByLabelText('From when lead is there'), { target: { value: '16:00' } });
    expect(asked().earliest).toBe(-6 * 60);
  });

  it('is when somebody is away', async () => {
    const user = await show();
    await user.click(screen.getByRole('button', { name: 'Breaks and skills of lead' }));
    await user.click(screen.getByRole('button', { name: 'A break, or a night at home' }));
    expect(asked().kitchen.hands[0]?.breaks).toEqual([[-2 * 60, 6 * 60]]);
    fireEvent.change(screen.getByLabelText('Until when lead is away, break 1'), {
      target: { value: '13:15' },
    });
    expect(asked().kitchen.hands[0]?.breaks).toEqual([[-2 * 60, 795]]);
    await user.click(screen.getByRole('button', { name: 'Take break 1 of lead off' }));
    expect(asked().kitchen.hands[0]?.breaks).toEqual([]);
  });

  it('is what somebody does; nobody does nothing at all', async () => {
    const user = await show();
    await user.click(screen.getByRole('button', { name: 'Breaks and skills of lead' }));
    const does = within(screen.getByRole('group', { name: 'What lead does' }));
    for (const skill of ['mix dough', 'fruit', 'roll and line', 'fill and close', 'pack'])
      await user.click(does.getByRole('checkbox', { name: skill }));
    expect(asked().kitchen.hands[0]?.skills).toEqual(['oven']);
    expect(does.getByRole('checkbox', { name: 'the ovens' })).toBeDisabled();
    for (const skill of ['mix dough', 'fruit', 'roll and line', 'fill and close', 'pack'])
      await user.click(does.getByRole('checkbox', { name: skill }));
    expect(asked().kitchen.hands[0]?.skills).toBeNull();
  });

  it('is where things stand, and how much room is left', async () => {
    await show();
    const write = (label: string, value: string): void =>
      void fireEvent.change(screen.getByRole('textbox', { name: label }), { target: { value } });
    write('Mixers; 0: by hand', '1');
    write('Rings of the hob', '4');
    write('Places on the rack', '12');
    write('Ready sooner by, min', '45');
    write('Before an oven, min', '0');
    expect(asked().kitchen).toMatchObject({ mixers: 1, hobRings: 4, rackPlaces: 12 });
    expect(asked().slack).toEqual({ readySooner: 45, beforeLoad: 0 });
  });

  it('is what matters more, or less', async () => {
    const user = await show();
    const late = within(screen.getByRole('radiogroup', { name: 'How much it matters: Begin late' }));
    expect(late.getByRole('radio', { name: 'as usual' })).toBeChecked();
    await user.click(late.getByRole('radio', { name: 'much' }));
    await user.click(
      within(screen.getByRole('radiogroup', { name: /Few mixings/ })).getByRole('radio', { name: 'little' }),
    );
    expect(asked().matters).toEqual({ lateStart: 'much', fewMixes: 'little' });
    expect(useDay.getState().changed).toBe(true);
  });
});
