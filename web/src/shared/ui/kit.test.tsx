import type { Advice } from '@mardle/core';
import { act, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useConnection } from '../../state/sending/connection.js';
import { useState } from 'react';
import { ProblemError } from '../api/client.js';
import { useSettings } from '../../state/settings.js';
import { useTimers } from '../../state/timers.js';
import { useWhy } from '../../state/why.js';
import { planOf, renderInKitchen } from '../../test/kitchen.js';
import { AdviceList } from './Advice.js';
import { Choice } from './Choice/Choice.js';
import { countdown } from '../format/countdown.js';
import { Failure } from './Failure.js';
import { bandText, Fig } from './Figure/Fig.js';
import { WhyDrawer } from './Figure/WhyDrawer.js';
import { Tabs } from './Tabs.js';
import { Timer } from './Timer.js';

beforeEach(() => {
  localStorage.clear();
  useSettings.setState({ units: 'metric' });
  useWhy.setState({ trail: [] });
});

describe('a figure', () => {
  const { figures } = planOf();

  it('stands with its unit, and opens to its story by click and by ?', async () => {
    const user = userEvent.setup();
    renderInKitchen(<Fig figure={figures['sugar.mass']} />);
    const fig = screen.getByRole('button', { name: /White sugar: \d+\sg\. Why\?/ });
    await user.click(fig);
    expect(useWhy.getState().trail).toEqual(['sugar.mass']);
    useWhy.setState({ trail: [] });
    fig.focus();
    await user.keyboard('?');
    expect(useWhy.getState().trail).toEqual(['sugar.mass']);
  });

  it('shows its band as ± when it lies evenly, as from–to when not', () => {
    expect(bandText(figures['thickener.dose']!, 'metric')).toMatch(/^±\d/);
    expect(bandText(figures['pastry.water']!, 'metric')).toMatch(/^\d+–\d+$/);
  });

  it('changes units with the kitchen', () => {
    useSettings.setState({ units: 'us' });
    renderInKitchen(<Fig figure={figures['sugar.mass']} />);
    expect(screen.getByRole('button').textContent).toMatch(/oz/);
  });

  it('leads from a story to the stories of its inputs and back', async () => {
    const user = userEvent.setup();
    useWhy.setState({ trail: ['thickener.dose'] });
    renderInKitchen(<WhyDrawer figures={figures} />);
    expect(await screen.findByText(/weep or saucer test narrows it/)).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: /Juice to thicken/ }));
    expect(await screen.findByText(/sugar, acid and fruit solids dissolved in it/)).toBeInTheDocument();
    await user.click(screen.getByRole('button', { name: 'Back' }));
    expect(useWhy.getState().trail).toEqual(['thickener.dose']);
  });
});

describe('a choice', () => {
  function Shelf() {
    const [value, setValue] = useState('milk');
    const options = ['none', 'milk', 'egg'].map((one) => ({ value: one, label: one }));
    return <Choice label="Wash" value={value} options={options} onChange={setValue} />;
  }

  it('moves with the arrow keys and is one stop of the tab key', async () => {
    const user = userEvent.setup();
    renderInKitchen(<Shelf />);
    await user.tab();
    expect(screen.getByRole('radio', { name: 'milk' })).toHaveFocus();
    await user.keyboard('{ArrowRight}');
    expect(screen.getByRole('radio', { name: 'egg' })).toBeChecked();
    await user.keyboard('{ArrowRight}');
    expect(screen.getByRole('radio', { name: 'none' })).toHaveFocus();
    await user.click(screen.getByRole('radio', { name: 'milk' }));
    expect(screen.getByRole('radio', { name: 'milk' })).toBeChecked();
  });
});

describe('leaves', () => {
  it('open by click and by arrow, one at a time', async () => {
    const user = userEvent.setup();
    const leaf = (id: string) => ({ id, word: id, content: () => <p>about {id}</p> });
    renderInKitchen(<Tabs label="Juice" leaves={[leaf('sugar'), leaf('tests')]} />);
    expect(screen.getByText('about sugar')).toBeInTheDocument();
    await user.click(screen.getByRole('tab', { name: 'tests' }));
    expect(screen.queryByText('about sugar')).not.toBeInTheDocument();
    await user.keyboard('{ArrowRight}');
    expect(screen.getByRole('tab', { name: 'sugar' })).toHaveAttribute('aria-selected', 'true');
  });
});

describe('advice', () => {
  const advice: Advice[] = [
    { id: 'a', station: 'juice', level: 'watch', text: 'Look at this.' },
    { id: 'b', station: 'juice', level: 'danger', text: 'Not this.' },
  ];

  it('puts danger first and says the level as a word, not by colour alone', () => {
    renderInKitchen(<AdviceList label="Cautions" advice={advice} />);
    const items = within(screen.getByRole('list', { name: 'Cautions' })).getAllByRole('listitem');
    expect(items.map((item) => item.textContent)).toEqual(['Danger. Not this.', 'Look at this.']);
  });

  it('is nothing when there is nothing to say', () => {
    renderInKitchen(<AdviceList label="Cautions" advice={[]} />);
    expect(screen.queryByRole('list')).not.toBeInTheDocument();
  });
});

describe('a failure', () => {
  it('says what happened and what to do', () => {
    const document = { type: 't', title: 'Away', status: 503, detail: 'Nothing was saved.', remedy: 'Wait.' };
    useConnection.setState({ trouble: document });
    renderInKitchen(<Failure error={new ProblemError(document)} />);
    expect(screen.getByRole('alert')).toHaveTextContent('Nothing was saved. Wait.');
    // The server answers again: what it did not do then is no news any more.
    act(() => useConnection.setState({ trouble: null }));
    expect(screen.queryByRole('alert')).not.toBeInTheDocument();
  });

  it('has words for what it does not know', () => {
    renderInKitchen(<Failure error={new Error('x')} />);
    expect(screen.getByRole('alert')).toHaveTextContent('what you typed is kept');
  });
});

describe('a kitchen timer', () => {
  it('goes on after a reload and says when time is up', async () => {
    const user = userEvent.setup();
    useTimers.setState({ running: {} });
    const timer = <Timer name="pie/weep" minutes={20} label="Weigh it now" page="/pies/a?station=juice" />;
    const { unmount } = renderInKitchen(timer);
    await user.click(screen.getByRole('button', { name: 'Start 20 minutes' }));
    expect(screen.getByRole('timer').textContent).toMatch(/^(20:00|19:5\d)$/);
    unmount();
    const started = useTimers.getState().running['pie/weep']!;
    expect(started.page).toBe('/pies/a?station=juice');
    useTimers.setState({ running: { 'pie/weep': { ...started, startedMs: Date.now() - 21 * 60_000 } } });
    renderInKitchen(timer);
    expect(screen.getByRole('timer')).toHaveTextContent('Weigh it now');
  });

  it.each([
    [65_000, '1:05'],
    [3_600_000 + 62_000, '1:01:02'],
    [-62_000, '+1:02'],
    [0, '0:00'],
  ])('shows %d ms as %s', (ms, text) => {
    expect(countdown(ms)).toBe(text);
  });
});
