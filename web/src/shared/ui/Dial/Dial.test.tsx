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
