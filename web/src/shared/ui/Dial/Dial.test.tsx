import { MantineProvider } from '@mantine/core';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { pointAt, shareAt } from './arc.js';
import { Dial, nearestStop } from './Dial.js';

const stops = [
  { value: -2, word: 'firm' },
  { value: 0, word: 'tender' },
  { value: 2, word: 'dripping' },
];

function Kitchen({ start = 0 }: { readonly start?: number }) {
  const [value, setValue] = useState(start);
  return (
    <MantineProvider env="test">
      <Dial
        label="Juiciness"
        value={value}
        stops={stops}
        hair={0.1}
        shown={value.toFixed(1)}
        onChange={setValue}
      />
    </MantineProvider>
  );
}

describe('a dial with words', () => {
  it('goes a stop by arrow and a hair with shift', async () => {
    const user = userEvent.setup();
    render(<Kitchen />);
    const dial = screen.getByRole('slider', { name: 'Juiciness' });
    dial.focus();
    await user.keyboard('{ArrowRight}');
    expect(dial).toHaveAttribute('aria-valuetext', 'dripping, 2.0');
    await user.keyboard('{Shift>}{ArrowLeft}{/Shift}');
    expect(dial).toHaveAttribute('aria-valuenow', '1.9');
    await user.keyboard('{ArrowLeft}');
    expect(dial).toHaveAttribute('aria-valuetext', 'tender, 0.0');
    await user.keyboard('{Home}{ArrowLeft}');
    expect(dial).toHaveAttribute('aria-valuenow', '-2');
  });

  it('finds the share of a point on its arc', () => {
    for (const share of [0, 0.25, 0.5, 0.9, 1]) {
      const { x, y } = pointAt(share, 40);
      expect(shareAt(x, y)).toBeCloseTo(share, 6);
    }
  });

  it('says the nearest word', () => {
    expect(nearestStop(stops, 1.4).word).toBe('dripping');
  });
});

describe('the amount behind a dial', () => {
  function Sugar({ asked }: { readonly asked: (massG: number | null) => void }) {
    const [massG, setMassG] = useState<number | null>(150);
    const change = (next: number | null): void => {
      asked(next);
      setMassG(next);
    };
    return (
      <MantineProvider env="test">
        <Dial
          label="Sweetness"
          value={9}
          stops={stops}
          hair={0.1}
          shown="150 g"
          onChange={() => undefined}
          typed={{
            label: 'Sugar',
            limit: 'filling.sugar.massG',
            unit: 'g',
            value: massG,
            cupG: 200,
            empty: 'by the dial',
            onChange: change,
          }}
        />
      </MantineProvider>
    );
  }
  const asked = jest.fn();
  const open = async () => {
    const user = userEvent.setup();
    render(<Sugar asked={asked} />);
    await user.click(screen.getByRole('button', { name: 'Type how much: Sugar' }));
    const field = await screen.findByRole('textbox', { name: /^Sugar/ });
    await user.clear(field);
    return { user, field };
  };
  beforeEach(() => asked.mockClear());

  it.each([
    ['a cup', 200],
    ['1 1/2 cups', 300],
    ['4 tbsp', 50],
    ['0,25 kg', 250],
  ])('%s is %d g', async (words, massG) => {
    const { user, field } = await open();
    await user.type(field, words);
    expect(asked).toHaveBeenLastCalledWith(massG);
  });

  it('is left to the dial again when the field is empty, and goes with Enter', async () => {
    const { user, field } = await open();
    expect(asked).toHaveBeenLastCalledWith(null);
    await user.type(field, '{Enter}');
    expect(field).not.toBeInTheDocument();
  });

  it('is not taken when it cannot be, and says what can', async () => {
    const { user, field } = await open();
    asked.mockClear();
    await user.type(field, 'some');
    expect(asked).not.toHaveBeenCalled();
    expect(screen.getByText(/Type an amount/)).toBeInTheDocument();
  });

  it('may lie beyond the last stop: the dial then stands at its end', () => {
    render(<Sugar asked={asked} />);
    expect(screen.getByRole('slider', { name: 'Sweetness' })).toHaveAttribute('aria-valuenow', '2');
  });
});
