import { changeForm, planPie, starterSpec } from '@mardle/core';
import { fireEvent, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useFirstTouch } from '../../../state/firstTouch.js';
import { useSettings } from '../../../state/settings.js';
import { useTicks } from '../../../state/ticks.js';
import { bakedPlanOf } from '../../../test/bakes.js';
import { planOf, renderInKitchen } from '../../../test/kitchen.js';
import { Clock } from './Clock.js';
import { Slip } from './Slip.js';
import { timeNow } from './timeOfDay.js';

beforeEach(() => {
  useSettings.setState({ units: 'metric' });
  useTicks.setState({ weighed: {} });
});

const row = (name: RegExp): HTMLElement => {
  const line = screen.getAllByRole('listitem').find(({ textContent }) => name.test(textContent));
  if (!line) throw new Error(`no line ${String(name)}`);
  return line;
};

describe('a tick', () => {
  it('belongs to the amount that was weighed', async () => {
    const user = userEvent.setup();
    const plain = planOf();
    const { rerender } = renderInKitchen(<Slip pieId="p" plan={plain} baking={null} />);
    await user.click(within(row(/White sugar/)).getByRole('checkbox'));
    expect(within(row(/White sugar/)).getByRole('checkbox')).toBeChecked();
    rerender(<div />);
    const { sugar } = starterSpec.filling;
    const sweeter = planOf({ filling: { ...starterSpec.filling, sugar: { ...sugar, style: 0.22 } } });
    renderInKitchen(<Slip pieId="p" plan={sweeter} baking={null} />);
    const line = row(/White sugar/);
    expect(within(line).getByRole('checkbox')).not.toBeChecked();
    expect(within(line).getByRole('status')).toHaveTextContent(/was \d+ g: weigh again/);
    await user.click(within(line).getByRole('checkbox'));
    expect(within(line).queryByRole('status')).not.toBeInTheDocument();
  });

  it('is taken away again, alone or with all of its pie', async () => {
    const user = userEvent.setup();
    renderInKitchen(<Slip pieId="p" plan={planOf()} baking={null} />);
    const flour = within(row(/Plain flour/)).getByRole('checkbox');
    await user.click(flour);
    await user.click(flour);
    expect(flour).not.toBeChecked();
    await user.click(flour);
    useTicks.setState(({ weighed }) => ({ weighed: { ...weighed, 'other/flour': '1 g' } }));
    await user.click(screen.getByRole('button', { name: 'Untick all' }));
    expect(useTicks.getState().weighed).toEqual({ 'other/flour': '1 g' });
  });
});

describe('the clock', () => {
  const plan = bakedPlanOf();

  it('is set by when it is to be ready', () => {
    useFirstTouch.setState({ at: '08:00' });
    renderInKitchen(<Clock plan={plan} baking={null} />);
    const ready = screen.getByLabelText(/Ready at/);
    fireEvent.change(ready, { target: { value: '18:30' } });
    fireEvent.blur(ready);
    expect(screen.getByLabelText(/Ready at/)).toHaveValue('18:30');
    const slice = screen.getByText(plan.eaten.then).closest('li');
    expect(slice).toHaveTextContent('18:30');
  });

  it('begins now when told so', async () => {
    const user = userEvent.setup();
    useFirstTouch.setState({ at: '03:00' });
    renderInKitchen(<Clock plan={plan} baking={null} />);
    const before = timeNow();
    await user.click(screen.getByRole('button', { name: /^now/ }));
    expect([before, timeNow()]).toContain(useFirstTouch.getState().at);
  });
});

describe('the clock of a shell that is baked empty', () => {
  const shell = changeForm(starterSpec, 'open_shell').spec;
  const words = (kind: 'glaze' | 'raw'): string[] => {
    const filling = { ...shell.filling, preparation: { kind } };
    const planned = planPie({ ...shell, filling });
    if (!planned.ok) throw new Error('a shell that cannot be planned');
    const { unmount } = renderInKitchen(<Clock plan={planned.plan} baking={null} />);
    const [moments] = screen.getAllByRole('list').slice(-1);
    const said = within(moments!)
      .getAllByRole('listitem')
      .map(({ lastChild }) => lastChild?.textContent ?? '');
    unmount();
    return said;
  };

  it('has the moments of the shell too, whether it is filled cold or baked again', () => {
    expect(words('glaze')).toEqual(['Oven on', 'Shell in', 'Out', 'First slice']);
    expect(words('raw').slice(0, 3)).toEqual(['Oven on', 'Shell in', 'Pie in']);
    expect(words('raw').slice(-2)).toEqual(['Out', 'First slice']);
  });
});
